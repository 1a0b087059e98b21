import { aMember } from '../testing/smallTrip.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { childShare } from './age.js';
import { carryLimit } from './carryLimit.js';

const pack = cataloguePack(
  'pack',
  PACK_SIZES.find((s) => s.nominalL === 80)!,
);
const limitKg = (...args: Parameters<typeof aMember>) => carryLimit(aMember(...args), pack, 1).limitKg;

// Advice on school bags: 10 to 15 % of the child (from memory); nothing counts below five.
test.each([
  [0, 0],
  [4, 0],
  [5, 0.1],
  [8.5, 0.125],
  [12, 0.15],
  [16, 0.15],
])('at %d years a child starts with a share of %d', (years, share) => {
  expect(childShare(years)).toBeCloseTo(share, 12);
});

test('a child of nine and 30 kg: 10 % and four sevenths of 5 %, 3.86 kg; one of three: nothing', () => {
  expect(limitKg('c', { ageYears: 9, bodyMassKg: 30 })).toBeCloseTo(30 * (0.1 + (4 / 7) * 0.05), 10);
  expect(limitKg('d', { ageYears: 3, bodyMassKg: 14 })).toBe(0);
});
test('an adult’s word lowers a child’s share, and does not raise it', () => {
  expect(limitKg('c', { ageYears: 9, bodyMassKg: 30, limitShare: 0.05 })).toBeCloseTo(1.5, 10);
  const raised = carryLimit(aMember('c', { ageYears: 5, bodyMassKg: 20, limitShare: 0.3 }), pack, 1);
  expect(raised.limitKg).toBeCloseTo(2, 10);
  expect(raised.reason).toContain('30 % was asked, 10 % is the bound at 5 years');
});
test('at fifteen the bound is that under 18; at eighteen years there is none of age', () => {
  expect(limitKg('e', { ageYears: 15, bodyMassKg: 50, limitShare: 0.3 })).toBeCloseTo(10, 10);
  expect(limitKg('f', { ageYears: 18, bodyMassKg: 50, limitShare: 0.28 })).toBeCloseTo(14, 10);
});
test('what somebody has trained with goes before a guess and says so, within the bounds', () => {
  const trained = carryLimit(aMember('g', { bodyMassKg: 60, trainedKg: 14 }), pack, 1);
  expect(trained.limitKg).toBe(14);
  expect(trained.reason).toContain('has trained with 14.0 kg, which is weaker than a carry trial');
  expect(limitKg('h', { bodyMassKg: 40, trainedKg: 20 })).toBeCloseTo(12, 10);
  // A way of setting limits that the leader chose goes before it.
  expect(limitKg('i', { bodyMassKg: 60, trainedKg: 14, limitPolicy: 'shareOfBodyWeight' })).toBeCloseTo(
    12,
    10,
  );
});
