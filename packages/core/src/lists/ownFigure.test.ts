import fc from 'fast-check';
import { starterLibrary } from '../library/starterLibrary.js';
import { memberById, ownThings } from '../trip/queries.js';
import { putMember, removePersonalThing } from '../trip/changes.js';
import type { Member, PersonalThing, Trip } from '../trip/model.js';
import { tripErrors } from '../formats/tripFile.js';
import { dayLoad } from '../load/memberLoad.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { runs } from '../testing/runs.js';
import { kitChecks } from './kitChecks.js';
import {
  isListed,
  isOwnUnknown,
  isUnlisted,
  landOwnThings,
  ownTotal,
  settleOwnThings,
  suggestOwn,
  takeSuggestedOwn,
} from './ownFigure.js';

const own = (id: string, massKg: number, more: Partial<PersonalThing> = {}): PersonalThing => ({
  ...aThing(id, { massKg }),
  memberId: 'a',
  worn: false,
  ...more,
});
const base = aTrip([aMember('a', { name: 'Ada' }), aMember('b', { name: 'Ben' })], [], [], 4);
const figured = (
  kg: number | undefined,
  things: readonly PersonalThing[] = [],
  more: Partial<Member> = {},
) => {
  const before: Trip = { ...base, personalThings: things };
  const { ownThingsKg: _none, ...rest } = memberById(before, 'a');
  return settleOwnThings(
    before,
    putMember(before, kg === undefined ? rest : { ...rest, ownThingsKg: kg, ...more }),
  );
};
const personalKg = (trip: Trip): number => dayLoad(trip, memberById(trip, 'a'), 1).personalKg;
const rest = (trip: Trip): readonly PersonalThing[] => ownThings(trip, 'a').filter(isUnlisted);

