import { THING_RANGES } from '../../trip/thingRanges.js';
/** With its size known a thing is off by less: from so much to so much of what is likely (Graft's own). */
const SIZED_RANGE = [0.65, 1.5];
/** A size makes a thing no lighter than this part of the lightest, and no heavier than this much of the heaviest. */
const WITHIN = [0.4, 2];
/**
 * @param factor what the name's qualities make of the mass: small, heavy, ultralight
 * @param eaters people and days, for what goes by them; one person's day where not known
 */
export function sized(concept, sizes, factor, eaters) {
    const { facts, lowKg, usualKg, highKg } = concept;
    const size = concept.sizes.find((s) => figureOf(s.kind, sizes, eaters) !== undefined);
    const byNeed = size?.kind === 'personDay' || size?.kind === 'personNight';
    // One piece of a set is lighter than any set.
    const isFree = byNeed || size?.kind === 'n';
    if (size === undefined) {
        const kg = Math.min(highKg, Math.max(lowKg, usualKg * factor));
        return { facts: grown(facts, kg / usualKg), rangeKg: [lowKg, highKg], isNeed: false };
    }
    const figure = figureOf(size.kind, sizes, eaters);
    const grows = (figure / size.base) ** size.power;
    const most = byNeed ? Infinity : WITHIN[1] * highKg;
    const kg = Math.min(most, Math.max(isFree ? 0 : WITHIN[0] * lowKg, usualKg * grows * factor));
    const [least, mostRange] = SIZED_RANGE;
    const capacity = size.kind === 'l' ? figure : undefined;
    return {
        facts: grown(facts, kg / usualKg, capacity),
        rangeKg: [least * kg, mostRange * kg],
        isNeed: byNeed,
    };
}
function figureOf(kind, sizes, eaters) {
    if (kind !== 'personDay' && kind !== 'personNight')
        return sizes[kind];
    const days = sizes.days ?? (kind === 'personDay' ? eaters?.days : eaters?.nights);
    return days === undefined ? undefined : (eaters?.people ?? 1) * Math.max(1, days);
}
const round = (value, digits) => Number(value.toFixed(digits));
/**
 * Facts of a thing that is so many times as heavy, and as big.
 *
 * @param capacityL what it holds, where that is known
 */
function grown(facts, by, capacityL) {
    const [, mostKg] = THING_RANGES.massKg;
    const [, mostL] = THING_RANGES.volumeL;
    const holds = facts.holds === undefined || capacityL === undefined ? {} : { holds: { ...facts.holds, capacityL } };
    return {
        ...facts,
        massKg: Math.min(mostKg, round(facts.massKg * by, 3)),
        volumeL: Math.min(mostL, Math.max(0.01, round(facts.volumeL * by, 2))),
        shape: grownShape(facts.shape, by),
        ...(facts.waterCapacityL === undefined || capacityL === undefined ? {} : { waterCapacityL: capacityL }),
        ...(facts.foodCapacityL === undefined || capacityL === undefined ? {} : { foodCapacityL: capacityL }),
        ...holds,
    };
}
/** A shape of so many times the volume, each edge alike. */
function grownShape(shape, by) {
    // Rounded up, so that the outline never holds less than the thing.
    const edge = (cm) => Math.ceil(cm * Math.cbrt(by) * 10 - 1e-6) / 10;
    switch (shape.kind) {
        case 'block':
        case 'flat':
            return {
                ...shape,
                lengthCm: edge(shape.lengthCm),
                widthCm: edge(shape.widthCm),
                heightCm: edge(shape.heightCm),
            };
        case 'cylinder':
        case 'roll':
        case 'long':
            return { ...shape, lengthCm: edge(shape.lengthCm), diameterCm: edge(shape.diameterCm) };
        case 'stuff':
            return { ...shape, looseVolumeL: Math.min(THING_RANGES.volumeL[1], round(shape.looseVolumeL * by, 2)) };
        case 'pouch':
            return shape;
    }
}
//# sourceMappingURL=sized.js.map