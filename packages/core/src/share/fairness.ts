/** Schools of fairness: what a load is measured against. One object a school. */
import { ratioLimitKg } from '../load/memberLoad.js';
import type { FairnessSchoolId, Member } from '../trip/model.js';
import { formatMass, formatPercent, type MassUnit } from '../units/format.js';

export interface FairnessSchool {
  readonly id: FairnessSchoolId;
  readonly name: string;
  /** What a share that is fair by this school aims at: whether it gets there is another matter. */
  readonly aim: string;
  /** What the ratio is of, behind its figure. */
  readonly of: string;
  /** The ratio's denominator on a day, above 0. */
  readonly yardstick: (member: Member, limitKg: number) => number;
}

const OWN_LIMIT: FairnessSchool = {
  id: 'ownLimit',
  name: 'Own limit',
  aim: 'everybody equally near to what they can carry',
  of: 'of own limit',
  yardstick: (_member, limitKg) => ratioLimitKg(limitKg),
};
const BODY_WEIGHT: FairnessSchool = {
  id: 'bodyWeight',
  name: 'Body weight',
  aim: 'the same part of body weight for everybody; limits still hold',
  of: 'of body weight',
  yardstick: (member) => member.bodyMassKg,
};
const PLAIN_KG: FairnessSchool = {
  id: 'plainKg',
  name: 'Plain kilograms',
  aim: 'the same weight for everybody; limits still hold',
  of: 'on the back',
  yardstick: () => 1,
};

export const FAIRNESS_SCHOOLS: readonly FairnessSchool[] = [OWN_LIMIT, BODY_WEIGHT, PLAIN_KG];

export function fairnessSchool(id: FairnessSchoolId): FairnessSchool {
  return FAIRNESS_SCHOOLS.find((school) => school.id === id)!;
}

/** A ratio in a school's own terms: "71.4 %", or for plain kilograms "12.3 kg". */
export function formatMeasure(
  id: FairnessSchoolId,
  ratio: number,
  unit: MassUnit = 'kg',
  digits = 1,
  rounding: 'nearest' | 'up' | 'down' = 'nearest',
): string {
  return id === 'plainKg' ? formatMass(ratio, unit) : formatPercent(ratio, digits, rounding);
}
