/**
 * The questions on which practitioners disagree, with each camp's reason in a line. Common practice, no source; Graft
 * takes no side. The first choice of each is the default.
 */
import type { HOUSE_RULE_CHOICES, HouseRuleId } from './model.js';
export interface HouseRuleText<Choice extends string = string> {
    readonly question: string;
    /** What the choice changes in Graft. */
    readonly drives: string;
    readonly choices: Readonly<Record<Choice, {
        readonly label: string;
        readonly why: string;
    }>>;
}
export declare const HOUSE_RULE_TEXTS: {
    readonly [K in HouseRuleId]: HouseRuleText<(typeof HOUSE_RULE_CHOICES)[K][number]>;
};
