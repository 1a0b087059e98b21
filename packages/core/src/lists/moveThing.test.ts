import { tripErrors } from '../formats/tripFile.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { assignPiece, putThings, removeThings } from '../trip/changes.js';
import type { Trip } from '../trip/model.js';
import { moveThing } from './moveThing.js';

const trip: Trip = (() => {
  const base = aTrip(
    [aMember('a'), aMember('b')],
    [aThing('pot', { nestsIn: 'sack' }), aThing('sack')],
    [{ ...aThing('torch'), memberId: 'a', worn: false, want: 'required' }],
  );
  const shared = assignPiece(
    { ...base, kits: [...base.kits, { id: 'other', name: 'Other', pieces: [] }] },
    'sack',
    'b',
  );
  const zoneId = shared.packs[1]!.zones[0]!.id;
  return {
    ...shared,
    stows: [
      {
        memberId: 'a',
        placements: [
          { thingId: 'torch', zoneId: shared.packs[0]!.zones[0]!.id, side: 'centre', pinned: true },
        ],
      },
      { memberId: 'b', placements: [{ thingId: 'sack', zoneId, side: 'centre', pinned: false }] },
    ],
    arrangements: [{ id: 'loan', kind: 'loan', thingId: 'torch', text: 'lent', who: 'c', done: false }],
  };
})();

describe('moving a thing to another list', () => {
  test('from member to member: it leaves the old pack, and stays asked for', () => {
    const next = moveThing(trip, 'torch', { kind: 'member', memberId: 'b' });
    expect(next.personalThings[0]).toMatchObject({ memberId: 'b', want: 'required' });
    expect(next.stows[0]!.placements).toEqual([]);
    expect(next.arrangements).toEqual(trip.arrangements);
    expect(tripErrors(next)).toEqual([]);
  });
  test('from a member into a kit', () => {
    const next = moveThing(trip, 'torch', { kind: 'kit', kitId: 'other' });
    expect(next.kits[1]!.pieces.map((p) => p.id)).toEqual(['torch']);
    expect(next.kits[1]!.pieces[0]).not.toHaveProperty('memberId');
    expect(next.personalThings).toEqual([]);
    expect(tripErrors(next)).toEqual([]);
  });
  test('out of a kit to a member: share and stow forget it as a piece', () => {
    const next = moveThing(trip, 'sack', { kind: 'member', memberId: 'a' });
    expect(next.personalThings.map((t) => [t.id, t.memberId])).toEqual([
      ['torch', 'a'],
      ['sack', 'a'],
    ]);
    expect(next.share).toEqual([]);
    expect(next.stows[1]!.placements).toEqual([]);
    expect(tripErrors(next)).toEqual([]);
  });
  test('from kit to kit its carrier stays', () => {
    const next = moveThing(trip, 'sack', { kind: 'kit', kitId: 'other' });
    expect(next.kits.map((k) => k.pieces.map((p) => p.id))).toEqual([['pot'], ['sack']]);
    expect(next.share).toEqual(trip.share);
    expect(tripErrors(next)).toEqual([]);
  });
  test('where it is already, or nowhere, changes nothing', () => {
    expect(moveThing(trip, 'torch', { kind: 'member', memberId: 'a' })).toBe(trip);
    expect(moveThing(trip, 'torch', { kind: 'member', memberId: 'nobody' })).toBe(trip);
    expect(moveThing(trip, 'pot', { kind: 'kit', kitId: 'kit' })).toBe(trip);
    expect(moveThing(trip, 'ghost', { kind: 'kit', kitId: 'other' })).toBe(trip);
  });
});

describe('several things at once', () => {
  test('changed wherever each stands; who they were placed for no longer holds what is worn now', () => {
    const [torch] = trip.personalThings;
    const [pot] = trip.kits[0]!.pieces;
    const next = putThings(trip, [
      { ...torch!, worn: true } as typeof torch & object,
      { ...pot!, massKg: 0.4 },
    ]);
    expect(next.kits[0]!.pieces[0]!.massKg).toBe(0.4);
    expect(next.stows[0]!.placements).toEqual([]);
    expect(next.kits[1]).toBe(trip.kits[1]);
    expect(tripErrors(next)).toEqual([]);
  });
  test('removed: nothing nests in them or is lent any more', () => {
    const next = removeThings(trip, new Set(['sack', 'torch']));
    expect(next.kits[0]!.pieces).toEqual([expect.not.objectContaining({ nestsIn: 'sack' })]);
    expect(next.arrangements).toEqual([]);
    expect(next.share).toEqual([]);
    expect(tripErrors(next)).toEqual([]);
  });
});
