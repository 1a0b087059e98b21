/** What waits in a session, sent once: what becomes of it comes back as the session's next step. */
import type { StoredTrip } from '@graft/core/api';
import { diffTrip, sameContent } from '@graft/core/trip';
import { api, ApiProblem } from './api';
import type { SessionAction, SessionState } from './tripSession';

/** Reads what the server has, where that was not read since the trip was opened; else sends what is not saved. */
export async function sendOnce(id: string, state: SessionState): Promise<SessionAction> {
  const { trip, saved, version, isRebased, isUnread } = state;
  if (isUnread) return newest(id, state);
  const edits = diffTrip(saved, trip);
  // A change and its undo in quick succession leave nothing to send.
  if (edits.length === 0) return { type: 'acknowledged', version };
  try {
    const answer = await api.edit(id, version, edits);
    return { type: 'acknowledged', version: answer.version };
  } catch (error) {
    // Without a session the change waits too: whoever signs in again finds it stored.
    if (!(error instanceof ApiProblem) || error.status >= 500 || error.status === 401)
      return { type: 'unreachable' };
    if (error.status === 409) return newest(id, state);
    if (isRebased && error.errors.length > 0) {
      // Others took away what it refers to: what the trip can still take goes on, the rest waits.
      const { applicableEdits } = await import('@graft/core/formats');
      return { type: 'setAside', sent: trip, ...applicableEdits(saved, edits) };
    }
    return { type: 'refused', message: error.message, errors: error.errors };
  }
}

async function newest(id: string, { trip, isUnread }: SessionState): Promise<SessionAction> {
  let now: StoredTrip;
  try {
    now = await api.trip(id);
  } catch (error) {
    return error instanceof ApiProblem && error.status === 404
      ? { type: 'gone', message: error.message }
      : { type: 'unreachable' };
  }
  // An answer can get lost after the write was stored: then the server holds just what was sent.
  return !isUnread && sameContent(now.trip, trip)
    ? { type: 'acknowledged', version: now.version }
    : { type: 'rebase', trip: now.trip, version: now.version };
}
