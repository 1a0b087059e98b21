import type { Canister } from '../trip/larderModel.js';
import type { Thing } from '../trip/model.js';
import type { FieldError } from './fieldError.js';
import type { Raw, Entry } from './rawTrip.js';
/** What single entries of a trip say that contradicts themselves or the trip's days. */
export declare function grossErrors(item: Raw, path: string): readonly FieldError[];
/** What a canister's weighed mass contradicts; for a form that edits one. */
export declare function canisterErrors(canister: Canister): readonly FieldError[];
/** A day number that is outside the trip. */
export declare function dayErrors(item: Raw, key: string, path: string, days: number): readonly FieldError[];
/** What an event lacks for its kind, or says beyond it. A meal that is planned no more is let be: it says nothing. */
export declare function eventErrors(item: Raw, path: string): readonly FieldError[];
export declare function whatIfErrors(item: Raw, path: string, days: number): readonly FieldError[];
/** A bottom part lies within its main compartment, and a zip or a divider has a part to be of. */
export declare function mainErrors({ item, path }: Entry): readonly FieldError[];
/** Days outside the trip, and spans that end before they start. */
export declare function spanErrors(item: Raw, path: string, days: number): readonly FieldError[];
/** What a thing says that contradicts itself or the trip's days; for a form that edits one thing. */
export declare function thingErrors(thing: Thing, days: number): readonly FieldError[];
export declare function rawThingErrors(item: Raw, path: string, days: number): readonly FieldError[];
/** Stated volumes and dimensions are each rounded by hand: 5 % apart is no contradiction. */
export declare const VOLUME_TOLERANCE = 0.05;
