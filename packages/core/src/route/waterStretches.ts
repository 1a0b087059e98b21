/**
 * Water along the way: how long it is from one sure source to the next, and how much that asks for. Only sources marked
 * sure count; a camp has water unless its leg says that it is dry; a cache gives what was laid there, and no more.
 */
import type { Trip } from '../trip/model.js';
import { isWithParty } from '../trip/queries.js';
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
export const STEP_L = 0.5;

export interface DayWater {
  readonly day: number;
  /** The longest stretch of the day without sure water. */
  readonly fromKm: number;
  readonly toKm: number;
  readonly hours: number;
  /** Of what it asks for, each takes so much from caches on it, litres. */
  readonly fromCachesL: number;
  /** Suggested litres for it, without what caches give. */
  readonly waterL: number;
  /** Suggested litres for a dry camp and the way to the next day's first source. */
  readonly campWaterL: number;
  readonly dryCamp: boolean;
  /** Where bottles and bags must be full: the last sure water before the dry camp, or before the stretch. */
  readonly fillAt: string;
}

/**
 * Litres drunk an hour at a temperature: the trip's rate, and more above 20 °C.
 *
 * @param dayC the day's forecast maximum, or undefined where there is none
 */
export function drinkingLPerH(rateLPerH: number, dayC: number | undefined): number {
  return rateLPerH * (1 + MORE_PER_C * Math.max(0, (dayC ?? WARM_C) - WARM_C));
}

/** A place on a day's way where bottles are filled: a source that does not run dry, or a cache that holds so much for each. */
interface Fill {
  readonly km: number;
  readonly eachL: number;
  readonly name: string;
}

/** The stretch of a day over which most has to be carried. */
interface Stretch {
  readonly fromKm: number;
  readonly toKm: number;
  readonly needL: number;
  readonly fromCachesL: number;
  readonly fillAt: string;
}

/**
 * From each place where bottles are filled to each later one, as far as no endless source lies between: what is drunk on
 * the way, less what the caches between give. The largest of them has to be carried.
 */
function driestStretch(fills: readonly Fill[], lPerKm: number): Stretch {
  let driest: Stretch | undefined;
  fills.forEach((from, i) => {
    let cachedL = 0;
    for (const to of fills.slice(i + 1)) {
      const needL = (to.km - from.km) * lPerKm - cachedL;
      const isLonger =
        driest === undefined ||
        needL > driest.needL + 1e-9 ||
        (Math.abs(needL - driest.needL) <= 1e-9 && to.km - from.km > driest.toKm - driest.fromKm);
      if (isLonger) driest = { fromKm: from.km, toKm: to.km, needL, fromCachesL: cachedL, fillAt: from.name };
      if (to.eachL === Infinity) break;
      cachedL += to.eachL;
    }
  });
  return driest!;
}

/** People who drink on a day, a usual portion counting as one. */
export function drinkers(trip: Trip, day: number): number {
  return trip.members.reduce((sum, m) => sum + (isWithParty(m, day) ? (m.portion ?? 1) : 0), 0);
}

/** Dry stretches and suggested litres, day by day. */
export function waterByDay(trip: Trip): readonly DayWater[] {
  const stretches = dayStretches(trip);
  const sources = trip.waypoints
    .filter((w) => w.kind === 'water' && w.reliance === 'sure')
    .sort((a, b) => a.atKm - b.atKm);
  const hoursPerKm = trip.legs.map((leg, i) =>
    leg.distanceKm === 0 ? 0 : dayTimes(trip, i + 1).plannedH / leg.distanceKm,
  );
  const fillsOf = (i: number): readonly Fill[] => {
    const people = drinkers(trip, i + 1);
    return sources
      .filter((w) => w.atKm >= stretches[i]!.fromKm && w.atKm <= stretches[i]!.toKm)
      .map((w) => ({
        km: w.atKm,
        eachL: w.cacheL === undefined ? Infinity : people === 0 ? 0 : w.cacheL / people,
        name: `${w.name}, km ${w.atKm.toFixed(1)}`,
      }));
  };
  const rate = (i: number): number => {
    const date = addDays(trip.startDate, i);
    return drinkingLPerH(trip.waterLPerH, trip.weather.find((w) => w.id === date)?.dayC);
  };
  const eveningL = trip.larder.cookWaterPieces ? DRY_EVENING_L : DRY_CAMP_L;
  return trip.legs.map((leg, i) => {
    const { fromKm, toKm } = stretches[i]!;
    const fills = fillsOf(i);
    const start = { km: fromKm, eachL: Infinity, name: i === 0 ? 'the start' : 'the last camp' };
    const driest = driestStretch(
      [start, ...fills, { km: toKm, eachL: Infinity, name: 'the camp' }],
      hoursPerKm[i]! * rate(i),
    );
    const dryCamp = leg.campWaterL > 0;
    const next = stretches[i + 1];
    const firstNext = next === undefined ? undefined : fillsOf(i + 1).find((f) => f.eachL === Infinity);
    const morningL =
      next === undefined
        ? 0
        : ((firstNext?.km ?? next.toKm) - next.fromKm) * hoursPerKm[i + 1]! * rate(i + 1);
    // A cache at the camp itself is there for the evening and the morning.
    const atCampL = fills
      .filter((f) => f.km === toKm && f.eachL < Infinity)
      .reduce((sum, f) => sum + f.eachL, 0);
    const lastFill = fills.filter((f) => f.eachL === Infinity).at(-1) ?? start;
    return {
      day: i + 1,
      fromKm: driest.fromKm,
      toKm: driest.toKm,
      hours: (driest.toKm - driest.fromKm) * hoursPerKm[i]!,
      fromCachesL: driest.fromCachesL,
      waterL: inSteps(driest.needL),
      campWaterL: dryCamp ? inSteps(Math.max(0, eveningL + morningL - atCampL)) : 0,
      dryCamp,
      fillAt: dryCamp ? lastFill.name : driest.fillAt,
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

/** As many whole steps as it takes. */
export function inSteps(litres: number): number {
  return Math.ceil(litres / STEP_L - 1e-9) * STEP_L;
}
