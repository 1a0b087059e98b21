import { answersOf } from './answers.js';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseTripFile } from '../formats/tripFile.js';
import { loadsOverTrip } from '../load/memberLoad.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { PersonalThing, Trip } from '../trip/model.js';
import { allPieces, carriedPieces, memberById, ownThings } from '../trip/queries.js';
import type { KeptMark } from './marks.js';
import { memberSheet } from './memberSheet.js';
import { FROM_LEADER } from './sheetThings.js';
import { partySheet } from './partySheet.js';
import { sheetChanges } from './sheetChanges.js';
import { sheetMarkErrors } from './sheetMarkSchema.js';
import { sheetProgress } from './sheetProgress.js';

const demo = (name: string): Trip =>
  parseTripFile(readFileSync(join(__dirname, '../../../../data/demo', `${name}.graft.json`), 'utf8'));
const DEMOS = ['corvane-census', 'hut-roof', 'rock-mapping'] as const;

describe.each(DEMOS)('the sheets of %s', (name) => {
  const trip = demo(name);
  const sheets = trip.members.map((m) => memberSheet(trip, m.id));

  test('together hold every shared piece once, and each holds all of its member’s own things', () => {
    const pieces = new Set(allPieces(trip).map((p) => p.id));
    const told = sheets.flatMap((s) => s.things.filter((t) => pieces.has(t.id)).map((t) => t.id));
    expect(told.sort()).toEqual(
      trip.members.flatMap((m) => carriedPieces(trip, m.id, 1).map((p) => p.id)).sort(),
    );
    for (const sheet of sheets) {
      const own = sheet.things.filter((t) => !pieces.has(t.id)).map((t) => t.id);
      expect(own).toEqual(ownThings(trip, sheet.memberId).map((t) => t.id));
    }
  });

  test('what one carries, all others read of them', () => {
    for (const sheet of sheets) {
      for (const { who, pieces } of sheet.others) {
        const other = sheets.find((s) => s.name === who)!;
        expect(other.things.map((t) => t.name)).toEqual(expect.arrayContaining([...pieces]));
      }
    }
  });

  test('say nothing of the bodies and the health of others', () => {
    const secret = (t: Trip): Trip => ({
      ...t,
      members: t.members.map((m, i) => ({ ...m, bodyMassKg: 60.111 + i, healthNotes: `note ${i}` })),
    });
    const hidden = secret(trip);
    hidden.members.forEach((member, i) => {
      const text = JSON.stringify(memberSheet(hidden, member.id));
      expect(text).toContain(String(60.111 + i));
      hidden.members.forEach((_other, j) => {
        if (j !== i) expect(text).not.toContain(String(60.111 + j));
        expect(text).not.toContain(`note ${j}"`);
      });
    });
    expect(JSON.stringify(partySheet(hidden))).not.toMatch(/60\.111|note \d/);
  });

  test('loads are those of the plan, day by day', () => {
    for (const sheet of sheets) {
      const loads = loadsOverTrip(trip, memberById(trip, sheet.memberId));
      expect(sheet.days.map((d) => d.loadKg)).toEqual(loads.map((l) => l.totalKg));
      expect(sheet.loadKg).toBe(loads[0]!.totalKg);
    }
  });

  test('a stowed pack has a step and an outline for each thing that rides in it, inside the picture', () => {
    for (const sheet of sheets) {
      if (sheet.drawing === undefined) {
        expect(sheet.steps).toEqual([]);
        continue;
      }
      const placed = trip.stows.find((s) => s.memberId === sheet.memberId)!.placements.map((p) => p.thingId);
      const stepped = sheet.steps.flatMap((s) => s.thingIds);
      expect(new Set(stepped).size).toBe(stepped.length);
      for (const view of [sheet.drawing.side, sheet.drawing.behind]) {
        expect(view.things.map((t) => t.thingId).sort()).toEqual([...stepped].sort());
        for (const [h, z] of view.things.flatMap((t) => t.outlines.flat())) {
          expect(h).toBeGreaterThanOrEqual(view.h[0]);
          expect(h).toBeLessThanOrEqual(view.h[1]);
          expect(z).toBeGreaterThanOrEqual(view.z[0]);
          expect(z).toBeLessThanOrEqual(view.z[1]);
        }
      }
      expect(placed).toEqual(expect.arrayContaining(stepped));
    }
  });

  test('are small enough for a phone: below 64 kB each', () => {
    for (const sheet of sheets) expect(JSON.stringify(sheet).length).toBeLessThan(65_536);
  });
});

