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
describe('somebody else changed the trip', () => {
  const theirs = { ...trip, notes: 'theirs' };
  test('what was sent and arrived without an answer is no change of theirs', () => {
    const sent = play(rename('A')).trip;
    const doubted = [
      { type: 'sending', sent } as const,
      { type: 'unreachable' } as const,
      { type: 'retry' } as const,
      rename('B'),
      { type: 'rebase', trip: { ...trip, name: 'A' }, version: 2 } as const,
    ].reduce(sessionReducer, play(rename('A')));
    expect(doubted).toMatchObject({ trip: { name: 'B' }, version: 2, clashes: [] });
  });
  test('undo goes back to theirs, not to before theirs; redo comes again', () => {
    const state = play(rename('A'), { type: 'rebase', trip: theirs, version: 2 });
    expect(state.trip).toMatchObject({ name: 'A', notes: 'theirs' });
    const back = sessionReducer(state, { type: 'undo' });
    expect(back.trip).toEqual(theirs);
    expect(sessionReducer(back, { type: 'redo' }).trip).toMatchObject({ name: 'A', notes: 'theirs' });
  });
  test('what is decided is a step of its own; the same cell is asked about once', () => {
    const rebase = (name: string, version: number): SessionAction => ({
      type: 'rebase',
      trip: { ...trip, name },
      version,
    });
    const met = play(rename('A'), rebase('X', 2));
    expect(met.clashes).toMatchObject([{ mine: 'A', theirs: 'X' }]);
    const mine = sessionReducer(met, { type: 'decide', clash: met.clashes[0]!, side: 'mine' });
    expect([mine.trip.name, mine.clashes.length]).toEqual(['A', 0]);
    expect(sessionReducer(mine, { type: 'undo' }).trip.name).toBe('X');
    const again = [rename('B'), rebase('Y', 3)].reduce(sessionReducer, met);
    expect(again.clashes).toMatchObject([{ mine: 'B', theirs: 'Y' }]);
  });
  test('what was typed while the rest was set aside stays', () => {
    const state = play(rename('A'), { type: 'rebase', trip: theirs, version: 2 });
    const sent = state.trip;
    const typed = sessionReducer(state, {
      type: 'change',
      label: 'notes',
      change: (t) => ({ ...t, notes: 'more' }),
    });
    const aside = { edit: { kind: 'set', field: 'name', value: 'A' } as const, why: 'no' };
    const after = sessionReducer(typed, { type: 'setAside', sent, trip: theirs, setAside: [aside] });
    expect(after).toMatchObject({ trip: { name: 'Start', notes: 'more' }, setAside: [aside] });
    expect(sessionReducer(after, { type: 'dropAside', setAside: after.setAside[0]! }).setAside).toEqual([]);
  });
});
