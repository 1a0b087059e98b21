/** Changes of the meal plan: put a dish on a day, fill what is empty, take one away. */
import type { FieldError } from '../schema/fieldError.js';
import type { DishEntry } from '../library/libraryModel.js';
import type { Canister, Dish, Meal, MealKind, Pickup } from '../trip/larderModel.js';
import type { PartyGroup, Trip } from '../trip/model.js';
/** A library's dish as a trip holds it. */
export declare function dishOf(entry: DishEntry): Dish;
/** Add a dish to a group's day. */
export declare function addMeal(trip: Trip, groupId: string, day: number, kind: MealKind, dish: Dish): Trip;
export declare function putMeal(trip: Trip, meal: Meal): Trip;
export declare function removeMeal(trip: Trip, mealId: string): Trip;
/**
 * Put a dish on every meal that is usual and still empty, going through the dishes in turn; each cook group begins with
 * another, so that they do not all eat the same.
 *
 * @param dishes those to choose from; a kind of meal that none of them makes stays empty
 */
export declare function fillMeals(trip: Trip, dishes: readonly DishEntry[]): Trip;
/** The meals of one group, day for day, for another. */
export declare function copyMeals(trip: Trip, fromGroupId: string, toGroupId: string): Trip;
export declare function putCanister(trip: Trip, canister: Canister): Trip;
export declare function removeCanister(trip: Trip, canisterId: string): Trip;
/** The lightest vessels that hold a group's fuel with its reserve, in place of the full ones it has; weighed ones stay. */
export declare function takeLightestCanisters(trip: Trip, group: PartyGroup): Trip;
/** One more vessel for a group. */
export declare function addCanister(trip: Trip, group: PartyGroup, size: {
    readonly name: string;
    readonly netKg: number;
    readonly tareKg: number;
}): Trip;
export declare function putPickup(trip: Trip, pickup: Pickup): Trip;
export declare function removePickup(trip: Trip, pickupId: string): Trip;
/** What is wrong with a pick-up: its own fields, and a day that the trip does not have. */
export declare function checkedPickups(trip: Trip, pickup: Pickup): readonly FieldError[];
/** Places of resupply along the way on whose day nothing is picked up yet. */
export declare function suggestedPickups(trip: Trip): readonly Pick<Pickup, 'day' | 'name'>[];
