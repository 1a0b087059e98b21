import { pickIndex } from '../../../units/random.js';
import { HELPFUL } from '../tuning.js';
import type { Undo } from '../stowState.js';
import type { StowSearch } from '../stowSearch.js';
import type { Move } from './move.js';

/** A thing and any other change places. */
export const exchange: Move = ({ search, random }, t) => {
  const { things, movable } = search.facts;
  const u = movable[pickIndex(random, movable.length)]!;
  // Out of the band, dense things only change for light ones on the side where that helps.
  if (search.tooHigh !== 0 && random() < HELPFUL.exchange) {
    const isDenser = things[t]!.densityKgPerL > things[u]!.densityKgPerL;
    const [denser, other] = isDenser ? [t, u] : [u, t];
    if (search.heightOf(denser) < search.heightOf(other) !== search.tooHigh < 0) return undefined;
  }
  return changePlaces(search, t, u);
};

/** A thing and one of about its size: little else has to move for it. */
export const exchangeAlike: Move = ({ search, random }, t) => {
  const alike = search.facts.things[t]!.alike;
  return alike.length === 0 ? undefined : changePlaces(search, t, alike[pickIndex(random, alike.length)]!);
};

/** Two things change compartment, middle and turn in the order; undefined where one may not go. */
export function changePlaces({ state, facts }: StowSearch, t: number, u: number): Undo | undefined {
  const [ofT, ofU] = [state.compartmentOf(t), state.compartmentOf(u)];
  if (u === t || !facts.things[t]!.allowed.includes(ofU) || !facts.things[u]!.allowed.includes(ofT))
    return undefined;
  const [x, y] = [state.xOf(t), state.yOf(t)];
  const undoT = state.put(t, ofU, state.xOf(u), state.yOf(u), state.turnOf(t));
  const undoU = state.put(u, ofT, x, y, state.turnOf(u));
  const undoOrder = state.swapInOrder(t, u);
  return () => {
    undoOrder();
    undoU();
    undoT();
  };
}
