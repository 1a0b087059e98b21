/**
 * The loader: fills one compartment from below, thing after thing, column by column of its floor grid.
 *
 * A rigid thing comes down where it is put until it touches; what stays empty under it is a void. A soft thing flows:
 * over its patch it fills the lowest places first until all of it is in and its top is level, keeping its volume, in
 * one piece, nowhere thinner than its least thickness and into no gap narrower than that. A compressible thing that
 * lies under a void swells into it, up to its loose volume. Heights are exact; only the floor plan is gridded.
 *
 * A void is space under something, or a gap narrower than `CREVICE_CM` that is still open at the end: wider ones are no
 * voids, the pack is drawn tight over them.
 */
import type { Compartment } from './packGeometry.js';
import { firstRowOff, SPREADS, type Solid, type Turn } from './solids.js';

/** Taken once: this is where nearly all of the time goes, and a lookup on a global is not free everywhere. */
const { abs, cbrt, floor, max, min, round, sqrt } = Math;

/** No soft thing is taller than this many edges of a cube of its volume (Graft's own number). */
export const TALLEST_SPREAD = 2;
/** Gaps at the top narrower than this are lost, cm (Graft's own number). */
const CREVICE_CM = 3;
/** A soft thing that nearly reaches from wall to wall does, cm (Graft's own number). */
const WALL_GAP_CM = 3;
/** More cells than any compartment has along an edge. */
const MOST_CELLS = 1024;
/** Cells between the places that are tried for a thing that stands out. */
const MEND_STEP = 2;
/** Things that are given another place in one loading: each costs as much as loading all. */
const MOST_MENDS = 4;
/** Lengths below this are rounding, cm. */
const TINY = 1e-6;

/** Where a rigid thing ended up, cm, pack frame. */
export interface RigidPlace {
  readonly turn: Turn;
  readonly xCm: number;
  readonly yCm: number;
  /** Its lowest point. */
  readonly zCm: number;
}

/** What a thing fills of a column, between two heights, cm. */
export interface ColumnPart {
  readonly column: number;
  readonly low: number;
  high: number;
}

/** What a compartment holds when so many things are loaded, and where the last of them lies. */
export interface Stage {
  /** Height that each column is filled to. */
  readonly height: Float64Array;
  /** What is uppermost in each column, by place in the loading order; −1 where nothing is. */
  readonly topmost: Int16Array;
  /** For each soft thing what it fills, in cm of columns, that times x, y and twice z, and what it may still swell, cm³. */
  readonly sums: Float64Array;
  voidCm3: number;
  overflowCm3: number;
  /** The last thing's parts. */
  count: number;
  readonly column: Int32Array;
  readonly low: Float64Array;
  readonly high: Float64Array;
  rigid: RigidPlace | undefined;
  /** What swelled when the last thing came over it: column, thing, cm. */
  swellings: number;
  readonly swollenColumn: Int32Array;
  readonly swollenThing: Int16Array;
  readonly swollenCm: Float64Array;
}
/** Figures in `sums` for each thing. */
const SUMS = 5;
const SLACK = 4;

/** A turn's columns as steps from its first one in a grid. */
interface Footprint {
  readonly steps: Int32Array;
  /** Its lower edge is level. */
  readonly isLevel: boolean;
}

export class ColumnLoader {
  /** Middle of each column, cm. */
  readonly columnX: Float64Array;
  readonly columnY: Float64Array;
  /** By how many things are loaded. Later ones than `loaded` are of no meaning: they are written over. */
  readonly stages: Stage[];
  loaded = 0;
  private now: Stage;
  private readonly slabLow: Float64Array | undefined;
  private readonly slabHigh: Float64Array | undefined;
  private readonly base: Float64Array;
  private readonly active: Uint8Array;
  private readonly queue: Int32Array;
  private readonly window: Float64Array;
  /** The columns that are poured over, with their lower ends and how far they go; and the level found. */
  private readonly columns: Int32Array;
  private readonly low: Float64Array;
  private readonly top: Float64Array;
  private count = 0;
  private aboveCm = 0;
  private readonly footprints = new Map<Turn, Footprint>();
  /** What was measured last: a middle, cm, and what a soft thing fills. */
  middleX = 0;
  middleY = 0;
  middleZ = 0;
  filledCm3 = 0;
  /** The patch of cells that was found last: its first cell and its size. */
  private patchX = 0;
  private patchY = 0;
  private patchWide = 0;
  private patchDeep = 0;
  /** Places looked for since the loader was last rewound. */
  private mends = 0;
  private level = 0;
  private readonly cellArea: number;
  private readonly lowestCeiling: number;
  private readonly highestCeiling: number;

