import { Box, Button, Flex, HStack, Tabs, Text } from '@chakra-ui/react';
import { Plus } from 'lucide-react';
import { useMemo, useState } from 'react';
import { policyOf, shareText } from '@graft/core/limits';
import type { MemberFigures } from '@graft/core/share';
import {
  cataloguePack,
  freshId,
  LIMIT_POLICY_IDS,
  newMember,
  PACK_SIZES,
  putMember,
  removeMember,
  setBuddy,
  type GroupKind,
  type Member,
  type Trip,
} from '@graft/core/trip';
import { formatMass, massDigits } from '@graft/core/units';
import { BodyPanel } from './BodyPanel';
import { Groups } from './Groups';
import { LimitPanel } from './LimitPanel';
import { MemberRulesPanel } from './MemberRulesPanel';
import { packColumn } from './packColumn';
import { PackPanel } from './PackPanel';
import { RoleRota } from './RoleRota';
import { TrainingPanel } from './TrainingPanel';
import { TrialPanel } from './TrialPanel';
import { useLimitChange } from '../shared/useLimitChange';
import type { Column } from '../shared/table/column';
import { EditableTable } from '../shared/table/EditableTable';
import { checkItem, choiceColumn, quantityColumn, textColumn } from '../shared/fields';
import { RemoveButton } from '../shared/RemoveButton';
import { usePreferences } from '../shared/preferences';
import { useTrip } from '../shared/TripProvider';
import { useRecentFigures } from '../shared/usePlanFigures';
import { Why } from '../shared/Why';
import { AGE_WORDS, counted, EXPERIENCE_WORDS, LIMIT_POLICY_WORDS, optionsOf } from '../shared/words';

const MEMBER_TABS = [
  ['limit', 'Carry limit'],
  ['trials', 'Carry trial'],
  ['training', 'Training'],
  ['body', 'Conditions and health'],
  ['pack', 'Pack'],
  ['rules', 'House rules'],
] as const;
const PARTY_TABS = [
  ['groups', 'Tents and cook groups'],
  ['roles', 'Roles'],
] as const;

