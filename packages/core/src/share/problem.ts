/**
 * The sharing problem as plain numbers: carriers with limits and free volume by day, bundles of pieces with mass and
 * volume by day, who may carry each, and which must ride apart.
 */
import { baseLoad, legOfDay } from '../load/memberLoad.js';
import { massOnDayKg, packedVolumeOnDayL } from '../load/thingOnDay.js';
import type { Piece, Trip } from '../trip/model.js';
import { kitParts } from '../trip/kitParts.js';
import { allPieces, allowedCarriers, isTentPart, packOf, packVolumeL } from '../trip/queries.js';

export interface Carrier {
  readonly memberId: string;
  readonly name: string;
  /** Carry limit by day, kg. */
  readonly limitKg: readonly number[];
  /** Load before any group piece by day, kg. */
  readonly baseKg: readonly number[];
  /** Pack volume left for group pieces by day, litres; negative when personal things alone overfill it. */
  readonly freeVolumeL: readonly number[];
}

/** Pieces that must ride with one carrier; mostly a single piece. */
export interface Bundle {
  readonly pieceIds: readonly string[];
  readonly name: string;
  readonly massKg: readonly number[];
  readonly volumeL: readonly number[];
  /** Indexes of carriers, ascending. */
  readonly allowed: readonly number[];
  /** Pieces of the bundle that the leader locked; any of them holds the whole bundle. */
  readonly lockedPieceIds: readonly string[];
}

export interface ShareProblem {
  readonly dayCount: number;
  readonly carriers: readonly Carrier[];
  readonly bundles: readonly Bundle[];
  /** Lists of bundle indexes of which no two may share a carrier. */
  readonly apart: readonly (readonly number[])[];
  /** Rules that contradict each other; a problem with any has no share. */
  readonly contradictions: readonly string[];
}

/** Build the sharing problem of a trip. Locked pieces stay with their carrier, whatever other rules say. */
export function shareProblem(trip: Trip): ShareProblem {
  const days = trip.legs.map((_leg, i) => i + 1);
  const carriers = trip.members.map((member): Carrier => {
    const packL = packVolumeL(packOf(trip, member));
    const loads = days.map((day) => baseLoad(trip, member, day));
    return {
      memberId: member.id,
      name: member.name,
      limitKg: loads.map((l) => l.limitKg),
      baseKg: loads.map((l) => l.packKg + l.personalKg + l.waterKg),
      freeVolumeL: loads.map((l) => packL - l.volumeL),
    };
  });
  const contradictions: string[] = [];
  const bundles = bundlePieces(trip).map((pieces) => makeBundle(trip, pieces, carriers, contradictions));
  const bundleOf = new Map(bundles.flatMap((b, i) => b.pieceIds.map((id) => [id, i] as const)));
  const apart = trip.carrierRules
    .filter((rule) => rule.kind === 'different')
    .map((rule) => {
      const indexes = rule.pieceIds.flatMap((id) => bundleOf.get(id) ?? []);
      const distinct = [...new Set(indexes)];
      if (distinct.length < indexes.length) {
        contradictions.push(`"${rule.reason}" keeps pieces apart that another rule keeps together`);
      }
      const carriersAllowed = new Set(distinct.flatMap((i) => bundles[i]!.allowed));
      if (distinct.length > carriersAllowed.size) {
        contradictions.push(
          `"${rule.reason}" asks for ${distinct.length} different carriers, ${carriersAllowed.size} may carry these pieces`,
        );
      }
      const lockedAt = distinct
        .filter((i) => bundles[i]!.lockedPieceIds.length > 0)
        .map((i) => bundles[i]!.allowed[0]);
      if (new Set(lockedAt).size < lockedAt.length) {
        contradictions.push(`"${rule.reason}" keeps pieces apart that are locked to one member`);
      }
      return distinct;
    });
  return { dayCount: days.length, carriers, bundles, apart, contradictions };
}

/** Merge pieces that rules keep with one carrier; a whole tent by house rule, and a kit's own splitting, among them. */
function bundlePieces(trip: Trip): readonly (readonly Piece[])[] {
  const pieces = allPieces(trip);
  const root = new Map(pieces.map((p) => [p.id, p.id]));
  const find = (id: string): string => {
    const parent = root.get(id)!;
    return parent === id ? id : find(parent);
  };
  const join = ([first, ...rest]: readonly string[]): void => {
    for (const id of rest) root.set(find(id), find(first!));
  };
  for (const rule of trip.carrierRules) if (rule.kind === 'same') join(rule.pieceIds);
  if (trip.houseRules.tentSplit === 'whole') {
    for (const kit of trip.kits) join(kit.pieces.filter((p) => isTentPart(p)).map((p) => p.id));
  }
  for (const kit of trip.kits) for (const part of kitParts(kit)) join(part.map((p) => p.id));
  const groups = new Map<string, Piece[]>();
  for (const piece of pieces) {
    const key = find(piece.id);
    groups.set(key, [...(groups.get(key) ?? []), piece]);
  }
  return [...groups.values()];
}

function makeBundle(
  trip: Trip,
  pieces: readonly Piece[],
  carriers: readonly Carrier[],
  contradictions: string[],
): Bundle {
  const name = pieces.map((p) => p.name).join(' + ');
  const locks = trip.share.filter((a) => a.locked && pieces.some((p) => p.id === a.pieceId));
  const lockedTo = new Set(locks.map((a) => a.memberId));
  if (lockedTo.size > 1)
    contradictions.push(`${name}: kept with one carrier by a rule, but locked to several members`);
  const mayCarry = pieces.map((p) => new Set(allowedCarriers(trip, p).map((m) => m.id)));
  const allowed = carriers.flatMap((carrier, i) => {
    const may =
      lockedTo.size > 0 ? lockedTo.has(carrier.memberId) : mayCarry.every((ids) => ids.has(carrier.memberId));
    return may ? [i] : [];
  });
  if (allowed.length === 0) contradictions.push(`${name}: no member may carry it`);
  const perDay = (of: (piece: Piece, day: number) => number): readonly number[] =>
    trip.legs.map((_leg, i) => pieces.reduce((sum, p) => sum + of(p, i + 1), 0));
  return {
    pieceIds: pieces.map((p) => p.id),
    name,
    massKg: perDay((p, day) => massOnDayKg(p, day, legOfDay(trip, day))),
    volumeL: perDay(packedVolumeOnDayL),
    allowed,
    lockedPieceIds: locks.map((a) => a.pieceId),
  };
}
