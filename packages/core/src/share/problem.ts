/**
 * The sharing problem as plain numbers: carriers with limits and free volume by day, bundles of pieces with mass and
 * volume by day, who may carry each, and which must ride apart. What is somebody's own and may be taken over is a piece
 * here like any other.
 */
import { apartTogether } from './apartContradiction.js';
import { baseLoad, legOfDay } from '../load/memberLoad.js';
import { packedVolumeL } from '../load/filling.js';
import { massOnDayKg } from '../load/thingOnDay.js';
import { fitsPack } from '../stow/fitsPack.js';
import { isNoPack } from '../trip/customPack.js';
import type { Assignment, Pack, Trip } from '../trip/model.js';
import {
  nameAlone,
  carrierOf,
  isPersonal,
  isWithParty,
  mayCarry,
  movableThings,
  ownThings,
  packOf,
  packVolumeL,
  type Carried,
} from '../trip/queries.js';
import { holdersOfKit } from '../trip/roleKit.js';
import { isHelped } from '../trip/whoseThings.js';
import { bundlePieces, keptApart } from './bundlePieces.js';
import { whyNobody } from './whyNobody.js';
import { fillsL, roomTakenL, stiffRoomL } from './foodRoom.js';
import { fairnessSchool } from './fairness.js';

export interface Carrier {
  readonly memberId: string;
  readonly name: string;
  /** Carry limit by day, kg; infinite on days on which they are not with the party. */
  readonly limitKg: readonly number[];
  /** How much a kilogram above the limit counts: more for whoever is helped. */
  readonly overWeight: number;
  /** What the ratio is taken of, by day: the limit, or what the school of fairness says; infinite when absent. */
  readonly yardKg: readonly number[];
  /** Load before anything that is dealt out by day, kg. */
  readonly baseKg: readonly number[];
  /** Pack volume left for group pieces by day, litres; negative when personal things alone overfill it. */
  readonly freeVolumeL: readonly number[];
  /** What the pack holds, litres. */
  readonly packL: number;
  /** Room for food left in stiff containers of their own by day, litres. */
  readonly stiffL: readonly number[];
}

/** Pieces that must ride with one carrier; mostly a single piece. */
export interface Bundle {
  readonly pieceIds: readonly string[];
  /** How deep it lies in the pack of whoever has it, 0 on top to 1; absent where nobody knows or asks. */
  readonly depth?: number;
  readonly name: string;
  readonly massKg: readonly number[];
  readonly volumeL: readonly number[];
  /** Of the volume, food that takes no room where a stiff container has some left; and the room that it brings, litres. */
  readonly fillsL: readonly number[];
  readonly stiffL: readonly number[];
  /** Indexes of carriers, ascending. */
  readonly allowed: readonly number[];
  /** Carriers of its pieces in the share that is replaced; none for pieces that nobody carries. */
  readonly carriedBy: readonly number[];
  /** All of it is somebody's own. */
  readonly isOwn: boolean;
  /** Pieces of the bundle that the leader locked; any of them holds the whole bundle. */
  readonly lockedPieceIds: readonly string[];
}

export interface ShareProblem {
  /** Days looked at; the first entry of every list by day is the trip's `firstDay`. */
  readonly dayCount: number;
  readonly firstDay: number;
  readonly carriers: readonly Carrier[];
  readonly bundles: readonly Bundle[];
  readonly pieceCount: number;
  /** Lists of bundle indexes of which no two may share a carrier. */
  readonly apart: readonly (readonly number[])[];
  /** Rules that contradict each other; a problem with any has no share. */
  readonly contradictions: readonly string[];
}

/**
 * Build the sharing problem of a trip. Locked pieces stay with their carrier, whatever other rules say.
 *
 * @param firstDay the first day that is still to be shared; pieces that are gone by then are left out
 */
