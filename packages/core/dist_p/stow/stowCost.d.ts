/** What a stow costs, tier by tier, and how costs are compared. */
export interface StowCost {
    /** Litres and kg that do not fit; those of things with few places to go count several times. */
    readonly misfit: number;
    /** Safety rules broken. */
    readonly safety: number;
    /** Things over a wanted one, above what its need allows, summed. */
    readonly tooDeep: number;
    /** How far the heavy half is outside the band, cm. */
    readonly bandMissCm: number;
    /** How far it is aside beyond half a centimetre, cm. */
    readonly asideCm: number;
    /** Voids beyond what is taken as unavoidable, percent of the space filled. */
    readonly voidPercent: number;
    /** Distance of the centre of gravity out from the back, cm. */
    readonly outCm: number;
    /** Places that are second choice or worse, each by how bad it is. */
    readonly misplaced: number;
}
/** What a stow costs that lacks nothing. */
export declare const NO_COST: StowCost;
/**
 * Weights of the tiers in the annealing's single energy; the incumbent is compared tier by tier. A centimetre from the
 * back weighs as much as one and a half things out of place (40 each) or 2.5 % of voids (Graft's own numbers).
 */
export declare const WEIGHTS: {
    misfit: number;
    safety: number;
    tooDeep: number;
    bandMissCm: number;
    asideCm: number;
    voidPercent: number;
    outCm: number;
    misplaced: number;
};
/** Voids beyond the unavoidable, percent, and way aside beyond what is free, cm, from which on they are too much. */
export declare const HOLLOW_PERCENT = 2.3;
/**
 * Weights on the coarse grid. There everything that is wrong counts for less, beside the distance from the back. The grid
 * makes things larger or smaller than they are, and two things can only change places by way of a state that is worse. With
 * the weights of the fine grid there: the mean energy of 17 packs +1.8 %.
 */
export declare const COARSE_WEIGHTS: {
    outCm: number;
    misfit: number;
    safety: number;
    tooDeep: number;
    bandMissCm: number;
    asideCm: number;
    voidPercent: number;
    misplaced: number;
};
/** When that has left something wanting, nothing else is worth it any more. */
export declare const STRICT_WEIGHTS: {
    bandMissCm: number;
    asideCm: number;
    voidPercent: number;
    outCm: number;
    misplaced: number;
    misfit: number;
    safety: number;
    tooDeep: number;
};
export type StowWeights = typeof WEIGHTS;
/**
 * Lexicographic order of costs, with a tolerance for rounding. A hollow pack settles as it is carried, and does not keep
 * what it promises: what is too hollow or too far aside comes before the band. Of two stows outside the band the one
 * further out may be the better, when it is that much closer to the back.
 */
export declare function compareCost(a: StowCost, b: StowCost): number;
/** All tiers in one number, as the annealing compares states. */
export declare function energyOf(cost: StowCost, weights: StowWeights): number;
/** What a stow costs over several days: half the worst of them and half their mean, by each measure. */
export declare function overAll(costs: readonly StowCost[]): StowCost;
/** Closeness to the back and places of second choice, as single moves by hand are weighed: a place counts for more. */
export declare function comfortOf({ outCm, misplaced }: StowCost): number;
