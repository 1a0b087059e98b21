/** @jest-environment jest-fixed-jsdom */
import 'fake-indexeddb/auto';
import type { Trip } from '@graft/core/trip';
import { addDays } from '@graft/core/units';
import { today } from '../shared/dates';
import { isUnsaved, openSession, sessionReducer, type SessionState } from '../shared/tripSession';
import { sendOnce } from '../shared/tripSending';
import { demoTrip } from '../testing/demo';
import { fakeServer } from '../testing/fakeServer';
import { enterDevice, forgetDevice } from './deviceStore';
import { makeHandover, takeHandover } from './handover';
import { openTrip } from './openTrip';
import { waitingLetters } from './outbox';

const id = '7b5c8a7e-0d6e-4a3b-9a37-0f3a55c4a001';
const trip: Trip = { ...demoTrip('hut-roof'), startDate: addDays(today(), 30) };
let server = fakeServer(trip);

const change = (state: SessionState, by: (t: Trip) => Trip): SessionState =>
  sessionReducer(state, { type: 'change', label: 'change', change: by });
const bodyOf = (at: number, kg: number) => (t: Trip) => ({
  ...t,
  members: t.members.map((m, i) => (i === at ? { ...m, bodyMassKg: kg } : m)),
});
/** Sends what waits until all is sent, as an open page does. */
async function sent(from: SessionState): Promise<SessionState> {
  let state = sessionReducer(from, { type: 'retry' });
  for (let turn = 0; turn < 5 && (isUnsaved(state) || state.isUnread); turn += 1) {
    const sending = sessionReducer(state, { type: 'sending', sent: state.trip });
    state = sessionReducer(sending, await sendOnce(id, state));
  }
  return state;
}

beforeEach(async () => {
  server = fakeServer(trip);
  await enterDevice('noor');
});
afterEach(forgetDevice);

/** Ilse's phone without a network, and Noor's, which took over from it and went on. */
async function handedOver(): Promise<{ readonly ilse: SessionState; readonly noor: SessionState }> {
  let ilse = change(openSession(trip, 1), bodyOf(0, 71));
  ilse = change(ilse, (t) => ({ ...t, notes: 'from Ilse' }));
  const { text } = await makeHandover(id, ilse);
  ilse = sessionReducer(ilse, { type: 'handOver' });
  server.down = true;
  expect(await takeHandover(text)).toBe(id);
  const { session, stored } = await openTrip(id);
  expect([stored.role, session.trip.notes, session.trip.members[0]!.bodyMassKg]).toEqual([
    'full',
    'from Ilse',
    71,
  ]);
  // Noor changes what Ilse had changed, and something else.
  const noor = change(change(session, bodyOf(0, 72)), bodyOf(1, 81));
  server.down = false;
  return { ilse, noor };
}

test.each(['the phone that handed over', 'the phone that took over'])(
  'both come back, %s first: one trip, nothing lost, nobody asked',
  async (first) => {
    const both = await handedOver();
    let { ilse, noor } = both;
    const isIlseFirst = first === 'the phone that handed over';
    if (isIlseFirst) ilse = await sent(ilse);
    noor = await sent(noor);
    if (!isIlseFirst) ilse = await sent(ilse);
    expect([ilse.clashes, noor.clashes]).toEqual([[], []]);
    expect(server.trip.notes).toBe('from Ilse');
    expect(server.trip.members.map((m) => m.bodyMassKg)).toEqual([72, 81]);
  },
);

test('one phone never comes back: the other brings it all', async () => {
  const { noor } = await handedOver();
  await sent(noor);
  expect(server.trip).toMatchObject({
    notes: 'from Ilse',
    members: [{ bodyMassKg: 72 }, { bodyMassKg: 81 }],
  });
});

test('somebody at the desk who changed the same cell is asked about all the same', async () => {
  const { noor } = await handedOver();
  server.trip = bodyOf(0, 60)(trip);
  server.version = 2;
  const state = await sent(noor);
  expect(state.clashes).toMatchObject([{ path: ['members', 'joss', 'bodyMassKg'], mine: 72, theirs: 60 }]);
});

test('a file that is cut off, of another kind, newer or of a broken trip is refused, and nothing is kept', async () => {
  const { text } = await makeHandover(id, openSession(trip, 1));
  const file = JSON.parse(text) as Record<string, unknown>;
  const broken = { ...file, now: { ...trip, members: 'nobody' } };
  for (const [bad, why] of [
    [text.slice(0, -40), /cut off/],
    [JSON.stringify({ ...file, format: 'graft-trip' }), /expected a file/],
    [JSON.stringify({ ...file, version: 2 }), /load the newest/],
    [JSON.stringify({ ...file, tripId: '../../x' }), /trip’s id/],
    [JSON.stringify({ ...file, letters: [{ tripId: 'another' }] }), /waits to be sent/],
    [JSON.stringify(broken), /members/],
  ] as const)
    await expect(takeHandover(bad)).rejects.toThrow(why);
  server.down = true;
  await expect(openTrip(id)).rejects.toThrow();
  expect(await waitingLetters()).toEqual([]);
});
