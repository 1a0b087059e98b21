import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseTripFile } from '../formats/tripFile.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { PersonalThing, Thing, Trip } from '../trip/model.js';
import { replaceShare } from '../trip/changes.js';
import { allowedCarriers, allPieces, carrierOf } from '../trip/queries.js';
import { handOverRoleKit, roleHandovers } from './roleKit.js';
import { scentedRound } from './scentedRound.js';
import { sideTrip } from './sideTrip.js';

const census = parseTripFile(
  readFileSync(join(__dirname, '../../../../data/demo/corvane-census.graft.json'), 'utf8'),
);
/** Everything with the first who may carry it. */
const shared = replaceShare(
  census,
  allPieces(census).map((p) => ({
    pieceId: p.id,
    memberId: allowedCarriers(census, p)[0]!.id,
    locked: false,
  })),
);
const own = (thing: Thing, memberId: string): PersonalThing => ({ ...thing, memberId, worn: false });

describe('kit that goes with a role', () => {
  const base = aTrip(
    ['ada', 'ben', 'cleo'].map((id) => aMember(id)),
    [
      aThing('aid', { purpose: 'firstAid' }),
      aThing('map', { purpose: 'navigation' }),
      aThing('book', { name: 'Field notebook' }),
      aThing('stove', { purpose: 'stove' }),
    ],
    [],
    3,
  );
  const turn = (day: number, role: Trip['roles'][number]['role'], memberId: string) => ({
    id: `${role}-${day}`,
    day,
    role,
    memberId,
  });
  const trip: Trip = {
    ...base,
    share: base.kits[0]!.pieces.map((p) => ({ pieceId: p.id, memberId: 'ada', locked: false })),
    roles: [
      turn(1, 'medic', 'ada'),
      turn(2, 'medic', 'ben'),
      turn(3, 'medic', 'cleo'),
      turn(2, 'scribe', 'cleo'),
      turn(3, 'cook', 'ben'),
    ],
  };
  const handovers = roleHandovers(trip);
  test('day by day, from whoever has it then', () =>
    expect(handovers.map((h) => [h.day, h.role, h.piece.id, h.from.id, h.to.id])).toEqual([
      [2, 'medic', 'aid', 'ada', 'ben'],
      [2, 'scribe', 'book', 'ada', 'cleo'],
      [3, 'medic', 'aid', 'ben', 'cleo'],
    ]));
  test('once noted, the rota asks for nothing more', () => {
    const after = handOverRoleKit(trip, handovers);
    expect(roleHandovers(after)).toEqual([]);
    expect([1, 2, 3].map((d) => carrierOf(after, 'aid', d))).toEqual(['ada', 'ben', 'cleo']);
    expect(after.handovers[0]!.reason).toBe('ben is medic');
  });
  test('where several are medic, it stays with the one who has it; nobody gets what they may not carry', () => {
    expect(
      roleHandovers({ ...trip, roles: [turn(2, 'medic', 'ben'), { ...turn(2, 'medic', 'ada'), id: 'x' }] }),
    ).toEqual([]);
    const only = {
      ...trip,
      kits: [
        { ...trip.kits[0]!, pieces: trip.kits[0]!.pieces.map((p) => ({ ...p, onlyMemberIds: ['ada'] })) },
      ],
    };
    expect(roleHandovers(only)).toEqual([]);
  });
  test('the demo’s first-aid kit follows its rota', () => {
    const after = handOverRoleKit(census, roleHandovers(census));
    const aid = census.kits.flatMap((k) => k.pieces).find((p) => p.purpose === 'firstAid')!;
    for (const { day, memberId } of census.roles.filter((r) => r.role === 'medic'))
      expect(carrierOf(after, aid.id, day)).toBe(memberId);
  });
});

