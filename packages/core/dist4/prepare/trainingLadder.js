/**
 * The training ladder: weekly walks whose load rises to what the trip will ask, with a light week before leaving.
 * Training up over weeks is common practice, no source; steps, start and rest week are Graft's own.
 */
import { DEFAULT_COMFORT_FLOOR } from '../limits/trialFit.js';
import { addDays, dayNumber } from '../units/isoDate.js';
/** A walk's load grows by at most this share of body weight a week. */
export const STEP_SHARE = 0.03;
/** Where somebody without a trial starts, as a share of body weight. */
export const START_SHARE = 0.08;
/** The ladder is at most this long, weeks. */
export const MOST_WEEKS = 12;
/** The last walk before leaving is a light one. */
const EASY_SHARE = 0.5;
/** Planned hours: the first walk, and more each week up to the most. */
const HOURS = { first: 1.5, more: 0.5, most: 5 };
const SATURDAY = 6;
/** Saturdays after `today` and before `startDate`, the last `MOST_WEEKS` of them. */
export function saturdaysBefore(today, startDate) {
    const tomorrow = addDays(today, 1);
    const first = addDays(tomorrow, (SATURDAY - new Date(`${tomorrow}T00:00:00Z`).getUTCDay() + 7) % 7);
    const count = Math.max(0, Math.ceil((dayNumber(startDate) - dayNumber(first)) / 7));
    return Array.from({ length: count }, (_v, i) => addDays(first, 7 * i)).slice(-MOST_WEEKS);
}
/**
 * @param targetKg the heaviest load that the trip asks of the member, or their limit if that is less
 * @param today ISO date; walks lie after it
 * @param startDate ISO date; walks lie before it
 */
export function trainingLadder(member, targetKg, today, startDate) {
    const dates = saturdaysBefore(today, startDate);
    const half = (kg) => Math.round(kg * 2) / 2;
    // Where they are already: the heaviest load walked to the end in comfort.
    const walkedKg = Math.max(0, ...member.carryTrials
        .filter((t) => !t.interrupted && t.comfort >= (member.comfortFloor ?? DEFAULT_COMFORT_FLOOR))
        .map((t) => t.loadKg));
    const startKg = Math.min(targetKg, Math.max(START_SHARE * member.bodyMassKg, walkedKg));
    const stepKg = STEP_SHARE * member.bodyMassKg;
    const rising = Math.max(0, dates.length - 1);
    const walks = dates.map((date, i) => {
        const easy = i === dates.length - 1 && dates.length > 1;
        const evenKg = rising <= 1 ? startKg : startKg + ((targetKg - startKg) * i) / (rising - 1);
        const upKg = Math.min(targetKg, evenKg, startKg + stepKg * i);
        return {
            date,
            loadKg: half(easy ? EASY_SHARE * targetKg : upKg),
            hours: easy ? HOURS.first : Math.min(HOURS.most, HOURS.first + HOURS.more * i),
            easy,
        };
    });
    return { walks, targetKg, reachedKg: Math.max(0, ...walks.map((w) => w.loadKg)) };
}
//# sourceMappingURL=trainingLadder.js.map