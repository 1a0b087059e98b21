import { tripErrors } from '../formats/tripFile.js';
import { starterLibrary } from '../library/starterLibrary.js';
import type { LibraryEntry, Outing } from '../library/libraryModel.js';
import { landLarder } from '../larder/landLarder.js';
import { fillMeals } from '../larder/planMeals.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { PersonalThing, Piece, Thing, Trip } from '../trip/model.js';
import { allPieces } from '../trip/queries.js';
import { completenessFindings } from './completeness.js';
import { doubleFindings } from './doubles.js';
import { ESSENTIALS, essentialFindings } from './essentials.js';
import type { KitFinding } from './finding.js';
import { forgottenFindings } from './forgotten.js';
import { guessFacts } from './guessFacts.js';
import { kitChecks } from './kitChecks.js';
import { dismissFinding, recallFinding } from './putAside.js';
import { proposeKit, takeProposals } from './kitTemplates.js';
import { isSafetyKit } from '../trip/safetyKit.js';
import { leaveBehindFindings, unusedInARow } from './leaveBehind.js';
import { massRange } from './massRange.js';
import { parseList } from './pasteList.js';
import { sameJobFindings } from './sameJob.js';
import { entryOfKit, entryOfThing, giveEach, giveKit } from './takeFromLibrary.js';
import { rowsOfPasted } from './guessedRows.js';
import { takeRows } from './takeRows.js';
import { airFindings, expiryFindings, repairFindings } from './timely.js';
import { tripFacts } from './tripFacts.js';
import { waterFindings } from './waterChecks.js';

const LIB = starterLibrary();
const own = (memberId: string, id: string, more: Partial<PersonalThing> = {}): PersonalThing => ({
  ...aThing(id, more),
  memberId,
  worn: false,
  ...more,
});
const party = (pieces: readonly Piece[] = [], things: readonly PersonalThing[] = [], days = 3): Trip =>
  aTrip(
    [aMember('a', { name: 'Ada' }), aMember('b', { name: 'Ben' }), aMember('c', { name: 'Cleo' })],
    pieces,
    things,
    days,
  );
const ids = (findings: readonly KitFinding[]): readonly string[] => findings.map((f) => f.id);
const cure = (trip: Trip, finding: KitFinding, i = 0): Trip => finding.cures[i]!.apply(trip);
const partyKg = (trip: Trip): number =>
  [...allPieces(trip), ...trip.personalThings.filter((t) => !t.worn)].reduce(
    (sum, t: Thing) => sum + t.massKg,
    0,
  );
const weather = (trip: Trip, each: { nightC: number; dayC?: number; rainChance?: number }): Trip => ({
  ...trip,
  weather: trip.legs.map((_leg, i) => ({
    id: `2027-05-${10 + i}`,
    dayC: each.dayC ?? each.nightC + 8,
    nightC: each.nightC,
    rainChance: each.rainChance ?? 0.1,
    windKmh: 10,
    byLeader: [],
  })),
});

/** Every cure does what it says: the mass changes by its figure, the trip stays whole, and the finding is gone. */
function expectHonest(
  trip: Trip,
  findings: readonly KitFinding[],
  again: (t: Trip) => readonly KitFinding[],
): void {
  for (const finding of findings) {
    for (const c of finding.cures) {
      const next = c.apply(trip);
      expect([finding.id, tripErrors(next)]).toEqual([finding.id, []]);
      expect([
        finding.id,
        (partyKg(next) - partyKg(trip)).toFixed(6).replace('-0.000000', '0.000000'),
      ]).toEqual([finding.id, c.changeKg.toFixed(6).replace('-0.000000', '0.000000')]);
      expect(ids(again(next))).not.toContain(finding.id);
    }
  }
}

