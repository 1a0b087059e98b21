/**
 * Reading a list as people write it, a thing a line: "tent 1.9 kg", "2 x socks 80 g", "- rain jacket (340g)",
 * "sleeping bag, 8 L, 1,05 kg", with heads ("GROUP", "Ilse:") that say whose the lines after them are.
 */
import { cut } from '../units/repeated.js';
import { parseQuantity } from '../units/parse.js';
import { headOfLine, isGroupWord, memberOfHead } from './listHeads.js';
import { takeMass } from './massInLine.js';

export interface PastedThing {
  /** Line of the text, from 1. */
  readonly line: number;
  readonly name: string;
  readonly count: number;
  readonly massKg?: number;
  readonly volumeL?: number;
  /** Whose it is, by the last head: a member's name, the group's word, or a kit. */
  readonly list?: string;
}
export interface PastedList {
  readonly things: readonly PastedThing[];
  readonly errors: readonly { readonly line: number; readonly message: string }[];
}

const VOLUME = /(\d+(?:[.,]\d+)?)\s*(l|ml|cu in)\b(?!\w)/gi;
const BULLET = /^\s*(?:[-–•*·☐☑✓✔○●▪◦]|\d{1,2}[.)]|\[[ xX]?\]|\([ xX]?\))\s+/;
const MOST_COUNT = 50;
/** Characters: a name, a mass and a remark. What is longer is no line of a list, and patterns are slow on it. */
const LONGEST_LINE = 1000;

/** "2 x", "2x", "x2", "2 pairs of" at the beginning. */
/** Two sides of a sheet are no count: "8 x 10 ft tarp". */
const SIDES =
  /^\s*\d+(?:[.,]\d+)?\s*(?:m|ft|feet|['′])?\s*[x×]\s*\d+(?:[.,]\d+)?\s*(?:m|ft|feet|['′])?\s+(?:\p{L}+\s+){0,2}(?:tarps?|tarpaulin|ground ?sheet|groundcloth|footprint|fly|net|sheet|awning|basha)\b/iu;
const COUNT_BEFORE =
  /^\s*(?:(\d{1,2})\s*(?:x|×|\*|pcs\.?|pieces?(?:\s+of)?|pairs?(?:\s+of)?|pr\.?|of|no\.?|off)\s+|(\d{1,2})\s*[x×]\s*(?=\p{L})|[x×]\s*(\d{1,2})\s+)/iu;
/** "x2", "× 2", "(2)", "(x2)", "(2x)", "qty 2" at the end. */
const COUNT_AFTER =
  /\s*(?:[,(]?\s*(\d{1,2})\s*(?:pairs?|prs?\.?|pcs\.?|pieces)\)?|[([]\s*(?:[x×]\s*)?(\d{1,2})\s*(?:[x×]|pcs\.?)?\s*[)\]]|(?:\s|^)[x×]\s*(\d{1,2})|\s(?:qty|count|quantity|no)\.?\s*:?\s*(\d{1,2}))\s*$/i;
/** "3 T-shirts", unless the figure is one of the thing: "2 man tent", "3 season bag". */
const COUNT_BARE =
  /^\s*([2-9]|[1-4]\d|50)\s+(?=\p{L})(?!(?:p|spf|factor|hours?|hrs?|pm|am|degrees?|qts?|quarts?|gals?|gallons?|cu|ci|cubic|fl|pers\.?|persons?|people|man|men|berth|seasons?|l|lt|litres?|liters?|ltr|ml|m|metres?|meters?|ft|feet|cm|mm|in|inch|days?|nights?|g|kg|gr|grams?|oz|lbs?|mah|way|burner|flame|piece|ply|layer|litre)\b)/iu;

export interface PasteOptions {
  /** The unit of a mass written as a number alone at the end of a line ("tent 1900"); without, it is part of the name. */
  readonly bareUnit?: 'g' | 'kg' | 'oz' | 'lb';
  /** Names of those on the trip, whose heads are theirs. */
  readonly members?: readonly string[];
  /** Other heads are parts of one member's list and name no kit of the group. */
  readonly isOneMembers?: boolean;
}

export function parseList(
  text: string,
  { bareUnit, members = [], isOneMembers = false }: PasteOptions = {},
): PastedList {
  const things: PastedThing[] = [];
  const errors: { line: number; message: string }[] = [];
  const lines = text.split(/\r\n|\r|\n/);
  const inCapitals = isInCapitals(lines);
  let list: string | undefined;
  lines.forEach((raw, i) => {
    const line = i + 1;
    if (raw.trim() === '') return;
    if (raw.length > LONGEST_LINE) {
      errors.push({
        line,
        message: `expected a line of at most ${LONGEST_LINE} characters, got ${raw.length}`,
      });
      return;
    }
    const head = headOfLine(raw, members, inCapitals);
    if (head !== undefined) {
      list = headed(head, list, members, isOneMembers);
      return;
    }
    const owned = ownedLine(raw, members);
    const read = readLine(owned?.rest ?? raw, bareUnit);
    const whose = owned?.list ?? list;
    if ('error' in read) errors.push({ line, message: read.error });
    else things.push({ line, ...read, ...(whose === undefined ? {} : { list: whose }) });
  });
  return { things, errors };
}