describe('own things as one figure', () => {
  test('a figure is carried; entries of the list replace it as they come', () => {
    const trip = figured(6.2);
    expect(personalKg(trip)).toBeCloseTo(6.2, 6);
    const listed: Trip = { ...trip, personalThings: [...trip.personalThings, own('bag', 1.4)] };
    const settled = settleOwnThings(trip, listed);
    expect(personalKg(settled)).toBeCloseTo(6.2, 6);
    expect(ownTotal(settled, memberById(settled, 'a'))).toEqual({
      kg: expect.closeTo(6.2, 9) as number,
      listedKg: 1.4,
      listed: 1,
      restKg: expect.closeTo(4.8, 9) as number,
    });
    const without = settleOwnThings(settled, removePersonalThing(settled, 'bag'));
    expect(personalKg(without)).toBeCloseTo(6.2, 6);
  });
  test('what is worn, and what the larder makes, is no part of it', () => {
    const trip = figured(6, [
      own('boots', 1.3, { worn: true }),
      own('snacks', 0.8, { madeBy: 'larder', purpose: 'snack' }),
      own('mat', 0.5),
    ]);
    expect(personalKg(trip)).toBeCloseTo(6.8, 6);
  });
  test('a list that is more than its figure stands; nothing is taken off it', () => {
    const trip = figured(1, [own('bag', 1.4), own('mat', 0.5)]);
    expect(rest(trip)).toEqual([]);
    expect(ownTotal(trip, memberById(trip, 'a')).kg).toBeCloseTo(1.9, 9);
  });
  test('the rest is soft bulk in bundles that a pack takes, without a bundle more than needed', () => {
    const trip = figured(7, [], { ownThingsEstimated: true });
    const usual = suggestOwn(trip, memberById(trip, 'a'));
    const bottles = rest(trip).filter((t) => t.waterCapacityL !== undefined);
    expect(bottles.map((t) => t.name)).toEqual(['Bottle, 1 L, not listed', 'Soft bottle, 1 L, not listed']);
    const soft = rest(trip).filter((t) => t.waterCapacityL === undefined);
    const litres = soft.reduce((sum, t) => sum + t.volumeL, 0);
    // As such things usually take, and 2.5 L for each kilogram beyond.
    const bottlesKg = bottles.reduce((sum, t) => sum + t.massKg, 0);
    expect(litres).toBeCloseTo(usual.volumeL + (7 - bottlesKg - usual.kg) * 2.5, 1);
    expect(soft.length).toBe(Math.ceil(litres / 8));
    for (const bundle of soft) {
      expect(bundle.shape.kind).toBe('stuff');
      expect(bundle.massEstimated).toBe(true);
    }
    expect(tripErrors(trip)).toEqual([]);
  });
  test('places in the share and in stows are kept while a bundle stays', () => {
    const trip = figured(3);
    const first = rest(trip).find((t) => t.shape.kind === 'stuff');
    const stowed: Trip = {
      ...trip,
      stows: [
        { memberId: 'a', placements: [{ thingId: first!.id, zoneId: 'core', side: 'centre', pinned: true }] },
      ],
    };
    const lighter = settleOwnThings(
      stowed,
      putMember(stowed, { ...memberById(stowed, 'a'), ownThingsKg: 2.5 }),
    );
    expect(lighter.stows).toEqual(stowed.stows);
    const none = settleOwnThings(stowed, putMember(stowed, { ...memberById(stowed, 'a'), ownThingsKg: 0 }));
    expect(none.stows.flatMap((s) => s.placements)).toEqual([]);
    expect(tripErrors(none)).toEqual([]);
  });
  test('the suggestion is the list by template: colder nights and more of them weigh more', () => {
    const [ada] = base.members;
    const day = suggestOwn({ ...base, style: 'dayWalk', legs: base.legs.slice(0, 1) }, ada!);
    const camp = suggestOwn(base, ada!);
    const winter = suggestOwn({ ...base, style: 'winter' }, ada!);
    expect(day.kg).toBeLessThan(3);
    // An expert's three-day pack holds about 6 to 9 kg of own things (common practice, no source).
    expect(camp.kg).toBeGreaterThan(4.5);
    expect(camp.kg).toBeLessThan(9);
    expect(winter.kg).toBeGreaterThan(camp.kg);
    const taken = takeSuggestedOwn(base);
    expect(taken.members.map((m) => [m.ownThingsKg, m.ownThingsEstimated])).toEqual([
      [camp.kg, true],
      [camp.kg, true],
    ]);
    expect(takeSuggestedOwn(taken)).toEqual(taken);
  });
  test('checks: quiet without a list; nothing known is asked for; of a figure nothing is called missing', () => {
    expect(kitChecks(base, starterLibrary()).open).toEqual([]);
    const half = figured(6);
    const found = kitChecks(half, starterLibrary()).open;
    expect(found.map((f) => f.id)).toEqual(
      expect.arrayContaining(['ownThings/unknown', 'ownThings/figure', 'essential/treatment']),
    );
    expect(
      found.filter(
        (f) =>
          f.kind === 'essential' &&
          f.memberIds.length > 0 &&
          f.id !== 'essential/food' &&
          f.id !== 'essential/tent',
      ),
    ).toEqual([]);
    expect(found.map((f) => f.id)).not.toContain('essential/light');
    const listed = figured(undefined, [own('shorts', 0.3)]);
    expect(isListed(listed, memberById(listed, 'a'))).toBe(true);
    expect(isOwnUnknown(listed, memberById(listed, 'b'))).toBe(true);
    expect(
      kitChecks(listed, starterLibrary()).open.find((f) => f.id === 'essential/light')!.memberIds,
    ).toEqual(['a']);
  });
  test('property: own things in the pack come to the figure or the list, whichever is more, and the trip stays whole', () => {
    fc.assert(
      fc.property(arbitraryTrip(), (random) => {
        const trip = landOwnThings(random);
        expect(tripErrors(trip)).toEqual([]);
        expect(landOwnThings(trip)).toBe(trip);
        for (const m of trip.members) {
          const things = ownThings(trip, m.id).filter((t) => t.madeBy !== 'larder' && !t.worn);
          const kg = things.reduce((sum, t) => sum + t.massKg, 0);
          expect(Math.abs(kg - ownTotal(trip, m).kg)).toBeLessThan(0.051);
        }
      }),
      { seed: 25, numRuns: runs(40) },
    );
  });
});
