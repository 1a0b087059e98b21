/** Gaps too narrow for a thing, and those at the top that are too narrow for anything. */
import {
  bases,
  ceilings,
  cellArea,
  columns,
  f,
  floors,
  heights,
  nx,
  ny,
  putF,
  useLoader,
  useStage,
} from './compartment';
import { loaded, stageAt } from './line';

/**
 * Heights under a patch with every gap narrower than k cells closed: a morphological closing by a k × k square. The
 * greatest of each window of k cells, along the rows and then across them; then the least of the windows over a cell,
 * across and then along. Either is k − 1 times that of two neighbours.
 */
export function closeGaps(k: i32, ix: i32, iy: i32, wide: i32, deep: i32): void {
  const line = (<usize>nx) << 3;
  const patch = bases + ((<usize>(iy * nx + ix)) << 3);
  const bytes = (<usize>wide) << 3;
  const end = patch + <usize>deep * line;
  for (let row = patch; row < end; row += line) memory.copy(row, row - bases + heights, bytes);
  const along = min(k, wide);
  const across = min(k, deep);
  // Windows along a row begin at its first cells.
  const windows = wide - along + 1;
  const windowBytes = (<usize>windows) << 3;
  for (let row = patch; row < end; row += line)
    for (let last = wide - 1; last >= windows; last--) raise(row, row + 8, last);
  for (let last = deep - 1; last > deep - across; last--)
    for (let j = 0; j < last; j++) raise(patch + <usize>j * line, patch + <usize>(j + 1) * line, windows);
  for (let last = deep - across + 1; last < deep; last++) {
    memory.copy(patch + <usize>last * line, patch + <usize>(last - 1) * line, windowBytes);
    for (let j = last - 1; j > 0; j--) lower(patch + <usize>j * line, patch + <usize>(j - 1) * line, windows);
  }
  for (let row = patch; row < end; row += line) {
    for (let last = windows; last < wide; last++) {
      putF(row, last, f(row, last - 1));
      lower(row + 8, row, last - 1);
    }
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

/** Gaps at the top of what is in that are narrower than k cells, cm³. */
export function crevices(k: i32): f64 {
  useStage(stageAt(loaded()));
  closeGaps(k, 0, 0, nx, ny);
  let lost: f64 = 0;
  for (let c = 0; c < columns; c++) {
    const ceiling = f(ceilings, c);
    if (ceiling <= f(floors, c)) continue;
    lost += max(0, min(f(bases, c), ceiling) - f(heights, c));
  }
  return lost * cellArea;
}
/** The same for a loader. */
export function creviceCm3(at: usize, k: i32): f64 {
  useLoader(at);
  return crevices(k);
}
