/** A trip opened: from the server, or as this device has it when the server cannot be reached. */
import type { StoredTrip } from '@graft/core/api';
import { InvalidInputError } from '@graft/core/schema';
import { api } from '../shared/api';
import { openSession, type SessionState } from '../shared/tripSession';
import { isUnreached } from './answers';
import { device, dropTrip, keep, type Device } from './deviceStore';
import type { KeptSession } from './kept';
import { openKeptSession } from './keptSession';
import { readableTrip } from './tripFormat';

/** A network that is there but answers nothing holds a trip up no longer than this, when it is on the device. */
const PATIENCE_MS = 3000;
/** Where earlier versions of the program kept what was not sent. */
const OLD_KEY = 'graft.session.';
/** They wrote trips of this format. */
const OLD_FORMAT = 8;

export interface OpenedTrip {
  readonly stored: StoredTrip;
  readonly session: SessionState;
  /** ISO time at which the server had it so; absent when it was read just now. */
  readonly keptAt?: string;
}

/** @throws ApiProblem when the server refuses; what was thrown when it cannot be reached and nothing is kept here */
export async function openTrip(id: string): Promise<OpenedTrip> {
  const db = await device();
  const [keptTrip, info, kept] = await Promise.all([
    db?.get('trips', id),
    db?.get('infos', id),
    keptSession(db, id),
  ]);
  try {
    const stored = await api.trip(id, keptTrip === undefined ? undefined : PATIENCE_MS);
    return { stored, session: await goOn(stored, kept) };
  } catch (error) {
    if (!isUnreached(error)) {
      const { status } = error as { status?: number };
      if (db !== undefined && (status === 404 || status === 403)) await dropTrip(db, id);
      throw error;
    }
    if (keptTrip === undefined) throw error;
    const stored = {
      ...keptTrip.stored,
      trip: await readableTrip(keptTrip.stored.trip, keptTrip.format),
    };
    const session = await goOn(stored, kept);
    return {
      stored,
      session: { ...session, save: { kind: 'unreachable' }, isUnread: true },
      ...(info === undefined ? {} : { keptAt: info.readAt }),
    };
  }
}

async function goOn(stored: StoredTrip, kept: KeptSession | undefined): Promise<SessionState> {
  try {
    return await openKeptSession(stored, kept);
  } catch (error) {
    if (!(error instanceof InvalidInputError) || kept === undefined) throw error;
    // Not understood by this version: put aside, to be had as a file.
    await keep({ store: 'sessions', value: { ...kept, id: unreadId(stored.id) } });
    return openSession(stored.trip, stored.version);
  }
}

/** Under which changes are put aside that this version cannot read. */
const unreadId = (id: string): string => `${id} unread`;

/** Changes kept by another version of the program that this one cannot read. */
export const unreadChanges = async (id: string): Promise<KeptSession | undefined> =>
  (await device())?.get('sessions', unreadId(id));

export async function dropUnread(id: string): Promise<void> {
  await (await device())?.delete('sessions', unreadId(id));
}

/** What is kept of a session; what an earlier version kept elsewhere moves here first. */
async function keptSession(db: Device | undefined, id: string): Promise<KeptSession | undefined> {
  const old = oldSession(id);
  if (old !== undefined && (db === undefined || (await keep({ store: 'sessions', value: old }))))
    localStorage.removeItem(OLD_KEY + id);
  return old ?? db?.get('sessions', id);
}

function oldSession(id: string): KeptSession | undefined {
  try {
    const kept = JSON.parse(localStorage.getItem(OLD_KEY + id) ?? 'null') as Partial<KeptSession> | null;
    if (kept === null || !Array.isArray(kept.past) || !Array.isArray(kept.future)) return undefined;
    return {
      ...(kept as Pick<KeptSession, 'version' | 'past' | 'future'>),
      clashes: [],
      setAside: [],
      ...kept,
      id,
      format: OLD_FORMAT,
    };
  } catch {
    // Cut off while it was written: as if there were none.
    return undefined;
  }
}
