import { seasonNightC } from './seasonNight.js';

// Mean nightly minima of climate tables, °C, rounded; from memory. A planning guess must not be warmer.
test.each([
  ['a northern city near an ocean, January', 51.5, '2027-01-20', 20, 2],
  ['the same in July', 51.5, '2027-07-20', 20, 14],
  ['a city at the head of a northern fjord, January', 59.9, '2027-01-20', 20, -7],
  ['a plain of 1,600 m below high mountains, January', 39.7, '2027-01-20', 1600, -9],
  ['the same in July', 39.7, '2027-07-20', 1600, 15],
  ['a highland of 1,800 m on the equator, July', -1.3, '2027-07-20', 1795, 11],
  ['a harbour of the far south, July', -54.8, '2027-07-20', 10, -2],
  ['the same in January', -54.8, '2027-01-20', 10, 5],
])('%s: no warmer than the mean minimum, and not absurd', (_where, latitude, date, heightM, meanMinimumC) => {
  const guess = seasonNightC(latitude, date, heightM);
  expect(guess).toBeLessThanOrEqual(meanMinimumC);
  expect(guess).toBeGreaterThan(meanMinimumC - 18);
});
test('a thousand metres higher are 6.5 °C less, and the seasons are turned round south of the equator', () => {
  expect(seasonNightC(47, '2027-05-10', 500) - seasonNightC(47, '2027-05-10', 1500)).toBeCloseTo(6.5, 9);
  expect(seasonNightC(-40, '2027-01-15', 0)).toBeGreaterThan(seasonNightC(-40, '2027-07-15', 0) + 10);
  expect(seasonNightC(40, '2027-01-15', 0)).toBeLessThan(seasonNightC(40, '2027-07-15', 0) - 10);
});
