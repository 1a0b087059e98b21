import fc from 'fast-check';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { assignPiece } from '../trip/changes.js';
import type { Kit, PersonalThing, Purpose, Trip } from '../trip/model.js';
import { checkSplit, kitsInSeveralHands, type PartCheck } from './partySplit.js';
import { runs } from '../testing/runs.js';

const own = (memberId: string, id: string, purpose: Purpose): PersonalThing => ({
  ...aThing(id, { purpose }),
  memberId,
  worn: false,
});
const tent = (id: string): Kit => ({
  id,
  name: id,
  pieces: (['tentBody', 'tentFly', 'tentPoles', 'tentPegs'] as const).map((purpose) =>
    aThing(`${id}-${purpose}`, { purpose, massKg: 0.5 }),
  ),
});
/** Two pairs, each with a tent, a stove and its gas, first aid, a map and a filter of their own. */
const two: Trip = {
  ...aTrip([aMember('a'), aMember('b'), aMember('c'), aMember('d')], [], [], 2),
  kits: [
    tent('heron'),
    tent('plover'),
    {
      id: 'kit',
      name: 'Kit',
      pieces: ['north', 'south'].flatMap((side) => [
        aThing(`stove-${side}`, { purpose: 'stove', needs: ['gas'], massKg: 0.1 }),
        aThing(`gas-${side}`, { purpose: 'fuel', flags: ['gasFuel'], massKg: 0.4 }),
        aThing(`aid-${side}`, { purpose: 'firstAid', massKg: 0.3 }),
        aThing(`map-${side}`, { purpose: 'navigation', massKg: 0.1 }),
        aThing(`filter-${side}`, { purpose: 'filter', massKg: 0.2 }),
      ]),
    },
  ],
};
const PARTS = [
  ['a', 'b'],
  ['c', 'd'],
];
const carried = two.kits
  .flatMap((k) => k.pieces)
  .reduce((t, p) => assignPiece(t, p.id, /heron|north/.test(p.id) ? 'a' : 'c'), two);
const lacks = (checks: readonly PartCheck[]): unknown =>
  checks.map(({ lacks: list }) =>
    list.map(({ need, have, want, cure }) => [
      need,
      `${have}/${want}`,
      cure.map((h) => `${h.piece.id}: ${h.from?.id ?? 'nobody'} → ${h.to.id}`),
    ]),
  );

