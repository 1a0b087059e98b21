import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { starterLibrary } from '../library/starterLibrary.js';
import { tripErrors } from '../formats/tripFile.js';
import type { Trip } from '../trip/model.js';
import { kitChecks } from './kitChecks.js';
import { parseList } from './pasteList.js';
import { rowsOfPasted } from './guessedRows.js';
import { takeRows, type Target } from './takeRows.js';

const read = (text: string, members: readonly string[] = []) => {
  const { things, errors } = parseList(text, { members });
  return { things: things.map(({ line: _line, ...t }) => t), errors: errors.map((e) => e.message) };
};
const one = (text: string) => read(text).things[0];

test.each([
  ['2 x socks', 2, 'Socks'],
  ['2x socks', 2, 'Socks'],
  ['x2 socks', 2, 'Socks'],
  ['2× socks', 2, 'Socks'],
  ['socks x2', 2, 'Socks'],
  ['socks (2)', 2, 'Socks'],
  ['socks (2x)', 2, 'Socks'],
  ['socks × 3', 3, 'Socks'],
  ['3 pairs of socks', 3, 'Socks'],
  ['4 mugs', 4, 'Mugs'],
  ['plates (4) 120 g each', 4, 'Plates'],
  // The figure is one of the thing.
  ['2 man tent', 1, '2 man tent'],
  ['3 season sleeping bag', 1, '3 season sleeping bag'],
  ['4 L pot', 1, '4 L pot'],
])('count: "%s"', (text, count, name) => expect(one(text)).toMatchObject({ count, name }));

test.each([
  ['stove 250 gr', 0.25],
  ['stove 250 grams', 0.25],
  ['stove - 0,25kg', 0.25],
  ['bag 1.5 kilos', 1.5],
  ['bag 1 kg 200', 1.2],
  ['bag 1 kg 200 g', 1.2],
  ['bag 2 lb 3 oz', 0.992233],
  ['bag 3 pounds', 1.360777],
  ['boots 1’250 g', 1.25],
  ['boots 1 250 g', 1.25],
  ['½ kg rice', 0.5],
  // The same twice: the metric one.
  ['jacket 12.5 oz / 354 g', 0.354],
  // One of them, and all of them.
  ['4 x mug 90 g (360 g)', 0.09],
  // What such a thing can weigh decides how a point is read.
  ['tent 2.450 g', 2.45],
  ['tent 2,450 kg', 2.45],
  ['whistle 2.450 g', 0.00245],
])('mass: "%s"', (text, kg) => expect(one(text)?.massKg).toBeCloseTo(kg, 6));

test('two masses that differ are told, with both', () => {
  expect(read('jacket 12.5 oz / 500 g').errors).toEqual([
    'the two masses in "jacket 12.5 oz / 500 g" are not the same: 354 g and 500 g',
  ]);
  expect(read('laptop 9.500 g').errors[0]).toMatch(/can be read two ways, 9\.5 g or 9500 g/);
});

test('a canister’s net mass is its name', () => {
  expect(one('450 g gas canister')).toEqual({ name: '450 g gas canister', count: 1 });
  expect(one('gas canister 380 g')).toMatchObject({ massKg: 0.38 });
});

test('heads say whose the lines after them are', () => {
  const text = `GROUP
tent
# Kitchen
stove
Ilse:
sleeping bag
Clothes:
socks
Bram: knife
hat
--- shared ---
tarp
BRAM'S GEAR
mat`;
  expect(read(text, ['Ilse', 'Bram']).things.map((t) => [t.name, t.list])).toEqual([
    ['Tent', 'GROUP'],
    ['Stove', 'Kitchen'],
    ['Sleeping bag', 'Ilse'],
    ['Socks', 'Ilse'],
    ['Knife', 'Bram'],
    ['Hat', 'Ilse'],
    ['Tarp', 'shared'],
    ['Mat', 'Bram'],
  ]);
});
test('abbreviations in capitals, and lists that are all in capitals, head nothing', () => {
  expect(read('TP\nGPS\nrope').things.map((t) => [t.name, t.list])).toEqual([
    ['TP', undefined],
    ['GPS', undefined],
    ['Rope', undefined],
  ]);
  expect(read('ROPE\nTARP\nSTOVE').things).toHaveLength(3);
});
test('parts of one member’s list stay theirs', () => {
  const { things } = parseList('Clothes:\nsocks', { members: ['Ilse'], isOneMembers: true });
  expect(things).toEqual([{ line: 2, name: 'Socks', count: 1 }]);
});

