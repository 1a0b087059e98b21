/** What stands in a pack: uprights that are its frame, and tall things that are drawn out by themselves. */
import { fitsUpright } from './fitsPack.js';
import { compartmentsOf, FINE_CELL_CM } from './packGeometry.js';
/** A stiff upright reaches at least so high, cm (Graft's own number). */
export const UPRIGHT_LEAST_CM = 25;
/** From this height on a thing that stands is drawn out by its top, cm (Graft's own number). */
export const TALL_CM = 20;
/** Frame sheets start to matter above this load, kg (Graft's own number). */
const FRAMELESS_LIGHT_KG = 7;
export const UPRIGHTS = 2;
export function isUprightStay({ upright, heightCm }) {
    return upright && heightCm >= UPRIGHT_LEAST_CM;
}
export function isTall({ upright, heightCm }) {
    return upright && heightCm >= TALL_CM;
}
/** Whether the house rule wants uprights in this pack. */
export function wantsUprights({ pack, house, things }) {
    if (pack.frameless !== true || house.frameless !== 'uprights')
        return false;
    return things.reduce((sum, t) => sum + t.massKg, pack.tareKg) >= FRAMELESS_LIGHT_KG;
}
/** Things of a problem that can be uprights in its main compartment. */
export function possibleUprights(problem) {
    const main = compartmentsOf(problem.pack, FINE_CELL_CM).find((c) => c.id === 'main');
    if (main === undefined)
        return [];
    return problem.things
        .map((t) => t.thing)
        .filter((t) => !problem.inside.has(t.id) && fitsUpright(t, main, isUprightStay))
        .map((t) => t.id);
}
/** How many stand where the house rule wants them, as far as there are things for it. */
export function uprightsWanted(problem) {
    return wantsUprights(problem) ? Math.min(UPRIGHTS, possibleUprights(problem).length) : 0;
}
//# sourceMappingURL=uprights.js.map