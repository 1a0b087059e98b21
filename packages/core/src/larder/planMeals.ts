/** Changes of the meal plan: put a dish on a day, fill what is empty, take one away. */
import type { FieldError } from '../schema/fieldError.js';
import { schemaErrors } from '../schema/checkSchema.js';
import { ITEM_SCHEMAS } from '../schema/tripSchema.js';
import type { DishEntry } from '../library/libraryModel.js';
import { dayStretches } from '../route/legSlopes.js';
import { freshId } from '../trip/changes.js';
import type { Canister, Dish, Meal, MealKind, Pickup } from '../trip/larderModel.js';
import { MEAL_KINDS } from '../trip/larderModel.js';
import type { PartyGroup, Trip } from '../trip/model.js';
import { CANISTER_SIZES, fuelPlan, lightestCanisters } from './fuelPlan.js';
import { cookGroups, eaters, usualDays } from './mealPlan.js';

/** A library's dish as a trip holds it. */
export function dishOf(entry: DishEntry): Dish {
  return { name: entry.name, ...entry.dish };
}

function newMealId(trip: Trip, groupId: string, day: number, kind: MealKind): string {
  return freshId(
    `${kind}-${day}-${groupId}`,
    trip.meals.map((m) => m.id),
  );
}

/** Add a dish to a group's day. */
export function addMeal(trip: Trip, groupId: string, day: number, kind: MealKind, dish: Dish): Trip {
  return {
    ...trip,
    meals: [...trip.meals, { id: newMealId(trip, groupId, day, kind), day, kind, groupId, dish }],
  };
}

export function putMeal(trip: Trip, meal: Meal): Trip {
  return { ...trip, meals: trip.meals.map((m) => (m.id === meal.id ? meal : m)) };
}

export function removeMeal(trip: Trip, mealId: string): Trip {
  return { ...trip, meals: trip.meals.filter((m) => m.id !== mealId) };
}

/**
 * Put a dish on every meal that is usual and still empty, going through the dishes in turn; each cook group begins with
 * another, so that they do not all eat the same.
 *
 * @param dishes those to choose from; a kind of meal that none of them makes stays empty
 */
export function fillMeals(trip: Trip, dishes: readonly DishEntry[]): Trip {
  return cookGroups(trip).reduce((byGroup, group, g) => {
    if (eaters(trip, group.id).length === 0) return byGroup;
    return MEAL_KINDS.reduce((byKind, kind) => {
      const choice = dishes.filter((d) => d.meals.includes(kind));
      if (choice.length === 0) return byKind;
      return usualDays(trip.legs.length, kind).reduce((next, day, i) => {
        const taken = next.meals.some((m) => m.groupId === group.id && m.day === day && m.kind === kind);
        return taken ? next : addMeal(next, group.id, day, kind, dishOf(choice[(i + g) % choice.length]!));
      }, byKind);
    }, byGroup);
  }, trip);
}

/** The meals of one group, day for day, for another. */
export function copyMeals(trip: Trip, fromGroupId: string, toGroupId: string): Trip {
  const cleared: Trip = { ...trip, meals: trip.meals.filter((m) => m.groupId !== toGroupId) };
  return trip.meals
    .filter((m) => m.groupId === fromGroupId)
    .reduce((next, m) => addMeal(next, toGroupId, m.day, m.kind, m.dish), cleared);
}

export function putCanister(trip: Trip, canister: Canister): Trip {
  const known = trip.canisters.some((c) => c.id === canister.id);
  return {
    ...trip,
    canisters: known
      ? trip.canisters.map((c) => (c.id === canister.id ? canister : c))
      : [...trip.canisters, canister],
  };
}

export function removeCanister(trip: Trip, canisterId: string): Trip {
  return { ...trip, canisters: trip.canisters.filter((c) => c.id !== canisterId) };
}

/** The lightest vessels that hold a group's fuel with its reserve, in place of the full ones it has; weighed ones stay. */
export function takeLightestCanisters(trip: Trip, group: PartyGroup): Trip {
  const weighed = trip.canisters.filter((c) => c.groupId === group.id && c.grossKg !== undefined);
  const others = trip.canisters.filter((c) => c.groupId !== group.id);
  const { wantedKg, stove } = fuelPlan(trip, group);
  const haveKg = weighed.reduce((sum, c) => sum + c.grossKg! - c.tareKg, 0);
  const sizes = lightestCanisters(wantedKg - haveKg, CANISTER_SIZES[stove]);
  const bare: Trip = { ...trip, canisters: [...others, ...weighed] };
  return sizes.reduce((next, size) => addCanister(next, group, size), bare);
}

/** One more vessel for a group. */
export function addCanister(
  trip: Trip,
  group: PartyGroup,
  size: { readonly name: string; readonly netKg: number; readonly tareKg: number },
): Trip {
  const id = freshId(
    `fuel-${group.id}`,
    trip.canisters.map((c) => c.id),
  );
  return { ...trip, canisters: [...trip.canisters, { id, groupId: group.id, ...size }] };
}

export function putPickup(trip: Trip, pickup: Pickup): Trip {
  const known = trip.pickups.some((p) => p.id === pickup.id);
  const pickups = known
    ? trip.pickups.map((p) => (p.id === pickup.id ? pickup : p))
    : [...trip.pickups, pickup];
  return { ...trip, pickups: [...pickups].sort((a, b) => a.day - b.day) };
}

export function removePickup(trip: Trip, pickupId: string): Trip {
  return { ...trip, pickups: trip.pickups.filter((p) => p.id !== pickupId) };
}

/** What is wrong with a pick-up: its own fields, and a day that the trip does not have. */
export function checkedPickups(trip: Trip, pickup: Pickup): readonly FieldError[] {
  const errors = schemaErrors(ITEM_SCHEMAS.pickups, pickup);
  if (errors.length > 0 || pickup.day <= trip.legs.length) return errors;
  return [
    { path: 'day', message: `expected a day of the trip, 1 to ${trip.legs.length}, got ${pickup.day}` },
  ];
}

/** Places of resupply along the way on whose day nothing is picked up yet. */
export function suggestedPickups(trip: Trip): readonly Pick<Pickup, 'day' | 'name'>[] {
  const stretches = dayStretches(trip);
  return trip.waypoints
    .filter((w) => w.kind === 'resupply')
    .flatMap((w) => {
      const at = stretches.findIndex((s) => w.atKm <= s.toKm + 1e-6);
      return at < 0 ? [] : [{ day: at + 1, name: w.name }];
    })
    .filter(({ day }) => !trip.pickups.some((p) => p.day === day));
}
