/** Made of `assembly/memoryLayout.mjs` by `npm run kernel`: not to be edited. All addresses are in bytes. */
// A compartment.
export const LOADER_CELL_CM = 0;
/** Cm. */
export const LOADER_LOWEST_CEILING = 8;
export const LOADER_HIGHEST_CEILING = 16;
/** A stiff thing that starts no higher may stand out above the ceiling, cm. */
export const LOADER_HOLDS_FROM = 24;
/** Its corner, cm. */
export const LOADER_X0 = 32;
export const LOADER_Y0 = 40;
/** No soft thing is taller than so many edges of a cube of its volume. */
export const LOADER_TALLEST = 48;
/** What was measured last: the middle of a thing, cm. */
export const LOADER_MIDDLE_X = 56;
export const LOADER_MIDDLE_Y = 64;
export const LOADER_MIDDLE_Z = 72;
export const LOADER_NX = 80;
export const LOADER_NY = 84;
/** Rows of columns at the back in which a reservoir lies. */
export const LOADER_SLAB_ROWS = 88;
/** 1 when what finds no room beside the rest of a soft thing may lie apart from it. */
export const LOADER_MAY_PART = 92;
/** Most things that may be in. */
export const LOADER_THINGS = 96;
/** Most parts that a thing may have. */
export const LOADER_PARTS = 100;
/** How many things are in. */
export const LOADER_LOADED = 104;
/** Places looked for since it was last rewound. */
export const LOADER_MENDS = 108;
export function loaderCeilings(at) {
    return at + 112;
}
export function loaderFloors(at, columns) {
    return at + 112 + 8 * columns;
}
export function loaderXs(at, columns) {
    return at + 112 + 16 * columns;
}
export function loaderYs(at, columns) {
    return at + 112 + 24 * columns;
}
/** Ends of a reservoir, cm; Infinity where there is none. */
export function loaderSlabLows(at, columns) {
    return at + 112 + 32 * columns;
}
export function loaderSlabHighs(at, columns) {
    return at + 112 + 40 * columns;
}
/** Scratch: heights with narrow gaps closed. */
export function loaderBases(at, columns) {
    return at + 112 + 48 * columns;
}
/** Scratch: runs of columns side by side. */
export function loaderRuns(at, columns) {
    return at + 112 + 56 * columns;
}
export const LOADER_RUNS_EACH = 16;
/** Scratch: which part fills a column. */
export function loaderMarks(at, columns) {
    return at + 112 + 72 * columns;
}
/** Addresses, by how many things are in: of the line in use. */
export function loaderStages(at, columns) {
    return at + 112 + 76 * columns;
}
/** Of the line to go back to; 0 when there is none. */
export function loaderKept(at, columns, levels) {
    return at + 112 + 76 * columns + 4 * levels;
}
/** To write on beside that. */
export function loaderSpare(at, columns, levels) {
    return at + 112 + 76 * columns + 8 * levels;
}
export function loaderBytes(columns, levels) {
    return 112 + 76 * columns + 12 * levels;
}
// A thing as it is loaded into a compartment, and the ways in which it may be turned or spread.
/** Of a soft one, packed. */
export const SOLID_VOLUME_CM3 = 0;
/** By how much it swells. */
export const SOLID_SLACK_CM3 = 8;
/** Its least thickness. */
export const SOLID_LEAST_CM = 16;
export const SOLID_WAYS = 24;
export const SOLID_IS_RIGID = 28;
/** Gaps of fewer cells it does not go into. */
export const SOLID_NARROW = 32;
/** Addresses, of a rigid one. */
export function solidTurns(at) {
    return at + 40;
}
/** Cells of its patch. */
export function solidWides(at, ways) {
    return at + 40 + 4 * ways;
}
export function solidDeeps(at, ways) {
    return at + 40 + 8 * ways;
}
/** Cells that it stays from the back, where there is room for that. */
export function solidFirstRows(at, ways) {
    return at + 40 + 12 * ways;
}
export function solidBytes(ways) {
    return 40 + 16 * ways;
}
// A rigid thing turned one way.
/** Its true outline. */
export const TURN_WIDTH_CM = 0;
export const TURN_DEPTH_CM = 8;
export const TURN_HEIGHT_CM = 16;
/** Its cells. */
export const TURN_COUNT = 24;
/** 1 when its lower edge is. */
export const TURN_IS_LEVEL = 28;
/** 1 when its longest edge is. */
export const TURN_IS_UPRIGHT = 32;
export const TURN_NX = 36;
export const TURN_NY = 40;
/** Edges over its lowest point, cm. */
export function turnLows(at) {
    return at + 48;
}
export function turnHighs(at, cells) {
    return at + 48 + 8 * cells;
}
/** From its first column. */
export function turnSteps(at, cells) {
    return at + 48 + 16 * cells;
}
export function turnBytes(cells) {
    return 48 + 20 * cells;
}
// What a compartment holds when so many things are loaded, and where the last of them lies.
export const STAGE_VOID_CM3 = 0;
/** What did not go in. */
export const STAGE_OVER_CM3 = 8;
/** Where the last thing is, if it is a rigid one: its middle and its lowest point, cm. */
export const STAGE_X = 16;
export const STAGE_Y = 24;
export const STAGE_Z = 32;
/** Address of how it is turned; 0 for a soft thing. */
export const STAGE_TURN = 40;
/** Which of its turns that is. */
export const STAGE_WAY = 44;
/** Parts of the last thing. */
export const STAGE_COUNT = 48;
/** That it lets swell. */
export const STAGE_SWELLINGS = 52;
/** Of a soft thing: cm of columns it fills, that times x, y and twice z, and what it may still swell, cm³. */
export function stageSums(at) {
    return at + 56;
}
export const STAGE_SUMS_EACH = 40;
export function stageHeights(at, things) {
    return at + 56 + 40 * things;
}
export function stageLows(at, things, columns) {
    return at + 56 + 40 * things + 8 * columns;
}
export function stageHighs(at, things, columns, parts) {
    return at + 56 + 40 * things + 8 * columns + 8 * parts;
}
export function stageSwollenCms(at, things, columns, parts) {
    return at + 56 + 40 * things + 8 * columns + 16 * parts;
}
/** Which thing is uppermost; −1 when none is. */
export function stageTopmosts(at, things, columns, parts) {
    return at + 56 + 40 * things + 8 * columns + 24 * parts;
}
/** Which column a part fills. */
export function stageColumns(at, things, columns, parts) {
    return at + 56 + 40 * things + 12 * columns + 24 * parts;
}
export function stageSwollenColumns(at, things, columns, parts) {
    return at + 56 + 40 * things + 12 * columns + 28 * parts;
}
export function stageSwollenThings(at, things, columns, parts) {
    return at + 56 + 40 * things + 12 * columns + 32 * parts;
}
export function stageBytes(things, columns, parts) {
    return 56 + 40 * things + 12 * columns + 36 * parts;
}
// What a search never changes: see `SearchFacts`. Prices are those of `tuning.ts`.
/** Pack and all things. */
export const FACTS_TOTAL_KG = 0;
/** Of the heavy half. */
export const FACTS_HEAVY_KG = 8;
/** For its middle, cm. */
export const FACTS_BAND_LOW = 16;
export const FACTS_BAND_HIGH = 24;
/** Where the zones of the main compartment part, cm. */
export const FACTS_BOTTOM_TOP = 32;
export const FACTS_TOP_FLOOR = 40;
export const FACTS_CORE_END = 48;
/** From this price on a place is a poor one. */
export const FACTS_POOR_PLACE = 56;
export const FACTS_LYING_LONG = 64;
export const FACTS_PER_CM_ASTRAY = 72;
/** So far a pinned thing may be pushed. */
export const FACTS_ASTRAY_FREE_CM = 80;
export const FACTS_PER_OVER_TALL = 88;
export const FACTS_PER_UPRIGHT_MISSING = 96;
export const FACTS_LATER_FOOD_OVER = 104;
export const FACTS_TROUBLE_OVER = 112;
export const FACTS_TROUBLE_UNSAFE = 120;
export const FACTS_TROUBLE_OUT = 128;
export const FACTS_TROUBLE_DEEP = 136;
export const FACTS_TROUBLE_POOR = 144;
/** How far points in a soft bag are kept from the back panel. */
export const FACTS_POINTS_CM = 152;
/** An upright reaches at least so high. */
export const FACTS_STANDS_CM = 160;
/** From this height on a thing is drawn out by its top. */
export const FACTS_TALL_CM = 168;
/** Part of the way out from which on it is blocked. */
export const FACTS_BLOCKS = 176;
export const FACTS_TOUCHES_CM2 = 184;
export const FACTS_ASIDE_FREE_CM = 192;
export const FACTS_SIDE_FREE_KG = 200;
export const FACTS_PER_KG_UNEVEN = 208;
export const FACTS_VOID_FREE_PERCENT = 216;
export const FACTS_CREVICE_CM = 224;
export const FACTS_THINGS = 232;
/** Of the pack. */
export const FACTS_ZONES = 236;
export const FACTS_DAYS = 240;
/** How many pairs. */
export const FACTS_CLASHES = 244;
export const FACTS_CRUSHES = 248;
/** How many are wanted. */
export const FACTS_UPRIGHTS = 252;
/** 1 when tall things are to be drawn out each by itself. */
export const FACTS_IN_COLUMNS = 256;
/** Indexes of the zones of the main compartment. */
export const FACTS_BOTTOM_ZONE = 260;
export const FACTS_CORE_ZONE = 264;
export const FACTS_OUTER_ZONE = 268;
export const FACTS_TOP_ZONE = 272;
/** Mass and what of it is heavy, kg; packed and loose litres; how many may lie over it; how much more it counts when it is left out. */
export function factsFigures(at) {
    return at + 280;
}
export const FACTS_FIGURES_EACH = 48;
/** By turn, nearer than what to the panel it is felt, cm: bare, then behind a reservoir. */
export function factsFelt(at, things) {
    return at + 280 + 48 * things;
}
export const FACTS_FELT_EACH = 96;
/** By zone: price, rules broken, whether too deep, whether its depth does not matter. */
export function factsChoices(at, things) {
    return at + 280 + 144 * things;
}
export const FACTS_CHOICES_EACH = 32;
export function factsByDayL(at, things, choices) {
    return at + 280 + 144 * things + 32 * choices;
}
/** Scratch: outlines, cm. */
export function factsBoxes(at, things, choices, daily) {
    return at + 280 + 144 * things + 32 * choices + 8 * daily;
}
export const FACTS_BOXES_EACH = 48;
/** Scratch: its lowest and highest point, cm. */
export function factsHeightsOf(at, things, choices, daily) {
    return at + 280 + 192 * things + 32 * choices + 8 * daily;
}
export const FACTS_HEIGHTS_OF_EACH = 16;
/** See `Mark`; the first day on which it is eaten, or 0. */
export function factsMarks(at, things, choices, daily) {
    return at + 280 + 208 * things + 32 * choices + 8 * daily;
}
export const FACTS_MARKS_EACH = 8;
/** Scratch: its place in the loading order, or −1. */
export function factsPlaces(at, things, choices, daily) {
    return at + 280 + 216 * things + 32 * choices + 8 * daily;
}
/** Scratch. */
export function factsSeen(at, things, choices, daily) {
    return at + 280 + 220 * things + 32 * choices + 8 * daily;
}
/** Scratch. */
export function factsTodo(at, things, choices, daily) {
    return at + 280 + 224 * things + 32 * choices + 8 * daily;
}
/** Scratch: whether it is known what covers it. */
export function factsRows(at, things, choices, daily) {
    return at + 280 + 228 * things + 32 * choices + 8 * daily;
}
/** Scratch: its first and last row of columns; −1 when not known. */
export function factsLinesOf(at, things, choices, daily) {
    return at + 280 + 232 * things + 32 * choices + 8 * daily;
}
export const FACTS_LINES_OF_EACH = 8;
/** Scratch: over how many columns of each each lies. */
export function factsCovers(at, things, choices, daily) {
    return at + 280 + 240 * things + 32 * choices + 8 * daily;
}
export function factsClashing(at, things, choices, daily, covers) {
    return at + 280 + 240 * things + 32 * choices + 8 * daily + 4 * covers;
}
export const FACTS_CLASHING_EACH = 8;
export function factsCrushing(at, things, choices, daily, covers, clashes) {
    return at + 280 + 240 * things + 32 * choices + 8 * daily + 4 * covers + 8 * clashes;
}
export const FACTS_CRUSHING_EACH = 8;
export function factsBytes(things, choices, daily, covers, clashes, crushes) {
    return 280 + 240 * things + 32 * choices + 8 * daily + 4 * covers + 8 * clashes + 8 * crushes;
}
// The most that a state may come to, and what all compartments but one do.
/** Energy. */
export const LIMIT_MOST = 0;
/** Weights. */
export const LIMIT_MISFIT = 8;
export const LIMIT_SAFETY = 16;
export const LIMIT_TOO_DEEP = 24;
export const LIMIT_BAND_MISS_CM = 32;
export const LIMIT_ASIDE_CM = 40;
export const LIMIT_VOID_PERCENT = 48;
export const LIMIT_OUT_CM = 56;
export const LIMIT_MISPLACED = 64;
/** As a desk begins with them. */
export function limitOthers(at) {
    return at + 72;
}
export function limitBytes(figures) {
    return 72 + 8 * figures;
}
// A compartment that a search loads again and again: what is to be loaded, and what is then seen.
/** What the compartment adds: see `PartFigures`. */
export const DESK_MISFIT = 0;
export const DESK_SAFETY = 8;
export const DESK_TOO_DEEP = 16;
export const DESK_MISPLACED = 24;
export const DESK_SIDE_KG = 32;
export const DESK_VOID_L = 40;
export const DESK_FILLED_L = 48;
export const DESK_MASS_KG = 56;
export const DESK_MX = 64;
export const DESK_MY = 72;
export const DESK_MZ = 80;
export const DESK_HZ = 88;
export const DESK_FLOOR_CM = 96;
/** Of a pocket. */
export const DESK_VOLUME_L = 104;
export const DESK_MAX_LOAD_KG = 112;
/** 1 for a right side pocket, −1 for a left one. */
export const DESK_SIDE = 120;
/** Most things that are found in it. */
export const DESK_HANDFUL = 128;
/** Address. */
export const DESK_LOADER = 136;
/** Address. */
export const DESK_FACTS = 140;
/** 1 for a part of the main compartment. */
export const DESK_IS_MAIN = 144;
/** Of the pack; −1 for a part of the main compartment. */
export const DESK_ZONE = 148;
/** 1 where the house rules on how things stand are of the compartment. */
export const DESK_HAS_HOUSE = 152;
/** Things that are to be in. */
export const DESK_COUNT = 156;
/** Things that are in. */
export const DESK_TRIED = 160;
/** Things that were in when it was last kept. */
export const DESK_KEPT = 164;
/** What is to be in, in loading order: its middle, cm. */
export function deskXs(at) {
    return at + 168;
}
export function deskYs(at, things) {
    return at + 168 + 8 * things;
}
export function deskTriedXs(at, things) {
    return at + 168 + 16 * things;
}
export function deskTriedYs(at, things) {
    return at + 168 + 24 * things;
}
export function deskKeptXs(at, things) {
    return at + 168 + 32 * things;
}
export function deskKeptYs(at, things) {
    return at + 168 + 40 * things;
}
/** How high its middle is, cm. */
export function deskHeights(at, things) {
    return at + 168 + 48 * things;
}
/** How badly it stands. */
export function deskTroubles(at, things) {
    return at + 168 + 56 * things;
}
/** Which thing. */
export function deskWhich(at, things) {
    return at + 168 + 64 * things;
}
/** Which of its turns. */
export function deskWays(at, things) {
    return at + 168 + 68 * things;
}
export function deskTriedWhich(at, things) {
    return at + 168 + 72 * things;
}
export function deskTriedWays(at, things) {
    return at + 168 + 76 * things;
}
export function deskKeptWhich(at, things) {
    return at + 168 + 80 * things;
}
export function deskKeptWays(at, things) {
    return at + 168 + 84 * things;
}
/** In which zone its middle is. */
export function deskZones(at, things) {
    return at + 168 + 88 * things;
}
/** By thing: its address as a solid. */
export function deskSolids(at, things) {
    return at + 168 + 92 * things;
}
export function deskBytes(things) {
    return 168 + 96 * things;
}
//# sourceMappingURL=columnMemory.js.map