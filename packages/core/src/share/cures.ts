/**
 * What to do when nothing fits: what binds and by how much, and the cures there are, each tried on the trip and solved
 * anew, so that its effect is computed and not guessed. A cure never leaves safety kit behind, never raises a limit of
 * somebody under 18, hurt or ill, and never goes above the bound of planning.
 */
import { carryLimit } from '../limits/carryLimit.js';
import { UPPER_BOUND } from '../limits/shareOfBodyWeight.js';
import { removePieces, replaceShare } from '../trip/changes.js';
import { diffTrip, type TripEdit } from '../trip/edits.js';
import type { Member, Piece, Purpose, Trip } from '../trip/model.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { allPieces, packOf, packVolumeL } from '../trip/queries.js';
import { formatMass, formatVolume } from '../units/format.js';
import { shareProblem, type ShareProblem } from './problem.js';
import type { ShareScore } from './shareState.js';
import { solveShare, type SolvedShare } from './solveShare.js';

/** What is too much in the best share there is. */
export interface Binding {
  readonly what: string;
  readonly overKg: number;
  readonly overL: number;
}

export interface ShareCure {
  readonly label: string;
  /** What it costs beside its effect: comfort, safety margin, money. */
  readonly price: string;
  /** Load above limits and volume above packs that are left with it, over members and days. */
  readonly overloadKg: number;
  readonly overVolumeL: number;
  /** The rules contradict each other still. */
  readonly contradiction: boolean;
  readonly largestRatio: number;
  /** Nothing is above a limit or a pack any more, and all is shared. */
  readonly fits: boolean;
  /** The change with its new share, to be played on the trip it was computed for. */
  readonly edits: readonly TripEdit[];
}

export interface Misfit {
  readonly contradictions: readonly string[];
  readonly bindings: readonly Binding[];
  readonly overloadKg: number;
  readonly overVolumeL: number;
  /** Best first. */
  readonly cures: readonly ShareCure[];
}

interface Candidate {
  readonly label: string;
  readonly price: string;
  readonly after: Trip;
  /** Order among cures that do equally much: the gentler first. */
  readonly rank: number;
}

/** Search moves for each cure tried: enough to see what it does, few enough to try forty. */
const CURE_ITERATIONS = 60_000;
const MOST_TRIED = 48;
const MOST_SHOWN = 8;
/** Kit that no cure leaves behind. */
const KEPT: readonly Purpose[] = [
  'firstAid',
  'beacon',
  'navigation',
  'filter',
  'emergencyShelter',
  'signal',
  'animalSpray',
  'rainwear',
  'light',
  'tentBody',
  'tentFly',
  'tentPoles',
  'tentPegs',
  'stove',
  'fuel',
  'foodContainer',
];

/**
 * What keeps a trip's pieces from fitting, with cures.
 *
 * @param onProgress how far the trying is, 0 to 1
 * @returns undefined when a share fits: nothing needs a cure
 */
export function shareMisfit(
  trip: Trip,
  seed: number,
  onProgress: (done: number) => void = () => undefined,
): Misfit | undefined {
  const problem = shareProblem(trip);
  const now = quick(problem, seed);
  if (now !== undefined && now.score.infeasibility <= FITS) return undefined;
  const candidates = [
    ...ruleCures(trip),
    ...waterCures(trip, problem, now),
    ...packCures(trip, now, problem),
    ...limitCures(trip, problem, now),
    ...leaveCures(trip, now?.score),
  ].slice(0, MOST_TRIED);
  const least = now?.score.infeasibility ?? Infinity;
  const cures = candidates
    .flatMap((candidate, i) => {
      const after = shareProblem(candidate.after);
      const solved = quick(after, seed);
      onProgress((i + 1) / candidates.length);
      const helps =
        solved === undefined
          ? after.contradictions.length < problem.contradictions.length
          : solved.score.infeasibility < least - FITS;
      if (!helps) return [];
      const cured = solved === undefined ? candidate.after : replaceShare(candidate.after, solved.share);
      const cure: ShareCure = {
        label: candidate.label,
        price: candidate.price,
        overloadKg: solved?.score.overloadKg ?? 0,
        overVolumeL: solved?.score.overVolumeL ?? 0,
        contradiction: solved === undefined,
        largestRatio: solved?.score.largestRatio ?? 0,
        fits: solved !== undefined && solved.score.infeasibility <= FITS,
        edits: diffTrip(trip, cured),
      };
      return [{ cure, rank: candidate.rank, left: solved?.score.infeasibility ?? 1e6 }];
    })
    // What cures all first, the gentlest of those first; then by what is left.
    .sort(
      (a, b) =>
        Number(b.cure.fits) - Number(a.cure.fits) ||
        (a.cure.fits ? a.rank - b.rank : a.left - b.left) ||
        a.rank - b.rank,
    );
  return {
    contradictions: problem.contradictions,
    bindings: now === undefined ? [] : bindings(problem, now),
    overloadKg: now?.score.overloadKg ?? 0,
    overVolumeL: now?.score.overVolumeL ?? 0,
    cures: cures.slice(0, MOST_SHOWN).map((c) => c.cure),
  };
}
/** Less than this above a limit or a pack is rounding, kg and litres. */
const FITS = 1e-6;

