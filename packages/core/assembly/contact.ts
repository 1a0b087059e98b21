/** How much of two things lies face to face, swollen as they are. */
import {
  bases,
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
  putF,
  putN,
  runs,
  swollenCms,
  swollenColumns,
  swollenThings,
  topmosts,
} from './compartment';
import * as m from './columnMemory';

/** Things nearer than this one over the other touch, cm. */
const GAP_CM: f64 = 1;

/** Note how high the last thing of a stage reaches in each of its columns: of the earlier or of the later of two things. */
export function outline(isLater: bool, stage: usize): void {
  const shift = stage - now;
  const tops = isLater ? runs : bases;
  if (!isLater) memory.fill(marks, 0, (<usize>columns) << 2);
  const count = load<i32>(stage + m.STAGE_COUNT);
  for (let k = 0; k < count; k++) {
    const c = n(column + shift, k);
    if (!isLater) putN(marks, c, k + 1);
    putF(tops, c, f(highs + shift, k));
  }
}

/** Raise an outline by what the loading of a later stage's thing let that thing swell. */
export function swellOutline(isLater: bool, stage: usize, which: i32): void {
  const shift = stage - now;
  const tops = isLater ? runs : bases;
  const count = load<i32>(stage + m.STAGE_SWELLINGS);
  for (let k = 0; k < count; k++) {
    if (n(swollenThings + shift, k) !== which) continue;
    const c = n(swollenColumns + shift, k);
    putF(tops, c, f(tops, c) + f(swollenCms + shift, k));
  }
}

/**
 * The area in which the last thing of the stage in use lies against an earlier one, cm²: beside it, and on it with
 * nothing between. The outlines of both have been noted.
 *
 * @param earlier the stage whose last thing the earlier one is
 * @param before the stage before the one in use
 * @param which the earlier one's place in the loading order
 */
export function touchCm2(earlier: usize, before: usize, which: i32): f64 {
  const shift = earlier - now;
  const under = topmosts + (before - now);
  const side = Math.sqrt(cellArea);
  let area: f64 = 0;
  let beside: f64 = 0;
  for (let k = 0, mine = partCount(); k < mine; k++) {
    const c = n(column, k);
    const low = f(lows, k);
    const high = f(runs, c);
    if (n(under, c) === which && low - f(bases, c) < GAP_CM) area += cellArea;
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
  return part < 0 ? 0 : max(0, min(high, f(bases, c)) - max(low, f(lows + shift, part)));
}
