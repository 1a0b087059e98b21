/**
 * Numbers that the search for a stow goes by, all Graft's own.
 *
 * Beside a number stands what another came to when it was tried: the mean energy of 17 packs against the one with the
 * number here (three reference loads by three seeds, 50,000 moves each; eight packs of the demo census, 20,000 each).
 * Other seeds alone moved that mean by +1.6 and +2.6 %. What is within 3 % therefore says: no matter. Behind a "½" stand
 * trials of the same packs with half of those moves.
 */
import type { Level } from '../placementRules.js';

// What a stow is judged by: these weigh one fault against another, and no trial can tell them.

/** What places of second choice or worse cost, each. */
export const LEVEL_COST: Readonly<Record<Exclude<Level, 'never'>, number>> = { good: 0, fair: 2, poor: 100 };
/** The same where a house rule says what is good: the usual one, and one that was chosen against the usual way. */
export const HOUSE_COST: typeof LEVEL_COST = { good: 0, fair: 2, poor: 150 };
export const CHOSEN_COST: typeof LEVEL_COST = { good: 0, fair: 90, poor: 250 };
/** A place that is too deep for when the thing is wanted. */
export const TOO_DEEP_COST = 180;
/** An upright that a pack without a frame lacks; what comes out before something tall, where each is to be pulled out alone. */
export const PER_UPRIGHT_MISSING = 350;
export const PER_OVER_TALL = 10;
/** Food of later over food of sooner. */
export const LATER_FOOD_OVER = 140;
/**
 * A pinned soft thing that others push away from where it was put, for each centimetre. Beyond so many it is no longer
 * where it was wanted: each then counts like a thing that is had too late, before any band.
 */
export const PER_CM_ASTRAY = 60;
export const ASTRAY_FREE_CM = 4;
/** A long thing that lies where it should stand. */
export const LYING_LONG = 2;
/** A thing that may go into so few compartments has few choices. What of it is left out counts this much more. Once: ½ +0.3 %. */
export const FEW_CHOICES = { most: 2, counts: 4 };

// How a stow is looked for.

/** How much trouble a thing is in: things in trouble are moved more. All 0: ½ +5.8 %. */
export const TROUBLE = { over: 3, unsafe: 3, outOfReach: 2, tooDeep: 2, poorPlace: 1 };

/** Edge of a cell of the grid that most of the search goes on, cm. 1: −2.0 %, but its moves are slower; 3: +8.7 %. */
export const COARSE_CELL_CM = 2;
/** How many moves a pack gets. A pack of many things gets fewer, so that all packs take about the same time. */
export const ITERATIONS = { forOneThing: 2_200_000, most: 65_000 };
/**
 * So many searches are started; after this part of their coarse moves the best goes on alone. Where its end leaves
 * something wanting, or things out of place that cost so much, the others go on too, and then so many more follow.
 */
export const STARTS = { count: 2, part: 0.55, more: 1, misplaced: 300 };
/** Part of a search's moves that are made on the coarse grid. 0.7: −0.4 %; 0.97: +5.8 %. */
export const COARSE_PART = 0.9;
/**
 * More tries follow when things are left out or unsafe, and fewer when they are out of reach, out of the band or hollow.
 * Each gets this part. None: +2.5 %, and up to +19 % for a pack.
 */
export const MORE_TRIES = { ifOut: 4, ifWanting: 2, part: 0.04 };
/**
 * The first stow is shown soon: few, cold moves on each grid, as a part of all and so many at most. Where something is
 * left out or unsafe, another try follows with so many times the moves. The search itself begins anew after it. No trial:
 * so many moves as take about half a second.
 */
export const FIRST = {
  coarsePart: 0.02,
  coarseMost: 1000,
  finePart: 0.008,
  fineMost: 400,
  tries: 4,
  more: 2,
};
/**
 * While the coarse search runs, a stow is shown every so many moves. It is first mended on the fine grid, by so
 * many. No trial: the search goes on as if it were not shown.
 */
export const PROGRESS_EVERY = 800;
export const GLIMPSE = { every: 24 * PROGRESS_EVERY, moves: 300 };
/** Moves of a mending, and how often it is tried while something is left out or unsafe. */
export const MEND = { moves: 1500, tries: 4 };

