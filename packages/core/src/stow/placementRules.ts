/**
 * Where each kind of thing belongs: the placement rules of the trade, as a table that a reader can argue with.
 * All of it is common practice, no source. Where practitioners disagree the trip's house rules decide.
 *
 * A thing's home rule is the first that applies. Safety rules then forbid zones whatever the home rule likes, and the
 * time a thing is needed marks zones too deep for it.
 */
import type { HouseRules, Needed, Pack, Thing, Zone, ZoneKind } from '../trip/model.js';

export const LEVELS = ['good', 'fair', 'poor', 'never'] as const;
export type Level = (typeof LEVELS)[number];
export interface Verdict {
  readonly level: Level;
  readonly ruleId: string;
  readonly reason: string;
  /** The zone is too deep for when the thing is needed. */
  readonly tooDeep: boolean;
  /** A house rule wants it here, however deep that is. */
  readonly byHouse: boolean;
}

interface HomeRule {
  readonly id: string;
  readonly applies: (thing: Thing, house: HouseRules) => boolean;
  readonly good: readonly ZoneKind[];
  readonly fair: readonly ZoneKind[];
  readonly why: string;
  /** The trip's house rule asks for the good zones: they are never too deep. */
  readonly byHouseRule?: boolean;
  /** A house rule chose depth on purpose: do not mark it too deep. */
  readonly depthChosen?: boolean;
}

const is =
  (...purposes: readonly Thing['purpose'][]) =>
  (thing: Thing): boolean =>
    purposes.includes(thing.purpose);
const isTent = is('tentBody', 'tentFly', 'footprint');
const isFirstAid = is('firstAid');
const isRain = is('rainwear');
const isFood = is('food', 'foodContainer');
const isClothing = is('clothing', 'warmLayer', 'spareClothing', 'handsHead');
const isSoft = (thing: Thing): boolean => thing.shape.kind === 'stuff' || thing.shape.kind === 'pouch';
const has = (thing: Thing, flag: Thing['flags'][number]): boolean => thing.flags.includes(flag);
/** kg/L above which a thing counts as dense (Graft's own number: between clothes and food). */
const DENSE_KG_PER_L = 0.35;
const QUICK: readonly Needed[] = ['walking', 'hurry', 'stop'];

