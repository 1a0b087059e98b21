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
const MOST_IN_COLUMN = 32;
/** A soft thing is poured twice at most. */
const MOST_OF_ONE = 2;
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

export class ColumnLoader {
  /** Middle of each column, cm. */
  readonly columnX: Float64Array;
  readonly columnY: Float64Array;
  /** Height that each column is filled to. */
  readonly height: Float64Array;
  voidCm3 = 0;
  overflowCm3 = 0;
  /** Segments of all things in the order they were loaded: column, lower and upper end. */
  readonly segColumn: Int32Array;
  readonly segLow: Float64Array;
  readonly segHigh: Float64Array;
  segCount = 0;
  /** First segment of each loaded thing, by its place in the order; one more at the end. */
  readonly segStart: Int32Array;
  readonly rigid: (RigidPlace | undefined)[] = [];
  loaded = 0;
  /** What lies in each column, from below, by place in the loading order. */
  readonly stack: Uint8Array;
  readonly stackCount: Uint8Array;
  private readonly topSeg: Int32Array;
  /** What a segment's column was before it: its height and its topmost segment. */
  private readonly segHeightBefore: Float64Array;
  private readonly segTopBefore: Int32Array;
  /** Swellings in the order they happened, to be taken back: segment, owner, cm³; how many before each loaded thing. */
  private readonly swollen: { readonly seg: number; readonly owner: number; readonly cm3: number }[] = [];
  private readonly swollenStart: Int32Array;
  private readonly voidBefore: Float64Array;
  private readonly overflowBefore: Float64Array;
  private readonly slackCm3: Float64Array;
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
  private readonly highestCeiling: number;

  constructor(
    readonly compartment: Compartment,
    most: number,
    /** A filled reservoir in its sleeve: columns nearer to the back than `depthCm` have it between two heights. */
    slab?: {
      readonly widthCm: number;
      readonly depthCm: number;
      readonly low: number;
      readonly high: number;
    },
  ) {
    const { nx, ny, cellCm } = compartment;
    const n = nx * ny;
    this.columnX = new Float64Array(n);
    this.columnY = new Float64Array(n);
    for (let c = 0; c < n; c += 1) {
      this.columnX[c] = compartment.x0 + ((c % nx) + 0.5) * cellCm;
      this.columnY[c] = compartment.y0 + (floor(c / nx) + 0.5) * cellCm;
    }
    const segments = n * min(MOST_IN_COLUMN, MOST_OF_ONE * most);
    this.height = new Float64Array(n);
    this.segColumn = new Int32Array(segments);
    this.segLow = new Float64Array(segments);
    this.segHigh = new Float64Array(segments);
    this.segStart = new Int32Array(most + 1);
    this.stack = new Uint8Array(n * MOST_IN_COLUMN);
    this.stackCount = new Uint8Array(n);
    this.topSeg = new Int32Array(n);
    this.segHeightBefore = new Float64Array(segments);
    this.segTopBefore = new Int32Array(segments);
    this.swollenStart = new Int32Array(most + 1);
    this.voidBefore = new Float64Array(most + 1);
    this.overflowBefore = new Float64Array(most + 1);
    this.slackCm3 = new Float64Array(most);
    this.base = new Float64Array(n);
    this.active = new Uint8Array(n);
    this.queue = new Int32Array(n);
    this.window = new Float64Array(n);
    this.columns = new Int32Array(n);
    this.low = new Float64Array(n);
    this.top = new Float64Array(n);
    this.cellArea = cellCm * cellCm;
    this.highestCeiling = compartment.ceiling.reduce((most, at) => max(most, at), -Infinity);
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
    this.reset();
  }

  reset(): void {
    const { floor } = this.compartment;
    this.height.set(floor);
    this.stackCount.fill(0);
    this.topSeg.fill(-1);
    this.segCount = 0;
    this.loaded = 0;
    this.voidCm3 = 0;
    this.overflowCm3 = 0;
    this.segStart[0] = 0;
    this.swollen.length = 0;
    this.mends = 0;
    if (this.slabLow !== undefined) for (let c = 0; c < floor.length; c += 1) this.passSlab(c);
  }

