/** A loader's blocks in the kernel's memory: its compartment, its stages, and the things it was asked to load. */
import { columnHeap } from './columnKernel.js';
import * as m from './columnMemory.js';
import { spanOf, type Compartment } from './packGeometry.js';
import { FloorPatch } from './floorPatch.js';
import { firstRowOff, SPREADS, type Solid, type Turn } from './solids.js';

/** Taken once: a lookup on a global is not free everywhere. */
const { max, min, round, trunc } = Math;

/** A filled reservoir in its sleeve: columns nearer to the back than `depthCm` have it between two heights, cm. */
export interface Slab {
  readonly widthCm: number;
  readonly depthCm: number;
  readonly low: number;
  readonly high: number;
}

/** Where a rigid thing ended up, cm, pack frame. */
export interface RigidPlace {
  readonly turn: Turn;
  readonly xCm: number;
  readonly yCm: number;
  /** Its lowest point. */
  readonly zCm: number;
}

/** Where a rigid thing came to rest, and in which of its turns: not always where it was put. */
export interface Rest {
  readonly xCm: number;
  readonly yCm: number;
  readonly turn: number;
}

/** What a thing fills of a column, between two heights, cm. */
export interface ColumnPart {
  readonly column: number;
  readonly low: number;
  high: number;
}

/** No soft thing is taller than this many edges of a cube of its volume (Graft's own number). */
export const TALLEST_SPREAD = 2;
/** A patch is found for what has no volume, cm³: nothing is poured over it. */
const TINY_CM3 = 1e-9;

export class LoaderMemory {
  readonly heap = columnHeap();
  /** Address of the compartment. */
  readonly at: number;
  private readonly scope = this.heap.scope;
  private readonly columns: number;
  /** Most parts that a thing may have: one that is poured twice may come to lie under a reservoir and over it. */
  private readonly parts: number;
  private readonly patch: FloorPatch;
  /** Stages that there is room for, by how many things are in. */
  private levels = 0;
  private readonly turnsAt = new Map<Turn, number>();
  private readonly turns = new Map<number, Turn>();
  private readonly solidsAt = new Map<Solid, Map<readonly number[] | undefined, number>>();

  constructor(
    private readonly compartment: Compartment,
    readonly things: number,
    slab: Slab | undefined,
    mayPart: boolean,
  ) {
    this.columns = compartment.nx * compartment.ny;
    this.parts = slab === undefined ? this.columns : 2 * this.columns;
    this.patch = new FloorPatch(compartment);
    this.at = this.heap.allocate(m.loaderBytes(this.columns, things + 1), this.scope);
    this.writeHead(slab, mayPart);
    this.writeColumns();
    if (slab !== undefined) this.writeSlab(slab);
    this.heap.i32.fill(0, this.lines / 4, this.lines / 4 + 3 * (things + 1));
    this.setLine(0, 0, this.newStage());
    this.heap.kernel.empty(this.at);
  }

  private writeHead(slab: Slab | undefined, mayPart: boolean): void {
    const { nx, ny, cellCm, ceiling, holdsFrom, x0, y0 } = this.compartment;
    const { at, heap } = this;
    const { f64, i32 } = heap;
    i32[(at + m.LOADER_NX) / 4] = nx;
    i32[(at + m.LOADER_NY) / 4] = ny;
    i32[(at + m.LOADER_SLAB_ROWS) / 4] = slab === undefined ? 0 : this.slabRows(slab);
    i32[(at + m.LOADER_MAY_PART) / 4] = mayPart ? 1 : 0;
    i32[(at + m.LOADER_THINGS) / 4] = this.things;
    i32[(at + m.LOADER_PARTS) / 4] = this.parts;
    i32[(at + m.LOADER_LOADED) / 4] = 0;
    i32[(at + m.LOADER_MENDS) / 4] = 0;
    f64[(at + m.LOADER_CELL_CM) / 8] = cellCm;
    f64[(at + m.LOADER_TALLEST) / 8] = TALLEST_SPREAD;
    f64[(at + m.LOADER_X0) / 8] = x0;
    f64[(at + m.LOADER_Y0) / 8] = y0;
    f64[(at + m.LOADER_HOLDS_FROM) / 8] = holdsFrom;
    [f64[(at + m.LOADER_LOWEST_CEILING) / 8], f64[(at + m.LOADER_HIGHEST_CEILING) / 8]] = spanOf(ceiling);
  }

