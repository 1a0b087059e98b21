/** Made of `assembly/memoryLayout.mjs` by `npm run kernel`: not to be edited. All addresses are in bytes. */
type usize = number;
export declare const LOADER_CELL_CM: usize;
/** Lowest ceiling, or lower end of a reservoir, cm. */
export declare const LOADER_LOWEST_ROOF: usize;
export declare const LOADER_HIGHEST_CEILING: usize;
/** A stiff thing that starts no higher may stand out above the ceiling, cm. */
export declare const LOADER_HOLDS_FROM: usize;
export declare const LOADER_NX: usize;
export declare const LOADER_NY: usize;
/** 1 when a reservoir lies in it. */
export declare const LOADER_HAS_SLAB: usize;
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
export declare function loaderBytes(columns: usize): usize;
export declare const TURN_HEIGHT_CM: usize;
/** Its cells. */
export declare const TURN_COUNT: usize;
/** 1 when its lower edge is. */
export declare const TURN_IS_LEVEL: usize;
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
export {};
