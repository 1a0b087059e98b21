/** Cures by which a big piece of food is taken apart: seven kilograms of tins need not go to one carrier. */
import type { Trip } from '../trip/model.js';
import type { CureCandidate } from './cureCandidate.js';
export declare function splitCures(trip: Trip): readonly CureCandidate[];
