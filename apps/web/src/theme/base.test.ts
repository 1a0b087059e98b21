import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { defaultConfig } from '@chakra-ui/react/preset';
import { system } from './system';

const SOURCE = join(__dirname, '..');
const files = readdirSync(SOURCE, { recursive: true, encoding: 'utf8' }).filter((f) =>
  /(?<!\.test)\.tsx?$/.test(f),
);
const texts = files.map((file) => readFileSync(join(SOURCE, file), 'utf8'));

/** Chakra's components that are taken, as their recipes are called. */
function recipesNamed(): Set<string> {
  const text = readFileSync(join(__dirname, 'chakra.ts'), 'utf8');
  const names = [...text.matchAll(/export \{([^}]*)\} from/g)].flatMap(([, list]) => list!.split(','));
  const components = names.map((name) => name.trim()).filter((name) => /^[A-Z]/.test(name));
  return new Set(components.map((name) => name[0]!.toLowerCase() + name.slice(1)));
}
const tokenNames = new Set(system.tokens.allTokens.map((token) => token.name));
const { recipes, slotRecipes, tokens } = defaultConfig.theme!;

test('every component that has a recipe in Chakra has it here', () => {
  const named = recipesNamed();
  expect(named.size).toBeGreaterThan(15);
  const wanted = [...Object.keys(recipes!), ...Object.keys(slotRecipes!)].filter((name) => named.has(name));
  expect(wanted.filter((name) => !system.isRecipe(name) && !system.isSlotRecipe(name))).toEqual([]);
});

test('every token that the look and the recipes name is known', () => {
  const { theme } = system._config;
  const recipes = [...Object.values(theme!.recipes!), ...Object.values(theme!.slotRecipes!)];
  const looks = recipes.flatMap((recipe) => [
    recipe.base,
    ...Object.values(recipe.variants ?? {}).flatMap((variant) => Object.values(variant)),
  ]);
  const css = JSON.stringify([
    system.getTokenCss(),
    system.getGlobalCss(),
    ...looks.map((look) => system.css(look ?? {})),
  ]);
  const known = new Set([...css.matchAll(/"(--chakra-[\w\\-]+)":/g)].map(([, name]) => name));
  const named = [...css.matchAll(/var\((--chakra-[\w\\-]+)\)/g)].map(([, name]) => name);
  expect(named.length).toBeGreaterThan(200);
  // A name that is not found stays as it is called.
  const left = [...css.matchAll(/\bcolors[\\.]+[a-z]+[\\.]+\w+/g)].map(([name]) => name.replaceAll('\\', ''));
  expect(left.filter((name) => !tokenNames.has(name))).toEqual([]);
  expect([...new Set(named)].filter((name) => !known.has(name))).toEqual([]);
});

test('every colour that sources name is known', () => {
  const colours = Object.keys(tokens!.colors!).join('|');
  const used = [...texts.join('\n').matchAll(new RegExp(`["'\`](${colours})\\.([0-9a-z]+)["'\`/]`, 'g'))];
  expect(
    used.map(([, name, shade]) => `colors.${name}.${shade}`).filter((name) => !tokenNames.has(name)),
  ).toEqual([]);
});
