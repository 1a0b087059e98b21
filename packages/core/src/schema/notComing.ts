/** Who is in the list of members and does not come: taken out of the plan with what is theirs, and put in again. */
import { removeMember } from '../trip/changes.js';
import type { Trip } from '../trip/model.js';
import { bringBack } from './takenAway.js';

/**
 * Somebody does not come: their pieces are without a carrier, and they stay in the list with what is their own.
 *
 * @throws Error for a member who is not in the trip
 */
export function stayHome(trip: Trip, memberId: string): Trip {
  const place = trip.members.findIndex((m) => m.id === memberId);
  const member = trip.members[place];
  if (member === undefined) throw new Error(`no member "${memberId}" in this trip`);
  const pack = trip.packs.find((p) => p.id === member.packId);
  const entry = {
    member,
    place,
    ...(pack === undefined ? {} : { pack }),
    things: trip.personalThings.filter((t) => t.memberId === memberId && t.madeBy === undefined),
    contacts: trip.contacts.filter((c) => c.memberId === memberId),
  };
  return { ...removeMember(trip, memberId), notComing: [...(trip.notComing ?? []), entry] };
}

/** Somebody comes after all, as they were, as far as the trip of now has a place for them. */
export function comeAfterAll(trip: Trip, memberId: string): Trip {
  const entry = trip.notComing?.find((n) => n.member.id === memberId);
  if (entry === undefined) return trip;
  const { member, place, pack, things, contacts } = entry;
  return bringBack(trip, {
    what: member.name,
    items: {
      members: [member],
      ...(pack === undefined ? {} : { packs: [pack] }),
      personalThings: things,
      contacts,
    },
    places: { members: [place] },
    carriers: [],
  });
}

/** Take somebody who does not come out of the list. */
export function forgetNotComing(trip: Trip, memberId: string): Trip {
  const { notComing = [], ...rest } = trip;
  const left = notComing.filter((n) => n.member.id !== memberId);
  return left.length === 0 ? rest : { ...rest, notComing: left };
}
