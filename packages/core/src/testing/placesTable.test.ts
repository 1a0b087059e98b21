import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { HOME_RULES } from '../stow/homeRules.js';
import { zonesThatTake } from '../stow/fitsPack.js';
import { placementVerdict, type Level } from '../stow/placementRules.js';
import { DEFAULT_HOUSE_RULES, type ZoneKind } from '../trip/model.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { placesTable, placesText, STARTER_THINGS_IN_PACKS } from './placesTable.js';

const table = placesTable();
const rowOf = (name: string) => table.find((r) => r.things.includes(name))!;

test('every rule is of some thing, under some house rule', () => {
  expect(HOME_RULES.map((r) => r.id).filter((id) => !table.some((r) => r.ruleId === id))).toEqual([]);
});

test('the text says what the table says now: npm run places writes it', () => {
  const squeezed = (text: string): string => text.replace(/[ -]+/g, ' ');
  const kept = readFileSync(join(__dirname, '../../../../docs/places.md'), 'utf8');
  expect(squeezed(kept)).toBe(squeezed(placesText()));
});

// What experienced packers say, from the domain's words alone.
const SAID: readonly (readonly [string, ZoneKind, readonly Level[]])[] = [
  ['Rain jacket', 'top', ['good']],
  ['Rain jacket', 'bottom', ['poor', 'never']],
  ['Rain jacket', 'lash', ['never']],
  ['Group first aid, up to 4', 'lash', ['never']],
  ['Group first aid, up to 4', 'front', ['good']],
  ['Satellite beacon', 'strap', ['good']],
  ['Satellite beacon', 'core', ['never']],
  ['Own medicines', 'lash', ['never']],
  ['Down jacket', 'lash', ['never']],
  ['Down jacket', 'top', ['good']],
  ['Head torch', 'lash', ['never']],
  ['Head torch', 'lid', ['good']],
  ['Ice axe', 'lash', ['good']],
  ['Walking poles, pair', 'side', ['good']],
  ['Snow shoes', 'lash', ['good']],
  ['Rope, 30 m', 'lash', ['good', 'fair']],
  ['Fly', 'lid', ['never']],
  ['Toilet kit', 'lid', ['good']],
  ['Map and compass', 'hipBelt', ['good']],
  ['Phone', 'hipBelt', ['good']],
  ['Phone', 'core', ['poor', 'never']],
  ['Sleeping bag, three seasons', 'bottom', ['good']],
  ['Sleeping bag, three seasons', 'lash', ['never']],
  ['Foam mat', 'lash', ['good']],
  ['Inflatable mat', 'lash', ['never']],
  ['Bottle, 1 L', 'side', ['good']],
  ['Animal spray', 'strap', ['good']],
  ['Animal spray', 'bottom', ['never', 'poor']],
];
test.each(SAID)('%s in %s: %j', (name, kind, levels) => {
  const thing = STARTER_THINGS_IN_PACKS.find((t) => t.name === name)!;
  const pack = cataloguePack(
    'p',
    PACK_SIZES.find((s) => s.nominalL === 60)!,
  );
  const zone = pack.zones.find((z) => z.kind === kind)!;
  expect(levels).toContain(placementVerdict(thing, zone, DEFAULT_HOUSE_RULES, pack).level);
  expect(rowOf(name)).toBeDefined();
});

// A small pack has no room for what camps and winters ask for.
const TOO_LARGE: Readonly<Record<number, RegExp>> = {
  18: /^(Poles|Camp shoes|Sunglasses in a case|Solar panel|Spotting scope|Hard food container)/,
  30: /^Hard food container/,
  40: /^Hard food container/,
  50: /^Hard food container, 12 L/,
};
test.each(PACK_SIZES.map((s) => [s.nominalL, s] as const))(
  'in a pack of %d L every thing of the starter library has a place that takes it and where it belongs',
  (nominalL, size) => {
    const pack = cataloguePack('p', size);
    const homeless = STARTER_THINGS_IN_PACKS.filter((thing) => {
      const verdicts = zonesThatTake(thing, pack).map((z) =>
        placementVerdict(thing, z, DEFAULT_HOUSE_RULES, pack),
      );
      const good: readonly Level[] = nominalL >= 60 ? ['good'] : ['good', 'fair'];
      return !verdicts.some((v) => good.includes(v.level) && !v.tooDeep);
    }).map((t) => t.name);
    expect(homeless.filter((name) => TOO_LARGE[nominalL]?.test(name) !== true)).toEqual([]);
  },
);
