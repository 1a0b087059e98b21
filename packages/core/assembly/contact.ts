/** How much of two things lies face to face, swollen as they are. */
import {
  SLACK,
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
  parts,
  putF,
  putN,
  runs,
  swollenCms,
  swollenColumns,
  swollenThings,
  things,
  topmosts,
  useLoader,
  useStage,
} from './compartment';
import { columnsOf, loaded, stageAt } from './line';
import * as m from './columnMemory';

/** Things nearer than this one over the other touch, cm. */
export const GAP_CM: f64 = 1;

/** Over how many columns of the i-th thing the j-th lies. @param i less than j */
export function covered(i: i32, j: i32): i32 {
  const over = m.stageTopmosts(stageAt(j + 1), things, <usize>columns, parts);
  const its = m.stageColumns(stageAt(i + 1), things, <usize>columns, parts);
  let count = 0;
  for (let k = 0, all = columnsOf(i); k < all; k++) count += i32(n(over, n(its, k)) === j);
  return count;
}
/** The same for a loader. */
export function coveredColumns(at: usize, i: i32, j: i32): i32 {
  useLoader(at);
  return covered(i, j);
}

/** Note how high a thing reaches in each of its columns, swollen as it is; of the earlier of two which part each is. */
function outline(which: i32, tops: usize, isEarlier: bool): void {
  const shift = stageAt(which + 1) - now;
  if (isEarlier) memory.fill(marks, 0, (<usize>columns) << 2);
  for (let k = 0, all = columnsOf(which); k < all; k++) {
    const c = n(column + shift, k);
    if (isEarlier) putN(marks, c, k + 1);
    putF(tops, c, f(highs + shift, k));
  }
  for (let later = which + 2, all = loaded(); later <= all; later++) {
    const stage = stageAt(later);
    const by = stage - now;
    for (let k = 0, count = load<i32>(stage + m.STAGE_SWELLINGS); k < count; k++) {
      if (n(swollenThings + by, k) !== which) continue;
      const c = n(swollenColumns + by, k);
      putF(tops, c, f(tops, c) + f(swollenCms + by, k));
    }
  }
}

// How far a thing reaches that was spanned last: its rows, and its heights, cm.
export let firstRow: i32 = 0;
export let lastRow: i32 = 0;
export let bottom: f64 = 0;
export let top: f64 = 0;

/** Find how far a thing reaches, swollen as far as it ever was. */
export function span(which: i32): void {
  const stage = stageAt(which + 1);
  const its = m.stageColumns(stage, things, <usize>columns, parts);
  const low = m.stageLows(stage, things, <usize>columns);
  const high = m.stageHighs(stage, things, <usize>columns, parts);
  let first = i32.MAX_VALUE;
  let last = 0;
  bottom = Infinity;
  top = -Infinity;
  for (let k = 0, all = columnsOf(which); k < all; k++) {
    const c = n(its, k);
    first = min(first, c);
    last = max(last, c);
    bottom = min(bottom, f(low, k));
    top = max(top, f(high, k));
  }
  firstRow = first / nx;
  lastRow = last / nx;
  const slack = m.stageSums(stage) + <usize>which * m.STAGE_SUMS_EACH + SLACK;
  const left = m.stageSums(stageAt(loaded())) + <usize>which * m.STAGE_SUMS_EACH + SLACK;
  top += (load<f64>(slack) - load<f64>(left)) / cellArea;
}

/** The area in which the j-th thing lies against the i-th, cm²: beside it, and on it with nothing between. @param i less than j */
export function touch(i: i32, j: i32): f64 {
  useStage(stageAt(j + 1));
  outline(i, bases, true);
  outline(j, runs, false);
  const shift = stageAt(i + 1) - now;
  const under = topmosts + (stageAt(j) - now);
  const side = Math.sqrt(cellArea);
  let area: f64 = 0;
  let beside: f64 = 0;
  for (let k = 0, mine = partCount(); k < mine; k++) {
    const c = n(column, k);
    const low = f(lows, k);
    const high = f(runs, c);
    if (n(under, c) === i && low - f(bases, c) < GAP_CM) area += cellArea;
    const x = c % nx;
    if (x > 0) beside += shared(shift, c - 1, low, high);
    if (x < nx - 1) beside += shared(shift, c + 1, low, high);
    if (c >= nx) beside += shared(shift, c - nx, low, high);
    if (c < columns - nx) beside += shared(shift, c + nx, low, high);
  }
  return area + side * beside;
}
/** The same for a loader. */
export function touchCm2(at: usize, i: i32, j: i32): f64 {
  useLoader(at);
  return touch(i, j);
}

/** How far a column's part of the earlier thing and a span of heights overlap, cm. */
function shared(shift: usize, c: i32, low: f64, high: f64): f64 {
  const part = n(marks, c) - 1;
  return part < 0 ? 0 : max(0, min(high, f(bases, c)) - max(low, f(lows + shift, part)));
}
