/**
 * A compartment that is loaded again and again with small changes. What was kept last stays loaded beside what is
 * tried. A trial therefore loads only from the first thing on that is not where it was.
 */
import type { ColumnLoader } from './columnLoader.js';

/** A thing as it was put: its index, its turn and its middle, cm. */
export interface Put {
  readonly t: number;
  readonly turn: number;
  readonly x: number;
  readonly y: number;
}

export class TrialLoader {
  readonly loader: ColumnLoader;
  /** What was tried last, and what was kept, in loading order. */
  private readonly list: Put[] = [];
  private kept: readonly Put[] = [];

  constructor(
    /** Another loader of the compartment, with nothing in it. */
    readonly fresh: () => ColumnLoader,
  ) {
    this.loader = fresh();
  }

  /**
   * Load a list.
   *
   * @param load puts one thing of it into a loader
   * @param isEnough asked after each thing; when it says so the rest is left
   * @returns whether all is loaded
   */
  try(
    list: readonly Put[],
    load: (loader: ColumnLoader, put: Put) => void,
    isEnough?: () => boolean,
  ): boolean {
    const { loader } = this;
    const same = sameStart(this.list, list);
    const asKept = sameStart(this.kept, list);
    if (asKept > same) {
      loader.goBackToKept(asKept);
      this.list.length = 0;
      for (let i = 0; i < asKept; i += 1) this.list.push(this.kept[i]!);
    } else {
      loader.rewind(same);
      this.list.length = same;
    }
    for (let i = this.list.length; i < list.length; i += 1) {
      if (isEnough?.() === true) return false;
      load(loader, list[i]!);
      this.list.push(list[i]!);
    }
    return isEnough?.() !== true;
  }

  /** The i-th thing of what was tried last lies where it would have been put like this. */
  isAt(i: number, put: Put): void {
    this.list[i] = put;
  }

  /** What was tried last is what later trials will mostly begin with. */
  keep(): void {
    this.loader.keep();
    this.kept = [...this.list];
  }
}

function sameStart(a: readonly Put[], b: readonly Put[]): number {
  const most = Math.min(a.length, b.length);
  for (let i = 0; i < most; i += 1) {
    const [p, q] = [a[i]!, b[i]!];
    if (p.t !== q.t || p.turn !== q.turn || p.x !== q.x || p.y !== q.y) return i;
  }
  return most;
}
