import { seededRandom } from '../../units/random.js';
import { withLoaders } from '../columnKernel.js';
import { FINE_CELL_CM } from '../packGeometry.js';
import { COARSE_WEIGHTS, compareCost, HOLLOW_PERCENT, STRICT_WEIGHTS, WEIGHTS, } from '../stowCost.js';
import { anneal, Annealing } from './anneal.js';
import { settleNear } from './settleNear.js';
import { startFromRules } from './startFromRules.js';
import { StowSearch } from './stowSearch.js';
import { COARSE_CELL_CM, COARSE_HEAT, COARSE_PART, FINE_HEAT, FIRST, GLIMPSE, MORE_HEAT, MORE_TRIES, PROGRESS_EVERY, STARTS, } from './tuning.js';
export class StowPlanner {
    problem;
    pinned;
    seed;
    iterations;
    onProgress;
    random;
    /** Moves of one start that is seen through. */
    moves;
    spent = 0;
    /** The best so far of what is kept; what is made only to be shown is not: nobody's watching may change the result. */
    best;
    constructor(problem, pinned, seed, iterations, onProgress) {
        this.problem = problem;
        this.pinned = pinned;
        this.seed = seed;
        this.iterations = iterations;
        this.onProgress = onProgress;
        this.random = seededRandom(seed);
        // One is seen through, and the others as far as they go.
        this.moves = Math.floor(iterations / (1 + (STARTS.count - 1) * STARTS.part * COARSE_PART));
    }
    plan() {
        this.showFirst();
        const starts = Array.from({ length: STARTS.count }, () => this.begun());
        for (const start of starts)
            this.goOn(start, STARTS.part);
        starts.sort((a, b) => a.annealing.least - b.annealing.least);
        let last = this.seenThrough(starts[0]);
        // More tries mend what is near. Where something is still left out or unsafe, another start goes on too.
        if (isAmiss(last.cost)) {
            const again = this.seenThrough(starts[1]);
            if (compareCost(again.cost, last.cost) < 0)
                last = again;
        }
        // The result is never worse than what was shown on the way.
        return { ...this.better(last), iterations: this.spent };
    }
    /** A usable stow is shown at once, before the search itself begins. */
    showFirst() {
        const chances = seededRandom(this.seed);
        for (let k = 0; k < FIRST.tries && (this.best === undefined || isAmiss(this.best.cost)); k += 1) {
            const times = FIRST.more ** k;
            const coarseMoves = times * Math.min(FIRST.coarseMost, Math.round(FIRST.coarsePart * this.iterations));
            const fineMoves = times * Math.min(FIRST.fineMost, Math.round(FIRST.finePart * this.iterations));
            const first = withLoaders(() => {
                const coarse = this.started();
                anneal(coarse, chances, coarseMoves, MORE_HEAT, STRICT_WEIGHTS);
                const fine = this.settledFrom(coarse.placements());
                anneal(fine, chances, fineMoves, MORE_HEAT, STRICT_WEIGHTS);
                return this.planOf(fine);
            });
            this.consider(first);
        }
    }
    begun() {
        const search = this.started();
        const moves = Math.floor(this.moves * COARSE_PART);
        const annealing = new Annealing(search, search, this.random, moves, COARSE_HEAT, COARSE_WEIGHTS);
        return { search, annealing };
    }
    goOn({ search, annealing }, part) {
        annealing.run(part, () => this.coarseStep(search));
    }
    /** A start goes on to its end, and then on the fine grid. */
    seenThrough(start) {
        this.goOn(start, 1);
        start.annealing.end();
        const fine = this.settledFrom(start.search.placements());
        const step = () => this.fineStep(fine);
        anneal(fine, this.random, this.moves - Math.floor(this.moves * COARSE_PART), FINE_HEAT, WEIGHTS, step);
        for (let more = 0; more < triesFor(fine.look().cost); more += 1)
            anneal(fine, this.random, Math.floor(this.iterations * MORE_TRIES.part), MORE_HEAT, STRICT_WEIGHTS, step);
        return this.planOf(fine);
    }
    coarseStep(coarse) {
        this.spent += PROGRESS_EVERY;
        if (this.spent % GLIMPSE.every === 0)
            this.consider(this.glimpse(coarse));
        else
            this.show();
    }
    fineStep(fine) {
        this.spent += PROGRESS_EVERY;
        if (this.onProgress !== undefined)
            this.show(this.planOf(fine));
    }
    /** A coarse stow, mended a little. It draws its own random numbers, so that the search goes on as if it were not. */
    glimpse(coarse) {
        // Looked at before the scope opens: what the coarse search still has to load is given memory of its own.
        const placements = coarse.placements();
        return withLoaders(() => {
            const fine = this.settledFrom(placements);
            anneal(fine, seededRandom(this.seed + this.spent), GLIMPSE.moves, FINE_HEAT, STRICT_WEIGHTS);
            return this.planOf(fine);
        });
    }
    started() {
        const coarse = new StowSearch(this.problem, this.pinned, COARSE_CELL_CM);
        startFromRules(coarse);
        return coarse;
    }
    /** A search on the fine grid that starts from a stow of the coarse one. */
    settledFrom(coarse) {
        const fine = new StowSearch(this.problem, coarse, FINE_CELL_CM);
        settleNear(fine);
        return fine;
    }
    planOf(search) {
        return {
            seed: this.seed,
            stow: { memberId: this.problem.member.id, placements: search.placements() },
            iterations: this.spent,
            cost: search.look().cost,
        };
    }
    better(plan) {
        const { best } = this;
        return plan !== undefined && (best === undefined || compareCost(plan.cost, best.cost) < 0) ? plan : best;
    }
    show(plan) {
        const best = this.better(plan);
        if (best !== undefined)
            this.onProgress?.({ done: Math.min(1, this.spent / Math.max(1, this.iterations)), best });
    }
    consider(plan) {
        this.best = this.better(plan);
        this.show();
    }
}
/** Something is left out, or a safety rule broken. */
export function isAmiss({ misfit, safety }) {
    return misfit > 1e-6 || safety > 0;
}
/** How many tries more a stow is worth. */
function triesFor(cost) {
    if (isAmiss(cost))
        return MORE_TRIES.ifOut;
    return cost.tooDeep > 0 || cost.voidPercent > HOLLOW_PERCENT ? MORE_TRIES.ifWanting : 0;
}
//# sourceMappingURL=stowPlanner.js.map