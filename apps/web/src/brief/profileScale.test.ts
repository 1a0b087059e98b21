import { PROFILE, profileScale } from './profileScale';

const track = {
  name: 'T',
  distanceKm: [0, 5, 10],
  elevationM: [100, 600, 300],
  latitudeDeg: [0, 0, 0],
  longitudeDeg: [0, 0, 0],
};

test('distances fill the width, and a point of the drawing knows its distance', () => {
  const scale = profileScale(track, 'kg');
  expect(scale.x(0)).toBe(PROFILE.left);
  expect(scale.x(10)).toBe(PROFILE.width - PROFILE.right);
  expect(scale.kmAt(scale.x(7.3))).toBeCloseTo(7.3, 10);
});
test('higher is further up, with air below the lowest point', () => {
  const scale = profileScale(track, 'kg');
  expect(scale.y(600)).toBeCloseTo(PROFILE.top, 10);
  expect(scale.y(100)).toBeLessThan(PROFILE.height - PROFILE.bottom);
  expect(scale.mTicks.every(({ m }) => m >= 0 && m <= 600)).toBe(true);
});
test('a flat way is not blown up to a mountain', () => {
  const scale = profileScale({ ...track, elevationM: [100, 102, 101] }, 'kg');
  expect(Math.abs(scale.y(100) - scale.y(102))).toBeLessThan(5);
});
test('a track without elevations is drawn level, without a height axis', () => {
  const { elevationM: _none, ...bare } = track;
  const scale = profileScale(bare, 'kg');
  expect(scale.mTicks).toEqual([]);
  expect(scale.hasElevation).toBe(false);
  expect(scale.linePath).toMatch(/^M46/);
});

test('in US customary units the axes have round miles and feet, where they belong', () => {
  const metric = profileScale(track, 'kg');
  const customary = profileScale(track, 'lb');
  expect(customary.kmTicks.map((t) => t.text).slice(0, 3)).toEqual(['0 mi', '0.5 mi', '1 mi']);
  expect(customary.kmTicks[2]!.km).toBeCloseTo(1.609344, 9);
  expect(customary.mTicks.map((t) => t.text)).toEqual(['500 ft', '1000 ft', '1500 ft']);
  expect(customary.mTicks[1]!.m).toBeCloseTo(304.8, 9);
  expect(customary.linePath).toBe(metric.linePath);
});
