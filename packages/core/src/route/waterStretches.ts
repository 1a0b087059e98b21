/**
 * Water along the way: how long it is from one sure source to the next, and how much that asks for. Only sources marked
 * sure count; a camp has water unless its leg says that it is dry.
 */
import type { Trip } from '../trip/model.js';
import { dayStretches } from './legSlopes.js';
import { dayTimes } from './walkingTime.js';

/** Cooking, washing up and the evening's drinking at a dry camp, litres a person (Graft's own starting value). */
export const DRY_CAMP_L = 2;
/** Litres are suggested in steps of a half. */
const STEP_L = 0.5;

export interface DayWater {
  readonly day: number;
  /** The longest stretch of the day without sure water. */
  readonly fromKm: number;
  readonly toKm: number;
  readonly hours: number;
  /** Suggested litres for it. */
  readonly waterL: number;
  /** Suggested litres for a dry camp and the way to the next day's first source. */
  readonly campWaterL: number;
  readonly dryCamp: boolean;
}

/** Dry stretches and suggested litres, day by day. */
export function waterByDay(trip: Trip): readonly DayWater[] {
  const stretches = dayStretches(trip);
  const sources = trip.waypoints
    .filter((w) => w.kind === 'water' && w.reliance === 'sure')
    .map((w) => w.atKm)
    .sort((a, b) => a - b);
  const hoursPerKm = trip.legs.map((leg, i) =>
    leg.distanceKm === 0 ? 0 : dayTimes(trip, i + 1).plannedH / leg.distanceKm,
  );
  const inDay = (i: number): readonly number[] =>
    sources.filter((km) => km >= stretches[i]!.fromKm && km <= stretches[i]!.toKm);
  return trip.legs.map((leg, i) => {
    const { fromKm, toKm } = stretches[i]!;
    const points = [fromKm, ...inDay(i), toKm];
    const gaps = points.slice(1).map((to, k) => ({ fromKm: points[k]!, toKm: to }));
    const longest = gaps.reduce((a, b) => (b.toKm - b.fromKm > a.toKm - a.fromKm ? b : a));
    const hours = (longest.toKm - longest.fromKm) * hoursPerKm[i]!;
    const dryCamp = leg.campWaterL > 0;
    const next = stretches[i + 1];
    const morningH =
      next === undefined ? 0 : ((inDay(i + 1)[0] ?? next.toKm) - next.fromKm) * hoursPerKm[i + 1]!;
    return {
      day: i + 1,
      ...longest,
      hours,
      waterL: inSteps(hours * trip.waterLPerH),
      campWaterL: dryCamp ? inSteps(DRY_CAMP_L + morningH * trip.waterLPerH) : 0,
      dryCamp,
    };
  });
}

/** Days on which the legs carry less than is suggested. */
export function daysShortOfWater(trip: Trip): readonly number[] {
  return waterByDay(trip)
    .filter(({ day, waterL, campWaterL }) => {
      const leg = trip.legs[day - 1]!;
      return leg.waterL < waterL || leg.campWaterL < campWaterL;
    })
    .map(({ day }) => day);
}

/** Legs that carry less than is suggested take the suggestion; those that carry more keep it. */
export function takeSuggestedWater(trip: Trip): Trip {
  const water = waterByDay(trip);
  return {
    ...trip,
    legs: trip.legs.map((leg, i) => ({
      ...leg,
      waterL: Math.max(leg.waterL, water[i]!.waterL),
      campWaterL: Math.max(leg.campWaterL, water[i]!.campWaterL),
    })),
  };
}

function inSteps(litres: number): number {
  return Math.ceil(litres / STEP_L - 1e-9) * STEP_L;
}