  constructor(
    readonly compartment: Compartment,
    private readonly most: number,
    /** A filled reservoir in its sleeve: columns nearer to the back than `depthCm` have it between two heights. */
    slab?: {
      readonly widthCm: number;
      readonly depthCm: number;
      readonly low: number;
      readonly high: number;
    },
  ) {
    const { nx, ny, cellCm, ceiling } = compartment;
    const n = nx * ny;
    this.columnX = new Float64Array(n);
    this.columnY = new Float64Array(n);
    for (let c = 0; c < n; c += 1) {
      this.columnX[c] = compartment.x0 + ((c % nx) + 0.5) * cellCm;
      this.columnY[c] = compartment.y0 + (floor(c / nx) + 0.5) * cellCm;
    }
    this.base = new Float64Array(n);
    this.active = new Uint8Array(n);
    this.queue = new Int32Array(n);
    this.window = new Float64Array(n);
    this.columns = new Int32Array(n);
    this.low = new Float64Array(n);
    this.top = new Float64Array(n);
    this.cellArea = cellCm * cellCm;
    this.lowestCeiling = ceiling.reduce((least, at) => min(least, at), Infinity);
    this.highestCeiling = ceiling.reduce((most, at) => max(most, at), -Infinity);
    if (slab !== undefined) {
      this.slabLow = new Float64Array(n).fill(Infinity);
      this.slabHigh = new Float64Array(n).fill(Infinity);
      const rows = min(ny, max(1, round(slab.depthCm / cellCm)));
      const wide = min(nx, round(slab.widthCm / cellCm));
      const first = floor((nx - wide) / 2);
      for (let iy = 0; iy < rows; iy += 1) {
        for (let ix = first; ix < first + wide; ix += 1) {
          this.slabLow[iy * nx + ix] = slab.low;
          this.slabHigh[iy * nx + ix] = slab.high;
        }
      }
    }
    const empty = this.newStage();
    empty.height.set(compartment.floor);
    empty.topmost.fill(-1);
    this.stages = [empty];
    this.now = empty;
    if (this.slabLow !== undefined) for (let c = 0; c < n; c += 1) this.passSlab(c);
  }

  /** Room for what the compartment may hold at some stage. */
  newStage(): Stage {
    const n = this.base.length;
    // A thing that is poured twice may come to lie under a reservoir and over it.
    const parts = this.slabLow === undefined ? n : 2 * n;
    return {
      height: new Float64Array(n),
      topmost: new Int16Array(n),
      sums: new Float64Array(SUMS * this.most),
      voidCm3: 0,
      overflowCm3: 0,
      count: 0,
      column: new Int32Array(parts),
      low: new Float64Array(parts),
      high: new Float64Array(parts),
      rigid: undefined,
      swellings: 0,
      swollenColumn: new Int32Array(parts),
      swollenThing: new Int16Array(parts),
      swollenCm: new Float64Array(parts),
    };
  }

  /** Height that each column is filled to. */
  get height(): Float64Array {
    return this.stages[this.loaded]!.height;
  }
  get voidCm3(): number {
    return this.stages[this.loaded]!.voidCm3;
  }
  get overflowCm3(): number {
    return this.stages[this.loaded]!.overflowCm3;
  }

  /** Take out all but the first things that were loaded. */
  rewind(count: number): void {
    this.mends = 0;
    this.loaded = min(count, this.loaded);
  }

