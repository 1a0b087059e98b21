import { wayOf, written } from './dateWay';

const ENGLISHES = ['en-GB', 'en-US', 'en-AU', 'en-CA', 'en-IN', 'en-IE', 'en-SG', 'en'];
const KINDS = [
  { weekday: 'short', day: 'numeric' },
  { weekday: 'short', day: 'numeric', month: 'short' },
  { day: 'numeric', month: 'short', year: 'numeric' },
  { weekday: 'short', day: 'numeric', month: 'short', year: 'numeric' },
] as const;

test.each(ENGLISHES)('every day of four years as a formatter of %s writes it', (locale) => {
  for (const kind of KINDS) {
    const formatter = new Intl.DateTimeFormat(locale, { ...kind, timeZone: 'UTC' });
    const way = JSON.parse(JSON.stringify(wayOf(formatter))) as ReturnType<typeof wayOf>;
    for (let time = Date.UTC(2027, 0, 1); time < Date.UTC(2031, 0, 1); time += 86_400_000)
      if (written(way!, new Date(time)) !== formatter.format(time))
        throw new Error(`${written(way!, new Date(time))} for ${formatter.format(time)}`);
  }
});

test.each(['en-ZA', 'ar-EG-u-nu-arab'])(
  '%s writes days with two digits, or others: only a formatter can',
  (locale) => {
    expect(wayOf(new Intl.DateTimeFormat(locale, { ...KINDS[3], timeZone: 'UTC' }))).toBeUndefined();
  },
);
