import { pickIndex } from '../../../units/random.js';
import { HELPFUL } from '../tuning.js';
/** Two things change places: compartment, middle and turn in the order. */
export const exchange = ({ search, random }, t) => {
    const { state, facts } = search;
    const u = facts.movable[pickIndex(random, facts.movable.length)];
    const [a, b] = [facts.things[t], facts.things[u]];
    const [ofT, ofU] = [state.compartmentOf(t), state.compartmentOf(u)];
    if (u === t || !a.allowed.includes(ofU) || !b.allowed.includes(ofT))
        return undefined;
    // Out of the band, dense things only change for light ones on the side where that helps.
    if (search.tooHigh !== 0 && random() < HELPFUL.exchange) {
        const isDenser = a.densityKgPerL > b.densityKgPerL;
        const [denser, other] = isDenser ? [t, u] : [u, t];
        if (search.heightOf(denser) < search.heightOf(other) !== search.tooHigh < 0)
            return undefined;
    }
    const [x, y] = [state.xOf(t), state.yOf(t)];
    const undoT = state.put(t, ofU, state.xOf(u), state.yOf(u), state.turnOf(t));
    const undoU = state.put(u, ofT, x, y, state.turnOf(u));
    const undoOrder = state.swapInOrder(t, u);
    return () => {
        undoOrder();
        undoU();
        undoT();
    };
};
//# sourceMappingURL=exchange.js.map