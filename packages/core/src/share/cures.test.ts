import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { applyEdits } from '../trip/edits.js';
import { tripErrors } from '../formats/tripFile.js';
import type { Trip } from '../trip/model.js';
import { allPieces } from '../trip/queries.js';
import { raisedLimit } from './cureCandidates.js';
import { shareMisfit, type ShareCure } from './cures.js';
import { leftOverWords } from './cureWords.js';
import { shareFigures } from './shareFigures.js';

/** What a cure promises is what comes out when it is applied. */
function expectPromiseKept(trip: Trip, cure: ShareCure): void {
  const after = applyEdits(trip, cure.edits);
  expect(tripErrors(after)).toEqual([]);
  const figures = shareFigures(after);
  expect(figures.unshared).toEqual([]);
  const overKg = figures.members.reduce(
    (sum, m) => sum + m.loads.reduce((s, l) => s + Math.max(0, l.totalKg - l.limitKg), 0),
    0,
  );
  expect(overKg).toBeCloseTo(cure.overloadKg, 6);
  if (cure.fits) expect(figures.warnings).toEqual([]);
}
const labels = (cures: readonly ShareCure[] | undefined): readonly string[] =>
  (cures ?? []).map((c) => c.label);

test('what fits needs no cure', () => {
  expect(shareMisfit(aTrip([aMember('a')], [aThing('pot')]), 1)).toBeUndefined();
});

describe('a tent that only its sleeper may carry', () => {
  // a: limit 14 kg less the pack's 1.9; the tent's 13 kg are 0.9 too much, and b may not help.
  const trip: Trip = {
    ...aTrip(
      [aMember('a', { tentGroupId: 'tent' }), aMember('b')],
      [
        { ...aThing('body', { massKg: 9, purpose: 'tentBody' }), onlyGroupId: 'tent' },
        { ...aThing('fly', { massKg: 4, purpose: 'tentFly' }), onlyGroupId: 'tent' },
      ],
    ),
    groups: [{ id: 'tent', name: 'Tent', kind: 'tent' }],
  };
  const misfit = shareMisfit(trip, 1)!;

  test('what binds, and by how much', () => {
    expect(misfit.overloadKg).toBeCloseTo(0.9, 9);
    expect(misfit.bindings).toEqual([
      { what: 'a is above the limit, most on day 1', overKg: expect.closeTo(0.9, 9) as number, overL: 0 },
    ]);
    expect(misfit.contradictions).toEqual([]);
  });
  test('releasing the tent and one kilogram more both cure it; the gentler comes first', () => {
    expect(labels(misfit.cures.filter((c) => c.fits))).toEqual([
      'Let anybody carry parts of Kit',
      'a carries 1 kg more: up to 15.0 kg',
    ]);
    for (const cure of misfit.cures) expectPromiseKept(trip, cure);
  });
  test('a tent is never left at home', () => {
    expect(labels(misfit.cures).filter((l) => l.startsWith('Leave'))).toEqual([]);
  });
});

test('too little room: a bigger pack, or leaving something, each with what is left over', () => {
  const trip = aTrip(
    [aMember('a')],
    [aThing('bag', { massKg: 1, volumeL: 55 }), aThing('stool', { massKg: 0.5, volumeL: 12 })],
  );
  const misfit = shareMisfit(trip, 1)!;
  expect(misfit.overVolumeL).toBeGreaterThan(0);
  expect(misfit.bindings.map((b) => b.what)).toEqual([
    'Day 1: all packs together are too small for the group kit',
    "a's pack is too small, most on day 1",
  ]);
  const fitting = labels(misfit.cures.filter((c) => c.fits));
  expect(fitting.some((l) => l.startsWith('A 7') || l.startsWith('A 8'))).toBe(true);
  expect(fitting).toContain('Leave stool at home: 0.50 kg, 12.0 L');
  for (const cure of misfit.cures) expectPromiseKept(trip, cure);
});

test('too much water: filled at the source instead', () => {
  const base = aTrip([aMember('a')], [aThing('pot', { massKg: 10.5 })], [], 2);
  const trip = { ...base, legs: base.legs.map((leg, i) => ({ ...leg, waterL: i === 1 ? 2 : 1 })) };
  // Day 2: 1.9 + 10.5 + 2 = 14.4 of 14 kg.
  const misfit = shareMisfit(trip, 1)!;
  const water = misfit.cures.find((c) => c.label === 'Carry 0.5 L less water each on day 2')!;
  expect(water.fits).toBe(true);
  expect(applyEdits(trip, water.edits).legs.map((l) => l.waterL)).toEqual([1, 1.5]);
});

