/** What a share stands on, in words. */
import { names } from '../lists/cures.js';
import { formatPercent } from '../units/format.js';
import { formatMeasure } from './fairness.js';
/** A range narrower than this rounds to one figure and is none. */
const SAME = 0.0005;
/** What is uncertain and what is missing, what is missing first; nothing where all is weighed and said. */
export function standsOnLines(trip, figures, stands, unit = 'kg') {
    const say = (ratio) => formatMeasure(trip.fairness, ratio, unit, 0);
    const { masses, estimates, unweighed, ownUnknown, bodiesUnsaid, alone, low, high } = stands;
    const lines = [];
    const gap = (at, text) => lines.push({ at, text, isGap: true });
    if (ownUnknown.length > 0)
        gap('people', `Own things of ${names(ownUnknown)} are not known: they count as nothing`);
    if (bodiesUnsaid.length > 0)
        gap('people', `Nobody has said what ${names(bodiesUnsaid)} ${bodiesUnsaid.length > 1 ? 'weigh' : 'weighs'}: an average body is counted`);
    if (unweighed.length > 0)
        gap('kit', `${counted(unweighed.length, 'thing has', 'things have')} no mass: ${unweighed.slice(0, 3).join(', ')}${unweighed.length > 3 ? ' …' : ''}`);
    if (figures.unshared.length === 0 && (estimates > 0 || high - low > SAME))
        lines.push({
            at: 'kit',
            isGap: false,
            text: `${estimates} of ${counted(masses, 'mass', 'masses')} ${estimates === 1 ? 'is a guess' : 'are guesses'}. ${rangeWords(figures, stands, say)}`,
        });
    if (alone.length > 0)
        lines.push({
            at: 'shares',
            isGap: false,
            text: `${alone.join(', ')}: heavy enough to make the largest load, whoever carries ${alone.length > 1 ? 'them' : 'it'}`,
        });
    return lines;
}
/** How far what is not known could move the largest load. */
function rangeWords({ largestRatio }, { low, high, ownUnknown, bodiesUnsaid }, say) {
    if (say(low) === say(high))
        return `The largest load stays at ${say(high)}`;
    const the = ownUnknown.length + bodiesUnsaid.length > 0 ? 'With what is missing, the' : 'The';
    return `${the} largest load, ${say(largestRatio)} as listed, is likely between ${say(low)} and ${say(high)}`;
}
/** "the stove, 40 % of what is not known". */
export function weighFirstWords(stands) {
    return stands.weighFirst.map((w) => `${w.what}: ${formatPercent(w.part, 0)} of what is uncertain`);
}
/** What a proved division is the best of: of what is listed, and of no more. */
export function provenWords({ ownUnknown, unweighed, bodiesUnsaid }) {
    const missing = [
        ...(ownUnknown.length > 0 ? [`own things of ${names(ownUnknown)}`] : []),
        ...(unweighed.length > 0 ? [`${counted(unweighed.length, 'mass', 'masses')}`] : []),
        ...(bodiesUnsaid.length > 0 ? [`${counted(bodiesUnsaid.length, 'body weight', 'body weights')}`] : []),
    ];
    const best = 'the fairest division of what is listed';
    return missing.length === 0 ? best : `${best}; not listed: ${missing.join(', ')}`;
}
function counted(count, one, many) {
    return `${count} ${count === 1 ? one : many}`;
}
//# sourceMappingURL=standsOnWords.js.map