import { Flex } from '../theme/chakra';

interface Props<T extends string> {
  readonly label: string;
  readonly tabs: readonly (readonly [value: T, label: string])[];
  readonly value: T;
  readonly onChoose: (value: T) => void;
}

/** A row of choices of which one holds; arrow keys go through them. */
export function Tabs<T extends string>({ label, tabs, value, onChoose }: Props<T>) {
  return (
    <Flex
      role="radiogroup"
      aria-label={label}
      gap="0"
      borderWidth="1px"
      borderRadius="l2"
      w="fit-content"
      maxW="100%"
      wrap={{ base: 'nowrap', md: 'wrap' }}
      overflow={{ base: 'auto', md: 'hidden' }}
      position="relative"
    >
      {tabs.map(([key, text]) => (
        <label key={key} className="tab" data-on={key === value ? '' : undefined}>
          <input
            type="radio"
            name={label}
            className="tab-input"
            checked={key === value}
            onChange={() => onChoose(key)}
          />
          {text}
        </label>
      ))}
    </Flex>
  );
}
