import { aMember } from '../testing/smallTrip.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { carryLimit } from './carryLimit.js';

const pack60 = cataloguePack(
  'p',
  PACK_SIZES.find((s) => s.nominalL === 60)!,
); // rated 21 kg

// Worked by hand from the definition: min(share × body mass, own cap, pack's rating) × conditions.
describe('carryLimit', () => {
  test('a seasoned walker of 73.6 kg: 25 % is 18.4 kg, and the rating allows more', () => {
    const limit = carryLimit(aMember('a', { bodyMassKg: 73.6, experience: 'seasoned' }), pack60, 1);
    expect(limit.limitKg).toBeCloseTo(18.4, 10);
    expect(limit.reason).toBe(
      "18.4 kg: 25 % of 73.6 kg (Graft's starting guess for a seasoned walker); the pack's rating, 21.0 kg, allows more",
    );
  });
  test.each([
    ['newcomer', 10.5],
    ['regular', 14],
    ['seasoned', 17.5],
  ] as const)('70 kg, %s: %s kg', (experience, expected) => {
    expect(carryLimit(aMember('a', { experience }), pack60, 1).limitKg).toBeCloseTo(expected, 10);
  });
  test('under 18 starts at 15 % and is never above 20 %', () => {
    const young = aMember('a', { bodyMassKg: 60, ageBand: 'under18', experience: 'seasoned' });
    expect(carryLimit(young, pack60, 1).limitKg).toBeCloseTo(9, 10);
    const asked = carryLimit({ ...young, limitShare: 0.25 }, pack60, 1);
    expect(asked.limitKg).toBeCloseTo(12, 10);
    expect(asked.reason).toContain('25 % was asked, 20 % is the bound under 18');
  });
  test('nobody is planned above 30 %', () => {
    expect(carryLimit(aMember('a', { limitShare: 0.4, bodyMassKg: 60 }), pack60, 1).limitKg).toBeCloseTo(
      18,
      10,
    );
  });
  test("the pack's rating binds for a heavy seasoned walker", () => {
    const limit = carryLimit(aMember('a', { bodyMassKg: 98, experience: 'seasoned' }), pack60, 1);
    expect(limit.limitKg).toBe(21);
    expect(limit.reason).toMatch(/^21\.0 kg: the pack's rating; its wearer could carry 24\.5 kg/);
  });
  test("a person's own word lowers the limit", () => {
    const limit = carryLimit(aMember('a', { ownCapKg: 9 }), pack60, 1);
    expect(limit.limitKg).toBe(9);
    expect(limit.reason).toMatch(/^9\.0 kg: the member's own word/);
  });
  test('a condition multiplies the limit on its days only, two multiply together', () => {
    const member = aMember('a', {
      conditions: [
        { label: 'cold', fromDay: 1, toDay: 2, factor: 0.9 },
        { label: 'blister', fromDay: 2, toDay: 3, factor: 0.5 },
      ],
    });
    expect([1, 2, 3, 4].map((day) => carryLimit(member, pack60, day).limitKg)).toEqual([
      expect.closeTo(12.6, 9),
      expect.closeTo(6.3, 9),
      expect.closeTo(7, 9),
      expect.closeTo(14, 9),
    ]);
    expect(carryLimit(member, pack60, 1).reason).toContain('cold: 90 % on days 1–2');
  });
});
