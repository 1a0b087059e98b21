/** @jest-environment jest-fixed-jsdom */
import type { StoredTrip } from '@graft/core/api';
import type { Trip } from '@graft/core/trip';
import { isUnsaved, openSession, sessionReducer, type SessionState } from '../shared/tripSession';
import { demoTrip } from '../testing/demo';
import { keptOf, openKeptSession } from './keptSession';

const trip = demoTrip('hut-roof');
const stored = (of: Trip, version: number): StoredTrip => ({ id: 't', version, role: 'owner', trip: of });
const changed = (state: SessionState, label: string, change: (t: Trip) => Trip): SessionState =>
  sessionReducer(state, { type: 'change', label, change });
const named = (name: string) => (t: Trip) => ({ ...t, name });
const sending = (state: SessionState): SessionState =>
  sessionReducer(state, { type: 'sending', sent: state.trip });
const saved = (state: SessionState, version: number): SessionState =>
  sessionReducer(sending(state), { type: 'acknowledged', version });
/** What is kept of a session, as a device gives it back: without anything that it shared with the page. */
const kept = (state: SessionState, notes = false) => structuredClone(keptOf('t', state, notes));

test('undo and redo outlast a reload', async () => {
  let state = openSession(trip, 1);
  for (const name of ['one', 'two', 'three'])
    state = saved(changed(state, `name ${name}`, named(name)), state.version + 1);
  state = saved(sessionReducer(state, { type: 'undo' }), 5);
  let again = await openKeptSession(stored(state.trip, 5), kept(state));
  expect(again.past.map((s) => s.label)).toEqual(['name one', 'name two']);
  expect(again.future.map((s) => s.label)).toEqual(['name three']);
  expect(isUnsaved(again)).toBe(false);
  again = sessionReducer(again, { type: 'redo' });
  expect(again.trip).toEqual({ ...trip, name: 'three' });
  for (let n = 0; n < 3; n += 1) again = sessionReducer(again, { type: 'undo' });
  expect(again.trip).toEqual(trip);
});

test('what was not sent yet is there after the tab was closed, and goes on its way', async () => {
  const state = changed(openSession(trip, 4), 'name', named('not sent'));
  const again = await openKeptSession(stored(trip, 4), kept(state));
  expect(again.trip.name).toBe('not sent');
  expect([isUnsaved(again), again.save.kind, again.version, again.isRebased]).toEqual([
    true,
    'idle',
    4,
    false,
  ]);
  const back = sessionReducer(again, { type: 'undo' });
  expect(back.trip).toEqual(trip);
});

test('what had arrived when the tab was closed is not sent twice', async () => {
  const state = changed(openSession(trip, 4), 'name', named('arrived'));
  const again = await openKeptSession(stored({ ...trip, name: 'arrived' }, 5), kept(state));
  expect([isUnsaved(again), again.save.kind, again.past.length]).toEqual([false, 'idle', 1]);
});

test('what was sent without an answer is no change of somebody else’s, whatever was typed after it', async () => {
  const sent = sending(changed(openSession(trip, 4), 'name', named('sent')));
  const state = changed(sent, 'name', named('and typed on'));
  const again = await openKeptSession(stored({ ...trip, name: 'sent' }, 5), kept(state));
  expect(again).toMatchObject({ trip: { name: 'and typed on' }, clashes: [], version: 5 });
  expect(isUnsaved(again)).toBe(true);
});

test('changed elsewhere meanwhile: other cells go on their way; the same cell is asked about', async () => {
  const state = changed(openSession(trip, 4), 'name', named('mine'));
  const both = await openKeptSession(stored({ ...trip, notes: 'theirs' }, 5), kept(state));
  expect(both).toMatchObject({ trip: { name: 'mine', notes: 'theirs' }, version: 5, clashes: [] });
  expect([isUnsaved(both), both.save.kind, both.past.length]).toEqual([true, 'idle', 1]);
  const again = await openKeptSession(stored({ ...trip, name: 'theirs' }, 5), kept(state));
  expect(again).toMatchObject({ trip: { name: 'theirs' }, save: { kind: 'idle' } });
  expect(again.clashes).toMatchObject([{ path: ['name'], mine: 'mine', theirs: 'theirs' }]);
  // What waits to be decided outlasts a reload too.
  const later = await openKeptSession(stored({ ...trip, name: 'theirs' }, 5), kept(again));
  expect(later.clashes).toEqual(again.clashes);
  // With nothing unsaved theirs is simply shown.
  expect(
    await openKeptSession(stored({ ...trip, name: 'theirs' }, 5), kept(openSession(trip, 4))),
  ).toMatchObject({ trip: { name: 'theirs' }, past: [] });
});

test('nothing of it is shown to whoever may only look', async () => {
  const state = changed(openSession(trip, 4), 'name', named('mine'));
  const again = await openKeptSession({ ...stored(trip, 4), role: 'read' }, kept(state));
  expect(again.trip.name).toBe(trip.name);
});

describe('health notes', () => {
  const note =
    (text: string, at = 0) =>
    (t: Trip) => ({
      ...t,
      members: t.members.map((m, i) => (i === at ? { ...m, healthNotes: text } : m)),
    });
  const noted = note('asthma: inhaler in the lid')(trip);

  test('are not on the device unless the leader says so, and not lost by that', async () => {
    const state = changed(openSession(noted, 4), 'name', named('mine'));
    expect(JSON.stringify(kept(state))).not.toContain('asthma');
    expect(JSON.stringify(kept(state, true))).toContain('asthma');
    const again = await openKeptSession(stored(noted, 4), kept(state));
    expect(again.trip).toEqual({ ...noted, name: 'mine' });
    expect(sessionReducer(again, { type: 'undo' }).trip).toEqual(noted);
  });

  test('that were typed and not sent stay until they are', async () => {
    const state = changed(openSession(noted, 4), 'note', note('bee stings', 1));
    const text = JSON.stringify(kept(state));
    expect([text.includes('bee stings'), text.includes('asthma')]).toEqual([true, false]);
    const again = await openKeptSession(stored(noted, 4), kept(state));
    expect(again.trip.members.map((m) => m.healthNotes)).toEqual([
      'asthma: inhaler in the lid',
      'bee stings',
    ]);
  });

  test('undo goes back as far as it needs none of them', async () => {
    let state = changed(openSession(noted, 4), 'older', named('older'));
    state = changed(state, 'weight', (t) => ({
      ...t,
      members: t.members.map((m, i) => (i === 0 ? { ...m, bodyMassKg: m.bodyMassKg + 1 } : m)),
    }));
    state = changed(state, 'newer', named('newer'));
    const again = await openKeptSession(stored(noted, 4), kept(state));
    expect(again.past.map((s) => s.label)).toEqual(['newer']);
    const back = sessionReducer(again, { type: 'undo' });
    expect(back.trip.members[0]!.healthNotes).toBe('asthma: inhaler in the lid');
  });
});