const HOME_RULES: readonly HomeRule[] = [
  {
    id: 'liquid-fuel-outside',
    applies: (t, h) => has(t, 'liquidFuel') && h.fuel === 'liquidOutside',
    good: ['side'],
    fair: ['lash', 'front'],
    why: 'liquid fuel rides outside, upright, away from food: a seal fails one day',
  },
  {
    id: 'liquid-fuel-low',
    applies: (t) => has(t, 'liquidFuel'),
    good: ['bottom'],
    fair: ['side', 'outer'],
    byHouseRule: true,
    why: 'house rule: fuel inside and low',
  },
  {
    id: 'reservoir-top',
    applies: (t, h) => t.purpose === 'waterContainer' && isSoft(t) && h.reservoir === 'top',
    good: ['top'],
    fair: ['sleeve', 'core'],
    byHouseRule: true,
    why: 'house rule: the reservoir goes on top at the end, where pressure cannot burst it',
  },
  {
    id: 'reservoir-sleeve',
    applies: (t) => t.purpose === 'waterContainer' && isSoft(t),
    good: ['sleeve'],
    fair: ['core', 'top'],
    why: 'water is dense: first in, in its sleeve against the back',
  },
  {
    id: 'bottle-side',
    applies: is('waterContainer'),
    good: ['side'],
    fair: ['core', 'front'],
    why: 'bottles one each side, within arm reach, balance each other',
  },
  {
    id: 'poles-down-the-back',
    applies: (t, h) => t.purpose === 'tentPoles' && h.poles === 'downTheBack',
    good: ['core'],
    fair: ['side', 'lash'],
    byHouseRule: true,
    why: 'house rule: poles inside, down the back as a stiffener',
  },
  {
    id: 'long-upright-outside',
    applies: (t) => t.purpose === 'tentPoles' || (t.shape.kind === 'long' && has(t, 'ridesOutside')),
    good: ['side', 'lash'],
    fair: ['core', 'outer'],
    why: 'long things stand upright in a side pocket, pushed down and strapped',
  },
  {
    id: 'tent-top',
    applies: (t, h) => isTent(t) && h.tent === 'top',
    good: ['top'],
    fair: ['outer', 'front', 'lash'],
    byHouseRule: true,
    why: 'house rule: the tent on top, pitched first in rain',
  },
  {
    id: 'tent-round-the-bag',
    applies: (t, h) => isTent(t) && h.tent === 'roundTheBag',
    good: ['bottom'],
    fair: ['outer', 'core'],
    byHouseRule: true,
    why: 'house rule: the tent out of its sack, round the sleeping bag',
  },
  {
    id: 'tent-outside-low',
    applies: (t, h) => isTent(t) && h.tent === 'outsideLow',
    good: ['lash', 'bottom'],
    fair: ['outer', 'core'],
    byHouseRule: true,
    why: 'house rule: the tent strapped low outside',
  },
  {
    id: 'tent-never-upper',
    applies: (t, h) => isTent(t) && h.tent === 'neverUpper',
    good: ['core', 'bottom'],
    fair: ['outer', 'lash'],
    byHouseRule: true,
    why: 'house rule: the tent never rides in the upper part',
  },
  {
    id: 'tent-core',
    applies: isTent,
    good: ['core'],
    fair: ['outer', 'front', 'top'],
    why: 'heavy and wanted first in camp: the tent rides in the middle, against the back',
  },
  {
    id: 'pegs',
    applies: is('tentPegs'),
    good: ['outer', 'side'],
    fair: ['front', 'bottom', 'top'],
    why: 'small, heavy and sharp: bagged and kept off the back',
  },
  {
    id: 'tarp-first',
    applies: is('tarp', 'emergencyShelter'),
    good: ['top', 'front'],
    fair: ['outer', 'lid', 'side'],
    why: 'in rain the tarp goes up before anything else comes out',
  },
  {
    id: 'mat-outside',
    applies: (t) => t.purpose === 'mat' && has(t, 'ridesOutside'),
    good: ['lash'],
    fair: ['bottom', 'outer'],
    why: 'a foam mat may get wet and is light: it rides outside',
  },
  {
    id: 'night-bottom',
    applies: (t) => t.purpose === 'sleepingBag' || t.purpose === 'mat',
    good: ['bottom'],
    fair: ['outer'],
    why: 'last needed and soft: the base of the pack',
  },
  {
    id: 'rain-outer-pocket',
    applies: (t, h) => isRain(t) && h.rainGear === 'outerPocket',
    good: ['front', 'side'],
    fair: ['top', 'lid'],
    byHouseRule: true,
    why: 'house rule: rain gear in an outer pocket',
  },
  {
    id: 'rain-lid',
    applies: (t, h) => isRain(t) && h.rainGear === 'lid',
    good: ['lid'],
    fair: ['top', 'front'],
    byHouseRule: true,
    why: 'house rule: rain gear in the lid',
  },
  {
    id: 'rain-top',
    applies: isRain,
    good: ['top'],
    fair: ['front', 'lid'],
    why: 'rain comes quickly: top of the main compartment',
  },
  {
    id: 'layer-quick',
    applies: (t) => isClothing(t) && QUICK.includes(t.needed),
    good: ['top', 'front'],
    fair: ['lid', 'outer'],
    why: 'a layer for the next stop lies on top',
  },
  {
    id: 'clothes-low',
    applies: isClothing,
    good: ['bottom', 'outer'],
    fair: ['top'],
    why: 'soft and light: fills the bottom and the outer layer, no gaps',
  },
  {
    id: 'food-top',
    applies: (t, h) => isFood(t) && h.food === 'top',
    good: ['top'],
    fair: ['core', 'outer'],
    byHouseRule: true,
    why: 'house rule: food on top',
  },
  {
    id: 'food-lunch-top',
    applies: (t, h) => isFood(t) && h.food === 'split' && QUICK.includes(t.needed),
    good: ['top', 'lid'],
    fair: ['front', 'outer'],
    why: 'what is eaten on the way lies on top; the rest of the food is in the core',
  },
  {
    id: 'food-core',
    applies: isFood,
    good: ['core'],
    fair: ['outer'],
    why: 'food is dense: in the core, against the back',
  },
  {
    id: 'snack-walking',
    applies: (t) => t.purpose === 'snack' && t.needed === 'walking',
    good: ['hipBelt', 'strap'],
    fair: ['side', 'lid'],
    why: 'eaten while walking: reached with the pack on',
  },
  {
    id: 'snack-stop',
    applies: is('snack'),
    good: ['lid', 'top'],
    fair: ['front', 'hipBelt', 'side', 'outer'],
    why: 'eaten at a stop: on top',
  },
  {
    id: 'gas-near-core',
    applies: (t) => has(t, 'gasFuel'),
    good: ['core', 'outer'],
    fair: ['bottom', 'side'],
    why: 'gas is dense and sealed: deep inside, by the pot',
  },
  {
    id: 'cook-core',
    applies: is('stove', 'pot'),
    good: ['core', 'outer'],
    fair: ['top', 'bottom'],
    why: 'metal is dense: close to the back, padded',
  },
  {
    id: 'tableware',
    applies: is('tableware'),
    good: ['outer', 'top'],
    fair: ['front', 'lid', 'side', 'bottom'],
    why: 'cup and spoon fill the outer layer',
  },
  {
    id: 'filter-outside',
    applies: is('filter'),
    good: ['side', 'front'],
    fair: ['lid', 'top'],
    why: 'wet and wanted at every stream: an outer pocket',
  },
  {
    id: 'first-aid-deep',
    applies: (t, h) => isFirstAid(t) && h.firstAid === 'deep',
    good: ['bottom', 'outer'],
    fair: ['top', 'lid'],
    byHouseRule: true,
    why: 'house rule: first aid is rarely used and rides deep',
    depthChosen: true,
  },
  {
    id: 'first-aid-low-own-zip',
    applies: (t, h) => isFirstAid(t) && h.firstAid === 'lowOwnZip',
    good: ['bottom', 'front'],
    fair: ['side', 'outer'],
    byHouseRule: true,
    why: 'house rule: first aid rides low, behind a zip of its own',
    depthChosen: true,
  },
  {
    id: 'first-aid-quick',
    applies: isFirstAid,
    good: ['lid', 'top', 'front'],
    fair: ['side', 'hipBelt'],
    why: 'first aid is found by anybody within seconds: top or an outer pocket',
  },
  {
    id: 'beacon-sky',
    applies: is('beacon'),
    good: ['strap', 'lid'],
    fair: ['hipBelt', 'front', 'top'],
    why: 'a beacon needs open sky and a hand on it',
  },
  {
    id: 'find-the-way',
    applies: is('navigation', 'light'),
    good: ['hipBelt', 'strap', 'lid'],
    fair: ['front', 'top', 'side'],
    why: 'small, and looked for often or in the dark: always in the same pocket',
  },
  {
    id: 'hygiene',
    applies: is('hygiene'),
    good: ['lid', 'front'],
    fair: ['top', 'side', 'hipBelt'],
    why: 'small and wanted without unpacking',
  },
  {
    id: 'repair',
    applies: is('repair'),
    good: ['outer', 'bottom'],
    fair: ['lid', 'front', 'top', 'side'],
    why: 'rarely wanted: in the outer layer',
  },
  {
    id: 'quick-small',
    applies: (t) => t.needed === 'walking' || t.needed === 'hurry',
    good: ['hipBelt', 'strap', 'lid'],
    fair: ['front', 'side', 'top'],
    why: 'wanted quickly: an outside pocket',
  },
  {
    id: 'stop-top',
    applies: (t) => t.needed === 'stop',
    good: ['top', 'lid', 'front'],
    fair: ['side', 'outer'],
    why: 'wanted at stops: on top or in an outer pocket',
  },
  {
    id: 'dense-core',
    applies: (t) => densityKgPerL(t) >= DENSE_KG_PER_L,
    good: ['core'],
    fair: ['outer'],
    why: 'dense: against the back, for a short lever',
  },
  {
    id: 'light-outward',
    applies: () => true,
    good: ['outer'],
    fair: ['top', 'bottom', 'front'],
    why: 'light: outward, where its lever matters least',
  },
];

