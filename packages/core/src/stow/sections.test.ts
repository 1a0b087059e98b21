import type { PlacedThing } from './assessment.js';
import { roomFor, sectionOf } from './sections.js';
import { solidOf, type Turn } from './solids.js';

const placed = (more: Partial<PlacedThing>): PlacedThing =>
  ({ segments: [], turn: undefined, insideId: undefined, ...more }) as PlacedThing;
const turnsOf = (kind: 'cylinder' | 'block'): readonly Turn[] => {
  const shape =
    kind === 'block'
      ? { kind, lengthCm: 10, widthCm: 6, heightCm: 4 }
      : { kind, lengthCm: 20, diameterCm: 10 };
  const solid = solidOf(shape, 1, 1);
  return solid.kind === 'rigid' ? solid.turns : [];
};
const box = (x: number, y: number, z: number) => ({ x0: 0, x1: x, y0: 0, y1: y, z0: 0, z1: z });

test('a plane that passes a thing shows nothing of it; what rides inside another is not seen', () => {
  const block = placed({ turn: turnsOf('block')[0]!, box: box(10, 6, 4) });
  expect(sectionOf(block, { axis: 'x', at: 10.5 })).toBeUndefined();
  expect(sectionOf(block, { axis: 'x', at: 5 })).toEqual({
    kind: 'box',
    h0: 0,
    h1: 6,
    z0: 0,
    z1: 4,
    circle: false,
  });
  expect(sectionOf(placed({ ...block, insideId: 'pot' }), { axis: 'x', at: 5 })).toBeUndefined();
});

test('a cylinder shows a circle end on, and a strip as wide as its chord along it', () => {
  const [upright, alongX] = turnsOf('cylinder');
  const lying = placed({ turn: alongX!, box: box(20, 10, 10) });
  expect(sectionOf(lying, { axis: 'x', at: 3 })).toMatchObject({ circle: true, h0: 0, h1: 10 });
  // Three centimetres beside the axis of a radius of five: a chord of eight.
  expect(sectionOf(lying, { axis: 'y', at: 8 })).toMatchObject({
    circle: false,
    h0: 0,
    h1: 20,
    z0: 1,
    z1: 9,
  });
  const standing = placed({ turn: upright!, box: box(10, 10, 20) });
  expect(sectionOf(standing, { axis: 'x', at: 8 })).toMatchObject({ h0: 1, h1: 9, z0: 0, z1: 20 });
});

test('a soft thing shows its columns in runs; its name has room where they overlap most', () => {
  const column = (y: number, z0: number, z1: number, x = 0.5) => ({ x, y, z0, z1 });
  const soft = placed({
    box: box(2, 6, 9),
    segments: [
      column(0.5, 0, 4),
      column(1.5, 1, 5),
      column(2.5, 6, 9),
      column(4.5, 0, 2),
      column(1.5, 0, 9, 1.5),
    ],
  });
  const section = sectionOf(soft, { axis: 'x', at: 0.5 })!;
  if (section.kind !== 'soft') throw new Error('soft things are cut into runs');
  expect(section.runs.map((r) => r.map((c) => c.h))).toEqual([[0.5, 1.5], [2.5], [4.5]]);
  expect(roomFor(section)).toEqual({ h0: 0, h1: 2, z0: 1, z1: 4 });
});
