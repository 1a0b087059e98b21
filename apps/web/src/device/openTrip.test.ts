/** @jest-environment jest-fixed-jsdom */
import 'fake-indexeddb/auto';
import { diffTrip, type Trip } from '@graft/core/trip';
import { addDays } from '@graft/core/units';
import { api, ApiProblem } from '../shared/api';
import { today } from '../shared/dates';
import { isUnsaved, openSession, sessionReducer, type SessionState } from '../shared/tripSession';
import { sendOnce } from '../shared/tripSending';
import { demoTrip } from '../testing/demo';
import { fakeServer } from '../testing/fakeServer';
import { orKept } from './answers';
import { device, enterDevice, forgetDevice, keep, storageState, sweep } from './deviceStore';
import { accountState, remember, signOut } from './keptAccount';
import { keepSession, keptOf } from './keptSession';
import { keepTrip, keptInfos, letKeepNotes, pinTrip, refreshPinned, waitingTrips } from './keptTrips';
import { openTrip, unreadChanges } from './openTrip';
import { dropLetter, post, refusedLetters, sendLetters, waitingLetters } from './outbox';

/** A trip that is not over: of those that are nothing is kept. */
const trip: Trip = { ...demoTrip('hut-roof'), startDate: addDays(today(), 30) };
const id = trip.id;
const named = (name: string) => (t: Trip) => ({ ...t, name });
const typed = (state: SessionState, name: string): SessionState =>
  sessionReducer(state, { type: 'change', label: 'name', change: named(name) });
const keepIt = () => keepTrip({ id, role: 'owner', version: 1, trip });
let server = fakeServer(trip);

beforeEach(async () => {
  localStorage.clear();
  server = fakeServer(trip);
  await enterDevice('olga');
});
afterEach(forgetDevice);

test('without a server a kept trip opens with what was typed, and says how old it is', async () => {
  await keepIt();
  await keepSession(id, typed(openSession(trip, 1), 'typed in the hut'), false);
  server.down = true;
  const { session, keptAt } = await openTrip(id);
  expect(session).toMatchObject({
    isUnread: true,
    save: { kind: 'unreachable' },
    trip: { name: 'typed in the hut' },
  });
  expect(Date.parse(keptAt!)).toBeLessThanOrEqual(Date.now());
  expect(await waitingTrips()).toEqual(new Set([id]));
});

test('once there is a server what others changed is read before anything is sent', async () => {
  await keepIt();
  await keepSession(id, typed(openSession(trip, 1), 'mine'), false);
  server.down = true;
  let state = (await openTrip(id)).session;
  server.down = false;
  Object.assign(server, { trip: { ...trip, notes: 'theirs' }, version: 7 });
  for (const _turn of ['read', 'send']) {
    state = sessionReducer(state, { type: 'retry' });
    const sending = sessionReducer(state, { type: 'sending', sent: state.trip });
    state = sessionReducer(sending, await sendOnce(id, state));
  }
  expect(server.trip).toMatchObject({ name: 'mine', notes: 'theirs' });
  expect([server.version, state.version, isUnsaved(state), state.isUnread]).toEqual([8, 8, false, false]);
});

test('a trip that is not on the device, or not the account’s any more, does not open', async () => {
  server.down = true;
  await expect(openTrip(id)).rejects.toThrow();
  await keepIt();
  await forgetDevice();
  await enterDevice('somebody else');
  await expect(openTrip(id)).rejects.toThrow();
});

test('changes that an earlier version kept elsewhere move over and go on', async () => {
  const {
    id: _id,
    format: _format,
    ...old
  } = keptOf(id, typed(openSession(trip, 1), 'by the old version'), true);
  localStorage.setItem(`graft.session.${id}`, JSON.stringify(old));
  const { session } = await openTrip(id);
  expect(session.trip.name).toBe('by the old version');
  expect(localStorage.getItem(`graft.session.${id}`)).toBeNull();
  // The oldest did not keep what was changed; where nobody else changed anything it is known.
  await (await device())!.clear('sessions');
  const { base: _base, ...oldest } = old;
  localStorage.setItem(`graft.session.${id}`, JSON.stringify(oldest));
  expect((await openTrip(id)).session.trip.name).toBe('by the old version');
  server.version = 2;
  server.trip = { ...trip, name: 'theirs' };
  expect((await openTrip(id)).session).toMatchObject({
    trip: { name: 'by the old version' },
    save: { kind: 'stale' },
  });
});

test('a session of an older format is brought up; one that cannot be read is put aside whole', async () => {
  const kept = keptOf(id, typed(openSession(trip, 1), 'typed before the update'), true);
  await keep({ store: 'sessions', value: { ...kept, format: 7 } });
  expect((await openTrip(id)).session.trip.name).toBe('typed before the update');
  await keep({ store: 'sessions', value: { ...kept, format: 99 } });
  expect((await openTrip(id)).session.trip).toEqual(trip);
  expect((await unreadChanges(id))?.unsaved?.name).toBe('typed before the update');
});

test('a broken word of an earlier version is none', async () => {
  for (const text of ['', '{', 'null', '{"past":1}']) {
    localStorage.setItem(`graft.session.${id}`, text);
    expect((await openTrip(id)).session.trip).toEqual(trip);
  }
});

