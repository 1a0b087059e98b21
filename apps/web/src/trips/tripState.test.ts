import type { TripGlance } from '@graft/core/sheet';
import { tripState } from './tripState';

const whole: TripGlance = {
  ratios: [0.82, 0.818],
  pieces: 11,
  unshared: 0,
  packs: 2,
  stowed: 2,
  next: 'none',
};
const trip = { startDate: '2027-05-10', days: 3 };
const at = (glance: Partial<TripGlance>, today = '2027-05-01', hidden = false) =>
  tripState(trip, { ...whole, ...glance }, today, hidden);

test('each state leads to the station where it goes on', () => {
  expect(at({ next: 'begin' })).toEqual({ words: 'Nothing in it yet', next: 'Begin', station: 'start' });
  expect(at({ next: 'shares', unshared: 1 }).words).toBe('1 of 11 pieces unshared');
  expect(at({ next: 'packs', stowed: 1, ratios: [0.5, 0.82] }).words).toBe(
    'shared at 50–82 % of limits, 1 of 2 stowed',
  );
  expect(at({}).words).toBe('shared at 82 % of limits, all stowed');
});

test('a whole plan goes on by the day: before, on the way, after', () => {
  expect(at({}, '2027-05-09').station).toBe('sheets');
  expect(at({}, '2027-05-10').station).toBe('trail');
  expect(at({}, '2027-05-12').station).toBe('trail');
  expect(at({}, '2027-05-13').station).toBe('debrief');
});

test('hidden body weights give no limit away', () => {
  expect(at({}, '2027-05-01', true).words).toBe('shared, all stowed');
  expect(at({ next: 'packs', stowed: 0 }, '2027-05-01', true).words).not.toContain('%');
});
