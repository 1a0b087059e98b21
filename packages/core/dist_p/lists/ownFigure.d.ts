import type { Member, PersonalThing, Trip } from '../trip/model.js';
export interface OwnTotal {
    /** What own things come to in the pack, kg: by the figure, or by the list where that is more. */
    readonly kg: number;
    /** What is on the list, worn things and food of the larder left out, kg. */
    readonly listedKg: number;
    readonly listed: number;
    /** What the figure says beyond the list, kg. */
    readonly restKg: number;
}
/** Whether a thing stands for what is not listed yet. */
export declare function isUnlisted(thing: Pick<PersonalThing, 'madeBy'>): boolean;
export declare function ownTotal(trip: Trip, member: Member): OwnTotal;
/** Whether nobody has said what a member brings: neither a figure nor a list. */
export declare function isOwnUnknown(trip: Trip, member: Member): boolean;
/** Whether a member's own things are on a list, all that the figure says of them. */
export declare function isListed(trip: Trip, member: Member): boolean;
export interface OwnSuggestion {
    readonly kg: number;
    readonly volumeL: number;
}
/** What the lists by template come to for a member on such a trip: by nights, season, ground and house rules. */
export declare function suggestOwn(trip: Trip, member: Member): OwnSuggestion;
/** The suggestion as the figure of everybody of whom nothing is known; it is an estimate. */
export declare function takeSuggestedOwn(trip: Trip): Trip;
/** After a change of a trip: what the figures say beyond the lists, made again where the change touches it. */
export declare function settleOwnThings(before: Trip, after: Trip): Trip;
/** The trip with what its figures say beyond the lists; the same trip comes back when nothing has to change. */
export declare function landOwnThings(trip: Trip): Trip;
