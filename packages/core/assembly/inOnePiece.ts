/** A soft thing stays in one piece: which of the listed columns hang together, and which lie beside what is in. */
import {
  TINY,
  column,
  columns,
  f,
  highs,
  lows,
  marks,
  n,
  nx,
  partCount,
  putF,
  putN,
  runs,
} from './compartment';
import { endList, listed } from './listed';

// Of each run of listed columns side by side in a row: where it begins in the list, its first column, its length, and
// another run that it hangs together with, or itself.
const RUN: i32 = 4;
function rootOf(run: i32): i32 {
  let root = run;
  while (n(runs, root * RUN + 3) !== root) root = n(runs, root * RUN + 3);
  return root;
}

/** Note by column which part of the thing fills it, from 1 on. */
export function markParts(): void {
  memory.fill(marks, 0, (<usize>columns) << 2);
  for (let k = 0, count = partCount(); k < count; k++) putN(marks, n(column, k), k + 1);
}

/** Whether a column, filled from a height to the level, has so much of its side on a part that is in. */
function isBeside(neighbour: i32, from: f64, leastCm: f64, level: f64): bool {
  const part = n(marks, neighbour) - 1;
  return part >= 0 && min(f(highs, part), level) - max(f(lows, part), from) >= leastCm - TINY;
}

/** Whether a run of the list lies beside what is in. */
function joins(run: i32, leastCm: f64, level: f64): bool {
  const first = n(runs, run * RUN);
  for (let k = first, end = first + n(runs, run * RUN + 2); k < end; k++) {
    const c = n(column, k);
    const from = f(lows, k);
    const x = c % nx;
    if (x > 0 && isBeside(c - 1, from, leastCm, level)) return true;
    if (x < nx - 1 && isBeside(c + 1, from, leastCm, level)) return true;
    if (c >= nx && isBeside(c - nx, from, leastCm, level)) return true;
    if (c + nx < columns && isBeside(c + nx, from, leastCm, level)) return true;
  }
  return false;
}

/** Note the runs of the listed columns, and which hang together; how many there are. */
function findRuns(): i32 {
  const all = partCount() + listed;
  let count = 0;
  let row = -2;
  // Runs of the row before this one, and this one's first.
  let from = 0;
  let to = 0;
  let own = 0;
  for (let i = partCount(); i < all;) {
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
  return count;
}

/**
 * Keep the largest connected part of the listed columns, or of those parts that lie beside what is in the largest; true
 * when others were dropped.
 */
export function keepLargest(besideOnly: bool, leastCm: f64, level: f64): bool {
  const count = findRuns();
  let parts = 0;
  let best = -1;
  let most = -1;
  for (let r = 0; r < count; r++) {
    if (n(runs, r * RUN + 3) !== r) continue;
    parts++;
    let size = 0;
    let isIn: bool = !besideOnly;
    for (let other = r; other < count; other++) {
      if (rootOf(other) !== r) continue;
      size += n(runs, other * RUN + 2);
      isIn = isIn || joins(other, leastCm, level);
    }
    if (!isIn || size <= most) continue;
    most = size;
    best = r;
  }
  if (parts <= 1 && best >= 0) return false;
  let kept = partCount();
  for (let r = 0; r < count; r++) {
    if (rootOf(r) !== best) continue;
    const first = n(runs, r * RUN);
    for (let k = 0, length = n(runs, r * RUN + 2); k < length; k++) {
      putN(column, kept, n(column, first + k));
      putF(lows, kept, f(lows, first + k));
      kept++;
    }
  }
  endList(kept);
  return true;
}
