/**
 * Whether fewer handovers would do, by branch and bound: from where everything is now, somebody who has too much must
 * give something away, and each thing goes once at most. What must still leave each carrier bounds what is to come.
 */
import { fewestToLeave, isOneHands, isSettled } from './fewestConceivable.js';
import { FITS } from './fits.js';
import type { ShareProblem } from './problem.js';
import { ShareState } from './shareState.js';

export interface FewerHandovers {
  /** A share with no more handovers than asked for. */
  readonly found?: Int32Array;
  /** Everything was looked at: without a find there is none. */
  readonly isComplete: boolean;
}

/** So many handovers one after another are looked at: more are too many ways. */
const MOST_HANDOVERS = 12;

/**
 * @param asked from `askedProblem`
 * @param most how many handovers there may be
 * @param nodesMost how many shares on the way may be looked at
 */
export function fewerHandovers(asked: ShareProblem, most: number, nodesMost: number): FewerHandovers {
  // Where a part goes that somebody has is not looked at here.
  if (most > MOST_HANDOVERS || !asked.bundles.every(isOneHands)) return { isComplete: most < 0 };
  const search = new HandoverSearch(asked, nodesMost);
  const isFound = search.within(most);
  return isFound
    ? { found: Int32Array.from(search.state.carrierOf), isComplete: true }
    : { isComplete: !search.isCut };
}

class HandoverSearch {
  readonly state: ShareState;
  isCut = false;
  private nodes = 0;
  /** What was moved, or is looked at as staying. */
  private readonly isFixed: Uint8Array;
  /** What must go because it may not stay where it is, the heaviest first. */
  private readonly homeless: readonly number[];
  /** How many things must leave each carrier. */
  private readonly need: Int32Array;
  private readonly heaviestKg: readonly number[];
  private readonly toLeave: ReturnType<typeof fewestToLeave>;

  constructor(
    private readonly asked: ShareProblem,
    private readonly nodesMost: number,
  ) {
    this.state = new ShareState(
      asked,
      asked.bundles.map((b) => b.carriedBy[0]!),
    );
    this.heaviestKg = asked.bundles.map((b) => Math.max(...b.massKg));
    this.isFixed = Uint8Array.from(asked.bundles, (b) => (isSettled(b) && b.allowed.length === 1 ? 1 : 0));
    this.homeless = this.heaviestFirst(asked.bundles.flatMap((b, i) => (isSettled(b) ? [] : [i])));
    this.toLeave = fewestToLeave(asked);
    this.need = Int32Array.from(asked.carriers, (_c, m) => this.needOf(m));
  }

  /** Whether so many more handovers are enough; what was found stays in the state. Goes no deeper than there are. */
  within(left: number): boolean {
    this.nodes += 1;
    if (this.nodes > this.nodesMost) {
      this.isCut = true;
      return false;
    }
    const waiting = this.homeless.filter((b) => this.isFixed[b] === 0);
    if (waiting.length + this.need.reduce((a, b) => a + b, 0) > left) return false;
    if (waiting.length > 0) return this.moves(waiting[0]!, left);
    const options = this.mustMove();
    if (options === undefined) return true;
    if (left === 0) return false;
    const tried: number[] = [];
    let isFound = false;
    for (const b of options) {
      if (this.isCut || (isFound = this.moves(b, left))) break;
      // From here on it stays: shares with it moved were looked at.
      this.isFixed[b] = 1;
      tried.push(b);
      const from = this.state.carrierOf[b]!;
      this.need[from] = this.needOf(from);
      if (this.need[from] > left) break;
    }
    for (const b of tried) {
      this.isFixed[b] = 0;
      const from = this.state.carrierOf[b]!;
      this.need[from] = this.needOf(from);
    }
    return isFound;
  }

  /** Whether it will do with a thing given to any other. */
  private moves(b: number, left: number): boolean {
    const { state, isFixed, need } = this;
    const from = state.carrierOf[b]!;
    isFixed[b] = 1;
    for (const to of this.asked.bundles[b]!.allowed) {
      if (to === from) continue;
      const [needFrom, needTo] = [need[from]!, need[to]!];
      state.weigh(b, to, -1);
      state.move(b, to, -1);
      need[from] = this.needOf(from);
      need[to] = this.needOf(to);
      if (this.within(left - 1)) return true;
      state.weigh(b, from, -1);
      state.move(b, from, -1);
      need[from] = needFrom;
      need[to] = needTo;
      if (this.isCut) break;
    }
    isFixed[b] = 0;
    return false;
  }

  /** Things of which one must move, the heaviest first; undefined when everything keeps to what is asked. */
  private mustMove(): readonly number[] | undefined {
    const { state, need, isFixed } = this;
    let most = 0;
    for (let m = 1; m < need.length; m += 1) if (need[m]! > need[most]!) most = m;
    if (need[most]! > 0) return this.heaviestFirst(state.held[most]!.filter((b) => isFixed[b] === 0));
    if (state.apart > 0) {
      const broken = this.asked.apart.find((rule) => {
        const carriers = rule.map((b) => state.carrierOf[b]!);
        return new Set(carriers).size < carriers.length;
      })!;
      const together = broken.filter((b) =>
        broken.some((o) => o !== b && state.carrierOf[o] === state.carrierOf[b]),
      );
      return together.filter((b) => isFixed[b] === 0);
    }
    if (state.over <= FITS) return undefined;
    // A container that comes would make room too: not looked at here.
    this.isCut = true;
    return [];
  }

  private heaviestFirst(list: readonly number[]): readonly number[] {
    return [...list].sort((a, b) => this.heaviestKg[b]! - this.heaviestKg[a]!);
  }

  private needOf(m: number): number {
    // What waits for somebody to take it goes in any case.
    const held = this.state.held[m]!;
    const kept = held.filter((b) => this.isFixed[b] === 1);
    const free = held.filter((b) => this.isFixed[b] === 0 && !this.homeless.includes(b));
    return this.toLeave(m, free, kept);
  }
}
