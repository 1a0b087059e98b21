/** Soft things: poured over a patch, they fill the lowest places first until their top is level. */
import {
  TINY,
  addSums,
  bases,
  cellArea,
  column,
  f,
  gap,
  heights,
  highs,
  lows,
  n,
  partCount,
  passSlab,
  putF,
  putN,
  roofOf,
  setPartCount,
  slabEnd,
  sumsOf,
  thing,
  topmosts,
  xs,
  ys,
} from './compartment';
import { highest, leaveOut, list, listed, lowest, lowestRoof, sumLow } from './listed';
import { keepLargest, markParts } from './inOnePiece';
import { closeGaps } from './closing';

/** Up to where the listed columns are filled, cm. */
let level: f64 = 0;

/**
 * Pour a volume over a patch; what does not go in under its ceilings comes back, cm³.
 *
 * @param besideOnly once some of the thing is in, only where it hangs together with that
 */
export function flow(
  volume: f64,
  leastCm: f64,
  narrow: i32,
  tallest: f64,
  ix: i32,
  iy: i32,
  wide: i32,
  deep: i32,
  besideOnly: bool,
): f64 {
  if (narrow > 1) closeGaps(narrow, ix, iy, wide, deep);
  list(narrow > 1 ? bases : heights, leastCm, ix, iy, wide, deep);
  settle(volume, leastCm, tallest);
  // Columns left out may have parted the thing: its largest part takes all of it.
  const isMore = besideOnly && partCount() > 0;
  if (isMore) markParts();
  if ((isMore || listed < wide * deep) && keepLargest(isMore, leastCm, level))
    settle(volume, leastCm, tallest);
  return volume - fillUp() * cellArea;
}

/**
 * Find the height at which a volume is in, over the listed columns. Columns that would get less than the least
 * thickness leave the list, then those so deep that it would be stretched; columns only ever leave, so it comes to an
 * end. `level` is infinite when all columns are full and some is left.
 */
function settle(volume: f64, leastCm: f64, tallest: f64): void {
  const wanted = volume / cellArea;
  const start = partCount();
  // Nothing is full until it shows.
  let known = -Infinity;
  while (true) {
    let sum = wanted + sumLow;
    let open = listed;
    if (known > lowestRoof) {
      for (let k = start, end = start + listed; k < end; k++) {
        const roof = roofOf(n(column, k));
        if (roof >= known) continue;
        sum -= roof;
        open--;
      }
    }
    if (open === 0) {
      level = sum > TINY ? Infinity : known;
      return;
    }
    const next = sum / <f64>open;
    const thin = next - leastCm + TINY;
    if (highest > thin) {
      leaveOut(-Infinity, thin);
      known = -Infinity;
    } else if (!isAnyFull(next) || Math.abs(next - known) < TINY) {
      if (lowest >= next - tallest) {
        level = next;
        return;
      }
      leaveOut(next - tallest, Infinity);
      known = -Infinity;
    } else known = next;
  }
}

/** Whether a listed column is full below a level. */
function isAnyFull(at: f64): bool {
  if (at <= lowestRoof) return false;
  const start = partCount();
  for (let k = start, end = start + listed; k < end; k++) if (roofOf(n(column, k)) < at) return true;
  return false;
}

/** Fill the listed columns up to the level or as far as they go; in cm of columns what is filled. */
function fillUp(): f64 {
  const start = partCount();
  const mayBeFull = level > lowestRoof;
  let at = start;
  let filled: f64 = 0;
  let mx: f64 = 0;
  let my: f64 = 0;
  let mz: f64 = 0;
  for (let k = start, end = start + listed; k < end; k++) {
    const c = n(column, k);
    const from = f(lows, k);
    const to = mayBeFull ? min(level, roofOf(c)) : level;
    if (to <= from) continue;
    if (from > f(heights, c) + TINY) gap(c, from);
    putN(column, at, c);
    putF(lows, at, from);
    putF(highs, at, to);
    at++;
    putF(heights, c, to);
    putN(topmosts, c, thing);
    const h = to - from;
    filled += h;
    mx += h * f(xs, c);
    my += h * f(ys, c);
    mz += h * (from + to);
  }
  setPartCount(at);
  addSums(sumsOf(thing), filled, mx, my, mz);
  passSlabs(start, at);
  return filled;
}

/** Columns of the list that are filled up to the reservoir go on above it; the list goes from the back outward. */
function passSlabs(start: i32, end: i32): void {
  for (let k = start; k < end && n(column, k) < slabEnd; k++) passSlab(n(column, k));
}
