/** How the model's names are said on screen. */
import type { AgeBand, Experience, Flag, Needed, Purpose } from '@graft/core';

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
};
export const AGE_WORDS: Readonly<Record<AgeBand, string>> = { under18: 'under 18', adult: 'adult' };
export const EXPERIENCE_WORDS: Readonly<Record<Experience, string>> = {
  newcomer: 'newcomer',
  regular: 'regular',
  seasoned: 'seasoned',
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
