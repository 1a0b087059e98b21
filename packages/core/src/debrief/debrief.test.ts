import fc from 'fast-check';
import { tripErrors } from '../formats/tripFile.js';
import { landLarder } from '../larder/landLarder.js';
import { starterLibrary } from '../library/starterLibrary.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { duplicateTrip } from '../trip/duplicateTrip.js';
import { removeMember, removeThings } from '../trip/changes.js';
import { handOver } from '../trip/changes.js';
import type { Meal } from '../trip/larderModel.js';
import type { PersonalThing, Thing, Trip } from '../trip/model.js';
import { departureOf } from '../trail/weighIn.js';
import { chores, setChoreDone } from './chores.js';
import { outingEdits } from './outings.js';
import { plannedActual } from './plannedActual.js';
import { foodTakenKg, provisions, waterTaken } from './provisions.js';
import {
  addEvent,
  putComfort,
  putContact,
  putLeftover,
  putMissed,
  putWeighIn,
  removeComfort,
  removeMissed,
  removeWeighIn,
  setFates,
} from './recordChanges.js';
import { recordFor, tripRecord } from './tripRecord.js';

const own = (thing: Thing, memberId = 'ada'): PersonalThing => ({ ...thing, memberId, worn: false });
const dish = {
  name: 'Stew',
  form: 'dried' as const,
  gPerServing: 200,
  kcalPerServing: 800,
  packagingG: 10,
  volumeL: 0.4,
  boilL: 0.5,
  potL: 0.5,
};
const meal = (day: number, kind: Meal['kind']): Meal => ({
  id: `${kind}-${day}`,
  day,
  kind,
  groupId: 'cook',
  dish,
});
const base = aTrip(
  [
    aMember('ada', { cookGroupId: 'cook', bodyMassKg: 80 }),
    aMember('ben', { cookGroupId: 'cook', bodyMassKg: 80 }),
  ],
  [
    aThing('tent', { massKg: 2, purpose: 'tentBody' }),
    aThing('pot', { massKg: 0.5, purpose: 'pot' }),
    aThing('chair', { massKg: 0.9, libraryId: 'camp-chair' }),
    aThing('scope', { massKg: 1.1, owner: 'The museum' }),
  ],
  [
    own(aThing('bag', { massKg: 1, purpose: 'sleepingBag' })),
    own(aThing('spray', { expiresOn: '2027-09-01', purpose: 'animalSpray' })),
  ],
  3,
);
const trip: Trip = landLarder({
  ...base,
  legs: base.legs.map((leg) => ({ ...leg, distanceKm: 10, climbM: 300, hours: 4, waterL: 1 })),
  groups: [{ id: 'cook', name: 'Cook', kind: 'cook', stove: 'gasBurner' }],
  larder: { ...base.larder, snackGPerDay: 100 },
  // Two nights: two dinners, two breakfasts, 200 g each.
  meals: [meal(1, 'dinner'), meal(2, 'dinner'), meal(2, 'breakfast'), meal(3, 'breakfast')],
  canisters: [{ id: 'can', groupId: 'cook', name: 'Gas', netKg: 0.23, tareKg: 0.15 }],
  share: [{ pieceId: 'tent', memberId: 'ada', locked: false }],
});

