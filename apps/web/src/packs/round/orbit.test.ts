import { draggedBy, eyeOf, FROM_BEHIND, keyed, nearer, wheeledBy, type Orbit } from './orbit';

const level: Orbit = { azimuth: 0, elevation: 0, distance: 1 };
const rounded = (o: Orbit): readonly number[] => eyeOf(o).map((x) => Math.round(x * 1000) / 1000);

test('the eye is behind the wearer, at the side, above', () => {
  expect(rounded(level)).toEqual([0, 1, 0]);
  expect(rounded({ ...level, azimuth: Math.PI / 2 })).toEqual([1, 0, 0]);
  expect(eyeOf({ ...level, elevation: 1.2 })[2]).toBeCloseTo(Math.sin(1.2));
});

test('arrows and the hand turn the pack the same way', () => {
  expect(keyed(level, 'ArrowRight')!.azimuth).toBeLessThan(0);
  expect(draggedBy(level, 50, 0).azimuth).toBeLessThan(0);
  expect(keyed(level, 'ArrowUp')!.elevation).toBeGreaterThan(0);
  expect(draggedBy(level, 0, 50).elevation).toBeGreaterThan(0);
});

test('it is never turned over, and neither left nor entered', () => {
  let [over, near, far] = [level, level, level];
  for (let i = 0; i < 100; i += 1) {
    over = keyed(over, 'ArrowUp')!;
    near = wheeledBy(near, -500);
    far = wheeledBy(far, 500);
  }
  expect(over.elevation).toBeLessThan(Math.PI / 2);
  expect(near.distance).toBeGreaterThan(0.3);
  expect(far.distance).toBeLessThan(2);
});

test('fingers that part bring it nearer', () => {
  expect(nearer(level, 100 / 200).distance).toBeLessThan(1);
  expect(nearer(level, 200 / 100).distance).toBeGreaterThan(1);
});

test('plus and minus undo each other, Home goes back, other keys do nothing', () => {
  expect(keyed(keyed(level, '+')!, '-')!.distance).toBeCloseTo(1);
  expect(keyed({ ...level, distance: 0.5 }, 'Home')).toBe(FROM_BEHIND);
  expect(keyed(level, 'a')).toBeUndefined();
});
