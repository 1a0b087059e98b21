/** The vocabulary, read from its tables once: what everyday names mean. A row that cannot be read is found by its test. */
import type { LibraryEntry, ThingFacts } from '../../library/libraryModel.js';
import { readThing, starterLibrary } from '../../library/starterLibrary.js';
import { shapeVolumeL } from '../../trip/shapes.js';
import { oncePer } from '../../trip/oncePer.js';
import { CARE_FOOD } from './careFood.js';
import { CLOTHING } from './clothing.js';
import { PACKS_TOOLS } from './packsTools.js';
import { SHELTER_SLEEP_KITCHEN } from './shelterSleepKitchen.js';
import { SIZE_KINDS, type SizeKind } from './sizes.js';

/** People and days that food and fuel go by. */
const NEED_KINDS = ['personDay', 'personNight'] as const;
type NeedKind = (typeof NEED_KINDS)[number];

/** The mass is as usual at `base`, and goes with the figure to this power. */
interface SizeRule {
  readonly kind: SizeKind | NeedKind;
  readonly base: number;
  readonly power: number;
}

export interface Concept {
  /** The first is the usual one. */
  readonly names: readonly string[];
  readonly lowKg: number;
  readonly usualKg: number;
  readonly highKg: number;
  /** With the usual mass. */
  readonly facts: ThingFacts;
  /** The starter library's entry that it is. */
  readonly starterId?: string;
  /** The first whose figure is known counts. */
  readonly sizes: readonly SizeRule[];
}

function readSize(text: string, row: string): SizeRule {
  const [, kind, base, power] = /^(\w+):([\d.]+)\^([\d.]+)$/.exec(text) ?? [];
  const known = [...SIZE_KINDS, ...NEED_KINDS].find((k) => k === kind);
  if (known === undefined) throw new Error(`Vocabulary: "${text}" is no size in "${row}"`);
  return { kind: known, base: Number(base), power: Number(power) };
}

/** A whole kit as one thing: its masses and volumes together, soft, with what its main piece is for. */
function kitFacts(entry: LibraryEntry): ThingFacts | undefined {
  if (entry.kind === 'thing') return entry.thing;
  if (entry.kind === 'dish') return undefined;
  const [main] = entry.pieces;
  const volumeL = entry.pieces.reduce((sum, p) => sum + p.thing.volumeL, 0);
  const { needs: _needs, ...facts } = main!.thing;
  return { ...facts, volumeL, shape: { kind: 'stuff', looseVolumeL: 1.5 * volumeL } };
}

function readConcept(row: string): Concept {
  const cells = row.split('|');
  const size = cells.find((cell) => cell.includes('^')) ?? '';
  const [names, masses, litres, shape, needed, purpose, flags = ''] = cells.filter((cell) => cell !== size);
  const [lowKg, usualKg, highKg] = masses!.split(' ').map((g) => Number(g) / 1000) as [
    number,
    number,
    number,
  ];
  const starterId = litres!.startsWith('=') ? litres!.slice(1) : undefined;
  const entry = starterLibrary().find((e) => e.id === starterId);
  const own = entry === undefined ? undefined : kitFacts(entry);
  if (starterId !== undefined && own === undefined)
    throw new Error(`Vocabulary: no ${starterId} in "${row}"`);
  const columns = ['', String(usualKg * 1000), litres!, shape!, needed!, purpose!, flags, ''];
  const facts = own === undefined ? readThing(columns, row).thing : { ...own, massKg: usualKg };
  return {
    names: names!.split(', '),
    lowKg,
    usualKg,
    highKg,
    facts: {
      ...facts,
      massEstimated: true,
      volumeL: Math.min(facts.volumeL, shapeVolumeL(facts.shape) ?? Infinity),
    },
    ...(starterId === undefined ? {} : { starterId }),
    sizes: size === '' ? [] : size.split(' ').map((text) => readSize(text, row)),
  };
}

const TABLES = { text: SHELTER_SLEEP_KITCHEN + CLOTHING + PACKS_TOOLS + CARE_FOOD };

/** Read when it is first asked for. */
const vocabulary = oncePer(({ text }: typeof TABLES): readonly Concept[] =>
  text
    .split('\n')
    .filter((row) => row !== '')
    .map(readConcept),
);
export const concepts = (): readonly Concept[] => vocabulary(TABLES);
