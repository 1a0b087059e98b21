import fc from 'fast-check';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { dayLoad } from '../load/memberLoad.js';
import type { PersonalThing, Thing, Trip } from '../trip/model.js';
import type { WeighIn } from '../trip/recordModel.js';
import { departureOf, plannedOnScaleKg, TOLERANCE_KG, weighInFigures } from './weighIn.js';
import { runs } from '../testing/runs.js';

const own = (thing: Thing, memberId = 'ada', worn = false): PersonalThing => ({ ...thing, memberId, worn });
const base = aTrip(
  [aMember('ada', { bodyMassKg: 80 }), aMember('ben', { bodyMassKg: 80 })],
  [aThing('tent', { massKg: 2 }), aThing('pot', { massKg: 0.9 })],
  [
    own(aThing('bag', { massKg: 1.2 })),
    own(aThing('clothes', { massKg: 3, massEstimated: true })),
    own(aThing('bits', { massKg: 1, massEstimated: true })),
    own(aThing('jacket', { massKg: 0.9 }), 'ada', true),
    own(aThing('later', { massKg: 5, fromDay: 2 })),
  ],
  2,
);
const trip: Trip = {
  ...base,
  legs: base.legs.map((leg) => ({ ...leg, waterL: 2 })),
  share: [
    { pieceId: 'tent', memberId: 'ada', locked: false },
    { pieceId: 'pot', memberId: 'ben', locked: false },
  ],
};
const tareKg = trip.packs[0]!.tareKg;
const PLANNED = tareKg + 2 + 1.2 + 3 + 1;
const weighed = (measuredKg: number, waterL = 0): WeighIn => ({
  memberId: 'ada',
  measuredKg,
  waterL,
  checked: [],
});

test('the plan for the scale has the water that was in it, not the water of the plan', () => {
  expect(plannedOnScaleKg(trip, trip.members[0]!, 0)).toBeCloseTo(PLANNED, 9);
  expect(plannedOnScaleKg(trip, trip.members[0]!, 1.5)).toBeCloseTo(PLANNED + 1.5, 9);
});

describe('verdicts', () => {
  test.each([
    [PLANNED + 0.29, 'asPlanned'],
    [PLANNED - 0.29, 'asPlanned'],
    // Estimates of 3 and 1 kg, 20 % each, let it be off by √(0.6² + 0.2² + …) ≈ 0.65 kg.
    [PLANNED + 0.6, 'withinEstimates'],
    [PLANNED + 0.9, 'heavier'],
    [PLANNED - 0.9, 'lighter'],
  ])('%p kg: %s', (kg, verdict) => expect(weighInFigures(trip, weighed(kg)).verdict).toBe(verdict));

  test('the spread by hand', () =>
    expect(weighInFigures(trip, weighed(PLANNED)).spreadKg).toBeCloseTo(
      Math.hypot(0.6, 0.2, 0.02 * 2, 0.02 * 1.2, 0.1),
      9,
    ));
  test('the ratio is the one of the day, with all of its water', () => {
    expect(weighInFigures(trip, weighed(16, 2)).ratio).toBeCloseTo(16 / 16, 9);
    expect(weighInFigures(trip, weighed(14, 0)).ratio).toBeCloseTo(16 / 16, 9);
  });
});

describe('culprits', () => {
  const heavy = weighInFigures(trip, weighed(PLANNED + 1));
  test('estimates come first, the largest of them first', () =>
    expect(heavy.culprits.slice(0, 2).map((c) => c.thing.id)).toEqual(['clothes', 'bits']));
  test('each takes its part of the difference by its variance: 0.36 of 0.4144', () => {
    const variance = 0.36 + 0.04 + 0.0016 + 0.000576 + 0.01;
    expect(heavy.culprits[0]!.likelyKg).toBeCloseTo(3 + 0.36 / variance, 9);
    expect(heavy.culprits[1]!.likelyKg).toBeCloseTo(1 + 0.04 / variance, 9);
  });
  test('too heavy by a jacket’s mass: it may be in the pack instead of worn; a pot of that mass may be somebody else’s', () => {
    const { alone } = weighInFigures(trip, weighed(PLANNED + 0.9));
    expect(alone.map((a) => [a.thing.id, a.how, a.otherId])).toEqual([
      ['jacket', 'wornByPlan', undefined],
      ['pot', 'somebodyElses', 'ben'],
    ]);
  });
  test('too light by the tent: it may be missing', () => {
    const { alone } = weighInFigures(trip, weighed(PLANNED - 2));
    expect(alone.map((a) => [a.thing.id, a.how])).toEqual([['tent', 'missing']]);
  });
  test('as planned: nothing is looked for', () =>
    expect(weighInFigures(trip, weighed(PLANNED + 0.2)).alone).toEqual([]));
  test('the likely errors never add up to more than the difference, and all have its sign', () => {
    fc.assert(
      fc.property(
        arbitraryTrip({ members: { min: 1, max: 2 }, pieces: { min: 0, max: 4 } }),
        fc.double({ min: -3, max: 3, noNaN: true }),
        (random, byKg) => {
          const [member] = random.members;
          const plannedKg = plannedOnScaleKg(random, member!, 1);
          const figures = weighInFigures(random, {
            memberId: member!.id,
            measuredKg: plannedKg + byKg,
            waterL: 1,
            checked: [],
          });
          const errors = figures.culprits.map((c) => c.likelyKg - c.plannedKg);
          expect(errors.every((e) => e * byKg >= -1e-9)).toBe(true);
          expect(Math.abs(errors.reduce((a, b) => a + b, 0))).toBeLessThanOrEqual(Math.abs(byKg) + 1e-9);
          expect(figures.verdict === 'asPlanned').toBe(Math.abs(figures.deltaKg) <= TOLERANCE_KG);
        },
      ),
      { numRuns: runs(80) },
    );
  });
});

test('the departure keeps the plan of that moment: pieces with their carriers, loads and limits by day, what was weighed', () => {
  const left = departureOf({ ...trip, weighIns: [weighed(12.3)] }, '2027-05-10T07:40', 'A leader');
  expect(left.share).toEqual([
    { pieceId: 'tent', name: 'tent', massKg: 2, memberId: 'ada' },
    { pieceId: 'pot', name: 'pot', massKg: 0.9, memberId: 'ben' },
  ]);
  expect(left.loads[0]).toMatchObject({ memberId: 'ada', name: 'ada', measuredKg: 12.3, limitKg: [16, 16] });
  expect(left.loads[0]!.plannedKg).toEqual([1, 2].map((d) => dayLoad(trip, trip.members[0]!, d).totalKg));
  expect(left.loads[1]).not.toHaveProperty('measuredKg');
});
