/**
 * The loader: fills one compartment from below, thing after thing, column by column of its floor grid.
 *
 * A rigid thing comes down where it is put until it touches; what stays empty under it is a void. A soft thing flows:
 * over its patch it fills the lowest places first until all of it is in and its top is level, keeping its volume,
 * nowhere thinner than its least thickness and into no gap narrower than that, in one piece. A compressible thing that
 * lies under a void swells into it, up to its loose volume. Heights are exact; only the floor plan is gridded.
 *
 * A void is space under something, or a gap narrower than `CREVICE_CM` that is still open at the end: wider ones are no
 * voids, the pack is drawn tight over them.
 */
import { columnHeap } from './columnKernel.js';
import type { Compartment } from './packGeometry.js';
import { firstRowOff, SPREADS, type Solid, type Turn } from './solids.js';

/** Taken once: this is where nearly all of the time goes, and a lookup on a global is not free everywhere. */
const { cbrt, max, min, round, sqrt, trunc } = Math;

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
/** Bytes of a loader and of a turn in the kernel's memory before what they have by column, and those by column. */
const LOADER_HEAD = 48;
const LOADER_COLUMN = 80;
const TURN_HEAD = 24;

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

/** What a compartment holds when so many things are loaded, and where the last of them lies: a block of the kernel's memory. */
export interface Stage {
  readonly at: number;
  /** The last thing, if it is a rigid one. */
  rigid: RigidPlace | undefined;
}
/** Bytes before a stage's sums, which are, for each soft thing, what it fills in cm of columns, that times x, y and twice z, and what it may still swell, cm³. */
const STAGE_HEAD = 24;
const SUMS = 5;

export class ColumnLoader {
  /** By how many things are loaded. Later ones than `loaded` are of no meaning: they are written over. */
  readonly stages: Stage[];
  loaded = 0;
  private readonly heap = columnHeap();
  private readonly scope = this.heap.scope;
  /** Address of the compartment in the kernel's memory. */
  private readonly at: number;
  private readonly columns: number;
  /** Most parts that a thing may have: one that is poured twice may come to lie under a reservoir and over it. */
  private readonly parts: number;
  private readonly turnsAt = new Map<Turn, number>();
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
  private readonly cellArea: number;

  constructor(
    readonly compartment: Compartment,
    private readonly most: number,
    /** A filled reservoir in its sleeve: columns nearer to the back than `depthCm` have it between two heights. */
    private readonly slab?: {
      readonly widthCm: number;
      readonly depthCm: number;
      readonly low: number;
      readonly high: number;
    },
    /** What finds no room beside the rest of a soft thing may lie apart from it, and else does not go in. */
    private readonly mayPart = false,
  ) {
    const { nx, ny, cellCm, floor, ceiling, holdsFrom } = compartment;
    const n = nx * ny;
    this.columns = n;
    this.parts = slab === undefined ? n : 2 * n;
    this.cellArea = cellCm * cellCm;
    this.at = this.heap.allocate(LOADER_HEAD + LOADER_COLUMN * n, this.scope);
    const { f64, i32 } = this.heap;
    i32.set([nx, ny, slab === undefined ? 0 : 1], this.at / 4);
    const lowestRoof = ceiling.reduce((least, at) => min(least, at), slab?.low ?? Infinity);
    const highestCeiling = ceiling.reduce((most, at) => max(most, at), -Infinity);
    f64.set([cellCm, lowestRoof, highestCeiling, holdsFrom], this.at / 8 + 2);
    const block = (this.at + LOADER_HEAD) / 8;
    f64.set(ceiling, block);
    f64.set(floor, block + n);
    f64.fill(Infinity, block + 4 * n, block + 6 * n);
    for (let c = 0; c < n; c += 1) {
      f64[block + 2 * n + c] = this.columnX(c);
      f64[block + 3 * n + c] = this.columnY(c);
    }
    if (slab !== undefined) {
      const rows = min(ny, max(1, round(slab.depthCm / cellCm)));
      const wide = min(nx, round(slab.widthCm / cellCm));
      const first = trunc((nx - wide) / 2);
      for (let iy = 0; iy < rows; iy += 1) {
        f64.fill(slab.low, block + 4 * n + iy * nx + first, block + 4 * n + iy * nx + first + wide);
        f64.fill(slab.high, block + 5 * n + iy * nx + first, block + 5 * n + iy * nx + first + wide);
      }
    }
    const empty = this.newStage();
    this.stages = [empty];
    this.use(empty);
    this.heap.kernel.empty();
  }

  /** Middle of a column, cm. */
  columnX(column: number): number {
    const { nx, x0, cellCm } = this.compartment;
    return x0 + ((column % nx) + 0.5) * cellCm;
  }
  columnY(column: number): number {
    const { nx, y0, cellCm } = this.compartment;
    return y0 + (trunc(column / nx) + 0.5) * cellCm;
  }

