import type { Member, Trip } from '../trip/model.js';
import { type Carried } from '../trip/queries.js';
import type { ShareProblem } from './problem.js';
import type { Near } from './reshare.js';
/** What happened on a day, which makes another share needed. */
export type TrailEvent = {
    readonly kind: 'weaker';
    readonly memberId: string;
    readonly day: number;
    readonly label: string;
    readonly factor: number;
} | {
    readonly kind: 'leaves';
    readonly memberId: string;
    readonly day: number;
} | {
    readonly kind: 'none';
    readonly day: number;
};
/**
 * The trip as it is once something has happened: from that day on a member can carry less, or walks with the party no
 * more (the day before is their last).
 *
 * @throws RangeError for a member who leaves before the second day: they are not on the trip
 */
export declare function afterEvent(trip: Trip, event: TrailEvent): Trip;
export interface ProposedHandover {
    readonly piece: Carried;
    /** What it is called away from its kit. */
    readonly name: string;
    /** Undefined for a piece that nobody carries. */
    readonly from: Member | undefined;
    readonly to: Member;
    /** On the day it is given, or on which it joins, when that is later. */
    readonly massKg: number;
    readonly volumeL: number;
    /** The first day it is there to be given. */
    readonly day: number;
    readonly setId: string;
    /** The two sleep or cook together. */
    readonly near: boolean;
}
/** Whether carriers of a problem sleep or cook together. */
export declare function nearIn(trip: Trip, problem: ShareProblem): Near;
/** One piece that is to go to a member. */
export interface Move {
    readonly pieceId: string;
    readonly toMemberId: string;
    /** The same for the pieces of one set: they go together. */
    readonly setId: string;
}
/** What one gives another at once: a piece, or the pieces of a set. */
export interface HandoverSet {
    readonly id: string;
    readonly from: Member | undefined;
    readonly to: Member;
    readonly handovers: readonly ProposedHandover[];
}
/** "Lake: pot, stove": what the names have in common is said once. */
export declare function namesTogether(names: readonly string[]): string;
/** Handovers in their order, those of one set together. */
export declare function handoverSets(handovers: readonly ProposedHandover[]): readonly HandoverSet[];
/** Moves as handovers: people who live together first, then pair by pair, heaviest first. */
export declare function proposedHandovers(trip: Trip, day: number, moves: readonly Move[]): readonly ProposedHandover[];
/** The trip with some handovers made on a day, and why. */
export declare function withHandovers(trip: Trip, day: number, handovers: readonly ProposedHandover[], reason: string): Trip;
/** A member's largest ratio to the own limit from a day on; 0 for somebody who has left. */
export declare function largestRatioFrom(trip: Trip, member: Member, day: number): number;
