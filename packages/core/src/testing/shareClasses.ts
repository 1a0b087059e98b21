/**
 * Seeded random trips in classes of size, for measuring the share solver: tents that only their sleepers carry, food by
 * day and cook group, bundles, separations, packs of any size, locked pieces, an injury; full packs, big pieces, equal
 * or overloaded members where the class says so. Masses and bodies are within what is usual; none is a real party.
 */
import { pickIndex, seededRandom, type Random } from '../units/random.js';
import { emptyTrip, newMember } from '../trip/emptyTrip.js';
import type { CarrierRule, Kit, Member, PersonalThing, Piece, Thing, Trip } from '../trip/model.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { packVolumeL } from '../trip/queries.js';

const sizeOf = (litres: number) => PACK_SIZES.find((s) => s.nominalL === litres)!;

export interface ShareClass {
  readonly members: number;
  readonly pieces: number;
  readonly days: number;
  /** Water from half a litre to one and a half, leg by leg, instead of one litre on all: no two days bind alike. */
  readonly waterByLeg?: boolean;
  /** Own things that others may carry, in all: bags, mats, clothes. */
  readonly ownMovable?: number;
  /** What the group's things fill of the room that own things leave in all packs together; far below it when left out. */
  readonly fill?: number;
  /** Group kit in pieces of one to five kilograms. */
  readonly bigPieces?: boolean;
  /** All members, packs and own things alike. */
  readonly equal?: boolean;
  /** What limits are multiplied by: at 0.7 nobody can keep theirs. */
  readonly strength?: number;
}

/** As a class is called in tables: members, pieces, days, and what is special about it. */
export function className(c: ShareClass): string {
  return [
    `${c.members}/${c.pieces}/${c.days}`,
    ...(c.waterByLeg === true ? ['water by leg'] : []),
    ...(c.ownMovable === undefined ? [] : [`${c.ownMovable} own`]),
    ...(c.fill === undefined ? [] : [`${Math.round(100 * c.fill)} % full`]),
    ...(c.bigPieces === true ? ['big'] : []),
    ...(c.equal === true ? ['equal'] : []),
    ...(c.strength === undefined ? [] : ['weak']),
  ].join(' ');
}

export const SHARE_CLASSES: readonly ShareClass[] = [
  { members: 4, pieces: 18, days: 3 },
  { members: 8, pieces: 60, days: 6 },
  { members: 16, pieces: 120, days: 6 },
  { members: 30, pieces: 250, days: 8 },
  { members: 8, pieces: 60, days: 6, waterByLeg: true },
  { members: 16, pieces: 120, days: 6, ownMovable: 60 },
];
/** Where packs are full: volume binds beside mass. */
export const FULL_CLASSES: readonly ShareClass[] = [
  { members: 8, pieces: 60, days: 6, fill: 0.95 },
  { members: 8, pieces: 60, days: 6, fill: 0.98 },
  { members: 16, pieces: 120, days: 6, fill: 0.95 },
  { members: 16, pieces: 120, days: 6, fill: 0.98 },
  { members: 30, pieces: 250, days: 8, fill: 0.95 },
  { members: 30, pieces: 250, days: 8, fill: 0.98 },
  { members: 8, pieces: 60, days: 6, ownMovable: 24, fill: 0.95 },
  { members: 6, pieces: 20, days: 4, fill: 0.9, bigPieces: true },
  { members: 8, pieces: 40, days: 6, fill: 0.95, bigPieces: true },
  { members: 16, pieces: 80, days: 6, fill: 0.95, bigPieces: true },
];
/** Long trips, equal members, small trips. */
export const OTHER_CLASSES: readonly ShareClass[] = [
  { members: 8, pieces: 80, days: 12 },
  { members: 6, pieces: 80, days: 20 },
  { members: 8, pieces: 60, days: 6, equal: true },
  { members: 4, pieces: 16, days: 3, equal: true },
  { members: 5, pieces: 20, days: 4 },
  { members: 8, pieces: 40, days: 5 },
  { members: 6, pieces: 40, days: 5, fill: 0.9 },
];
/** Limits that nobody can keep, with and without full packs. */
export const OVERLOADED_CLASSES: readonly ShareClass[] = [
  { members: 3, pieces: 9, days: 2, strength: 0.7 },
  { members: 8, pieces: 60, days: 6, strength: 0.7 },
  { members: 8, pieces: 60, days: 6, strength: 0.7, fill: 0.98 },
  { members: 16, pieces: 120, days: 6, strength: 0.7, fill: 0.98 },
];
export const LARGE_CLASSES: readonly ShareClass[] = [
  { members: 40, pieces: 330, days: 8 },
  { members: 60, pieces: 500, days: 8 },
  { members: 100, pieces: 900, days: 8 },
  { members: 200, pieces: 1600, days: 8 },
];

