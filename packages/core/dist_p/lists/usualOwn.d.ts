import type { ThingEntry } from '../library/libraryModel.js';
import type { Member, Trip, Want } from '../trip/model.js';
export declare function usualOwn(trip: Trip, member: Member): readonly {
    readonly entry: ThingEntry;
    readonly want: Want;
}[];
