import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { memberSheet } from './memberSheet.js';
import { changesMessage, channelOf, linkMessage } from './messages.js';

test.each([
  ['ann@example.org', 'mail'],
  ['ann.lee+trips@mail.example.org', 'mail'],
  ['+353 (1) 555-0123', 'text'],
  ['0155501', 'text'],
  ['ann', undefined],
  ['ann@example', undefined],
  ['ann@example.', undefined],
  ['a b@example.org', undefined],
  ['"x"<a@example.org>', undefined],
  ['12345', undefined],
  ['+49 30 call me', undefined],
  ['', undefined],
])('%s is reached by %s', (address, channel) => {
  expect(channelOf(address)).toBe(channel);
});

const trip = aTrip([aMember('ann'), aMember('bo')], [aThing('tent', { massKg: 2 })]);
const shared = { ...trip, share: [{ pieceId: 'tent', memberId: 'ann', locked: false }] };

test('a link’s message names trip and member, holds the link, and no weight of a body', () => {
  const { subject, text } = linkMessage(memberSheet(trip, 'ann'), 'http://127.0.0.1/s/#key');
  expect(subject).toBe('Small trip: your sheet');
  expect(text).toContain('http://127.0.0.1/s/#key');
  expect(text).toMatch(/^ann, this is your sheet for Small trip, from 2027-05-10:/);
  expect(text).not.toMatch(/kg/);
});

test('changes are told to whom they concern, and to nobody else', () => {
  const told = (id: string) => changesMessage(memberSheet(trip, id), memberSheet(shared, id));
  expect(told('ann')!.text).toContain('- New for you: tent, 2.0 kg, from the leader');
  expect(told('bo')).toBeUndefined();
  expect(changesMessage(memberSheet(shared, 'ann'), memberSheet(shared, 'ann'))).toBeUndefined();
});
