import { Box, Table } from '../theme/chakra';
import { PlainDialog } from '../shared/PlainDialog';

const KEYS: readonly (readonly [string, readonly (readonly [string, string])[]])[] = [
  [
    'Everywhere',
    [
      ['Ctrl Z', 'undo'],
      ['Ctrl Shift Z', 'redo'],
      ['?', 'this list'],
    ],
  ],
  [
    'Trip',
    [
      ['← →', 'move the end of a day that is reached by Tab, 100 m'],
      ['Shift ← →', 'move it 1 km'],
    ],
  ],
  [
    'Shares',
    [
      ['← → ↑ ↓', 'go from piece to piece'],
      ['Enter', 'show the piece and who else could carry it'],
      ['M', 'pick the piece up; ↑ ↓ choose the carrier, Enter gives it, Esc leaves it'],
      ['X', 'mark the piece together with others; M then moves them all'],
      ['L', 'lock the piece to its carrier, or unlock it'],
      ['Delete', 'take the piece from its carrier'],
      ['/', 'find a piece'],
    ],
  ],
  [
    'Tables',
    [
      ['← → ↑ ↓', 'go from cell to cell'],
      ['Enter, F2 or typing', 'edit'],
      ['Enter, Tab', 'keep what was typed'],
      ['Esc', 'leave the cell as it was'],
      ['Space', 'tick the row (Kit)'],
      ['Shift ↑ ↓', 'tick rows one after another'],
      ['Ctrl A', 'tick all rows'],
      ['Ctrl D', 'fill the cell’s value into the ticked rows'],
      ['Alt W', 'take the scale’s weight for the row (Kit, Scale)'],
    ],
  ],
  [
    'Packs',
    [
      ['Tab', 'reach a thing’s place and pin'],
      ['↑ ↓ on its place', 'choose another zone'],
    ],
  ],
];

export function KeysDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <PlainDialog title="Keys" open={open} onClose={onClose}>
      {KEYS.map(([place, rows]) => (
        <Box key={place} mb="4">
          <Box fontWeight="600" mb="1">
            {place}
          </Box>
          <Table.Root size="sm">
            <Table.Body>
              {rows.map(([key, what]) => (
                <Table.Row key={key} bg="transparent">
                  <Table.Cell width="11rem" fontWeight="600" borderColor="border.muted">
                    {key}
                  </Table.Cell>
                  <Table.Cell borderColor="border.muted">{what}</Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </Box>
      ))}
    </PlainDialog>
  );
}
