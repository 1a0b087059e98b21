import fc from 'fast-check';
import { seededRandom } from '../units/random.js';
import { STOW_LOADS, stowLoadTrip } from '../testing/stowLoads.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type {
  HolderTrait,
  HouseRules,
  Pack,
  PersonalThing,
  Placement,
  Shape,
  Thing,
  Trip,
} from '../trip/model.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { assess, assessStow } from './assessStow.js';
import type { StowAssessment } from './assessment.js';
import { loadingSteps } from './loadingSteps.js';
import { placeAt } from './placeAt.js';
import { planStow } from './planStow.js';
import { practiceScore } from './practice.js';
import { BLOCKS } from './neighbours.js';
import { closure } from './reach.js';
import { rideAdvice, SYMPTOMS, type Symptom } from './rideCheck.js';
import { heavyBoundCm, leastOutCm } from './stowBounds.js';
import { shiftStep } from './shiftStep.js';
import { bestMoves, cureOf } from './stowMoves.js';
import { stowProblem } from './stowProblem.js';
import { STOW_RULES } from './stowRules.js';
import { runs } from '../testing/runs.js';

const SIXTY = cataloguePack(
  'pack-a',
  PACK_SIZES.find((s) => s.nominalL === 60)!,
);
const block = (lengthCm: number, widthCm: number, heightCm: number): Shape => ({
  kind: 'block',
  lengthCm,
  widthCm,
  heightCm,
});
const own = (id: string, more: Partial<Thing> = {}): PersonalThing => ({
  ...aThing(id, more),
  memberId: 'a',
  worn: false,
});
const at = (thingId: string, zoneId: string, more: Partial<Placement> = {}): Placement => ({
  thingId,
  zoneId,
  side: 'centre',
  pinned: false,
  ...more,
});
function tripOf(
  things: readonly PersonalThing[],
  {
    house = {},
    pack = {},
    ground = 'path',
  }: { house?: Partial<HouseRules>; pack?: Partial<Pack>; ground?: 'path' | 'scramble' } = {},
): Trip {
  const base = aTrip([aMember('a')], [], things);
  return {
    ...base,
    packs: [{ ...SIXTY, ...pack }],
    legs: base.legs.map((leg) => ({ ...leg, ground })),
    houseRules: { ...base.houseRules, ...house },
  };
}
const rulesOf = (trip: Trip, placements: readonly Placement[]): readonly string[] =>
  assessStow(trip, 'a', 1, placements).findings.map((f) => f.ruleId);

