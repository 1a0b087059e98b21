/** The figures of the share a trip has now: loads, the largest ratio, its distance from the bound, what is amiss. */
import { isCarriedOn, massOnDayKg } from '../load/thingOnDay.js';
import { heaviestDay, loadsOverTrip, type DayLoad } from '../load/memberLoad.js';
import { Derived, entries, whole, type PartsOf } from '../trip/derived.js';
import { partsOfMember, type MemberFields } from '../trip/memberPart.js';
import type { Member, Piece, Trip } from '../trip/model.js';
import {
  nameAlone,
  allowedCarriers,
  allPieces,
  carrierOf,
  handoverDays,
  isPersonal,
  isWithParty,
  movableThings,
  packOf,
  packVolumeL,
  sharedThings,
} from '../trip/queries.js';
import { formatMass, formatVolume } from '../units/format.js';
import { boundOfAny, type ShareBound } from './bound.js';
import { fairnessSchool } from './fairness.js';
import { fullBound } from './fullBound.js';
import { shareProblem } from './problem.js';
import { shareGap } from './solveShare.js';

export interface MemberFigures {
  readonly member: Member;
  readonly loads: readonly DayLoad[];
  /** The load over what the trip's school of fairness measures by, day by day; 0 after the member has left. */
  readonly measures: readonly number[];
  /** The day with the largest measure. */
  readonly heaviest: DayLoad;
  readonly largestMeasure: number;
  readonly packVolumeL: number;
  /** The largest packed volume over the days, litres. */
  readonly fullestL: number;
}
export interface ShareFigures {
  readonly members: readonly MemberFigures[];
  readonly unshared: readonly Piece[];
  /** By the trip's school of fairness, over members and days. */
  readonly largestRatio: number;
  /** The same among those who carry something of the group's on the day. */
  readonly level: number;
  readonly largestMember: Member | undefined;
  readonly largestDay: number;
  /** The smallest of the members' own largest ratios. */
  readonly smallestRatio: number;
  /** The bound for all pieces shared; `gap` is meaningful once none is unshared. */
  readonly bound: ShareBound;
  readonly gap: number;
  /** Rules that contradict each other: no share can keep them all. */
  readonly contradictions: readonly string[];
  readonly warnings: readonly string[];
}

/** Whether a member is above their own limit on some day, whatever the school of fairness. */
export function isOverloaded(figures: MemberFigures): boolean {
  return figures.loads.some((l) => l.ratio > 1);
}

/** Less than this of the group's is nothing, kg. */
const CARRIES_KG = 1e-9;

/** The bound of a trip's sharing problem, and its contradictions: both independent of who carries what unlocked. */
export interface TripBound {
  readonly bound: ShareBound;
  readonly contradictions: readonly string[];
}

const NOTHING_KNOWN = { ratio: 0, level: 0, reason: '', levelReason: '' };
/** What is known before anything was worked out: nothing. */
export const NO_BOUND: TripBound = {
  bound: { ...NOTHING_KNOWN, ofAny: NOTHING_KNOWN, infeasibility: 0 },
  contradictions: [],
};

const derivedBound = new Derived<BoundFields, TripBound>(tripBoundNow);
const boundKeys = new Derived<BoundFields, object>(() => ({}));

/** Kept as long as what the bound comes from is the same: a move of a piece that is not locked changes nothing of it. */
export function tripBound(trip: Trip): TripBound {
  return derivedBound.of(partsOfBound(trip));
}

/** Something that is the same as long as the trip's bound is. */
export function boundKey(trip: Trip): object {
  return boundKeys.of(partsOfBound(trip));
}

/** The same, made anew. */
export function tripBoundNow(trip: Trip): TripBound {
  const problem = shareProblem(trip);
  return { bound: fullBound(problem), contradictions: problem.contradictions };
}

