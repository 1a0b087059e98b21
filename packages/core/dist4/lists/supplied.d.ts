/**
 * What the destination supplies is kit there, and is not carried to it. Where every night is spent there, as in huts, the
 * lists do not propose it and the checks count it; on other trips it may still be wanted on the way. What is to be asked
 * first, or is no good, counts as nothing (common practice, no source).
 */
import type { LibraryEntry } from '../library/libraryModel.js';
import type { Thing, Trip } from '../trip/model.js';
import type { KitFinding } from './finding.js';
type Named = Pick<Thing, 'name' | 'needed' | 'purpose'>;
/** Whether a list need not hold a thing, since all nights are spent where it is supplied. */
export declare function needNotCome(trip: Trip, thing: Named, library: readonly LibraryEntry[]): boolean;
/** Whether something of a purpose is there every night, without being carried. */
export declare function isThere(trip: Trip, is: (thing: Thing) => boolean, library: readonly LibraryEntry[]): boolean;
/** Carried to where it is anyway: one finding a supply. */
export declare function suppliedFindings(trip: Trip, library: readonly LibraryEntry[]): readonly KitFinding[];
export {};
