/** The facts of a concept by the sizes and qualities in a name, and by who eats of it. */
import type { ThingFacts } from '../../library/libraryModel.js';
import type { Shape } from '../../trip/model.js';
import { THING_RANGES } from '../../trip/thingRanges.js';
import type { Sizes } from './sizes.js';
import type { Concept } from './vocabulary.js';

/** Whose food and fuel it is. */
export interface Eaters {
  readonly people: number;
  readonly days: number;
  readonly nights: number;
}

export interface Sized {
  readonly facts: ThingFacts;
  readonly rangeKg: readonly [low: number, high: number];
  /** It is as much as so many people need over the days, and is eaten over them. */
  readonly isNeed: boolean;
}

/** With its size known a thing is off by less: from so much to so much of what is likely (Graft's own). */
const SIZED_RANGE = [0.65, 1.5] as const;
/** A size makes a thing no lighter than this part of the lightest, and no heavier than this much of the heaviest. */
const WITHIN = [0.4, 2] as const;

/**
 * @param factor what the name's qualities make of the mass: small, heavy, ultralight
 * @param eaters people and days, for what goes by them; one person's day where not known
 */
export function sized(concept: Concept, sizes: Sizes, factor: number, eaters: Eaters | undefined): Sized {
  const { facts, lowKg, usualKg, highKg } = concept;
  const size = concept.sizes.find((s) => figureOf(s.kind, sizes, eaters) !== undefined);
  const byNeed = size?.kind === 'personDay' || size?.kind === 'personNight';
  // One piece of a set is lighter than any set.
  const isFree = byNeed || size?.kind === 'n';
  if (size === undefined) {
    const kg = Math.min(highKg, Math.max(lowKg, usualKg * factor));
    return { facts: grown(facts, kg / usualKg), rangeKg: [lowKg, highKg], isNeed: false };
  }
  const figure = figureOf(size.kind, sizes, eaters)!;
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

function figureOf(
  kind: Concept['sizes'][number]['kind'],
  sizes: Sizes,
  eaters: Eaters | undefined,
): number | undefined {
  if (kind !== 'personDay' && kind !== 'personNight') return sizes[kind];
  const days = sizes.days ?? (kind === 'personDay' ? eaters?.days : eaters?.nights);
  return days === undefined ? undefined : (eaters?.people ?? 1) * Math.max(1, days);
}

const round = (value: number, digits: number): number => Number(value.toFixed(digits));

/**
 * Facts of a thing that is so many times as heavy, and as big.
 *
 * @param capacityL what it holds, where that is known
 */
function grown(facts: ThingFacts, by: number, capacityL?: number): ThingFacts {
  const [, mostKg] = THING_RANGES.massKg;
  const [, mostL] = THING_RANGES.volumeL;
  const holds =
    facts.holds === undefined || capacityL === undefined ? {} : { holds: { ...facts.holds, capacityL } };
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
function grownShape(shape: Shape, by: number): Shape {
  // Rounded up, so that the outline never holds less than the thing.
  const edge = (cm: number): number => Math.ceil(cm * Math.cbrt(by) * 10 - 1e-6) / 10;
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
