import { isCarried, portions, servingG, snackG } from './mealPlan.js';
/** Food a person and day, kg: dense food gets near the lower, just under 2 lb is usual (common practice, no source). */
export const USUAL_FOOD_KG = { from: 0.6, to: 0.9 };
export function foodMass(trip) {
    const servings = trip.meals
        .filter(isCarried)
        .map((meal) => ({ meal, people: portions(trip, meal.groupId) }))
        .filter(({ people }) => people > 0);
    const sum = (of) => servings.reduce((total, s) => total + s.people * of(s), 0);
    const meanG = (kind) => {
        const those = servings.filter((s) => s.meal.kind === kind);
        const people = those.reduce((total, s) => total + s.people, 0);
        return people === 0
            ? 0
            : those.reduce((total, s) => total + s.people * servingG(s.meal.dish), 0) / people;
    };
    const kinds = ['breakfast', 'lunch', 'dinner'];
    const means = kinds.map((kind) => meanG(kind));
    const snacks = trip.members.map((m) => snackG(trip.larder, m));
    const meanSnackG = snacks.length === 0 ? 0 : snacks.reduce((a, b) => a + b, 0) / snacks.length;
    const fullDayKg = (means.reduce((a, b) => a + b, 0) + meanSnackG) / 1000;
    const snackTotalG = snacks.reduce((a, b) => a + b, 0) * trip.legs.length;
    const foodG = sum((s) => s.meal.dish.gPerServing) + snackTotalG;
    const kcal = sum((s) => s.meal.dish.kcalPerServing) + snackTotalG * trip.larder.snackKcalPerG;
    const packagingG = sum((s) => s.meal.dish.packagingG);
    const verdict = fullDayKg === 0
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
//# sourceMappingURL=foodMass.js.map