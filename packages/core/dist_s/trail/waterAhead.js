/**
 * Water left against the way to the next source: Naismith's time for the distance and climb, at the day's own pace, times
 * the trip's drinking rate in the day's forecast. Places that are not sure are told, and do not count.
 */
import { naismithHours } from '../carriage/naismith.js';
import { climbBetween, trackLengthKm } from '../route/profile.js';
import { dayStretches } from '../route/legSlopes.js';
import { dayTimes } from '../route/walkingTime.js';
import { drinkingLPerH } from '../route/waterStretches.js';
import { addDays } from '../units/isoDate.js';
/**
 * @param litres what each has, 0 or more
 * @param lPerH what each drinks an hour, more than 0
 * @param pace walking time as a multiple of Naismith's
 */
export function waterWay(litres, distanceKm, climbM, lPerH, pace = 1) {
    const hours = naismithHours(distanceKm, climbM) * pace;
    const needL = hours * lPerH;
    const reachKm = needL <= litres ? distanceKm : (distanceKm * litres) / needL;
    return { distanceKm, climbM, hours, needL, leftL: litres - needL, reachKm };
}
/** The day on which a place lies. */
export function dayAtKm(trip, atKm) {
    const i = dayStretches(trip).findIndex((s) => atKm < s.toKm - 1e-9);
    return i < 0 ? trip.legs.length : i + 1;
}
/**
 * Places with water ahead, nearest first, up to and with the second sure one: the next, and what it means to pass it.
 *
 * @param atKm where the party is, kilometres from the start
 * @param litres what each has left
 */
export function waterAhead(trip, atKm, litres) {
    const stretches = dayStretches(trip);
    const endKm = stretches.at(-1).toKm;
    const camps = stretches
        .slice(0, -1)
        .flatMap(({ toKm }, i) => trip.legs[i].campWaterL > 0
        ? []
        : [{ name: `Camp of day ${i + 1}`, atKm: toKm, reliance: 'sure' }]);
    const places = [
        ...trip.waypoints
            .filter((w) => w.kind === 'water')
            .map(({ name, atKm: km, reliance, cacheL }) => ({
            name,
            atKm: km,
            reliance,
            ...(cacheL === undefined ? {} : { cacheL }),
        })),
        ...camps,
        { name: 'End of the trip', atKm: endKm, reliance: 'sure' },
    ]
        .filter((p) => p.atKm > atKm + 1e-9)
        .sort((a, b) => a.atKm - b.atKm);
    const ahead = [];
    for (const place of places) {
        const way = wayBetween(trip, atKm, place.atKm);
        ahead.push({ ...place, ...waterOverDays(litres, way) });
        if (ahead.filter((a) => a.reliance === 'sure' && a.cacheL === undefined).length === 2)
            break;
    }
    return ahead;
}
/** The way between two places, a part a day. */
function wayBetween(trip, fromKm, toKm) {
    return dayStretches(trip).flatMap((stretch, i) => {
        const [from, to] = [Math.max(fromKm, stretch.fromKm), Math.min(toKm, stretch.toKm)];
        if (to <= from)
            return [];
        const leg = trip.legs[i];
        const lengthKm = stretch.toKm - stretch.fromKm;
        const usualH = naismithHours(leg.distanceKm, leg.climbM);
        const { track } = trip;
        const climbM = track?.elevationM !== undefined && to <= trackLengthKm(track) + 1e-6
            ? climbBetween(track, from, to).climbM
            : leg.climbM * ((to - from) / lengthKm);
        const date = addDays(trip.startDate, i);
        return [
            {
                distanceKm: to - from,
                climbM,
                pace: usualH === 0 ? 1 : dayTimes(trip, i + 1).plannedH / usualH,
                lPerH: drinkingLPerH(trip.waterLPerH, trip.weather.find((w) => w.id === date)?.dayC),
            },
        ];
    });
}
function waterOverDays(litres, parts) {
    const ways = parts.map((p) => waterWay(Infinity, p.distanceKm, p.climbM, p.lPerH, p.pace));
    const sum = (of) => ways.reduce((total, w) => total + of(w), 0);
    let [reachKm, left] = [0, litres];
    for (const way of ways) {
        const part = way.needL <= left ? 1 : left / way.needL;
        reachKm += way.distanceKm * part;
        left -= way.needL * part;
        if (part < 1)
            break;
    }
    const needL = sum((w) => w.needL);
    return {
        distanceKm: sum((w) => w.distanceKm),
        climbM: sum((w) => w.climbM),
        hours: sum((w) => w.hours),
        needL,
        leftL: litres - needL,
        reachKm,
    };
}
//# sourceMappingURL=waterAhead.js.map