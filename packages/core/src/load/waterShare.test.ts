import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { noPack } from '../trip/customPack.js';
import type { Trip } from '../trip/model.js';
import { dayLoad } from './memberLoad.js';
import { waterCarriedL, waterNeedL, waterRoomL } from './waterShare.js';

/** Two of 50 and 100 kg with limits of a fifth, 10 and 20 kg; 4 L each on the way and 2 L for a dry camp. */
const base = aTrip([aMember('a', { bodyMassKg: 50 }), aMember('b', { bodyMassKg: 100 })], []);
const trip: Trip = {
  ...base,
  legs: base.legs.map((leg) => ({ ...leg, waterL: 4, campWaterL: 2 })),
};
const each: Trip = { ...trip, houseRules: { ...trip.houseRules, waterShare: 'each' } };
const carried = (t: Trip): readonly number[] => t.members.map((m) => waterCarriedL(t, m.id, 1));

test('twelve litres by limits of 10 and 20 kg: four and eight; or each their own six', () => {
  expect(carried(trip)).toEqual([expect.closeTo(4, 12), expect.closeTo(8, 12)]);
  expect(carried(each)).toEqual([6, 6]);
  expect(dayLoad(trip, trip.members[0]!, 1).waterKg).toBeCloseTo(4, 12);
});
test('a child drinks half: nine litres in all, three of them with a', () => {
  const withChild = { ...trip, members: trip.members.map((m, i) => (i === 0 ? { ...m, portion: 0.5 } : m)) };
  expect(withChild.members.map((m) => waterNeedL(withChild, m, 1))).toEqual([3, 6]);
  expect(carried(withChild)).toEqual([expect.closeTo(3, 12), expect.closeTo(6, 12)]);
});
test('whoever has left needs none, and whoever has no pack drinks from another’s, whatever the rule', () => {
  const twoDays: Trip = {
    ...trip,
    legs: [...trip.legs, { ...trip.legs[0]!, id: 'leg-2' }],
    members: trip.members.map((m, i) => (i === 1 ? { ...m, lastDay: 1 } : m)),
  };
  expect([waterCarriedL(twoDays, 'a', 2), waterCarriedL(twoDays, 'b', 2)]).toEqual([6, 0]);
  for (const t of [trip, each]) {
    const without = { ...t, packs: t.packs.map((p) => (p.id === 'pack-a' ? noPack(p.id) : p)) };
    expect(carried(without)).toEqual([0, expect.closeTo(12, 12)]);
  }
});
test('nobody is dealt more than their own containers hold, as long as others’ hold some; the rest goes into the group’s bags', () => {
  const own = (id: string, waterCapacityL: number, worn = false) => ({
    ...aThing(`${id}-bottle-${waterCapacityL}`, { waterCapacityL }),
    memberId: id,
    worn,
  });
  const withOwn = (...things: ReturnType<typeof own>[]): Trip => ({ ...trip, personalThings: things });
  // Of 12 L Ben would have eight: his hold five, Ada takes seven.
  expect(carried(withOwn(own('a', 9), own('b', 5)))).toEqual([expect.closeTo(7, 9), expect.closeTo(5, 9)]);
  // Nine litres in all; three more in the group's bags go to Ben, who has least for his limit.
  expect(carried(withOwn(own('a', 4), own('b', 5)))).toEqual([expect.closeTo(4, 9), expect.closeTo(8, 9)]);
  // A bottle in the hand holds too; what comes later holds nothing yet.
  expect(carried(withOwn(own('a', 9, true), own('b', 5)))).toEqual([
    expect.closeTo(7, 9),
    expect.closeTo(5, 9),
  ]);
  expect(carried(withOwn(own('a', 9), { ...own('b', 5), fromDay: 2 }))).toEqual([
    expect.closeTo(9, 9),
    expect.closeTo(3, 9),
  ]);
  expect(carried({ ...withOwn(own('a', 9)), houseRules: each.houseRules })).toEqual([6, 6]);
});
test('a bottle is as big full as empty; a soft bag is as big as what is in it', () => {
  const bottle = aThing('bottle', {
    waterCapacityL: 1,
    volumeL: 1.05,
    shape: { kind: 'cylinder', lengthCm: 24, diameterCm: 8 },
  });
  const bag = aThing('bag', { waterCapacityL: 4, volumeL: 0.3 });
  expect(waterRoomL([bag, bottle], 1)).toBe(0);
  // One litre in the bottle, three in the bag, which took 0.3 L before.
  expect(waterRoomL([bag, bottle], 4)).toBeCloseTo(2.7, 12);
  expect(waterRoomL([bag, bottle], 9)).toBeCloseTo(3.7, 12);
  const own = { ...bag, memberId: 'a', worn: false };
  const [dry, wet] = [0, 3].map((waterL) =>
    dayLoad(
      { ...each, personalThings: [own], legs: each.legs.map((l) => ({ ...l, waterL, campWaterL: 0 })) },
      each.members[0]!,
      1,
    ),
  );
  expect(wet!.volumeL - dry!.volumeL).toBeCloseTo(2.7, 12);
});
