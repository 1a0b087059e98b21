/** Food by mass: what a full day's food weighs a person, against common practice, and what is left of it as packaging. */
import type { MealKind } from '../trip/larderModel.js';
import type { Trip } from '../trip/model.js';
/** Food a person and day, kg: dense food gets near the lower, just under 2 lb is usual (common practice, no source). */
export declare const USUAL_FOOD_KG: {
    readonly from: 0.6;
    readonly to: 0.9;
};
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
export declare function foodMass(trip: Trip): FoodMass;
