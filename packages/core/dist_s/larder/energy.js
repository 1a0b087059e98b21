import { portionOf, snackG } from './mealPlan.js';
export const BACKPACKING_MET = 7;
export const RESTING_MET = 1;
/** Atwater's general factors, kcal a gram (Atwater & Bryant 1900). */
export const ATWATER_KCAL_PER_G = { protein: 4, fat: 9, carbohydrate: 4 };
/** Energy of food from its nutrients in grams, kcal: Atwater's general factors. */
export function atwaterKcal(proteinG, fatG, carbohydrateG) {
    const f = ATWATER_KCAL_PER_G;
    return f.protein * proteinG + f.fat * fatG + f.carbohydrate * carbohydrateG;
}
/**
 * Energy a body turns over on a day.
 *
 * @param bodyMassKg 10 to 250
 * @param walkingH 0 to 24
 * @returns kcal
 */
export function energyNeedKcal(bodyMassKg, walkingH) {
    return bodyMassKg * (BACKPACKING_MET * walkingH + RESTING_MET * (24 - walkingH));
}
/** A member's energy day by day; meals of their cook group count, the first breakfast too where it is planned. */
export function energyByDay(trip, member) {
    const snacks = snackG(trip.larder, member) * trip.larder.snackKcalPerG;
    const own = trip.meals.filter((m) => m.groupId === member.cookGroupId);
    return trip.legs.map((leg, i) => {
        const kcal = (kind) => own
            .filter((m) => m.day === i + 1 && m.kind === kind)
            .reduce((sum, m) => sum + m.dish.kcalPerServing * portionOf(member), 0);
        const mealsKcal = { breakfast: kcal('breakfast'), lunch: kcal('lunch'), dinner: kcal('dinner') };
        return {
            day: i + 1,
            needKcal: energyNeedKcal(member.bodyMassKg, leg.hours),
            mealsKcal,
            snacksKcal: snacks,
            carriedKcal: mealsKcal.breakfast + mealsKcal.lunch + mealsKcal.dinner + snacks,
        };
    });
}
//# sourceMappingURL=energy.js.map