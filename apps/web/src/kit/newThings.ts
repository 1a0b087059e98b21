/** New things and kits with nothing decided but that they are there. */
import { thingIds, UNKNOWN_FACTS } from '@graft/core/lists';
import { freshId, putKit, putPersonalThing, putPiece, type Trip } from '@graft/core/trip';

export function addKit(trip: Trip): Trip {
  const id = freshId(
    `kit-${trip.kits.length + 1}`,
    trip.kits.map((k) => k.id),
  );
  return addPiece(putKit(trip, { id, name: `Kit ${trip.kits.length + 1}`, pieces: [] }), id);
}

export function addPiece(trip: Trip, kitId: string): Trip {
  return putPiece(trip, kitId, {
    ...UNKNOWN_FACTS,
    id: freshId(`${kitId}-piece`, thingIds(trip)),
    name: 'New piece',
  });
}

export function addPersonal(trip: Trip, memberId: string): Trip {
  const id = freshId(`${memberId}-thing`, thingIds(trip));
  return putPersonalThing(trip, { ...UNKNOWN_FACTS, id, name: 'New thing', memberId, worn: false });
}
