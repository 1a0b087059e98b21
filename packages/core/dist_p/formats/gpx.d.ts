export interface GpxPoint {
    readonly latitudeDeg: number;
    readonly longitudeDeg: number;
    readonly elevationM: number | undefined;
}
export interface GpxWaypoint extends GpxPoint {
    readonly name: string;
    /** What the writer calls its kind or symbol. */
    readonly symbol: string;
    /** The writer's comment; empty when there is none. */
    readonly comment: string;
    /** The writer's description. */
    readonly description: string;
    /** Where Graft itself has written the place to be along the track, km, and what water is laid there, L. */
    readonly atKm?: number;
    readonly cacheL?: number;
}
/** A track with its segments, or a route, which has one. */
export interface GpxLine {
    readonly kind: 'track' | 'route';
    readonly name: string;
    readonly segments: readonly (readonly GpxPoint[])[];
    /** Distances from its start that Graft has written beside it, km: it is smoothed and thinned already. */
    readonly distancesKm?: readonly number[];
}
export interface GpxFile {
    readonly name: string;
    /** Tracks and routes in file order; a file of places has none. */
    readonly lines: readonly GpxLine[];
    readonly waypoints: readonly GpxWaypoint[];
}
/** The largest GPX file that is read, bytes. */
export declare const LARGEST_GPX_BYTES = 40000000;
export declare const MOST_GPX_POINTS = 500000;
/** What Graft writes beyond the schema stands in a namespace of its own. */
export declare const OWN_NAMESPACE = "urn:graft:gpx";
/**
 * @param text the file's text
 * @param onProgress called with the share read so far, from 0 to 1
 * @throws InvalidInputError that says what is wrong, with the line
 */
export declare function parseGpx(text: string, onProgress?: (done: number) => void): GpxFile;
/** The words for a file over the limit; for whoever can tell its size before reading it. */
export declare function tooLarge(bytes: number): string;
/**
 * The text of an XML file by its byte order mark or its declaration: UTF-8 and UTF-16, ISO-8859-1 and its kin.
 *
 * @throws InvalidInputError where the declared encoding is none that is known
 */
export declare function decodeXml(bytes: Uint8Array): string;
