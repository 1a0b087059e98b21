/** Ups and downs smaller than this are the instrument's, not the ground's, m (Graft's own number). */
export const CLIMB_THRESHOLD_M = 5;
/** Slopes are taken over pieces of about this length, km. */
const SLOPE_PIECE_KM = 0.1;
export function trackLengthKm(track) {
    return track.distanceKm[track.distanceKm.length - 1];
}
/** Index of the last point at or before a distance. */
function indexAt(track, km) {
    const { distanceKm } = track;
    let [low, high] = [0, distanceKm.length - 1];
    while (low < high) {
        const middle = Math.ceil((low + high) / 2);
        if (distanceKm[middle] <= km)
            low = middle;
        else
            high = middle - 1;
    }
    return low;
}
/** A value of the track at a distance from its start, linear between points; clamped to its ends. */
function valueAt(track, values, km) {
    const i = indexAt(track, km);
    const [a, b] = [values[i], values[i + 1]];
    const from = track.distanceKm[i];
    const to = track.distanceKm[i + 1];
    if (b === undefined || to === undefined || to === from || km <= from)
        return a;
    return a + ((km - from) / (to - from)) * (b - a);
}
/** Metres above the sea, or undefined for a track without elevations. */
export function elevationAt(track, km) {
    return track.elevationM === undefined ? undefined : valueAt(track, track.elevationM, km);
}
export function positionAt(track, km) {
    return {
        latitudeDeg: valueAt(track, track.latitudeDeg, km),
        longitudeDeg: valueAt(track, track.longitudeDeg, km),
    };
}
/** Elevations between two distances, both ends included, apart at gaps: nobody has walked what lies in one. */
function elevations(track, fromKm, toKm) {
    const { elevationM, gapsBefore = [] } = track;
    if (elevationM === undefined)
        return [];
    const [first, last] = [indexAt(track, fromKm) + 1, indexAt(track, toKm)];
    const cuts = [first, ...gapsBefore.filter((i) => i >= first && i <= last), last + 1];
    return cuts
        .slice(1)
        .map((to, k) => [
        ...(k === 0 ? [elevationAt(track, fromKm)] : []),
        ...elevationM.slice(cuts[k], to),
        ...(k === cuts.length - 2 ? [elevationAt(track, toKm)] : []),
    ]);
}
/**
 * Climb and descent between turning points: a turn counts once the ground has gone back by the threshold, so that a
 * trembling instrument adds nothing, and every real hill counts whole.
 *
 * @param elevationM elevations in walking order, m
 */
export function climbAndDescent(elevationM, thresholdM = CLIMB_THRESHOLD_M) {
    let [climbM, descentM] = [0, 0];
    let turn = elevationM[0] ?? 0;
    let [low, high] = [turn, turn];
    let rising;
    for (const e of elevationM) {
        low = Math.min(low, e);
        high = Math.max(high, e);
        if (rising !== false && high - e >= thresholdM) {
            climbM += rising === undefined ? Math.max(0, high - turn) : high - turn;
            [turn, low, high, rising] = [high, e, e, false];
        }
        else if (rising !== true && e - low >= thresholdM) {
            descentM += rising === undefined ? Math.max(0, turn - low) : turn - low;
            [turn, low, high, rising] = [low, e, e, true];
        }
    }
    const end = elevationM[elevationM.length - 1] ?? turn;
    return end >= turn
        ? { climbM: climbM + (end - turn), descentM }
        : { climbM, descentM: descentM + (turn - end) };
}
export function climbBetween(track, fromKm, toKm) {
    const parts = elevations(track, fromKm, toKm).map((part) => climbAndDescent(part));
    return {
        climbM: parts.reduce((sum, p) => sum + p.climbM, 0),
        descentM: parts.reduce((sum, p) => sum + p.descentM, 0),
    };
}
/** Slopes between two distances in pieces of about 100 m; level for a track without elevations. */
export function slopesBetween(track, fromKm, toKm) {
    const count = Math.max(1, Math.round((toKm - fromKm) / SLOPE_PIECE_KM));
    const distanceKm = (toKm - fromKm) / count;
    return Array.from({ length: count }, (_v, i) => {
        const [a, b] = [i, i + 1].map((n) => elevationAt(track, fromKm + n * distanceKm) ?? 0);
        return {
            distanceKm,
            riseM: b - a - jumpM(track, fromKm + i * distanceKm, fromKm + (i + 1) * distanceKm),
        };
    });
}
/** By how much the ground is higher behind the gaps of a stretch than before them, m. */
function jumpM({ distanceKm, elevationM, gapsBefore = [] }, fromKm, toKm) {
    return gapsBefore
        .filter((i) => distanceKm[i] > fromKm && distanceKm[i] <= toKm)
        .reduce((sum, i) => sum + (elevationM?.[i] ?? 0) - (elevationM?.[i - 1] ?? 0), 0);
}
//# sourceMappingURL=profile.js.map