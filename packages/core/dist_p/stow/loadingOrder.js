import { densityKgPerL } from './thingKinds.js';
/** Later in this list goes in later, and so comes out sooner. */
const NEEDED_ORDER = ['camp', 'firstInCamp', 'stop', 'walking', 'hurry'];
export function compareLoading(a, b) {
    return (NEEDED_ORDER.indexOf(a.thing.needed) - NEEDED_ORDER.indexOf(b.thing.needed) ||
        // Of food what is eaten last goes in first.
        eatenFrom(b.thing) - eatenFrom(a.thing) ||
        densityKgPerL(b.thing) - densityKgPerL(a.thing) ||
        (a.thing.id < b.thing.id ? -1 : 1));
}
const eatenFrom = ({ consumption }) => consumption?.fromDay ?? 0;
//# sourceMappingURL=loadingOrder.js.map