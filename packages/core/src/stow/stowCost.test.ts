import fc from 'fast-check';
import {
  compareCost,
  energyOf,
  HOLLOW_PERCENT,
  NO_COST,
  STRICT_WEIGHTS,
  WEIGHTS,
  type StowCost,
} from './stowCost.js';

const tenths = (max: number) => fc.integer({ min: 0, max: 10 * max }).map((v) => v / 10);
const arbitraryCost: fc.Arbitrary<StowCost> = fc.record({
  misfit: tenths(3),
  safety: fc.integer({ min: 0, max: 3 }),
  tooDeep: fc.integer({ min: 0, max: 3 }),
  bandMissCm: tenths(5),
  asideCm: tenths(2),
  voidPercent: tenths(10),
  outCm: tenths(20),
  misplaced: tenths(100),
});

describe('what a stow costs', () => {
  test.each([
    ['misfit', 'safety'],
    ['safety', 'tooDeep'],
    ['tooDeep', 'voidPercent'],
  ] as const)('any more of %s is worse than all of %s and what is below', (above, below) => {
    fc.assert(
      fc.property(arbitraryCost, arbitraryCost, (a, b) => {
        const order: readonly (keyof StowCost)[] = ['misfit', 'safety', 'tooDeep', 'voidPercent'];
        const same = Object.fromEntries(order.slice(0, order.indexOf(above)).map((k) => [k, a[k]]));
        const less = { ...b, ...same, [above]: a[above], [below]: 1000 };
        const more = { ...a, [above]: a[above] + 1 };
        expect(compareCost(less, more)).toBeLessThan(0);
        expect(compareCost(more, less)).toBeGreaterThan(0);
      }),
      { seed: 1 },
    );
  });

  /** What is neither too hollow nor too far aside. */
  const tame = (cost: StowCost): StowCost => ({
    ...cost,
    asideCm: Math.min(0.15, cost.asideCm),
    voidPercent: Math.min(HOLLOW_PERCENT, cost.voidPercent),
  });
  /** A cost with the upper tiers of another. */
  const withTiersOf = ({ misfit, safety, tooDeep }: StowCost, cost: StowCost): StowCost => ({
    ...cost,
    misfit,
    safety,
    tooDeep,
  });

  test.each([
    ['hollows that are too many', { voidPercent: HOLLOW_PERCENT + 0.1 }],
    ['a way aside that is too far', { asideCm: 0.25 }],
  ])('%s are worse than any distance from the band and from the back', (_what, much) => {
    fc.assert(
      fc.property(arbitraryCost, arbitraryCost, (a, b) => {
        const far = { ...tame(withTiersOf(a, b)), bandMissCm: 1000, outCm: 1000 };
        expect(compareCost(far, { ...tame(a), ...much })).toBeLessThan(0);
      }),
      { seed: 4 },
    );
  });

  test('inside the band is better than outside however far from the back', () => {
    fc.assert(
      fc.property(arbitraryCost, arbitraryCost, (a, b) => {
        const inside = { ...tame(withTiersOf(a, b)), bandMissCm: 0, outCm: 1000 };
        expect(compareCost(inside, { ...tame(a), bandMissCm: 0.1 })).toBeLessThan(0);
      }),
      { seed: 5 },
    );
  });

  test('outside the band, a centimetre of that is worth two from the back', () => {
    const near = { ...NO_COST, bandMissCm: 3, outCm: 10 };
    expect(compareCost(near, { ...NO_COST, bandMissCm: 2, outCm: 12.1 })).toBeLessThan(0);
    expect(compareCost(near, { ...NO_COST, bandMissCm: 2, outCm: 11.9 })).toBeGreaterThan(0);
  });

  test('is an order: no stow beats itself, and of three the best beats the worst', () => {
    fc.assert(
      fc.property(arbitraryCost, arbitraryCost, arbitraryCost, (...costs) => {
        for (const cost of costs) expect(compareCost(cost, { ...cost })).toBe(0);
        const [best, middle, worst] = [...costs].sort(compareCost);
        expect(compareCost(best!, middle!)).toBeLessThanOrEqual(0);
        expect(compareCost(middle!, worst!)).toBeLessThanOrEqual(0);
        expect(compareCost(best!, worst!)).toBeLessThanOrEqual(0);
      }),
      { seed: 2 },
    );
  });

  test('with the upper tiers alike, the order is that of the energy', () => {
    fc.assert(
      fc.property(arbitraryCost, arbitraryCost, (a, b) => {
        const one = tame(a);
        const other = tame(withTiersOf(a, b));
        fc.pre(one.bandMissCm > 0 === other.bandMissCm > 0);
        const by = energyOf(one, WEIGHTS) - energyOf(other, WEIGHTS);
        if (Math.abs(by) > 1e-6) expect(Math.sign(compareCost(one, other))).toBe(Math.sign(by));
      }),
      { seed: 3 },
    );
  });

  test('a centimetre nearer to the back is worth four places of second hand, and not a litre left out', () => {
    const out = energyOf({ ...NO_COST, outCm: 1 }, WEIGHTS);
    expect(out).toBeGreaterThan(energyOf({ ...NO_COST, misplaced: 4 * 14 }, WEIGHTS));
    expect(out).toBeLessThan(energyOf({ ...NO_COST, misfit: 1 }, WEIGHTS));
    expect(10 * out).toBeLessThan(energyOf({ ...NO_COST, safety: 1 }, STRICT_WEIGHTS));
  });
});
