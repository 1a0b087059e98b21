import { compareCost, energyOf } from '../stowCost.js';
import { propose } from './moves/propose.js';
import { PROGRESS_EVERY, WEIGHTS_EVERY } from './tuning.js';
/** Taken once: a lookup on a global is not free everywhere. */
const { log } = Math;
/** One annealing, which may be seen through in parts. */
export class Annealing {
    search;
    annealed;
    random;
    moves;
    heat;
    weightsAt;
    done = 0;
    best;
    /** What the state comes to, and by which weights moves are judged. */
    now;
    weights;
    constructor(search, annealed, random, moves, heat, weightsAt) {
        this.search = search;
        this.annealed = annealed;
        this.random = random;
        this.moves = moves;
        this.heat = heat;
        this.weightsAt = weightsAt;
        const { cost } = annealed.settle();
        this.best = { cost, state: search.state.keep() };
        this.now = cost;
        this.weights = weightsAt(0);
    }
    /** The energy of the best stow so far. */
    get least() {
        return energyOf(this.best.cost, this.weights);
    }
    /**
     * Make moves.
     *
     * @param part of all moves, made by the end of this
     * @param onProgress called every so many moves, with the search at the best stow so far
     */
    run(part, onProgress) {
        const { search, annealed, random, moves } = this;
        const { hot, cold, wide } = this.heat;
        const { state } = search;
        if (search.facts.movable.length === 0)
            return;
        for (const end = Math.floor(part * moves); this.done < end; this.done += 1) {
            const at = this.done / moves;
            if (this.done % WEIGHTS_EVERY === 0)
                this.weights = this.weightsAt(at);
            const { weights } = this;
            const energy = energyOf(this.now, weights);
            const temperature = hot * (cold / hot) ** at;
            const draw = { search, random, reach: wide * (1 - at) };
            const most = () => energy - temperature * log(random());
            const next = annealed.trial(() => propose(draw), { weights, most });
            if (next !== undefined) {
                annealed.commit(next);
                this.now = next.cost;
                if (compareCost(next.cost, this.best.cost) < 0)
                    this.best = { cost: next.cost, state: state.keep() };
            }
            if (onProgress !== undefined && this.done % PROGRESS_EVERY === PROGRESS_EVERY - 1) {
                const now = state.keep();
                state.restore(this.best.state);
                onProgress();
                state.restore(now);
                annealed.settle();
            }
        }
    }
    /** The search is at the best stow that was seen. */
    end() {
        this.search.state.restore(this.best.state);
    }
}
/** Anneal a search from beginning to end; it ends on the best stow it has seen. */
export function anneal(search, random, moves, heat, weights, onProgress) {
    const annealing = new Annealing(search, search, random, moves, heat, () => weights);
    annealing.run(1, onProgress);
    annealing.end();
}
//# sourceMappingURL=anneal.js.map