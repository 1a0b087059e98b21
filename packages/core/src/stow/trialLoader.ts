/**
 * A compartment loaded again and again with small changes: what was kept last stays loaded beside what is being tried,
 * so that a trial only loads anew from the first thing that is not where it was.
 */
import type { ColumnLoader } from './columnLoader.js';

/** A thing as it was put: its index, its turn and its middle, cm. */
export interface Put {
  readonly t: number;
  readonly turn: number;
  readonly x: number;
  readonly y: number;
}

interface Held {
  readonly loader: ColumnLoader;
  readonly list: Put[];
}

export class TrialLoader {
  private kept: Held;
  private tried: Held;

  constructor(
    /** Another loader of the compartment, with nothing in it. */
    readonly fresh: () => ColumnLoader,
  ) {
    this.kept = { loader: fresh(), list: [] };
    this.tried = { loader: fresh(), list: [] };
  }

  /** The loader that holds what was tried last. */
  get loader(): ColumnLoader {
    return this.tried.loader;
  }

  /** What was tried last, in loading order. */
  get list(): Put[] {
    return this.tried.list;
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
    const { kept, tried } = this;
    let same = sameStart(tried.list, list);
    const asKept = sameStart(kept.list, list);
    if (asKept > same) {
      tried.loader.copyFrom(kept.loader);
      tried.list.length = 0;
      for (let i = 0; i < asKept; i += 1) tried.list.push(kept.list[i]!);
      same = asKept;
    }
    tried.loader.rewind(same);
    tried.list.length = same;
    for (let i = same; i < list.length; i += 1) {
      if (isEnough?.() === true) return false;
      load(tried.loader, list[i]!);
      tried.list.push(list[i]!);
    }
    return isEnough?.() !== true;
  }

  /** What was tried last is what later trials will mostly begin with. */
  keep(): void {
    [this.kept, this.tried] = [this.tried, this.kept];
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
