import type { Thing, Trip } from '../trip/model.js';
/** Dense food takes about so much of a container, litres a person-day (common practice, no source). */
export declare const CONTAINER_L_PER_PERSON_DAY: {
    readonly from: 1.6;
    readonly to: 2;
};
/** Whether a thing goes into the round: marked as scented, or food and soap by what it is for. */
export declare function isScented(thing: Thing): boolean;
export interface ScentedThing {
    readonly thing: Thing;
    /** Who has it; undefined while a group piece is unshared. */
    readonly memberId: string | undefined;
}
export interface ScentedNight {
    /** The night after this day. */
    readonly night: number;
    /** What is there that night, empty packaging too: the list for the evening's round. */
    readonly things: readonly ScentedThing[];
    readonly massKg: number;
    readonly volumeL: number;
    /** What hard containers and food bags hold, litres. */
    readonly capacityL: number;
}
/** Night by night: what is left of the scented things after the day's dinner, against the containers carried. */
export declare function scentedNights(trip: Trip): readonly ScentedNight[];
