import { pickIndex } from '../../../units/random.js';
import { AT_A_WALL } from '../tuning.js';
import { place } from './move.js';
/** Into another compartment that it may go into, or anywhere in its own. */
export const elsewhere = (draw, t) => {
    const { allowed } = draw.search.facts.things[t];
    return into(draw, t, allowed[pickIndex(draw.random, allowed.length)]);
};
/** Anywhere in a compartment, turned anyhow. */
export function into(draw, t, c) {
    const { random, search } = draw;
    const { kind, x0, y0, nx, ny, cellCm } = search.facts.compartments[c];
    const part = () => (kind !== 'main' && random() < AT_A_WALL ? Math.round(random()) : random());
    const [x, y] = [x0 + part() * nx * cellCm, y0 + part() * ny * cellCm];
    return place(draw, t, c, x, y, pickIndex(random, search.facts.things[t].turns));
}
//# sourceMappingURL=elsewhere.js.map