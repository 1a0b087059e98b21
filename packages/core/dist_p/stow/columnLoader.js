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
import * as m from './columnMemory.js';
/** Gaps at the top narrower than this are lost, cm (Graft's own number). */
export const CREVICE_CM = 3;
export class ColumnLoader {
    compartment;
    slab;
    memory;
    patch;
    /** @param most things that will be loaded at once */
    constructor(compartment, most, slab, 
    /** What finds no room beside the rest of a soft thing may lie apart from it, and else does not go in. */
    mayPart = false) {
        this.compartment = compartment;
        this.slab = slab;
        this.memory = new LoaderMemory(compartment, most, slab, mayPart);
        this.patch = new FloorPatch(compartment);
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
        return this.memory.loaded;
    }
    get last() {
        return this.memory.stageAt(this.loaded);
    }
    /** Height that each column is filled to. */
    get height() {
        const from = this.memory.heightsOf(this.last);
        return this.memory.heap.f64.slice(from, from + this.compartment.nx * this.compartment.ny);
    }
    get voidCm3() {
        return this.memory.voidCm3(this.last);
    }
    get overflowCm3() {
        return this.memory.overCm3(this.last);
    }
    /** A filled reservoir lies at the back. */
    get hasSlab() {
        return this.slab !== undefined;
    }
    /** Take out all but the first things that were loaded. */
    rewind(count) {
        this.memory.heap.kernel.rewind(this.memory.at, count);
    }
    /**
     * Load a thing with its middle over a point of the floor, as near as walls allow.
     *
     * @param mend a rigid thing that would stand out above its ceiling goes to the lowest place there is instead
     * @param awayCm by turn, how far a rigid thing stays from the back, where there is room for that
     */
    load(solid, turn, xCm, yCm, mend = false, awayCm) {
        const { memory } = this;
        memory.makeRoom(memory.loaded + 1);
        memory.heap.kernel.loadInto(memory.at, memory.solidAt(solid, awayCm), turn, xCm, yCm, mend);
    }
    /** Where a thing would be put: its patch of cells as one number, the same for the same patch. */
    patchOf(solid, turn, xCm, yCm, awayCm) {
        return this.patch.of(solid, turn, xCm, yCm, awayCm);
    }
    /** What of the i-th loaded thing did not go in, cm³. */
    overflowOf(i) {
        const { memory } = this;
        return memory.overCm3(memory.stageAt(i + 1)) - memory.overCm3(memory.stageAt(i));
    }
    /** Where the i-th loaded thing is, if it is a rigid one. */
    rigidAt(i) {
        return this.memory.rigidOf(this.memory.stageAt(i + 1));
    }
    /** What the i-th loaded thing fills, column by column, swollen as it is. */
    partsOf(i) {
        const { memory } = this;
        const list = memory.partsOf(memory.stageAt(i + 1));
        let uppermost;
        for (let j = i + 2; j <= this.loaded; j += 1) {
            for (const [column, cm] of memory.swellingsOf(memory.stageAt(j), i)) {
                uppermost ??= new Map(list.map((p) => [p.column, p]));
                uppermost.get(column).high += cm;
            }
        }
        return list;
    }
    /** How many columns the i-th loaded thing takes. */
    columnsOf(i) {
        return this.memory.partCount(this.memory.stageAt(i + 1));
    }
    /** Over how many of the i-th thing's columns each later one lies, by place in the loading order. */
    coversOf(i) {
        const { heap, at } = this.memory;
        const covers = new Uint16Array(this.loaded);
        for (let j = i + 1; j < covers.length; j += 1)
            covers[j] = heap.kernel.coveredColumns(at, i, j);
        return covers;
    }
    /** The area in which the j-th loaded thing lies against an earlier one, cm². @param i less than j */
    touchCm2(i, j) {
        return this.memory.heap.kernel.touchCm2(this.memory.at, i, j);
    }
    /**
     * Find the middle of the i-th loaded thing: `middleX`, `middleY`, `middleZ`.
     *
     * @returns false when nothing of it is in
     */
    measure(i) {
        return this.memory.heap.kernel.measured(this.memory.at, i) !== 0;
    }
    get middleX() {
        return this.measured(m.LOADER_MIDDLE_X);
    }
    get middleY() {
        return this.measured(m.LOADER_MIDDLE_Y);
    }
    get middleZ() {
        return this.measured(m.LOADER_MIDDLE_Z);
    }
    measured(field) {
        return this.memory.heap.f64[(this.memory.at + field) / 8];
    }
    /** Gaps at the top that are too narrow for anything, cm³: part of the voids once all is loaded. */
    creviceCm3() {
        const { heap, at } = this.memory;
        return heap.kernel.creviceCm3(at, Math.round(CREVICE_CM / this.compartment.cellCm));
    }
}
//# sourceMappingURL=columnLoader.js.map