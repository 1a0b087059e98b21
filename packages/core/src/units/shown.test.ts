import { parseQuantity } from './parse.js';
import {
  celsiusOf,
  digitsShown,
  inUnits,
  quantityOf,
  temperatureShown,
  unitShown,
  type Shown,
} from './shown.js';

/** NIST Special Publication 811, appendix B: the factors; the rounding is to what is shown. */
test.each([
  ['12.3 km, 400 m up, 1,250 m down', '7.6 mi, 1,312 ft up, 4,101 ft down'],
  ['from km 3.4 to 12.0', 'from mile 2.1 to 7.5'],
  ['at km 10', 'at mile 6'],
  ['it runs out after 6.2 of 12.0 km', 'it runs out after 3.9 of 7.5 mi'],
  ['the band of "even", 52–61 cm', 'the band of "even", 20–24 in'],
  ['centre of gravity +0.4 cm, −1.2 cm', 'centre of gravity +0.2 in, −0.5 in'],
  ['box 40 × 30 × 12 cm', 'box 16 × 12 × 5 in'],
  ['nights below −2 °C', 'nights below 28 °F'],
  ['nights of −40 to -20 °C', 'nights of −40 to −4 °F'],
  ['6.5 °C less for every 1000 m up', '11.7 °F less for every 3,281 ft up'],
  ['worst −0 °C', 'worst 32 °F'],
  ['is 2.1 kg above the limit', 'is 4.6 lb above the limit'],
  ['up to 0.45 kg', 'up to 15.9 oz'],
  ['move 0.30–1.20 kg across', 'move 0.7–2.6 lb across'],
  ['120 g of gas', '4.2 oz of gas'],
  ['6.2 L do not go in', '378 cu in do not go in'],
  ['day 1 is the driest: each carries 3.0 L', 'day 1 is the driest: each carries 3.2 qt'],
  ['at 0.5 L/h', 'at 0.5 qt/h'],
  ['4.5 kcal/g', '128 kcal/oz'],
  ['0.8 kg/L and up', '50 lb/cu ft and up'],
  ['faster than 4.5 km/h', 'faster than 2.8 mph'],
  // What is no quantity stays.
  [
    '5 min, 3 meals, 12 % of day 2, 20 Larch Lane, L2, 7 h',
    '5 min, 3 meals, 12 % of day 2, 20 Larch Lane, L2, 7 h',
  ],
  ['1 h per 5 km and 1 h per 600 m up', '1 h per 3 mi and 1 h per 1,969 ft up'],
  ['nothing', 'nothing'],
])('"%s" in US customary units', (metric, customary) => {
  expect(inUnits(metric, 'lb')).toBe(customary);
  expect(inUnits(metric, 'kg')).toBe(metric);
});

test('names that look like quantities stay as they are, the longest first, whatever their letter case', () => {
  const names = ['Rope 30 m', 'Rope 30 m, 8 mm', '20 L dry bag (red)', 'Stove'];
  expect(inUnits('rope 30 m, 8 mm and Rope 30 m: 1.8 kg', 'lb', names)).toBe(
    'rope 30 m, 8 mm and Rope 30 m: 4.0 lb',
  );
  expect(inUnits('20 L dry bag (red) is 2.0 L over', 'lb', names)).toBe(
    '20 L dry bag (red) is 122 cu in over',
  );
});

test('what is shown can be typed back: every quantity, in both systems, to the rounding shown', () => {
  const quantities: Shown[] = ['mass', 'volume', 'liquid', 'length', 'distance', 'height', 'duration'];
  for (const quantity of quantities)
    for (const units of ['kg', 'lb'] as const)
      for (const value of [0.4, 1, 7.35, 62]) {
        const { unit, bare, per, decimals } = unitShown(quantity, units);
        const digits = digitsShown(value, quantity, units);
        const kind = quantityOf(quantity);
        for (const typed of [digits, `${digits} ${unit}`]) {
          const read = parseQuantity(typed, kind, bare);
          expect(read.ok).toBe(true);
          expect(Math.abs((read as { value: number }).value - value)).toBeLessThanOrEqual(
            (per * 0.5001) / 10 ** decimals,
          );
        }
      }
});

test('temperatures: the two fixed points of the scale, and back', () => {
  expect([0, 100, -40].map((c) => temperatureShown(c, 'lb'))).toEqual([32, 212, -40]);
  expect([32, 212, -40].map((f) => celsiusOf(f, '°F'))).toEqual([0, 100, -40]);
  expect(temperatureShown(7, 'kg')).toBe(7);
});