/** What of a pack the rules on single placements ask for. */
type PackStyle = Pick<Pack, 'lidStyle'>;

interface SafetyRule {
  readonly id: string;
  readonly forbids: (thing: Thing, zone: Zone, house: HouseRules, pack: PackStyle) => boolean;
  readonly why: string;
}

/** Heaviest single thing in the lid by house rule, kg (Graft's own numbers). */
export const HEAVIEST_IN_LID_KG = { light: 0.4, essentials: 0.8, off: 0 } as const;

const SAFETY_RULES: readonly SafetyRule[] = [
  {
    id: 'fuel-not-inside',
    forbids: (t, z, h) =>
      has(t, 'liquidFuel') &&
      !['side', 'lash', 'front', ...(h.fuel === 'insideLow' ? ['bottom', 'outer'] : [])].includes(z.kind),
    why: 'liquid fuel never rides among food, clothes or first aid',
  },
  {
    id: 'gas-not-in-pockets',
    forbids: (t, z) => has(t, 'gasFuel') && ['lid', 'hipBelt', 'strap', 'lash'].includes(z.kind),
    why: 'a gas canister never rides where it falls or is knocked',
  },
  {
    id: 'sharp-not-at-the-back',
    forbids: (t, z) => has(t, 'sharp') && ['core', 'sleeve', 'hipBelt', 'strap'].includes(z.kind),
    why: 'nothing sharp lies against the back or on the body',
  },
  {
    id: 'lid-left-off',
    forbids: (_t, z, h) => z.kind === 'lid' && h.lid === 'off',
    why: 'house rule: the lid stays at home',
  },
  {
    id: 'heavy-not-in-lid',
    forbids: (t, z, h) => z.kind === 'lid' && t.massKg > HEAVIEST_IN_LID_KG[h.lid],
    why: 'a heavy lid sways and makes the neck sore',
  },
  {
    id: 'water-not-in-lid',
    forbids: (t, z) =>
      (t.waterCapacityL !== undefined || has(t, 'leaks')) && ['lid', 'hipBelt', 'strap'].includes(z.kind),
    why: 'what can leak does not ride above the rest',
  },
  {
    id: 'beacon-sky',
    forbids: (t, z) => has(t, 'needsSky') && !['strap', 'lid', 'front', 'top', 'hipBelt'].includes(z.kind),
    why: 'needs open sky',
  },
  {
    id: 'dry-not-outside',
    forbids: (t, z) => has(t, 'mustStayDry') && ['side', 'lash', 'front', 'sleeve'].includes(z.kind),
    why: 'must stay dry: never in an open pocket or outside',
  },
  {
    // Loose things have no bag of their own and the liner is in the main compartment; rain stands on a pocket over the
    // lid's cloth, one that hangs under it is covered (common practice, no source).
    id: 'dry-not-over-the-lid',
    forbids: (t, z, h, pack) =>
      has(t, 'mustStayDry') && z.kind === 'lid' && pack.lidStyle !== 'under' && h.bags === 'looseInLiner',
    why: 'must stay dry: a pocket over the lid is outside the liner',
  },
  {
    id: 'sleeve-is-for-water',
    forbids: (t, z) => z.kind === 'sleeve' && !(t.purpose === 'waterContainer' && isSoft(t)),
    why: 'the sleeve is for the reservoir',
  },
  {
    id: 'outside-only-what-may',
    forbids: (t, z, h) =>
      z.kind === 'lash' &&
      !has(t, 'ridesOutside') &&
      !(h.outside === 'freely' && !has(t, 'crushable')) &&
      !(h.tent === 'outsideLow' && isTent(t)),
    why: 'almost nothing swings outside: it snags, hits rock and gets lost',
  },
  {
    id: 'water-not-in-straps',
    forbids: (t, z) => z.kind === 'lash' && isSoft(t) && (t.waterCapacityL !== undefined || has(t, 'leaks')),
    why: 'a soft reservoir under straps bursts or slips out',
  },
  {
    id: 'crushable-not-below',
    forbids: (t, z) => has(t, 'crushable') && ['bottom', 'side', 'lash'].includes(z.kind),
    why: 'crushed under the load or knocked outside',
  },
];