describe('essentials', () => {
  test('an empty list misses them all, and every cure mends its own', () => {
    const trip = weather(party(), { nightC: 4, dayC: 16 });
    const findings = essentialFindings(trip, LIB);
    const wanted = ESSENTIALS.filter((e) => e.id !== 'shelter').map((e) => `essential/${e.id}`);
    expect(ids(findings)).toEqual([...wanted, 'essential/food', 'essential/tent']);
    expectHonest(trip, findings, (t) => essentialFindings(t, LIB));
  });
  test('one who walks alone gets all that a party of one lacks, as the figure says', () => {
    const alone = aTrip([aMember('a', { name: 'Ada' })], [], [], 3);
    const findings = essentialFindings(alone, LIB);
    expect(findings.find((f) => f.id === 'essential/navigation')!.cures[0]!.changeKg).toBeCloseTo(0.24, 9);
    expectHonest(alone, findings, (t) => essentialFindings(t, LIB));
  });
  test('names who is without', () => {
    const trip = party([], [own('a', 'torch', { purpose: 'light' })]);
    const light = essentialFindings(trip, LIB).find((f) => f.id === 'essential/light')!;
    expect(light.what).toBe('Ben and Cleo without light');
    expect(light.memberIds).toEqual(['b', 'c']);
    expect(light.cures[0]).toMatchObject({ label: 'Add head torch for 2 members', changeKg: 0.18 });
  });
  test('an empty trip without members asks for nothing', () => {
    expect(kitChecks(aTrip([], []), LIB).open).toEqual([]);
  });
  test('a day without tents wants an emergency shelter', () => {
    const day = { ...party([], [], 1), style: 'dayWalk' as const };
    expect(ids(essentialFindings(day, LIB))).toContain('essential/shelter');
  });
});

describe('doubles', () => {
  const stove = (id: string, kg: number) =>
    own('b', id, { name: `Stove ${id}`, purpose: 'stove', massKg: kg });
  test('the spare one stays at home; the group’s own and the lighter ones come', () => {
    const trip = party(
      [aThing('group-stove', { purpose: 'stove', massKg: 0.4, name: 'Stove' })],
      [stove('x', 0.3)],
    );
    const [finding] = doubleFindings(trip);
    expect(finding).toMatchObject({
      id: 'double/stove',
      what: '2 stoves, 1 is enough',
      memberIds: ['b'],
      cures: [{ label: 'Leave stove x of Ben at home', changeKg: -0.3 }],
    });
    expect(cure(trip, finding!).personalThings).toEqual([]);
    expectHonest(trip, doubleFindings(trip), doubleFindings);
  });
  test('two cook groups may have two stoves', () => {
    const trip = party([aThing('s1', { purpose: 'stove' }), aThing('s2', { purpose: 'stove' })]);
    const two: Trip = {
      ...trip,
      groups: [
        { id: 'n', name: 'N', kind: 'cook' },
        { id: 's', name: 'S', kind: 'cook' },
      ],
    };
    expect(ids(doubleFindings(trip))).toEqual(['double/stove']);
    expect(doubleFindings(two)).toEqual([]);
  });
  test('wanted redundancy is exempt: bottles, map and phone, two beacons, filter and tablets, mini first aid', () => {
    const each = ['a', 'b', 'c'].flatMap((m) => [
      own(m, `${m}-bottle`, { purpose: 'waterContainer', waterCapacityL: 1 }),
      own(m, `${m}-bag`, { purpose: 'waterContainer', waterCapacityL: 2 }),
      own(m, `${m}-map`, { purpose: 'navigation' }),
      own(m, `${m}-phone`, { purpose: 'navigation' }),
      own(m, `${m}-aid`, { purpose: 'firstAid', massKg: 0.12 }),
    ]);
    const trip = party(
      [
        aThing('b1', { purpose: 'beacon' }),
        aThing('b2', { purpose: 'beacon' }),
        aThing('filter', { purpose: 'filter', name: 'Water filter' }),
        aThing('tablets', { purpose: 'filter', name: 'Water tablets' }),
      ],
      each,
    );
    expect(doubleFindings(trip)).toEqual([]);
  });
  test('what somebody carries under the name of a group piece', () => {
    const trip = party(
      [aThing('cord', { name: 'Cord, 20 m' })],
      [own('c', 'c-cord', { name: 'cord 20 m', massKg: 0.16 })],
    );
    expect(doubleFindings(trip)[0]).toMatchObject({
      id: 'double/name-cord-20-m',
      memberIds: ['c'],
      cures: [{ changeKg: -0.16 }],
    });
  });
});

