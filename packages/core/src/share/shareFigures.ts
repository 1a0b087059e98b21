/** The figures of the share a trip has now: loads, the largest ratio, its distance from the bound, what is amiss. */
import { heaviestDay, loadsOverTrip, type DayLoad } from '../load/memberLoad.js';
import type { Member, Piece, Trip } from '../trip/model.js';
import { allowedCarriers, allPieces, packOf, packVolumeL } from '../trip/queries.js';
import { formatMass, formatVolume } from '../units/format.js';
import { shareBound, type ShareBound } from './bound.js';
import { shareProblem } from './problem.js';
import { shareGap } from './solveShare.js';

export interface MemberFigures {
  readonly member: Member;
  readonly loads: readonly DayLoad[];
  readonly heaviest: DayLoad;
  readonly packVolumeL: number;
  /** The largest packed volume over the days, litres. */
  readonly fullestL: number;
}
export interface ShareFigures {
  readonly members: readonly MemberFigures[];
  readonly unshared: readonly Piece[];
  readonly largestRatio: number;
  readonly largestMember: Member | undefined;
  readonly largestDay: number;
  /** The smallest of the members' own largest ratios. */
  readonly smallestRatio: number;
  /** The bound for all pieces shared; `gap` is meaningful once none is unshared. */
  readonly bound: ShareBound;
  readonly gap: number;
  readonly warnings: readonly string[];
}

/** The bound of a trip's sharing problem, and its contradictions: both independent of who carries what unlocked. */
export interface TripBound {
  readonly bound: ShareBound;
  readonly contradictions: readonly string[];
}

export function tripBound(trip: Trip): TripBound {
  const problem = shareProblem(trip);
  return { bound: shareBound(problem), contradictions: problem.contradictions };
}

/** @param known the trip's bound, when it is at hand from an equal problem */
export function shareFigures(trip: Trip, known: TripBound = tripBound(trip)): ShareFigures {
  const members = trip.members.map((member): MemberFigures => {
    const loads = loadsOverTrip(trip, member);
    return {
      member,
      loads,
      heaviest: heaviestDay(loads),
      packVolumeL: packVolumeL(packOf(trip, member)),
      fullestL: Math.max(...loads.map((l) => l.volumeL)),
    };
  });
  const shared = new Set(trip.share.map((a) => a.pieceId));
  const { bound, contradictions } = known;
  const worst =
    members.length === 0
      ? undefined
      : members.reduce((a, b) => (b.heaviest.ratio > a.heaviest.ratio ? b : a));
  const largestRatio = worst?.heaviest.ratio ?? 0;
  return {
    members,
    unshared: allPieces(trip).filter((p) => !shared.has(p.id)),
    largestRatio,
    largestMember: worst?.member,
    largestDay: worst?.heaviest.day ?? 1,
    smallestRatio: members.length === 0 ? 0 : Math.min(...members.map((m) => m.heaviest.ratio)),
    bound,
    gap: shareGap(largestRatio, bound.ratio),
    warnings: [...contradictions, ...shareWarnings(trip, members)],
  };
}

function shareWarnings(trip: Trip, members: readonly MemberFigures[]): readonly string[] {
  const warnings: string[] = [];
  for (const { member, heaviest, fullestL, packVolumeL: packL } of members) {
    if (heaviest.ratio > 1) {
      warnings.push(
        `${member.name} is ${formatMass(heaviest.totalKg - heaviest.limitKg)} above the limit on day ${heaviest.day}`,
      );
    }
    if (fullestL > packL + 0.005) {
      warnings.push(
        `${member.name}'s pack is ${formatVolume(fullestL - packL)} over its ${formatVolume(packL)}`,
      );
    }
  }
  const carrier = new Map(trip.share.map((a) => [a.pieceId, a]));
  const pieces = allPieces(trip);
  const nameOf = (id: string): string => pieces.find((p) => p.id === id)?.name ?? id;
  for (const piece of pieces) {
    const assignment = carrier.get(piece.id);
    if (assignment === undefined || assignment.locked) continue;
    if (!allowedCarriers(trip, piece).some((m) => m.id === assignment.memberId)) {
      const name = trip.members.find((m) => m.id === assignment.memberId)?.name ?? assignment.memberId;
      warnings.push(`${piece.name} rides with ${name}, who is not among its carriers`);
    }
  }
  for (const rule of trip.carrierRules) {
    const carriers = rule.pieceIds.flatMap((id) => carrier.get(id)?.memberId ?? []);
    const distinct = new Set(carriers).size;
    const broken = rule.kind === 'same' ? distinct > 1 : distinct < carriers.length;
    if (broken) {
      const what = rule.pieceIds.map(nameOf).join(', ');
      warnings.push(
        `${what} should ride with ${rule.kind === 'same' ? 'one carrier' : 'different carriers'}: ${rule.reason}`,
      );
    }
  }
  return warnings;
}
