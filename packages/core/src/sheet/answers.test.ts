import fc from 'fast-check';
import { tripErrors } from '../formats/tripFile.js';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { aMember, aTrip } from '../testing/smallTrip.js';
import { runs } from '../testing/runs.js';
import { addMember } from '../trip/partyChanges.js';
import { emptyTrip } from '../trip/emptyTrip.js';
import { memberById, ownThings, packOf } from '../trip/queries.js';
import type { Trip } from '../trip/model.js';
import { answersOf, BODY_BANDS, OFFER_KINDS, SAID_FIELDS, type SaidField } from './answers.js';
import { sheetAsk } from './ask.js';
import type { MarkKind, MarkValue, SheetMark } from './marks.js';
import { memberSheet } from './memberSheet.js';
import { sheetMarkErrors } from './sheetMarkSchema.js';
import { answerProposals, takeAnswers } from './takeAnswers.js';

let count = 0;
const mark = (
  kind: MarkKind,
  thingId: string,
  value: MarkValue,
  replaces: readonly string[] = [],
): SheetMark => {
  count += 1;
  return {
    id: `00000000-0000-4000-8000-${String(count).padStart(12, '0')}`,
    kind,
    thingId,
    value,
    at: `2027-05-01T08:00:${String(count % 60).padStart(2, '0')}.000Z`,
    replaces,
  };
};
const said = (field: SaidField, value: MarkValue): SheetMark => mark('said', field, value);
const trip = addMember(addMember(emptyTrip('t', 'T', '2027-05-10', 3), 'Ilse'), 'Tam');
const [ilse, tam] = trip.members;
const all = answersOf([
  said('body', 62),
  said('stature', 168),
  said('pack', 60),
  said('ownKg', 6.5),
  said('cap', 12),
  said('capWhy', 'a bad knee'),
  said('eats', 'nuts'),
  said('medicines', 'inhaler'),
  said('tentWith', tam!.id),
  said('done', true),
  mark('own', 'own-head-torch', JSON.stringify({ name: 'Head torch', kg: 0.08 })),
  mark('own', 'added', JSON.stringify({ name: 'Harmonica' })),
  mark('offer', 'o1', JSON.stringify({ what: 'tent', name: 'dome tent', sleeps: 2, kg: 2.1 })),
  mark('offer', 'o2', JSON.stringify({ what: 'stove', name: 'gas stove', kg: 0.3 })),
]);

