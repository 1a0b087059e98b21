import fc from 'fast-check';
import { aMember } from '../testing/smallTrip.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import type { CarryTrial } from '../trip/model.js';
import { carryLimit } from './carryLimit.js';
import { nonIncreasingFit } from './isotonic.js';
import { fitTrials, trialInWords, trialUncertainty, trialWalks, type TrialFit } from './trialFit.js';
import { runs } from '../testing/runs.js';

describe('isotonic regression', () => {
  // Brute force: the best non-increasing step function is constant on each part of some partition into runs.
  function bruteForce(values: readonly { value: number; weight: number }[]): number {
    let best = Infinity;
    for (let cuts = 0; cuts < 2 ** (values.length - 1); cuts += 1) {
      const runs: { value: number; weight: number }[][] = [[]];
      values.forEach((v, i) => {
        if (i > 0 && (cuts >> (i - 1)) % 2 === 1) runs.push([]);
        runs[runs.length - 1]!.push(v);
      });
      const levels = runs.map(
        (run) => run.reduce((s, v) => s + v.value * v.weight, 0) / run.reduce((s, v) => s + v.weight, 0),
      );
      if (levels.some((level, i) => i > 0 && level > levels[i - 1]! + 1e-12)) continue;
      const cost = runs.reduce(
        (sum, run, i) => sum + run.reduce((s, v) => s + v.weight * (v.value - levels[i]!) ** 2, 0),
        0,
      );
      best = Math.min(best, cost);
    }
    return best;
  }
  test('is as good as the best of all partitions, and never rises', () => {
    const point = fc.record({
      value: fc.integer({ min: 1, max: 10 }),
      weight: fc.integer({ min: 1, max: 4 }),
    });
    fc.assert(
      fc.property(fc.array(point, { minLength: 1, maxLength: 9 }), (values) => {
        const fit = nonIncreasingFit(values);
        expect(fit).toHaveLength(values.length);
        fit.forEach((f, i) => expect(i === 0 || f <= fit[i - 1]! + 1e-12).toBe(true));
        const cost = values.reduce((sum, v, i) => sum + v.weight * (v.value - fit[i]!) ** 2, 0);
        expect(cost).toBeCloseTo(bruteForce(values), 8);
      }),
      { seed: 6, numRuns: runs(300) },
    );
  });
  test('by hand: 9, 7, 8, 4 pools the two that rise', () => {
    const values = [9, 7, 8, 4].map((value) => ({ value, weight: 1 }));
    expect(nonIncreasingFit(values)).toEqual([9, 7.5, 7.5, 4]);
  });
});

const walk = (loadKg: number, comfort: number, minutes = 60, more: Partial<CarryTrial> = {}): CarryTrial => ({
  id: `walk-${loadKg}-${comfort}`,
  date: '2027-03-01',
  loadKg,
  distanceKm: 5,
  climbM: 0,
  minutes,
  comfort,
  interrupted: false,
  ...more,
});
const fitOf = (...carryTrials: CarryTrial[]): TrialFit => {
  const outcome = fitTrials(aMember('a', { carryTrials }));
  if ('lacks' in outcome) throw new Error(outcome.lacks);
  return outcome.fit;
};

