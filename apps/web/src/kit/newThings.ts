/** New things and kits with nothing decided but that they are there. */
import { thingIds, UNKNOWN_FACTS } from '@graft/core/lists';
import {
  allThings,
  freshId,
  putKit,
  putPersonalThing,
  putPiece,
  removeKit,
  removeThings,
  kitOf,
  type Trip,
} from '@graft/core/trip';

function addKit(trip: Trip): Trip {
  const id = freshId(
    `kit-${trip.kits.length + 1}`,
    trip.kits.map((k) => k.id),
  );
  return addPiece(putKit(trip, { id, name: `Kit ${trip.kits.length + 1}`, pieces: [] }), id);
}

/** Where a new row goes: a kit of the group, a new kit, a member's list. */
export type NewPlace =
  | { readonly kind: 'kit'; readonly kitId: string }
  | { readonly kind: 'newKit' }
  | { readonly kind: 'member'; readonly memberId: string };

export function addAt(trip: Trip, place: NewPlace): Trip {
  if (place.kind === 'kit') return addPiece(trip, place.kitId);
  return place.kind === 'member' ? addPersonal(trip, place.memberId) : addKit(trip);
}

/** The thing that the last step has added. */
export function addedId(before: Trip, after: Trip): string {
  const there = new Set(allThings(before).map((t) => t.id));
  return allThings(after).find((t) => !there.has(t.id))!.id;
}

function addPiece(trip: Trip, kitId: string): Trip {
  return putPiece(trip, kitId, {
    ...UNKNOWN_FACTS,
    id: freshId(`${kitId}-piece`, thingIds(trip)),
    name: 'New piece',
  });
}

function addPersonal(trip: Trip, memberId: string): Trip {
  const id = freshId(`${memberId}-thing`, thingIds(trip));
  return putPersonalThing(trip, { ...UNKNOWN_FACTS, id, name: 'New thing', memberId, worn: false });
}

/** Without a thing that was not named after all, and without the kit that was made for it. */
export function withoutNew(trip: Trip, id: string): Trip {
  const kit = kitOf(trip, id);
  return kit?.pieces.length === 1 ? removeKit(trip, kit.id) : removeThings(trip, new Set([id]));
}
