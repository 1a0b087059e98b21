import { landLarder } from '../larder/landLarder.js';
import { carryLimit } from '../limits/carryLimit.js';
import { starterLibrary } from '../library/starterLibrary.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { Meal } from '../trip/larderModel.js';
import type { PersonalThing, Thing, Trip, TripStyle } from '../trip/model.js';
import type { ThingFate } from '../trip/recordModel.js';
import { foodTakenKg } from './provisions.js';
import { refuseSuggestion, suggestions, type Suggestion } from './suggestions.js';
import type { RecordedDay, TripRecord } from './tripRecord.js';

const own = (thing: Thing, memberId: string, more: Partial<PersonalThing> = {}): PersonalThing => ({
  ...thing,
  memberId,
  worn: false,
  ...more,
});
const trip: Trip = {
  ...aTrip(
    [aMember('ada', { bodyMassKg: 80 }), aMember('ben', { bodyMassKg: 70 })],
    [
      aThing('chair', { name: 'Camp chair', massKg: 0.9 }),
      aThing('aid', { name: 'First-aid kit', massKg: 0.7, purpose: 'firstAid' }),
    ],
    [
      own(aThing('a-book', { name: 'Bird book', massKg: 0.4 }), 'ada'),
      own(aThing('b-book', { name: 'Bird book', massKg: 0.4 }), 'ben'),
      own(aThing('a-hat', { name: 'Sun hat', massKg: 0.1 }), 'ada', { want: 'required' }),
    ],
    2,
  ),
  startDate: '2028-05-01',
};

/** A hand-made history: a trip a year, style camp. */
function record(year: number, more: Partial<TripRecord> = {}, style: TripStyle = 'camp'): TripRecord {
  return {
    id: `t${year}`,
    name: `Trip of ${year}`,
    style,
    startDate: `${year}-05-01`,
    things: [],
    missed: [],
    days: [],
    ...more,
  };
}
const uses = (fates: Readonly<Record<string, ThingFate>>): TripRecord['things'] =>
  Object.entries(fates).map(([key, fate]) => {
    const [name, memberName] = key.split('/');
    return { name: name!, fate, ...(memberName === undefined ? {} : { memberName }) };
  });
const found = (records: readonly TripRecord[], of: Trip = trip): readonly Suggestion[] =>
  suggestions(of, records, starterLibrary());
const whats = (records: readonly TripRecord[], of: Trip = trip) => found(records, of).map((s) => s.what);

describe('leave', () => {
  const unused = (year: number, style?: TripStyle) =>
    record(year, { things: uses({ 'camp  chair': 'unused' }) }, style);
  test('unused on two trips says nothing yet, on three it may stay; the evidence is those trips, latest first', () => {
    expect(whats([unused(2026), unused(2027)])).toEqual([]);
    const [leave] = found([unused(2025), unused(2026), unused(2027)]);
    expect(leave).toMatchObject({ kind: 'leave', what: 'Leave camp chair', changeKg: -0.9 });
    expect(leave!.evidence.map((e) => [e.trip, e.what])).toEqual([
      ['Trip of 2027', 'not used'],
      ['Trip of 2026', 'not used'],
      ['Trip of 2025', 'not used'],
    ]);
    expect(leave!.apply(trip).kits[0]!.pieces.map((p) => p.id)).toEqual(['aid']);
  });
  test('a use ends the count', () =>
    expect(
      whats([
        unused(2024),
        unused(2025),
        unused(2026),
        record(2027, { things: uses({ 'Camp chair': 'used' }) }),
      ]),
    ).toEqual([]));
  test('what broke or was lost was used', () =>
    expect(
      whats([unused(2025), unused(2026), record(2027, { things: uses({ 'Camp chair': 'broke' }) })]),
    ).toEqual([]));
  test('trips on which it was not there are passed over', () =>
    expect(whats([unused(2024), unused(2025), record(2026), unused(2027)])).toEqual(['Leave camp chair']));
  test('another style teaches nothing for this one, and neither does a later trip', () => {
    expect(whats([unused(2025, 'hut'), unused(2026, 'hut'), unused(2027, 'hut')])).toEqual([]);
    expect(whats([unused(2026), unused(2027), unused(2029)])).toEqual([]);
  });
  test('how many trips it takes can be chosen', () => {
    expect(whats([unused(2027)], { ...trip, leaveAfterTrips: 1 })).toEqual(['Leave camp chair']);
    expect(whats([unused(2025), unused(2026), unused(2027)], { ...trip, leaveAfterTrips: 4 })).toEqual([]);
  });
  test('never the safety kit, never what is asked for', () => {
    const never = [2025, 2026, 2027].map((y) =>
      record(y, { things: uses({ 'First-aid kit': 'unused', 'Sun hat/ada': 'unused' }) }),
    );
    expect(whats(never)).toEqual([]);
  });
  test('own things are each person’s own record', () => {
    const adas = [2025, 2026, 2027].map((y) =>
      record(y, {
        things: uses({ 'Bird book/Ada': 'unused', 'Bird book/Ben': y === 2026 ? 'used' : 'unused' }),
      }),
    );
    const [leave] = found(adas);
    expect(leave!.what).toBe('Leave bird book (ada)');
    expect(leave!.apply(trip).personalThings.map((t) => t.id)).toEqual(['b-book', 'a-hat']);
  });
  test('refused, it is not said again', () => {
    const three = [unused(2025), unused(2026), unused(2027)];
    expect(found(three, refuseSuggestion(trip, found(three)[0]!.id))).toEqual([]);
  });
});

