import type { Turn } from './solids.js';
import type { StowProblem } from './stowProblem.js';
/** A stiff upright reaches at least so high, cm (Graft's own number). */
export declare const UPRIGHT_LEAST_CM = 25;
/** From this height on a thing that stands is drawn out by its top, cm (Graft's own number). */
export declare const TALL_CM = 20;
export declare const UPRIGHTS = 2;
type Standing = Pick<Turn, 'upright' | 'heightCm'>;
export declare function isUprightStay({ upright, heightCm }: Standing): boolean;
export declare function isTall({ upright, heightCm }: Standing): boolean;
/** Whether the house rule wants uprights in this pack. */
export declare function wantsUprights({ pack, house, things }: StowProblem): boolean;
/** Things of a problem that can be uprights in its main compartment. */
export declare function possibleUprights(problem: StowProblem): readonly string[];
/** How many stand where the house rule wants them, as far as there are things for it. */
export declare function uprightsWanted(problem: StowProblem): number;
export {};
