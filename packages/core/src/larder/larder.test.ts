import fc from 'fast-check';
import { tripErrors } from '../formats/tripFile.js';
import { loadsOverTrip } from '../load/memberLoad.js';
import { massOnDayKg } from '../load/thingOnDay.js';
import { starterLibrary } from '../library/starterLibrary.js';
import { waterByDay } from '../route/waterStretches.js';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { assignPiece } from '../trip/changes.js';
import { DEFAULT_LARDER, type Dish, type Meal } from '../trip/larderModel.js';
import type { Trip } from '../trip/model.js';
import { allPieces } from '../trip/queries.js';
import { energyByDay } from './energy.js';
import { foodMass } from './foodMass.js';
import { fuelPlan } from './fuelPlan.js';
import { landLarder, settleLarder } from './landLarder.js';
import { potBatches, snackG } from './mealPlan.js';
import { snackStretches } from './ownFood.js';
import { addMeal, copyMeals, fillMeals, putPickup, takeLightestCanisters } from './planMeals.js';
import { scentedNights } from './scented.js';
import { campWater, hasTreatment, treatmentByDay, waterByMember } from './waterPlan.js';
import { runs } from '../testing/runs.js';

const DINNER: Dish = {
  name: 'Stew',
  form: 'dried',
  gPerServing: 150,
  kcalPerServing: 600,
  packagingG: 10,
  volumeL: 0.4,
  boilL: 0.5,
  potL: 0.6,
};
const BREAKFAST: Dish = {
  ...DINNER,
  name: 'Oats',
  gPerServing: 100,
  kcalPerServing: 400,
  packagingG: 5,
  volumeL: 0.2,
  boilL: 0.25,
  potL: 0.4,
};
const LUNCH: Dish = {
  ...DINNER,
  name: 'Bread',
  gPerServing: 140,
  kcalPerServing: 550,
  packagingG: 4,
  volumeL: 0.3,
  boilL: 0,
  potL: 0,
};

/** Three days; two of the three members cook together. */
function party(more: Partial<Trip> = {}): Trip {
  const base = aTrip([aMember('a'), aMember('b'), aMember('c')], [], [], 3);
  return {
    ...base,
    groups: [
      { id: 'north', name: 'North', kind: 'cook', potL: 1 },
      { id: 'south', name: 'South', kind: 'cook' },
    ],
    members: base.members.map((m, i) => ({ ...m, cookGroupId: i < 2 ? 'north' : 'south' })),
    larder: { ...DEFAULT_LARDER, hotDrinkL: 0 },
    ...more,
  };
}
const meal = (day: number, kind: Meal['kind'], dish: Dish): Omit<Meal, 'id'> => ({
  day,
  kind,
  groupId: 'north',
  dish,
});
const withMeals = (trip: Trip, ...meals: readonly Omit<Meal, 'id'>[]): Trip =>
  meals.reduce((t, m) => addMeal(t, m.groupId, m.day, m.kind, m.dish), trip);
const full = (trip: Trip): Trip =>
  withMeals(
    trip,
    meal(1, 'lunch', LUNCH),
    meal(1, 'dinner', DINNER),
    meal(2, 'breakfast', BREAKFAST),
    meal(2, 'lunch', LUNCH),
    meal(2, 'dinner', DINNER),
    meal(3, 'breakfast', BREAKFAST),
    meal(3, 'lunch', LUNCH),
  );
const onDays = (trip: Trip, id: string): number[] => {
  const thing = [...allPieces(trip), ...trip.personalThings].find((t) => t.id === id)!;
  return trip.legs.map((leg, i) => Number(massOnDayKg(thing, i + 1, leg).toFixed(4)));
};

