/**
 * A search for a stow: a state, and what it was found to come to. A move is tried and taken back, unless what it comes
 * to is committed; every compartment's view is kept until something in it changes.
 */
import type { Placement, PointCm } from '../../trip/model.js';
import type { ColumnLoader } from '../columnLoader.js';
import { type StowCost, type StowWeights } from '../stowCost.js';
import type { StowProblem } from '../stowProblem.js';
import { type CompartmentView } from './compartmentView.js';
import { type SearchFacts } from './searchFacts.js';
import { StowState, type Undo } from './stowState.js';
/** What a state comes to. */
export interface Evaluation {
    readonly cost: StowCost;
    /** The centre of gravity, cm. */
    readonly centre: PointCm;
    /** How far the heavy half is above its band, cm; negative below. */
    readonly bandMissCm: number;
    readonly views: readonly CompartmentView[];
    /** Compartments that were loaded for it. */
    readonly loaded: readonly number[];
}
/** The most that the energy of what a move leads to may be; asked for once the move is made. */
export interface Limit {
    readonly weights: StowWeights;
    readonly most: () => number;
}
/** The same, asked for. */
export interface Most {
    readonly weights: StowWeights;
    readonly limit: number;
}
/** Changes a state; undefined when it would change nothing. */
export type Change = () => Undo | undefined;
export declare class StowSearch {
    readonly facts: SearchFacts;
    readonly state: StowState;
    private readonly desks;
    /** By compartment, as the state stands where it is not stale. */
    private views;
    /** What the views come to together. */
    private sum;
    private bandMissCm;
    /** By thing, from the views. */
    private readonly heights;
    private readonly troubles;
    private readonly zones;
    private readonly rests;
    private pending;
    /**
     * @param placements where things are at the beginning; pinned ones stay there
     * @param cellCm edge of a cell of the grid that things are loaded on
     */
    constructor(problem: StowProblem, placements: readonly Placement[], cellCm: number);
    /** What the state comes to as it stands. */
    look(): Evaluation;
    /**
     * What the state costs as it stands, when nothing else will be asked of it.
     *
     * @returns undefined when its energy is certain to be above a limit
     */
    glance(limit?: Most): StowCost | undefined;
    /** What is loaded now is what later states will mostly begin with. */
    keepLoaded(): void;
    /**
     * Make a change and see what it comes to. It is taken back as soon as something else is tried, unless that is
     * committed; at once when its energy is above a limit, or is certain to be.
     *
     * @returns undefined when it changes nothing or comes to too much
     */
    trial(change: Change, limit?: Limit): Evaluation | undefined;
    /** Take everything to be where it comes to rest, so that what was mended need not be again. */
    settle(): Evaluation;
    /**
     * Adopt what was tried last, and take what it moved to be where it came to rest.
     *
     * @param evaluation the last that `trial` returned
     */
    commit(evaluation: Evaluation): void;
    private adopt;
    private withdraw;
    /** Whether a thing came to rest elsewhere than it was put; it is there from now on. */
    private settleThing;
    /** Evaluate the state; undefined when its energy is certain to be above a limit: the rest is then not loaded. */
    private evaluate;
    /** Load a compartment and look at it; undefined when the whole is then certain to be above a limit. */
    private viewOf;
    /** @param views of all but the compartment that is looked at last */
    private limitBeside;
    /** The figures of all compartments that are looked at and of the empty pack. */
    private sumOf;
    private adoptViews;
    private see;
    private seeStands;
    /** How high a thing's middle was when the state was last looked at, cm. */
    heightOf(t: number): number;
    /** How badly a thing stood: rules broken, too deep, out of place. */
    troubleOf(t: number): number;
    /** 1 when the heavy half was above its band, −1 below, 0 inside. */
    get tooHigh(): number;
    /** Whether a thing would be put where it is: in the same cells, turned the same way. */
    isThere(t: number, c: number, xCm: number, yCm: number, turn: number): boolean;
    /** A loader of a compartment with nothing in it, reservoir and all. */
    emptyLoader(c: number): ColumnLoader;
    /** Load a thing that may be moved, as it is when nothing is mended. */
    loadInto(loader: ColumnLoader, t: number, turn: number, xCm: number, yCm: number): void;
    /** The state as placements, in loading order, nested things after their holders. */
    placements(): readonly Placement[];
    private placementsOf;
}