describe('each rule has one case that breaks it and one that keeps it', () => {
  const tin = own('tin', { massKg: 0.5, volumeL: 0.5, shape: block(10, 10, 5), flags: ['hard'] });
  const bag = own('bag', { purpose: 'sleepingBag', volumeL: 6, shape: { kind: 'stuff', looseVolumeL: 12 } });
  const fuel = own('fuel', { flags: ['liquidFuel', 'leaks'], volumeL: 0.7, massKg: 0.5, purpose: 'fuel' });
  const tent = own('tent', { volumeL: 3, nestsIn: 'sack' });
  const sackOf = (capacityL: number): PersonalThing =>
    own('sack', { holds: { capacityL, traits: [], meantFor: 'anything' } });
  const cases: Readonly<
    Record<
      string,
      readonly [
        things: readonly PersonalThing[],
        broken: readonly Placement[],
        kept: readonly Placement[],
        options?: Parameters<typeof tripOf>[1],
        keptOptions?: Parameters<typeof tripOf>[1],
      ]
    >
  > = {
    'has-a-place': [[tin], [], [at('tin', 'outer')]],
    'goes-in': [
      [own('box', { volumeL: 3, shape: block(20, 15, 10) })],
      [at('box', 'belt-left')],
      [at('box', 'outer')],
    ],
    'holder-has-room': [[tent, sackOf(2)], [at('sack', 'core'), at('tent', 'core')], [at('sack', 'core')]],
    'pocket-load': [[own('iron', { massKg: 2, volumeL: 0.3 })], [at('iron', 'lid')], [at('iron', 'core')]],
    'liquid-fuel-outside': [[fuel], [at('fuel', 'core')], [at('fuel', 'side-left')]],
    'gas-out-of-pockets': [
      [own('gas', { flags: ['gasFuel'], massKg: 0.3, volumeL: 0.4 })],
      [at('gas', 'lid')],
      [at('gas', 'outer')],
    ],
    'sharp-off-the-back': [
      [
        own('fill', { volumeL: 18 }),
        own('pegs', { flags: ['sharp'], purpose: 'tentPegs', volumeL: 0.3 }),
        own('rest', { volumeL: 20 }),
      ],
      [at('fill', 'bottom'), at('pegs', 'core', { spot: { xCm: 0, yCm: 5, turn: 0 } }), at('rest', 'top')],
      [at('fill', 'bottom'), at('pegs', 'outer', { spot: { xCm: 0, yCm: 22, turn: 0 } }), at('rest', 'top')],
    ],
    'lid-light': [[own('book', { massKg: 1, volumeL: 0.5 })], [at('book', 'lid')], [at('book', 'top')]],
    'water-low': [
      [own('bottle', { flags: ['leaks'], massKg: 0.2, volumeL: 0.5 })],
      [at('bottle', 'lid')],
      [at('bottle', 'side-left')],
    ],
    'beacon-sky': [
      [own('beacon', { flags: ['needsSky'], purpose: 'beacon', massKg: 0.2, volumeL: 0.2 })],
      [at('beacon', 'core')],
      [at('beacon', 'lid')],
    ],
    'dry-inside': [
      [own('quilt', { flags: ['mustStayDry'], volumeL: 2 })],
      [at('quilt', 'front')],
      [at('quilt', 'bottom')],
    ],
    'sleeve-for-water': [[tin], [at('tin', 'sleeve')], [at('tin', 'outer')]],
    'little-outside': [[own('shirt', { volumeL: 1 })], [at('shirt', 'lash-left')], [at('shirt', 'outer')]],
    'crushable-safe': [
      [own('fill', { volumeL: 37 }), own('eggs', { flags: ['crushable'], volumeL: 0.5 })],
      [at('eggs', 'bottom'), at('fill', 'core')],
      [at('fill', 'bottom'), at('eggs', 'top')],
    ],
    'hard-off-the-back': [
      [tin],
      [at('tin', 'core', { spot: { xCm: 0, yCm: 4, turn: 2 } })],
      [at('tin', 'core', { spot: { xCm: 0, yCm: 12, turn: 2 } })],
    ],
    stands: [
      [
        own('cup', { volumeL: 0.5, shape: block(8, 8, 8) }),
        own('bottle', {
          waterCapacityL: 1,
          massKg: 0.2,
          volumeL: 1.1,
          shape: { kind: 'cylinder', lengthCm: 24, diameterCm: 8 },
        }),
      ],
      [at('cup', 'side-left'), at('bottle', 'side-left')],
      [at('cup', 'top'), at('bottle', 'side-left')],
    ],
    apart: [
      [fuel, own('shirt', { purpose: 'clothing', volumeL: 0.8 })],
      [at('fuel', 'side-left'), at('shirt', 'side-left')],
      [at('fuel', 'side-left'), at('shirt', 'top')],
    ],
    'dry-bag': [
      [own('quilt', { flags: ['mustStayDry'], volumeL: 4, purpose: 'sleepingBag' })],
      [at('quilt', 'bottom')],
      [at('quilt', 'bottom')],
      { house: { rainProtection: 'cover', bags: 'looseInLiner' } },
      { house: { rainProtection: 'liner', bags: 'looseInLiner' } },
    ],
    'first-aid-at-hand': [
      [
        own('aid', { purpose: 'firstAid', needed: 'hurry', volumeL: 1 }),
        own('low', { volumeL: 9 }),
        own('high', { volumeL: 9 }),
      ],
      [at('aid', 'bottom'), at('low', 'core'), at('high', 'top')],
      [at('low', 'bottom'), at('high', 'core'), at('aid', 'top')],
      { pack: { main: { ...SIXTY.main!, openings: ['top'] } } },
    ],
    'needed-when': [
      [own('map', { needed: 'walking', purpose: 'navigation', massKg: 0.1, volumeL: 0.2 })],
      [at('map', 'core')],
      [at('map', 'belt-left')],
    ],
    handful: [
      Array.from({ length: 5 }, (_, k) => own(`bar-${k}`, { purpose: 'snack', massKg: 0.05, volumeL: 0.08 })),
      Array.from({ length: 5 }, (_, k) => at(`bar-${k}`, 'belt-left')),
      Array.from({ length: 5 }, (_, k) => at(`bar-${k}`, k === 0 ? 'top' : 'belt-left')),
    ],
    'out-of-place': [
      [own('rice', { purpose: 'food', massKg: 0.2, volumeL: 0.3 })],
      [at('rice', 'belt-left')],
      [at('rice', 'core')],
    ],
    height: [
      [own('lead', { massKg: 12, volumeL: 3 })],
      [at('lead', 'bottom')],
      [at('soft', 'bottom'), at('lead', 'core')],
      undefined,
      undefined,
    ],
    'even-sides': [
      [own('lead', { massKg: 8, volumeL: 1, shape: block(10, 10, 10) })],
      [at('lead', 'core', { spot: { xCm: -9, yCm: 8, turn: 0 } })],
      [at('lead', 'core', { spot: { xCm: 0, yCm: 8, turn: 0 } })],
    ],
    'no-hollows': [
      [
        own('post', { volumeL: 1.6, shape: block(4, 20, 20) }),
        own('plate', { volumeL: 1.2, shape: block(26, 20, 2.3) }),
        own('wool', { volumeL: 6 }),
      ],
      [
        at('post', 'bottom', { spot: { xCm: -10, yCm: 12, turn: 0 } }),
        at('plate', 'bottom', { spot: { xCm: 0, yCm: 12, turn: 0 } }),
      ],
      [at('wool', 'bottom')],
    ],
    'house-rule': [
      [own('rice', { purpose: 'food', massKg: 1, volumeL: 2 }), own('tins', { massKg: 4, volumeL: 24 })],
      [at('rice', 'bottom'), at('tins', 'core')],
      [at('tins', 'bottom'), at('rice', 'core')],
    ],
    columns: [
      [
        own('roll', { volumeL: 2, shape: { kind: 'roll', lengthCm: 30, diameterCm: 9 } }),
        own('book', { volumeL: 1, shape: { kind: 'flat', lengthCm: 22, widthCm: 16, heightCm: 3 } }),
      ],
      [
        at('roll', 'core', { spot: { xCm: 0, yCm: 8, turn: 0 } }),
        at('book', 'top', { spot: { xCm: 0, yCm: 8, turn: 0 } }),
      ],
      [
        at('book', 'core', { spot: { xCm: 0, yCm: 8, turn: 0 } }),
        at('roll', 'top', { spot: { xCm: 0, yCm: 8, turn: 0 } }),
      ],
      { house: { stacking: 'columns' }, pack: { main: { ...SIXTY.main!, openings: ['top'] } } },
    ],
    'two-uprights': [
      [
        own('load', { massKg: 8, volumeL: 10 }),
        own('m1', { volumeL: 2, shape: { kind: 'roll', lengthCm: 40, diameterCm: 8 } }),
        own('m2', { volumeL: 2, shape: { kind: 'roll', lengthCm: 40, diameterCm: 8 } }),
      ],
      [at('load', 'bottom'), at('m1', 'lash-left'), at('m2', 'lash-right')],
      [
        at('m1', 'bottom', { spot: { xCm: -8, yCm: 6, turn: 0 } }),
        at('m2', 'bottom', { spot: { xCm: 8, yCm: 6, turn: 0 } }),
        at('load', 'core'),
      ],
      { pack: { frameless: true } },
    ],
    'outside-on-rough-ground': [
      [own('mat', { flags: ['ridesOutside'], purpose: 'mat', volumeL: 2 })],
      [at('mat', 'lash-below')],
      [at('mat', 'bottom')],
      { ground: 'scramble' },
    ],
    'water-has-a-place': [
      [own('bottle', { purpose: 'waterContainer', waterCapacityL: 1, volumeL: 1.1, massKg: 0.1 })],
      [at('bottle', 'side-left')],
      [at('bottle', 'side-left')],
    ],
  };
  test('the catalogue and these cases name the same rules', () =>
    expect(Object.keys(cases).sort()).toEqual(STOW_RULES.map((r) => r.id).sort()));
  test.each(Object.keys(cases))('%s', (id) => {
    const [things, broken, kept, options, keptOptions = options] = cases[id]!;
    let [bad, good] = [tripOf(things, options), tripOf(things, keptOptions)];
    if (id === 'height') {
      // Light and bulky under the heavy thing lifts it into the band.
      good = tripOf([...things, own('soft', { massKg: 0.5, volumeL: 20 })], keptOptions);
    }
    if (id === 'holder-has-room') good = tripOf([tent, sackOf(3)]);
    if (id === 'water-has-a-place') {
      bad = { ...bad, legs: bad.legs.map((leg) => ({ ...leg, waterL: 2 })) };
      good = { ...good, legs: good.legs.map((leg) => ({ ...leg, waterL: 1 })) };
    }
    expect(rulesOf(bad, broken)).toContain(id);
    expect(rulesOf(good, kept)).not.toContain(id);
  });
  test('loose in a liner, a pocket over the lid is outside it; one under the lid is out of the rain', () => {
    const things = [own('scarf', { flags: ['mustStayDry'], volumeL: 0.5, purpose: 'warmLayer' })];
    const house = { rainProtection: 'liner', bags: 'looseInLiner' } as const;
    const under = { pack: { lidStyle: 'under' } } as const;
    expect(rulesOf(tripOf(things, { house }), [at('scarf', 'lid')])).toContain('dry-bag');
    expect(rulesOf(tripOf(things, { house, ...under }), [at('scarf', 'lid')])).not.toContain('dry-bag');
    expect(rulesOf(tripOf(things, {}), [at('scarf', 'lid')])).not.toContain('dry-bag');
    // The planner keeps to it.
    const trip = tripOf([...things, own('tin', { volumeL: 3, massKg: 2 })], { house });
    const { placements } = planStow(trip, 'a', { seed: 1, iterations: 600 }).stow;
    expect(placements.find((p) => p.thingId === 'scarf')!.zoneId).not.toBe('lid');
  });
  test('deep by its zone, yet nothing lies over it: second choice, and no rule broken', () => {
    const aid = own('aid', { purpose: 'firstAid', needed: 'hurry', volumeL: 0.5 });
    const trip = tripOf([aid, bag]);
    const lies = (order: readonly Placement[]) =>
      assessStow(trip, 'a', 1, order).placed.find((p) => p.thing.id === 'aid')!;
    const free = lies([at('bag', 'bottom'), at('aid', 'bottom')]);
    expect(free).toMatchObject({ reach: { count: 0 }, verdict: { level: 'fair' } });
    expect(free.reason).toContain('soon at hand here');
    expect(rulesOf(trip, [at('bag', 'bottom'), at('aid', 'bottom')])).not.toContain('first-aid-at-hand');
  });
  test('a sleeping bag alone breaks none', () =>
    expect(rulesOf(tripOf([bag]), [at('bag', 'bottom')])).toEqual([]));
});

