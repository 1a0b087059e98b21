/**
 * From the points of a file to a track: distances on the sphere, elevations smoothed so that the instrument's trembling
 * does not become climb, thinned to what a screen and a plan need.
 *
 * Smoothing is a running median of five points within ±60 m of way, and no ground that falls off steeply on both sides
 * (spikes), then a mean over ±60 m weighted down to its ends (noise); what is left below 5 m is passed over when climb
 * is counted. All are Graft's own; the tests hold them to hills whose climb is known, at spacings up to 500 m.
 */
import { MAX_TRACK_POINTS } from '../schema/tripSchema.js';
import { haversineKm } from './haversine.js';
import { freshId } from '../trip/changes.js';
import { CAMP_TYPE } from './writeGpx.js';
import { RELIANCES, WAYPOINT_KINDS } from '../trip/model.js';
/** Points closer than this to the last one kept are standing about, km. */
const LEAST_STEP_KM = 0.005;
const SMOOTHING_KM = 0.06;
/** Points a stored track has at most: one every 25 m for 37 km, and fewer on longer ones. */
const STORED_POINTS = Math.min(1500, MAX_TRACK_POINTS);
const STORED_STEP_KM = 0.025;
/** Below this share of points with an elevation, a track has none. */
const ENOUGH_ELEVATIONS = 0.5;
/**
 * Points without elevation take it from their neighbours; undefined when most have none, or when all have the same: that
 * is what programs write for heights that they do not know.
 */
function filledElevations(points) {
    const known = points.flatMap((p, i) => (p.elevationM === undefined ? [] : [i]));
    if (known.length < ENOUGH_ELEVATIONS * points.length)
        return undefined;
    const first = points[known[0]].elevationM;
    if (known.every((i) => points[i].elevationM === first))
        return undefined;
    let next = 0;
    return points.map((p, i) => {
        if (p.elevationM !== undefined)
            return p.elevationM;
        while (next < known.length && known[next] < i)
            next += 1;
        const [a, b] = [known[next - 1] ?? known[next], known[next] ?? known[next - 1]];
        const [from, to] = [points[a].elevationM, points[b].elevationM];
        return a === b ? from : from + ((i - a) / (b - a)) * (to - from);
    });
}
/** Ground steeper than this on both sides of a point is no ground, rise over way (Graft's own). */
const SPIKE_SLOPE = 1;
/** Median of five within the smoothing distance, at the ends of fewer; where points stand farther apart, without lone spikes. */
function withoutSpikes(values, km) {
    const isNear = (i, k) => Math.abs(km[i] - km[k]) <= SMOOTHING_KM;
    return values.map((v, i) => {
        const near = [i - 2, i - 1, i, i + 1, i + 2].filter((k) => km[k] !== undefined && isNear(i, k));
        if (near.length > 2) {
            const around = near.map((k) => values[k]).sort((a, b) => a - b);
            const middle = (around.length - 1) / 2;
            return (around[Math.floor(middle)] + around[Math.ceil(middle)]) / 2;
        }
        const [a, b] = [values[i - 1], values[i + 1]];
        if (a === undefined || b === undefined)
            return v;
        const [up, down] = [(v - a) / (1000 * (km[i] - km[i - 1])), (v - b) / (1000 * (km[i + 1] - km[i]))];
        return Math.min(Math.abs(up), Math.abs(down)) > SPIKE_SLOPE && up * down > 0 ? (a + b) / 2 : v;
    });
}
/** Mean over the points within the smoothing distance, weighted by nearness. */
function smoothed(values, km) {
    let first = 0;
    return values.map((_v, i) => {
        while (km[i] - km[first] > SMOOTHING_KM)
            first += 1;
        let [sum, weights] = [0, 0];
        for (let k = first; k < km.length && km[k] - km[i] <= SMOOTHING_KM; k += 1) {
            const weight = 1 - Math.abs(km[k] - km[i]) / (SMOOTHING_KM * 1.001);
            sum += weight * values[k];
            weights += weight;
        }
        return sum / weights;
    });
}
/**
 * A track of several parts, with a gap between each and the next that is not walked: it has no length and no climb.
 *
 * @returns the track; undefined when no part gets anywhere
 */
