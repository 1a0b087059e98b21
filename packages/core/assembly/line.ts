/**
 * The stages of a loader, by how many things are in: the line that is in use, one that was kept to go back to, and room
 * to write on beside that.
 */
import * as m from './columnMemory';
import { cellArea, kept, loader, n, putN, spare, stages, useLoader, useStage } from './compartment';

/** How many things are in. */
export function loaded(): i32 {
  return load<i32>(loader + m.LOADER_LOADED);
}
/** The stage in use with so many things in it. */
export function stageAt(count: i32): usize {
  return <usize>n(stages, count);
}

/** Take a stage into use that one thing more is to be written on; it counts once that is added. */
export function nextStage(): void {
  const count = loaded() + 1;
  let stage = n(stages, count);
  if (stage === n(kept, count)) {
    stage = n(spare, count);
    putN(stages, count, stage);
  }
  useStage(<usize>stage);
}
export function added(): void {
  store<i32>(loader + m.LOADER_LOADED, loaded() + 1);
}

function takeOut(count: i32): void {
  store<i32>(loader + m.LOADER_MENDS, 0);
  store<i32>(loader + m.LOADER_LOADED, count);
}
/** Take out all but the first so many. */
export function rewindTo(count: i32): void {
  takeOut(min(count, loaded()));
}
/** The first so many that were in when it was last kept are in, and nothing else. */
export function goBackToKept(count: i32): void {
  for (let i = 1; i <= count; i++) putN(stages, i, n(kept, i));
  takeOut(count);
}
/** What is in now can be gone back to, whatever is loaded instead. */
export function keepLine(): void {
  for (let i = 1, count = loaded(); i <= count; i++) {
    const stage = n(stages, i);
    const before = n(kept, i);
    if (stage === before) continue;
    if (before !== 0) putN(spare, i, before);
    putN(kept, i, stage);
  }
}

/** Take out all but the first things of a loader. */
export function rewind(at: usize, count: i32): void {
  useLoader(at);
  rewindTo(count);
}

/** What did not go in of what is in, or space that is lost, up to a number of things, cm³. */
export function overAt(count: i32): f64 {
  return load<f64>(stageAt(count) + m.STAGE_OVER_CM3);
}
export function voidAt(count: i32): f64 {
  return load<f64>(stageAt(count) + m.STAGE_VOID_CM3);
}
/** How the i-th thing in is turned; 0 when it is soft. */
export function turnOf(i: i32): usize {
  return <usize>load<i32>(stageAt(i + 1) + m.STAGE_TURN);
}
/** How many columns the i-th thing takes. */
export function columnsOf(i: i32): i32 {
  return load<i32>(stageAt(i + 1) + m.STAGE_COUNT);
}

// What was measured last: a middle, cm, and what of a soft thing is in, cm³.
export let middleX: f64 = 0;
export let middleY: f64 = 0;
export let middleZ: f64 = 0;
export let filledCm3: f64 = 0;

/** Find the middle of the i-th thing; false when nothing of it is in. */
export function measure(i: i32): bool {
  const turn = turnOf(i);
  if (turn !== 0) {
    const stage = stageAt(i + 1);
    middleX = load<f64>(stage + m.STAGE_X);
    middleY = load<f64>(stage + m.STAGE_Y);
    middleZ = load<f64>(stage + m.STAGE_Z) + load<f64>(turn + m.TURN_HEIGHT_CM) / 2;
    return true;
  }
  // The sums of all things are in the last stage, with what swelled since.
  const its = m.stageSums(stageAt(loaded())) + <usize>i * m.STAGE_SUMS_EACH;
  const filled = load<f64>(its);
  if (filled <= 0) return false;
  middleX = load<f64>(its + 8) / filled;
  middleY = load<f64>(its + 16) / filled;
  middleZ = load<f64>(its + 24) / filled / 2;
  filledCm3 = filled * cellArea;
  return true;
}

/** Note what is measured of a loader's i-th thing; false when nothing of it is in. */
export function measured(at: usize, i: i32): bool {
  useLoader(at);
  if (!measure(i)) return false;
  store<f64>(at + m.LOADER_MIDDLE_X, middleX);
  store<f64>(at + m.LOADER_MIDDLE_Y, middleY);
  store<f64>(at + m.LOADER_MIDDLE_Z, middleZ);
  return true;
}
