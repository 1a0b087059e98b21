/**
 * A compartment loaded again and again with small changes: what was kept last stays loaded beside what is being tried,
 * so that a trial only loads anew from the first thing that is not where it was.
 */
import type { ColumnLoader, Stage } from './columnLoader.js';

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
  list: Put[] = [];
  private kept: Put[] = [];
  /** By how many things are loaded: the stages of what was kept, and those that a trial may write over. */
  private readonly keptStages: Stage[];
  private readonly spareStages: Stage[];

  constructor(
    /** Another loader of the compartment, with nothing in it. */
    readonly fresh: () => ColumnLoader,
  ) {
    this.loader = fresh();
    const [empty] = this.loader.stages;
    this.keptStages = [empty!];
    this.spareStages = [empty!];
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
    const { loader, keptStages, spareStages } = this;
    const { stages } = loader;
    let same = sameStart(this.list, list);
    const asKept = sameStart(this.kept, list);
    if (asKept > same) {
      same = asKept;
      for (let i = 1; i <= same; i += 1) stages[i] = keptStages[i]!;
      this.list.length = 0;
      for (let i = 0; i < same; i += 1) this.list.push(this.kept[i]!);
    }
    for (let i = same + 1; i <= list.length; i += 1) stages[i] = spareStages[i] ??= loader.newStage();
    loader.loaded = same;
    loader.rewind(same);
    this.list.length = same;
    for (let i = same; i < list.length; i += 1) {
      if (isEnough?.() === true) return false;
      load(loader, list[i]!);
      this.list.push(list[i]!);
    }
    return isEnough?.() !== true;
  }

  /** What was tried last is what later trials will mostly begin with. */
  keep(): void {
    const { keptStages, spareStages } = this;
    const { stages, loaded } = this.loader;
    for (let i = 1; i <= loaded; i += 1) {
      if (stages[i] !== spareStages[i]) continue;
      spareStages[i] = keptStages[i] ?? this.loader.newStage();
      keptStages[i] = stages[i]!;
    }
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
