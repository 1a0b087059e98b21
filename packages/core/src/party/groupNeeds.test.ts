import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { PartyGroup, Trip } from '../trip/model.js';
import { partyNeeds } from './groupNeeds.js';

const tent = (more: Partial<PartyGroup> = {}): PartyGroup => ({
  id: 'tent',
  name: 'Tent',
  kind: 'tent',
  ...more,
});
const cook = (more: Partial<PartyGroup> = {}): PartyGroup => ({
  id: 'cook',
  name: 'Cooks',
  kind: 'cook',
  ...more,
});
function party(people: number, groups: readonly PartyGroup[], more: Partial<Trip> = {}): Trip {
  const key = groups[0]!.kind === 'tent' ? 'tentGroupId' : 'cookGroupId';
  const members = Array.from({ length: people }, (_v, i) => aMember(`m${i}`, { [key]: groups[0]!.id }));
  return { ...aTrip(members, []), groups, ...more };
}
const need = (trip: Trip) => partyNeeds(trip).groups[0]!;

describe('a tent', () => {
  test.each([
    [2, 2, 'right', '2 in a tent for 2: just right'],
    [3, 2, 'missing', '3 in a tent for 2: 1 place missing'],
    [2, 4, 'surplus', '2 in a tent for 4: 2 places over'],
  ])('%s in one for %s', (people, sleeps, state, finding) => {
    expect(need(party(people, [tent({ sleeps })]))).toMatchObject({ state, findings: [finding] });
  });
  test('with one place to stay spare', () => {
    const trip = party(2, [tent({ sleeps: 2 })]);
    const roomy = { ...trip, houseRules: { ...trip.houseRules, tentSpace: 'oneSpare' as const } };
    expect(need(roomy)).toMatchObject({
      state: 'missing',
      findings: ['2 in a tent for 2, one place to stay spare: 1 place missing'],
    });
  });
  test('of unknown size, or with nobody in it', () => {
    expect(need(party(2, [tent()])).state).toBe('unknown');
    expect(need(party(0, [tent({ sleeps: 2 })]))).toMatchObject({
      state: 'surplus',
      findings: ['nobody is in it'],
    });
  });
  test('names the pieces its kit lacks, and the members who are in none', () => {
    const trip = party(2, [tent({ sleeps: 2 })]);
    const kits = [
      { id: 'k', name: 'K', pieces: [{ ...aThing('body', { purpose: 'tentBody' }), onlyGroupId: 'tent' }] },
    ];
    const outsider = aMember('out');
    const needs = partyNeeds({ ...trip, kits, members: [...trip.members, outsider] });
    expect(needs.groups[0]).toMatchObject({
      state: 'missing',
      findings: [
        '2 in a tent for 2: just right',
        'no piece of the kit is tent poles for it',
        'no piece of the kit is pegs for it',
      ],
    });
    expect(needs.without.tent).toEqual([outsider]);
    expect(needs.without.cook).toEqual([]);
    expect(needs.sum.tent).toBe('2 places in 1 tent for 3 members.');
  });
});

// Common practice: about four people to a pot of 3 L.
describe('a cook group', () => {
  test('of four is fed from 3 L', () => {
    expect(need(party(4, [cook({ potL: 3 })]))).toMatchObject({ state: 'right' });
  });
  test('of five is not, and is told in how many turns it could be', () => {
    expect(need(party(5, [cook({ potL: 3 })]))).toMatchObject({
      state: 'missing',
      findings: ['5 people on 3 L of pot, 3.8 L is common: 0.8 L missing, or cook in 2 turns'],
    });
  });
  test('of one has a pot too many with 3 L', () => {
    expect(need(party(1, [cook({ potL: 3 })]))).toMatchObject({
      state: 'surplus',
      findings: ['1 person on 3 L of pot, 0.8 L is common: 2.3 L over'],
    });
  });
  test('in a hut needs no stove of its own', () => {
    const kits = [{ id: 'k', name: 'K', pieces: [aThing('cards')] }];
    const trip = party(4, [cook({ potL: 3 })], { kits });
    expect(need(trip).findings).toHaveLength(4);
    expect(need({ ...trip, style: 'hut' }).findings).toHaveLength(1);
  });
});
