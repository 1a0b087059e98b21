import { RemoveButton } from '../shared/RemoveButton';
import { usePreferences } from '../shared/preferences';
import { checkItem, textColumn, quantityColumn, choiceColumn } from '../shared/fields';
import type { MassUnit } from '@graft/core/units';
import { massDigits } from '@graft/core/units';
import type { Trip, Member, GroupKind } from '@graft/core/trip';
import { AGE_BANDS, putMember, setBuddy, LIMIT_POLICY_IDS } from '@graft/core/trip';
import type { MemberFigures } from '@graft/core/share';
import { policyOf, shareText } from '@graft/core/limits';
import { readPeople, withSaid } from '@graft/core/lists';
import type { Column } from '../shared/table/column';
import { hereColumn } from './hereColumn';
import { bodyColumn, ownColumn } from './ownColumn';
import { packColumn } from './packColumn';
import { optionsOf, AGE_WORDS, EXPERIENCE_WORDS, LIMIT_POLICY_WORDS } from '../shared/words';
import { Why } from '../shared/Why';

interface Context {
  readonly trip: Trip;
  readonly change: (label: string, step: (trip: Trip) => Trip) => void;
  readonly massUnit: MassUnit;
  readonly hideWeights: boolean;
  readonly figuresOf: ReadonlyMap<string, MemberFigures>;
  /** Somebody is to go. */
  readonly leave: (member: Member) => void;
}

/** What a share needs; the other columns are there when they are asked for. */
const FIRST_COLUMNS = new Set([
  'name',
  'bodyMassKg',
  'ownThingsKg',
  'experience',
  'limit',
  'packId',
  'tentGroupId',
  'cookGroupId',
  'remove',
]);

/** The columns of the members' table: the first ones only, or all. */
export function memberColumns(context: Context, all: boolean): readonly Column<Member>[] {
  const columns = allColumns(context);
  return all ? columns : columns.filter((c) => FIRST_COLUMNS.has(c.id));
}

function allColumns({
  trip,
  change,
  massUnit,
  hideWeights,
  figuresOf,
  leave,
}: Context): readonly Column<Member>[] {
  const common = {
    check: (member: Member) => checkItem('members', member),
    save: (member: Member, field: string) => change(`${member.name}: ${field}`, (t) => putMember(t, member)),
  };
  const groups = (kind: GroupKind) =>
    trip.groups.filter((g) => g.kind === kind).map((g) => [g.id, g.name] as const);
  return [
    nameColumn(common, massUnit),
    bodyColumn(common, massUnit, hideWeights),
    ownColumn(common, trip, massUnit),
    quantityColumn({
      ...common,
      id: 'statureCm',
      header: 'Stature',
      quantity: 'length',
      massUnit,
      width: '62',
    }),
    quantityColumn({
      ...common,
      id: 'torsoCm',
      header: 'Torso',
      quantity: 'length',
      massUnit,
      width: '58',
    }),
    ageColumn(common),
    choiceColumn({
      ...common,
      id: 'experience',
      header: 'Experience',
      options: optionsOf(EXPERIENCE_WORDS),
      width: '84',
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
      hidden: hideWeights,
      width: '66',
    }),
    {
      id: 'limit',
      header: `Carry limit, ${massUnit}`,
      numeric: true,
      width: '88',
      show: (member) => <LimitCell figures={figuresOf.get(member.id)} hideWeights={hideWeights} />,
    },
    packColumn(trip, change, massUnit),
    choiceColumn({
      ...common,
      id: 'tentGroupId',
      header: 'Sleeps in',
      options: groups('tent'),
      none: '—',
      width: '94',
    }),
    choiceColumn({
      ...common,
      id: 'cookGroupId',
      header: 'Cooks with',
      options: groups('cook'),
      none: '—',
      width: '100',
    }),
    hereColumn(common, trip.legs.length),
    {
      ...choiceColumn({
        ...common,
        id: 'buddyId',
        header: 'Buddy',
        options: trip.members.map((m) => [m.id, m.name] as const),
        none: '—',
        width: '68',
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
      show: (member) => <RemoveButton name={member.name} onClick={() => leave(member)} />,
    },
  ];
}

/** A name; "Ilse 62" says the body weight as well. */
function nameColumn(common: Common, massUnit: MassUnit): Column<Member> {
  const name = textColumn<Member, 'name'>({ ...common, id: 'name', header: 'Name', width: '84' });
  return {
    ...name,
    edit: {
      ...name.edit!,
      take: (m, entry) => {
        const [person] = readPeople(entry, massUnit);
        if (person?.bodyMassKg === undefined) return name.edit!.take(m, entry);
        const next = withSaid(m, person);
        const error = common.check(next);
        if (error === undefined) common.save(next, 'name and body weight');
        return error;
      },
    },
  };
}

type Common = {
  readonly check: (m: Member) => string | undefined;
  readonly save: (m: Member, field: string) => void;
};

/** A number of years, or where nobody asks that closely, a band. */
function ageColumn(common: Common): Column<Member> {
  const text = (m: Member): string =>
    m.ageYears === undefined ? AGE_WORDS[m.ageBand].toLowerCase() : String(m.ageYears);
  return {
    id: 'age',
    header: 'Age, years',
    width: '72',
    numeric: true,
    show: text,
    edit: {
      text,
      take: (m, entry) => {
        const word = entry.trim().toLowerCase();
        const { ageYears: _old, ...rest } = m;
        const band = AGE_BANDS.find((b) => AGE_WORDS[b].toLowerCase() === word);
        const years = Number(word);
        if (band === undefined && (word === '' || !Number.isFinite(years)))
          return `expected an age such as "9", or one of ${AGE_BANDS.map((b) => `"${AGE_WORDS[b].toLowerCase()}"`).join(', ')}, got "${entry}"`;
        const next: Member =
          band === undefined
            ? { ...m, ageYears: years, ageBand: years < 18 ? 'under18' : 'adult' }
            : { ...rest, ageBand: band };
        const error = common.check(next);
        if (error === undefined) common.save(next, 'age');
        return error;
      },
    },
  };
}

/** How a member's limit is set; what holds without a choice is said in the first option. */
function policyColumn(common: Common, trip: Trip): Column<Member> {
  return {
    ...choiceColumn({
      ...common,
      id: 'limitPolicy',
      header: 'Limit by',
      options: LIMIT_POLICY_IDS.map((id) => [id, LIMIT_POLICY_WORDS[id]] as const),
      none: 'trial, else as the trip',
      width: '106',
    }),
    show: (member) => LIMIT_POLICY_WORDS[policyOf(trip, member)],
  };
}

function LimitCell({ figures, hideWeights }: { figures: MemberFigures | undefined; hideWeights: boolean }) {
  const { massUnit } = usePreferences();
  if (figures === undefined) return null;
  // A limit is a share of the body weight: both are hidden together.
  if (hideWeights) return '···';
  const limits = figures.loads.map((l) => l.limitKg);
  const low = Math.min(...limits);
  const high = Math.max(...limits);
  const text = massDigits(high, massUnit);
  const lowered = figures.loads.find((l) => l.limitKg === low);
  return (
    <Why reason={`${(lowered ?? figures.heaviest).limitReason} A planning number, not medical advice.`}>
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
    width: '62',
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
