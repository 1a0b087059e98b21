import fc from 'fast-check';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { handOver } from '../trip/changes.js';
import type { Trip } from '../trip/model.js';
import { asWalked } from './asWalked.js';
import { dayMoments, loadSteps } from './loadSteps.js';
import { runs } from '../testing/runs.js';

const plan: Trip = (() => {
  const base = aTrip(
    [aMember('ada', { bodyMassKg: 80 }), aMember('ben', { bodyMassKg: 80 })],
    [
      aThing('tent', { massKg: 2 }),
      aThing('fly', { massKg: 1, wetFactor: 1.3 }),
      aThing('stew', {
        massKg: 0.6,
        purpose: 'food',
        consumption: { fromDay: 1, toDay: 1, residueKg: 0.1 },
      }),
      aThing('gas', { massKg: 0.4, purpose: 'fuel', consumption: { fromDay: 1, toDay: 3, residueKg: 0.1 } }),
      aThing('parcel', { massKg: 0.9, fromDay: 3 }),
    ],
    [
      {
        ...aThing('bars', {
          massKg: 0.3,
          purpose: 'snack',
          consumption: { fromDay: 1, toDay: 3, residueKg: 0 },
        }),
        memberId: 'ada',
        worn: false,
      },
    ],
    3,
  );
  return handOver(
    {
      ...base,
      legs: base.legs.map((leg, i) => ({
        ...leg,
        distanceKm: 10,
        waterL: 1 + i,
        campWaterL: i === 1 ? 2 : 0,
        afterRain: i === 1,
      })),
      share: base.kits[0]!.pieces.map((p) => ({ pieceId: p.id, memberId: 'ada', locked: false })),
    },
    3,
    [{ pieceId: 'tent', toMemberId: 'ben' }],
    'tired',
  );
})();
const [ada, ben] = [plan.members[0]!, plan.members[1]!];

test('a day’s step by hand: what was eaten, burnt, wet, and the water', () => {
  const [second, third] = loadSteps(plan, ada);
  expect(second).toMatchObject({ day: 2 });
  // Stew 0.5 and a third of the bars; a third of the gas; the fly wet by 0.3; water 1 → 2 + 2.
  expect(second!.parts).toEqual([
    { cause: 'water', kg: 3, names: [] },
    { cause: 'eaten', kg: expect.closeTo(-0.6, 9) as number, names: ['stew', 'bars'] },
    { cause: 'wet', kg: expect.closeTo(0.3, 9) as number, names: ['fly'] },
    { cause: 'burnt', kg: expect.closeTo(-0.1, 9) as number, names: ['gas'] },
  ]);
  expect(second!.deltaKg).toBeCloseTo(2.6, 9);
  expect(third!.parts).toEqual([
    { cause: 'given', kg: -2, names: ['tent'], otherId: 'ben' },
    { cause: 'water', kg: -1, names: [] },
    { cause: 'joins', kg: expect.closeTo(0.9, 9) as number, names: ['parcel'] },
    { cause: 'dry', kg: expect.closeTo(-0.3, 9) as number, names: ['fly'] },
    { cause: 'eaten', kg: expect.closeTo(-0.1, 9) as number, names: ['bars'] },
    { cause: 'burnt', kg: expect.closeTo(-0.1, 9) as number, names: ['gas'] },
  ]);
  expect(loadSteps(plan, ben)[1]!.parts).toEqual([
    { cause: 'taken', kg: 2, names: ['tent'], otherId: 'ada' },
    { cause: 'water', kg: -1, names: [] },
  ]);
});

test('the parts of a step add up to it, whatever the trip and what happened on it', () => {
  fc.assert(
    fc.property(arbitraryTrip({ members: { min: 1, max: 4 }, handovers: 5 }), (random) => {
      const trip = asWalked(random);
      for (const member of trip.members)
        for (const step of loadSteps(trip, member))
          expect(step.parts.reduce((sum, p) => sum + p.kg, 0)).toBeCloseTo(step.deltaKg, 9);
    }),
    { numRuns: runs(100) },
  );
});

describe('moments of a day', () => {
  const withSpring: Trip = {
    ...plan,
    waypoints: [{ id: 'w', name: 'Spring', kind: 'water', atKm: 15, reliance: 'sure' }],
  };
  test('a dry camp’s water is taken at the spring on the way, and is still there in the evening', () => {
    // Day 2, after water: pack, tent 2, fly 1.3, stew 0.1, gas 0.3, bars 0.2, water 2 + 2.
    const tare = plan.packs[0]!.tareKg;
    const moments = dayMoments(withSpring, ada, 2);
    expect(moments.afterWaterKg).toBeCloseTo(tare + 7.9, 9);
    expect(moments.morningKg).toBeCloseTo(tare + 5.9, 9);
    // The way's two litres are drunk, and a third of the bars eaten.
    expect(moments.eveningKg).toBeCloseTo(tare + 5.8, 9);
  });
  test('without a sure source on the way all of it is carried from the morning on', () => {
    const unsure: Trip = {
      ...withSpring,
      waypoints: withSpring.waypoints.map((w) => ({ ...w, reliance: 'unsure' })),
    };
    const moments = dayMoments(unsure, ada, 2);
    expect(moments.morningKg).toBe(moments.afterWaterKg);
  });
  test('a morning is never heavier than after water, an evening neither', () => {
    fc.assert(
      fc.property(arbitraryTrip({ members: { min: 1, max: 3 } }), (random) => {
        const trip = asWalked(random);
        for (const member of trip.members)
          trip.legs.forEach((_leg, i) => {
            const m = dayMoments(trip, member, i + 1);
            expect(m.morningKg).toBeLessThanOrEqual(m.afterWaterKg + 1e-9);
            expect(m.eveningKg).toBeLessThanOrEqual(m.afterWaterKg + 1e-9);
          });
      }),
      { numRuns: runs(60) },
    );
  });
});
