/**
 * Lists to start from, by style of trip, with rules on what the trip is like: nights, coldest night, rain, insects,
 * cooking, snow (common practice and Graft's own, no source).
 */
import type { Member, Trip, TripStyle, Want } from '../trip/model.js';
import type { TripFacts } from './tripFacts.js';
export interface TemplateLine {
    readonly starterId: string;
    readonly want: Want;
    readonly when?: (facts: TripFacts, trip: Trip) => boolean;
    readonly why: string;
    /** Of group things: one for so many people; one for the party when absent. */
    readonly per?: number;
    readonly styles?: readonly TripStyle[];
    /** Of what everybody brings: not yet for younger ones, years. */
    readonly fromAge?: number;
}
/** What everybody brings. */
export declare const EACH: readonly TemplateLine[];
/** What the party has together. */
export declare const PARTY: readonly TemplateLine[];
/** Whether a line is for such a trip. */
export declare function applies(line: TemplateLine, facts: TripFacts, trip: Trip): boolean;
/** Whether a member is old enough for a line of what everybody brings. */
export declare function isOldEnough(line: TemplateLine, member: Member): boolean;
