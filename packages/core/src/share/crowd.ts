/**
 * How many of the group's pieces each carrier has above a fair number: a large limit is no reason to be given everything
 * that is small.
 */
import type { ShareProblem } from './problem.js';
import { above } from './shareScore.js';

/** So much of the mean is fair, and so few are never too many (Graft's own numbers). */
const FAIR = 1.5;
const NEVER_TOO_MANY = 4;

/** The most of the group's pieces that are fair for one carrier. */
export function fairNumber({ bundles }: ShareProblem): number {
  const groups = bundles.filter((b) => !b.isOwn);
  const count = groups.reduce((sum, b) => sum + b.pieceIds.length, 0);
  const able = new Set(groups.flatMap((b) => b.allowed)).size;
  return Math.max(NEVER_TOO_MANY, Math.ceil((FAIR * count) / Math.max(1, able)));
}

export class Crowd {
  private readonly fair: number;
  /** Pieces of each bundle that count. */
  private readonly pieces: Int32Array;
  private readonly counts: Int32Array;

  constructor(problem: ShareProblem) {
    this.fair = fairNumber(problem);
    this.pieces = Int32Array.from(problem.bundles, (b) => (b.isOwn ? 0 : b.pieceIds.length));
    this.counts = new Int32Array(problem.carriers.length);
  }

  empty(): void {
    this.counts.fill(0);
  }

  /** Give a bundle to a carrier, or, with -1, take it. */
  put(b: number, m: number, sign: 1 | -1): void {
    this.counts[m]! += sign * this.pieces[b]!;
  }

  sum(): number {
    return this.counts.reduce((sum, count) => sum + above(count - this.fair), 0);
  }

  /** Pieces too many that a move would add: bundle b from one carrier to another, `back` the other way. */
  weigh(b: number, from: number, to: number, back: number): number {
    const moved = this.pieces[b]! - (back < 0 ? 0 : this.pieces[back]!);
    const [i, j] = [this.counts[from]! - this.fair, this.counts[to]! - this.fair];
    return above(i - moved) - above(i) + above(j + moved) - above(j);
  }
}
