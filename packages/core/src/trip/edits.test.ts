import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { tripErrors } from '../formats/tripFile.js';
import {
  adoptStow,
  assignPiece,
  freshId,
  lockPiece,
  placeThing,
  putKit,
  putMember,
  putPersonalThing,
  putPiece,
  removeKit,
  removeMember,
  removePersonalThing,
  removePiece,
  replaceShare,
} from './changes.js';
import { applyEdits, COLLECTION_KEYS, diffTrip } from './edits.js';
import type { Trip } from './model.js';
import { allPieces, allowedCarriers } from './queries.js';
import { runs } from '../testing/runs.js';

describe('diffTrip and applyEdits', () => {
  test('playing the difference of two trips turns one into the other, and back', () => {
    fc.assert(
      fc.property(arbitraryTrip(), arbitraryTrip(), (a, b) => {
        expect(applyEdits(a, diffTrip(a, b))).toEqual(b);
        expect(applyEdits(b, diffTrip(b, a))).toEqual(a);
        expect(diffTrip(a, a)).toEqual([]);
      }),
      { seed: 5, numRuns: runs(60) },
    );
  });
  test('survives JSON, as the server gets it', () => {
    fc.assert(
      fc.property(arbitraryTrip(), arbitraryTrip(), (a, b) => {
        const sent = JSON.parse(JSON.stringify(diffTrip(a, b))) as ReturnType<typeof diffTrip>;
        expect(applyEdits(a, sent)).toEqual(b);
      }),
      { seed: 6, numRuns: runs(30) },
    );
  });
  test('a single moved piece is a single edit', () => {
    const trip = aTrip([aMember('a'), aMember('b')], [aThing('x'), aThing('y')]);
    const shared = assignPiece(assignPiece(trip, 'x', 'a'), 'y', 'a');
    expect(diffTrip(shared, assignPiece(shared, 'x', 'b'))).toEqual([
      { kind: 'put', collection: 'share', item: { pieceId: 'x', memberId: 'b', locked: false } },
    ]);
  });
});

