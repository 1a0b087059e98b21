import { useMemo } from 'react';
import { RouterLink } from '../shared/RouterLink';
import { memberSheet } from '@graft/core/sheet';
import type { Member } from '@graft/core/trip';
import { usePreferences } from '../shared/preferences';
import { SheetBody } from '../shared/sheet/SheetBody';
import { SheetViewContext } from '../shared/sheet/sheetView';
import { useTrip } from '../shared/tripContext';
import { Box, Button, Flex, Text } from '../theme/chakra';

/** Beside the table on a wide screen: what a member sees on their phone. */
export default function SheetLook({ member }: { member: Member }) {
  const { trip } = useTrip();
  const { massUnit, hideWeights } = usePreferences();
  const view = useMemo(() => ({ units: massUnit, limitsHidden: hideWeights }), [massUnit, hideWeights]);
  const sheet = useMemo(() => memberSheet(trip, member.id), [trip, member.id]);
  return (
    <Flex
      as="section"
      aria-label={`What ${member.name} sees`}
      direction="column"
      w="430px"
      minH="0"
      p="4"
      gap="2"
    >
      <Flex align="center" justify="space-between">
        <Text fontSize="sm" fontWeight="600">
          What {member.name} sees
        </Text>
        <Button size="2xs" variant="ghost" asChild>
          <RouterLink to={`print?member=${member.id}`}>On paper</RouterLink>
        </Button>
      </Flex>
      <Box
        flex="1"
        minH="0"
        overflow="auto"
        tabIndex={0}
        role="region"
        aria-label={`The sheet of ${member.name}`}
        borderWidth="1px"
        borderRadius="md"
        pt="3"
        // Light as paper is, whatever the colours about it.
        bg="stone.50"
      >
        <SheetViewContext value={view}>
          <SheetBody key={member.id} sheet={sheet} ticking={undefined} />
        </SheetViewContext>
      </Box>
    </Flex>
  );
}
