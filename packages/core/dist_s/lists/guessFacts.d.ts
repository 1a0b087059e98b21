import type { LibraryEntry, ThingFacts } from '../library/libraryModel.js';
import type { Eaters } from './vocabulary/sized.js';
/** A soft thing of which nothing is known but its name: it has no mass until somebody says one. */
export declare const UNKNOWN_FACTS: ThingFacts;
/** Whether nobody has said or guessed what a thing weighs. */
export declare function isUnweighed({ massKg, massEstimated, }: Pick<ThingFacts, 'massKg' | 'massEstimated'>): boolean;
export interface Guess {
    readonly facts: ThingFacts;
    readonly libraryId?: string;
    /** What the name was taken for; absent where it is not known. */
    readonly as?: string;
    /** How much of the name was understood, 0 to 1. */
    readonly likeness: number;
    /** Such a thing usually weighs, kg. */
    readonly rangeKg?: readonly [low: number, high: number];
    /** It is as much as people need over the days of the trip. */
    readonly isNeed: boolean;
    /** The starter library's kit that it is, in its pieces. */
    readonly kitId?: string;
}
/**
 * The facts of what a name means, or of an unknown soft thing.
 *
 * @param massKg what is known of its mass: its volume then goes with the density of what it is
 * @param eaters whose food and fuel it is, where that is known
 * @param count how many of it a line names: pieces of what is otherwise told as a set
 */
export declare function guessFacts(name: string, library: readonly LibraryEntry[], massKg?: number, eaters?: Eaters, count?: number): Guess;
/** Between which masses a thing of such a name usually is, kg, by the vocabulary alone; kept by name. */
export declare function vocabularyRangeKg(name: string): readonly [low: number, high: number] | undefined;
/** A guess for a thing whose mass is known: twice the mass is about twice the room, within its own outline. */
export declare function ofMass(guess: Guess, massKg: number): Guess;
