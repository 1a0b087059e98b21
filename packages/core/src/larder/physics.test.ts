/** Boiling, fuel, energy: checked against published values, named beside each. */
import { boilingPointC, heatToBoilKJ, pressureHPa } from './boiling.js';
import { atwaterKcal, energyNeedKcal } from './energy.js';
import { CANISTER_SIZES, lightestCanisters, type CanisterSize } from './fuelPlan.js';
import { fuelG } from './stoves.js';

describe('boiling', () => {
  test.each([
    // ISO 2533 standard atmosphere, table of pressures (from memory).
    [0, 1013.25],
    [1000, 898.75],
    [2000, 794.95],
    [3000, 701.09],
    [5000, 540.2],
  ])('at %i m the air has %f hPa', (elevationM, hPa) => {
    expect(Math.abs(pressureHPa(elevationM) - hPa)).toBeLessThan(0.1);
  });
  test.each([
    // Steam tables: saturation temperature at that pressure (from memory).
    [0, 99.97],
    [1000, 96.7],
    [2000, 93.3],
    [3000, 90.0],
  ])('at %i m water boils at %f °C', (elevationM, celsius) => {
    expect(Math.abs(boilingPointC(elevationM) - celsius)).toBeLessThan(0.15);
  });
  test('a litre from 20 °C takes 335 kJ at sea level: 4.186 kJ/(kg·K) over 80 K', () => {
    expect(heatToBoilKJ(1, 20, 0, false)).toBeCloseTo(334.9, 0);
  });
  test('a litre out of snow takes 334 kJ more than from 0 °C, whatever start is given', () => {
    expect(heatToBoilKJ(1, 15, 0, true) - heatToBoilKJ(1, 0, 0, false)).toBeCloseTo(334, 9);
  });
  test('nothing boiled takes nothing', () => expect(heatToBoilKJ(0, 5, 500, true)).toBe(0));
});

describe('fuel', () => {
  test('gas at half efficiency: 334.9 kJ / (45.6 kJ/g × 0.5) = 14.7 g', () => {
    expect(fuelG(334.9, 'gasBurner', 'sheltered')).toBeCloseTo(14.69, 2);
  });
  test('alcohol needs about twice the grams of gas: 26.8 against 45.6 kJ/g', () => {
    const ratio = fuelG(300, 'alcohol', 'sheltered') / fuelG(300, 'gasBurner', 'sheltered');
    expect(ratio).toBeCloseTo((45.6 * 0.5) / (26.8 * 0.45), 9);
  });
  test('wind costs a bare burner half as much again, one with an exchanger less', () => {
    const toll = (kind: 'gasBurner' | 'gasExchanger'): number =>
      fuelG(300, kind, 'windy') / fuelG(300, kind, 'sheltered');
    expect(toll('gasBurner')).toBeCloseTo(1.5, 9);
    expect(toll('gasExchanger')).toBeCloseTo(1.3, 9);
  });
});

describe('canisters', () => {
  /** Every combination of up to six of each size. */
  function lightestByTrying(wantedKg: number, sizes: readonly CanisterSize[]): number {
    let best = Infinity;
    const go = (i: number, fuel: number, mass: number): void => {
      if (fuel >= wantedKg - 1e-9) best = Math.min(best, mass);
      if (i === sizes.length) return;
      for (let n = 0; n <= 6; n += 1)
        go(i + 1, fuel + n * sizes[i]!.netKg, mass + n * (sizes[i]!.netKg + sizes[i]!.tareKg));
    };
    go(0, 0, 0);
    return best;
  }
  test.each([0.05, 0.1, 0.11, 0.23, 0.24, 0.33, 0.45, 0.5, 0.7, 0.91, 1.3])(
    'for %f kg the lightest set is as light as the best of all sets tried',
    (wantedKg) => {
      const set = lightestCanisters(wantedKg, CANISTER_SIZES.gasBurner);
      expect(set.reduce((sum, c) => sum + c.netKg, 0)).toBeGreaterThanOrEqual(wantedKg - 1e-9);
      expect(set.reduce((sum, c) => sum + c.netKg + c.tareKg, 0)).toBeCloseTo(
        lightestByTrying(wantedKg, CANISTER_SIZES.gasBurner),
        9,
      );
    },
  );
  test('no fuel, no canister; more than a dozen of the largest are still counted out', () => {
    expect(lightestCanisters(0, CANISTER_SIZES.liquid)).toEqual([]);
    const many = lightestCanisters(3, CANISTER_SIZES.solid);
    expect(many).toHaveLength(27);
  });
});

describe('energy', () => {
  test('Atwater’s factors: 10 g protein, 20 g fat, 50 g carbohydrate are 420 kcal', () => {
    expect(atwaterKcal(10, 20, 50)).toBe(420);
  });
  test('70 kg walking 5 h with a pack: 7 MET × 70 × 5 + 1 MET × 70 × 19 = 3780 kcal (Compendium 2011, from memory)', () => {
    expect(energyNeedKcal(70, 5)).toBe(3780);
    expect(energyNeedKcal(70, 0)).toBe(1680);
  });
});
