import type { Role, Trip } from '../trip/model.js';
import { type EmergencyNumber, type SafetyThing } from './memberSheet.js';
export interface PartyRow {
    readonly memberId: string;
    readonly name: string;
    readonly loadKg: number;
    /** Of the own limit, on the heaviest day. */
    readonly ratio: number;
    readonly heaviestDay: number;
    readonly pieces: readonly {
        readonly name: string;
        readonly massKg: number;
    }[];
    readonly buddy?: string;
}
export interface PartySheet {
    readonly tripName: string;
    readonly startDate: string;
    readonly days: number;
    readonly rows: readonly PartyRow[];
    /** Pieces that nobody carries at the departure. */
    readonly unshared: readonly string[];
    readonly safety: readonly SafetyThing[];
    readonly numbers: readonly EmergencyNumber[];
    readonly roles: readonly {
        readonly day: number;
        readonly role: Role;
        readonly who: string;
    }[];
}
export declare function partySheet(plan: Trip): PartySheet;
