import fc from 'fast-check';
import { aThing } from '../testing/smallTrip.js';
import {
  HOLDER_TRAITS,
  MEANT_FOR,
  type Holding,
  type PersonalThing,
  type Shape,
  type Thing,
} from '../trip/model.js';
import { fillingOf, packedVolumeL } from './filling.js';

const cylinder = (lengthCm: number, diameterCm: number): Shape => ({
  kind: 'cylinder',
  lengthCm,
  diameterCm,
});
const POUCH: Shape = { kind: 'pouch' };
const inside = (things: readonly Thing[], day = 1): Readonly<Record<string, string>> =>
  Object.fromEntries(fillingOf(things, day).inside);
const holds = (capacityL: number, meantFor: Holding['meantFor'], ...traits: Holding['traits']): Holding => ({
  capacityL,
  meantFor,
  traits,
});
/** 1.94 L outside, of which nine tenths can be filled. */
const pot = aThing('pot', { volumeL: 1.94, shape: cylinder(11, 15) });
const canister = aThing('canister', { volumeL: 0.76, shape: cylinder(8, 11), nestsIn: 'pot' });
const soft = (id: string, volumeL: number, more: Partial<Thing> = {}): Thing =>
  aThing(id, { volumeL, shape: POUCH, ...more });

describe('by the leader’s word', () => {
  test('a canister rides in the pot that it goes into', () => {
    expect(inside([pot, canister])).toEqual({ canister: 'pot' });
  });
  test('one that is too long or too wide does not, whatever its volume', () => {
    expect(inside([pot, { ...canister, shape: cylinder(16, 5) }])).toEqual({});
    // Walls take 0.4 cm of the outline.
    expect(inside([pot, { ...canister, shape: cylinder(12, 10.8) }])).toEqual({});
    expect(inside([pot, { ...canister, shape: cylinder(12, 10.5) }])).toEqual({ canister: 'pot' });
  });
  test('a holder takes what it has room for, in the order of the list; the rest is told', () => {
    const things = [pot, ...[1, 1, 0.7].map((l, i) => soft(`bag${i}`, l, { nestsIn: 'pot' }))];
    // Of 1.75 L the first takes 1, the second no more, the third the rest.
    expect(inside(things)).toEqual({ bag0: 'pot', bag2: 'pot' });
    expect(Object.fromEntries(fillingOf(things, 1).leftOut)).toEqual({ bag1: 'pot' });
  });
  test('a bag in a bag in a bag: each counts once, and nothing holds what holds it', () => {
    const things = [
      soft('big', 0.2, { holds: holds(20, 'anything') }),
      soft('small', 0.1, { holds: holds(5, 'anything'), nestsIn: 'big' }),
      soft('socks', 0.4, { nestsIn: 'small' }),
      soft('shirt', 0.7, { nestsIn: 'big' }),
    ];
    expect(inside(things)).toEqual({ small: 'big', shirt: 'big', socks: 'small' });
    expect([...fillingOf(things, 1).inside.keys()].at(-1)).toBe('socks');
    // Socks 0.4 are larger than their empty bag; with the shirt 1.1, larger than the empty big one.
    expect(packedVolumeL(things, 1)).toBeCloseTo(1.1, 12);
    const round = [soft('a', 1, { nestsIn: 'b' }), soft('b', 1, { nestsIn: 'a' })];
    expect(inside(round)).toEqual({});
    expect(packedVolumeL(round, 1)).toBe(2);
  });
  test('what is to ride loose does, and what left on the way holds nothing', () => {
    expect(inside([pot, { ...canister, ridesLoose: true }])).toEqual({});
    expect(inside([{ ...pot, toDay: 1 }, canister], 2)).toEqual({});
  });
});

