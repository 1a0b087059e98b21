/**
 * The loader: fills one compartment from below, thing after thing, column by column of its floor grid.
 *
 * A rigid thing comes down where it is put until it touches; what stays empty under it is a void. A soft thing flows.
 * Over its patch it fills the lowest places first, until all of it is in and its top is level. It keeps its volume and
 * stays in one piece. It is nowhere thinner than its least thickness, and goes into no gap narrower than that. A
 * compressible thing that lies under a void swells into it, up to its loose volume. Heights are exact; only the floor
 * plan is gridded.
 *
 * A void is space under something, or a gap narrower than `CREVICE_CM` at the top: over wider ones the pack is drawn tight.
 */
import { FloorPatch } from './floorPatch.js';
import { LoaderMemory } from './loaderMemory.js';
import { StageLine } from './stageLine.js';
import { firstRowOff, SPREADS } from './solids.js';
/** Taken once: this is where nearly all of the time goes, and a lookup on a global is not free everywhere. */
const { cbrt, max, round, trunc } = Math;
/** No soft thing is taller than this many edges of a cube of its volume (Graft's own number). */
export const TALLEST_SPREAD = 2;
/** Gaps at the top narrower than this are lost, cm (Graft's own number). */
export const CREVICE_CM = 3;
const addressOf = ({ at }) => at;
/** Cells between the places that are tried for a thing that stands out. 1: the mean energy of 17 packs +5.0 %. */
const MEND_STEP = 2;
/**
 * Things that are given another place in one loading: each costs as much as loading all. None: +1.9 %; 12: the same, so
 * it hardly binds.
 */