describe('if the party splits', () => {
  test('two pairs with all of their own lack nothing', () => {
    expect(lacks(checkSplit(carried, PARTS, 1))).toEqual([[], []]);
  });
  test('a tent without its poles shelters nobody: they are handed to the less loaded of the two', () => {
    const trip = assignPiece(carried, 'heron-tentPoles', 'd');
    expect(lacks(checkSplit(trip, PARTS, 1))).toEqual([[['shelter', '0/2', ['heron-tentPoles: d → b']]], []]);
  });
  test('a stove burns with its fuel at hand only; either half is offered, whichever is lighter', () => {
    const trip = ['stove-south', 'gas-south', 'gas-north'].reduce(
      (t, id) => assignPiece(t, id, id === 'gas-north' ? 'c' : 'a'),
      carried,
    );
    // North has both stoves and one canister; South the other canister and no stove.
    expect(lacks(checkSplit(trip, PARTS, 1))).toEqual([[], [['stove', '0/1', ['stove-north: a → d']]]]);
  });
  test('what is there once cannot be handed over: the other part would lack it then', () => {
    const trip = assignPiece(carried, 'aid-south', undefined);
    const alone: Trip = {
      ...trip,
      kits: trip.kits.map((k) => ({ ...k, pieces: k.pieces.filter((p) => p.id !== 'aid-south') })),
    };
    expect(lacks(checkSplit(alone, PARTS, 1))).toEqual([[], [['firstAid', '0/1', []]]]);
    // What nobody carries yet can be.
    expect(lacks(checkSplit(trip, PARTS, 1))).toEqual([[], [['firstAid', '0/1', ['aid-south: nobody → d']]]]);
  });
  test('a group shelter covers all; a bivvy bag its owner', () => {
    const noTents: Trip = { ...carried, kits: carried.kits.slice(2) };
    const bivvy: Trip = { ...noTents, personalThings: [own('a', 'bivvy', 'emergencyShelter')] };
    const shelters = checkSplit(bivvy, PARTS, 1).map((p) =>
      p.lacks.map((l) => `${l.need} ${l.have}/${l.want}`),
    );
    expect(shelters).toEqual([['shelter 1/2'], ['shelter 0/2']]);
    const covered: Trip = {
      ...noTents,
      kits: [...noTents.kits, { id: 's', name: 'S', pieces: [aThing('tarp', { purpose: 'tarp' })] }],
    };
    expect(checkSplit(assignPiece(covered, 'tarp', 'b'), PARTS, 1)[0]!.lacks).toEqual([]);
  });
  test('who boils or draws from taps needs no filter; who cooks nothing needs no stove', () => {
    const none: Trip = {
      ...carried,
      larder: { ...carried.larder, treatment: 'boil' },
      kits: carried.kits.map((k) => ({
        ...k,
        pieces: k.pieces.filter(
          (p) => p.purpose !== 'filter' && p.purpose !== 'stove' && p.purpose !== 'fuel',
        ),
      })),
    };
    expect(lacks(checkSplit(none, PARTS, 1))).toEqual([[], []]);
  });
  test('what leaves before that day is not counted', () => {
    const leaving: Trip = {
      ...carried,
      kits: carried.kits.map((k) => ({
        ...k,
        pieces: k.pieces.map((p) => (p.id === 'map-north' ? { ...p, toDay: 1 } : p)),
      })),
    };
    expect(lacks(checkSplit(leaving, PARTS, 1))).toEqual([[], []]);
    expect(lacks(checkSplit(leaving, PARTS, 2))).toEqual([[['map', '0/1', []]], []]);
  });
  test('property: a cure mends its lack, and no part lacks more than before', () => {
    let cured = 0;
    fc.assert(
      fc.property(arbitraryTrip(), (trip) => {
        const ids = trip.members.map((m) => m.id);
        const half = Math.ceil(ids.length / 2);
        const parts = [ids.slice(0, half), ids.slice(half)];
        const before = checkSplit(trip, parts, 1);
        before.forEach((part, i) => {
          for (const { need, cure } of part.lacks) {
            if (cure.length === 0) continue;
            cured += 1;
            const next = cure.reduce((t, h) => assignPiece(t, h.piece.id, h.to.id), trip);
            const after = checkSplit(next, parts, 1);
            expect(after[i]!.lacks.map((l) => l.need)).not.toContain(need);
            after.forEach((other, k) => {
              const known = new Map(before[k]!.lacks.map((l) => [l.need, l.want - l.have]));
              for (const l of other.lacks)
                expect(l.want - l.have).toBeLessThanOrEqual(known.get(l.need) ?? 0);
            });
          }
        });
      }),
      { seed: 6, numRuns: runs(150) },
    );
    expect(cured).toBeGreaterThan(runs(150) / 25);
  });
});

describe('kits in several hands', () => {
  test('each carrier with their pieces, and what nobody has', () => {
    const trip = assignPiece(assignPiece(carried, 'heron-tentFly', 'b'), 'plover-tentPegs', undefined);
    expect(
      kitsInSeveralHands(trip, 1).map(({ kit, hands, unshared }) => [
        kit.id,
        hands.map((h) => `${h.member.id} ${h.pieces.length}`),
        unshared.map((p) => p.id),
      ]),
    ).toEqual([
      ['heron', ['a 3', 'b 1'], []],
      ['plover', ['c 3'], ['plover-tentPegs']],
      ['kit', ['a 5', 'c 5'], []],
    ]);
  });
  test('a kit that one person has, or nobody, is none', () => {
    expect(kitsInSeveralHands({ ...carried, kits: carried.kits.slice(0, 2) }, 1)).toEqual([]);
    expect(kitsInSeveralHands(two, 1)).toEqual([]);
  });
});