  /** Room for what the compartment may hold at some stage. */
  newStage(): Stage {
    const { columns, parts, most } = this;
    const bytes = STAGE_HEAD + 8 * SUMS * most + 12 * columns + 36 * parts;
    return { at: this.heap.allocate(bytes, this.scope), rigid: undefined };
  }

  /** Let the kernel work on one of this loader's stages. */
  private use(stage: Stage): void {
    if (!this.scope.isOpen) throw new Error('a loader is used after its scope was closed');
    const { kernel } = this.heap;
    if (this.heap.loader !== this) {
      kernel.useLoader(this.at);
      this.heap.loader = this;
    }
    kernel.useStage(stage.at, this.most, this.parts);
  }

  /** Height that each column is filled to. */
  get height(): Float64Array {
    const from = this.heightsOf(this.stages[this.loaded]!);
    return this.heap.f64.slice(from, from + this.columns);
  }
  private heightsOf({ at }: Stage): number {
    return (at + STAGE_HEAD) / 8 + SUMS * this.most;
  }
  get voidCm3(): number {
    return this.heap.f64[this.stages[this.loaded]!.at / 8]!;
  }
  get overflowCm3(): number {
    return this.overflowUpTo(this.loaded);
  }
  private overflowUpTo(count: number): number {
    return this.heap.f64[this.stages[count]!.at / 8 + 1]!;
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
    const now = (this.stages[i + 1] ??= this.newStage());
    this.use(now);
    const slackCm3 = solid.kind === 'soft' ? (solid.looseL - solid.volumeL) * 1000 : 0;
    this.heap.kernel.begin(this.stages[i]!.at, i, slackCm3);
    if (solid.kind === 'rigid') {
      now.rigid = this.putRigid(now, solid.turns, turn % solid.turns.length, xCm, yCm, mend, awayCm);
    } else {
      now.rigid = undefined;
      this.loseCm3(now, this.pour(solid, turn % SPREADS.length, xCm, yCm));
    }
    this.loaded = i + 1;
  }

  /** What did not go in. */
  private loseCm3(now: Stage, cm3: number): void {
    const { f64 } = this.heap;
    f64[now.at / 8 + 1] = f64[now.at / 8 + 1]! + cm3;
  }

  private putRigid(
    now: Stage,
    turns: readonly Turn[],
    wanted: number,
    xCm: number,
    yCm: number,
    mend: boolean,
    awayCm: readonly number[] | undefined,
  ): RigidPlace {
    const { nx, ny, cellCm, x0, y0 } = this.compartment;
    const { kernel } = this.heap;
    let turn = turns[wanted]!;
    const firstRow = (t: number): number => firstRowOff(turns[t]!, awayCm?.[t] ?? 0, cellCm);
    this.findPatch(turn.nx, turn.ny, xCm, yCm, firstRow(wanted));
    let { patchX: ix, patchY: iy } = this;
    let fits = turn.nx <= nx && turn.ny <= ny;
    let z = fits ? kernel.restsAt(this.addressOf(turn), iy * nx + ix) : 0;
    if (mend && this.mends < MOST_MENDS && (!fits || kernel.aboveCm() > TINY)) {
      this.mends += 1;
      // Too high where it was put: the lowest place there is, if one is under the ceiling.
      let lowest = Infinity;
      for (let o = 0; o < turns.length; o += 1) {
        const other = turns[o]!;
        const place = kernel.lowestPlace(this.addressOf(other), firstRow(o), MEND_STEP, lowest);
        if (place < 0) continue;
        ix = place % nx;
        iy = trunc(place / nx);
        turn = other;
        z = kernel.restsAt(this.addressOf(other), place);
        lowest = z + other.heightCm / 2;
        fits = true;
      }
    }
    const xAt = x0 + (ix + turn.nx / 2) * cellCm;
    const yAt = y0 + (iy + turn.ny / 2) * cellCm;
    if (!fits) {
      this.loseCm3(now, turn.widthCm * turn.depthCm * turn.heightCm);
      return { turn, xCm: xAt, yCm: yAt, zCm: this.heap.f64[this.heightsOf(now)]! };
    }
    kernel.putRigid(this.addressOf(turn), iy * nx + ix, z);
    return { turn, xCm: xAt, yCm: yAt, zCm: z };
  }

  /** A turn in the kernel's memory, with steps from its first column as they are in this grid. */
  private addressOf(turn: Turn): number {
    const known = this.turnsAt.get(turn);
    if (known !== undefined) return known;
    const { dx, dy, low, high } = turn;
    const count = dx.length;
    const at = this.heap.allocate(TURN_HEAD + 20 * count, this.scope);
    const { f64, i32 } = this.heap;
    i32.set([count, low.every((edge) => edge === 0) ? 1 : 0, turn.nx, turn.ny], at / 4);
    f64[at / 8 + 2] = turn.heightCm;
    f64.set(low, (at + TURN_HEAD) / 8);
    f64.set(high, (at + TURN_HEAD) / 8 + count);
    const { nx } = this.compartment;
    const steps = (at + TURN_HEAD + 16 * count) / 4;
    for (let k = 0; k < count; k += 1) i32[steps + k] = dy[k]! * nx + dx[k]!;
    this.turnsAt.set(turn, at);
    return at;
  }

