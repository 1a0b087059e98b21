import { MOST_OUTINGS } from '../library/librarySchema.js';
import { allThings } from '../trip/queries.js';
/** Edits that note this trip with each entry it took from the library; noted twice it stands there once. */
export function outingEdits(trip, library) {
    const fates = new Map(trip.uses.map((u) => [u.thingId, u.fate]));
    const used = new Map();
    for (const thing of allThings(trip)) {
        const fate = fates.get(thing.id);
        if (fate === undefined || thing.libraryId === undefined)
            continue;
        used.set(thing.libraryId, (used.get(thing.libraryId) ?? false) || fate !== 'unused');
    }
    return library.flatMap((entry) => {
        const was = used.get(entry.id);
        if (entry.kind === 'dish' || was === undefined)
            return [];
        const outing = { date: trip.startDate, trip: trip.name, style: trip.style, used: was };
        return [{ kind: 'put', entry: withOuting(entry, outing) }];
    });
}
function withOuting(entry, outing) {
    const others = entry.outings.filter((o) => o.date !== outing.date || o.trip !== outing.trip);
    return { ...entry, outings: [...others, outing].slice(-MOST_OUTINGS) };
}
//# sourceMappingURL=outings.js.map