import { formatDaySpan, formatUse, parseDaySpan, parseUse } from './dayText.js';

test.each([
  [{}, ''],
  [{ fromDay: 2, toDay: 2 }, '2'],
  [{ fromDay: 1, toDay: 3 }, '1–3'],
  [{ fromDay: 4 }, 'from 4'],
  [{ toDay: 5 }, 'to 5'],
])('the days %p are written "%s", and read back', (span, text) => {
  expect(formatDaySpan(span)).toBe(text);
  expect(parseDaySpan(text)).toEqual({ ok: true, span });
});
test('a hyphen and spaces will do', () => {
  expect(parseDaySpan(' 1 - 3 ')).toEqual({ ok: true, span: { fromDay: 1, toDay: 3 } });
  expect(parseDaySpan('From 4')).toEqual({ ok: true, span: { fromDay: 4 } });
});
test.each(['monday', '1–', '1–2–3', 'day 4', '1.5'])('"%s" is no span of days', (text) => {
  expect(parseDaySpan(text)).toEqual({
    ok: false,
    error: `expected days such as "2", "1–3", "from 4" or "to 5", got "${text}"`,
  });
});

test.each([
  [undefined, ''],
  [{ fromDay: 2, toDay: 2, residueKg: 0 }, '2'],
  [{ fromDay: 1, toDay: 6, residueKg: 0.15 }, '1–6, 0.15 kg left'],
])('the use %p is written "%s", and read back', (use, text) => {
  expect(formatUse(use)).toBe(text);
  expect(parseUse(text)).toEqual({ ok: true, use });
});
test('a residue in any unit, "left" or not', () => {
  expect(parseUse('1-6, 150 g')).toEqual({ ok: true, use: { fromDay: 1, toDay: 6, residueKg: 0.15 } });
});
test.each(['from 2', 'often', '1–6, some', '1, 2, 3'])('"%s" is no use', (text) => {
  expect(parseUse(text)).toMatchObject({
    ok: false,
    error: expect.stringContaining(`got "${text}"`) as string,
  });
});
