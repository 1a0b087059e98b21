/** Made of `assembly/memoryLayout.mjs` by `npm run kernel`: not to be edited. All addresses are in bytes. */
// A compartment.
export const LOADER_CELL_CM = 0;
/** Lowest ceiling, or lower end of a reservoir, cm. */
export const LOADER_LOWEST_ROOF = 8;
export const LOADER_HIGHEST_CEILING = 16;
/** A stiff thing that starts no higher may stand out above the ceiling, cm. */
export const LOADER_HOLDS_FROM = 24;
export const LOADER_NX = 32;
export const LOADER_NY = 36;
/** 1 when a reservoir lies in it. */
export const LOADER_HAS_SLAB = 40;
export function loaderCeilings(at) {
    return at + 48;
}
export function loaderFloors(at, columns) {
    return at + 48 + 8 * columns;
}
export function loaderXs(at, columns) {
    return at + 48 + 16 * columns;
}
export function loaderYs(at, columns) {
    return at + 48 + 24 * columns;
}
/** Ends of a reservoir, cm; Infinity where there is none. */
export function loaderSlabLows(at, columns) {
    return at + 48 + 32 * columns;
}
export function loaderSlabHighs(at, columns) {
    return at + 48 + 40 * columns;
}
/** Scratch: heights with narrow gaps closed. */
export function loaderBases(at, columns) {
    return at + 48 + 48 * columns;
}
/** Scratch: runs of columns side by side. */
export function loaderRuns(at, columns) {
    return at + 48 + 56 * columns;
}
export const LOADER_RUNS_EACH = 16;
/** Scratch: which part fills a column. */
export function loaderMarks(at, columns) {
    return at + 48 + 72 * columns;
}
export function loaderBytes(columns) {
    return 48 + 76 * columns;
}
// A rigid thing turned one way.
export const TURN_HEIGHT_CM = 0;
/** Its cells. */
export const TURN_COUNT = 8;
/** 1 when its lower edge is. */
export const TURN_IS_LEVEL = 12;
export const TURN_NX = 16;
export const TURN_NY = 20;
/** Edges over its lowest point, cm. */
export function turnLows(at) {
    return at + 24;
}
export function turnHighs(at, cells) {
    return at + 24 + 8 * cells;
}
/** From its first column. */
export function turnSteps(at, cells) {
    return at + 24 + 16 * cells;
}
export function turnBytes(cells) {
    return 24 + 20 * cells;
}
// What a compartment holds when so many things are loaded, and where the last of them lies.
export const STAGE_VOID_CM3 = 0;
/** What did not go in. */
export const STAGE_OVER_CM3 = 8;
/** Parts of the last thing. */
export const STAGE_COUNT = 16;
/** That it lets swell. */
export const STAGE_SWELLINGS = 20;
/** Of a soft thing: cm of columns it fills, that times x, y and twice z, and what it may still swell, cm³. */
export function stageSums(at) {
    return at + 24;
}
export const STAGE_SUMS_EACH = 40;
export function stageHeights(at, things) {
    return at + 24 + 40 * things;
}
export function stageLows(at, things, columns) {
    return at + 24 + 40 * things + 8 * columns;
}
export function stageHighs(at, things, columns, parts) {
    return at + 24 + 40 * things + 8 * columns + 8 * parts;
}
export function stageSwollenCms(at, things, columns, parts) {
    return at + 24 + 40 * things + 8 * columns + 16 * parts;
}
/** Which thing is uppermost; −1 when none is. */
export function stageTopmosts(at, things, columns, parts) {
    return at + 24 + 40 * things + 8 * columns + 24 * parts;
}
/** Which column a part fills. */
export function stageColumns(at, things, columns, parts) {
    return at + 24 + 40 * things + 12 * columns + 24 * parts;
}
export function stageSwollenColumns(at, things, columns, parts) {
    return at + 24 + 40 * things + 12 * columns + 28 * parts;
}
export function stageSwollenThings(at, things, columns, parts) {
    return at + 24 + 40 * things + 12 * columns + 32 * parts;
}
export function stageBytes(things, columns, parts) {
    return 24 + 40 * things + 12 * columns + 36 * parts;
}
//# sourceMappingURL=columnMemory.js.map