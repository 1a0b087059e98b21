import { NativeSelect } from '../theme/chakra';

interface Props<T extends string> {
  /** Said by screen readers; what is seen stands beside it. */
  readonly label: string;
  readonly value: T;
  readonly options: readonly (readonly [value: T, label: string])[];
  readonly onChoose: (value: T) => void;
  readonly size?: 'xs' | 'sm';
  readonly w?: string;
  readonly disabled?: boolean;
}

/** A choice out of a list, without a label of its own in sight. */
export function Select<T extends string>({
  label,
  value,
  options,
  onChoose,
  size = 'xs',
  w,
  disabled = false,
}: Props<T>) {
  return (
    <NativeSelect.Root size={size} w={w} disabled={disabled} flexShrink={w === undefined ? 1 : 0}>
      <NativeSelect.Field aria-label={label} value={value} onChange={(e) => onChoose(e.target.value as T)}>
        {options.map(([key, text]) => (
          <option key={key} value={key}>
            {text}
          </option>
        ))}
      </NativeSelect.Field>
      <NativeSelect.Indicator />
    </NativeSelect.Root>
  );
}
