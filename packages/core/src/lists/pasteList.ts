/**
 * Reading a list as people write it, a thing a line: "tent 1.9 kg", "2 x socks 80 g", "- rain jacket (340g)",
 * "sleeping bag, 8 L, 1,05 kg". A line without a mass is an estimate out of the library.
 */
import { cut } from '../units/repeated.js';
import { parseQuantity } from '../units/parse.js';

export interface PastedThing {
  /** Line of the text, from 1. */
  readonly line: number;
  readonly name: string;
  readonly count: number;
  readonly massKg?: number;
  readonly volumeL?: number;
}
export interface PastedList {
  readonly things: readonly PastedThing[];
  readonly errors: readonly { readonly line: number; readonly message: string }[];
}

const MASS = /(\d+(?:[.,]\d+)?)\s*(kg|g|lbs?|oz)\b(?:\s*(\d+(?:[.,]\d+)?)\s*(oz)\b)?/gi;
const VOLUME = /(\d+(?:[.,]\d+)?)\s*(l|ml|cu in)\b(?!\w)/gi;
const COUNT = /^\s*(\d{1,2})\s*(?:x|×|\*|pcs\.?|of)\s+/i;
const BULLET = /^\s*(?:[-–•*·☐☑✓]|\d{1,2}[.)]|\[[ x]?\])\s+/i;
const MOST_COUNT = 50;
/** Characters: a name, a mass and a remark. What is longer is no line of a list, and patterns are slow on it. */
const LONGEST_LINE = 1000;

/**
 * @param bareUnit the unit of a mass written as a number alone at the end of a line ("tent 1900"), or none to read it as
 *   part of the name
 */
export function parseList(text: string, bareUnit?: 'g' | 'kg' | 'oz' | 'lb'): PastedList {
  const things: PastedThing[] = [];
  const errors: { line: number; message: string }[] = [];
  text.split(/\r\n|\r|\n/).forEach((raw, i) => {
    const line = i + 1;
    if (raw.trim() === '') return;
    const read =
      raw.length > LONGEST_LINE
        ? { error: `expected a line of at most ${LONGEST_LINE} characters, got ${raw.length}` }
        : readLine(raw, bareUnit);
    if ('error' in read) errors.push({ line, message: read.error });
    else things.push({ line, ...read });
  });
  return { things, errors };
}

type Taken<K extends string> = { readonly rest: string } & { readonly [key in K]?: number };

/** The one mass of a line; without one, a number alone at its end where such numbers are masses. */
function takeMass(
  line: string,
  bareUnit: string | undefined,
  raw: string,
): Taken<'massKg'> | { readonly error: string } {
  const masses = [...line.matchAll(MASS)];
  if (masses.length > 1) return { error: `expected one mass, got ${masses.length} in "${cut(raw.trim())}"` };
  if (masses[0] !== undefined) {
    const parsed = parseQuantity(masses[0][0], 'mass', 'kg');
    return parsed.ok
      ? { massKg: parsed.value, rest: line.replace(masses[0][0], ' ') }
      : { error: parsed.error };
  }
  const bare = bareUnit === undefined ? null : /(?:^|[\s,;:\t])(\d+(?:[.,]\d+)?)\s*$/.exec(line);
  if (bareUnit === undefined || bare === null) return { rest: line };
  const parsed = parseQuantity(bare[1]!, 'mass', bareUnit);
  return parsed.ok ? { massKg: parsed.value, rest: line.slice(0, bare.index) } : { error: parsed.error };
}

/** "Bottle, 1 L" is its name: a volume counts only where a mass stands beside it and the name goes on without it. */
function takeVolume(line: string): Taken<'volumeL'> {
  const volumes = [...line.matchAll(VOLUME)];
  const [volume] = volumes;
  if (
    volume === undefined ||
    volumes.length > 1 ||
    !/[,;\t(]\s*$/.test(line.slice(0, volume.index)) ||
    /bottle|reservoir|flask|container|pot\b|(water|food|dry) bag/i.test(line)
  )
    return { rest: line };
  const parsed = parseQuantity(volume[0], 'volume', 'l');
  return parsed.ok ? { volumeL: parsed.value, rest: line.replace(volume[0], ' ') } : { rest: line };
}

/** What is left of a line, without "each", empty brackets and stray separators. */
function nameOf(rest: string): string {
  return rest
    .replace(/[[(]\s*(each|per piece|pc\.?)?\s*[\])]/gi, ' ')
    .replace(/\beach\b\s*$/i, ' ')
    .replace(/[\s,;:=|\t–-]+$/g, '')
    .replace(/^[\s,;:=|\t]+/g, '')
    .replace(/\s+/g, ' ')
    .replace(/[\s,;:]+$/, '');
}

function readLine(
  raw: string,
  bareUnit: string | undefined,
): Omit<PastedThing, 'line'> | { readonly error: string } {
  let rest = raw.replace(BULLET, '');
  const counted = COUNT.exec(rest);
  const count = counted === null ? 1 : Number(counted[1]);
  if (counted !== null) rest = rest.slice(counted[0].length);
  if (count < 1 || count > MOST_COUNT)
    return { error: `expected a count from 1 to ${MOST_COUNT}, got "${cut(raw.trim())}"` };
  const mass = takeMass(rest, bareUnit, raw);
  if ('error' in mass) return mass;
  const { massKg } = mass;
  const volume = takeVolume(mass.rest);
  const { volumeL } = volume;
  const name = nameOf(volume.rest);
  if (name === '') return { error: `expected a name beside the mass, got "${cut(raw.trim())}"` };
  if (name.length > 120) return { error: `expected a name of at most 120 characters, got ${name.length}` };
  if (massKg !== undefined && massKg > 60)
    return { error: `expected a mass up to 60 kg, got ${massKg} kg in "${cut(raw.trim())}"` };
  return {
    name: name[0]!.toUpperCase() + name.slice(1),
    count,
    ...(massKg === undefined ? {} : { massKg }),
    ...(volumeL === undefined ? {} : { volumeL }),
  };
}