describe('food lands as pieces and personal things', () => {
  test('a parcel a day: dinner and next breakfast together, packaging left after it is eaten', () => {
    const trip = landLarder(full(party()));
    const food = trip.kits.find((k) => k.name === 'Food, North')!;
    // Two eaters: 2 × (150 + 10 + 100 + 5) g, of which 30 g are packaging.
    expect(food.pieces.map((p) => [p.name, p.massKg, p.volumeL, p.onlyGroupId])).toEqual([
      ['Food parcel 1: dinner 1, breakfast 2', 0.53, 1.2, 'north'],
      ['Food parcel 2: dinner 2, breakfast 3', 0.53, 1.2, 'north'],
    ]);
    expect(onDays(trip, food.pieces[0]!.id)).toEqual([0.53, 0.03, 0.03]);
    expect(onDays(trip, food.pieces[1]!.id)).toEqual([0.53, 0.53, 0.03]);
    expect(trip.kits.some((k) => k.name === 'Food, South')).toBe(false);
  });
  test('lunches of one dish are one thing with their eater, eaten day by day', () => {
    const trip = landLarder(full(party()));
    const lunches = trip.personalThings.filter((t) => t.purpose === 'food');
    expect(lunches.map((t) => [t.memberId, t.name, t.massKg])).toEqual([
      ['a', 'Lunches, days 1–3: Bread', 0.432],
      ['b', 'Lunches, days 1–3: Bread', 0.432],
    ]);
    expect(onDays(trip, lunches[0]!.id)).toEqual([0.432, 0.292, 0.152]);
  });
  test('a parcel a meal, and a spare day carried to the end', () => {
    const trip = landLarder(full(party({ larder: { ...DEFAULT_LARDER, parcels: 'meal', spareDay: true } })));
    const food = trip.kits.find((k) => k.name === 'Food, North')!;
    expect(food.pieces.map((p) => p.name)).toEqual([
      'Day 1 dinner: Stew',
      'Day 2 breakfast: Oats',
      'Day 2 dinner: Stew',
      'Day 3 breakfast: Oats',
      'Spare day: dinner and breakfast',
    ]);
    expect(onDays(trip, food.pieces[4]!.id)).toEqual([0.53, 0.53, 0.53]);
    expect(trip.personalThings.filter((t) => t.name === 'Spare day: lunch')).toHaveLength(2);
  });
  test('the first breakfast is eaten before anything is carried, and still counts as energy', () => {
    const trip = landLarder(withMeals(party(), meal(1, 'breakfast', BREAKFAST)));
    expect(allPieces(trip)).toEqual([]);
    expect(energyByDay(trip, trip.members[0]!)[0]!.mealsKcal.breakfast).toBe(400);
  });
  test('a pick-up on day 2 brings that day’s dinner; its lunch is carried in, packaging stays there', () => {
    const trip = landLarder(
      putPickup(full(party()), {
        id: 'boat',
        day: 2,
        kind: 'resupply',
        name: 'Boat',
        fuel: false,
        takesWaste: true,
      }),
    );
    const [first, second] = trip.kits.find((k) => k.name === 'Food, North')!.pieces;
    expect(onDays(trip, first!.id)).toEqual([0.53, 0.03, 0]);
    expect(onDays(trip, second!.id)).toEqual([0, 0.53, 0.03]);
    const lunches = trip.personalThings.filter((t) => t.memberId === 'a');
    expect(lunches.map((t) => [t.name, onDays(trip, t.id)])).toEqual([
      ['Lunch, day 1: Bread', [0.144, 0.004, 0]],
      ['Lunch, day 2: Bread', [0.144, 0.144, 0.004]],
      ['Lunch, day 3: Bread', [0, 0.144, 0.144]],
    ]);
  });
  test('snacks: some in the pocket, the rest for stops, never more than the cap', () => {
    const trip = party({ larder: { ...DEFAULT_LARDER, snackGPerDay: 200, snackCapKg: 0.5 } });
    expect(snackStretches(trip, trip.members[0]!)).toEqual([
      { fromDay: 1, toDay: 3, massKg: 0.5, cutKg: 0.1 },
    ]);
    const own = landLarder(trip).personalThings.filter((t) => t.memberId === 'a');
    expect(own.map((t) => [t.needed, t.massKg])).toEqual([
      ['walking', 0.125],
      ['stop', 0.375],
    ]);
    const little = { ...trip.members[0]!, snackGPerDay: 0 };
    expect(snackG(trip.larder, little)).toBe(0);
    expect(snackStretches(trip, little)).toEqual([]);
  });
  test('every member’s day-1 load grows by just what they carry of it', () => {
    const before = party();
    const planned = landLarder(full({ ...before, larder: { ...before.larder, snackGPerDay: 100 } }));
    const shared = assignPiece(planned, 'larder-food-north-1', 'a');
    const load = (trip: Trip, i: number): number => loadsOverTrip(trip, trip.members[i]!)[0]!.totalKg;
    expect(load(shared, 0) - load(before, 0)).toBeCloseTo(0.53 + 0.432 + 0.3, 9);
    expect(load(shared, 1) - load(before, 1)).toBeCloseTo(0.432 + 0.3, 9);
    expect(load(shared, 2) - load(before, 2)).toBeCloseTo(0.3, 9);
  });
});

