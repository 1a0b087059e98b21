import fc from 'fast-check';
import { landLarder } from '../larder/landLarder.js';
import { dayLoad, loadsOverTrip } from '../load/memberLoad.js';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { Meal } from '../trip/larderModel.js';
import type { Trip } from '../trip/model.js';
import { replaceShare } from '../trip/changes.js';
import { addEvent, removeEvent } from '../debrief/recordChanges.js';
import { allPieces } from '../trip/queries.js';
import type { TripEvent } from '../trip/recordModel.js';
import { asWalked, boughtThings, mealCarriers, uneatenMeals, withEvents } from './asWalked.js';
import { runs } from '../testing/runs.js';

/** Two people of 80 kg for four days: Ada carries the tent, Ben the food that is eaten evenly. */
const plan: Trip = {
  ...aTrip(
    [aMember('ada', { bodyMassKg: 80 }), aMember('ben', { bodyMassKg: 80 })],
    [
      aThing('tent', { massKg: 2 }),
      aThing('fly', { massKg: 1, wetFactor: 1.3 }),
      aThing('gas', {
        massKg: 0.4,
        purpose: 'fuel',
        consumption: { fromDay: 1, toDay: 4, residueKg: 0.2 },
      }),
    ],
    [],
    4,
  ),
  share: [
    { pieceId: 'tent', memberId: 'ada', locked: false },
    { pieceId: 'fly', memberId: 'ada', locked: false },
    { pieceId: 'gas', memberId: 'ben', locked: false },
  ],
};
const PACK_KG = plan.packs[0]!.tareKg;
const kg = (trip: Trip, id: string): readonly number[] =>
  loadsOverTrip(
    asWalked(trip),
    asWalked(trip).members.find((m) => m.id === id)!,
  ).map((l) => Math.round((l.totalKg - (l.packKg > 0 ? PACK_KG : 0)) * 1000) / 1000);
const limits = (trip: Trip, id: string): readonly number[] =>
  loadsOverTrip(
    asWalked(trip),
    asWalked(trip).members.find((m) => m.id === id)!,
  ).map((l) => l.limitKg);
const after = (...events: readonly Omit<TripEvent, 'id'>[]): Trip =>
  events.reduce((t, e) => addEvent(t, e), plan);
const morning = (day: number) => ({ day, moment: 'morning' as const });
const evening = (day: number) => ({ day, moment: 'evening' as const });

