/** Trips on this device: kept when they are opened or when the leader asks for it, until two weeks after their last day. */
import type { StoredTrip, TripSummary } from '@graft/core/api';
import { addDays } from '@graft/core/units';
import { api } from '../shared/api';
import { keepAnswer, orKept } from './answers';
import { isReachable } from './network';
import { today } from '../shared/dates';
import { device, dropTrip, keep } from './deviceStore';
import type { KeptTripInfo } from './kept';
import { withoutHealthNotes } from './healthNotes';
import { keepsNotes, setKeepsNotes } from './permission';
import { TRIP_FORMAT } from './tripFormat';

const DAYS_AFTER = 14;
/** Answers that tell of incidents. */
export const notesKey = (id: string): string => `incidents ${id}`;
const isNotes = (key: string): boolean => key.startsWith(notesKey(''));

/** ISO date from which on a trip is on no device any more. */
const keptUntil = ({ trip }: StoredTrip): string => addDays(trip.startDate, trip.legs.length + DAYS_AFTER);
const isOver = (stored: StoredTrip): boolean => keptUntil(stored) <= today();

/** Keeps a trip as the server has it, unless it is long over. @param pinned whether the leader asked for it; as before when absent */
export async function keepTrip(stored: StoredTrip, pinned?: boolean): Promise<boolean> {
  const { id, version, trip } = stored;
  if (isOver(stored)) return false;
  const known = pinned === undefined ? await (await device())?.get('infos', id) : undefined;
  const shown = keepsNotes() ? trip : withoutHealthNotes(trip, trip, trip);
  return keep(
    { store: 'trips', value: { id, stored: { ...stored, trip: shown }, format: TRIP_FORMAT } },
    {
      store: 'infos',
      value: {
        id,
        version,
        role: stored.role,
        archived: false,
        name: trip.name,
        startDate: trip.startDate,
        days: trip.legs.length,
        members: trip.members.length,
        readAt: new Date().toISOString(),
        until: keptUntil(stored),
        pinned: pinned ?? known?.pinned ?? false,
      },
    },
  );
}

/** Trips with changes that wait to be sent. */
export async function waitingTrips(): Promise<ReadonlySet<string>> {
  const db = await device();
  const kept = (await db?.getAll('sessions')) ?? [];
  return new Set(kept.filter((s) => s.unsaved !== undefined).map((s) => s.id));
}

export const keptInfos = async (): Promise<readonly KeptTripInfo[]> =>
  (await (await device())?.getAll('infos')) ?? [];

/**
 * Reads a trip and keeps it with its sheets, without opening it.
 *
 * @throws ApiProblem from the server; Error, to be shown, when it cannot be kept
 */
export async function pinTrip(id: string): Promise<void> {
  // Asked once: the browser then does not make room with what is kept here.
  void navigator.storage?.persist?.();
  const [stored, sheets] = await Promise.all([api.trip(id), api.sheets(id)]);
  if (isOver(stored))
    throw new Error(`This trip is over: trips stay on a device for ${DAYS_AFTER} days after it.`);
  if (!(await keepTrip(stored, true)) || !(await keepAnswer(`sheets ${id}`, sheets, id)))
    throw new Error('There is no room for this trip on this device.');
}

export async function takeOff(id: string): Promise<void> {
  const db = await device();
  if (db !== undefined) await dropTrip(db, id);
}

/** All trips: as the server has them, or else as they were last listed, with those that were opened here since. */
export async function listTrips(): Promise<readonly TripSummary[]> {
  const infos = await keptInfos();
  const none = infos.length === 0 ? undefined : { fallback: [] as readonly TripSummary[] };
  const listed = await orKept('trips', api.trips, none);
  const known = new Set(listed.map((t) => t.id));
  return isReachable() ? listed : [...listed, ...infos.filter((info) => !known.has(info.id))];
}

/** Reads anew what the leader asked to keep and what is known of otherwise here. @param trips as the server has them now */
export async function refreshPinned(trips: readonly TripSummary[]): Promise<void> {
  const versions = new Map(trips.map((t) => [t.id, t.version]));
  for (const { id, version, pinned } of await keptInfos()) {
    const now = versions.get(id);
    if (now === undefined) await takeOff(id);
    else if (pinned && now !== version) await pinTrip(id);
  }
}

/** What may be kept from now on; what may not any more goes at once. */
export async function letKeepNotes(may: boolean): Promise<void> {
  setKeepsNotes(may);
  const db = await device();
  if (may || db === undefined) return;
  for (const { id, stored, format } of await db.getAll('trips')) {
    const { trip } = stored;
    await db.put('trips', { id, stored: { ...stored, trip: withoutHealthNotes(trip, trip, trip) }, format });
  }
  for (const key of await db.getAllKeys('answers')) if (isNotes(key)) await db.delete('answers', key);
}
