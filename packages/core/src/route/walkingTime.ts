/** Walking time of a day: by Naismith and Langmuir, by Tobler, and for each member at their own pace. */
import { dayLoad } from '../load/memberLoad.js';
import { fitTrials, trialSpeed } from '../limits/trialFit.js';
import { nonIncreasingFit } from '../limits/isotonic.js';
import type { Experience, Ground, Leg, Member, Trip } from '../trip/model.js';
import { slopesOfDay } from './legSlopes.js';
import { LANGMUIR, langmuirHours, naismithHours } from '../carriage/naismith.js';
import type { Slope } from './profile.js';
import { TOBLER_OFF_PATH, toblerSpeedKmh } from '../carriage/tobler.js';

/** Grounds that are walked at Tobler's off-path speed. */
export const OFF_PATH: readonly Ground[] = ['moor', 'scramble', 'climbing', 'snow', 'glacier'];

const slopeDeg = (s: Slope): number => (Math.atan2(Math.abs(s.riseM), s.distanceKm * 1000) * 180) / Math.PI;

/**
 * Naismith's time with Langmuir's corrections.
 *
 * @param leg distance and climb as the leg says them
 * @param slopes where the descent lies, by steepness
 */
export function naismithLangmuirHours(
  leg: Pick<Leg, 'distanceKm' | 'climbM'>,
  slopes: readonly Slope[],
): number {
  const descent = (from: number, to: number): number =>
    slopes
      .filter((s) => s.riseM < 0 && slopeDeg(s) >= from && slopeDeg(s) <= to)
      .reduce((sum, s) => sum - s.riseM, 0);
  const gentleM = descent(LANGMUIR.gentleFromDeg, LANGMUIR.steepFromDeg);
  const steepM = descent(LANGMUIR.steepFromDeg + 1e-9, 90);
  return Math.max(0, naismithHours(leg.distanceKm, leg.climbM) + langmuirHours(gentleM, steepM));
}

/** Tobler's time over slopes. */
export function toblerHours(slopes: readonly Slope[], ground: Ground): number {
  const hours = slopes.reduce(
    (sum, s) =>
      s.distanceKm === 0 ? sum : sum + s.distanceKm / toblerSpeedKmh(s.riseM / (s.distanceKm * 1000)),
    0,
  );
  return OFF_PATH.includes(ground) ? hours / TOBLER_OFF_PATH : hours;
}

export interface DayTimes {
  readonly naismithLangmuirH: number;
  readonly toblerH: number;
  /** What the plan reckons with: the leader's hours, or Naismith and Langmuir's where the leader gave none. */
  readonly plannedH: number;
}

export function dayTimes(trip: Trip, day: number): DayTimes {
  const leg = trip.legs[day - 1]!;
  const slopes = slopesOfDay(trip, day);
  const naismithLangmuirH = naismithLangmuirHours(leg, slopes);
  return {
    naismithLangmuirH,
    toblerH: toblerHours(slopes, leg.ground),
    plannedH: leg.hours > 0 ? leg.hours : naismithLangmuirH,
  };
}

/** Time of a walker without a trial as a multiple of the planned time (Graft's own starting guesses). */
export const PACE_FACTORS: Readonly<Record<Experience, number>> = {
  newcomer: 1.2,
  regular: 1,
  seasoned: 0.9,
};

export interface Pace {
  /** Multiplies the planned time. */
  readonly factor: number;
  readonly reason: string;
}

/**
 * A member's time as a multiple of the planned one: from the trial walks at this load where there are some, else a
 * guess by experience.
 *
 * @param loadKg what is carried that day
 */
export function memberPace(member: Member, loadKg: number): Pace {
  const walks = member.carryTrials.filter((t) => !t.interrupted).sort((a, b) => a.loadKg - b.loadKg);
  if ('lacks' in fitTrials(member) || walks.length < 2) {
    return {
      factor: PACE_FACTORS[member.experience],
      reason: `no trial walks: Graft's starting guess for a ${member.experience} walker`,
    };
  }
  const speeds = nonIncreasingFit(walks.map((t) => ({ value: trialSpeed(t), weight: 1 })));
  const above = walks.findIndex((t) => t.loadKg > loadKg);
  const speed = ((): number => {
    if (above === 0) return speeds[0]!;
    if (above < 0) return speeds[speeds.length - 1]!;
    const [a, b] = [walks[above - 1]!.loadKg, walks[above]!.loadKg];
    return speeds[above - 1]! + ((loadKg - a) / (b - a)) * (speeds[above]! - speeds[above - 1]!);
  })();
  return { factor: 1 / speed, reason: `own trial walks, at ${loadKg.toFixed(1)} kg` };
}

export interface MemberTime extends Pace {
  readonly memberId: string;
  readonly hours: number;
}

/** Every member's walking time of a day, slowest first. */
export function memberTimes(trip: Trip, day: number): readonly MemberTime[] {
  const { plannedH } = dayTimes(trip, day);
  return trip.members
    .map((member) => {
      // Only a trial's pace hangs on the load.
      const loadKg = member.carryTrials.length < 2 ? 0 : dayLoad(trip, member, day).totalKg;
      const pace = memberPace(member, loadKg);
      return { memberId: member.id, ...pace, hours: plannedH * pace.factor };
    })
    .sort((a, b) => b.hours - a.hours);
}
