import type { Member, Trip } from '../trip/model.js';
import { type Carried } from '../trip/queries.js';
import type { ShareFigures } from './shareFigures.js';
export interface CarrierEffect {
    readonly member: Member;
    /** The piece's own rule lets this member carry it. */
    readonly allowed: boolean;
    readonly carriesNow: boolean;
    /** The member's largest measure over the days, carrying the piece. */
    readonly ratio: number;
    /** The party's largest then. */
    readonly largestRatio: number;
    /** Against the party's largest now. */
    readonly change: number;
    /** Litres by which the member's pack would be too full on its fullest day; 0 when it holds. */
    readonly overL: number;
    /** Kilograms above the member's own limit on the worst day; 0 within it. */
    readonly overKg: number;
    /** Change of the sum over days of squared deviations from the day's mean: below 0 the days become more even. */
    readonly unevenness: number;
}
/**
 * @param figures of the same trip
 * @param day the day whose carrier is asked about
 */
export declare function carrierEffects(trip: Trip, figures: ShareFigures, pieceId: string, day?: number): readonly CarrierEffect[];
/** What holds a piece to its carrier or carriers, in sentences; none when anybody may carry it. */
export declare function whatHolds(trip: Trip, piece: Carried): readonly string[];
/** One sentence on why the carrier of a piece has it, from what everybody else's carrying it would do. */
export declare function whyThisCarrier(trip: Trip, figures: ShareFigures, effects: readonly CarrierEffect[]): string;
