/** What the kernel works on: one compartment and one stage of it, in the memory that it shares with the loader. */
import * as m from './columnMemory';

// Compartment.
export let loader: usize = 0;
export let things: usize = 0;
export let parts: usize = 0;
export let mayPart: bool = false;
export let cellCm: f64 = 0;
export let x0: f64 = 0;
export let y0: f64 = 0;
export let nx: i32 = 0;
export let ny: i32 = 0;
export let columns: i32 = 0;
/** Columns before this one may have a reservoir in them. */
export let slabEnd: i32 = 0;
export let cellArea: f64 = 0;
export let lowestCeiling: f64 = 0;
export let highestCeiling: f64 = 0;
export let holdsFrom: f64 = 0;
export let ceilings: usize = 0;
export let floors: usize = 0;
export let xs: usize = 0;
export let ys: usize = 0;
export let slabLows: usize = 0;
export let slabHighs: usize = 0;
export let bases: usize = 0;
export let runs: usize = 0;
export let marks: usize = 0;
export let stages: usize = 0;
export let kept: usize = 0;
export let spare: usize = 0;

// Stage, and which thing is its last.
export let now: usize = 0;
export let thing: i32 = 0;
export let sums: usize = 0;
export let heights: usize = 0;
export let lows: usize = 0;
export let highs: usize = 0;
export let swollenCms: usize = 0;
export let topmosts: usize = 0;
export let column: usize = 0;
export let swollenColumns: usize = 0;
export let swollenThings: usize = 0;

/** Lengths below this are rounding, cm. */
export const TINY: f64 = 1e-6;

export function f(block: usize, i: i32): f64 {
  return load<f64>(block + ((<usize>i) << 3));
}
export function n(block: usize, i: i32): i32 {
  return load<i32>(block + ((<usize>i) << 2));
}
export function putF(block: usize, i: i32, value: f64): void {
  store<f64>(block + ((<usize>i) << 3), value);
}
export function putN(block: usize, i: i32, value: i32): void {
  store<i32>(block + ((<usize>i) << 2), value);
}

/** Work on the compartment of a loader. */
export function useLoader(at: usize): void {
  loader = at;
  nx = load<i32>(at + m.LOADER_NX);
  ny = load<i32>(at + m.LOADER_NY);
  columns = nx * ny;
  slabEnd = load<i32>(at + m.LOADER_SLAB_ROWS) * nx;
  mayPart = load<i32>(at + m.LOADER_MAY_PART) !== 0;
  things = <usize>load<i32>(at + m.LOADER_THINGS);
  parts = <usize>load<i32>(at + m.LOADER_PARTS);
  cellCm = load<f64>(at + m.LOADER_CELL_CM);
  cellArea = cellCm * cellCm;
  x0 = load<f64>(at + m.LOADER_X0);
  y0 = load<f64>(at + m.LOADER_Y0);
  lowestCeiling = load<f64>(at + m.LOADER_LOWEST_CEILING);
  highestCeiling = load<f64>(at + m.LOADER_HIGHEST_CEILING);
  holdsFrom = load<f64>(at + m.LOADER_HOLDS_FROM);
  const count = <usize>columns;
  ceilings = m.loaderCeilings(at);
  floors = m.loaderFloors(at, count);
  xs = m.loaderXs(at, count);
  ys = m.loaderYs(at, count);
  slabLows = m.loaderSlabLows(at, count);
  slabHighs = m.loaderSlabHighs(at, count);
  bases = m.loaderBases(at, count);
  runs = m.loaderRuns(at, count);
  marks = m.loaderMarks(at, count);
  stages = m.loaderStages(at, count);
  kept = m.loaderKept(at, count, things + 1);
  spare = m.loaderSpare(at, count, things + 1);
}

/** Work on a stage of the compartment in use. */
export function useStage(stage: usize): void {
  const count = <usize>columns;
  now = stage;
  sums = m.stageSums(stage);
  heights = m.stageHeights(stage, things);
  lows = m.stageLows(stage, things, count);
  highs = m.stageHighs(stage, things, count, parts);
  swollenCms = m.stageSwollenCms(stage, things, count, parts);
  topmosts = m.stageTopmosts(stage, things, count, parts);
  column = m.stageColumns(stage, things, count, parts);
  swollenColumns = m.stageSwollenColumns(stage, things, count, parts);
  swollenThings = m.stageSwollenThings(stage, things, count, parts);
}

