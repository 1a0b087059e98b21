/** What a search knows of its things, and what it charges for: see `SearchFacts` and `tuning.ts`. */
import * as s from './searchMemory';
import { n } from './compartment';

// What a thing is, as bits of its first mark: see `factsMemory.ts`.
export const PINNED: i32 = 1;
export const BOTTLE: i32 = 2;
export const SPENT: i32 = 4;
export const POINTS: i32 = 8;
export const LONG: i32 = 16;

export let facts: usize = 0;
export let days: i32 = 0;
let zones: i32 = 0;
let figures: usize = 0;
let choices: usize = 0;
let marks: usize = 0;
export let byDayL: usize = 0;
export let felt: usize = 0;
export let boxes: usize = 0;
export let places: usize = 0;
export let seen: usize = 0;
export let todo: usize = 0;
export let rows: usize = 0;
export let heightsOf: usize = 0;
export let linesOf: usize = 0;
export let covers: usize = 0;
export let clashing: usize = 0;
export let crushing: usize = 0;

export function useFacts(at: usize): void {
  facts = at;
  const count = <usize>load<i32>(at + s.FACTS_THINGS);
  zones = load<i32>(at + s.FACTS_ZONES);
  days = load<i32>(at + s.FACTS_DAYS);
  const cells = count * <usize>zones;
  const daily = count * <usize>days;
  const square = count * count;
  const pairs = <usize>load<i32>(at + s.FACTS_CLASHES);
  figures = s.factsFigures(at);
  felt = s.factsFelt(at, count);
  choices = s.factsChoices(at, count);
  byDayL = s.factsByDayL(at, count, cells);
  boxes = s.factsBoxes(at, count, cells, daily);
  heightsOf = s.factsHeightsOf(at, count, cells, daily);
  linesOf = s.factsLinesOf(at, count, cells, daily);
  marks = s.factsMarks(at, count, cells, daily);
  places = s.factsPlaces(at, count, cells, daily);
  seen = s.factsSeen(at, count, cells, daily);
  todo = s.factsTodo(at, count, cells, daily);
  rows = s.factsRows(at, count, cells, daily);
  covers = s.factsCovers(at, count, cells, daily);
  clashing = s.factsClashing(at, count, cells, daily, square);
  crushing = s.factsCrushing(at, count, cells, daily, square, pairs);
}

/** What something costs, or another number of the head. */
export function known(field: usize): f64 {
  return load<f64>(facts + field);
}
export function count(field: usize): i32 {
  return load<i32>(facts + field);
}

function figureOf(t: i32, k: usize): f64 {
  return load<f64>(figures + <usize>t * s.FACTS_FIGURES_EACH + (k << 3));
}
export function massOf(t: i32): f64 {
  return figureOf(t, 0);
}
export function heavyOf(t: i32): f64 {
  return figureOf(t, 1);
}
export function litresOf(t: i32): f64 {
  return figureOf(t, 2);
}
export function mostLitresOf(t: i32): f64 {
  return figureOf(t, 3);
}
/** How many may lie over it; infinite where that is all the same. */
export function mostOver(t: i32): f64 {
  return figureOf(t, 4);
}

export function has(t: i32, mark: i32): bool {
  return (n(marks, 2 * t) & mark) !== 0;
}
/** The first day on which it is eaten; 0 for what is not food. */
export function eatenOn(t: i32): i32 {
  return n(marks, 2 * t + 1);
}
// What the rules say of the thing that was asked for in a zone.
export let misplaced: f64 = 0;
export let unsafe: f64 = 0;
export let tooDeep: f64 = 0;
export let isExempt: bool = false;
export function useChoice(t: i32, zone: i32): void {
  const at = choices + <usize>(t * zones + zone) * s.FACTS_CHOICES_EACH;
  misplaced = load<f64>(at);
  unsafe = load<f64>(at + 8);
  tooDeep = load<f64>(at + 16);
  isExempt = load<f64>(at + 24) !== 0;
}

/** The zone of the main compartment that a point is in. */
export function mainZoneAt(y: f64, z: f64): i32 {
  if (z < known(s.FACTS_BOTTOM_TOP)) return count(s.FACTS_BOTTOM_ZONE);
  if (z >= known(s.FACTS_TOP_FLOOR)) return count(s.FACTS_TOP_ZONE);
  return y < known(s.FACTS_CORE_END) ? count(s.FACTS_CORE_ZONE) : count(s.FACTS_OUTER_ZONE);
}

/** How much more it counts when it is left out, having few choices. */
export function fewCounts(t: i32): f64 {
  return figureOf(t, 5);
}
