/** What lies over what is wanted soon, what crushes what, pairs that must not touch, and how the house wants things to stand. */
import * as m from './columnMemory';
import * as s from './searchMemory';
import { f, n, putF, putN, things } from './compartment';
import { bottom, covered, firstRow, GAP_CM, lastRow, span, top, touch } from './contact';
import { count, desk, thingAt } from './desk';
import { add } from './energy';
import * as facts from './facts';
import { columnsOf, loaded, turnOf } from './line';

/** Over how many columns of the i-th thing the j-th lies. @param i less than j */
function overOf(i: i32, j: i32): i32 {
  const row = facts.covers + ((<usize>(i * <i32>things)) << 2);
  if (n(facts.rows, i) === 0) {
    putN(facts.rows, i, 1);
    // Not known.
    memory.fill(row, 255, things << 2);
  }
  let over = n(row, j);
  if (over < 0) {
    over = covered(i, j);
    putN(row, j, over);
  }
  return over;
}
/** Whether the j-th thing lies over enough of the i-th to block its way out. @param i less than j */
function isOver(i: i32, j: i32): bool {
  const over = overOf(i, j);
  return over > 0 && <f64>over >= facts.known(s.FACTS_BLOCKS) * <f64>columnsOf(i);
}

/** How many must come out before the i-th thing. */
function coverOf(start: i32): f64 {
  memory.fill(facts.seen, 0, (<usize>count) << 2);
  putN(facts.seen, start, 1);
  putN(facts.todo, 0, start);
  let found: f64 = 0;
  for (let open = 1; open > 0;) {
    open--;
    const at = n(facts.todo, open);
    for (let j = at + 1; j < count; j++) {
      if (n(facts.seen, j) !== 0 || !isOver(at, j)) continue;
      putN(facts.seen, j, 1);
      putN(facts.todo, open, j);
      open++;
      found += 1;
    }
  }
  return found;
}

/** How much food that is eaten later lies over any of the i-th thing, if that is food. */
function laterFoodOver(i: i32): f64 {
  const day = facts.eatenOn(thingAt(i));
  if (day === 0) return 0;
  let found: f64 = 0;
  for (let j = i + 1; j < count; j++) if (facts.eatenOn(thingAt(j)) > day && overOf(i, j) > 0) found += 1;
  return found;
}

function trouble(i: i32, by: f64): void {
  const troubles = s.deskTroubles(desk, things);
  putF(troubles, i, f(troubles, i) + by);
}
function unsafe(i: i32, j: i32): void {
  add(s.DESK_SAFETY, 1);
  trouble(i, facts.known(s.FACTS_TROUBLE_UNSAFE));
  trouble(j, facts.known(s.FACTS_TROUBLE_UNSAFE));
}
/** Note how far a thing reaches, unless that is known. */
function noteSpan(i: i32): void {
  if (n(facts.linesOf, 2 * i) >= 0) return;
  span(i);
  putN(facts.linesOf, 2 * i, firstRow);
  putN(facts.linesOf, 2 * i + 1, lastRow);
  putF(facts.heightsOf, 2 * i, bottom);
  putF(facts.heightsOf, 2 * i + 1, top);
}

/** Whether two things touch: those that are certain to be too far from each other are not looked at. @param i less than j */
function touches(i: i32, j: i32): bool {
  noteSpan(i);
  noteSpan(j);
  if (n(facts.linesOf, 2 * j) > n(facts.linesOf, 2 * i + 1) + 1) return false;
  if (n(facts.linesOf, 2 * i) > n(facts.linesOf, 2 * j + 1) + 1) return false;
  if (f(facts.heightsOf, 2 * j) - f(facts.heightsOf, 2 * i + 1) >= GAP_CM) return false;
  return touch(i, j) >= facts.known(s.FACTS_TOUCHES_CM2);
}

/** What lies over what is wanted soon or eaten first, and how the house wants things to stand. */
export function lookAtReach(): void {
  memory.fill(facts.rows, 0, (<usize>count) << 2);
  memory.fill(facts.linesOf, 255, (<usize>count) << 3);
  const zones = s.deskZones(desk, things);
  for (let i = 0; i < count; i++) {
    const t = thingAt(i);
    const later = laterFoodOver(i);
    add(s.DESK_MISPLACED, facts.known(s.FACTS_LATER_FOOD_OVER) * later);
    trouble(i, facts.known(s.FACTS_TROUBLE_POOR) * later);
    const most = facts.mostOver(t);
    if (most === Infinity) continue;
    facts.useChoice(t, n(zones, i));
    if (facts.isExempt || facts.tooDeep > 0) continue;
    const deep = max(0, coverOf(i) - most);
    add(s.DESK_TOO_DEEP, deep);
    trouble(i, facts.known(s.FACTS_TROUBLE_DEEP) * deep);
  }
  if (load<i32>(desk + s.DESK_HAS_HOUSE) !== 0) lookAtHouse();
}

/** Pairs of which one crushes the other, and pairs that must not touch; who lies over whom is known by then. */
export function lookAtPairs(): void {
  memory.fill(facts.places, 255, (<usize>facts.count(s.FACTS_THINGS)) << 2);
  for (let i = 0; i < count; i++) putN(facts.places, thingAt(i), i);
  for (let k = 0, all = facts.count(s.FACTS_CRUSHES); k < all; k++) {
    const i = n(facts.places, n(facts.crushing, 2 * k));
    const j = n(facts.places, n(facts.crushing, 2 * k + 1));
    if (i >= 0 && j > i && isOver(i, j) && touches(i, j)) unsafe(i, j);
  }
  // A pocket is too small to part them.
  const pocket = load<i32>(desk + s.DESK_ZONE) >= 0;
  for (let k = 0, all = facts.count(s.FACTS_CLASHES); k < all; k++) {
    const i = n(facts.places, n(facts.clashing, 2 * k));
    const j = n(facts.places, n(facts.clashing, 2 * k + 1));
    if (i < 0 || j < 0) continue;
    if (pocket || touches(min(i, j), max(i, j))) unsafe(i, j);
  }
}

/** Uprights that a pack without a frame lacks, and what lies over tall things that are to be drawn out. */
function lookAtHouse(): void {
  const wanted = facts.count(s.FACTS_UPRIGHTS);
  const inColumns = facts.count(s.FACTS_IN_COLUMNS) !== 0;
  let stand = 0;
  for (let i = 0, all = loaded(); i < all; i++) {
    const turn = turnOf(i);
    if (turn === 0 || load<i32>(turn + m.TURN_IS_UPRIGHT) === 0) continue;
    const heightCm = load<f64>(turn + m.TURN_HEIGHT_CM);
    if (heightCm >= facts.known(s.FACTS_STANDS_CM)) stand++;
    if (inColumns && heightCm >= facts.known(s.FACTS_TALL_CM))
      add(s.DESK_MISPLACED, facts.known(s.FACTS_PER_OVER_TALL) * coverOf(i));
  }
  add(s.DESK_MISPLACED, facts.known(s.FACTS_PER_UPRIGHT_MISSING) * <f64>max(0, wanted - stand));
}
