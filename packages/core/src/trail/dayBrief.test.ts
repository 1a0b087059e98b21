import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { PersonalThing, Trip } from '../trip/model.js';
import { dayLoad } from '../load/memberLoad.js';
import { dayBrief, dayLoads } from './dayBrief.js';

const snack: PersonalThing = {
  ...aThing('snack', { purpose: 'snack', massKg: 0.4, consumption: { fromDay: 1, toDay: 2, residueKg: 0 } }),
  memberId: 'ada',
  worn: false,
};
const base = aTrip(
  [aMember('ada'), aMember('ben', { lastDay: 2 }), aMember('cem', { firstDay: 2 })],
  [aThing('rope'), aThing('pot')],
  [snack],
  3,
);
const trip: Trip = {
  ...base,
  legs: base.legs.map((leg) => ({ ...leg, distanceKm: 10 })),
  waypoints: [
    { id: 'far', kind: 'water', name: 'Far beck', atKm: 14, reliance: 'unsure' },
    { id: 'near', kind: 'water', name: 'Near beck', atKm: 12, reliance: 'sure' },
    { id: 'first', kind: 'water', name: 'First beck', atKm: 3, reliance: 'sure' },
  ] as Trip['waypoints'],
  share: [
    { pieceId: 'rope', memberId: 'ada', locked: false },
    { pieceId: 'pot', memberId: 'ben', locked: false },
  ],
  handovers: [{ id: 'h', day: 2, pieceId: 'rope', toMemberId: 'ben', reason: 'tired' }],
  roles: [{ id: 'r', day: 2, role: 'navigator', memberId: 'cem' }],
};

test('a day: who is there, with what, the water of its way by its own kilometres, what changes hands and who does what', () => {
  const brief = dayBrief(trip, 2);
  expect(brief.leg).toBe(trip.legs[1]);
  expect(dayLoads(trip, 2).carries.map((c) => c.member.id)).toEqual(['ada', 'ben', 'cem']);
  expect(brief.sources).toEqual([
    { name: 'Near beck', km: 2, reliance: 'sure' },
    { name: 'Far beck', km: 4, reliance: 'unsure' },
  ]);
  expect(dayLoads(trip, 2).handovers).toEqual([{ id: 'h', name: 'rope', from: 'ada', to: 'ben' }]);
  expect(brief.roles).toEqual([{ role: 'navigator', who: 'cem' }]);
  expect(brief.water.day).toBe(2);
});

test('its ratios are those of the loads, and what it does to tomorrow adds up to tomorrow’s load', () => {
  const brief = dayBrief(trip, 1);
  expect(dayLoads(trip, 1).carries.map((c) => c.ratio)).toEqual(
    ['ada', 'ben'].map(
      (id) =>
        dayLoad(
          trip,
          trip.members.find((m) => m.id === id)!,
          1,
        ).ratio,
    ),
  );
  for (const { member, step } of brief.tomorrow) {
    expect(step.deltaKg).toBeCloseTo(dayLoad(trip, member, 2).totalKg - dayLoad(trip, member, 1).totalKg, 9);
    expect(step.parts.reduce((sum, p) => sum + p.kg, 0)).toBeCloseTo(step.deltaKg, 9);
  }
  // Half of the snack is eaten, and the rope goes to Ben.
  expect(brief.tomorrow[0]!.step.parts.map((p) => p.cause).sort()).toEqual(['eaten', 'given']);
});

test('whoever leaves today has no load of tomorrow; after the last day there is none at all', () => {
  expect(dayBrief(trip, 2).tomorrow.map((t) => t.member.id)).toEqual(['ada', 'cem']);
  expect(dayBrief(trip, 3)).toMatchObject({ tomorrow: [] });
});
