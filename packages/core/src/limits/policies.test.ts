import { aMember, aTrip } from '../testing/smallTrip.js';
import { putMember } from '../trip/changes.js';
import type { CarryTrial } from '../trip/model.js';
import { recordLimitChanges } from './limitHistory.js';
import { policyLimit, policyOf } from './policies.js';
import { twoThirdsLimitKg } from './twoThirds.js';

const trials: readonly CarryTrial[] = [
  [0, 9],
  [7, 8],
  [14, 5],
].map(([loadKg, comfort], i) => ({
  id: `w${i}`,
  date: '2027-03-01',
  loadKg: loadKg!,
  comfort: comfort!,
  distanceKm: 5,
  climbM: 0,
  minutes: 60,
  interrupted: false,
}));

describe('two-thirds scaling', () => {
  test('agrees with the share at 70 kg, gives heavier people less of their weight, lighter ones more', () => {
    expect(twoThirdsLimitKg(0.2, 70)).toBeCloseTo(14, 10);
    expect(twoThirdsLimitKg(0.2, 98)).toBeLessThan(0.2 * 98);
    expect(twoThirdsLimitKg(0.2, 47)).toBeGreaterThan(0.2 * 47);
  });
  // The law itself: eight times the mass, four times the strength.
  test('eight times the body mass carries four times as much', () => {
    expect(twoThirdsLimitKg(0.2, 160) / twoThirdsLimitKg(0.2, 20)).toBeCloseTo(4, 10);
  });
});

describe('which school holds', () => {
  const plain = aMember('a');
  const tried = aMember('a', { carryTrials: trials });
  test('a trial goes before the trip’s choice, the member’s own choice before both', () => {
    expect(policyOf({ limitPolicy: 'twoThirds' }, plain)).toBe('twoThirds');
    expect(policyOf({ limitPolicy: 'twoThirds' }, tried)).toBe('carryTrial');
    expect(policyOf({ limitPolicy: 'twoThirds' }, { ...tried, limitPolicy: 'shareOfBodyWeight' })).toBe(
      'shareOfBodyWeight',
    );
  });
  test('a wish for a trial that was not walked falls back on the guess, and says so', () => {
    const limit = policyLimit('carryTrial', plain);
    expect(limit).toMatchObject({ policy: 'shareOfBodyWeight', limitKg: 14 });
    expect(limit.reason).toContain('no carry trial to go by yet');
  });
  test('under 18 no school goes above 20 %', () => {
    const strong = aMember('a', {
      bodyMassKg: 50,
      ageBand: 'under18',
      carryTrials: trials.map((t) => ({ ...t, comfort: 9 })),
    });
    const limit = policyLimit('shareOfBodyWeight', strong);
    expect(limit.limitKg).toBeCloseTo(10, 10);
    expect(limit.reason).toContain('held at 20 % of body weight, the bound under 18');
  });
});

describe('the record of a limit', () => {
  const trip = aTrip([aMember('a'), aMember('b')], []);
  test('notes every limit that a change moves, with date, who and why', () => {
    const after = putMember(trip, { ...trip.members[0]!, ownCapKg: 10 });
    const noted = recordLimitChanges(trip, after, '2027-04-01', 'Ilse', 'own cap');
    expect(noted.members[0]!.limitHistory).toEqual([
      { id: 'limit-2027-04-01', date: '2027-04-01', who: 'Ilse', fromKg: 14, toKg: 10, why: 'own cap' },
    ]);
    expect(noted.members[1]).toBe(after.members[1]);
  });
  test('keeps the newest hundred', () => {
    let now = trip;
    for (let i = 0; i < 105; i += 1) {
      const next = putMember(now, { ...now.members[0]!, ownCapKg: i % 2 === 0 ? 8 : 9 });
      now = recordLimitChanges(now, next, '2027-04-01', 'Ilse', `change ${i}`);
    }
    const entries = now.members[0]!.limitHistory;
    expect([entries.length, entries[0]!.why, entries[99]!.why]).toEqual([100, 'change 5', 'change 104']);
    expect(new Set(entries.map((e) => e.id)).size).toBe(100);
  });
  test('leaves a trip alone whose limits have not moved, conditions apart', () => {
    const conditions = [{ label: 'cold', fromDay: 1, toDay: 1, factor: 0.5 }];
    const after = putMember(trip, { ...trip.members[0]!, name: 'Ann', conditions });
    expect(recordLimitChanges(trip, after, '2027-04-01', 'Ilse', 'x')).toBe(after);
  });
  test('a change of the trip’s school is noted for everybody it touches', () => {
    const heavy = aTrip([aMember('a', { bodyMassKg: 90 }), aMember('b')], []);
    const noted = recordLimitChanges(
      heavy,
      { ...heavy, limitPolicy: 'twoThirds' },
      '2027-04-01',
      'Ilse',
      'school',
    );
    expect(noted.members.map((m) => m.limitHistory.length)).toEqual([1, 0]);
  });
});
