/** A trip at a glance: how even its loads are, one pack, and what comes next. */
import { heaviestDay, loadsOverTrip, ratioLimitKg } from '../load/memberLoad.js';
import { sheetDrawing, type SheetView } from './sheetDrawing.js';
import { assess } from '../stow/assessStow.js';
import { planningDay, stowProblem } from '../stow/stowProblem.js';
import { withEvents } from '../trail/asWalked.js';
import type { Trip } from '../trip/model.js';
import { isNoPack } from '../trip/customPack.js';
import { allPieces, packOf } from '../trip/queries.js';

/** What a plan still lacks, the first thing first. */
export type NextStep = 'begin' | 'people' | 'kit' | 'shares' | 'packs' | 'none';

export interface TripGlance {
  /** Of each member on their heaviest day, the load by their own limit. */
  readonly ratios: readonly number[];
  readonly pieces: number;
  readonly unshared: number;
  /** Members with a pack, and those whose pack is stowed. */
  readonly packs: number;
  readonly stowed: number;
  /** The first stowed pack from the side. */
  readonly pack?: SheetView;
  readonly next: NextStep;
}

export function tripGlance(plan: Trip): TripGlance {
  const trip = withEvents(plan);
  const shared = new Set(trip.share.map((a) => a.pieceId));
  const pieces = allPieces(trip);
  const unshared = pieces.filter((p) => !shared.has(p.id)).length;
  const withPack = trip.members.filter((m) => !isNoPack(packOf(trip, m)));
  const placementsOf = (memberId: string) =>
    trip.stows.find((s) => s.memberId === memberId)?.placements ?? [];
  const stowed = withPack.filter((m) => placementsOf(m.id).length > 0);
  const ratios = trip.members.map((m) => {
    const { totalKg, limitKg } = heaviestDay(loadsOverTrip(trip, m));
    return totalKg / ratioLimitKg(limitKg);
  });
  const [first] = stowed;
  const next = ((): NextStep => {
    if (trip.members.length === 0) return pieces.length === 0 ? 'begin' : 'people';
    if (pieces.length === 0 && trip.personalThings.length === 0) return 'kit';
    if (unshared > 0) return 'shares';
    return stowed.length < withPack.length ? 'packs' : 'none';
  })();
  return {
    ratios,
    pieces: pieces.length,
    unshared,
    packs: withPack.length,
    stowed: stowed.length,
    ...(first === undefined
      ? {}
      : {
          pack: sheetDrawing(
            packOf(trip, first),
            assess(stowProblem(trip, first.id, planningDay(trip, first.id)), placementsOf(first.id)),
          ).side,
        }),
    next,
  };
}
