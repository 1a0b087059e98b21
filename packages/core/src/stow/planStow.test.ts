import { isLiner } from '../trip/whoseThings.js';
import fc from 'fast-check';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import type { Pack, PersonalThing, Placement, Thing, Trip, Zone } from '../trip/model.js';
import { placeThing } from '../trip/changes.js';
import { thingsInPack } from '../trip/queries.js';
import { shapeVolumeL } from '../trip/shapes.js';
import { assessStow } from './assessStow.js';
import { gramsToCentre } from './assessment.js';
import { stowOnDay } from './movesUp.js';
import { daysOf } from './overDays.js';
import { planStow } from './planStow.js';
import { overAll } from './stowCost.js';
import { compareCost, costOfStow, solveStow, type StowPlan } from './solveStow.js';
import { heavyBoundCm, leastOutCm } from './stowBounds.js';
import { STOW_LOADS, stowLoadTrip } from '../testing/stowLoads.js';
import { assess } from './assessStow.js';
import { startFromRules } from './search/startFromRules.js';
import { stowProblem } from './stowProblem.js';
import { StowSearch } from './search/stowSearch.js';
import { IS_DEEP, runs, seeds } from '../testing/runs.js';

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
    // Three cubes and a main compartment of 5 × 4 × 12 with a lid of 4 × 4 × 4: every order, place and compartment.
    const small = (
      id: string,
      kind: Zone['kind'],
      z: number,
      size: readonly [number, number, number],
    ): Zone =>
      zone(id, kind, z, 1, (size[0] * size[1] * size[2]) / 1000, {
        widthCm: size[0],
        depthCm: size[1],
        heightCm: size[2],
      });
    const cube = (id: string, cm: number, massKg: number, more: Partial<Thing> = {}): PersonalThing =>
      own(
        aThing(id, {
          massKg,
          volumeL: cm ** 3 / 1000,
          shape: { kind: 'block', lengthCm: cm, widthCm: cm, heightCm: cm },
          ...more,
        }),
      );
    const cubes = [
      cube('stove', 3, 0.3, { purpose: 'stove' }),
      cube('tin', 2, 0.5, { purpose: 'food' }),
      cube('torch', 2, 0.1, { purpose: 'light', needed: 'stop' }),
    ];
    const trip: Trip = {
      ...withTinyPack(cubes),
      packs: [
        {
          ...TINY_PACK,
          // High enough that the band is met by many stows, and what is left is to choose among them.
          centreOfGravityCm: { x: 0, y: 5, z: 25 },
          zones: [small('core', 'core', 18, [5, 4, 12]), small('lid', 'lid', 30, [4, 4, 4])],
        },
      ],
    };
    const problem = stowProblem(trip, 'a', 1);
    let best = solveStow(problem, [], { seed: 1, iterations: 0 }).cost;
    const orders = [
      [0, 1, 2],
      [0, 2, 1],
      [1, 0, 2],
      [1, 2, 0],
      [2, 0, 1],
      [2, 1, 0],
    ];
    const spots = cubes.map(({ shape }): readonly Omit<Placement, 'thingId'>[] => {
      const cm = shape.kind === 'block' ? shape.lengthCm : 0;
      const inZone = (zoneId: string, width: number, depth: number): readonly Omit<Placement, 'thingId'>[] =>
        Array.from({ length: (width - cm + 1) * (depth - cm + 1) }, (_v, i) => ({
          zoneId,
          side: 'centre' as const,
          pinned: false,
          spot: {
            xCm: -width / 2 + cm / 2 + (i % (width - cm + 1)),
            yCm: 1 + cm / 2 + Math.floor(i / (width - cm + 1)),
            turn: 0,
          },
        }));
      return [...inZone('core', 5, 4), ...inZone('lid', 4, 4)];
    });
    let tried = 0;
    for (const order of orders) {
      const visit = (at: number, list: readonly Placement[]): void => {
        if (at === order.length) {
          const cost = costOfStow(problem, list);
          tried += 1;
          if (compareCost(cost, best) < 0) best = cost;
          return;
        }
        const t = order[at]!;
        for (const spot of spots[t]!) visit(at + 1, [...list, { thingId: cubes[t]!.id, ...spot }]);
      };
      visit(0, []);
    }
    expect(tried).toBeGreaterThan(10_000);
    const planned = solveStow(problem, [], { seed: 1, iterations: 8000 });
    expect(compareCost(planned.cost, best)).toBe(0);
    expect(planned.cost).toMatchObject({ misfit: 0, safety: 0, tooDeep: 0, bandMissCm: 0 });
  });

  test('the reference load of 40 L: all in, no safety rule broken, in the band, even, hardly a hollow, all at hand', () => {
    const trip = stowLoadTrip(STOW_LOADS[0]!, 'middle');
    const problem = stowProblem(trip, 'wearer', 1);
    const plan = planStow(trip, 'wearer', { seed: 1 });
    const a = assess(problem, plan.stow.placements);
    expect(a.findings.filter((f) => f.severity !== 'ground')).toEqual([]);
    expect(a.inBand).toBe(true);
    expect(Math.abs(a.centreOfGravityCm.x)).toBeLessThanOrEqual(0.5);
    expect(a.main.voidShare).toBeLessThanOrEqual(0.05);
    // What the planner thought is what is shown.
    expect(compareCost(costOfStow(problem, plan.stow.placements), plan.cost)).toBe(0);
    const leastCm = leastOutCm(problem, a);
    expect(a.centreOfGravityCm.y).toBeGreaterThanOrEqual(leastCm);
    expect(a.centreOfGravityCm.y).toBeLessThanOrEqual(leastCm + 2);
  });

  test.each([0, 1, 2])('what is planned is what is realised, load %i', (load) => {
    let compared = 0;
    for (const [seed, school] of [
      [2, 'low'],
      ...(IS_DEEP
        ? ([
            [1, 'high'],
            [3, 'low'],
          ] as const)
        : []),
    ] as const) {
      const trip = stowLoadTrip(STOW_LOADS[load]!, school);
      const problem = stowProblem(trip, 'wearer', 1);
      const { cost, stow } = planStow(trip, 'wearer', { seed, iterations: 12_000 });
      const again = costOfStow(problem, stow.placements);
      expect(again.misfit).toBeCloseTo(cost.misfit, 6);
      expect(again.outCm).toBeCloseTo(cost.outCm, 6);
      expect(again.misplaced).toBeCloseTo(cost.misplaced, 6);
      // What finds no room beside the rest of it lies apart when all is shown, and moves what comes after it.
      if (cost.misfit > 1e-6) continue;
      compared += 1;
      const a = assess(problem, stow.placements);
      expect(a.bandMissCm === 0 ? 0 : Math.abs(a.bandMissCm)).toBeCloseTo(cost.bandMissCm, 6);
    }
    expect(compared).toBeGreaterThan(IS_DEEP ? 1 : 0);
  });

  test('a band out of reach is proven to be: a pack that ends below the shoulder blades, packed high', () => {
    const problem = { ...stowProblem(withTinyPack(TINY_THINGS), 'a', 1), band: [50, 60] as const };
    const a = assess(problem, solveStow(problem, [], { seed: 1, iterations: 2000 }).stow.placements);
    const highestCm = heavyBoundCm(problem, a, 'highest')!;
    expect(a.inBand).toBe(false);
    expect(highestCm).toBeLessThan(problem.band[0]);
    expect(a.heavyCm).toBeLessThanOrEqual(highestCm);
  });

  test('the walking bottles get a side pocket each, though one would hold the litres of both', () => {
    const trip = stowLoadTrip(STOW_LOADS[2]!, 'low');
    const search = new StowSearch(stowProblem(trip, 'wearer', 1), [], 1);
    startFromRules(search);
    const { facts, state } = search;
    const bottles = facts.things.flatMap((t, i) =>
      t.thing.purpose === 'waterContainer' ? [facts.compartments[state.compartmentOf(i)]!.id] : [],
    );
    expect(bottles.sort()).toEqual(['side-left', 'side-right']);
  });

  test('every thing of the pack is somewhere, once', () => {
    fc.assert(
      fc.property(arbitraryTrip({ members: { min: 1, max: 2 }, pieces: { min: 0, max: 5 } }), (trip) => {
        const { stow, cost } = planStow(trip, 'm1', { seed: 2, iterations: 400 });
        expect(stow.placements.map((p) => p.thingId).sort()).toEqual(
          // A liner lines the pack: it has no place in it.
          thingsInPack(trip, 'm1', 1)
            .filter((t) => !isLiner(t))
            .map((t) => t.id)
            .sort(),
        );
        const days = daysOf(trip, 'm1').map((day) => {
          const problem = stowProblem(trip, 'm1', day);
          return costOfStow(problem, stowOnDay(problem, stow.placements).placements);
        });
        expect(compareCost(overAll(days), cost)).toBe(0);
      }),
      { seed: 4, numRuns: runs(30) },
    );
  });

  test('a pinned thing stays where it was put', () => {
    const trip = placeThing(withTinyPack(TINY_THINGS), 'a', {
      thingId: 'food',
      zoneId: 'top',
      side: 'left',
      pinned: true,
    });
    const { stow } = planStow(trip, 'a', { seed: 1, iterations: 8000 });
    expect(stow.placements.find((p) => p.thingId === 'food')).toMatchObject({ pinned: true });
    const { x } = assessStow(trip, 'a', 1, stow.placements).placed.find((p) => p.thing.id === 'food')!.centre;
    expect(x).toBeLessThan(0);
    expect(stow.placements).toHaveLength(TINY_THINGS.length);
  });

  test('a pinned soft thing is not pushed to the other side by what comes before it', () => {
    for (const side of ['left', 'right'] as const) {
      const pinned = { thingId: 'food', zoneId: 'core', side, pinned: true };
      const trip = placeThing(withTinyPack(TINY_THINGS), 'a', pinned);
      for (const seed of seeds(4)) {
        const { placements } = planStow(trip, 'a', { seed, iterations: 4000 }).stow;
        const food = assessStow(trip, 'a', 1, placements).placed.find((p) => p.thing.id === 'food')!;
        expect(Math.sign(food.centre.x)).toBe(side === 'left' ? -1 : 1);
      }
    }
  });

  test('what the planner takes to fit does fit, where stiff things are told smaller than they are', () => {
    for (const load of STOW_LOADS.slice(0, 2)) {
      const trip = stowLoadTrip(load, 'middle');
      const told = {
        ...trip,
        personalThings: trip.personalThings.map((t) =>
          shapeVolumeL(t.shape) === undefined ? t : { ...t, volumeL: 0.8 * t.volumeL },
        ),
      };
      for (const seed of seeds(3)) {
        const { cost, stow } = planStow(told, 'wearer', { seed, iterations: 3000 });
        const { compartments } = assessStow(told, 'wearer', 1, stow.placements).layout;
        const overL = Math.max(...compartments.map((c) => c.overflowL));
        expect(cost.misfit > 1e-6).toBe(overL > 1e-6);
      }
    }
  });

  test('the same seed gives the same stow', () => {
    const trip = withTinyPack(TINY_THINGS);
    expect(planStow(trip, 'a', { seed: 3, iterations: 2000 })).toEqual(
      planStow(trip, 'a', { seed: 3, iterations: 2000 }),
    );
  });

  test('every stow shown on the way is one of the centimetre grid, none worse than the last, and no better than what comes of it', () => {
    const trip = stowLoadTrip(STOW_LOADS[1]!, 'middle');
    const problem = stowProblem(trip, 'wearer', 1);
    const shown: StowPlan[] = [];
    const options = { seed: 4, iterations: 9000 };
    const plan = planStow(trip, 'wearer', { ...options, onProgress: ({ best }) => shown.push(best) });
    expect(shown.length).toBeGreaterThan(3);
    for (const [i, { cost, stow }] of shown.entries()) {
      expect(compareCost(costOfStow(problem, stow.placements), cost)).toBe(0);
      if (i > 0) expect(compareCost(cost, shown[i - 1]!.cost)).toBeLessThanOrEqual(0);
    }
    for (const { cost } of shown) expect(compareCost(plan.cost, cost)).toBeLessThanOrEqual(0);
    expect(compareCost(plan.cost, planStow(trip, 'wearer', options).cost)).toBeLessThanOrEqual(0);
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
    const { cost } = planStow(trip, 'a', { seed: 1, iterations: 8000 });
    expect(cost.misfit).toBe(0);
    const both = assessStow(trip, 'a', 1, [
      { thingId: 'first', zoneId: 'core', side: 'centre', pinned: false },
      { thingId: 'second', zoneId: 'core', side: 'centre', pinned: false },
    ]);
    expect(both.findings.filter((f) => f.severity === 'fit')).toEqual([]);
  });
});