  /**
   * Load a thing with its middle over a point of the floor, as near as walls allow.
   *
   * @param mend a rigid thing that would stand out above its ceiling goes to the lowest place there is instead
   * @param awayCm by turn, how far a rigid thing stays from the back, where there is room for that
   */
  load(solid: Solid, turn: number, xCm: number, yCm: number, mend = false, awayCm?: readonly number[]): void {
    const i = this.loaded;
    const before = this.stages[i]!;
    const now = (this.stages[i + 1] ??= this.newStage());
    this.now = now;
    now.height.set(before.height);
    now.topmost.set(before.topmost);
    const { sums } = now;
    for (let k = 0; k < SUMS * i; k += 1) sums[k] = before.sums[k]!;
    for (let k = SUMS * i; k < SUMS * (i + 1); k += 1) sums[k] = 0;
    now.voidCm3 = before.voidCm3;
    now.overflowCm3 = before.overflowCm3;
    now.count = 0;
    now.swellings = 0;
    now.rigid = undefined;
    if (solid.kind === 'rigid') {
      this.putRigid(solid.turns, turn % solid.turns.length, xCm, yCm, mend, awayCm);
    } else this.pour(solid, turn % SPREADS.length, xCm, yCm);
    this.loaded = i + 1;
  }

  private putRigid(
    turns: readonly Turn[],
    wanted: number,
    xCm: number,
    yCm: number,
    mend: boolean,
    awayCm: readonly number[] | undefined,
  ): void {
    const { nx, ny, cellCm, x0, y0, ceiling, holdsFrom } = this.compartment;
    let turn = turns[wanted]!;
    const firstRow = (t: number): number => firstRowOff(turns[t]!, awayCm?.[t] ?? 0, cellCm);
    this.findPatch(turn.nx, turn.ny, xCm, yCm, firstRow(wanted));
    let { patchX: ix, patchY: iy } = this;
    let fits = turn.nx <= nx && turn.ny <= ny;
    let z = fits ? this.restsAt(turn, ix, iy) : 0;
    if (mend && this.mends < MOST_MENDS && (!fits || this.aboveCm > TINY)) {
      this.mends += 1;
      // Too high where it was put: the lowest place there is, if one is under the ceiling.
      let lowest = Infinity;
      for (let o = 0; o < turns.length; o += 1) {
        const other = turns[o]!;
        for (let jy = firstRow(o); jy <= ny - other.ny; jy += MEND_STEP) {
          for (let jx = 0; jx <= nx - other.nx; jx += MEND_STEP) {
            if (!this.mayRestBelow(other, jx, jy, lowest - other.heightCm / 2)) continue;
            const at = this.restsAt(other, jx, jy);
            if (this.aboveCm > TINY || at + other.heightCm / 2 >= lowest) continue;
            lowest = at + other.heightCm / 2;
            turn = other;
            ix = jx;
            iy = jy;
            z = at;
            fits = true;
          }
        }
      }
    }
    const atX = x0 + (ix + turn.nx / 2) * cellCm;
    const atY = y0 + (iy + turn.ny / 2) * cellCm;
    const { now } = this;
    const i = this.loaded;
    if (!fits) {
      now.overflowCm3 += turn.widthCm * turn.depthCm * turn.heightCm;
      now.rigid = { turn, xCm: atX, yCm: atY, zCm: now.height[0]! };
      return;
    }
    const { low, high } = turn;
    const { steps } = this.footprintOf(turn);
    const { height, topmost } = now;
    const first = iy * nx + ix;
    const count = steps.length;
    const standsOut = z > holdsFrom && z + turn.heightCm > this.lowestCeiling;
    let above = 0;
    for (let k = 0; k < count; k += 1) {
      const c = first + steps[k]!;
      const bottom = z + low[k]!;
      const top = z + high[k]!;
      if (bottom > height[c]! + TINY) this.gap(c, bottom);
      if (standsOut && top > ceiling[c]!) above += top - max(bottom, ceiling[c]!);
      now.column[k] = c;
      now.low[k] = bottom;
      now.high[k] = top;
      height[c] = top;
      topmost[c] = i;
    }
    now.count = count;
    if (this.slabLow !== undefined) for (let k = 0; k < count; k += 1) this.passSlab(first + steps[k]!);
    now.overflowCm3 += above * this.cellArea;
    now.rigid = { turn, xCm: atX, yCm: atY, zCm: z };
  }

