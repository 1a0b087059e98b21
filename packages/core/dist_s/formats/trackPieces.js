import { InvalidInputError } from '../schema/fieldError.js';
import { haversineKm } from './haversine.js';
/** Ends farther apart than this are a gap, km. */
export const GAP_KM = 0.2;
/** Within a recorded track a step so many times its usual one is a gap too; a sparse route has long steps throughout. */
const UNUSUAL_STEP = 12;
const between = (a, b) => haversineKm(a, b);
const firstOf = (p) => p.points[0];
const lastOf = (p) => p.points[p.points.length - 1];
/**
 * The pieces of a file, in its order: tracks, or routes where there is no track.
 *
 * @throws InvalidInputError for a way in hundreds of pieces
 */
export function trackPieces(file) {
    const tracks = file.lines.filter((l) => l.kind === 'track');
    const lines = tracks.length > 0 ? tracks : file.lines;
    const runs = lines.flatMap((line, i) => {
        const parts = line.kind === 'track' ? line.segments.flatMap(withoutJumps) : [...line.segments];
        return joined(parts).map((points, k, all) => ({
            id: `${i + 1}.${k + 1}`,
            name: `${line.name || file.name}${all.length > 1 ? `, part ${k + 1}` : ''}`,
            points,
        }));
    });
    const pieces = runs
        .filter((run) => run.points.length > 1)
        .map((run) => ({ ...run, lengthKm: lengthKm(run.points), isAlternative: false }));
    if (pieces.length > MOST_PIECES)
        throw new InvalidInputError([
            {
                path: '',
                message: `expected at most ${MOST_PIECES} pieces of way, got ${pieces.length}: join them in the program that wrote the file`,
            },
        ]);
    if (pieces.length > MOST_COMPARED)
        return pieces;
    return pieces.map((piece) => ({ ...piece, isAlternative: pieces.some((other) => isBeside(piece, other)) }));
}
/** More pieces nobody puts in order by hand. */
const MOST_PIECES = 200;
/** Of more pieces nobody is told which are other ways. */
const MOST_COMPARED = 40;
/** A segment cut where the instrument lost its way: at steps far longer than its usual ones. */
function withoutJumps(points) {
    const steps = points.slice(1).map((p, i) => between(points[i], p));
    const usual = [...steps].sort((a, b) => a - b)[Math.floor(steps.length / 2)] ?? 0;
    const parts = [[]];
    for (const [i, point] of points.entries()) {
        if (i > 0 && steps[i - 1] > Math.max(GAP_KM, UNUSUAL_STEP * usual))
            parts.push([]);
        parts[parts.length - 1].push(point);
    }
    return parts;
}
/** Parts whose ends meet are one. */
function joined(parts) {
    const list = [];
    for (const part of parts) {
        const before = list[list.length - 1];
        const [from, to] = [before?.[before.length - 1], part[0]];
        if (before !== undefined && from !== undefined && to !== undefined && between(from, to) <= GAP_KM)
            for (const point of part)
                before.push(point);
        else
            list.push([...part]);
    }
    return list;
}
function lengthKm(points) {
    return points.reduce((sum, p, i) => (i === 0 ? 0 : sum + between(points[i - 1], p)), 0);
}
/** Whether a piece starts and ends on a longer one, away from its ends or between them. */
function isBeside(piece, other) {
    if (piece === other || other.lengthKm <= piece.lengthKm)
        return false;
    const touches = (end) => other.points.some((p) => between(p, end) <= GAP_KM);
    const joins = (a, b) => between(a, b) <= GAP_KM;
    // A round that begins and ends at one place is a trip from there, and the same way back is walked again.
    const isRound = joins(firstOf(piece), lastOf(piece));
    const isReturn = joins(firstOf(piece), lastOf(other)) && joins(lastOf(piece), firstOf(other));
    return !isRound && !isReturn && touches(firstOf(piece)) && touches(lastOf(piece));
}
/** What lies between the end of each piece and the start of the next, km; nothing before the first. */
export function gapsKm(pieces, uses) {
    const ends = used(pieces, uses);
    return ends.slice(1).map(({ from }, i) => between(ends[i].to, from));
}
function used(pieces, uses) {
    return uses.map(({ id, isReversed }) => {
        const piece = pieces.find((p) => p.id === id);
        const [from, to] = isReversed ? [lastOf(piece), firstOf(piece)] : [firstOf(piece), lastOf(piece)];
        return { piece, from, to };
    });
}
/**
 * The order in which the pieces make the way with the least gaps, without alternatives: that of the file, unless going
 * on from each end to the nearest other end leaves at least half as much out.
 */
export function suggestedOrder(pieces) {
    const inFile = pieces
        .filter((p) => !p.isAlternative)
        .map((p) => ({ id: p.id, isReversed: false }));
    const sum = (uses) => gapsKm(pieces, uses).reduce((a, b) => a + b, 0);
    if (inFile.length < 2 || inFile.length > MOST_ORDERED)
        return inFile;
    const chains = inFile.flatMap((first) => [
        chained(pieces, inFile, first),
        chained(pieces, inFile, { ...first, isReversed: true }),
    ]);
    const best = chains.reduce((a, b) => (sum(b) < sum(a) - 1e-9 ? b : a));
    return sum(best) < sum(inFile) / 2 - GAP_KM ? best : inFile;
}
const MOST_ORDERED = 40;
function chained(pieces, all, first) {
    const chain = [first];
    let rest = all.filter((u) => u.id !== first.id);
    while (rest.length > 0) {
        const { to } = used(pieces, [chain[chain.length - 1]])[0];
        const choices = rest.flatMap(({ id }) => [
            { id, isReversed: false },
            { id, isReversed: true },
        ]);
        const next = choices.reduce((a, b) => between(to, used(pieces, [b])[0].from) < between(to, used(pieces, [a])[0].from) - 1e-9 ? b : a);
        chain.push(next);
        rest = rest.filter((u) => u.id !== next.id);
    }
    return chain;
}
/** The points of the chosen pieces in their order; pieces whose ends meet are one, others have a gap between them. */
export function pointsOf(pieces, uses) {
    return joined(uses.map(({ id, isReversed }) => {
        const { points } = pieces.find((p) => p.id === id);
        return isReversed ? [...points].reverse() : points;
    }));
}
/**
 * Where tracks end on the way made of some pieces, km, without the last: a file with a track a day says where the days
 * end.
 *
 * @param lengthOfWayKm of the track made of them, which is a little shorter than what was recorded
 */
export function trackEndsKm(pieces, uses, lengthOfWayKm) {
    const chosen = uses.map(({ id }) => pieces.find((p) => p.id === id));
    const sumKm = chosen.reduce((km, p) => km + p.lengthKm, 0);
    let km = 0;
    return chosen.flatMap((piece, i) => {
        km += piece.lengthKm;
        const next = chosen[i + 1];
        const isEnd = next !== undefined && trackOf(piece) !== trackOf(next);
        return isEnd ? [(km * lengthOfWayKm) / sumKm] : [];
    });
}
const trackOf = ({ id }) => id.split('.')[0];
//# sourceMappingURL=trackPieces.js.map