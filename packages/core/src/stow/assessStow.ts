/**
 * What a stow is worth on a day: where everything lies, the centre of gravity against the school's band, how full each
 * zone is, and every finding in words. The same for a planned stow and one made by hand.
 */
import { centreOfGravity } from '../carriage/centreOfGravity.js';
import { FAIR_OFFSET_CM, type PackingSchool } from '../carriage/packingSchool.js';
import type { Placement, PointCm, Side, Thing, Trip, Zone } from '../trip/model.js';
import { formatMass, formatVolume } from '../units/format.js';
import { compareLoading } from './loadingOrder.js';
import { clash, misfit, placementVerdict, preferredKinds, type Verdict } from './placementRules.js';
import { stowProblem, type StowProblem, type StowThing } from './stowProblem.js';
import { boxCentre, isMainZone, layoutZone, type Box } from './zoneLayout.js';

export interface PlacedThing {
  readonly thing: Thing;
  readonly zone: Zone;
  readonly side: Side;
  readonly pinned: boolean;
  /** On the day looked at, with water, kg. */
  readonly massKg: number;
  readonly waterL: number;
  readonly volumeL: number;
  readonly box: Box;
  readonly verdict: Verdict;
  /** Why it is here, in words. */
  readonly reason: string;
}
export interface ZoneFill {
  readonly zone: Zone;
  /** On its fullest day, litres. */
  readonly fullestL: number;
  readonly fullestDay: number;
  readonly volumeL: number;
  readonly massKg: number;
}
export type FindingKind = 'unplaced' | 'fit' | 'safety' | 'needed' | 'balance' | 'water';
export interface Finding {
  readonly kind: FindingKind;
  readonly thingId?: string;
  readonly message: string;
}
export interface StowAssessment {
  readonly day: number;
  readonly school: PackingSchool;
  readonly band: readonly [number, number];
  readonly placed: readonly PlacedThing[];
  /** Things of this pack that the stow puts nowhere. */
  readonly unplaced: readonly Thing[];
  /** Of the empty pack and everything placed, cm. */
  readonly centreOfGravityCm: PointCm;
  readonly massKg: number;
  readonly inBand: boolean;
  /** How far z is outside the band, cm, signed; 0 inside. */
  readonly bandMissCm: number;
  readonly zones: readonly ZoneFill[];
  readonly findings: readonly Finding[];
}

/** Rounding slack of volumes, litres. */
const VOLUME_SLACK_L = 0.005;

/**
 * Assess a member's stow.
 *
 * @param placements where things go; by default what the trip's stow says
 * @param day the day whose masses count
 */
export function assessStow(
  trip: Trip,
  memberId: string,
  day: number,
  placements: readonly Placement[] = trip.stows.find((s) => s.memberId === memberId)?.placements ?? [],
): StowAssessment {
  return assess(stowProblem(trip, memberId, day), placements);
}

export function assess(problem: StowProblem, placements: readonly Placement[]): StowAssessment {
  const placementOf = new Map(placements.map((p) => [p.thingId, p]));
  const placed: PlacedThing[] = [];
  const zones: ZoneFill[] = [];
  for (const zone of problem.pack.zones) {
    const inZone = problem.things
      .filter((t) => placementOf.get(t.thing.id)?.zoneId === zone.id)
      .sort(compareLoading);
    const boxes = layoutZone(
      zone,
      inZone.map((t) => ({
        shape: t.thing.shape,
        volumeL: t.volumeL[problem.day - 1]!,
        side: placementOf.get(t.thing.id)!.side,
      })),
    );
    zones.push(zoneFill(zone, inZone, problem.day));
    for (const [i, stowThing] of inZone.entries()) {
      const { side, pinned } = placementOf.get(stowThing.thing.id)!;
      const verdict = placementVerdict(stowThing.thing, zone, problem.house);
      placed.push({
        thing: stowThing.thing,
        zone,
        side,
        pinned,
        massKg: stowThing.massKg,
        waterL: stowThing.waterL,
        volumeL: stowThing.volumeL[problem.day - 1]!,
        box: boxes[i]!,
        verdict,
        reason: pinned ? `pinned here by hand; ${verdict.reason}` : verdict.reason,
      });
    }
  }
  const unplaced = problem.things
    .map((t) => t.thing)
    .filter((thing) => !placed.some((p) => p.thing.id === thing.id));
  const masses = [
    { massKg: problem.pack.tareKg, atCm: problem.pack.centreOfGravityCm },
    ...placed.map((p) => ({ massKg: p.massKg, atCm: boxCentre(p.box) })),
  ];
  const massKg = masses.reduce((sum, m) => sum + m.massKg, 0);
  const cg = massKg > 0 ? centreOfGravity(masses) : problem.pack.centreOfGravityCm;
  const [low, high] = problem.band;
  const bandMissCm = cg.z < low ? cg.z - low : cg.z > high ? cg.z - high : 0;
  const assessment = {
    day: problem.day,
    school: problem.school,
    band: problem.band,
    placed,
    unplaced,
    centreOfGravityCm: cg,
    massKg,
    inBand: bandMissCm === 0,
    bandMissCm,
    zones,
  };
  return { ...assessment, findings: findingsOf(problem, assessment) };
}

