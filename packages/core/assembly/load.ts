/** One thing more is loaded: a rigid one comes down where it is put until it touches, a soft one flows. */
import * as m from './columnMemory';
import {
  TINY,
  addOver,
  begin,
  cellArea,
  cellCm,
  f,
  heights,
  loader,
  mayPart,
  n,
  now,
  nx,
  ny,
  useLoader,
  x0,
  y0,
} from './compartment';
import { added, loaded, nextStage, stageAt } from './line';
import { flow } from './pour';
import { aboveCm, lowestPlace, putRigid, restsAt } from './rigid';

/** Cells between the places that are tried for a thing that stands out. 1: the mean energy of 17 packs +5.0 %. */
const MEND_STEP: i32 = 2;
/**
 * Things that are given another place in one loading: each costs as much as loading all. None: +1.9 %; 12: the same, so
 * it hardly binds.
 */
const MOST_MENDS: i32 = 4;

// The patch that a thing is put over: its first cell, and how many it takes.
let patchX: i32 = 0;
let patchY: i32 = 0;
let wide: i32 = 0;
let deep: i32 = 0;

// The solid in use.
let solid: usize = 0;
let ways: usize = 0;

/** One of the numbers of a way in which the solid may be turned or spread. */
function turnAt(way: i32): usize {
  return <usize>n(m.solidTurns(solid), way);
}
function firstRowAt(way: i32): i32 {
  return n(m.solidFirstRows(solid, ways), way);
}

function cellsWithin(cells: f64, least: i32, most: i32): i32 {
  return cells < <f64>least ? least : cells > <f64>most ? max(least, most) : <i32>cells;
}

/** Find the patch with its middle over a point, as near as walls allow. */
function findPatch(way: i32, x: f64, y: f64): void {
  wide = n(m.solidWides(solid, ways), way);
  deep = n(m.solidDeeps(solid, ways), way);
  patchX = cellsWithin(Math.round((x - x0) / cellCm - <f64>wide / 2), 0, nx - wide);
  patchY = cellsWithin(
    Math.round((y - y0) / cellCm - <f64>deep / 2),
    min(firstRowAt(way), ny - deep),
    ny - deep,
  );
}

/**
 * Load a solid, turned or spread one way, with its middle over a point.
 *
 * @param mend a rigid thing that would stand out above its ceiling goes to the lowest place there is instead
 */
export function loadThing(its: usize, way: i32, x: f64, y: f64, mend: bool): void {
  solid = its;
  ways = <usize>load<i32>(its + m.SOLID_WAYS);
  const before = stageAt(loaded());
  nextStage();
  begin(before, loaded(), load<f64>(its + m.SOLID_SLACK_CM3));
  findPatch(way % <i32>ways, x, y);
  if (load<i32>(its + m.SOLID_IS_RIGID) !== 0) putSolid(way % <i32>ways, mend);
  else addOver(pourAll());
  added();
}
/** The same for a loader. */
export function loadInto(at: usize, its: usize, way: i32, x: f64, y: f64, mend: bool): void {
  useLoader(at);
  loadThing(its, way, x, y, mend);
}

function putSolid(wanted: i32, mend: bool): void {
  let way = wanted;
  let fits: bool = wide <= nx && deep <= ny;
  let z: f64 = fits ? restsAt(turnAt(way), patchY * nx + patchX) : 0;
  const mends = load<i32>(loader + m.LOADER_MENDS);
  if (mend && mends < MOST_MENDS && (!fits || aboveCm() > TINY)) {
    store<i32>(loader + m.LOADER_MENDS, mends + 1);
    // Too high where it was put: the lowest place there is, if one is under the ceiling.
    let lowest = Infinity;
    for (let other = 0; other < <i32>ways; other++) {
      const turn = turnAt(other);
      const place = lowestPlace(turn, firstRowAt(other), MEND_STEP, lowest);
      if (place < 0) continue;
      patchX = place % nx;
      patchY = place / nx;
      way = other;
      z = restsAt(turn, place);
      lowest = z + load<f64>(turn + m.TURN_HEIGHT_CM) / 2;
      fits = true;
    }
  }
  const turn = turnAt(way);
  const across = load<i32>(turn + m.TURN_NX);
  const out = load<i32>(turn + m.TURN_NY);
  store<f64>(now + m.STAGE_X, x0 + (<f64>patchX + <f64>across / 2) * cellCm);
  store<f64>(now + m.STAGE_Y, y0 + (<f64>patchY + <f64>out / 2) * cellCm);
  store<f64>(now + m.STAGE_Z, fits ? z : f(heights, 0));
  store<i32>(now + m.STAGE_TURN, <i32>turn);
  store<i32>(now + m.STAGE_WAY, way);
  if (fits) putRigid(turn, patchY * nx + patchX, z);
  else
    addOver(
      load<f64>(turn + m.TURN_WIDTH_CM) *
        load<f64>(turn + m.TURN_DEPTH_CM) *
        load<f64>(turn + m.TURN_HEIGHT_CM),
    );
}

/** Pour the solid; what does not go in comes back, cm³. */
function pourAll(): f64 {
  const volume = load<f64>(solid + m.SOLID_VOLUME_CM3);
  if (volume <= 0) return 0;
  const left = flowOver(volume, false);
  if (left <= TINY) return 0;
  if (wide === nx && deep === ny) return left;
  // The patch is full to the top: what is left goes wherever there is room beside it, as a hand would push it.
  patchX = 0;
  patchY = 0;
  wide = nx;
  deep = ny;
  const over = flowOver(left, true);
  if (over <= TINY) return 0;
  return mayPart ? flowOver(over, false) : over;
}

function flowOver(cm3: f64, besideOnly: bool): f64 {
  const tallest = max(
    load<f64>(loader + m.LOADER_TALLEST) * Math.cbrt(cm3),
    (2 * cm3) / (<f64>(wide * deep) * cellArea),
  );
  const leastCm = load<f64>(solid + m.SOLID_LEAST_CM);
  const narrow = load<i32>(solid + m.SOLID_NARROW);
  return flow(cm3, leastCm, narrow, tallest, patchX, patchY, wide, deep, besideOnly);
}
