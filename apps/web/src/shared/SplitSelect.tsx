import { counted } from './words';
import { useReadOnly } from './tripContext';
import { Select } from './Select';

/** Over how many carriers a kit may be split. */
export function SplitSelect({
  name,
  pieces,
  value,
  onChoose,
}: {
  name: string;
  pieces: number;
  value: number | undefined;
  onChoose: (ways: number | undefined) => void;
}) {
  const ways = Math.max(pieces - 1, value ?? 0);
  return (
    <Select
      label={`Split ${name} over`}
      disabled={useReadOnly()}
      w="6.2rem"
      value={value === undefined ? '' : String(value)}
      options={[
        ['', 'each piece'],
        ...Array.from(
          { length: ways },
          (_v, i) => [String(i + 1), i === 0 ? 'one carrier' : counted(i + 1, 'carrier')] as const,
        ),
      ]}
      onChoose={(ways) => onChoose(ways === '' ? undefined : Number(ways))}
    />
  );
}