describe('bring', () => {
  const missed = (name: string, memberName?: string) =>
    record(2027, { missed: [{ name, ...(memberName === undefined ? {} : { memberName }) }] });
  test('what the party missed goes to the group, what one missed to that one; with a guessed mass', () => {
    const [group] = found([missed('Sewing kit')]);
    expect(group).toMatchObject({ kind: 'bring', what: 'Bring sewing kit' });
    const after = group!.apply(trip);
    expect(after.kits.flatMap((k) => k.pieces).some((p) => p.name === 'Sewing kit' && p.massEstimated)).toBe(
      true,
    );
    const [his] = found([missed('Spare laces', 'BEN')]);
    expect(his!.what).toBe('Bring spare laces (ben)');
    expect(his!.apply(trip).personalThings.at(-1)).toMatchObject({ name: 'Spare laces', memberId: 'ben' });
  });
  test('once it is there, nothing is said; of somebody who does not come along neither', () => {
    const [his] = found([missed('Spare laces', 'Ben')]);
    expect(whats([missed('Spare laces', 'Ben')], his!.apply(trip))).toEqual([]);
    expect(whats([missed('Spare laces', 'Cleo')])).toEqual([]);
    expect(whats([missed('camp chair')])).toEqual([]);
  });
});

describe('limits', () => {
  const day = (date: string, loadKg: number, comfort: number): RecordedDay => ({
    memberName: 'Ada',
    date,
    day: 1,
    loadKg,
    distanceKm: 12,
    climbM: 400,
    hours: 5,
    comfort,
    hurts: [],
  });
  const hard = record(2027, {
    days: [day('2027-05-01', 16, 4), day('2027-05-02', 12, 6), day('2027-05-03', 8, 8)],
  });
  test('Ada’s days: comfort 8 at 8 kg, 6 at 12, 4 at 16 put her limit where it falls to 6, at 12 kg', () => {
    const [limit] = found([hard]);
    expect(limit).toMatchObject({ kind: 'limit', what: 'ada’s limit: 12.0 kg instead of 16.0 kg' });
    expect(limit!.evidence).toHaveLength(3);
    const after = limit!.apply(trip);
    const ada = after.members[0]!;
    expect(carryLimit(ada, after.packs[0]!, 1).limitKg).toBeCloseTo(12, 9);
    expect(ada.carryTrials.map((t) => [t.fromTrip, t.interrupted])).toEqual(
      Array.from({ length: 3 }, () => ['Trip of 2027', true]),
    );
    // Taken over, the same days say nothing more.
    expect(whats([hard], after)).toEqual([]);
  });
  test('other styles teach about bodies too; days of like loads alone say nothing', () => {
    expect(whats([{ ...hard, style: 'winter' }])).toEqual(['ada’s limit: 12.0 kg instead of 16.0 kg']);
    expect(whats([record(2027, { days: [day('2027-05-01', 16, 4), day('2027-05-02', 15.9, 4)] })])).toEqual(
      [],
    );
  });
});

describe('food and fuel', () => {
  const dish = {
    name: 'Stew',
    form: 'dried' as const,
    gPerServing: 250,
    kcalPerServing: 1000,
    packagingG: 0,
    volumeL: 0.4,
    boilL: 0.5,
    potL: 0.5,
  };
  const meals: readonly Meal[] = [
    { id: 'd', day: 1, kind: 'dinner', groupId: 'cook', dish },
    { id: 'b', day: 2, kind: 'breakfast', groupId: 'cook', dish },
  ];
  const fed = landLarder({
    ...trip,
    members: trip.members.map((m) => ({ ...m, cookGroupId: 'cook' })),
    groups: [{ id: 'cook', name: 'Cook', kind: 'cook' }],
    meals,
    canisters: [{ id: 'c', groupId: 'cook', name: 'Gas', netKg: 0.1, tareKg: 0.1 }],
    larder: { ...trip.larder, snackGPerDay: 350, fuelReserve: 0.5 },
  });
  // Planned: (2 × 250 + 2 × 350) over 2 days = 600 g a person and day.
  test('eaten 500 g over two trips: a hundred grams less of snacks', () => {
    expect((foodTakenKg(fed, 'cook') * 1000) / 4).toBeCloseTo(600, 9);
    const said = [
      record(2026, { food: { personDays: 10, eatenKg: 4.5 } }),
      record(2027, { food: { personDays: 10, eatenKg: 5.5 } }),
    ];
    const [food] = found(said, fed);
    expect(food).toMatchObject({
      kind: 'food',
      what: 'Snacks: 250 g a day each instead of 350 g',
      changeKg: -0.4,
    });
    expect(food!.evidence.map((e) => e.what)).toEqual(['550 g a person and day', '450 g a person and day']);
    const after = food!.apply(fed);
    expect(after.larder.snackGPerDay).toBe(250);
    expect(whats(said, after)).toEqual([]);
  });
  test('within five hundredths it is the plan; without a record nothing is said', () => {
    expect(whats([record(2027, { food: { personDays: 10, eatenKg: 5.9 } })], fed)).toEqual([]);
    expect(whats([record(2027)], fed)).toEqual([]);
  });
  test('the reserve is what any trip burnt above the need, and a twentieth more', () => {
    const said = [
      record(2026, { fuel: { personDays: 10, burntKg: 0.11, needKg: 0.1 } }),
      record(2027, { fuel: { personDays: 10, burntKg: 0.095, needKg: 0.1 } }),
    ];
    const [fuel] = found(said, fed);
    expect(fuel).toMatchObject({ kind: 'fuel', what: 'Fuel reserve: 15 % instead of 50 %' });
    expect(fuel!.apply(fed).larder.fuelReserve).toBe(0.15);
    expect(whats(said, fuel!.apply(fed))).toEqual([]);
  });
});
