import { schemaErrors } from '../schema/checkSchema.js';
import { ITEM_SCHEMAS } from '../schema/tripSchema.js';
import { dayStretches } from '../route/legSlopes.js';
import { freshId } from '../trip/changes.js';
import { MEAL_KINDS } from '../trip/larderModel.js';
import { CANISTER_SIZES, fuelPlan, lightestCanisters } from './fuelPlan.js';
import { cookGroups, eaters, usualDays } from './mealPlan.js';
/** A library's dish as a trip holds it. */
export function dishOf(entry) {
    return { name: entry.name, ...entry.dish };
}
function newMealId(trip, groupId, day, kind) {
    return freshId(`${kind}-${day}-${groupId}`, trip.meals.map((m) => m.id));
}
/** Add a dish to a group's day. */
export function addMeal(trip, groupId, day, kind, dish) {
    return {
        ...trip,
        meals: [...trip.meals, { id: newMealId(trip, groupId, day, kind), day, kind, groupId, dish }],
    };
}
export function putMeal(trip, meal) {
    return { ...trip, meals: trip.meals.map((m) => (m.id === meal.id ? meal : m)) };
}
export function removeMeal(trip, mealId) {
    return { ...trip, meals: trip.meals.filter((m) => m.id !== mealId) };
}
/**
 * Put a dish on every meal that is usual and still empty, going through the dishes in turn; each cook group begins with
 * another, so that they do not all eat the same.
 *
 * @param dishes those to choose from; a kind of meal that none of them makes stays empty
 */
export function fillMeals(trip, dishes) {
    return cookGroups(trip).reduce((byGroup, group, g) => {
        if (eaters(trip, group.id).length === 0)
            return byGroup;
        return MEAL_KINDS.reduce((byKind, kind) => {
            const choice = dishes.filter((d) => d.meals.includes(kind));
            if (choice.length === 0)
                return byKind;
            return usualDays(trip.legs.length, kind).reduce((next, day, i) => {
                const taken = next.meals.some((m) => m.groupId === group.id && m.day === day && m.kind === kind);
                return taken ? next : addMeal(next, group.id, day, kind, dishOf(choice[(i + g) % choice.length]));
            }, byKind);
        }, byGroup);
    }, trip);
}
/** The meals of one group, day for day, for another. */
export function copyMeals(trip, fromGroupId, toGroupId) {
    const cleared = { ...trip, meals: trip.meals.filter((m) => m.groupId !== toGroupId) };
    return trip.meals
        .filter((m) => m.groupId === fromGroupId)
        .reduce((next, m) => addMeal(next, toGroupId, m.day, m.kind, m.dish), cleared);
}
export function putCanister(trip, canister) {
    const known = trip.canisters.some((c) => c.id === canister.id);
    return {
        ...trip,
        canisters: known
            ? trip.canisters.map((c) => (c.id === canister.id ? canister : c))
            : [...trip.canisters, canister],
    };
}
export function removeCanister(trip, canisterId) {
    return { ...trip, canisters: trip.canisters.filter((c) => c.id !== canisterId) };
}
/** The lightest vessels that hold a group's fuel with its reserve, in place of the full ones it has; weighed ones stay. */
export function takeLightestCanisters(trip, group) {
    const weighed = trip.canisters.filter((c) => c.groupId === group.id && c.grossKg !== undefined);
    const others = trip.canisters.filter((c) => c.groupId !== group.id);
    const { wantedKg, stove } = fuelPlan(trip, group);
    const haveKg = weighed.reduce((sum, c) => sum + c.grossKg - c.tareKg, 0);
    const sizes = lightestCanisters(wantedKg - haveKg, CANISTER_SIZES[stove]);
    const bare = { ...trip, canisters: [...others, ...weighed] };
    return sizes.reduce((next, size) => addCanister(next, group, size), bare);
}
/** One more vessel for a group. */
export function addCanister(trip, group, size) {
    const id = freshId(`fuel-${group.id}`, trip.canisters.map((c) => c.id));
    return { ...trip, canisters: [...trip.canisters, { id, groupId: group.id, ...size }] };
}
export function putPickup(trip, pickup) {
    const known = trip.pickups.some((p) => p.id === pickup.id);
    const pickups = known
        ? trip.pickups.map((p) => (p.id === pickup.id ? pickup : p))
        : [...trip.pickups, pickup];
    return { ...trip, pickups: [...pickups].sort((a, b) => a.day - b.day) };
}
export function removePickup(trip, pickupId) {
    return { ...trip, pickups: trip.pickups.filter((p) => p.id !== pickupId) };
}
/** What is wrong with a pick-up: its own fields, and a day that the trip does not have. */
export function checkedPickups(trip, pickup) {
    const errors = schemaErrors(ITEM_SCHEMAS.pickups, pickup);
    if (errors.length > 0 || pickup.day <= trip.legs.length)
        return errors;
    return [
        { path: 'day', message: `expected a day of the trip, 1 to ${trip.legs.length}, got ${pickup.day}` },
    ];
}
/** Places of resupply along the way on whose day nothing is picked up yet. */
export function suggestedPickups(trip) {
    const stretches = dayStretches(trip);
    return trip.waypoints
        .filter((w) => w.kind === 'resupply')
        .flatMap((w) => {
        const at = stretches.findIndex((s) => w.atKm <= s.toKm + 1e-6);
        return at < 0 ? [] : [{ day: at + 1, name: w.name }];
    })
        .filter(({ day }) => !trip.pickups.some((p) => p.day === day));
}
//# sourceMappingURL=planMeals.js.map