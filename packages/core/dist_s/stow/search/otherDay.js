import { FINE_CELL_CM } from '../packGeometry.js';
import { StowSearch } from './stowSearch.js';
export class OtherDay {
    search;
    entries;
    /** Things that are on no list; they are loaded last. */
    rest;
    /** The state of this day; a pack has the same compartments on all days. */
    own;
    /** By thing of the searched day, its place in the loading order when that was last looked at. */
    places;
    /**
     * @param main the search on its own day
     * @param on the stow on the other day, with what is fetched up
     */
    constructor(main, problem, on) {
        this.search = new StowSearch(problem, on.placements, FINE_CELL_CM);
        this.own = this.search.state;
        this.places = new Int16Array(main.facts.things.length).fill(-1);
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
        const placed = new Set(this.entries.map((e) => e.t));
        this.rest = Array.from({ length: this.own.count }, (_v, k) => this.own.thingAt(k)).filter((t) => !placed.has(t));
    }
    /**
     * What the stow costs on this day, were it as the searched state has it.
     *
     * @returns undefined when its energy is certain to be above a limit
     */
    costOf(state, limit) {
        for (const { t, source } of this.entries) {
            if (source === undefined)
                continue;
            const c = state.compartmentOf(source);
            const [x, y, turn] = [state.xOf(source), state.yOf(source), state.turnOf(source)];
            if (!this.own.isPut(t, c, x, y, turn))
                this.own.put(t, c, x, y, turn);
        }
        if (this.isReordered(state)) {
            const { places } = this;
            const placeOf = (t) => (t < 0 ? -1 : places[t]);
            const order = [...this.entries].sort((a, b) => placeOf(a.after) - placeOf(b.after) || a.rank - b.rank);
            this.own.loadInOrder([...order.map((e) => e.t), ...this.rest]);
        }
        return this.search.glance(limit);
    }
    /** Whether the loading order is another than when that was last asked. */
    isReordered(state) {
        let isOther = false;
        for (let k = 0; k < state.count; k += 1) {
            const t = state.thingAt(k);
            if (this.places[t] === k)
                continue;
            this.places[t] = k;
            isOther = true;
        }
        return isOther;
    }
    /** What was last looked at is what later states will mostly begin with. */
    keep() {
        this.search.keepLoaded();
    }
}
//# sourceMappingURL=otherDay.js.map