/** Every choice of the house rules on packing changes a plan, or what is said of one; and a stow that breaks it is told. */
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { HouseRules, Pack, PersonalThing, Piece, Placement, Thing, Trip } from '../trip/model.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { assess } from './assessStow.js';
import { loadingSteps } from './loadingSteps.js';
import { solveStow } from './solveStow.js';
import { stowProblem } from './stowProblem.js';

const own = (id: string, more: Partial<Thing> = {}): PersonalThing => ({
  ...aThing(id, more),
  memberId: 'a',
  worn: false,
});
const at = (thingId: string, zoneId: string): Placement => ({
  thingId,
  zoneId,
  side: 'centre',
  pinned: false,
});
const soft = (looseVolumeL: number): Partial<Thing> => ({
  shape: { kind: 'stuff', looseVolumeL },
  volumeL: looseVolumeL / 2,
});
const roll = (lengthCm: number): Thing['shape'] => ({ kind: 'roll', lengthCm, diameterCm: 9 });
/** Enough around a thing that it has a bottom, a core and a top to be in. */
const AROUND = [
  own('bag', { purpose: 'sleepingBag', ...soft(16) }),
  own('clothes', { purpose: 'spareClothing', ...soft(15) }),
  own('jacket', { purpose: 'warmLayer', needed: 'stop', ...soft(15) }),
];
const TENT = own('tent', { purpose: 'tentBody', needed: 'firstInCamp', massKg: 1.6, ...soft(8) });
const RAIN = own('rain', { purpose: 'rainwear', needed: 'hurry', massKg: 0.3, ...soft(2) });
const AID = own('aid', { purpose: 'firstAid', needed: 'hurry', massKg: 0.3, volumeL: 1 });
const DINNER = own('dinner', { purpose: 'food', needed: 'camp', massKg: 1.4, volumeL: 2 });
const WATER = own('reservoir', {
  purpose: 'waterContainer',
  needed: 'walking',
  volumeL: 0.1,
  massKg: 0.2,
  waterCapacityL: 2,
});
const FUEL = own('fuel', {
  purpose: 'fuel',
  flags: ['liquidFuel', 'leaks', 'hard'],
  volumeL: 0.5,
  massKg: 0.5,
  shape: { kind: 'cylinder', lengthCm: 16, diameterCm: 7 },
});
const POLES = own('poles', {
  purpose: 'tentPoles',
  needed: 'firstInCamp',
  massKg: 0.15,
  volumeL: 0.8,
  shape: { kind: 'long', lengthCm: 42, diameterCm: 5 },
});
const BOARD = own('board', {
  massKg: 0.8,
  volumeL: 1,
  shape: { kind: 'block', lengthCm: 20, widthCm: 12, heightCm: 4 },
});
const SMALL = own('small', { needed: 'stop', purpose: 'power', massKg: 0.45, volumeL: 0.4 });

function tripWith(things: readonly PersonalThing[], house: Partial<HouseRules>, frameless = false): Trip {
  // First aid is the group's: everybody's own is quick under every house rule.
  const isGroups = (t: PersonalThing): boolean => t.purpose === 'firstAid';
  const pieces = things.filter(isGroups).map(({ memberId: _m, worn: _w, ...piece }): Piece => piece);
  const made = aTrip(
    [aMember('a')],
    pieces,
    things.filter((t) => !isGroups(t)),
  );
  const base = { ...made, share: pieces.map((p) => ({ pieceId: p.id, memberId: 'a', locked: false })) };
  // Nearly full, so that there is a bottom, a core and a top.
  const pack = cataloguePack(
    'pack-a',
    PACK_SIZES.find((s) => s.nominalL === 40)!,
  );
  // A low place that is quick asks for a zip of its own.
  const main = pack.main!;
  const zipped: Pack =
    house.firstAid === 'lowOwnZip' ? { ...pack, main: { ...main, openings: ['top', 'bottom'] } } : pack;
  return {
    ...base,
    houseRules: { ...base.houseRules, ...house },
    packs: [{ ...zipped, frameless }],
  };
}
const problemOf = (thing: PersonalThing, house: Partial<HouseRules>) =>
  stowProblem(tripWith([...AROUND, thing], house), 'a', 1);