describe('provisions', () => {
  test('taken: four meals of 200 g and three days of 100 g snacks for two', () =>
    expect(foodTakenKg(trip, 'cook')).toBeCloseTo(2 * (0.8 + 0.3), 9));
  test('food that was listed by hand counts too: the group’s own, its part of what is for all, and its people’s', () => {
    const byHand = aTrip(
      [aMember('ada', { cookGroupId: 'cook' }), aMember('ben', { cookGroupId: 'cook' }), aMember('cleo')],
      [
        { ...aThing('stew', { massKg: 1, purpose: 'food' }), onlyGroupId: 'cook' },
        aThing('rice', {
          massKg: 0.9,
          purpose: 'food',
          consumption: { fromDay: 1, toDay: 1, residueKg: 0.3 },
        }),
        aThing('tent', { massKg: 3 }),
      ],
      [
        own(aThing('bars', { massKg: 0.4, purpose: 'snack' })),
        own(aThing('nuts', { massKg: 9, purpose: 'snack' }), 'cleo'),
      ],
    );
    const grouped: Trip = { ...byHand, groups: [{ id: 'cook', name: 'Cook', kind: 'cook' }] };
    expect(foodTakenKg(grouped, 'cook')).toBeCloseTo(1 + 0.6 * (2 / 3) + 0.4, 9);
  });
  test('nothing is said while nobody has weighed what is left', () => {
    const [group] = provisions(trip);
    expect(group).toMatchObject({ personDays: 6, fuelKg: expect.closeTo(0.23, 9) as number });
    expect(group).not.toHaveProperty('eatenGPerDay');
    expect(group).not.toHaveProperty('burntKg');
  });
  test('eaten and burnt by person-day: 2.2 kg less 0.4 over six, 230 g less 80', () => {
    const [group] = provisions(putLeftover(trip, { groupId: 'cook', foodKg: 0.4, fuelKg: 0.08 }));
    expect(group!.eatenGPerDay).toBeCloseTo(300, 9);
    expect(group!.burntGPerDay).toBeCloseTo(25, 9);
  });
  test('whoever went home after day 1 ate for one day; a dinner that was not eaten is expected to be left', () => {
    const gone = addEvent(trip, { day: 2, moment: 'morning', kind: 'gone', memberId: 'ben' });
    expect(provisions(gone)[0]!.personDays).toBe(4);
    const hungry = addEvent(trip, { day: 1, moment: 'evening', kind: 'notEaten', mealId: 'dinner-1' });
    expect(provisions(hungry)[0]!.notEatenKg).toBeCloseTo(0.4, 9);
    const later = addEvent(hungry, { day: 2, moment: 'evening', kind: 'eatenLater', mealId: 'dinner-1' });
    expect(provisions(later)[0]!.notEatenKg).toBe(0);
  });
  test('taken less left is what was eaten, whatever is left', () =>
    fc.assert(
      fc.property(fc.double({ min: 0, max: 2.2, noNaN: true }), (leftKg) => {
        const [g] = provisions(putLeftover(trip, { groupId: 'cook', foodKg: leftKg }));
        expect((g!.eatenGPerDay! * g!.personDays) / 1000 + leftKg).toBeCloseTo(g!.foodKg, 9);
      }),
    ));
  test('water by day against the plan', () => {
    const wet = addEvent(trip, { day: 2, moment: 'morning', kind: 'water', litres: 2.5 });
    expect(waterTaken(wet)).toEqual([
      { day: 1, plannedL: 1 },
      { day: 2, plannedL: 1, takenL: 2.5 },
      { day: 3, plannedL: 1 },
    ]);
  });
});

describe('chores', () => {
  const kinds = (t: Trip) =>
    chores(t).map((c) => `${c.kind} ${c.things.map((x) => x.id).join('+')}: ${c.who}`);
  test('what is lent goes back, what held food is cleaned, what runs out is told', () =>
    expect(kinds(trip)).toEqual(['return scope: The museum', 'clean pot: the party', 'expiry spray: ada']));
  test('a wet trip is dried; what broke is mended, what was left is replaced and no longer cleaned', () => {
    const wet = [
      { day: 2, moment: 'morning' as const, kind: 'wetFly' as const },
      { day: 2, moment: 'evening' as const, kind: 'broken' as const, thingId: 'chair' },
      { day: 2, moment: 'evening' as const, kind: 'left' as const, thingId: 'pot' },
    ].reduce<Trip>((t, e) => addEvent(t, e), trip);
    expect(kinds(wet)).toEqual([
      'return scope: The museum',
      'dry tent: the party',
      'dry bag: ada',
      'mend chair: the party',
      'replace pot: the party',
      'expiry spray: ada',
    ]);
  });
  test('what wants the same in one kit, or of one person, is one chore', () => {
    const wet = addEvent(
      { ...trip, personalThings: [...trip.personalThings, own(aThing('shell', { purpose: 'rainwear' }))] },
      { day: 2, moment: 'morning', kind: 'wetFly' },
    );
    expect(chores(wet).filter((c) => c.kind === 'dry')).toMatchObject([
      { id: 'dry/kit', what: 'Kit: tent' },
      { id: 'dry/ada', what: 'ada: bag, shell', who: 'ada' },
    ]);
  });
  test('a loan names its lender and date; done is remembered and can be taken back', () => {
    const loan: Trip = {
      ...trip,
      arrangements: [
        {
          id: 'l',
          kind: 'loan',
          thingId: 'chair',
          text: 'the good chair',
          who: 'Aunt',
          byDate: '2027-06-01',
          done: true,
        },
      ],
    };
    const [first] = chores(loan);
    expect(first).toMatchObject({ id: 'return/chair', who: 'Aunt', byDate: '2027-06-01' });
    const done = setChoreDone(loan, 'return/chair', '2027-05-20');
    expect(chores(done)[0]!.doneOn).toBe('2027-05-20');
    expect(setChoreDone(done, 'return/chair', undefined)).toEqual(loan);
  });
});

