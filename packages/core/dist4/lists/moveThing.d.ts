import type { Trip } from '../trip/model.js';
export type ListTarget = {
    readonly kind: 'member';
    readonly memberId: string;
} | {
    readonly kind: 'kit';
    readonly kitId: string;
};
/** @returns the same trip when the thing is there already, or when thing or target is not of this trip */
export declare function moveThing(trip: Trip, thingId: string, target: ListTarget): Trip;
