/**
 * When a stream of scale readings may be taken as a mass: several stable readings in a row that agree, none of them lost
 * in between. What a scale calls stable can be the tail of a swing; two that agree on either side of a gap prove nothing.
 */
/** Stable readings in a row that must agree (Graft's own). */
const READINGS_IN_A_ROW = 3;
/** A reading older than this says nothing about now, milliseconds. */
export const FRESH_MS = 1500;
export const NOTHING_WEIGHED = { inARow: 0, lost: 0 };
/**
 * Hear a reading.
 *
 * @param divisionKg the scale's smallest step: readings a step apart agree
 */
export function hearReading(weighing, reading, nowMs, divisionKg) {
    const { last } = weighing;
    const gap = last === undefined ? 0 : reading.seq - last.seq - 1;
    const agrees = last !== undefined && gap === 0 && Math.abs(reading.massKg - last.massKg) <= divisionKg * 1.001;
    const steady = reading.stable && !reading.overload;
    return {
        last: reading,
        heardAtMs: nowMs,
        inARow: steady ? (agrees ? weighing.inARow + 1 : 1) : 0,
        // A scale that was started anew counts from the beginning again.
        lost: weighing.lost + Math.max(0, gap),
    };
}
/** What the readings so far allow to say now. */
export function weighingState(weighing, nowMs, divisionKg) {
    const { last, heardAtMs, inARow } = weighing;
    if (last === undefined || heardAtMs === undefined || nowMs - heardAtMs > FRESH_MS)
        return { kind: 'silent' };
    if (last.overload)
        return { kind: 'overload' };
    if (inARow < READINGS_IN_A_ROW)
        return { kind: 'settling', massKg: last.massKg };
    if (last.massKg < divisionKg * 1.5)
        return { kind: 'empty' };
    return { kind: 'stable', massKg: last.massKg };
}
/**
 * Volume by the bottle method: how many bottles of water, and what is left over, fill it.
 *
 * @param bottleL what one bottle holds, litres
 * @param bottles whole bottles, 0 or more
 * @param restL the last, not full one, litres
 */
export function bottleMethodL(bottleL, bottles, restL) {
    return bottleL * bottles + restL;
}
//# sourceMappingURL=weighing.js.map