export function shareProblem(trip: Trip, firstDay = 1): ShareProblem {
  const days = trip.legs.map((_leg, i) => i + 1).slice(firstDay - 1);
  const packs = trip.members.map((member) => packOf(trip, member));
  const carriers = carriersOf(trip, packs, days);
  const contradictions: string[] = [];
  // On the way it stays where it is: the roles' own handovers move it, and whoever is hurt may give it away.
  const kitHolders: KitHolders = firstDay === 1 ? holdersOfKit(trip, 1) : new Map();
  const sharing: Sharing = { trip, packs, carriers, days, contradictions, kitHolders };
  const bundles = bundlePieces(trip).flatMap((pieces) => {
    const left = firstDay === 1 ? pieces : pieces.filter((p) => days.some((day) => isThere(trip, p, day)));
    return left.length === 0 ? [] : [makeBundle(sharing, left)];
  });
  const bundleOf = new Map(bundles.flatMap((b, i) => b.pieceIds.map((id) => [id, i] as const)));
  const rules = keptApart(trip);
  const apart = rules.map((rule) => {
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
  if (contradictions.length === 0) contradictions.push(...apartTogether(bundles, apart, rules));
  return {
    dayCount: days.length,
    firstDay,
    carriers,
    bundles,
    pieceCount: bundles.reduce((sum, b) => sum + b.pieceIds.length, 0),
    apart,
    contradictions,
  };
}

/** By bundle, then carrier: 1 where that carrier may have it. */
export function mayCarryTable({ bundles, carriers }: ShareProblem): Uint8Array {
  const table = new Uint8Array(bundles.length * carriers.length);
  bundles.forEach((b, i) => b.allowed.forEach((m) => (table[i * carriers.length + m] = 1)));
  return table;
}

/** A child, or somebody hurt, is above the limit last: others carry for them (common practice; the number is Graft's own). */
const HELPED_WEIGHT = 3;

function carriersOf(trip: Trip, packs: readonly Pack[], days: readonly number[]): readonly Carrier[] {
  const school = fairnessSchool(trip.fairness);
  const movable = new Set(movableThings(trip).map((t) => t.id));
  return trip.members.map((member, i) => {
    const packL = packVolumeL(packs[i]!);
    const stays = ownThings(trip, member.id).filter((t) => !t.worn && !movable.has(t.id));
    const loads = days.map((day) => ({
      ...baseLoad(trip, member, day, stays),
      here: isWithParty(member, day),
    }));
    return {
      memberId: member.id,
      name: member.name,
      limitKg: loads.map((l) => (l.here ? l.limitKg : Infinity)),
      overWeight: isHelped(member) ? HELPED_WEIGHT : 1,
      yardKg: loads.map((l) => (l.here ? school.yardstick(member, l.limitKg) : Infinity)),
      baseKg: loads.map((l) => l.packKg + l.personalKg + l.waterKg),
      freeVolumeL: loads.map((l) => packL - l.volumeL),
      packL,
      stiffL: days.map((day) => stiffRoomL(stays, day)),
    };
  });
}

function isThere(trip: Trip, piece: Carried, day: number): boolean {
  return massOnDayKg(piece, day, legOfDay(trip, day)) > 0 || packedVolumeL([piece], day) > 0;
}

/** What all bundles are made from. */
interface Sharing {
  readonly trip: Trip;
  /** The pack of each member. */
  readonly packs: readonly Pack[];
  readonly carriers: readonly Carrier[];
  readonly days: readonly number[];
  /** Added to. */
  readonly contradictions: string[];
  readonly kitHolders: KitHolders;
}

function makeBundle(sharing: Sharing, pieces: readonly Carried[]): Bundle {
  const { trip, packs, carriers, days, contradictions } = sharing;
  const name = pieces.map((p) => nameAlone(trip, p)).join(' + ');
  const ids = new Set(pieces.map((p) => p.id));
  const firstDay = days[0] ?? 1;
  const locks = trip.share.filter((a) => a.locked && ids.has(a.pieceId));
  // A locked piece that was handed over since stays where it is now.
  const lockedTo = new Set(locks.map((a) => carrierOf(trip, a.pieceId, firstDay) ?? a.memberId));
  if (lockedTo.size > 1)
    contradictions.push(`${name}: kept with one carrier by a rule, but locked to several members`);
  const massKg = days.map((day) =>
    pieces.reduce((sum, p) => sum + massOnDayKg(p, day, legOfDay(trip, day)), 0),
  );
  const volumeL = days.map((day) => packedVolumeL(pieces, day));
  const byRule = trip.members.flatMap((member, i) => {
    const may = lockedTo.size > 0 ? lockedTo.has(member.id) : pieces.every((p) => mayCarry(member, p));
    return may ? [i] : [];
  });
  // Whoever walks without a pack carries nothing, unless it is in their own hands and may not leave them.
  const withPack = byRule.filter((i) => !isNoPack(packs[i]!));
  const here = (withPack.length > 0 ? withPack : byRule).filter((i) =>
    days.every((_day, d) => (massKg[d] === 0 && volumeL[d] === 0) || carriers[i]!.limitKg[d] !== Infinity),
  );
  const fitting = withRoles(sharing, pieces, lockedTo.size > 0 ? here : fittingOf(sharing, pieces, here));
  if (fitting.length === 0)
    contradictions.push(`${name}: ${whyNobody(trip, byRule, here, lockedTo.size > 0)}`);
  const carriedBy = pieces.flatMap((p) => {
    const carrierId = carrierOf(trip, p.id, firstDay);
    const at = carriers.findIndex((c) => c.memberId === carrierId);
    return at < 0 ? [] : [at];
  });
  return {
    pieceIds: pieces.map((p) => p.id),
    name,
    massKg,
    volumeL,
    fillsL: days.map((day) => fillsL(pieces, day)),
    stiffL: days.map((day) => stiffRoomL(pieces, day)),
    allowed: fitting,
    carriedBy,
    isOwn: pieces.every(isPersonal),
    lockedPieceIds: locks.map((a) => a.pieceId),
  };
}

/** Those whose packs take all pieces; a tape measure gives way to that somebody has their own things already. */
function fittingOf({ trip, packs }: Sharing, pieces: readonly Carried[], here: readonly number[]) {
  const has = (p: Carried, i: number): boolean => isPersonal(p) && p.memberId === trip.members[i]!.id;
  return here.filter((i) => pieces.every((p) => has(p, i) || fitsPack(p, packs[i]!)));
}

type KitHolders = ReturnType<typeof holdersOfKit>;

/** Kit of a role goes to whoever has it on the first day, if they may and can carry it; a lock is stronger. */
function withRoles(
  { trip, kitHolders }: Sharing,
  pieces: readonly Carried[],
  fitting: readonly number[],
): readonly number[] {
  const holders = pieces.flatMap((p) => kitHolders.get(p.id) ?? []);
  const among = fitting.filter((i) => holders.includes(trip.members[i]!));
  return among.length > 0 ? among : fitting;
}

/** Load of a carrier by day in a share, kg: own things, and the pieces of theirs that the share gives them. */
export function sharedLoadKg(
  problem: ShareProblem,
  carrier: Carrier,
  share: readonly Assignment[],
): readonly number[] {
  return heldBundles(problem, carrier, share).reduce<readonly number[]>(
    (sum, b) => sum.map((kg, d) => kg + b.massKg[d]!),
    carrier.baseKg,
  );
}

/** Room that a carrier's pieces take of their pack by day in a share, litres. */
export function sharedVolumeL(
  problem: ShareProblem,
  carrier: Carrier,
  share: readonly Assignment[],
): readonly number[] {
  const mine = heldBundles(problem, carrier, share);
  return carrier.stiffL.map((stiffL, d) => {
    const sum = (of: (b: Bundle) => readonly number[]): number => mine.reduce((s, b) => s + of(b)[d]!, 0);
    return roomTakenL(
      sum((b) => b.volumeL),
      sum((b) => b.fillsL),
      stiffL + sum((b) => b.stiffL),
    );
  });
}

/** The bundles that a share gives a carrier. */
export function heldBundles(
  problem: ShareProblem,
  carrier: Carrier,
  share: readonly Assignment[],
): readonly Bundle[] {
  const mine = new Set(share.filter((a) => a.memberId === carrier.memberId).map((a) => a.pieceId));
  return problem.bundles.filter((b) => mine.has(b.pieceIds[0]!));
}
