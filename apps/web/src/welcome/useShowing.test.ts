import { allPieces } from '@graft/core/trip';
import { demoTrip } from '../testing/demo';
import { dealtOut, told, type Showing } from './useShowing';

const hut = demoTrip('hut-roof');
const stow = hut.stows[0]!;
const begun = told(
  { trip: undefined, share: [], best: undefined },
  { type: 'read', trip: { ...hut, share: [] } },
);

test('dealt out: every piece is with somebody, nobody has more than one more than another', () => {
  const dealt = dealtOut(hut);
  expect(dealt.map((a) => a.pieceId)).toEqual(allPieces(hut).map((p) => p.id));
  const counts = hut.members.map((m) => dealt.filter((a) => a.memberId === m.id).length);
  expect(Math.max(...counts) - Math.min(...counts)).toBeLessThanOrEqual(1);
});

test('piece by piece it becomes the share that was planned, and stays that', () => {
  let showing: Showing = told(begun, { type: 'shared', best: hut.share });
  const handed = (): number =>
    showing.share.filter((a) => hut.share.some((b) => b.pieceId === a.pieceId && b.memberId === a.memberId))
      .length;
  let before = handed();
  for (let i = 0; i < 40 && showing.share !== hut.share; i += 1) {
    showing = told(showing, { type: 'handed' });
    expect(handed()).toBeGreaterThanOrEqual(before);
    before = handed();
  }
  expect(showing.share).toBe(hut.share);
  expect(told(showing, { type: 'handed' }).share).toBe(hut.share);
  expect(told(begun, { type: 'done' }).share).toBe(begun.share);
});

test('a stow keeps all its places: those of pieces that are still on their way, too', () => {
  const shared = told(begun, { type: 'shared', best: hut.share });
  expect(told(shared, { type: 'stowed', stow }).trip!.stows).toContainEqual(stow);
});
