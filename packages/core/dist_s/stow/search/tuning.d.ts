/**
 * Numbers that the search for a stow goes by, all Graft's own.
 *
 * Beside a number stands what another came to when it was tried: the mean energy of 17 packs against the one with the
 * number here (three reference loads by three seeds, 50,000 moves each; eight packs of the demo census, 20,000 each).
 * Other seeds alone moved that mean by +1.6 and +2.6 %. What is within 3 % therefore says: no matter. Behind a "½" stand
 * trials of the same packs with half of those moves.
 */
import type { Level } from '../placementRules.js';
/** What places of second choice or worse cost, each. */
export declare const LEVEL_COST: Readonly<Record<Exclude<Level, 'never'>, number>>;
/** The same where a house rule says what is good: the usual one, and one that was chosen against the usual way. */
export declare const HOUSE_COST: typeof LEVEL_COST;
export declare const CHOSEN_COST: typeof LEVEL_COST;
/** An upright that a pack without a frame lacks; what comes out before something tall, where each is to be pulled out alone. */
export declare const PER_UPRIGHT_MISSING = 200;
export declare const PER_OVER_TALL = 10;
/** Food of later over food of sooner. */
export declare const LATER_FOOD_OVER = 90;
/**
 * A pinned soft thing that others push away from where it was put, for each centimetre. Beyond so many it is no longer
 * where it was wanted: each then counts like a thing that is had too late, before any band.
 */
export declare const PER_CM_ASTRAY = 60;
export declare const ASTRAY_FREE_CM = 4;
/** A long thing that lies where it should stand. */
export declare const LYING_LONG = 2;
/** A thing that may go into so few compartments has few choices. What of it is left out counts this much more. Once: ½ +0.3 %. */
export declare const FEW_CHOICES: {
    most: number;
    counts: number;
};
/** How much trouble a thing is in: things in trouble are moved more. All 0: ½ +5.8 %. */
export declare const TROUBLE: {
    over: number;
    unsafe: number;
    outOfReach: number;
    tooDeep: number;
    poorPlace: number;
};
/** Edge of a cell of the grid that most of the search goes on, cm. 1: −2.0 %, but its moves are slower; 3: +8.7 %. */
export declare const COARSE_CELL_CM = 2;
/** How many moves a pack gets. A pack of many things gets fewer, so that all packs take about the same time. */
export declare const ITERATIONS: {
    forOneThing: number;
    most: number;
};
/** So many searches are started; after this part of their coarse moves the best goes on alone. */
export declare const STARTS: {
    count: number;
    part: number;
};
/** Part of a search's moves that are made on the coarse grid. 0.7: −0.4 %; 0.97: +5.8 %. */
export declare const COARSE_PART = 0.9;
/**
 * More tries follow when things are left out or unsafe, and fewer when they are out of reach, out of the band or hollow. Each gets this
 * part. None: +2.5 %, and up to +19 % for a pack.
 */
export declare const MORE_TRIES: {
    ifOut: number;
    ifWanting: number;
    part: number;
};
/**
 * The first stow is shown soon: few, cold moves on each grid, as a part of all and so many at most. Where something is
 * left out or unsafe, another try follows with so many times the moves. The search itself begins anew after it. No trial:
 * so many moves as take about half a second.
 */
export declare const FIRST: {
    coarsePart: number;
    coarseMost: number;
    finePart: number;
    fineMost: number;
    tries: number;
    more: number;
};
/**
 * While the coarse search runs, a stow is shown every so many moves. It is first mended on the fine grid, by so
 * many. No trial: the search goes on as if it were not shown.
 */
export declare const PROGRESS_EVERY = 800;
export declare const GLIMPSE: {
    every: number;
    moves: number;
};
/** Moves of a mending, and how often it is tried while something is left out or unsafe. */
export declare const MEND: {
    moves: number;
    tries: number;
};
/**
 * A mending with an eye on several days: its rounds, how many days at once beside the one it is planned for, and how much
 * nearer to the back a single move is thought to bring a day. Most stows are good on all days after a short, cool round;
 * where one is not, longer and hotter ones follow.
 */
export declare const OVER_DAYS: {
    rounds: number;
    roundsIfAmiss: number;
    days: number;
    nearerCm: number;
    first: {
        moves: number;
        heat: {
            hot: number;
            cold: number;
            wide: number;
        };
    };
    then: {
        moves: number;
        heat: {
            hot: number;
            cold: number;
            wide: number;
        };
    };
};
/**
 * Part of the moves that the planning for one day gets where a mending over several days follows. By the days together
 * 1 was no better than this, and 0.3 took as long.
 */
export declare const BEFORE_OTHER_DAYS = 0.5;
/** Moves after which the weights are taken anew where they change on the way. */
export declare const WEIGHTS_EVERY = 200;
/** How hot a search is at the start and the end, and how far from where they are things are moved at its beginning. */
export interface Heat {
    readonly hot: number;
    readonly cold: number;
    readonly wide: number;
}
/** Hot 20: +1.4 %, 80: +3.1 %. Cold 0.4: ½ +0.6 %, 2: ½ +0.2 %. */
export declare const COARSE_HEAT: Heat;
/**
 * The fine search only mends what the two grids differ in, so it starts cooler. Hot 1: ½ +0.5 %, 12: ½ +0.1 %; cold 0.1:
 * ½ +3.2 %, 1: ½ +0.7 %; wide 1: ½ +3.3 %.
 */
export declare const FINE_HEAT: Heat;
/** More tries. Hot 3: ½ −0.5 %, 40: ½ +0.7 %; wide 0.3: ½ +2.5 %. */
export declare const MORE_HEAT: Heat;
/**
 * Which thing is moved. One in trouble is taken, and one of the main compartment this often (0.4: +2.8 %). Else another
 * is drawn, so many times at most (none: +4.6 %).
 */
export declare const PICK: {
    main: number;
    draws: number;
};
/** How often the heavier of two drawn things is moved. Never: +4.2 %; 0.7: −0.4 %. */
export declare const HEAVIER = 0.4;
/**
 * A move to nearby. How far it goes, cold (0.05: +3.0 %, 0.4: +3.8 %) and more when hot, as parts of the compartment; how
 * often along each axis (0.5: +1.0 %, always: +4.3 %); how often turned (never, or 0.6: +1.7 %).
 */
export declare const NEARBY: {
    cold: number;
    hot: number;
    axis: number;
    turned: number;
};
/**
 * How often a thing is put by its density, dense ones to the back (never: +1.9 %, 0.6: +2.2 %). So deep at most, and with
 * this power more often less deep (1: +1.5 %).
 */
export declare const BACKWARD: {
    often: number;
    deepest: number;
    power: number;
};
/** How far in the loading order a thing goes, as parts of its compartment: cold (0.05: +1.4 %, 0.5: +3.3 %), and more when hot. */
export declare const IN_TURN: {
    cold: number;
    hot: number;
};
/**
 * Out of the band, how often things only go the way that helps: in the loading order (never: +0.7 %, 0.9: +3.3 %), and when
 * two change places (never: +1.4 %).
 */
export declare const HELPFUL: {
    inTurn: number;
    exchange: number;
};
/** How often things that make room for another go where that came from. Never: +1.4 %. */
export declare const SWAP_BACK = 0.6;
/**
 * How often a thing goes to a wall of a pocket, along each axis: two stiff things beside each other seldom leave room for
 * more. The large load high: without it a bottle stood on something stiff in 3 of 7 seeds, with it in none.
 */
export declare const AT_A_WALL = 0.6;
