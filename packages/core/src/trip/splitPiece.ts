/**
 * A piece taken apart and put together again: 12 kg of food into four, a rope of 60 m into two. What is shared, handed over
 * and ruled stays with every part; masses and volumes add up on every day.
 */
import { freshId, putPiece, removePieces } from './changes.js';
import type { Consumption, Kit, Piece, Shape, Trip } from './model.js';
import { allPieces, allThings, kitOf } from './queries.js';

/** Into equal parts, or each part eaten on days of its own. */
export const SPLIT_WAYS = ['equal', 'days'] as const;
export type SplitWay = (typeof SPLIT_WAYS)[number];
export const MOST_PARTS = 12;

/** Why a piece cannot be split; undefined where it can. */
export function whyNotSplit(piece: Piece): string | undefined {
  if (piece.madeBy === 'larder') return 'The larder makes it: choose parcels by day or by meal there.';
  if (piece.partOf !== undefined) return 'It is a part already: join the parts first.';
  return undefined;
}

/** How many parts a piece may have that are eaten on days of their own; 1 where it is not eaten over days. */
export function dayParts({ consumption }: Piece): number {
  return consumption === undefined ? 1 : Math.min(MOST_PARTS, daysIn(consumption));
}

/**
 * @param parts 2 to `MOST_PARTS`; by days at most as many as it is eaten on
 * @throws RangeError for another number, or a piece that cannot be split
 */
export function splitPiece(trip: Trip, pieceId: string, parts: number, way: SplitWay): Trip {
  const kit = kitOf(trip, pieceId);
  const piece = kit?.pieces.find((p) => p.id === pieceId);
  if (kit === undefined || piece === undefined) return trip;
  const refusal = whyNotSplit(piece);
  if (refusal !== undefined) throw new RangeError(refusal);
  const most = way === 'days' ? dayParts(piece) : MOST_PARTS;
  if (!Number.isInteger(parts) || parts < 2 || parts > most)
    throw new RangeError(`expected 2 to ${most} parts, got ${parts}`);
  const taken = new Set(allThings(trip).map((t) => t.id));
  const made = Array.from({ length: parts }, (_v, i): Piece => {
    // The first keeps the id, and with it its place in the pack.
    const id = i === 0 ? piece.id : freshId(`${piece.id.slice(0, 44)}-part-${i + 1}`, taken);
    taken.add(id);
    return { ...partOf(piece, parts, i, way), id };
  });
  const kits = trip.kits.map((k): Kit =>
    k === kit ? { ...k, pieces: k.pieces.flatMap((p) => (p === piece ? made : [p])) } : k,
  );
  const more = made.slice(1).map((p) => p.id);
  const share = trip.share.flatMap((a) =>
    a.pieceId === pieceId ? [a, ...more.map((id) => ({ ...a, pieceId: id }))] : [a],
  );
  const handoverIds = new Set(trip.handovers.map((h) => h.id));
  const handovers = trip.handovers.flatMap((h) =>
    h.pieceId !== pieceId
      ? [h]
      : [
          h,
          ...more.map((id) => {
            const own = freshId(`handover-${id}`.slice(0, 56), handoverIds);
            handoverIds.add(own);
            return { ...h, id: own, pieceId: id };
          }),
        ],
  );
  const carrierRules = trip.carrierRules.map((rule) =>
    rule.kind === 'same' && rule.pieceIds.includes(pieceId)
      ? { ...rule, pieceIds: [...rule.pieceIds, ...more] }
      : rule,
  );
  return { ...trip, kits, share, handovers, carrierRules };
}

