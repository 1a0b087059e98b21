import type { Member, Trip } from '../trip/model.js';
export interface MovesUp {
    readonly id: string;
    readonly name: string;
    /** Where it rides today. */
    readonly place: string;
    /** Eaten on the way: it goes to the top or into a pocket; otherwise above what is eaten later. */
    readonly onTheWay: boolean;
}
export interface ComesOrGoes {
    readonly id: string;
    readonly name: string;
    /** Where it is fetched or left, as far as that is said. */
    readonly at?: string;
    /** Who carries it. */
    readonly who?: string;
}
export interface Evening {
    readonly members: readonly {
        readonly member: Member;
        readonly movesUp: readonly MovesUp[];
    }[];
    /** What joins tomorrow, and what is carried today for the last time. */
    readonly joins: readonly ComesOrGoes[];
    readonly leaves: readonly ComesOrGoes[];
    /** Members who walk with the party from tomorrow on. */
    readonly comes: readonly ComesOrGoes[];
}
/** @param day the day whose evening it is, from 1; after the last one there is nothing to do */
export declare function eveningList(trip: Trip, day: number): Evening;
