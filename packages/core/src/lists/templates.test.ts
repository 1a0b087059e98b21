/** Lists by template for every style of trip, and the cures of a dry camp. */
import { tripErrors } from '../formats/tripFile.js';
import { starterLibrary } from '../library/starterLibrary.js';
import { newMember } from '../trip/emptyTrip.js';
import { DEFAULT_LARDER } from '../trip/larderModel.js';
import { TRIP_STYLES, type Trip, type TripStyle } from '../trip/model.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { allPieces } from '../trip/queries.js';
import { TEMPLATES, tripFromTemplate } from '../trip/templates.js';
import { addDays } from '../units/isoDate.js';
import { leaveBehindFindings } from './leaveBehind.js';
import { names } from './cures.js';
import { proposeKit, takeProposals } from './kitTemplates.js';
import { tripFacts } from './tripFacts.js';
import { waterFindings } from './waterChecks.js';

function partyOf(style: TripStyle, people = 3): Trip {
  const trip = tripFromTemplate('t', 'T', '2027-05-10', style, TEMPLATES[style].days);
  const members = Array.from({ length: people }, (_v, i) => ({
    ...newMember(`m${i}`, `Member ${i}`, `p${i}`),
    tentGroupId: 'tent',
    cookGroupId: 'cook',
  }));
  return {
    ...trip,
    groups: [
      { id: 'tent', name: 'Tent', kind: 'tent' },
      { id: 'cook', name: 'Cook', kind: 'cook' },
    ],
    packs: members.map((m) =>
      cataloguePack(
        m.packId,
        PACK_SIZES.find((s) => s.nominalL === 30)!,
      ),
    ),
    members,
  };
}
const taken = (trip: Trip): Trip => takeProposals(trip, proposeKit(trip, starterLibrary()));
const hasThing = (trip: Trip, name: RegExp): boolean =>
  [...allPieces(trip), ...trip.personalThings].some((t) => name.test(t.name));

describe.each(TRIP_STYLES)('a list for %s', (style) => {
  const trip = taken(partyOf(style));
  test('is whole, and proposes nothing twice', () => {
    expect(tripErrors(trip)).toEqual([]);
    expect(proposeKit(trip, starterLibrary())).toEqual([]);
  });
  test('has boots, rain jacket, light and first aid for everybody', () => {
    for (const name of [/boots/i, /rain jacket/i, /head torch/i, /own small first aid/i]) {
      expect(trip.personalThings.filter((t) => name.test(t.name))).toHaveLength(3);
    }
  });
});

