import { Box, CloseButton, Dialog, Portal, Table } from '@chakra-ui/react';

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
    'Shares',
    [
      ['← → ↑ ↓', 'go from piece to piece'],
      ['Enter', 'show the piece and who else could carry it'],
      ['M', 'pick the piece up; ↑ ↓ choose the carrier, Enter gives it, Esc leaves it'],
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
    <Dialog.Root open={open} onOpenChange={(e) => !e.open && onClose()} size="md">
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="bg.panel" color="fg">
            <Dialog.Header>
              <Dialog.Title fontFamily="heading">Keys</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body pb="6">
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
            </Dialog.Body>
            <Dialog.CloseTrigger asChild>
              <CloseButton size="sm" />
            </Dialog.CloseTrigger>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
