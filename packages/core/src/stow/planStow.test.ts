import fc from 'fast-check';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import type { Pack, PersonalThing, Placement, Thing, Trip, Zone } from '../trip/model.js';
import { placeThing } from '../trip/changes.js';
import { thingsInPack } from '../trip/queries.js';
import { assessStow, gramsToCentre } from './assessStow.js';
import { compareCost, costOfStow, planStow, slotsOf, solveStow } from './planStow.js';
import { planningDay, stowProblem } from './stowProblem.js';

const own = (thing: Thing): PersonalThing => ({ ...thing, memberId: 'a', worn: false });
const zone = (
  id: string,
  kind: Zone['kind'],
  z: number,
  y: number,
  volumeL: number,
  more: Partial<Zone> = {},
): Zone => ({
  id,
  name: id,
  kind,
  side: 'centre',
  at: { x: 0, y, z },
  widthCm: 30,
  depthCm: 12,
  heightCm: 18,
  volumeL,
  openAbove: false,
  ...more,
});
/** A pack of four zones, small enough to try every stow. */
const TINY_PACK: Pack = {
  id: 'pack-a',
  name: 'tiny',
  tareKg: 1,
  ratedLoadKg: 15,
  centreOfGravityCm: { x: 0, y: 5, z: 15 },
  zones: [
    zone('bottom', 'bottom', -8, 1, 4),
    zone('core', 'core', 10, 1, 4),
    zone('top', 'top', 28, 1, 4),
    zone('lid', 'lid', 46, 1, 2, { heightCm: 10, maxLoadKg: 1 }),
  ],
};
const withTinyPack = (things: readonly PersonalThing[]): Trip => ({
  ...aTrip([aMember('a')], [], things),
  packs: [TINY_PACK],
});

const TINY_THINGS = [
  own(
    aThing('bag', {
      purpose: 'sleepingBag',
      volumeL: 3,
      massKg: 0.9,
      shape: { kind: 'stuff', looseVolumeL: 6 },
      flags: ['mustStayDry'],
    }),
  ),
  own(aThing('food', { purpose: 'food', volumeL: 2, massKg: 1.6 })),
  own(aThing('shell', { purpose: 'rainwear', volumeL: 1.5, massKg: 0.4, needed: 'hurry' })),
  own(aThing('torch', { purpose: 'light', volumeL: 0.3, massKg: 0.1, needed: 'stop' })),
];

describe('planStow', () => {
  test('equals exhaustive search on a tiny pack', () => {
    const trip = withTinyPack(TINY_THINGS);
    const problem = stowProblem(trip, 'a', 1);
    const slots = slotsOf(TINY_PACK.zones);
    let best = solveStow(problem, [], { seed: 1, iterations: 0 }).cost;
    const place = (indexes: readonly number[]): Placement[] =>
      indexes.map((s, t) => ({
        thingId: TINY_THINGS[t]!.id,
        zoneId: TINY_PACK.zones[slots[s]!.zoneIndex]!.id,
        side: slots[s]!.side,
        pinned: false,
      }));
    const visit = (indexes: readonly number[]): void => {
      if (indexes.length === TINY_THINGS.length) {
        const cost = costOfStow(problem, place(indexes));
        if (compareCost(cost, best) < 0) best = cost;
        return;
      }
      for (let s = 0; s < slots.length; s += 1) visit([...indexes, s]);
    };
    visit([]);
    const planned = solveStow(problem, [], { seed: 1, iterations: 6000 });
    expect(compareCost(planned.cost, best)).toBe(0);
    expect(planned.cost).toMatchObject({ misfit: 0, safety: 0, tooDeep: 0 });
  });

  test('every thing of the pack is somewhere, once', () => {
    fc.assert(
      fc.property(arbitraryTrip({ members: { min: 1, max: 2 }, pieces: { min: 0, max: 5 } }), (trip) => {
        const { stow } = planStow(trip, 'm1', { seed: 2, iterations: 400 });
        expect(stow.placements.map((p) => p.thingId).sort()).toEqual(
          thingsInPack(trip, 'm1', 1)
            .map((t) => t.id)
            .sort(),
        );
        const problem = stowProblem(trip, 'm1', planningDay(trip, 'm1'));
        expect(
          compareCost(
            costOfStow(problem, stow.placements),
            planStow(trip, 'm1', { seed: 2, iterations: 400 }).cost,
          ),
        ).toBe(0);
      }),
      { seed: 4, numRuns: 30 },
    );
  });

  test('a pinned thing stays where it was put', () => {
    const trip = placeThing(withTinyPack(TINY_THINGS), 'a', {
      thingId: 'food',
      zoneId: 'top',
      side: 'left',
      pinned: true,
    });
    const { stow } = planStow(trip, 'a', { seed: 1 });
    expect(stow.placements).toContainEqual({ thingId: 'food', zoneId: 'top', side: 'left', pinned: true });
    expect(stow.placements).toHaveLength(TINY_THINGS.length);
  });

  test('the same seed gives the same stow', () => {
    const trip = withTinyPack(TINY_THINGS);
    expect(planStow(trip, 'a', { seed: 3 })).toEqual(planStow(trip, 'a', { seed: 3 }));
  });

  test('food that is eaten makes room for food that arrives', () => {
    const meal = (id: string, more: Partial<Thing>) =>
      own(aThing(id, { purpose: 'food', volumeL: 3.5, massKg: 2, ...more }));
    const trip: Trip = {
      ...withTinyPack([
        meal('first', { consumption: { fromDay: 1, toDay: 1, residueKg: 0 } }),
        meal('second', { fromDay: 2 }),
      ]),
      legs: aTrip([], [], [], 2).legs,
    };
    const { cost } = planStow(trip, 'a', { seed: 1 });
    expect(cost.misfit).toBe(0);
    const both = assessStow(trip, 'a', 1, [
      { thingId: 'first', zoneId: 'core', side: 'centre', pinned: false },
      { thingId: 'second', zoneId: 'core', side: 'centre', pinned: false },
    ]);
    expect(both.findings.filter((f) => f.kind === 'fit')).toEqual([]);
  });
});

