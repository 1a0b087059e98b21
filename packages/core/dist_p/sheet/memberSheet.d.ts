/**
 * What one member needs to know of the plan, and nothing of the others' bodies. It says what they carry, from whom they
 * get it and where it goes. It says who has the rest, what there is to eat, who does what, and what to take care of.
 * Plain data, small enough for a phone.
 */
import { type SheetAsk } from './ask.js';
import type { StowAssessment } from '../stow/assessment.js';
import { type LoadingStep } from '../stow/loadingSteps.js';
import type { MealKind } from '../trip/larderModel.js';
import type { Member, Purpose, Role, Thing, Trip } from '../trip/model.js';
import { type SheetDrawing } from './sheetDrawing.js';
/** Who hands out what nobody in particular owns. */
export declare const FROM_LEADER = "the leader";
export interface SheetThing {
    readonly id: string;
    readonly name: string;
    /** On the first day it is carried, kg; water not counted. */
    readonly massKg: number;
    readonly estimated: boolean;
    /** The kit that it is a part of; absent for personal things. */
    readonly kit?: string;
    /** From whom the member gets it; absent for their own. */
    readonly from?: string;
    /** Worn or in hand: not in the pack. */
    readonly worn: boolean;
    /** Where in the pack it rides; absent while it has no place. */
    readonly place?: string;
    /** Named when it is not there on the first day. */
    readonly fromDay?: number;
}
/** Without its reason: that tells of somebody's body. */
export interface SheetHandover {
    readonly day: number;
    readonly name: string;
    readonly massKg: number;
    readonly gives: boolean;
    /** The other of the two; absent when nobody gives or takes it. */
    readonly other?: string;
}
export interface SheetDay {
    readonly day: number;
    readonly date: string;
    readonly leg: string;
    readonly distanceKm: number;
    readonly climbM: number;
    readonly descentM: number;
    /** To set off with for the driest stretch and a dry camp, litres. */
    readonly waterL: number;
    readonly loadKg: number;
    readonly ratio: number;
    readonly roles: readonly Role[];
    readonly meals: readonly {
        readonly kind: MealKind;
        readonly dish: string;
    }[];
    /** Walks with the party on this day. */
    readonly isThere: boolean;
    /** Where bottles must be full; this, and what follows, is absent in sheets that a phone stored before. */
    readonly fillAt?: string;
    /** What is to be done in the evening for the next day. */
    readonly evening?: readonly string[];
}
/** Something for an emergency, and where each of it is. */
export interface SafetyThing {
    readonly name: string;
    readonly purpose: Purpose;
    /** Each member has one; then `at` tells of the reader’s alone, or of nobody’s. */
    readonly everybody: boolean;
    readonly at: readonly {
        readonly who: string;
        readonly place: string;
    }[];
}
/** Whom the party calls; members' own contacts are for the leaders alone. */
export interface EmergencyNumber {
    readonly name: string;
    readonly relation: string;
    readonly phone: string;
}
export interface MemberSheet {
    readonly tripName: string;
    readonly startDate: string;
    readonly timeZone: string;
    readonly memberId: string;
    readonly name: string;
    readonly packName: string;
    /** At the departure, water included, kg; their own limit that day; both with everything they need no scale for. */
    readonly loadKg: number;
    readonly limitKg: number;
    readonly limitReason: string;
    readonly heaviest: {
        readonly day: number;
        readonly loadKg: number;
        readonly ratio: number;
    };
    readonly bodyMassKg: number;
    readonly buddy?: string;
    readonly tent?: {
        readonly name: string;
        readonly with: readonly string[];
    };
    readonly cook?: {
        readonly name: string;
        readonly with: readonly string[];
    };
    readonly things: readonly SheetThing[];
    readonly handovers: readonly SheetHandover[];
    /** Absent while the pack is not stowed. */
    readonly drawing?: SheetDrawing;
    readonly steps: readonly LoadingStep[];
    /** Group pieces that others carry at the departure, by who. */
    readonly others: readonly {
        readonly who: string;
        readonly pieces: readonly string[];
    }[];
    readonly safety: readonly SafetyThing[];
    /** Absent in sheets that a phone stored before they told whom to call. */
    readonly numbers?: readonly EmergencyNumber[];
    readonly days: readonly SheetDay[];
    readonly cautions: readonly string[];
    /** What they are asked before the trip; absent once the party has left, and in sheets stored before they asked. */
    readonly ask?: SheetAsk;
}
/** What is for an emergency by its purpose; medicines by their name. */
export declare function isForEmergency(thing: Pick<Thing, 'purpose' | 'name'>): boolean;
/**
 * The sheet of a trip as it stands: with what has happened on the way.
 *
 * @throws Error for a member who is not in the trip
 */
export declare function memberSheet(plan: Trip, memberId: string): MemberSheet;
/** What a sheet says of each thing; without a stow, nothing of its place. */
export declare function sheetThings(trip: Trip, member: Member, stow: StowAssessment | undefined): readonly SheetThing[];
/** Everything for an emergency, with who has it on a day and where in the pack, if that is known. */
export declare function safetyThings(trip: Trip, reader?: Member, day?: number): readonly SafetyThing[];
/** The trip's own numbers, without those of members' people. */
export declare function emergencyNumbers(trip: Trip): readonly EmergencyNumber[];
