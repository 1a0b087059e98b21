import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { PersonalThing, Piece, Trip } from '../trip/model.js';
import { allPieces } from '../trip/queries.js';
import { carrierEffects, whatHolds, whyThisCarrier } from './carrierEffects.js';
import { formatMeasure } from './fairness.js';
import { shareFigures } from './shareFigures.js';

/** Alike members, and pieces by whose they are: "a" carries those whose ids begin with a. */
function carried(ids: readonly string[], pieces: readonly Piece[], own: readonly PersonalThing[] = []): Trip {
  const trip = aTrip(
    ids.map((id) => aMember(id)),
    pieces,
    own,
    2,
  );
  const share = pieces
    .filter((p) => ids.includes(p.id[0]!))
    .map((p) => ({ pieceId: p.id, memberId: p.id[0]!, locked: false }));
  return { ...trip, share };
}
const why = (trip: Trip, pieceId: string): string => {
  const figures = shareFigures(trip);
  return whyThisCarrier(trip, figures, carrierEffects(trip, figures, pieceId));
};
const kg = (id: string, massKg: number, more: Partial<Piece> = {}): Piece => ({
  ...aThing(id, { massKg }),
  ...more,
});

describe('why a piece is with its carrier', () => {
  test('with anybody else the largest load is higher', () => {
    const trip = carried(['a', 'b'], [kg('a-rope', 4), kg('b-stove', 3)]);
    const moved = carried(['a', 'b'], [kg('b-rope', 4), kg('b-stove', 3)]);
    const worse = formatMeasure(trip.fairness, shareFigures(moved).largestRatio);
    expect(why(trip, 'a-rope')).toBe(
      `With anybody else the largest ratio would be higher: ${worse} at best, with b.`,
    );
  });
  test('somebody else could take it, and the largest load would fall', () => {
    const trip = carried(['a', 'b'], [kg('a-rope', 4), kg('a-stove', 3)]);
    const moved = carried(['a', 'b'], [kg('a-rope', 4), kg('b-stove', 3)]);
    const better = formatMeasure(trip.fairness, shareFigures(moved).largestRatio);
    expect(why(trip, 'a-stove')).toBe(`b could take it: the largest ratio would fall to ${better}.`);
  });
  test('somebody else could take it, and the days become more even', () => {
    const trip = carried(['a', 'b', 'c'], [kg('c-tent', 9), kg('a-pot', 2), kg('a-tin', 2)]);
    expect(why(trip, 'a-pot')).toBe('b could take it: the largest ratio stays, the days become more even.');
  });
  test('others could take it, and nothing would be better', () => {
    const trip = carried(['a', 'b', 'c'], [kg('c-tent', 9), kg('a-pot', 2)]);
    expect(why(trip, 'a-pot')).toBe(
      'Others could take it without raising the largest ratio, but the days would be no more even.',
    );
  });
  test('nobody carries it, nobody else may, nobody else has room', () => {
    expect(why(carried(['a', 'b'], [kg('x-rope', 4)]), 'x-rope')).toBe('Nobody carries it yet.');
    const only = carried(['a', 'b'], [kg('a-rope', 4, { onlyMemberIds: ['a'] })]);
    expect(why(only, 'a-rope')).toBe('Nobody but a may carry it.');
    const laden = { ...aThing('boots', { massKg: 40 }), memberId: 'b', worn: false };
    expect(why(carried(['a', 'b'], [kg('a-rope', 4)], [laden]), 'a-rope')).toBe(
      'a alone has room for it within limit and pack.',
    );
  });
});

test('an effect says whether the rule, the pack and the limit allow it', () => {
  const bulky = { ...aThing('quilt', { massKg: 1, volumeL: 58 }), memberId: 'b', worn: false };
  const trip = carried(['a', 'b'], [kg('a-rope', 4, { onlyMemberIds: ['a'], volumeL: 30 })], [bulky]);
  const [a, b] = carrierEffects(trip, shareFigures(trip), 'a-rope');
  expect(a).toMatchObject({ allowed: true, carriesNow: true, change: 0, overL: 0, overKg: 0 });
  expect(b).toMatchObject({ allowed: false, carriesNow: false });
  expect(b!.overL).toBeGreaterThan(20);
});

test('what holds a piece is told, each rule in a sentence', () => {
  const pieces = [
    kg('a-body', 2, { purpose: 'tentBody', together: 'T', onlyGroupId: 'g', onlyMemberIds: ['a', 'b'] }),
    kg('b-fly', 1),
    kg('b-pot', 1),
  ];
  const plain = carried(['a', 'b'], pieces);
  const trip: Trip = {
    ...plain,
    groups: [{ id: 'g', name: 'Big tent', kind: 'tent' }],
    kits: plain.kits.map((k) => ({ ...k, name: 'Shelter', splitWays: 2 })),
    houseRules: { ...plain.houseRules, tentSplit: 'whole' },
    share: plain.share.map((s) => ({ ...s, locked: s.pieceId === 'a-body' })),
    carrierRules: [
      { id: 's', kind: 'same', pieceIds: ['a-body', 'b-fly'], reason: 'pitched at once' },
      { id: 'd', kind: 'different', pieceIds: ['a-body', 'b-pot'], reason: 'both are bulky' },
    ],
  };
  expect(whatHolds(trip, allPieces(trip)[0]!)).toEqual([
    'Locked to a by the leader.',
    'Only for Big tent.',
    'Only for a, b.',
    'With b-fly: pitched at once.',
    'Apart from b-pot: both are bulky.',
    'Shelter goes over at most 2 carriers.',
    'Stays with the other pieces marked "T".',
    'House rule: a tent is carried whole.',
  ]);
  expect(whatHolds(plain, allPieces(plain)[1]!)).toEqual([]);
});
