/**
 * Energy needed against energy carried. Need: 7.0 MET while walking with a pack (Compendium of Physical Activities 2011,
 * code 17010 "backpacking"; from memory) and 1 MET for the rest of the day, 1 MET = 1 kcal per kg and hour.
 * Carried: what the labels say.
 */
import type { MealKind } from '../trip/larderModel.js';
import type { Member, Trip } from '../trip/model.js';
export declare const BACKPACKING_MET = 7;
export declare const RESTING_MET = 1;
/** Atwater's general factors, kcal a gram (Atwater & Bryant 1900). */
export declare const ATWATER_KCAL_PER_G: {
    readonly protein: 4;
    readonly fat: 9;
    readonly carbohydrate: 4;
};
/** Energy of food from its nutrients in grams, kcal: Atwater's general factors. */
export declare function atwaterKcal(proteinG: number, fatG: number, carbohydrateG: number): number;
/**
 * Energy a body turns over on a day.
 *
 * @param bodyMassKg 10 to 250
 * @param walkingH 0 to 24
 * @returns kcal
 */
export declare function energyNeedKcal(bodyMassKg: number, walkingH: number): number;
export interface DayEnergy {
    readonly day: number;
    readonly needKcal: number;
    readonly mealsKcal: Readonly<Record<MealKind, number>>;
    readonly snacksKcal: number;
    /** Meals and snacks together. */
    readonly carriedKcal: number;
}
/** A member's energy day by day; meals of their cook group count, the first breakfast too where it is planned. */
export declare function energyByDay(trip: Trip, member: Member): readonly DayEnergy[];
