/**
 * From the points of a file to a track: distances on the sphere, elevations smoothed so that the instrument's trembling
 * does not become climb, thinned to what a screen and a plan need.
 *
 * Smoothing is a running median of five points (spikes), then a mean over ±60 m of way weighted down to its ends
 * (noise); what is left below 5 m is passed over when climb is counted. All three are Graft's own; the tests hold them
 * to hills whose climb is known.
 */
import { MAX_TRACK_POINTS } from '../schema/tripSchema.js';
import type { GpxPoint, GpxWaypoint } from './gpx.js';
import { freshId } from '../trip/changes.js';
import { CAMP_TYPE } from './writeGpx.js';
import { RELIANCES, WAYPOINT_KINDS, type Track, type Waypoint, type WaypointKind } from '../trip/model.js';

/** Mean radius of the Earth, km (IUGG). */
export const EARTH_RADIUS_KM = 6371.0088;
/** Points closer than this to the last one kept are standing about, km. */
const LEAST_STEP_KM = 0.005;
const SMOOTHING_KM = 0.06;
/** Points a stored track has at most: one every 25 m for 37 km, and fewer on longer ones. */
const STORED_POINTS = Math.min(1500, MAX_TRACK_POINTS);
const STORED_STEP_KM = 0.025;
/** Below this share of points with an elevation, a track has none. */
const ENOUGH_ELEVATIONS = 0.5;

/** Great-circle distance by the haversine formula, km (Sinnott 1984). */
export function haversineKm(
  a: { readonly latitudeDeg: number; readonly longitudeDeg: number },
  b: { readonly latitudeDeg: number; readonly longitudeDeg: number },
): number {
  const rad = Math.PI / 180;
  const [dLat, dLon] = [(b.latitudeDeg - a.latitudeDeg) * rad, (b.longitudeDeg - a.longitudeDeg) * rad];
  const h =
    Math.sin(dLat / 2) ** 2 +
    Math.cos(a.latitudeDeg * rad) * Math.cos(b.latitudeDeg * rad) * Math.sin(dLon / 2) ** 2;
  return 2 * EARTH_RADIUS_KM * Math.asin(Math.min(1, Math.sqrt(h)));
}

/**
 * Points without elevation take it from their neighbours; undefined when most have none, or when all have the same: that
 * is what programs write for heights that they do not know.
 */
function filledElevations(points: readonly GpxPoint[]): readonly number[] | undefined {
  const known = points.flatMap((p, i) => (p.elevationM === undefined ? [] : [i]));
  if (known.length < ENOUGH_ELEVATIONS * points.length) return undefined;
  const first = points[known[0]!]!.elevationM;
  if (known.every((i) => points[i]!.elevationM === first)) return undefined;
  let next = 0;
  return points.map((p, i) => {
    if (p.elevationM !== undefined) return p.elevationM;
    while (next < known.length && known[next]! < i) next += 1;
    const [a, b] = [known[next - 1] ?? known[next]!, known[next] ?? known[next - 1]!];
    const [from, to] = [points[a]!.elevationM!, points[b]!.elevationM!];
    return a === b ? from : from + ((i - a) / (b - a)) * (to - from);
  });
}

/** Median of five, at the ends of fewer. */
function withoutSpikes(values: readonly number[]): readonly number[] {
  return values.map((_v, i) => {
    const around = values.slice(Math.max(0, i - 2), i + 3).sort((a, b) => a - b);
    const middle = (around.length - 1) / 2;
    return (around[Math.floor(middle)]! + around[Math.ceil(middle)]!) / 2;
  });
}

/** Mean over the points within the smoothing distance, weighted by nearness. */
function smoothed(values: readonly number[], km: readonly number[]): readonly number[] {
  let first = 0;
  return values.map((_v, i) => {
    while (km[i]! - km[first]! > SMOOTHING_KM) first += 1;
    let [sum, weights] = [0, 0];
    for (let k = first; k < km.length && km[k]! - km[i]! <= SMOOTHING_KM; k += 1) {
      const weight = 1 - Math.abs(km[k]! - km[i]!) / (SMOOTHING_KM * 1.001);
      sum += weight * values[k]!;
      weights += weight;
    }
    return sum / weights;
  });
}

/**
 * @param points at least 2
 * @returns the track; undefined when the points do not get anywhere
 */
