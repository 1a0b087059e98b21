/** Where each kind of thing belongs, as one table: what the planner, the check and the advice go by, for people to argue with. */
import { starterLibrary } from '../library/starterLibrary.js';
import {
  DEFAULT_HOUSE_RULES,
  HOUSE_RULE_CHOICES,
  type HouseRuleId,
  type HouseRules,
  type Thing,
  type ZoneKind,
} from '../trip/model.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { HOME_RULES } from '../stow/homeRules.js';
import { placementVerdict, type Level } from '../stow/placementRules.js';

export interface PlacesRow {
  readonly ruleId: string;
  /** Things of the starter library and the larder that it is the rule of. */
  readonly things: readonly string[];
  readonly levels: Readonly<Partial<Record<ZoneKind, Level>>>;
  readonly why: string;
  /** The house rule and the choice under which it holds; undefined where practitioners agree. */
  readonly camp: string | undefined;
}

const PACK = cataloguePack(
  'pack',
  PACK_SIZES.find((s) => s.nominalL === 60)!,
);
const TABLE_ZONES: readonly ZoneKind[] = [...new Set(PACK.zones.map((z) => z.kind))];

/** The starter library's things as somebody has them: what is for each is theirs, kits and the rest are the group's. */
export const STARTER_THINGS_IN_PACKS: readonly Thing[] = starterLibrary().flatMap((e): readonly Thing[] => {
  if (e.kind === 'dish' || (e.kind === 'thing' && e.worn)) return [];
  if (e.kind === 'thing') {
    const thing: Thing = { ...e.thing, id: e.id, name: e.name };
    return [e.use === 'each' ? Object.assign({ memberId: 'somebody', worn: false }, thing) : thing];
  }
  return e.pieces.map((p) => ({ ...p.thing, id: `${e.id} ${p.id}`, name: p.name }));
});

/** What the larder and the stoves bring, as the lists make it. */
const larderThing = (name: string, more: Partial<Thing>): Thing => ({
  id: name,
  name,
  massKg: 0.4,
  massEstimated: true,
  volumeL: 0.7,
  shape: { kind: 'pouch' },
  flags: [],
  needed: 'camp',
  purpose: 'food',
  ...more,
});
const LARDER_THINGS: readonly Thing[] = [
  larderThing('Food of later days', {}),
  larderThing('Lunch of today', { needed: 'stop' }),
  larderThing('Snacks in the pocket', { purpose: 'snack', needed: 'walking', massKg: 0.1, volumeL: 0.2 }),
  larderThing('Snacks for stops', { purpose: 'snack', needed: 'stop' }),
  larderThing('Gas canister', { purpose: 'fuel', flags: ['gasFuel', 'hard'] }),
  larderThing('Bottle of liquid fuel', { purpose: 'fuel', flags: ['liquidFuel', 'hard'] }),
];

/** The usual house rules, and each with one of them chosen otherwise. */
function houses(): readonly (readonly [HouseRules, string | undefined])[] {
  const usual = DEFAULT_HOUSE_RULES;
  const others = (Object.keys(HOUSE_RULE_CHOICES) as HouseRuleId[]).flatMap((id) =>
    HOUSE_RULE_CHOICES[id]
      .filter((choice) => choice !== usual[id])
      .map((choice) => [{ ...usual, [id]: choice }, choice] as const),
  );
  return [[usual, undefined], ...others];
}

export function placesTable(): readonly PlacesRow[] {
  const all = houses();
  const known = [...STARTER_THINGS_IN_PACKS, ...LARDER_THINGS];
  return HOME_RULES.flatMap((rule): readonly PlacesRow[] => {
    const isOf = (thing: Thing, house: HouseRules): boolean =>
      HOME_RULES.find((r) => r.applies(thing, house)) === rule;
    const found = all.find(([house]) => known.some((t) => isOf(t, house)));
    if (found === undefined) return [];
    const [house, choice] = found;
    const things = known.filter((t) => isOf(t, house));
    const levels = Object.fromEntries(
      PACK.zones.map((zone) => [zone.kind, placementVerdict(things[0]!, zone, house, PACK).level]),
    );
    return [
      {
        ruleId: rule.id,
        things: [...new Set(things.map((t) => t.name))],
        levels,
        why: rule.why,
        camp: rule.question === undefined ? undefined : `${rule.question}: ${choice ?? house[rule.question]}`,
      },
    ];
  });
}

const MARKS: Readonly<Record<Level, string>> = { good: '●', fair: '○', poor: '·', never: '✕' };
const EXAMPLES = 4;

/** The table as text of `docs/places.md`. */
export function placesText(): string {
  const row = (cells: readonly string[]): string => `| ${cells.join(' | ')} |`;
  const head = ['what', ...TABLE_ZONES, 'why', 'camp'];
  const rows = placesTable().map(({ things, levels, why, camp }) =>
    row([
      things.length > EXAMPLES ? `${things.slice(0, EXAMPLES).join('; ')} …` : things.join('; '),
      ...TABLE_ZONES.map((kind) => MARKS[levels[kind]!]),
      why,
      camp ?? '',
    ]),
  );
  return [
    '# Where things go',
    '',
    'Made by `npm run places` of the rules that the planner, the check and the advice go by: not to be edited. All of it is common practice, no source. Every row is a kind of thing, with examples of the starter library and the larder; the marks are those of the first. ● good, ○ second choice, · poor, ✕ never. The first row that a thing belongs to is its own. Where practitioners disagree, the house rule decides, and each camp has its row.',
    '',
    row(head),
    row(head.map(() => '---')),
    ...rows,
    '',
  ].join('\n');
}