describe('the record', () => {
  test('a mark a member and day; said again it changes', () => {
    const once = putComfort(trip, { memberId: 'ada', day: 2, comfort: 5, hurts: ['hips'] });
    const twice = putComfort(once, { memberId: 'ada', day: 2, comfort: 7, hurts: [] });
    expect(twice.comfort).toEqual([{ id: 'ada-day-2', memberId: 'ada', day: 2, comfort: 7, hurts: [] }]);
    expect(removeComfort(twice, 'ada', 2)).toEqual(trip);
  });
  test('weigh-ins are one a member', () => {
    const weighIn = { memberId: 'ada', measuredKg: 12, waterL: 1, checked: [] };
    const twice = putWeighIn(putWeighIn(trip, weighIn), { ...weighIn, measuredKg: 13 });
    expect(twice.weighIns.map((w) => w.measuredKg)).toEqual([13]);
    expect(removeWeighIn(twice, 'ada')).toEqual(trip);
  });
  test('fates of several at once; taken back they are gone; notes stay', () => {
    const noted: Trip = { ...trip, uses: [{ thingId: 'pot', fate: 'used', note: 'dented' }] };
    const said = setFates(noted, ['pot', 'tent'], 'unused');
    expect(said.uses).toEqual([
      { thingId: 'pot', fate: 'unused', note: 'dented' },
      { thingId: 'tent', fate: 'unused' },
    ]);
    expect(setFates(said, ['pot', 'tent'], undefined)).toEqual(trip);
  });
  test('whoever and whatever goes takes their record along', () => {
    const full = [
      (t: Trip) => setFates(t, ['bag', 'chair'], 'used'),
      (t: Trip) => putComfort(t, { memberId: 'ada', day: 1, comfort: 5, hurts: [] }),
      (t: Trip) => putWeighIn(t, { memberId: 'ada', measuredKg: 12, waterL: 1, checked: [] }),
      (t: Trip) => addEvent(t, { day: 1, moment: 'evening', kind: 'left', thingId: 'chair' }),
      (t: Trip) => addEvent(t, { day: 1, moment: 'evening', kind: 'well', memberId: 'ada' }),
      (t: Trip) => putContact(t, { id: 'c', memberId: 'ada', name: 'Aunt', relation: 'aunt', phone: '1' }),
      (t: Trip) => putMissed(t, { id: 'm', memberId: 'ada', name: 'Spoon' }),
    ].reduce((t, change) => change(t), trip);
    const noChair = removeThings(full, new Set(['chair']));
    expect(noChair.events.map((e) => e.kind)).toEqual(['well']);
    expect(noChair.uses.map((u) => u.thingId)).toEqual(['bag']);
    const noAda = removeMember(full, 'ada');
    expect(noAda).toMatchObject({ comfort: [], weighIns: [], contacts: [], missed: [] });
    expect(noAda.events.map((e) => e.kind)).toEqual(['left']);
    expect(noAda.uses.map((u) => u.thingId)).toEqual(['chair']);
  });
  test('a copy of a trip on which things changed hands is whole: no pack keeps a place for what it does not hold', () => {
    const placed: Trip = {
      ...handOver(trip, 2, [{ pieceId: 'tent', toMemberId: 'ben' }], 'tired'),
      stows: ['ada', 'ben'].map((memberId) => ({
        memberId,
        placements: [{ thingId: 'tent', zoneId: 'core', side: 'centre', pinned: false }],
      })),
    };
    expect(tripErrors(placed)).toEqual([]);
    const copy = duplicateTrip(placed, 'next', 'Next', '2028-05-10');
    expect(tripErrors(copy)).toEqual([]);
    expect(copy.stows.map((s) => s.placements.length)).toEqual([1, 0]);
  });
  test('a copy of the trip starts with an empty record, but knows whom to call', () => {
    const full: Trip = {
      ...setFates(putContact(trip, { id: 'c', name: 'Base', relation: 'base', phone: '1' }), ['pot'], 'used'),
      departure: departureOf(trip, '2027-05-10T08:00', 'Leader'),
      debriefedOn: '2027-05-20',
      leaveAfterTrips: 4,
    };
    const copy = duplicateTrip(full, 'next', 'Next', '2028-05-10');
    expect(copy).toMatchObject({ uses: [], contacts: full.contacts, leaveAfterTrips: 4 });
    expect(copy.departure).toBeUndefined();
    expect(copy.debriefedOn).toBeUndefined();
  });
});