test('reach: what blocks a blocker comes out too, as trying every order shows', () => {
  fc.assert(
    fc.property(fc.integer({ min: 2, max: 6 }), fc.nat(1_000_000), (n, seed) => {
      const random = seededRandom(seed);
      const over = Array.from({ length: n }, (_v, i) =>
        Array.from({ length: n }, (_w, j) => (j > i && random() < 0.4 ? random() : 0)),
      );
      const blocks = (a: number, b: number): boolean => over[a]![b]! >= BLOCKS;
      // Brute force: the smallest set whose removal, one free thing at a time, frees the first thing.
      let least = Infinity;
      const search = (out: ReadonlySet<number>): void => {
        if (out.size >= least) return;
        const free = (i: number): boolean => over[i]!.every((_s, j) => !blocks(i, j) || out.has(j));
        if (free(0)) {
          least = out.size;
          return;
        }
        for (let i = 1; i < n; i += 1) if (!out.has(i) && free(i)) search(new Set([...out, i]));
      };
      search(new Set());
      expect(closure(0, blocks, n)).toHaveLength(least);
    }),
    { seed: 71, numRuns: runs(200) },
  );
});

describe('bounds', () => {
  const trip = stowLoadTrip(STOW_LOADS[0]!, 'middle');
  const problem = stowProblem(trip, 'wearer', 1);
  const mains = ['bottom', 'core', 'outer', 'top'];
  test('no stow is nearer to the back, lower or higher than its bounds', () => {
    fc.assert(
      fc.property(fc.nat(1_000_000), (seed) => {
        const random = seededRandom(seed);
        const pick = (n: number): number => Math.floor(random() * n);
        const placements = problem.things
          .map((t): Placement => ({
            thingId: t.thing.id,
            zoneId: mains[pick(4)]!,
            side: 'centre',
            pinned: false,
            spot: { xCm: -12 + 24 * random(), yCm: 2 + 18 * random(), turn: pick(6) },
          }))
          .filter(() => random() < 0.7)
          .sort(() => random() - 0.5);
        const a = assess(problem, placements);
        if (a.layout.compartments.some((c) => c.overflowL > 0)) return;
        if (!a.findings.some((f) => f.ruleId === 'hard-off-the-back'))
          expect(a.centreOfGravityCm.y).toBeGreaterThanOrEqual(leastOutCm(problem, a) - 1e-6);
        if (a.heavyCm === undefined) return;
        expect(a.heavyCm).toBeGreaterThanOrEqual(heavyBoundCm(problem, a, 'lowest')! - 1e-6);
        expect(a.heavyCm).toBeLessThanOrEqual(heavyBoundCm(problem, a, 'highest')! + 1e-6);
      }),
      { seed: 72, numRuns: runs(80) },
    );
  });
});