function plannedZone(thing: PersonalThing, house: Partial<HouseRules>): string {
  const problem = problemOf(thing, house);
  const { stow } = solveStow(problem, [], { seed: 1, iterations: 6000 });
  return assess(problem, stow.placements).placed.find((p) => p.thing.id === thing.id)!.zone.kind;
}
const rulesOf = (thing: PersonalThing, house: Partial<HouseRules>, zoneId: string): readonly string[] =>
  assess(
    problemOf(thing, house),
    // Low or high, as it is to lie.
    zoneId === 'bottom' || zoneId === 'core'
      ? [at(thing.id, zoneId), at('bag', 'bottom'), at('clothes', 'outer'), at('jacket', 'top')]
      : [at('bag', 'bottom'), at('clothes', 'outer'), at('jacket', 'outer'), at(thing.id, zoneId)],
  ).findings.map((f) => f.ruleId);

// Thing, choice, where the plan puts it, and where a stow breaks the rule.
const CASES: readonly (readonly [PersonalThing, Partial<HouseRules>, readonly string[], string])[] = [
  [TENT, { tent: 'core' }, ['core', 'outer'], 'bottom'],
  [TENT, { tent: 'roundTheBag' }, ['bottom', 'outer', 'core'], 'top'],
  [TENT, { tent: 'outsideLow' }, ['lash', 'bottom'], 'top'],
  [TENT, { tent: 'top' }, ['top'], 'core'],
  [TENT, { tent: 'neverUpper' }, ['core', 'bottom', 'outer'], 'top'],
  [POLES, { poles: 'sidePocket' }, ['side', 'lash'], 'bottom'],
  [POLES, { poles: 'downTheBack' }, ['core'], 'bottom'],
  [AID, { firstAid: 'topOrOuter' }, ['top', 'lid', 'front'], 'bottom'],
  [AID, { firstAid: 'deep' }, ['core', 'outer', 'bottom'], 'hipBelt'],
  [AID, { firstAid: 'lowOwnZip' }, ['bottom', 'front'], 'hipBelt'],
  [DINNER, { food: 'split' }, ['core', 'outer'], 'bottom'],
  [DINNER, { food: 'core' }, ['core', 'outer'], 'bottom'],
  [DINNER, { food: 'top' }, ['top'], 'bottom'],
  [WATER, { reservoir: 'sleeve' }, ['sleeve'], 'bottom'],
  [WATER, { reservoir: 'top' }, ['top'], 'bottom'],
  [FUEL, { fuel: 'liquidOutside' }, ['side', 'front', 'lash'], 'core'],
  [RAIN, { rainGear: 'topOfMain' }, ['top', 'lid'], 'side-left'],
  [RAIN, { rainGear: 'outerPocket' }, ['front', 'side'], 'bottom'],
  [RAIN, { rainGear: 'lid' }, ['lid'], 'bottom'],
  [BOARD, { outside: 'almostNothing' }, ['core', 'outer', 'top', 'bottom', 'front'], 'lash-left'],
  [SMALL, { lid: 'light' }, ['top', 'front', 'side', 'strap'], 'lid'],
  [SMALL, { lid: 'off' }, ['top', 'front', 'side', 'strap'], 'lid'],
];
test.each(CASES.map((c) => [JSON.stringify(c[1]), ...c] as const))(
  '%s',
  (_called, thing, house, kinds, broken) => {
    expect(kinds).toContain(plannedZone(thing, house));
    const zoneId = broken === 'hipBelt' ? 'belt-left' : broken;
    expect(rulesOf(thing, house, zoneId).length).toBeGreaterThan(0);
  },
);

test('fuel inside and low, among things that it does not spoil', () => {
  const tins = own('tins', { massKg: 8, volumeL: 20 });
  const zoneOf = (fuel: HouseRules['fuel']): string => {
    const problem = stowProblem(tripWith([FUEL, tins], { fuel }), 'a', 1);
    const { stow } = solveStow(problem, [], { seed: 1, iterations: 3000 });
    return assess(problem, stow.placements).placed.find((p) => p.thing.id === 'fuel')!.zone.kind;
  };
  expect(zoneOf('insideLow')).toBe('bottom');
  expect(['side', 'front', 'lash']).toContain(zoneOf('liquidOutside'));
});

