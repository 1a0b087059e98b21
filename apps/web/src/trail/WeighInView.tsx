import { Box, Flex } from '../theme/chakra';
import { useState } from 'react';
import { putWeighIn } from '@graft/core/debrief';
import { waterCarriedL } from '@graft/core/load';
import { weighInFigures } from '@graft/core/trail';
import type { WeighIn } from '@graft/core/trip';
import { useAccountSession } from '../shared/AccountProvider';
import { usePreferences } from '../shared/preferences';
import { SideBox } from '../shared/SideBox';
import { EditableTable } from '../shared/table/EditableTable';
import { useTrip } from '../shared/tripContext';
import { Departure } from './Departure';
import { MemberWeighIn } from './MemberWeighIn';
import { weighInColumns, type WeighInRow } from './weighInColumns';

/** Packs on the scale at the trailhead, what two buddies look at, and the party's departure. */
export function WeighInView() {
  const { trip, change, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const { account } = useAccountSession();
  const [chosenId, setChosenId] = useState<string | undefined>();
  const who = account?.name ?? 'Leader';
  const rows = trip.members.map((member): WeighInRow => {
    const weighIn = trip.weighIns.find((w) => w.memberId === member.id);
    return {
      member,
      weighIn,
      figures: weighIn && weighInFigures(trip, weighIn),
      waterL: weighIn?.waterL ?? waterCarriedL(trip, member.id, 1),
    };
  });
  const chosen = rows.find((r) => r.member.id === chosenId) ?? rows[0]!;
  const put = (weighIn: WeighIn, label: string): void => change(label, (t) => putWeighIn(t, weighIn));
  return (
    <Flex direction={{ base: 'column', lg: 'row' }} flex="1" minH="0">
      <Box flex="1" minW="0" overflow="auto">
        <EditableTable
          label="Weigh-in"
          wide
          columns={weighInColumns({
            trip,
            massUnit,
            readOnly,
            change,
            put,
            onChoose: setChosenId,
            chosenId: chosen.member.id,
          })}
          sections={[{ key: 'members', rows }]}
          rowKey={(row) => row.member.id}
          rowName={(row) => row.member.name}
          chosen={chosen.member.id}
          onReach={(row) => setChosenId(row.member.id)}
        />
        <Departure who={who} />
      </Box>
      <SideBox w="376px" label={`Weigh-in of ${chosen.member.name}`}>
        <MemberWeighIn
          key={chosen.member.id}
          trip={trip}
          who={who}
          readOnly={readOnly}
          put={put}
          {...chosen}
        />
      </SideBox>
    </Flex>
  );
}
