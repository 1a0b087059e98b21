/** Made of `assembly/memoryLayout.mjs` by `npm run kernel`: not to be edited. All addresses are in bytes. */

type usize = number;

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

// What a search never changes: see `SearchFacts`. Prices are those of `tuning.ts`.
/** Pack and all things. */
export const FACTS_TOTAL_KG: usize = 0;
/** Of the heavy half. */
export const FACTS_HEAVY_KG: usize = 8;
/** For its middle, cm. */
export const FACTS_BAND_LOW: usize = 16;
export const FACTS_BAND_HIGH: usize = 24;
/** Where the zones of the main compartment part, cm. */
export const FACTS_BOTTOM_TOP: usize = 32;
export const FACTS_TOP_FLOOR: usize = 40;
export const FACTS_CORE_END: usize = 48;
/** From this price on a place is a poor one. */
export const FACTS_POOR_PLACE: usize = 56;
export const FACTS_LYING_LONG: usize = 64;
export const FACTS_PER_CM_ASTRAY: usize = 72;
/** So far a pinned thing may be pushed. */
export const FACTS_ASTRAY_FREE_CM: usize = 80;
export const FACTS_PER_OVER_TALL: usize = 88;
export const FACTS_PER_UPRIGHT_MISSING: usize = 96;
export const FACTS_LATER_FOOD_OVER: usize = 104;
export const FACTS_TROUBLE_OVER: usize = 112;
export const FACTS_TROUBLE_UNSAFE: usize = 120;
export const FACTS_TROUBLE_OUT: usize = 128;
export const FACTS_TROUBLE_DEEP: usize = 136;
export const FACTS_TROUBLE_POOR: usize = 144;
/** How far points in a soft bag are kept from the back panel. */
export const FACTS_POINTS_CM: usize = 152;
/** An upright reaches at least so high. */
export const FACTS_STANDS_CM: usize = 160;
/** From this height on a thing is drawn out by its top. */
export const FACTS_TALL_CM: usize = 168;
/** Part of the way out from which on it is blocked. */
export const FACTS_BLOCKS: usize = 176;
export const FACTS_TOUCHES_CM2: usize = 184;
export const FACTS_ASIDE_FREE_CM: usize = 192;
export const FACTS_SIDE_FREE_KG: usize = 200;
export const FACTS_PER_KG_UNEVEN: usize = 208;
export const FACTS_VOID_FREE_PERCENT: usize = 216;
export const FACTS_CREVICE_CM: usize = 224;
export const FACTS_THINGS: usize = 232;
/** Of the pack. */
export const FACTS_ZONES: usize = 236;
export const FACTS_DAYS: usize = 240;
/** How many pairs. */
export const FACTS_CLASHES: usize = 244;
export const FACTS_CRUSHES: usize = 248;
/** How many are wanted. */
export const FACTS_UPRIGHTS: usize = 252;
/** 1 when tall things are to be drawn out each by itself. */
export const FACTS_IN_COLUMNS: usize = 256;
/** Indexes of the zones of the main compartment. */
export const FACTS_BOTTOM_ZONE: usize = 260;
export const FACTS_CORE_ZONE: usize = 264;
export const FACTS_OUTER_ZONE: usize = 268;
export const FACTS_TOP_ZONE: usize = 272;
/** Mass and what of it is heavy, kg; packed and loose litres; how many may lie over it; how much more it counts when it is left out. */
export function factsFigures(at: usize): usize {
  return at + 280;
}
export const FACTS_FIGURES_EACH: usize = 48;
/** By turn, nearer than what to the panel it is felt, cm: bare, then behind a reservoir. */
export function factsFelt(at: usize, things: usize): usize {
  return at + 280 + 48 * things;
}
export const FACTS_FELT_EACH: usize = 96;
/** By zone: price, rules broken, whether too deep, whether its depth does not matter. */
export function factsChoices(at: usize, things: usize): usize {
  return at + 280 + 144 * things;
}
export const FACTS_CHOICES_EACH: usize = 32;
export function factsByDayL(at: usize, things: usize, choices: usize): usize {
  return at + 280 + 144 * things + 32 * choices;
}
/** Scratch: outlines, cm. */
export function factsBoxes(at: usize, things: usize, choices: usize, daily: usize): usize {
  return at + 280 + 144 * things + 32 * choices + 8 * daily;
}
export const FACTS_BOXES_EACH: usize = 48;
/** Scratch: its lowest and highest point, cm. */
export function factsHeightsOf(at: usize, things: usize, choices: usize, daily: usize): usize {
  return at + 280 + 192 * things + 32 * choices + 8 * daily;
}
export const FACTS_HEIGHTS_OF_EACH: usize = 16;
/** See `Mark`; the first day on which it is eaten, or 0. */
export function factsMarks(at: usize, things: usize, choices: usize, daily: usize): usize {
  return at + 280 + 208 * things + 32 * choices + 8 * daily;
}
export const FACTS_MARKS_EACH: usize = 8;
/** Scratch: its place in the loading order, or −1. */
export function factsPlaces(at: usize, things: usize, choices: usize, daily: usize): usize {
  return at + 280 + 216 * things + 32 * choices + 8 * daily;
}
/** Scratch. */
export function factsSeen(at: usize, things: usize, choices: usize, daily: usize): usize {
  return at + 280 + 220 * things + 32 * choices + 8 * daily;
}
/** Scratch. */
export function factsTodo(at: usize, things: usize, choices: usize, daily: usize): usize {
  return at + 280 + 224 * things + 32 * choices + 8 * daily;
}
/** Scratch: whether it is known what covers it. */
export function factsRows(at: usize, things: usize, choices: usize, daily: usize): usize {
  return at + 280 + 228 * things + 32 * choices + 8 * daily;
}
/** Scratch: its first and last row of columns; −1 when not known. */
export function factsLinesOf(at: usize, things: usize, choices: usize, daily: usize): usize {
  return at + 280 + 232 * things + 32 * choices + 8 * daily;
}
export const FACTS_LINES_OF_EACH: usize = 8;
/** Scratch: over how many columns of each each lies. */
export function factsCovers(at: usize, things: usize, choices: usize, daily: usize): usize {
  return at + 280 + 240 * things + 32 * choices + 8 * daily;
}
export function factsClashing(at: usize, things: usize, choices: usize, daily: usize, covers: usize): usize {
  return at + 280 + 240 * things + 32 * choices + 8 * daily + 4 * covers;
}
export const FACTS_CLASHING_EACH: usize = 8;
export function factsCrushing(at: usize, things: usize, choices: usize, daily: usize, covers: usize, clashes: usize): usize {
  return at + 280 + 240 * things + 32 * choices + 8 * daily + 4 * covers + 8 * clashes;
}
export const FACTS_CRUSHING_EACH: usize = 8;
export function factsBytes(things: usize, choices: usize, daily: usize, covers: usize, clashes: usize, crushes: usize): usize {
  return 280 + 240 * things + 32 * choices + 8 * daily + 4 * covers + 8 * clashes + 8 * crushes;
}