  /** @returns what does not go in, cm³ */
  private pour(solid: Extract<Solid, { kind: 'soft' }>, spread: number, xCm: number, yCm: number): number {
    const { nx, ny } = this.compartment;
    const volume = solid.volumeL * 1000;
    if (volume <= 0) return 0;
    this.findSpread(volume, spread, xCm, yCm);
    const { patchX, patchY, patchWide, patchDeep } = this;
    const left = this.flow(volume, solid.leastCm, patchX, patchY, patchWide, patchDeep, false);
    if (left <= TINY) return 0;
    if (patchWide === nx && patchDeep === ny) return left;
    // The patch is full to the top: what is left goes wherever there is room beside it, as a hand would push it.
    const over = this.flow(left, solid.leastCm, 0, 0, nx, ny, true);
    if (over <= TINY) return 0;
    return this.mayPart ? this.flow(over, solid.leastCm, 0, 0, nx, ny, false) : over;
  }

  private flow(
    cm3: number,
    leastCm: number,
    ix: number,
    iy: number,
    wide: number,
    deep: number,
    besideOnly: boolean,
  ): number {
    const narrow = round(leastCm / this.compartment.cellCm);
    const tallest = max(TALLEST_SPREAD * cbrt(cm3), (2 * cm3) / (wide * deep * this.cellArea));
    return this.heap.kernel.flow(cm3, leastCm, narrow, tallest, ix, iy, wide, deep, besideOnly);
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

  /** A filled reservoir lies at the back. */
  get hasSlab(): boolean {
    return this.slab !== undefined;
  }

  /** What of the i-th loaded thing did not go in, cm³. */
  overflowOf(i: number): number {
    return this.overflowUpTo(i + 1) - this.overflowUpTo(i);
  }

  /** Where the i-th loaded thing is, if it is a rigid one. */
  rigidAt(i: number): RigidPlace | undefined {
    return this.stages[i + 1]!.rigid;
  }

  /** What the i-th loaded thing fills, column by column, swollen as it is. */
  partsOf(i: number): readonly ColumnPart[] {
    const { columns, parts, most, loaded } = this;
    const { f64, i32 } = this.heap;
    // Where a stage's lists begin, in numbers of 64 and of 32 bits.
    const low = STAGE_HEAD / 8 + SUMS * most + columns;
    const column = 2 * (low + 3 * parts) + columns;
    const { at } = this.stages[i + 1]!;
    const list = Array.from({ length: this.columnsOf(i) }, (_v, k): ColumnPart => ({
      column: i32[at / 4 + column + k]!,
      low: f64[at / 8 + low + k]!,
      high: f64[at / 8 + low + parts + k]!,
    }));
    let uppermost: Map<number, ColumnPart> | undefined;
    for (let j = i + 2; j <= loaded; j += 1) {
      const later = this.stages[j]!.at;
      const swellings = i32[later / 4 + 5]!;
      for (let k = 0; k < swellings; k += 1) {
        if (i32[later / 4 + column + 2 * parts + k] !== i) continue;
        uppermost ??= new Map(list.map((p) => [p.column, p]));
        uppermost.get(i32[later / 4 + column + parts + k]!)!.high += f64[later / 8 + low + 2 * parts + k]!;
      }
    }
    return list;
  }

  /** How many columns the i-th loaded thing takes. */
  columnsOf(i: number): number {
    return this.heap.i32[this.stages[i + 1]!.at / 4 + 4]!;
  }

  /** Over how many of the i-th thing's columns each later one lies, by place in the loading order. */
  coversOf(i: number): Uint16Array {
    const { loaded, stages } = this;
    const { kernel } = this.heap;
    const covers = new Uint16Array(loaded);
    const { at } = stages[i + 1]!;
    for (let j = i + 1; j < loaded; j += 1) {
      this.use(stages[j + 1]!);
      covers[j] = kernel.coveredColumns(at, j);
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
    const { f64 } = this.heap;
    const s = (this.stages[this.loaded]!.at + STAGE_HEAD) / 8 + SUMS * i;
    const filled = f64[s]!;
    if (filled <= 0) return false;
    this.middleX = f64[s + 1]! / filled;
    this.middleY = f64[s + 2]! / filled;
    this.middleZ = f64[s + 3]! / filled / 2;
    this.filledCm3 = filled * this.cellArea;
    return true;
  }

  /** Gaps at the top that are too narrow for anything, cm³: part of the voids once all is loaded. */
  creviceCm3(): number {
    this.use(this.stages[this.loaded]!);
    return this.heap.kernel.creviceCm3(round(CREVICE_CM / this.compartment.cellCm));
  }
}

function clamp(value: number, low: number, high: number): number {
  return value < low ? low : value > high ? max(low, high) : value;
}