export function trackFromPoints(name: string, points: readonly GpxPoint[]): Track | undefined {
  const kept: GpxPoint[] = [];
  const km: number[] = [];
  for (const [i, point] of points.entries()) {
    const last = kept[kept.length - 1];
    const step = last === undefined ? 0 : haversineKm(last, point);
    if (last !== undefined && step < LEAST_STEP_KM && i < points.length - 1) continue;
    kept.push(point);
    km.push((km[km.length - 1] ?? 0) + step);
  }
  const lengthKm = km[km.length - 1]!;
  if (kept.length < 2 || lengthKm < LEAST_STEP_KM) return undefined;
  const raw = filledElevations(kept);
  const elevation = raw === undefined ? undefined : smoothed(withoutSpikes(raw), km);
  const stepKm = Math.max(STORED_STEP_KM, lengthKm / (STORED_POINTS - 1));
  const stored: number[] = [];
  for (const [i, at] of km.entries()) {
    const last = stored[stored.length - 1];
    if (last === undefined || at - km[last]! >= stepKm || i === km.length - 1) stored.push(i);
  }
  const round = (value: number, digits: number): number => Math.round(value * 10 ** digits) / 10 ** digits;
  return {
    name: name.trim() === '' ? 'Track' : name.trim().slice(0, 120),
    distanceKm: stored.map((i) => round(km[i]!, 4)),
    ...(elevation === undefined ? {} : { elevationM: stored.map((i) => round(elevation[i]!, 1)) }),
    latitudeDeg: stored.map((i) => round(kept[i]!.latitudeDeg, 5)),
    longitudeDeg: stored.map((i) => round(kept[i]!.longitudeDeg, 5)),
  };
}

/** Waypoints farther from the track than this are not on the way, km. */
const ON_THE_WAY_KM = 0.5;
const KIND_WORDS: readonly (readonly [WaypointKind, RegExp])[] = [
  ['water', /water|spring|stream|well|tap|fountain|drink|brook|burn\b/i],
  ['resupply', /shop|store|resupply|supply|post office|village|jetty|restaurant|food/i],
  ['shelter', /shelter|hut|bothy|cabin|lodge|refuge/i],
  ['hazard', /danger|hazard|ford\b|cliff|scramble|caution/i],
];

/** Waypoints of a file that lie on the track, at their distance along it; kinds are guessed from name and symbol. */
export function waypointsOnTrack(track: Track, waypoints: readonly GpxWaypoint[]): readonly Waypoint[] {
  const taken: string[] = [];
  return waypoints
    .filter((w) => w.symbol !== CAMP_TYPE)
    .flatMap((w): Waypoint[] => {
      const atKm = nearestKm(track, w);
      if (atKm === undefined) return [];
      const name = w.name.trim() === '' ? 'Waypoint' : w.name.trim();
      // Files that Graft wrote say the kind, and how sure it is.
      const kind =
        WAYPOINT_KINDS.find((k) => k === w.symbol) ??
        KIND_WORDS.find(([, words]) => words.test(`${name} ${w.symbol}`))?.[0] ??
        'other';
      const reliance = RELIANCES.find((r) => r === w.comment) ?? 'unsure';
      const id = freshId(name, taken);
      taken.push(id);
      return [{ id, name, kind, atKm, reliance }];
    })
    .sort((a, b) => a.atKm - b.atKm);
}

/** Where a file's camps lie along the track, km, rising: where its days end. */
export function campsOnTrack(track: Track, waypoints: readonly GpxWaypoint[]): readonly number[] {
  return waypoints
    .filter((w) => w.symbol === CAMP_TYPE)
    .flatMap((w) => nearestKm(track, w) ?? [])
    .sort((a, b) => a - b);
}

/** The distance along the track of its point that is nearest to a place; undefined when that is not on the way. */
function nearestKm(track: Track, place: GpxPoint): number | undefined {
  let [best, bestKm] = [0, Infinity];
  for (let i = 0; i < track.distanceKm.length; i += 1) {
    const at = { latitudeDeg: track.latitudeDeg[i]!, longitudeDeg: track.longitudeDeg[i]! };
    const away = haversineKm(at, place);
    if (away < bestKm) [best, bestKm] = [i, away];
  }
  return bestKm > ON_THE_WAY_KM ? undefined : track.distanceKm[best]!;
}
