/**
 * What a share stands on: a division may be proved, the facts are not. How many masses are estimates, what is missing,
 * how far that could move the largest load, and what is worth weighing first.
 */
import { vocabularyRangeKg } from '../lists/guessFacts.js';
import { isUnweighed } from '../lists/unknownThing.js';
import { ESTIMATE_ERROR } from '../lists/massRange.js';
import { isOwnUnknown, isUnlisted, ownTotal, suggestOwn } from '../lists/ownFigure.js';
import { legOfDay } from '../load/memberLoad.js';
import { massOnDayKg } from '../load/thingOnDay.js';
import type { Member, Trip } from '../trip/model.js';
import {
  allowedCarriers,
  allThings,
  carriedPieces,
  isPersonal,
  nameAlone,
  ownInPack,
  type Carried,
} from '../trip/queries.js';
import { seededRandom, standardNormal } from '../units/random.js';
import { fairnessSchool } from '../share/fairness.js';
import type { ShareFigures } from '../share/shareFigures.js';

export interface Weighing {
  /** What is to be weighed: a thing, a member's own things packed, a body. */
  readonly what: string;
  readonly kind: 'thing' | 'own' | 'body';
  /** The part of what is uncertain about the largest load that goes with it, 0 to 1. */
  readonly part: number;
}

export interface StandsOn {
  /** Things in packs, and those of them whose mass is a guess. */
  readonly masses: number;
  readonly estimates: number;
  /** Things without any mass, not even a guess: they count as nothing. */
  readonly unweighed: readonly string[];
  /** Members of whose own things nothing is known, and those of whom one figure is. */
  readonly ownUnknown: readonly Member[];
  readonly ownFigures: readonly Member[];
  /** Members whose body weight nobody has said. */
  readonly bodiesUnsaid: readonly Member[];
  /** Pieces that make the largest load whoever carries them. */
  readonly alone: readonly string[];
  /** Between these the largest load is in eight of ten cases, by the trip's school of fairness. */
  readonly low: number;
  readonly high: number;
  /** The three most worth weighing, the first first. */
  readonly weighFirst: readonly Weighing[];
}

/** Draws from what the masses may be; more change the ends of the range by less than a percent of it. */
const DRAWS = 600;
/** Adults' body weights spread by about so much of their mean (from memory). */
const BODY_SPREAD = 0.18;
/** What such trips usually have spreads by so much from person to person (Graft's own). */
const OWN_SPREAD = 0.3;
/** Days as heavy as this part of a member's worst may become the worst. */
const NEAR_WORST = 0.85;
/** Less than this of the uncertainty is not worth a walk to the scale. */
const LEAST_PART = 0.03;
/** A piece makes the peak alone when its lightest carrier comes so near to it. */
const ALONE = 0.985;

/** One mass that is not known, and the loads it is part of. */
interface Unknown {
  readonly weighing: Omit<Weighing, 'part'>;
  /** What it adds to what is counted now, kg, and by how much that may be off. */
  readonly meanKg: number;
  readonly spreadKg: number;
  /** Loads, by number, with the kg in each for a kg more of it. */
  readonly loads: readonly (readonly [load: number, factor: number])[];
}

/** A member's load on a day that is or may become the largest. */
interface Load {
  readonly memberId: string;
  readonly day: number;
  readonly totalKg: number;
  readonly yard: number;
}

/** @param figures of the same trip */
export function standsOn(trip: Trip, figures: ShareFigures): StandsOn {
  const inPacks = allThings(trip).filter((t) => !(isPersonal(t) && t.worn));
  const named = inPacks.filter((t) => !(isPersonal(t) && isUnlisted(t)));
  const ownUnknown = trip.members.filter((m) => isOwnUnknown(trip, m));
  const range = largestRange(trip, figures);
  return {
    masses: named.length,
    estimates: named.filter((t) => t.massEstimated && !isUnweighed(t)).length,
    unweighed: named.filter(isUnweighed).map((t) => nameAlone(trip, t)),
    ownUnknown,
    ownFigures: trip.members.filter((m) => ownTotal(trip, m).restKg > 0),
    bodiesUnsaid: trip.members.filter((m) => m.bodyEstimated === true),
    alone: piecesAlone(trip, figures),
    ...range,
  };
}

/** Pieces whose lightest carrier, with them and nothing else of the group's, is about as loaded as the largest load is. */
function piecesAlone(trip: Trip, figures: ShareFigures): readonly string[] {
  const { largestMember, level } = figures;
  if (largestMember === undefined || level === 0) return [];
  const byId = new Map(figures.members.map((m) => [m.member.id, m]));
  const school = fairnessSchool(trip.fairness);
  const loadedWith = (memberId: string, piece: Carried): number => {
    const { member, loads } = byId.get(memberId)!;
    return Math.max(
      ...loads.map((l) => {
        const kg = l.packKg + l.personalKg + l.waterKg + massOnDayKg(piece, l.day, legOfDay(trip, l.day));
        return kg / school.yardstick(member, l.limitKg);
      }),
    );
  };
  return carriedPieces(trip, largestMember.id, figures.largestDay)
    .filter((piece) => !isPersonal(piece))
    .filter((piece) => {
      const least = Math.min(...allowedCarriers(trip, piece).map((m) => loadedWith(m.id, piece)));
      return least >= ALONE * level;
    })
    .map((piece) => nameAlone(trip, piece));
}

