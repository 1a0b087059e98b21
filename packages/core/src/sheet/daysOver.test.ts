import { daysOver } from './daysOver.js';

const trip = (timeZone: string) => ({ startDate: '2027-05-10', timeZone });

test.each([
  // Before it, in its morning and in its evening.
  ['2027-05-09T22:00:00Z', 'UTC', 0],
  ['2027-05-10T11:00:00Z', 'UTC', 0],
  ['2027-05-10T16:00:00Z', 'UTC', 1],
  ['2027-05-11T09:00:00Z', 'UTC', 1],
  ['2027-05-11T20:00:00Z', 'UTC', 2],
  ['2027-07-01T00:00:00Z', 'UTC', 52],
  ['2020-01-01T00:00:00Z', 'UTC', 0],
  // By the clock of where the trip is: there it is the next morning, or still the day before.
  ['2027-05-10T06:00:00Z', 'Pacific/Auckland', 1],
  ['2027-05-10T12:30:00Z', 'Pacific/Auckland', 1],
  ['2027-05-11T03:00:00Z', 'America/Anchorage', 1],
  ['2027-05-10T23:30:00Z', 'America/Anchorage', 0],
])('%s in %s: %i days are over', (now, timeZone, days) => {
  expect(daysOver(trip(timeZone), new Date(now))).toBe(days);
});
