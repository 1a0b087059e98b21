/** A compartment of a search, loaded as it is to be and looked at: its figures, and how each of its things stands. */
import * as m from './columnMemory';
import * as s from './searchMemory';
import { cellCm, columns, f, n, nx, parts, putF, putN, slabEnd, things, y0 } from './compartment';
import {
  columnsOf,
  filledCm3,
  loaded,
  measure,
  middleX,
  middleY,
  middleZ,
  overAt,
  stageAt,
  turnOf,
  voidAt,
} from './line';
import { count, desk, loadNext, openDesk, takeOutWrong, thingAt, xAt, yAt } from './desk';
import { add, energy, mostEnergy, others, useLimit, voidPercent, weight } from './energy';
import * as facts from './facts';
import { lookAtPairs, lookAtReach } from './reach';
import { lookAtCrevices, lookAtRoom } from './room';
import { lookAtStanding } from './standing';

export { keepDesk } from './desk';

/** More than this over is worth a move, cm³. */
const NOTICEABLE_CM3: f64 = 1;
const TINY: f64 = 1e-6;

/**
 * Load a desk's compartment and look at it.
 *
 * @param limit address of what the whole may come to; 0 when it may be anything
 * @returns false when the whole is certain to be above that: it is then not looked at to the end
 */
export function look(at: usize, limit: usize): bool {
  openDesk(at);
  facts.useFacts(<usize>load<i32>(at + s.DESK_FACTS));
  const isLimited = limit !== 0;
  useLimit(limit);
  if (!loadAll(isLimited)) return false;
  memory.fill(at, 0, s.DESK_FLOOR_CM);
  const pocket = load<i32>(at + s.DESK_ZONE);
  let isStanding = pocket >= 0;
  for (let i = 0; i < count; i++) {
    if (facts.has(thingAt(i), facts.BOTTLE)) isStanding = true;
    lookAt(i, pocket);
  }
  if (isStanding) lookAtStanding();
  lookAtRoom();
  if (isLimited && energy() > mostEnergy()) return false;
  lookAtCrevices();
  if (isLimited && energy() > mostEnergy()) return false;
  lookAtReach();
  if (isLimited && energy() > mostEnergy()) return false;
  lookAtPairs();
  return true;
}

/** Load what is to be in; false as soon as the whole is above the limit whatever is still to come. */
function loadAll(isLimited: bool): bool {
  let i = takeOutWrong();
  const isMended = facts.count(s.FACTS_IS_MENDED) !== 0;
  let mostL: f64 = 0;
  let least: f64 = 0;
  if (isLimited) {
    let massKg: f64 = 0;
    for (let k = 0; k < count; k++) {
      massKg += facts.massOf(thingAt(k));
      mostL += facts.mostLitresOf(thingAt(k));
    }
    mostL += others(s.DESK_FILLED_L);
    // What the rest comes to at least, were all of this at the very back.
    const out = (others(s.DESK_MY) + massKg * y0) / facts.known(s.FACTS_TOTAL_KG);
    least =
      weight(s.LIMIT_MISFIT) * others(s.DESK_MISFIT) +
      weight(s.LIMIT_SAFETY) * others(s.DESK_SAFETY) +
      weight(s.LIMIT_TOO_DEEP) * others(s.DESK_TOO_DEEP) +
      weight(s.LIMIT_OUT_CM) * out +
      weight(s.LIMIT_MISPLACED) * others(s.DESK_MISPLACED);
  }
  for (; i <= count; i++) {
    if (isLimited && isOver(least, mostL)) return false;
    if (i < count) loadNext(i, isMended && !facts.has(thingAt(i), facts.PINNED));
  }
  return true;
}

/** Litres over and voids only ever grow. */
function isOver(least: f64, mostL: f64): bool {
  const now = loaded();
  const voidL = load<i32>(desk + s.DESK_IS_MAIN) !== 0 ? others(s.DESK_VOID_L) + voidAt(now) / 1000 : 0;
  const sum =
    least +
    (weight(s.LIMIT_MISFIT) * overAt(now)) / 1000 +
    weight(s.LIMIT_VOID_PERCENT) * voidPercent(voidL, mostL);
  return sum > mostEnergy();
}

