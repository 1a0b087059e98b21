import { idOf, joinsOn, leavesOn, parcel, round } from './landing.js';
import { eaters, mealsOfBlock, portions, servingG } from './mealPlan.js';
function foodPiece(trip, group, id, name, meals, day) {
    const people = portions(trip, group.id);
    const sum = (of) => meals.reduce((total, m) => total + of(m) * people, 0);
    const fromDay = joinsOn(trip, day, 'meal');
    const residueKg = round(sum((m) => m.dish.packagingG) / 1000);
    const toDay = residueKg > 0 ? leavesOn(trip, day) : undefined;
    return {
        ...parcel(id, name, round(sum((m) => servingG(m.dish)) / 1000), round(sum((m) => m.dish.volumeL))),
        consumption: { fromDay: day, toDay: day, residueKg },
        ...(fromDay === undefined ? {} : { fromDay }),
        ...(toDay === undefined ? {} : { toDay }),
        onlyGroupId: group.id,
    };
}
/** Parcels of a group, by day or by meal, and one for a spare day where the trip wants one. */
export function foodPieces(trip, group) {
    if (eaters(trip, group.id).length === 0)
        return [];
    const pieces = [];
    for (let day = 1; day <= trip.legs.length; day += 1) {
        const meals = mealsOfBlock(trip, group.id, day).filter((m) => m.kind !== 'lunch');
        if (meals.length === 0)
            continue;
        if (trip.larder.parcels === 'meal') {
            for (const meal of meals) {
                const name = `Day ${meal.day} ${meal.kind}: ${meal.dish.name}`;
                const twins = meals.filter((m) => m.kind === meal.kind);
                const twin = twins.length > 1 ? [twins.indexOf(meal) + 1] : [];
                const id = idOf('larder', 'meal', group.id, meal.day, meal.kind, ...twin);
                pieces.push(foodPiece(trip, group, id, name.slice(0, 120), [meal], day));
            }
        }
        else {
            const name = `Food parcel ${day}: ${meals
                .map((m) => (m.kind === 'dinner' ? `dinner ${m.day}` : `breakfast ${m.day}`))
                .sort((a, b) => (a.startsWith('dinner') ? -1 : b.startsWith('dinner') ? 1 : 0))
                .join(', ')}`;
            pieces.push(foodPiece(trip, group, idOf('larder', 'food', group.id, day), name.slice(0, 120), meals, day));
        }
    }
    return trip.larder.spareDay && pieces.length > 0 ? [...pieces, sparePiece(group, pieces)] : pieces;
}
/** One more day than planned, the mean of the planned ones, carried to the end. */
function sparePiece(group, pieces) {
    const days = new Set(pieces.map((p) => p.consumption.fromDay)).size;
    const mean = (of) => round(pieces.reduce((sum, p) => sum + of(p), 0) / days);
    return {
        ...parcel(idOf('larder', 'spare', group.id), 'Spare day: dinner and breakfast', mean((p) => p.massKg), mean((p) => p.volumeL)),
        onlyGroupId: group.id,
    };
}
//# sourceMappingURL=foodParcels.js.map