describe('landing again', () => {
  test('keeps who carries what, and what the leader said of a parcel', () => {
    const shared = assignPiece(landLarder(full(party())), 'larder-food-north-2', 'b');
    const open: Trip = {
      ...shared,
      kits: shared.kits.map((k) => ({ ...k, pieces: k.pieces.map(({ onlyGroupId: _group, ...p }) => p) })),
    };
    const next = settleLarder(open, addMeal(open, 'north', 3, 'dinner', DINNER));
    expect(next.share).toEqual(open.share);
    expect(allPieces(next).map((p) => p.onlyGroupId)).toEqual([undefined, undefined, 'north']);
  });
  test('takes away what is planned no more, out of share and stows', () => {
    const shared = assignPiece(landLarder(full(party())), 'larder-food-north-2', 'b');
    const next = settleLarder(shared, { ...shared, meals: [] });
    expect(allPieces(next)).toEqual([]);
    expect(next.kits.map((k) => k.id)).toEqual(['kit']);
    expect(next.share).toEqual([]);
    expect(next.personalThings).toEqual([]);
  });
  test('a change that has nothing to do with it changes nothing', () => {
    const trip = landLarder(full(party()));
    const renamed = { ...trip, name: 'Other' };
    expect(settleLarder(trip, renamed)).toBe(renamed);
    expect(landLarder(trip)).toBe(trip);
  });
  test('things that a leader put into a larder kit by hand stay', () => {
    const trip = landLarder(full(party()));
    const own: Trip = {
      ...trip,
      kits: trip.kits.map((k) => ({ ...k, pieces: [...k.pieces, aThing('salt')] })),
    };
    expect(allPieces(landLarder({ ...own, meals: own.meals.slice(1) })).some((p) => p.id === 'salt')).toBe(
      true,
    );
  });
  test('property: it lands a valid trip, lands once, and loses no gram of food', () => {
    fc.assert(
      fc.property(arbitraryTrip(), (random) => {
        const trip = landLarder(random);
        expect(tripErrors(trip)).toEqual([]);
        expect(landLarder(trip)).toEqual(trip);
        const plain = { ...random, larder: { ...random.larder, spareDay: false, snackCapKg: 10 } };
        const landed = landLarder(plain);
        const foodKg = [...allPieces(landed), ...landed.personalThings]
          .filter((t) => t.madeBy === 'larder' && (t.purpose === 'food' || t.purpose === 'snack'))
          .reduce((sum, t) => sum + t.massKg, 0);
        const everybodyEats =
          plain.members.every((m) => m.cookGroupId !== undefined) || plain.meals.length === 0;
        if (everybodyEats) expect(foodKg).toBeCloseTo(foodMass(plain).totalKg, 2);
      }),
      { seed: 4, numRuns: runs(150) },
    );
  });
});

describe('fuel', () => {
  test('litres by day: dinner of the day and breakfast of the next morning, by hand', () => {
    const trip = full(party());
    const plan = fuelPlan(trip, trip.groups[0]!);
    // Two eaters: 2 × (0.5 + 0.25) L on days 1 and 2.
    expect(plan.days.map((d) => d.litres)).toEqual([1.5, 1.5, 0]);
    expect(plan.wantedKg).toBeCloseTo(plan.needKg * 1.15, 12);
  });
  test('canisters burn one after another; steel and what is left stay', () => {
    const trip = full(party());
    const need = fuelPlan(trip, trip.groups[0]!).needKg;
    const canisters = [
      { id: 'c1', groupId: 'north', name: 'Old one', netKg: 0.1, tareKg: 0.1, grossKg: 0.1 + need / 4 },
      { id: 'c2', groupId: 'north', name: 'New one', netKg: 0.23, tareKg: 0.15 },
    ];
    const landed = landLarder({ ...trip, canisters });
    const [old, fresh] = landed.kits.find((k) => k.name === 'Fuel, North')!.pieces;
    expect(old).toMatchObject({
      massEstimated: false,
      consumption: { fromDay: 1, toDay: 1, residueKg: 0.1 },
    });
    expect(fresh!.consumption).toMatchObject({ fromDay: 1, toDay: 2 });
    expect(fresh!.consumption!.residueKg).toBeCloseTo(0.38 - need * 0.75, 3);
  });
  test('the lightest canisters hold need and reserve; weighed ones are used first', () => {
    const trip = full(
      party({
        canisters: [{ id: 'part', groupId: 'north', name: 'Part', netKg: 0.23, tareKg: 0.15, grossKg: 0.17 }],
      }),
    );
    const taken = takeLightestCanisters(trip, trip.groups[0]!);
    const plan = fuelPlan(taken, trip.groups[0]!);
    expect(plan.carriedKg).toBeGreaterThanOrEqual(plan.wantedKg);
    expect(taken.canisters[0]!.id).toBe('part');
  });
  test('boiling the drinking water is counted', () => {
    const dry = full(party());
    const trip = { ...dry, legs: dry.legs.map((leg) => ({ ...leg, waterL: 1 })) };
    const boil = { ...trip, larder: { ...trip.larder, treatment: 'boil' as const } };
    // Two people with 1 L each on each of three days.
    expect(fuelPlan(boil, trip.groups[0]!).litres - fuelPlan(trip, trip.groups[0]!).litres).toBeCloseTo(6, 9);
  });
});

