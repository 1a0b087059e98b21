import type { Member, PersonalThing, Trip } from '../trip/model.js';
/** Lunches of one dish on days in a row are one thing: it falls evenly, day by day, as they are eaten. */
export declare function lunchThings(trip: Trip, member: Member): readonly PersonalThing[];
export interface SnackStretch {
    readonly fromDay: number;
    readonly toDay: number;
    /** Carried, kg: what is eaten, at most the cap. */
    readonly massKg: number;
    /** Wanted but above the cap, kg. */
    readonly cutKg: number;
}
/** A member's snacks between pick-ups; the cap holds for what is carried at once. */
export declare function snackStretches(trip: Trip, member: Member): readonly SnackStretch[];
/** Snacks as two things: some in a pocket, the rest for stops. */
export declare function snackThings(trip: Trip, member: Member): readonly PersonalThing[];
