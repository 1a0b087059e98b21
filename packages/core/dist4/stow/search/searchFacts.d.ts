/** What a search for a stow never changes: the pack's compartments, the things, and what follows from the two. */
import type { Placement, Thing } from '../../trip/model.js';
import type { MainParting } from '../mainParting.js';
import { type Compartment } from '../packGeometry.js';
import { type Solid } from '../solids.js';
import { type StowProblem } from '../stowProblem.js';
/** What the placement rules say of a thing in a zone. */
interface Choice {
    readonly misplaced: number;
    readonly safety: number;
    /** Needed while walking, and this zone cannot be reached with the pack on. */
    readonly tooDeep: number;
    readonly exempt: boolean;
}
export interface ThingFacts {
    readonly thing: Thing;
    /** Litres on each day. */
    readonly byDayL: readonly number[];
    readonly solid: Solid;
    /** How many ways it can be turned, or spread. */
    readonly turns: number;
    /** Litres on the day, packed, and swollen as far as it does. */
    readonly volumeL: number;
    readonly mostL: number;
    /** With what rides in it, kg. */
    readonly massKg: number;
    /** What of it counts to the heavy half, kg. */
    readonly heavyKg: number;
    readonly densityKgPerL: number;
    /** Denser than clothes and bags. */
    readonly isDense: boolean;
    /** Things that ride in it. */
    readonly riders: readonly number[];
    /** By zone of the pack. */
    readonly choices: readonly Choice[];
    /** Compartments that it may go into. */
    readonly allowed: readonly number[];
    /** It rides in another thing of the pack, and goes where that goes. */
    readonly isNested: boolean;
    readonly isPinned: boolean;
    readonly isBottle: boolean;
    /** Nothing of it is left but a wrapper. */
    readonly hasPoints: boolean;
    readonly isSpent: boolean;
    readonly isLong: boolean;
    /** By turn, how far it is kept from the back in the main compartment, cm: bare, and behind a reservoir. */
    readonly awayCm: readonly [readonly number[], readonly number[]];
}
export interface SearchFacts {
    readonly problem: StowProblem;
    readonly compartments: readonly Compartment[];
    /** Compartments with a meaning of their own; −1 where the pack has none. */
    readonly main: number;
    readonly sleeve: number;
    readonly parting: MainParting;
    readonly things: readonly ThingFacts[];
    /** Indexes of things that the search may move: pinned ones stay, nested ones ride with their holders. */
    readonly movable: readonly number[];
    /** Pairs of things that must not touch. */
    readonly clashes: readonly (readonly [number, number])[];
    /** Things that can be crushed, and what is too heavy to lie on them. */
    readonly crushes: readonly (readonly [number, number])[];
    /** Stiff uprights that the house rule wants in a pack without a frame, as far as there are things for it. */
    readonly uprights: number;
    /** Pack and all things, kg. */
    readonly totalKg: number;
}
/**
 * @param placements of which the pinned ones stay
 * @param cellCm edge of a cell of the grid that the search works on
 */
export declare function searchFacts(problem: StowProblem, placements: readonly Placement[], cellCm: number): SearchFacts;
export {};
