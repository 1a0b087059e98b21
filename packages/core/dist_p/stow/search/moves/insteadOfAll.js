import { pickIndex } from '../../../units/random.js';
import { SWAP_BACK } from '../tuning.js';
import { into } from './elsewhere.js';
/** Into another pocket, and everything out of that which may go elsewhere. */
export const insteadOfAll = (draw, t) => {
    const { search, random } = draw;
    const { facts, state } = search;
    const from = state.compartmentOf(t);
    const choices = facts.things[t].allowed.filter((c) => c !== from && facts.compartments[c].kind !== 'main');
    if (choices.length === 0)
        return undefined;
    const to = choices[pickIndex(random, choices.length)];
    const back = [];
    for (const u of facts.movable) {
        if (state.compartmentOf(u) !== to)
            continue;
        const others = facts.things[u].allowed.filter((c) => c !== to);
        if (others.length === 0)
            continue;
        const goesBack = others.includes(from) && random() < SWAP_BACK;
        back.push(into(draw, u, goesBack ? from : others[pickIndex(random, others.length)]));
    }
    back.push(into(draw, t, to));
    return () => {
        for (const undo of back.reverse())
            undo?.();
    };
};
//# sourceMappingURL=insteadOfAll.js.map