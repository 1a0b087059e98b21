/** What is seen in a loaded compartment. */
import type { Desk } from './desk.js';
import { type PartFigures } from './partFigures.js';
export interface CompartmentView {
    readonly figures: Readonly<PartFigures>;
    /** Its things in loading order. */
    readonly things: readonly number[];
    /** How each of them stands: on its desk until something else is tried there, or all alike. */
    readonly stands: Desk | {
        readonly zone: number;
        readonly heightCm: number;
    } | undefined;
}
export declare const NOTHING: CompartmentView;
