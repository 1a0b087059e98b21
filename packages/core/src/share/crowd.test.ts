import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { Trip } from '../trip/model.js';
import { whatHolds } from './carrierEffects.js';
import { fairNumber } from './crowd.js';
import { shareProblem } from './problem.js';
import { solveShare, type SolvedShare } from './solveShare.js';

const solved = (trip: Trip): SolvedShare => {
  const result = solveShare(shareProblem(trip), { seed: 1 });
  if (result.kind !== 'solved') throw new Error('expected a share');
  return result;
};
const countOf = (result: SolvedShare, memberId: string): number =>
  result.share.filter((a) => a.memberId === memberId).length;

describe('a fair number of pieces', () => {
  const members = ['strong', 'b', 'c'].map((id) =>
    aMember(id, { bodyMassKg: id === 'strong' ? 100 : 50, limitShare: id === 'strong' ? 0.3 : 0.15 }),
  );
  const pieces = Array.from({ length: 16 }, (_v, i) => aThing(`p${i}`, { massKg: i < 8 ? 0.2 : 0.8 }));

  test('is one and a half times the mean of those who may carry, and never below four', () => {
    expect(fairNumber(shareProblem(aTrip(members, pieces)))).toBe(8);
    expect(fairNumber(shareProblem(aTrip(members, pieces.slice(0, 4))))).toBe(4);
    const forTwo = pieces.map((p) => ({ ...p, onlyMemberIds: ['b', 'c'] }));
    expect(fairNumber(shareProblem(aTrip(members, forTwo)))).toBe(12);
  });

  test('who may carry much gets the big pieces and not all the small ones; no load is higher for it', () => {
    const result = solved(aTrip(members, pieces));
    expect(result.score.level).toBeLessThanOrEqual(result.reachedLevel * 1.0002 + 1e-9);
    const fifths = result.share
      .filter((a) => a.memberId === 'strong')
      .reduce((sum, a) => sum + (Number(a.pieceId.slice(1)) < 8 ? 1 : 4), 0);
    // Of so many fifths of a kilogram: as many pieces of 0.8 kg as go into it, the rest in pieces of 0.2 kg.
    const big = Math.min(8, Math.floor(fifths / 4));
    const fewest = big + fifths - 4 * big;
    expect(fewest).toBeLessThan(10);
    expect(countOf(result, 'strong')).toBeLessThanOrEqual(Math.max(8, fewest));
  });

  test('loads come first: of pieces that are all alike the strong one has more', () => {
    const alike = pieces.map((p) => ({ ...p, massKg: 0.5 }));
    const result = solved(aTrip(members, alike));
    expect(countOf(result, 'strong')).toBeGreaterThan(8);
    expect(result.score.crowding).toBe(countOf(result, 'strong') - 8);
  });
});

describe('a role keeps its kit', () => {
  const aid = aThing('aid', { massKg: 2, purpose: 'firstAid' });
  const second = aThing('aid2', { massKg: 1, purpose: 'firstAid' });
  const rest = [3, 2, 2].map((massKg, i) => aThing(`p${i}`, { massKg }));
  const members = [aMember('light', { bodyMassKg: 45 }), aMember('heavy', { bodyMassKg: 95 })];
  const roles = [
    { id: 'r1', day: 1, role: 'medic' as const, memberId: 'light' },
    { id: 'r2', day: 2, role: 'medic' as const, memberId: 'heavy' },
  ];
  const trip: Trip = { ...aTrip(members, [aid, second, ...rest], [], 2), roles };
  const carrier = (t: Trip, id: string): string | undefined =>
    solved(t).share.find((a) => a.pieceId === id)?.memberId;
  const mayHave = (t: Trip, id: string, firstDay = 1): readonly string[] => {
    const { bundles, carriers } = shareProblem(t, firstDay);
    const bundle = bundles.find((b) => b.pieceIds.includes(id))!;
    return bundle.allowed.map((i) => carriers[i]!.memberId);
  };

  test('the first-aid kits are with the first day’s medic', () => {
    expect(carrier(trip, 'aid')).toBe('light');
    expect(carrier(trip, 'aid2')).toBe('light');
    expect(mayHave({ ...trip, roles: [] }, 'aid')).toEqual(['light', 'heavy']);
    expect(whatHolds(trip, aid)).toEqual(['Goes with a role: on day 1 that of light.']);
  });
  test('of two that are kept apart the larger one; the other is with somebody else', () => {
    const rule = { id: 'r', kind: 'different' as const, pieceIds: ['aid', 'aid2'], reason: 'not both lost' };
    const apart = { ...trip, carrierRules: [rule] };
    expect(carrier(apart, 'aid')).toBe('light');
    expect(carrier(apart, 'aid2')).toBe('heavy');
  });
  test('a lock is stronger, and so is that the medic may not have it', () => {
    const lock = { pieceId: 'aid', memberId: 'heavy', locked: true };
    expect(carrier({ ...trip, share: [lock] }, 'aid')).toBe('heavy');
    const kits = [{ ...trip.kits[0]!, pieces: [{ ...aid, onlyMemberIds: ['heavy'] }, second, ...rest] }];
    expect(carrier({ ...trip, kits }, 'aid')).toBe('heavy');
  });
  test('on the way it may go to whoever can take it', () =>
    expect(mayHave(trip, 'aid', 2)).toEqual(['light', 'heavy']));
});
