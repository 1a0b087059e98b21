import fc from 'fast-check';
import type { Shape } from '../trip/model.js';
import { MOST_TURNS, shapeSizeCm } from '../trip/shapes.js';
import { TALLEST_SPREAD } from './loaderMemory.js';
import { firstRowOff, solidOf, SPREADS, type Turn } from './solids.js';

const turnsOf = (shape: Shape, cellCm = 1): readonly Turn[] => {
  const solid = solidOf(shape, 1, cellCm);
  if (solid.kind !== 'rigid') throw new Error('soft');
  return solid.turns;
};
/** cm³ between the lower and the upper edges of a floor plan's columns. */
const columnsCm3 = ({ low, high }: Turn, cellCm: number): number =>
  low.reduce((sum, from, k) => sum + high[k]! - from, 0) * cellCm ** 2;

const centimetres = (min: number, max: number) =>
  fc.integer({ min: 2 * min, max: 2 * max }).map((v) => v / 2);
const arbitraryRigid: fc.Arbitrary<Shape> = fc.oneof(
  fc.record({
    kind: fc.constant('block' as const),
    lengthCm: centimetres(3, 30),
    widthCm: centimetres(3, 20),
    heightCm: centimetres(1, 15),
  }),
  fc.record({
    kind: fc.constantFrom('cylinder' as const, 'roll' as const, 'long' as const),
    lengthCm: centimetres(3, 50),
    diameterCm: centimetres(3, 24),
  }),
);

describe('things as the loader sees them', () => {
  test('every way to turn a thing has its three sizes, each once', () => {
    fc.assert(
      fc.property(arbitraryRigid, (shape) => {
        const sizes = [...shapeSizeCm(shape)!].sort((a, b) => a - b);
        for (const turn of turnsOf(shape)) {
          expect([turn.widthCm, turn.depthCm, turn.heightCm].sort((a, b) => a - b)).toEqual(sizes);
          expect(Math.max(...turn.high)).toBeLessThanOrEqual(turn.heightCm + 1e-9);
          expect(Math.min(...turn.low)).toBeGreaterThanOrEqual(-1e-9);
          const others = Math.max(turn.widthCm, turn.depthCm);
          if (turn.heightCm !== others) expect(turn.upright).toBe(turn.heightCm > others);
        }
      }),
      { seed: 1 },
    );
  });

  test.each([1, 2])('a floor plan of cells of %i cm covers a thing but for what cloth gives', (cellCm) => {
    fc.assert(
      fc.property(arbitraryRigid, (shape) => {
        for (const { nx, ny, widthCm, depthCm } of turnsOf(shape, cellCm)) {
          for (const [n, size] of [
            [nx, widthCm],
            [ny, depthCm],
          ] as const) {
            expect(n * cellCm).toBeGreaterThanOrEqual(size - 0.15 * cellCm ** 2 - 1e-9);
            expect(n * cellCm).toBeLessThan(Math.max(cellCm, size) + cellCm);
          }
        }
      }),
      { seed: 2 },
    );
  });

  test('the columns of a cylinder come to π d² l / 4, standing or lying', () => {
    for (const [l, d] of [
      [20, 12],
      [27, 21],
      [30, 16],
    ] as const) {
      for (const turn of turnsOf({ kind: 'cylinder', lengthCm: l, diameterCm: d })) {
        const closed = (Math.PI / 4) * d * d * l;
        expect(columnsCm3(turn, 1) / closed).toBeGreaterThan(0.96);
        expect(columnsCm3(turn, 1) / closed).toBeLessThan(1.04);
      }
    }
  });

  test('a box has six ways to be turned, three with two edges alike, one as a cube', () => {
    const box = (lengthCm: number, widthCm: number, heightCm: number): Shape => ({
      kind: 'block',
      lengthCm,
      widthCm,
      heightCm,
    });
    expect(turnsOf(box(10, 8, 6))).toHaveLength(6);
    expect(turnsOf(box(10, 8, 8))).toHaveLength(3);
    expect(turnsOf(box(8, 8, 8))).toHaveLength(1);
    // A trip file knows no more, of soft things neither.
    expect(MOST_TURNS).toBe(6);
    expect(SPREADS.length).toBeLessThanOrEqual(MOST_TURNS);
  });

  test('soft things swell to their loose volume, never below what they take, and keep a least thickness', () => {
    expect(solidOf({ kind: 'stuff', looseVolumeL: 6 }, 3, 1)).toEqual({
      kind: 'soft',
      volumeL: 3,
      looseL: 6,
      leastCm: 2,
    });
    expect(solidOf({ kind: 'stuff', looseVolumeL: 2 }, 3, 1)).toMatchObject({ looseL: 3 });
    // Small ones are thinner: three tenths of the edge of their cube.
    expect(solidOf({ kind: 'pouch' }, 0.125, 1)).toMatchObject({ looseL: 0.125, leastCm: 1.5 });
  });

  test('no spread of a soft thing is a thread: each side of it is a third of its cube or more, and none is too tall', () => {
    for (const { aspect, thickness } of SPREADS) {
      // Sides of a patch for a volume of one, and the height over it.
      const wide = Math.sqrt(aspect / thickness);
      const deep = 1 / (thickness * wide);
      expect(wide * deep * thickness).toBeCloseTo(1, 9);
      for (const side of [wide, deep, thickness]) expect(side).toBeGreaterThanOrEqual(0.3);
      expect(thickness).toBeLessThanOrEqual(TALLEST_SPREAD);
    }
  });

  test('the first row off the back is the nearest in which the outline keeps its distance', () => {
    fc.assert(
      fc.property(
        fc.record({ depthCm: centimetres(2, 20), awayCm: centimetres(0, 3), cellCm: fc.constantFrom(1, 2) }),
        ({ depthCm, awayCm, cellCm }) => {
          const ny = Math.max(1, Math.ceil(depthCm / cellCm));
          const nearestCm = (row: number): number => (row + ny / 2) * cellCm - depthCm / 2;
          const row = firstRowOff({ ny, depthCm }, awayCm, cellCm);
          expect(nearestCm(row)).toBeGreaterThanOrEqual(awayCm - 1e-5);
          if (row > 0) expect(nearestCm(row - 1)).toBeLessThan(awayCm);
        },
      ),
      { seed: 3 },
    );
  });
});