describe('a small party', () => {
  const own: PersonalThing = { ...aThing('jacket'), memberId: 'ann', worn: true };
  const kit: PersonalThing = { ...aThing('kit', { purpose: 'firstAid' }), memberId: 'bo', worn: false };
  const base = aTrip(
    [aMember('ann', { buddyId: 'bo', ageBand: 'under18' }), aMember('bo')],
    [aThing('tent', { massKg: 2 }), aThing('stove', { owner: 'ann' }), aThing('rope', { owner: 'Dara' })],
    [own, kit],
    3,
  );
  const trip: Trip = {
    ...base,
    share: ['tent', 'stove', 'rope'].map((pieceId) => ({ pieceId, memberId: 'ann', locked: false })),
    handovers: [{ id: 'h', pieceId: 'tent', day: 2, toMemberId: 'bo', reason: 'sore foot' }],
    roles: [{ id: 'r', day: 2, role: 'cook', memberId: 'ann' }],
  };
  const sheet = memberSheet(trip, 'ann');

  test('from whom one gets what: the owner, oneself, or the leader', () => {
    const from = Object.fromEntries(sheet.things.map((t) => [t.id, t.from]));
    expect(from).toEqual({ tent: FROM_LEADER, stove: undefined, rope: 'Dara', jacket: undefined });
    expect(sheet.things.find((t) => t.id === 'jacket')).toMatchObject({ worn: true });
  });

  test('a handover stands on both sheets, without the reason, which is somebody’s health', () => {
    expect(JSON.stringify([sheet, memberSheet(trip, 'bo')])).not.toContain('sore foot');
    expect(sheet.handovers).toEqual([{ day: 2, name: 'tent', massKg: 2, gives: true, other: 'bo' }]);
    expect(memberSheet(trip, 'bo').handovers).toEqual([
      { day: 2, name: 'tent', massKg: 2, gives: false, other: 'ann' },
    ]);
  });

  test('roles, buddy, where the safety kit is, and words for the young', () => {
    expect(sheet.days.map((d) => d.roles)).toEqual([[], ['cook'], []]);
    expect(sheet.days.map((d) => d.date)).toEqual(['2027-05-10', '2027-05-11', '2027-05-12']);
    expect(sheet.buddy).toBe('bo');
    expect(sheet.safety).toEqual([
      { name: 'kit', purpose: 'firstAid', everybody: false, at: [{ who: 'bo', place: 'in the pack' }] },
    ]);
    expect(sheet.cautions.some((c) => c.startsWith('Start light'))).toBe(true);
    expect(memberSheet(trip, 'bo').cautions.some((c) => c.startsWith('Start light'))).toBe(false);
  });

  test('what everybody has is told in one word, with where the reader’s own is', () => {
    const whistles = ['ann', 'bo'].map((memberId): PersonalThing => ({
      ...aThing(`whistle-${memberId}`, { name: 'Whistle', purpose: 'signal' }),
      memberId,
      worn: memberId === 'bo',
    }));
    const all = { ...trip, personalThings: [...trip.personalThings, ...whistles] };
    const toldTo = (memberId: string) => memberSheet(all, memberId).safety.find((s) => s.name === 'Whistle');
    expect(toldTo('bo')).toMatchObject({ everybody: true, at: [{ who: 'bo', place: 'on the body' }] });
    expect(partySheet(all).safety.find((s) => s.name === 'Whistle')).toMatchObject({
      everybody: true,
      at: [],
    });
  });

  test('the party’s sheet names what nobody carries', () => {
    expect(partySheet({ ...trip, share: trip.share.slice(1), handovers: [] }).unshared).toEqual(['tent']);
    expect(partySheet(trip).rows.map((r) => [r.name, r.pieces.length, r.buddy])).toEqual([
      ['ann', 3, 'bo'],
      ['bo', 0, undefined],
    ]);
  });
});

