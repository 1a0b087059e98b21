/** Names of tokens and how styles refer to them, in few words: worked out when Graft is built, read at every start. */

type Refs = Readonly<Record<string, string>>;
/** Of a group of tokens, those whose reference follows from the name, in one word each, and the others. */
type Group = readonly [names: string, others: Refs];

/** References by category, and by palette. */
export interface TokenNames {
  readonly categories: Readonly<Record<string, Group>>;
  readonly palettes: Readonly<Record<string, Group>>;
}

const PREFIX = '--chakra-';
/** Most names are as they stand, and every start reads hundreds of them. */
const dashed = (path: string): string =>
  /[./A-Z]/.test(path)
    ? path
        .replaceAll(/(\d)\.(?=\d)/g, String.raw`$1\.`)
        .replaceAll(/(?<!\\)\./g, '-')
        .replaceAll('/', String.raw`\/`)
        .replaceAll(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)
    : path;

const namesOf = (category: string): ((name: string) => string) => {
  const head = `var(${PREFIX}${dashed(category)}-`;
  return (name) => `${head}${dashed(name)})`;
};
const PALETTE = `${PREFIX}colors-color-palette`;
/** The shades of a palette, each as it stands in its variable. */
const shadesOf = (palette: string): ((shade: string) => string) => {
  const head = `var(${PREFIX}colors-${dashed(palette)}`;
  return (shade) => `${head}${shade === WHOLE ? '' : shade})`;
};
/** The colour that a palette has no shades of. */
const WHOLE = '-';
const shadeOf = (variable: string): string => variable.slice(PALETTE.length) || WHOLE;
const variableOf = (shade: string): string => PALETTE + (shade === WHOLE ? '' : shade);
const renamed = (refs: Refs, by: (name: string) => string): Refs =>
  Object.fromEntries(Object.entries(refs).map(([name, ref]) => [by(name), ref]));

const group = (refs: Refs, expected: (name: string) => string): Group => {
  const entries = Object.entries(refs);
  const follows = ([name, ref]: readonly [string, string]): boolean =>
    !name.includes(' ') && expected(name) === ref;
  return [
    entries
      .filter(follows)
      .map(([name]) => name)
      .join(' '),
    Object.fromEntries(entries.filter((entry) => !follows(entry))),
  ];
};
const ungroup = ([names, others]: Group, expected: (name: string) => string): Refs =>
  Object.fromEntries([
    ...names
      .split(' ')
      .filter((name) => name !== '')
      .map((name) => [name, expected(name)] as const),
    ...Object.entries(others),
  ]);
const mapped = <T, U>(of: Readonly<Record<string, T>>, by: (value: T, key: string) => U): Record<string, U> =>
  Object.fromEntries(Object.entries(of).map(([key, value]) => [key, by(value, key)]));

/** What a page needs to know of the tokens. */
export interface TokenRefs {
  readonly categories: Readonly<Record<string, Refs>>;
  readonly palettes: Readonly<Record<string, Refs>>;
}

export const shortened = ({ categories, palettes }: TokenRefs): TokenNames => ({
  categories: mapped(categories, (refs, category) => group(refs, namesOf(category))),
  palettes: mapped(palettes, (refs, palette) => group(renamed(refs, shadeOf), shadesOf(palette))),
});

export const readNames = ({ categories, palettes }: TokenNames): TokenRefs => ({
  categories: mapped(categories, (refs, category) => ungroup(refs, namesOf(category))),
  palettes: mapped(palettes, (refs, palette) => renamed(ungroup(refs, shadesOf(palette)), variableOf)),
});

/** The tokens of a look, as the component library has worked them out. */
export const refsOf = (dictionary: {
  readonly categoryMap: ReadonlyMap<string, unknown>;
  readonly getCategoryValues: (category: string) => Refs | null;
  readonly colorPaletteMap: ReadonlyMap<string, ReadonlyMap<string, string>>;
}): TokenRefs => ({
  categories: Object.fromEntries(
    [...dictionary.categoryMap.keys()].map((category) => [
      category,
      dictionary.getCategoryValues(category) ?? {},
    ]),
  ),
  palettes: Object.fromEntries(
    [...dictionary.colorPaletteMap].map(([name, shades]) => [name, Object.fromEntries(shades)]),
  ),
});
