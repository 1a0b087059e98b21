/**
 * Keeps on the device what of an open trip is only on this page: what the server has not taken yet, and what undo goes
 * back to. It outlasts a reload, a closed tab and a phone without power.
 */
import type { StoredTrip } from '@graft/core/api';
import { applyEdits, diffTrip, sameContent, type Trip, type TripEdit } from '@graft/core/trip';
import { openSession, sessionReducer, type SessionState } from '../shared/tripSession';
import { keep } from './deviceStore';
import type { KeptSession, KeptStep } from './kept';
import { withoutHealthNotes } from './healthNotes';
import { readableTrip, TRIP_FORMAT } from './tripFormat';

const MOST_STEPS = 60;

/** Two states that a step lies between are compared once. */
const known = new WeakMap<Trip, WeakMap<Trip, readonly TripEdit[]>>();
function editsBetween(from: Trip, to: Trip): readonly TripEdit[] {
  const own = known.get(from) ?? new WeakMap<Trip, readonly TripEdit[]>();
  known.set(from, own);
  const edits = own.get(to) ?? diffTrip(from, to);
  own.set(to, edits);
  return edits;
}

/** What a device keeps of a session. @param notes health notes are kept too */
export function keptOf(id: string, state: SessionState, notes: boolean): KeptSession {
  const { trip, saved, version, past, future, clashes, setAside, save } = state;
  const inDoubt = save.kind === 'sending' ? save.sent : state.inDoubt;
  const most = past.slice(-MOST_STEPS);
  const back = most.map((step, i) => ({
    label: step.label,
    edits: editsBetween(most[i + 1]?.trip ?? trip, step.trip),
  }));
  const on = future.slice(0, MOST_STEPS).map((step, i) => ({
    label: step.label,
    edits: editsBetween(future[i - 1]?.trip ?? trip, step.trip),
  }));
  const hide = (of: Trip): Trip => (notes ? of : withoutHealthNotes(of, saved, trip));
  const isShown = ({ edits }: KeptStep): boolean => notes || !edits.some(tellsHealth);
  return {
    id,
    format: TRIP_FORMAT,
    version,
    ...(trip === saved ? {} : { unsaved: hide(trip), base: hide(saved) }),
    ...(inDoubt === undefined || trip === saved ? {} : { inDoubt: hide(inDoubt) }),
    ...(state.handed === undefined ? {} : { handed: hide(state.handed) }),
    clashes,
    setAside,
    // The way back is whole as far as it goes.
    past: back.slice(back.findLastIndex((step) => !isShown(step)) + 1),
    future: on.slice(0, on.findIndex((step) => !isShown(step)) >>> 0),
  };
}

function tellsHealth(edit: TripEdit): boolean {
  return (
    edit.kind === 'put' &&
    edit.collection === 'members' &&
    (edit.item as { healthNotes?: string }).healthNotes !== undefined
  );
}

/** @returns whether all that is unsaved is kept */
export const keepSession = (id: string, state: SessionState, notes: boolean): Promise<boolean> =>
  keep({ store: 'sessions', value: keptOf(id, state, notes) });

/**
 * The session of a trip as the server has it, going on from what was kept of it.
 *
 * @throws InvalidInputError when what is kept is of a format that this program cannot read
 */
export async function openKeptSession(
  stored: StoredTrip,
  kept: KeptSession | undefined,
): Promise<SessionState> {
  const fresh = openSession(stored.trip, stored.version);
  if (kept === undefined || stored.role === 'read') return fresh;
  const { version, clashes, setAside } = kept;
  const waits = { clashes, setAside };
  if (kept.unsaved === undefined)
    return { ...fresh, ...waits, ...(version === stored.version ? wayBack(stored.trip, kept) : {}) };
  // The first versions of the program did not keep what it was changed from.
  const before = kept.base ?? (version === stored.version ? stored.trip : undefined);
  if (before === undefined) {
    const message = 'This trip was changed elsewhere while changes made here were not saved yet.';
    return { ...fresh, trip: kept.unsaved, save: { kind: 'stale', message } };
  }
  const isOld = kept.format !== TRIP_FORMAT;
  const unsaved = await readableTrip(kept.unsaved, kept.format);
  const base = await readableTrip(before, kept.base === undefined ? TRIP_FORMAT : kept.format);
  const from: SessionState = {
    ...openSession(base, version),
    ...waits,
    trip: unsaved,
    inDoubt: isOld ? undefined : kept.inDoubt,
    handed: isOld ? undefined : kept.handed,
    ...(isOld ? {} : wayBack(unsaved, kept)),
  };
  const now = sessionReducer(from, { type: 'rebase', trip: stored.trip, version: stored.version });
  const arrived = sameContent(now.trip, stored.trip);
  // Where nobody else changed anything, what is refused is one's own mistake and not what others took away.
  return { ...now, isRebased: !arrived && version !== stored.version };
}

function wayBack(trip: Trip, kept: KeptSession): Partial<Pick<SessionState, 'past' | 'future'>> {
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
