/** How stiff things stand: see `badStand` in `atRest.ts`. */
import * as m from './columnMemory';
import * as s from './searchMemory';
import { f, putF, things } from './compartment';
import { count, desk, thingAt } from './desk';
import { add } from './energy';
import * as facts from './facts';
import { stageAt, turnOf } from './line';

/** What is so near below touches, cm: rounding, and cloth that gives. */
const TOUCHES_CM: f64 = 1;
/** Outlines that overlap by less than this only pass each other, cm. */
const PASSES_CM: f64 = 0.3;

/** An edge of the i-th thing's outline: the lower and the upper one of x, y and z in turn. */
function edge(i: i32, which: i32): f64 {
  return f(facts.boxes, 6 * i + which);
}

export function lookAtStanding(): void {
  for (let i = 0; i < count; i++) noteBox(i);
  const pocket = load<i32>(desk + s.DESK_ZONE) >= 0;
  const floorCm = load<f64>(desk + s.DESK_FLOOR_CM);
  const troubles = s.deskTroubles(desk, things);
  for (let i = 0; i < count; i++) {
    if (!standsBadly(i, pocket, floorCm)) continue;
    add(s.DESK_SAFETY, 1);
    putF(troubles, i, f(troubles, i) + facts.known(s.FACTS_TROUBLE_UNSAFE));
  }
}

function noteBox(i: i32): void {
  const turn = turnOf(i);
  if (turn === 0) return;
  const stage = stageAt(i + 1);
  const x = load<f64>(stage + m.STAGE_X);
  const y = load<f64>(stage + m.STAGE_Y);
  const z = load<f64>(stage + m.STAGE_Z);
  const wide = load<f64>(turn + m.TURN_WIDTH_CM) / 2;
  const deep = load<f64>(turn + m.TURN_DEPTH_CM) / 2;
  putF(facts.boxes, 6 * i, x - wide);
  putF(facts.boxes, 6 * i + 1, x + wide);
  putF(facts.boxes, 6 * i + 2, y - deep);
  putF(facts.boxes, 6 * i + 3, y + deep);
  putF(facts.boxes, 6 * i + 4, z);
  putF(facts.boxes, 6 * i + 5, z + load<f64>(turn + m.TURN_HEIGHT_CM));
}

/** Whether two outlines overlap along an axis, by more than a little. */
function overlaps(i: i32, j: i32, axis: i32): bool {
  return min(edge(i, axis + 1), edge(j, axis + 1)) - max(edge(i, axis), edge(j, axis)) > PASSES_CM;
}

function standsBadly(i: i32, pocket: bool, floorCm: f64): bool {
  const isBottle = facts.has(thingAt(i), facts.BOTTLE);
  if (turnOf(i) === 0 || (!isBottle && !pocket)) return false;
  const z = edge(i, 4);
  const isOnFloor = pocket && z <= floorCm + TOUCHES_CM;
  if (isBottle && pocket && !isOnFloor) return true;
  if (!isBottle && isOnFloor) return false;
  // The outline of all stiff things that it stands on.
  let touching = false;
  let left = Infinity;
  let right = -Infinity;
  let back = Infinity;
  let front = -Infinity;
  for (let j = 0; j < i; j++) {
    if (turnOf(j) === 0 || Math.abs(z - edge(j, 5)) > TOUCHES_CM) continue;
    if (!overlaps(i, j, 0) || !overlaps(i, j, 2)) continue;
    touching = true;
    left = min(left, edge(j, 0));
    right = max(right, edge(j, 1));
    back = min(back, edge(j, 2));
    front = max(front, edge(j, 3));
  }
  if (isBottle || !touching) return touching;
  const x = (edge(i, 0) + edge(i, 1)) / 2;
  const y = (edge(i, 2) + edge(i, 3)) / 2;
  return !(left <= x && right >= x && back <= y && front >= y);
}