// The most that a state may come to, and what all compartments but one do.
/** Energy. */
export const LIMIT_MOST: usize = 0;
/** Weights. */
export const LIMIT_MISFIT: usize = 8;
export const LIMIT_SAFETY: usize = 16;
export const LIMIT_TOO_DEEP: usize = 24;
export const LIMIT_BAND_MISS_CM: usize = 32;
export const LIMIT_ASIDE_CM: usize = 40;
export const LIMIT_VOID_PERCENT: usize = 48;
export const LIMIT_OUT_CM: usize = 56;
export const LIMIT_MISPLACED: usize = 64;
/** As a desk begins with them. */
export function limitOthers(at: usize): usize {
  return at + 72;
}
export function limitBytes(figures: usize): usize {
  return 72 + 8 * figures;
}

// A compartment that a search loads again and again: what is to be loaded, and what is then seen.
/** What the compartment adds: see `PartFigures`. */
export const DESK_MISFIT: usize = 0;
export const DESK_SAFETY: usize = 8;
export const DESK_TOO_DEEP: usize = 16;
export const DESK_MISPLACED: usize = 24;
export const DESK_SIDE_KG: usize = 32;
export const DESK_VOID_L: usize = 40;
export const DESK_FILLED_L: usize = 48;
export const DESK_MASS_KG: usize = 56;
export const DESK_MX: usize = 64;
export const DESK_MY: usize = 72;
export const DESK_MZ: usize = 80;
export const DESK_HZ: usize = 88;
export const DESK_FLOOR_CM: usize = 96;
/** Of a pocket. */
export const DESK_VOLUME_L: usize = 104;
export const DESK_MAX_LOAD_KG: usize = 112;
/** 1 for a right side pocket, −1 for a left one. */
export const DESK_SIDE: usize = 120;
/** Most things that are found in it. */
export const DESK_HANDFUL: usize = 128;
/** Address. */
export const DESK_LOADER: usize = 136;
/** Address. */
export const DESK_FACTS: usize = 140;
/** 1 for a part of the main compartment. */
export const DESK_IS_MAIN: usize = 144;
/** Of the pack; −1 for a part of the main compartment. */
export const DESK_ZONE: usize = 148;
/** 1 where the house rules on how things stand are of the compartment. */
export const DESK_HAS_HOUSE: usize = 152;
/** Things that are to be in. */
export const DESK_COUNT: usize = 156;
/** Things that are in. */
export const DESK_TRIED: usize = 160;
/** Things that were in when it was last kept. */
export const DESK_KEPT: usize = 164;
/** What is to be in, in loading order: its middle, cm. */
export function deskXs(at: usize): usize {
  return at + 168;
}
export function deskYs(at: usize, things: usize): usize {
  return at + 168 + 8 * things;
}
export function deskTriedXs(at: usize, things: usize): usize {
  return at + 168 + 16 * things;
}
export function deskTriedYs(at: usize, things: usize): usize {
  return at + 168 + 24 * things;
}
export function deskKeptXs(at: usize, things: usize): usize {
  return at + 168 + 32 * things;
}
export function deskKeptYs(at: usize, things: usize): usize {
  return at + 168 + 40 * things;
}
/** How high its middle is, cm. */
export function deskHeights(at: usize, things: usize): usize {
  return at + 168 + 48 * things;
}
/** How badly it stands. */
export function deskTroubles(at: usize, things: usize): usize {
  return at + 168 + 56 * things;
}
/** Which thing. */
export function deskWhich(at: usize, things: usize): usize {
  return at + 168 + 64 * things;
}
/** Which of its turns. */
export function deskWays(at: usize, things: usize): usize {
  return at + 168 + 68 * things;
}
export function deskTriedWhich(at: usize, things: usize): usize {
  return at + 168 + 72 * things;
}
export function deskTriedWays(at: usize, things: usize): usize {
  return at + 168 + 76 * things;
}
export function deskKeptWhich(at: usize, things: usize): usize {
  return at + 168 + 80 * things;
}
export function deskKeptWays(at: usize, things: usize): usize {
  return at + 168 + 84 * things;
}
/** In which zone its middle is. */
export function deskZones(at: usize, things: usize): usize {
  return at + 168 + 88 * things;
}
/** By thing: its address as a solid. */
export function deskSolids(at: usize, things: usize): usize {
  return at + 168 + 92 * things;
}
export function deskBytes(things: usize): usize {
  return 168 + 96 * things;
}