/**
 * With an eye on other days a move costs more: so only a part of the usual moves, and so many days at most beside the one
 * that the stow is planned for, those on which it is worst. A single move is thought to bring a day so much nearer to the
 * back at most. What harms one day mostly harms all: no day may come off worse by more than so many times what all together
 * may lose, and so much. `coarse` is the heat of the coarse search from where it has an eye on them. What then is wanting on
 * some day is mended: a short, cool round is followed by longer, hotter ones.
 *
 * By the mean energy of all days of 63 packs: the main day alone, mended after, +15 %; three days in view +4.8 %; worse by
 * twice and 30 +0.2 %, by eight times and 120 +1.8 %; a part of 0.35 +5 %, of 0.25 +10 %.
 *
 * On the way people wait for it in the cold, and `rounds` do whatever is amiss: of 77 packs after somebody was hurt, four
 * had something left out after six and after three, and 12 and 13 safety rules were broken.
 */
export const OVER_DAYS = {
  part: 0.5,
  days: 5,
  nearerCm: 0.5,
  worse: { times: 4, plus: 60 },
  coarse: { hot: 10, cold: 0.8, wide: 0.6 },
  rounds: 3,
  roundsIfAmiss: 6,
  first: { moves: 900, heat: { hot: 8, cold: 0.3, wide: 0.5 } },
  later: { moves: 2700, heat: { hot: 20, cold: 0.5, wide: 0.8 } },
};

/** How hot a search is at the start and the end, and how far from where they are things are moved at its beginning. */
export interface Heat {
  readonly hot: number;
  readonly cold: number;
  readonly wide: number;
}
/** Hot 20: +1.4 %, 80: +3.1 %. Cold 0.4: ½ +0.6 %, 2: ½ +0.2 %. */
export const COARSE_HEAT: Heat = { hot: 40, cold: 0.8, wide: 1 };
/**
 * The fine search only mends what the two grids differ in, so it starts cooler. Hot 1: ½ +0.5 %, 12: ½ +0.1 %; cold 0.1:
 * ½ +3.2 %, 1: ½ +0.7 %; wide 1: ½ +3.3 %.
 */
export const FINE_HEAT: Heat = { hot: 3, cold: 0.3, wide: 0.3 };
/** More tries. Hot 3: ½ −0.5 %, 40: ½ +0.7 %; wide 0.3: ½ +2.5 %. */
export const MORE_HEAT: Heat = { hot: 12, cold: 0.3, wide: 1 };

/**
 * Which thing is moved. One in trouble is taken, and one of the main compartment this often (0.4: +2.8 %). Else another
 * is drawn, so many times at most (none: +4.6 %).
 */
export const PICK = { main: 0.7, draws: 3 };
/** How often the heavier of two drawn things is moved. Never: +4.2 %; 0.7: −0.4 %. */
export const HEAVIER = 0.4;

/**
 * A move to nearby. How far it goes, cold (0.05: +3.0 %, 0.4: +3.8 %) and more when hot, as parts of the compartment; how
 * often along each axis (0.5: +1.0 %, always: +4.3 %); how often turned (never, or 0.6: +1.7 %).
 */
export const NEARBY = { cold: 0.15, hot: 0.85, axis: 0.75, turned: 0.3 };
/**
 * How often a thing is put by its density, dense ones to the back (never: +1.9 %, 0.6: +2.2 %). So deep at most, and with
 * this power more often less deep (1: +1.5 %).
 */
export const BACKWARD = { often: 0.3, deepest: 0.8, power: 2 };
/** How far in the loading order a thing goes, as parts of its compartment: cold (0.05: +1.4 %, 0.5: +3.3 %), and more when hot. */
export const IN_TURN = { cold: 0.2, hot: 0.8 };
/**
 * Out of the band, how often things only go the way that helps: in the loading order (never: +0.7 %, 0.9: +3.3 %), and when
 * two change places (never: +1.4 %).
 */
export const HELPFUL = { inTurn: 0.6, exchange: 0.7 };
/** How often things that make room for another go where that came from. Never: +1.4 %. */
export const SWAP_BACK = 0.6;
/**
 * How often a thing goes to a wall of a pocket, along each axis: two stiff things beside each other seldom leave room for
 * more. The large load high: without it a bottle stood on something stiff in 3 of 7 seeds, with it in none.
 */
export const AT_A_WALL = 0.6;
