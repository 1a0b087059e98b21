import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { Trip } from '../trip/model.js';
import { afterEvent } from './handovers.js';
import { planReshare } from './planReshare.js';

const party = (change: (t: Trip) => Trip): Trip => {
  const trip = aTrip([aMember('ada'), aMember('ben')], [aThing('rope'), aThing('pot')], [], 2);
  return change({
    ...trip,
    share: ['rope', 'pot'].map((pieceId) => ({ pieceId, memberId: 'ada', locked: false })),
  });
};
const reasons = (trip: Trip): readonly string[] => {
  const gone = afterEvent(trip, { kind: 'leaves', memberId: 'ada', day: 2 });
  const answer = planReshare(gone, 2, 'best', 1);
  return answer.kind === 'contradiction' ? answer.reasons : [];
};

test('who leaves and alone may carry a piece is named, with what helps', () => {
  const only = party((t) => ({
    ...t,
    kits: t.kits.map((k) => ({
      ...k,
      pieces: k.pieces.map((p) => (p.id === 'rope' ? { ...p, onlyMemberIds: ['ada'] } : p)),
    })),
  }));
  expect(reasons(only)).toEqual([
    'rope: only for ada, who is not with the party on all its days: let others carry it, at Kit',
  ]);
});

test('a lock to who leaves is named as one', () => {
  const locked = party((t) => ({ ...t, share: t.share.map((a) => ({ ...a, locked: a.pieceId === 'pot' })) }));
  expect(reasons(locked)).toEqual([
    'pot: locked to ada, who is not with the party on all its days: unlock it',
  ]);
});

test('without rule or lock the others take all', () => {
  expect(reasons(party((t) => t))).toEqual([]);
});
