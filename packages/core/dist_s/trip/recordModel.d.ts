/**
 * The record's part of the trip model: what was weighed before leaving, what happened on the way, how it felt, and what
 * was used. The plan stays as it was planned; what the record says is laid over it by `trail/asWalked.ts`.
 */
/** What two buddies look at on each other before setting off (common practice, no source). */
export declare const BUDDY_CHECKS: readonly ['standsAlone', 'closed', 'guarded', 'even', 'water', 'rainGear', 'firstAid', 'whistle', 'beltFirst', 'armsFree'];
export type BuddyCheck = (typeof BUDDY_CHECKS)[number];
/** A pack on the scale at the trailhead, and what its wearer's buddy has looked at. */
export interface WeighIn {
    readonly memberId: string;
    /** Pack and everything in it, kg. */
    readonly measuredKg: number;
    /** Drinking water in it when it was weighed, litres. */
    readonly waterL: number;
    readonly checked: readonly BuddyCheck[];
    /** Who says that this pack is ready to go; absent while nobody has. */
    readonly signedBy?: string;
    readonly note?: string;
}
/** A piece as it left, and with whom. */
export interface DepartedPiece {
    readonly pieceId: string;
    readonly name: string;
    readonly massKg: number;
    readonly memberId: string;
}
/** A member's load as it was planned for each day when the party left. */
export interface DepartedLoad {
    readonly memberId: string;
    readonly name: string;
    readonly plannedKg: readonly number[];
    readonly limitKg: readonly number[];
    /** As weighed, kg. */
    readonly measuredKg?: number;
}
/** The plan as it was when the party left: what the trip is compared with afterwards. */
export interface Departure {
    /** Local date and time, YYYY-MM-DDTHH:MM. */
    readonly at: string;
    readonly by: string;
    readonly share: readonly DepartedPiece[];
    readonly loads: readonly DepartedLoad[];
}
export declare const EVENT_KINDS: readonly ['notEaten', 'eatenLater', 'water', 'canisterEmpty', 'wetFly', 'left', 'sentHome', 'broken', 'bought', 'tired', 'hurt', 'ill', 'well', 'gone'];
export type EventKind = (typeof EVENT_KINDS)[number];
export declare const EVENT_MOMENTS: readonly ['morning', 'evening'];
/** Before the day's walk, which then carries it; or after it. */
export type EventMoment = (typeof EVENT_MOMENTS)[number];
/** Something that happened on the way. Which fields a kind needs is checked with the references. */
export interface TripEvent {
    readonly id: string;
    readonly day: number;
    readonly moment: EventMoment;
    readonly kind: EventKind;
    /** tired, hurt, ill, well, gone; who bought, for bought. */
    readonly memberId?: string;
    /** canisterEmpty, left, sentHome, broken. */
    readonly thingId?: string;
    /** notEaten, eatenLater. */
    readonly mealId?: string;
    /** water: what each sets off with on that day, litres. */
    readonly litres?: number;
    /** bought: what it weighs, kg. */
    readonly massKg?: number;
    /** tired, hurt, ill: what is left of the carry limit, more than 0 and at most 1. */
    readonly factor?: number;
    /** bought: what it is. */
    readonly name?: string;
    readonly note?: string;
}
export declare const BODY_PLACES: readonly ['neck', 'shoulders', 'upperBack', 'lowerBack', 'hips', 'hands', 'knees', 'ankles', 'feet'];
export type BodyPlace = (typeof BODY_PLACES)[number];
/** The marks of comfort as they are chosen from, best first. */
export declare const COMFORT_CHOICES: readonly number[];
/** How a day's load felt to its carrier. */
export interface ComfortMark {
    readonly id: string;
    readonly memberId: string;
    readonly day: number;
    /** 1 (never again) to 10 (forgot I carried it). */
    readonly comfort: number;
    readonly hurts: readonly BodyPlace[];
    readonly note?: string;
}
/** Whom to call in an emergency: somebody of a member's, or for the whole trip. */
export interface Contact {
    readonly id: string;
    /** Whose; absent for the trip's own (rescue, warden, base). */
    readonly memberId?: string;
    readonly name: string;
    readonly relation: string;
    readonly phone: string;
    readonly note?: string;
}
export declare const THING_FATES: readonly ['used', 'unused', 'broke', 'lost'];
export type ThingFate = (typeof THING_FATES)[number];
/** What became of a thing on the trip. */
export interface ThingUseMark {
    readonly thingId: string;
    readonly fate: ThingFate;
    readonly note?: string;
}
/** Something that was wanted and not there. */
export interface Missed {
    readonly id: string;
    /** Who missed it; absent when the party did. */
    readonly memberId?: string;
    readonly name: string;
    readonly note?: string;
}
/** What a cook group brought back. */
export interface Leftover {
    readonly groupId: string;
    /** Food that could still be eaten, kg. */
    readonly foodKg?: number;
    /** Fuel left in its canisters, kg. */
    readonly fuelKg?: number;
}
/** Something to do after the trip that has been done; what there is to do follows from the trip. */
export interface ChoreDone {
    /** The chore's own key: what it is about. */
    readonly id: string;
    /** ISO date. */
    readonly doneOn: string;
}
