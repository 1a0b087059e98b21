import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { PersonalThing, Thing } from '../trip/model.js';
import { stowProblem } from './stowProblem.js';

const own = (id: string, more: Partial<Thing>): PersonalThing => ({
  ...aThing(id, more),
  memberId: 'a',
  worn: false,
});
const heavyOf = (things: readonly PersonalThing[]) => {
  const { heavy } = stowProblem(aTrip([aMember('a')], [], things), 'a', 1);
  return { kg: Object.fromEntries(heavy.kgOf), totalKg: heavy.totalKg };
};

test('the densest things that make half of the mass, the last of them in part', () => {
  const { kg, totalKg } = heavyOf([
    own('tins', { massKg: 3, volumeL: 3 }),
    own('tent', { massKg: 2, volumeL: 6, purpose: 'tentBody', needed: 'firstInCamp' }),
    own('bag', { massKg: 1, volumeL: 10, purpose: 'sleepingBag' }),
    own('book', { massKg: 1, volumeL: 2 }),
  ]);
  // 7 kg, half of it 3.5: the tins, of 1 kg/L, and half a kilogram of the book, of 0.5 kg/L.
  expect(kg).toEqual({ tins: 3, book: 0.5 });
  expect(totalKg).toBe(3.5);
});

test('what is wanted before camp and what has its place outside the bag is not the school’s to place', () => {
  const { kg } = heavyOf([
    own('lunch', { massKg: 2, volumeL: 2, purpose: 'food', needed: 'stop' }),
    own('bottle', {
      massKg: 1,
      purpose: 'waterContainer',
      waterCapacityL: 1,
      needed: 'walking',
      flags: ['hard'],
    }),
    own('poles', {
      massKg: 1,
      purpose: 'tentPoles',
      needed: 'firstInCamp',
      shape: { kind: 'long', lengthCm: 42, diameterCm: 5 },
    }),
    own('pot', { massKg: 2, volumeL: 2 }),
  ]);
  expect(Object.keys(kg)).toEqual(['pot']);
});

test('what belongs on top has its height from that, and counts to the load of which half is looked at', () => {
  const { kg, totalKg } = heavyOf([
    own('tarp', { massKg: 1, volumeL: 1.5, purpose: 'tarp', needed: 'firstInCamp' }),
    own('tins', { massKg: 2, volumeL: 2 }),
    own('pot', { massKg: 1, volumeL: 2, purpose: 'pot', flags: ['hard'] }),
  ]);
  expect(Object.keys(kg)).toEqual(['tins']);
  expect(totalKg).toBe(2);
});

test('a load with nothing heavy has no half', () => {
  expect(heavyOf([own('shirt', { massKg: 0.3, volumeL: 1 })])).toEqual({ kg: {}, totalKg: 0 });
  // As much as one likes of what weighs little for its room.
  const bag = own('bag', { massKg: 3, volumeL: 20, purpose: 'sleepingBag' });
  expect(heavyOf([bag])).toEqual({ kg: {}, totalKg: 0 });
  // Half of 5 kg would be 2.5: only the tins are heavy.
  expect(heavyOf([bag, own('tins', { massKg: 2, volumeL: 2 })])).toEqual({ kg: { tins: 2 }, totalKg: 2 });
  expect(heavyOf([])).toEqual({ kg: {}, totalKg: 0 });
});