  /** Take out all but the first things that were loaded. */
  rewind(count: number): void {
    this.mends = 0;
    if (count >= this.loaded) return;
    for (let s = this.swollen.length - 1; s >= this.swollenStart[count]!; s -= 1) {
      const { seg, owner, cm3 } = this.swollen[s]!;
      this.segHigh[seg]! -= cm3 / this.cellArea;
      this.slackCm3[owner]! += cm3;
    }
    this.swollen.length = this.swollenStart[count]!;
    for (let s = this.segCount - 1; s >= this.segStart[count]!; s -= 1) {
      const c = this.segColumn[s]!;
      this.height[c] = this.segHeightBefore[s]!;
      this.topSeg[c] = this.segTopBefore[s]!;
      this.stackCount[c]! -= 1;
    }
    this.segCount = this.segStart[count]!;
    this.voidCm3 = this.voidBefore[count]!;
    this.overflowCm3 = this.overflowBefore[count]!;
    this.loaded = count;
  }

  /** Hold what another loader of the same compartment holds. */
  copyFrom(other: ColumnLoader): void {
    const segs = other.segCount;
    this.segColumn.set(other.segColumn.subarray(0, segs));
    this.segLow.set(other.segLow.subarray(0, segs));
    this.segHigh.set(other.segHigh.subarray(0, segs));
    this.segHeightBefore.set(other.segHeightBefore.subarray(0, segs));
    this.segTopBefore.set(other.segTopBefore.subarray(0, segs));
    this.segStart.set(other.segStart);
    this.height.set(other.height);
    this.stack.set(other.stack);
    this.stackCount.set(other.stackCount);
    this.topSeg.set(other.topSeg);
    this.swollenStart.set(other.swollenStart);
    this.voidBefore.set(other.voidBefore);
    this.overflowBefore.set(other.overflowBefore);
    this.slackCm3.set(other.slackCm3);
    this.swollen.length = 0;
    for (const swelling of other.swollen) this.swollen.push(swelling);
    for (let i = 0; i < other.loaded; i += 1) this.rigid[i] = other.rigid[i];
    this.segCount = segs;
    this.loaded = other.loaded;
    this.voidCm3 = other.voidCm3;
    this.overflowCm3 = other.overflowCm3;
    this.mends = 0;
  }

  /**
   * Load a thing with its middle over a point of the floor, as near as walls allow.
   *
   * @param mend a rigid thing that would stand out above its ceiling goes to the lowest place there is instead
   * @param awayCm by turn, how far a rigid thing stays from the back, where there is room for that
   */
  load(solid: Solid, turn: number, xCm: number, yCm: number, mend = false, awayCm?: readonly number[]): void {
    this.swollenStart[this.loaded] = this.swollen.length;
    this.voidBefore[this.loaded] = this.voidCm3;
    this.overflowBefore[this.loaded] = this.overflowCm3;
    if (solid.kind === 'rigid') {
      this.putRigid(solid.turns, turn % solid.turns.length, xCm, yCm, mend, awayCm);
    } else {
      this.rigid[this.loaded] = undefined;
      this.pour(solid, turn % SPREADS.length, xCm, yCm);
    }
    this.loaded += 1;
    this.segStart[this.loaded] = this.segCount;
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
    this.slackCm3[this.loaded] = 0;
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
    if (!fits) {
      this.overflowCm3 += turn.widthCm * turn.depthCm * turn.heightCm;
      this.rigid[this.loaded] = { turn, xCm: atX, yCm: atY, zCm: this.height[0]! };
      return;
    }
    const { dx, dy, low, high } = turn;
    let above = 0;
    for (let k = 0; k < dx.length; k += 1) {
      const c = (iy + dy[k]!) * nx + ix + dx[k]!;
      const bottom = z + low[k]!;
      const top = z + high[k]!;
      if (bottom > this.height[c]! + TINY) this.gap(c, bottom);
      if (top > ceiling[c]! && z > holdsFrom) above += top - max(bottom, ceiling[c]!);
      this.fill(c, bottom, top);
    }
    this.overflowCm3 += above * this.cellArea;
    this.rigid[this.loaded] = { turn, xCm: atX, yCm: atY, zCm: z };
  }

