import { aThing } from '../testing/smallTrip.js';
import type { Flag, Shape } from '../trip/model.js';
import { arePointsAtBack, isHardAtBack, keptFromBackCm } from './backRule.js';
import { solidOf, type Turn } from './solids.js';

const turnsOf = (shape: Shape): readonly Turn[] => {
  const solid = solidOf(shape, 1, 1);
  return solid.kind === 'rigid' ? solid.turns : [];
};
const BOX: Shape = { kind: 'block', lengthCm: 20, widthCm: 12, heightCm: 4 };
const POT: Shape = { kind: 'cylinder', lengthCm: 12, diameterCm: 15 };
const PEGS: Shape = { kind: 'long', lengthCm: 18, diameterCm: 5 };
const thing = (shape: Shape, ...flags: Flag[]) => aThing('t', { shape, flags });
/** Its broad side to the back: 20 × 12 cm, 4 deep. */
const flat = turnsOf(BOX).find((t) => t.depthCm === 4)!;
/** Its narrow edge to the back: 20 × 4 or 12 × 4 cm. */
const onEdge = turnsOf(BOX).find((t) => t.depthCm === 20)!;

describe('hard things against the back', () => {
  test('a hard edge is felt, a broad flat face is not', () => {
    expect(isHardAtBack(thing(BOX, 'hard'), onEdge, 0, false)).toBe(true);
    expect(isHardAtBack(thing(BOX, 'hard'), flat, 0, false)).toBe(false);
  });
  test('a round thing is felt however it is turned', () => {
    for (const turn of turnsOf(POT)) expect(isHardAtBack(thing(POT, 'hard'), turn, 0, false)).toBe(true);
  });
  test('what is neither hard nor sharp is not felt', () => {
    for (const turn of turnsOf(POT)) expect(isHardAtBack(thing(POT), turn, 0, false)).toBe(false);
  });
  test('a filled reservoir pads what is hard, not what is sharp', () => {
    expect(isHardAtBack(thing(BOX, 'hard'), onEdge, 0, true)).toBe(false);
    for (const turn of turnsOf(PEGS)) expect(isHardAtBack(thing(PEGS, 'sharp'), turn, 0, true)).toBe(true);
  });
  test('so far from the back as it is kept nothing is felt, a little nearer it is', () => {
    for (const turn of turnsOf(POT)) {
      const away = keptFromBackCm(thing(POT, 'hard'), turn, false);
      expect(away).toBeGreaterThan(0);
      expect(isHardAtBack(thing(POT, 'hard'), turn, away, false)).toBe(false);
      expect(isHardAtBack(thing(POT, 'hard'), turn, away - 0.1, false)).toBe(true);
    }
    expect(keptFromBackCm(thing(BOX, 'hard'), flat, false)).toBe(0);
  });
});

test('points in a soft bag stay off the panel; what is soft and blunt need not', () => {
  const pegs = aThing('pegs', { flags: ['sharp'] });
  expect(arePointsAtBack(pegs, 2.9)).toBe(true);
  expect(arePointsAtBack(pegs, 3)).toBe(false);
  expect(arePointsAtBack(aThing('socks'), 0)).toBe(false);
  // What is stiff has the rule of stiff things.
  const axe = aThing('axe', { flags: ['sharp'], shape: { kind: 'long', lengthCm: 60, diameterCm: 5 } });
  expect(arePointsAtBack(axe, 0)).toBe(false);
});
