/**
 * The way as GPX 1.1 (Topografix schema), written by the `fast-xml-parser` package: the track, and as waypoints the water,
 * the other places and the camps. It can be read again: kinds stand in `type`, how sure a place is in `cmt`.
 */
import { XMLBuilder } from 'fast-xml-parser';
import { OWN_NAMESPACE } from './gpx.js';
import { dayStretches } from '../route/legSlopes.js';
import { elevationAt } from '../route/profile.js';
/** What camps are called in a file's `type`. */
export const CAMP_TYPE = 'camp';
/** @returns the file's text; undefined for a trip without a track, which has no coordinates */
export function tripGpx(trip) {
    const { track } = trip;
    if (track === undefined)
        return undefined;
    const builder = new XMLBuilder({ ignoreAttributes: false, format: true, suppressEmptyNode: true });
    const camps = dayStretches(trip)
        .slice(0, -1)
        .map(({ toKm }, i) => ({
        atKm: toKm,
        name: `Camp of day ${i + 1}`,
        note: trip.legs[i].note,
        type: CAMP_TYPE,
    }));
    const places = trip.waypoints.map((w) => ({ ...w, type: w.kind, note: w.note }));
    return builder.build({
        '?xml': { '@_version': '1.0', '@_encoding': 'UTF-8' },
        gpx: {
            '@_xmlns': 'http://www.topografix.com/GPX/1/1',
            '@_xmlns:graft': OWN_NAMESPACE,
            '@_version': '1.1',
            '@_creator': 'Graft',
            metadata: { name: trip.name },
            wpt: [...places, ...camps].map((place) => waypoint(track, place)),
            trk: {
                name: track.name,
                // Smoothed and thinned: whoever reads it again takes it as it stands.
                extensions: { 'graft:distancesKm': track.distanceKm.join(' ') },
                trkseg: segmentsOf(track).map(([from, to]) => ({
                    trkpt: track.distanceKm.slice(from, to).map((_km, i) => ({
                        '@_lat': track.latitudeDeg[from + i],
                        '@_lon': track.longitudeDeg[from + i],
                        ...(track.elevationM === undefined ? {} : { ele: track.elevationM[from + i] }),
                    })),
                })),
            },
        },
    });
}
/** From which point to which each part goes: gaps lie between them. */
function segmentsOf(track) {
    const starts = [0, ...(track.gapsBefore ?? [])];
    return starts.map((from, i) => [from, starts[i + 1] ?? track.distanceKm.length]);
}
/** A waypoint with its parts in the order that the schema wants. */
function waypoint(track, { atKm, cacheL, name, type, reliance, note }) {
    const at = placeAtKm(track, atKm);
    const ele = elevationAt(track, atKm);
    return {
        '@_lat': at.latitudeDeg.toFixed(6),
        '@_lon': at.longitudeDeg.toFixed(6),
        ...(ele === undefined ? {} : { ele: ele.toFixed(1) }),
        name,
        ...(reliance === undefined ? {} : { cmt: reliance }),
        ...(note === undefined ? {} : { desc: note }),
        type,
        extensions: { 'graft:atKm': atKm, ...(cacheL === undefined ? {} : { 'graft:cacheL': cacheL }) },
    };
}
/** A place on the track, straight between its points; held to its ends. */
function placeAtKm(track, atKm) {
    const { distanceKm, latitudeDeg, longitudeDeg } = track;
    const last = distanceKm.length - 1;
    const found = distanceKm.findIndex((km) => km >= atKm);
    const i = found < 0 ? last : Math.max(1, found);
    const [from, to] = [distanceKm[i - 1], distanceKm[i]];
    const part = to === from ? 0 : Math.min(1, Math.max(0, (atKm - from) / (to - from)));
    const between = (list) => list[i - 1] + part * (list[i] - list[i - 1]);
    return { latitudeDeg: between(latitudeDeg), longitudeDeg: between(longitudeDeg) };
}
//# sourceMappingURL=writeGpx.js.map