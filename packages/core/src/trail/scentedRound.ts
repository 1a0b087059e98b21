/** The evening's round: who has what that smells, and where in the pack; and whether what keeps it from animals is large enough. */
import { nameAlone } from '../trip/queries.js';
import { scentedNights, type ScentedNight } from '../larder/scented.js';
import { placeOf } from '../stow/placeOf.js';
import type { Member, Trip } from '../trip/model.js';

export interface ScentedRound {
  readonly night: ScentedNight;
  readonly members: readonly {
    readonly member: Member;
    readonly things: readonly { readonly id: string; readonly name: string; readonly place: string }[];
  }[];
  /** Scented pieces that nobody carries. */
  readonly unshared: readonly string[];
}

/** @returns undefined for the last day, whose night is at home */
export function scentedRound(trip: Trip, day: number): ScentedRound | undefined {
  const night = scentedNights(trip)[day - 1];
  if (night === undefined) return undefined;
  return {
    night,
    members: trip.members
      .map((member) => ({
        member,
        things: night.things
          .filter((t) => t.memberId === member.id)
          .map(({ thing }) => ({
            id: thing.id,
            name: nameAlone(trip, thing),
            place: placeOf(trip, member, thing),
          })),
      }))
      .filter((m) => m.things.length > 0),
    unshared: night.things.filter((t) => t.memberId === undefined).map((t) => nameAlone(trip, t.thing)),
  };
}
