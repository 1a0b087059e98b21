/** Days too long for the slowest member, and what would cure them, cheapest first, each with its computed effect. */
import { passDistance, splitDay } from './legChanges.js';
import { addDays } from '../units/isoDate.js';
import { clock, clockHours, daylight, localHour } from './daylight.js';
import { memberTimes } from './walkingTime.js';
/** Breaks, as a share of walking time: ten minutes an hour (common practice, no source). */
export const BREAK_SHARE = 1 / 6;
/** Cures move the way in steps of this many kilometres. */
const STEP_KM = 0.5;
/** ISO date of a day of the trip. */
export function dateOfDay(startDate, day) {
    return addDays(startDate, day - 1);
}
/** Judge one day. */
export function dayLength(trip, day) {
    const slowest = memberTimes(trip, day)[0];
    const { place, timeZone } = trip;
    const light = place === undefined
        ? undefined
        : daylight(dateOfDay(trip.startDate, day), place.latitudeDeg, place.longitudeDeg);
    const sunriseH = light?.kind === 'usual' ? localHour(light.sunrise, timeZone) : undefined;
    const sunsetH = light?.kind === 'usual' ? localHour(light.sunset, timeZone) : undefined;
    const arrivalH = slowest === undefined ? undefined : clockHours(trip.setOff) + slowest.hours * (1 + BREAK_SHARE);
    const problems = [];
    if (slowest !== undefined && slowest.hours > trip.longestDayH + 1e-9) {
        problems.push(`${slowest.hours.toFixed(1)} h of walking for the slowest, ${(slowest.hours - trip.longestDayH).toFixed(1)} h over the longest day of ${trip.longestDayH} h`);
    }
    // A sunset that the clock puts before the sunrise lies after midnight: nothing to fear in the afternoon.
    const nightfallH = sunsetH !== undefined && sunriseH !== undefined && sunsetH > sunriseH ? sunsetH : undefined;
    if (slowest !== undefined && slowest.hours > 0 && arrivalH !== undefined && nightfallH !== undefined) {
        if (arrivalH > nightfallH) {
            problems.push(`the slowest arrives at ${clock(arrivalH)}, ${((arrivalH - nightfallH) * 60).toFixed(0)} min after sunset at ${clock(nightfallH)}`);
        }
    }
    return { day, slowest, arrivalH, sunriseH, sunsetH, daylightH: light?.hours, problems };
}
/** Judge every day. */
export function dayLengths(trip) {
    return trip.legs.map((_leg, i) => dayLength(trip, i + 1));
}
/** What would cure a day that is too long, cheapest first; empty for a good day. */
export function dayCures(trip, day) {
    const judged = dayLength(trip, day);
    if (judged.problems.length === 0)
        return [];
    const cures = [];
    const earlier = setOffEarlier(trip, judged);
    if (earlier !== undefined)
        cures.push(earlier);
    for (const toDay of [day + 1, day - 1]) {
        const cure = passOn(trip, day, toDay);
        if (cure !== undefined)
            cures.push(cure);
    }
    const split = splitDay(trip, day);
    const halves = [day, day + 1].map((d) => dayLength(split, d));
    cures.push({
        id: 'split',
        what: `Walk day ${day} in two days`,
        effect: halves.map((h) => `${h.slowest?.hours.toFixed(1) ?? '–'} h`).join(' and ') + ', one day more',
        apply: (t) => splitDay(t, day),
    });
    return cures;
}
/** Setting off earlier helps against the dark, not against the hours. */
function setOffEarlier(trip, { arrivalH, sunsetH, sunriseH, problems }) {
    if (arrivalH === undefined || sunsetH === undefined || sunriseH === undefined)
        return undefined;
    if (problems.length !== 1 || arrivalH <= sunsetH)
        return undefined;
    const minutes = Math.ceil(((arrivalH - sunsetH) * 60) / 15) * 15;
    const startH = clockHours(trip.setOff) - minutes / 60;
    if (startH < sunriseH)
        return undefined;
    return {
        id: 'earlier',
        what: `Set off at ${clock(startH)} on every day`,
        effect: `the slowest arrives at ${clock(arrivalH - minutes / 60)}, before sunset`,
        apply: (t) => ({ ...t, setOff: clock(startH) }),
    };
}
/** The least way that, moved to a neighbour, makes this day good and leaves the other good. */
function passOn(trip, day, toDay) {
    const from = trip.legs[day - 1];
    const to = trip.legs[toDay - 1];
    if (to === undefined)
        return undefined;
    for (let byKm = STEP_KM; byKm <= from.distanceKm - STEP_KM; byKm += STEP_KM) {
        const moved = passDistance(trip, day, toDay, byKm);
        const here = dayLength(moved, day);
        if (here.problems.length > 0)
            continue;
        const other = dayLength(moved, toDay);
        if (other.problems.length > 0)
            return undefined;
        return {
            id: `pass-${toDay}`,
            what: toDay > day ? `End day ${day} ${byKm} km earlier` : `Walk ${byKm} km of day ${day} on day ${toDay}`,
            effect: `day ${day}: ${(here.slowest?.hours ?? 0).toFixed(1)} h, day ${toDay}: ${(other.slowest?.hours ?? 0).toFixed(1)} h for the slowest`,
            apply: (t) => passDistance(t, day, toDay, byKm),
        };
    }
    return undefined;
}
//# sourceMappingURL=dayLength.js.map