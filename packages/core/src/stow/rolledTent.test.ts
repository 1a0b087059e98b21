import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { HouseRules, Thing, Trip } from '../trip/model.js';
import { assess } from './assessStow.js';
import { solveStow } from './solveStow.js';
import { stowProblem } from './stowProblem.js';
import { shapeVolumeL } from '../trip/shapes.js';

const own = (id: string, more: Partial<Thing>) => ({ ...aThing(id, more), memberId: 'a', worn: false });
const things = [
  own('tent', {
    purpose: 'tentBody',
    needed: 'firstInCamp',
    volumeL: 3.8,
    shape: { kind: 'stuff', looseVolumeL: 6 },
  }),
  own('mat', { purpose: 'mat', volumeL: 2.8, shape: { kind: 'roll', lengthCm: 27, diameterCm: 11.5 } }),
  own('bag', { purpose: 'sleepingBag', volumeL: 9, shape: { kind: 'stuff', looseVolumeL: 18 } }),
  own('food', { purpose: 'food', massKg: 4, volumeL: 7 }),
];
function tripOf(house: Partial<HouseRules>, frameless: boolean): Trip {
  const base = aTrip([aMember('a')], [], things);
  return {
    ...base,
    houseRules: { ...base.houseRules, ...house },
    packs: base.packs.map((p) => ({ ...p, frameless })),
  };
}
const tentOf = (trip: Trip): Thing =>
  stowProblem(trip, 'a', 1).things.find((t) => t.thing.id === 'tent')!.thing;

test('in a pack without a frame the tent is rolled to a stay of its own volume', () => {
  const { shape } = tentOf(tripOf({}, true));
  expect(shape.kind).toBe('roll');
  expect(shapeVolumeL(shape)).toBeCloseTo(3.8, 1);
});

test('with a frame, with the bag as the frame, or spread round the bag it is stuffed', () => {
  for (const trip of [
    tripOf({}, false),
    tripOf({ frameless: 'bagAround' }, true),
    tripOf({ tent: 'roundTheBag' }, true),
  ])
    expect(tentOf(trip).shape.kind).toBe('stuff');
});

test('tent and mat stand at the back, and the rule of two uprights is kept', () => {
  const problem = stowProblem(tripOf({}, true), 'a', 1);
  const { stow } = solveStow(problem, [], { seed: 1, iterations: 4000 });
  const { placed, findings } = assess(problem, stow.placements);
  for (const id of ['tent', 'mat']) expect(placed.find((p) => p.thing.id === id)!.turn?.upright).toBe(true);
  expect(findings.map((f) => f.ruleId)).not.toContain('two-uprights');
});
