/**
 * When a stream of scale readings may be taken as a mass: several stable readings in a row that agree, none of them lost
 * in between. What a scale calls stable can be the tail of a swing; two that agree on either side of a gap prove nothing.
 */
/** One reading of a scale's stream. */
export interface ScaleReading {
    /** Counts readings; a gap means that some were lost. */
    readonly seq: number;
    /** Net of the tare, kg. */
    readonly massKg: number;
    /** The scale's own word that it has settled. */
    readonly stable: boolean;
    readonly overload: boolean;
}
/** A reading older than this says nothing about now, milliseconds. */
export declare const FRESH_MS = 1500;
export interface Weighing {
    readonly last?: ScaleReading;
    /** When the last reading came, milliseconds on the caller's clock. */
    readonly heardAtMs?: number;
    /** Agreeing stable readings in a row. */
    readonly inARow: number;
    /** Readings that never came, counted from the gaps. */
    readonly lost: number;
}
export declare const NOTHING_WEIGHED: Weighing;
/**
 * Hear a reading.
 *
 * @param divisionKg the scale's smallest step: readings a step apart agree
 */
export declare function hearReading(weighing: Weighing, reading: ScaleReading, nowMs: number, divisionKg: number): Weighing;
export type WeighingState = {
    readonly kind: 'silent';
} | {
    readonly kind: 'overload';
} | {
    readonly kind: 'settling';
    readonly massKg: number;
} | {
    readonly kind: 'empty';
} | {
    readonly kind: 'stable';
    readonly massKg: number;
};
/** What the readings so far allow to say now. */
export declare function weighingState(weighing: Weighing, nowMs: number, divisionKg: number): WeighingState;
/**
 * Volume by the bottle method: how many bottles of water, and what is left over, fill it.
 *
 * @param bottleL what one bottle holds, litres
 * @param bottles whole bottles, 0 or more
 * @param restL the last, not full one, litres
 */
export declare function bottleMethodL(bottleL: number, bottles: number, restL: number): number;