/** How many parts the last thing has. */
export function partCount(): i32 {
  return load<i32>(now + m.STAGE_COUNT);
}
export function setPartCount(count: i32): void {
  store<i32>(now + m.STAGE_COUNT, count);
}

/** Count space as lost, or as what did not go in, cm³. */
export function addVoid(cm3: f64): void {
  store<f64>(now + m.STAGE_VOID_CM3, load<f64>(now + m.STAGE_VOID_CM3) + cm3);
}
export function addOver(cm3: f64): void {
  store<f64>(now + m.STAGE_OVER_CM3, load<f64>(now + m.STAGE_OVER_CM3) + cm3);
}

/** A soft thing fills so many cm of columns more, with their moments about x, y and twice z. */
export function addSums(its: usize, cm: f64, mx: f64, my: f64, mz: f64): void {
  store<f64>(its, load<f64>(its) + cm);
  store<f64>(its + 8, load<f64>(its + 8) + mx);
  store<f64>(its + 16, load<f64>(its + 16) + my);
  store<f64>(its + 24, load<f64>(its + 24) + mz);
}
/** Where the sums of a thing are, and in them what it may still swell. */
export function sumsOf(which: i32): usize {
  return sums + <usize>which * m.STAGE_SUMS_EACH;
}
export const SLACK: usize = 32;

/** Make the stage in use what another is, with one thing more to come, so many cm³ of which may swell. */
export function begin(before: usize, loaded: i32, slackCm3: f64): void {
  thing = loaded;
  store<f64>(now + m.STAGE_VOID_CM3, load<f64>(before + m.STAGE_VOID_CM3));
  store<f64>(now + m.STAGE_OVER_CM3, load<f64>(before + m.STAGE_OVER_CM3));
  memory.copy(sums, before + (sums - now), <usize>loaded * m.STAGE_SUMS_EACH);
  memory.copy(heights, before + (heights - now), (<usize>columns) << 3);
  memory.copy(topmosts, before + (topmosts - now), (<usize>columns) << 2);
  store<i32>(now + m.STAGE_TURN, 0);
  setPartCount(0);
  store<i32>(now + m.STAGE_SWELLINGS, 0);
  const own = sumsOf(loaded);
  memory.fill(own, 0, m.STAGE_SUMS_EACH);
  store<f64>(own + SLACK, slackCm3);
}

/** Make a loader's first stage an empty compartment. */
export function empty(at: usize): void {
  useLoader(at);
  useStage(<usize>n(stages, 0));
  memory.fill(now, 0, sums - now);
  memory.copy(heights, floors, (<usize>columns) << 3);
  memory.fill(topmosts, 255, (<usize>columns) << 2);
  for (let c = 0; c < slabEnd; c++) passSlab(c);
}

/** How far a column can be filled from where it is: to its ceiling, or to the reservoir. */
export function roofOf(c: i32): f64 {
  const ceiling = f(ceilings, c);
  if (c >= slabEnd) return ceiling;
  const slab = f(slabLows, c);
  return f(heights, c) < slab ? min(slab, ceiling) : ceiling;
}

/** Space between what a column holds and what comes over it: a void, unless what lies there swells into it. */
export function gap(c: i32, upTo: f64): void {
  const from = f(heights, c);
  let lost = (upTo - from) * cellArea;
  const below = n(topmosts, c);
  // What lies under a reservoir does not swell over it.
  if (below >= 0 && from !== f(slabHighs, c)) {
    const its = sumsOf(below);
    const slack = load<f64>(its + SLACK);
    if (slack > 0) {
      const swells = min(lost, slack);
      const cm = swells / cellArea;
      addSums(its, cm, cm * f(xs, c), cm * f(ys, c), cm * (2 * from + cm));
      store<f64>(its + SLACK, slack - swells);
      const at = load<i32>(now + m.STAGE_SWELLINGS);
      putN(swollenColumns, at, c);
      putN(swollenThings, at, below);
      putF(swollenCms, at, cm);
      store<i32>(now + m.STAGE_SWELLINGS, at + 1);
      lost -= swells;
    }
  }
  addVoid(lost);
}

/** A column filled up to the reservoir goes on above it. */
export function passSlab(c: i32): void {
  const at = f(heights, c);
  const low = f(slabLows, c);
  const high = f(slabHighs, c);
  if (at < low - 1 || at >= high) return;
  addVoid(max(0, low - at) * cellArea);
  putF(heights, c, high);
}
