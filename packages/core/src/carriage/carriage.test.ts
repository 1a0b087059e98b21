import { emptyTrip } from '../trip/emptyTrip.js';
import { STOW_LOADS } from '../testing/stowLoads.js';
import { bandCm, bandMissText, bandText, PACKING_SCHOOLS, topHeavyDays } from './packingSchool.js';
import { centreOfGravity } from './centreOfGravity.js';

describe('centreOfGravity', () => {
  test('three particles of a textbook: Halliday, Resnick & Walker, Fundamentals of Physics, sample problem "Center of mass, three particles" (from memory)', () => {
    // Equilateral triangle of side 140 cm: 1.2 kg at the origin, 2.5 kg at (140, 0), 3.4 kg at (70, 121): (83, 58) cm.
    const cg = centreOfGravity([
      { massKg: 1.2, atCm: { x: 0, y: 0, z: 0 } },
      { massKg: 2.5, atCm: { x: 140, y: 0, z: 0 } },
      { massKg: 3.4, atCm: { x: 70, y: 140 * Math.sin(Math.PI / 3), z: 0 } },
    ]);
    expect([Math.round(cg.x), Math.round(cg.y)]).toEqual([83, 58]);
    expect(cg.z).toBe(0);
  });
  test('a loaded pack by hand: 2 kg frame at z 20, 3 kg at z 5, 5 kg at z 30 is 205/10', () => {
    const at = (z: number, y: number) => ({ x: 0, y, z });
    const cg = centreOfGravity([
      { massKg: 2, atCm: at(20, 6) },
      { massKg: 3, atCm: at(5, 12) },
      { massKg: 5, atCm: at(30, 8) },
    ]);
    expect(cg.z).toBeCloseTo((40 + 15 + 150) / 10, 12);
    expect(cg.y).toBeCloseTo((12 + 36 + 40) / 10, 12);
  });
  test('no mass has no centre', () => {
    expect(() => centreOfGravity([])).toThrow('expected masses that add up to more than 0 kg, got 0 kg');
  });
});

test('the bands follow the torso', () => {
  expect(bandCm(PACKING_SCHOOLS.middle, 50)).toEqual([21, 26]);
  expect(bandCm(PACKING_SCHOOLS.low, 50)).toEqual([5, 16]);
  expect(bandCm(PACKING_SCHOOLS.high, 50)).toEqual([31, 45]);
});

test('two schools never pack the same: on the shortest reference torso their bands are 4 cm apart', () => {
  const torsoCm = Math.min(...STOW_LOADS.map((l) => l.torsoCm));
  const [low, middle, high] = (['low', 'middle', 'high'] as const).map((id) =>
    bandCm(PACKING_SCHOOLS[id], torsoCm),
  );
  expect(middle![0] - low![1]).toBeGreaterThanOrEqual(4);
  expect(high![0] - middle![1]).toBeGreaterThanOrEqual(4);
});

test('a miss is never said to be nothing', () => {
  expect(bandMissText(-0.04)).toBe('just below');
  expect(bandMissText(1.26)).toBe('1.3 cm above');
  expect(bandText([20.16, 24.96])).toBe('20.2–25.0 cm');
});

test('weight high on steep ground is warned of by day; low weight and easy ground are not', () => {
  const base = emptyTrip('t', 'T', '2027-05-10', 3);
  const legs = base.legs.map((leg, i) => ({ ...leg, ground: (['path', 'scramble', 'snow'] as const)[i]! }));
  expect(topHeavyDays({ ...base, legs, packingSchool: 'high' })).toEqual([2, 3]);
  expect(topHeavyDays({ ...base, legs, packingSchool: 'low' })).toEqual([]);
  expect(topHeavyDays({ ...base, packingSchool: 'high' })).toEqual([]);
});
