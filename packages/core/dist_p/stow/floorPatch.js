import { firstRowOff, SPREADS } from './solids.js';
/** Taken once: a lookup on a global is not free everywhere. */
const { cbrt, max, min, round, sqrt } = Math;
/** A soft thing that nearly reaches from wall to wall does, cm (Graft's own number). */
const WALL_GAP_CM = 3;
/** More cells than any compartment has along an edge. */
const MOST_CELLS = 1024;
/** One patch, found anew again and again: so many are looked for that none is made for each. */
export class FloorPatch {
    compartment;
    x = 0;
    y = 0;
    wide = 0;
    deep = 0;
    constructor(compartment) {
        this.compartment = compartment;
    }
    /**
     * Under a turned thing with its middle over a point, as near as walls allow.
     *
     * @param awayCm how far it stays from the back, where there is room for that
     */
    findUnder(turn, xCm, yCm, awayCm) {
        this.find(turn.nx, turn.ny, xCm, yCm, firstRowOff(turn, awayCm, this.compartment.cellCm));
    }
    /** Under a soft thing that spreads one way. */
    findSpread(volumeCm3, spread, xCm, yCm) {
        const { nx, ny, cellCm } = this.compartment;
        const { aspect, thickness } = SPREADS[spread];
        const area = volumeCm3 / (thickness * cbrt(volumeCm3));
        let wide = min(nx * cellCm, sqrt(area * aspect));
        const deep = min(ny * cellCm, area / wide);
        wide = min(nx * cellCm, area / deep);
        this.find(this.cellsOver(wide, nx), this.cellsOver(deep, ny), xCm, yCm, 0);
    }
    cellsOver(lengthCm, cells) {
        const { cellCm } = this.compartment;
        const wanted = clamp(round(lengthCm / cellCm), 1, cells);
        // What is left beside it would be too narrow for anything: it spreads to the wall.
        return (cells - wanted) * cellCm <= WALL_GAP_CM ? cells : wanted;
    }
    find(wide, deep, xCm, yCm, firstRow) {
        const { nx, ny, cellCm, x0, y0 } = this.compartment;
        this.x = clamp(round((xCm - x0) / cellCm - wide / 2), 0, nx - wide);
        this.y = clamp(round((yCm - y0) / cellCm - deep / 2), min(firstRow, ny - deep), ny - deep);
        this.wide = wide;
        this.deep = deep;
    }
    /** Where a thing would be put: its patch of cells as one number, the same for the same patch. */
    of(solid, turn, xCm, yCm, awayCm) {
        if (solid.kind === 'rigid')
            this.findUnder(solid.turns[turn], xCm, yCm, awayCm?.[turn] ?? 0);
        else
            this.findSpread(solid.volumeL * 1000, turn, xCm, yCm);
        return ((this.x * MOST_CELLS + this.y) * MOST_CELLS + this.wide) * MOST_CELLS + this.deep;
    }
}
function clamp(value, low, high) {
    return value < low ? low : value > high ? max(low, high) : value;
}
//# sourceMappingURL=floorPatch.js.map