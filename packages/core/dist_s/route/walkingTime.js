/** Walking time of a day: by Naismith and Langmuir, by Tobler, and for each member at their own pace. */
import { dayLoad } from '../load/memberLoad.js';
import { fitTrials, trialSpeed } from '../limits/trialFit.js';
import { nonIncreasingFit } from '../limits/isotonic.js';
import { slopesOfDay } from './legSlopes.js';
import { LANGMUIR, langmuirHours, naismithHours } from '../carriage/naismith.js';
import { TOBLER_OFF_PATH, toblerSpeedKmh } from '../carriage/tobler.js';
/** Grounds that are walked at Tobler's off-path speed. */
export const OFF_PATH = ['moor', 'scramble', 'climbing', 'snow', 'glacier'];
const slopeDeg = (s) => (Math.atan2(Math.abs(s.riseM), s.distanceKm * 1000) * 180) / Math.PI;
/**
 * Naismith's time with Langmuir's corrections.
 *
 * @param leg distance and climb as the leg says them
 * @param slopes where the descent lies, by steepness
 */
export function naismithLangmuirHours(leg, slopes) {
    const descent = (from, to) => slopes
        .filter((s) => s.riseM < 0 && slopeDeg(s) >= from && slopeDeg(s) <= to)
        .reduce((sum, s) => sum - s.riseM, 0);
    const gentleM = descent(LANGMUIR.gentleFromDeg, LANGMUIR.steepFromDeg);
    const steepM = descent(LANGMUIR.steepFromDeg + 1e-9, 90);
    return Math.max(0, naismithHours(leg.distanceKm, leg.climbM) + langmuirHours(gentleM, steepM));
}
/** Tobler's time over slopes. */
export function toblerHours(slopes, ground) {
    const hours = slopes.reduce((sum, s) => s.distanceKm === 0 ? sum : sum + s.distanceKm / toblerSpeedKmh(s.riseM / (s.distanceKm * 1000)), 0);
    return OFF_PATH.includes(ground) ? hours / TOBLER_OFF_PATH : hours;
}
export function dayTimes(trip, day) {
    const leg = trip.legs[day - 1];
    const slopes = slopesOfDay(trip, day);
    const naismithLangmuirH = naismithLangmuirHours(leg, slopes);
    return {
        naismithLangmuirH,
        toblerH: toblerHours(slopes, leg.ground),
        plannedH: leg.hours > 0 ? leg.hours : naismithLangmuirH,
    };
}
/** Time of a walker without a trial as a multiple of the planned time (Graft's own starting guesses). */
export const PACE_FACTORS = {
    newcomer: 1.2,
    regular: 1,
    seasoned: 0.9,
};
/**
 * A member's time as a multiple of the planned one: from the trial walks at this load where there are some, else a
 * guess by experience.
 *
 * @param loadKg what is carried that day
 */
export function memberPace(member, loadKg) {
    const walks = member.carryTrials.filter((t) => !t.interrupted).sort((a, b) => a.loadKg - b.loadKg);
    if ('lacks' in fitTrials(member) || walks.length < 2) {
        return {
            factor: PACE_FACTORS[member.experience],
            reason: `no trial walks: Graft's starting guess for a ${member.experience} walker`,
        };
    }
    const speeds = nonIncreasingFit(walks.map((t) => ({ value: trialSpeed(t), weight: 1 })));
    const above = walks.findIndex((t) => t.loadKg > loadKg);
    const speed = (() => {
        if (above === 0)
            return speeds[0];
        if (above < 0)
            return speeds[speeds.length - 1];
        const [a, b] = [walks[above - 1].loadKg, walks[above].loadKg];
        return speeds[above - 1] + ((loadKg - a) / (b - a)) * (speeds[above] - speeds[above - 1]);
    })();
    return { factor: 1 / speed, reason: `own trial walks, at ${loadKg.toFixed(1)} kg` };
}
/** Every member's walking time of a day, slowest first. */
export function memberTimes(trip, day) {
    const { plannedH } = dayTimes(trip, day);
    return trip.members
        .map((member) => {
        // Only a trial's pace hangs on the load.
        const loadKg = member.carryTrials.length < 2 ? 0 : dayLoad(trip, member, day).totalKg;
        const pace = memberPace(member, loadKg);
        return { memberId: member.id, ...pace, hours: plannedH * pace.factor };
    })
        .sort((a, b) => b.hours - a.hours);
}
//# sourceMappingURL=walkingTime.js.map