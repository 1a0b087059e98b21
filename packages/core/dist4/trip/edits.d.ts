/**
 * Changes of a trip as data: what the interface sends to the server, and what undo plays backwards.
 * `diffTrip` finds the edits between two trips; `applyEdits` plays them on a trip of the same version.
 */
import type { Trip } from './model.js';
export declare const TRIP_FIELDS: readonly ['name', 'style', 'startDate', 'timeZone', 'place', 'notes', 'packingSchool', 'houseRules', 'limitPolicy', 'fairness', 'foodStorage', 'longestDayH', 'setOff', 'waterLPerH', 'insects', 'byAir', 'larder', 'leaveAfterTrips', 'departure', 'debriefedOn', 'track', 'dayMarksKm'];
export type TripField = (typeof TRIP_FIELDS)[number];
/** Fields that a trip can do without; setting them to null takes them away. */
export declare const OPTIONAL_TRIP_FIELDS: readonly ["place", "notes", "insects", "byAir", "leaveAfterTrips", "departure", "debriefedOn", "track", "dayMarksKm"];
/** Each collection of a trip, with the key that names an item in it. */
export declare const COLLECTION_KEYS: {
    readonly legs: 'id';
    readonly waypoints: 'id';
    readonly supplies: 'id';
    readonly weather: 'id';
    readonly roles: 'id';
    readonly groups: 'id';
    readonly packs: 'id';
    readonly members: 'id';
    readonly kits: 'id';
    readonly personalThings: 'id';
    readonly meals: 'id';
    readonly canisters: 'id';
    readonly pickups: 'id';
    readonly arrangements: 'id';
    readonly dismissals: 'id';
    readonly practice: 'id';
    readonly carrierRules: 'id';
    readonly share: 'pieceId';
    readonly handovers: 'id';
    readonly variants: 'id';
    readonly stows: 'memberId';
    readonly weighIns: 'memberId';
    readonly events: 'id';
    readonly comfort: 'id';
    readonly contacts: 'id';
    readonly uses: 'thingId';
    readonly missed: 'id';
    readonly leftovers: 'groupId';
    readonly chores: 'id';
};
export type Collection = keyof typeof COLLECTION_KEYS;
export declare const COLLECTIONS: readonly Collection[];
export type TripEdit = {
    readonly kind: 'set';
    readonly field: TripField;
    readonly value: unknown;
} | {
    readonly kind: 'put';
    readonly collection: Collection;
    readonly item: unknown;
} | {
    readonly kind: 'remove';
    readonly collection: Collection;
    readonly key: string;
} | {
    readonly kind: 'order';
    readonly collection: Collection;
    readonly keys: readonly string[];
};
/** The key that names an item of a collection. */
export declare function keyOf(collection: Collection, item: unknown): string;
/** Whether two plain values are equal in content; keys holding undefined count as absent. */
export declare function sameContent(a: unknown, b: unknown): boolean;
/**
 * The edits that turn `before` into `after`; `applyEdits(before, diffTrip(before, after))` equals `after`.
 * The trip's id never changes. An order edit is added only where putting and removing leaves another order.
 */
export declare function diffTrip(before: Trip, after: Trip): readonly TripEdit[];
/**
 * Play edits on a trip. A put replaces the item with the same key or adds it at the end; removing what is not there
 * changes nothing. The result may break the trip's rules: whoever stores it checks it with `tripErrors`.
 *
 * Takes time by the edits and the lists they are in, not by one times the other.
 */
export declare function applyEdits(trip: Trip, edits: readonly TripEdit[]): Trip;
