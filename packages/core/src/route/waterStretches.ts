/**
 * Water along the way: how long it is from one sure source to the next, and how much that asks for. Only sources marked
 * sure count; a camp has water unless its leg says that it is dry.
 */
import type { Trip } from '../trip/model.js';
import { addDays } from '../units/isoDate.js';
import { dayStretches } from './legSlopes.js';
import { dayTimes } from './walkingTime.js';

/** Cooking, washing up and the evening's drinking at a dry camp, litres a person (Graft's own starting value). */
export const DRY_CAMP_L = 2;
/** The same without the cooking, where that is shared as pieces (Graft's own). */
export const DRY_EVENING_L = 0.5;
/** Above this the body wants more, by this share a degree, in the day's forecast at valley height (Graft's own). */
const WARM_C = 20;
const MORE_PER_C = 0.05;
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

/**
 * Litres drunk an hour at a temperature: the trip's rate, and more above 20 °C.
 *
 * @param dayC the day's forecast maximum, or undefined where there is none
 */
export function drinkingLPerH(rateLPerH: number, dayC: number | undefined): number {
  return rateLPerH * (1 + MORE_PER_C * Math.max(0, (dayC ?? WARM_C) - WARM_C));
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
  const rate = (i: number): number => {
    const date = addDays(trip.startDate, i);
    return drinkingLPerH(trip.waterLPerH, trip.weather.find((w) => w.id === date)?.dayC);
  };
  const eveningL = trip.larder.cookWaterPieces ? DRY_EVENING_L : DRY_CAMP_L;
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
      waterL: inSteps(hours * rate(i)),
      campWaterL: dryCamp ? inSteps(eveningL + morningH * rate(i + 1)) : 0,
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
