import { compareCost, energyOf } from '../stowCost.js';
import { propose } from './moves/propose.js';
import { PROGRESS_EVERY } from './tuning.js';
/** Taken once: a lookup on a global is not free everywhere. */
const { log } = Math;
/**
 * @param search ends on the best stow it has seen
 * @param onProgress called every so many moves, with the search at the best stow so far
 */
export function anneal(search, random, moves, { hot, cold, wide }, weights, onProgress) {
    const { state } = search;
    const start = search.settle();
    if (search.facts.movable.length === 0)
        return;
    let best = { cost: start.cost, state: state.keep() };
    let energy = energyOf(start.cost, weights);
    for (let i = 0; i < moves; i += 1) {
        const temperature = hot * (cold / hot) ** (i / moves);
        const draw = { search, random, reach: wide * (1 - i / moves) };
        const most = () => energy - temperature * log(random());
        const next = search.trial(() => propose(draw), { weights, most });
        if (next !== undefined) {
            search.commit(next);
            energy = energyOf(next.cost, weights);
            if (compareCost(next.cost, best.cost) < 0)
                best = { cost: next.cost, state: state.keep() };
        }
        if (onProgress !== undefined && i % PROGRESS_EVERY === PROGRESS_EVERY - 1) {
            const now = state.keep();
            state.restore(best.state);
            onProgress();
            state.restore(now);
            search.settle();
        }
    }
    state.restore(best.state);
}
//# sourceMappingURL=anneal.js.map