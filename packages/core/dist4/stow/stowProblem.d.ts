/** What is to be stowed in one member's pack: things with their mass on a day and volume on every day. */
import { type PackingSchool } from '../carriage/packingSchool.js';
import type { HouseRules, Member, Pack, Trip } from '../trip/model.js';
import type { StowThing } from './stowThing.js';
import { type HeavyHalf } from './heavyHalf.js';
import { type MainParting } from './mainParting.js';
export interface StowProblem {
    readonly member: Member;
    readonly pack: Pack;
    readonly house: HouseRules;
    readonly school: PackingSchool;
    /** Where the zones of the main compartment part under what is to ride in it. */
    readonly parting: MainParting;
    /** What the school is about. */
    readonly heavy: HeavyHalf;
    /** Lower and upper end of the school's band for this torso, cm: there the heavy half is to ride. */
    readonly band: readonly [number, number];
    readonly day: number;
    /** The day the stow is planned for. */
    readonly plannedFor: number;
    readonly things: readonly StowThing[];
    /** Thing → what it rides in on the day, each holder before what is in what it holds. */
    readonly inside: ReadonlyMap<string, string>;
    /** Thing → the holder that has no room for it on the day. */
    readonly leftOut: ReadonlyMap<string, string>;
    /** The pack has a liner; it counts with the pack. */
    readonly isLined: boolean;
    /** Water of the day that no container of this pack holds, litres. */
    readonly waterWithoutContainerL: number;
    /** Days on rough ground, where nothing should swing outside. */
    readonly roughDays: readonly number[];
}
/** The day a stow is planned for: the member's day with the largest ratio. */
export declare function planningDay(trip: Trip, memberId: string): number;
/**
 * Build a member's stowing problem.
 *
 * @param day the day whose masses count; every day's volumes must fit all the same
 */
export declare function stowProblem(trip: Trip, memberId: string, day: number): StowProblem;
/** Stiff things by their outline, as stows are realised, whatever volume is told. */
export declare function solidVolumeL(t: StowThing, day: number): number;
/** What a thing lies in at last; itself when it rides in nothing. */
export declare function outermost(problem: Pick<StowProblem, 'inside'>, thingId: string): string;
