/** A compartment that is loaded again and again with small changes: only from the first thing on that is not where it was. */
import * as m from './columnMemory';
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

export function useDesk(at: usize): void {
  desk = at;
  useLoader(<usize>load<i32>(at + m.DESK_LOADER));
  count = load<i32>(at + m.DESK_COUNT);
  which = m.deskWhich(at, things);
  ways = m.deskWays(at, things);
  xs = m.deskXs(at);
  ys = m.deskYs(at, things);
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
    m.deskTriedWhich(desk, things),
    m.deskTriedWays(desk, things),
    m.deskTriedXs(desk, things),
    m.deskTriedYs(desk, things),
  );
}
function keptLike(length: i32): i32 {
  return sameStart(
    length,
    m.deskKeptWhich(desk, things),
    m.deskKeptWays(desk, things),
    m.deskKeptXs(desk, things),
    m.deskKeptYs(desk, things),
  );
}

/** Take out what is not as it is to be; how many are in then. */
export function takeOutWrong(): i32 {
  const same = triedLike(load<i32>(desk + m.DESK_TRIED));
  const asKept = keptLike(load<i32>(desk + m.DESK_KEPT));
  if (asKept > same) goBackToKept(asKept);
  else rewindTo(same);
  const least = max(same, asKept);
  for (let i = same; i < least; i++) note(i);
  store<i32>(desk + m.DESK_TRIED, least);
  return least;
}

/** The i-th thing is in as it is to be. */
function note(i: i32): void {
  putN(m.deskTriedWhich(desk, things), i, n(which, i));
  putN(m.deskTriedWays(desk, things), i, n(ways, i));
  putF(m.deskTriedXs(desk, things), i, f(xs, i));
  putF(m.deskTriedYs(desk, things), i, f(ys, i));
}

/** Load the i-th thing; what would stand out is mended, unless it is pinned. */
export function loadNext(i: i32, mend: bool): void {
  const t = n(which, i);
  const solid = <usize>n(m.deskSolids(desk, things), t);
  loadThing(solid, n(ways, i), f(xs, i), f(ys, i), mend);
  note(i);
  store<i32>(desk + m.DESK_TRIED, i + 1);
}

/** What was tried last is what later lists will mostly begin with. */
export function keepDesk(at: usize): void {
  useDesk(at);
  keepLine();
  const tried = load<i32>(at + m.DESK_TRIED);
  store<i32>(at + m.DESK_KEPT, tried);
  const narrow = (<usize>tried) << 2;
  const wide = (<usize>tried) << 3;
  memory.copy(m.deskKeptWhich(at, things), m.deskTriedWhich(at, things), narrow);
  memory.copy(m.deskKeptWays(at, things), m.deskTriedWays(at, things), narrow);
  memory.copy(m.deskKeptXs(at, things), m.deskTriedXs(at, things), wide);
  memory.copy(m.deskKeptYs(at, things), m.deskTriedYs(at, things), wide);
}
