/** The larder through changes of the trip around it: days, groups, members, copies. */
import { tripErrors } from '../formats/tripFile.js';
import { aMember, aTrip } from '../testing/smallTrip.js';
import { removeMember } from '../trip/changes.js';
import { duplicateTrip } from '../trip/duplicateTrip.js';
import { DEFAULT_LARDER, type Dish } from '../trip/larderModel.js';
import { insertDay, removeDay } from '../route/legChanges.js';
import type { Trip } from '../trip/model.js';
import { removeGroup } from '../trip/partyChanges.js';
import { allPieces } from '../trip/queries.js';
import { isShortOfFuel } from './fuelPlan.js';
import { landLarder, settleLarder } from './landLarder.js';
import {
  addCanister,
  addMeal,
  checkedPickups,
  putCanister,
  putMeal,
  putPickup,
  removeCanister,
  removeMeal,
  removePickup,
  suggestedPickups,
} from './planMeals.js';

const STEW: Dish = {
  name: 'Stew',
  form: 'dried',
  gPerServing: 150,
  kcalPerServing: 600,
  packagingG: 10,
  volumeL: 0.4,
  boilL: 0.5,
  potL: 0.6,
};
const GAS = { name: 'Gas', netKg: 0.1, tareKg: 0.095 };

/** Four days, two cook groups of one, a dinner for each on days 1 to 3, a boat on day 3. */
const trip: Trip = (() => {
  const base = aTrip([aMember('a'), aMember('b')], [], [], 4);
  const groups = ['north', 'south'].map((id) => ({ id, name: id, kind: 'cook' as const }));
  const grouped: Trip = {
    ...base,
    larder: { ...DEFAULT_LARDER, hotDrinkL: 0, snackGPerDay: 100 },
    groups,
    members: base.members.map((m, i) => ({ ...m, cookGroupId: groups[i]!.id })),
  };
  const planned = groups.reduce(
    (t, g) =>
      [1, 2, 3].reduce((next, day) => addMeal(next, g.id, day, 'dinner', STEW), addCanister(t, g, GAS)),
    grouped,
  );
  return landLarder(
    putPickup(planned, {
      id: 'boat',
      day: 3,
      kind: 'resupply',
      name: 'Boat',
      fuel: false,
      takesWaste: false,
    }),
  );
})();
const names = (t: Trip): readonly string[] =>
  allPieces(t).map((p) => `${p.id} ${p.consumption?.fromDay ?? ''}`.trim());

describe('days', () => {
  test('a day put in moves meals and pick-ups behind it along', () => {
    const longer = settleLarder(trip, insertDay(trip, 1));
    expect(longer.meals.filter((m) => m.groupId === 'north').map((m) => m.day)).toEqual([1, 3, 4]);
    expect(longer.pickups[0]!.day).toBe(4);
    expect(names(longer)).toContain('larder-food-north-4 4');
    expect(tripErrors(longer)).toEqual([]);
  });
  test('a day taken out takes its meals with it', () => {
    const shorter = settleLarder(trip, removeDay(trip, 2));
    expect(shorter.meals.filter((m) => m.groupId === 'north').map((m) => m.day)).toEqual([1, 2]);
    expect(tripErrors(shorter)).toEqual([]);
  });
});

