/** Sunrise, sunset and civil twilight of a date at a place, by the SunCalc library (upper limb, standard refraction). */
import { getTimes } from 'suncalc';
import { localMoment } from '../units/isoDate.js';

export type Daylight =
  | {
      readonly kind: 'usual';
      readonly sunrise: Date;
      readonly sunset: Date;
      /** Civil twilight: the sun 6° below the horizon; absent in white nights. */
      readonly dawn: Date | undefined;
      readonly dusk: Date | undefined;
      readonly hours: number;
    }
  | { readonly kind: 'alwaysUp' | 'alwaysDown'; readonly hours: 24 | 0 };

/**
 * @param isoDate YYYY-MM-DD, the local date
 * @param latitudeDeg north positive
 * @param longitudeDeg east positive
 */
export function daylight(isoDate: string, latitudeDeg: number, longitudeDeg: number): Daylight {
  // The sun's own noon at this longitude, so that the date is the local one.
  const noon = new Date(Date.parse(`${isoDate}T12:00:00Z`) - (longitudeDeg / 15) * 3_600_000);
  const times = getTimes(noon, latitudeDeg, longitudeDeg);
  if (times.alwaysUp === true) return { kind: 'alwaysUp', hours: 24 };
  const { sunrise, sunset } = times;
  if (sunrise === null || sunset === null) return { kind: 'alwaysDown', hours: 0 };
  return {
    kind: 'usual',
    sunrise,
    sunset,
    dawn: times.dawn ?? undefined,
    dusk: times.dusk ?? undefined,
    hours: (sunset.getTime() - sunrise.getTime()) / 3_600_000,
  };
}

/** Hours since local midnight of an instant in a time zone, from 0 to 24. */
export function localHour(instant: Date, timeZone: string): number {
  return clockHours(localMoment(instant, timeZone).slice('YYYY-MM-DDT'.length));
}

/** "05:09" for 5.15 hours; hours beyond midnight go on from 00:00. */
export function clock(hours: number): string {
  const minutes = Math.round(hours * 60);
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${two(Math.floor(minutes / 60) % 24)}:${two(minutes % 60)}`;
}

/** Hours of "HH:MM". */
export function clockHours(text: string): number {
  const [hours, minutes] = text.split(':').map(Number);
  return hours! + minutes! / 60;
}
