/** Meals by cook group and day: who eats, what it weighs, how much is boiled, how often the pot is filled. */
import type { Dish, Larder, Meal, MealKind } from '../trip/larderModel.js';
import type { Member, PartyGroup, Trip } from '../trip/model.js';
/** A pot boils over when it is full: this much of it is used (Graft's own). */
export declare const POT_FILL = 0.8;
export declare function cookGroups(trip: Trip): readonly PartyGroup[];
export declare function eaters(trip: Trip, groupId: string): readonly Member[];
/** How much of a usual portion somebody eats: children less, big eaters more. */
export declare function portionOf(member: Member): number;
/** The usual portions that a cook group eats together: of food, and of what is boiled and drunk with it. */
export declare function portions(trip: Trip, groupId: string): number;
/** Whether a meal is eaten on the trip at all: the first day's breakfast is eaten before anything is carried. */
export declare function isCarried(meal: Pick<Meal, 'day' | 'kind'>): boolean;
/**
 * The last day whose load a meal is part of. A breakfast is gone before that day's load: it is used up the day before.
 */
export declare function lastCarriedDay(meal: Pick<Meal, 'day' | 'kind'>): number;
/** A serving as carried: food and its packaging, grams. */
export declare function servingG(dish: Dish): number;
/** Meals of a day's evening and the next morning, which are cooked, carried and burnt together. */
export declare function mealsOfBlock(trip: Trip, groupId: string, day: number): readonly Meal[];
/** Water boiled by a cook group from a day's start to the next morning, litres. */
export declare function boiledL(trip: Trip, groupId: string, day: number): number;
export interface Batches {
    readonly meal: Meal;
    readonly servings: number;
    readonly litres: number;
    /** How often the pots are filled; undefined when nobody said what they hold. */
    readonly batches: number | undefined;
}
/** Pot litres of each cooked meal of a group against what its pots hold. */
export declare function potBatches(trip: Trip, group: PartyGroup): readonly Batches[];
/** Grams of snacks a member eats a day: their own word, else the larder's by their portion. */
export declare function snackG(larder: Larder, member: Member): number;
/** Days on which a meal of a kind is usually eaten out of the pack: breakfast after a night, dinner before one. */
export declare function usualDays(days: number, kind: MealKind): readonly number[];