describe('assessStow', () => {
  test('the centre of gravity by hand', () => {
    // Core, 4 L in a box of 6.48 L: 2 L of food fill half of its 18 cm, so their middle is 4.5 cm up: z 14.5, y 7.
    const trip = withTinyPack([TINY_THINGS[1]!]);
    const stow = assessStow(trip, 'a', 1, [
      { thingId: 'food', zoneId: 'core', side: 'centre', pinned: false },
    ]);
    expect(stow.centreOfGravityCm.z).toBeCloseTo((1 * 15 + 1.6 * 14.5) / 2.6, 9);
    expect(stow.centreOfGravityCm.y).toBeCloseTo((1 * 5 + 1.6 * 7) / 2.6, 9);
    expect(stow.band).toEqual([0.45 * 48, 0.65 * 48]);
    expect(stow.inBand).toBe(false);
    expect(stow.findings).toContainEqual({
      kind: 'balance',
      message: 'centre of gravity 6.9 cm below the band of "Middle and close", 22–31 cm',
    });
  });
  test('names what has no place, what is too full, too heavy and too deep', () => {
    const trip = withTinyPack(TINY_THINGS);
    const stow = assessStow(trip, 'a', 1, [
      { thingId: 'food', zoneId: 'lid', side: 'centre', pinned: false },
      { thingId: 'bag', zoneId: 'lid', side: 'centre', pinned: false },
      { thingId: 'shell', zoneId: 'bottom', side: 'centre', pinned: false },
    ]);
    const messages = stow.findings.map((f) => f.message);
    expect(messages).toEqual(
      expect.arrayContaining([
        'torch (0.10 kg) has no place yet',
        'lid is 3.0 L over its 2.0 L on day 1',
        'lid holds 2.5 kg, its limit is 1.0 kg',
        'food in lid: a heavy lid sways and makes the neck sore',
        'shell in bottom: wanted in a hurry: too deep here; better in top',
      ]),
    );
  });
  test('a lone thing to the left pulls the centre of gravity left, and says how much to move', () => {
    const trip = withTinyPack([own(aThing('pot', { massKg: 3, volumeL: 1 }))]);
    const stow = assessStow(trip, 'a', 1, [{ thingId: 'pot', zoneId: 'core', side: 'left', pinned: false }]);
    expect(stow.centreOfGravityCm.x).toBeCloseTo((3 * -7.5) / 4, 9);
    expect(
      stow.findings.some((f) =>
        f.message.startsWith('centre of gravity 5.6 cm to the left: move 1.5 kg across'),
      ),
    ).toBe(true);
  });
  test('grams across are reckoned by the main compartment, however wide the straps below it are', () => {
    const wide = zone('below', 'lash', -24, 5, 12, { widthCm: 56, heightCm: 20 });
    const trip: Trip = {
      ...withTinyPack([own(aThing('pot', { massKg: 3, volumeL: 1 }))]),
      packs: [{ ...TINY_PACK, zones: [...TINY_PACK.zones, wide] }],
    };
    const left = [{ thingId: 'pot', zoneId: 'core', side: 'left' as const, pinned: false }];
    // Moving half of the pot from −7.5 to +7.5 cm brings the whole to the middle.
    expect(gramsToCentre(assessStow(trip, 'a', 1, left))).toBeCloseTo(1500, 6);
  });
  test('water is poured into containers; what none holds is said', () => {
    const trip: Trip = {
      ...withTinyPack([own(aThing('bottle', { purpose: 'waterContainer', waterCapacityL: 1, massKg: 0.1 }))]),
      legs: [{ ...aTrip([], []).legs[0]!, waterL: 1.5 }],
    };
    const stow = assessStow(trip, 'a', 1, [
      { thingId: 'bottle', zoneId: 'core', side: 'centre', pinned: false },
    ]);
    expect(stow.placed[0]).toMatchObject({ waterL: 1, massKg: 1.1 });
    expect(stow.findings.map((f) => f.message)).toContain(
      "0.5 L of day 1's water has no container in this pack",
    );
  });
});
