/**
 * A stow on one of its days. Places stay: the same thing in the same place every day. Only food moves: what is eaten today
 * is fetched up in the morning, to where yesterday's was (common practice, no source).
 */
import type { Placement, Thing, Zone } from '../trip/model.js';
import type { StowProblem } from './stowProblem.js';
export interface MoveUp {
    readonly thing: Thing;
    /** Undefined when it rode in something. */
    readonly from: Zone | undefined;
    readonly to: Zone;
    /** What was there before and is eaten. */
    readonly insteadOf: Thing | undefined;
}
export interface StowOnDay {
    readonly placements: readonly Placement[];
    readonly moves: readonly MoveUp[];
}
/** A stow as it is on the problem's day, with what was fetched up for it. */
export declare function stowOnDay(problem: StowProblem, placements: readonly Placement[]): StowOnDay;
/** What is newly fetched up for a day: the list of the evening before. */
export declare function fetchedFor(day: number, moves: readonly MoveUp[]): readonly MoveUp[];
/** "Lunch, day 2: up into lid, where the last was". */
export declare function moveUpText({ thing, to, insteadOf }: MoveUp): string;
/** What was changed on a day, as it is kept: what was only fetched up for that day stays where it is kept. */
export declare function keptFrom(kept: readonly Placement[], onDay: StowOnDay, changed: readonly Placement[]): readonly Placement[];