describe('one job, two things', () => {
  test('a camera beside a phone, but not what the leader asked for', () => {
    const trip = party(
      [],
      [
        own('a', 'phone', { name: 'Phone' }),
        own('a', 'camera', { name: 'Camera', massKg: 0.48 }),
        own('b', 'phone-b', { name: 'Phone' }),
        own('b', 'camera-b', { name: 'Camera', want: 'required' }),
      ],
    );
    expect(sameJobFindings(trip)).toMatchObject([{ id: 'sameJob/camera/a', cures: [{ changeKg: -0.48 }] }]);
    expectHonest(trip, sameJobFindings(trip), sameJobFindings);
  });
  test('house rules leave things idle: a cover beside a liner, a reservoir where bottles are the rule', () => {
    const trip = party(
      [],
      [
        own('a', 'cover', { name: 'Pack cover' }),
        own('b', 'sac', { name: 'Reservoir, 2 L', purpose: 'waterContainer', waterCapacityL: 2 }),
      ],
    );
    expect(ids(sameJobFindings(trip))).toEqual(['houseRule/cover/a']);
    const bottles: Trip = {
      ...trip,
      houseRules: { ...trip.houseRules, reservoir: 'bottlesOnly', rainProtection: 'cover' },
    };
    expect(ids(sameJobFindings(bottles))).toEqual(['houseRule/reservoir/b']);
  });
});

describe('completeness', () => {
  const grouped = (pieces: readonly Piece[], things: readonly PersonalThing[] = []): Trip => {
    const trip = party(pieces, things);
    return {
      ...trip,
      groups: [
        { id: 'tent', name: 'Tent', kind: 'tent' },
        { id: 'cook', name: 'Cook', kind: 'cook' },
      ],
      members: trip.members.map((m, i) => ({
        ...m,
        ...(i < 2 ? { tentGroupId: 'tent', cookGroupId: 'cook' } : {}),
      })),
    };
  };
  test('a stove without fuel, a tent without pegs, a torch without cells', () => {
    const trip = grouped(
      [
        aThing('stove', { purpose: 'stove', needs: ['gas'], onlyGroupId: 'cook' } as Partial<Piece>),
        aThing('body', {
          purpose: 'tentBody',
          needs: ['tentPoles', 'tentPegs'],
          onlyGroupId: 'tent',
        } as Partial<Piece>),
        aThing('poles', { purpose: 'tentPoles', onlyGroupId: 'tent' } as Partial<Piece>),
      ],
      [own('a', 'torch', { purpose: 'light', needs: ['cells'] })],
    );
    const findings = completenessFindings(trip, LIB);
    expect(findings.map((f) => [f.id, f.what])).toEqual([
      ['incomplete/gas/cook', 'stove without gas'],
      ['incomplete/tentPegs/tent', 'body without tent pegs'],
      ['incomplete/cells/party', 'torch without spare cells or a power bank'],
    ]);
    expectHonest(trip, findings, (t) => completenessFindings(t, LIB));
  });
  test('a shelter stands on the walking poles of somebody who sleeps in it, not of anybody', () => {
    const shelter = aThing('tarp', {
      purpose: 'tentFly',
      needs: ['walkingPoles'],
      onlyGroupId: 'tent',
    } as Partial<Piece>);
    const poles = (who: string) => [own(who, 'poles', { purpose: 'walkingPoles', worn: true })];
    expect(ids(completenessFindings(grouped([shelter], poles('c')), LIB))).toEqual([
      'incomplete/walkingPoles/tent',
    ]);
    expect(completenessFindings(grouped([shelter], poles('a')), LIB)).toEqual([]);
  });
});

