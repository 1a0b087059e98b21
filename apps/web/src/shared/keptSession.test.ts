/** @jest-environment jest-fixed-jsdom */
import type { StoredTrip } from '@graft/core/api';
import { assignPiece, lockPiece, type Trip } from '@graft/core/trip';
import { demoTrip } from '../testing/demo';
import { movedByHand, SHARE_OUT } from '../shares/movedByHand';
import { forgetSessions, keepSession, openKeptSession } from './keptSession';
import { isUnsaved, openSession, sessionReducer, type SessionState } from './tripSession';

const trip = demoTrip('hut-roof');
const stored = (of: Trip, version: number): StoredTrip => ({ id: 't', version, role: 'owner', trip: of });
const changed = (state: SessionState, label: string, change: (t: Trip) => Trip): SessionState =>
  sessionReducer(state, { type: 'change', label, change });
const named = (name: string) => (t: Trip) => ({ ...t, name });
const saved = (state: SessionState, version: number): SessionState =>
  sessionReducer(sessionReducer(state, { type: 'sending', sent: state.trip }), {
    type: 'acknowledged',
    version,
  });

beforeEach(() => localStorage.clear());

test('undo and redo outlast a reload', () => {
  let state = openSession(trip, 1);
  for (const name of ['one', 'two', 'three'])
    state = saved(changed(state, `name ${name}`, named(name)), state.version + 1);
  state = saved(sessionReducer(state, { type: 'undo' }), 5);
  expect(keepSession('t', state)).toBe(true);
  let again = openKeptSession(stored(state.trip, 5));
  expect(again.past.map((s) => s.label)).toEqual(['name one', 'name two']);
  expect(again.future.map((s) => s.label)).toEqual(['name three']);
  expect(isUnsaved(again)).toBe(false);
  again = sessionReducer(again, { type: 'redo' });
  expect(again.trip).toEqual({ ...trip, name: 'three' });
  for (let n = 0; n < 3; n += 1) again = sessionReducer(again, { type: 'undo' });
  expect(again.trip).toEqual(trip);
});

test('what was not sent yet is there after the tab was closed, and goes on its way', () => {
  const state = changed(openSession(trip, 4), 'name', named('not sent'));
  keepSession('t', state);
  const again = openKeptSession(stored(trip, 4));
  expect(again.trip.name).toBe('not sent');
  expect([isUnsaved(again), again.save.kind, again.version]).toEqual([true, 'idle', 4]);
});

test('what had arrived when the tab was closed is not sent twice', () => {
  keepSession('t', changed(openSession(trip, 4), 'name', named('arrived')));
  const again = openKeptSession(stored({ ...trip, name: 'arrived' }, 5));
  expect([isUnsaved(again), again.save.kind, again.past.length]).toEqual([false, 'idle', 1]);
});

test('changed elsewhere meanwhile: other cells go on their way; the same cell is asked about', () => {
  const state = changed(openSession(trip, 4), 'name', named('mine'));
  keepSession('t', state);
  const both = openKeptSession(stored({ ...trip, notes: 'theirs' }, 5));
  expect(both).toMatchObject({ trip: { name: 'mine', notes: 'theirs' }, version: 5, clashes: [] });
  expect([isUnsaved(both), both.save.kind, both.past.length]).toEqual([true, 'idle', 1]);
  const again = openKeptSession(stored({ ...trip, name: 'theirs' }, 5));
  expect(again).toMatchObject({ trip: { name: 'theirs' }, save: { kind: 'idle' } });
  expect(again.clashes).toMatchObject([{ path: ['name'], mine: 'mine', theirs: 'theirs' }]);
  // What waits to be decided outlasts a reload too.
  keepSession('t', again);
  expect(openKeptSession(stored({ ...trip, name: 'theirs' }, 5)).clashes).toEqual(again.clashes);
  // Kept by an earlier version of the program, without what it was changed from: nothing is sent over the other's.
  const old = { version: 4, unsaved: state.trip, past: [], future: [] };
  localStorage.setItem('graft.session.t', JSON.stringify(old));
  expect(openKeptSession(stored({ ...trip, name: 'theirs' }, 5))).toMatchObject({
    trip: { name: 'mine' },
    save: { kind: 'stale' },
  });
  // With nothing unsaved theirs is simply shown.
  keepSession('t', openSession(trip, 4));
  expect(openKeptSession(stored({ ...trip, name: 'theirs' }, 5))).toMatchObject({
    trip: { name: 'theirs' },
    past: [],
  });
});

test('nothing of it is shown to whoever may only look, or after signing out', () => {
  keepSession('t', changed(openSession(trip, 4), 'name', named('mine')));
  expect(openKeptSession({ ...stored(trip, 4), role: 'read' }).trip.name).toBe(trip.name);
  localStorage.setItem('other', 'stays');
  forgetSessions();
  expect(openKeptSession(stored(trip, 4)).trip.name).toBe(trip.name);
  expect(localStorage.getItem('other')).toBe('stays');
});

test('a kept session that is broken is none', () => {
  for (const text of ['', '{', 'null', '{"past":1}']) {
    localStorage.setItem('graft.session.t', text);
    expect(openKeptSession(stored(trip, 1)).trip).toBe(trip);
  }
});

test('a store that takes nothing is said to', () => {
  const setItem = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  expect(keepSession('t', changed(openSession(trip, 4), 'name', named('mine')))).toBe(false);
  setItem.mockRestore();
});

test('pieces moved since the last share out are known, locked ones and the share’s own are not asked about', () => {
  const [a, b] = trip.members.map((m) => m.id) as [string, string];
  const other = (t: Trip, id: string): string =>
    t.share.find((s) => s.pieceId === id)?.memberId === a ? b : a;
  const [one, two, three] = trip.share.map((s) => s.pieceId) as [string, string, string];
  const move = (id: string) => (t: Trip) => assignPiece(t, id, other(t, id));
  let state = changed(openSession(trip, 1), 'move', move(one));
  expect(movedByHand(state)).toEqual([one]);
  state = changed(state, SHARE_OUT, move(two));
  expect(movedByHand(state)).toEqual([]);
  state = changed(state, 'move', move(three));
  expect(movedByHand(state)).toEqual([three]);
  expect(movedByHand(changed(state, 'lock', (t) => lockPiece(t, three, true)))).toEqual([]);
  expect(movedByHand(openSession(trip, 1))).toEqual([]);
});
