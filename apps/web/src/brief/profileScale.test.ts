import { PROFILE, profileScale } from './profileScale';

const track = {
  name: 'T',
  distanceKm: [0, 5, 10],
  elevationM: [100, 600, 300],
  latitudeDeg: [0, 0, 0],
  longitudeDeg: [0, 0, 0],
};

test('distances fill the width, and a point of the drawing knows its distance', () => {
  const scale = profileScale(track);
  expect(scale.x(0)).toBe(PROFILE.left);
  expect(scale.x(10)).toBe(PROFILE.width - PROFILE.right);
  expect(scale.kmAt(scale.x(7.3))).toBeCloseTo(7.3, 10);
});
test('higher is further up, with air below the lowest point', () => {
  const scale = profileScale(track);
  expect(scale.y(600)).toBeCloseTo(PROFILE.top, 10);
  expect(scale.y(100)).toBeLessThan(PROFILE.height - PROFILE.bottom);
  expect(scale.mTicks.every((m) => m >= 0 && m <= 600)).toBe(true);
});
test('a flat way is not blown up to a mountain', () => {
  const scale = profileScale({ ...track, elevationM: [100, 102, 101] });
  expect(Math.abs(scale.y(100) - scale.y(102))).toBeLessThan(5);
});
test('a track without elevations is drawn level, without a height axis', () => {
  const { elevationM: _none, ...bare } = track;
  const scale = profileScale(bare);
  expect(scale.mTicks).toEqual([]);
  expect(scale.hasElevation).toBe(false);
  expect(scale.linePath).toMatch(/^M46/);
});