test('whose they are is where they go; what nobody knows has no mass and is asked for', () => {
  const trip = aTrip([aMember('Ilse'), aMember('Bram')], [aThing('pot')]);
  const { things } = parseList('GROUP\nrope 30 m\nzither\nILSE:\nsocks', { members: ['Ilse', 'Bram'] });
  const target = { kind: 'member', memberId: 'Bram' } as const;
  const { trip: after } = takeRows(trip, rowsOfPasted(things, starterLibrary(), trip, target), target);
  expect(after.personalThings).toMatchObject([{ name: 'Socks', memberId: 'Ilse', massEstimated: true }]);
  const group = after.kits.flatMap((k) => k.pieces).filter((p) => p.id !== 'pot');
  expect(group).toMatchObject([
    { name: 'Rope 30 m', massKg: 1.9, massEstimated: true },
    { name: 'Zither', massKg: 0, massEstimated: true },
  ]);
  const found = kitChecks(after, starterLibrary()).open.find((f) => f.kind === 'unweighed');
  expect(found).toMatchObject({ weight: 'must', what: 'Without a weight: Zither', thingIds: [group[1]!.id] });
});

describe('what the trip knows', () => {
  const trip = aTrip([aMember('ilse', { name: 'Ilse' }), aMember('bram', { name: 'Bram' })], [], [], 3);
  const taken = (text: string, target: Target = { kind: 'group' }): Trip => {
    const { things } = parseList(text, { members: ['Ilse', 'Bram'] });
    const { trip: after } = takeRows(trip, rowsOfPasted(things, starterLibrary(), trip, target), target);
    return { ...after, kits: after.kits.filter((k) => k.pieces.length > 0) };
  };
  test('food is as much as those eat whose list it is on, over the days, and is eaten', () => {
    const [food] = taken('food').kits.flatMap((k) => k.pieces);
    // 650 g a person and day, two people, three days.
    expect(food).toMatchObject({ massKg: 3.9, consumption: { fromDay: 1, toDay: 3, residueKg: 0.156 } });
    const [own] = taken('food', { kind: 'member', memberId: 'ilse' }).personalThings;
    expect(own!.massKg).toBeCloseTo(1.95, 9);
    expect(taken('Ilse: food').personalThings[0]!.massKg).toBeCloseTo(1.95, 9);
  });
  test('a tent of the group comes in its pieces, which weigh what it does', () => {
    const [kit] = taken('3 person tent 2.8 kg').kits;
    expect(kit!.name).toBe('3 person tent');
    expect(kit!.pieces.map((p) => p.purpose)).toEqual(['tentBody', 'tentFly', 'tentPoles', 'tentPegs']);
    expect(kit!.pieces.reduce((sum, p) => sum + p.massKg, 0)).toBeCloseTo(2.8, 3);
    expect(tripErrors(taken('tent\n2p tent'))).toEqual([]);
    expect(taken('tent\n2p tent').kits).toHaveLength(2);
  });
  test('not where its parts stand beside it, nor on one member’s list', () => {
    const [kit] = taken('tent\nfly\ntent poles\npegs').kits;
    expect(kit!.pieces.map((p) => p.name)).toEqual(['Tent', 'Fly', 'Tent poles', 'Pegs']);
    expect(taken('tent', { kind: 'member', memberId: 'ilse' }).personalThings).toHaveLength(1);
  });
});
