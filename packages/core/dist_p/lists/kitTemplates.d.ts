/** What a list by the trip's style and weather would add: a proposal names only what is not there yet. */
import type { KitEntry, LibraryEntry, ThingEntry } from '../library/libraryModel.js';
import type { Trip, Want } from '../trip/model.js';
export interface Proposal {
    /** Unique among the proposals. */
    readonly id: string;
    readonly entry: ThingEntry | KitEntry;
    readonly want: Want;
    readonly why: string;
    /** Members who lack it; empty for what the group gets. */
    readonly memberIds: readonly string[];
    /** The tent or cook group that a kit is for. */
    readonly groupId?: string;
    readonly count: number;
    readonly changeKg: number;
}
/** What a list by the trip's style and weather would add to what is there. */
export declare function proposeKit(given: Trip, library: readonly LibraryEntry[]): readonly Proposal[];
/** Put proposals onto the lists; groups that they are for are made where there are none. */
export declare function takeProposals(trip: Trip, proposals: readonly Proposal[]): Trip;
