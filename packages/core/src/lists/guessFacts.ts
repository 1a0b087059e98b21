/** What a thing that is only named is likely to be: the library's entry whose name shares most words with it. */
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
  readonly name: string;
  readonly facts: ThingFacts;
}

function namedThings(library: readonly LibraryEntry[]): readonly Named[] {
  return library.flatMap((e) =>
    e.kind === 'thing'
      ? [{ id: e.id, name: e.name, facts: e.thing }]
      : e.kind === 'kit'
        ? e.pieces.map((p) => ({ id: e.id, name: p.name, facts: p.thing }))
        : [],
  );
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

/**
 * The facts of the most alike entry, or of an unknown soft thing.
 *
 * @param massKg what is known of its mass: its volume then goes with the entry's density
 */
export function guessFacts(
  name: string,
  library: readonly LibraryEntry[],
  massKg?: number,
): { readonly facts: ThingFacts; readonly libraryId?: string } {
  const own = words(name);
  let best: { named: Named; score: number } | undefined;
  for (const named of namedThings(library)) {
    const score = likeness(own, words(named.name));
    if (score >= LEAST_LIKENESS && (best === undefined || score > best.score)) best = { named, score };
  }
  if (best === undefined) {
    return {
      facts:
        massKg === undefined ? UNKNOWN_FACTS : { ...UNKNOWN_FACTS, massKg, volumeL: roundL(massKg / 0.3) },
    };
  }
  const { facts, id } = best.named;
  if (massKg === undefined) return { facts, libraryId: id };
  // Twice the mass is about twice the room, within the entry's own outline.
  const mostL = shapeVolumeL(facts.shape);
  const scaledL = facts.massKg === 0 ? facts.volumeL : (facts.volumeL * massKg) / facts.massKg;
  const looseL = facts.shape.kind === 'stuff' ? facts.shape.looseVolumeL : undefined;
  return {
    facts: { ...facts, massKg, volumeL: roundL(Math.min(scaledL, mostL ?? looseL ?? scaledL)) },
    libraryId: id,
  };
}

function roundL(litres: number): number {
  return Math.max(0.01, Math.round(litres * 100) / 100);
}