describe('dates and journeys', () => {
  test('out of date before or during the trip, until its replacement is arranged', () => {
    const trip = party([
      aThing('old', { name: 'First aid', purpose: 'firstAid', expiresOn: '2027-04-30' }),
      aThing('soon', { name: 'Sun cream', expiresOn: '2027-05-11' }),
      aThing('good', { expiresOn: '2027-05-12' }),
    ]);
    const findings = expiryFindings(trip);
    expect(findings.map((f) => [f.id, f.weight, f.why.split(':')[0]])).toEqual([
      ['expired/old', 'must', '10 days before the start'],
      ['expired/soon', 'should', 'during the trip'],
    ]);
    expectHonest(trip, findings, expiryFindings);
    expect(cure(trip, findings[0]!).arrangements).toMatchObject([
      { kind: 'buy', thingId: 'old', who: 'the leader', byDate: '2027-05-10' },
    ]);
  });
  test('what needs repair', () => {
    const trip = party([], [own('b', 'bag', { wear: 'needsRepair', owner: 'Club' })]);
    expect(repairFindings(trip)).toMatchObject([{ id: 'repair/bag', memberIds: ['b'] }]);
    expect(cure(trip, repairFindings(trip)[0]!).arrangements[0]!.who).toBe('Club');
    expectHonest(trip, repairFindings(trip), repairFindings);
  });
  test('gas and spray do not fly; nothing is said of a party that does not', () => {
    const trip = party([
      aThing('gas', { flags: ['gasFuel'] }),
      aThing('spray', { purpose: 'animalSpray' }),
      aThing('pegs', { flags: ['sharp'] }),
    ]);
    expect(airFindings(trip)).toEqual([]);
    const flying: Trip = { ...trip, byAir: true };
    expect(airFindings(flying).map((f) => [f.id, f.weight, f.cures.length])).toEqual([
      ['air/gas', 'must', 1],
      ['air/spray', 'must', 1],
      ['air/sharp', 'should', 0],
    ]);
    expectHonest(flying, airFindings(flying), airFindings);
  });
});

describe('water', () => {
  test('two carriers each, enough litres on the driest day', () => {
    const base = party(
      [],
      [
        own('a', 'a1', { purpose: 'waterContainer', waterCapacityL: 1 }),
        own('a', 'a2', { purpose: 'waterContainer', waterCapacityL: 2 }),
        own('b', 'b1', { purpose: 'waterContainer', waterCapacityL: 1 }),
        own('b', 'b2', { purpose: 'waterContainer', waterCapacityL: 0.5 }),
        own('c', 'c1', { purpose: 'waterContainer', waterCapacityL: 3 }),
      ],
    );
    const trip = { ...base, legs: base.legs.map((leg, i) => ({ ...leg, waterL: i === 1 ? 3 : 1 })) };
    const findings = waterFindings(trip, LIB);
    expect(findings.map((f) => [f.id, f.memberIds, f.what])).toEqual([
      ['water/two', ['c'], 'Cleo: fewer than two water carriers'],
      ['water/litres', ['b'], 'Ben: 1.5 L of containers for 3.0 L'],
    ]);
    expectHonest(trip, findings, (t) => waterFindings(t, LIB));
  });
});

