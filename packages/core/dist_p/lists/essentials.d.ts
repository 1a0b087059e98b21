/**
 * The essentials: what every member and every party should have with it, whatever the list says (common practice, no
 * source): navigation, light, sun, warmth, first aid, fire, repair, food, water, shelter.
 */
import type { LibraryEntry } from '../library/libraryModel.js';
import type { Member, Thing, Trip } from '../trip/model.js';
import { type KitFinding } from './finding.js';
import { type TripFacts } from './tripFacts.js';
interface Essential {
    readonly id: string;
    readonly name: string;
    readonly why: string;
    /** Whether it is wanted on such a trip at all. */
    readonly when: (facts: TripFacts) => boolean;
    readonly is: (thing: Thing) => boolean;
    /** Every member has one of their own. */
    readonly each: boolean;
    /** The party has so many, of its own and of its members together. */
    readonly party: (people: number) => number;
    /** The entry of the starter library that covers it. */
    readonly starterId: string;
}
export declare const ESSENTIALS: readonly Essential[];
/** A first-aid kit for several people, by its mass (Graft's own line). */
export declare function isGroupFirstAid(thing: Thing): boolean;
/**
 * What is missing of the essentials, with a cure out of the library.
 *
 * @param listed members whose own things are on a list: of others nobody can say what they lack
 */
export declare function essentialFindings(trip: Trip, library: readonly LibraryEntry[], listed?: readonly Member[]): readonly KitFinding[];
export {};
