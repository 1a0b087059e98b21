import type { Trip } from '../trip/model.js';
/**
 * The trip with its larder landed as pieces and personal things. What is unchanged keeps its place in the share and in
 * stows; the same trip comes back when nothing has to change.
 */
export declare function landLarder(trip: Trip): Trip;
/** After a change of a trip: the larder landed again where the change touches it. */
export declare function settleLarder(before: Trip, after: Trip): Trip;
