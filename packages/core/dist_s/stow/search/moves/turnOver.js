import { pickIndex } from '../../../units/random.js';
import { place } from './move.js';
/** Where it is, turned or spread another way. */
export const turnOver = (draw, t) => {
    const { state, facts } = draw.search;
    const { turns } = facts.things[t];
    const next = (state.turnOf(t) + 1 + pickIndex(draw.random, Math.max(1, turns - 1))) % turns;
    return place(draw, t, state.compartmentOf(t), state.xOf(t), state.yOf(t), next);
};
//# sourceMappingURL=turnOver.js.map