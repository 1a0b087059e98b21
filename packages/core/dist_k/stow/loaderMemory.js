/** A loader's blocks in the kernel's memory: its compartment, its stages, and the things it was asked to load. */
import { columnHeap } from './columnKernel.js';
import * as m from './columnMemory.js';
/** Taken once: a lookup on a global is not free everywhere. */
const { max, min, round, trunc } = Math;
export class LoaderMemory {
    compartment;
    things;
    heap = columnHeap();
    scope = this.heap.scope;
    /** Address of the compartment. */
    at;
    columns;
    /** Most parts that a thing may have: one that is poured twice may come to lie under a reservoir and over it. */
    parts;
    turnsAt = new Map();
    constructor(compartment, things, slab) {
        this.compartment = compartment;
        this.things = things;
        this.columns = compartment.nx * compartment.ny;
        this.parts = slab === undefined ? this.columns : 2 * this.columns;
        this.at = this.heap.allocate(m.loaderBytes(this.columns), this.scope);
        this.writeHead(slab);
        this.writeColumns();
        if (slab !== undefined)
            this.writeSlab(slab);
    }
    writeHead(slab) {
        const { nx, ny, cellCm, ceiling, holdsFrom } = this.compartment;
        const { f64, i32 } = this.heap;
        const { at } = this;
        i32[(at + m.LOADER_NX) / 4] = nx;
        i32[(at + m.LOADER_NY) / 4] = ny;
        i32[(at + m.LOADER_HAS_SLAB) / 4] = slab === undefined ? 0 : 1;
        f64[(at + m.LOADER_CELL_CM) / 8] = cellCm;
        f64[(at + m.LOADER_HOLDS_FROM) / 8] = holdsFrom;
        f64[(at + m.LOADER_LOWEST_ROOF) / 8] = ceiling.reduce((least, z) => min(least, z), slab?.low ?? Infinity);
        f64[(at + m.LOADER_HIGHEST_CEILING) / 8] = ceiling.reduce((most, z) => max(most, z), -Infinity);
    }
    writeColumns() {
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
    writeSlab({ widthCm, depthCm, low, high }) {
        const { nx, ny, cellCm } = this.compartment;
        const { at, columns: n, heap } = this;
        const rows = min(ny, max(1, round(depthCm / cellCm)));
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
    columnX(column) {
        const { nx, x0, cellCm } = this.compartment;
        return x0 + ((column % nx) + 0.5) * cellCm;
    }
    columnY(column) {
        const { nx, y0, cellCm } = this.compartment;
        return y0 + (trunc(column / nx) + 0.5) * cellCm;
    }
    /** Room for what the compartment may hold at some stage; its address. */
    newStage() {
        return this.heap.allocate(m.stageBytes(this.things, this.columns, this.parts), this.scope);
    }
    /**
     * The area in which the j-th thing lies against the i-th, cm², as both are once all is loaded.
     *
     * @param stages by how many things are in
     */
    touchCm2(stages, i, j) {
        const { kernel } = this.heap;
        this.use(stages[j + 1]);
        for (const which of [i, j]) {
            kernel.outline(which === j, stages[which + 1]);
            for (let s = which + 2; s < stages.length; s += 1)
                kernel.swellOutline(which === j, stages[s], which);
        }
        return kernel.touchCm2(stages[i + 1], stages[j], i);
    }
    /** Let the kernel work on one of the stages. */
    use(stage) {
        if (!this.scope.isOpen)
            throw new Error('a loader is used after its scope was closed');
        const { heap } = this;
        if (heap.loader !== this) {
            heap.kernel.useLoader(this.at);
            heap.loader = this;
        }
        heap.kernel.useStage(stage, this.things, this.parts);
    }
    /** A turn's address; its steps from its first column are as they are in this grid. */
    addressOf(turn) {
        const known = this.turnsAt.get(turn);
        if (known !== undefined)
            return known;
        const { dx, dy, low, high } = turn;
        const count = dx.length;
        const at = this.heap.allocate(m.turnBytes(count), this.scope);
        const { f64, i32 } = this.heap;
        i32[(at + m.TURN_COUNT) / 4] = count;
        i32[(at + m.TURN_IS_LEVEL) / 4] = low.every((edge) => edge === 0) ? 1 : 0;
        i32[(at + m.TURN_NX) / 4] = turn.nx;
        i32[(at + m.TURN_NY) / 4] = turn.ny;
        f64[(at + m.TURN_HEIGHT_CM) / 8] = turn.heightCm;
        f64.set(low, m.turnLows(at) / 8);
        f64.set(high, m.turnHighs(at, count) / 8);
        const steps = m.turnSteps(at, count) / 4;
        for (let k = 0; k < count; k += 1)
            i32[steps + k] = dy[k] * this.compartment.nx + dx[k];
        this.turnsAt.set(turn, at);
        return at;
    }
    voidCm3(stage) {
        return this.heap.f64[(stage + m.STAGE_VOID_CM3) / 8];
    }
    overCm3(stage) {
        return this.heap.f64[(stage + m.STAGE_OVER_CM3) / 8];
    }
    /** So much did not go in. */
    addOver(stage, cm3) {
        const at = (stage + m.STAGE_OVER_CM3) / 8;
        this.heap.f64[at] = this.heap.f64[at] + cm3;
    }
    /** How many columns the last thing takes. */
    partCount(stage) {
        return this.heap.i32[(stage + m.STAGE_COUNT) / 4];
    }
    /** Where the sums of the i-th thing begin, in numbers of 64 bits. */
    sumsOf(stage, i) {
        return (m.stageSums(stage) + m.STAGE_SUMS_EACH * i) / 8;
    }
    /** Where the height that each column is filled to begins, in numbers of 64 bits. */
    heightsOf(stage) {
        return m.stageHeights(stage, this.things) / 8;
    }
    /** What a stage's last thing fills, column by column, when it was put there. */
    partsOf(stage) {
        const { things, columns, parts } = this;
        const { f64, i32 } = this.heap;
        const column = m.stageColumns(stage, things, columns, parts) / 4;
        const low = m.stageLows(stage, things, columns) / 8;
        const high = m.stageHighs(stage, things, columns, parts) / 8;
        return Array.from({ length: this.partCount(stage) }, (_v, k) => ({
            column: i32[column + k],
            low: f64[low + k],
            high: f64[high + k],
        }));
    }
    /** By column, how far the i-th thing swelled under what came last, cm. */
    *swellingsOf(stage, i) {
        const { things, columns, parts } = this;
        const { f64, i32 } = this.heap;
        const which = m.stageSwollenThings(stage, things, columns, parts) / 4;
        const column = m.stageSwollenColumns(stage, things, columns, parts) / 4;
        const cm = m.stageSwollenCms(stage, things, columns, parts) / 8;
        const count = i32[(stage + m.STAGE_SWELLINGS) / 4];
        for (let k = 0; k < count; k += 1)
            if (i32[which + k] === i)
                yield [i32[column + k], f64[cm + k]];
    }
}
//# sourceMappingURL=loaderMemory.js.map