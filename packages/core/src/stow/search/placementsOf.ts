/** A state of a search, as it was looked at last, as placements. */
import type { Placement } from '../../trip/model.js';
import { sideIn } from '../defaultSpot.js';
import type { SearchFacts } from './searchFacts.js';
import { roundCm, type StowState } from './stowState.js';
import type { ThingStands } from './thingStands.js';

/** In loading order, nested things after their holders. */
export function placementsOf(
  { things, compartments, problem }: SearchFacts,
  state: StowState,
  stands: ThingStands,
): readonly Placement[] {
  return Array.from({ length: state.count }, (_v, k) => state.thingAt(k)).flatMap((t) => {
    const c = compartments[state.compartmentOf(t)]!;
    const zone = c.zone ?? problem.pack.zones[stands.zones[t]!]!;
    const rest = stands.rests[t];
    const spot = {
      xCm: roundCm(rest?.xCm ?? state.xOf(t)),
      yCm: roundCm(rest?.yCm ?? state.yOf(t)),
      turn: rest?.turn ?? state.turnOf(t),
    };
    return [t, ...things[t]!.riders].map((i) => ({
      thingId: things[i]!.thing.id,
      zoneId: zone.id,
      side: sideIn(c, spot.xCm),
      spot,
      pinned: things[i]!.isPinned,
    }));
  });
}
