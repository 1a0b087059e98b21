/** What a cure does, and what is left over, in the leader's words. */
import { formatMass, formatVolume } from '../units/format.js';
/** Less than this is not said, kg or L. */
const SAID = 0.005;
/** "worst: Ilse 133 → 112 %", and whoever is worst off then when that is somebody else; empty when not known. */
export function worstWords({ worstBefore: was, worstAfter: is }) {
    if (was === undefined || is === undefined)
        return '';
    const then = is.name === was.name ? '' : `, then ${is.name}`;
    return `worst: ${was.name} ${(100 * was.ratio).toFixed(0)} → ${(100 * is.ratio).toFixed(0)} %${then}`;
}
/** Where no cure is enough: what is left with the best of them, and whose decision it is. Empty when one is enough. */
export function leftOverWords(misfit, unit) {
    if (misfit.isEnough)
        return '';
    const [best] = misfit.cures;
    const { overloadKg, overVolumeL } = best ?? misfit;
    return [
        best === undefined ? 'Nothing that Graft knows helps.' : 'None of these is enough.',
        ...(overloadKg > SAID
            ? [
                `${formatMass(overloadKg, unit)} are left above limits, over all members and days: shorter days or less kit is the leader’s decision, more than a limit only the carrier’s own.`,
            ]
            : []),
        ...(overVolumeL > SAID
            ? [`${formatVolume(overVolumeL)} are left above packs: what stays at home is the party’s decision.`]
            : []),
    ].join(' ');
}
//# sourceMappingURL=cureWords.js.map