/** Schools of fairness: what a load is measured against. One object a school. */
import { ratioLimitKg } from '../load/memberLoad.js';
import { formatMass, formatPercent } from '../units/format.js';
const OWN_LIMIT = {
    id: 'ownLimit',
    name: 'Own limit',
    aim: 'everybody equally near to what they can carry',
    of: 'of own limit',
    yardstick: (_member, limitKg) => ratioLimitKg(limitKg),
};
const BODY_WEIGHT = {
    id: 'bodyWeight',
    name: 'Body weight',
    aim: 'the same part of body weight for everybody; limits still hold',
    of: 'of body weight',
    yardstick: (member) => member.bodyMassKg,
};
const PLAIN_KG = {
    id: 'plainKg',
    name: 'Plain kilograms',
    aim: 'the same weight for everybody; limits still hold',
    of: 'on the back',
    yardstick: () => 1,
};
export const FAIRNESS_SCHOOLS = [OWN_LIMIT, BODY_WEIGHT, PLAIN_KG];
export function fairnessSchool(id) {
    return FAIRNESS_SCHOOLS.find((school) => school.id === id);
}
/** A ratio in a school's own terms: "71.4 %", or for plain kilograms "12.3 kg". */
export function formatMeasure(id, ratio, unit = 'kg', digits = 1, rounding = 'nearest') {
    return id === 'plainKg' ? formatMass(ratio, unit) : formatPercent(ratio, digits, rounding);
}
//# sourceMappingURL=fairness.js.map