describe('people', () => {
  test('a cook group that goes takes meals, canisters and parcels with it', () => {
    const left = settleLarder(trip, removeGroup(trip, 'north'));
    expect(left.meals.every((m) => m.groupId === 'south')).toBe(true);
    expect(left.canisters.map((c) => c.groupId)).toEqual(['south']);
    expect(names(left).some((n) => n.includes('north'))).toBe(false);
    expect(tripErrors(left)).toEqual([]);
  });
  test('a member who goes eats nothing: an empty group has no parcels, its plan stays', () => {
    const left = settleLarder(trip, removeMember(trip, 'a'));
    expect(names(left).some((n) => n.includes('north'))).toBe(false);
    expect(left.meals.some((m) => m.groupId === 'north')).toBe(true);
    expect(left.personalThings.every((t) => t.memberId === 'b')).toBe(true);
    expect(tripErrors(left)).toEqual([]);
  });
  test('a member who changes the group is eaten for there', () => {
    const moved: Trip = {
      ...trip,
      members: trip.members.map((m) => ({ ...m, cookGroupId: 'north' })),
    };
    const landed = settleLarder(trip, moved);
    expect(allPieces(landed).find((p) => p.id === 'larder-food-north-1')?.massKg).toBeCloseTo(0.32, 9);
    expect(allPieces(landed).some((p) => p.id === 'larder-food-south-1')).toBe(false);
  });
});

test('a copy keeps meals and larder, and leaves loans and findings of the old dates behind', () => {
  const old: Trip = {
    ...trip,
    arrangements: [{ id: 'x', kind: 'question', text: 'who?', who: 'a', done: false }],
    dismissals: [{ id: 'double/stove', reason: 'spare' }],
  };
  const copy = duplicateTrip(old, 'copy', 'Copy', '2028-05-01');
  expect(copy.meals).toEqual(trip.meals);
  expect(copy.arrangements).toEqual([]);
  expect(copy.dismissals).toEqual([]);
  expect(tripErrors(copy)).toEqual([]);
});

describe('meals, canisters, pick-ups one by one', () => {
  test('a meal is changed and taken away', () => {
    const [first] = trip.meals;
    const changed = putMeal(trip, { ...first!, dish: { ...STEW, gPerServing: 200 } });
    expect(allPieces(landLarder(changed)).find((p) => p.id === 'larder-food-north-1')?.massKg).toBeCloseTo(
      0.21,
      9,
    );
    const gone = landLarder(removeMeal(trip, first!.id));
    expect(names(gone)).not.toContain('larder-food-north-1 1');
  });
  test('a canister is weighed and taken away; a group short of fuel is told', () => {
    const [north] = trip.groups;
    const [canister] = trip.canisters;
    expect(isShortOfFuel(trip, north!)).toBe(false);
    const begun = putCanister(trip, { ...canister!, grossKg: 0.1 });
    expect(isShortOfFuel(begun, north!)).toBe(true);
    const none = removeCanister(begun, canister!.id);
    // Without any canister fuel is not planned here: a hut may have its own.
    expect(isShortOfFuel(none, north!)).toBe(false);
  });
  test('pick-ups stand in the order of their days, one a place; a day outside the trip is refused', () => {
    const box = { id: 'box', day: 2, kind: 'cache', name: 'Box', fuel: true, takesWaste: true } as const;
    const two = putPickup(trip, box);
    expect(two.pickups.map((p) => p.id)).toEqual(['box', 'boat']);
    expect(removePickup(two, 'boat').pickups).toEqual([box]);
    expect(checkedPickups(trip, box)).toEqual([]);
    expect(checkedPickups(trip, { ...box, day: 5 })).toEqual([
      { path: 'day', message: 'expected a day of the trip, 1 to 4, got 5' },
    ]);
    expect(checkedPickups(trip, { ...box, name: '' })[0]!.path).toBe('name');
  });
  test('places of resupply on the way are proposed on the day that reaches them', () => {
    const way: Trip = {
      ...trip,
      legs: trip.legs.map((leg) => ({ ...leg, distanceKm: 10 })),
      waypoints: [
        { id: 'shop', name: 'Shop', kind: 'resupply', atKm: 15, reliance: 'sure' },
        { id: 'jetty', name: 'Jetty', kind: 'resupply', atKm: 30, reliance: 'sure' },
        { id: 'spring', name: 'Spring', kind: 'water', atKm: 5, reliance: 'sure' },
      ],
    };
    // The jetty is on day 3, which has its boat.
    expect(suggestedPickups(way)).toEqual([{ day: 2, name: 'Shop' }]);
  });
});
