/** Cures by water: less of it where it is near, and laid beforehand where it is not. */
import { cacheAtCamp, cacheOnTheWay } from '../route/waterCache.js';
import { formatVolume } from '../units/format.js';
import { overDaysOf } from './overLimit.js';
export function waterCures(trip, problem, best) {
    const days = overDays(problem, best);
    return [
        ...lessCures(trip, days.filter((day) => isNearWater(trip.legs[day - 1]))),
        ...days.filter((day) => isDry(trip.legs[day - 1])).flatMap((day) => cacheCures(trip, day)),
    ];
}
/** Days on which somebody is above the limit in the best share. */
function overDays(problem, best) {
    if (best === undefined)
        return [];
    const over = problem.carriers.flatMap((c) => overDaysOf(problem, c, best));
    return [...new Set(over)].sort((a, b) => a - b);
}
/** Less water on days that are too heavy, where more than half a litre is planned: filled on the way instead. */
function lessCures(trip, days) {
    const less = (litres) => ({
        ...trip,
        legs: trip.legs.map((leg, i) => days.includes(i + 1) ? { ...leg, waterL: Math.max(0.5, leg.waterL - litres) } : leg),
    });
    if (days.length === 0)
        return [];
    return [0.5, 1].map((litres) => ({
        label: `Carry ${formatVolume(litres)} less water each on day${days.length > 1 ? 's' : ''} ${days.join(', ')}`,
        price: 'fill up on the way: be sure that the source runs',
        rank: 2 + litres,
        once: 'water',
        after: less(litres),
    }));
}
/** Over a dry stretch, or to a dry camp, nobody goes with less unless it is laid there (litres: Graft's own). */
function isDry({ waterL, campWaterL }) {
    return waterL > MOST_NEAR_WATER_L || campWaterL > 0;
}
function isNearWater(leg) {
    return leg.waterL >= 1 && !isDry(leg);
}
const MOST_NEAR_WATER_L = 2.5;
/** A cache is filled beforehand and met: half-way over a dry stretch, or at the dry camp (common practice, no source). */
function cacheCures(trip, day) {
    const places = [
        [
            `half-way on day ${day}`,
            trip.legs[day - 1].waterL > MOST_NEAR_WATER_L ? cacheOnTheWay(trip, day) : undefined,
        ],
        [`at the camp of day ${day}`, cacheAtCamp(trip, day)],
    ];
    return places.flatMap(([where, cache]) => cache === undefined
        ? []
        : [
            {
                label: `Lay ${formatVolume(cache.litres)} of water ${where}: ${formatVolume(cache.eachL)} less to carry each`,
                price: 'laid and marked beforehand, and sure: who does not find it has no water left to turn back with',
                rank: 3.5,
                after: cache.trip,
            },
        ]);
}
//# sourceMappingURL=waterCures.js.map