test('over a dry stretch nobody goes with less, unless it is laid there', () => {
  const base = aTrip([aMember('a')], [aThing('pot', { massKg: 8 })], [], 1);
  const trip = { ...base, legs: base.legs.map((leg) => ({ ...leg, distanceKm: 16, waterL: 6 })) };
  // 1.9 + 8 + 6 = 15.9 of 14 kg; 12.9 with three litres laid half-way.
  const misfit = shareMisfit(trip, 1)!;
  expect(labels(misfit.cures)).toContain('Lay 3.0 L of water half-way on day 1: 3.0 L less to carry each');
  expect(labels(misfit.cures).filter((l) => l.includes('less water'))).toEqual([]);
  const [laid] = misfit.cures;
  expect(laid).toMatchObject({ fits: true });
  expectPromiseKept(trip, laid!);
});

test('what lightens a pack comes before a raised limit; what no cure takes away is said, and whose decision it is', () => {
  const trip = aTrip([aMember('a')], [aThing('stove', { massKg: 20, purpose: 'stove' }), aThing('stool')]);
  const misfit = shareMisfit(trip, 1)!;
  const single = labels(misfit.cures).filter((l) => !l.includes('; then: '));
  expect(single).toEqual(['Leave Kit: stool at home: 1.0 kg, 1.0 L', 'a carries 1 kg more: up to 15.0 kg']);
  expect(leftOverWords(misfit, 'kg')).toMatch(
    /^None of these is enough\. [\d.]+ kg are left above limits, .* the leader’s decision, .* the carrier’s own\.$/,
  );
  const fits = { ...misfit, isEnough: true };
  expect(leftOverWords(fits, 'kg')).toBe('');
  const full = { ...misfit, cures: [], overloadKg: 0, overVolumeL: 3 };
  expect(leftOverWords(full, 'kg')).toBe(
    'Nothing that Graft knows helps. 3.0 L are left above packs: what stays at home is the party’s decision.',
  );
});

test('rules that contradict each other are told, and released one by one', () => {
  const trip: Trip = {
    ...aTrip([aMember('a'), aMember('b')], [aThing('x'), aThing('y')]),
    carrierRules: [
      { id: 'r1', kind: 'same', pieceIds: ['x', 'y'], reason: 'one case' },
      { id: 'r2', kind: 'different', pieceIds: ['x', 'y'], reason: 'not both lost' },
    ],
  };
  const misfit = shareMisfit(trip, 1)!;
  expect(misfit.contradictions).toHaveLength(1);
  // What should not be lost together stays apart where there is another way.
  expect(labels(misfit.cures)).toEqual(['Release the rule "one case"', 'Release the rule "not both lost"']);
  for (const cure of misfit.cures) expectPromiseKept(trip, cure);
});

test('a kit split further, a lock opened, a group of pieces that may part', () => {
  const base = aTrip(
    [aMember('a'), aMember('b')],
    [
      { ...aThing('x', { massKg: 8 }), together: 'set' },
      { ...aThing('y', { massKg: 8 }), together: 'set' },
    ],
  );
  expect(labels(shareMisfit(base, 1)!.cures.filter((c) => c.fits))).toContain(
    'Let the pieces "set" of Kit part',
  );
  const whole = {
    ...base,
    kits: [
      {
        ...base.kits[0]!,
        splitWays: 1,
        pieces: allPieces(base).map(({ together: _word, ...p }) => p),
      },
    ],
  };
  expect(labels(shareMisfit(whole, 1)!.cures.filter((c) => c.fits))).toContain('Split Kit over 2 carriers');
  const locked = {
    ...aTrip([aMember('a'), aMember('b')], [aThing('x', { massKg: 8 }), aThing('y', { massKg: 8 })]),
    share: ['x', 'y'].map((pieceId) => ({ pieceId, memberId: 'a', locked: true })),
  };
  expect(labels(shareMisfit(locked, 1)!.cures.filter((c) => c.fits))).toContain('Open all 2 locks');
});

describe('raisedLimit', () => {
  const trip = aTrip([aMember('a')], []);
  const [member] = trip.members;
  test('one kilogram more for an adult who is well', () =>
    expect(raisedLimit(trip, member!)).toMatchObject({ limitShare: 15 / 70 }));
  test('not for the young, the hurt, nor above the bound of planning', () => {
    expect(raisedLimit(trip, { ...member!, ageBand: 'under18' })).toBeUndefined();
    const hurt = { label: 'ankle', fromDay: 1, toDay: 1, factor: 0.8 };
    expect(raisedLimit(trip, { ...member!, conditions: [hurt] })).toBeUndefined();
    expect(raisedLimit(trip, { ...member!, limitShare: 0.3 })).toBeUndefined();
  });
  test('where the own word binds, the word is raised', () =>
    expect(raisedLimit(trip, { ...member!, ownCapKg: 10 })).toMatchObject({ ownCapKg: 11 }));
});
