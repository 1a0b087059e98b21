import type { Leg, Member, PersonalThing, Trip } from '../trip/model.js';
import { type Carried } from '../trip/queries.js';
export interface DayLoad {
    readonly day: number;
    readonly packKg: number;
    readonly personalKg: number;
    readonly waterKg: number;
    readonly groupKg: number;
    readonly totalKg: number;
    readonly limitKg: number;
    readonly limitReason: string;
    /** totalKg / limitKg; see `ratioLimitKg` */
    readonly ratio: number;
    /** Packed volume of everything in the pack, litres. */
    readonly volumeL: number;
}
/** Drinking water has 1 kg a litre (definition of the litre of water for planning). */
export declare const KG_PER_L_WATER = 1;
export declare function ratioLimitKg(limitKg: number): number;
/**
 * What a member carries on a day before anything for others; nothing once they have left the party.
 *
 * @param personal their own things in their pack; by default what nobody has taken over
 * @param forOthers what is in the pack with them: only the room it takes counts here
 */
export declare function baseLoad(trip: Trip, member: Member, day: number, personal?: readonly PersonalThing[], forOthers?: readonly Carried[]): Omit<DayLoad, 'groupKg' | 'totalKg' | 'ratio'>;
/**
 * Load of a member on a day: empty pack + own things stowed + water + what is carried for others.
 *
 * @param pieces group pieces and own things of others that this member carries; by default what the share says
 */
export declare function dayLoad(trip: Trip, member: Member, day: number, pieces?: readonly Carried[]): DayLoad;
/** A member's load on every day of the trip. */
export declare function loadsOverTrip(trip: Trip, member: Member): readonly DayLoad[];
/** The day with the largest ratio; the earliest of equals. */
export declare function heaviestDay(loads: readonly DayLoad[]): DayLoad;
/** The leg of a day; a day outside the trip is a RangeError. */
export declare function legOfDay(trip: Trip, day: number): Leg;
