/** Made of `assembly/memoryLayout.mjs` by `npm run kernel`: not to be edited. All addresses are in bytes. */

// A compartment.
export const LOADER_CELL_CM: usize = 0;
/** Cm. */
export const LOADER_LOWEST_CEILING: usize = 8;
export const LOADER_HIGHEST_CEILING: usize = 16;
/** A stiff thing that starts no higher may stand out above the ceiling, cm. */
export const LOADER_HOLDS_FROM: usize = 24;
/** Its corner, cm. */
export const LOADER_X0: usize = 32;
export const LOADER_Y0: usize = 40;
/** No soft thing is taller than so many edges of a cube of its volume. */
export const LOADER_TALLEST: usize = 48;
/** What was measured last: the middle of a thing, cm. */
export const LOADER_MIDDLE_X: usize = 56;
export const LOADER_MIDDLE_Y: usize = 64;
export const LOADER_MIDDLE_Z: usize = 72;
export const LOADER_NX: usize = 80;
export const LOADER_NY: usize = 84;
/** Rows of columns at the back in which a reservoir lies. */
export const LOADER_SLAB_ROWS: usize = 88;
/** 1 when what finds no room beside the rest of a soft thing may lie apart from it. */
export const LOADER_MAY_PART: usize = 92;
/** Most things that may be in. */
export const LOADER_THINGS: usize = 96;
/** Most parts that a thing may have. */
export const LOADER_PARTS: usize = 100;
/** How many things are in. */
export const LOADER_LOADED: usize = 104;
/** Places looked for since it was last rewound. */
export const LOADER_MENDS: usize = 108;
export function loaderCeilings(at: usize): usize {
  return at + 112;
}
export function loaderFloors(at: usize, columns: usize): usize {
  return at + 112 + 8 * columns;
}
export function loaderXs(at: usize, columns: usize): usize {
  return at + 112 + 16 * columns;
}
export function loaderYs(at: usize, columns: usize): usize {
  return at + 112 + 24 * columns;
}
/** Ends of a reservoir, cm; Infinity where there is none. */
export function loaderSlabLows(at: usize, columns: usize): usize {
  return at + 112 + 32 * columns;
}
export function loaderSlabHighs(at: usize, columns: usize): usize {
  return at + 112 + 40 * columns;
}
/** Scratch: heights with narrow gaps closed. */
export function loaderBases(at: usize, columns: usize): usize {
  return at + 112 + 48 * columns;
}
/** Scratch: runs of columns side by side. */
export function loaderRuns(at: usize, columns: usize): usize {
  return at + 112 + 56 * columns;
}
export const LOADER_RUNS_EACH: usize = 16;
/** Scratch: which part fills a column. */
export function loaderMarks(at: usize, columns: usize): usize {
  return at + 112 + 72 * columns;
}
/** Addresses, by how many things are in: of the line in use. */
export function loaderStages(at: usize, columns: usize): usize {
  return at + 112 + 76 * columns;
}
/** Of the line to go back to; 0 when there is none. */
export function loaderKept(at: usize, columns: usize, levels: usize): usize {
  return at + 112 + 76 * columns + 4 * levels;
}
/** To write on beside that. */
export function loaderSpare(at: usize, columns: usize, levels: usize): usize {
  return at + 112 + 76 * columns + 8 * levels;
}
export function loaderBytes(columns: usize, levels: usize): usize {
  return 112 + 76 * columns + 12 * levels;
}

// A thing as it is loaded into a compartment, and the ways in which it may be turned or spread.
/** Of a soft one, packed. */
export const SOLID_VOLUME_CM3: usize = 0;
/** By how much it swells. */
export const SOLID_SLACK_CM3: usize = 8;
/** Its least thickness. */
export const SOLID_LEAST_CM: usize = 16;
export const SOLID_WAYS: usize = 24;
export const SOLID_IS_RIGID: usize = 28;
/** Gaps of fewer cells it does not go into. */
export const SOLID_NARROW: usize = 32;
/** Addresses, of a rigid one. */
export function solidTurns(at: usize): usize {
  return at + 40;
}
/** Cells of its patch. */
export function solidWides(at: usize, ways: usize): usize {
  return at + 40 + 4 * ways;
}
export function solidDeeps(at: usize, ways: usize): usize {
  return at + 40 + 8 * ways;
}
/** Cells that it stays from the back, where there is room for that. */
export function solidFirstRows(at: usize, ways: usize): usize {
  return at + 40 + 12 * ways;
}
export function solidBytes(ways: usize): usize {
  return 40 + 16 * ways;
}

