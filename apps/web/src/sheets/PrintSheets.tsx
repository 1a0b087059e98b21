import { Box, Button, Flex } from '../theme/chakra';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { RouterLink } from '../shared/RouterLink';
import { memberSheet, partySheet } from '@graft/core/sheet';
import { SheetBody } from '../shared/sheet/SheetBody';
import { useTrip } from '../shared/tripContext';
import { PartySheetBody } from './PartySheetBody';
import { usePreferences } from '../shared/preferences';
import { SheetViewContext } from '../shared/sheet/sheetView';

/** Sheets as they go on paper: one side of A4 a member, or the whole party on one for the leader. */
export function PrintSheets() {
  const { trip } = useTrip();
  const { massUnit, hideWeights } = usePreferences();
  const view = useMemo(() => ({ units: massUnit, limitsHidden: hideWeights }), [massUnit, hideWeights]);
  const [query] = useSearchParams();
  const only = query.get('member');
  const isParty = query.has('party');
  const sheets = useMemo(
    () =>
      isParty
        ? []
        : trip.members.filter((m) => only === null || m.id === only).map((m) => memberSheet(trip, m.id)),
    [trip, only, isParty],
  );
  const party = useMemo(() => (isParty ? partySheet(trip) : undefined), [trip, isParty]);
  return (
    <Box>
      <Flex px="4" py="3" gap="3" data-screen-only borderBottomWidth="1px">
        <Button size="sm" onClick={() => window.print()}>
          Print
        </Button>
        <Button size="sm" variant="ghost" asChild>
          <RouterLink to="..">Back to the sheets</RouterLink>
        </Button>
      </Flex>
      <SheetViewContext value={view}>
        {party !== undefined && <PartySheetBody sheet={party} />}
        {sheets.map((sheet) => (
          <SheetBody key={sheet.memberId} sheet={sheet} ticking={undefined} />
        ))}
      </SheetViewContext>
    </Box>
  );
}
