/**
 * Reading quantities as people type them: "1.2 kg", "850g", "2 lb 3 oz", "11 st 4", "3400 cu in", "5 ft 9".
 * A bare number takes the unit the field shows. A decimal comma is read as a point.
 */
import { cut } from './repeated.js';
import {
  CM_PER_IN,
  KG_PER_LB,
  KM_PER_MI,
  KG_PER_OZ,
  KG_PER_STONE,
  L_PER_CU_IN,
  L_PER_US_FL_OZ,
  L_PER_US_QT,
  M_PER_FT,
} from './convert.js';

export type Quantity = 'mass' | 'volume' | 'length' | 'distance' | 'height' | 'duration';
export type Parsed =
  | { readonly ok: true; readonly value: number }
  | { readonly ok: false; readonly error: string };

/** Factors to kg, L, cm, km, m and h. */
const UNITS: Readonly<Record<Quantity, Readonly<Record<string, number>>>> = {
  mass: {
    kg: 1,
    g: 0.001,
    lb: KG_PER_LB,
    oz: KG_PER_OZ,
    st: KG_PER_STONE,
  },
  volume: {
    l: 1,
    ml: 0.001,
    'cu in': L_PER_CU_IN,
    'fl oz': L_PER_US_FL_OZ,
    qt: L_PER_US_QT,
    pt: L_PER_US_QT / 2,
    gal: 4 * L_PER_US_QT,
  },
  length: { cm: 1, mm: 0.1, m: 100, in: CM_PER_IN, ft: M_PER_FT * 100 },
  distance: { km: 1, m: 0.001, mi: KM_PER_MI },
  height: { m: 1, ft: M_PER_FT },
  duration: { h: 1, min: 1 / 60 },
};

/** Other ways in which people write a unit. */
const ALIASES: Readonly<Record<string, string>> = {
  kgs: 'kg',
  kilo: 'kg',
  kilos: 'kg',
  gr: 'g',
  gram: 'g',
  grams: 'g',
  lbs: 'lb',
  pound: 'lb',
  pounds: 'lb',
  ounce: 'oz',
  ounces: 'oz',
  stone: 'st',
  litre: 'l',
  litres: 'l',
  liter: 'l',
  liters: 'l',
  ltr: 'l',
  cuin: 'cu in',
  quart: 'qt',
  quarts: 'qt',
  pint: 'pt',
  pints: 'pt',
  gallon: 'gal',
  gallons: 'gal',
  'cubic inches': 'cu in',
  'cubic inch': 'cu in',
  inch: 'in',
  inches: 'in',
  foot: 'ft',
  feet: 'ft',
  mile: 'mi',
  miles: 'mi',
  hour: 'h',
  hours: 'h',
  minutes: 'min',
};

/** The smaller unit that a bare number after a larger one means ("11 st 4" is 11 stone 4 pounds). */
const FOLLOWS: Readonly<Record<string, string>> = { st: 'lb', lb: 'oz', ft: 'in', h: 'min' };

/** Units of which nobody tells a thousandth. */
const SMALL_UNITS: ReadonlySet<string> = new Set(['g', 'ml']);

const EXAMPLES: Readonly<Record<Quantity, string>> = {
  mass: 'a weight such as "1.2 kg", "850 g", "2 lb 3 oz" or "11 st 4"',
  volume: 'a volume such as "1.5 L", "750 ml" or "3400 cu in"',
  length: 'a length such as "46 cm", "18 in" or "5 ft 9"',
  distance: 'a distance such as "12.5 km" or "8 mi"',
  height: 'a height such as "600 m" or "2000 ft"',
  duration: 'a time such as "5.5 h", "5 h 30" or "45 min"',
};

/**
 * Parse a typed quantity into kg, L, cm, km, m or h.
 *
 * @param text what was typed
 * @param quantity which kind of quantity the field holds
 * @param bareUnit the unit of a number without one, as the field shows it (a key of that quantity's units)
 * @returns the value, or an error that names the text and what was expected; negative values are refused
 */
export function parseQuantity(text: string, quantity: Quantity, bareUnit: string): Parsed {
  const fail: Parsed = { ok: false, error: `expected ${EXAMPLES[quantity]}, got "${cut(text)}"` };
  const units = UNITS[quantity];
  const plain = withoutThousands(text, bareUnit);
  // "3,400" is three thousand to one reader and 3.4 to another: never guess.
  if (/\d,\d{3}(?!\d)/.test(plain)) {
    return {
      ok: false,
      error: `"${cut(text)}" can be read two ways: write it without the comma, or with a point`,
    };
  }
  const cleaned = plain
    .trim()
    .toLowerCase()
    .replace(/(\d),(\d)/g, '$1.$2');
  const parts = [...cleaned.matchAll(/(\d+(?:\.\d+)?|\.\d+)\s*([a-z]+(?:\s[a-z]+)?)?\s*/gy)];
  const consumed = parts.reduce((n, p) => n + p[0].length, 0);
  if (parts.length === 0 || consumed !== cleaned.length) return fail;
  let total = 0;
  let previous: string | undefined;
  for (const part of parts) {
    const said = part[2];
    const unit: string | undefined =
      said === undefined ? (previous === undefined ? bareUnit : FOLLOWS[previous]) : (ALIASES[said] ?? said);
    const factor = unit === undefined ? undefined : units[unit];
    if (unit === undefined) return fail;
    if (factor === undefined) return { ok: false, error: unknownUnit(unit, quantity) };
    // Nobody weighs to the milligram: "2.450" g is as likely two and a half thousand as two and a half.
    if (SMALL_UNITS.has(unit) && /^\d{1,3}\.\d{3}$/.test(part[1]!)) {
      const whole = part[1]!.replace('.', '');
      return {
        ok: false,
        error: `"${cut(text)}" can be read two ways: write ${whole} ${unit} or ${Number(part[1])} ${unit}`,
      };
    }
    // A second part must be in a smaller unit: "2 kg 3 kg" is a slip, not a sum.
    if (previous !== undefined && factor >= (units[previous] ?? 0)) return fail;
    // 1900 g are 1.9 kg, not 1.9000000000000001: what is converted keeps the digits it was written with.
    total += factor === 1 ? Number(part[1]) : Number((Number(part[1]) * factor).toPrecision(15));
    previous = unit;
  }
  return { ok: true, value: total };
}

/** Who writes in feet or cubic inches has the comma for thousands: "3,400 ft" has one reading. */
function withoutThousands(text: string, bareUnit: string): string {
  const said = /[a-z][a-z ]*/i.exec(text)?.[0].trim().toLowerCase() ?? bareUnit;
  return THOUSANDS_UNITS.has(ALIASES[said] ?? said) ? text.replace(/(\d),(\d{3})(?!\d)/g, '$1$2') : text;
}
const THOUSANDS_UNITS: ReadonlySet<string> = new Set(['ft', 'cu in']);

/** What is understood instead of a unit that is not known. */
function unknownUnit(unit: string, quantity: Quantity): string {
  const known = Object.keys(UNITS[quantity]);
  const listed = `${known.slice(0, -1).join(', ')} and ${known[known.length - 1]}`;
  return `"${cut(unit)}" is not known as a unit of ${quantity === 'duration' ? 'time' : quantity}: ${listed} are understood`;
}
