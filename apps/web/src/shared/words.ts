/** How the model's names are said on screen. */
import type { TripRole } from '@graft/core/api';
import type {
  AgeBand,
  BodyPlace,
  Experience,
  Flag,
  FoodStorage,
  Ground,
  LimitPolicyId,
  MealKind,
  Needed,
  Purpose,
  Reliance,
  Role,
  Supply,
  Want,
  WaypointKind,
  Wear,
} from '@graft/core/trip';

export const NEEDED_WORDS: Readonly<Record<Needed, string>> = {
  walking: 'while walking',
  hurry: 'in a hurry',
  stop: 'at a stop',
  firstInCamp: 'first in camp',
  camp: 'in camp',
};
export const PURPOSE_WORDS: Readonly<Record<Purpose, string>> = {
  tentBody: 'tent body',
  tentFly: 'tent fly',
  tentPoles: 'tent poles',
  tentPegs: 'tent pegs',
  footprint: 'footprint',
  tarp: 'tarp',
  sleepingBag: 'sleeping bag',
  mat: 'mat',
  clothing: 'clothing',
  rainwear: 'rain gear',
  food: 'food',
  snack: 'snack',
  stove: 'stove',
  pot: 'pot',
  tableware: 'cup and spoon',
  fuel: 'fuel',
  waterContainer: 'water container',
  filter: 'water treatment',
  firstAid: 'first aid',
  beacon: 'beacon',
  navigation: 'navigation',
  light: 'light',
  hygiene: 'hygiene',
  repair: 'repair',
  instrument: 'instrument',
  warmLayer: 'warm layer',
  spareClothing: 'spare clothing',
  handsHead: 'gloves and hat',
  insectNet: 'against insects',
  sun: 'against sun',
  fire: 'fire',
  power: 'power',
  walkingPoles: 'walking poles',
  knife: 'knife',
  signal: 'signal',
  emergencyShelter: 'emergency shelter',
  foodContainer: 'food container',
  animalSpray: 'animal spray',
  water: 'water',
  other: 'other',
};
export const FLAG_WORDS: Readonly<Record<Flag, string>> = {
  hard: 'hard',
  sharp: 'sharp',
  leaks: 'can leak',
  mustStayDry: 'must stay dry',
  oftenWet: 'often wet',
  scented: 'scented',
  crushable: 'crushable',
  needsSky: 'needs sky',
  liquidFuel: 'liquid fuel',
  gasFuel: 'gas',
  ridesOutside: 'rides outside',
  battery: 'battery',
};
export const WANT_WORDS: Readonly<Record<Want, string>> = { required: 'required', optional: 'optional' };
export const WEAR_WORDS: Readonly<Record<Wear, string>> = {
  good: 'good',
  worn: 'worn',
  needsRepair: 'needs repair',
};
export const AGE_WORDS: Readonly<Record<AgeBand, string>> = { under18: 'under 18', adult: 'adult' };
export const EXPERIENCE_WORDS: Readonly<Record<Experience, string>> = {
  newcomer: 'newcomer',
  regular: 'regular',
  seasoned: 'seasoned',
};

export const ROLE_WORDS: Readonly<Record<TripRole, { readonly label: string; readonly about: string }>> = {
  owner: { label: 'owner', about: 'You own it.' },
  full: { label: 'may change everything', about: 'You may change everything in it.' },
  read: { label: 'may look only', about: 'You may look at everything and change nothing.' },
};
export const GROUND_WORDS: Readonly<Record<Ground, string>> = {
  track: 'track',
  path: 'path',
  moor: 'moor',
  scramble: 'scramble',
  climbing: 'climbing',
  snow: 'snow',
  glacier: 'glacier',
};
export const WAYPOINT_WORDS: Readonly<Record<WaypointKind, string>> = {
  water: 'water',
  resupply: 'resupply',
  handIn: 'kit leaves',
  shelter: 'shelter',
  hazard: 'hazard',
  other: 'other',
};
export const RELIANCE_WORDS: Readonly<Record<Reliance, string>> = {
  sure: 'sure',
  seasonal: 'seasonal',
  unsure: 'unsure',
};
export const FOOD_STORAGE_WORDS: Readonly<Record<FoodStorage, string>> = {
  none: 'no rule',
  hang: 'hung at night',
  container: 'hard container, carried',
  locker: 'lockers at the camps',
};
export const SUPPLY_WORDS: Readonly<Record<Supply['state'], string>> = {
  sure: 'sure and good',
  ask: 'ask first',
  bringOwn: 'bring your own',
};
export const LIMIT_POLICY_WORDS: Readonly<Record<LimitPolicyId, string>> = {
  shareOfBodyWeight: 'share of body',
  carryTrial: 'carry trial',
  twoThirds: 'two-thirds',
};
export const DAY_ROLE_WORDS: Readonly<Record<Role, string>> = {
  medic: 'Medic',
  scribe: 'Scribe',
  navigator: 'Navigator',
  cook: 'Cook',
};

export const MEAL_WORDS: Readonly<Record<MealKind, string>> = {
  breakfast: 'Breakfast',
  lunch: 'Lunch',
  dinner: 'Dinner',
};

export const BODY_WORDS: Readonly<Record<BodyPlace, string>> = {
  neck: 'neck',
  shoulders: 'shoulders',
  upperBack: 'upper back',
  lowerBack: 'lower back',
  hips: 'hips',
  hands: 'hands, arms',
  knees: 'knees',
  ankles: 'ankles',
  feet: 'feet',
};

export function optionsOf<K extends string>(
  words: Readonly<Record<K, string>>,
): readonly (readonly [K, string])[] {
  return Object.entries(words) as unknown as readonly (readonly [K, string])[];
}

/** "1 kit", "3 kits". */
export function counted(count: number, noun: string): string {
  return `${count} ${noun}${count === 1 ? '' : 's'}`;
}