describe('leave behind', () => {
  const things = [
    own('a', 'down', { name: 'Down jacket', purpose: 'warmLayer', massKg: 0.38 }),
    own('a', 'fleece', { name: 'Light fleece', purpose: 'warmLayer', massKg: 0.28 }),
    own('a', 'net', { name: 'Insect head net', purpose: 'insectNet', massKg: 0.025 }),
    own('a', 'rain', { name: 'Rain trousers', purpose: 'rainwear', massKg: 0.23 }),
    own('a', 'jacket', { name: 'Rain jacket', purpose: 'rainwear', massKg: 0.34 }),
  ];
  test('mild, dry and without insects: second layer, nets and rain trousers may stay, with threshold and grams', () => {
    const trip: Trip = { ...weather(party([], things), { nightC: 7 }), insects: 'none' };
    const findings = leaveBehindFindings(trip, LIB);
    expect(findings.map((f) => [f.id, f.why, f.cures[0]!.changeKg])).toEqual([
      [
        'leaveBehind/forecast-second-warm-layer',
        'one warm layer is enough: coldest night 7 °C, from 5 °C on it can stay',
        -0.28,
      ],
      [
        'leaveBehind/forecast-rain-trousers',
        'rain is at most 10 % likely on any day; below 20 % they can stay, the jacket never',
        -0.23,
      ],
      ['leaveBehind/forecast-nets', 'no insects are expected', -0.025],
    ]);
    expectHonest(trip, findings, (t) => leaveBehindFindings(t, LIB));
  });
  test('cold and wet: nothing stays, gloves, hat and a warm jacket must come', () => {
    const trip: Trip = { ...weather(party([], things), { nightC: -3, rainChance: 0.7 }), insects: 'many' };
    const findings = leaveBehindFindings(trip, LIB);
    expect(ids(findings)).toEqual(['bring/gloves', 'bring/hat', 'bring/down', 'bring/trousers', 'bring/net']);
    expect(findings[2]!.memberIds).toEqual(['b', 'c']);
    expectHonest(trip, findings, (t) => leaveBehindFindings(t, LIB));
  });
  test('camps are colder than the valley: 800 m higher, 5.2 °C less', () => {
    const trip = weather(party([], things), { nightC: 7 });
    const high: Trip = {
      ...trip,
      place: { name: 'Valley', latitudeDeg: 0, longitudeDeg: 0, valleyElevationM: 100 },
      legs: trip.legs.map((leg) => ({ ...leg, campElevationM: 900 })),
    };
    expect(tripFacts(high).coldestNightC).toBeCloseTo(1.8, 9);
    expect(ids(leaveBehindFindings(high, LIB))).not.toContain('leaveBehind/forecast-second-warm-layer');
  });
  test('without a forecast nothing is decided by it; where nothing at all is known of the nights, it is asked', () => {
    const unknown = party([], things);
    expect(leaveBehindFindings(unknown, LIB).map((f) => [f.id, f.weight])).toEqual([
      ['bring/unknown-nights', 'should'],
    ]);
    expect(leaveBehindFindings(unknown, LIB)[0]!.why).toContain('kit is chosen for −1 °C');
    const place = { name: 'Moor', latitudeDeg: 54, longitudeDeg: -4, valleyElevationM: 200 };
    expect(leaveBehindFindings({ ...unknown, place }, LIB)).toEqual([]);
    const legs = unknown.legs.map((leg) => ({ ...leg, campElevationM: 900 }));
    expect(leaveBehindFindings({ ...unknown, legs }, LIB)).toEqual([]);
    expect(leaveBehindFindings({ ...unknown, legs: unknown.legs.slice(0, 1) }, LIB)).toEqual([]);
  });
  test('unused on the last three trips of this style may stay; a use in between, another style or safety kit may not', () => {
    const outing = (date: string, used: boolean, style: Trip['style'] = 'camp'): Outing => ({
      date,
      trip: 't',
      style,
      used,
    });
    const three = [outing('2026-08-01', false), outing('2026-05-01', false), outing('2025-08-01', false)];
    expect(unusedInARow([...three, outing('2024-01-01', true)], 'camp')).toBe(3);
    expect(unusedInARow([outing('2026-09-01', true), ...three], 'camp')).toBe(0);
    const entry = (id: string, outings: readonly Outing[]): LibraryEntry =>
      ({ ...LIB.find((e) => e.id === id)!, outings }) as LibraryEntry;
    const trip = party(
      [],
      [
        own('a', 'book', { name: 'Book', libraryId: 'own-book', massKg: 0.22 }),
        own('a', 'seat', { name: 'Seat', libraryId: 'own-folding-seat' }),
        own('a', 'aid', { name: 'Aid', purpose: 'firstAid', libraryId: 'own-own-small-first-aid' }),
      ],
    );
    const library = [
      entry('own-book', three),
      entry(
        'own-folding-seat',
        three.map((o) => ({ ...o, style: 'hut' as const })),
      ),
      entry('own-own-small-first-aid', three),
    ];
    expect(leaveBehindFindings(trip, library).filter((f) => f.kind === 'leaveBehind')).toMatchObject([
      { id: 'leaveBehind/unused-own-book', cures: [{ changeKg: -0.22 }] },
    ]);
  });
  test('the safety kit is never up for it', () => {
    const safety = LIB.flatMap((e) =>
      e.kind === 'thing' &&
      e.thing.purpose !== 'power' &&
      /beacon|first aid|whistle|torch|shelter|water filter|map|rain jacket/i.test(e.name)
        ? [e]
        : [],
    );
    expect(safety.length).toBeGreaterThan(10);
    for (const e of safety)
      expect([e.name, isSafetyKit({ ...e.thing, name: e.name })]).toEqual([e.name, true]);
  });
});

