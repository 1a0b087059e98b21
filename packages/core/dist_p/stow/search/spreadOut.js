import { ColumnLoader } from '../columnLoader.js';
import { priceOf } from './priceOf.js';
/** Points of the floor that are tried for each thing, as parts of its width and depth. */
const ACROSS = [0.15, 0.35, 0.5, 0.65, 0.85];
const OUT = [0.12, 0.35, 0.6, 0.88];
/** What the whole depth costs a thing of 1 kg/L, against a centimetre of height. 0: −0.9 %, no matter. */
const PER_DENSITY_OUT = 10;
/** Put thing after thing where it lies lowest with the least lost under it; the dense ones nearer to the back. */
export function spreadOut({ state, facts }) {
    for (const [c, compartment] of facts.compartments.entries()) {
        if (compartment.kind === 'sleeve')
            continue;
        const { x0, y0, nx, ny, cellCm, floor } = compartment;
        const mine = state.thingsIn(c);
        const loader = new ColumnLoader(compartment, mine.length);
        for (const [i, t] of mine.entries()) {
            const { solid, turns, isPinned, densityKgPerL } = facts.things[t];
            let least = Infinity;
            const look = (across, out, turn) => {
                const [x, y] = [x0 + across * nx * cellCm, y0 + out * ny * cellCm];
                const price = priceOf(loader, i, floor[0], () => loader.load(solid, turn, x, y)) +
                    densityKgPerL * PER_DENSITY_OUT * out;
                loader.rewind(i);
                if (price >= least)
                    return;
                least = price;
                state.put(t, c, x, y, turn);
            };
            if (!isPinned)
                for (const across of ACROSS)
                    for (const out of OUT)
                        for (let turn = 0; turn < turns; turn += 1)
                            look(across, out, turn);
            loader.load(solid, state.turnOf(t), state.xOf(t), state.yOf(t));
        }
    }
}
//# sourceMappingURL=spreadOut.js.map