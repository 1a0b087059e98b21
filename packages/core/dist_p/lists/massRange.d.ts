/**
 * A total of masses of which some are estimates. Each estimate is taken to be off by 20 % either way (Graft's own), one
 * independently of the other, so their squares add up; weighed masses are taken as they are.
 */
import type { Thing } from '../trip/model.js';
/** How far a guess is off, as a share of it. */
export declare const ESTIMATE_ERROR = 0.2;
export interface MassRange {
    readonly kg: number;
    readonly lowKg: number;
    readonly highKg: number;
    readonly estimates: number;
}
export declare function massRange(things: readonly Pick<Thing, 'massKg' | 'massEstimated'>[]): MassRange;
