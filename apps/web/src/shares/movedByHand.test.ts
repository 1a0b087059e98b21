import { assignPiece, lockPiece, type Trip } from '@graft/core/trip';
import { openSession, sessionReducer, type SessionState } from '../shared/tripSession';
import { demoTrip } from '../testing/demo';
import { movedByHand, SHARE_OUT } from './movedByHand';

const trip = demoTrip('hut-roof');
const changed = (state: SessionState, label: string, change: (t: Trip) => Trip): SessionState =>
  sessionReducer(state, { type: 'change', label, change });

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