describe('all checks', () => {
  test('what must be settled comes first; put aside with a reason, it can be taken up again', () => {
    const trip = party([aThing('old', { purpose: 'firstAid', massKg: 0.6, expiresOn: '2020-01-01' })]);
    const before = kitChecks(trip, LIB);
    const weights = before.open.map((f) => f.weight);
    expect(
      [...weights].sort(
        (a, b) => ['must', 'should', 'could'].indexOf(a) - ['must', 'should', 'could'].indexOf(b),
      ),
    ).toEqual(weights);
    const aside = dismissFinding(trip, 'expired/old', 'only the plasters are');
    const after = kitChecks(aside, LIB);
    expect(ids(after.open)).not.toContain('expired/old');
    expect(after.dismissed).toMatchObject([{ reason: 'only the plasters are' }]);
    expect(tripErrors(aside)).toEqual([]);
    expect(ids(kitChecks(recallFinding(aside, 'expired/old'), LIB).open)).toEqual(ids(before.open));
  });
  test('every cure of every finding of a bare party is honest', () => {
    const trip: Trip = {
      ...weather(
        party(
          [],
          ['a', 'b', 'c'].map((id) => own(id, `${id}-shorts`)),
        ),
        { nightC: -6, dayC: 16, rainChance: 0.6 },
      ),
      insects: 'many',
      byAir: true,
    };
    const findings = kitChecks(trip, LIB).open;
    expect(findings.length).toBeGreaterThan(20);
    expectHonest(trip, findings, (t) => kitChecks(t, LIB).open);
  });
  test('forgotten: the spoon, where meals are cooked', () => {
    const trip: Trip = { ...party(), groups: [{ id: 'cook', name: 'Cook', kind: 'cook' }] };
    expect(ids(forgottenFindings(trip, LIB))).toContain('forgotten/spoon');
    expect(ids(forgottenFindings({ ...trip, groups: [] }, LIB))).not.toContain('forgotten/spoon');
  });
});