describe('what happens on the way', () => {
  test('a trip without events is just the plan', () => {
    expect(asWalked(plan)).toBe(plan);
    expect(withEvents(plan)).toBe(plan);
  });
  test('hurt on the morning of day 2, by half: 16 kg, then 8 on all days after', () => {
    const trip = after({ ...morning(2), kind: 'hurt', memberId: 'ada', factor: 0.5 });
    expect(limits(trip, 'ada')).toEqual([16, 8, 8, 8]);
    expect(limits(trip, 'ben')).toEqual([16, 16, 16, 16]);
    expect(plan.members[0]!.conditions).toEqual([]);
  });
  test('hurt in the evening counts from the next day, a second word takes the place of the first, well ends it', () => {
    const trip = after(
      { ...evening(1), kind: 'hurt', memberId: 'ada', factor: 0.5 },
      { ...morning(3), kind: 'tired', memberId: 'ada', factor: 0.75 },
      { ...morning(4), kind: 'well', memberId: 'ada' },
    );
    expect(limits(trip, 'ada')).toEqual([16, 8, 12, 16]);
  });
  test('events count by day, whatever the order in which they were noted', () => {
    const trip = after(
      { ...morning(4), kind: 'well', memberId: 'ada' },
      { ...morning(2), kind: 'hurt', memberId: 'ada', factor: 0.5 },
    );
    expect(limits(trip, 'ada')).toEqual([16, 8, 8, 16]);
  });
  test('whoever has gone took pack and water along; what is the group’s counts until it is handed over', () => {
    const trip = after({ ...morning(3), kind: 'gone', memberId: 'ada' });
    expect(asWalked(trip).members[0]!.lastDay).toBe(2);
    expect(loadsOverTrip(asWalked(trip), asWalked(trip).members[0]!).map((l) => l.packKg > 0)).toEqual([
      true,
      true,
      false,
      false,
    ]);
    expect(kg(trip, 'ada')).toEqual([3, 3, 3, 3]);
    expect(asWalked(after({ ...evening(3), kind: 'gone', memberId: 'ada' })).members[0]!.lastDay).toBe(3);
  });
  test('what was left in the morning was not carried that day, in the evening it was', () => {
    expect(kg(after({ ...morning(2), kind: 'left', thingId: 'tent' }), 'ada')).toEqual([3, 1, 1, 1]);
    expect(kg(after({ ...evening(2), kind: 'sentHome', thingId: 'tent' }), 'ada')).toEqual([3, 3, 1, 1]);
  });
  test('what is broken is carried all the same', () =>
    expect(kg(after({ ...morning(2), kind: 'broken', thingId: 'tent' }), 'ada')).toEqual([3, 3, 3, 3]));
  test('a wet fly weighs 1.3 times as much, that day', () =>
    expect(kg(after({ ...morning(3), kind: 'wetFly' }), 'ada')).toEqual([3, 3, 3.3, 3]));
  test('an empty canister is steel: 0.4 → 0.35, then 0.2', () => {
    expect(kg(plan, 'ben')).toEqual([0.4, 0.35, 0.3, 0.25]);
    expect(kg(after({ ...evening(2), kind: 'canisterEmpty', thingId: 'gas' }), 'ben')).toEqual([
      0.4, 0.3, 0.2, 0.2,
    ]);
    expect(kg(after({ ...morning(1), kind: 'canisterEmpty', thingId: 'gas' }), 'ben')).toEqual([
      0.2, 0.2, 0.2, 0.2,
    ]);
  });
  test('water is what each set off with, the last that was said; a dry camp keeps its part of it', () => {
    const dry = { ...plan, legs: plan.legs.map((l) => ({ ...l, waterL: 1, campWaterL: 2 })) };
    const trip = addEvent(addEvent(dry, { ...morning(2), kind: 'water', litres: 1.5 }), {
      ...morning(3),
      kind: 'water',
      litres: 4.5,
    });
    expect(kg(trip, 'ada')).toEqual([6, 4.5, 7.5, 6]);
    expect(asWalked(trip).legs.map((l) => [l.waterL, l.campWaterL])).toEqual([
      [1, 2],
      [0, 1.5],
      [2.5, 2],
      [1, 2],
    ]);
  });
  test('what was bought joins its buyer’s pack', () => {
    const trip = after({ ...evening(2), kind: 'bought', memberId: 'ben', name: 'Cheese', massKg: 0.5 });
    expect(kg(trip, 'ben')).toEqual([0.4, 0.35, 0.8, 0.75]);
    expect(boughtThings(trip).map((t) => t.name)).toEqual(['Cheese']);
    // Shares and stows are planned for what the plan has.
    expect(withEvents(trip).personalThings).toEqual([]);
  });
  test('an event that is taken back leaves no trace', () => {
    const trip = after({ ...morning(2), kind: 'gone', memberId: 'ada' });
    expect(removeEvent(trip, trip.events[0]!.id)).toEqual(plan);
  });
});