describe('a carry trial of somebody of 70 kg', () => {
  test('comfort 9, 8, 5 at 0, 7, 14 kg falls to 6 two thirds of the way from 7 to 14', () => {
    const fit = fitOf(walk(0, 9), walk(7, 8), walk(14, 5));
    expect(fit.limitKg).toBeCloseTo(7 + (2 / 3) * 7, 10);
    expect(fit).toMatchObject({ gaveWay: 'comfort', beyondKg: 0 });
    expect(trialInWords(fit)).toBe('kept the pace, paid in comfort');
  });
  test('pace that falls 15 % before comfort does sets the limit', () => {
    // 60 min unloaded, 75 min with 14 kg: pace 0.8 there, 0.85 at three quarters of the way.
    const fit = fitOf(walk(0, 9, 60), walk(14, 8, 75));
    expect(fit.limitKg).toBeCloseTo(0.75 * 14, 10);
    expect(fit.gaveWay).toBe('pace');
    expect(trialInWords(fit)).toBe('stayed comfortable, paid in pace');
  });
  test('a longer or steeper route is compared by Naismith’s time', () => {
    // 5 km in 60 min, and 5 km with 300 m up in 90 min, are the same pace.
    expect(fitOf(walk(0, 9), walk(14, 8, 90, { climbM: 300 })).pace[1]!.value).toBeCloseTo(1, 10);
  });
  test('nothing gave way: at most 5 % of body weight beyond the heaviest walk, and it says so', () => {
    const fit = fitOf(walk(0, 9), walk(7, 9), walk(14, 9));
    expect(fit.limitKg).toBeCloseTo(14 + 3.5, 10);
    expect(fit).toMatchObject({ gaveWay: 'neither', beyondKg: expect.closeTo(3.5, 10) as number });
    expect(trialInWords(fit)).toBe('kept pace and comfort: could try more');
    const pack = cataloguePack(
      'p',
      PACK_SIZES.find((s) => s.nominalL === 70)!,
    );
    const member = aMember('a', { carryTrials: [walk(0, 9), walk(7, 9), walk(14, 9)] });
    expect(carryLimit(member, pack, 1).reason).toContain('3.5 kg beyond the heaviest walk of 14.0 kg');
  });
  test('a walk broken off counts with its comfort, not its pace', () => {
    const fit = fitOf(walk(0, 9), walk(7, 8), walk(14, 4, 200, { interrupted: true }));
    expect(fit.gaveWay).toBe('comfort');
    expect(fit.pace).toHaveLength(2);
    expect(fit.limitKg).toBeCloseTo(10.5, 10);
  });
  test('without a walk near no load the pace is not judged', () => {
    expect(fitOf(walk(5, 9, 60), walk(14, 8, 120)).pace).toEqual([]);
  });
  test('two walks with one load are averaged', () => {
    expect(fitOf(walk(0, 9), walk(14, 6), walk(14, 4, 61)).comfort[1]!.value).toBe(5);
  });
  test('a floor of one’s own moves the limit', () => {
    const carryTrials = [walk(0, 9), walk(14, 5)];
    const at = (comfortFloor: number): number => {
      const outcome = fitTrials(aMember('a', { carryTrials, comfortFloor }));
      return 'fit' in outcome ? outcome.fit.limitKg : NaN;
    };
    expect(at(7)).toBeCloseTo(7, 10);
    expect(at(5)).toBeCloseTo(14, 10);
  });
  test('comfort below the floor from the start plans the least load there is', () => {
    expect(fitOf(walk(0, 5), walk(7, 4)).limitKg).toBeCloseTo(3.5, 10);
  });
  test.each([
    [[], 'no trial walk yet'],
    [[walk(7, 8)], 'walks with two clearly different loads are needed'],
    [[walk(7, 8), walk(8, 8)], 'walks with two clearly different loads are needed'],
  ])('says what is lacking: %j', (carryTrials, lacks) => {
    expect(fitTrials(aMember('a', { carryTrials }))).toEqual({ lacks });
  });
  test('the limit never grows with a worse mark on any walk', () => {
    const marks = fc.array(fc.integer({ min: 1, max: 10 }), { minLength: 4, maxLength: 4 });
    fc.assert(
      fc.property(marks, fc.integer({ min: 0, max: 3 }), (comforts, worse) => {
        const limit = (c: readonly number[]): number =>
          fitOf(...c.map((mark, i) => walk(i * 5, mark))).limitKg;
        const lowered = comforts.map((c, i) => (i === worse ? Math.max(1, c - 1) : c));
        expect(limit(lowered)).toBeLessThanOrEqual(limit(comforts) + 1e-9);
      }),
      { seed: 8, numRuns: runs(200) },
    );
  });
});

describe('how sure a trial is', () => {
  const member = aMember('a', { carryTrials: [walk(0, 9), walk(7, 8), walk(14, 5)] });
  test('the fitted limit lies within its own spread, the same for the same seed', () => {
    const spread = trialUncertainty(member, 3)!;
    const outcome = fitTrials(member);
    const limitKg = 'fit' in outcome ? outcome.fit.limitKg : NaN;
    expect(spread.lowKg).toBeLessThan(limitKg);
    expect(spread.highKg).toBeGreaterThan(limitKg);
    expect(trialUncertainty(member, 3)).toEqual(spread);
  });
  test('repeated walks make it surer', () => {
    const thrice = [0, 1, 2].flatMap((n) => member.carryTrials.map((t) => ({ ...t, id: `${t.id}-${n}` })));
    const width = (m: typeof member): number => {
      const spread = trialUncertainty(m)!;
      return spread.highKg - spread.lowKg;
    };
    expect(width({ ...member, carryTrials: thrice })).toBeLessThan(width(member));
  });
  test('without a limit there is none', () => expect(trialUncertainty(aMember('a'))).toBeUndefined());
});

test('the three walks: none, a tenth, a fifth; lighter for newcomers and the young; done ones are known', () => {
  const targets = (more: Parameters<typeof aMember>[1]) =>
    trialWalks(aMember('a', more)).map((w) => w.targetKg);
  expect(targets({ bodyMassKg: 70 })).toEqual([0, 7, 14]);
  expect(targets({ bodyMassKg: 70, experience: 'newcomer' })).toEqual([0, 5.5, 10.5]);
  expect(targets({ bodyMassKg: 50, ageBand: 'under18' })).toEqual([0, 4, 7.5]);
  const done = trialWalks(aMember('a', { carryTrials: [walk(0, 9), walk(6, 8)] })).map((w) => w.done.length);
  expect(done).toEqual([1, 1, 0]);
});
