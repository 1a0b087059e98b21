import type { Leg, Member, Thing, Trip } from '../trip/model.js';
/** Water that a member with a usual portion needs on a leg: its driest stretch and what a dry camp needs, litres. */
export declare function waterOnLegL(leg: Leg): number;
/** What a member needs on a day, litres; nothing once they have left. */
export declare function waterNeedL(trip: Trip, member: Member, day: number): number;
/**
 * What water adds to the room that its containers take empty, litres: bottles are as big full as empty, and are filled
 * first; a soft bag is as big as what is in it.
 */
export declare function waterRoomL(things: readonly Thing[], carriedL: number): number;
/** What a member carries on a day, litres: of all that the party needs, the part that is theirs. */
export declare function waterCarriedL(trip: Trip, memberId: string, day: number): number;
