import type { Member, Trip } from '../trip/model.js';
import type { ShareFigures } from './shareFigures.js';
export interface Weighing {
    /** What is to be weighed: a thing, a member's own things packed, a body. */
    readonly what: string;
    readonly kind: 'thing' | 'own' | 'body';
    readonly memberId?: string;
    readonly thingId?: string;
    /** The part of what is uncertain about the largest load that goes with it, 0 to 1. */
    readonly part: number;
}
export interface StandsOn {
    /** Things in packs, and those of them whose mass is a guess. */
    readonly masses: number;
    readonly estimates: number;
    /** Things without any mass, not even a guess: they count as nothing. */
    readonly unweighed: readonly string[];
    /** Members of whose own things nothing is known, and those of whom one figure is. */
    readonly ownUnknown: readonly Member[];
    readonly ownFigures: readonly Member[];
    /** Members whose body weight nobody has said. */
    readonly bodiesUnsaid: readonly Member[];
    /** Pieces that make the largest load whoever carries them. */
    readonly alone: readonly string[];
    /** Between these the largest load is in eight of ten cases, by the trip's school of fairness. */
    readonly low: number;
    readonly high: number;
    /** The three most worth weighing, the first first. */
    readonly weighFirst: readonly Weighing[];
}
/** @param figures of the same trip */
export declare function standsOn(trip: Trip, figures: ShareFigures): StandsOn;