test('trips that are over go after 14 days; what was not sent stays', async () => {
  const [early, late] = [13, 14].map((days) => ({
    ...trip,
    startDate: addDays(today(), -trip.legs.length - days),
  }));
  expect(await keepTrip({ id, role: 'owner', version: 1, trip: late! })).toBe(false);
  expect(await keepTrip({ id, role: 'owner', version: 1, trip: early! })).toBe(true);
  await keepSession(id, typed(openSession(early!, 1), 'typed'), false);
  await sweep(today());
  expect((await keptInfos()).map((i) => i.id)).toEqual([id]);
  await sweep(addDays(today(), 1));
  expect(await keptInfos()).toEqual([]);
  expect(await waitingTrips()).toEqual(new Set([id]));
});

test('kept on demand: read anew when it has changed, gone when it is no more ours', async () => {
  await pinTrip(id);
  server.trip = { ...trip, name: 'newer' };
  server.version = 3;
  const summary = {
    id,
    version: 3,
    name: '',
    startDate: '',
    days: 2,
    members: 2,
    role: 'owner',
    archived: false,
  } as const;
  await refreshPinned([summary]);
  server.down = true;
  expect((await openTrip(id)).stored).toMatchObject({ version: 3, trip: { name: 'newer' } });
  await refreshPinned([]);
  expect(await keptInfos()).toEqual([]);
});

test('signing out takes everything off, with a server or without one; the server is told as soon as it is there', async () => {
  remember({
    account: { id: 'olga', email: '', name: 'Olga', demo: false },
    demoOffered: false,
    mail: false,
  });
  await keepIt();
  server.down = true;
  expect((await accountState()).account?.name).toBe('Olga');
  expect((await signOut()).account).toBeNull();
  await enterDevice('olga');
  expect(await keptInfos()).toEqual([]);
  expect((await accountState()).account).toBeNull();
  server.down = false;
  await accountState();
  expect(server.calls.filter((c) => c === 'POST /account/sign-out').length).toBeGreaterThan(0);
  expect(localStorage.getItem('graft.signOut')).toBeNull();
});

test('health notes and the log stay on the device only as long as the leader says so', async () => {
  const noted = { ...trip, members: trip.members.map((m) => ({ ...m, healthNotes: 'asthma' })) };
  const onDevice = async (): Promise<string> => JSON.stringify(await (await device())!.getAll('trips'));
  await keepTrip({ id, role: 'owner', version: 1, trip: noted });
  expect(await onDevice()).not.toContain('asthma');
  await letKeepNotes(true);
  await keepTrip({ id, role: 'owner', version: 1, trip: noted });
  expect(await onDevice()).toContain('asthma');
  await letKeepNotes(false);
  expect(await onDevice()).not.toContain('asthma');
});

test('what is told waits in order, is sent once, and what is refused does not hold up the rest', async () => {
  const note = (seen: string) =>
    ({
      kind: 'incident',
      tripId: id,
      noteId: seen,
      note: { at: '2027-05-01T10:00', who: 'Eddy', seen },
    }) as const;
  server.down = true;
  expect([await post(note('first')), await post(note('second'))]).toEqual([false, false]);
  expect(await waitingLetters(id)).toHaveLength(2);
  expect(await sendLetters()).toEqual([]);
  server.down = false;
  expect(await sendLetters()).toEqual([id]);
  expect(server.incidents.map((i) => i.seen)).toEqual(['first', 'second']);
  expect(await sendLetters()).toEqual([]);
  expect(server.incidents).toHaveLength(2);
  expect(await post(note('third'))).toBe(true);
});

test('what the server will not take stays with its reason until it was read, and is not sent again', async () => {
  const note = {
    kind: 'incident',
    tripId: id,
    noteId: 'bad',
    note: { at: 'x', who: 'Eddy', seen: 'x' },
  } as const;
  server.down = true;
  await post(note);
  server.down = false;
  const add = jest.spyOn(api, 'addIncident').mockRejectedValue(new ApiProblem(400, 'no such day', []));
  await sendLetters();
  const [refused] = await refusedLetters(id);
  expect(refused).toMatchObject({ refused: 'no such day' });
  await sendLetters();
  expect(add).toHaveBeenCalledTimes(1);
  await dropLetter(refused!);
  expect(await refusedLetters(id)).toEqual([]);
  add.mockRestore();
});

test('answers are kept for when nobody answers; a refusal is none', async () => {
  expect(await orKept('trip', () => api.trip(id))).toMatchObject({ version: 1 });
  server.down = true;
  await expect(orKept('other', () => api.trip(id))).rejects.toThrow();
  expect(await orKept('trip', () => api.trip(id))).toMatchObject({ version: 1 });
});

test('a device without room says so, and says when there is some again', async () => {
  const state = typed(openSession(trip, 1), 'no room');
  const put = jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  expect([await keepSession(id, state, false), storageState.get()]).toEqual([false, 'full']);
  put.mockRestore();
  expect([await keepSession(id, state, false), storageState.get()]).toEqual([true, 'ok']);
  expect(diffTrip(trip, state.trip)).toHaveLength(1);
});
