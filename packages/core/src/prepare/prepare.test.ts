import ICAL from 'ical.js';
import { tripCalendar } from '../formats/calendar.js';
import { aMember, aTrip } from '../testing/smallTrip.js';
import { addDays, dayNumber } from '../units/isoDate.js';
import { preparationDates } from './preparation.js';
import { saturdaysBefore, STEP_SHARE, trainingLadder } from './trainingLadder.js';

const weekday = (date: string): number => new Date(`${date}T00:00:00Z`).getUTCDay();

describe('the training ladder', () => {
  const member = aMember('a', { bodyMassKg: 70 });

  test('has a walk on every Saturday between today and the trip', () => {
    const dates = saturdaysBefore('2027-04-01', '2027-05-10');
    expect(dates).toEqual([
      '2027-04-03',
      '2027-04-10',
      '2027-04-17',
      '2027-04-24',
      '2027-05-01',
      '2027-05-08',
    ]);
    expect(dates.every((d) => weekday(d) === 6)).toBe(true);
    expect(saturdaysBefore('2027-04-03', '2027-04-10')).toEqual([]);
    expect(saturdaysBefore('2027-05-11', '2027-05-10')).toEqual([]);
    expect(saturdaysBefore('2026-01-01', '2027-05-10')).toHaveLength(12);
  });
  test('rises to the target, never by more than 3 % of body weight, and ends easy', () => {
    const { walks, reachedKg } = trainingLadder(member, 14, '2027-03-01', '2027-05-10');
    const rising = walks.slice(0, -1).map((w) => w.loadKg);
    expect(reachedKg).toBe(14);
    rising.forEach((kg, i) => {
      if (i === 0) return;
      expect(kg).toBeGreaterThanOrEqual(rising[i - 1]!);
      // Loads are rounded to half a kilogram.
      expect(kg - rising[i - 1]!).toBeLessThanOrEqual(STEP_SHARE * 70 + 0.5);
    });
    expect(walks[walks.length - 1]).toMatchObject({ date: '2027-05-08', loadKg: 7, easy: true });
  });
  test('with too little time it says how far it gets', () => {
    const { walks, reachedKg, targetKg } = trainingLadder(member, 20, '2027-04-20', '2027-05-10');
    expect(walks).toHaveLength(3);
    expect(reachedKg).toBeLessThan(targetKg);
  });
  test('starts where a comfortable trial has been already', () => {
    const walk = {
      id: 'w',
      date: '2027-02-01',
      loadKg: 12,
      distanceKm: 5,
      climbM: 0,
      minutes: 60,
      comfort: 8,
      interrupted: false,
    };
    const first = (m: typeof member): number =>
      trainingLadder(m, 14, '2027-03-01', '2027-05-10').walks[0]!.loadKg;
    expect(first({ ...member, carryTrials: [walk] })).toBe(12);
    expect(first({ ...member, carryTrials: [{ ...walk, comfort: 4 }] })).toBe(5.5);
    expect(first({ ...member, carryTrials: [{ ...walk, interrupted: true }] })).toBe(5.5);
  });
  test('a light trip asks for no more than itself', () => {
    const { walks } = trainingLadder(member, 4, '2027-03-01', '2027-05-10');
    expect(Math.max(...walks.map((w) => w.loadKg))).toBe(4);
  });
});

test('preparation: expiry checks, shakedown two weeks ahead, forecast, weigh-in on the eve', () => {
  expect(addDays('2027-03-01', -1)).toBe('2027-02-28');
  expect(addDays('2028-02-28', 2)).toBe('2028-03-01');
  expect(dayNumber('2027-05-10') - dayNumber('2027-05-01')).toBe(9);
  expect(preparationDates({ startDate: '2027-05-10' }).map((p) => [p.id, p.date])).toEqual([
    ['expiry', '2027-04-19'],
    ['shakedown', '2027-04-26'],
    ['forecast-first', '2027-05-05'],
    ['forecast-last', '2027-05-09'],
    ['weigh-in', '2027-05-09'],
  ]);
});

// Read by another implementation of RFC 5545, ical.js.
describe('the calendar', () => {
  const trip = {
    ...aTrip([aMember('a', { name: 'Ane; the, 2nd\\', bodyMassKg: 73.6 })], [], [], 3),
    startDate: '2027-05-10',
  };
  const ladder = trainingLadder(trip.members[0]!, 14, '2027-04-01', trip.startDate);
  // Of the third day nobody has said the way yet.
  const ways = [12.34, 8, 0].map((distanceKm, i) => ({
    ...trip.legs[i]!,
    distanceKm,
    climbM: 40 * distanceKm,
    descentM: 100,
  }));
  const text = tripCalendar({
    trip: { ...trip, legs: ways },
    preparation: preparationDates(trip),
    training: { memberId: 'a', name: trip.members[0]!.name, walks: ladder.walks },
    writtenAt: new Date('2027-04-01T10:00:00Z'),
  });
  const events = new ICAL.Component(ICAL.parse(text) as unknown[])
    .getAllSubcomponents('vevent')
    .map((e) => new ICAL.Event(e));

  test('holds every date once, as whole days', () => {
    expect(events).toHaveLength(5 + ladder.walks.length + 1 + trip.legs.length);
    expect(new Set(events.map((e) => e.uid)).size).toBe(events.length);
    expect(events.every((e) => e.startDate.isDate)).toBe(true);
    const shakedown = events.find((e) => e.summary.startsWith('Shakedown'))!;
    expect(shakedown.startDate.toString()).toBe('2027-04-26');
  });
  test('the trip lasts until the day after its last, as the standard wants it', () => {
    const whole = events.find((e) => e.summary === trip.name)!;
    expect([whole.startDate.toString(), whole.endDate.toString()]).toEqual(['2027-05-10', '2027-05-13']);
  });
  test('each day has its way', () => {
    const day = events.find((e) => e.uid.endsWith('-day-2@graft'))!;
    expect(day.startDate.toString()).toBe('2027-05-11');
    expect(day.summary).toBe(`${trip.name}, day 2: ${trip.legs[1]!.name}`);
    expect(day.description).toBe('8.0 km, 320 m up, 100 m down');
    const unsaid = events.find((e) => e.uid.endsWith('-day-3@graft'))!;
    expect(unsaid.description).toBe('way not said yet');
  });
  test('names with signs of the format’s own survive; nobody’s body weight stands in it', () => {
    expect(events.some((e) => e.summary.includes('Ane; the, 2nd\\'))).toBe(true);
    expect(text).not.toContain('73.6');
  });
  test('is the same for the same stamp', () => {
    expect(text).toContain('DTSTAMP:20270401T100000Z');
  });
});
