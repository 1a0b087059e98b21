/** What is seen in a loaded compartment. */
import type { RigidPlace } from '../columnLoader.js';
import { type PartFigures } from './partFigures.js';
export interface CompartmentView {
    readonly figures: Readonly<PartFigures>;
    /** Its things in loading order; the lists after it go by their places. */
    readonly things: readonly number[];
    /** The zone that each thing's middle is in. */
    readonly zones: readonly number[];
    /** How high its middle is, cm. */
    readonly heights: readonly number[];
    /** How badly it stands: rules broken, too deep, out of place. */
    readonly troubles: readonly number[];
    /** Where a rigid one came to rest: not always where it was put. */
    readonly rests: readonly (RigidPlace | undefined)[];
}
export declare const NOTHING: CompartmentView;
