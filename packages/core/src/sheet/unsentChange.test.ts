import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseTripFile } from '../formats/tripFile.js';
import { memberSheet } from './memberSheet.js';
import { sheetsFollow } from './sheetsFollow.js';
import { unsentChange } from './unsentChange.js';

const trip = parseTripFile(
  readFileSync(join(__dirname, '../../../../data/demo/hut-roof.graft.json'), 'utf8'),
);
const sent = memberSheet(trip, 'eddy');
/** As a database or a phone gives it back. */
const stored = JSON.parse(JSON.stringify(sent)) as typeof sent;

test('the same sheet is no change, made anew or stored and read', () => {
  expect(unsentChange(sent, memberSheet(trip, 'eddy'))).toBeUndefined();
  expect(unsentChange(stored, sent)).toBeUndefined();
});

test('what is the member’s own is told in words; what is others’ is a change without words', () => {
  const renamed = memberSheet({ ...trip, name: 'Another name' }, 'eddy');
  expect(unsentChange(stored, renamed)).toEqual(['The trip is called Another name now']);
  const joss = trip.members.find((m) => m.id === 'joss')!;
  const others = { ...trip, members: trip.members.map((m) => (m === joss ? { ...m, name: 'Jo' } : m)) };
  const change = unsentChange(stored, memberSheet(others, 'eddy'));
  expect(change).toBeDefined();
  const bare = { ...stored, others: [{ who: 'Jo', pieces: ['Rope'] }] };
  expect(unsentChange(stored, bare)).toEqual([]);
});

test('whom one shares a tent with is told', () => {
  const change = unsentChange(
    { ...stored, tent: { name: 'Dome', with: ['Joss'] } },
    { ...stored, tent: { name: 'Dome', with: ['Joss', 'Wren'] } },
  );
  expect(change).toEqual(['Your tent: Dome, Joss, Wren']);
});

test('sheets follow on the way alone, and only where the leaders said so', () => {
  const says = { sendsOnTheWay: true, events: [] };
  const departure = { at: '2027-05-10T08:00', by: 'Ann', share: [], loads: [] };
  const { departure: _none, ...home } = { ...trip, ...says };
  expect(sheetsFollow(home)).toBe(false);
  expect(sheetsFollow({ ...home, departure })).toBe(true);
  expect(sheetsFollow({ ...trip, events: [], departure })).toBe(false);
});
