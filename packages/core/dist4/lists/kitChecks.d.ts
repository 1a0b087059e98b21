/** All checks of a trip's kit together, without what the leader has put aside. */
import type { LibraryEntry } from '../library/libraryModel.js';
import type { Trip } from '../trip/model.js';
import type { KitFinding } from './finding.js';
export interface KitChecks {
    /** What must be settled first, then what should, then what could; the largest saving first among equals. */
    readonly open: readonly KitFinding[];
    /** Put aside, each with its reason; a finding that is gone is not among them. */
    readonly dismissed: readonly {
        readonly finding: KitFinding;
        readonly reason: string;
    }[];
}
/** The checks one by one, for a page that must answer between two of them: their findings in this order are gathered. */
export declare function kitCheckSteps(trip: Trip, library: readonly LibraryEntry[]): readonly (() => readonly KitFinding[])[];
/** @param library the leader's own; cures and history come out of it */
export declare function kitChecks(trip: Trip, library: readonly LibraryEntry[]): KitChecks;
/** Findings in the order they are to be looked at, apart from what was put aside. */
export declare function gatherChecks(trip: Trip, all: readonly KitFinding[]): KitChecks;
/** Put a finding aside with a reason. */
export declare function dismissFinding(trip: Trip, id: string, reason: string): Trip;
/** Take a finding up again. */
export declare function recallFinding(trip: Trip, id: string): Trip;
