/** What a thing that is only named is likely to be, out of the leader's library and the vocabulary. */
import { THING_RANGES } from '../trip/thingRanges.js';
import type { LibraryEntry, ThingFacts } from '../library/libraryModel.js';
import { shapeVolumeL } from '../trip/shapes.js';
import { UNKNOWN_FACTS } from './unknownThing.js';
import { recognise } from './vocabulary/recognise.js';
import type { Eaters } from './vocabulary/sized.js';

export interface Guess {
  readonly facts: ThingFacts;
  readonly libraryId?: string;
  /** What the name was taken for; absent where it is not known. */
  readonly as?: string;
  /** How much of the name was understood, 0 to 1. */
  readonly likeness: number;
  /** Such a thing usually weighs, kg. */
  readonly rangeKg?: readonly [low: number, high: number];
  /** It is as much as people need over the days of the trip. */
  readonly isNeed: boolean;
  /** The starter library's kit that it is, in its pieces. */
  readonly kitId?: string;
}

/**
 * The facts of what a name means, or of an unknown soft thing.
 *
 * @param massKg what is known of its mass: its volume then goes with the density of what it is
 * @param eaters whose food and fuel it is, where that is known
 * @param count how many of it a line names: pieces of what is otherwise told as a set
 */
export function guessFacts(
  name: string,
  library: readonly LibraryEntry[],
  massKg?: number,
  eaters?: Eaters,
  count = 1,
): Guess {
  const known = recognise(name, library, eaters, count);
  const guess: Guess =
    known === undefined
      ? { facts: UNKNOWN_FACTS, likeness: 0, isNeed: false }
      : {
          facts: known.facts,
          likeness: known.likeness,
          as: known.as,
          rangeKg: known.rangeKg,
          isNeed: known.isNeed,
          ...(known.kitId === undefined ? {} : { kitId: known.kitId }),
          ...(known.libraryId === undefined ? {} : { libraryId: known.libraryId }),
        };
  return massKg === undefined ? guess : ofMass(guess, massKg);
}

const ranges = new Map<string, readonly [low: number, high: number] | undefined>();
const MOST_RANGES = 5000;

/** Between which masses a thing of such a name usually is, kg, by the vocabulary alone; kept by name. */
export function vocabularyRangeKg(name: string): readonly [low: number, high: number] | undefined {
  if (!ranges.has(name)) {
    if (ranges.size >= MOST_RANGES) ranges.clear();
    ranges.set(name, recognise(name, [])?.rangeKg);
  }
  return ranges.get(name);
}

/** A kg of something unknown takes about so much room, L (Graft's own). */
const UNKNOWN_L_PER_KG = 1 / 0.3;

/** A guess for a thing whose mass is known: twice the mass is about twice the room, within its own outline. */
export function ofMass(guess: Guess, massKg: number): Guess {
  const { facts } = guess;
  if (guess.as === undefined)
    return { ...guess, facts: { ...facts, massKg, volumeL: roundL(massKg * UNKNOWN_L_PER_KG) } };
  const mostL = shapeVolumeL(facts.shape);
  const scaledL = facts.massKg === 0 ? facts.volumeL : (facts.volumeL * massKg) / facts.massKg;
  const looseL = facts.shape.kind === 'stuff' ? facts.shape.looseVolumeL : undefined;
  return {
    ...guess,
    facts: { ...facts, massKg, volumeL: roundL(Math.min(scaledL, mostL ?? looseL ?? scaledL)) },
  };
}

function roundL(litres: number): number {
  return Math.min(THING_RANGES.volumeL[1], Math.max(0.01, Math.round(litres * 100) / 100));
}
