import { pickIndex } from '../../../units/random.js';
import { HELPFUL, IN_TURN } from '../tuning.js';
/** Taken once: a lookup on a global is not free everywhere. */
const { abs, max, min, round } = Math;
/** Earlier or later among the things of its compartment; out of the band, dense ones mostly go the way that helps. */
export const inTurn = ({ search, random, reach }, t) => {
    const { state, facts } = search;
    const c = state.compartmentOf(t);
    /** Places of its compartment's things in the loading order. */
    const mine = [];
    for (let k = 0; k < state.count; k += 1)
        if (state.compartmentOf(state.thingAt(k)) === c)
            mine.push(k);
    if (mine.length < 2)
        return undefined;
    const from = mine.findIndex((k) => state.thingAt(k) === t);
    const span = max(2, round(mine.length * (IN_TURN.cold + IN_TURN.hot * reach)));
    let by = 1 + pickIndex(random, span);
    if (random() < 0.5)
        by = -by;
    if (search.tooHigh !== 0 && random() < HELPFUL.inTurn) {
        by = facts.things[t].isDense === search.tooHigh < 0 ? abs(by) : -abs(by);
    }
    const to = min(mine.length - 1, max(0, from + by));
    return to === from ? undefined : state.reorder(mine[from], mine[to]);
};
//# sourceMappingURL=inTurn.js.map