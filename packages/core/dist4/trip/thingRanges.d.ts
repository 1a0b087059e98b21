/** Least and most of a thing's own figures: for its schema, and for whoever reads or guesses one. */
export declare const THING_RANGES: {
    readonly massKg: readonly [0, 60];
    readonly volumeL: readonly [0, 150];
    readonly wetFactor: readonly [1, 3];
    readonly waterCapacityL: readonly [0.1, 30];
    readonly foodCapacityL: readonly [0.1, 60];
    readonly capacityL: readonly [0.1, 150];
};
