import fc from 'fast-check';
import { massOnDayKg } from '../load/thingOnDay.js';
import { pickIndex, seededRandom } from '../units/random.js';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { assignPiece, lockPiece } from '../trip/changes.js';
import { emptyTrip } from '../trip/emptyTrip.js';
import type { Trip } from '../trip/model.js';
import { allThings } from '../trip/queries.js';
import { shareProblem } from './problem.js';
import { shareFigures, tripBound } from './shareFigures.js';
import { ShareState } from './shareState.js';
import { runs } from '../testing/runs.js';

describe('shareFigures', () => {
  test('an empty trip has no figures and no complaint', () => {
    expect(shareFigures(emptyTrip('e', 'Empty', '2027-05-10', 2))).toMatchObject({
      members: [],
      unshared: [],
      largestRatio: 0,
      smallestRatio: 0,
      largestMember: undefined,
      warnings: [],
    });
  });

  test('the largest and smallest ratio by hand', () => {
    // Limits 14 and 18 kg, packs 1.9 kg: a carries 5 kg, b 2 kg.
    const trip = [
      ['x', 'a'],
      ['y', 'b'],
    ].reduce(
      (t, [piece, member]) => assignPiece(t, piece!, member),
      aTrip(
        [aMember('a'), aMember('b', { bodyMassKg: 90 })],
        [aThing('x', { massKg: 5 }), aThing('y', { massKg: 2 }), aThing('z')],
      ),
    );
    const figures = shareFigures(trip);
    expect(figures.largestRatio).toBeCloseTo(6.9 / 14, 12);
    expect(figures.smallestRatio).toBeCloseTo(3.9 / 18, 12);
    expect(figures.largestMember?.id).toBe('a');
    expect(figures.unshared.map((p) => p.id)).toEqual(['z']);
    // Spread evenly it would be 11.8 of 32 kg; but x alone is 6.9 of 18 kg even with b.
    expect(figures.bound).toMatchObject({
      ratio: expect.closeTo(6.9 / 18, 12) as number,
      reason: 'x alone, even with b',
    });
  });

  test('names every kind of trouble', () => {
    const trip: Trip = {
      ...aTrip(
        [aMember('a', { bodyMassKg: 40 }), aMember('b', { tentGroupId: 'tent' })],
        [
          aThing('stone', { massKg: 9, volumeL: 80 }),
          { ...aThing('fly'), onlyGroupId: 'tent' },
          aThing('stove'),
          aThing('spare'),
          aThing('scope'),
          aThing('case'),
        ],
      ),
      groups: [{ id: 'tent', name: 'Tent', kind: 'tent' }],
      carrierRules: [
        { id: 'r1', kind: 'different', pieceIds: ['stove', 'spare'], reason: 'not both lost' },
        { id: 'r2', kind: 'same', pieceIds: ['scope', 'case'], reason: 'one case' },
      ],
    };
    const bad = [
      ['stone', 'a'],
      ['fly', 'a'],
      ['stove', 'b'],
      ['spare', 'b'],
      ['scope', 'a'],
      ['case', 'b'],
    ].reduce((t, [piece, member]) => assignPiece(t, piece!, member), trip);
    expect(shareFigures(bad).warnings).toEqual([
      'a is 4.9 kg above the limit on day 1',
      expect.stringMatching(/^a's pack is 2\d\.\d L over its 6\d\.\d L$/) as string,
      'Tent: fly rides with a, who is not among its carriers',
      'stove, spare should ride with different carriers: not both lost',
      'scope, case should ride with one carrier: one case',
    ]);
    // The leader's lock is the leader's word: no complaint about who carries it.
    expect(shareFigures(lockPiece(bad, 'fly', true)).warnings.some((w) => w.startsWith('fly'))).toBe(false);
  });

  test('the bound is the same whoever carries what unlocked', () => {
    fc.assert(
      fc.property(arbitraryTrip({ members: { min: 1, max: 3 }, pieces: { min: 1, max: 5 } }), (trip) => {
        // What is somebody's own and given away by hand is dealt out; given back it is not.
        const own = new Set(trip.personalThings.map((t) => t.id));
        const open = { ...trip, share: trip.share.filter((a) => a.locked || own.has(a.pieceId)) };
        expect(tripBound(open)).toEqual(tripBound(trip));
      }),
      { seed: 31, numRuns: runs(40) },
    );
  });

  test('nothing is lost or doubled: group loads add up to the shared pieces on every day', () => {
    fc.assert(
      fc.property(arbitraryTrip({ members: { min: 1, max: 4 }, pieces: { min: 1, max: 6 } }), (trip) => {
        const shared = new Set(trip.share.map((a) => a.pieceId));
        const figures = shareFigures(trip);
        trip.legs.forEach((leg, i) => {
          const carried = figures.members.reduce((sum, m) => sum + m.loads[i]!.groupKg, 0);
          const pieces = allThings(trip).filter((p) => shared.has(p.id));
          expect(carried).toBeCloseTo(
            pieces.reduce((sum, p) => sum + massOnDayKg(p, i + 1, leg), 0),
            9,
          );
        });
      }),
      { seed: 32, numRuns: runs(60) },
    );
  });
});

describe('ShareState', () => {
  test('sums kept move by move equal sums made anew', () => {
    fc.assert(
      fc.property(
        arbitraryTrip({ members: { min: 2, max: 4 }, pieces: { min: 2, max: 6 } }),
        fc.nat(),
        (trip, seed) => {
          const problem = shareProblem(trip);
          if (problem.contradictions.length > 0) return;
          const random = seededRandom(seed);
          const state = new ShareState(
            problem,
            problem.bundles.map((b) => b.allowed[0]!),
          );
          state.setTarget(0.3);
          for (let i = 0; i < 50; i += 1) {
            const b = pickIndex(random, problem.bundles.length);
            const { allowed } = problem.bundles[b]!;
            const to = allowed[pickIndex(random, allowed.length)]!;
            if (to === state.carrierOf[b]) continue;
            const back = pickIndex(random, problem.bundles.length);
            const swaps = back !== b && state.carrierOf[back] === to;
            state.weigh(b, to, swaps ? back : -1);
            state.weighUntidiness(b, to, swaps ? back : -1);
            state.move(b, to, swaps ? back : -1);
          }
          const anew = new ShareState(problem, state.carrierOf);
          anew.setTarget(0.3);
          for (const key of ['over', 'apart', 'excess', 'crowding', 'evenness', 'untidiness'] as const) {
            expect(state[key]).toBeCloseTo(anew[key], 8);
          }
          const score = state.score();
          expect(score.over).toBeCloseTo(anew.over, 8);
          expect(score.apartBroken).toBe(anew.apart);
          expect(score.evenness).toBeCloseTo(anew.evenness, 8);
          const worst = state.worstCarrier();
          expect(worst < 0 ? 0 : state.excessOf[worst]).toBeCloseTo(Math.max(...anew.excessOf), 8);
        },
      ),
      { seed: 33, numRuns: runs(60) },
    );
  });
});

test('random numbers: the same seed gives the same, spread evenly', () => {
  const draw = (seed: number): number[] => {
    const random = seededRandom(seed);
    return Array.from({ length: 4000 }, () => random());
  };
  expect(draw(7)).toEqual(draw(7));
  expect(draw(7)[0]).not.toBe(draw(8)[0]);
  const tenths = draw(3).reduce(
    (counts, r) => counts.map((n, i) => (Math.floor(r * 10) === i ? n + 1 : n)),
    new Array<number>(10).fill(0),
  );
  // Each tenth expects 400 of 4000; six standard deviations are about 114.
  for (const n of tenths) expect(Math.abs(n - 400)).toBeLessThan(114);
});
