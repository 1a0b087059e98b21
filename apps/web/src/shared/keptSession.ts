/**
 * Keeps in the browser what of an open trip is only on this page, so that a reload or a closed tab loses nothing. That
 * is what the server has not taken yet, and what undo goes back to. Other pages of this application cannot read it, and
 * signing out forgets it.
 */
import type { StoredTrip } from '@graft/core/api';
import type { SetAside } from '@graft/core/formats';
import { applyEdits, diffTrip, sameContent, type Clash, type Trip, type TripEdit } from '@graft/core/trip';
import { openSession, sessionReducer, type SessionState } from './tripSession';

const PREFIX = 'graft.session.';
/** Characters: browsers keep about five million for all trips together. */
const MOST_CHARACTERS = 1_500_000;
const MOST_STEPS = 60;

interface KeptStep {
  readonly label: string;
  /** From the state after the step to the one before it; of redo, from before to after. */
  readonly edits: readonly TripEdit[];
}
interface Kept {
  readonly version: number;
  /** The trip with what is not saved; absent when everything is. */
  readonly unsaved?: Trip;
  /** What that was changed from, as the server had it at the version. */
  readonly base?: Trip;
  /** What waits to be decided: cells that others changed too, and what the trip could not take. */
  readonly clashes?: readonly Clash[];
  readonly setAside?: readonly SetAside[];
  readonly past: readonly KeptStep[];
  readonly future: readonly KeptStep[];
}

/** Two states that a step lies between are compared once. */
const known = new WeakMap<Trip, WeakMap<Trip, readonly TripEdit[]>>();
function editsBetween(from: Trip, to: Trip): readonly TripEdit[] {
  const own = known.get(from) ?? new WeakMap<Trip, readonly TripEdit[]>();
  known.set(from, own);
  const edits = own.get(to) ?? diffTrip(from, to);
  own.set(to, edits);
  return edits;
}

/** @returns whether all that is unsaved is kept */
export function keepSession(id: string, state: SessionState): boolean {
  const { trip, saved, version, past, future, clashes, setAside } = state;
  const unsaved = { ...(trip === saved ? {} : { unsaved: trip, base: saved }), clashes, setAside };
  for (const most of [MOST_STEPS, 10, 0]) {
    const steps = past.slice(-most || past.length);
    const kept: Kept = {
      version,
      ...unsaved,
      past: steps.map((step, i) => ({
        label: step.label,
        edits: editsBetween(steps[i + 1]?.trip ?? trip, step.trip),
      })),
      future: future.slice(0, most).map((step, i) => ({
        label: step.label,
        edits: editsBetween(future[i - 1]?.trip ?? trip, step.trip),
      })),
    };
    const text = JSON.stringify(kept);
    if (text.length > MOST_CHARACTERS && most > 0) continue;
    try {
      localStorage.setItem(PREFIX + id, text);
      return true;
    } catch {
      // No room, or none allowed: with less to keep there may be.
    }
  }
  return false;
}

export function forgetSession(id: string): void {
  localStorage.removeItem(PREFIX + id);
}

/** Whoever signs out leaves nothing behind. */
export function forgetSessions(): void {
  for (const key of Object.keys(localStorage)) if (key.startsWith(PREFIX)) localStorage.removeItem(key);
}

function read(id: string): Kept | undefined {
  try {
    const kept = JSON.parse(localStorage.getItem(PREFIX + id) ?? 'null') as Kept | null;
    return kept === null || !Array.isArray(kept.past) || !Array.isArray(kept.future) ? undefined : kept;
  } catch {
    // Written by another version, or cut off: as if there were none.
    return undefined;
  }
}

/** The session of a trip as the server has it, going on from what was kept of it here. */
export function openKeptSession(stored: StoredTrip): SessionState {
  const fresh = openSession(stored.trip, stored.version);
  const kept = stored.role === 'read' ? undefined : read(stored.id);
  if (kept === undefined) return fresh;
  const isSaved = kept.unsaved === undefined || sameContent(kept.unsaved, stored.trip);
  // What was on its way when the page went has arrived; or nobody has changed anything since.
  const goesOn = kept.version === stored.version || (kept.unsaved !== undefined && isSaved);
  if (!goesOn && isSaved) return { ...fresh, clashes: kept.clashes ?? [], setAside: kept.setAside ?? [] };
  const trip = isSaved ? stored.trip : kept.unsaved;
  const { base, version, clashes = [], setAside = [] } = kept;
  const isRebased = !goesOn && base !== undefined;
  const from = { ...(isRebased ? openSession(base, version) : fresh), trip, clashes, setAside };
  const back = wayBack(trip, kept);
  if (isRebased)
    return sessionReducer(
      { ...from, ...back },
      { type: 'rebase', trip: stored.trip, version: stored.version },
    );
  if (goesOn) return { ...from, ...back };
  // Kept by a version of the program that did not keep what it was changed from.
  const message = 'This trip was changed elsewhere while changes made here were not saved yet.';
  return { ...from, ...back, save: { kind: 'stale', message } };
}

function wayBack(trip: Trip, kept: Kept): Partial<Pick<SessionState, 'past' | 'future'>> {
  try {
    return { past: walk(trip, [...kept.past].reverse()).reverse(), future: walk(trip, kept.future) };
  } catch {
    // The way back does not fit any more; what was typed does.
    return {};
  }
}

function walk(from: Trip, steps: readonly KeptStep[]): { label: string; trip: Trip }[] {
  let trip = from;
  return steps.map(({ label, edits }) => {
    trip = applyEdits(trip, edits);
    return { label, trip };
  });
}
