/** What is seen in a loaded compartment. */
import type { Rest } from '../loaderMemory.js';
import { noFigures, type PartFigures } from './partFigures.js';

/** How things stand, by their places in the loading order; known until something else is tried in their compartment. */
export interface Stands {
  readonly zoneOf: (i: number) => number;
  /** How high its middle is, cm. */
  readonly heightOf: (i: number) => number;
  /** How badly it stands: rules broken, too deep, out of place. */
  readonly troubleOf: (i: number) => number;
  readonly restOf: (i: number) => Rest | undefined;
}

export interface CompartmentView {
  readonly figures: Readonly<PartFigures>;
  /** Its things in loading order. */
  readonly things: readonly number[];
  /** Undefined where there are none. */
  readonly stands: Stands | undefined;
}

export const NOTHING: CompartmentView = { figures: noFigures(), things: [], stands: undefined };
