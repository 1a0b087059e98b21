import type { GpxLine, GpxPoint, GpxWaypoint } from './gpx.js';
import { type Track, type Waypoint } from '../trip/model.js';
/**
 * A track of several parts, with a gap between each and the next that is not walked: it has no length and no climb.
 *
 * @returns the track; undefined when no part gets anywhere
 */
export declare function trackFromParts(name: string, parts: readonly (readonly GpxPoint[])[]): Track | undefined;
/** A track that Graft has written: smoothed and thinned already, it is taken as it stands. */
export declare function trackAsWritten(line: GpxLine): Track | undefined;
export interface PlacesOfFile {
    /** Places on the way, in its order. */
    readonly onTheWay: readonly Waypoint[];
    /** Places beside it, the nearest first, each with how far it is from the way, km. */
    readonly beside: readonly (Waypoint & {
        readonly awayKm: number;
    })[];
}
/**
 * Waypoints of a file, on the track and beside it, each at its nearest point of the track; kinds are guessed from name
 * and symbol.
 *
 * @param most places on the way at most, the nearest to it: others are beside it
 */
export declare function placesOfFile(track: Track, waypoints: readonly GpxWaypoint[], most: number): PlacesOfFile;
/** Where a file's camps lie along the track, km, rising: where its days end. */
export declare function campsOnTrack(track: Track, waypoints: readonly GpxWaypoint[]): readonly number[];
