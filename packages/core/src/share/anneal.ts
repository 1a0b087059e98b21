/**
 * Simulated annealing over shifts and swaps of bundles, one tier of the objective at a time (Kirkpatrick, Gelatt &
 * Vecchi 1983, from memory). Half of the moves relieve the carrier furthest above the tier's target.
 */
import { pickIndex, type Random } from '../units/random.js';
import type { ShareState } from './shareState.js';

/** What a tier minimises and how it recognises something better. */
export interface Tier {
  readonly iterations: number;
  /** Temperatures at the start and the end of each cycle, in units of the energy. */
  readonly hot: number;
  readonly cold: number;
  readonly cycles: number;
  /** Energy of the state as it stands. */
  readonly energy: (state: ShareState) => number;
  /** Energy after a move, from what `state.weigh` has just said. */
  readonly energyAfter: (state: ShareState, b: number, to: number, back: number) => number;
  /** Called when a walk stands somewhere new; true when it was worth keeping (the tier keeps it). */
  readonly keep: (state: ShareState) => boolean;
  readonly enough: () => boolean;
  /** Called at the start of every cycle: put the state on the incumbent. */
  readonly restart: (state: ShareState) => void;
}

/**
 * @param movable bundles that more than one carrier may have
 * @param spend called every few thousand moves with how many; progress is told there
 */
export function anneal(
  state: ShareState,
  movable: readonly number[],
  tier: Tier,
  random: Random,
  spend: (moves: number) => void,
): void {
  const { bundles } = state.problem;
  const isMovable = new Uint8Array(bundles.length);
  for (const b of movable) isMovable[b] = 1;
  const mayCarry = new Uint8Array(bundles.length * state.carrierCount);
  bundles.forEach((bundle, b) => bundle.allowed.forEach((m) => (mayCarry[b * state.carrierCount + m] = 1)));
  const perCycle = Math.max(1, Math.floor(tier.iterations / tier.cycles));
  const cooling = (tier.cold / tier.hot) ** (STEP / perCycle);
  for (let cycle = 0; cycle < tier.cycles && !tier.enough(); cycle += 1) {
    tier.restart(state);
    let energy = tier.energy(state);
    let temperature = tier.hot;
    let worst = state.worstCarrier();
    for (let i = 0; i < perCycle; i += 1) {
      if (i % STEP === 0 && i > 0) {
        temperature *= cooling;
        worst = state.worstCarrier();
        spend(STEP);
        if (tier.enough()) break;
      }
      let b = movable[pickIndex(random, movable.length)]!;
      if (worst >= 0 && random() < 0.5) {
        const list = state.held[worst]!;
        if (list.length === 0) continue;
        b = list[pickIndex(random, list.length)]!;
        if (isMovable[b] === 0) continue;
      }
      const from = state.carrierOf[b]!;
      let to: number;
      let back = -1;
      if (random() < 0.5) {
        const { allowed } = bundles[b]!;
        to = allowed[pickIndex(random, allowed.length)]!;
        if (to === from) continue;
      } else {
        back = movable[pickIndex(random, movable.length)]!;
        to = state.carrierOf[back]!;
        if (
          to === from ||
          mayCarry[b * state.carrierCount + to] === 0 ||
          mayCarry[back * state.carrierCount + from] === 0
        )
          continue;
      }
      state.weigh(b, to, back);
      const next = tier.energyAfter(state, b, to, back);
      if (next > energy && random() >= Math.exp((energy - next) / temperature)) continue;
      state.move(b, to, back);
      energy = next;
      worst = state.worstCarrier();
      if (tier.keep(state)) {
        energy = tier.energy(state);
        worst = state.worstCarrier();
        if (tier.enough()) break;
      }
    }
  }
}

/** Moves between two steps of cooling. */
const STEP = 1024;
