import { aThing } from '../testing/smallTrip.js';
import type { Shape, Thing } from '../trip/model.js';
import { nestingOf } from './nesting.js';

const cylinder = (lengthCm: number, diameterCm: number): Shape => ({
  kind: 'cylinder',
  lengthCm,
  diameterCm,
});
const inside = (...things: readonly Thing[]): Readonly<Record<string, string>> =>
  Object.fromEntries(
    nestingOf({
      day: 1,
      things: things.map((thing) => ({ thing, massKg: thing.massKg, waterL: 0, volumeL: [thing.volumeL] })),
    }),
  );
/** 1.94 L outside, of which nine tenths can be filled. */
const pot = aThing('pot', { volumeL: 1.94, shape: cylinder(11, 15) });
const canister = aThing('canister', { volumeL: 0.76, shape: cylinder(8, 11), nestsIn: 'pot' });

describe('things that ride in others', () => {
  test('a canister rides in the pot that it goes into', () => {
    expect(inside(pot, canister)).toEqual({ canister: 'pot' });
  });
  test('one that is too long or too wide does not, whatever its volume', () => {
    expect(inside(pot, { ...canister, shape: cylinder(16, 5) })).toEqual({});
    // Walls take 0.4 cm of the outline.
    expect(inside(pot, { ...canister, shape: cylinder(12, 10.8) })).toEqual({});
    expect(inside(pot, { ...canister, shape: cylinder(12, 10.5) })).toEqual({ canister: 'pot' });
  });
  test('the holder is full when its room is used: first come, first in', () => {
    const soft = (id: string, volumeL: number) =>
      aThing(id, { volumeL, shape: { kind: 'pouch' }, nestsIn: 'pot' });
    expect(inside(pot, canister, soft('cloth', 0.9))).toEqual({ canister: 'pot', cloth: 'pot' });
    expect(inside(pot, canister, soft('cloth', 1.1))).toEqual({ canister: 'pot' });
    expect(inside(pot, soft('cloth', 1.1), canister)).toEqual({ cloth: 'pot' });
  });
  test('nothing rides in itself, in what is not there, or in what rides in another', () => {
    expect(inside({ ...pot, nestsIn: 'pot' })).toEqual({});
    expect(inside(canister)).toEqual({});
    const cup = aThing('cup', { volumeL: 0.2, shape: cylinder(6, 7), nestsIn: 'canister' });
    expect(inside(pot, canister, cup)).toEqual({ canister: 'pot' });
    expect(inside({ ...pot, nestsIn: 'cup' }, { ...cup, nestsIn: 'pot' })).toEqual({});
  });
});
