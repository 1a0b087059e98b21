/** @jest-environment jest-fixed-jsdom */
import type * as dates from './dates';
import { dateWords, dayDate, shortDay, tripDates } from './dates';

test('a trip from its first to its last day, months and years said once', () => {
  expect(tripDates('2027-05-10', 6)).toMatch(/10.*15.*2027|May 10.*15, 2027/);
  expect(tripDates('2027-05-10', 1)).not.toMatch(/–|-/);
  expect(tripDates('2027-12-30', 4)).toMatch(/2027.*2028/);
});
test('days count from the first; summer time changes nothing', () => {
  expect(dayDate('2027-03-27', 1)).toMatch(/27/);
  expect(dayDate('2027-03-27', 2)).toMatch(/28/);
  expect(dayDate('2027-03-27', 3)).toMatch(/29/);
  expect(dayDate('2028-02-28', 2)).toMatch(/29/);
});
test('short and long forms name the same day', () => {
  expect(shortDay('2027-05-10', 3)).toMatch(/12/);
  expect(shortDay('2027-05-10', 3)).toMatch(/Wed/);
  expect(dateWords('2027-05-12')).toMatch(/Wed.*12.*2027|Wed.*May 12, 2027/);
});

describe('dates as this browser wrote them before', () => {
  afterEach(() => localStorage.clear());
  const fresh = async (): Promise<typeof dates> => {
    jest.resetModules();
    return import('./dates');
  };

  test('are kept once the page is at rest, and read from then on', async () => {
    jest.useFakeTimers();
    const first = await fresh();
    const long = first.dayDate('2027-05-10', 3);
    jest.runAllTimers();
    jest.useRealTimers();
    const kept = localStorage.getItem('graft.dates')!;
    localStorage.setItem('graft.dates', kept.replaceAll('Wed', 'Wodensday'));
    const second = await fresh();
    expect(second.dayDate('2027-05-10', 3)).toBe(long.replace('Wed', 'Wodensday'));
    expect(second.dayDate('2027-05-10', 4)).toBe(first.dayDate('2027-05-10', 4));
  });

  test('by another browser, or spoilt, are not', async () => {
    for (const kept of [
      '{"by":"another","ways":{"longDay":{"weekdays":[],"months":[],"parts":[]}}}',
      'no json',
      '[]',
      'null',
    ]) {
      localStorage.setItem('graft.dates', kept);
      expect((await fresh()).dayDate('2027-05-10', 3)).toMatch(/Wed.*12/);
    }
  });
});
