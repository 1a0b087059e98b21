import fc from 'fast-check';
import type { PlacedThing } from '@graft/core/stow';
import { placeLabels, type Drawn } from './labels';

const drawn = (id: string, name: string, x: number, y: number, width: number, height: number): Drawn => ({
  placed: { thing: { id, name } } as PlacedThing,
  x,
  y,
  width,
  height,
});

test('the part of a kit is named, the kit is not', () => {
  expect(placeLabels([drawn('a', 'Heron: tent body', 0, 0, 120, 30)])).toMatchObject([
    { text: 'tent body', x: 60, y: 15, upright: false },
  ]);
});
test('tall narrow things are named upright, small ones not at all', () => {
  expect(placeLabels([drawn('a', 'Tent poles', 0, 0, 20, 120)])).toMatchObject([
    { text: 'Tent poles', upright: true },
  ]);
  expect(placeLabels([drawn('a', 'Pegs', 0, 0, 20, 8)])).toEqual([]);
});
test('a name that is too long is shortened', () => {
  expect(placeLabels([drawn('a', 'A very long name of a thing', 0, 0, 60, 20)])[0]!.text).toBe('A very lo…');
});
test('names never touch, the largest thing wins', () => {
  const [only] = placeLabels([
    drawn('small', 'Filter', 10, 10, 60, 20),
    drawn('large', 'Poles bag', 0, 0, 80, 40),
  ]);
  expect(only!.placed.thing.id).toBe('large');
  const box = fc.record({
    x: fc.nat(200),
    y: fc.nat(200),
    width: fc.integer({ min: 10, max: 90 }),
    height: fc.integer({ min: 5, max: 90 }),
  });
  fc.assert(
    fc.property(fc.array(box, { maxLength: 20 }), (boxes) => {
      const labels = placeLabels(
        boxes.map((b, i) => drawn(String(i), 'Some thing', b.x, b.y, b.width, b.height)),
      );
      const extents = labels.map((l) => {
        const long = l.text.length * 5.4;
        const [w, h] = l.upright ? [12, long] : [long, 12];
        return { x0: l.x - w / 2, x1: l.x + w / 2, y0: l.y - h / 2, y1: l.y + h / 2 };
      });
      extents.forEach((a, i) =>
        extents.slice(i + 1).forEach((b) => {
          expect(a.x1 <= b.x0 || b.x1 <= a.x0 || a.y1 <= b.y0 || b.y1 <= a.y0).toBe(true);
        }),
      );
    }),
    { seed: 1 },
  );
});
