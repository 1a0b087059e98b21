import { Box, Button, Flex, Text } from '../theme/chakra';
import { CSV_FIELDS, type CsvField, type CsvMapping, type CsvOptions } from '@graft/core/formats';
import type { CsvHead } from '../workers/csvReader';
import { counted } from '../shared/words';
import { Select } from '../shared/Select';

const COLUMN_CHOICES = [
  ['', 'left out'],
  // The unit of numbers is chosen beside.
  ...CSV_FIELDS.map((f) => [f.id, f.header.replace(/, (?:kg|L)$/, '')] as const),
] as const satisfies readonly (readonly [CsvField | '', string])[];

/** What each column of a table is, and how its numbers are meant. */
export function CsvColumns({
  head,
  mapping,
  onMapping,
  options,
  onOptions,
}: {
  head: CsvHead;
  mapping: CsvMapping;
  onMapping: (mapping: CsvMapping) => void;
  options: CsvOptions;
  onOptions: (options: CsvOptions) => void;
}) {
  return (
    <Box>
      <Text fontSize="xs" color="fg.muted">
        {counted(head.rows, 'row')}, {counted(head.headers.length, 'column')}. What each column is:
      </Text>
      <Flex wrap="wrap" gap="2" py="2">
        {head.headers.map((header, i) => (
          <Box key={i} w="9.6rem">
            <Text fontSize="xs" fontWeight="600" truncate title={header}>
              {header === '' ? `column ${i + 1}` : header}
            </Text>
            <Select
              label={`Column ${header === '' ? i + 1 : header} is`}
              value={mapping[i] ?? ''}
              options={COLUMN_CHOICES}
              onChoose={(value) => {
                const field = value === '' ? undefined : value;
                // A field stands for one column: where it stood before it is taken away.
                onMapping(mapping.map((m, k) => (k === i ? field : m === field ? undefined : m)));
              }}
            />
            <Text fontSize="xs" color="fg.muted" truncate>
              {head.example[i] || '—'}
            </Text>
          </Box>
        ))}
      </Flex>
      <Flex gap="3" pb="2" align="center" fontSize="xs" wrap="wrap">
        <Choice
          label="Weights without a unit are"
          value={options.massUnit}
          choices={['kg', 'g', 'lb', 'oz']}
          onChoose={(massUnit) => onOptions({ ...options, massUnit })}
        />
        <Choice
          label="Volumes without a unit are"
          value={options.volumeUnit}
          choices={['l', 'ml', 'cu in']}
          onChoose={(volumeUnit) => onOptions({ ...options, volumeUnit })}
        />
        <Choice
          label="A weight is of"
          value={options.massOf}
          choices={['each', 'all']}
          words={{ each: 'each of a row', all: 'all of a row' }}
          onChoose={(massOf) => onOptions({ ...options, massOf })}
        />
        <Choice
          label="Decimals have a"
          value={options.decimal}
          choices={['.', ',']}
          words={{ '.': 'point: 1.9', ',': 'comma: 1,9' }}
          onChoose={(decimal) => onOptions({ ...options, decimal })}
        />
      </Flex>
      {head.doubt !== undefined && (
        <Flex gap="2" pb="2" align="center" fontSize="xs" wrap="wrap" role="group" aria-label="Two readings">
          <Text>“{head.doubt.text}” can be read two ways. Which is it?</Text>
          {(
            [
              ['.', head.doubt.withPoint],
              [',', head.doubt.withComma],
            ] as const
          ).map(([decimal, value]) => (
            <Button
              key={decimal}
              size="2xs"
              variant={options.decimal === decimal ? 'solid' : 'outline'}
              aria-pressed={options.decimal === decimal}
              onClick={() => onOptions({ ...options, decimal })}
            >
              {value} {options.massUnit}
            </Button>
          ))}
        </Flex>
      )}
    </Box>
  );
}

function Choice<T extends string>({
  label,
  value,
  choices,
  words,
  onChoose,
}: {
  label: string;
  value: T;
  choices: readonly T[];
  words?: Readonly<Record<T, string>>;
  onChoose: (value: T) => void;
}) {
  return (
    <Flex as="label" align="center" gap="1">
      {label}
      <Select
        label={label}
        w="auto"
        value={value}
        options={choices.map((choice) => [choice, words?.[choice] ?? choice] as const)}
        onChoose={onChoose}
      />
    </Flex>
  );
}