describe('moves, steps, ride and practice on one stow', () => {
  const things = [
    own('lead', { massKg: 4, volumeL: 1, shape: block(10, 10, 10) }),
    own('quilt', {
      purpose: 'sleepingBag',
      massKg: 0.8,
      volumeL: 6,
      shape: { kind: 'stuff', looseVolumeL: 12 },
    }),
    own('shell', { purpose: 'rainwear', needed: 'hurry', massKg: 0.3, volumeL: 1 }),
    own('food', { purpose: 'food', massKg: 2, volumeL: 4 }),
  ];
  const trip = tripOf(things, { pack: { main: { ...SIXTY.main!, openings: ['top'] } } });
  const problem = stowProblem(trip, 'a', 1);
  const bad: readonly Placement[] = [
    at('shell', 'bottom'),
    at('quilt', 'bottom'),
    at('food', 'core'),
    at('lead', 'top', { spot: { xCm: -9, yCm: 18, turn: 0 } }),
  ];
  const a = assess(problem, bad);
  /** The same with the shell out of the way: nothing but the side is wrong with the lead. */
  const leaning = bad.map((p) => (p.thingId === 'shell' ? at('shell', 'front') : p));
  const findingOf = (of: StowAssessment, id: string) => of.findings.find((f) => f.ruleId === id)!;
  test('a cure makes its finding go, or less, and nothing graver', () => {
    for (const [id, placements] of [
      ['needed-when', bad],
      ['even-sides', leaning],
    ] as const) {
      const before = assess(problem, placements);
      const move = cureOf(problem, placements, findingOf(before, id))!;
      const after = assess(problem, move.placements);
      expect(after.findings.map((f) => f.ruleId)).not.toContain(id);
      const grave = (x: StowAssessment): number =>
        x.findings.filter((f) => f.severity === 'fit' || f.severity === 'safety').length;
      expect(grave(after)).toBeLessThanOrEqual(grave(before));
      expect(move.after.centre.x).toBeCloseTo(after.centreOfGravityCm.x, 6);
      expect(move.before.centre.z).toBeCloseTo(before.centreOfGravityCm.z, 6);
    }
  });
  test('a pinned thing is never moved', () => {
    const pinned = bad.map((p) => ({ ...p, pinned: true }));
    expect(bestMoves(problem, pinned, ({ centre }) => centre.z, ['lead'], 3)).toEqual([]);
  });
  test('put somewhere, a thing goes in after all that lies lower', () => {
    const next = placeAt(problem, bad, 'shell', { zoneId: 'top', side: 'centre', pinned: true });
    const shell = assess(problem, next).placed.find((p) => p.thing.id === 'shell')!;
    expect(shell.reach.count).toBeLessThanOrEqual(1);
    expect(shell.pinned).toBe(true);
    expect(next).toHaveLength(bad.length);
  });
  test('the loading starts with straps and liner, has every thing once, and ends on the back', () => {
    const steps = loadingSteps(problem, a);
    expect(steps.slice(0, 2).map((s) => s.id)).toEqual(['loosen', 'liner']);
    expect(steps.slice(-4).map((s) => s.id)).toEqual(['floor', 'lift', 'belt', 'shoulders']);
    const ids = steps.flatMap((s) => s.thingIds);
    expect([...ids].sort()).toEqual(things.map((t) => t.id).sort());
    expect(ids).toEqual(['shell', 'quilt', 'food', 'lead']);
    expect(new Set(steps.map((s) => s.id)).size).toBe(steps.length);
  });
  test('a step goes in after the next one of its compartment, and back; what is done to the pack stays', () => {
    const steps = loadingSteps(problem, a);
    let moved = 0;
    for (const step of steps) {
      expect(shiftStep(a, bad, steps, { ...step, id: 'none' }, 1)).toBeUndefined();
      const later = shiftStep(a, bad, steps, step, 1);
      if (later === undefined) continue;
      moved += 1;
      const [id] = step.thingIds;
      const turn = (list: readonly Placement[]): number => list.findIndex((p) => p.thingId === id);
      expect(turn(later)).toBeGreaterThan(turn(bad));
      expect(new Set(later)).toEqual(new Set(bad));
    }
    expect(moved).toBeGreaterThan(0);
    expect(shiftStep(a, bad, steps, steps[0]!, 1)).toBeUndefined();
    expect(
      shiftStep(
        a,
        bad,
        steps,
        steps.find((s) => s.thingIds.length > 0)!,
        -1,
      ),
    ).toBeUndefined();
  });
  test('each symptom has a cause in this stow’s numbers, a strap, and moves that help by them', () => {
    for (const symptom of Object.keys(SYMPTOMS) as Symptom[]) {
      const advice = rideAdvice(problem, a, bad, symptom);
      expect(advice.cause).not.toBe('');
      expect(advice.strap).not.toBe('');
      expect(advice.moves.length).toBeLessThanOrEqual(3);
    }
    const lean = assess(problem, leaning);
    const side = rideAdvice(problem, lean, leaning, 'toOneSide');
    expect(side.found).toBe(true);
    expect(Math.abs(side.moves[0]!.after.centre.x)).toBeLessThan(Math.abs(lean.centreOfGravityCm.x) - 0.25);
    expect(rideAdvice(problem, a, bad, 'emptied', 'shell').cause).toMatch(/^shell has a reach of [23]/);
    expect(rideAdvice(problem, a, bad, 'numbHands').moves).toEqual([]);
  });
  test('practice: the plan itself has all points, each fault costs its own', () => {
    expect(practiceScore(a, a)).toMatchObject({
      parts: { fit: 20, balance: 25, gaps: 10 },
    });
    const floor = practiceScore(assess(problem, []), a);
    expect(floor.parts).toMatchObject({ fit: 0, balance: 0, gaps: 0 });
    const better = placeAt(problem, bad, 'lead', { zoneId: 'core', side: 'centre', pinned: false });
    const score = practiceScore(a, assess(problem, better));
    expect(score.lost.map((l) => l.part)).toContain('balance');
    const lost = score.lost.reduce((sum, l) => sum + l.points, 0);
    expect(score.points).toBeGreaterThanOrEqual(100 - lost - 0.1);
  });
});

