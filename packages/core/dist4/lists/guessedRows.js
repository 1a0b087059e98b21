import { isSameName } from '../trip/names.js';
import { guessFacts } from './guessFacts.js';
/** What packaging and crumbs leave of food, as a share. */
const LEFT_OF_FOOD = 0.04;
/** Whose food a row is: one member's, or that of all who are on the trip. */
function eatersOf(trip, list, target) {
    const isOnes = list === undefined ? target.kind === 'member' : trip.members.some((m) => isSameName(m.name, list));
    const people = isOnes ? 1 : trip.members.length;
    if (people === 0)
        return undefined;
    const days = trip.legs.length;
    return { people, days, nights: days - 1 };
}
/** Food for the trip is eaten over its days. */
function eaten(trip, massKg) {
    return { fromDay: 1, toDay: trip.legs.length, residueKg: Number((LEFT_OF_FOOD * massKg).toFixed(3)) };
}
/** @param target where rows go that do not say */
export function rowsOfPasted(things, library, trip, target) {
    const rows = things.map(({ line, name, count, massKg, volumeL, list }) => {
        const guess = guessFacts(name, library, massKg, eatersOf(trip, list, target), count);
        const { facts, libraryId, kitId } = guess;
        const isFood = facts.purpose === 'food' || facts.purpose === 'snack';
        return {
            line,
            count,
            guess,
            ...(list === undefined ? {} : { list }),
            ...(kitId === undefined ? {} : { kitId }),
            thing: {
                ...facts,
                name,
                massEstimated: massKg === undefined,
                volumeL: volumeL === undefined || facts.shape.kind !== 'pouch' ? facts.volumeL : volumeL,
                ...(guess.isNeed && isFood ? { consumption: eaten(trip, facts.massKg) } : {}),
                ...(libraryId === undefined ? {} : { libraryId }),
            },
            personal: { worn: false },
        };
    });
    return withoutKitsInParts(rows);
}
/** Of a tent's parts so many named beside it mean that "tent" is not all of it; of a kitchen's one is enough. */
const PARTS_BESIDE = {
    tentBody: 2,
    tentFly: 2,
    pot: 1,
    stove: 1,
};
const PARTS = {
    tentBody: ['tentFly', 'tentPoles', 'tentPegs', 'footprint'],
    tentFly: ['tentBody', 'tentPoles', 'tentPegs', 'footprint'],
    pot: ['pot', 'stove'],
    stove: ['pot', 'stove'],
};
/** Whole kits whose parts stand beside them in the list are one of those parts. */
export function withoutKitsInParts(rows) {
    const loose = rows.filter((r) => r.kitId === undefined);
    return rows.map((row) => {
        if (row.kitId === undefined)
            return row;
        const parts = PARTS[row.thing.purpose] ?? [];
        const beside = loose.filter((r) => parts.includes(r.thing.purpose)).length;
        if (beside < (PARTS_BESIDE[row.thing.purpose] ?? Infinity))
            return row;
        const { kitId: _kitId, ...rest } = row;
        return rest;
    });
}
//# sourceMappingURL=guessedRows.js.map