/** The starter library, read from its tables once. A row that cannot be read is an error of ours, found by its test. */
import { MEAL_KINDS, STOVE_KINDS, type StoveKind } from '../trip/larderModel.js';
import { COMPANIONS, FLAGS, GROUP_KINDS, NEEDED, PURPOSES } from '../trip/model.js';
import { parseHolding } from '../trip/holdingText.js';
import { parseShape } from '../trip/shapeText.js';
import type {
  DishEntry,
  KitEntry,
  LibraryEntry,
  LibraryPiece,
  ThingEntry,
  ThingFacts,
} from './libraryModel.js';
import { STARTER_DISHES, STARTER_KITS } from './starterKits.js';
import { STARTER_THINGS } from './starterThings.js';

const lines = (table: string): readonly string[] => table.split('\n').filter((line) => line !== '');

function known<T extends string>(choices: readonly T[], text: string | undefined, row: string): T {
  const choice = choices.find((c) => c === text);
  if (choice === undefined) throw new Error(`Starter library: "${text}" is not one of its kind in "${row}"`);
  return choice;
}

/** "water=1 needs=gas,pot in=Pot, 1 L" as a record; a value goes on to the next key. */
function facts(text: string): Readonly<Record<string, string>> {
  const parts = text.split(/\s*\b(\w+)=/).slice(1);
  return Object.fromEntries(
    parts.flatMap((key, i) => (i % 2 === 0 ? [[key, (parts[i + 1] ?? '').trim()] as const] : [])),
  );
}

/** A row of things: name | g | packed litres | shape | needed | purpose | flags | more. */
export function readThing(
  columns: readonly string[],
  row: string,
): { name: string; thing: ThingFacts; more: Readonly<Record<string, string>> } {
  const [name, grams, litres, shapeText, needed, purpose, flags, moreText] = columns;
  const shape = parseShape(shapeText ?? '');
  if (!shape.ok) throw new Error(`Starter library: ${shape.error} in "${row}"`);
  const more = facts(moreText ?? '');
  const numberOf = (key: string): number | undefined =>
    more[key] === undefined ? undefined : Number(more[key]);
  const waterCapacityL = numberOf('water');
  const foodCapacityL = numberOf('food');
  const wetFactor = numberOf('wet');
  const holding = parseHolding(more['holds'] ?? '');
  if (!holding.ok) throw new Error(`Starter library: ${holding.error} in "${row}"`);
  return {
    name: name!,
    more,
    thing: {
      massKg: Number(grams) / 1000,
      massEstimated: true,
      volumeL: Number(litres),
      shape: shape.shape,
      flags: (flags ?? '')
        .split(' ')
        .filter((f) => f !== '')
        .map((f) => known(FLAGS, f, row)),
      needed: known(NEEDED, needed, row),
      purpose: known(PURPOSES, purpose, row),
      ...(waterCapacityL === undefined ? {} : { waterCapacityL }),
      ...(foodCapacityL === undefined ? {} : { foodCapacityL }),
      ...(wetFactor === undefined ? {} : { wetFactor }),
      ...(holding.holding === undefined ? {} : { holds: holding.holding }),
      ...(more['needs'] === undefined
        ? {}
        : { needs: more['needs'].split(',').map((n) => known(COMPANIONS, n.trim(), row)) }),
    },
  };
}

const slug = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');

function readThings(): readonly ThingEntry[] {
  return lines(STARTER_THINGS).map((row) => {
    const [use, ...columns] = row.split('|');
    const { name, thing } = readThing(columns, row);
    return {
      kind: 'thing',
      id: `${use === 'g' ? 'group' : 'own'}-${slug(name)}`,
      name,
      use: use === 'g' ? 'group' : 'each',
      worn: use === 'w',
      thing,
      outings: [],
    };
  });
}

function readKits(): readonly KitEntry[] {
  const kits: KitEntry[] = [];
  for (const row of lines(STARTER_KITS)) {
    if (row.startsWith('=')) {
      const [name, group, headText] = row.slice(1).split('|');
      const head = facts(headText ?? '');
      kits.push({
        kind: 'kit',
        id: `kit-${slug(name!)}`,
        name: name!,
        ...(group === '' ? {} : { groupKind: known(GROUP_KINDS, group, row) }),
        ...(head['sleeps'] === undefined ? {} : { sleeps: Number(head['sleeps']) }),
        ...(head['potL'] === undefined ? {} : { potL: Number(head['potL']) }),
        ...(head['stove'] === undefined ? {} : { stove: known<StoveKind>(STOVE_KINDS, head['stove'], row) }),
        ...(head['split'] === undefined ? {} : { splitWays: Number(head['split']) }),
        pieces: [],
        outings: [],
      });
      continue;
    }
    const kit = kits.pop()!;
    const { name, thing, more } = readThing(row.split('|'), row);
    const host = kit.pieces.find((p) => p.name === more['in']);
    if (more['in'] !== undefined && host === undefined)
      throw new Error(`Starter library: nothing is named "${more['in']}" in "${row}"`);
    const piece: LibraryPiece = {
      id: slug(name),
      name,
      thing,
      ...(more['together'] === undefined ? {} : { together: more['together'] }),
      ...(host === undefined ? {} : { nestsIn: host.id }),
    };
    kits.push({ ...kit, pieces: [...kit.pieces, piece] });
  }
  return kits;
}

function readDishes(): readonly DishEntry[] {
  return lines(STARTER_DISHES).map((row) => {
    const [name, meals, form, ...numbers] = row.split('|');
    const [gPerServing, kcalPerServing, packagingG, volumeL, boilL, potL] = numbers.map(Number);
    return {
      kind: 'dish',
      id: `dish-${slug(name!)}`,
      name: name!,
      meals: MEAL_KINDS.filter((kind) => meals!.includes(kind[0]!)),
      dish: {
        form: known(['wet', 'dried'] as const, form, row),
        gPerServing: gPerServing!,
        kcalPerServing: kcalPerServing!,
        packagingG: packagingG!,
        volumeL: volumeL!,
        boilL: boilL!,
        potL: potL!,
      },
    };
  });
}

let read: readonly LibraryEntry[] | undefined;
/**
 * Generic things, kits and dishes to start from; every mass is an estimate (common practice and Graft's own, no source).
 * Read when it is asked for first: most pages open without it.
 */
export function starterLibrary(): readonly LibraryEntry[] {
  return (read ??= [...readKits(), ...readThings(), ...readDishes()]);
}
