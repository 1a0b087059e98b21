import { Box, Button, Flex, HStack, Text } from '@chakra-ui/react';
import { Plus } from 'lucide-react';
import { useMemo } from 'react';
import {
  cataloguePack,
  formatMass,
  formatPercent,
  freshId,
  massDigits,
  PACK_SIZES,
  PACKING_SCHOOLS,
  putMember,
  removeMember,
  type GroupKind,
  type Member,
  type MemberFigures,
  type Trip,
} from '@graft/core';
import { Groups } from './Groups';
import { packColumn } from './packColumn';
import { EditableTable, type Column } from '../shared/EditableTable';
import { checkItem, choiceColumn, quantityColumn, textColumn } from '../shared/fields';
import { RemoveButton } from '../shared/RemoveButton';
import { usePreferences } from '../shared/preferences';
import { useTrip } from '../shared/TripProvider';
import { useShareFigures } from '../shared/usePlanFigures';
import { Why } from '../shared/Why';
import { AGE_WORDS, EXPERIENCE_WORDS, optionsOf } from '../shared/words';

const SCHOOL_WORDS = Object.fromEntries(
  Object.values(PACKING_SCHOOLS).map((s) => [s.id, s.name.replace(' and close', '')]),
);

/** Bodies, packs, carry limits with their reasons, who sleeps and cooks with whom. */
export function PeopleStation() {
  const { trip, change } = useTrip();
  const { massUnit, hideWeights } = usePreferences();
  const figures = useShareFigures(trip);
  const figuresOf = useMemo(() => new Map(figures.members.map((m) => [m.member.id, m])), [figures]);

  const columns = useMemo((): readonly Column<Member>[] => {
    const common = {
      check: (member: Member) => checkItem('members', member),
      save: (member: Member, field: string) =>
        change(`${member.name}: ${field}`, (t) => putMember(t, member)),
    };
    const groups = (kind: GroupKind) =>
      trip.groups.filter((g) => g.kind === kind).map((g) => [g.id, g.name] as const);
    return [
      textColumn({ ...common, id: 'name', header: 'Name', width: '94' }),
      quantityColumn({
        ...common,
        id: 'bodyMassKg',
        header: 'Body',
        quantity: 'mass',
        massUnit,
        hidden: hideWeights,
        width: '74',
      }),
      quantityColumn({
        ...common,
        id: 'statureCm',
        header: 'Stature',
        quantity: 'length',
        massUnit,
        width: '78',
      }),
      quantityColumn({
        ...common,
        id: 'torsoCm',
        header: 'Torso',
        quantity: 'length',
        massUnit,
        width: '70',
      }),
      choiceColumn({ ...common, id: 'ageBand', header: 'Age', options: optionsOf(AGE_WORDS), width: '82' }),
      choiceColumn({
        ...common,
        id: 'experience',
        header: 'Experience',
        options: optionsOf(EXPERIENCE_WORDS),
        width: '92',
      }),
      shareColumn(common),
      quantityColumn({
        ...common,
        id: 'ownCapKg',
        header: 'Own cap',
        quantity: 'mass',
        massUnit,
        optional: true,
        width: '76',
      }),
      {
        id: 'limit',
        header: `Carry limit, ${massUnit}`,
        numeric: true,
        width: '82',
        show: (member) => <LimitCell figures={figuresOf.get(member.id)} hideWeights={hideWeights} />,
      },
      packColumn(trip, change),
      choiceColumn({
        ...common,
        id: 'tentGroupId',
        header: 'Sleeps in',
        options: groups('tent'),
        none: '—',
        width: '112',
      }),
      choiceColumn({
        ...common,
        id: 'cookGroupId',
        header: 'Cooks with',
        options: groups('cook'),
        none: '—',
        width: '146',
      }),
      choiceColumn({
        ...common,
        id: 'packingSchool',
        header: 'Packing school',
        options: Object.entries(SCHOOL_WORDS),
        none: `as trip: ${SCHOOL_WORDS[trip.packingSchool] ?? ''}`,
        width: '112',
      }),
      {
        id: 'remove',
        header: '',
        width: '40',
        show: (member) => (
          <RemoveButton
            name={member.name}
            onClick={() => change(`remove ${member.name}`, (t) => removeMember(t, member.id))}
          />
        ),
      },
    ];
  }, [trip, change, massUnit, hideWeights, figuresOf]);

  const limits = figures.members.map((m) => m.heaviest.limitKg);
  return (
    <Flex h={{ base: 'auto', lg: 'calc(100dvh - 96px)' }} direction="column">
      <Box flex="1" minH="0" overflow="auto" px="4" pb="4">
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
          />
        )}
        <HStack mt="3" gap="4">
          <Button size="xs" variant="outline" onClick={() => change('add a member', addMember)}>
            <Plus size={13} /> Add a member
          </Button>
          {limits.length > 0 && (
            <Text fontSize="xs" color="fg.muted">
              {limits.length} members can carry{' '}
              {formatMass(
                limits.reduce((a, b) => a + b, 0),
                massUnit,
              )}{' '}
              together, packs and personal things included.
            </Text>
          )}
        </HStack>
        <Flex mt="6" gap="10" wrap="wrap" align="start">
          <Groups kind="tent" title="Tent groups" />
          <Groups kind="cook" title="Cook groups" />
          <Box maxW="26rem" fontSize="xs" color="fg.muted">
            <Text fontWeight="600" color="fg">
              Carry limits are planning numbers, not medical advice
            </Text>
            Practitioners state no share of body weight. The starting guesses (15 % for newcomers and
            under-18s, 20 % for most, 25 % for seasoned walkers, never above 20 % under 18 or 30 % for
            anybody) are Graft’s own: overrule them in the column “Share of body”. A person’s own word lowers
            the limit at any time. Children and newcomers start light.
          </Box>
        </Flex>
      </Box>
    </Flex>
  );
}

