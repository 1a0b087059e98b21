import { type ScentedNight } from '../larder/scented.js';
import type { Member, Trip } from '../trip/model.js';
export interface ScentedRound {
    readonly night: ScentedNight;
    readonly members: readonly {
        readonly member: Member;
        readonly things: readonly {
            readonly id: string;
            readonly name: string;
            readonly place: string;
        }[];
    }[];
    /** Scented pieces that nobody carries. */
    readonly unshared: readonly string[];
}
/** @returns undefined for the last day, whose night is at home */
export declare function scentedRound(trip: Trip, day: number): ScentedRound | undefined;
