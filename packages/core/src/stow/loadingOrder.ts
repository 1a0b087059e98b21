/** The order in which things of one zone go in: what is needed last first, denser things first among equals. */
import type { Needed, Thing } from '../trip/model.js';
import { densityKgPerL } from './thingKinds.js';
import type { StowThing } from './stowThing.js';

/** Later in this list goes in later, and so comes out sooner. */
const NEEDED_ORDER: readonly Needed[] = ['camp', 'firstInCamp', 'stop', 'walking', 'hurry'];

export function compareLoading(a: StowThing, b: StowThing): number {
  return (
    NEEDED_ORDER.indexOf(a.thing.needed) - NEEDED_ORDER.indexOf(b.thing.needed) ||
    // Of food what is eaten last goes in first.
    eatenFrom(b.thing) - eatenFrom(a.thing) ||
    densityKgPerL(b.thing) - densityKgPerL(a.thing) ||
    (a.thing.id < b.thing.id ? -1 : 1)
  );
}

const eatenFrom = ({ consumption }: Thing): number => consumption?.fromDay ?? 0;
