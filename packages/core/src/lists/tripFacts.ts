/** What a kit list hangs on: nights, the coldest of them at the camps, rain, wind, insects, sun, snow, cooking. */
import type { Insects, Trip } from '../trip/model.js';
import { addDays, dayNumber } from '../units/isoDate.js';
import { campTemperatureC } from '../weather/lapse.js';

export interface TripFacts {
  readonly days: number;
  readonly nights: number;
  /** Coldest night at a camp, °C; undefined while no night has a forecast. */
  readonly coldestNightC: number | undefined;
  /** Coldest and warmest day, °C, at the height of that day's camp. */
  readonly coldestDayC: number | undefined;
  readonly warmestDayC: number | undefined;
  /** Largest chance of rain of any day, 0 to 1. */
  readonly rainChance: number | undefined;
  readonly windKmh: number | undefined;
  /** Days of the trip without a forecast. */
  readonly daysUnknown: number;
  readonly insects: Insects | undefined;
  readonly snow: boolean;
  readonly scramble: boolean;
  readonly cooks: boolean;
  readonly tents: boolean;
}

/** What the trip says of itself and its weather. */
export function tripFacts(trip: Trip): TripFacts {
  const days = trip.legs.length;
  const byDate = new Map(trip.weather.map((w) => [w.id, w]));
  const valleyM = trip.place?.valleyElevationM;
  const known = trip.legs.flatMap((leg, i) => {
    const weather = byDate.get(addDays(trip.startDate, i));
    if (weather === undefined) return [];
    // Without heights the valley's own temperature is all there is.
    const at = (valleyC: number): number =>
      valleyM === undefined || leg.campElevationM === undefined
        ? valleyC
        : campTemperatureC(valleyC, valleyM, leg.campElevationM);
    return [{ day: i + 1, weather, nightC: at(weather.nightC), dayC: at(weather.dayC) }];
  });
  const most = (values: readonly number[]): number | undefined =>
    values.length === 0 ? undefined : Math.max(...values);
  const least = (values: readonly number[]): number | undefined =>
    values.length === 0 ? undefined : Math.min(...values);
  return {
    days,
    nights: days - 1,
    // The last day's night is spent at home.
    coldestNightC: least(known.filter((k) => k.day < days).map((k) => k.nightC)),
    coldestDayC: least(known.map((k) => k.dayC)),
    warmestDayC: most(known.map((k) => k.dayC)),
    rainChance: most(known.map((k) => k.weather.rainChance)),
    windKmh: most(known.map((k) => k.weather.windKmh)),
    daysUnknown: days - known.length,
    insects: trip.insects,
    snow: trip.legs.some((leg) => leg.ground === 'snow') || trip.larder.snow,
    scramble: trip.legs.some((leg) => leg.ground === 'scramble'),
    cooks: trip.groups.some((g) => g.kind === 'cook') && trip.style !== 'hut',
    tents: days > 1 && trip.style !== 'hut' && trip.style !== 'dayWalk',
  };
}

/** The trip's last date. */
export function lastDate(trip: Trip): string {
  return addDays(trip.startDate, trip.legs.length - 1);
}

/** Whole days from one ISO date to another, negative when it lies before. */
export function daysBetween(from: string, to: string): number {
  return dayNumber(to) - dayNumber(from);
}
