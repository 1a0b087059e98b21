/** What packs hold in a search for a share: volume above what is free, by carrier and day, kept up to date. */
import { roomTakenL } from './foodRoom.js';
import { above } from './shareScore.js';
export class PackRoom {
    problem;
    days;
    volume;
    /** Packed volume above what the pack has free, all food in the pack itself; negative where there is room. */
    overL;
    /** Food that may ride in stiff containers, and the room for it in those; absent where there is no such container. */
    food;
    constructor(problem) {
        this.problem = problem;
        const { carriers, bundles, dayCount } = problem;
        this.days = dayCount;
        const cells = carriers.length * dayCount;
        this.volume = Float64Array.from(bundles.flatMap((b) => [...b.volumeL]));
        this.overL = new Float64Array(cells);
        const hasStiff = [...carriers, ...bundles].some((x) => x.stiffL.some((litres) => litres > 0));
        if (!hasStiff)
            return;
        this.food = {
            fills: Float64Array.from(bundles.flatMap((b) => [...b.fillsL])),
            stiff: Float64Array.from(bundles.flatMap((b) => [...b.stiffL])),
            fillsL: new Float64Array(cells),
            stiffL: new Float64Array(cells),
        };
    }
    /** As before anything is dealt out. */
    empty() {
        this.overL.set(this.problem.carriers.flatMap((c) => c.freeVolumeL.map((litres) => -litres)));
        this.food?.fillsL.fill(0);
        this.food?.stiffL.set(this.problem.carriers.flatMap((c) => [...c.stiffL]));
    }
    /** Volume above what a pack has free, litres; negative where there is room. */
    overVolumeL(m, d) {
        const i = m * this.days + d;
        const allL = this.overL[i];
        return this.food === undefined ? allL : roomTakenL(allL, this.food.fillsL[i], this.food.stiffL[i]);
    }
    /** Put a bundle into a pack on a day, or, with -1, take it out. */
    put(b, m, d, sign) {
        const [at, i] = [b * this.days + d, m * this.days + d];
        this.overL[i] += sign * this.volume[at];
        if (this.food === undefined)
            return;
        this.food.fillsL[i] += sign * this.food.fills[at];
        this.food.stiffL[i] += sign * this.food.stiff[at];
    }
    /** Volume above packs that a move would add on a day: bundle b from one carrier to another, `back` the other way. */
    weigh(b, from, to, back, d) {
        if (this.food === undefined) {
            const { overL, volume, days } = this;
            const litres = volume[b * days + d] - (back < 0 ? 0 : volume[back * days + d]);
            const [i, j] = [overL[from * days + d], overL[to * days + d]];
            return above(i - litres) - above(i) + above(j + litres) - above(j);
        }
        const before = above(this.overVolumeL(from, d)) + above(this.overVolumeL(to, d));
        this.swap(b, from, to, back, d);
        const after = above(this.overVolumeL(from, d)) + above(this.overVolumeL(to, d));
        this.swap(b, to, from, back, d);
        return after - before;
    }
    swap(b, from, to, back, d) {
        this.put(b, from, d, -1);
        this.put(b, to, d, 1);
        if (back < 0)
            return;
        this.put(back, to, d, -1);
        this.put(back, from, d, 1);
    }
}
//# sourceMappingURL=packRoom.js.map