import fc from 'fast-check';
import { massStepKg, steppedLevel, waterFillLevel } from './waterFill.js';

describe('waterFillLevel', () => {
  // By hand: limits 10 and 20, bases 4 (0.4) and 2 (0.1), 6 kg to share. Filling the second to 0.4 takes 6: level 0.4.
  test('fills the lowest ratio first', () =>
    expect(waterFillLevel([10, 20], [4, 2], 6)).toBeCloseTo(0.4, 12));
  test('then both together: 12 kg, (4+2+12)/30', () =>
    expect(waterFillLevel([10, 20], [4, 2], 12)).toBeCloseTo(0.6, 12));
  test('a base that is already higher takes nothing', () =>
    expect(waterFillLevel([10, 20], [9, 2], 1)).toBeCloseTo(3 / 20, 12));
  test('nothing to share', () => expect(waterFillLevel([10], [3], 0)).toBe(0));
});

describe('massStepKg', () => {
  test('the greatest step that all masses are multiples of', () => {
    expect(massStepKg([0.35, 0.7, 1.05])).toBeCloseTo(0.35, 9);
    expect(massStepKg([1.2, 0.001])).toBeCloseTo(0.001, 9);
    expect(massStepKg([])).toBe(0);
  });
  test('none where something is between the tenths of a gram', () => expect(massStepKg([1, 1 / 3])).toBe(0));
});

test('poured in steps: the lowest level of all ways to pour them, by brute force', () => {
  const share = (
    yards: readonly number[],
    bases: readonly number[],
    steps: number,
    stepKg: number,
  ): number => {
    const [yard, ...others] = yards;
    const [base] = bases;
    if (others.length === 0) return steps === 0 ? 0 : (base! + steps * stepKg) / yard!;
    let best = Infinity;
    for (let k = 0; k <= steps; k += 1)
      best = Math.min(
        best,
        Math.max(
          k === 0 ? 0 : (base! + k * stepKg) / yard!,
          share(others, bases.slice(1), steps - k, stepKg),
        ),
      );
    return best;
  };
  const kg = fc.integer({ min: 50, max: 2000 }).map((n) => n / 100);
  fc.assert(
    fc.property(
      fc.array(fc.tuple(kg, kg), { minLength: 1, maxLength: 4 }),
      fc.integer({ min: 1, max: 14 }),
      fc.constantFrom(0.1, 0.35, 1),
      (cells, steps, stepKg) => {
        const [yards, bases] = [cells.map(([y]) => y), cells.map(([, b]) => b)];
        const level = waterFillLevel(yards, bases, steps * stepKg);
        const stepped = steppedLevel(yards, bases, steps * stepKg, level, stepKg);
        expect(stepped).toBeGreaterThanOrEqual(level - 1e-12);
        expect(stepped).toBeCloseTo(share(yards, bases, steps, stepKg), 6);
      },
    ),
    { seed: 94 },
  );
});