  /** Whether a turned thing might come to rest below a height and under the ceiling: false as soon as a column says no. */
  private mayRestBelow(turn: Turn, ix: number, iy: number, below: number): boolean {
    const { nx, holdsFrom } = this.compartment;
    const { dx, dy, low } = turn;
    const { height } = this;
    const first = iy * nx + ix;
    const limit = min(below, max(this.highestCeiling - turn.heightCm, holdsFrom) + TINY);
    for (let k = 0; k < dx.length; k += 1) {
      if (height[first + dy[k]! * nx + dx[k]!]! - low[k]! >= limit) return false;
    }
    return true;
  }

  /** Height at which a turned thing comes to rest; `aboveCm` is then how far it is above the lowest ceiling over it. */
  private restsAt(turn: Turn, ix: number, iy: number): number {
    const { nx, ceiling } = this.compartment;
    const { dx, dy, low, high } = turn;
    const { height } = this;
    const count = dx.length;
    const first = iy * nx + ix;
    let z = -Infinity;
    for (let k = 0; k < count; k += 1) {
      const rest = height[first + dy[k]! * nx + dx[k]!]! - low[k]!;
      if (rest > z) z = rest;
    }
    if (this.slabLow !== undefined) {
      for (let k = 0; k < count; k += 1) {
        const c = first + dy[k]! * nx + dx[k]!;
        const beyond = this.slabHigh![c]!;
        if (z + high[k]! > this.slabLow[c]! + TINY && z + low[k]! < beyond - TINY) z = beyond - low[k]!;
      }
    }
    let above = 0;
    for (let k = 0; k < count; k += 1) {
      const over = z + high[k]! - ceiling[first + dy[k]! * nx + dx[k]!]!;
      if (over > above) above = over;
    }
    this.aboveCm = z > this.compartment.holdsFrom ? above : 0;
    return z;
  }

  private pour(solid: Extract<Solid, { kind: 'soft' }>, spread: number, xCm: number, yCm: number): void {
    const { nx, ny } = this.compartment;
    const volume = solid.volumeL * 1000;
    this.slackCm3[this.loaded] = (solid.looseL - solid.volumeL) * 1000;
    if (volume <= 0) return;
    this.findSpread(volume, spread, xCm, yCm);
    const { patchX: ix, patchY: iy, patchWide: pw, patchDeep: pd } = this;
    const left = this.flow(volume, solid.leastCm, ix, iy, pw, pd);
    if (left <= TINY) return;
    // The patch is full to the top: what is left goes wherever there is room, as a hand would push it.
    this.overflowCm3 += pw < nx || pd < ny ? this.flow(left, solid.leastCm, 0, 0, nx, ny) : left;
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
    const { base, columns, low, top } = this;
    this.closeGaps(round(leastCm / cellCm), ix, iy, pw, pd);
    let count = 0;
    for (let j = iy; j < iy + pd; j += 1) {
      for (let c = j * nx + ix; c < j * nx + ix + pw; c += 1) {
        const upTo = this.topOf(c, ceiling[c]!);
        if (upTo - base[c]! < leastCm) continue;
        columns[count] = c;
        low[count] = base[c]!;
        top[count] = upTo;
        count += 1;
      }
    }
    const tallest = max(TALLEST_SPREAD * cbrt(volume), (2 * volume) / (pw * pd * this.cellArea));
    this.settle(count, volume, leastCm, tallest);
    // Columns left out may have parted the thing: its largest part takes all of it.
    if (this.count < pw * pd && this.keepLargest()) this.settle(this.count, volume, leastCm, tallest);
    let placed = 0;
    for (let i = 0; i < this.count; i += 1) {
      const c = columns[i]!;
      const from = low[i]!;
      const to = this.level < top[i]! ? this.level : top[i]!;
      if (to <= from) continue;
      if (from > this.height[c]! + TINY) this.gap(c, from);
      this.fill(c, from, to);
      placed += to - from;
    }
    return volume - placed * this.cellArea;
  }