export function trackFromParts(name, parts) {
    const measured = parts.flatMap((part) => measuredPart(part) ?? []);
    if (measured.length === 0)
        return undefined;
    const lengthKm = measured.reduce((sum, part) => sum + part.km[part.km.length - 1], 0);
    const stepKm = Math.max(STORED_STEP_KM, lengthKm / (STORED_POINTS - 2 * measured.length));
    const stored = measured.map((part) => thinned(part, stepKm));
    const hasElevations = stored.some((part) => part.elevationM !== undefined);
    const track = {
        distanceKm: [],
        elevationM: [],
        latitudeDeg: [],
        longitudeDeg: [],
    };
    const gapsBefore = [];
    for (const part of stored) {
        const startKm = track.distanceKm[track.distanceKm.length - 1] ?? 0;
        if (track.distanceKm.length > 0)
            gapsBefore.push(track.distanceKm.length);
        // A part without heights among others with them stays at the height where it begins.
        const level = track.elevationM[track.elevationM.length - 1] ?? 0;
        for (const [i, km] of part.km.entries()) {
            track.distanceKm.push(round(startKm + km, 4));
            track.latitudeDeg.push(round(part.points[i].latitudeDeg, 5));
            track.longitudeDeg.push(round(part.points[i].longitudeDeg, 5));
            track.elevationM.push(round(part.elevationM?.[i] ?? level, 1));
        }
    }
    const { elevationM, ...flat } = track;
    return {
        name: name.trim() === '' ? 'Track' : name.trim().slice(0, 120),
        ...flat,
        ...(hasElevations ? { elevationM } : {}),
        ...(gapsBefore.length > 0 ? { gapsBefore } : {}),
    };
}
const round = (value, digits) => Math.round(value * 10 ** digits) / 10 ** digits;
/** Distances from the part's start and smoothed heights, without the points of standing about. */
function measuredPart(points) {
    const kept = [];
    const km = [];
    for (const [i, point] of points.entries()) {
        const last = kept[kept.length - 1];
        const step = last === undefined ? 0 : haversineKm(last, point);
        if (last !== undefined && step < LEAST_STEP_KM && i < points.length - 1)
            continue;
        kept.push(point);
        km.push((km[km.length - 1] ?? 0) + step);
    }
    if (kept.length < 2 || km[km.length - 1] < LEAST_STEP_KM)
        return undefined;
    const raw = filledElevations(kept);
    return {
        points: kept,
        km,
        elevationM: raw === undefined ? undefined : smoothed(withoutSpikes(raw, km), km),
    };
}
function thinned({ points, km, elevationM }, stepKm) {
    const stored = [];
    for (const [i, at] of km.entries()) {
        const last = stored[stored.length - 1];
        if (last === undefined || at - km[last] >= stepKm || i === km.length - 1)
            stored.push(i);
    }
    return {
        points: stored.map((i) => points[i]),
        km: stored.map((i) => km[i]),
        elevationM: elevationM && stored.map((i) => elevationM[i]),
    };
}
/** A track that Graft has written: smoothed and thinned already, it is taken as it stands. */
export function trackAsWritten(line) {
    const { distancesKm, segments } = line;
    const points = segments.flat();
    if (distancesKm === undefined || points.length > MAX_TRACK_POINTS)
        return undefined;
    const elevationM = points.map((p) => p.elevationM);
    const gapsBefore = segments
        .slice(1)
        .map((_s, i) => segments.slice(0, i + 1).reduce((sum, s) => sum + s.length, 0));
    return {
        name: line.name === '' ? 'Track' : line.name,
        distanceKm: distancesKm,
        ...(elevationM.every((e) => e !== undefined) ? { elevationM } : {}),
        latitudeDeg: points.map((p) => p.latitudeDeg),
        longitudeDeg: points.map((p) => p.longitudeDeg),
        ...(gapsBefore.length > 0 ? { gapsBefore } : {}),
    };
}
/** Waypoints farther from the track than this are not on the way, km. */
const ON_THE_WAY_KM = 0.5;
const KIND_WORDS = [
    ['water', /water|spring|stream|well|tap|fountain|drink|brook|burn\b/i],
    ['resupply', /shop|store|resupply|supply|post office|village|jetty|restaurant|food/i],
    ['shelter', /shelter|hut|bothy|cabin|lodge|refuge/i],
    ['hazard', /danger|hazard|ford\b|cliff|scramble|caution/i],
];
/**
 * Waypoints of a file, on the track and beside it, each at its nearest point of the track; kinds are guessed from name
 * and symbol.
 *
 * @param most places on the way at most, the nearest to it: others are beside it
 */
export function placesOfFile(track, waypoints, most) {
    const taken = [];
    const found = waypoints
        .filter((w) => w.symbol !== CAMP_TYPE)
        .map((w) => placeOf(track, w, taken))
        .sort((a, b) => a.awayKm - b.awayKm);
    const isOn = (place, i) => place.awayKm <= ON_THE_WAY_KM && i < most;
    return {
        onTheWay: found
            .filter(isOn)
            .map(({ awayKm: _away, ...place }) => place)
            .sort((a, b) => a.atKm - b.atKm),
        beside: found.filter((place, i) => !isOn(place, i)),
    };
}
function placeOf(track, w, taken) {
    const nearest = nearestKm(track, w);
    const name = (w.name.trim() === '' ? 'Waypoint' : w.name.trim()).slice(0, 120);
    // Files that Graft wrote say the kind, and how sure it is.
    const kind = WAYPOINT_KINDS.find((k) => k === w.symbol) ??
        KIND_WORDS.find(([, words]) => words.test(`${name} ${w.symbol}`))?.[0] ??
        'other';
    const reliance = RELIANCES.find((r) => r === w.comment) ?? 'unsure';
    const id = freshId(name, taken);
    taken.push(id);
    const isWithin = w.atKm !== undefined && w.atKm <= track.distanceKm[track.distanceKm.length - 1] + 1e-6;
    return {
        id,
        name,
        kind,
        atKm: isWithin ? w.atKm : nearest.atKm,
        reliance,
        ...(w.description === '' ? {} : { note: w.description }),
        ...(w.cacheL === undefined || kind !== 'water' ? {} : { cacheL: w.cacheL }),
        awayKm: nearest.awayKm,
    };
}
/** Where a file's camps lie along the track, km, rising: where its days end. */
export function campsOnTrack(track, waypoints) {
    return waypoints
        .filter((w) => w.symbol === CAMP_TYPE)
        .flatMap((w) => {
        const { atKm, awayKm } = nearestKm(track, w);
        return awayKm > ON_THE_WAY_KM ? [] : [w.atKm ?? atKm];
    })
        .sort((a, b) => a - b);
}
/** The track's point that is nearest to a place: how far along the way it is, and how far the place is from it. */
function nearestKm(track, place) {
    let [best, awayKm] = [0, Infinity];
    for (let i = 0; i < track.distanceKm.length; i += 1) {
        const at = { latitudeDeg: track.latitudeDeg[i], longitudeDeg: track.longitudeDeg[i] };
        const away = haversineKm(at, place);
        if (away < awayKm)
            [best, awayKm] = [i, away];
    }
    return { atKm: track.distanceKm[best], awayKm };
}
//# sourceMappingURL=trackFromPoints.js.map