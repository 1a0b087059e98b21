import type { Trip } from '../trip/model.js';
import type { ComfortMark, Contact, Leftover, Missed, ThingFate, TripEvent, WeighIn } from '../trip/recordModel.js';
export declare function putWeighIn(trip: Trip, weighIn: WeighIn): Trip;
export declare function removeWeighIn(trip: Trip, memberId: string): Trip;
/** Note an event; its id is made from its day and kind. */
export declare function addEvent(trip: Trip, event: Omit<TripEvent, 'id'>): Trip;
export declare function removeEvent(trip: Trip, id: string): Trip;
/** How a member's day felt; one mark a member and day. */
export declare function putComfort(trip: Trip, mark: Omit<ComfortMark, 'id'>): Trip;
export declare function removeComfort(trip: Trip, memberId: string, day: number): Trip;
export declare function putContact(trip: Trip, contact: Contact): Trip;
export declare function removeContact(trip: Trip, id: string): Trip;
/** What became of things; undefined takes the word back. */
export declare function setFates(trip: Trip, thingIds: readonly string[], fate: ThingFate | undefined): Trip;
export declare function putMissed(trip: Trip, missed: Missed): Trip;
export declare function removeMissed(trip: Trip, id: string): Trip;
export declare function putLeftover(trip: Trip, leftover: Leftover): Trip;
