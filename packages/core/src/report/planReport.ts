/** What a planned trip comes to, as plain figures: the report of the command line. */
import { nameAlone } from '../trip/queries.js';
import type { FairnessSchoolId, PointCm, Trip } from '../trip/model.js';
import { shareFigures } from '../share/shareFigures.js';
import { shareVerdict, type ShareVerdict } from '../share/shareVerdict.js';
import { assessStow } from '../stow/assessStow.js';
import { planningDay } from '../stow/stowProblem.js';

export interface MemberReport {
  readonly memberId: string;
  readonly name: string;
  readonly limitKg: number;
  readonly limitReason: string;
  readonly days: readonly {
    readonly day: number;
    readonly loadKg: number;
    readonly limitKg: number;
    readonly ratio: number;
  }[];
  /** Of the planned stow, on `plannedForDay`. */
  readonly plannedForDay: number;
  readonly centreOfGravityCm: PointCm;
  readonly packingSchool: string;
  readonly bandCm: readonly [number, number];
  /** How high the heavy half rides, cm; left out when nothing heavy is stowed. */
  readonly heavyCm: number | undefined;
  readonly inBand: boolean;
  readonly warnings: readonly string[];
}
export interface PlanReport {
  readonly seed: number;
  /** What the ratios are of: the trip's school of fairness. */
  readonly fairness: FairnessSchoolId;
  readonly largestRatio: number;
  readonly bound: number;
  readonly boundReason: string;
  /** The largest ratio among those who carry something of the group's, its bound, and how far it is above that. */
  readonly level: number;
  readonly boundLevel: number;
  readonly gap: number;
  /** The same in words. */
  readonly verdict: ShareVerdict;
  readonly members: readonly MemberReport[];
  readonly warnings: readonly string[];
}
/** The report of a trip as it stands. */
export function planReport(trip: Trip, seed: number): PlanReport {
  const figures = shareFigures(trip);
  return {
    seed,
    fairness: trip.fairness,
    largestRatio: figures.largestRatio,
    bound: figures.bound.ratio,
    boundReason: figures.bound.reason,
    level: figures.level,
    boundLevel: figures.bound.level,
    gap: figures.gap,
    verdict: shareVerdict(trip, figures, 'kg', figures.bound, 2),
    members: figures.members.map(({ member, loads, heaviest }) => {
      const day = planningDay(trip, member.id);
      const stow = assessStow(trip, member.id, day);
      return {
        memberId: member.id,
        name: member.name,
        limitKg: heaviest.limitKg,
        limitReason: heaviest.limitReason,
        days: loads.map((l) => ({ day: l.day, loadKg: l.totalKg, limitKg: l.limitKg, ratio: l.ratio })),
        plannedForDay: day,
        centreOfGravityCm: stow.centreOfGravityCm,
        packingSchool: stow.school.id,
        bandCm: stow.band,
        heavyCm: stow.heavyCm,
        inBand: stow.inBand,
        warnings: stow.findings.map((f) => f.message),
      };
    }),
    warnings: [
      ...figures.unshared.map((p) => `${nameAlone(trip, p)} is carried by nobody`),
      ...figures.warnings,
    ],
  };
}
