import fc from 'fast-check';
import type { PlacedThing } from '@graft/core/stow';
import {
  LETTER_PX,
  LINE_PX,
  placeLabels,
  shortNames,
  type Drawn,
  type Label,
  type Rectangle,
} from './labels';

const drawn = (id: string, name: string, x: number, y: number, width: number, height: number): Drawn => ({
  placed: { thing: { id, name } } as PlacedThing,
  x,
  y,
  width,
  height,
});
const boxOf = ({ lines, x, y, upright }: Label): Rectangle => {
  const long = Math.max(...lines.map((l) => l.length)) * LETTER_PX;
  const [width, height] = upright ? [lines.length * LINE_PX, long] : [long, lines.length * LINE_PX];
  return { x: x - width / 2, y: y - height / 2, width, height };
};
const apart = (a: Rectangle, b: Rectangle): boolean =>
  a.x + a.width <= b.x + 1e-9 ||
  b.x + b.width <= a.x + 1e-9 ||
  a.y + a.height <= b.y + 1e-9 ||
  b.y + b.height <= a.y + 1e-9;

/** No name goes beside its thing. */
const NO_ROOM = { width: 0, height: 0, taken: [], marked: { x: -9, y: -9, width: 1, height: 1 } };

test('the part of a kit is named, the kit is not', () => {
  expect(placeLabels([drawn('a', 'Heron: tent body', 0, 0, 120, 30)], NO_ROOM)).toMatchObject([
    { lines: ['tent body'], x: 60, y: 15, upright: false },
  ]);
});
test('what comes before a comma is enough, and a long name goes on several lines', () => {
  expect(shortNames('Sleeping bag, three seasons')).toEqual(['Sleeping bag, three seasons', 'Sleeping bag']);
  expect(placeLabels([drawn('a', 'Sleeping bag, three seasons', 0, 0, 90, 18)], NO_ROOM)[0]!.lines).toEqual([
    'Sleeping bag',
  ]);
  expect(placeLabels([drawn('a', 'Spare and night clothes', 0, 0, 90, 40)], NO_ROOM)[0]!.lines).toEqual([
    'Spare and',
    'night clothes',
  ]);
});
test('tall narrow things are named upright, small ones not inside', () => {
  expect(placeLabels([drawn('a', 'Tent poles', 0, 0, 20, 120)], NO_ROOM)).toMatchObject([
    { lines: ['Tent poles'], upright: true },
  ]);
  expect(placeLabels([drawn('a', 'Pegs', 0, 0, 20, 8)], NO_ROOM)).toEqual([]);
});
test('what is too small is named beside the pack, as near as there is room, with a line to it', () => {
  const taken = [{ x: 100, y: 0, width: 100, height: 200 }];
  const room = { width: 300, height: 200, taken, marked: { x: 0, y: 0, width: 1, height: 1 } };
  const [label] = placeLabels([drawn('a', 'Pegs', 190, 100, 10, 8)], room);
  expect(label).toMatchObject({ lines: ['Pegs'], to: { x: 195, y: 104 } });
  expect(boxOf(label!).x).toBeGreaterThanOrEqual(200);
  expect(boxOf(label!).x).toBeLessThan(210);
});
test('a name makes way for the mark in its thing', () => {
  const marked = { x: 90, y: 40, width: 20, height: 20 };
  const [label] = placeLabels([drawn('a', 'Jacket', 0, 0, 200, 100)], {
    width: 200,
    height: 100,
    taken: [],
    marked,
  });
  expect(label!.to).toBeUndefined();
  expect(apart(boxOf(label!), marked)).toBe(true);
});
test('no name is cut, none touches another or what is marked, and names inside stay inside', () => {
  const box = fc.record({
    x: fc.nat(200),
    y: fc.nat(200),
    width: fc.integer({ min: 10, max: 90 }),
    height: fc.integer({ min: 5, max: 90 }),
    name: fc.constantFrom('Pegs', 'Water filter, pump', 'Spare and night clothes', 'Heron: poles'),
  });
  let beside = 0;
  fc.assert(
    fc.property(fc.array(box, { maxLength: 20 }), (boxes) => {
      const things = boxes.map((b, i) => drawn(String(i), b.name, b.x, b.y, b.width, b.height));
      const room = { width: 400, height: 300, taken: [], marked: { x: 90, y: 90, width: 18, height: 18 } };
      const labels = placeLabels(things, room);
      for (const label of labels) {
        const of = things.find((t) => t.placed === label.placed)!;
        expect(shortNames(of.placed.thing.name)).toContain(label.lines.join(' '));
        const b = boxOf(label);
        expect(apart(b, room.marked)).toBe(true);
        expect(b.x >= 0 && b.y >= 0 && b.x + b.width <= 400 && b.y + b.height <= 300).toBe(true);
        if (label.to !== undefined) beside += 1;
        else expect(b.x >= of.x && b.x + b.width <= of.x + of.width).toBe(true);
      }
      labels.forEach((a, i) =>
        labels.slice(i + 1).forEach((b) => expect(apart(boxOf(a), boxOf(b))).toBe(true)),
      );
    }),
    { seed: 1 },
  );
  expect(beside).toBeGreaterThan(20);
});
