import type { Trip } from '../trip/model.js';
import type { ReadRow } from './takeRows.js';
/** What an unknown name is: somebody new, a kit of that name, the group, or somebody who is on the trip, by id. */
export type ListMeaning = {
    readonly kind: 'newMember';
} | {
    readonly kind: 'kit';
} | {
    readonly kind: 'group';
} | {
    readonly kind: 'member';
    readonly memberId: string;
};
/** Names of lists that are no member's, no kit's and no word for the group, each once. */
export declare function unknownLists(trip: Trip, rows: readonly ReadRow[]): readonly string[];
/** Rows with their lists as was said of them, on a trip with those who are new. */
export declare function settleLists<R extends ReadRow>(trip: Trip, rows: readonly R[], meanings: ReadonlyMap<string, ListMeaning>): {
    readonly trip: Trip;
    readonly rows: readonly R[];
};
