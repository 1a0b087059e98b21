import { FINE_CELL_CM } from '../packGeometry.js';
import { StowSearch } from './stowSearch.js';
export class OtherDay {
    search;
    entries;
    /** The state of this day; a pack has the same compartments on all days. */
    own;
    /**
     * @param main the search on its own day
     * @param on the stow on the other day, with what is fetched up
     */
    constructor(main, problem, on) {
        this.search = new StowSearch(problem, on.placements, FINE_CELL_CM);
        this.own = this.search.state;
        const mainIndex = new Map(main.facts.things.map(({ thing, isNested }, i) => [thing.id, isNested ? undefined : i]));
        const index = new Map(this.search.facts.things.map(({ thing, isNested }, i) => [thing.id, isNested ? undefined : i]));
        const insteadOf = new Map(on.moves.map((m) => [m.thing.id, m.insteadOf?.id]));
        const sourceOf = ({ thingId }) => insteadOf.has(thingId) ? mainIndex.get(insteadOf.get(thingId) ?? '') : mainIndex.get(thingId);
        let after = -1;
        this.entries = on.placements.flatMap((p, rank) => {
            const t = index.get(p.thingId);
            if (t === undefined)
                return [];
            const source = sourceOf(p);
            if (source !== undefined)
                after = source;
            return [{ t, source, after, rank }];
        });
    }
    /** What the stow costs on this day, were it as the searched state has it. */
    costOf(state) {
        const turn = new Map();
        for (let k = 0; k < state.count; k += 1)
            turn.set(state.thingAt(k), k);
        const order = [...this.entries].sort((a, b) => (turn.get(a.after) ?? -1) - (turn.get(b.after) ?? -1) || a.rank - b.rank);
        const placed = new Set(order.map((e) => e.t));
        for (const { t, source } of order)
            if (source !== undefined)
                this.own.put(t, state.compartmentOf(source), state.xOf(source), state.yOf(source), state.turnOf(source));
        const rest = Array.from({ length: this.own.count }, (_v, k) => this.own.thingAt(k)).filter((t) => !placed.has(t));
        this.own.loadInOrder([...order.map((e) => e.t), ...rest]);
        return this.search.glance();
    }
    /** What was last looked at is what later states will mostly begin with. */
    keep() {
        this.search.keepLoaded();
    }
}
//# sourceMappingURL=otherDay.js.map