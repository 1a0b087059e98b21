/** Taking entries of a kit library onto a trip's lists: copies with ids of their own, in the trip's form. */
import type { KitEntry, LibraryEntry, ThingEntry, ThingFacts } from '../library/libraryModel.js';
import type { Kit, PersonalThing, Piece, Thing, Trip, Want } from '../trip/model.js';
export declare function thingIds(trip: Trip): readonly string[];
export declare function looseKit(trip: Trip): Kit;
/** A thing for each of these members, from an entry. */
export declare function giveEach(trip: Trip, entry: ThingEntry, memberIds: readonly string[], want?: Want): Trip;
/** One or several of a thing for the group, as pieces of the loose kit. */
export declare function giveGroup(trip: Trip, entry: ThingEntry, count?: number): Trip;
/**
 * A kit of the library as a kit of the trip.
 *
 * @param groupId the tent or cook group it is for; its parts are then only for that group, which learns what the kit
 *   sleeps, cooks on or holds where it did not know
 */
export declare function giveKit(trip: Trip, entry: KitEntry, groupId?: string): Trip;
/**
 * A kit of the starter library in its pieces, which weigh together what the whole does.
 *
 * @param whole the kit as one thing, with its name and mass
 */
export declare function giveWholeKit(trip: Trip, kitId: string, whole: Pick<Thing, 'name' | 'massKg'>): Trip;
/** What a library keeps of a trip's thing. */
export declare function factsOf(thing: Thing): ThingFacts;
/** A trip's thing as an entry: in place of the one it was taken from, or a new one. */
export declare function entryOfThing(thing: PersonalThing | Piece, entries: readonly LibraryEntry[]): ThingEntry;
/** A trip's kit as an entry: in place of the one it was taken from, or a new one. */
export declare function entryOfKit(trip: Trip, kit: Kit, entries: readonly LibraryEntry[]): KitEntry;
