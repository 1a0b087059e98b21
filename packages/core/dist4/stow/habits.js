import { isSameName, nameKey } from '../trip/names.js';
import { allThings, isPersonal, packOf } from '../trip/queries.js';
import { zonesThatTake } from './fitsPack.js';
import { placeAt } from './placeAt.js';
import { isEaten } from './thingKinds.js';
/** So many trips in a row make a habit (Graft's own number). */
export const HABIT_TRIPS = 3;
/** A pocket that there is twice is two places. */
const PAIRED = ['side', 'hipBelt', 'strap'];
/** Where some people kept their things on another trip; undefined when none of them packed. */
export function placesOn(other, names) {
    const wanted = new Set(names.map(nameKey));
    const things = new Map(allThings(other).map((t) => [t.id, t]));
    const members = other.members
        .filter((m) => wanted.has(nameKey(m.name)))
        .flatMap((member) => {
        const zones = new Map(packOf(other, member).zones.map((z) => [z.id, z]));
        const placements = other.stows.find((s) => s.memberId === member.id)?.placements ?? [];
        const places = placements.flatMap(({ thingId, zoneId }) => {
            const [thing, zone] = [things.get(thingId), zones.get(zoneId)];
            if (thing === undefined || zone === undefined)
                return [];
            const { name, libraryId } = thing;
            return [
                { name, ...(libraryId === undefined ? {} : { libraryId }), kind: zone.kind, side: zone.side },
            ];
        });
        return places.length === 0 ? [] : [{ name: member.name, places }];
    });
    return members.length === 0 ? undefined : members;
}
/**
 * A member's habits that their pack can follow, those first that the stow drifts from.
 *
 * @param before earlier trips, in any order; those that are not before this one do not count
 * @param placements the member's stow
 */
export function habitsOf(trip, problem, placements, before) {
    const { name } = problem.member;
    const own = before
        .filter((t) => t.startDate < trip.startDate)
        .sort((a, b) => (a.startDate < b.startDate ? 1 : -1))
        .flatMap((t) => t.members.filter((m) => isSameName(m.name, name)).map((m) => ({ trip: t.name, ...m })));
    const habits = problem.things.flatMap(({ thing }) => {
        // What rides in something is where that is; the group's things and food change from trip to trip.
        if (problem.inside.has(thing.id) || !isPersonal(thing) || isEaten(thing))
            return [];
        const was = own.flatMap((o) => {
            const place = o.places.find((p) => isSameThing(p, thing));
            return place === undefined ? [] : [{ trip: o.trip, place }];
        });
        const last = was.slice(0, HABIT_TRIPS);
        const [usual] = last;
        if (usual === undefined || last.length < HABIT_TRIPS)
            return [];
        if (!last.every(({ place }) => isSamePlace(place, usual.place)))
            return [];
        const zones = zonesThatTake(thing, problem.pack).filter((z) => isSamePlace(usual.place, z));
        if (zones.length === 0)
            return [];
        const placement = placements.find((p) => p.thingId === thing.id);
        const now = problem.pack.zones.find((z) => z.id === placement?.zoneId);
        return [
            {
                thing,
                zones,
                trips: last.map((l) => l.trip),
                now,
                isPinned: placement?.pinned === true,
                isKept: now !== undefined && zones.includes(now),
            },
        ];
    });
    return habits.sort((a, b) => Number(a.isKept) - Number(b.isKept));
}
function isSameThing({ libraryId, name }, thing) {
    return (libraryId !== undefined && libraryId === thing.libraryId) || isSameName(name, thing.name);
}
function isSamePlace(a, b) {
    return a.kind === b.kind && (!PAIRED.includes(a.kind) || a.side === b.side);
}
/** A stow with a thing at its usual place, where it stays when the pack is planned anew. */
export function keepHabit(problem, placements, { thing, zones, isKept }) {
    if (isKept)
        return placements.map((p) => (p.thingId === thing.id ? { ...p, pinned: true } : p));
    const [zone] = zones;
    return placeAt(problem, placements, thing.id, { zoneId: zone.id, side: zone.side, pinned: true });
}
//# sourceMappingURL=habits.js.map