/** What a thing that is only named is likely to be: the library's entry whose name shares most words with it. */
import { THING_RANGES } from '../trip/thingRanges.js';
import type { LibraryEntry, ThingFacts } from '../library/libraryModel.js';
import { shapeVolumeL } from '../trip/shapes.js';

const STOP_WORDS = new Set([
  'a',
  'an',
  'the',
  'of',
  'for',
  'and',
  'with',
  'in',
  'my',
  'own',
  'group',
  'small',
  'large',
  'light',
  'l',
  'pair',
  'people',
  'up',
  'to',
]);

function words(text: string): readonly string[] {
  return text
    .toLowerCase()
    .normalize('NFKD')
    .split(/[^a-z]+/)
    .filter((w) => w.length > 1 && !STOP_WORDS.has(w))
    .map((w) => (w.length > 3 ? w.replace(/(es|s)$/, '') : w));
}

interface Named {
  readonly id: string;
  readonly words: readonly string[];
  readonly facts: ThingFacts;
}

function namedThings(library: readonly LibraryEntry[]): readonly Named[] {
  const named = (id: string, name: string, facts: ThingFacts): Named => ({ id, words: words(name), facts });
  return library.flatMap((e) =>
    e.kind === 'thing'
      ? [named(e.id, e.name, e.thing)]
      : e.kind === 'kit'
        ? e.pieces.map((p) => named(e.id, p.name, p.thing))
        : [],
  );
}

const indexes = new WeakMap<readonly LibraryEntry[], ReadonlyMap<string, readonly Named[]>>();

/** The library's things by each word of their names; made once for a library, which never changes. */
function indexOf(library: readonly LibraryEntry[]): ReadonlyMap<string, readonly Named[]> {
  const known = indexes.get(library);
  if (known !== undefined) return known;
  const index = new Map<string, Named[]>();
  for (const named of namedThings(library)) {
    for (const word of new Set(named.words)) index.set(word, [...(index.get(word) ?? []), named]);
  }
  indexes.set(library, index);
  return index;
}

/** Shared words over all words of both: 1 for the same words, 0 for none. */
function likeness(a: readonly string[], b: readonly string[]): number {
  const shared = a.filter((w) => b.includes(w)).length;
  return shared === 0 ? 0 : shared / (new Set([...a, ...b]).size || 1);
}

/** Names less alike than this say nothing about each other (Graft's own). */
const LEAST_LIKENESS = 0.3;

/** A soft thing of which nothing is known but its name. */
export const UNKNOWN_FACTS: ThingFacts = {
  massKg: 0.2,
  massEstimated: true,
  volumeL: 0.5,
  shape: { kind: 'pouch' },
  flags: [],
  needed: 'camp',
  purpose: 'other',
};

export interface Guess {
  readonly facts: ThingFacts;
  readonly libraryId?: string;
}

/**
 * The facts of the most alike entry, or of an unknown soft thing.
 *
 * @param massKg what is known of its mass: its volume then goes with the entry's density
 */
export function guessFacts(name: string, library: readonly LibraryEntry[], massKg?: number): Guess {
  const own = words(name);
  const index = indexOf(library);
  let best: { named: Named; score: number } | undefined;
  for (const word of own) {
    for (const named of index.get(word) ?? []) {
      const score = likeness(own, named.words);
      if (score >= LEAST_LIKENESS && (best === undefined || score > best.score)) best = { named, score };
    }
  }
  const guess: Guess =
    best === undefined ? { facts: UNKNOWN_FACTS } : { facts: best.named.facts, libraryId: best.named.id };
  return massKg === undefined ? guess : ofMass(guess, massKg);
}

/** A kg of something unknown takes about so much room, L (Graft's own). */
const UNKNOWN_L_PER_KG = 1 / 0.3;

/** A guess for a thing whose mass is known: twice the mass is about twice the room, within the entry's own outline. */
export function ofMass({ facts, libraryId }: Guess, massKg: number): Guess {
  if (libraryId === undefined)
    return { facts: { ...facts, massKg, volumeL: roundL(massKg * UNKNOWN_L_PER_KG) } };
  const mostL = shapeVolumeL(facts.shape);
  const scaledL = facts.massKg === 0 ? facts.volumeL : (facts.volumeL * massKg) / facts.massKg;
  const looseL = facts.shape.kind === 'stuff' ? facts.shape.looseVolumeL : undefined;
  return {
    facts: { ...facts, massKg, volumeL: roundL(Math.min(scaledL, mostL ?? looseL ?? scaledL)) },
    libraryId,
  };
}

function roundL(litres: number): number {
  return Math.min(THING_RANGES.volumeL[1], Math.max(0.01, Math.round(litres * 100) / 100));
}