  private footprintOf(turn: Turn): Footprint {
    let found = this.footprints.get(turn);
    if (found === undefined) {
      const { dx, dy, low } = turn;
      const { nx } = this.compartment;
      found = { steps: Int32Array.from(dx, (x, k) => dy[k]! * nx + x), isLevel: low.every((at) => at === 0) };
      this.footprints.set(turn, found);
    }
    return found;
  }

  /** Whether a turned thing might come to rest below a height and under the ceiling: false as soon as a column says no. */
  private mayRestBelow(turn: Turn, ix: number, iy: number, below: number): boolean {
    const { nx, holdsFrom } = this.compartment;
    const { low } = turn;
    const { steps } = this.footprintOf(turn);
    const { height } = this.now;
    const first = iy * nx + ix;
    const limit = min(below, max(this.highestCeiling - turn.heightCm, holdsFrom) + TINY);
    for (let k = 0; k < steps.length; k += 1) if (height[first + steps[k]!]! - low[k]! >= limit) return false;
    return true;
  }

  /** Height at which a turned thing comes to rest; `aboveCm` is then how far it is above the lowest ceiling over it. */
  private restsAt(turn: Turn, ix: number, iy: number): number {
    const { nx, ceiling, holdsFrom } = this.compartment;
    const { low, high } = turn;
    const { steps, isLevel } = this.footprintOf(turn);
    const { height } = this.now;
    const count = steps.length;
    const first = iy * nx + ix;
    let z = -Infinity;
    if (isLevel) {
      for (let k = 0; k < count; k += 1) {
        const rest = height[first + steps[k]!]!;
        if (rest > z) z = rest;
      }
    } else {
      for (let k = 0; k < count; k += 1) {
        const rest = height[first + steps[k]!]! - low[k]!;
        if (rest > z) z = rest;
      }
    }
    if (this.slabLow !== undefined) {
      for (let k = 0; k < count; k += 1) {
        const c = first + steps[k]!;
        const beyond = this.slabHigh![c]!;
        if (z + high[k]! > this.slabLow[c]! + TINY && z + low[k]! < beyond - TINY) z = beyond - low[k]!;
      }
    }
    let above = 0;
    if (z > holdsFrom && z + turn.heightCm > this.lowestCeiling) {
      for (let k = 0; k < count; k += 1) {
        const over = z + high[k]! - ceiling[first + steps[k]!]!;
        if (over > above) above = over;
      }
    }
    this.aboveCm = above;
    return z;
  }

  private pour(solid: Extract<Solid, { kind: 'soft' }>, spread: number, xCm: number, yCm: number): void {
    const { nx, ny } = this.compartment;
    const volume = solid.volumeL * 1000;
    this.now.sums[SUMS * this.loaded + SLACK] = (solid.looseL - solid.volumeL) * 1000;
    if (volume <= 0) return;
    this.findSpread(volume, spread, xCm, yCm);
    const { patchX: ix, patchY: iy, patchWide: pw, patchDeep: pd } = this;
    const left = this.flow(volume, solid.leastCm, ix, iy, pw, pd);
    if (left <= TINY) return;
    // The patch is full to the top: what is left goes wherever there is room, as a hand would push it.
    this.now.overflowCm3 += pw < nx || pd < ny ? this.flow(left, solid.leastCm, 0, 0, nx, ny) : left;
  }

  /** Where a thing would be put: its patch of cells as one number, the same for the same patch. */
  patchOf(solid: Solid, turn: number, xCm: number, yCm: number, awayCm?: readonly number[]): number {
    if (solid.kind === 'rigid') {
      const { nx, ny, depthCm } = solid.turns[turn]!;
      this.findPatch(
        nx,
        ny,
        xCm,
        yCm,
        firstRowOff({ ny, depthCm }, awayCm?.[turn] ?? 0, this.compartment.cellCm),
      );
    } else this.findSpread(solid.volumeL * 1000, turn, xCm, yCm);
    return (
      ((this.patchX * MOST_CELLS + this.patchY) * MOST_CELLS + this.patchWide) * MOST_CELLS + this.patchDeep
    );
  }

