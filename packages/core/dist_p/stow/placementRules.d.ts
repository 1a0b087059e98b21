/**
 * What the rules say to a thing in a zone: its home rule's liking, what safety forbids, and whether the zone is too deep
 * for when the thing is needed.
 */
import type { HouseRuleId, HouseRules, Needed, Thing, Zone, ZoneKind } from '../trip/model.js';
import { type PackStyle } from './safetyRules.js';
export declare const LEVELS: readonly ['good', 'fair', 'poor', 'never'];
export type Level = (typeof LEVELS)[number];
export interface Verdict {
    readonly level: Level;
    readonly ruleId: string;
    readonly reason: string;
    /** The zone is too deep for when the thing is needed. */
    readonly tooDeep: boolean;
    /** A house rule has it ride deep: then what comes out before it does not count. */
    readonly byHouse: boolean;
    /** The house rule that says where it belongs; undefined where practitioners agree. */
    readonly question: HouseRuleId | undefined;
    /** That house rule was chosen against the usual way. */
    readonly isChosen: boolean;
}
/** What a thing's own home rule refuses. */
export declare const NOT_HERE = "not-its-place";
export declare const NEEDED_WORDS: Readonly<Record<Needed, string>>;
/** Whether one rule forbids a zone to a thing: a verdict names only the first that does. */
export declare function isForbiddenBy(ruleId: string, thing: Thing, zone: Zone, house: HouseRules, pack: PackStyle): boolean;
/** What the rules say to a thing in a zone. */
export declare function placementVerdict(thing: Thing, zone: Zone, house: HouseRules, pack: PackStyle): Verdict;
/** Kinds of zone a thing's home rule likes best, for "would rather be in …". */
export declare function preferredKinds(thing: Thing, house: HouseRules): readonly ZoneKind[];