/** Zones where a thing can be had in time (common practice, no source). */
const IN_TIME: Readonly<Record<Needed, readonly ZoneKind[] | 'any'>> = {
  walking: ['hipBelt', 'strap', 'side', 'sleeve', 'lash'],
  hurry: ['hipBelt', 'strap', 'side', 'front', 'lid', 'top'],
  stop: ['hipBelt', 'strap', 'side', 'front', 'lid', 'top', 'sleeve', 'lash'],
  firstInCamp: ['top', 'lid', 'front', 'side', 'lash', 'outer', 'core'],
  camp: 'any',
};
export const NEEDED_WORDS: Readonly<Record<Needed, string>> = {
  walking: 'wanted while walking',
  hurry: 'wanted in a hurry',
  stop: 'wanted at stops',
  firstInCamp: 'wanted first in camp',
  camp: 'wanted in camp',
};

export function densityKgPerL(thing: Thing): number {
  return thing.volumeL === 0 ? Infinity : thing.massKg / thing.volumeL;
}

/** Whether one rule forbids a zone to a thing: a verdict names only the first that does. */
export function isForbiddenBy(
  ruleId: string,
  thing: Thing,
  zone: Zone,
  house: HouseRules,
  pack: PackStyle,
): boolean {
  return SAFETY_RULES.some((rule) => rule.id === ruleId && rule.forbids(thing, zone, house, pack));
}

