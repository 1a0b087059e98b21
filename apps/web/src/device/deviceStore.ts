/**
 * What this device keeps of a leader's trips, so that they open and take changes without a network: one IndexedDB
 * database an account. Other accounts on the same device do not see it; signing out deletes it.
 */
import { deleteDB, openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { watched } from './watched';
import type { KeptAnswer, KeptSession, KeptTrip, KeptTripInfo, Letter } from './kept';

interface Schema extends DBSchema {
  trips: { key: string; value: KeptTrip };
  infos: { key: string; value: KeptTripInfo };
  /** What is only on this device: changes that wait to be sent, and the way back. */
  sessions: { key: string; value: KeptSession };
  answers: { key: string; value: KeptAnswer };
  /** What else waits to be sent, in order. */
  letters: { key: number; value: Letter };
}
export type Device = IDBPDatabase<Schema>;

const PREFIX = 'graft ';
const VERSION = 1;
const nameOf = (accountId: string): string => PREFIX + accountId;

/** Whether what is here can be kept: `full` when there was no room for the last of it, `none` where browsers allow nothing. */
export type StorageState = 'ok' | 'full' | 'none';
export const storageState = watched<StorageState>('ok');

interface Entered {
  readonly accountId: string;
  readonly opening: Promise<Device | undefined>;
  open: Device | undefined;
}
let entered: Entered | undefined;

async function open(accountId: string): Promise<Device | undefined> {
  if (typeof indexedDB === 'undefined') return undefined;
  try {
    return await openDB<Schema>(nameOf(accountId), VERSION, {
      upgrade(db) {
        db.createObjectStore('trips', { keyPath: 'id' });
        db.createObjectStore('infos', { keyPath: 'id' });
        db.createObjectStore('sessions', { keyPath: 'id' });
        db.createObjectStore('answers', { keyPath: 'key' });
        db.createObjectStore('letters', { keyPath: 'seq', autoIncrement: true });
      },
      // A page of a newer version, or signing out in another tab, is not held up by this one.
      blocking: (_from, _to, event) => {
        (event.target as IDBDatabase).close();
        entered = undefined;
      },
    });
  } catch {
    return undefined;
  }
}

/** Use what is kept for an account. */
export function enterDevice(accountId: string): Promise<Device | undefined> {
  return entered?.accountId === accountId ? entered.opening : enter(accountId);
}

function enter(accountId: string): Promise<Device | undefined> {
  const opening = open(accountId);
  const now: Entered = { accountId, opening, open: undefined };
  entered = now;
  void opening.then((db) => {
    now.open = db;
    if (db === undefined) storageState.set('none');
  });
  return opening;
}

/** @returns undefined where nothing can be kept, or nobody is signed in */
export const device = (): Promise<Device | undefined> =>
  entered?.opening ?? Promise.resolve<undefined>(undefined);

/** Deletes all that is kept for the account that is signed in. */
export async function forgetDevice(): Promise<void> {
  if (entered === undefined) return;
  const { accountId, opening } = entered;
  entered = undefined;
  (await opening)?.close();
  await deleteDB(nameOf(accountId));
}

type Store = keyof Pick<Schema, 'trips' | 'infos' | 'sessions' | 'answers' | 'letters'>;
/** Something to write, and where. */
type Writing = { [S in Store]: { readonly store: S; readonly value: Schema[S]['value'] } }[Store];

/**
 * Writes all or nothing, and without waiting for anything: it is done even when the page goes at this moment.
 *
 * @returns whether it is kept, once that is known
 */
export async function keep(...writings: readonly Writing[]): Promise<boolean> {
  try {
    await write(entered?.open ?? (await device()), writings).catch(async (error: unknown) => {
      if (isFull(error) || entered === undefined) throw error;
      // Where the browser has taken back what it let us keep, it may let us keep it anew.
      await write(await enter(entered.accountId), writings);
    });
    storageState.set('ok');
    return true;
  } catch (error) {
    storageState.set(isFull(error) ? 'full' : 'none');
    return false;
  }
}

const isFull = (error: unknown): boolean =>
  error instanceof DOMException && error.name === 'QuotaExceededError';

async function write(db: Device | undefined, writings: readonly Writing[]): Promise<void> {
  if (db === undefined) throw new Error('nothing can be kept');
  const stores = writings.map((w) => w.store);
  const writing = db.transaction(stores, 'readwrite', { durability: 'strict' });
  const puts = writings.map(({ store, value }) => writing.objectStore(store).put(value));
  writing.commit();
  await Promise.all([...puts, writing.done]);
}

/** Takes away what is kept of trips that are long over; what was not sent yet stays. @param today ISO date */
export async function sweep(today: string): Promise<void> {
  const names = (await globalThis.indexedDB?.databases())?.flatMap(({ name }) =>
    name?.startsWith(PREFIX) === true ? [name] : [],
  );
  for (const name of names ?? []) {
    const accountId = name.slice(PREFIX.length);
    const isOwn = accountId === entered?.accountId;
    const db = isOwn ? await device() : await open(accountId);
    if (db === undefined) continue;
    for (const { id, until } of await db.getAll('infos')) if (until <= today) await dropTrip(db, id);
    if (!isOwn) db.close();
  }
}

/** Takes a trip off the device; the changes that wait to be sent stay. */
export async function dropTrip(db: Device, id: string): Promise<void> {
  const taking = db.transaction(['trips', 'infos', 'sessions', 'answers'], 'readwrite');
  await Promise.all([taking.objectStore('trips').delete(id), taking.objectStore('infos').delete(id)]);
  const session = await taking.objectStore('sessions').get(id);
  if (session !== undefined && session.unsaved === undefined) await taking.objectStore('sessions').delete(id);
  for (const answer of await taking.objectStore('answers').getAll())
    if (answer.tripId === id) await taking.objectStore('answers').delete(answer.key);
  await taking.done;
}
