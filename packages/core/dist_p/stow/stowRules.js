/**
 * The rules of stowing as a catalogue: what each asks, why, which camp holds it, and how grave a breach is; checked on
 * any stow, planned or made by hand. All of it is common practice, no source; numbers are Graft's own.
 */
import { SEVERITIES } from './assessment.js';
import { CARRYING_RULES } from './rules/carryingRules.js';
import { FIT_RULES } from './rules/fitRules.js';
import { FORBIDDEN_RULES } from './rules/forbiddenRules.js';
import { HOUSE_RULES } from './rules/houseRules.js';
import { SAFETY_RULES } from './rules/safetyRules.js';
const CHECKS = [
    ...FIT_RULES,
    ...FORBIDDEN_RULES,
    ...SAFETY_RULES,
    ...CARRYING_RULES,
    ...HOUSE_RULES,
];
/** The catalogue, without the checks themselves. */
export const STOW_RULES = CHECKS.map(({ check: _check, ...rule }) => rule);
/** Every rule that a stow breaks, the gravest first. */
export function stowFindings(problem, a) {
    return CHECKS.flatMap(({ id, severity, check }) => check(problem, a).map((f) => ({ ruleId: id, severity, ...f }))).sort((x, y) => SEVERITIES.indexOf(x.severity) - SEVERITIES.indexOf(y.severity));
}
//# sourceMappingURL=stowRules.js.map