/**
 * Isotonic regression by pooling adjacent violators: the non-increasing sequence with the least weighted sum of squared
 * distances (Ayer, Brunk, Ewing, Reid & Silverman 1955; from memory). Checked against brute force over all partitions.
 */
export interface WeightedValue {
    readonly value: number;
    /** More than 0. */
    readonly weight: number;
}
/**
 * @param values in the order of the loads they belong to
 * @returns as many values, none larger than the one before it
 */
export declare function nonIncreasingFit(values: readonly WeightedValue[]): readonly number[];