  private findPatch(wide: number, deep: number, xCm: number, yCm: number, firstRow: number): void {
    const { nx, ny, cellCm, x0, y0 } = this.compartment;
    this.patchX = clamp(round((xCm - x0) / cellCm - wide / 2), 0, nx - wide);
    this.patchY = clamp(round((yCm - y0) / cellCm - deep / 2), min(firstRow, ny - deep), ny - deep);
    this.patchWide = wide;
    this.patchDeep = deep;
  }

  private findSpread(volumeCm3: number, spread: number, xCm: number, yCm: number): void {
    const { nx, ny, cellCm } = this.compartment;
    const { aspect, thickness } = SPREADS[spread]!;
    const area = volumeCm3 / (thickness * cbrt(volumeCm3));
    let wide = min(nx * cellCm, sqrt(area * aspect));
    const deep = min(ny * cellCm, area / wide);
    wide = min(nx * cellCm, area / deep);
    // What is left beside it would be too narrow for anything: it spreads to the wall.
    const cellsOver = (lengthCm: number, cells: number): number => {
      const wanted = clamp(round(lengthCm / cellCm), 1, cells);
      return (cells - wanted) * cellCm <= WALL_GAP_CM ? cells : wanted;
    };
    this.findPatch(cellsOver(wide, nx), cellsOver(deep, ny), xCm, yCm, 0);
  }

  /** Pour a volume over a patch; what does not go in under its ceilings comes back, cm³. */
  private flow(volume: number, leastCm: number, ix: number, iy: number, pw: number, pd: number): number {
    const { nx, cellCm, ceiling } = this.compartment;
    const { columns, low, top, now, slabLow } = this;
    const { height, topmost, sums } = now;
    const narrow = round(leastCm / cellCm);
    let base = height;
    if (narrow > 1) {
      this.closeGaps(narrow, ix, iy, pw, pd);
      base = this.base;
    }
    let count = 0;
    let sumLow = 0;
    let lowest = Infinity;
    let highest = -Infinity;
    let leastTop = Infinity;
    for (let j = iy; j < iy + pd; j += 1) {
      for (let c = j * nx + ix, end = c + pw; c < end; c += 1) {
        const upTo = slabLow === undefined ? ceiling[c]! : this.topOf(c, ceiling[c]!);
        const from = base[c]!;
        if (upTo - from < leastCm) continue;
        columns[count] = c;
        low[count] = from;
        top[count] = upTo;
        count += 1;
        sumLow += from;
        if (from < lowest) lowest = from;
        if (from > highest) highest = from;
        if (upTo < leastTop) leastTop = upTo;
      }
    }
    const tallest = max(TALLEST_SPREAD * cbrt(volume), (2 * volume) / (pw * pd * this.cellArea));
    // Mostly all columns are in at once, none too thin, too deep or full.
    const even = (volume / this.cellArea + sumLow) / count;
    if (highest <= even - leastCm + TINY && leastTop >= even && even - lowest <= tallest) {
      this.count = count;
      this.level = even;
    } else this.settle(count, volume, leastCm, tallest);
    // Columns left out may have parted the thing: its largest part takes all of it.
    if (this.count < pw * pd && !this.isSurelyWhole(ix, iy, pw) && this.keepLargest())
      this.settle(this.count, volume, leastCm, tallest);
    const { level, columnX, columnY } = this;
    const i = this.loaded;
    const listed = this.count;
    let parts = now.count;
    let filled = 0;
    let mx = 0;
    let my = 0;
    let mz = 0;
    for (let k = 0; k < listed; k += 1) {
      const c = columns[k]!;
      const from = low[k]!;
      const to = level < top[k]! ? level : top[k]!;
      if (to <= from) continue;
      if (from > height[c]! + TINY) this.gap(c, from);
      now.column[parts] = c;
      now.low[parts] = from;
      now.high[parts] = to;
      parts += 1;
      height[c] = to;
      topmost[c] = i;
      const h = to - from;
      filled += h;
      mx += h * columnX[c]!;
      my += h * columnY[c]!;
      mz += h * (from + to);
    }
    if (slabLow !== undefined) for (let k = now.count; k < parts; k += 1) this.passSlab(now.column[k]!);
    now.count = parts;
    const s = SUMS * i;
    sums[s]! += filled;
    sums[s + 1]! += mx;
    sums[s + 2]! += my;
    sums[s + 3]! += mz;
    return volume - filled * this.cellArea;
  }