describe('rules look through a holder', () => {
  const bagOf = (...traits: HolderTrait[]): PersonalThing =>
    own('bag', { massKg: 0.1, volumeL: 0.1, holds: { capacityL: 20, traits, meantFor: 'anything' } });
  const within = (id: string, more: Partial<Thing>): PersonalThing => own(id, { nestsIn: 'bag', ...more });
  const quilt = own('quilt', { purpose: 'sleepingBag', flags: ['mustStayDry'], volumeL: 6 });
  const wet = within('fly', { flags: ['oftenWet'], volumeL: 3 });
  test('what is wet spoils nothing from inside a dry bag; from inside any other it does', () => {
    const beside = [at('bag', 'bottom'), at('quilt', 'bottom')];
    expect(rulesOf(tripOf([bagOf('keepsDry'), wet, quilt]), beside)).not.toContain('apart');
    expect(rulesOf(tripOf([bagOf(), wet, quilt]), beside)).toContain('apart');
  });
  test('in one bag they spoil each other, whatever it keeps out', () => {
    const both = [bagOf('keepsDry'), wet, { ...quilt, nestsIn: 'bag' }];
    const [finding] = assessStow(tripOf(both), 'a', 1, [at('bag', 'bottom')]).findings.filter(
      (f) => f.ruleId === 'apart',
    );
    expect(finding?.message).toBe('fly lies in one bag with quilt: wet things apart from what must stay dry');
  });
  test('fuel is kept from food by what separates it, and a point from the back by what guards it', () => {
    const food = own('food', { purpose: 'food', volumeL: 2 });
    const fuelIn = within('fuel', { flags: ['liquidFuel'], purpose: 'fuel', volumeL: 0.7 });
    const house = { fuel: 'insideLow' } as const;
    const beside = [at('bag', 'bottom'), at('food', 'bottom')];
    expect(rulesOf(tripOf([bagOf('separatesFuel'), fuelIn, food], { house }), beside)).not.toContain('apart');
    expect(rulesOf(tripOf([bagOf('keepsDry'), fuelIn, food], { house }), beside)).toContain('apart');
    const pegs = within('pegs', { flags: ['sharp'], purpose: 'tentPegs', volumeL: 0.3 });
    const [fill, rest] = [own('fill', { volumeL: 18 }), own('rest', { volumeL: 20 })];
    const onBack = [
      at('fill', 'bottom'),
      at('bag', 'core', { spot: { xCm: 0, yCm: 5, turn: 0 } }),
      at('rest', 'top'),
    ];
    const rules = (bag: PersonalThing) => rulesOf(tripOf([fill, bag, pegs, rest]), onBack);
    expect(rules(bagOf('guardsPoints'))).not.toContain('sharp-off-the-back');
    expect(rules(bagOf())).toContain('sharp-off-the-back');
  });
  test('a bag is where its heaviest thing belongs, weighs with it, and a dry one may be in an open pocket', () => {
    const inBag = tripOf([bagOf('keepsDry'), { ...quilt, massKg: 0.9, nestsIn: 'bag' }]);
    const { placed, massKg } = assessStow(inBag, 'a', 1, [at('bag', 'bottom')]);
    const bagged = placed.find((p) => p.thing.id === 'bag')!;
    expect(bagged).toMatchObject({ verdict: { level: 'good', ruleId: 'night-bottom' }, massKg: 0.1 });
    expect(bagged.wholeKg).toBeCloseTo(1, 12);
    expect(massKg).toBeCloseTo(SIXTY.tareKg + 1, 12);
    expect(rulesOf(inBag, [at('bag', 'front')])).not.toContain('dry-inside');
  });
  test('a liner weighs with the pack, needs no place, and keeps dry what a cover alone would not', () => {
    const liner = own('liner', {
      massKg: 0.1,
      holds: { capacityL: 90, traits: ['keepsDry'], meantFor: 'wholePack' },
    });
    const house = { rainProtection: 'cover', bags: 'looseInLiner' } as const;
    const bare = assessStow(tripOf([quilt], { house }), 'a', 1, [at('quilt', 'bottom')]);
    const lined = assessStow(tripOf([quilt, liner], { house }), 'a', 1, [at('quilt', 'bottom')]);
    expect(bare.findings.map((f) => f.ruleId)).toContain('dry-bag');
    expect(lined.findings.map((f) => f.ruleId)).not.toContain('dry-bag');
    expect(lined).toMatchObject({ unplaced: [], placed: [{ thing: { id: 'quilt' } }] });
    expect(lined.massKg - bare.massKg).toBeCloseTo(0.1, 12);
  });
});
