/** Moving a thing to another list: from one member to another, into a kit, or out of one. */
import { putKit, removePieces } from '../trip/changes.js';
import type { PersonalThing, Piece, Trip } from '../trip/model.js';
import { kitOf } from '../trip/queries.js';

export type ListTarget =
  | { readonly kind: 'member'; readonly memberId: string }
  | { readonly kind: 'kit'; readonly kitId: string };

/** @returns the same trip when the thing is there already, or when thing or target is not of this trip */
export function moveThing(trip: Trip, thingId: string, target: ListTarget): Trip {
  const kit = kitOf(trip, thingId);
  const piece = kit?.pieces.find((p) => p.id === thingId);
  const own = trip.personalThings.find((t) => t.id === thingId);
  if (target.kind === 'member') {
    if (!trip.members.some((m) => m.id === target.memberId)) return trip;
    if (own !== undefined) {
      if (own.memberId === target.memberId) return trip;
      return withoutStow(
        {
          ...trip,
          personalThings: trip.personalThings.map((t) =>
            t === own ? { ...t, memberId: target.memberId } : t,
          ),
        },
        thingId,
      );
    }
    if (piece === undefined) return trip;
    const { onlyGroupId: _group, onlyMemberIds: _members, together: _together, ...thing } = piece;
    // As a piece it leaves share, stows and rules; what nests in it or is arranged about it stays with it.
    const { arrangements } = trip;
    const bare = removePieces(trip, new Set([thingId]));
    const personal: PersonalThing = { ...thing, memberId: target.memberId, worn: false };
    return { ...bare, arrangements, personalThings: [...bare.personalThings, personal] };
  }
  const to = trip.kits.find((k) => k.id === target.kitId);
  if (to === undefined || to === kit) return trip;
  if (piece !== undefined && kit !== undefined) {
    const left = putKit(trip, { ...kit, pieces: kit.pieces.filter((p) => p !== piece) });
    return putKit(left, { ...to, pieces: [...to.pieces, piece] });
  }
  if (own === undefined) return trip;
  const { memberId: _member, worn: _worn, want: _want, ...thing } = own;
  const asPiece: Piece = thing;
  return withoutStow(
    {
      ...putKit(trip, { ...to, pieces: [...to.pieces, asPiece] }),
      personalThings: trip.personalThings.filter((t) => t !== own),
    },
    thingId,
  );
}

function withoutStow(trip: Trip, thingId: string): Trip {
  return {
    ...trip,
    stows: trip.stows.map((stow) =>
      stow.placements.some((p) => p.thingId === thingId)
        ? { ...stow, placements: stow.placements.filter((p) => p.thingId !== thingId) }
        : stow,
    ),
  };
}
