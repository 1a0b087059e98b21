import type { PartyGroup, Trip } from '../trip/model.js';
export interface GroupProvisions {
    readonly group: PartyGroup;
    /** Days on which its members walked, summed. */
    readonly personDays: number;
    /** Food without packaging: planned meals, lunches and snacks, kg. */
    readonly foodKg: number;
    /** Brought back, as weighed; absent while nobody has said. */
    readonly foodLeftKg?: number;
    /** Of meals that were noted as not eaten, kg: what to expect of it. */
    readonly notEatenKg: number;
    /** Eaten a person and day, g; absent while nobody has said what is left. */
    readonly eatenGPerDay?: number;
    readonly fuelKg: number;
    /** What the plan reckoned to burn, kg. */
    readonly fuelNeedKg: number;
    readonly fuelLeftKg?: number;
    readonly burntKg?: number;
    readonly burntGPerDay?: number;
}
/** Days on which a group's members walked with the party. */
export declare function personDays(trip: Trip, groupId: string): number;
/** Food of a group without packaging, kg: of the larder, and what was listed by hand. */
export declare function foodTakenKg(trip: Trip, groupId: string): number;
export declare function provisions(trip: Trip): readonly GroupProvisions[];
export interface WaterDay {
    readonly day: number;
    /** What each was to set off with, litres. */
    readonly plannedL: number;
    /** What each took, where that was noted. */
    readonly takenL?: number;
}
/** Water against the plan, day by day. */
export declare function waterTaken(trip: Trip): readonly WaterDay[];
