import type { DayWeather } from '../trip/model.js';
import { campTemperatureC } from './lapse.js';
import { mergeForecast, overwriteWeather } from './mergeForecast.js';

// ISO 2533:1975, table of the standard atmosphere: 15.0 °C at 0 m, 8.5 at 1000 m, 2.0 at 2000 m, −4.5 at 3000 m.
test.each([
  [0, 15],
  [1000, 8.5],
  [2000, 2],
  [3000, -4.5],
])('the standard atmosphere at %s m is %s °C', (metres, celsius) => {
  expect(campTemperatureC(15, 0, metres)).toBeCloseTo(celsius, 10);
});
test('a camp below the valley’s station is warmer', () =>
  expect(campTemperatureC(5, 500, 100)).toBeCloseTo(7.6, 10));

const day = (id: string, more: Partial<DayWeather> = {}): DayWeather => ({
  id,
  dayC: 12,
  nightC: 4,
  rainChance: 0.4,
  windKmh: 20,
  byLeader: [],
  source: 'a service',
  ...more,
});

describe('a new forecast', () => {
  test('takes the place of the old one, but for what the leader wrote', () => {
    const old = [day('2027-05-10', { windKmh: 55, byLeader: ['windKmh'] }), day('2027-05-11', { dayC: 1 })];
    const fresh = [day('2027-05-10', { dayC: 9, windKmh: 10 }), day('2027-05-11', { dayC: 8 })];
    expect(mergeForecast(old, fresh)).toEqual([
      day('2027-05-10', { dayC: 9, windKmh: 55, byLeader: ['windKmh'] }),
      day('2027-05-11', { dayC: 8 }),
    ]);
  });
  test('keeps dates that it does not cover, in order', () => {
    const merged = mergeForecast([day('2027-05-12'), day('2027-05-09')], [day('2027-05-10')]);
    expect(merged.map((w) => w.id)).toEqual(['2027-05-09', '2027-05-10', '2027-05-12']);
  });
});
test('the leader’s value is marked as theirs, once', () => {
  const once = overwriteWeather([day('2027-05-10')], '2027-05-10', 'nightC', -3);
  expect(overwriteWeather(once, '2027-05-10', 'nightC', -4)).toEqual([
    day('2027-05-10', { nightC: -4, byLeader: ['nightC'] }),
  ]);
});
test('a value for a date without a forecast makes one that is all the leader’s', () => {
  const [made] = overwriteWeather([], '2027-05-10', 'dayC', 20);
  expect(made).toMatchObject({ dayC: 20, byLeader: ['dayC', 'nightC', 'rainChance', 'windKmh'] });
  expect(made!.source).toBeUndefined();
});
