import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { PersonalThing, Thing, Trip } from '../trip/model.js';
import { HABIT_TRIPS, habitsOf, keepHabit, placesOn, type Habit, type PlacesBefore } from './habits.js';
import { planStow } from './planStow.js';
import { stowProblem } from './stowProblem.js';

const own = (id: string, more: Partial<Thing> = {}): PersonalThing => ({
  ...aThing(id, more),
  memberId: 'ada',
  worn: false,
});
const phone = own('phone', {
  name: 'Phone',
  needed: 'walking',
  purpose: 'navigation',
  massKg: 0.2,
  volumeL: 0.1,
  shape: { kind: 'block', lengthCm: 15, widthCm: 7, heightCm: 1 },
});
const tins = own('tins', { massKg: 2, volumeL: 2, purpose: 'food' });

/** A trip of a year, with the phone in a zone; nowhere when there is none. */
function tripIn(year: number, zoneId?: string, things: readonly PersonalThing[] = [phone, tins]): Trip {
  const base = aTrip([aMember('ada', { name: 'Ada' })], [], things);
  const placed =
    zoneId === undefined ? [] : [{ thingId: phone.id, zoneId, side: 'centre' as const, pinned: false }];
  return {
    ...base,
    id: `t${year}`,
    name: `Trip of ${year}`,
    startDate: `${year}-05-01`,
    stows: [{ memberId: 'ada', placements: placed }],
  };
}
const before = (...zones: (string | undefined)[]): readonly PlacesBefore[] =>
  zones.flatMap((zoneId, i) => {
    const { id, name, startDate, ...rest } = tripIn(2020 + i, zoneId);
    // As people type names twice.
    const members = placesOn({ id, name, startDate, ...rest }, [' ADA']);
    return members === undefined ? [] : [{ id, name, startDate, members }];
  });
const found = (list: readonly PlacesBefore[], trip = tripIn(2028, 'lid')): readonly Habit[] =>
  habitsOf(trip, stowProblem(trip, 'ada', 1), trip.stows[0]!.placements, list);

test('three trips in a row make a habit, two do not; the latest stand first', () => {
  expect(found(before('belt-left', 'belt-left'))).toEqual([]);
  const [habit] = found(before('lid', 'belt-left', 'belt-left', 'belt-left'));
  expect(habit).toMatchObject({
    thing: { id: 'phone' },
    trips: ['Trip of 2023', 'Trip of 2022', 'Trip of 2021'],
    now: { id: 'lid' },
    isKept: false,
  });
  expect(habit!.zones.map((z) => z.id)).toEqual(['belt-left']);
  expect(HABIT_TRIPS).toBe(3);
});

test('another place on one of the last three, or the pocket of the other side, is no habit', () => {
  expect(found(before('belt-left', 'belt-left', 'belt-left', 'lid'))).toEqual([]);
  expect(found(before('belt-left', 'belt-right', 'belt-left'))).toEqual([]);
});

test('trips without the thing are passed over; later trips and other people teach nothing', () => {
  expect(found(before('belt-left', undefined, 'belt-left', undefined, 'belt-left'))).toHaveLength(1);
  const list = before('belt-left', 'belt-left', 'belt-left');
  expect(found(list, { ...tripIn(2021, 'lid') })).toEqual([]);
  expect(found(list.map((t) => ({ ...t, members: t.members.map((m) => ({ ...m, name: 'Ben' })) })))).toEqual(
    [],
  );
});

test('the same entry of the library is the same thing, whatever it is called', () => {
  const list = before('lid', 'lid', 'lid').map((t) => ({
    ...t,
    members: t.members.map((m) => ({
      ...m,
      places: m.places.map((p) => ({ ...p, name: 'Telephone', libraryId: 'own-phone' })),
    })),
  }));
  expect(found(list)).toEqual([]);
  expect(found(list, tripIn(2028, 'lid', [{ ...phone, libraryId: 'own-phone' }]))).toMatchObject([
    { isKept: true },
  ]);
});

test('a place that this pack lacks, or that does not take the thing, is not offered', () => {
  const list = before('belt-left', 'belt-left', 'belt-left');
  const trip = tripIn(2028, 'lid');
  const without = trip.packs.map((p) => ({ ...p, zones: p.zones.filter((z) => z.kind !== 'hipBelt') }));
  expect(found(list, { ...trip, packs: without })).toEqual([]);
  const brick = own('phone', { ...phone, shape: { kind: 'block', lengthCm: 30, widthCm: 15, heightCm: 8 } });
  expect(found(list, tripIn(2028, 'lid', [brick]))).toEqual([]);
});

test('food, and what is the group’s, has no habits', () => {
  const list = before('lid', 'lid', 'lid');
  const trip = tripIn(2028, 'lid', [own('phone', { ...phone, purpose: 'snack' })]);
  expect(found(list, trip)).toEqual([]);
  const { memberId: _m, worn: _w, ...piece } = phone;
  const base = aTrip([aMember('ada', { name: 'Ada' })], [piece]);
  const groups = {
    ...base,
    startDate: '2028-05-01',
    share: [{ pieceId: 'phone', memberId: 'ada', locked: false }],
  };
  expect(habitsOf(groups, stowProblem(groups, 'ada', 1), [], list)).toEqual([]);
});

test('kept, it is pinned there and stays there when the pack is planned anew', () => {
  const trip = tripIn(2028, 'lid');
  const problem = stowProblem(trip, 'ada', 1);
  const list = before('strap-right', 'strap-right', 'strap-right');
  const [habit] = found(list, trip);
  const placements = keepHabit(problem, trip.stows[0]!.placements, habit!);
  expect(placements).toMatchObject([{ thingId: 'phone', zoneId: 'strap-right', pinned: true }]);
  const kept = { ...trip, stows: [{ memberId: 'ada', placements }] };
  expect(found(list, kept)).toMatchObject([{ isKept: true, isPinned: true }]);
  const planned = planStow(kept, 'ada', { seed: 1, iterations: 500 }).stow.placements;
  expect(planned.find((p) => p.thingId === 'phone')!.zoneId).toBe('strap-right');
});
