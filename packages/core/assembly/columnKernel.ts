/**
 * What the loader does to a stage of a compartment, compiled to WebAssembly (AssemblyScript): nearly all of a search's
 * time goes here. `src/stow/columnLoader.ts` lays the memory out, says where things go, and reads the results.
 *
 * Memory, every block a multiple of 8 bytes long. Loader: 32-bit nx, ny and whether a reservoir lies in it; from byte 16
 * 64-bit cell, lowest roof, highest ceiling, height up to which an open pocket holds; from 48 by column 64-bit ceiling,
 * floor, x, y, lower and upper end of a reservoir (Infinity where there is none), base, four 32-bit figures of runs, and
 * a 32-bit mark in 8 bytes. Turn: 32-bit count, whether its lower edge is level, nx, ny; 64-bit height; then by cell
 * 64-bit lower and upper edge and 32-bit step from the first column. Stage: see `useStage`.
 */

// Loader.
let nx: i32 = 0;
let ny: i32 = 0;
let columns: i32 = 0;
let hasSlab: bool = false;
let cellCm: f64 = 0;
let cellArea: f64 = 0;
let lowestRoof: f64 = 0;
let highestCeiling: f64 = 0;
let holdsFrom: f64 = 0;
let ceilings: usize = 0;
let floors: usize = 0;
let xs: usize = 0;
let ys: usize = 0;
let slabLows: usize = 0;
let slabHighs: usize = 0;
let bases: usize = 0;
let runs: usize = 0;
let marks: usize = 0;

// Stage: voids and what did not go in, cm³; count and swellings; sums by thing; then by column or part.
const VOIDS: usize = 0;
const OVER: usize = 8;
const COUNT: usize = 16;
const SWELLINGS: usize = 20;
const SUMS: usize = 24;
const SUM_BYTES: usize = 40;
let now: usize = 0;
let thing: i32 = 0;
let sums: usize = 0;
let heights: usize = 0;
let lows: usize = 0;
let highs: usize = 0;
let swollenCms: usize = 0;
let column: usize = 0;
let swollenColumns: usize = 0;
let swollenThings: usize = 0;
let topmosts: usize = 0;

/** Lengths below this are rounding, cm. */
const TINY: f64 = 1e-6;

// What was found last.
let above: f64 = 0;
let listed: i32 = 0;
let sumLow: f64 = 0;
let lowest: f64 = 0;
let highest: f64 = 0;
let level: f64 = 0;

function f(block: usize, i: i32): f64 {
  return load<f64>(block + ((<usize>i) << 3));
}
function n(block: usize, i: i32): i32 {
  return load<i32>(block + ((<usize>i) << 2));
}
function putF(block: usize, i: i32, value: f64): void {
  store<f64>(block + ((<usize>i) << 3), value);
}
function putN(block: usize, i: i32, value: i32): void {
  store<i32>(block + ((<usize>i) << 2), value);
}

/** Work on the compartment of a loader. */
export function useLoader(loader: usize): void {
  nx = load<i32>(loader);
  ny = load<i32>(loader + 4);
  columns = nx * ny;
  hasSlab = load<i32>(loader + 8) !== 0;
  cellCm = load<f64>(loader + 16);
  cellArea = cellCm * cellCm;
  lowestRoof = load<f64>(loader + 24);
  highestCeiling = load<f64>(loader + 32);
  holdsFrom = load<f64>(loader + 40);
  const line = (<usize>columns) << 3;
  ceilings = loader + 48;
  floors = ceilings + line;
  xs = floors + line;
  ys = xs + line;
  slabLows = ys + line;
  slabHighs = slabLows + line;
  bases = slabHighs + line;
  runs = bases + line;
  marks = runs + 2 * line;
}

/** Work on a stage, where so many things have their sums and a thing may have so many parts. */
export function useStage(stage: usize, things: i32, parts: i32): void {
  now = stage;
  sums = stage + SUMS;
  heights = sums + <usize>things * SUM_BYTES;
  lows = heights + ((<usize>columns) << 3);
  highs = lows + ((<usize>parts) << 3);
  swollenCms = highs + ((<usize>parts) << 3);
  topmosts = swollenCms + ((<usize>parts) << 3);
  column = topmosts + ((<usize>columns) << 2);
  swollenColumns = column + ((<usize>parts) << 2);
  swollenThings = swollenColumns + ((<usize>parts) << 2);
}