describe('pots', () => {
  test('1.2 L for two in a 1 L pot filled to 0.8 L are two batches; without a pot nobody knows', () => {
    const trip = full(party());
    const [first] = potBatches(trip, trip.groups[0]!).filter((b) => b.meal.kind === 'dinner');
    expect(first).toMatchObject({ servings: 2, litres: 1.2, batches: 2 });
    const { potL: _pot, ...unknown } = trip.groups[0]!;
    expect(potBatches(trip, unknown)[0]!.batches).toBeUndefined();
  });
});

describe('food by mass', () => {
  test('a full day is a mean breakfast, lunch, dinner and the snacks', () => {
    const trip = full(party({ larder: { ...DEFAULT_LARDER, snackGPerDay: 150 } }));
    const mass = foodMass(trip);
    expect(mass.fullDayKg).toBeCloseTo(0.105 + 0.144 + 0.16 + 0.15, 9);
    expect(mass.verdict).toBe('little');
    expect(mass.packagingKg).toBeCloseTo((2 * (2 * 10 + 2 * 5 + 3 * 4)) / 1000, 9);
  });
  test('nothing planned is nothing, and says which meals are missing', () => {
    expect(foodMass(party())).toMatchObject({
      fullDayKg: 0,
      verdict: 'none',
      without: ['breakfast', 'lunch', 'dinner'],
      kcalPerG: 0,
    });
  });
});

describe('planning meals', () => {
  const dishes = starterLibrary().flatMap((e) => (e.kind === 'dish' && e.dish.form === 'dried' ? [e] : []));
  test('fills what is usual and empty, in turn, another first for each group', () => {
    const begun = withMeals(party(), meal(1, 'dinner', DINNER));
    const trip = fillMeals(begun, dishes);
    const of = (group: string, kind: string) =>
      trip.meals.filter((m) => m.groupId === group && m.kind === kind).sort((a, b) => a.day - b.day);
    expect(of('north', 'breakfast').map((m) => m.day)).toEqual([2, 3]);
    expect(of('north', 'lunch').map((m) => m.day)).toEqual([1, 2, 3]);
    expect(of('north', 'dinner').map((m) => [m.day, m.dish.name === 'Stew'])).toEqual([
      [1, true],
      [2, false],
    ]);
    expect(of('north', 'lunch')[0]!.dish.name).not.toBe(of('south', 'lunch')[0]!.dish.name);
    expect(tripErrors(landLarder(trip))).toEqual([]);
  });
  test('one group’s meals for another', () => {
    const trip = copyMeals(full(party()), 'north', 'south');
    const plan = (group: string) =>
      trip.meals.filter((m) => m.groupId === group).map((m) => [m.day, m.kind, m.dish.name]);
    expect(plan('south')).toEqual(plan('north'));
  });
});

