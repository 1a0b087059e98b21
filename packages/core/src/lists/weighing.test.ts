import {
  bottleMethodL,
  FRESH_MS,
  hearReading,
  NOTHING_WEIGHED,
  weighingState,
  type ScaleReading,
  type Weighing,
} from './weighing.js';

const STEP = 0.001;
const r = (seq: number, massKg: number, stable = true, overload = false): ScaleReading => ({
  seq,
  massKg,
  stable,
  overload,
});
const hear = (...readings: ScaleReading[]): Weighing =>
  readings.reduce((w, reading, i) => hearReading(w, reading, i * 100, STEP), NOTHING_WEIGHED);
const state = (w: Weighing) => weighingState(w, w.heardAtMs ?? 0, STEP);

describe('a mass is taken from a scale', () => {
  test('after three stable readings in a row that agree', () => {
    expect(state(hear(r(1, 0.64), r(2, 0.64)))).toEqual({ kind: 'settling', massKg: 0.64 });
    expect(state(hear(r(1, 0.64), r(2, 0.641), r(3, 0.64)))).toEqual({ kind: 'stable', massKg: 0.64 });
  });
  test('not while it swings, even if single readings call themselves stable', () => {
    expect(state(hear(r(1, 0.7), r(2, 0.6), r(3, 0.66), r(4, 0.64, false), r(5, 0.64))).kind).toBe(
      'settling',
    );
  });
  test('not across lost readings, which are counted', () => {
    const w = hear(r(1, 0.64), r(2, 0.64), r(5, 0.64), r(6, 0.64));
    expect(state(w).kind).toBe('settling');
    expect(w.lost).toBe(2);
    expect(state(hear(r(1, 0.64), r(2, 0.64), r(5, 0.64), r(6, 0.64), r(7, 0.64))).kind).toBe('stable');
  });
  test('not of an empty pan, of too much, or of a scale that has gone silent', () => {
    expect(state(hear(r(1, 0), r(2, 0.001), r(3, 0)))).toEqual({ kind: 'empty' });
    expect(state(hear(r(1, 31, true, true)))).toEqual({ kind: 'overload' });
    const w = hear(r(1, 0.64), r(2, 0.64), r(3, 0.64));
    expect(weighingState(w, w.heardAtMs! + FRESH_MS + 1, STEP)).toEqual({ kind: 'silent' });
    expect(weighingState(NOTHING_WEIGHED, 0, STEP)).toEqual({ kind: 'silent' });
  });
  test('a scale started anew counts from one: nothing is lost', () => {
    expect(hear(r(900, 0.64), r(1, 0.64), r(2, 0.64), r(3, 0.64)).lost).toBe(0);
  });
});

test('three bottles of 0.75 L and 0.2 L over fill 2.45 L', () => {
  expect(bottleMethodL(0.75, 3, 0.2)).toBeCloseTo(2.45, 12);
});