describe('answers of members', () => {
  test('proposals say what they change; taken, all of it is in the trip and none is left', () => {
    const proposals = answerProposals(trip, ilse!.id, all);
    expect(proposals.map((p) => p.label)).toEqual([
      'Body weight 62.0 kg, was ≈ 70.0 kg',
      'Stature 168 cm, was 172 cm',
      'A pack of 60 L, was 50 L pack',
      'Own things 6.5 kg together',
      'Can carry 12.0 kg at most',
      'Carrying: a bad knee (into the private notes)',
      'Cannot eat: nuts (into the private notes)',
      'Medicines: inhaler (into the private notes)',
      'Shares a tent with Tam',
      'Brings Head torch, 0.08 kg',
      'Brings Harmonica',
      'Offers dome tent, sleeps 2, 2.1 kg',
      'Offers gas stove, 0.30 kg',
    ]);
    const taken = takeAnswers(trip, ilse!.id, all);
    expect(tripErrors(taken)).toEqual([]);
    expect(answerProposals(taken, ilse!.id, all)).toEqual([]);
    const now = memberById(taken, ilse!.id);
    expect([now.bodyMassKg, now.bodyEstimated, now.ownCapKg, now.ownThingsKg]).toEqual([
      62,
      undefined,
      12,
      6.5,
    ]);
    expect(packOf(taken, now).name).toBe('60 L pack');
    expect(now.tentGroupId).toBe(memberById(taken, tam!.id).tentGroupId);
    expect(now.healthNotes).toBe('Carrying: a bad knee\nCannot eat: nuts\nMedicines: inhaler');
    expect(ownThings(taken, ilse!.id).map((t) => [t.name, t.massKg, t.massEstimated])).toEqual([
      ['Head torch', 0.08, false],
      ['Harmonica', expect.any(Number), true],
    ]);
    const tent = taken.kits.find((k) => k.name === 'Ilse’s dome tent')!;
    expect(tent.pieces.reduce((sum, p) => sum + p.massKg, 0)).toBeCloseTo(2.1, 2);
    expect(tent.pieces.every((p) => p.owner === 'Ilse')).toBe(true);
  });
  test('a band is a guess, and gives way to a weight; a note told anew takes the place of the old one', () => {
    const band = answersOf([said('band', '60 to 70')]);
    const guessed = takeAnswers(trip, ilse!.id, band);
    expect([memberById(guessed, ilse!.id).bodyMassKg, memberById(guessed, ilse!.id).bodyEstimated]).toEqual([
      65,
      true,
    ]);
    expect(answerProposals(guessed, ilse!.id, band)).toEqual([]);
    const known = takeAnswers(guessed, ilse!.id, answersOf([said('body', 61)]));
    expect(answerProposals(known, ilse!.id, band)).toEqual([]);
    const once = takeAnswers(trip, ilse!.id, answersOf([said('eats', 'nuts')]));
    const twice = takeAnswers(once, ilse!.id, answersOf([said('eats', 'nuts and eggs')]));
    expect(memberById(twice, ilse!.id).healthNotes).toBe('Cannot eat: nuts and eggs');
  });
  test('what is said anew replaces what was said; two devices that differ are told; an empty text takes back', () => {
    const first = said('body', 60);
    const second = mark('said', 'body', 62, [first.id]);
    expect(answersOf([second, first]).said.body).toBe(62);
    const other = said('body', 64);
    expect(answersOf([first, other]).disputed).toBe(1);
    const own = mark('own', 'x', JSON.stringify({ name: 'Kite' }));
    expect(answersOf([own, mark('own', 'x', '', [own.id])]).own.size).toBe(0);
    expect(answersOf([]).count).toBe(0);
  });
  test('a sheet asks until the party has left; it tells no body weight but one’s own', () => {
    const sheet = memberSheet(trip, ilse!.id);
    expect(sheet.ask!.own.length).toBeGreaterThan(8);
    expect(sheet.ask!.others).toEqual([{ id: tam!.id, name: 'Tam' }]);
    const minor = aTrip([aMember('m', { ageYears: 15, ageBand: 'under18' })], []);
    expect(sheetAsk(minor, minor.members[0]!)!.isMinor).toBe(true);
    const left: Trip = { ...trip, departure: { at: '2027-05-10T08:00', members: [] } as never };
    expect(sheetAsk(left, ilse!)).toBeUndefined();
  });
  test('marks that are no answers are refused', () => {
    const wrong: readonly (readonly [MarkKind, string, MarkValue])[] = [
      ['said', 'body', 5],
      ['said', 'body', '62'],
      ['said', 'shoe', 'big'],
      ['said', 'band', 'enormous'],
      ['said', 'done', 'yes'],
      ['said', 'eats', 'x'.repeat(501)],
      ['own', 'x', '{"kg":1}'],
      ['own', 'x', '{"name":"n","kg":99}'],
      ['own', 'x', '[1]'],
      ['offer', 'x', '{"name":"n","what":"boat"}'],
      ['offer', 'x', '{"name":"n","what":"tent","sleeps":0.5}'],
    ];
    for (const [kind, about, value] of wrong)
      expect([about, value, sheetMarkErrors({ marks: [mark(kind, about, value)] }).length > 0]).toEqual([
        about,
        value,
        true,
      ]);
    for (const right of [
      said('body', 62.5),
      said('band', BODY_BANDS[2]!),
      said('band', ''),
      said('done', false),
      mark('own', 'x', ''),
      mark('offer', 'x', '{"name":"n","what":"tent","sleeps":2}'),
    ])
      expect(sheetMarkErrors({ marks: [right] })).toEqual([]);
  });
  test('property: whatever is said to whatever trip, taking it leaves a whole trip and nothing to take', () => {
    const text = fc.constantFrom('nuts', 'a knee', 'Medicines: x', 'ß "q"');
    const value: Record<SaidField, fc.Arbitrary<MarkValue>> = {
      body: fc.integer({ min: 10, max: 250 }),
      band: fc.constantFrom(...BODY_BANDS),
      stature: fc.integer({ min: 80, max: 230 }),
      pack: fc.constantFrom(30, 50, 80),
      ownKg: fc.integer({ min: 0, max: 60 }),
      cap: fc.integer({ min: 1, max: 60 }),
      capWhy: text,
      eats: text,
      medicines: text,
      tentWith: fc.constantFrom('m0', 'm1', 'nobody'),
      guardian: text,
      done: fc.boolean(),
      medicinesForAll: fc.boolean(),
    };
    const marks = fc.tuple(...SAID_FIELDS.map((f) => value[f].map((v) => said(f, v))));
    const things = fc.array(
      fc.record({
        what: fc.constantFrom(...OFFER_KINDS),
        name: fc.constantFrom('tent', 'Zither', 'stove'),
        sleeps: fc.integer({ min: 1, max: 12 }),
      }),
      { maxLength: 4 },
    );
    fc.assert(
      fc.property(arbitraryTrip({ members: { min: 1, max: 4 } }), marks, things, (random, told, offers) => {
        const member = random.members[0]!;
        const answers = answersOf([
          ...told,
          ...offers.map((o, i) => mark('offer', `o${i}`, JSON.stringify(o))),
          ...offers.map((o, i) => mark('own', `w${i}`, JSON.stringify({ name: o.name, kg: 1 }))),
        ]);
        const taken = takeAnswers(random, member.id, answers);
        expect(tripErrors(taken)).toEqual([]);
        expect(answerProposals(taken, member.id, answers).map((p) => p.label)).toEqual([]);
      }),
      { seed: 5, numRuns: runs(30) },
    );
  });
});