function quick(problem: ShareProblem, seed: number): SolvedShare | undefined {
  const result = solveShare(problem, { seed, iterations: CURE_ITERATIONS, proofNodes: 0 });
  return result.kind === 'solved' ? result : undefined;
}

/** Where the best share is too much, by member; and what no division at all could take, by day. */
function bindings(problem: ShareProblem, best: SolvedShare): readonly Binding[] {
  const carrierOf = new Map(best.share.map((a) => [a.pieceId, a.memberId]));
  const list: Binding[] = [];
  for (let d = 0; d < problem.dayCount; d += 1) {
    const here = problem.carriers.filter((c) => c.limitKg[d] !== Infinity);
    const total = (of: (x: (typeof here)[number]) => number): number =>
      here.reduce((sum, c) => sum + of(c), 0);
    const massKg = problem.bundles.reduce((sum, b) => sum + b.massKg[d]!, 0);
    const volumeL = problem.bundles.reduce((sum, b) => sum + b.volumeL[d]!, 0);
    const overKg = massKg - total((c) => Math.max(0, c.limitKg[d]! - c.baseKg[d]!));
    const overL = volumeL - total((c) => Math.max(0, c.freeVolumeL[d]!));
    const day = problem.firstDay + d;
    if (overKg > FITS)
      list.push({
        what: `Day ${day}: the whole party's limits are too low for the group kit`,
        overKg,
        overL: 0,
      });
    if (overL > FITS)
      list.push({ what: `Day ${day}: all packs together are too small for the group kit`, overKg: 0, overL });
  }
  for (const carrier of problem.carriers) {
    const mine = problem.bundles.filter((b) => carrierOf.get(b.pieceIds[0]!) === carrier.memberId);
    let [overKg, overL, dayKg, dayL] = [0, 0, 0, 0];
    for (let d = 0; d < problem.dayCount; d += 1) {
      const kg = carrier.baseKg[d]! + mine.reduce((sum, b) => sum + b.massKg[d]!, 0) - carrier.limitKg[d]!;
      const litres = mine.reduce((sum, b) => sum + b.volumeL[d]!, 0) - carrier.freeVolumeL[d]!;
      if (kg > overKg) [overKg, dayKg] = [kg, problem.firstDay + d];
      if (litres > overL) [overL, dayL] = [litres, problem.firstDay + d];
    }
    const { name } = carrier;
    if (overKg > FITS)
      list.push({ what: `${name} is above the limit, most on day ${dayKg}`, overKg, overL: 0 });
    if (overL > FITS)
      list.push({ what: `${name}'s pack is too small, most on day ${dayL}`, overKg: 0, overL });
  }
  return list;
}

