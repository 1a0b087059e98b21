/** What cures of findings are made of: leaving things at home, adding an entry of the library for somebody or the group. */
import type { LibraryEntry, ThingEntry } from '../library/libraryModel.js';
import type { Member, PersonalThing, Piece, Trip, Want } from '../trip/model.js';
import type { Cure } from './finding.js';
/** An entry of a library, or of the starter library where the leader has taken it out. */
export declare function entryById(library: readonly LibraryEntry[], id: string): ThingEntry;
/** "Ilse", "Ilse and Tam", "Ilse, Tam and 3 more". */
export declare function names(members: readonly Member[]): string;
/** Members on whose lists some of these things are, in the trip's order. */
export declare function ownersOf(trip: Trip, things: readonly (Piece | PersonalThing)[]): readonly Member[];
/** Leave things out; what is worn or in hand was no load. */
export declare function leaveAtHome(label: string, things: readonly (Piece | PersonalThing)[]): Cure;
/**
 * Add an entry's thing to members' lists.
 *
 * @param memberIds one thing for each; an id that stands several times gets several
 * @param whom the members in words
 */
export declare function addFor(entry: ThingEntry, memberIds: readonly string[], whom: string, want?: Want): Cure;
/** Add one or several of an entry's thing to the group kit. */
export declare function addToGroup(entry: ThingEntry, count?: number): Cure;