  /** How far a column can be filled from where it is: to its ceiling, or to the reservoir. */
  private topOf(c: number, ceiling: number): number {
    const slab = this.slabLow?.[c];
    return slab !== undefined && this.height[c]! < slab ? min(slab, ceiling) : ceiling;
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
    const { base, height } = this;
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
    let lost = (upTo - this.height[c]!) * this.cellArea;
    const seg = this.topSeg[c]!;
    if (seg >= 0) {
      const owner = this.stack[c * MOST_IN_COLUMN + this.stackCount[c]! - 1]!;
      const swells = min(lost, this.slackCm3[owner]!);
      if (swells > 0 && this.segHigh[seg]! >= this.height[c]! - TINY) {
        this.swollen.push({ seg, owner, cm3: swells });
        this.slackCm3[owner]! -= swells;
        this.segHigh[seg]! += swells / this.cellArea;
        lost -= swells;
      }
    }
    this.voidCm3 += lost;
  }

  private fill(c: number, from: number, to: number): void {
    const n = this.stackCount[c]!;
    if (n < MOST_IN_COLUMN && this.segCount < this.segColumn.length) {
      this.stack[c * MOST_IN_COLUMN + n] = this.loaded;
      this.stackCount[c] = n + 1;
      this.segHeightBefore[this.segCount] = this.height[c]!;
      this.segTopBefore[this.segCount] = this.topSeg[c]!;
      this.segColumn[this.segCount] = c;
      this.segLow[this.segCount] = from;
      this.segHigh[this.segCount] = to;
      this.topSeg[c] = this.segCount;
      this.segCount += 1;
    }
    this.height[c] = to;
    if (this.slabLow !== undefined) this.passSlab(c);
  }

  /** A column filled up to the reservoir goes on above it. */
  private passSlab(c: number): void {
    const low = this.slabLow![c]!;
    if (this.height[c]! < low - 1 || this.height[c]! >= this.slabHigh![c]!) return;
    this.voidCm3 += max(0, low - this.height[c]!) * this.cellArea;
    this.height[c] = this.slabHigh![c]!;
  }

  /** A filled reservoir lies at the back. */
  get hasSlab(): boolean {
    return this.slabLow !== undefined;
  }

  /** What of the i-th loaded thing did not go in, cm³. */
  overflowOf(i: number): number {
    return (i + 1 < this.loaded ? this.overflowBefore[i + 1]! : this.overflowCm3) - this.overflowBefore[i]!;
  }

  /**
   * Find the middle of the i-th loaded thing, and what it fills: `middleX`, `middleY`, `middleZ`, `filledCm3`.
   *
   * @returns false when nothing of it is in
   */
  measure(i: number): boolean {
    const rigid = this.rigid[i];
    if (rigid !== undefined) {
      this.middleX = rigid.xCm;
      this.middleY = rigid.yCm;
      this.middleZ = rigid.zCm + rigid.turn.heightCm / 2;
      return true;
    }
    const { segColumn, segLow, segHigh, columnX, columnY } = this;
    let sum = 0;
    let sx = 0;
    let sy = 0;
    let sz = 0;
    for (let s = this.segStart[i]!, end = this.segStart[i + 1]!; s < end; s += 1) {
      const column = segColumn[s]!;
      const high = segHigh[s]!;
      const low = segLow[s]!;
      const h = high - low;
      sum += h;
      sx += h * columnX[column]!;
      sy += h * columnY[column]!;
      sz += h * (high + low);
    }
    if (sum <= 0) return false;
    this.middleX = sx / sum;
    this.middleY = sy / sum;
    this.middleZ = sz / sum / 2;
    this.filledCm3 = sum * this.cellArea;
    return true;
  }

  /** Gaps at the top that are too narrow for anything, cm³: part of the voids once all is loaded. */
  creviceCm3(): number {
    const { nx, ny, cellCm, ceiling, floor } = this.compartment;
    this.closeGaps(round(CREVICE_CM / cellCm), 0, 0, nx, ny);
    let lost = 0;
    for (let c = 0; c < this.base.length; c += 1) {
      if (ceiling[c]! <= floor[c]!) continue;
      lost += max(0, min(this.base[c]!, ceiling[c]!) - this.height[c]!);
    }
    return lost * this.cellArea;
  }
}

function clamp(value: number, low: number, high: number): number {
  return value < low ? low : value > high ? max(low, high) : value;
}
