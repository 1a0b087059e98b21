/**
 * Where somebody always keeps a thing of their own: the same place on the last trips on which they stowed it. Habits are
 * offered, and kept by pinning; a stow that drifts from one is told so.
 */
import type { Placement, Side, Thing, Trip, Zone, ZoneKind } from '../trip/model.js';
import type { StowProblem } from './stowProblem.js';
/** Where a thing was on an earlier trip: what the rest of that pack was like does not matter. */
export interface PlaceBefore {
    readonly name: string;
    readonly libraryId?: string;
    readonly kind: ZoneKind;
    readonly side: Side;
}
/** Where people, known by their names, kept their things on an earlier trip of the same leader. */
export interface PlacesBefore {
    readonly id: string;
    readonly name: string;
    /** ISO date. */
    readonly startDate: string;
    readonly members: readonly {
        readonly name: string;
        readonly places: readonly PlaceBefore[];
    }[];
}
export interface Habit {
    readonly thing: Thing;
    /** Zones of this pack that are that place, and take the thing; at least one. */
    readonly zones: readonly Zone[];
    /** The trips that show it, the latest first. */
    readonly trips: readonly string[];
    /** Where it is now; undefined when nowhere. */
    readonly now: Zone | undefined;
    readonly isPinned: boolean;
    /** It is there now. */
    readonly isKept: boolean;
}
/** So many trips in a row make a habit (Graft's own number). */
export declare const HABIT_TRIPS = 3;
/** Where some people kept their things on another trip; undefined when none of them packed. */
export declare function placesOn(other: Trip, names: readonly string[]): PlacesBefore['members'] | undefined;
/**
 * A member's habits that their pack can follow, those first that the stow drifts from.
 *
 * @param before earlier trips, in any order; those that are not before this one do not count
 * @param placements the member's stow
 */
export declare function habitsOf(trip: Trip, problem: StowProblem, placements: readonly Placement[], before: readonly PlacesBefore[]): readonly Habit[];
/** A stow with a thing at its usual place, where it stays when the pack is planned anew. */
export declare function keepHabit(problem: StowProblem, placements: readonly Placement[], { thing, zones, isKept }: Habit): readonly Placement[];