/** Rules released one by one, locks opened, kits split further. */
function ruleCures(trip: Trip): readonly Candidate[] {
  const list: Candidate[] = [];
  const pieceChange = (of: (piece: Piece) => Piece): Trip => ({
    ...trip,
    kits: trip.kits.map((kit) => ({ ...kit, pieces: kit.pieces.map(of) })),
  });
  for (const kit of trip.kits) {
    for (const group of trip.groups) {
      if (!kit.pieces.some((p) => p.onlyGroupId === group.id)) continue;
      list.push({
        label: `Let anybody carry parts of ${kit.name}`,
        price: `${group.name} waits for its things if the party splits`,
        rank: 1,
        after: {
          ...trip,
          kits: trip.kits.map((k) =>
            k === kit
              ? {
                  ...k,
                  pieces: k.pieces.map((p) =>
                    p.onlyGroupId === group.id ? withoutKey(p, 'onlyGroupId') : p,
                  ),
                }
              : k,
          ),
        },
      });
    }
    if (kit.splitWays !== undefined) {
      list.push({
        label: `Split ${kit.name} over ${kit.splitWays + 1} carriers`,
        price: 'one more person has to be there to use it',
        rank: 0,
        after: {
          ...trip,
          kits: trip.kits.map((k) => (k === kit ? { ...k, splitWays: kit.splitWays! + 1 } : k)),
        },
      });
    }
    for (const word of new Set(kit.pieces.flatMap((p) => p.together ?? []))) {
      list.push({
        label: `Let the pieces "${word}" of ${kit.name} part`,
        price: 'one more person has to be there to use them',
        rank: 0,
        after: pieceChange((p) =>
          kit.pieces.includes(p) && p.together === word ? withoutKey(p, 'together') : p,
        ),
      });
    }
  }
  if (trip.houseRules.tentSplit === 'whole') {
    list.push({
      label: 'Split tents over their sleepers',
      price: 'a house rule of the trip changes',
      rank: 1,
      after: { ...trip, houseRules: { ...trip.houseRules, tentSplit: 'split' } },
    });
  }
  for (const rule of trip.carrierRules) {
    list.push({
      label: `Release the rule "${rule.reason}"`,
      price: rule.kind === 'same' ? 'what goes together parts' : 'what should not be lost together may be',
      rank: rule.kind === 'same' ? 1 : 3,
      after: { ...trip, carrierRules: trip.carrierRules.filter((r) => r !== rule) },
    });
  }
  const restricted = allPieces(trip).filter((p) => p.onlyMemberIds !== undefined);
  for (const piece of restricted) {
    list.push({
      label: `Let anybody carry ${piece.name}`,
      price: 'somebody else has to be asked for it',
      rank: 2,
      after: pieceChange((p) => (p === piece ? withoutKey(p, 'onlyMemberIds') : p)),
    });
  }
  const locked = trip.share.filter((a) => a.locked);
  if (locked.length > 0) {
    list.push({
      label: `Open all ${locked.length} locks`,
      price: 'pieces you fixed may move',
      rank: 2,
      after: { ...trip, share: trip.share.map((a) => (a.locked ? { ...a, locked: false } : a)) },
    });
  }
  return list;
}

function withoutKey<K extends 'onlyGroupId' | 'onlyMemberIds' | 'together'>(piece: Piece, key: K): Piece {
  const { [key]: _released, ...rest } = piece;
  return rest as Piece;
}

/** Days on which somebody is above the limit in the best share. */
function overDays(problem: ShareProblem, best: SolvedShare | undefined): readonly number[] {
  if (best === undefined) return [];
  const carrierOf = new Map(best.share.map((a) => [a.pieceId, a.memberId]));
  return Array.from({ length: problem.dayCount }, (_v, d) => d)
    .filter((d) =>
      problem.carriers.some((c) => {
        const kg = problem.bundles
          .filter((b) => carrierOf.get(b.pieceIds[0]!) === c.memberId)
          .reduce((sum, b) => sum + b.massKg[d]!, c.baseKg[d]!);
        return kg > c.limitKg[d]! + FITS;
      }),
    )
    .map((d) => problem.firstDay + d);
}

/** Less water on the days that are too heavy, where more than half a litre is planned: filled on the way instead. */
function waterCures(trip: Trip, problem: ShareProblem, best: SolvedShare | undefined): readonly Candidate[] {
  const days = overDays(problem, best).filter((day) => trip.legs[day - 1]!.waterL >= 1);
  const less = (some: readonly number[], litres: number): Trip => ({
    ...trip,
    legs: trip.legs.map((leg, i) =>
      some.includes(i + 1) ? { ...leg, waterL: Math.max(0.5, leg.waterL - litres) } : leg,
    ),
  });
  if (days.length === 0) return [];
  return [0.5, 1].map((litres) => ({
    label: `Carry ${formatVolume(litres)} less water each on day${days.length > 1 ? 's' : ''} ${days.join(', ')}`,
    price: 'fill up on the way: be sure that the source runs',
    rank: 2 + litres,
    after: less(days, litres),
  }));
}

