/** A new thing is what its name says, even when it is named before Graft's knowledge of things is loaded. */
import { nameThing, UNKNOWN_FACTS } from '@graft/core/lists';
import { putThings, type PersonalThing, type Trip } from '@graft/core/trip';
import { demoTrip } from '../testing/demo';
import { kitColumns } from './kitColumns';
import { placesOf } from './kitPlaces';
import { checkRow, type KitRow } from './kitRows';
import * as knowledge from './knowledge';

const demo = demoTrip('corvane-census');
const fresh: PersonalThing = {
  ...UNKNOWN_FACTS,
  id: 'ilse-new',
  name: 'New thing',
  memberId: demo.members[0]!.id,
  worn: false,
};

/** A trip with one new thing, its name column, and what was asked for before it was there. */
function table(isLoaded: boolean) {
  let trip: Trip = { ...demo, personalThings: [...demo.personalThings, fresh] };
  const asked: ((known: typeof knowledge) => void)[] = [];
  const [name] = kitColumns('weights', {
    massUnit: 'kg',
    places: placesOf(demo),
    groups: demo.groups,
    library: [],
    knowledge: { now: () => (isLoaded ? knowledge : undefined), later: (use) => void asked.push(use) },
    check: (row) => checkRow(row, demo.legs.length),
    save: (row) => (trip = putThings(trip, [row])),
    act: (_label, step) => (trip = step(trip)),
  });
  const thing = (): KitRow => trip.personalThings.find((t) => t.id === fresh.id)!;
  return {
    type: (text: string) => name!.edit!.take(thing(), text),
    put: (row: PersonalThing) => (trip = putThings(trip, [row])),
    load: () => asked.splice(0).forEach((use) => use(knowledge)),
    thing,
  };
}
const STOVE = nameThing(fresh, 'stove 350 g', []);

test('a name says what a thing is and what it weighs', () => {
  const kit = table(true);
  expect(kit.type('stove 350 g')).toBeUndefined();
  expect(kit.thing()).toEqual(STOVE);
  expect(STOVE).toMatchObject({ name: 'Stove', purpose: 'stove', massKg: 0.35 });
});

test('before what is known of things is there a name is kept as it is typed, and looked up then', () => {
  const kit = table(false);
  expect(kit.type('stove 350 g')).toBeUndefined();
  expect(kit.thing()).toEqual({ ...fresh, name: 'stove 350 g' });
  kit.load();
  expect(kit.thing()).toEqual(STOVE);
});

test('what was weighed, renamed or refused meanwhile is not looked up', () => {
  const kit = table(false);
  kit.type('stove 350 g');
  kit.put({ ...(kit.thing() as PersonalThing), massKg: 0.4, massEstimated: false });
  kit.load();
  expect(kit.thing()).toMatchObject({ name: 'stove 350 g', massKg: 0.4 });

  const renamed = table(false);
  renamed.type('stove 350 g');
  renamed.put({ ...(renamed.thing() as PersonalThing), name: 'Bear' });
  renamed.load();
  expect(renamed.thing().name).toBe('Bear');

  const long = table(false);
  expect(long.type('x'.repeat(500))).toBeDefined();
  long.load();
  expect(long.thing()).toEqual(fresh);
});
