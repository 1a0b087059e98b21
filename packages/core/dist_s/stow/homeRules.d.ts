/**
 * Where each kind of thing belongs, as a table that a reader can argue with: the first rule that applies is a thing's
 * home rule. All of it is common practice, no source. Where practitioners disagree the trip's house rules decide.
 */
import type { HouseRules, Thing } from '../trip/model.js';
import type { HomeRule } from './rules/homeRule.js';
export declare const HOME_RULES: readonly HomeRule[];
/** The last rule applies to everything. */
export declare function homeRule(thing: Thing, house: HouseRules): HomeRule;