/** The next size of pack for whoever's is too small. */
function packCures(trip: Trip, best: SolvedShare | undefined, problem: ShareProblem): readonly Candidate[] {
  if (best === undefined || best.score.overVolumeL <= FITS) return [];
  return trip.members.flatMap((member): readonly Candidate[] => {
    const pack = packOf(trip, member);
    const volumeL = packVolumeL(pack);
    const carrier = problem.carriers.find((c) => c.memberId === member.id)!;
    const size = PACK_SIZES.find((s) => packVolumeL(cataloguePack(pack.id, s)) > volumeL + 4);
    if (size === undefined || carrier.limitKg.every((limit) => limit === Infinity)) return [];
    const bigger = { ...cataloguePack(pack.id, size), name: `${size.nominalL} L pack` };
    return [
      {
        label: `A ${size.nominalL} L pack for ${member.name}, ${formatVolume(packVolumeL(bigger) - volumeL)} more`,
        price: `borrow one; it weighs ${formatMass(bigger.tareKg)} itself`,
        rank: 3,
        after: {
          ...trip,
          packs: trip.packs.map((p) => (p.id === pack.id ? bigger : p)),
          stows: trip.stows.filter((s) => s.memberId !== member.id),
        },
      },
    ];
  });
}

/** One kilogram more for one adult who is well, by their own word, never above the planning bound. */
function limitCures(trip: Trip, problem: ShareProblem, best: SolvedShare | undefined): readonly Candidate[] {
  if (best !== undefined && best.score.overloadKg <= FITS) return [];
  return trip.members.flatMap((member): readonly Candidate[] => {
    const raised = raisedLimit(trip, member);
    if (raised === undefined) return [];
    const [limitKg] = problem.carriers.find((c) => c.memberId === member.id)!.limitKg;
    return [
      {
        label: `${member.name} carries 1 kg more: up to ${formatMass(limitKg! + 1)}`,
        price: 'only by their own word; a planning number, not medical advice',
        rank: 4,
        after: { ...trip, members: trip.members.map((m) => (m === member ? raised : m)) },
      },
    ];
  });
}

/** The member with a limit one kilogram higher on every day; undefined where that must not or cannot be. */
export function raisedLimit(trip: Trip, member: Member): Member | undefined {
  if (member.ageBand === 'under18' || member.conditions.length > 0) return undefined;
  const pack = packOf(trip, member);
  const now = carryLimit(member, pack, 1, trip.limitPolicy).limitKg;
  const most = UPPER_BOUND * member.bodyMassKg;
  const tries: readonly Member[] = [
    ...(member.ownCapKg === undefined ? [] : [{ ...member, ownCapKg: member.ownCapKg + 1 }]),
    { ...member, limitShare: (now + 1) / member.bodyMassKg },
  ];
  return tries.find((next) => {
    const then = carryLimit(next, pack, 1, trip.limitPolicy).limitKg;
    return then <= most + FITS && Math.abs(then - now - 1) < 1e-6;
  });
}

/** Pieces that may stay at home: those that take away about what is too much, lightest first. */
function leaveCures(trip: Trip, score: ShareScore | undefined): readonly Candidate[] {
  if (score === undefined) return [];
  const pieces = allPieces(trip)
    .filter((p) => !KEPT.includes(p.purpose) && p.madeBy === undefined && p.purpose !== 'food')
    .sort((a, b) => a.massKg - b.massKg);
  const enough = pieces.filter((p) =>
    score.overloadKg > FITS ? p.massKg >= score.overloadKg / trip.legs.length : p.volumeL > 0.2,
  );
  const chosen = [...enough.slice(0, 8), ...pieces.slice(-4)];
  return [...new Set(chosen)].map((piece) => ({
    label: `Leave ${piece.name} at home: ${formatMass(piece.massKg)}, ${formatVolume(piece.volumeL)}`,
    price: 'the party does without it',
    rank: 5 + piece.massKg / 100,
    after: removePieces(trip, new Set([piece.id])),
  }));
}
