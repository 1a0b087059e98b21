import type { Trip } from '../trip/model.js';
/** What camps are called in a file's `type`. */
export declare const CAMP_TYPE = "camp";
/** @returns the file's text; undefined for a trip without a track, which has no coordinates */
export declare function tripGpx(trip: Trip): string | undefined;