/** As scales say it: to the gram, in kg. */
const grams = (kg: number): number => Math.round(kg * 1000) / 1000;

/** How much of the party's strength the group kit takes beside what everybody has of their own. */
const GROUP_PART = 0.32;

export function randomShareTrip({ members: n, pieces: p, days, ...special }: ShareClass, seed: number): Trip {
  const { waterByLeg = false, ownMovable = 0, fill, bigPieces = false, equal = false, strength } = special;
  const random = seededRandom(seed * 7919 + n);
  const between = (low: number, high: number): number =>
    Math.round((low + random() * (high - low)) * 1000) / 1000;
  const weak = { label: 'weak', fromDay: 1, toDay: days, factor: strength ?? 1 };
  const members = Array.from({ length: n }, (_v, i): Member => ({
    ...newMember(`m${i}`, `Member ${i + 1}`, `pack-m${i}`),
    bodyMassKg: equal ? 70 : between(48, 96),
    experience: equal ? 'regular' : random() < 0.2 ? 'newcomer' : random() < 0.4 ? 'seasoned' : 'regular',
    tentGroupId: `tent-${Math.floor(i / 2)}`,
    cookGroupId: `cook-${Math.floor(i / 4)}`,
    conditions: [
      ...(!equal && i === seed % n && random() < 0.5
        ? [{ label: 'ankle', fromDay: Math.min(3, days), toDay: days, factor: 0.75 }]
        : []),
      ...(strength === undefined ? [] : [weak]),
    ],
  }));
  const limits = members.map(
    (m) => m.bodyMassKg * { newcomer: 0.15, regular: 0.2, seasoned: 0.25 }[m.experience],
  );
  const packs = members.map((m) =>
    cataloguePack(m.packId, sizeOf(equal ? 70 : [60, 70, 80, 80][pickIndex(random, 4)]!)),
  );
  const personalThings = members.map((m, i): PersonalThing => {
    const part = equal ? 0.4 : between(0.32, 0.5);
    const ownKg = grams(Math.max(0.5, limits[i]! * part - packs[i]!.tareKg));
    const ownL = equal ? 20 : between(14, 24);
    return { ...plain(`own-${m.id}`, 'Own things', ownKg, ownL), memberId: m.id, worn: false };
  });
  const [movable, staying] = partedOff(personalThings, ownMovable);
  const groupKg = GROUP_PART * limits.reduce((a, b) => a + b, 0);
  const raw = bigPieces ? bigOnes(random, n, p) : pieces(random, n, p, days);
  const rawKg = raw.reduce((sum, x) => sum + x.massKg, 0);
  const weighed = raw.map((x) => {
    const massKg = grams((x.massKg * groupKg) / rawKg);
    return { ...x, massKg, volumeL: Math.round(massKg * between(1.5, 4.5) * 100) / 100 };
  });
  const litres = (things: readonly { readonly volumeL: number }[]): number =>
    things.reduce((sum, x) => sum + x.volumeL, 0);
  const freeL = packs.reduce((sum, pack) => sum + packVolumeL(pack), 0) - litres(personalThings);
  const swell = fill === undefined ? 1 : (fill * freeL) / litres(weighed);
  const scaled = weighed.map((x) => ({ ...x, volumeL: Math.round(x.volumeL * swell * 100) / 100 }));
  const free = scaled.filter((x) => x.onlyGroupId === undefined && x.consumption === undefined);
  const rules: CarrierRule[] = [];
  const rule = (kind: CarrierRule['kind'], from: number, count: number): void => {
    const chosen = free.slice(from, from + count);
    if (chosen.length === count)
      rules.push({ id: `rule-${rules.length}`, kind, pieceIds: chosen.map((x) => x.id), reason: kind });
  };
  for (let i = 0; i < Math.max(1, Math.floor(n / 6)); i += 1) {
    rule('different', i * 6, 2);
    rule('same', i * 6 + 2, 2);
  }
  const kit: Kit = { id: 'kit', name: 'Kit', pieces: scaled };
  const base = emptyTrip('random-share', 'Random share', '2027-05-10', days);
  return {
    ...base,
    legs: base.legs.map((leg) => ({ ...leg, waterL: waterByLeg ? between(0.5, 1.5) : 1 })),
    groups: [
      ...ids('tent', Math.ceil(n / 2)).map((id) => ({ id, name: id, kind: 'tent' as const })),
      ...ids('cook', Math.ceil(n / 4)).map((id) => ({ id, name: id, kind: 'cook' as const })),
    ],
    members,
    packs,
    personalThings: [...staying, ...movable],
    houseRules: { ...base.houseRules, waterShare: 'each' },
    kits: [kit],
    carrierRules: rules,
    share: free
      .slice(-Math.max(1, Math.floor(n / 8)))
      .map((x, i) => ({ pieceId: x.id, memberId: `m${(i * 3) % n}`, locked: true })),
  };
}

