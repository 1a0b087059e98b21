/** Least and most of a thing's own figures: for its schema, and for whoever reads or guesses one. */
export const THING_RANGES = {
    massKg: [0, 60],
    volumeL: [0, 150],
    wetFactor: [1, 3],
    waterCapacityL: [0.1, 30],
    foodCapacityL: [0.1, 60],
    capacityL: [0.1, 150],
};
//# sourceMappingURL=thingRanges.js.map