type BoundFields =
  | 'legs'
  | 'members'
  | 'packs'
  | 'personalThings'
  | 'kits'
  | 'groups'
  | 'share'
  | 'handovers'
  | 'carrierRules'
  | 'roles'
  | 'houseRules'
  | 'limitPolicy'
  | 'fairness';

/**
 * What the bound comes from. Who carries what counts where it is locked, and where it is somebody's own: given to another
 * by hand it is dealt out like a piece.
 */
export function partsOfBound(trip: Trip): PartsOf<BoundFields> {
  const own = new Set(trip.personalThings.map((t) => t.id));
  const locked = trip.share
    .filter((a) => a.locked || own.has(a.pieceId))
    .sort((a, b) => (a.pieceId < b.pieceId ? -1 : 1));
  const ids = new Set([...own, ...locked.map((a) => a.pieceId)]);
  return {
    legs: whole(trip.legs),
    members: whole(trip.members),
    packs: whole(trip.packs),
    personalThings: whole(trip.personalThings),
    kits: whole(trip.kits),
    groups: whole(trip.groups),
    // A new share says the same anew of what is locked.
    share: { value: locked, key: locked.flatMap((a) => [a.pieceId, a.memberId, a.locked]) },
    handovers: entries(trip.handovers.filter((h) => ids.has(h.pieceId))),
    carrierRules: whole(trip.carrierRules),
    roles: whole(trip.roles),
    houseRules: whole(trip.houseRules),
    limitPolicy: whole(trip.limitPolicy),
    fairness: whole(trip.fairness),
  };
}

const kept = new WeakMap<Member, Derived<MemberFields, MemberFigures>>();

/** A member's figures; made anew only when something of theirs has changed: a move concerns two members of thirty. */
function memberFigures(trip: Trip, member: Member): MemberFigures {
  let derived = kept.get(member);
  if (derived === undefined) {
    derived = new Derived((part) => memberFiguresNow(part, member));
    kept.set(member, derived);
  }
  return derived.of(partsOfMember(trip, member));
}

/** The same, made anew. */
export function memberFiguresNow(trip: Trip, member: Member): MemberFigures {
  const school = fairnessSchool(trip.fairness);
  const loads = loadsOverTrip(trip, member);
  const measures = loads.map((l) => l.totalKg / school.yardstick(member, l.limitKg));
  const largestMeasure = Math.max(...measures);
  return {
    member,
    loads,
    measures,
    heaviest: loads[measures.findIndex((r) => r >= largestMeasure - 1e-12)]!,
    largestMeasure,
    packVolumeL: packVolumeL(packOf(trip, member)),
    fullestL: Math.max(...loads.map((l) => l.volumeL)),
  };
}

/** @param known the trip's bound, when it is at hand from an equal problem */
export function shareFigures(trip: Trip, known: TripBound = tripBound(trip)): ShareFigures {
  const members = trip.members.map((member) => memberFigures(trip, member));
  const shared = new Set(trip.share.map((a) => a.pieceId));
  const { contradictions } = known;
  const worst =
    members.length === 0
      ? undefined
      : members.reduce((a, b) => (b.largestMeasure > a.largestMeasure ? b : a));
  const largestRatio = worst?.largestMeasure ?? 0;
  const movable = movableThings(trip);
  const dealt = ({ member, loads }: MemberFigures, d: number): boolean =>
    loads[d]!.groupKg > CARRIES_KG ||
    movable.some(
      (t) => carrierOf(trip, t.id, d + 1) === member.id && massOnDayKg(t, d + 1, trip.legs[d]!) > CARRIES_KG,
    );
  const level = Math.max(0, ...members.flatMap((m) => m.measures.filter((_r, d) => dealt(m, d))));
  const broken = shareWarnings(trip, members);
  const bound = broken.length === 0 ? known.bound : boundOfAny(known.bound);
  return {
    members,
    unshared: allPieces(trip).filter((p) => !shared.has(p.id)),
    largestRatio,
    level,
    largestMember: worst?.member,
    largestDay: worst?.heaviest.day ?? 1,
    smallestRatio: members.length === 0 ? 0 : Math.min(...members.map((m) => m.largestMeasure)),
    bound,
    gap: shareGap(level, bound.level),
    contradictions,
    warnings: [...contradictions, ...broken],
  };
}

