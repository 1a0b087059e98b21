/**
 * What a thing that is only named is: the concept of the vocabulary, or the leader's own thing, that the head of the name
 * says. In English the head is the last noun before "for", "with" or a comma: a stuff sack for the sleeping bag is a sack.
 * A head that is not known leaves the name unknown: a spoon holder is no spoon, and nothing is made up for it.
 */
import type { LibraryEntry, ThingFacts } from '../../library/libraryModel.js';
import { type Eaters } from './sized.js';
export interface Recognised {
    /** What the name was taken for. */
    readonly as: string;
    /** With the likely mass, kg. */
    readonly facts: ThingFacts;
    /** Between these it usually is, kg. */
    readonly rangeKg: readonly [low: number, high: number];
    /** How much of the name was understood, from 0 to 1. */
    readonly likeness: number;
    /** The library's thing or kit that it is. */
    readonly libraryId?: string;
    /** It is as much as people need over the days of the trip. */
    readonly isNeed: boolean;
    /** The starter library's kit that it is, in its pieces. */
    readonly kitId?: string;
}
/**
 * @param name as people write it, without count and mass
 * @param library the leader's own, whose things come first
 * @param eaters whose food and fuel it is, where that is known
 * @param count how many of it there are: of what is told as a set, several are its pieces
 * @returns undefined where nobody could know what it is
 */
export declare function recognise(name: string, library: readonly LibraryEntry[], eaters?: Eaters, count?: number): Recognised | undefined;
