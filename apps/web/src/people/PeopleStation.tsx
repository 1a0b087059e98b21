import { Box, Button, HStack, Text } from '../theme/chakra';
import { Plus } from 'lucide-react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import {
  canGroup,
  groupParty,
  isOwnUnknown,
  readPeople,
  suggestOwn,
  takePeople,
  takeSuggestedOwn,
} from '@graft/core/lists';
import { addMember, removeMember, type Member, type Trip } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { FullStation } from '../shared/FullStation';
import { useAskedFor } from '../shared/useAskedFor';
import { useLimitChange } from '../shared/useLimitChange';
import { useAdding } from '../shared/table/naming';
import { EditableTable } from '../shared/table/EditableTable';
import { usePreferences } from '../shared/preferences';
import { useTrip } from '../shared/tripContext';
import { useRecentFigures } from '../shared/usePlanFigures';
import { counted } from '../shared/words';
import { LeavingDialog, NotComingList } from './Leaving';
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
  const [all, setAll] = useState(false);
  const chosen = trip.members.find((m) => m.id === chosenId) ?? trip.members[0];

  const [leaving, setLeaving] = useState<Member | undefined>();
  const leave = useCallback(
    (member: Member): void => {
      // Somebody who was only added by mistake is nobody yet.
      const isNobody = /^Member \d+$/.test(member.name) && member.bodyEstimated === true;
      if (isNobody) change(`remove ${member.name}`, (t) => removeMember(t, member.id));
      else setLeaving(member);
    },
    [change],
  );
  const columns = useMemo(
    () => memberColumns({ trip, change, massUnit, hideWeights, figuresOf, leave }, all),
    [trip, change, massUnit, hideWeights, figuresOf, leave, all],
  );
  const adding = useAdding<'party'>(
    () => {
      const add = (t: Trip): Trip => addMember(t, `Member ${t.members.length + 1}`);
      change('add a member', add);
      return add(trip).members.at(-1)!.id;
    },
    (id) => change('no further member', (t) => removeMember(t, id)),
  );
  // Whoever was sent here to add people begins with the first.
  const isAskedFor = useAskedFor() === true;
  const asked = useRef(isAskedFor && trip.members.length === 0);
  useEffect(() => {
    if (!asked.current) return;
    asked.current = false;
    adding.add('party');
  });
  const paste = (text: string): boolean => {
    const people = readPeople(text, massUnit);
    if (people.length === 0) return false;
    const nameless = adding.naming?.key;
    const isWaiting = trip.members.some((m) => m.id === nameless && /^Member \d+$/.test(m.name));
    change('paste people', (t) => takePeople(t, people, isWaiting ? nameless : undefined));
    return true;
  };
  const isGroupable = useMemo(() => trip.members.length > 0 && canGroup(trip), [trip]);
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
            naming={adding.naming}
            onPasted={paste}
          />
        )}
        <NotComingList />
        <HStack mt="2" gap="4">
          <Button size="xs" variant="outline" onClick={() => adding.add('party')}>
            <Plus size={13} /> Add a member
          </Button>
          {trip.members.length > 0 && (
            <Button
              size="xs"
              variant="outline"
              aria-pressed={all}
              title="Stature, torso, age, how the limit is set, days, buddy"
              onClick={() => setAll(!all)}
            >
              {all ? 'Fewer columns' : 'All columns'}
            </Button>
          )}
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
          {isGroupable && (
            <Button size="xs" variant="outline" onClick={() => change('tents and kitchens', groupParty)}>
              Put all into tents and kitchens
            </Button>
          )}
          {limits.length > 0 && !hideWeights && (
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
      <LeavingDialog member={leaving} onDone={() => setLeaving(undefined)} />
      <MemberTabs chosen={chosen} figures={chosen && figuresOf.get(chosen.id)} />
    </FullStation>
  );
}