function partOf(piece: Piece, parts: number, i: number, way: SplitWay): Piece {
  const { consumption, waterCapacityL, foodCapacityL, ...rest } = piece;
  const use = consumption !== undefined && way === 'days' ? daysOfPart(consumption, parts, i) : consumption;
  // Whole days are not always as many for each part: then it holds as much more as it has days.
  const by = way === 'days' && use !== undefined ? daysIn(use) / daysIn(consumption!) : 1 / parts;
  const spread = (value: number | undefined, key: string) =>
    value === undefined ? {} : { [key]: value * by };
  return {
    ...rest,
    name: `${piece.name.slice(0, 108)} (${i + 1} of ${parts})`,
    massKg: piece.massKg * by,
    volumeL: piece.volumeL * by,
    shape: scaledShape(piece.shape, by),
    ...spread(waterCapacityL, 'waterCapacityL'),
    ...spread(foodCapacityL, 'foodCapacityL'),
    ...(use === undefined ? {} : { consumption: { ...use, residueKg: consumption!.residueKg * by } }),
    partOf: piece.id,
  };
}

const daysIn = ({ fromDay, toDay }: Consumption): number => toDay - fromDay + 1;

/** Whole days each, as even as they go, the first ones eaten first. */
function daysOfPart(use: Consumption, parts: number, i: number): Consumption {
  const days = daysIn(use);
  const from = use.fromDay + Math.floor((i * days) / parts);
  const to = use.fromDay + Math.floor(((i + 1) * days) / parts) - 1;
  return { ...use, fromDay: from, toDay: to };
}

/** A stiff thing is as much shorter along its longest side as it holds less. */
function scaledShape(shape: Shape, by: number): Shape {
  switch (shape.kind) {
    case 'stuff':
      return { ...shape, looseVolumeL: shape.looseVolumeL * by };
    case 'pouch':
      return shape;
    case 'cylinder':
    case 'roll':
    case 'long':
      return { ...shape, lengthCm: shape.lengthCm * by };
    case 'block':
    case 'flat': {
      const longest = (['lengthCm', 'widthCm', 'heightCm'] as const).reduce((a, b) =>
        shape[b] > shape[a] ? b : a,
      );
      return { ...shape, [longest]: shape[longest] * by };
    }
  }
}

/** The parts of one piece, in kit order; none for a piece that was not split. */
export function partsOf(trip: Trip, pieceId: string): readonly Piece[] {
  const whole = allPieces(trip).find((p) => p.id === pieceId)?.partOf;
  return whole === undefined ? [] : allPieces(trip).filter((p) => p.partOf === whole);
}

/** Put the parts of a piece together again: with the carrier of the first of them. */
export function joinPieces(trip: Trip, pieceId: string): Trip {
  const parts = partsOf(trip, pieceId);
  const [first, ...others] = parts;
  const kit = trip.kits.find((k) => first !== undefined && k.pieces.includes(first));
  if (first === undefined || kit === undefined) return trip;
  const { partOf: _whole, consumption: _use, ...rest } = first;
  const sum = (of: (p: Piece) => number | undefined): number =>
    parts.reduce((total, p) => total + (of(p) ?? 0), 0);
  const uses = parts.flatMap((p) => p.consumption ?? []);
  const joined: Piece = {
    ...rest,
    name: first.name.replace(/ \(\d+ of \d+\)$/, ''),
    massKg: sum((p) => p.massKg),
    volumeL: sum((p) => p.volumeL),
    shape: scaledShape(first.shape, sum((p) => p.volumeL) / first.volumeL),
    ...(first.waterCapacityL === undefined ? {} : { waterCapacityL: sum((p) => p.waterCapacityL) }),
    ...(first.foodCapacityL === undefined ? {} : { foodCapacityL: sum((p) => p.foodCapacityL) }),
    ...(uses.length === 0
      ? {}
      : {
          consumption: {
            fromDay: Math.min(...uses.map((u) => u.fromDay)),
            toDay: Math.max(...uses.map((u) => u.toDay)),
            residueKg: uses.reduce((total, u) => total + u.residueKg, 0),
          },
        }),
  };
  return putPiece(removePieces(trip, new Set(others.map((p) => p.id))), kit.id, joined);
}
