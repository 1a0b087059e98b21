import fc from 'fast-check';
import { tripErrors } from '../formats/tripFile.js';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { Trip, Waypoint } from './model.js';
import { addWaypoints, putGroup, putPack, putWaypoint, removeGroup, setRole } from './partyChanges.js';
import { runs } from '../testing/runs.js';

const ids = ['a', 'b', 'c'];
const trip: Trip = {
  ...aTrip(
    ids.map((id) => aMember(id, { cookGroupId: 'cooks' })),
    [{ ...aThing('pot'), onlyGroupId: 'cooks' }],
    [],
    2,
  ),
  groups: [{ id: 'cooks', name: 'Cooks', kind: 'cook' }],
};

test('any change of any trip leaves it whole', () => {
  fc.assert(
    fc.property(
      arbitraryTrip({ members: { min: 1, max: 3 }, pieces: { min: 1, max: 4 } }),
      fc.nat(),
      (any, n) => {
        const member = any.members[n % any.members.length]!;
        const pack = any.packs.find((p) => p.id === member.packId)!;
        const place: Waypoint = { id: 'new', name: 'New', kind: 'water', atKm: 3, reliance: 'sure' };
        for (const after of [
          ...any.groups.map((g) => removeGroup(any, g.id)),
          putGroup(any, { id: 'another', name: 'Another', kind: 'tent', sleeps: 2 }),
          putPack(any, { ...pack, zones: pack.zones.slice(n % pack.zones.length) }),
          setRole(any, 'scribe', 1, [member.id], member.id),
          addWaypoints(any, [place, { ...place, name: 'Newer' }]),
        ]) {
          expect(tripErrors(after)).toEqual([]);
        }
      },
    ),
    { seed: 10, numRuns: runs(60) },
  );
});

test('a group that goes leaves its members and opens its pieces to all', () => {
  const after = removeGroup(trip, 'cooks');
  expect(after.groups).toEqual([]);
  expect(after.members.every((m) => !('cookGroupId' in m))).toBe(true);
  expect(after.kits[0]!.pieces[0]).not.toHaveProperty('onlyGroupId');
});
test('a group is added, then changed where it stands', () => {
  const added = putGroup(trip, { id: 'tent', name: 'Tent', kind: 'tent' });
  const changed = putGroup(added, { id: 'cooks', name: 'Kitchen', kind: 'cook', potL: 3 });
  expect(changed.groups.map((g) => g.name)).toEqual(['Kitchen', 'Tent']);
});
test('a zone that goes takes what lay in it along, from its wearer only', () => {
  const placements = (zoneId: string) => [{ thingId: 'pot', zoneId, side: 'centre' as const, pinned: false }];
  const stowed: Trip = {
    ...trip,
    stows: [
      { memberId: 'a', placements: placements('lid') },
      { memberId: 'b', placements: placements('lid') },
    ],
  };
  const pack = stowed.packs.find((p) => p.id === 'pack-a')!;
  const after = putPack(stowed, { ...pack, zones: pack.zones.filter((z) => z.kind !== 'lid') });
  expect(after.stows.map((s) => s.placements.length)).toEqual([0, 1]);
});
describe('a role', () => {
  test('has one holder a day among those who share it', () => {
    const first = setRole(trip, 'cook', 1, ['a', 'b'], 'a');
    const other = setRole(first, 'cook', 1, ['c'], 'c');
    const second = setRole(other, 'cook', 1, ['a', 'b'], 'b');
    expect(second.roles.map((r) => [r.day, r.memberId])).toEqual([
      [1, 'c'],
      [1, 'b'],
    ]);
    expect(new Set(second.roles.map((r) => r.id)).size).toBe(2);
  });
  test('is taken away again, on that day only', () => {
    const both = setRole(setRole(trip, 'medic', 1, ids, 'a'), 'medic', 2, ids, 'a');
    expect(setRole(both, 'medic', 1, ids, undefined).roles.map((r) => r.day)).toEqual([2]);
  });
});
describe('places', () => {
  const place = (name: string, atKm: number): Waypoint => ({
    id: 'x',
    name,
    kind: 'water',
    atKm,
    reliance: 'sure',
  });
  test('stand in the order of the way, each with an id of its own', () => {
    const after = addWaypoints(trip, [place('Tarn', 7), place('Spring', 2), place('Tarn!', 5)]);
    expect(after.waypoints.map((w) => [w.id, w.atKm])).toEqual([
      ['spring', 2],
      ['tarn-2', 5],
      ['tarn', 7],
    ]);
  });
  test('of a name that is known already are not taken twice', () => {
    const once = addWaypoints(trip, [place('Tarn', 7)]);
    expect(addWaypoints(once, [place('Tarn', 9)])).toBe(once);
  });
  test('move when their distance changes', () => {
    const two = addWaypoints(trip, [place('Spring', 2), place('Tarn', 7)]);
    expect(putWaypoint(two, { ...two.waypoints[0]!, atKm: 9 }).waypoints.map((w) => w.id)).toEqual([
      'tarn',
      'spring',
    ]);
  });
});
