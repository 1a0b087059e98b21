/** What members are asked before the trip, with what such a trip usually takes. */
import { EACH, applies, isOldEnough } from '../lists/templateLines.js';
import { tripFacts } from '../lists/tripFacts.js';
import { STARTER_LIBRARY } from '../library/starterLibrary.js';
import { isUnder18 } from '../trip/age.js';
import type { Member, Trip } from '../trip/model.js';
import { PACK_SIZES } from '../trip/packCatalogue.js';

/** What a member is asked, with what such a trip usually takes; a part of their sheet until the party leaves. */
export interface SheetAsk {
  /** Sizes of packs to choose from, L. */
  readonly packsL: readonly number[];
  readonly own: readonly { readonly id: string; readonly name: string; readonly kg: number }[];
  readonly others: readonly { readonly id: string; readonly name: string }[];
  /** A guardian fills it in. */
  readonly isMinor: boolean;
}

const starters = new Map(STARTER_LIBRARY.flatMap((e) => (e.kind === 'thing' ? [[e.id, e] as const] : [])));

/** @returns undefined once the party has left */
export function sheetAsk(trip: Trip, member: Member): SheetAsk | undefined {
  if (trip.departure !== undefined) return undefined;
  const facts = tripFacts(trip);
  return {
    packsL: PACK_SIZES.map((s) => s.nominalL),
    own: EACH.filter((line) => applies(line, facts, trip) && isOldEnough(line, member)).flatMap((line) => {
      const entry = starters.get(line.starterId);
      return entry === undefined || entry.worn
        ? []
        : [{ id: entry.id, name: entry.name, kg: entry.thing.massKg }];
    }),
    others: trip.members.filter((m) => m.id !== member.id).map(({ id, name }) => ({ id, name })),
    isMinor: isUnder18(member),
  };
}
