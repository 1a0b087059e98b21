/** What each member's carrying a piece would do: the member's own largest ratio, and the party's. */
import { dayLoad } from '../load/memberLoad.js';
import type { Member, Trip } from '../trip/model.js';
import { allowedCarriers, allPieces, carriedPieces, carrierOf, found } from '../trip/queries.js';
import type { ShareFigures } from './shareFigures.js';

export interface CarrierEffect {
  readonly member: Member;
  /** The piece's own rule lets this member carry it. */
  readonly allowed: boolean;
  readonly carriesNow: boolean;
  /** The member's largest ratio over the days, carrying the piece. */
  readonly ratio: number;
  /** The party's largest ratio then. */
  readonly largestRatio: number;
  /** Against the party's largest ratio now. */
  readonly change: number;
}

/** @param figures of the same trip */
export function carrierEffects(trip: Trip, figures: ShareFigures, pieceId: string): readonly CarrierEffect[] {
  const piece = found(allPieces(trip), (p) => p.id === pieceId, `piece ${pieceId}`);
  const now = carrierOf(trip, pieceId);
  const allowed = new Set(allowedCarriers(trip, piece).map((m) => m.id));
  const largest = (member: Member, pieces: ReturnType<typeof carriedPieces>): number =>
    Math.max(...trip.legs.map((_leg, i) => dayLoad(trip, member, i + 1, pieces).ratio));
  const ratioNow = new Map(figures.members.map((m) => [m.member.id, m.heaviest.ratio]));
  const giver = trip.members.find((m) => m.id === now);
  const giverAfter =
    giver === undefined
      ? 0
      : largest(
          giver,
          carriedPieces(trip, giver.id).filter((p) => p.id !== pieceId),
        );
  return trip.members.map((member) => {
    const carriesNow = member.id === now;
    const ratio = carriesNow
      ? ratioNow.get(member.id)!
      : largest(member, [...carriedPieces(trip, member.id), piece]);
    const others = trip.members
      .filter((m) => m !== member)
      .map((m) => (m === giver ? giverAfter : ratioNow.get(m.id)!));
    const largestRatio = carriesNow ? figures.largestRatio : Math.max(ratio, ...others);
    return {
      member,
      allowed: allowed.has(member.id),
      carriesNow,
      ratio,
      largestRatio,
      change: largestRatio - figures.largestRatio,
    };
  });
}
