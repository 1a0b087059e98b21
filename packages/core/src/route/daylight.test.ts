import { clock, clockHours, daylight, localHour } from './daylight.js';

/** Minutes between a computed and a published local time. */
function minutesFrom(date: Date, timeZone: string, published: string): number {
  return Math.abs(localHour(date, timeZone) - clockHours(published)) * 60;
}

// Almanac times to the minute, as published by the US Naval Observatory and HM Nautical Almanac Office (from memory).
test.each([
  ['London, midsummer', '2024-06-20', 51.5, -0.13, 'Europe/London', '04:43', '21:21'],
  ['London, midwinter', '2024-12-21', 51.5, -0.13, 'Europe/London', '08:04', '15:53'],
  ['New York, midwinter', '2024-12-21', 40.71, -74.01, 'America/New_York', '07:17', '16:32'],
  ['Sydney, midsummer', '2024-12-21', -33.87, 151.21, 'Australia/Sydney', '05:41', '20:05'],
])('%s', (_where, date, latitude, longitude, zone, rise, set) => {
  const light = daylight(date, latitude, longitude);
  if (light.kind !== 'usual') throw new Error('expected a sunrise');
  expect(minutesFrom(light.sunrise, zone, rise)).toBeLessThanOrEqual(2);
  expect(minutesFrom(light.sunset, zone, set)).toBeLessThanOrEqual(2);
});
test('at the equator on the equinox the day is a little over twelve hours: refraction and the sun’s disc', () => {
  const light = daylight('2024-03-20', 0, 0);
  expect(light.hours).toBeGreaterThan(12);
  expect(light.hours).toBeLessThan(12.2);
});
test('beyond the polar circles the sun stays up, or down', () => {
  expect(daylight('2024-06-20', 70, 20)).toEqual({ kind: 'alwaysUp', hours: 24 });
  expect(daylight('2024-12-21', 70, 20)).toEqual({ kind: 'alwaysDown', hours: 0 });
});
test('the date is the local one, far east and far west of Greenwich', () => {
  for (const [longitude, zone] of [
    [172.6, 'Pacific/Auckland'],
    [-157.9, 'Pacific/Honolulu'],
  ] as const) {
    const light = daylight('2024-03-20', 0, longitude);
    if (light.kind !== 'usual') throw new Error('expected a sunrise');
    const day = new Intl.DateTimeFormat('en-CA', { timeZone: zone }).format(light.sunrise);
    expect(day).toBe('2024-03-20');
  }
});
test('clock times and hours', () => {
  expect([clock(5.15), clock(0), clock(25.5), clock(7.9999)]).toEqual(['05:09', '00:00', '01:30', '08:00']);
  expect(clockHours('07:45')).toBe(7.75);
});
