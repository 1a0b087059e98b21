import { putWaypoint } from '../trip/partyChanges.js';
import { dayStretches } from './legSlopes.js';
import { drinkers, inSteps, STEP_L, waterByDay } from './waterStretches.js';
/** At a dry camp so much stays in the packs: the camp stays one without water of its own (Graft's own). */
const KEPT_L = 0.5;
/** A cache in the middle of a day's driest stretch, with half of its water; undefined where the way has no length. */
export function cacheOnTheWay(trip, day) {
    const { fromKm, toKm } = waterByDay(trip)[day - 1];
    const eachL = Math.floor(trip.legs[day - 1].waterL / 2 / STEP_L) * STEP_L;
    if (toKm <= fromKm)
        return undefined;
    const place = { id: `cache-day-${day}`, name: `Cache on day ${day}`, atKm: (fromKm + toKm) / 2 };
    return laid(trip, day, place, eachL, (leg) => ({ ...leg, waterL: leg.waterL - eachL }));
}
/** A cache at a day's dry camp, with what evening and morning ask for; undefined where the camp has water. */
export function cacheAtCamp(trip, day) {
    const { toKm } = dayStretches(trip)[day - 1];
    const eachL = trip.legs[day - 1].campWaterL - KEPT_L;
    const place = { id: `cache-camp-${day}`, name: `Cache at the camp of day ${day}`, atKm: toKm };
    return laid(trip, day, place, eachL, (leg) => ({ ...leg, campWaterL: KEPT_L }));
}
function laid(trip, day, place, eachL, less) {
    const people = drinkers(trip, day);
    if (eachL < STEP_L || people === 0 || trip.waypoints.some((w) => w.id === place.id))
        return undefined;
    const litres = inSteps(eachL * people);
    const waypoint = { ...place, kind: 'water', reliance: 'sure', cacheL: litres };
    const legs = trip.legs.map((leg, i) => (i === day - 1 ? less(leg) : leg));
    return { trip: putWaypoint({ ...trip, legs }, waypoint), litres, eachL };
}
//# sourceMappingURL=waterCache.js.map