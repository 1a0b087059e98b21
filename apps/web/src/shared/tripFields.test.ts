import { emptyTrip, type Trip } from '@graft/core/trip';
import { parseQuantity } from '@graft/core/units';
import { readNumber, setField, takeQuantity } from './tripFields';

let trip: Trip;
let labels: string[];
const change = (label: string, made: (t: Trip) => Trip): void => {
  trip = made(trip);
  labels.push(label);
};
beforeEach(() => {
  trip = { ...emptyTrip('t', 'T', '2027-05-10', 2), notes: 'some' };
  labels = [];
});

describe('a field of the trip', () => {
  test('is set when its schema takes it', () => {
    expect(setField(change, 'timeZone', 'Europe/Oslo', 'the time zone')).toBeUndefined();
    expect(trip.timeZone).toBe('Europe/Oslo');
    expect(labels).toEqual(['the time zone']);
  });
  test('stays as it was, with the reason, when it does not', () => {
    expect(setField(change, 'setOff', '25:00', 'setting off')).toBe(
      'expected a time of day such as "08:00", got "25:00"',
    );
    expect(setField(change, 'name', '', 'name')).toBe('expected a text of 1 to 120 characters, got ""');
    expect(labels).toEqual([]);
  });
  test('that is optional can be taken away, one that is not cannot', () => {
    expect(setField(change, 'notes', undefined, 'notes')).toBeUndefined();
    expect('notes' in trip).toBe(false);
    expect(setField(change, 'style', undefined, 'style')).toMatch(/^expected one of dayWalk/);
  });
});
test('hours and litres are read in any unit', () => {
  expect(takeQuantity(change, 'longestDayH', parseQuantity('7 h 30', 'duration', 'h'), 'x')).toBeUndefined();
  expect(takeQuantity(change, 'waterLPerH', parseQuantity('700 ml', 'volume', 'l'), 'x')).toBeUndefined();
  expect(trip.longestDayH).toBe(7.5);
  expect(trip.waterLPerH).toBeCloseTo(0.7, 10);
  expect(takeQuantity(change, 'longestDayH', parseQuantity('all day', 'duration', 'h'), 'x')).toBe(
    'expected a time such as "5.5 h", "5 h 30" or "45 min", got "all day"',
  );
  expect(takeQuantity(change, 'longestDayH', parseQuantity('30', 'duration', 'h'), 'x')).toBe(
    'expected a number from 1 to 24 h, got 30',
  );
});
test.each([
  ['12.5', 12.5],
  ['12,5', 12.5],
  ['−16.92', -16.92],
  [' -3 ', -3],
  ['', undefined],
  ['west', undefined],
])('the number in "%s" is %s', (text, value) => expect(readNumber(text)).toBe(value));