describe('changes', () => {
  test('keep a valid trip valid', () => {
    fc.assert(
      fc.property(
        arbitraryTrip({ members: { min: 1, max: 3 }, pieces: { min: 1, max: 5 } }),
        fc.nat(),
        (trip, n) => {
          const piece = allPieces(trip)[n % allPieces(trip).length]!;
          const member = trip.members[n % trip.members.length]!;
          const carriers = allowedCarriers(trip, piece);
          const changed = [
            assignPiece(trip, piece.id, carriers[0]?.id),
            lockPiece(trip, piece.id, true),
            replaceShare(trip, []),
            replaceShare(trip, [{ pieceId: 'gone', memberId: member.id, locked: false }]),
            adoptStow(removePiece(trip, piece.id), {
              memberId: member.id,
              placements: trip.stows[0]?.placements ?? [],
            }),
            adoptStow(removeMember(trip, member.id), { memberId: member.id, placements: [] }),
            removeMember(trip, member.id),
            removePiece(trip, piece.id),
            removeKit(trip, 'kit-a'),
            ...trip.personalThings.flatMap((t) => [
              removePersonalThing(trip, t.id),
              putPersonalThing(trip, { ...t, worn: true }),
            ]),
            putMember(trip, { ...member, name: 'Somebody else' }),
          ];
          for (const after of changed) expect(tripErrors(after)).toEqual([]);
        },
      ),
      { seed: 12, numRuns: runs(40) },
    );
  });
  test('a piece that changes carrier leaves the old stow and keeps its lock', () => {
    const trip = aTrip([aMember('a'), aMember('b')], [aThing('x')]);
    const stowed = placeThing(lockPiece(assignPiece(trip, 'x', 'a'), 'x', true), 'a', {
      thingId: 'x',
      zoneId: 'core',
      side: 'centre',
      pinned: false,
    });
    const moved = assignPiece(stowed, 'x', 'b');
    expect(moved.share).toEqual([{ pieceId: 'x', memberId: 'b', locked: true }]);
    expect(moved.stows).toEqual([{ memberId: 'a', placements: [] }]);
  });
  test('a piece is put into its kit, replaced in place, and a kit is renamed without losing its pieces', () => {
    const trip = aTrip([aMember('a')], [aThing('x'), aThing('y')]);
    const heavier = putPiece(trip, 'kit', aThing('x', { massKg: 3 }));
    expect(heavier.kits[0]!.pieces.map((p) => [p.id, p.massKg])).toEqual([
      ['x', 3],
      ['y', 1],
    ]);
    const more = putPiece(heavier, 'kit', aThing('z'));
    expect(more.kits[0]!.pieces.map((p) => p.id)).toEqual(['x', 'y', 'z']);
    const renamed = putKit(more, { ...more.kits[0]!, name: 'Tent' });
    expect(renamed.kits).toHaveLength(1);
    expect(renamed.kits[0]).toMatchObject({ name: 'Tent', pieces: more.kits[0]!.pieces });
    expect(putKit(renamed, { id: 'other', name: 'Other', pieces: [] }).kits.map((k) => k.id)).toEqual([
      'kit',
      'other',
    ]);
  });
  test('a kit that goes takes its pieces out of share, stows and rules', () => {
    const trip: Trip = {
      ...aTrip([aMember('a')], [aThing('x'), aThing('y'), aThing('z')]),
      carrierRules: [{ id: 'r', kind: 'same', pieceIds: ['x', 'y', 'z'], reason: 'one case' }],
    };
    const carried = ['x', 'y', 'z'].reduce((t, id) => assignPiece(t, id, 'a'), trip);
    const stowed = placeThing(carried, 'a', { thingId: 'x', zoneId: 'core', side: 'left', pinned: true });
    const without = removePiece(stowed, 'x');
    expect(without.carrierRules[0]!.pieceIds).toEqual(['y', 'z']);
    expect(without.stows).toEqual([{ memberId: 'a', placements: [] }]);
    const gone = removeKit(stowed, 'kit');
    expect(gone).toMatchObject({
      kits: [],
      share: [],
      carrierRules: [],
      stows: [{ memberId: 'a', placements: [] }],
    });
  });
  test('another pack has other zones: its wearer starts with an empty stow; another name changes nothing', () => {
    const trip = placeThing(
      aTrip([aMember('a')], [], [{ ...aThing('bag'), memberId: 'a', worn: false }]),
      'a',
      {
        thingId: 'bag',
        zoneId: 'bottom',
        side: 'centre',
        pinned: false,
      },
    );
    expect(putMember(trip, aMember('a', { name: 'Ada' })).stows).toEqual(trip.stows);
    expect(putMember(trip, aMember('a', { packId: 'other' })).stows).toEqual([]);
  });
  test('what is put on leaves the pack; what is placed twice is in one place', () => {
    const bag = { ...aThing('coat'), memberId: 'a', worn: false };
    const trip = aTrip([aMember('a')], [], [bag]);
    const first = placeThing(trip, 'a', { thingId: 'coat', zoneId: 'top', side: 'left', pinned: false });
    const second = placeThing(first, 'a', { thingId: 'coat', zoneId: 'lid', side: 'centre', pinned: true });
    expect(second.stows[0]!.placements).toEqual([
      { thingId: 'coat', zoneId: 'lid', side: 'centre', pinned: true },
    ]);
    expect(putPersonalThing(second, { ...bag, worn: true }).stows[0]!.placements).toEqual([]);
    expect(removePersonalThing(second, 'coat')).toMatchObject({
      personalThings: [],
      stows: [{ placements: [] }],
    });
  });
  test('ids are made from names and never collide', () => {
    expect(freshId('Tent body (3 people)', [])).toBe('tent-body-3-people');
    expect(freshId('Pot', ['pot', 'pot-2'])).toBe('pot-3');
    expect(freshId('é…', [])).toBe('e');
    expect(freshId('…', [])).toBe('item');
  });
});

test('docs/api.md names every collection with its key, and no other', () => {
  const text = readFileSync(join(__dirname, '../../../../docs/api.md'), 'utf8').replace(/\s+/g, ' ');
  const list = /items? of a list: (.*?);/.exec(text)![1]!;
  const told = [...list.matchAll(/([^()]+?) \(by `(\w+)`\)/g)].flatMap(([, names, key]) =>
    names!.split(/,| or /).flatMap((name) => (name.trim() === '' ? [] : [[name.trim(), key!] as const])),
  );
  expect(Object.fromEntries(told)).toEqual(COLLECTION_KEYS);
});
