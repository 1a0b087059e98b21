import { Flex, Text } from '../theme/chakra';
import type { CsvChoice, CsvHead } from '../workers/csvReader';
import { counted } from '../shared/words';
import { Select } from '../shared/Select';

/** Which sheet of a spreadsheet, and where its headers are. */
export function CsvSheet({ head, onChoose }: { head: CsvHead; onChoose: (choice: CsvChoice) => void }) {
  return (
    <Flex gap="3" pb="2" align="center" fontSize="xs" wrap="wrap">
      {head.sheets.length > 1 && (
        <Flex as="label" align="center" gap="1">
          Sheet
          <Select
            label="Sheet"
            w="12rem"
            value={String(head.sheet)}
            options={head.sheets.map((name, i) => [String(i), name] as const)}
            onChoose={(sheet) => onChoose({ sheet: Number(sheet) })}
          />
        </Flex>
      )}
      <Flex as="label" align="center" gap="1">
        Headers are in line
        <input
          className="cell-editor"
          style={{ width: '4rem' }}
          type="number"
          min={1}
          aria-label="Headers are in line"
          value={head.headerLine}
          onChange={(e) => {
            const headerLine = Number(e.target.value);
            if (headerLine >= 1) onChoose({ sheet: head.sheet, headerLine });
          }}
        />
      </Flex>
      {head.sums.length > 0 && (
        <Text color="fg.muted">
          Left out as sums: {counted(head.sums.length, 'line')} ({head.sums.slice(0, 5).join(', ')}
          {head.sums.length > 5 ? ' …' : ''})
        </Text>
      )}
    </Flex>
  );
}
