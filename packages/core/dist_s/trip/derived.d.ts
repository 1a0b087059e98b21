/**
 * Figures of a trip that are kept as long as the parts they come from are the same. Whatever works them out is given
 * those parts alone and nothing else of the trip: a figure cannot come from what its list of parts does not name.
 */
import type { Trip } from './model.js';
/** A part, and what has to stay the same for it to be the same. */
export interface Part<V> {
    readonly value: V;
    readonly key: readonly unknown[];
}
export type PartsOf<F extends keyof Trip> = {
    readonly [K in F]: Part<Trip[K]>;
};
/** A field as it is. */
export declare const whole: <V>(value: V) => Part<V>;
/** A list of which each entry counts, and not which list it is. */
export declare const entries: <I>(value: readonly I[]) => Part<readonly I[]>;
/** The fields of some parts. The type is that of a trip, for the functions that read one; other fields are not there. */
export declare function tripOf(parts: Partial<PartsOf<keyof Trip>>): Trip;
/** Remembers the last result. */
export declare class Derived<F extends keyof Trip, T> {
    private readonly make;
    private last;
    /** @param make works the figure out of the parts; reads no other field */
    constructor(make: (trip: Trip) => T);
    of(parts: PartsOf<F>): T;
}
