import { landLarder } from '../larder/landLarder.js';
import { tripErrors } from '../formats/tripFile.js';
import { partyNeeds } from '../party/groupNeeds.js';
import { tripFromTemplate } from '../trip/templates.js';
import { allPieces } from '../trip/queries.js';
import type { Trip, TripStyle } from '../trip/model.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { canGroup, groupParty, tentSizes } from './groupParty.js';
import { kitChecks } from './kitChecks.js';
import { proposeKit, takeProposals } from './kitTemplates.js';
import { landOwnThings } from './ownFigure.js';
import { planFood, startParty } from './startParty.js';
import { isBlank } from './blank.js';
import { stillMissing } from './stillMissing.js';

const start = (people: number, stoves: number, style: TripStyle, days: number): Trip =>
  landLarder(
    landOwnThings(startParty(tripFromTemplate('t', 'T', '2027-06-10', style, days), { people, stoves }, [])),
  );

describe('tents for a party', () => {
  test('sleep everybody, with no tent too many, at the least mass', () => {
    for (let people = 1; people <= 20; people += 1) {
      const sizes = tentSizes(people);
      const places = sizes.reduce((a, b) => a + b, 0);
      expect(places).toBeGreaterThanOrEqual(people);
      expect(places - Math.min(...sizes)).toBeLessThan(people);
    }
    expect(tentSizes(5)).toEqual([3, 2]);
    expect(tentSizes(0)).toEqual([]);
  });
  test('with a place spare in each there are more of them', () => {
    const sizes = tentSizes(6, 1);
    expect(sizes.reduce((a, b) => a + b - 1, 0)).toBeGreaterThanOrEqual(6);
  });
});

describe('groups in one step', () => {
  const members = ['a', 'b', 'c', 'd', 'e'].map((id) => aMember(id));
  test('tents that are there by name take people by their size; a stove makes a kitchen', () => {
    const bare = aTrip(members, [], [], 3);
    const tent = (id: string, name: string) => ({
      id,
      name,
      pieces: [
        { ...aThing(`${id}-body`), purpose: 'tentBody' as const },
        { ...aThing(`${id}-fly`), purpose: 'tentFly' as const },
      ],
    });
    const trip: Trip = {
      ...bare,
      kits: [
        tent('x', '3p tent'),
        tent('y', 'Tent for two'),
        { id: 's', name: 'Stove', pieces: [{ ...aThing('burner'), purpose: 'stove' }] },
      ],
    };
    expect(canGroup(trip)).toBe(true);
    const grouped = groupParty(trip);
    expect(tripErrors(grouped)).toEqual([]);
    expect(grouped.groups.map((g) => [g.name, g.kind, g.sleeps])).toEqual([
      ['3p tent', 'tent', 3],
      ['Tent for two', 'tent', 2],
      ['Stove', 'cook', undefined],
    ]);
    const inTent = grouped.groups.map((g) => grouped.members.filter((m) => m.tentGroupId === g.id).length);
    expect(inTent).toEqual([3, 2, 0]);
    expect(grouped.members.every((m) => m.cookGroupId === grouped.groups[2]!.id)).toBe(true);
    expect(canGroup(grouped)).toBe(false);
  });
  test('whoever is in a group stays there', () => {
    const trip: Trip = {
      ...aTrip(members, [], [], 3),
      groups: [{ id: 'g', name: 'Ours', kind: 'tent', sleeps: 3 }],
    };
    const placed = {
      ...trip,
      members: trip.members.map((m) => (m.id === 'e' ? { ...m, tentGroupId: 'g' } : m)),
    };
    const grouped = groupParty(placed);
    expect(grouped.members.filter((m) => m.tentGroupId === 'g').map((m) => m.id)).toEqual(['a', 'b', 'e']);
  });
  test('a template proposes shelter, stove and pot without a group, and taking them makes the groups', () => {
    const bare = aTrip(members, [], [], 3);
    const proposals = proposeKit(bare, []).filter((p) => p.groupId !== undefined);
    expect(proposals.map((p) => p.entry.name).sort()).toEqual([
      'Gas cook set, 2.5 L',
      'Tent for three',
      'Tent for two',
    ]);
    const taken = takeProposals(bare, proposals);
    expect(tripErrors(taken)).toEqual([]);
    expect(taken.groups.map((g) => g.kind)).toEqual(['tent', 'tent', 'cook']);
  });
});

describe('a party to start from', () => {
  test.each([
    [1, 1, 'camp', 3],
    [5, 1, 'camp', 4],
    [8, 2, 'camp', 3],
    [12, 2, 'training', 2],
    [2, 1, 'winter', 2],
    [28, 5, 'survey', 5],
    [4, 0, 'hut', 3],
    [60, 12, 'camp', 3],
  ] as const)(
    '%i people, %i stoves, %s, %i days: a whole trip with places, pots, food and fuel enough',
    (people, stoves, style, days) => {
      const trip = start(people, stoves, style, days);
      expect(tripErrors(trip)).toEqual([]);
      expect(trip.members).toHaveLength(people);
      const needs = partyNeeds(trip);
      expect(needs.groups.filter((n) => n.state === 'missing')).toEqual([]);
      expect([needs.without.tent, needs.without.cook]).toEqual([[], []]);
      const musts = kitChecks(trip, []).open.filter((f) => f.weight === 'must' && f.id !== 'essential/food');
      expect(musts.map((f) => f.what)).toEqual([]);
      if (stoves > 0) {
        expect(trip.groups.filter((g) => g.kind === 'cook')).toHaveLength(stoves);
        expect(trip.meals.length).toBeGreaterThan(0);
        expect(allPieces(trip).some((p) => p.purpose === 'fuel')).toBe(true);
      }
    },
  );
  test('food for all days in one step leaves what is planned, and fuel that is there', () => {
    const trip = start(5, 1, 'camp', 4);
    expect(planFood(trip, [])).toEqual(trip);
    const without = { ...trip, meals: trip.meals.slice(1) };
    const again = planFood(without, []);
    expect(again.meals).toHaveLength(trip.meals.length);
    expect(again.canisters).toEqual(trip.canisters);
  });
});

describe('what is still missing', () => {
  const what = (trip: Trip): readonly string[] => stillMissing(trip).map((m) => `${m.what} ${m.count}`);
  test('goes away piece by piece', () => {
    const blank = tripFromTemplate('t', 'T', '2027-06-10', 'camp', 3);
    expect(isBlank(blank)).toBe(true);
    expect(what(blank)).toEqual(['people 0', 'kit 0', 'food 0']);
    const trip = start(3, 1, 'camp', 3);
    expect(what(trip)).toEqual(['bodies 3']);
    const said = {
      ...trip,
      members: trip.members.map((m) => ({ ...m, bodyMassKg: 64, bodyEstimated: false })),
    };
    expect(what(said)).toEqual([]);
    expect(what({ ...said, meals: [], kits: [], personalThings: [] })).toEqual(['kit 0', 'food 0']);
    expect(what(tripFromTemplate('t', 'T', '2027-06-10', 'hut', 3))).toEqual(['people 0', 'kit 0']);
  });
});
