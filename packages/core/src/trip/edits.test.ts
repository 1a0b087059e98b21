import fc from 'fast-check';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { tripErrors } from '../formats/tripFile.js';
import {
  adoptStow,
  assignPiece,
  freshId,
  lockPiece,
  placeThing,
  putMember,
  putPersonalThing,
  removeKit,
  removeMember,
  removePersonalThing,
  removePiece,
  replaceShare,
} from './changes.js';
import { applyEdits, diffTrip } from './edits.js';
import { allPieces, allowedCarriers } from './queries.js';

describe('diffTrip and applyEdits', () => {
  test('playing the difference of two trips turns one into the other, and back', () => {
    fc.assert(
      fc.property(arbitraryTrip(), arbitraryTrip(), (a, b) => {
        expect(applyEdits(a, diffTrip(a, b))).toEqual(b);
        expect(applyEdits(b, diffTrip(b, a))).toEqual(a);
        expect(diffTrip(a, a)).toEqual([]);
      }),
      { seed: 5, numRuns: 60 },
    );
  });
  test('survives JSON, as the server gets it', () => {
    fc.assert(
      fc.property(arbitraryTrip(), arbitraryTrip(), (a, b) => {
        const sent = JSON.parse(JSON.stringify(diffTrip(a, b))) as ReturnType<typeof diffTrip>;
        expect(applyEdits(a, sent)).toEqual(b);
      }),
      { seed: 6, numRuns: 30 },
    );
  });
  test('a single moved piece is a single edit', () => {
    const trip = aTrip([aMember('a'), aMember('b')], [aThing('x'), aThing('y')]);
    const shared = assignPiece(assignPiece(trip, 'x', 'a'), 'y', 'a');
    expect(diffTrip(shared, assignPiece(shared, 'x', 'b'))).toEqual([
      { kind: 'put', collection: 'share', item: { pieceId: 'x', memberId: 'b', locked: false } },
    ]);
  });
});

describe('changes', () => {
  test('keep a valid trip valid', () => {
    fc.assert(
      fc.property(
        arbitraryTrip({ members: { min: 1, max: 3 }, pieces: { min: 1, max: 5 } }),
        fc.nat(),
        (trip, n) => {
          const piece = allPieces(trip)[n % allPieces(trip).length]!;
          const member = trip.members[n % trip.members.length]!;
          const carriers = allowedCarriers(trip, piece);
          const changed = [
            assignPiece(trip, piece.id, carriers[0]?.id),
            lockPiece(trip, piece.id, true),
            replaceShare(trip, []),
            replaceShare(trip, [{ pieceId: 'gone', memberId: member.id, locked: false }]),
            adoptStow(removePiece(trip, piece.id), {
              memberId: member.id,
              placements: trip.stows[0]?.placements ?? [],
            }),
            adoptStow(removeMember(trip, member.id), { memberId: member.id, placements: [] }),
            removeMember(trip, member.id),
            removePiece(trip, piece.id),
            removeKit(trip, 'kit-a'),
            ...trip.personalThings.flatMap((t) => [
              removePersonalThing(trip, t.id),
              putPersonalThing(trip, { ...t, worn: true }),
            ]),
            putMember(trip, { ...member, name: 'Somebody else' }),
          ];
          for (const after of changed) expect(tripErrors(after)).toEqual([]);
        },
      ),
      { seed: 12, numRuns: 40 },
    );
  });
  test('a piece that changes carrier leaves the old stow and keeps its lock', () => {
    const trip = aTrip([aMember('a'), aMember('b')], [aThing('x')]);
    const stowed = placeThing(lockPiece(assignPiece(trip, 'x', 'a'), 'x', true), 'a', {
      thingId: 'x',
      zoneId: 'core',
      side: 'centre',
      pinned: false,
    });
    const moved = assignPiece(stowed, 'x', 'b');
    expect(moved.share).toEqual([{ pieceId: 'x', memberId: 'b', locked: true }]);
    expect(moved.stows).toEqual([{ memberId: 'a', placements: [] }]);
  });
  test('ids are made from names and never collide', () => {
    expect(freshId('Tent body (3 people)', [])).toBe('tent-body-3-people');
    expect(freshId('Pot', ['pot', 'pot-2'])).toBe('pot-3');
    expect(freshId('é…', [])).toBe('e');
    expect(freshId('…', [])).toBe('item');
  });
});
