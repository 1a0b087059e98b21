import { Select } from '../shared/Select';
import { Tabs } from '../shared/Tabs';
import { Flex, Box } from '../theme/chakra';
import type { ShareBoard } from './useShareBoard';
import { ShareCsvTools } from './ShareCsvTools';
import type { View } from './boardSession';
import { VIEWS } from './boardSession';
import type { Order } from './boardRows';
import { ORDERS } from './boardRows';

/** How the shares are shown, and in which order. */
export function BoardHead({ board }: { board: ShareBoard }) {
  const { view, order, marked, dispatch } = board;
  return (
    <Flex data-screen-only px="4" pt="2" gap="3" align="center" fontSize="xs" wrap="wrap">
      <Tabs
        label="How the shares are shown"
        tabs={Object.entries(VIEWS) as [View, string][]}
        value={view}
        onChoose={(next) => dispatch({ type: 'show', what: { view: next } })}
      />
      <Select
        label="Order of the members"
        w="9rem"
        value={order}
        options={Object.entries(ORDERS) as [Order, string][]}
        onChoose={(next) => dispatch({ type: 'show', what: { order: next } })}
      />
      {view === 'table' ? (
        <ShareCsvTools />
      ) : (
        <Box color="fg.muted" data-for-keys>
          {marked.size > 1
            ? `${marked.size} pieces marked: drag one, or press m, to move them all`
            : 'Ctrl-click, or x, marks several'}
        </Box>
      )}
    </Flex>
  );
}
