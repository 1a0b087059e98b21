import { Flex, Text } from '../theme/chakra';
import { putComfort, removeComfort } from '@graft/core/debrief';
import { isWithParty, type ComfortMark, type Member, type Trip } from '@graft/core/trip';
import { formatMass, massDigits, type MassUnit } from '@graft/core/units';
import { Select } from '../shared/Select';
import type { Column } from '../shared/table/column';
import { Why } from '../shared/Why';
import { MemberButton } from './MemberButton';
import { DAY_ROLE_WORDS } from '../shared/words';
import { COMFORT_OPTIONS } from './ComfortPanel';
import type { MemberSteps } from './RatioSteps';
import { partText, stepText } from './words';
import { workDigits, workUnit } from '../shared/work';
import { useLimits } from '../shared/useLimits';

export interface DayContext {
  /** The trip as it is walked: what loads come from. */
  readonly walked: Trip;
  readonly day: number;
  readonly massUnit: MassUnit;
  readonly readOnly: boolean;
  readonly frontId: string;
  readonly onChoose: (memberId: string) => void;
  /** What a member has carried how far at the end of the day, kg·km. */
  readonly workKgKm: (memberId: string) => number;
  readonly markOf: (memberId: string) => ComfortMark | undefined;
  readonly change: (label: string, step: (trip: Trip) => Trip) => void;
  readonly onMarked: (memberId: string, comfort: number | undefined) => void;
}

/** The columns of a day's loads. */
export function dayColumns(context: DayContext): readonly Column<MemberSteps>[] {
  const { walked, day, massUnit, frontId, onChoose, workKgKm } = context;
  const kgOf =
    (kg: (row: MemberSteps) => number) =>
    (row: MemberSteps): string =>
      isWithParty(row.member, day) ? massDigits(kg(row), massUnit) : '–';
  const momentsOf = (row: MemberSteps): MemberSteps['moments'][number] => row.moments[day - 1]!;
  return [
    {
      id: 'member',
      header: `Day ${day}`,
      width: '15%',
      show: ({ member }) => (
        <>
          <MemberButton member={member} isChosen={member.id === frontId} onChoose={onChoose} />{' '}
          <span className="muted">{rolesOf(walked, member, day)}</span>
        </>
      ),
    },
    {
      id: 'morning',
      header: `Sets off, ${massUnit}`,
      width: '8%',
      numeric: true,
      show: kgOf((row) => momentsOf(row).morningKg),
    },
    {
      id: 'afterWater',
      header: 'After water',
      width: '9%',
      numeric: true,
      show: kgOf((row) => momentsOf(row).afterWaterKg),
    },
    {
      id: 'evening',
      header: 'Into camp',
      width: '9%',
      numeric: true,
      show: kgOf((row) => momentsOf(row).eveningKg),
    },
    {
      id: 'ratio',
      header: 'Of limit',
      width: '9%',
      numeric: true,
      show: (row) => (isWithParty(row.member, day) ? <Ratio row={row} context={context} /> : '–'),
    },
    {
      id: 'step',
      header: 'Since the day before',
      width: '32%',
      hint: (row) => stepWords(row, context),
      show: (row) => <Step row={row} context={context} />,
    },
    {
      id: 'work',
      header: `So far, ${workUnit(massUnit)}`,
      width: '9%',
      numeric: true,
      show: ({ member }) => workDigits(workKgKm(member.id), massUnit),
    },
    {
      id: 'comfort',
      header: 'Comfort',
      width: '9%',
      control: true,
      show: ({ member }) => <Comfort member={member} context={context} />,
    },
  ];
}

/** What somebody does for the party on a day: "navigator, sweep". */
export const rolesOf = (walked: Trip, member: Member, day: number): string =>
  walked.roles
    .filter((r) => r.day === day && r.memberId === member.id)
    .map((r) => DAY_ROLE_WORDS[r.role].toLowerCase())
    .join(', ');

interface CellProps {
  readonly row: MemberSteps;
  readonly context: DayContext;
}

export function Ratio({ row, context: { day, massUnit } }: CellProps) {
  const limits = useLimits();
  const { afterWaterKg, limitKg } = row.moments[day - 1]!;
  const ratio = row.ratios[day - 1]!;
  return (
    <Why
      reason={`${formatMass(afterWaterKg, massUnit)} after water${limits.hidden ? '' : `, of a limit of ${limits.kg(limitKg)} that day`}.`}
    >
      <Text as="span" color={ratio > 1 ? 'overload.fg' : undefined} fontWeight="600">
        {ratio > 1 && '▲ '}
        {limits.percent(ratio, 0)}
      </Text>
    </Why>
  );
}

/** What made a member's load another than the day before. */
export function stepWords(
  { member, moments, steps }: MemberSteps,
  { walked, day, massUnit }: DayContext,
): string {
  if (!isWithParty(member, day)) {
    const { afterWaterKg } = moments[day - 1]!;
    return afterWaterKg > 0
      ? `left the party; ${formatMass(afterWaterKg, massUnit)} of the group’s to hand over`
      : 'left the party';
  }
  const step = steps[day - 2];
  return step === undefined ? 'sets off' : stepText(step, walked.members, massUnit);
}

function Step({ row, context }: CellProps) {
  const { walked, day, massUnit } = context;
  const parts = row.steps[day - 2]?.parts ?? [];
  const text = stepWords(row, context);
  if (parts.length < 3 || !isWithParty(row.member, day)) return text;
  return (
    <Why
      reason={parts.map((p, i) => (
        <div key={i}>{partText(p, walked.members, massUnit)}</div>
      ))}
    >
      {text}
    </Why>
  );
}

export function Comfort({ member, context }: { member: Member; context: DayContext }) {
  const { day, readOnly, change, markOf, onMarked } = context;
  const mark = markOf(member.id);
  return (
    <Flex align="center" gap="1">
      <Select
        label={`Comfort of ${member.name}`}
        w="3.8rem"
        disabled={readOnly || !isWithParty(member, day)}
        value={mark === undefined ? '' : String(Math.round(mark.comfort))}
        options={COMFORT_OPTIONS}
        onChoose={(value) => {
          if (value === '')
            change(`${member.name}: no mark for day ${day}`, (t) => removeComfort(t, member.id, day));
          else
            change(`${member.name}: how day ${day} felt`, (t) =>
              putComfort(t, {
                ...(mark ?? { memberId: member.id, day, hurts: [] }),
                comfort: Number(value),
              }),
            );
          onMarked(member.id, value === '' ? undefined : Number(value));
        }}
      />
      {mark !== undefined && mark.hurts.length > 0 && (
        <Text as="span" fontSize="xs" color="overload.fg" title="Something hurts">
          ▲
        </Text>
      )}
    </Flex>
  );
}