/** Make the stage in use what another is, with one thing more to come, so many cm³ of which may swell. */
export function begin(before: usize, loaded: i32, slackCm3: f64): void {
  thing = loaded;
  memory.copy(now, before, 16);
  memory.copy(sums, before + SUMS, <usize>loaded * SUM_BYTES);
  memory.copy(heights, before + (heights - now), (<usize>columns) << 3);
  memory.copy(topmosts, before + (topmosts - now), (<usize>columns) << 2);
  store<i32>(now + COUNT, 0);
  store<i32>(now + SWELLINGS, 0);
  const own = sums + <usize>loaded * SUM_BYTES;
  memory.fill(own, 0, SUM_BYTES);
  store<f64>(own + 32, slackCm3);
}

/** Make the stage in use an empty compartment. */
export function empty(): void {
  memory.fill(now, 0, SUMS);
  memory.copy(heights, floors, (<usize>columns) << 3);
  memory.fill(topmosts, 255, (<usize>columns) << 2);
  if (hasSlab) for (let c = 0; c < columns; c++) passSlab(c);
}

/** The highest of some heights side by side. */
function highestOf(cells: usize, count: i32): f64 {
  let most = f64x2.splat(-Infinity);
  let i = 0;
  for (; i < count - 1; i += 2) most = f64x2.pmax(most, v128.load(cells + ((<usize>i) << 3)));
  const high = max(f64x2.extract_lane(most, 0), f64x2.extract_lane(most, 1));
  return i < count ? max(high, f(cells, i)) : high;
}

