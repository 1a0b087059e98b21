import { pickIndex } from '../../../units/random.js';
import { BACKWARD, NEARBY } from '../tuning.js';
import { place } from './move.js';
/** Taken once: a lookup on a global is not free everywhere. */
const { max, min } = Math;
/** Somewhere else in its compartment, nearer as the search cools; dense things to the back more often. */
export const nearby = (draw, t) => {
    const { search, random } = draw;
    const { state, facts } = search;
    const c = state.compartmentOf(t);
    const { x0, y0, nx, ny, cellCm } = facts.compartments[c];
    const { isDense, turns } = facts.things[t];
    const reach = NEARBY.cold + NEARBY.hot * draw.reach;
    const near = (at, low, cells) => {
        const size = cells * cellCm;
        return min(low + size, max(low, at + (random() - 0.5) * 2 * reach * size));
    };
    return place(draw, t, c, random() < NEARBY.axis ? near(state.xOf(t), x0, nx) : state.xOf(t), random() < BACKWARD.often
        ? y0 + (isDense ? backward(random) : 1 - backward(random)) * ny * cellCm
        : random() < NEARBY.axis
            ? near(state.yOf(t), y0, ny)
            : state.yOf(t), random() < NEARBY.turned ? pickIndex(random, turns) : state.turnOf(t));
};
/** Parts of the depth, small ones more often. */
function backward(random) {
    return BACKWARD.deepest * random() ** BACKWARD.power;
}
//# sourceMappingURL=nearby.js.map