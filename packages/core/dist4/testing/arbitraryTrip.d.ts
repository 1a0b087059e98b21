/** Random but valid trips for property tests: small, with every optional field sometimes there and sometimes not. */
import fc from 'fast-check';
import { type Trip } from '../trip/model.js';
export interface TripSize {
    readonly members?: {
        readonly min: number;
        readonly max: number;
    };
    readonly pieces?: {
        readonly min: number;
        readonly max: number;
    };
    readonly days?: number;
    /** Handovers on the way at most; none when left out. */
    readonly handovers?: number;
}
/** A valid trip; whether its share or stows are any good is another matter. */
export declare function arbitraryTrip(size?: TripSize): fc.Arbitrary<Trip>;
