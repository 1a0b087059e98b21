import type { Meal } from '../trip/larderModel.js';
import type { PersonalThing, Trip } from '../trip/model.js';
import type { TripEvent } from '../trip/recordModel.js';
/** What weakens a member. */
declare const WEAKENING_KINDS: readonly ['tired', 'hurt', 'ill'];
export type WeakeningKind = (typeof WEAKENING_KINDS)[number];
/** What is left of the limit, to start from (Graft's own guesses; the member's word counts). */
export declare const STARTING_FACTORS: Readonly<Record<WeakeningKind, number>>;
/** Whether an event of this kind leaves a member less than their whole limit. */
export declare function isWeakening(kind: TripEvent['kind']): kind is WeakeningKind;
/** The first day whose load an event changes. */
export declare function holdsFrom(event: Pick<TripEvent, 'day' | 'moment'>): number;
/** Events as they came: by day, mornings first, then as they were noted. */
export declare function eventsInOrder(trip: Pick<Trip, 'events'>): readonly TripEvent[];
/**
 * The plan with what happened to its people, things and water. It holds no thing that the plan does not have. A share
 * or stow of it is therefore one of the plan.
 */
export declare const withEvents: (trip: Trip) => Trip;
/** The trip as it was walked, with what was bought and what was not eaten. */
export declare const asWalked: (trip: Trip) => Trip;
/** Things that joined without being planned: in their buyer's pack. */
export declare function boughtThings(trip: Trip): readonly PersonalThing[];
/** Who carries a meal on the last day it is carried: the parcel's carrier, or for lunches each eater. */
export declare function mealCarriers(trip: Trip, meal: Meal): readonly string[];
/** Meals that were not eaten when they were planned, each with its carriers, and on which days it is carried beyond the plan. */
export interface UneatenMeal {
    readonly meal: Meal;
    /** Food without packaging, all servings, kg. */
    readonly massKg: number;
    readonly fromDay: number;
    /** Absent when it was never eaten. */
    readonly toDay?: number;
}
export declare function uneatenMeals(trip: Trip): readonly UneatenMeal[];
export {};
