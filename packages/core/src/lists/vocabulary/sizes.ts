/** Figures in a name that its mass goes with: people, litres, grams of gas, metres, mAh, an area, days. */

export const SIZE_KINDS = ['person', 'l', 'g', 'm', 'mah', 'area', 'days'] as const;
export type SizeKind = (typeof SIZE_KINDS)[number];
export type Sizes = { readonly [K in SizeKind]?: number };

const COUNT_WORDS: Readonly<Record<string, number>> = {
  one: 1,
  solo: 1,
  single: 1,
  two: 2,
  double: 2,
  three: 3,
  four: 4,
  family: 4,
  five: 5,
  six: 6,
  eight: 8,
};
const NUMBER = String.raw`(\d+(?:[.,]\d+)?)`;
const FOR_PEOPLE = new RegExp(
  String.raw`(?<![\w.,])(\d{1,2}|${Object.keys(COUNT_WORDS).join('|')})[\s-]*(?:p|pers\.?|persons?|people|man|men|berth)(?![\w])|\b(solo|family)\b|\bfor\s+(\d{1,2}|${Object.keys(COUNT_WORDS).join('|')})(?!\w|[.,]\d|\s*(?:days?|nights?|meals?|l|kg|g|m)\b)`,
  'i',
);
const AREA = new RegExp(String.raw`${NUMBER}\s*m?\s*[x×]\s*${NUMBER}\s*m?(?!\w)`, 'i');
/** Net masses that gas comes in, g. */
const GAS =
  /\b(?:gas|canister|cartridge|butane)\s*\(?\s*(100|110|190|2[0-5]\d|4[0-5]\d|500)\)?(?!\d|[.,]\d)(?!\s*(?:ml|l|mm|cm|m|kg)\b)/i;
const DAYS = /\bfor\s+(\d{1,2})\s*(?:days?|nights?)\b|(\d{1,2})\s*(?:days?|nights?)\b/i;
/** One day of it. */
const A_DAY = /\b(?:day|night)\s*\d{1,2}\b|\b(?:mon|tues|wednes|thurs|fri|satur|sun)day\b/i;
const DEGREES = /[-−+]?\d+\s*°\s*[cf]?(?![a-z])|[-−+]?\d+\s*(?:degrees?|deg)\b/gi;
const PATTERNS: readonly (readonly [kind: SizeKind, pattern: RegExp, factor: number])[] = [
  ['mah', /(\d+)\s*m\s?ah\b/i, 1],
  ['l', new RegExp(String.raw`${NUMBER}\s*-?\s*(?:litres?|liters?|ltrs?|lt|l)(?![\w])`, 'i'), 1],
  ['l', new RegExp(String.raw`${NUMBER}\s*ml(?![\w])`, 'i'), 0.001],
  ['g', new RegExp(String.raw`${NUMBER}\s*(?:grams?|gr|g)(?![\w])`, 'i'), 1],
  ['m', new RegExp(String.raw`${NUMBER}\s*(?:metres?|meters?|m)(?![\w])`, 'i'), 1],
  ['m', new RegExp(String.raw`${NUMBER}\s*(?:feet|foot|ft)(?![\w])`, 'i'), 0.3048],
];

/** Sizes in a name, and the name without them. */
export function takeSizes(name: string): { readonly sizes: Sizes; readonly rest: string } {
  const sizes: { -readonly [K in SizeKind]?: number } = {};
  let rest = name.replace(DEGREES, ' ').replace(/(\d)[.,\s](\d{3})(?=\s*m\s?ah\b)/i, '$1$2');
  const gas = GAS.exec(rest);
  if (gas !== null) {
    sizes.g = Number(gas[1]);
    rest = rest.replace(gas[1]!, ' ').replace(/^(\s*\S+\s*\(?\s*)(?:grams?|gr|g)\b/i, '$1');
  }
  const days = DAYS.exec(rest);
  const oneDay = A_DAY.exec(rest);
  if (oneDay !== null || days !== null) {
    sizes.days = oneDay === null ? Number(days![1] ?? days![2]) : 1;
    rest = rest.replace((oneDay ?? days)![0], ' ');
  }
  const people = FOR_PEOPLE.exec(rest);
  if (people !== null) {
    const word = (people[1] ?? people[2] ?? people[3])!.toLowerCase();
    sizes.person = COUNT_WORDS[word] ?? Number(word);
    rest = rest.replace(people[0], ' ');
  }
  const area = AREA.exec(rest);
  if (area !== null) {
    sizes.area = decimal(area[1]!) * decimal(area[2]!);
    rest = rest.replace(area[0], ' ');
  }
  for (const [kind, pattern, factor] of PATTERNS) {
    const found = pattern.exec(rest);
    if (found === null || sizes[kind] !== undefined) continue;
    sizes[kind] = decimal(found[1]!) * factor;
    rest = rest.replace(found[0], ' ');
  }
  return { sizes, rest };
}

function decimal(text: string): number {
  return Number(text.replace(',', '.'));
}