// A rigid thing turned one way.
/** Its true outline. */
export const TURN_WIDTH_CM: usize = 0;
export const TURN_DEPTH_CM: usize = 8;
export const TURN_HEIGHT_CM: usize = 16;
/** Its cells. */
export const TURN_COUNT: usize = 24;
/** 1 when its lower edge is. */
export const TURN_IS_LEVEL: usize = 28;
/** 1 when its longest edge is. */
export const TURN_IS_UPRIGHT: usize = 32;
export const TURN_NX: usize = 36;
export const TURN_NY: usize = 40;
/** Edges over its lowest point, cm. */
export function turnLows(at: usize): usize {
  return at + 48;
}
export function turnHighs(at: usize, cells: usize): usize {
  return at + 48 + 8 * cells;
}
/** From its first column. */
export function turnSteps(at: usize, cells: usize): usize {
  return at + 48 + 16 * cells;
}
export function turnBytes(cells: usize): usize {
  return 48 + 20 * cells;
}

// What a compartment holds when so many things are loaded, and where the last of them lies.
export const STAGE_VOID_CM3: usize = 0;
/** What did not go in. */
export const STAGE_OVER_CM3: usize = 8;
/** Where the last thing is, if it is a rigid one: its middle and its lowest point, cm. */
export const STAGE_X: usize = 16;
export const STAGE_Y: usize = 24;
export const STAGE_Z: usize = 32;
/** Address of how it is turned; 0 for a soft thing. */
export const STAGE_TURN: usize = 40;
/** Which of its turns that is. */
export const STAGE_WAY: usize = 44;
/** Parts of the last thing. */
export const STAGE_COUNT: usize = 48;
/** That it lets swell. */
export const STAGE_SWELLINGS: usize = 52;
/** Of a soft thing: cm of columns it fills, that times x, y and twice z, and what it may still swell, cm³. */
export function stageSums(at: usize): usize {
  return at + 56;
}
export const STAGE_SUMS_EACH: usize = 40;
export function stageHeights(at: usize, things: usize): usize {
  return at + 56 + 40 * things;
}
export function stageLows(at: usize, things: usize, columns: usize): usize {
  return at + 56 + 40 * things + 8 * columns;
}
export function stageHighs(at: usize, things: usize, columns: usize, parts: usize): usize {
  return at + 56 + 40 * things + 8 * columns + 8 * parts;
}
export function stageSwollenCms(at: usize, things: usize, columns: usize, parts: usize): usize {
  return at + 56 + 40 * things + 8 * columns + 16 * parts;
}
/** Which thing is uppermost; −1 when none is. */
export function stageTopmosts(at: usize, things: usize, columns: usize, parts: usize): usize {
  return at + 56 + 40 * things + 8 * columns + 24 * parts;
}
/** Which column a part fills. */
export function stageColumns(at: usize, things: usize, columns: usize, parts: usize): usize {
  return at + 56 + 40 * things + 12 * columns + 24 * parts;
}
export function stageSwollenColumns(at: usize, things: usize, columns: usize, parts: usize): usize {
  return at + 56 + 40 * things + 12 * columns + 28 * parts;
}
export function stageSwollenThings(at: usize, things: usize, columns: usize, parts: usize): usize {
  return at + 56 + 40 * things + 12 * columns + 32 * parts;
}
export function stageBytes(things: usize, columns: usize, parts: usize): usize {
  return 56 + 40 * things + 12 * columns + 36 * parts;
}
