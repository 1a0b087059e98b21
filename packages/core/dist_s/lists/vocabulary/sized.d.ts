/** The facts of a concept by the sizes and qualities in a name, and by who eats of it. */
import type { ThingFacts } from '../../library/libraryModel.js';
import type { Sizes } from './sizes.js';
import type { Concept } from './vocabulary.js';
/** Whose food and fuel it is. */
export interface Eaters {
    readonly people: number;
    readonly days: number;
    readonly nights: number;
}
export interface Sized {
    readonly facts: ThingFacts;
    readonly rangeKg: readonly [low: number, high: number];
    /** It is as much as so many people need over the days, and is eaten over them. */
    readonly isNeed: boolean;
}
/**
 * @param factor what the name's qualities make of the mass: small, heavy, ultralight
 * @param eaters people and days, for what goes by them; one person's day where not known
 */
export declare function sized(concept: Concept, sizes: Sizes, factor: number, eaters: Eaters | undefined): Sized;
