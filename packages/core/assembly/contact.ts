/** How much of two things lies face to face. */
import {
  cellArea,
  column,
  columns,
  f,
  highs,
  lows,
  marks,
  n,
  now,
  nx,
  partCount,
  putN,
  topmosts,
} from './compartment';
import * as m from './columnMemory';

/** Things nearer than this one over the other touch, cm. */
const GAP_CM: f64 = 1;

/**
 * The area in which the last thing of the stage in use lies against an earlier one, cm²: beside it, and on it with
 * nothing between.
 *
 * @param earlier the stage whose last thing the earlier one is
 * @param before the stage before the one in use
 * @param which the earlier one's place in the loading order
 */
export function touchCm2(earlier: usize, before: usize, which: i32): f64 {
  const shift = earlier - now;
  memory.fill(marks, 0, (<usize>columns) << 2);
  const count = load<i32>(earlier + m.STAGE_COUNT);
  for (let k = 0; k < count; k++) putN(marks, n(column + shift, k), k + 1);
  const under = topmosts + (before - now);
  const side = Math.sqrt(cellArea);
  let area: f64 = 0;
  let beside: f64 = 0;
  for (let k = 0, mine = partCount(); k < mine; k++) {
    const c = n(column, k);
    const low = f(lows, k);
    const high = f(highs, k);
    if (n(under, c) === which && low - f(highs + shift, n(marks, c) - 1) < GAP_CM) area += cellArea;
    const x = c % nx;
    if (x > 0) beside += shared(shift, c - 1, low, high);
    if (x < nx - 1) beside += shared(shift, c + 1, low, high);
    if (c >= nx) beside += shared(shift, c - nx, low, high);
    if (c < columns - nx) beside += shared(shift, c + nx, low, high);
  }
  return area + side * beside;
}

/** How far a column's part of the earlier thing and a span of heights overlap, cm. */
function shared(shift: usize, c: i32, low: f64, high: f64): f64 {
  const part = n(marks, c) - 1;
  return part < 0 ? 0 : max(0, min(high, f(highs + shift, part)) - max(low, f(lows + shift, part)));
}