  /** How far a column can be filled from where it is: to its ceiling, or to the reservoir. */
  private topOf(c: number, ceiling: number): number {
    const slab = this.slabLow?.[c];
    return slab !== undefined && this.now.height[c]! < slab ? min(slab, ceiling) : ceiling;
  }

  /**
   * Find the height at which a volume is in, over the first columns of the list. Columns that would get less than the
   * least thickness leave the list, then those so deep that it would be stretched; columns only ever leave, so it comes
   * to an end. `level` is infinite when all columns are full and some is left.
   */
  private settle(listed: number, volume: number, leastCm: number, tallest: number): void {
    const { columns, low, top } = this;
    const wanted = volume / this.cellArea;
    let count = listed;
    let sumLow = 0;
    for (let i = 0; i < count; i += 1) sumLow += low[i]!;
    // Nothing is full until it shows.
    let level = -Infinity;
    for (;;) {
      let sum = wanted + sumLow;
      let open = count;
      if (level > -Infinity) {
        for (let i = 0; i < count; i += 1) {
          if (top[i]! >= level) continue;
          sum -= top[i]!;
          open -= 1;
        }
      }
      if (open === 0) {
        this.count = count;
        this.level = sum > TINY ? Infinity : level;
        return;
      }
      const next = sum / open;
      const thin = next - leastCm + TINY;
      let kept = 0;
      let keptLow = 0;
      let full = false;
      for (let i = 0; i < count; i += 1) {
        const from = low[i]!;
        if (from > thin) continue;
        if (top[i]! < next) full = true;
        if (kept < i) {
          columns[kept] = columns[i]!;
          low[kept] = from;
          top[kept] = top[i]!;
        }
        keptLow += from;
        kept += 1;
      }
      let out = kept < count;
      if (!out && (!full || abs(next - level) < TINY)) {
        kept = 0;
        keptLow = 0;
        for (let i = 0; i < count; i += 1) {
          const from = low[i]!;
          if (next - from > tallest) continue;
          if (kept < i) {
            columns[kept] = columns[i]!;
            low[kept] = from;
            top[kept] = top[i]!;
          }
          keptLow += from;
          kept += 1;
        }
        out = kept < count;
        if (!out) {
          this.count = count;
          this.level = next;
          return;
        }
      }
      count = kept;
      sumLow = keptLow;
      level = out ? -Infinity : next;
    }
  }

  /** Whether the listed columns of a patch are certain to hang together: a run in each row, each beside the last. */
  private isSurelyWhole(ix: number, iy: number, wide: number): boolean {
    const { nx } = this.compartment;
    const { columns, count } = this;
    if (count === 0) return true;
    let end = iy * nx + ix + wide;
    let c = columns[0]!;
    while (c >= end) end += nx;
    // The run of the row before, and where this one began; the first row has none to hang on.
    let [from, to] = [-Infinity, Infinity];
    let start = c;
    for (let i = 1; i <= count; i += 1) {
      const next = i < count ? columns[i]! : Infinity;
      if (next === c + 1 && next < end) {
        c = next;
        continue;
      }
      if (start > to + nx || c < from + nx) return false;
      if (i === count) return true;
      if (next < end || next >= end + nx) return false;
      [from, to] = [start, c];
      end += nx;
      start = next;
      c = next;
    }
    return true;
  }