/** Bodies, packs, carry limits with their reasons and trials, who sleeps and cooks with whom, roles. */
export function PeopleStation() {
  const { trip } = useTrip();
  const change = useLimitChange();
  const { massUnit, hideWeights } = usePreferences();
  const { share: figures } = useRecentFigures();
  const figuresOf = useMemo(() => new Map(figures.members.map((m) => [m.member.id, m])), [figures]);
  const [chosenId, setChosenId] = useState<string | undefined>();
  const [tab, setTab] = useState('limit');
  const chosen = trip.members.find((m) => m.id === chosenId) ?? trip.members[0];

  const columns = useMemo((): readonly Column<Member>[] => {
    const common = {
      check: (member: Member) => checkItem('members', member),
      save: (member: Member, field: string) =>
        change(`${member.name}: ${field}`, (t) => putMember(t, member)),
    };
    const groups = (kind: GroupKind) =>
      trip.groups.filter((g) => g.kind === kind).map((g) => [g.id, g.name] as const);
    return [
      textColumn({ ...common, id: 'name', header: 'Name', width: '84' }),
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
      choiceColumn({ ...common, id: 'ageBand', header: 'Age', options: optionsOf(AGE_WORDS), width: '78' }),
      choiceColumn({
        ...common,
        id: 'experience',
        header: 'Experience',
        options: optionsOf(EXPERIENCE_WORDS),
        width: '88',
      }),
      policyColumn(common, trip),
      shareColumn(common, hideWeights),
      quantityColumn({
        ...common,
        id: 'ownCapKg',
        header: 'Own cap',
        quantity: 'mass',
        massUnit,
        optional: true,
        width: '72',
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
        width: '102',
      }),
      choiceColumn({
        ...common,
        id: 'cookGroupId',
        header: 'Cooks with',
        options: groups('cook'),
        none: '—',
        width: '134',
      }),
      {
        ...choiceColumn({
          ...common,
          id: 'buddyId',
          header: 'Buddy',
          options: trip.members.map((m) => [m.id, m.name] as const),
          none: '—',
          width: '80',
        }),
        edit: {
          text: (member) => member.buddyId ?? '',
          options: [['', '—'], ...trip.members.map((m) => [m.id, m.name] as const)],
          take: (member, id) => {
            if (id === member.id) return 'expected another member';
            change(`${member.name}: buddy`, (t) => setBuddy(t, member.id, id === '' ? undefined : id));
            return undefined;
          },
        },
      },
      {
        id: 'remove',
        header: '',
        width: '32',
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
          <Button size="xs" variant="outline" onClick={() => change('add a member', addMember)}>
            <Plus size={13} /> Add a member
          </Button>
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
      <Box flex="1" minH="0" overflow="auto" px="4" pb="4" borderTopWidth="1px" bg="bg.panel">
        <Tabs.Root value={tab} onValueChange={(e) => setTab(e.value)} size="sm" lazyMount unmountOnExit>
          <Flex align="center" gap="3" borderBottomWidth="1px" mb="3" wrap="wrap">
            {chosen !== undefined && (
              <Box fontFamily="heading" fontWeight="600" fontSize="md" data-testid="chosen-member">
                {chosen.name}
              </Box>
            )}
            <Tabs.List borderBottomWidth="0">
              {chosen !== undefined &&
                MEMBER_TABS.map(([id, name]) => (
                  <Tabs.Trigger key={id} value={id} px="2" fontSize="xs">
                    {name}
                  </Tabs.Trigger>
                ))}
              <Box flexShrink={0} w="8" alignSelf="center" textAlign="center" color="fg.muted" aria-hidden>
                ·
              </Box>
              {PARTY_TABS.map(([id, name]) => (
                <Tabs.Trigger key={id} value={id} px="2" fontSize="xs">
                  {name}
                </Tabs.Trigger>
              ))}
            </Tabs.List>
          </Flex>
          {chosen !== undefined && (
            <Box key={chosen.id}>
              <Tabs.Content value="limit" p="0">
                <LimitPanel member={chosen} />
              </Tabs.Content>
              <Tabs.Content value="trials" p="0">
                <TrialPanel member={chosen} />
              </Tabs.Content>
              <Tabs.Content value="training" p="0">
                <TrainingPanel member={chosen} figures={figuresOf.get(chosen.id)} />
              </Tabs.Content>
              <Tabs.Content value="body" p="0">
                <BodyPanel member={chosen} />
              </Tabs.Content>
              <Tabs.Content value="pack" p="0">
                <PackPanel member={chosen} />
              </Tabs.Content>
              <Tabs.Content value="rules" p="0">
                <MemberRulesPanel member={chosen} />
              </Tabs.Content>
            </Box>
          )}
          <Tabs.Content value="groups" p="0">
            <Flex gap="10" wrap="wrap" align="start">
              <Groups kind="tent" title="Tents" />
              <Groups kind="cook" title="Cook groups" />
            </Flex>
          </Tabs.Content>
          <Tabs.Content value="roles" p="0">
            <RoleRota />
          </Tabs.Content>
        </Tabs.Root>
      </Box>
    </Flex>
  );
}

type Common = {
  readonly check: (m: Member) => string | undefined;
  readonly save: (m: Member, field: string) => void;
};

/** How a member's limit is set; what holds without a choice is said in the first option. */
function policyColumn(common: Common, trip: Trip): Column<Member> {
  return {
    ...choiceColumn({
      ...common,
      id: 'limitPolicy',
      header: 'Limit by',
      options: LIMIT_POLICY_IDS.map((id) => [id, LIMIT_POLICY_WORDS[id]] as const),
      none: 'trial, else as the trip',
      width: '102',
    }),
    show: (member) => LIMIT_POLICY_WORDS[policyOf(trip, member)],
  };
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

/** A share beside its limit would give a hidden body weight away: both go together. */
function shareColumn(common: Common, hidden: boolean): Column<Member> {
  return {
    id: 'limitShare',
    header: 'Share of body',
    numeric: true,
    width: '70',
    show: (m) => (hidden ? '···' : m.limitShare === undefined ? 'guess' : shareText(m.limitShare)),
    edit: {
      text: (m) => (m.limitShare === undefined || hidden ? '' : String(Math.round(m.limitShare * 1000) / 10)),
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
  const member = newMember(id, `Member ${trip.members.length + 1}`, packId);
  return putMember({ ...trip, packs: [...trip.packs, cataloguePack(packId, size)] }, member);
}
