import { Box, Button, HStack, Text } from '../theme/chakra';
import { Plus } from 'lucide-react';
import { useMemo, useState } from 'react';
import { isOwnUnknown, suggestOwn, takeSuggestedOwn } from '@graft/core/lists';
import { addMember } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { FullStation } from '../shared/FullStation';
import { useLimitChange } from '../shared/useLimitChange';
import { EditableTable } from '../shared/table/EditableTable';
import { usePreferences } from '../shared/preferences';
import { useTrip } from '../shared/TripProvider';
import { useRecentFigures } from '../shared/usePlanFigures';
import { counted } from '../shared/words';
import { memberColumns } from './memberColumns';
import { MemberTabs } from './MemberTabs';

/** Bodies, packs, carry limits with their reasons and trials, who sleeps and cooks with whom, roles. */
export function PeopleStation() {
  const { trip } = useTrip();
  const change = useLimitChange();
  const { massUnit, hideWeights } = usePreferences();
  const { share: figures } = useRecentFigures();
  const figuresOf = useMemo(() => new Map(figures.members.map((m) => [m.member.id, m])), [figures]);
  const [chosenId, setChosenId] = useState<string | undefined>();
  const chosen = trip.members.find((m) => m.id === chosenId) ?? trip.members[0];

  const columns = useMemo(
    () => memberColumns({ trip, change, massUnit, hideWeights, figuresOf }),
    [trip, change, massUnit, hideWeights, figuresOf],
  );
  const unknown = trip.members.filter((m) => isOwnUnknown(trip, m));
  const limits = figures.members.map((m) => m.heaviest.limitKg);
  return (
    <FullStation>
      <Box maxH={{ base: 'none', lg: '56%' }} minH="0" flexShrink={0} overflow="auto" px="4" pb="2">
        {trip.members.length === 0 ? (
          <Text py="8" fontSize="md">
            Add each member with body weight and pack: Graft takes a carry limit from them, to start with.
          </Text>
        ) : (
          <EditableTable
            label="Members"
            columns={columns}
            sections={[{ key: 'members', rows: trip.members }]}
            rowKey={(m) => m.id}
            rowName={(m) => m.name}
            chosen={chosen?.id}
            onReach={(m) => setChosenId(m.id)}
          />
        )}
        <HStack mt="2" gap="4">
          <Button
            size="xs"
            variant="outline"
            onClick={() => change('add a member', (t) => addMember(t, `Member ${t.members.length + 1}`))}
          >
            <Plus size={13} /> Add a member
          </Button>
          {unknown.length > 0 && (
            <Button
              size="xs"
              variant="outline"
              onClick={() => change('own things as usual', takeSuggestedOwn)}
            >
              Count own things of {counted(unknown.length, 'member')} as ≈{' '}
              {formatMass(
                unknown.reduce((sum, m) => sum + suggestOwn(trip, m).kg, 0) / unknown.length,
                massUnit,
              )}
              {unknown.length > 1 && ' each'}
            </Button>
          )}
          {limits.length > 0 && (
            <Text fontSize="xs" color="fg.muted">
              {counted(limits.length, 'member')} can carry{' '}
              {formatMass(
                limits.reduce((a, b) => a + b, 0),
                massUnit,
              )}{' '}
              together, packs and personal things included.
            </Text>
          )}
        </HStack>
      </Box>
      <MemberTabs chosen={chosen} figures={chosen && figuresOf.get(chosen.id)} />
    </FullStation>
  );
}