describe('water', () => {
  const dryCamp = (trip: Trip): Trip => ({
    ...trip,
    legs: trip.legs.map((leg, i) => ({ ...leg, waterL: 1.5, campWaterL: i === 1 ? 1 : 0 })),
    larder: { ...trip.larder, cookWaterPieces: true },
  });
  test('the driest day against each one’s own containers', () => {
    const trip: Trip = {
      ...dryCamp(party()),
      personalThings: [
        { ...aThing('bottle', { waterCapacityL: 1 }), memberId: 'a', worn: false },
        { ...aThing('sac', { waterCapacityL: 2 }), memberId: 'a', worn: false },
      ],
    };
    const [a, b] = waterByMember(trip);
    // Of three people 4.5 L on the first day, 7.5 on the second: hers hold three, the rest is with the two who have nothing.
    expect(a).toMatchObject({ day: 1, needL: expect.closeTo(3, 9) as number, capacityL: 3 });
    expect(a!.containers).toHaveLength(2);
    expect(b).toMatchObject({ day: 2, needL: expect.closeTo(2.25, 9) as number, capacityL: 0 });
  });
  test('cooking water of a dry camp lands in bags of at most 2 L, on that day only', () => {
    const trip = landLarder(dryCamp(full(party())));
    const bags = trip.kits.find((k) => k.name === 'Cooking water, North')!.pieces;
    // Two people at 2 L are more than the 1.5 L that are boiled.
    expect(bags.map((p) => p.massKg)).toEqual([2, 2]);
    expect(onDays(trip, bags[0]!.id)).toEqual([0, 2, 0]);
    expect(campWater(trip).map((c) => [c.groupId, c.needL, c.capacityL])).toEqual([
      ['north', 4, 0],
      ['south', 2, 0],
    ]);
  });
  test('a warm day asks for more: at 30 °C half as much again', () => {
    const legs = party().legs.map((leg) => ({ ...leg, hours: 4, distanceKm: 12 }));
    const cool = party({ legs });
    const weather = ['2027-05-10', '2027-05-11'].map((id, i) => ({
      id,
      dayC: i === 0 ? 30 : 12,
      nightC: 5,
      rainChance: 0,
      windKmh: 5,
      byLeader: [],
    }));
    expect(waterByDay(cool).map((d) => d.waterL)).toEqual([2, 2, 2]);
    expect(waterByDay({ ...cool, startDate: '2027-05-10', weather }).map((d) => d.waterL)).toEqual([3, 2, 2]);
  });
  test('treatment takes its time and needs its device', () => {
    const trip = dryCamp(party());
    expect(treatmentByDay(trip).map((d) => d.minutes)).toEqual([4.5, 7.5, 4.5]);
    expect(hasTreatment(trip)).toBe(false);
    expect(
      hasTreatment({ ...trip, kits: [{ id: 'k', name: 'k', pieces: [aThing('f', { purpose: 'filter' })] }] }),
    ).toBe(true);
  });
});

test('scented things by night: what is left after dinner, against containers', () => {
  const trip = landLarder(full(party()));
  const boxed: Trip = {
    ...trip,
    kits: [
      ...trip.kits,
      {
        id: 'box',
        name: 'Box',
        pieces: [aThing('box', { foodCapacityL: 9, purpose: 'foodContainer', volumeL: 11 })],
      },
    ],
  };
  const nights = scentedNights(boxed);
  expect(nights.map((n) => n.night)).toEqual([1, 2]);
  // Two eaters. After dinner 1: breakfast 2 in its parcel with all its packaging, parcel 2, lunches of days 2 and 3.
  const parcel = { breakfastKg: 0.2, packagingKg: 0.03 };
  expect(nights[0]!.massKg).toBeCloseTo(parcel.breakfastKg + parcel.packagingKg + 0.53 + 2 * 0.292, 3);
  expect(nights[0]!.capacityL).toBe(9);
  expect(nights[0]!.volumeL).toBeGreaterThan(nights[1]!.volumeL);
  // A parcel that was burnt or carried out whole is not in the round any more; the container is no scented thing.
  const round = (night: number): readonly string[] =>
    nights[night - 1]!.things.map(({ thing }) => thing.name);
  expect(round(1)).toEqual(
    expect.arrayContaining([
      expect.stringContaining('Food parcel 1'),
      expect.stringContaining('Food parcel 2'),
    ]),
  );
  expect(round(1)).not.toContain('Box');
});
test('property: a night holds no more than the party carries into it, and its round is who has what', () => {
  fc.assert(
    fc.property(arbitraryTrip(), (random) => {
      const trip = landLarder(random);
      const nights = scentedNights(trip);
      expect(nights).toHaveLength(trip.legs.length - 1);
      const heaviestKg = allPieces(trip)
        .concat(trip.personalThings as never)
        .reduce((sum, t) => sum + t.massKg, 0);
      for (const night of nights) {
        expect(night.massKg).toBeGreaterThanOrEqual(0);
        expect(night.massKg).toBeLessThanOrEqual(heaviestKg + 1e-9);
        expect(night.volumeL).toBeGreaterThanOrEqual(0);
        for (const { thing, memberId } of night.things) {
          expect((thing.fromDay ?? 1) <= night.night && night.night <= (thing.toDay ?? Infinity)).toBe(true);
          if ('memberId' in thing) expect(memberId).toBe(thing.memberId);
        }
      }
    }),
    { seed: 8, numRuns: runs(60) },
  );
});
test('what is eaten up without a trace leaves the evening’s round', () => {
  const bare = { ...DINNER, packagingG: 0 };
  const trip = landLarder(withMeals(party(), meal(1, 'dinner', bare), meal(2, 'dinner', bare)));
  const nights = scentedNights(trip);
  expect(nights.map((n) => n.things.map(({ thing }) => thing.name))).toEqual([
    ['Food parcel 2: dinner 2'],
    [],
  ]);
  expect(nights.map((n) => [n.massKg, n.volumeL])).toEqual([
    [0.3, 0.8],
    [0, 0],
  ]);
});
