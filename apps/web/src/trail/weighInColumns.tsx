import { Text } from '../theme/chakra';
import { removeWeighIn } from '@graft/core/debrief';
import { WEIGH_IN_RANGES } from '@graft/core/schema';
import { plannedOnScaleKg, TOLERANCE_KG, type WeighInFigures, type WeighInVerdict } from '@graft/core/trail';
import { BUDDY_CHECKS, type Member, type Trip, type WeighIn } from '@graft/core/trip';
import { formatMass, formatMassChange, massDigits, unitShown, type MassUnit } from '@graft/core/units';
import { QuantityInput } from '../shared/QuantityInput';
import type { Column } from '../shared/table/column';
import { Why } from '../shared/Why';
import { MemberButton } from './MemberButton';
import { useLimits } from '../shared/useLimits';

const VERDICT_WORDS: Readonly<Record<WeighInVerdict, string>> = {
  asPlanned: 'as planned',
  withinEstimates: 'within what estimates allow',
  heavier: '▲ heavier than planned',
  lighter: '▲ lighter than planned',
};

/** A member's pack at the trailhead. */
export interface WeighInRow {
  readonly member: Member;
  readonly weighIn: WeighIn | undefined;
  readonly figures: WeighInFigures | undefined;
  /** Water in the pack, as said or as planned. */
  readonly waterL: number;
}

interface Context {
  readonly trip: Trip;
  readonly massUnit: MassUnit;
  readonly readOnly: boolean;
  readonly change: (label: string, step: (trip: Trip) => Trip) => void;
  readonly put: (weighIn: WeighIn, label: string) => void;
  readonly onChoose: (memberId: string) => void;
  readonly chosenId: string;
}

/** The columns of the weigh-in: what is on the scale against what should be. */
export function weighInColumns(context: Context): readonly Column<WeighInRow>[] {
  const { trip, massUnit, readOnly, change, put, onChoose, chosenId } = context;
  return [
    {
      id: 'member',
      header: 'Member',
      width: '14%',
      show: ({ member }) => (
        <MemberButton member={member} isChosen={member.id === chosenId} onChoose={onChoose} />
      ),
    },
    {
      id: 'water',
      header: `Water in it, ${unitShown('liquid', massUnit).unit}`,
      width: '11%',
      numeric: true,
      control: true,
      show: ({ member, weighIn, waterL }) => (
        <QuantityInput
          label={`Water in the pack of ${member.name}`}
          value={waterL}
          quantity="liquid"
          low={WEIGH_IN_RANGES.waterL[0]}
          high={WEIGH_IN_RANGES.waterL[1]}
          readOnly={readOnly || weighIn === undefined}
          onTake={(litres) =>
            weighIn !== undefined &&
            put({ ...weighIn, waterL: litres ?? 0 }, `${member.name}: water when weighed`)
          }
        />
      ),
    },
    {
      id: 'scale',
      header: `On the scale, ${massUnit}`,
      width: '13%',
      numeric: true,
      control: true,
      show: ({ member, weighIn, waterL }) => (
        <QuantityInput
          label={`Pack of ${member.name} on the scale`}
          value={weighIn?.measuredKg}
          quantity="mass"
          low={WEIGH_IN_RANGES.measuredKg[0]}
          high={WEIGH_IN_RANGES.measuredKg[1]}
          readOnly={readOnly}
          onTake={(kg) =>
            kg === undefined
              ? change(`${member.name}: not weighed`, (t) => removeWeighIn(t, member.id))
              : put(
                  { memberId: member.id, waterL, checked: [], ...weighIn, measuredKg: kg },
                  `${member.name} on the scale`,
                )
          }
        />
      ),
    },
    {
      id: 'plan',
      header: `Plan, ${massUnit}`,
      width: '11%',
      numeric: true,
      show: ({ member, waterL }) => massDigits(plannedOnScaleKg(trip, member, waterL), massUnit),
    },
    {
      id: 'difference',
      header: 'Difference',
      width: '10%',
      numeric: true,
      show: ({ figures }) =>
        figures === undefined ? (
          <span className="muted">–</span>
        ) : (
          <Why
            reason={`Within ${formatMass(TOLERANCE_KG, massUnit)} it is as planned. Estimates of what is in it let it be off by ${formatMass(figures.spreadKg, massUnit)}.`}
          >
            {formatMassChange(figures.deltaKg, massUnit)}
          </Why>
        ),
    },
    {
      id: 'verdict',
      header: 'Against the plan',
      width: '23%',
      show: ({ figures }) => <Verdict figures={figures} />,
    },
    {
      id: 'checks',
      header: 'Checks',
      width: '8%',
      numeric: true,
      show: ({ weighIn }) => `${weighIn?.checked.length ?? 0} / ${BUDDY_CHECKS.length}`,
    },
    {
      id: 'ready',
      header: 'Ready',
      width: '10%',
      show: ({ weighIn }) => weighIn?.signedBy ?? <span className="muted">not yet</span>,
    },
  ];
}

function Verdict({ figures }: Pick<WeighInRow, 'figures'>) {
  const limits = useLimits();
  if (figures === undefined) return <span className="muted">not weighed yet</span>;
  const { verdict, ratio } = figures;
  return (
    <Text as="span" color={verdict === 'heavier' || verdict === 'lighter' ? 'overload.fg' : undefined}>
      {VERDICT_WORDS[verdict]}
      {ratio > 1 && (limits.hidden ? '; ▲ above the limit' : `; ▲ ${limits.percent(ratio, 0)} of limit`)}
    </Text>
  );
}
