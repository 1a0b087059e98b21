import { DAILY_RULES } from './rules/dailyRules.js';
import { SHELTER_RULES } from './rules/shelterRules.js';
export const HOME_RULES = [...SHELTER_RULES, ...DAILY_RULES];
/** The last rule applies to everything. */
export function homeRule(thing, house) {
    return HOME_RULES.find((rule) => rule.applies(thing, house));
}
//# sourceMappingURL=homeRules.js.map