  /** Keep the largest connected part of the listed columns; true when others were dropped. */
  private keepLargest(): boolean {
    const { nx } = this.compartment;
    const { active, queue, columns, low, top, count } = this;
    const cellCount = active.length;
    for (let i = 0; i < count; i += 1) active[columns[i]!] = 1;
    let parts = 0;
    let best = 0;
    let most = -1;
    for (let i = 0; i < count; i += 1) {
      const start = columns[i]!;
      if (active[start] !== 1) continue;
      parts += 1;
      const mark = min(255, parts + 1);
      let head = 0;
      let tail = 0;
      queue[tail++] = start;
      active[start] = mark;
      while (head < tail) {
        const c = queue[head++]!;
        const x = c % nx;
        if (x > 0 && active[c - 1] === 1) active[(queue[tail++] = c - 1)] = mark;
        if (x < nx - 1 && active[c + 1] === 1) active[(queue[tail++] = c + 1)] = mark;
        if (c >= nx && active[c - nx] === 1) active[(queue[tail++] = c - nx)] = mark;
        if (c + nx < cellCount && active[c + nx] === 1) active[(queue[tail++] = c + nx)] = mark;
      }
      if (tail > most) {
        most = tail;
        best = mark;
      }
    }
    let kept = 0;
    for (let i = 0; i < count; i += 1) {
      const c = columns[i]!;
      const keep = active[c] === best;
      active[c] = 0;
      if (!keep) continue;
      columns[kept] = c;
      low[kept] = low[i]!;
      top[kept] = top[i]!;
      kept += 1;
    }
    this.count = kept;
    return parts > 1;
  }

  /** Heights under a patch with every gap narrower than k cells closed: a morphological closing by a k × k square. */
  private closeGaps(k: number, ix: number, iy: number, pw: number, pd: number): void {
    const { nx } = this.compartment;
    const { base } = this;
    const { height } = this.now;
    for (let j = iy; j < iy + pd; j += 1) {
      for (let c = j * nx + ix; c < j * nx + ix + pw; c += 1) base[c] = height[c]!;
    }
    if (k <= 1) return;
    this.filter(min(k, pw), 1, pw, iy * nx + ix, pd, nx);
    this.filter(min(k, pd), nx, pd, iy * nx + ix, pw, 1);
  }

  /** Closing along one direction of the patch: the greatest of each window, then the least of the windows over a cell. */
  private filter(
    k: number,
    step: number,
    length: number,
    first: number,
    lines: number,
    lineStep: number,
  ): void {
    const { base, window } = this;
    if (k === 2) {
      for (let l = 0; l < lines; l += 1) {
        let at = first + l * lineStep;
        // The greater of each two neighbours, then the lesser of the two pairs that a cell is in.
        let pair = Infinity;
        for (let i = 0; i < length - 1; i += 1, at += step) {
          const here = base[at]!;
          const next = base[at + step]!;
          const greater = here > next ? here : next;
          base[at] = pair < greater ? pair : greater;
          pair = greater;
        }
        base[at] = pair;
      }
      return;
    }
    const windows = length - k + 1;
    for (let l = 0; l < lines; l += 1) {
      const from = first + l * lineStep;
      for (let i = 0; i < windows; i += 1) {
        let most = -Infinity;
        for (let t = 0; t < k; t += 1) {
          const h = base[from + (i + t) * step]!;
          if (h > most) most = h;
        }
        window[i] = most;
      }
      for (let i = 0; i < length; i += 1) {
        let least = Infinity;
        for (let w = max(0, i - k + 1); w <= min(windows - 1, i); w += 1) {
          if (window[w]! < least) least = window[w]!;
        }
        base[from + i * step] = least;
      }
    }
  }

  /** Space between what a column holds and what comes over it: a void, unless what lies there swells into it. */
  private gap(c: number, upTo: number): void {
    const { now, cellArea } = this;
    const { sums } = now;
    const from = now.height[c]!;
    let lost = (upTo - from) * cellArea;
    const thing = now.topmost[c]!;
    const s = SUMS * thing;
    // What lies under a reservoir does not swell over it.
    if (thing >= 0 && sums[s + SLACK]! > 0 && from !== this.slabHigh?.[c]) {
      const swells = min(lost, sums[s + SLACK]!);
      const cm = swells / cellArea;
      sums[s]! += cm;
      sums[s + 1]! += cm * this.columnX[c]!;
      sums[s + 2]! += cm * this.columnY[c]!;
      sums[s + 3]! += cm * (2 * from + cm);
      sums[s + SLACK]! -= swells;
      now.swollenColumn[now.swellings] = c;
      now.swollenThing[now.swellings] = thing;
      now.swollenCm[now.swellings] = cm;
      now.swellings += 1;
      lost -= swells;
    }
    now.voidCm3 += lost;
  }

