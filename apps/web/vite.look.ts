import { runnerImport, type Plugin } from 'vite';
import type { TokenNames, TokenRefs } from './src/theme/tokenNames';

/** The style sheet of the page as a whole, worked out from the theme when Graft is built. */
const themeCss: Plugin = {
  name: 'theme-css',
  async load(id) {
    if (!id.endsWith('/src/theme/theme.css')) return undefined;
    const { module } = await runnerImport<{ themeCss: () => string }>('/src/theme/themeCss.tsx');
    return module.themeCss();
  },
};

const STYLED_SYSTEM = '/@chakra-ui/react/dist/esm/styled-system/';
/** What the component library works out at every start, and what it comes to: that is worked out here once. */
const WORKED_OUT: readonly (readonly [file: string, line: string, instead: string])[] = [
  // `themeCss` has made these styles already.
  ['system', 'const _global = [getPreflightCss(), getGlobalCss(), getTokenCss()];', 'const _global = [];'],
  ['system', 'const result = createPreflight({ preflight });', 'const result = {};'],
  // Each comes with its component.
  ['system', 'return theme.recipes?.[key] ?? fallback;', 'return RECIPES[key] ?? fallback;'],
  ['system', 'return theme.slotRecipes?.[key] ?? fallback;', 'return RECIPES[key] ?? fallback;'],
  // Types are for those who write code.
  ['utility', '    assignPropertyTypes();\n', ''],
  [
    'token-dictionary',
    `  registerTokens();
  registerTransform(...tokenTransforms);
  registerMiddleware(...tokenMiddlewares);
  build();
`,
    `  const { categories, palettes } = readNames(TOKEN_NAMES);
  byCategoryJson = categories;
  for (const [category, refs] of Object.entries(categories)) {
    categoryMap.set(category, new Map());
    for (const [name, ref] of Object.entries(refs)) flatMap.set(category + '.' + name, ref);
  }
  for (const [name, shades] of Object.entries(palettes)) colorPaletteMap.set(name, new Map(Object.entries(shades)));
`,
  ],
];

/** Names of the tokens, as the component library works them out of the theme. */
async function tokenNames(): Promise<TokenNames> {
  const { module: theme } = await runnerImport<{ system: { tokens: unknown } }>('/src/theme/system.ts');
  const { module } = await runnerImport<{
    refsOf: (dictionary: unknown) => TokenRefs;
    shortened: (refs: TokenRefs) => TokenNames;
  }>('/src/theme/tokenNames.ts');
  return module.shortened(module.refsOf(theme.system.tokens));
}

/** The recipes of the components that are loaded. */
const RECIPES = 'graft:recipes';
const RECIPE_OF =
  /\b(createSlotRecipeContext|createRecipeContext|useSlotRecipe|useRecipe)\(\s*\{\s*key: "(\w+)"/g;

/** By the key of each recipe in `recipes.ts`, what it is called there. */
async function recipeNames(): Promise<ReadonlyMap<string, string>> {
  type Recipes = Readonly<Record<string, unknown>>;
  const { module } = await runnerImport<{ recipes: Recipes; slotRecipes: Recipes }>('/src/theme/recipes.ts');
  return new Map([
    ...Object.keys(module.recipes).map((key) => [key, `${key}Recipe`] as const),
    ...Object.keys(module.slotRecipes).map((key) => [key, `${key}SlotRecipe`] as const),
  ]);
}

/** A component brings its recipe with it, so that a page loads the recipes of what it shows. */
function withRecipes(code: string, names: ReadonlyMap<string, string>): string {
  const imports = new Set<string>();
  const made = code.replaceAll(RECIPE_OF, (call, of: string, key: string) => {
    const recipe = names.get(key);
    if (recipe === undefined) return call;
    const file = key.replaceAll(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
    imports.add(`import { ${recipe} } from '../../theme/recipes/${file}.js';\n`);
    return `${of}({ key: known("${key}", ${recipe})`;
  });
  return made === code ? code : `import { known } from '${RECIPES}';\n${[...imports].join('')}${made}`;
}

let names: ReturnType<typeof recipeNames> | undefined;
const workedOut: Plugin = {
  name: 'worked-out',
  apply: 'build',
  resolveId: (id) => (id === RECIPES ? id : undefined),
  load(id) {
    if (id === RECIPES)
      return 'export const RECIPES = {};\nexport const known = (key, recipe) => { RECIPES[key] = recipe; return key; };';
    if (id.endsWith('/src/theme/recipes.ts'))
      return 'export const recipes = {};\nexport const slotRecipes = {};';
    // Their values are in the style sheet.
    return id.endsWith('/src/theme/tokens.ts') ? 'export const tokens = {};' : undefined;
  },
  async transform(code, id) {
    const isComponent = id.includes('/@chakra-ui/react/dist/esm/components/');
    let made = isComponent ? withRecipes(code, await (names ??= recipeNames())) : code;
    if (id.endsWith(`${STYLED_SYSTEM}system.js`)) made = `import { RECIPES } from '${RECIPES}';\n${made}`;
    for (const [file, line, instead] of WORKED_OUT) {
      if (!id.endsWith(`${STYLED_SYSTEM}${file}.js`)) continue;
      if (!made.includes(line)) throw new Error(`${id} has no longer the line ${line}`);
      made = made.replace(line, () => instead);
      if (file === 'token-dictionary')
        made = `import { readNames } from '/src/theme/tokenNames.ts';\nconst TOKEN_NAMES = ${JSON.stringify(await tokenNames())};\n${made}`;
    }
    return made === code ? null : { code: made, map: null };
  },
  async generateBundle(_options, bundle) {
    const texts = Object.values(bundle).map((file) => (file.type === 'chunk' ? file.code : ''));
    for (const key of (await names)?.keys() ?? [])
      if (!texts.some((text) => new RegExp(`\\bkey:\\s*[\\w$]+\\([\`"']${key}\\b`).test(text)))
        throw new Error(`No component brings the recipe ${key} with it.`);
  },
};

export const look: readonly Plugin[] = [themeCss, workedOut];
