import fc from 'fast-check';
import { dayLoad } from '../load/memberLoad.js';
import { waterCarriedL, waterNeedL } from '../load/waterShare.js';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { runs } from '../testing/runs.js';
import { isWithParty } from '../trip/queries.js';
import { assessStow } from './assessStow.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { Leg, PersonalThing, Thing, Trip } from '../trip/model.js';
import { compareLoading } from './loadingOrder.js';
import { planningDay, stowProblem } from './stowProblem.js';

const own = (thing: Thing): PersonalThing => ({ ...thing, memberId: 'a', worn: false });
const bottle = own(aThing('bottle', { massKg: 0.1, waterCapacityL: 1 }));
const reservoir = own(aThing('reservoir', { massKg: 0.2, waterCapacityL: 2 }));
const withWater = (litres: readonly number[]): Trip => {
  const trip = aTrip(
    [aMember('a')],
    [],
    [
      bottle,
      reservoir,
      own(aThing('food', { massKg: 2, volumeL: 4, consumption: { fromDay: 1, toDay: 2, residueKg: 0 } })),
    ],
    litres.length,
  );
  return { ...trip, legs: trip.legs.map((leg, i): Leg => ({ ...leg, waterL: litres[i]! })) };
};
const massOf = (trip: Trip, day: number): Record<string, number> =>
  Object.fromEntries(stowProblem(trip, 'a', day).things.map((t) => [t.thing.id, t.massKg]));

test('water fills the largest container first, and goes on to the next', () => {
  const trip = withWater([1.5, 2.5, 4]);
  expect(massOf(trip, 1)).toMatchObject({ reservoir: 1.7, bottle: 0.1 });
  expect(massOf(trip, 2)).toMatchObject({ reservoir: 2.2, bottle: 0.6 });
  expect(stowProblem(trip, 'a', 3).waterWithoutContainerL).toBeCloseTo(1, 12);
});
test('what is drunk from on the way is filled before a larger bag for camp', () => {
  const trip = withWater([2, 5]);
  const bag = own(
    aThing('bag', { massKg: 0.1, waterCapacityL: 6, shape: { kind: 'pouch' }, needed: 'camp' }),
  );
  const walking = trip.personalThings.map((t) =>
    t.waterCapacityL === undefined ? t : { ...t, needed: 'walking' as const },
  );
  const withBag = { ...trip, personalThings: [...walking, bag] };
  expect(massOf(withBag, 1)).toMatchObject({ reservoir: 2.2, bottle: 0.1, bag: 0.1 });
  expect(massOf(withBag, 2)).toMatchObject({ reservoir: 2.2, bottle: 1.1, bag: 2.1 });
});
test('a bottle weighs the same every day, and what is soft takes the rest', () => {
  const trip = withWater([1.5, 2.5]);
  const withBottle = {
    ...trip,
    personalThings: trip.personalThings.map((t) =>
      t.id === 'bottle' ? { ...t, shape: { kind: 'cylinder' as const, lengthCm: 20, diameterCm: 8 } } : t,
    ),
  };
  expect(massOf(withBottle, 1)).toMatchObject({ reservoir: 0.7, bottle: 1.1 });
  expect(massOf(withBottle, 2)).toMatchObject({ reservoir: 1.7, bottle: 1.1 });
});
test('a day’s masses and every day’s volumes', () => {
  const trip = withWater([1, 1, 1]);
  expect(massOf(trip, 2)['food']).toBe(1);
  expect(stowProblem(trip, 'a', 1).things.find((t) => t.thing.id === 'food')!.volumeL).toEqual([4, 2, 0]);
});
test('a stow is planned for the heaviest day; of equals the first', () => {
  expect(planningDay(withWater([1, 3, 1]), 'a')).toBe(2);
  expect(planningDay(aTrip([aMember('a')], [], [], 3), 'a')).toBe(1);
});
test('the member’s own packing school overrules the trip’s', () => {
  const trip = aTrip([aMember('a', { packingSchool: 'low', torsoCm: 50 })], []);
  expect(stowProblem(trip, 'a', 1)).toMatchObject({ school: { id: 'low' }, band: [5, 16] });
});
test('days on rough ground are known: nothing should swing outside then', () => {
  const trip = withWater([1, 1, 1]);
  const legs = trip.legs.map((leg, i) => ({ ...leg, ground: (['path', 'scramble', 'snow'] as const)[i]! }));
  expect(stowProblem({ ...trip, legs }, 'a', 1).roughDays).toEqual([2, 3]);
});
test('a day outside the trip is refused', () => {
  expect(() => stowProblem(aTrip([aMember('a')], []), 'a', 2)).toThrow(
    'expected a day of the trip, 1 to 1, got 2',
  );
});
test('what is needed last goes in first; denser before lighter; then by name', () => {
  const things = [
    aThing('jacket', { needed: 'hurry' }),
    aThing('lunch', { needed: 'stop' }),
    aThing('down', { needed: 'camp', massKg: 0.2, volumeL: 4 }),
    aThing('pan', { needed: 'camp', massKg: 2, volumeL: 2 }),
    aThing('pin', { needed: 'camp', massKg: 2, volumeL: 2 }),
    aThing('tent', { needed: 'firstInCamp' }),
  ].map((thing) => ({
    thing,
    massKg: thing.massKg,
    wholeKg: thing.massKg,
    waterL: 0,
    volumeL: [thing.volumeL],
  }));
  expect([...things].sort(compareLoading).map((t) => t.thing.id)).toEqual([
    'pan',
    'pin',
    'down',
    'tent',
    'lunch',
    'jacket',
  ]);
});

test('property: what is in the pack, on the floor and without a container is the load of the day, once', () => {
  fc.assert(
    fc.property(
      arbitraryTrip({ members: { min: 1, max: 3 }, pieces: { min: 0, max: 8 } }),
      fc.boolean(),
      (random, isByLimit) => {
        const waterShare = isByLimit ? 'byLimit' : 'each';
        const trip = { ...random, houseRules: { ...random.houseRules, waterShare } as const };
        for (const member of trip.members)
          for (const day of trip.legs.map((_leg, i) => i + 1)) {
            if (!isWithParty(member, day)) continue;
            const problem = stowProblem(trip, member.id, day);
            const { massKg, layout } = assessStow(trip, member.id, day);
            const floorKg = layout.unplaced.reduce((sum, t) => sum + t.wholeKg, 0);
            const load = dayLoad(trip, member, day);
            expect(massKg + floorKg + problem.waterWithoutContainerL).toBeCloseTo(load.totalKg, 9);
          }
        // All the water that is needed is carried, by whoever carries it.
        for (const day of trip.legs.map((_leg, i) => i + 1)) {
          const carriedL = trip.members.reduce((sum, m) => sum + waterCarriedL(trip, m.id, day), 0);
          const neededL = trip.members.reduce((sum, m) => sum + waterNeedL(trip, m, day), 0);
          expect(carriedL).toBeCloseTo(neededL, 9);
        }
      },
    ),
    { numRuns: runs(40) },
  );
});