test('used freely, the outside may hold what is tough; a full lid may hold what a light one may not', () => {
  expect(rulesOf(BOARD, { outside: 'freely' }, 'lash-left')).not.toContain('little-outside');
  expect(rulesOf(BOARD, { outside: 'almostNothing' }, 'lash-left')).toContain('little-outside');
  expect(rulesOf(SMALL, { lid: 'essentials' }, 'lid')).not.toContain('lid-light');
  expect(rulesOf(SMALL, { lid: 'light' }, 'lid')).toContain('lid-light');
});

const stepsOf = (house: Partial<HouseRules>): string => {
  const problem = problemOf(TENT, house);
  return loadingSteps(problem, assess(problem, [at('bag', 'bottom'), at('tent', 'core')]))
    .map((s) => s.text)
    .join('\n');
};
test('bags and rain protection change the steps', () => {
  const bags = (['dryBags', 'looseInLiner', 'criticalOnly'] as const).map((b) => stepsOf({ bags: b }));
  expect(new Set(bags).size).toBe(3);
  expect(stepsOf({ rainProtection: 'liner' })).toContain('Liner in');
  expect(stepsOf({ rainProtection: 'cover' })).not.toContain('iner');
});

describe('stacking', () => {
  const things = [
    own('roll-1', { massKg: 0.6, volumeL: 2, shape: roll(30) }),
    own('roll-2', { massKg: 0.6, volumeL: 2, shape: roll(28) }),
    own('box', { massKg: 2, volumeL: 4, shape: { kind: 'block', lengthCm: 22, widthCm: 16, heightCm: 12 } }),
    own('pad', { massKg: 0.5, volumeL: 1, shape: { kind: 'flat', lengthCm: 24, widthCm: 18, heightCm: 3 } }),
    ...AROUND,
  ];
  const over = (stacking: HouseRules['stacking']): number => {
    const problem = stowProblem(tripWith(things, { stacking }), 'a', 1);
    const a = assess(problem, solveStow(problem, [], { seed: 2, iterations: 6000 }).stow.placements);
    return a.findings.filter((f) => f.ruleId === 'columns').length;
  };
  test('in columns each tall thing of a plan can be drawn out; layers ask for nothing', () => {
    expect(over('columns')).toBe(0);
    expect(over('layers')).toBe(0);
  });
  test('what lies over a tall thing is told in columns alone', () => {
    const stack = [
      { ...at('roll-1', 'core'), spot: { xCm: 0, yCm: 10, turn: 0 } },
      { ...at('pad', 'top'), spot: { xCm: 0, yCm: 10, turn: 0 } },
    ];
    const told = (stacking: HouseRules['stacking']) =>
      assess(stowProblem(tripWith(things, { stacking }), 'a', 1), stack).findings.some(
        (f) => f.ruleId === 'columns',
      );
    expect([told('columns'), told('layers')]).toEqual([true, false]);
  });
});

describe('packs without a frame', () => {
  const things = [
    own('mat', { massKg: 0.5, volumeL: 2, shape: roll(30), purpose: 'mat' }),
    own('tent', { ...TENT, shape: roll(32), volumeL: 2.5 }),
    own('tins', { massKg: 6, volumeL: 6 }),
    ...AROUND,
  ];
  const planned = (frameless: HouseRules['frameless']) => {
    const problem = stowProblem(tripWith(things, { frameless }, true), 'a', 1);
    return assess(problem, solveStow(problem, [], { seed: 1, iterations: 6000 }).stow.placements);
  };
  test('two stiff uprights stand in the plan where the house wants them', () => {
    const a = planned('uprights');
    expect(a.findings.filter((f) => f.ruleId === 'two-uprights')).toEqual([]);
    expect(
      a.placed.filter((p) => p.turn?.upright === true && p.turn.heightCm >= 25).length,
    ).toBeGreaterThanOrEqual(2);
    expect(planned('bagAround').findings.filter((f) => f.ruleId === 'two-uprights')).toEqual([]);
  });
  test('without anything to stand up, the cure is named', () => {
    const problem = stowProblem(tripWith([own('tins', { massKg: 9, volumeL: 9 })], {}, true), 'a', 1);
    const found = assess(problem, [at('tins', 'core')]).findings.find((f) => f.ruleId === 'two-uprights');
    expect(found?.message).toContain('a rolled foam mat inside can');
  });
});