/** Tent parts and other kit of which a few pieces make a load. */
function bigOnes(random: Random, n: number, count: number): readonly Piece[] {
  return Array.from({ length: count }, (_v, i): Piece => ({
    ...plain(`p${i}`, `Piece ${i + 1}`, 1 + 4 * random(), 1),
    ...(i < n ? { onlyGroupId: `tent-${Math.floor(i / 2)}` } : {}),
  }));
}

/** Of everybody's own things a bag, a mat and clothes that others may carry, until there are so many. */
function partedOff(
  own: readonly PersonalThing[],
  count: number,
): readonly [movable: readonly PersonalThing[], staying: readonly PersonalThing[]] {
  const parts = [0.22, 0.12, 0.12, 0.08];
  const movable = own
    .flatMap((t) =>
      parts.map((part, i) => ({
        ...t,
        id: `${t.id}-${i}`,
        massKg: grams(t.massKg * part),
        volumeL: t.volumeL * part,
        othersMayCarry: true,
      })),
    )
    .slice(0, count);
  const staying = own.map((t) => {
    const given = movable.filter((m) => m.memberId === t.memberId);
    const left = (of: (thing: PersonalThing) => number): number =>
      of(t) - given.reduce((sum, m) => sum + of(m), 0);
    return { ...t, massKg: grams(left((x) => x.massKg)), volumeL: left((x) => x.volumeL) };
  });
  return [movable, staying];
}

function ids(stem: string, count: number): readonly string[] {
  return Array.from({ length: count }, (_v, i) => `${stem}-${i}`);
}

function plain(id: string, name: string, massKg: number, volumeL: number): Thing {
  return {
    id,
    name,
    massKg,
    massEstimated: false,
    volumeL,
    shape: { kind: 'pouch' },
    flags: [],
    needed: 'camp',
    purpose: 'other',
  };
}

/** Tent parts, food by cook group and day, and the rest of the group's kit, in masses that are scaled later. */
function pieces(random: Random, n: number, count: number, days: number): readonly Piece[] {
  const list: Piece[] = [];
  const add = (massKg: number, more: Partial<Piece> = {}): void => {
    const id = `p${list.length}`;
    if (list.length < count) list.push({ ...plain(id, `Piece ${list.length + 1}`, massKg, 1), ...more });
  };
  const tents = Math.ceil(n / 2);
  for (let t = 0; t < tents; t += 1) {
    for (const kg of [0.9, 0.7, 0.45, 0.2]) {
      if (list.length < count * 0.4) add(kg * (0.8 + 0.4 * random()), { onlyGroupId: `tent-${t}` });
    }
  }
  for (let cook = 0; cook < Math.ceil(n / 4); cook += 1) {
    for (let day = 1; day <= days; day += 1) {
      for (let meal = 0; meal < 2; meal += 1) {
        if (list.length >= count * 0.75) break;
        const consumption = { fromDay: day, toDay: day, residueKg: 0.02 };
        add(0.5 + 0.8 * random(), { consumption });
      }
    }
  }
  while (list.length < count) add(0.08 + 1.4 * random() ** 2);
  return list;
}
