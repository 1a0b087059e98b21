/** The loaders of a search: one for each compartment, and for the main one another for each fill of the reservoir. */
import { ColumnLoader } from '../columnLoader.js';
import { sleeveSlab } from '../reservoir.js';
import { TrialLoader } from '../trialLoader.js';
import { roundCm } from './stowState.js';
export class CompartmentLoaders {
    facts;
    loaders;
    behindReservoir = new Map();
    constructor(facts) {
        this.facts = facts;
        const most = facts.things.length;
        this.loaders = facts.compartments.map((c) => new TrialLoader(() => new ColumnLoader(c, most)));
    }
    /** The loader of a compartment beside the reservoir that the state has. */
    of(c, state) {
        const { main, sleeve, things, compartments, problem } = this.facts;
        if (c !== main || sleeve < 0)
            return this.loaders[c];
        let litres = 0;
        for (let t = 0; t < things.length; t += 1)
            if (state.compartmentOf(t) === sleeve)
                litres += things[t].volumeL;
        const slab = sleeveSlab(problem.pack, litres);
        if (slab === undefined)
            return this.loaders[c];
        const key = litres.toFixed(3);
        let loader = this.behindReservoir.get(key);
        if (loader === undefined) {
            loader = new TrialLoader(() => new ColumnLoader(compartments[c], things.length, slab));
            this.behindReservoir.set(key, loader);
        }
        return loader;
    }
    /** Another loader of a compartment, with nothing in it. */
    fresh(c, state) {
        return this.of(c, state).fresh();
    }
    /** Load a thing as the search does: what would stand out is mended, unless it is pinned. */
    load = (loader, { t, turn, x, y }) => {
        const { solid, isPinned } = this.facts.things[t];
        loader.load(solid, turn, x, y, !isPinned, this.awayFor(t, loader));
    };
    /** Load a thing where it is put and nowhere else. */
    loadUnmended(loader, t, turn, xCm, yCm) {
        const { solid } = this.facts.things[t];
        loader.load(solid, turn, roundCm(xCm), roundCm(yCm), false, this.awayFor(t, loader));
    }
    /** Whether a thing would be put where it is: in the same cells, turned the same way. */
    isThere(state, t, c, xCm, yCm, turn) {
        if (state.compartmentOf(t) !== c)
            return false;
        const { solid } = this.facts.things[t];
        if (solid.kind === 'rigid' && state.turnOf(t) !== turn)
            return false;
        if (this.facts.compartments[c].kind === 'sleeve')
            return true;
        const { loader } = this.of(c, state);
        const away = this.awayFor(t, loader);
        return (loader.patchOf(solid, turn, roundCm(xCm), roundCm(yCm), away) ===
            loader.patchOf(solid, state.turnOf(t), state.xOf(t), state.yOf(t), away));
    }
    /** How far a thing keeps from the back, by turn; pinned ones stay where they were put. */
    awayFor(t, { compartment, hasSlab }) {
        const { isPinned, awayCm } = this.facts.things[t];
        if (compartment.kind !== 'main' || isPinned)
            return undefined;
        return awayCm[hasSlab ? 1 : 0];
    }
}
//# sourceMappingURL=compartmentLoaders.js.map