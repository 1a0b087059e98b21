/**
 * Where each kind of thing belongs, as a table that a reader can argue with: the first rule that applies is a thing's
 * home rule. All of it is common practice, no source. Where practitioners disagree the trip's house rules decide.
 */
import type { HouseRules, Thing } from '../trip/model.js';
import { DAILY_RULES } from './rules/dailyRules.js';
import type { HomeRule } from './rules/homeRule.js';
import { SHELTER_RULES } from './rules/shelterRules.js';

export const HOME_RULES: readonly HomeRule[] = [...SHELTER_RULES, ...DAILY_RULES];

/** The last rule applies to everything. */
export function homeRule(thing: Thing, house: HouseRules): HomeRule {
  return HOME_RULES.find((rule) => rule.applies(thing, house))!;
}