describe('assessStow', () => {
  const at = (thingId: string, zoneId: string, side: Placement['side'] = 'centre'): Placement => ({
    thingId,
    zoneId,
    side,
    pinned: false,
  });
  test('the centre of gravity by hand: a block of 10 × 10 × 10 at the middle of the floor', () => {
    const cube = own(
      aThing('cube', {
        massKg: 3,
        volumeL: 1,
        shape: { kind: 'block', lengthCm: 10, widthCm: 10, heightCm: 10 },
      }),
    );
    const trip = withTinyPack([cube]);
    const stow = assessStow(trip, 'a', 1, [{ ...at('cube', 'core'), spot: { xCm: 0, yCm: 6, turn: 0 } }]);
    // The compartment is 12 deep from y 1 and its floor is at −8: the cube's middle is at y 6, z −3.
    expect(stow.placed[0]!.centre).toEqual({ x: 0, y: 6, z: -3 });
    expect(stow.centreOfGravityCm.z).toBeCloseTo((1 * 15 + 3 * -3) / 4, 9);
    expect(stow.centreOfGravityCm.y).toBeCloseTo((1 * 5 + 3 * 6) / 4, 9);
    expect(stow.band).toEqual([0.42 * 48, 0.52 * 48]);
    // Half of it is the heavy half, and lies where it lies.
    expect(stow.heavyCm).toBeCloseTo(-3, 9);
    expect(stow.findings).toContainEqual({
      ruleId: 'height',
      severity: 'balance',
      thingIds: [],
      message:
        'the heavy things ride 23.2 cm below the band of "Middle and close", 20.2–25.0 cm; so little is in the pack that it lies low: take a smaller pack, or pack low',
    });
  });
  test('names what has no place, what is too full, too heavy and too deep', () => {
    const trip = withTinyPack(TINY_THINGS);
    const messages = assessStow(trip, 'a', 1, [
      at('food', 'lid'),
      at('bag', 'lid'),
      at('shell', 'bottom'),
    ]).findings.map((f) => f.message);
    expect(messages).toEqual(
      expect.arrayContaining([
        'torch (0.10 kg) has no place yet',
        'lid: 3.0 L do not go in; bag stands out',
        'lid holds 2.5 kg, its limit is 1.0 kg',
        'food in lid: a heavy lid sways and makes the neck sore',
      ]),
    );
  });
  test('a lone thing to the left pulls the centre of gravity left; half of it across would bring it back', () => {
    const pot = own(
      aThing('pot', {
        massKg: 3,
        volumeL: 1,
        shape: { kind: 'block', lengthCm: 10, widthCm: 10, heightCm: 10 },
      }),
    );
    const stow = assessStow(withTinyPack([pot]), 'a', 1, [
      { ...at('pot', 'core', 'left'), spot: { xCm: -8, yCm: 7, turn: 0 } },
    ]);
    expect(stow.centreOfGravityCm.x).toBeCloseTo((3 * -8) / 4, 9);
    // Moving m from the middle of one half of 30 cm to the other's shifts the moment by 15·m.
    expect(gramsToCentre(stow)).toBeCloseTo((1000 * 3 * 8) / 15, 6);
    expect(stow.findings.map((f) => f.message)).toContain(
      'centre of gravity 6.0 cm to the left: move 1.6 kg across',
    );
  });
  test('a thing that rides in another takes no room and comes out after it', () => {
    const can = (
      id: string,
      lengthCm: number,
      diameterCm: number,
      more: Partial<Thing> = {},
    ): PersonalThing =>
      own(
        aThing(id, {
          volumeL: (Math.PI * diameterCm ** 2 * lengthCm) / 4000,
          shape: { kind: 'cylinder', lengthCm, diameterCm },
          ...more,
        }),
      );
    const place = (gas: PersonalThing) =>
      assessStow(withTinyPack([can('pot', 11, 12), gas]), 'a', 1, [at('pot', 'core'), at('gas', 'core')]);
    const inside = place(can('gas', 8, 10, { nestsIn: 'pot' })).placed.find((p) => p.thing.id === 'gas')!;
    expect(inside).toMatchObject({ insideId: 'pot', volumeL: 0, reach: { count: 1, blockers: ['pot'] } });
    // Too wide for the pot: it has to find a place of its own.
    const beside = place(can('gas', 8, 11.8, { nestsIn: 'pot' })).placed.find((p) => p.thing.id === 'gas')!;
    expect(beside.insideId).toBeUndefined();
  });
  test('water is poured into containers; what none holds is said', () => {
    const trip: Trip = {
      ...withTinyPack([own(aThing('bottle', { purpose: 'waterContainer', waterCapacityL: 1, massKg: 0.1 }))]),
      legs: [{ ...aTrip([], []).legs[0]!, waterL: 1.5 }],
    };
    const stow = assessStow(trip, 'a', 1, [at('bottle', 'core')]);
    expect(stow.placed[0]).toMatchObject({ waterL: 1, massKg: 1.1 });
    expect(stow.findings.map((f) => f.message)).toContain(
      "0.5 L of day 1's water has no container in this pack",
    );
  });
});
