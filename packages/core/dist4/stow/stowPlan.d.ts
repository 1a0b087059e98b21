/** What planning a stow comes to, and how far it is. */
import type { Stow } from '../trip/model.js';
import type { StowCost } from './stowCost.js';
export interface StowProgress {
    /** From 0 to 1. */
    readonly done: number;
    readonly best: StowPlan;
}
export interface StowPlan {
    readonly seed: number;
    readonly stow: Stow;
    readonly iterations: number;
    /** What the planner minimised, by tier, first tier first. */
    readonly cost: StowCost;
}
