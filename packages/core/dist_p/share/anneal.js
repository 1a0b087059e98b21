/**
 * Simulated annealing over shifts and swaps of bundles, one tier of the objective at a time (Kirkpatrick, Gelatt &
 * Vecchi 1983, from memory). Half of the moves relieve the carrier furthest above the tier's target.
 */
import { pickIndex } from '../units/random.js';
/** Taken once: a lookup on a global is not free everywhere. */
const { exp, floor, max } = Math;
/**
 * @param movable bundles that more than one carrier may have
 * @param spend called every few thousand moves with how many; progress is told there
 */
export function anneal(state, movable, tier, random, spend) {
    const move = new Proposal(state, movable, random);
    const perCycle = max(1, floor(tier.iterations / tier.cycles));
    const cooling = (tier.cold / tier.hot) ** (STEP / perCycle);
    for (let cycle = 0; cycle < tier.cycles && !tier.enough(); cycle += 1) {
        tier.restart(state);
        let energy = tier.energy(state);
        let temperature = tier.hot;
        let worst = state.worstCarrier();
        for (let i = 0; i < perCycle; i += 1) {
            if (i % STEP === 0 && i > 0) {
                temperature *= cooling;
                worst = state.worstCarrier();
                spend(STEP);
                if (tier.enough())
                    break;
            }
            if (!move.draw(worst))
                continue;
            state.weigh(move.b, move.to, move.back);
            const next = tier.energyAfter(state, move.b, move.to, move.back);
            if (next > energy && random() >= exp((energy - next) / temperature))
                continue;
            state.move(move.b, move.to, move.back);
            energy = next;
            worst = state.worstCarrier();
            if (tier.keep(state)) {
                energy = tier.energy(state);
                worst = state.worstCarrier();
                if (tier.enough())
                    break;
            }
        }
    }
}
/** A random move: a bundle to another carrier, or two bundles that change carriers. */
class Proposal {
    state;
    movable;
    random;
    b = 0;
    to = 0;
    /** The bundle that goes the other way; negative for none. */
    back = -1;
    isMovable;
    mayCarry;
    constructor(state, movable, random) {
        this.state = state;
        this.movable = movable;
        this.random = random;
        const { bundles } = state.problem;
        this.isMovable = new Uint8Array(bundles.length);
        for (const b of movable)
            this.isMovable[b] = 1;
        this.mayCarry = new Uint8Array(bundles.length * state.carrierCount);
        bundles.forEach((bundle, b) => bundle.allowed.forEach((m) => (this.mayCarry[b * state.carrierCount + m] = 1)));
    }
    /** @returns false when what was drawn may not be, or would change nothing */
    draw(worst) {
        const { state, movable, random } = this;
        this.b = movable[pickIndex(random, movable.length)];
        if (worst >= 0 && random() < 0.5) {
            const list = state.held[worst];
            if (list.length === 0)
                return false;
            this.b = list[pickIndex(random, list.length)];
            if (this.isMovable[this.b] === 0)
                return false;
        }
        const from = state.carrierOf[this.b];
        if (random() < 0.5) {
            const { allowed } = state.problem.bundles[this.b];
            this.back = -1;
            this.to = allowed[pickIndex(random, allowed.length)];
            return this.to !== from;
        }
        this.back = movable[pickIndex(random, movable.length)];
        this.to = state.carrierOf[this.back];
        return this.to !== from && this.may(this.b, this.to) && this.may(this.back, from);
    }
    may(b, m) {
        return this.mayCarry[b * this.state.carrierCount + m] === 1;
    }
}
/** Moves between two steps of cooling. */
const STEP = 1024;
//# sourceMappingURL=anneal.js.map