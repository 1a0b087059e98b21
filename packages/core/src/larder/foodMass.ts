/** Food by mass: what a full day's food weighs a person, against common practice, and what is left of it as packaging. */
import type { MealKind } from '../trip/larderModel.js';
import type { Trip } from '../trip/model.js';
import { isCarried, portions, servingG, snackG } from './mealPlan.js';

/** Food a person and day, kg: dense food gets near the lower, just under 2 lb is usual (common practice, no source). */
export const USUAL_FOOD_KG = { from: 0.6, to: 0.9 } as const;

export interface FoodMass {
  /** A mean breakfast, lunch, dinner and day's snacks of a usual portion, as carried, kg. */
  readonly fullDayKg: number;
  /** Kinds of meal of which none is planned: a full day lacks them. */
  readonly without: readonly MealKind[];
  readonly verdict: 'little' | 'usual' | 'much' | 'none';
  /** All food and packaging that leaves with the party or is picked up, kg. */
  readonly totalKg: number;
  readonly packagingKg: number;
  readonly kcalPerG: number;
}

export function foodMass(trip: Trip): FoodMass {
  const servings = trip.meals
    .filter(isCarried)
    .map((meal) => ({ meal, people: portions(trip, meal.groupId) }))
    .filter(({ people }) => people > 0);
  const sum = (of: (s: (typeof servings)[number]) => number): number =>
    servings.reduce((total, s) => total + s.people * of(s), 0);
  const meanG = (kind: MealKind): number => {
    const those = servings.filter((s) => s.meal.kind === kind);
    const people = those.reduce((total, s) => total + s.people, 0);
    return people === 0
      ? 0
      : those.reduce((total, s) => total + s.people * servingG(s.meal.dish), 0) / people;
  };
  const kinds = ['breakfast', 'lunch', 'dinner'] as const;
  const means = kinds.map((kind) => meanG(kind));
  const snacks = trip.members.map((m) => snackG(trip.larder, m));
  const meanSnackG = snacks.length === 0 ? 0 : snacks.reduce((a, b) => a + b, 0) / snacks.length;
  const fullDayKg = (means.reduce((a, b) => a + b, 0) + meanSnackG) / 1000;
  const snackTotalG = snacks.reduce((a, b) => a + b, 0) * trip.legs.length;
  const foodG = sum((s) => s.meal.dish.gPerServing) + snackTotalG;
  const kcal = sum((s) => s.meal.dish.kcalPerServing) + snackTotalG * trip.larder.snackKcalPerG;
  const packagingG = sum((s) => s.meal.dish.packagingG);
  const verdict =
    fullDayKg === 0
      ? 'none'
      : fullDayKg < USUAL_FOOD_KG.from
        ? 'little'
        : fullDayKg > USUAL_FOOD_KG.to
          ? 'much'
          : 'usual';
  return {
    fullDayKg,
    without: kinds.filter((_kind, i) => means[i] === 0),
    verdict,
    totalKg: (foodG + packagingG) / 1000,
    packagingKg: packagingG / 1000,
    kcalPerG: foodG === 0 ? 0 : kcal / foodG,
  };
}
