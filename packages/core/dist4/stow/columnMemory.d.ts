/** Made of `assembly/memoryLayout.mjs` by `npm run kernel`: not to be edited. All addresses are in bytes. */
type usize = number;
export declare const LOADER_CELL_CM: usize;
/** Cm. */
export declare const LOADER_LOWEST_CEILING: usize;
export declare const LOADER_HIGHEST_CEILING: usize;
/** A stiff thing that starts no higher may stand out above the ceiling, cm. */
export declare const LOADER_HOLDS_FROM: usize;
/** Its corner, cm. */
export declare const LOADER_X0: usize;
export declare const LOADER_Y0: usize;
/** No soft thing is taller than so many edges of a cube of its volume. */
export declare const LOADER_TALLEST: usize;
/** What was measured last: the middle of a thing, cm. */
export declare const LOADER_MIDDLE_X: usize;
export declare const LOADER_MIDDLE_Y: usize;
export declare const LOADER_MIDDLE_Z: usize;
export declare const LOADER_NX: usize;
export declare const LOADER_NY: usize;
/** Rows of columns at the back in which a reservoir lies. */
export declare const LOADER_SLAB_ROWS: usize;
/** 1 when what finds no room beside the rest of a soft thing may lie apart from it. */
export declare const LOADER_MAY_PART: usize;
/** Most things that may be in. */
export declare const LOADER_THINGS: usize;
/** Most parts that a thing may have. */
export declare const LOADER_PARTS: usize;
/** How many things are in. */
export declare const LOADER_LOADED: usize;
/** Places looked for since it was last rewound. */
export declare const LOADER_MENDS: usize;
export declare function loaderCeilings(at: usize): usize;
export declare function loaderFloors(at: usize, columns: usize): usize;
export declare function loaderXs(at: usize, columns: usize): usize;
export declare function loaderYs(at: usize, columns: usize): usize;
/** Ends of a reservoir, cm; Infinity where there is none. */
export declare function loaderSlabLows(at: usize, columns: usize): usize;
export declare function loaderSlabHighs(at: usize, columns: usize): usize;
/** Scratch: heights with narrow gaps closed. */
export declare function loaderBases(at: usize, columns: usize): usize;
/** Scratch: runs of columns side by side. */
export declare function loaderRuns(at: usize, columns: usize): usize;
export declare const LOADER_RUNS_EACH: usize;
/** Scratch: which part fills a column. */
export declare function loaderMarks(at: usize, columns: usize): usize;
/** Addresses, by how many things are in: of the line in use. */
export declare function loaderStages(at: usize, columns: usize): usize;
/** Of the line to go back to; 0 when there is none. */
export declare function loaderKept(at: usize, columns: usize, levels: usize): usize;
/** To write on beside that. */
export declare function loaderSpare(at: usize, columns: usize, levels: usize): usize;
export declare function loaderBytes(columns: usize, levels: usize): usize;
/** Of a soft one, packed. */
export declare const SOLID_VOLUME_CM3: usize;
/** By how much it swells. */
export declare const SOLID_SLACK_CM3: usize;
/** Its least thickness. */
export declare const SOLID_LEAST_CM: usize;
export declare const SOLID_WAYS: usize;
export declare const SOLID_IS_RIGID: usize;
/** Gaps of fewer cells it does not go into. */
export declare const SOLID_NARROW: usize;
/** Addresses, of a rigid one. */
export declare function solidTurns(at: usize): usize;
/** Cells of its patch. */
export declare function solidWides(at: usize, ways: usize): usize;
export declare function solidDeeps(at: usize, ways: usize): usize;
/** Cells that it stays from the back, where there is room for that. */
export declare function solidFirstRows(at: usize, ways: usize): usize;
export declare function solidBytes(ways: usize): usize;
/** Its true outline. */
export declare const TURN_WIDTH_CM: usize;
export declare const TURN_DEPTH_CM: usize;
export declare const TURN_HEIGHT_CM: usize;
/** Its cells. */
export declare const TURN_COUNT: usize;
/** 1 when its lower edge is. */
export declare const TURN_IS_LEVEL: usize;
/** 1 when its longest edge is. */
export declare const TURN_IS_UPRIGHT: usize;
export declare const TURN_NX: usize;
export declare const TURN_NY: usize;
/** Edges over its lowest point, cm. */
export declare function turnLows(at: usize): usize;
export declare function turnHighs(at: usize, cells: usize): usize;
/** From its first column. */
export declare function turnSteps(at: usize, cells: usize): usize;
export declare function turnBytes(cells: usize): usize;
export declare const STAGE_VOID_CM3: usize;
/** What did not go in. */
export declare const STAGE_OVER_CM3: usize;
/** Where the last thing is, if it is a rigid one: its middle and its lowest point, cm. */
export declare const STAGE_X: usize;
export declare const STAGE_Y: usize;
export declare const STAGE_Z: usize;
/** Address of how it is turned; 0 for a soft thing. */
export declare const STAGE_TURN: usize;
/** Which of its turns that is. */
export declare const STAGE_WAY: usize;
/** Parts of the last thing. */
export declare const STAGE_COUNT: usize;
/** That it lets swell. */
export declare const STAGE_SWELLINGS: usize;
/** Of a soft thing: cm of columns it fills, that times x, y and twice z, and what it may still swell, cm³. */
export declare function stageSums(at: usize): usize;
export declare const STAGE_SUMS_EACH: usize;
export declare function stageHeights(at: usize, things: usize): usize;
export declare function stageLows(at: usize, things: usize, columns: usize): usize;
export declare function stageHighs(at: usize, things: usize, columns: usize, parts: usize): usize;
export declare function stageSwollenCms(at: usize, things: usize, columns: usize, parts: usize): usize;
/** Which thing is uppermost; −1 when none is. */
export declare function stageTopmosts(at: usize, things: usize, columns: usize, parts: usize): usize;
/** Which column a part fills. */
export declare function stageColumns(at: usize, things: usize, columns: usize, parts: usize): usize;
export declare function stageSwollenColumns(at: usize, things: usize, columns: usize, parts: usize): usize;
export declare function stageSwollenThings(at: usize, things: usize, columns: usize, parts: usize): usize;
export declare function stageBytes(things: usize, columns: usize, parts: usize): usize;
/** Pack and all things. */
export declare const FACTS_TOTAL_KG: usize;
/** Of the heavy half. */
export declare const FACTS_HEAVY_KG: usize;
/** For its middle, cm. */
export declare const FACTS_BAND_LOW: usize;
export declare const FACTS_BAND_HIGH: usize;
/** Where the zones of the main compartment part, cm. */
export declare const FACTS_BOTTOM_TOP: usize;
export declare const FACTS_TOP_FLOOR: usize;
export declare const FACTS_CORE_END: usize;
/** From this price on a place is a poor one. */
export declare const FACTS_POOR_PLACE: usize;
export declare const FACTS_LYING_LONG: usize;
export declare const FACTS_PER_CM_ASTRAY: usize;
/** So far a pinned thing may be pushed. */
export declare const FACTS_ASTRAY_FREE_CM: usize;
export declare const FACTS_PER_OVER_TALL: usize;
export declare const FACTS_PER_UPRIGHT_MISSING: usize;
export declare const FACTS_LATER_FOOD_OVER: usize;
export declare const FACTS_TROUBLE_OVER: usize;
export declare const FACTS_TROUBLE_UNSAFE: usize;
export declare const FACTS_TROUBLE_OUT: usize;
export declare const FACTS_TROUBLE_DEEP: usize;
export declare const FACTS_TROUBLE_POOR: usize;
/** How far points in a soft bag are kept from the back panel. */
export declare const FACTS_POINTS_CM: usize;
/** An upright reaches at least so high. */
export declare const FACTS_STANDS_CM: usize;
/** From this height on a thing is drawn out by its top. */
export declare const FACTS_TALL_CM: usize;
/** Part of the way out from which on it is blocked. */
export declare const FACTS_BLOCKS: usize;
export declare const FACTS_TOUCHES_CM2: usize;
export declare const FACTS_ASIDE_FREE_CM: usize;
export declare const FACTS_SIDE_FREE_KG: usize;
export declare const FACTS_PER_KG_UNEVEN: usize;
export declare const FACTS_VOID_FREE_PERCENT: usize;
export declare const FACTS_CREVICE_CM: usize;
export declare const FACTS_THINGS: usize;
/** Of the pack. */
export declare const FACTS_ZONES: usize;
export declare const FACTS_DAYS: usize;
/** How many pairs. */
export declare const FACTS_CLASHES: usize;
export declare const FACTS_CRUSHES: usize;
/** How many are wanted. */
export declare const FACTS_UPRIGHTS: usize;
/** 1 when tall things are to be drawn out each by itself. */
export declare const FACTS_IN_COLUMNS: usize;
/** Indexes of the zones of the main compartment. */
export declare const FACTS_BOTTOM_ZONE: usize;
export declare const FACTS_CORE_ZONE: usize;
export declare const FACTS_OUTER_ZONE: usize;
export declare const FACTS_TOP_ZONE: usize;
/** Mass and what of it is heavy, kg; packed and loose litres; how many may lie over it; how much more it counts when it is left out. */
export declare function factsFigures(at: usize): usize;
export declare const FACTS_FIGURES_EACH: usize;
/** By turn, nearer than what to the panel it is felt, cm: bare, then behind a reservoir. */
export declare function factsFelt(at: usize, things: usize): usize;
export declare const FACTS_FELT_EACH: usize;
/** By zone: price, rules broken, whether too deep, whether its depth does not matter. */
export declare function factsChoices(at: usize, things: usize): usize;
export declare const FACTS_CHOICES_EACH: usize;
export declare function factsByDayL(at: usize, things: usize, choices: usize): usize;
/** Scratch: outlines, cm. */
export declare function factsBoxes(at: usize, things: usize, choices: usize, daily: usize): usize;
export declare const FACTS_BOXES_EACH: usize;
/** Scratch: its lowest and highest point, cm. */
export declare function factsHeightsOf(at: usize, things: usize, choices: usize, daily: usize): usize;
export declare const FACTS_HEIGHTS_OF_EACH: usize;
/** See `Mark`; the first day on which it is eaten, or 0. */
export declare function factsMarks(at: usize, things: usize, choices: usize, daily: usize): usize;
export declare const FACTS_MARKS_EACH: usize;
/** Scratch: its place in the loading order, or −1. */
export declare function factsPlaces(at: usize, things: usize, choices: usize, daily: usize): usize;
/** Scratch. */
export declare function factsSeen(at: usize, things: usize, choices: usize, daily: usize): usize;
/** Scratch. */
export declare function factsTodo(at: usize, things: usize, choices: usize, daily: usize): usize;
/** Scratch: whether it is known what covers it. */
export declare function factsRows(at: usize, things: usize, choices: usize, daily: usize): usize;
/** Scratch: its first and last row of columns; −1 when not known. */
export declare function factsLinesOf(at: usize, things: usize, choices: usize, daily: usize): usize;
export declare const FACTS_LINES_OF_EACH: usize;
/** Scratch: over how many columns of each each lies. */
export declare function factsCovers(at: usize, things: usize, choices: usize, daily: usize): usize;
export declare function factsClashing(at: usize, things: usize, choices: usize, daily: usize, covers: usize): usize;
export declare const FACTS_CLASHING_EACH: usize;
export declare function factsCrushing(at: usize, things: usize, choices: usize, daily: usize, covers: usize, clashes: usize): usize;
export declare const FACTS_CRUSHING_EACH: usize;
export declare function factsBytes(things: usize, choices: usize, daily: usize, covers: usize, clashes: usize, crushes: usize): usize;
/** Energy. */
export declare const LIMIT_MOST: usize;
/** Weights. */
export declare const LIMIT_MISFIT: usize;
export declare const LIMIT_SAFETY: usize;
export declare const LIMIT_TOO_DEEP: usize;
export declare const LIMIT_BAND_MISS_CM: usize;
export declare const LIMIT_ASIDE_CM: usize;
export declare const LIMIT_VOID_PERCENT: usize;
export declare const LIMIT_OUT_CM: usize;
export declare const LIMIT_MISPLACED: usize;
/** As a desk begins with them. */
export declare function limitOthers(at: usize): usize;
export declare function limitBytes(figures: usize): usize;
/** What the compartment adds: see `PartFigures`. */
export declare const DESK_MISFIT: usize;
export declare const DESK_SAFETY: usize;
export declare const DESK_TOO_DEEP: usize;
export declare const DESK_MISPLACED: usize;
export declare const DESK_SIDE_KG: usize;
export declare const DESK_VOID_L: usize;
export declare const DESK_FILLED_L: usize;
export declare const DESK_MASS_KG: usize;
export declare const DESK_MX: usize;
export declare const DESK_MY: usize;
export declare const DESK_MZ: usize;
export declare const DESK_HZ: usize;
export declare const DESK_FLOOR_CM: usize;
/** Of a pocket. */
export declare const DESK_VOLUME_L: usize;
export declare const DESK_MAX_LOAD_KG: usize;
/** 1 for a right side pocket, −1 for a left one. */
export declare const DESK_SIDE: usize;
/** Most things that are found in it. */
export declare const DESK_HANDFUL: usize;
/** Address. */
export declare const DESK_LOADER: usize;
/** Address. */
export declare const DESK_FACTS: usize;
/** 1 for a part of the main compartment. */
export declare const DESK_IS_MAIN: usize;
/** Of the pack; −1 for a part of the main compartment. */
export declare const DESK_ZONE: usize;
/** 1 where the house rules on how things stand are of the compartment. */
export declare const DESK_HAS_HOUSE: usize;
/** Things that are to be in. */
export declare const DESK_COUNT: usize;
/** Things that are in. */
export declare const DESK_TRIED: usize;
/** Things that were in when it was last kept. */
export declare const DESK_KEPT: usize;
/** What is to be in, in loading order: its middle, cm. */
export declare function deskXs(at: usize): usize;
export declare function deskYs(at: usize, things: usize): usize;
export declare function deskTriedXs(at: usize, things: usize): usize;
export declare function deskTriedYs(at: usize, things: usize): usize;
export declare function deskKeptXs(at: usize, things: usize): usize;
export declare function deskKeptYs(at: usize, things: usize): usize;
/** How high its middle is, cm. */
export declare function deskHeights(at: usize, things: usize): usize;
/** How badly it stands. */
export declare function deskTroubles(at: usize, things: usize): usize;
/** Which thing. */
export declare function deskWhich(at: usize, things: usize): usize;
/** Which of its turns. */
export declare function deskWays(at: usize, things: usize): usize;
export declare function deskTriedWhich(at: usize, things: usize): usize;
export declare function deskTriedWays(at: usize, things: usize): usize;
export declare function deskKeptWhich(at: usize, things: usize): usize;
export declare function deskKeptWays(at: usize, things: usize): usize;
/** In which zone its middle is. */
export declare function deskZones(at: usize, things: usize): usize;
/** By thing: its address as a solid. */
export declare function deskSolids(at: usize, things: usize): usize;
export declare function deskBytes(things: usize): usize;
export {};