  private writeColumns(): void {
    const { at, columns: n, heap, compartment } = this;
    const { f64 } = heap;
    f64.set(compartment.ceiling, m.loaderCeilings(at) / 8);
    f64.set(compartment.floor, m.loaderFloors(at, n) / 8);
    const [xs, ys] = [m.loaderXs(at, n) / 8, m.loaderYs(at, n) / 8];
    for (let c = 0; c < n; c += 1) {
      f64[xs + c] = this.columnX(c);
      f64[ys + c] = this.columnY(c);
    }
    const [lows, highs] = [m.loaderSlabLows(at, n) / 8, m.loaderSlabHighs(at, n) / 8];
    f64.fill(Infinity, lows, lows + n);
    f64.fill(Infinity, highs, highs + n);
  }

  private slabRows({ depthCm }: Slab): number {
    const { ny, cellCm } = this.compartment;
    return min(ny, max(1, round(depthCm / cellCm)));
  }

  private writeSlab(slab: Slab): void {
    const { widthCm, low, high } = slab;
    const { nx, cellCm } = this.compartment;
    const { at, columns: n, heap } = this;
    const rows = this.slabRows(slab);
    const wide = min(nx, round(widthCm / cellCm));
    const first = trunc((nx - wide) / 2);
    const [lows, highs] = [m.loaderSlabLows(at, n) / 8, m.loaderSlabHighs(at, n) / 8];
    for (let iy = 0; iy < rows; iy += 1) {
      const from = iy * nx + first;
      heap.f64.fill(low, lows + from, lows + from + wide);
      heap.f64.fill(high, highs + from, highs + from + wide);
    }
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

  /** Address of the three lists of stages, one after the other. */
  private get lines(): number {
    return m.loaderStages(this.at, this.columns);
  }
  private setLine(which: number, level: number, stage: number): void {
    this.heap.i32[this.lines / 4 + which * (this.things + 1) + level] = stage;
  }
  private newStage(): number {
    return this.heap.allocate(m.stageBytes(this.things, this.columns, this.parts), this.scope);
  }

  /** Room for so many things: each level has a stage to write on and one that may be kept. */
  makeRoom(count: number): void {
    if (!this.scope.isOpen) throw new Error('a loader is used after its scope was closed');
    for (; this.levels < count; this.levels += 1) {
      this.setLine(0, this.levels + 1, this.newStage());
      this.setLine(2, this.levels + 1, this.newStage());
    }
  }

  /** How many things are in. */
  get loaded(): number {
    return this.heap.i32[(this.at + m.LOADER_LOADED) / 4]!;
  }
  /** Address of the stage with so many things in it. */
  stageAt(count: number): number {
    return this.heap.i32[this.lines / 4 + count]!;
  }

  /**
   * A solid's address.
   *
   * @param awayCm by turn, how far a rigid thing stays from the back, where there is room for that
   */
  solidAt(solid: Solid, awayCm: readonly number[] | undefined): number {
    let byAway = this.solidsAt.get(solid);
    if (byAway === undefined) this.solidsAt.set(solid, (byAway = new Map()));
    const known = byAway.get(awayCm);
    if (known !== undefined) return known;
    const turns = solid.kind === 'soft' ? [] : solid.turns.map((turn) => this.turnAt(turn));
    const ways = solid.kind === 'soft' ? SPREADS.length : turns.length;
    const at = this.heap.allocate(m.solidBytes(ways), this.scope);
    const { f64, i32 } = this.heap;
    i32[(at + m.SOLID_WAYS) / 4] = ways;
    i32[(at + m.SOLID_IS_RIGID) / 4] = solid.kind === 'soft' ? 0 : 1;
    if (solid.kind === 'soft') {
      f64[(at + m.SOLID_VOLUME_CM3) / 8] = solid.volumeL * 1000;
      f64[(at + m.SOLID_LEAST_CM) / 8] = solid.leastCm;
      i32[(at + m.SOLID_NARROW) / 4] = round(solid.leastCm / this.compartment.cellCm);
    }
    f64[(at + m.SOLID_SLACK_CM3) / 8] = solid.kind === 'soft' ? (solid.looseL - solid.volumeL) * 1000 : 0;
    for (let way = 0; way < ways; way += 1) {
      const { patch, compartment } = this;
      const turn = solid.kind === 'soft' ? undefined : solid.turns[way]!;
      if (solid.kind === 'soft') patch.findSpread(max(TINY_CM3, solid.volumeL * 1000), way, 0, 0);
      i32[m.solidTurns(at) / 4 + way] = turns[way] ?? 0;
      i32[m.solidWides(at, ways) / 4 + way] = turn?.nx ?? patch.wide;
      i32[m.solidDeeps(at, ways) / 4 + way] = turn?.ny ?? patch.deep;
      i32[m.solidFirstRows(at, ways) / 4 + way] =
        turn === undefined ? 0 : firstRowOff(turn, awayCm?.[way] ?? 0, compartment.cellCm);
    }
    byAway.set(awayCm, at);
    return at;
  }

  /** A turn's address; its steps from its first column are as they are in this grid. */
  private turnAt(turn: Turn): number {
    const known = this.turnsAt.get(turn);
    if (known !== undefined) return known;
    const { dx, dy, low, high } = turn;
    const count = dx.length;
    const at = this.heap.allocate(m.turnBytes(count), this.scope);
    const { f64, i32 } = this.heap;
    i32[(at + m.TURN_COUNT) / 4] = count;
    i32[(at + m.TURN_IS_LEVEL) / 4] = low.every((edge) => edge === 0) ? 1 : 0;
    i32[(at + m.TURN_IS_UPRIGHT) / 4] = turn.upright ? 1 : 0;
    i32[(at + m.TURN_NX) / 4] = turn.nx;
    i32[(at + m.TURN_NY) / 4] = turn.ny;
    f64[(at + m.TURN_WIDTH_CM) / 8] = turn.widthCm;
    f64[(at + m.TURN_DEPTH_CM) / 8] = turn.depthCm;
    f64[(at + m.TURN_HEIGHT_CM) / 8] = turn.heightCm;
    f64.set(low, m.turnLows(at) / 8);
    f64.set(high, m.turnHighs(at, count) / 8);
    const steps = m.turnSteps(at, count) / 4;
    for (let k = 0; k < count; k += 1) i32[steps + k] = dy[k]! * this.compartment.nx + dx[k]!;
    this.turnsAt.set(turn, at);
    this.turns.set(at, turn);
    return at;
  }

  /** Where a stage's last thing is, if it is a rigid one. */
  rigidOf(stage: number): RigidPlace | undefined {
    const { f64, i32 } = this.heap;
    const turn = this.turns.get(i32[(stage + m.STAGE_TURN) / 4]!);
    if (turn === undefined) return undefined;
    return {
      turn,
      xCm: f64[(stage + m.STAGE_X) / 8]!,
      yCm: f64[(stage + m.STAGE_Y) / 8]!,
      zCm: f64[(stage + m.STAGE_Z) / 8]!,
    };
  }

  /** The same, which of its turns as a number. */
  restOf(i: number): Rest | undefined {
    const { f64, i32 } = this.heap;
    const stage = this.stageAt(i + 1);
    if (i32[(stage + m.STAGE_TURN) / 4] === 0) return undefined;
    return {
      xCm: f64[(stage + m.STAGE_X) / 8]!,
      yCm: f64[(stage + m.STAGE_Y) / 8]!,
      turn: i32[(stage + m.STAGE_WAY) / 4]!,
    };
  }

  voidCm3(stage: number): number {
    return this.heap.f64[(stage + m.STAGE_VOID_CM3) / 8]!;
  }
  overCm3(stage: number): number {
    return this.heap.f64[(stage + m.STAGE_OVER_CM3) / 8]!;
  }
  /** How many columns the last thing takes. */
  partCount(stage: number): number {
    return this.heap.i32[(stage + m.STAGE_COUNT) / 4]!;
  }
  /** Where the height that each column is filled to begins, in numbers of 64 bits. */
  heightsOf(stage: number): number {
    return m.stageHeights(stage, this.things) / 8;
  }

  /** What a stage's last thing fills, column by column, when it was put there. */
  partsOf(stage: number): readonly ColumnPart[] {
    const { things, columns, parts } = this;
    const { f64, i32 } = this.heap;
    const column = m.stageColumns(stage, things, columns, parts) / 4;
    const low = m.stageLows(stage, things, columns) / 8;
    const high = m.stageHighs(stage, things, columns, parts) / 8;
    const count = this.partCount(stage);
    const list: ColumnPart[] = [];
    for (let k = 0; k < count; k += 1)
      list.push({ column: i32[column + k]!, low: f64[low + k]!, high: f64[high + k]! });
    return list;
  }

  /** By column, how far the i-th thing swelled under what came last, cm. */
  *swellingsOf(stage: number, i: number): Generator<readonly [column: number, cm: number]> {
    const { things, columns, parts } = this;
    const { f64, i32 } = this.heap;
    const which = m.stageSwollenThings(stage, things, columns, parts) / 4;
    const column = m.stageSwollenColumns(stage, things, columns, parts) / 4;
    const cm = m.stageSwollenCms(stage, things, columns, parts) / 8;
    const count = i32[(stage + m.STAGE_SWELLINGS) / 4]!;
    for (let k = 0; k < count; k += 1) if (i32[which + k] === i) yield [i32[column + k]!, f64[cm + k]!];
  }
}
