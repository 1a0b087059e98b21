import fc from 'fast-check';
import { loadsOverTrip } from '../load/memberLoad.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { runs } from '../testing/runs.js';
import { replaceShare } from '../trip/changes.js';
import type { Trip } from '../trip/model.js';
import { packVolumeL } from '../trip/queries.js';
import { shareMisfit } from './cures.js';
import { shareProblem, sharedVolumeL } from './problem.js';
import { shareFigures } from './shareFigures.js';
import { solveShare } from './solveShare.js';

/** A hard container of 12 L outside that holds 10 L of food. */
const container = (id: string, more: object = {}) =>
  aThing(id, {
    massKg: 1.2,
    volumeL: 12,
    purpose: 'foodContainer',
    shape: { kind: 'cylinder', diameterCm: 22, lengthCm: 31.57 },
    foodCapacityL: 10,
    ...more,
  });
const food = (id: string, volumeL: number) =>
  aThing(id, { massKg: volumeL / 2, volumeL, purpose: 'food', needed: 'camp' });
const packL = packVolumeL(aTrip([aMember('a')], []).packs[0]!);

/** What the pack has beside its container, but for one litre, is full of clothes. */
const filled = (memberId: string) => ({
  ...aThing(`clothes-${memberId}`, { massKg: 3, volumeL: packL - 13, purpose: 'spareClothing' }),
  memberId,
  worn: false,
});

test('food goes into the containers that its carriers have: two full packs take 18 L of it', () => {
  const own = ['a', 'b'].flatMap((m) => [filled(m), { ...container(`drum-${m}`), memberId: m, worn: false }]);
  const meals = Array.from({ length: 18 }, (_v, i) => food(`meal${i}`, 1));
  const trip = aTrip([aMember('a'), aMember('b')], meals, own);
  const problem = shareProblem(trip);
  expect(problem.carriers.map((c) => c.stiffL)).toEqual([[9], [9]]);
  expect(shareMisfit(trip, 1)).toBeUndefined();
  const result = solveShare(problem, { seed: 1 });
  if (result.kind !== 'solved') throw new Error('expected a share');
  expect(result.score).toMatchObject({ infeasibility: 0, overVolumeL: 0 });
  const shared = replaceShare(trip, result.share);
  for (const { fullestL } of shareFigures(shared).members) expect(fullestL).toBeLessThanOrEqual(packL);
  // Of as much clothing none goes into them.
  const clothes = meals.map((m) => ({ ...m, purpose: 'spareClothing' as const }));
  const without = solveShare(shareProblem(aTrip([aMember('a'), aMember('b')], clothes, own)), { seed: 1 });
  expect(without).toMatchObject({ score: { overVolumeL: expect.closeTo(16, 6) as number } });
});

test('a container that is the group’s takes the food of whoever has it', () => {
  const own = [filled('a'), { ...filled('b'), volumeL: packL - 1 }];
  const meals = Array.from({ length: 9 }, (_v, i) => food(`meal${i}`, 1));
  const trip = aTrip([aMember('a'), aMember('b')], [container('drum'), ...meals], own);
  const result = solveShare(shareProblem(trip), { seed: 1, iterations: 200_000 });
  if (result.kind !== 'solved') throw new Error('expected a share');
  expect(result.score.infeasibility).toBe(0);
  const carriers = new Map(result.share.map((a) => [a.pieceId, a.memberId]));
  expect(carriers.get('drum')).toBe('a');
  expect(meals.filter((m) => carriers.get(m.id) === 'a').length).toBeGreaterThanOrEqual(8);
});

test('property: no share takes more room than its figures say, and hardly less', () => {
  const trips = fc.record({
    litres: fc.array(fc.integer({ min: 1, max: 10 }), { minLength: 1, maxLength: 30 }),
    carriers: fc.array(fc.boolean(), { minLength: 31, maxLength: 31 }),
    own: fc.boolean(),
  });
  fc.assert(
    fc.property(trips, ({ litres, carriers, own }) => {
      // None larger than a tenth of a container: what is left in it beside the last one is counted as filled by nothing.
      const meals = litres.map((l, i) => food(`meal${i}`, l / 10));
      const drum = container('drum');
      const members = [aMember('a'), aMember('b')];
      const trip: Trip = own
        ? aTrip(members, meals, [{ ...drum, memberId: 'a', worn: false }])
        : aTrip(members, [drum, ...meals]);
      const problem = shareProblem(trip);
      const share = problem.bundles.flatMap((b, i) =>
        b.pieceIds.map((pieceId) => ({ pieceId, memberId: carriers[i] ? 'a' : 'b', locked: false })),
      );
      const shared = replaceShare(trip, share);
      problem.carriers.forEach((carrier, m) => {
        const said = carrier.packL - carrier.freeVolumeL[0]! + sharedVolumeL(problem, carrier, share)[0]!;
        const { volumeL } = loadsOverTrip(shared, trip.members[m]!)[0]!;
        expect(said).toBeGreaterThanOrEqual(volumeL - 1e-9);
        expect(said).toBeLessThanOrEqual(volumeL + 1 + 1e-9);
      });
    }),
    { seed: 24, numRuns: runs(200) },
  );
});

test('a container that is left on the way holds nothing after that, and today’s lunch lies outside it', () => {
  const lunch = {
    ...food('lunch', 2),
    needed: 'stop' as const,
    consumption: { fromDay: 2, toDay: 2, residueKg: 0 },
  };
  const trip = aTrip([aMember('a')], [container('drum', { toDay: 2 }), lunch], [], 3);
  const { bundles } = shareProblem(trip);
  expect(bundles.map((b) => b.stiffL)).toEqual([
    [9, 9, 0],
    [0, 0, 0],
  ]);
  expect(bundles.map((b) => b.fillsL)).toEqual([
    [0, 0, 0],
    [2, 0, 0],
  ]);
});