function zoneFill(zone: Zone, things: readonly StowThing[], day: number): ZoneFill {
  const dayCount = things[0]?.volumeL.length ?? 1;
  let fullestL = -1;
  let fullestDay = 1;
  for (let d = 1; d <= dayCount; d += 1) {
    const sum = things.reduce((v, t) => v + t.volumeL[d - 1]!, 0);
    if (sum > fullestL + 1e-9) {
      fullestL = sum;
      fullestDay = d;
    }
  }
  return {
    zone,
    fullestL,
    fullestDay,
    volumeL: things.reduce((v, t) => v + t.volumeL[day - 1]!, 0),
    massKg: things.reduce((m, t) => m + t.massKg, 0),
  };
}

function findingsOf(problem: StowProblem, a: Omit<StowAssessment, 'findings'>): readonly Finding[] {
  const findings: Finding[] = [];
  for (const thing of a.unplaced) {
    findings.push({
      kind: 'unplaced',
      thingId: thing.id,
      message: `${thing.name} (${formatMass(thing.massKg)}) has no place yet`,
    });
  }
  for (const fill of a.zones) {
    const overL = fill.fullestL - fill.zone.volumeL;
    if (overL > VOLUME_SLACK_L) {
      findings.push({
        kind: 'fit',
        message: `${fill.zone.name} is ${formatVolume(overL)} over its ${formatVolume(fill.zone.volumeL)} on day ${fill.fullestDay}`,
      });
    }
    if (fill.zone.maxLoadKg !== undefined && fill.massKg > fill.zone.maxLoadKg + 1e-9) {
      findings.push({
        kind: 'fit',
        message: `${fill.zone.name} holds ${formatMass(fill.massKg)}, its limit is ${formatMass(fill.zone.maxLoadKg)}`,
      });
    }
  }
  for (const p of a.placed) {
    const wrongShape = misfit(p.thing, p.zone, problem.mainSizeCm);
    if (wrongShape !== undefined) {
      findings.push({
        kind: 'fit',
        thingId: p.thing.id,
        message: `${p.thing.name} in ${p.zone.name}: ${wrongShape}`,
      });
    }
    if (p.verdict.level === 'never') {
      findings.push({
        kind: 'safety',
        thingId: p.thing.id,
        message: `${p.thing.name} in ${p.zone.name}: ${p.verdict.reason}`,
      });
    } else if (p.verdict.tooDeep) {
      const better = preferredKinds(p.thing, problem.house)
        .map((kind) => problem.pack.zones.find((z) => z.kind === kind)?.name)
        .find((name) => name !== undefined);
      findings.push({
        kind: 'needed',
        thingId: p.thing.id,
        message: `${p.thing.name} in ${p.zone.name}: ${p.verdict.reason}${better === undefined ? '' : `; better in ${better}`}`,
      });
    }
  }
  for (const [i, p] of a.placed.entries()) {
    for (const q of a.placed.slice(i + 1)) {
      const why = p.zone === q.zone ? clash(p.thing, q.thing) : undefined;
      if (why !== undefined) {
        findings.push({
          kind: 'safety',
          thingId: p.thing.id,
          message: `${p.thing.name} and ${q.thing.name} share ${p.zone.name}: ${why}`,
        });
      }
    }
  }
  if (problem.waterWithoutContainerL > 1e-9) {
    findings.push({
      kind: 'water',
      message: `${formatVolume(problem.waterWithoutContainerL)} of day ${a.day}'s water has no container in this pack`,
    });
  }
  if (a.placed.length > 0 && !a.inBand) {
    findings.push({
      kind: 'balance',
      message: `centre of gravity ${Math.abs(a.bandMissCm).toFixed(1)} cm ${a.bandMissCm > 0 ? 'above' : 'below'} the band of "${a.school.name}", ${a.band[0].toFixed(0)}–${a.band[1].toFixed(0)} cm`,
    });
  }
  const { x } = a.centreOfGravityCm;
  if (Math.abs(x) > FAIR_OFFSET_CM) {
    findings.push({
      kind: 'balance',
      message: `centre of gravity ${Math.abs(x).toFixed(1)} cm to the ${x > 0 ? 'right' : 'left'}: move ${formatMass(gramsToCentre(a) / 1000)} across`,
    });
  }
  return findings;
}

/**
 * How many grams to move across to cancel the sideways offset: from the middle of one half of the main compartment to
 * the middle of the other, w/2 apart, moving m shifts the moment by m · w/2.
 */
export function gramsToCentre(a: Pick<StowAssessment, 'centreOfGravityCm' | 'massKg' | 'zones'>): number {
  const widthCm = Math.max(1, ...a.zones.filter((z) => isMainZone(z.zone.kind)).map((z) => z.zone.widthCm));
  return (Math.abs(a.centreOfGravityCm.x) * a.massKg * 1000) / (widthCm / 2);
}
