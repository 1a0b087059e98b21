/** The columns that are to be filled, listed after the parts that the thing has. */
import { column, f, lowestCeiling, lows, n, nx, partCount, putF, putN, roofOf, slabEnd } from './compartment';

/** How many are listed; of their lower ends the sum, the lowest and the highest. */
export let listed: i32 = 0;
/** No listed column can be filled further than to here, cm, before one is full. */
export let lowestRoof: f64 = 0;
export let sumLow: f64 = 0;
export let lowest: f64 = 0;
export let highest: f64 = 0;

/** List the columns of a patch that take a least thickness; they are written down after what the thing has filled. */
export function list(base: usize, leastCm: f64, ix: i32, iy: i32, wide: i32, deep: i32): void {
  const start = partCount();
  const surelyTwice = f64x2.splat(lowestCeiling - leastCm);
  lowestRoof = lowestCeiling;
  let at = start;
  for (let j = iy; j < iy + deep; j++) {
    let c = j * nx + ix;
    const end = c + wide;
    // Two at once, as long as both are certain to take it.
    for (; c < end - 1 && c >= slabEnd; c += 2) {
      const two = v128.load(base + ((<usize>c) << 3));
      if (v128.any_true(f64x2.gt(two, surelyTwice))) {
        at = listOne(base, leastCm, c, at);
        at = listOne(base, leastCm, c + 1, at);
        continue;
      }
      v128.store(lows + ((<usize>at) << 3), two);
      putN(column, at, c);
      putN(column, at + 1, c + 1);
      at += 2;
    }
    for (; c < end; c++) at = listOne(base, leastCm, c, at);
  }
  endList(at);
}

function listOne(base: usize, leastCm: f64, c: i32, at: i32): i32 {
  const from = f(base, c);
  const roof = roofOf(c);
  if (roof - from < leastCm) return at;
  lowestRoof = min(lowestRoof, roof);
  putN(column, at, c);
  putF(lows, at, from);
  return at + 1;
}

/** The list ends there: sum up the lower ends of its columns. */
export function endList(end: i32): void {
  const start = partCount();
  listed = end - start;
  let at = lows + ((<usize>start) << 3);
  const last = at + ((<usize>listed) << 3);
  let sum = f64x2.splat(0);
  let least = f64x2.splat(Infinity);
  let most = f64x2.splat(-Infinity);
  for (; at + 8 < last; at += 16) {
    const two = v128.load(at);
    sum = f64x2.add(sum, two);
    least = f64x2.pmin(least, two);
    most = f64x2.pmax(most, two);
  }
  sumLow = f64x2.extract_lane(sum, 0) + f64x2.extract_lane(sum, 1);
  lowest = min(f64x2.extract_lane(least, 0), f64x2.extract_lane(least, 1));
  highest = max(f64x2.extract_lane(most, 0), f64x2.extract_lane(most, 1));
  if (at < last) {
    const low = load<f64>(at);
    sumLow += low;
    lowest = min(lowest, low);
    highest = max(highest, low);
  }
}

/** Keep of the listed columns those that begin between two heights. */
export function leaveOut(least: f64, most: f64): void {
  const start = partCount();
  let at = start;
  for (let k = start, end = start + listed; k < end; k++) {
    const from = f(lows, k);
    if (from < least || from > most) continue;
    putN(column, at, n(column, k));
    putF(lows, at, from);
    at++;
  }
  endList(at);
}
