import type { Maker, PersonalThing, Trip } from './model.js';
/**
 * The trip with these own things of a maker and no others of it. What is unchanged keeps its place in the share and in
 * stows; the same trip comes back when nothing has to change.
 */
export declare function withMade(trip: Trip, maker: Maker, made: readonly PersonalThing[]): Trip;
