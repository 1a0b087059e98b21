import { isWithParty } from '../trip/queries.js';
import { addDays } from '../units/isoDate.js';
import { dayStretches } from './legSlopes.js';
import { dayTimes } from './walkingTime.js';
/** Cooking, washing up and the evening's drinking at a dry camp, litres a person (Graft's own starting value). */
export const DRY_CAMP_L = 2;
/** The same without the cooking, where that is shared as pieces (Graft's own). */
export const DRY_EVENING_L = 0.5;
/** Above this the body wants more, by this share a degree, in the day's forecast at valley height (Graft's own). */
const WARM_C = 20;
const MORE_PER_C = 0.05;
/** Litres are suggested in steps of a half. */
export const STEP_L = 0.5;
/**
 * Litres drunk an hour at a temperature: the trip's rate, and more above 20 °C.
 *
 * @param dayC the day's forecast maximum, or undefined where there is none
 */
export function drinkingLPerH(rateLPerH, dayC) {
    return rateLPerH * (1 + MORE_PER_C * Math.max(0, (dayC ?? WARM_C) - WARM_C));
}
/**
 * From each place where bottles are filled to each later one, as far as no endless source lies between: what is drunk on
 * the way, less what the caches between give. The largest of them has to be carried.
 */
function driestStretch(fills, lPerKm) {
    let driest;
    fills.forEach((from, i) => {
        let cachedL = 0;
        for (const to of fills.slice(i + 1)) {
            const needL = (to.km - from.km) * lPerKm - cachedL;
            const isLonger = driest === undefined ||
                needL > driest.needL + 1e-9 ||
                (Math.abs(needL - driest.needL) <= 1e-9 && to.km - from.km > driest.toKm - driest.fromKm);
            if (isLonger)
                driest = { fromKm: from.km, toKm: to.km, needL, fromCachesL: cachedL, fillAt: from.name };
            if (to.eachL === Infinity)
                break;
            cachedL += to.eachL;
        }
    });
    return driest;
}
/** People who drink on a day, a usual portion counting as one. */
export function drinkers(trip, day) {
    return trip.members.reduce((sum, m) => sum + (isWithParty(m, day) ? (m.portion ?? 1) : 0), 0);
}
/** Dry stretches and suggested litres, day by day. */
export function waterByDay(trip) {
    const stretches = dayStretches(trip);
    const sources = trip.waypoints
        .filter((w) => w.kind === 'water' && w.reliance === 'sure')
        .sort((a, b) => a.atKm - b.atKm);
    const hoursPerKm = trip.legs.map((leg, i) => leg.distanceKm === 0 ? 0 : dayTimes(trip, i + 1).plannedH / leg.distanceKm);
    const fillsOf = (i) => {
        const people = drinkers(trip, i + 1);
        return sources
            .filter((w) => w.atKm >= stretches[i].fromKm && w.atKm <= stretches[i].toKm)
            .map((w) => ({
            km: w.atKm,
            eachL: w.cacheL === undefined ? Infinity : people === 0 ? 0 : w.cacheL / people,
            name: `${w.name}, km ${w.atKm.toFixed(1)}`,
        }));
    };
    const rate = (i) => {
        const date = addDays(trip.startDate, i);
        return drinkingLPerH(trip.waterLPerH, trip.weather.find((w) => w.id === date)?.dayC);
    };
    const eveningL = trip.larder.cookWaterPieces ? DRY_EVENING_L : DRY_CAMP_L;
    return trip.legs.map((leg, i) => {
        const { fromKm, toKm } = stretches[i];
        const fills = fillsOf(i);
        const start = { km: fromKm, eachL: Infinity, name: i === 0 ? 'the start' : 'the last camp' };
        const driest = driestStretch([start, ...fills, { km: toKm, eachL: Infinity, name: 'the camp' }], hoursPerKm[i] * rate(i));
        const dryCamp = leg.campWaterL > 0;
        const next = stretches[i + 1];
        const firstNext = next === undefined ? undefined : fillsOf(i + 1).find((f) => f.eachL === Infinity);
        const morningL = next === undefined
            ? 0
            : ((firstNext?.km ?? next.toKm) - next.fromKm) * hoursPerKm[i + 1] * rate(i + 1);
        // A cache at the camp itself is there for the evening and the morning.
        const atCampL = fills
            .filter((f) => f.km === toKm && f.eachL < Infinity)
            .reduce((sum, f) => sum + f.eachL, 0);
        const lastFill = fills.filter((f) => f.eachL === Infinity).at(-1) ?? start;
        return {
            day: i + 1,
            fromKm: driest.fromKm,
            toKm: driest.toKm,
            hours: (driest.toKm - driest.fromKm) * hoursPerKm[i],
            fromCachesL: driest.fromCachesL,
            waterL: inSteps(driest.needL),
            campWaterL: dryCamp ? inSteps(Math.max(0, eveningL + morningL - atCampL)) : 0,
            dryCamp,
            fillAt: dryCamp ? lastFill.name : driest.fillAt,
        };
    });
}
/** Days on which the legs carry less than is suggested. */
export function daysShortOfWater(trip) {
    return waterByDay(trip)
        .filter(({ day, waterL, campWaterL }) => {
        const leg = trip.legs[day - 1];
        return leg.waterL < waterL || leg.campWaterL < campWaterL;
    })
        .map(({ day }) => day);
}
/** Legs that carry less than is suggested take the suggestion; those that carry more keep it. */
export function takeSuggestedWater(trip) {
    const water = waterByDay(trip);
    return {
        ...trip,
        legs: trip.legs.map((leg, i) => ({
            ...leg,
            waterL: Math.max(leg.waterL, water[i].waterL),
            campWaterL: Math.max(leg.campWaterL, water[i].campWaterL),
        })),
    };
}
/** As many whole steps as it takes. */
export function inSteps(litres) {
    return Math.ceil(litres / STEP_L - 1e-9) * STEP_L;
}
//# sourceMappingURL=waterStretches.js.map