/** Height at which a turned thing comes to rest; `aboveCm` is then how far it is above the lowest ceiling over it. */
export function restsAt(turn: usize, first: i32): f64 {
  const count = load<i32>(turn);
  const low = turn + 24;
  const high = low + ((<usize>count) << 3);
  const steps = high + ((<usize>count) << 3);
  let z = -Infinity;
  const wide = load<i32>(turn + 8);
  const isLevel = load<i32>(turn + 4) !== 0;
  if (isLevel && count === wide * load<i32>(turn + 12)) {
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
  if (hasSlab) {
    for (let k = 0; k < count; k++) {
      const c = first + n(steps, k);
      const beyond = f(slabHighs, c);
      if (z + f(high, k) > f(slabLows, c) + TINY && z + f(low, k) < beyond - TINY) z = beyond - f(low, k);
    }
  }
  above = 0;
  if (z > holdsFrom && z + load<f64>(turn + 16) > lowestRoof) {
    for (let k = 0; k < count; k++) above = max(above, z + f(high, k) - f(ceilings, first + n(steps, k)));
  }
  return z;
}

export function aboveCm(): f64 {
  return above;
}

/** The place under the ceiling where a turned thing's middle would be lowest, and lower than one that is known: its first column; −1 when there is none. */
export function lowestPlace(turn: usize, firstRow: i32, step: i32, known: f64): i32 {
  const count = load<i32>(turn);
  const wide = load<i32>(turn + 8);
  const deep = load<i32>(turn + 12);
  const height = load<f64>(turn + 16);
  const low = turn + 24;
  const steps = low + ((<usize>count) << 4);
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
  const count = load<i32>(turn);
  const low = turn + 24;
  const high = low + ((<usize>count) << 3);
  const steps = high + ((<usize>count) << 3);
  for (let k = 0; k < count; k++) {
    const c = first + n(steps, k);
    const bottom = z + f(low, k);
    if (bottom > f(heights, c) + TINY) gap(c, bottom);
  }
  if (z > holdsFrom && z + load<f64>(turn + 16) > lowestRoof) {
    let over: f64 = 0;
    for (let k = 0; k < count; k++) {
      const roof = f(ceilings, first + n(steps, k));
      const top = z + f(high, k);
      if (top > roof) over += top - max(z + f(low, k), roof);
    }
    store<f64>(now + OVER, load<f64>(now + OVER) + over * cellArea);
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
  store<i32>(now + COUNT, count);
  if (hasSlab) for (let k = 0; k < count; k++) passSlab(n(column, k));
}

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
  const isMore = besideOnly && load<i32>(now + COUNT) > 0;
  if (isMore) markParts();
  if ((isMore || listed < wide * deep) && keepLargest(isMore, leastCm)) settle(volume, leastCm, tallest);
  return volume - fillUp() * cellArea;
}

/** List the columns of a patch that take a least thickness; they are written down after what the thing has filled. */
function list(base: usize, leastCm: f64, ix: i32, iy: i32, wide: i32, deep: i32): void {
  const start = load<i32>(now + COUNT);
  const surely = lowestRoof - leastCm;
  let at = start;
  for (let j = iy; j < iy + deep; j++) {
    for (let c = j * nx + ix, end = c + wide; c < end; c++) {
      const from = f(base, c);
      if (from > surely && roofOf(c) - from < leastCm) continue;
      putN(column, at, c);
      putF(lows, at, from);
      at++;
    }
  }
  listed = at - start;
  sumUp();
}

/** The lower ends of listed columns: their sum, the lowest and the highest. */
function sumUp(): void {
  const start = load<i32>(now + COUNT);
  let at = lows + ((<usize>start) << 3);
  const end = at + ((<usize>listed) << 3);
  let sum = f64x2.splat(0);
  let least = f64x2.splat(Infinity);
  let most = f64x2.splat(-Infinity);
  for (; at + 8 < end; at += 16) {
    const two = v128.load(at);
    sum = f64x2.add(sum, two);
    least = f64x2.pmin(least, two);
    most = f64x2.pmax(most, two);
  }
  sumLow = f64x2.extract_lane(sum, 0) + f64x2.extract_lane(sum, 1);
  lowest = min(f64x2.extract_lane(least, 0), f64x2.extract_lane(least, 1));
  highest = max(f64x2.extract_lane(most, 0), f64x2.extract_lane(most, 1));
  if (at < end) {
    const last = load<f64>(at);
    sumLow += last;
    lowest = min(lowest, last);
    highest = max(highest, last);
  }
}

/** How far a column can be filled from where it is: to its ceiling, or to the reservoir. */
function roofOf(c: i32): f64 {
  const ceiling = f(ceilings, c);
  if (!hasSlab) return ceiling;
  const slab = f(slabLows, c);
  return f(heights, c) < slab ? min(slab, ceiling) : ceiling;
}

/**
 * Find the height at which a volume is in, over the listed columns. Columns that would get less than the least
 * thickness leave the list, then those so deep that it would be stretched; columns only ever leave, so it comes to an
 * end. `level` is infinite when all columns are full and some is left.
 */
function settle(volume: f64, leastCm: f64, tallest: f64): void {
  const wanted = volume / cellArea;
  const start = load<i32>(now + COUNT);
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
  const start = load<i32>(now + COUNT);
  for (let k = start, end = start + listed; k < end; k++) if (roofOf(n(column, k)) < at) return true;
  return false;
}

/** Keep of the listed columns those that begin between two heights. */
function leaveOut(least: f64, most: f64): void {
  const start = load<i32>(now + COUNT);
  let at = start;
  for (let k = start, end = start + listed; k < end; k++) {
    const from = f(lows, k);
    if (from < least || from > most) continue;
    putN(column, at, n(column, k));
    putF(lows, at, from);
    at++;
  }
  listed = at - start;
  sumUp();
}

// Of each run of listed columns side by side in a row: where it begins in the list, its first column, its length, and
// another run that it hangs together with, or itself.
const RUN: i32 = 4;
function rootOf(run: i32): i32 {
  let root = run;
  while (n(runs, root * RUN + 3) !== root) root = n(runs, root * RUN + 3);
  return root;
}

/** Note by column which part of the thing fills it, from 1 on. */
function markParts(): void {
  memory.fill(marks, 0, (<usize>columns) << 2);
  for (let k = 0, count = load<i32>(now + COUNT); k < count; k++) putN(marks, n(column, k), k + 1);
}

/** Whether a column, filled from a height to the level, has so much of its side on a part that is in. */
function isBeside(neighbour: i32, from: f64, leastCm: f64): bool {
  const part = n(marks, neighbour) - 1;
  return part >= 0 && min(f(highs, part), level) - max(f(lows, part), from) >= leastCm - TINY;
}

/** Whether a run of the list lies beside what is in. */
function joins(run: i32, leastCm: f64): bool {
  const first = n(runs, run * RUN);
  for (let k = first, end = first + n(runs, run * RUN + 2); k < end; k++) {
    const c = n(column, k);
    const from = f(lows, k);
    const x = c % nx;
    if (x > 0 && isBeside(c - 1, from, leastCm)) return true;
    if (x < nx - 1 && isBeside(c + 1, from, leastCm)) return true;
    if (c >= nx && isBeside(c - nx, from, leastCm)) return true;
    if (c + nx < columns && isBeside(c + nx, from, leastCm)) return true;
  }
  return false;
}

/**
 * Keep the largest connected part of the listed columns, or of those parts that lie beside what is in the largest; true
 * when others were dropped.
 */
function keepLargest(besideOnly: bool, leastCm: f64): bool {
  const start = load<i32>(now + COUNT);
  const all = start + listed;
  let count = 0;
  let row = -2;
  // Runs of the row before this one, and this one's first.
  let from = 0;
  let to = 0;
  let own = 0;
  for (let i = start; i < all;) {
    const c = n(column, i);
    const its = c / nx;
    if (its !== row) {
      from = its === row + 1 ? own : count;
      to = count;
      own = count;
      row = its;
    }
    const end = (its + 1) * nx;
    let next = i + 1;
    while (next < all && n(column, next) === c + next - i && n(column, next) < end) next++;
    const at = count * RUN;
    putN(runs, at, i);
    putN(runs, at + 1, c);
    putN(runs, at + 2, next - i);
    putN(runs, at + 3, count);
    for (let p = from; p < to; p++) {
      const above = n(runs, p * RUN + 1) + nx;
      if (above >= c + next - i || above + n(runs, p * RUN + 2) <= c) continue;
      const a = rootOf(p);
      const b = rootOf(count);
      putN(runs, max(a, b) * RUN + 3, min(a, b));
    }
    count++;
    i = next;
  }
  let parts = 0;
  let best = -1;
  let most = -1;
  for (let r = 0; r < count; r++) {
    if (n(runs, r * RUN + 3) !== r) continue;
    parts++;
    let size = 0;
    let isIn = !besideOnly;
    for (let other = r; other < count; other++) {
      if (rootOf(other) !== r) continue;
      size += n(runs, other * RUN + 2);
      isIn = isIn || joins(other, leastCm);
    }
    if (!isIn || size <= most) continue;
    most = size;
    best = r;
  }
  if (parts <= 1 && best >= 0) return false;
  let kept = start;
  for (let r = 0; r < count; r++) {
    if (rootOf(r) !== best) continue;
    const first = n(runs, r * RUN);
    for (let k = 0, length = n(runs, r * RUN + 2); k < length; k++) {
      putN(column, kept, n(column, first + k));
      putF(lows, kept, f(lows, first + k));
      kept++;
    }
  }
  listed = kept - start;
  sumUp();
  return true;
}

/** Fill the listed columns up to the level or as far as they go; in cm of columns what is filled. */
function fillUp(): f64 {
  const start = load<i32>(now + COUNT);
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
  store<i32>(now + COUNT, at);
  const own = sums + <usize>thing * SUM_BYTES;
  store<f64>(own, load<f64>(own) + filled);
  store<f64>(own + 8, load<f64>(own + 8) + mx);
  store<f64>(own + 16, load<f64>(own + 16) + my);
  store<f64>(own + 24, load<f64>(own + 24) + mz);
  if (hasSlab) for (let k = start; k < at; k++) passSlab(n(column, k));
  return filled;
}

/** Space between what a column holds and what comes over it: a void, unless what lies there swells into it. */
function gap(c: i32, upTo: f64): void {
  const from = f(heights, c);
  let lost = (upTo - from) * cellArea;
  const below = n(topmosts, c);
  // What lies under a reservoir does not swell over it.
  if (below >= 0 && from !== f(slabHighs, c)) {
    const its = sums + <usize>below * SUM_BYTES;
    const slack = load<f64>(its + 32);
    if (slack > 0) {
      const swells = min(lost, slack);
      const cm = swells / cellArea;
      store<f64>(its, load<f64>(its) + cm);
      store<f64>(its + 8, load<f64>(its + 8) + cm * f(xs, c));
      store<f64>(its + 16, load<f64>(its + 16) + cm * f(ys, c));
      store<f64>(its + 24, load<f64>(its + 24) + cm * (2 * from + cm));
      store<f64>(its + 32, slack - swells);
      const at = load<i32>(now + SWELLINGS);
      putN(swollenColumns, at, c);
      putN(swollenThings, at, below);
      putF(swollenCms, at, cm);
      store<i32>(now + SWELLINGS, at + 1);
      lost -= swells;
    }
  }
  store<f64>(now + VOIDS, load<f64>(now + VOIDS) + lost);
}

/** A column filled up to the reservoir goes on above it. */
function passSlab(c: i32): void {
  const at = f(heights, c);
  const low = f(slabLows, c);
  const high = f(slabHighs, c);
  if (at < low - 1 || at >= high) return;
  store<f64>(now + VOIDS, load<f64>(now + VOIDS) + max(0, low - at) * cellArea);
  putF(heights, c, high);
}

/**
 * Heights under a patch with every gap narrower than k cells closed: a morphological closing by a k × k square, first
 * along the rows and then across them: the greatest of each window of k cells, then the least of the windows over a
 * cell. Either is k − 1 times that of two neighbours.
 */
function closeGaps(k: i32, ix: i32, iy: i32, wide: i32, deep: i32): void {
  const line = (<usize>nx) << 3;
  const patch = bases + ((<usize>(iy * nx + ix)) << 3);
  const bytes = (<usize>wide) << 3;
  const end = patch + <usize>deep * line;
  for (let row = patch; row < end; row += line) memory.copy(row, row - bases + heights, bytes);
  const along = min(k, wide);
  for (let row = patch; row < end; row += line) {
    for (let last = wide - 1; last > wide - along; last--) raise(row, row + 8, last);
    for (let last = wide - along + 1; last < wide; last++) {
      putF(row, last, f(row, last - 1));
      lower(row + 8, row, last - 1);
    }
  }
  const across = min(k, deep);
  for (let last = deep - 1; last > deep - across; last--)
    for (let j = 0; j < last; j++) raise(patch + <usize>j * line, patch + <usize>(j + 1) * line, wide);
  for (let last = deep - across + 1; last < deep; last++) {
    memory.copy(patch + <usize>last * line, patch + <usize>(last - 1) * line, bytes);
    for (let j = last - 1; j > 0; j--) lower(patch + <usize>j * line, patch + <usize>(j - 1) * line, wide);
  }
}

/** Raise heights to those of others, from the first on: the others may lie just after them. */
function raise(cells: usize, others: usize, count: i32): void {
  let i = 0;
  for (; i < count - 1; i += 2) {
    const at = (<usize>i) << 3;
    v128.store(cells + at, f64x2.pmax(v128.load(cells + at), v128.load(others + at)));
  }
  if (i < count && f(others, i) > f(cells, i)) putF(cells, i, f(others, i));
}

/** Lower heights to those of others, from the last on: the others may lie just before them. */
function lower(cells: usize, others: usize, count: i32): void {
  let i = count;
  for (; i > 1; i -= 2) {
    const at = (<usize>(i - 2)) << 3;
    v128.store(cells + at, f64x2.pmin(v128.load(cells + at), v128.load(others + at)));
  }
  if (i > 0 && f(others, 0) < f(cells, 0)) putF(cells, 0, f(others, 0));
}

/** Gaps at the top that are narrower than k cells, cm³. */
export function creviceCm3(k: i32): f64 {
  closeGaps(k, 0, 0, nx, ny);
  let lost: f64 = 0;
  for (let c = 0; c < columns; c++) {
    const ceiling = f(ceilings, c);
    if (ceiling <= f(floors, c)) continue;
    lost += max(0, min(f(bases, c), ceiling) - f(heights, c));
  }
  return lost * cellArea;
}

/** Over how many of the columns of another stage's last thing a thing lies that is the last of the stage in use. */
export function coveredColumns(stage: usize, last: i32): i32 {
  const count = load<i32>(stage + COUNT);
  const its = stage + (column - now);
  let covered = 0;
  for (let k = 0; k < count; k++) covered += i32(n(topmosts, n(its, k)) === last);
  return covered;
}
