/** Made of `assembly/memoryLayout.mjs` by `npm run kernel`: not to be edited. All addresses are in bytes. */

type usize = number;

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
/** 1 when what would stand out is put where it goes in. */
export const FACTS_IS_MENDED: usize = 256;
/** 1 when tall things are to be drawn out each by itself. */
export const FACTS_IN_COLUMNS: usize = 260;
/** Indexes of the zones of the main compartment. */
export const FACTS_BOTTOM_ZONE: usize = 264;
export const FACTS_CORE_ZONE: usize = 268;
export const FACTS_OUTER_ZONE: usize = 272;
export const FACTS_TOP_ZONE: usize = 276;
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
/** See `MARK`; the first day on which it is eaten, or 0. */
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
export function factsCrushing(
  at: usize,
  things: usize,
  choices: usize,
  daily: usize,
  covers: usize,
  clashes: usize,
): usize {
  return at + 280 + 240 * things + 32 * choices + 8 * daily + 4 * covers + 8 * clashes;
}
export const FACTS_CRUSHING_EACH: usize = 8;
export function factsBytes(
  things: usize,
  choices: usize,
  daily: usize,
  covers: usize,
  clashes: usize,
  crushes: usize,
): usize {
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
/** What is to be in, in loading order; each by a record: see `assembly/desk.ts`. */
export function deskWanted(at: usize): usize {
  return at + 168;
}
export const DESK_WANTED_EACH: usize = 24;
/** What is in. */
export function deskTried(at: usize, things: usize): usize {
  return at + 168 + 24 * things;
}
export const DESK_TRIED_EACH: usize = 24;
/** What was in when it was last kept. */
export function deskKept(at: usize, things: usize): usize {
  return at + 168 + 48 * things;
}
export const DESK_KEPT_EACH: usize = 24;
/** How high its middle is, cm. */
export function deskHeights(at: usize, things: usize): usize {
  return at + 168 + 72 * things;
}
/** How badly it stands. */
export function deskTroubles(at: usize, things: usize): usize {
  return at + 168 + 80 * things;
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