function LimitCell({ figures, hideWeights }: { figures: MemberFigures | undefined; hideWeights: boolean }) {
  const { massUnit } = usePreferences();
  if (figures === undefined) return null;
  const limits = figures.loads.map((l) => l.limitKg);
  const low = Math.min(...limits);
  const high = Math.max(...limits);
  const text = massDigits(high, massUnit);
  const lowered = figures.loads.find((l) => l.limitKg === low);
  // A reason names the body weight it is a share of.
  const reason = hideWeights
    ? 'The reason names the body weight, which is hidden.'
    : (lowered ?? figures.heaviest).limitReason;
  return (
    <Why reason={`${reason} A planning number, not medical advice.`}>
      {low < high ? `${massDigits(low, massUnit)}–${text}` : text}
    </Why>
  );
}

function shareColumn(common: {
  check: (m: Member) => string | undefined;
  save: (m: Member, field: string) => void;
}): Column<Member> {
  return {
    id: 'limitShare',
    header: 'Share of body',
    numeric: true,
    width: '76',
    show: (m) =>
      m.limitShare === undefined
        ? 'guess'
        : formatPercent(m.limitShare, Number.isInteger(Math.round(m.limitShare * 1000) / 10) ? 0 : 1),
    edit: {
      text: (m) => (m.limitShare === undefined ? '' : String(Math.round(m.limitShare * 1000) / 10)),
      take: (m, entry) => {
        const cleaned = entry.replace('%', '').replace(',', '.').trim();
        const { limitShare: _old, ...rest } = m;
        const value = Number(cleaned);
        if (cleaned !== '' && !Number.isFinite(value))
          return `expected a percentage such as "22", got "${entry}"`;
        const next: Member = cleaned === '' ? rest : { ...m, limitShare: value / 100 };
        const error = common.check(next);
        if (error !== undefined) return `expected 2 to 50 %, got ${entry}`;
        common.save(next, 'share of body weight');
        return undefined;
      },
    },
  };
}

function addMember(trip: Trip): Trip {
  const size = PACK_SIZES.find((s) => s.nominalL === 50)!;
  const id = freshId(
    `member-${trip.members.length + 1}`,
    trip.members.map((m) => m.id),
  );
  const packId = freshId(
    `pack-${id}`,
    trip.packs.map((p) => p.id),
  );
  const member: Member = {
    id,
    name: `Member ${trip.members.length + 1}`,
    bodyMassKg: 70,
    statureCm: 172,
    torsoCm: 48,
    ageBand: 'adult',
    experience: 'regular',
    conditions: [],
    packId,
  };
  return putMember({ ...trip, packs: [...trip.packs, cataloguePack(packId, size)] }, member);
}
