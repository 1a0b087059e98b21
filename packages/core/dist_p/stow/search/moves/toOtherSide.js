import { place } from './move.js';
/** To the other side of its compartment. */
export const toOtherSide = (draw, t) => {
    const { state, facts } = draw.search;
    const c = state.compartmentOf(t);
    const { x0, nx, cellCm } = facts.compartments[c];
    return place(draw, t, c, 2 * x0 + nx * cellCm - state.xOf(t), state.yOf(t), state.turnOf(t));
};
//# sourceMappingURL=toOtherSide.js.map