function isInCapitals(lines: readonly string[]): boolean {
  const lettered = lines.filter((l) => l.length <= LONGEST_LINE && /\p{L}/u.test(l));
  return lettered.filter((l) => l === l.toUpperCase()).length > lettered.length / 2;
}

/** Whose the lines after a head are: a part of somebody's list ("Clothes:") is theirs still. */
function headed(
  head: string,
  before: string | undefined,
  members: readonly string[],
  isOneMembers: boolean,
): string | undefined {
  const member = memberOfHead(head, members);
  if (member !== undefined) return member;
  if (isGroupWord(head)) return head;
  const isPart = before === undefined ? isOneMembers : members.includes(before);
  return isPart ? before : head;
}

/** "Ilse: sleeping bag" is hers, and the lines after it are not. */
function ownedLine(raw: string, members: readonly string[]): { list: string; rest: string } | undefined {
  const parts = /^\s*(?:[-–•*·]\s+)?([^:]{1,60}):\s*(\S.*)$/.exec(raw);
  if (parts === null) return undefined;
  const list = memberOfHead(parts[1]!, members) ?? (isGroupWord(parts[1]!) ? parts[1]!.trim() : undefined);
  return list === undefined ? undefined : { list, rest: parts[2]! };
}

/** "Bottle, 1 L" is its name: a volume counts only where a mass stands beside it and the name goes on without it. */
function takeVolume(line: string): { readonly rest: string; readonly volumeL?: number } {
  const volumes = [...line.matchAll(VOLUME)];
  const [volume] = volumes;
  if (
    volume === undefined ||
    volumes.length > 1 ||
    !/[,;\t(]\s*$/.test(line.slice(0, volume.index)) ||
    /bottle|reservoir|flask|container|bladder|canister|pot\b|mug|cup|pack\b|rucksack|(water|food|dry) (bag|sack)|drybag/i.test(
      line,
    )
  )
    return { rest: line };
  const parsed = parseQuantity(volume[0], 'volume', 'l');
  return parsed.ok ? { volumeL: parsed.value, rest: line.replace(volume[0], ' ') } : { rest: line };
}

function takeCount(line: string): { readonly count: number; readonly rest: string } {
  if (SIDES.test(line)) return { count: 1, rest: line };
  const before = COUNT_BEFORE.exec(line) ?? COUNT_BARE.exec(line);
  if (before !== null)
    return { count: Number(before[1] ?? before[2] ?? before[3]), rest: line.slice(before[0].length) };
  const after = COUNT_AFTER.exec(line);
  return after === null
    ? { count: 1, rest: line }
    : { count: Number(after[1] ?? after[2] ?? after[3] ?? after[4]), rest: line.slice(0, after.index) };
}

/** What is left of a line, without "each", empty brackets and stray separators. */
function nameOf(rest: string): string {
  return rest
    .replace(/[[(]\s*(each|per piece|pc\.?|ea\.?|total|in total|in all)?\s*[/,;]?\s*[\])]/gi, ' ')
    .replace(/\b(?:each|ea|in total|in all|total)\b\.?\s*$/i, ' ')
    .replace(/[\s,;:=|@\t–-]+$/g, '')
    .replace(/^[\s,;:=|\t/]+/g, '')
    .replace(/\s+\/\s*$/g, '')
    .replace(/\s+/g, ' ')
    .replace(/[\s,;:]+$/, '');
}

function readLine(
  raw: string,
  bareUnit: PasteOptions['bareUnit'],
): Omit<PastedThing, 'line' | 'list'> | { readonly error: string } {
  const unbulleted = raw.replace(BULLET, '');
  const first = takeCount(unbulleted);
  const mass = takeMass(first.rest, first.count, bareUnit);
  if (!mass.ok) return { error: mass.error };
  const { massKg } = mass;
  // A count at the end may stand before the mass.
  const counted = first.count === 1 ? takeCount(nameOf(mass.rest)) : { ...first, rest: mass.rest };
  if (counted.count < 1 || counted.count > MOST_COUNT)
    return { error: `expected a count from 1 to ${MOST_COUNT}, got "${cut(raw.trim())}"` };
  const { rest, volumeL } = takeVolume(counted.rest);
  const name = nameOf(rest);
  if (!/[\p{L}\d]/u.test(name))
    return { error: `expected a name beside the weight, got "${cut(raw.trim())}"` };
  if (name.length > 120) return { error: `expected a name of at most 120 characters, got ${name.length}` };
  if (massKg !== undefined && massKg > 60)
    return { error: `expected a mass up to 60 kg, got ${massKg} kg in "${cut(raw.trim())}"` };
  return {
    name: name[0]!.toUpperCase() + name.slice(1),
    count: counted.count,
    ...(massKg === undefined ? {} : { massKg }),
    ...(volumeL === undefined ? {} : { volumeL }),
  };
}
