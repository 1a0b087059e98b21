import type { RawTrip } from './rawTrip.js';
/** References of who carries what, and where it is in the packs. */
export declare function checkPlan(raw: RawTrip): void;