const MOST_MENDS = 4;
/** Lengths below this are rounding, cm. */
const TINY = 1e-6;
export class ColumnLoader {
    compartment;
    slab;
    mayPart;
    line;
    memory;
    patch;
    /** What was measured last: a middle, cm, and what a soft thing fills. */
    middleX = 0;
    middleY = 0;
    middleZ = 0;
    filledCm3 = 0;
    /** Places looked for since the loader was last rewound. */
    mends = 0;
    cellArea;
    /** @param most things that will be loaded at once */
    constructor(compartment, most, slab, 
    /** What finds no room beside the rest of a soft thing may lie apart from it, and else does not go in. */
    mayPart = false) {
        this.compartment = compartment;
        this.slab = slab;
        this.mayPart = mayPart;
        this.cellArea = compartment.cellCm * compartment.cellCm;
        this.memory = new LoaderMemory(compartment, most, slab);
        this.patch = new FloorPatch(compartment);
        const fresh = () => ({ at: this.memory.newStage(), rigid: undefined });
        this.line = new StageLine(fresh(), fresh);
        this.memory.use(this.line.last.at);
        this.memory.heap.kernel.empty();
    }
    /** Middle of a column, cm. */
    columnX(column) {
        return this.memory.columnX(column);
    }
    columnY(column) {
        return this.memory.columnY(column);
    }
    /** How many things are in. */
    get loaded() {
        return this.line.count;
    }
    /** Height that each column is filled to. */
    get height() {
        const from = this.memory.heightsOf(this.line.last.at);
        return this.memory.heap.f64.slice(from, from + this.compartment.nx * this.compartment.ny);
    }
    get voidCm3() {
        return this.memory.voidCm3(this.line.last.at);
    }
    get overflowCm3() {
        return this.memory.overCm3(this.line.last.at);
    }
    /** A filled reservoir lies at the back. */
    get hasSlab() {
        return this.slab !== undefined;
    }
    /** Take out all but the first things that were loaded. */
    rewind(count) {
        this.mends = 0;
        this.line.rewind(count);
    }
    /** What is in now can be gone back to, whatever is loaded instead. */
    keep() {
        this.line.keep();
    }
    /** The first things that were in when the loader was last kept are in, and nothing else. */
    goBackToKept(count) {
        this.mends = 0;
        this.line.goBackToKept(count);
    }
    /**
     * Load a thing with its middle over a point of the floor, as near as walls allow.
     *
     * @param mend a rigid thing that would stand out above its ceiling goes to the lowest place there is instead
     * @param awayCm by turn, how far a rigid thing stays from the back, where there is room for that
     */
    load(solid, turn, xCm, yCm, mend = false, awayCm) {
        const { count: i, last } = this.line;
        const now = this.line.next();
        this.memory.use(now.at);
        const slackCm3 = solid.kind === 'soft' ? (solid.looseL - solid.volumeL) * 1000 : 0;
        this.memory.heap.kernel.begin(last.at, i, slackCm3);
        if (solid.kind === 'rigid') {
            now.rigid = this.putRigid(now, solid.turns, turn % solid.turns.length, xCm, yCm, mend, awayCm);
        }
        else {
            now.rigid = undefined;
            this.memory.addOver(now.at, this.pour(solid, turn % SPREADS.length, xCm, yCm));
        }
        this.line.added();
    }
    putRigid(now, turns, wanted, xCm, yCm, mend, awayCm) {
        const { nx, ny, cellCm, x0, y0 } = this.compartment;
        const { memory, patch } = this;
        const { kernel } = memory.heap;
        let turn = turns[wanted];
        patch.findUnder(turn, xCm, yCm, awayCm?.[wanted] ?? 0);
        let { x: ix, y: iy } = patch;
        let fits = turn.nx <= nx && turn.ny <= ny;
        let z = fits ? kernel.restsAt(memory.addressOf(turn), iy * nx + ix) : 0;
        if (mend && this.mends < MOST_MENDS && (!fits || kernel.aboveCm() > TINY)) {
            this.mends += 1;
            // Too high where it was put: the lowest place there is, if one is under the ceiling.
            let lowest = Infinity;
            for (let o = 0; o < turns.length; o += 1) {
                const other = turns[o];
                const at = memory.addressOf(other);
                const place = kernel.lowestPlace(at, firstRowOff(other, awayCm?.[o] ?? 0, cellCm), MEND_STEP, lowest);
                if (place < 0)
                    continue;
                ix = place % nx;
                iy = trunc(place / nx);
                turn = other;
                z = kernel.restsAt(at, place);
                lowest = z + other.heightCm / 2;
                fits = true;
            }
        }
        const xAt = x0 + (ix + turn.nx / 2) * cellCm;
        const yAt = y0 + (iy + turn.ny / 2) * cellCm;
        if (!fits) {
            memory.addOver(now.at, turn.widthCm * turn.depthCm * turn.heightCm);
            return { turn, xCm: xAt, yCm: yAt, zCm: memory.heap.f64[memory.heightsOf(now.at)] };
        }
        kernel.putRigid(memory.addressOf(turn), iy * nx + ix, z);
        return { turn, xCm: xAt, yCm: yAt, zCm: z };
    }
    /** @returns what does not go in, cm³ */
    pour(solid, spread, xCm, yCm) {
        const { nx, ny } = this.compartment;
        const volume = solid.volumeL * 1000;
        if (volume <= 0)
            return 0;
        this.patch.findSpread(volume, spread, xCm, yCm);
        const { x, y, wide, deep } = this.patch;
        const left = this.flow(volume, solid.leastCm, x, y, wide, deep, false);
        if (left <= TINY)
            return 0;
        if (wide === nx && deep === ny)
            return left;
        // The patch is full to the top: what is left goes wherever there is room beside it, as a hand would push it.
        const over = this.flow(left, solid.leastCm, 0, 0, nx, ny, true);
        if (over <= TINY)
            return 0;
        return this.mayPart ? this.flow(over, solid.leastCm, 0, 0, nx, ny, false) : over;
    }
    flow(cm3, leastCm, ix, iy, wide, deep, besideOnly) {
        const narrow = round(leastCm / this.compartment.cellCm);
        const tallest = max(TALLEST_SPREAD * cbrt(cm3), (2 * cm3) / (wide * deep * this.cellArea));
        return this.memory.heap.kernel.flow(cm3, leastCm, narrow, tallest, ix, iy, wide, deep, besideOnly);
    }
    /** Where a thing would be put: its patch of cells as one number, the same for the same patch. */
    patchOf(solid, turn, xCm, yCm, awayCm) {
        return this.patch.of(solid, turn, xCm, yCm, awayCm);
    }
    /** What of the i-th loaded thing did not go in, cm³. */
    overflowOf(i) {
        return this.memory.overCm3(this.line.at(i + 1).at) - this.memory.overCm3(this.line.at(i).at);
    }
    /** Where the i-th loaded thing is, if it is a rigid one. */
    rigidAt(i) {
        return this.line.at(i + 1).rigid;
    }
    /** What the i-th loaded thing fills, column by column, swollen as it is. */
    partsOf(i) {
        const { memory } = this;
        const list = memory.partsOf(this.line.at(i + 1).at);
        let uppermost;
        for (let j = i + 2; j <= this.line.count; j += 1) {
            for (const [column, cm] of memory.swellingsOf(this.line.at(j).at, i)) {
                uppermost ??= new Map(list.map((p) => [p.column, p]));
                uppermost.get(column).high += cm;
            }
        }
        return list;
    }
    /** How many columns the i-th loaded thing takes. */
    columnsOf(i) {
        return this.memory.partCount(this.line.at(i + 1).at);
    }
    /** Over how many of the i-th thing's columns each later one lies, by place in the loading order. */
    coversOf(i) {
        const covers = new Uint16Array(this.line.count);
        const at = this.line.at(i + 1).at;
        for (let j = i + 1; j < this.line.count; j += 1) {
            this.memory.use(this.line.at(j + 1).at);
            covers[j] = this.memory.heap.kernel.coveredColumns(at, j);
        }
        return covers;
    }
    /** The area in which the j-th loaded thing lies against an earlier one, cm². @param i less than j */
    touchCm2(i, j) {
        return this.memory.touchCm2(this.line.all(addressOf), i, j);
    }
    /**
     * Find the middle of the i-th loaded thing, and what it fills: `middleX`, `middleY`, `middleZ`, `filledCm3`.
     *
     * @returns false when nothing of it is in
     */
    measure(i) {
        const { rigid } = this.line.at(i + 1);
        if (rigid !== undefined) {
            this.middleX = rigid.xCm;
            this.middleY = rigid.yCm;
            this.middleZ = rigid.zCm + rigid.turn.heightCm / 2;
            return true;
        }
        const { f64 } = this.memory.heap;
        const s = this.memory.sumsOf(this.line.last.at, i);
        const filled = f64[s];
        if (filled <= 0)
            return false;
        this.middleX = f64[s + 1] / filled;
        this.middleY = f64[s + 2] / filled;
        this.middleZ = f64[s + 3] / filled / 2;
        this.filledCm3 = filled * this.cellArea;
        return true;
    }
    /** Gaps at the top that are too narrow for anything, cm³: part of the voids once all is loaded. */
    creviceCm3() {
        this.memory.use(this.line.last.at);
        return this.memory.heap.kernel.creviceCm3(round(CREVICE_CM / this.compartment.cellCm));
    }
}
//# sourceMappingURL=columnLoader.js.map