/**
 * What must not lie against what, by contact. A holder that seals, guards or is stiff makes none for what is in it. All
 * of it is common practice, no source.
 */
import { holdingOf } from '../load/holders.js';
import type { Thing } from '../trip/model.js';
import type { ColumnLoader } from './columnLoader.js';
import { has, is, isClothing, isSoft, isWaterBag } from './thingKinds.js';

/** Contact of less than this is an edge, cm² (Graft's own number). */
export const TOUCHES_CM2 = 12;

/** Slivers do not block: below this part of the way out a thing is pushed aside (Graft's own number). */
export const BLOCKS = 0.15;

interface Neighbours {
  readonly id: string;
  /** What does the harm, and what is harmed. */
  readonly from: (thing: Thing) => boolean;
  readonly to: (thing: Thing) => boolean;
  readonly why: string;
}

const isInflatable = (t: Thing): boolean => t.purpose === 'mat' && !has(t, 'ridesOutside');
const isSleeping = is('sleepingBag');

const APART: readonly Neighbours[] = [
  {
    id: 'fuel',
    from: (t) => has(t, 'liquidFuel'),
    to: (t) => isClothing(t) || is('food', 'snack', 'filter', 'waterContainer', 'firstAid', 'sleepingBag')(t),
    why: 'liquid fuel spoils food, filters, bottles, clothes and first aid',
  },
  {
    id: 'points',
    from: (t) => has(t, 'sharp'),
    to: (t) => isInflatable(t) || isWaterBag(t) || isSleeping(t) || (isClothing(t) && isSoft(t)),
    why: 'points go through mats, reservoirs and cloth',
  },
  {
    id: 'wet',
    from: (t) => has(t, 'oftenWet'),
    to: (t) => has(t, 'mustStayDry'),
    why: 'wet things apart from what must stay dry',
  },
  {
    id: 'soap',
    from: (t) => has(t, 'leaks') && t.waterCapacityL === undefined,
    to: is('food', 'snack'),
    why: 'soap, sun cream and the like spoil food',
  },
  {
    id: 'scent',
    from: (t) => has(t, 'scented') && holdingOf(t)?.traits.includes('keepsScent') !== true,
    to: isSleeping,
    why: 'what smells of food does not lie against what is slept in',
  },
];

/** From this on a thing crushes what can be crushed, kg (Graft's own number). */
const CRUSHES_KG = 1;
/** Why one thing must not lie on another; undefined when it may. */
export function crush(low: Thing, onItKg: number): string | undefined {
  return has(low, 'crushable') && onItKg >= CRUSHES_KG
    ? 'it is heavy and lies on what can be crushed'
    : undefined;
}

/** Whether the j-th loaded thing lies on an earlier one: over a good part of it, and against it. @param i less than j */
export function liesOn(loader: ColumnLoader, i: number, j: number): boolean {
  const covers = loader.coversOf(i)[j]!;
  return covers > 0 && covers >= BLOCKS * loader.columnsOf(i) && loader.touchCm2(i, j) >= TOUCHES_CM2;
}

/** What is in a sealing, guarding or stiff holder touches nothing; its holder shows what it does not seal. */
const isSealed = (t: Thing): boolean => (holdingOf(t)?.traits.length ?? 0) > 0;

/** Why two things must not touch; undefined when they may. */
export function clash(a: Thing, b: Thing): string | undefined {
  return APART.find(
    ({ from, to }) => (from(a) && to(b) && !isSealed(b)) || (from(b) && to(a) && !isSealed(a)),
  )?.why;
}
