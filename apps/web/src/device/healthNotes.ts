/** Health notes leave the server only for the page; on the device they stay when the leader says so. */
import type { Trip } from '@graft/core/trip';

/**
 * A trip without the health notes that are the same before and after: what was typed and not sent yet is not lost.
 *
 * @param of before, after, or a state between them
 */
export function withoutHealthNotes(of: Trip, before: Trip, after: Trip): Trip {
  const noted = (trip: Trip) => new Map(trip.members.map((m) => [m.id, m.healthNotes]));
  const [was, is] = [noted(before), noted(after)];
  if (of.members.every((m) => m.healthNotes === undefined)) return of;
  return {
    ...of,
    members: of.members.map((member) => {
      if (was.get(member.id) !== is.get(member.id)) return member;
      const { healthNotes: _private, ...rest } = member;
      return rest;
    }),
  };
}
