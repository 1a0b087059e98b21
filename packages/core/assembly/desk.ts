/** A compartment that is loaded again and again with small changes: only from the first thing on that is not where it was. */
import * as s from './searchMemory';
import { n, things, useLoader } from './compartment';
import { goBackToKept, keepLine, rewindTo } from './line';
import { loadThing } from './load';

// A record of what is put where: the middle, which thing, and in which of its turns.
const X: usize = 0;
const Y: usize = 8;
const THING: usize = 16;
const WAY: usize = 20;
const RECORD = s.DESK_WANTED_EACH;

export let desk: usize = 0;
/** How many things are to be in. */
export let count: i32 = 0;
let wanted: usize = 0;
let tried: usize = 0;
let kept: usize = 0;

export function openDesk(at: usize): void {
  desk = at;
  useLoader(<usize>load<i32>(at + s.DESK_LOADER));
  count = load<i32>(at + s.DESK_COUNT);
  wanted = s.deskWanted(at);
  tried = s.deskTried(at, things);
  kept = s.deskKept(at, things);
}

function recordAt(i: i32): usize {
  return wanted + <usize>i * RECORD;
}
/** Which thing the i-th is that is to be in, and where its middle. */
export function thingAt(i: i32): i32 {
  return load<i32>(recordAt(i) + THING);
}
export function xAt(i: i32): f64 {
  return load<f64>(recordAt(i) + X);
}
export function yAt(i: i32): f64 {
  return load<f64>(recordAt(i) + Y);
}

/** How many of the first things that are to be in are as in another list. */
function sameStart(length: i32, list: usize): i32 {
  const most = min(count, length);
  for (let i = 0; i < most; i++) {
    const a = recordAt(i);
    const b = list + <usize>i * RECORD;
    if (
      load<i64>(a + THING) !== load<i64>(b + THING) ||
      load<f64>(a + X) !== load<f64>(b + X) ||
      load<f64>(a + Y) !== load<f64>(b + Y)
    )
      return i;
  }
  return most;
}

/** Take out what is not as it is to be; how many are in then. */
export function takeOutWrong(): i32 {
  const same = sameStart(load<i32>(desk + s.DESK_TRIED), tried);
  const asKept = sameStart(load<i32>(desk + s.DESK_KEPT), kept);
  if (asKept > same) goBackToKept(asKept);
  else rewindTo(same);
  const least = max(same, asKept);
  note(same, least);
  return least;
}

/** From one place on, things are in as they are to be, up to another. */
function note(from: i32, to: i32): void {
  const offset = <usize>from * RECORD;
  memory.copy(tried + offset, wanted + offset, <usize>(to - from) * RECORD);
  store<i32>(desk + s.DESK_TRIED, to);
}

/** Load the i-th thing; what would stand out is mended, unless it is pinned. */
export function loadNext(i: i32, mend: bool): void {
  const solid = <usize>n(s.deskSolids(desk, things), thingAt(i));
  loadThing(solid, load<i32>(recordAt(i) + WAY), xAt(i), yAt(i), mend);
  note(i, i + 1);
}

/** What was tried last is what later lists will mostly begin with. */
export function keepDesk(at: usize): void {
  openDesk(at);
  keepLine();
  const all = load<i32>(at + s.DESK_TRIED);
  store<i32>(at + s.DESK_KEPT, all);
  memory.copy(kept, tried, <usize>all * RECORD);
}
