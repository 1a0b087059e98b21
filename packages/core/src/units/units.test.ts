import fc from 'fast-check';
import {
  formatMass,
  formatMassChange,
  formatPercent,
  formatSignedCm,
  inSentence,
  massDigits,
} from './format.js';
import { parseQuantity } from './parse.js';
import { formatShape, parseShape } from '../trip/shapeText.js';
import { aThing } from '../testing/smallTrip.js';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { runs } from '../testing/runs.js';

describe('parseQuantity', () => {
  // Factors: NIST Special Publication 811, appendix B (exact).
  test.each([
    ['1.2 kg', 'mass', 'kg', 1.2],
    ['850g', 'mass', 'kg', 0.85],
    ['2 lb 3 oz', 'mass', 'kg', 2 * 0.45359237 + 3 * 0.028349523125],
    ['2 lb 3', 'mass', 'kg', 2 * 0.45359237 + 3 * 0.028349523125],
    ['11 st 4', 'mass', 'kg', 158 * 0.45359237],
    ['162 lb', 'mass', 'kg', 73.48196394],
    ['162', 'mass', 'lb', 73.48196394],
    ['1,9', 'mass', 'kg', 1.9],
    ['.5', 'mass', 'kg', 0.5],
    ['3400 cu in', 'volume', 'l', 55.7160176],
    ['750 ml', 'volume', 'l', 0.75],
    ['32 fl oz', 'volume', 'l', 0.946352946],
    ['5 ft 9', 'length', 'cm', 175.26],
    ['18 in', 'length', 'cm', 45.72],
  ] as const)('%s is %s', (text, quantity, bare, expected) => {
    const parsed = parseQuantity(text, quantity, bare);
    expect(parsed.ok && parsed.value).toBeCloseTo(expected, 9);
  });

  test.each(['', 'heavy', '2 kg 3 kg', '2 oz 1 lb', '-3', '1.2.3', 'NaN'])(
    '"%s" is refused with what was expected',
    (text) => {
      expect(parseQuantity(text, 'mass', 'kg')).toEqual({
        ok: false,
        error: `expected a weight such as "1.2 kg", "850 g", "2 lb 3 oz" or "11 st 4", got "${text}"`,
      });
    },
  );

  test.each([
    ['2 pounds 3 ounces', 'mass', 0.9922],
    ['850 grams', 'mass', 0.85],
    ['11 stone 4', 'mass', 71.668],
    ['1.5 litres', 'volume', 1.5],
    ['5 feet 9 inches', 'length', 175.26],
    ['8 miles', 'distance', 12.8748],
  ] as const)('units in words: %s', (text, quantity, value) => {
    const parsed = parseQuantity(text, quantity, '');
    expect(parsed.ok && parsed.value).toBeCloseTo(value, 3);
  });

  test('a comma that may mean thousands is not guessed at', () => {
    expect(parseQuantity('3,400 g', 'mass', 'kg')).toEqual({
      ok: false,
      error: '"3,400 g" can be read two ways: write it without the comma, or with a point',
    });
    // Who writes feet and cubic inches has one reading of it.
    expect(parseQuantity('3,400 cu in', 'volume', 'l')).toEqual({ ok: true, value: 55.7160176 });
    expect(parseQuantity('1,500', 'height', 'ft')).toEqual({ ok: true, value: 457.2 });
  });
});