describe('what later trips learn from', () => {
  const over = putMissed(
    putLeftover(
      putComfort(setFates(trip, ['chair', 'bag'], 'unused'), {
        memberId: 'ada',
        day: 2,
        comfort: 5,
        hurts: ['hips'],
      }),
      { groupId: 'cook', foodKg: 0.4, fuelKg: 0.08 },
    ),
    { id: 'm', name: 'Spoon' },
  );
  const record = tripRecord('t1', over);
  test('fates, missed, comfort with the load of the day, food and fuel', () => {
    expect(record.things).toEqual([
      { name: 'chair', libraryId: 'camp-chair', fate: 'unused' },
      { name: 'bag', memberName: 'ada', fate: 'unused' },
    ]);
    expect(record.missed).toEqual([{ name: 'Spoon' }]);
    expect(record.days).toEqual([
      expect.objectContaining({
        memberName: 'ada',
        date: '2027-05-11',
        distanceKm: 10,
        comfort: 5,
        hurts: ['hips'],
      }),
    ]);
    expect(record.food).toEqual({ personDays: 6, eatenKg: expect.closeTo(1.8, 9) as number });
    expect(record.fuel).toMatchObject({ personDays: 6, burntKg: expect.closeTo(0.15, 9) as number });
  });
  test('of strangers it says nothing; names are known however they are typed', () => {
    expect(recordFor(record, ['Somebody']).days).toEqual([]);
    expect(recordFor(record, ['Somebody']).things.map((t) => t.name)).toEqual(['chair']);
    expect(recordFor(record, [' ADA ']).days.length).toBe(1);
  });
  test('the library learns of each entry whether it was used, once however often the debrief is closed', () => {
    const chair = {
      kind: 'thing' as const,
      id: 'camp-chair',
      name: 'Camp chair',
      use: 'group' as const,
      worn: false,
      outings: [],
      thing: {
        massKg: 0.9,
        massEstimated: false,
        volumeL: 2,
        shape: { kind: 'pouch' as const },
        flags: [],
        needed: 'camp' as const,
        purpose: 'other' as const,
      },
    };
    const [edit] = outingEdits(over, [chair, ...starterLibrary()]);
    const outing = { date: '2027-05-10', trip: 'Small trip', style: over.style, used: false };
    expect(edit).toEqual({ kind: 'put', entry: { ...chair, outings: [outing] } });
    expect(outingEdits(over, [{ ...chair, outings: [outing] }])).toEqual([edit]);
    expect(outingEdits(trip, [chair])).toEqual([]);
  });
});

describe('planned and walked', () => {
  test('with a departure the plan is what left; the trip is what came of it', () => {
    const left: Trip = {
      ...trip,
      weighIns: [{ memberId: 'ada', measuredKg: 9.4, waterL: 1, checked: [] }],
    };
    const signed = { ...left, departure: departureOf(left, '2027-05-10T08:00', 'Leader') };
    const walked = handOver(
      addEvent(signed, { day: 3, moment: 'morning', kind: 'sentHome', thingId: 'tent' }),
      2,
      [{ pieceId: 'tent', toMemberId: 'ben' }],
      'tired',
    );
    const { members, handovers, events } = plannedActual(walked);
    const [ada, ben] = members;
    expect([handovers, events]).toEqual([1, 1]);
    const change = (m: typeof ada) =>
      m!.walkedKg.map((kg, i) => Math.round((kg - m!.plannedKg[i]!) * 1000) / 1000);
    expect(change(ada)).toEqual([0, -2, -2]);
    expect(change(ben)).toEqual([0, 2, 0]);
    expect(ada).toMatchObject({ measuredKg: 9.4, given: 1, taken: 0 });
    expect(ben).toMatchObject({ given: 0, taken: 1 });
    expect(ada!.plannedKgKm - ada!.walkedKgKm).toBeCloseTo(40, 9);
  });
  test('without one it is the plan of now, without what changed hands on the way', () => {
    const { departure, members } = plannedActual(
      handOver(trip, 2, [{ pieceId: 'tent', toMemberId: 'ben' }], 'tired'),
    );
    expect(departure).toBeUndefined();
    expect(members[0]!.plannedKg[1]! - members[0]!.walkedKg[1]!).toBeCloseTo(2, 9);
  });
});

test('something missed can be taken back', () =>
  expect(removeMissed(putMissed(trip, { id: 'm', name: 'Spoon' }), 'm')).toEqual(trip));