function largestRange(trip: Trip, figures: ShareFigures): Pick<StandsOn, 'low' | 'high' | 'weighFirst'> {
  const loads = heavyLoads(trip, figures);
  const unknowns = unknownsOf(trip, loads);
  if (unknowns.length === 0 || loads.length === 0)
    return { low: figures.largestRatio, high: figures.largestRatio, weighFirst: [] };
  const random = seededRandom(1);
  const draws = Array.from({ length: DRAWS }, () => unknowns.map(() => standardNormal(random)));
  const isLimit = trip.fairness !== 'plainKg';
  const peaks = draws.map((z) => {
    const kg = loads.map((l) => l.totalKg);
    const yards = loads.map((l) => l.yard);
    for (const [i, unknown] of unknowns.entries()) {
      if (unknown.weighing.kind === 'body') {
        // A limit goes with the body weight that it is a share of.
        if (isLimit)
          for (const [load] of unknown.loads) yards[load]! *= Math.max(0.5, 1 + BODY_SPREAD * z[i]!);
        continue;
      }
      const moreKg = unknown.meanKg + unknown.spreadKg * z[i]!;
      for (const [load, factor] of unknown.loads) kg[load]! += factor * moreKg;
    }
    return Math.max(...kg.map((k, i) => k / yards[i]!));
  });
  const sorted = [...peaks].sort((a, b) => a - b);
  const parts = unknowns.map((_u, i) =>
    squaredCorrelation(
      peaks,
      draws.map((z) => z[i]!),
    ),
  );
  const weighFirst = unknowns
    .map((u, i): Weighing => ({ ...u.weighing, part: parts[i]! }))
    .filter((w) => w.part >= LEAST_PART)
    .sort((a, b) => b.part - a.part)
    .slice(0, 3);
  return { low: sorted[Math.floor(0.1 * DRAWS)]!, high: sorted[Math.floor(0.9 * DRAWS)]!, weighFirst };
}

/** Each member's heaviest days, and those near them. */
function heavyLoads(trip: Trip, figures: ShareFigures): readonly Load[] {
  const school = fairnessSchool(trip.fairness);
  return figures.members.flatMap(({ member, loads, measures, largestMeasure }) =>
    loads.flatMap((l, d): readonly Load[] =>
      measures[d]! >= NEAR_WORST * largestMeasure && l.totalKg > 0
        ? [{ memberId: member.id, day: l.day, totalKg: l.totalKg, yard: school.yardstick(member, l.limitKg) }]
        : [],
    ),
  );
}

function unknownsOf(trip: Trip, loads: readonly Load[]): readonly Unknown[] {
  const byThing = new Map<string, { thing: Carried; loads: [number, number][] }>();
  for (const [i, load] of loads.entries()) {
    const leg = legOfDay(trip, load.day);
    const things = [
      ...ownInPack(trip, load.memberId, load.day),
      ...carriedPieces(trip, load.memberId, load.day),
    ];
    for (const thing of things) {
      if (!thing.massEstimated || isUnweighed(thing) || (isPersonal(thing) && isUnlisted(thing))) continue;
      const factor = massOnDayKg(thing, load.day, leg) / thing.massKg;
      if (factor === 0) continue;
      const known = byThing.get(thing.id);
      if (known === undefined) byThing.set(thing.id, { thing, loads: [[i, factor]] });
      else known.loads.push([i, factor]);
    }
  }
  const ofMember = (m: Member): Unknown['loads'] =>
    loads.flatMap((l, i) => (l.memberId === m.id ? [[i, 1] as const] : []));
  return [
    ...[...byThing.values()].map(({ thing, loads: among }): Unknown => ({
      weighing: { what: nameAlone(trip, thing), kind: 'thing' },
      meanKg: 0,
      spreadKg: spreadOf(thing),
      loads: among,
    })),
    ...trip.members.flatMap((m): readonly Unknown[] => ownUnknowns(trip, m, ofMember(m))),
    ...trip.members
      .filter((m) => m.bodyEstimated === true)
      .map((m): Unknown => ({
        weighing: { what: `${m.name}’s body weight`, kind: 'body' },
        meanKg: 0,
        spreadKg: 0,
        loads: ofMember(m),
      })),
  ];
}

/** What is not known of a member's own things as a whole. */
function ownUnknowns(trip: Trip, member: Member, loads: Unknown['loads']): readonly Unknown[] {
  const weighing = { what: `${member.name}’s own things`, kind: 'own' } as const;
  if (isOwnUnknown(trip, member)) {
    const { kg } = suggestOwn(trip, member);
    return [{ weighing, meanKg: kg, spreadKg: OWN_SPREAD * kg, loads }];
  }
  const { restKg } = ownTotal(trip, member);
  return restKg > 0 && member.ownThingsEstimated === true
    ? [{ weighing, meanKg: 0, spreadKg: ESTIMATE_ERROR * restKg, loads }]
    : [];
}

/** How far a guessed mass may be off: by what such things weigh where the vocabulary knows, else by a fifth. */
function spreadOf(thing: Carried): number {
  const range = vocabularyRangeKg(thing.name);
  const byRange = range === undefined ? ESTIMATE_ERROR * thing.massKg : (range[1] - range[0]) / RANGE_SPREADS;
  return Math.min(0.4 * thing.massKg, Math.max(0.1 * thing.massKg, byRange));
}
/** A usual range holds about eight of ten things: that many standard deviations (normal distribution). */
const RANGE_SPREADS = 2.56;

/** The part of the variance of `a` that goes with `b` in a straight line. */
function squaredCorrelation(a: readonly number[], b: readonly number[]): number {
  const mean = (v: readonly number[]): number => v.reduce((x, y) => x + y, 0) / v.length;
  const [ma, mb] = [mean(a), mean(b)];
  let [ab, aa, bb] = [0, 0, 0];
  for (let i = 0; i < a.length; i += 1) {
    const [da, db] = [a[i]! - ma, b[i]! - mb];
    ab += da * db;
    aa += da * da;
    bb += db * db;
  }
  return aa < 1e-18 || bb < 1e-18 ? 0 : (ab * ab) / (aa * bb);
}
