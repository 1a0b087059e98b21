import type { SessionState } from '../shared/tripSession';

/** The step that divides all that is not locked: what was moved since, somebody moved on purpose. */
export const SHARE_OUT = 'share out';

/**
 * Pieces that are not locked and that somebody moved since the last share out, or since the trip was opened where there
 * was none: a new share out would move them again.
 */
export function movedByHand({ trip, past }: Pick<SessionState, 'trip' | 'past'>): readonly string[] {
  let at = past.length - 1;
  while (at >= 0 && past[at]!.label !== SHARE_OUT) at -= 1;
  const since = at < 0 ? past[0]?.trip : (past[at + 1]?.trip ?? trip);
  if (since === undefined || since.share === trip.share) return [];
  const before = new Map(since.share.map((a) => [a.pieceId, a.memberId]));
  return trip.share.filter((a) => !a.locked && before.get(a.pieceId) !== a.memberId).map((a) => a.pieceId);
}