test('styles differ where they should: no tents in huts, axes in winter, notebooks on surveys', () => {
  const [hut, winter, survey, day] = (['hut', 'winter', 'survey', 'dayWalk'] as const).map((s) =>
    taken(partyOf(s)),
  );
  expect(hasThing(hut!, /tent body/i)).toBe(false);
  expect(hasThing(winter!, /ice axe/i)).toBe(true);
  expect(hasThing(survey!, /ice axe/i)).toBe(false);
  expect(hasThing(survey!, /notebook/i)).toBe(true);
  expect(hasThing(day!, /sleeping bag/i)).toBe(false);
  expect(hasThing(day!, /group shelter/i)).toBe(true);
});
describe('unknown weather is cold weather', () => {
  const winterBag = /sleeping bag, winter/i;
  const onSnow = (trip: Trip): Trip => ({
    ...trip,
    legs: trip.legs.map((leg, i) => (i === 0 ? { ...leg, ground: 'snow' } : leg)),
  });
  const high = (trip: Trip): Trip => ({
    ...trip,
    legs: trip.legs.map((leg) => ({ ...leg, campElevationM: 2300 })),
  });
  test.each<[string, Trip]>([
    ['winter', partyOf('winter')],
    ['snow on the way', onSnow(partyOf('camp'))],
    ['a high camp', high(partyOf('camp'))],
  ])(
    '%s without a forecast: a warm bag, an insulated mat, hat, two pairs of gloves, a warm layer',
    (what, bare) => {
      const trip = taken(bare);
      expect(hasThing(trip, what === 'a high camp' ? /sleeping bag/i : winterBag)).toBe(true);
      expect(hasThing(trip, /sleeping bag, summer/i)).toBe(false);
      for (const name of [
        /mat, insulated/i,
        /warm hat/i,
        /gloves, thin/i,
        /gloves, warm/i,
        /synthetic jacket/i,
      ])
        expect([name, hasThing(trip, name)]).toEqual([name, true]);
      const stays = leaveBehindFindings(trip, starterLibrary())
        .filter((f) => f.kind === 'leaveBehind')
        .flatMap((f) => f.thingIds)
        .map((id) => trip.personalThings.find((t) => t.id === id)?.name);
      expect(stays.filter((name) => /glove|hat|jacket|fleece|mitten/i.test(name ?? ''))).toEqual([]);
    },
  );
  test('on snow a mild forecast takes nothing warm away', () => {
    const trip = partyOf('winter');
    const weather = trip.legs.map((_leg, i) => ({
      id: addDays(trip.startDate, i),
      dayC: 8,
      nightC: 3,
      rainChance: 0.2,
      windKmh: 10,
      byLeader: [],
    }));
    const list = taken({ ...trip, weather });
    for (const name of [winterBag, /mat, insulated/i, /warm hat/i, /gloves, warm/i, /synthetic jacket/i])
      expect([name, hasThing(list, name)]).toEqual([name, true]);
  });
  test('where the place is known and its season is colder than what is taken anyway, the season counts', () => {
    const place = { name: 'North', latitudeDeg: 66, longitudeDeg: 20, valleyElevationM: 300 };
    const trip = { ...partyOf('camp'), startDate: '2027-04-10', place };
    expect(tripFacts(trip).plannedNightC).toBeLessThan(-8);
    expect(hasThing(taken(trip), winterBag)).toBe(true);
    // Knowing the place never makes it warmer than not knowing it.
    const south = { ...place, latitudeDeg: 10 };
    expect(tripFacts({ ...trip, place: south }).plannedNightC).toBe(tripFacts(partyOf('camp')).plannedNightC);
  });
  test('a summer trip without a forecast gets no summer bag either; a forecast of warm nights does', () => {
    const camp = partyOf('camp');
    expect(hasThing(taken(camp), /sleeping bag, summer/i)).toBe(false);
    const warm = (nights: number): Trip => ({
      ...camp,
      weather: camp.legs.slice(0, nights).map((_leg, i) => ({
        id: addDays(camp.startDate, i),
        dayC: 24,
        nightC: 13,
        rainChance: 0.1,
        windKmh: 10,
        byLeader: [],
      })),
    });
    expect(hasThing(taken(warm(camp.legs.length)), /sleeping bag, summer/i)).toBe(true);
    // One warm night known says nothing of the others.
    expect(hasThing(taken(warm(1)), /sleeping bag, summer/i)).toBe(false);
  });
});

test('a large party gets more of what one cannot serve', () => {
  const many = taken(partyOf('camp', 12));
  expect(allPieces(many).filter((p) => /group first aid/i.test(p.name))).toHaveLength(2);
  expect(allPieces(many).filter((p) => /water bag/i.test(p.name))).toHaveLength(3);
});

test('cooking water of a dry camp without bags: one click adds as many as hold it', () => {
  const camp = partyOf('camp', 4);
  const dry: Trip = {
    ...camp,
    legs: camp.legs.map((leg, i) => ({ ...leg, campWaterL: i === 0 ? 1 : 0 })),
    larder: { ...DEFAULT_LARDER, cookWaterPieces: true },
  };
  const finding = waterFindings(dry, starterLibrary()).find((f) => f.id === 'water/cooking')!;
  expect(finding.what).toBe('8.0 L of cooking water for the dry camp without a bag');
  const cured = finding.cures[0]!.apply(dry);
  expect(allPieces(cured).filter((p) => p.waterCapacityL === 6)).toHaveLength(2);
  expect(waterFindings(cured, starterLibrary()).some((f) => f.id === 'water/cooking')).toBe(false);
});

test('names of many are cut short', () => {
  const { members } = partyOf('camp', 5);
  expect([0, 1, 2, 3, 5].map((n) => names(members.slice(0, n)))).toEqual([
    '',
    'Member 0',
    'Member 0 and Member 1',
    'Member 0, Member 1 and Member 2',
    'Member 0, Member 1 and 3 more',
  ]);
});
