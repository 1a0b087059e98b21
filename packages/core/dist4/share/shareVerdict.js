/** What a share comes to in words: how far its loads are apart, what makes the largest, how near that is to the best. */
import { massOnDayKg } from '../load/thingOnDay.js';
import { legOfDay } from '../load/memberLoad.js';
import { nameAlone, carriedPieces } from '../trip/queries.js';
import { formatMass, formatPercent } from '../units/format.js';
import { fairnessSchool, formatMeasure } from './fairness.js';
/** Loads whose largest is above their smallest by no more than this part of it are called even (Graft's own number). */
const EVEN = 0.1;
/** A piece that is so much of what somebody carries for the group makes their load. */
const MOST_OF_IT = 0.5;
/** Levels that differ by less are the same. */
const SAME = 5e-4;
const NEAR = 5e-3;
/**
 * @param bound the best that is known, when that is more than the figures have
 * @param digits of the distance
 */
export function shareVerdict(trip, figures, unit = 'kg', bound = figures.bound, digits = 1) {
    const say = (ratio, rounding = 'nearest') => formatMeasure(trip.fairness, ratio, unit, digits, rounding);
    const { largestRatio, smallestRatio, level, largestMember, members } = figures;
    const lowest = members.find((m) => m.largestMeasure === smallestRatio)?.member.name ?? '';
    const gap = bound.level === 0 ? 0 : Math.max(0, level / bound.level - 1);
    const best = `the best possible (${say(bound.level, 'down')}: ${bound.levelReason})`;
    const isOwn = largestRatio > level * (1 + SAME);
    const within = gap < 1e-6 ? `which is ${best}` : `within ${formatPercent(gap, digits, 'up')} of ${best}`;
    return {
        spread: members.length < 2
            ? ''
            : `${isEven(figures) ? 'Even: from' : 'From'} ${say(smallestRatio)} (${lowest}) to ${say(largestRatio)} (${largestMember?.name ?? ''})`,
        peak: peakOf(trip, figures, isOwn, unit),
        distance: isOwn
            ? `no share lowers that; among those who carry for the group ${say(level)} ${fairnessSchool(trip.fairness).of}, ${within}`
            : within,
    };
}
const isEven = ({ largestRatio, smallestRatio }) => largestRatio - smallestRatio <= EVEN * largestRatio;
function peakOf(trip, figures, isOwn, unit) {
    const { largestMember: member, largestDay: day, bound } = figures;
    if (member === undefined)
        return 'nobody carries anything';
    if (isOwn)
        return `${member.name}’s own things on day ${day}`;
    const pieces = carriedPieces(trip, member.id, day).map((piece) => ({
        name: nameAlone(trip, piece),
        kg: massOnDayKg(piece, day, legOfDay(trip, day)),
    }));
    const totalKg = pieces.reduce((sum, p) => sum + p.kg, 0);
    const heaviest = pieces.reduce((a, b) => (b.kg > a.kg ? b : a), { name: '', kg: 0 });
    if (!isEven(figures) && totalKg > 0 && heaviest.kg >= MOST_OF_IT * totalKg)
        return `${heaviest.name}, ${formatMass(heaviest.kg, unit)} in one piece, with ${member.name} on day ${day}`;
    // Near the bound, what makes that so makes the peak.
    return bound.level > 0 && figures.level <= bound.level * (1 + NEAR)
        ? bound.levelReason
        : `what ${member.name} carries on day ${day}`;
}
//# sourceMappingURL=shareVerdict.js.map