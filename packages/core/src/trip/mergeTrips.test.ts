import fc from 'fast-check';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { runs } from '../testing/runs.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { applyEdits, diffTrip, sameContent } from './edits.js';
import { decideClash, mergeTrips } from './mergeTrips.js';
import type { Piece, Trip } from './model.js';

const base = aTrip(
  [aMember('ada'), aMember('bo')],
  [aThing('stove', { massKg: 0.4, volumeL: 2 }), aThing('pot', { massKg: 0.3 })],
  [],
  3,
);
const pieceOf = (trip: Trip, id: string): Piece => trip.kits[0]!.pieces.find((p) => p.id === id)!;
const withPiece = (trip: Trip, id: string, change: Partial<Piece>): Trip => ({
  ...trip,
  kits: trip.kits.map((kit) => ({
    ...kit,
    pieces: kit.pieces.map((p) => (p.id === id ? { ...p, ...change } : p)),
  })),
});

describe('two who change different cells', () => {
  test('of the same piece, of the trip, of two lists: both hold, nobody is asked', () => {
    const mine = { ...withPiece(base, 'stove', { massKg: 0.5 }), name: 'Mine' };
    const theirs = {
      ...withPiece(base, 'stove', { volumeL: 3 }),
      legs: base.legs.map((leg, i) => (i === 1 ? { ...leg, distanceKm: 17 } : leg)),
    };
    const { trip, clashes } = mergeTrips(base, mine, theirs);
    expect(clashes).toEqual([]);
    expect(pieceOf(trip, 'stove')).toMatchObject({ massKg: 0.5, volumeL: 3 });
    expect(trip.name).toBe('Mine');
    expect(trip.legs[1]!.distanceKm).toBe(17);
  });
  test('settings of the larder and house rules, one by one', () => {
    const mine = { ...base, larder: { ...base.larder, wind: 'windy' as const } };
    const theirs = { ...base, larder: { ...base.larder, snackGPerDay: 120 } };
    const { trip, clashes } = mergeTrips(base, mine, theirs);
    expect(clashes).toEqual([]);
    expect(trip.larder).toEqual({ ...base.larder, wind: 'windy', snackGPerDay: 120 });
  });
  test('what both add stays, mine after what it stood after', () => {
    const added = (id: string): Trip => ({
      ...base,
      kits: base.kits.map((kit) => ({
        ...kit,
        pieces: [kit.pieces[0]!, aThing(id), ...kit.pieces.slice(1)],
      })),
    });
    const { trip, clashes } = mergeTrips(base, added('lamp'), added('rope'));
    expect(clashes).toEqual([]);
    expect(trip.kits[0]!.pieces.map((p) => p.id)).toEqual(['stove', 'lamp', 'rope', 'pot']);
  });
  test('the order of whoever changed it', () => {
    const turned = { ...base, members: [...base.members].reverse() };
    const named = { ...base, members: base.members.map((m) => ({ ...m, name: `${m.name}!` })) };
    for (const [mine, theirs] of [
      [turned, named],
      [named, turned],
    ] as const) {
      const { trip, clashes } = mergeTrips(base, mine, theirs);
      expect(clashes).toEqual([]);
      expect(trip.members.map((m) => m.id)).toEqual(['bo', 'ada']);
      expect(trip.members.every((m) => m.name.endsWith('!'))).toBe(true);
    }
  });
});

describe('two who change the same cell', () => {
  const mine = withPiece(base, 'stove', { massKg: 0.5 });
  const theirs = withPiece(base, 'stove', { massKg: 0.6 });
  test('theirs stands, both values are told, and mine can be taken', () => {
    const { trip, clashes } = mergeTrips(base, mine, theirs);
    const kit = base.kits[0]!.id;
    expect(clashes).toEqual([
      { path: ['kits', kit, 'pieces', 'stove', 'massKg'], base: 0.4, mine: 0.5, theirs: 0.6 },
    ]);
    expect(pieceOf(trip, 'stove').massKg).toBe(0.6);
    expect(pieceOf(decideClash(trip, clashes[0]!, 0.5), 'stove').massKg).toBe(0.5);
  });
  test('to the same: nobody is asked', () => {
    expect(mergeTrips(base, mine, mine)).toEqual({ trip: mine, clashes: [] });
  });
  test('one takes away what the other changes: it is gone until mine is taken', () => {
    const gone = { ...base, kits: base.kits.map((kit) => ({ ...kit, pieces: [kit.pieces[1]!] })) };
    const { trip, clashes } = mergeTrips(base, mine, gone);
    expect(trip.kits[0]!.pieces.map((p) => p.id)).toEqual(['pot']);
    expect(clashes).toMatchObject([
      { path: ['kits', base.kits[0]!.id, 'pieces', 'stove'], theirs: undefined },
    ]);
    expect(pieceOf(decideClash(trip, clashes[0]!, clashes[0]!.mine), 'stove').massKg).toBe(0.5);
    const other = mergeTrips(base, gone, theirs);
    expect(pieceOf(other.trip, 'stove').massKg).toBe(0.6);
    expect(decideClash(other.trip, other.clashes[0]!, undefined).kits[0]!.pieces.map((p) => p.id)).toEqual([
      'pot',
    ]);
  });
  test('what the program makes itself is nothing to ask about', () => {
    const made = withPiece(base, 'stove', { madeBy: 'larder' });
    const { clashes } = mergeTrips(
      made,
      withPiece(made, 'stove', { massKg: 1 }),
      withPiece(made, 'stove', { massKg: 2 }),
    );
    expect(clashes).toEqual([]);
  });
});

test('property: whatever two trips there are, nothing that only one changed is lost, and each side may be decided for', () => {
  let clashed = 0;
  fc.assert(
    fc.property(arbitraryTrip(), arbitraryTrip(), arbitraryTrip(), (one, two, three) => {
      // Three states of one trip: it has one id.
      const [from, mine, theirs] = [one, { ...two, id: one.id }, { ...three, id: one.id }];
      expect(mergeTrips(from, mine, from)).toEqual({ trip: mine, clashes: [] });
      expect(mergeTrips(from, from, theirs)).toEqual({ trip: theirs, clashes: [] });
      const { trip, clashes } = mergeTrips(from, mine, theirs);
      if (clashes.length > 0) clashed += 1;
      // The other way round has the same clashes, seen from the other side.
      const turned = mergeTrips(from, theirs, mine);
      expect(turned.clashes.map((c) => c.path.join('/')).sort()).toEqual(
        clashes.map((c) => c.path.join('/')).sort(),
      );
      const decided = clashes.reduce((now, c) => decideClash(now, c, c.mine), trip);
      const other = turned.clashes.reduce((now, c) => decideClash(now, c, c.theirs), turned.trip);
      const unordered = (t: Trip): unknown =>
        diffTrip(t, decided).filter((e) => e.kind !== 'order' && e.kind !== 'put');
      if (clashes.length === 0) expect(unordered(other)).toEqual([]);
      // What was merged is reached by edits, as everything is that the server is sent.
      expect(sameContent(applyEdits(theirs, diffTrip(theirs, trip)), trip)).toBe(true);
    }),
    { seed: 29, numRuns: runs(120) },
  );
  expect(clashed).toBeGreaterThan(5);
});
