/** Rigid things: where they come to rest, and the lowest place there is for one. */
import * as m from './columnMemory';
import {
  TINY,
  addOver,
  ceilings,
  cellArea,
  column,
  f,
  gap,
  heights,
  highestCeiling,
  highs,
  holdsFrom,
  lowestCeiling,
  lows,
  n,
  nx,
  ny,
  passSlab,
  putF,
  putN,
  setPartCount,
  slabEnd,
  slabHighs,
  slabLows,
  thing,
  topmosts,
} from './compartment';

let above: f64 = 0;

/** The highest of some heights side by side. */
function highestOf(cells: usize, count: i32): f64 {
  let most = f64x2.splat(-Infinity);
  let i = 0;
  for (; i < count - 1; i += 2) most = f64x2.pmax(most, v128.load(cells + ((<usize>i) << 3)));
  const high = max(f64x2.extract_lane(most, 0), f64x2.extract_lane(most, 1));
  return i < count ? max(high, f(cells, i)) : high;
}

/** Height at which a turned thing comes to rest. `aboveCm` then tells how far it stands above the lowest ceiling over it. */
export function restsAt(turn: usize, first: i32): f64 {
  const count = load<i32>(turn + m.TURN_COUNT);
  const low = m.turnLows(turn);
  const high = m.turnHighs(turn, <usize>count);
  const steps = m.turnSteps(turn, <usize>count);
  let z = -Infinity;
  const wide = load<i32>(turn + m.TURN_NX);
  const isLevel = load<i32>(turn + m.TURN_IS_LEVEL) !== 0;
  if (isLevel && count === wide * load<i32>(turn + m.TURN_NY)) {
    for (let k = 0; k < count; k += wide) {
      const rest = highestOf(heights + ((<usize>(first + n(steps, k))) << 3), wide);
      if (rest > z) z = rest;
    }
  } else if (isLevel) {
    for (let k = 0; k < count; k++) {
      const rest = f(heights, first + n(steps, k));
      if (rest > z) z = rest;
    }
  } else {
    for (let k = 0; k < count; k++) {
      const rest = f(heights, first + n(steps, k)) - f(low, k);
      if (rest > z) z = rest;
    }
  }
  if (first < slabEnd) {
    for (let k = 0; k < count; k++) {
      const c = first + n(steps, k);
      const beyond = f(slabHighs, c);
      if (z + f(high, k) > f(slabLows, c) + TINY && z + f(low, k) < beyond - TINY) z = beyond - f(low, k);
    }
  }
  above = 0;
  if (z > holdsFrom && z + load<f64>(turn + m.TURN_HEIGHT_CM) > lowestCeiling) {
    for (let k = 0; k < count; k++) above = max(above, z + f(high, k) - f(ceilings, first + n(steps, k)));
  }
  return z;
}

export function aboveCm(): f64 {
  return above;
}

/**
 * Look for the place under the ceiling where a turned thing's middle is lowest. It must be lower than `known`.
 *
 * @returns its first column, −1 when there is none
 */
export function lowestPlace(turn: usize, firstRow: i32, step: i32, known: f64): i32 {
  const count = load<i32>(turn + m.TURN_COUNT);
  const wide = load<i32>(turn + m.TURN_NX);
  const deep = load<i32>(turn + m.TURN_NY);
  const height = load<f64>(turn + m.TURN_HEIGHT_CM);
  const low = m.turnLows(turn);
  const steps = m.turnSteps(turn, <usize>count);
  let place = -1;
  let least = known;
  for (let jy = firstRow; jy <= ny - deep; jy += step) {
    for (let jx = 0; jx <= nx - wide; jx += step) {
      const first = jy * nx + jx;
      // False as soon as a column says no.
      const limit = min(least - height / 2, max(highestCeiling - height, holdsFrom) + TINY);
      let mayRest = true;
      for (let k = 0; k < count; k++) {
        if (f(heights, first + n(steps, k)) - f(low, k) >= limit) {
          mayRest = false;
          break;
        }
      }
      if (!mayRest) continue;
      const middle = restsAt(turn, first) + height / 2;
      if (above > TINY || middle >= least) continue;
      least = middle;
      place = first;
    }
  }
  return place;
}

/** Put a turned thing where it rests, over a first column. */
export function putRigid(turn: usize, first: i32, z: f64): void {
  const count = load<i32>(turn + m.TURN_COUNT);
  const low = m.turnLows(turn);
  const high = m.turnHighs(turn, <usize>count);
  const steps = m.turnSteps(turn, <usize>count);
  for (let k = 0; k < count; k++) {
    const c = first + n(steps, k);
    const bottom = z + f(low, k);
    if (bottom > f(heights, c) + TINY) gap(c, bottom);
  }
  if (z > holdsFrom && z + load<f64>(turn + m.TURN_HEIGHT_CM) > lowestCeiling) {
    let over: f64 = 0;
    for (let k = 0; k < count; k++) {
      const roof = f(ceilings, first + n(steps, k));
      const top = z + f(high, k);
      if (top > roof) over += top - max(z + f(low, k), roof);
    }
    addOver(over * cellArea);
  }
  for (let k = 0; k < count; k++) {
    const c = first + n(steps, k);
    const top = z + f(high, k);
    putF(heights, c, top);
    putF(lows, k, z + f(low, k));
    putF(highs, k, top);
    putN(column, k, c);
    putN(topmosts, c, thing);
  }
  setPartCount(count);
  if (first < slabEnd) for (let k = 0; k < count; k++) passSlab(n(column, k));
}