describe('what changed for a member', () => {
  const trip: Trip = {
    ...aTrip(
      [aMember('ann'), aMember('bo')],
      [aThing('tent', { massKg: 2 }), aThing('stove', { massKg: 0.4 })],
      [{ ...aThing('kit', { purpose: 'firstAid' }), memberId: 'bo', worn: false }],
      3,
    ),
    share: ['tent', 'stove'].map((pieceId) => ({ pieceId, memberId: 'ann', locked: false })),
  };
  const changes = (after: Trip, before = trip) =>
    sheetChanges(memberSheet(before, 'ann'), memberSheet(after, 'ann'));
  const given: Trip = {
    ...trip,
    share: [
      { pieceId: 'tent', memberId: 'ann', locked: false },
      { pieceId: 'stove', memberId: 'bo', locked: false },
    ],
  };

  test('nothing changed: nothing is told; what changed for others is not either', () => {
    expect(changes(trip)).toEqual([]);
    const heavier = trip.personalThings.map((t) => ({ ...t, massKg: 3 }));
    expect(changes({ ...trip, personalThings: heavier })).toEqual([]);
  });

  test('a piece that goes to somebody else, and comes back', () => {
    expect(changes(given)).toEqual(['Your load at the start: 3.9 kg, was 4.3 kg', 'No longer yours: stove']);
    expect(changes(trip, given)).toEqual([
      'Your load at the start: 4.3 kg, was 3.9 kg',
      'New for you: stove, 0.40 kg, from the leader',
    ]);
  });

  test.each<[string, Partial<Trip>, string]>([
    [
      'a handover',
      { handovers: [{ id: 'h', pieceId: 'tent', day: 2, toMemberId: 'bo', reason: 'tired' }] },
      'Day 2: give tent to bo',
    ],
    ['a role', { roles: [{ id: 'r', day: 3, role: 'cook', memberId: 'ann' }] }, 'Day 3: you are cook'],
    ['a date', { startDate: '2027-05-11' }, 'The trip starts on 2027-05-11, was 2027-05-10'],
    [
      'water',
      { legs: trip.legs.map((l, i) => (i === 1 ? { ...l, waterL: 2 } : l)) },
      'Day 2: set off with 2.0 L water, was 0.0 L',
    ],
    ['the safety kit', { personalThings: [] }, 'kit: nobody has it any more'],
    [
      'the food rule',
      { foodStorage: 'hang' },
      'At night everything that smells is hung up, away from the tents: food, rubbish, soap, toothpaste.',
    ],
  ])('%s', (_what, change, told) => {
    expect(changes({ ...trip, ...change })).toContain(told);
  });

  test('every change of a demo member’s own things is told', () => {
    const hut = demo('hut-roof');
    const before = memberSheet(hut, 'eddy');
    for (const { id } of before.things) {
      const without = { ...before, things: before.things.filter((t) => t.id !== id) };
      expect(sheetChanges(before, without)).toHaveLength(1);
      expect(sheetChanges(without, before)).toHaveLength(1);
    }
  });
});