/** What the rules say to a thing in a zone. */
export function placementVerdict(thing: Thing, zone: Zone, house: HouseRules, pack: PackStyle): Verdict {
  const broken = SAFETY_RULES.find((rule) => rule.forbids(thing, zone, house, pack));
  const home = homeRule(thing, house);
  const inTime = IN_TIME[thing.needed];
  const houseChoseIt =
    home.depthChosen === true || (home.byHouseRule === true && home.good.includes(zone.kind));
  const tooDeep = inTime !== 'any' && !inTime.includes(zone.kind) && !houseChoseIt;
  const verdict = (level: Level, ruleId: string, reason: string): Verdict => ({
    level,
    ruleId,
    reason,
    tooDeep,
    byHouse: houseChoseIt,
  });
  if (broken !== undefined) return verdict('never', broken.id, broken.why);
  if (tooDeep) return verdict('poor', 'needed-when', `${NEEDED_WORDS[thing.needed]}: too deep here`);
  if (home.good.includes(zone.kind)) return verdict('good', home.id, home.why);
  if (home.fair.includes(zone.kind)) return verdict('fair', home.id, `second choice; ${home.why}`);
  return verdict('poor', home.id, `out of place; ${home.why}`);
}

/** Kinds of zone a thing's home rule likes best, for "would rather be in …". */
export function preferredKinds(thing: Thing, house: HouseRules): readonly ZoneKind[] {
  return homeRule(thing, house).good;
}

function homeRule(thing: Thing, house: HouseRules): HomeRule {
  // The last rule applies to everything.
  return HOME_RULES.find((rule) => rule.applies(thing, house))!;
}

/** Two things that must not lie in one zone, with the reason; undefined when they may. */
export function clash(a: Thing, b: Thing): string | undefined {
  const spoils = (t: Thing): boolean =>
    isClothing(t) || ['food', 'snack', 'firstAid', 'sleepingBag'].includes(t.purpose);
  if ((has(a, 'liquidFuel') && spoils(b)) || (has(b, 'liquidFuel') && spoils(a))) {
    return 'liquid fuel spoils food, clothes and first aid';
  }
  if ((has(a, 'oftenWet') && has(b, 'mustStayDry')) || (has(b, 'oftenWet') && has(a, 'mustStayDry'))) {
    return 'wet things apart from what must stay dry';
  }
  return undefined;
}
