import { cataloguePack, emptyTrip, newMember, PACK_SIZES } from '@graft/core/trip';
import { isUnsaved, openSession, sessionReducer, type SessionAction, type SessionState } from './tripSession';

const trip = emptyTrip('t', 'Start', '2027-05-10', 1);
const rename = (name: string): SessionAction => ({
  type: 'change',
  label: name,
  change: (t) => ({ ...t, name }),
});
const play = (...actions: SessionAction[]): SessionState =>
  actions.reduce(sessionReducer, openSession(trip, 1));

test('undo and redo walk the changes', () => {
  const changed = play(rename('A'), rename('B'));
  expect(changed.trip.name).toBe('B');
  const undone = sessionReducer(sessionReducer(changed, { type: 'undo' }), { type: 'undo' });
  expect(undone.trip).toBe(trip);
  expect(isUnsaved(undone)).toBe(false);
  expect(sessionReducer(undone, { type: 'redo' }).trip.name).toBe('A');
  expect(sessionReducer(undone, { type: 'undo' })).toBe(undone);
});
test('the larder’s parcels follow a change in the same step, and its undo takes them away', () => {
  const group = { id: 'cook', name: 'Cook', kind: 'cook' } as const;
  const dish = {
    name: 'Stew',
    form: 'dried',
    gPerServing: 150,
    kcalPerServing: 600,
    packagingG: 10,
    volumeL: 0.4,
    boilL: 0.5,
    potL: 0.6,
  } as const;
  const planned = play({
    type: 'change',
    label: 'plan',
    change: (t) => ({
      ...t,
      groups: [group],
      packs: [cataloguePack('p', PACK_SIZES[0]!)],
      members: [{ ...newMember('a', 'Ada', 'p'), cookGroupId: 'cook' }],
      meals: [{ id: 'm', day: 1, kind: 'dinner', groupId: 'cook', dish }],
    }),
  });
  expect(planned.trip.kits.map((k) => k.pieces.map((p) => p.massKg))).toEqual([[0.16]]);
  expect(planned.past).toHaveLength(1);
  expect(sessionReducer(planned, { type: 'undo' }).trip).toBe(trip);
});
test('a change after an undo drops what could be redone', () => {
  expect(play(rename('A'), { type: 'undo' }, rename('C')).future).toEqual([]);
});
test('a change that changes nothing is no step', () => {
  const state = play();
  expect(sessionReducer(state, { type: 'change', label: 'x', change: (t) => t })).toBe(state);
});
test('what was sent is what is saved, whatever changed meanwhile', () => {
  const sending = play(rename('A'));
  const sent = sending.trip;
  const later = [
    { type: 'sending', sent } as const,
    rename('B'),
    { type: 'acknowledged', version: 2 } as const,
  ].reduce(sessionReducer, sending);
  expect(later).toMatchObject({ version: 2, save: { kind: 'idle' } });
  expect(later.saved).toBe(sent);
  expect(isUnsaved(later)).toBe(true);
});
test('an unreachable server loses nothing', () => {
  const state = play(rename('A'), { type: 'unreachable' });
  expect(state.trip.name).toBe('A');
  expect(isUnsaved(state)).toBe(true);
  expect(sessionReducer(state, { type: 'retry' }).save).toEqual({ kind: 'idle' });
});
test('a refused change is taken back, with its errors', () => {
  const errors = [{ path: 'name', message: 'expected a text' }];
  const state = play(rename(''), { type: 'refused', message: 'no', errors });
  expect(state.trip).toBe(trip);
  expect(state.save).toEqual({ kind: 'refused', message: 'no', errors });
  expect(sessionReducer(state, { type: 'dismiss' }).save).toEqual({ kind: 'idle' });
});
