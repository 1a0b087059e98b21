import type { Member, Thing, Trip } from '../trip/model.js';
/** Where a member has a thing, in words. */
export declare function placeOf(trip: Trip, member: Member, thing: Thing): string;
