/** A compartment that is loaded again and again with small changes: only from the first thing on that is not where it was. */
import * as s from './searchMemory';
import { f, n, putF, putN, things, useLoader } from './compartment';
import { goBackToKept, keepLine, rewindTo } from './line';
import { loadThing } from './load';

export let desk: usize = 0;
// What is to be in, in loading order.
export let count: i32 = 0;
export let which: usize = 0;
let ways: usize = 0;
export let xs: usize = 0;
export let ys: usize = 0;

export function openDesk(at: usize): void {
  desk = at;
  useLoader(<usize>load<i32>(at + s.DESK_LOADER));
  count = load<i32>(at + s.DESK_COUNT);
  which = s.deskWhich(at, things);
  ways = s.deskWays(at, things);
  xs = s.deskXs(at);
  ys = s.deskYs(at, things);
}

/** How many of the first things that are to be in are as in another list. */
function sameStart(length: i32, otherWhich: usize, otherWays: usize, otherXs: usize, otherYs: usize): i32 {
  const most = min(count, length);
  for (let i = 0; i < most; i++)
    if (
      n(which, i) !== n(otherWhich, i) ||
      n(ways, i) !== n(otherWays, i) ||
      f(xs, i) !== f(otherXs, i) ||
      f(ys, i) !== f(otherYs, i)
    )
      return i;
  return most;
}

function triedLike(length: i32): i32 {
  return sameStart(
    length,
    s.deskTriedWhich(desk, things),
    s.deskTriedWays(desk, things),
    s.deskTriedXs(desk, things),
    s.deskTriedYs(desk, things),
  );
}
function keptLike(length: i32): i32 {
  return sameStart(
    length,
    s.deskKeptWhich(desk, things),
    s.deskKeptWays(desk, things),
    s.deskKeptXs(desk, things),
    s.deskKeptYs(desk, things),
  );
}

/** Take out what is not as it is to be; how many are in then. */
export function takeOutWrong(): i32 {
  const same = triedLike(load<i32>(desk + s.DESK_TRIED));
  const asKept = keptLike(load<i32>(desk + s.DESK_KEPT));
  if (asKept > same) goBackToKept(asKept);
  else rewindTo(same);
  const least = max(same, asKept);
  for (let i = same; i < least; i++) note(i);
  store<i32>(desk + s.DESK_TRIED, least);
  return least;
}

/** The i-th thing is in as it is to be. */
function note(i: i32): void {
  putN(s.deskTriedWhich(desk, things), i, n(which, i));
  putN(s.deskTriedWays(desk, things), i, n(ways, i));
  putF(s.deskTriedXs(desk, things), i, f(xs, i));
  putF(s.deskTriedYs(desk, things), i, f(ys, i));
}

/** Load the i-th thing; what would stand out is mended, unless it is pinned. */
export function loadNext(i: i32, mend: bool): void {
  const t = n(which, i);
  const solid = <usize>n(s.deskSolids(desk, things), t);
  loadThing(solid, n(ways, i), f(xs, i), f(ys, i), mend);
  note(i);
  store<i32>(desk + s.DESK_TRIED, i + 1);
}

/** What was tried last is what later lists will mostly begin with. */
export function keepDesk(at: usize): void {
  openDesk(at);
  keepLine();
  const tried = load<i32>(at + s.DESK_TRIED);
  store<i32>(at + s.DESK_KEPT, tried);
  const narrow = (<usize>tried) << 2;
  const wide = (<usize>tried) << 3;
  memory.copy(s.deskKeptWhich(at, things), s.deskTriedWhich(at, things), narrow);
  memory.copy(s.deskKeptWays(at, things), s.deskTriedWays(at, things), narrow);
  memory.copy(s.deskKeptXs(at, things), s.deskTriedXs(at, things), wide);
  memory.copy(s.deskKeptYs(at, things), s.deskTriedYs(at, things), wide);
}