describe('by itself', () => {
  const drum = aThing('drum', {
    volumeL: 11,
    shape: cylinder(31, 22),
    purpose: 'foodContainer',
    foodCapacityL: 6,
  });
  const meal = (id: string, day: number, volumeL: number, needed: Thing['needed'] = 'camp'): Thing =>
    soft(id, volumeL, {
      purpose: 'food',
      needed,
      flags: ['scented'],
      consumption: { fromDay: day, toDay: day, residueKg: 0 },
    });
  test('a hard container takes its carrier’s food, the last days at the bottom; what is eaten first stays out', () => {
    const food = [meal('dinner1', 1, 2), meal('dinner2', 2, 2), meal('dinner3', 3, 2), meal('dinner4', 4, 2)];
    const filling = fillingOf([drum, ...food], 1);
    expect([...filling.inside.keys()]).toEqual(['dinner4', 'dinner3', 'dinner2']);
    // Stiff: its own 11 L, and the one dinner that does not go in.
    expect(packedVolumeL([drum, ...food], 1)).toBe(13);
    expect(packedVolumeL([drum, ...food], 2)).toBe(11);
  });
  test('today’s lunch is at hand, tomorrow’s is in the container', () => {
    const things = [drum, meal('lunch1', 1, 1, 'stop'), meal('lunch2', 2, 1, 'stop')];
    expect(inside(things, 1)).toEqual({ lunch2: 'drum' });
    expect(inside(things, 2)).toEqual({ lunch1: 'drum' });
  });
  test('a soft food bag is as big as what is in it', () => {
    const bag = soft('bag', 0.6, { purpose: 'foodContainer', foodCapacityL: 10 });
    expect(packedVolumeL([bag, meal('a', 2, 3), meal('b', 3, 2)], 1)).toBe(5);
    expect(packedVolumeL([bag, meal('a', 2, 3)], 3)).toBe(0.6);
  });
  test('stove, lighter and gas ride in their own group’s pot; liquid fuel in none', () => {
    const ours = aThing('pot', { volumeL: 3, shape: cylinder(16, 16), purpose: 'pot' });
    const things = [
      { ...ours, onlyGroupId: 'north' },
      aThing('burner', {
        volumeL: 0.4,
        shape: cylinder(8, 8),
        purpose: 'stove',
        onlyGroupId: 'north',
      } as Partial<Thing>),
      aThing('theirs', {
        volumeL: 0.4,
        shape: cylinder(8, 8),
        purpose: 'stove',
        onlyGroupId: 'south',
      } as Partial<Thing>),
      soft('lighter', 0.02, { purpose: 'fire' }),
      aThing('gas', { volumeL: 0.8, shape: cylinder(10, 10), purpose: 'fuel', flags: ['gasFuel'] }),
      aThing('spirit', { volumeL: 0.6, shape: cylinder(12, 7), purpose: 'fuel', flags: ['liquidFuel'] }),
    ];
    expect(inside(things)).toEqual({ burner: 'pot', lighter: 'pot', gas: 'pot' });
  });
  test('one’s own dry bag takes one’s own sleeping bag, not the one that is carried for a child', () => {
    const own = (id: string, memberId: string, more: Partial<Thing>): PersonalThing => ({
      ...soft(id, 6, more),
      memberId,
      worn: false,
    });
    const dry = own('dry', 'ilse', { volumeL: 0.2, holds: holds(20, 'sleep', 'keepsDry') });
    const things = [
      dry,
      own('hers', 'ilse', { purpose: 'sleepingBag' }),
      own('childs', 'noor', { purpose: 'sleepingBag' }),
      own('shirt', 'ilse', { purpose: 'spareClothing' }),
    ];
    expect(inside(things)).toEqual({ hers: 'dry' });
  });
  test('a liner takes no room, and what is lashed outside takes none with all that is in it', () => {
    const liner = soft('liner', 0.2, { holds: holds(90, 'wholePack', 'keepsDry') });
    expect(packedVolumeL([liner, soft('shirt', 1)], 1)).toBe(1);
    const lashed = { ...drum, flags: ['ridesOutside'] as const };
    expect(packedVolumeL([lashed, meal('a', 3, 4)], 1)).toBe(0);
  });
});

/** What a person sees who looks into the bags: told from the rules of the trade, without the code that filled them. */
describe('looked at by an eye of its own', () => {
  const random = fc
    .array(
      fc.record({
        litres: fc.integer({ min: 1, max: 60 }),
        stiff: fc.boolean(),
        host: fc.option(fc.nat(11)),
        purpose: fc.constantFrom(
          'food',
          'stove',
          'sleepingBag',
          'spareClothing',
          'pot',
          'foodContainer',
          'other',
        ),
        holding: fc.option(
          fc.record({
            capacityL: fc.integer({ min: 1, max: 20 }),
            meantFor: fc.constantFrom(...MEANT_FOR),
            traits: fc.subarray([...HOLDER_TRAITS]),
          }),
        ),
        loose: fc.boolean(),
        day: fc.integer({ min: 1, max: 3 }),
      }),
      { maxLength: 12 },
    )
    .map((list) =>
      list.map(({ litres, stiff, host, purpose, holding, loose, day }, i): Thing => {
        const volumeL = litres / 10;
        const edge = Math.cbrt(volumeL * 1000);
        return aThing(`t${i}`, {
          volumeL,
          shape: stiff ? { kind: 'block', lengthCm: edge, widthCm: edge, heightCm: edge } : POUCH,
          purpose: purpose as Thing['purpose'],
          ...(holding === null ? {} : { holds: holding }),
          ...(host === null ? {} : { nestsIn: `t${host}` }),
          ...(loose ? { ridesLoose: true } : {}),
          ...(purpose === 'food' ? { consumption: { fromDay: day, toDay: day, residueKg: 0 } } : {}),
        });
      }),
    );
  test('everything is in one place, no bag is in itself, none holds more than it can, no litre counts twice', () => {
    fc.assert(
      fc.property(random, fc.integer({ min: 1, max: 3 }), (things, day) => {
        const filling = fillingOf(things, day);
        const byId = new Map(things.map((t) => [t.id, t]));
        let outsideL = 0;
        for (const t of things) {
          const trail = [t.id];
          for (let at = filling.inside.get(t.id); at !== undefined; at = filling.inside.get(at)) {
            expect(trail).not.toContain(at);
            trail.push(at);
          }
          if (t.ridesLoose === true) expect(trail).toEqual([t.id]);
          const mine = things.filter((other) => filling.inside.get(other.id) === t.id);
          const sumL = mine.reduce((sum, other) => sum + filling.wholeL(other), 0);
          const stated = t.holds?.capacityL ?? 0.9 * t.volumeL;
          expect(sumL).toBeLessThanOrEqual(stated + 1e-6);
          for (const other of mine)
            if (t.shape.kind === 'block' && other.shape.kind === 'block')
              expect(other.shape.lengthCm).toBeLessThan(t.shape.lengthCm);
          if (filling.inside.has(t.id)) expect(filling.takesL(t)).toBe(0);
          else if (t.holds?.meantFor !== 'wholePack') outsideL += filling.takesL(t);
          // Nobody's bag is smaller than what is in it, unless it is stiff.
          if (t.shape.kind === 'pouch' && t.holds?.traits.includes('rigid') !== true)
            expect(filling.wholeL(t)).toBeGreaterThanOrEqual(sumL - 1e-9);
        }
        expect(packedVolumeL(things, day)).toBeCloseTo(outsideL, 9);
        expect([...filling.leftOut.keys()].filter((id) => filling.inside.has(id))).toEqual([]);
        expect([...filling.inside.values()].every((id) => byId.has(id))).toBe(true);
      }),
    );
  });
});