describe('meals', () => {
  const dish = {
    name: 'Stew',
    form: 'dried' as const,
    gPerServing: 150,
    kcalPerServing: 600,
    packagingG: 10,
    volumeL: 0.4,
    boilL: 0.4,
    potL: 0.5,
  };
  const meal = (day: number, kind: Meal['kind']): Meal => ({
    id: `${kind}-${day}`,
    day,
    kind,
    groupId: 'cook',
    dish,
  });
  const fed = ((): Trip => {
    const trip = landLarder({
      ...plan,
      groups: [{ id: 'cook', name: 'Cook', kind: 'cook' }],
      members: plan.members.map((m) => ({ ...m, cookGroupId: 'cook' })),
      meals: [1, 2, 3].flatMap((d) => [meal(d, 'dinner'), meal(d + 1, 'breakfast'), meal(d, 'lunch')]),
    });
    const food = allPieces(trip).filter((p) => p.madeBy === 'larder');
    return replaceShare(trip, [
      ...plan.share,
      ...food.map((p) => ({ pieceId: p.id, memberId: 'ben', locked: false })),
    ]);
  })();

  test('a dinner that was not eaten is carried on by whoever had it, two servings of 150 g without packaging', () => {
    const trip = addEvent(fed, { ...evening(2), kind: 'notEaten', mealId: 'dinner-2' });
    expect(mealCarriers(trip, meal(2, 'dinner'))).toEqual(['ben']);
    expect(kg(trip, 'ben').map((x, i) => Math.round((x - kg(fed, 'ben')[i]!) * 1000))).toEqual([
      0, 0, 300, 300,
    ]);
    expect(kg(trip, 'ada')).toEqual(kg(fed, 'ada'));
  });
  test('a breakfast that was not eaten is in the pack that same morning; eaten after all, it is gone the day after', () => {
    const skipped = addEvent(fed, { ...morning(2), kind: 'notEaten', mealId: 'breakfast-2' });
    const extra = (trip: Trip): readonly number[] =>
      kg(trip, 'ben').map((x, i) => Math.round((x - kg(fed, 'ben')[i]!) * 1000));
    expect(extra(skipped)).toEqual([0, 300, 300, 300]);
    const eaten = addEvent(skipped, { ...evening(3), kind: 'eatenLater', mealId: 'breakfast-2' });
    expect(extra(eaten)).toEqual([0, 300, 300, 0]);
    expect(uneatenMeals(eaten)).toEqual([
      { meal: expect.objectContaining({ id: 'breakfast-2' }) as Meal, massKg: 0.3, fromDay: 2, toDay: 3 },
    ]);
  });
  test('a lunch that was not eaten stays with each eater', () => {
    const trip = addEvent(fed, { ...evening(1), kind: 'notEaten', mealId: 'lunch-1' });
    for (const id of ['ada', 'ben'])
      expect(kg(trip, id).map((x, i) => Math.round((x - kg(fed, id)[i]!) * 1000))).toEqual([
        0, 150, 150, 150,
      ]);
  });
  test('a meal that is planned no more says nothing', () => {
    const trip = addEvent(fed, { ...evening(1), kind: 'notEaten', mealId: 'dinner-9' });
    expect(kg(trip, 'ben')).toEqual(kg(fed, 'ben'));
  });
});

describe('conservation', () => {
  /** A dry day of everything the party has, without people's own water. */
  const partyKg = (trip: Trip, day: number): number =>
    trip.members.reduce((sum, m) => {
      const load = dayLoad(trip, m, day);
      return sum + load.personalKg + load.groupKg;
    }, 0);

  test('people who are hurt, tired, ill or well, and water, change no kilogram of what is carried', () => {
    fc.assert(
      fc.property(
        arbitraryTrip({ members: { min: 1, max: 4 }, handovers: 3 }),
        fc.array(
          fc.record({
            kind: fc.constantFrom('hurt' as const, 'tired' as const, 'ill' as const, 'well' as const),
            day: fc.integer({ min: 1, max: 3 }),
            moment: fc.constantFrom('morning' as const, 'evening' as const),
            who: fc.nat(),
          }),
          { maxLength: 6 },
        ),
        (random, happened) => {
          const base: Trip = { ...random, events: [] };
          const trip = happened.reduce((t, { who, kind, day, moment }) => {
            const memberId = base.members[who % base.members.length]!.id;
            return addEvent(t, {
              kind,
              moment,
              day: Math.min(day, base.legs.length),
              memberId,
              ...(kind === 'well' ? {} : { factor: 0.5 }),
            });
          }, base);
          base.legs.forEach((_leg, i) =>
            expect(partyKg(asWalked(trip), i + 1)).toBeCloseTo(partyKg(base, i + 1), 9),
          );
        },
      ),
      { numRuns: runs(60) },
    );
  });
  test('what is left takes just its own mass away, on all days from then on, and nothing else moves', () => {
    fc.assert(
      fc.property(
        arbitraryTrip({ members: { min: 1, max: 3 }, pieces: { min: 1, max: 5 }, handovers: 2 }),
        fc.nat(),
        fc.integer({ min: 1, max: 3 }),
        (random, which, day) => {
          const base: Trip = { ...random, events: [] };
          const piece = allPieces(base)[which % allPieces(base).length]!;
          const from = Math.min(day, base.legs.length);
          const trip = addEvent(base, { kind: 'left', day: from, moment: 'morning', thingId: piece.id });
          const without: Trip = {
            ...base,
            kits: base.kits.map((k) => ({ ...k, pieces: k.pieces.filter((p) => p.id !== piece.id) })),
          };
          base.legs.forEach((_leg, i) =>
            expect(partyKg(asWalked(trip), i + 1)).toBeCloseTo(
              partyKg(i + 1 < from ? base : without, i + 1),
              9,
            ),
          );
        },
      ),
      { numRuns: runs(60) },
    );
  });
});
