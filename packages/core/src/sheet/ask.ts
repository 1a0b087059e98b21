/** What members are asked before the trip, with what such a trip usually takes. */
import { usualOwn } from '../lists/usualOwn.js';
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

/** @returns undefined once the party has left */
export function sheetAsk(trip: Trip, member: Member): SheetAsk | undefined {
  if (trip.departure !== undefined) return undefined;
  return {
    packsL: PACK_SIZES.map((s) => s.nominalL),
    own: usualOwn(trip, member).map(({ entry: { id, name, thing } }) => ({ id, name, kg: thing.massKg })),
    others: trip.members.filter((m) => m.id !== member.id).map(({ id, name }) => ({ id, name })),
    isMinor: isUnder18(member),
  };
}