describe('lists by template', () => {
  const grouped: Trip = (() => {
    const trip = weather(party(), { nightC: 3 });
    return {
      ...trip,
      groups: [
        { id: 'tent', name: 'Tent', kind: 'tent' },
        { id: 'cook', name: 'Cook', kind: 'cook' },
      ],
      members: trip.members.map((m) => ({ ...m, tentGroupId: 'tent', cookGroupId: 'cook' })),
    };
  })();
  test('rules decide: nights, cold, rain, insects, snow', () => {
    const has = (trip: Trip, id: string): boolean => proposeKit(trip, LIB).some((p) => p.id === id);
    expect(has(grouped, 'own-sleeping-bag-three-seasons')).toBe(true);
    expect(has(weather(grouped, { nightC: 9 }), 'own-sleeping-bag-summer')).toBe(true);
    expect(has(weather(grouped, { nightC: -8 }), 'own-sleeping-bag-winter')).toBe(true);
    expect(has(weather(grouped, { nightC: 3, rainChance: 0.1 }), 'own-rain-trousers')).toBe(false);
    expect(has({ ...grouped, insects: 'many' }, 'own-insect-head-net')).toBe(true);
    expect(has(grouped, 'own-insect-head-net')).toBe(false);
    expect(
      has(
        { ...grouped, houseRules: { ...grouped.houseRules, reservoir: 'bottlesOnly' } },
        'own-reservoir-2-l',
      ),
    ).toBe(false);
  });
  test('a tent for those who sleep in it, a pot for those who eat from it', () => {
    const kits = proposeKit(grouped, LIB).filter((p) => p.entry.kind === 'kit');
    expect(kits.map((p) => [p.entry.name, p.groupId])).toEqual([
      ['Tent for three', 'tent'],
      ['Heat-exchanger cook set, 1.8 L', 'cook'],
    ]);
  });
  test('taken whole it leaves nothing to propose, a valid trip, and little for the checks', () => {
    const taken = takeProposals(grouped, proposeKit(grouped, LIB));
    expect(tripErrors(taken)).toEqual([]);
    expect(proposeKit(taken, LIB)).toEqual([]);
    const dishes = LIB.flatMap((e) => (e.kind === 'dish' ? [e] : []));
    const musts = kitChecks(landLarder(fillMeals(taken, dishes)), LIB).open.filter(
      (f) => f.weight === 'must',
    );
    // Gas comes from Larder's canisters, which nobody has chosen yet.
    expect(ids(musts)).toEqual(['incomplete/gas/cook']);
  });
});

describe('library and lists', () => {
  test('a kit goes to its group with its rules, and the group learns what it holds', () => {
    const trip: Trip = { ...party(), groups: [{ id: 'cook', name: 'Cook', kind: 'cook' }] };
    const entry = LIB.find((e) => e.id === 'kit-heat-exchanger-cook-set-1-8-l')!;
    if (entry.kind !== 'kit') throw new Error('expected a kit');
    const next = giveKit(trip, entry, 'cook');
    expect(next.groups[0]).toMatchObject({ potL: 1.8, stove: 'gasExchanger' });
    const [pot, burner] = next.kits[next.kits.length - 1]!.pieces;
    expect(burner).toMatchObject({ nestsIn: pot!.id, onlyGroupId: 'cook', libraryId: entry.id });
    expect(tripErrors(next)).toEqual([]);
    expect(entryOfKit(next, next.kits[next.kits.length - 1]!, LIB)).toMatchObject({
      id: entry.id,
      name: entry.name,
      potL: 1.8,
    });
  });
  test('a thing goes back as the entry it came from, with its new mass and its record', () => {
    const entry = LIB.find((e) => e.id === 'own-head-torch')!;
    if (entry.kind !== 'thing') throw new Error('expected a thing');
    const trip = giveEach(party(), entry, ['a']);
    const weighed = {
      ...trip.personalThings[0]!,
      massKg: 0.087,
      massEstimated: false,
      measuredOn: '2027-01-02',
    };
    expect(entryOfThing(weighed, LIB)).toEqual({
      ...entry,
      thing: { ...entry.thing, massKg: 0.087, massEstimated: false, measuredOn: '2027-01-02' },
    });
  });
});