describe('a side trip', () => {
  const base = aTrip(
    ['ada', 'ben', 'cleo'].map((id) => aMember(id, { bodyMassKg: 80 })),
    [
      aThing('aid', { massKg: 0.6, purpose: 'firstAid' }),
      aThing('tarp', { massKg: 0.8, purpose: 'tarp' }),
      aThing('bivvy', { massKg: 0.4, purpose: 'emergencyShelter' }),
      aThing('tent', { massKg: 3 }),
    ],
    [
      own(aThing('a-shell', { massKg: 0.5, purpose: 'rainwear' }), 'ada'),
      own(aThing('b-shell', { massKg: 0.3, purpose: 'rainwear' }), 'ben'),
      own(aThing('b-map', { massKg: 0.1, purpose: 'navigation' }), 'ben'),
      own(aThing('a-bag', { massKg: 1.2, purpose: 'sleepingBag' }), 'ada'),
    ],
    2,
  );
  const trip: Trip = {
    ...base,
    larder: { ...base.larder, snackGPerDay: 400 },
    share: base.kits[0]!.pieces.map((p) => ({ pieceId: p.id, memberId: 'cleo', locked: false })),
  };
  const tare = trip.packs[0]!.tareKg;

  test('two for four hours: their own rain gear, half a day’s snacks, two litres, and the lightest that a party needs', () => {
    const { members, goersLack, stayersLack } = sideTrip(trip, 1, ['ada', 'ben'], 4);
    // Ben has 0.4 kg of his own, Ada 0.5: the first aid goes to Ben, then the shelter to Ada.
    expect(members.map((m) => m.things.map((t) => t.id))).toEqual([
      ['a-shell', 'bivvy'],
      ['b-shell', 'b-map', 'aid'],
    ]);
    expect(members.map((m) => m.waterL)).toEqual([2, 2]);
    expect(members[0]!.snackKg).toBeCloseTo(0.2, 9);
    expect(members[0]!.totalKg).toBeCloseTo(tare + 0.9 + 2 + 0.2, 9);
    expect(members[0]!.limitKg).toBeCloseTo(16, 9);
    expect(goersLack).toEqual([]);
    // Who stays has the tarp, but neither first aid nor a map any more.
    expect(stayersLack).toEqual(['firstAid', 'navigation']);
  });
  test('a day sack of one’s own goes, then those that are lent; who has none empties the big pack, and is told', () => {
    const sack = (id: string, massKg: number) => aThing(id, { name: `Day sack, ${id}`, massKg });
    const [kit] = trip.kits;
    const with2: Trip = {
      ...trip,
      kits: [{ ...kit!, pieces: [...kit!.pieces, sack('lent', 0.25)] }],
      share: [...trip.share, { pieceId: 'lent', memberId: 'cleo', locked: false }],
      personalThings: [...trip.personalThings, own(sack('own', 0.15), 'ada')],
    };
    const of = (ids: readonly string[]) => sideTrip(with2, 1, ids, 4).members;
    expect(of(['ada', 'ben']).map((m) => [m.sack, m.isBigPack, m.packKg])).toEqual([
      ['Day sack, own', false, 0.15],
      ['Day sack, lent', false, 0.25],
    ]);
    const { sack: big, isBigPack, packKg } = of(['ada', 'ben', 'cleo'])[2]!;
    expect([big, isBigPack, packKg]).toEqual(['60 L pack', true, tare]);
    // The sack itself is no cargo of the sack.
    expect(of(['ada'])[0]!.things.map((t) => t.id)).not.toContain('own');
    const little = { ...trip, packs: trip.packs.map((p) => ({ ...p, zones: p.zones.slice(0, 1) })) };
    expect(sideTrip(little, 1, ['ada'], 4).members[0]).toMatchObject({ isBigPack: false, packKg: tare });
  });
  test('whoever stays has shelter in a tent', () => {
    const [kit] = trip.kits;
    const one = {
      ...trip,
      kits: [{ ...kit!, pieces: kit!.pieces.filter((p) => p.id !== 'tarp') }],
    };
    expect(sideTrip(one, 1, ['ada'], 2).stayersLack).toContain('emergencyShelter');
    const camp = {
      ...one,
      kits: [
        {
          ...kit!,
          pieces: one.kits[0]!.pieces.map((p) =>
            p.id === 'tent' ? { ...p, purpose: 'tentBody' as const } : p,
          ),
        },
      ],
    };
    expect(sideTrip(camp, 1, ['ada'], 2).stayersLack).not.toContain('emergencyShelter');
  });
  test('without Ben nobody has a map', () =>
    expect(sideTrip(trip, 1, ['ada'], 2)).toMatchObject({ goersLack: ['navigation'] }));
  test('if all go, nobody stays who could lack anything; who has left the party goes nowhere', () => {
    expect(sideTrip(trip, 1, ['ada', 'ben', 'cleo'], 2).stayersLack).toEqual([]);
    const left = { ...trip, members: trip.members.map((m) => (m.id === 'ben' ? { ...m, lastDay: 1 } : m)) };
    expect(sideTrip(left, 2, ['ben'], 2).members).toEqual([]);
  });
});

describe('the evening’s round', () => {
  test('in the demo each scented thing is with its carrier, in a zone of their pack', () => {
    const round = scentedRound(shared, 1)!;
    expect(round.members.length).toBe(8);
    expect(round.unshared).toEqual([]);
    const food = round.members.flatMap((m) => m.things.map((t) => ({ ...t, memberId: m.member.id })));
    expect(food.length).toBe(round.night.things.length);
    for (const { id, memberId } of food) {
      const piece = census.kits.some((k) => k.pieces.some((p) => p.id === id));
      if (piece) expect(carrierOf(shared, id, 1)).toBe(memberId);
    }
  });
  test('what nobody carries is told', () =>
    expect(scentedRound(census, 1)!.unshared).toContain('Washing-up kit'));
  test('the last night is at home', () => expect(scentedRound(census, census.legs.length)).toBeUndefined());
});
