/** A pot boils over when it is full: this much of it is used (Graft's own). */
export const POT_FILL = 0.8;
export function cookGroups(trip) {
    return trip.groups.filter((g) => g.kind === 'cook');
}
export function eaters(trip, groupId) {
    return trip.members.filter((m) => m.cookGroupId === groupId);
}
/** How much of a usual portion somebody eats: children less, big eaters more. */
export function portionOf(member) {
    return member.portion ?? 1;
}
/** The usual portions that a cook group eats together: of food, and of what is boiled and drunk with it. */
export function portions(trip, groupId) {
    return eaters(trip, groupId).reduce((sum, m) => sum + portionOf(m), 0);
}
/** Whether a meal is eaten on the trip at all: the first day's breakfast is eaten before anything is carried. */
export function isCarried(meal) {
    return meal.kind !== 'breakfast' || meal.day > 1;
}
/**
 * The last day whose load a meal is part of. A breakfast is gone before that day's load: it is used up the day before.
 */
export function lastCarriedDay(meal) {
    return meal.kind === 'breakfast' ? meal.day - 1 : meal.day;
}
/** A serving as carried: food and its packaging, grams. */
export function servingG(dish) {
    return dish.gPerServing + dish.packagingG;
}
/** Meals of a day's evening and the next morning, which are cooked, carried and burnt together. */
export function mealsOfBlock(trip, groupId, day) {
    return trip.meals.filter((m) => m.groupId === groupId && isCarried(m) && lastCarriedDay(m) === day);
}
/** Water boiled by a cook group from a day's start to the next morning, litres. */
export function boiledL(trip, groupId, day) {
    const people = portions(trip, groupId);
    const meals = mealsOfBlock(trip, groupId, day);
    const cooked = meals.reduce((sum, m) => sum + m.dish.boilL * people, 0);
    // Hot drinks belong to a camp: where nothing is eaten at night nothing is brewed.
    const camps = meals.some((m) => m.kind !== 'lunch');
    return cooked + (camps ? trip.larder.hotDrinkL * people : 0);
}
/** Pot litres of each cooked meal of a group against what its pots hold. */
export function potBatches(trip, group) {
    const servings = portions(trip, group.id);
    return trip.meals
        .filter((meal) => meal.groupId === group.id && meal.dish.potL > 0)
        .map((meal) => {
        const litres = meal.dish.potL * servings;
        const batches = group.potL === undefined ? undefined : Math.ceil(litres / (group.potL * POT_FILL) - 1e-9);
        return { meal, servings, litres, batches };
    });
}
/** Grams of snacks a member eats a day: their own word, else the larder's by their portion. */
export function snackG(larder, member) {
    return member.snackGPerDay ?? larder.snackGPerDay * portionOf(member);
}
/** Days on which a meal of a kind is usually eaten out of the pack: breakfast after a night, dinner before one. */
export function usualDays(days, kind) {
    const all = Array.from({ length: days }, (_v, i) => i + 1);
    if (kind === 'breakfast')
        return all.slice(1);
    return kind === 'lunch' ? all : all.slice(0, -1);
}
//# sourceMappingURL=mealPlan.js.map