describe('how far a member is', () => {
  const trip: Trip = {
    ...aTrip(
      [aMember('ann'), aMember('bo')],
      [aThing('tent', { massKg: 2 }), aThing('stove', { massKg: 0.4 })],
    ),
    share: ['tent', 'stove'].map((pieceId) => ({ pieceId, memberId: 'ann', locked: false })),
  };
  const told = (
    kind: KeptMark['kind'],
    value: KeptMark['value'],
    more: Partial<KeptMark> = {},
  ): KeptMark => ({
    id: `${kind} ${more.thingId ?? ''} ${more.at ?? ''}`,
    kind,
    value,
    at: '1',
    replaces: [],
    byLeader: false,
    ...more,
  });
  const progress = (...marks: readonly KeptMark[]) => sheetProgress(trip, 'ann', marks);

  test('nothing told: nothing packed, all unconfirmed', () => {
    expect(progress()).toEqual({
      things: 2,
      packed: 0,
      due: 2,
      received: 0,
      knowsSafety: false,
      unconfirmed: ['tent', 'stove'],
      conflicts: [],
      reports: [],
      answers: answersOf([]),
    });
  });

  test('packed or received is confirmed; steps that are no thing do not count', () => {
    const now = progress(
      told('packed', true, { thingId: 'tent' }),
      told('received', true, { thingId: 'stove' }),
      told('packed', true, { thingId: 'step-liner' }),
      told('safety', true),
    );
    expect(now).toMatchObject({ packed: 1, received: 1, knowsSafety: true, unconfirmed: [] });
  });

  test('a weight is a report until the plan has it', () => {
    const weighed = told('weight', 2.2, { thingId: 'tent' });
    expect(progress(weighed).reports).toMatchObject([
      { kind: 'weight', thing: { name: 'tent' }, value: 2.2 },
    ]);
    expect(progress(told('weight', 2.004, { thingId: 'tent' })).reports).toEqual([]);
  });

  test('a problem stays until it is settled, with the leader’s answer beside it', () => {
    const problem = told('problem', 'pole bent', { thingId: 'tent' });
    const answer = told('answer', 'take the spare', { thingId: 'tent', byLeader: true });
    expect(progress(problem, answer).reports).toMatchObject([
      { value: 'pole bent', answer: 'take the spare' },
    ]);
    const settled = told('problem', '', { thingId: 'tent', at: '2', replaces: [problem.id] });
    expect(progress(problem, answer, settled).reports).toEqual([]);
  });

  test('what two devices tell differently is named', () => {
    const one = told('packed', true, { thingId: 'tent' });
    const other = told('packed', false, { thingId: 'tent', at: '2' });
    expect(progress(one, other)).toMatchObject({ packed: 0, conflicts: ['tent'] });
  });
});

describe('marks over the wire', () => {
  const good = {
    id: '0b6ff2f4-5a53-4a4c-9d4e-2f3b6d1c9a10',
    kind: 'packed',
    thingId: 'tent',
    value: true,
    at: '2027-05-10T07:30:00.000Z',
    replaces: [],
  };
  const errors = (mark: object): readonly string[] =>
    sheetMarkErrors({ marks: [mark] }).map((e) => `${e.path}: ${e.message}`);

  test.each([
    [{}, []],
    [{ kind: 'weight', value: 1.25 }, []],
    [{ kind: 'problem', value: '' }, []],
    [{ kind: 'safety', thingId: undefined }, []],
    [{ kind: 'eaten' }, [expect.stringMatching(/kind: expected one of packed,.*got "eaten"/)]],
    [{ value: 'yes' }, ['marks[0].value: expected true or false, got "yes"']],
    [{ kind: 'weight', value: 61 }, ['marks[0].value: expected a number from 0 to 60 kg, got 61']],
    [{ id: 'x' }, ['marks[0].id: expected a UUID in lower case, got "x"']],
    [{ at: 'noon' }, [expect.stringContaining('marks[0].at: expected a time such as')]],
    [{ more: 1 }, [expect.stringContaining('more')]],
  ])('%j', (change, expected) => {
    expect(errors({ ...good, ...change })).toEqual(expected);
  });

  test('a list that is empty is refused', () => {
    expect(sheetMarkErrors({ marks: [] })).toHaveLength(1);
  });
});