describe('format', () => {
  test('one decimal for kg, two under 1 kg, units always shown, differences signed', () => {
    expect(formatMass(12.34)).toBe('12.3 kg');
    expect(formatMass(0.456)).toBe('0.46 kg');
    expect(formatMass(0.9996)).toBe('1.0 kg');
    expect(formatMass(0.45359237 * 2, 'lb')).toBe('2.0 lb');
    expect(formatMass(0.1, 'lb')).toBe('3.5 oz');
    expect(massDigits(1, 'lb')).toBe('2.2');
    expect(formatMassChange(-0.3)).toBe('−0.30 kg');
    expect(formatMassChange(1.25)).toBe('+1.3 kg');
    expect(formatMassChange(0)).toBe('±0 kg');
    expect(formatPercent(0.7142)).toBe('71.4 %');
    expect([formatPercent(0.00641), formatPercent(0.00641, 1, 'up'), formatPercent(0.007, 1, 'up')]).toEqual([
      '0.6 %',
      '0.7 %',
      '0.7 %',
    ]);
    expect([formatPercent(0.8089), formatPercent(0.8089, 1, 'down')]).toEqual(['80.9 %', '80.8 %']);
    expect(formatSignedCm(-0.01)).toBe('+0.0 cm');
    expect(formatSignedCm(-1.23)).toBe('−1.2 cm');
  });
});

describe('terrain and time', () => {
  // NIST SP 811: 1 mi = 1.609344 km, 1 ft = 0.3048 m.
  test.each([
    ['8 mi', 'distance', 'km', 12.874752],
    ['12,5', 'distance', 'km', 12.5],
    ['800 m', 'distance', 'km', 0.8],
    ['2000 ft', 'height', 'm', 609.6],
    ['450', 'height', 'm', 450],
    ['5 h 30', 'duration', 'h', 5.5],
    ['45 min', 'duration', 'h', 0.75],
  ] as const)('%s is a %s of %s %s', (text, quantity, bare, value) => {
    const parsed = parseQuantity(text, quantity, bare);
    expect(parsed.ok ? parsed.value : NaN).toBeCloseTo(value, 9);
  });
  test.each([
    ['8 kg', 'distance', 'km', '"kg" is not known as a unit of distance: km, m and mi are understood'],
    [
      '3 parsecs',
      'mass',
      'kg',
      '"parsecs" is not known as a unit of mass: kg, g, lb, oz and st are understood',
    ],
    ['high', 'height', 'm', 'expected a height such as "600 m" or "2000 ft", got "high"'],
    [
      '30 min 2 h',
      'duration',
      'h',
      'expected a time such as "5.5 h", "5 h 30" or "45 min", got "30 min 2 h"',
    ],
  ] as const)('%s as a %s is refused', (text, quantity, bare, error) => {
    expect(parseQuantity(text, quantity, bare)).toEqual({ ok: false, error });
  });
});

describe('shapes as text', () => {
  test('what is written is read back', () => {
    fc.assert(
      fc.property(arbitraryTrip({ pieces: { min: 1, max: 4 } }), (trip) => {
        for (const { shape } of trip.kits.flatMap((k) => k.pieces)) {
          expect(parseShape(formatShape(shape))).toEqual({ ok: true, shape });
        }
      }),
      { seed: 7, numRuns: runs(40) },
    );
  });
  test('typed by hand', () => {
    expect(parseShape('Block 24x15x9')).toEqual({
      ok: true,
      shape: { kind: 'block', lengthCm: 24, widthCm: 15, heightCm: 9 },
    });
    expect(parseShape('roll 52,5 x 13 cm')).toEqual({
      ok: true,
      shape: { kind: 'roll', lengthCm: 52.5, diameterCm: 13 },
    });
  });
  test.each(['cube 3', 'block 3 x 4', 'roll', 'pouch 3', 'stuff', 'block 0 x 1 x 1'])(
    '"%s" is refused',
    (text) => {
      expect(parseShape(text)).toMatchObject({
        ok: false,
        error: expect.stringContaining(`got "${text}"`) as string,
      });
    },
  );
  test('a default thing is a pouch', () => expect(formatShape(aThing('a').shape)).toBe('pouch'));
});

test('a name within a sentence', () => {
  expect(['Soft bottle, 1 L', 'GPS', 'T-shirt', 'Élan, 2 L', 'rope', ''].map(inSentence)).toEqual([
    'soft bottle, 1 L',
    'GPS',
    't-shirt',
    'élan, 2 L',
    'rope',
    '',
  ]);
});