describe('a pasted list', () => {
  test.each([
    ['tent 1.9 kg', { name: 'Tent', count: 1, massKg: 1.9 }],
    ['2 x socks 80 g', { name: 'Socks', count: 2, massKg: 0.08 }],
    ['- Rain jacket (340g)', { name: 'Rain jacket', count: 1, massKg: 0.34 }],
    ['• sleeping bag, 8 L, 1,05 kg', { name: 'Sleeping bag', count: 1, massKg: 1.05, volumeL: 8 }],
    ['[x] Bottle, 1 L 110 g', { name: 'Bottle, 1 L', count: 1, massKg: 0.11 }],
    ['3. pot: 1 lb 2 oz', { name: 'Pot', count: 1, massKg: 0.5103 }],
    ['whistle', { name: 'Whistle', count: 1 }],
    ['spoon\t12 g', { name: 'Spoon', count: 1, massKg: 0.012 }],
  ])('%j', (text, expected) => {
    const { things, errors } = parseList(text);
    expect(errors).toEqual([]);
    expect(
      things.map(({ line: _line, massKg, ...t }) => ({
        ...t,
        ...(massKg === undefined ? {} : { massKg: Number(massKg.toFixed(4)) }),
      })),
    ).toEqual([expected]);
  });
  test('bare numbers have the unit that is said', () => {
    expect(parseList('tent 1900\nmap', { bareUnit: 'g' }).things).toMatchObject([
      { name: 'Tent', massKg: 1.9 },
      { name: 'Map' },
    ]);
    expect(parseList('tent 1900').things[0]).toEqual({ line: 1, name: 'Tent 1900', count: 1 });
  });
  test('errors say the line and what was expected; the other lines are read', () => {
    const { things, errors } = parseList('tent 1.9 kg\n 300 g\n\nrope 1 kg 2 kg\nanvil 80 kg\ncup');
    expect(things.map((t) => [t.line, t.name])).toEqual([
      [1, 'Tent'],
      [6, 'Cup'],
    ]);
    expect(errors).toEqual([
      { line: 2, message: 'expected a name beside the weight, got "300 g"' },
      { line: 4, message: 'expected one mass, got 2 in "rope 1 kg 2 kg"' },
      { line: 5, message: 'expected a mass up to 60 kg, got 80 kg in "anvil 80 kg"' },
    ]);
  });
  test('what is not said comes from the most alike entry, the room with the mass; a missing mass stays an estimate', () => {
    const { things } = parseList('Down jacket 570 g\nhead torch\nthingamajig 1 kg');
    const target = { kind: 'member', memberId: 'a' } as const;
    const trip = takeRows(party(), rowsOfPasted(things, LIB, party(), target), target).trip;
    expect(trip.personalThings).toMatchObject([
      {
        name: 'Down jacket',
        massKg: 0.57,
        massEstimated: false,
        purpose: 'warmLayer',
        volumeL: 4.5,
        libraryId: 'own-down-jacket',
      },
      { name: 'Head torch', massKg: 0.09, massEstimated: true, purpose: 'light' },
      { name: 'Thingamajig', purpose: 'other', volumeL: 3.33 },
    ]);
    expect(tripErrors(trip)).toEqual([]);
  });
  test('names that share no word with any entry are not guessed at', () => {
    expect(guessFacts('zither', LIB).libraryId).toBeUndefined();
    expect(guessFacts('my old rain jacket', LIB).libraryId).toBe('own-rain-jacket');
  });
});

test('a total with estimates is a range: their squares add up, weighed ones are exact', () => {
  const weighed = { massKg: 10, massEstimated: false };
  const guess = { massKg: 1, massEstimated: true };
  expect(massRange([weighed])).toEqual({ kg: 10, lowKg: 10, highKg: 10, estimates: 0 });
  const range = massRange([weighed, guess, guess, guess, guess]);
  // Four guesses of 1 kg, each ± 0.2 kg: √(4 × 0.04) = 0.4.
  expect(range.lowKg).toBeCloseTo(13.6, 9);
  expect(range.highKg).toBeCloseTo(14.4, 9);
  expect(range.estimates).toBe(4);
});

test('a line that is no line of a list is refused by its length, at once and in few words', () => {
  const { things, errors } = parseList(`Tent 1.9 kg\n${'1 '.repeat(20_000)}\nStove 90 g`);
  expect(things.map((t) => t.name)).toEqual(['Tent', 'Stove']);
  expect(errors).toEqual([{ line: 2, message: 'expected a line of at most 1000 characters, got 40000' }]);
  expect(parseList(`${'2 kg '.repeat(150)}`).errors[0]!.message.length).toBeLessThan(200);
});
