import { above } from './shareScore.js';
/** So much of the mean is fair, and so few are never too many (Graft's own numbers). */
const FAIR = 1.5;
const NEVER_TOO_MANY = 4;
/** The most of the group's pieces that are fair for one carrier. */
export function fairNumber({ bundles }) {
    const groups = bundles.filter((b) => !b.isOwn);
    const count = groups.reduce((sum, b) => sum + b.pieceIds.length, 0);
    const able = new Set(groups.flatMap((b) => b.allowed)).size;
    return Math.max(NEVER_TOO_MANY, Math.ceil((FAIR * count) / Math.max(1, able)));
}
export class Crowd {
    fair;
    /** Pieces of each bundle that count. */
    pieces;
    counts;
    constructor(problem) {
        this.fair = fairNumber(problem);
        this.pieces = Int32Array.from(problem.bundles, (b) => (b.isOwn ? 0 : b.pieceIds.length));
        this.counts = new Int32Array(problem.carriers.length);
    }
    empty() {
        this.counts.fill(0);
    }
    /** Give a bundle to a carrier, or, with -1, take it. */
    put(b, m, sign) {
        this.counts[m] += sign * this.pieces[b];
    }
    sum() {
        return this.counts.reduce((sum, count) => sum + above(count - this.fair), 0);
    }
    /** Pieces too many that a move would add: bundle b from one carrier to another, `back` the other way. */
    weigh(b, from, to, back) {
        const moved = this.pieces[b] - (back < 0 ? 0 : this.pieces[back]);
        const [i, j] = [this.counts[from] - this.fair, this.counts[to] - this.fair];
        return above(i - moved) - above(i) + above(j + moved) - above(j);
    }
}
//# sourceMappingURL=crowd.js.map