/** Where a thing lies, and what its zone is to it. */
function lookAt(i: i32, pocket: i32): void {
  const t = thingAt(i);
  const turn = turnOf(i);
  const massKg = facts.massOf(t);
  let x = xAt(i);
  let y = yAt(i);
  let z = load<f64>(desk + s.DESK_FLOOR_CM);
  let litres = facts.litresOf(t);
  if (measure(i)) {
    x = middleX;
    y = middleY;
    z = middleZ;
    if (turn === 0) litres = filledCm3 / 1000;
  }
  add(s.DESK_MASS_KG, massKg);
  add(s.DESK_MX, massKg * x);
  add(s.DESK_MY, massKg * y);
  add(s.DESK_MZ, massKg * z);
  add(s.DESK_HZ, facts.heavyOf(t) * z);
  add(s.DESK_SIDE_KG, massKg * load<f64>(desk + s.DESK_SIDE));
  add(s.DESK_FILLED_L, litres);
  const zone = pocket >= 0 ? pocket : facts.mainZoneAt(y, z);
  facts.useChoice(t, zone);
  add(s.DESK_MISPLACED, facts.misplaced);
  if (turn === 0 && facts.has(t, facts.PINNED)) {
    const dx = x - xAt(i);
    const dy = y - yAt(i);
    const astray = Math.sqrt(dx * dx + dy * dy);
    add(s.DESK_MISPLACED, facts.known(s.FACTS_PER_CM_ASTRAY) * astray);
    add(s.DESK_TOO_DEEP, max(0, astray - facts.known(s.FACTS_ASTRAY_FREE_CM)));
  }
  add(s.DESK_SAFETY, facts.unsafe);
  add(s.DESK_TOO_DEEP, facts.tooDeep);
  let trouble =
    facts.known(s.FACTS_TROUBLE_UNSAFE) * facts.unsafe + facts.known(s.FACTS_TROUBLE_OUT) * facts.tooDeep;
  if (overAt(i + 1) - overAt(i) > NOTICEABLE_CM3) trouble += facts.known(s.FACTS_TROUBLE_OVER);
  if (facts.misplaced >= facts.known(s.FACTS_POOR_PLACE)) trouble += facts.known(s.FACTS_TROUBLE_POOR);
  if (isFelt(i, t, turn, y)) {
    add(s.DESK_SAFETY, 1);
    trouble += facts.known(s.FACTS_TROUBLE_UNSAFE);
  }
  putN(s.deskZones(desk, things), i, zone);
  putF(s.deskHeights(desk, things), i, z);
  putF(s.deskTroubles(desk, things), i, trouble);
}

/** Whether a thing is felt in the back; a long thing that lies is counted on the way. */
function isFelt(i: i32, t: i32, turn: usize, y: f64): bool {
  const isMain = load<i32>(desk + s.DESK_IS_MAIN) !== 0;
  if (turn === 0)
    return isMain && facts.has(t, facts.POINTS) && nearest(i) < facts.known(s.FACTS_POINTS_CM) - TINY;
  if (facts.has(t, facts.LONG) && load<i32>(turn + m.TURN_IS_UPRIGHT) === 0)
    add(s.DESK_MISPLACED, facts.known(s.FACTS_LYING_LONG));
  if (!isMain) return false;
  const way = load<i32>(stageAt(i + 1) + m.STAGE_WAY);
  const within = f(facts.felt, 12 * t + (slabEnd > 0 ? 6 : 0) + way);
  return within > 0 && y - load<f64>(turn + m.TURN_DEPTH_CM) / 2 - y0 < within - TINY;
}

/** How near to the back panel a thing comes, cm. */
function nearest(i: i32): f64 {
  const its = m.stageColumns(stageAt(i + 1), things, <usize>columns, parts);
  let least = Infinity;
  for (let k = 0, all = columnsOf(i); k < all; k++) least = min(least, cellCm * <f64>(n(its, k) / nx));
  return least;
}
