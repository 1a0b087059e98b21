/**
 * What is left to do by hand when a search has ended: what stands badly changes places with what is like it, or goes into
 * another pocket, or on top.
 */
import { compareCost, energyOf, type StowCost, type StowWeights } from '../stowCost.js';
import type { Annealed, Come } from './annealed.js';
import { changePlaces } from './moves/exchange.js';
import type { Change, StowSearch } from './stowSearch.js';

/**
 * Tidy a search, at its best, as long as the whole gains.
 *
 * @returns what it then comes to
 */
export function tidy<T extends Come>(
  search: StowSearch,
  annealed: Annealed<T>,
  weights: StowWeights,
): StowCost {
  let { cost } = annealed.settle();
  const { movable, things } = search.facts;
  const troubled = movable.filter((t) => search.troubleOf(t) > 0);
  for (const t of troubled.sort((a, b) => search.troubleOf(b) - search.troubleOf(a) || a - b)) {
    const changes = [
      ...things[t]!.alike.map((u) => () => changePlaces(search, t, u)),
      ...elsewhere(search, t),
    ];
    for (const change of changes) {
      const most = energyOf(cost, weights);
      const next = annealed.trial(change, { weights, most: () => most });
      if (next === undefined || compareCost(next.cost, cost) >= 0) continue;
      annealed.commit(next);
      cost = next.cost;
    }
  }
  return cost;
}

/** Parts of a compartment's width and depth at which a thing is tried. */
const AT = [0, 0.5, 1];

/** A thing into every compartment that it may go into, turned each way, loaded last: in its own on top of all. */
function elsewhere({ facts, state }: StowSearch, t: number): readonly Change[] {
  const { allowed, turns } = facts.things[t]!;
  return allowed.flatMap((c) => {
    const { x0, y0, nx, ny, cellCm } = facts.compartments[c]!;
    return AT.flatMap((across) =>
      AT.flatMap((out) =>
        Array.from({ length: turns }, (_v, turn) => () => {
          const undoPut = state.put(t, c, x0 + across * nx * cellCm, y0 + out * ny * cellCm, turn);
          const undoOrder = state.reorder(state.placeOf(t), state.count - 1);
          return () => {
            undoOrder();
            undoPut();
          };
        }),
      ),
    );
  });
}
