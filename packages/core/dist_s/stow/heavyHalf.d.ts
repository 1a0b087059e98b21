/**
 * The heavy half: what a packing school is about. "High" and "low" in the mouths of packers say where the heavy things
 * ride, not where the whole pack's centre of gravity comes to (common practice, no source). Studies of load height did the
 * same: a given heavy load was put at the shoulder blades, mid back or lumbar, in a pack filled with light stuff (Bobet
 * and Norman 1984; Stuempfle, Drury and Wilson 2004; both from memory).
 *
 * So of what may ride anywhere in the bag, the densest things that make half of its mass are looked at. What is wanted
 * before camp, what has its place in pockets, straps or the sleeve, and what a house rule puts somewhere is settled by that
 * and not by a school.
 */
import type { HouseRules, Pack, Thing } from '../trip/model.js';
/** What of each thing counts, kg. */
export interface HeavyHalf {
    readonly kgOf: ReadonlyMap<string, number>;
    readonly totalKg: number;
}
export interface HeavyCandidate {
    readonly thing: Thing;
    /** With what rides in it, kg. */
    readonly wholeKg: number;
    readonly volumeL: number;
}
/** @param things those that ride in no other */
export declare function heavyHalf(things: readonly HeavyCandidate[], pack: Pack, house: HouseRules): HeavyHalf;
/** Whether a best place of this pack for a thing is in the main compartment. */
export declare function isBestInMain(thing: Thing, pack: Pack, house: HouseRules): boolean;