  /** A column filled up to the reservoir goes on above it. */
  private passSlab(c: number): void {
    const { height } = this.now;
    const low = this.slabLow![c]!;
    if (height[c]! < low - 1 || height[c]! >= this.slabHigh![c]!) return;
    this.now.voidCm3 += max(0, low - height[c]!) * this.cellArea;
    height[c] = this.slabHigh![c]!;
  }

  /** A filled reservoir lies at the back. */
  get hasSlab(): boolean {
    return this.slabLow !== undefined;
  }

  /** What of the i-th loaded thing did not go in, cm³. */
  overflowOf(i: number): number {
    return this.stages[i + 1]!.overflowCm3 - this.stages[i]!.overflowCm3;
  }

  /** Where the i-th loaded thing is, if it is a rigid one. */
  rigidAt(i: number): RigidPlace | undefined {
    return this.stages[i + 1]!.rigid;
  }

  /** What the i-th loaded thing fills, column by column, swollen as it is. */
  partsOf(i: number): readonly ColumnPart[] {
    const { count, column, low, high } = this.stages[i + 1]!;
    const parts = Array.from({ length: count }, (_v, k): ColumnPart => ({
      column: column[k]!,
      low: low[k]!,
      high: high[k]!,
    }));
    let uppermost: Map<number, ColumnPart> | undefined;
    for (let j = i + 2; j <= this.loaded; j += 1) {
      const { swellings, swollenColumn, swollenThing, swollenCm } = this.stages[j]!;
      for (let k = 0; k < swellings; k += 1) {
        if (swollenThing[k]! !== i) continue;
        uppermost ??= new Map(parts.map((p) => [p.column, p]));
        uppermost.get(swollenColumn[k]!)!.high += swollenCm[k]!;
      }
    }
    return parts;
  }

  /** How many columns the i-th loaded thing takes. */
  columnsOf(i: number): number {
    return this.stages[i + 1]!.count;
  }

  /** Over how many of the i-th thing's columns each later one lies, by place in the loading order. */
  coversOf(i: number): Uint16Array {
    const { loaded } = this;
    const { column, count } = this.stages[i + 1]!;
    const covers = new Uint16Array(loaded);
    for (let j = i + 1; j < loaded; j += 1) {
      const { topmost } = this.stages[j + 1]!;
      let columns = 0;
      for (let k = 0; k < count; k += 1) if (topmost[column[k]!]! === j) columns += 1;
      covers[j] = columns;
    }
    return covers;
  }

  /**
   * Find the middle of the i-th loaded thing, and what it fills: `middleX`, `middleY`, `middleZ`, `filledCm3`.
   *
   * @returns false when nothing of it is in
   */
  measure(i: number): boolean {
    const { rigid } = this.stages[i + 1]!;
    if (rigid !== undefined) {
      this.middleX = rigid.xCm;
      this.middleY = rigid.yCm;
      this.middleZ = rigid.zCm + rigid.turn.heightCm / 2;
      return true;
    }
    const { sums } = this.stages[this.loaded]!;
    const s = SUMS * i;
    const filled = sums[s]!;
    if (filled <= 0) return false;
    this.middleX = sums[s + 1]! / filled;
    this.middleY = sums[s + 2]! / filled;
    this.middleZ = sums[s + 3]! / filled / 2;
    this.filledCm3 = filled * this.cellArea;
    return true;
  }

  /** Gaps at the top that are too narrow for anything, cm³: part of the voids once all is loaded. */
  creviceCm3(): number {
    const { nx, ny, cellCm, ceiling, floor } = this.compartment;
    this.now = this.stages[this.loaded]!;
    const { height } = this.now;
    this.closeGaps(round(CREVICE_CM / cellCm), 0, 0, nx, ny);
    let lost = 0;
    for (let c = 0; c < this.base.length; c += 1) {
      if (ceiling[c]! <= floor[c]!) continue;
      lost += max(0, min(this.base[c]!, ceiling[c]!) - height[c]!);
    }
    return lost * this.cellArea;
  }
}

function clamp(value: number, low: number, high: number): number {
  return value < low ? low : value > high ? max(low, high) : value;
}