/** How far apart the loads of a day are, highest less lowest by the school of fairness, in the mean over all days. */
export function meanDaySpread({ members }: Pick<ShareFigures, 'members'>): number {
  const days = members[0]?.measures.length ?? 0;
  const spreads = Array.from({ length: days }, (_v, d) => {
    const present = members.map((m) => m.measures[d]!).filter((r) => r > 0);
    return present.length === 0 ? 0 : Math.max(...present) - Math.min(...present);
  });
  return days === 0 ? 0 : spreads.reduce((sum, s) => sum + s, 0) / days;
}

function shareWarnings(trip: Trip, members: readonly MemberFigures[]): readonly string[] {
  const warnings: string[] = [];
  for (const { member, loads, fullestL, packVolumeL: packL } of members) {
    const worst = heaviestDay(loads);
    if (worst.ratio > 1) {
      warnings.push(
        `${member.name} is ${formatMass(worst.totalKg - worst.limitKg)} above the limit on day ${worst.day}`,
      );
    }
    if (fullestL > packL + 0.005) {
      warnings.push(
        `${member.name}'s pack is ${formatVolume(fullestL - packL)} over its ${formatVolume(packL)}`,
      );
    }
  }
  const pieces = sharedThings(trip);
  const nameOf = (id: string): string => pieces.find((p) => p.id === id)?.name ?? id;
  const memberName = (id: string): string => trip.members.find((m) => m.id === id)?.name ?? id;
  const locked = new Set(trip.share.filter((a) => a.locked).map((a) => a.pieceId));
  const days = handoverDays(trip);
  const leaving = trip.members.some((m) => m.lastDay !== undefined || m.firstDay !== undefined);
  for (const piece of pieces) {
    if (isPersonal(piece) || piece.onlyGroupId !== undefined || piece.onlyMemberIds !== undefined) {
      const allowed = new Set(allowedCarriers(trip, piece).map((m) => m.id));
      for (const id of new Set(days.flatMap((day) => carrierOf(trip, piece.id, day) ?? []))) {
        if (!locked.has(piece.id) && !allowed.has(id)) {
          warnings.push(
            `${nameAlone(trip, piece)} rides with ${memberName(id)}, who is not among its carriers`,
          );
        }
      }
    }
    if (!leaving) continue;
    const gone = trip.legs.findIndex((_leg, k) => {
      const carrier = trip.members.find((m) => m.id === carrierOf(trip, piece.id, k + 1));
      return carrier !== undefined && !isWithParty(carrier, k + 1) && isCarriedOn(piece, k + 1);
    });
    if (gone >= 0) {
      const carrier = carrierOf(trip, piece.id, gone + 1)!;
      warnings.push(
        `${nameAlone(trip, piece)} rides with ${memberName(carrier)}, who ${gone + 1 < (trip.members.find((m) => m.id === carrier)?.firstDay ?? 1) ? 'is not there yet on' : 'has left by'} day ${gone + 1}`,
      );
    }
  }
  for (const rule of trip.carrierRules) {
    const broken = days.some((day) => {
      const carriers = rule.pieceIds.flatMap((id) => carrierOf(trip, id, day) ?? []);
      const distinct = new Set(carriers).size;
      return rule.kind === 'same' ? distinct > 1 : distinct < carriers.length;
    });
    if (broken) {
      const what = rule.pieceIds.map(nameOf).join(', ');
      warnings.push(
        `${what} should ride with ${rule.kind === 'same' ? 'one carrier' : 'different carriers'}: ${rule.reason}`,
      );
    }
  }
  return warnings;
}
