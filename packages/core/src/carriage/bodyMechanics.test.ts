import {
  bodyLoad,
  forwardLeanDeg,
  momentOfInertiaKgM2,
  REFERENCE_BODY,
  roundLeanDeg,
  shoulderPullN,
  STANDARD_GRAVITY,
  swayMomentNm,
} from './bodyMechanics.js';
import { liftingIndex, packLift, type Lift } from './liftingIndex.js';

const body = { bodyMassKg: 70, statureCm: 175, torsoCm: 48 };

describe('forward lean', () => {
  test('by hand statics: the moments about the hip of trunk and pack cancel at that angle', () => {
    const [massKg, centre] = [15, { x: 0, y: 9, z: 25 }] as const;
    const lean = (forwardLeanDeg(body, massKg, centre) * Math.PI) / 180;
    const trunkKg = 0.678 * 70;
    const trunkCm = 0.626 * (0.818 - 0.53) * 175;
    // Rotate both centres forward by the angle: what is ahead of the hip balances what is behind.
    const ahead = (behindCm: number, upCm: number): number =>
      upCm * Math.sin(lean) - behindCm * Math.cos(lean);
    const moment = trunkKg * ahead(0, trunkCm) + massKg * ahead(11 + centre.y, 5 + centre.z);
    expect(moment).toBeCloseTo(0, 9);
  });
  test('a 15 kg load on a 70 kg body: 7.5 to 9 degrees well packed, about 12 badly', () => {
    expect(roundLeanDeg(forwardLeanDeg(body, 15, { x: 0, y: 8, z: 30 }))).toBeGreaterThanOrEqual(7.5);
    expect(roundLeanDeg(forwardLeanDeg(body, 15, { x: 0, y: 9, z: 22 }))).toBeLessThanOrEqual(10.5);
    expect(forwardLeanDeg(body, 15, { x: 0, y: 16, z: 15 })).toBeGreaterThan(11);
  });
  test('higher or closer leans less; no load, no lean', () => {
    const at = (y: number, z: number): number => forwardLeanDeg(body, 15, { x: 0, y, z });
    expect(at(9, 35)).toBeLessThan(at(9, 20));
    expect(at(6, 25)).toBeLessThan(at(12, 25));
    expect(forwardLeanDeg(body, 0, { x: 0, y: 9, z: 25 })).toBe(0);
    expect(() => forwardLeanDeg({ ...body, bodyMassKg: 0 }, 15, { x: 0, y: 9, z: 25 })).toThrow(
      'expected a body mass above 0 kg, got 0 kg',
    );
  });
  test('to half a degree', () => expect([8.2, 8.3, 8.74, 8.76].map(roundLeanDeg)).toEqual([8, 8.5, 8.5, 9]));
});

test('pull, sway and inertia by hand', () => {
  expect(shoulderPullN(50, 10, 10)).toBeCloseTo(10 * STANDARD_GRAVITY * 0.2, 12);
  expect(swayMomentNm(15, 30)).toBeCloseTo(15 * 2 * 0.3, 12);
  // 2 kg at 0.3 m up, 1 kg at 0.4 m out and 0.3 m up: 0.18 + 0.25.
  const masses = [
    { massKg: 2, atCm: { x: 5, y: 0, z: 30 } },
    { massKg: 1, atCm: { x: 0, y: 40, z: 30 } },
  ];
  expect(momentOfInertiaKgM2(masses)).toBeCloseTo(0.43, 12);
  expect(bodyLoad(body, 3, { x: 0, y: 10, z: 30 }, masses)).toMatchObject({
    inertiaKgM2: expect.closeTo(0.43, 9) as number,
    swayNm: expect.closeTo(1.8, 9) as number,
  });
  expect(REFERENCE_BODY.trunkMassShare).toBe(0.678);
});

describe('revised NIOSH lifting equation', () => {
  const plain: Lift = {
    loadKg: 23,
    horizontalCm: 25,
    verticalCm: 75,
    distanceCm: 25,
    asymmetryDeg: 0,
    frequencyMultiplier: 1,
    couplingMultiplier: 1,
  };
  test('the standard lift: 23 kg, index 1', () => {
    expect(liftingIndex(plain)).toEqual({
      recommendedKg: expect.closeTo(23, 9) as number,
      index: expect.closeTo(1, 9) as number,
    });
  });
  test('loading punch press stock, example 1 of the applications manual: RWL 16.3 lb, lifting index 2.7 (from memory)', () => {
    // Origin: H 23 in, V 15 in, D 48 in, A 0, FM 1, CM 0.95: RWL 16.3 lb for a load of 44 lb, LI 2.7.
    const inch = 2.54;
    const origin = liftingIndex({
      loadKg: 44 * 0.45359237,
      horizontalCm: 23 * inch,
      verticalCm: 15 * inch,
      distanceCm: 48 * inch,
      asymmetryDeg: 0,
      frequencyMultiplier: 1,
      couplingMultiplier: 0.95,
    });
    // The manual rounds its multipliers, and its inch version has 10 in for 25 cm: 4 % apart.
    expect(Math.abs(origin.recommendedKg / 0.45359237 / 16.3 - 1)).toBeLessThan(0.05);
    expect(Math.abs(origin.index / 2.7 - 1)).toBeLessThan(0.05);
  });
  test('each multiplier falls from its best; out of range there is no recommended weight', () => {
    expect(liftingIndex({ ...plain, horizontalCm: 50 }).recommendedKg).toBeCloseTo(11.5, 9);
    expect(liftingIndex({ ...plain, asymmetryDeg: 90 }).recommendedKg).toBeCloseTo(23 * 0.712, 9);
    expect(liftingIndex({ ...plain, verticalCm: 0 }).recommendedKg).toBeCloseTo(23 * 0.775, 9);
    expect(liftingIndex({ ...plain, horizontalCm: 64 })).toEqual({ recommendedKg: 0, index: Infinity });
    expect(() => liftingIndex({ ...plain, loadKg: 0 })).toThrow('expected a load above 0 kg, got 0 kg');
  });
  test('a light pack is lifted alone, a heavy one from a rock', () => {
    expect(packLift(8).index).toBeLessThan(1);
    expect(packLift(18).index).toBeGreaterThan(1);
  });
});
