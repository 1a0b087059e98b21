/**
 * Trips in the database. Every call names the account that asks: who leads a trip may open it, everybody else learns
 * nothing of it. Each write is one transaction, checked against the version it was based on.
 */
import { randomUUID } from 'node:crypto';
import { LRUCache } from 'lru-cache';
import { In, IsNull, LessThan, type DataSource, type EntityManager } from 'typeorm';
import type { RemovedSummary, StoredTrip, TripChange, TripRole, TripSummary } from '@graft/core/api';
import { editedTripErrors } from '@graft/core/formats';
import type { TakenAway } from '@graft/core/schema';
import { tripGlance, type TripGlance } from '@graft/core/sheet';
import { applyEdits, changesText, type Trip, type TripEdit } from '@graft/core/trip';
import { RemovedPartRow, TripLeaderRow, TripRow } from '../database/entities.js';
import { inTransaction } from '../database/transaction.js';
import { ApiError } from '../http/apiError.js';
import { DAY_MS } from '../time.js';
import { access, noTrip } from './access.js';
import { listChanges, noteChange, purgeChanges, tripAt } from './history.js';
import { keepRemoved, listRemoved, readRemoved } from './removedParts.js';
import { listTrips } from './tripList.js';
import { changedHead, headOf, readTrip, readTrips, writeTripParts } from './rows.js';
import { TripCache } from './tripCache.js';

/** A deleted trip can be brought back for so long. */
const KEPT_DELETED_DAYS = 30;
const MOST_GLANCES = 500;

export class TripStore {
  private readonly cache = new TripCache();
  /** By trip and version, which never changes. */
  private readonly glances = new LRUCache<string, TripGlance>({ max: MOST_GLANCES });

  constructor(private readonly source: DataSource) {}

  /** Every trip that an account leads, its own and others', archived and recently deleted ones too. */
  list(userId: string): Promise<readonly TripSummary[]> {
    return listTrips(this.source.manager, userId);
  }

  /**
   * The latest debriefed trips of an account that began before a date, newest first.
   *
   * @param startDate ISO date
   * @param most how many at most
   */
  async debriefedBefore(
    userId: string,
    startDate: string,
    most: number,
  ): Promise<readonly { readonly id: string; readonly trip: Trip }[]> {
    const heads = await this.source.manager.query<{ id: string }[]>(
      `SELECT t.id FROM trip_leaders mine JOIN trips t ON t.id = mine.trip_id
       WHERE mine.user_id = ? AND t.start_date < ? AND t.debriefed_on IS NOT NULL AND t.deleted_at IS NULL
       ORDER BY t.start_date DESC, t.id LIMIT ?`,
      [userId, startDate, most],
    );
    const stored = await this.wholes(heads.map((head) => head.id));
    return heads.flatMap(({ id }) => {
      const trip = stored.get(id)?.trip;
      return trip === undefined ? [] : [{ id, trip }];
    });
  }

  /** A trip, for somebody who leads it; `deletedToo` for its owner's export. */
  async get(id: string, userId: string, options: { deletedToo?: boolean } = {}): Promise<StoredTrip> {
    const { role, version } = await access(this.source.manager, id, userId, 'read', options);
    const known = this.cache.trip(id, version);
    if (known !== undefined) return { id, version, role, trip: known };
    return this.reading(async (manager) => {
      await access(manager, id, userId, 'read', options);
      const head = await manager.findOneByOrFail(TripRow, { id });
      const trip = await readTrip(manager, head);
      this.cache.keep(id, head.version, trip);
      return { id, version: head.version, role, trip };
    });
  }

  /** A trip as the bytes of a `StoredTrip` in JSON; one that has not changed since it was last asked for is not read again. */
  async getBytes(id: string, userId: string): Promise<Buffer> {
    const { role, version } = await access(this.source.manager, id, userId, 'read');
    const known = this.cache.bytes(id, version);
    if (known !== undefined) return storedBytes(id, version, role, known);
    const stored = await this.get(id, userId);
    const bytes = this.cache.bytes(id, stored.version) ?? Buffer.from(JSON.stringify(stored.trip));
    return storedBytes(id, stored.version, stored.role, bytes);
  }

  /** A trip at a glance; one that has not changed since is not looked at again. */
  async glance(id: string, userId: string): Promise<TripGlance> {
    const { version } = await access(this.source.manager, id, userId, 'read');
    const known = this.glances.get(`${id}/${version}`);
    if (known !== undefined) return known;
    const stored = await this.get(id, userId);
    const glance = tripGlance(stored.trip);
    this.glances.set(`${id}/${stored.version}`, glance);
    return glance;
  }

  /** A trip for the program itself, which has made sure who asks; undefined when there is none, or it is deleted. */
  async whole(id: string): Promise<{ readonly version: number; readonly trip: Trip } | undefined> {
    return (await this.wholes([id])).get(id);
  }

  /** Several such trips; those that have not changed since they were last asked for are not read again. */
  async wholes(
    ids: readonly string[],
  ): Promise<ReadonlyMap<string, { readonly version: number; readonly trip: Trip }>> {
    if (ids.length === 0) return new Map();
    return this.reading(async (manager) => {
      const heads = await manager.findBy(TripRow, { id: In(ids), deletedAt: IsNull() });
      const known = new Map(heads.map((head) => [head.id, this.cache.trip(head.id, head.version)] as const));
      const read = await readTrips(
        manager,
        heads.filter((head) => known.get(head.id) === undefined),
      );
      return new Map(
        heads.map(({ id, version }) => {
          const fresh = read.get(id);
          if (fresh !== undefined) this.cache.keep(id, version, fresh);
          // One of the two is there: what was not known was read.
          return [id, { version, trip: fresh ?? known.get(id)! }] as const;
        }),
      );
    });
  }

  /** What was taken out of a trip lately, newest first. */
  async removed(id: string, userId: string): Promise<readonly RemovedSummary[]> {
    await access(this.source.manager, id, userId, 'read');
    return listRemoved(this.source.manager, id);
  }

  /** One such thing, whole. */
  async removedPart(id: string, userId: string, partId: string): Promise<TakenAway> {
    await access(this.source.manager, id, userId, 'read');
    return readRemoved(this.source.manager, id, partId);
  }

  /** @throws ApiError as `access` */
  async require(id: string, userId: string, least: TripRole): Promise<void> {
    await access(this.source.manager, id, userId, least);
  }

  /** Store a new trip for its owner; it must already be free of errors. */
  async add(userId: string, trip: Trip): Promise<StoredTrip> {
    const id = await inTransaction(this.source, (manager) => addTrip(manager, userId, trip));
    return { id, version: 1, role: 'owner', trip };
  }

  /**
   * Play edits on a stored trip.
   *
   * @param version the version the edits were made on; another one in the database is refused as stale
   * @returns the new version, and who changed what; nothing is written when the edits change nothing
   */
  async edit(
    id: string,
    userId: string,
    version: number,
    edits: readonly TripEdit[],
  ): Promise<{ readonly version: number; readonly by: string; readonly what: string }> {
    const before = await this.at(id, userId, version);
    const after = applyEdits(before, edits);
    const errors = editedTripErrors(after);
    if (errors.length > 0) {
      // What does not fit may fit what somebody else has made of it meanwhile.
      requireVersion((await access(this.source.manager, id, userId, 'full')).version, version);
      throw new ApiError(
        400,
        'invalid',
        'The change would leave the trip broken; nothing was saved.',
        errors,
      );
    }
    const what = changesText(before, after, edits);
    const by = await inTransaction(this.source, async (manager) => {
      // One statement locks the trip, makes sure of its version, and writes what stands in its own row.
      const { affected } = await manager.update(
        TripRow,
        { id, version, deletedAt: IsNull() },
        { ...changedHead(before, after), version: version + 1, updatedAt: new Date() },
      );
      const { name, version: there } = await access(manager, id, userId, 'full');
      if (affected !== 1) requireVersion(there, version);
      await writeTripParts(manager, id, before, after);
      await keepRemoved(manager, id, name, before, after);
      await noteChange(manager, id, { version: version + 1, by: name, what }, before, after);
      return name;
    });
    // Only what is stored for good is kept: the next edit starts from it.
    this.cache.keep(id, version + 1, after);
    return { version: version + 1, by, what };
  }

  /** A trip at the version that edits were made on. @throws ApiError 409 when that is not the one there is */
  private async at(id: string, userId: string, version: number): Promise<Trip> {
    const known = this.cache.trip(id, version);
    if (known !== undefined) return known;
    const stored = await this.get(id, userId);
    requireVersion(stored.version, version);
    return stored.trip;
  }

  /** Who changed what, newest first, a page at a time. */
  async history(id: string, userId: string, below: number): Promise<readonly TripChange[]> {
    const { version } = await access(this.source.manager, id, userId, 'read');
    return listChanges(this.source.manager, id, version, below);
  }

  /** The trip as it was. */
  async earlier(id: string, userId: string, version: number): Promise<Trip> {
    const now = await this.get(id, userId);
    return tripAt(this.source.manager, id, now, version);
  }

  /** Put a trip aside, or take it back. Its content stays as it is. */
  async archive(id: string, userId: string, archived: boolean): Promise<void> {
    await access(this.source.manager, id, userId, 'owner');
    await this.source.manager.update(TripRow, { id }, { archivedAt: archived ? new Date() : null });
  }

  /** Delete a trip; it can be restored for a while. */
  async remove(id: string, userId: string, version: number): Promise<void> {
    await inTransaction(this.source, async (manager) => {
      const locked = await lockedVersion(manager, id);
      await access(manager, id, userId, 'owner');
      requireVersion(locked, version);
      await manager.update(TripRow, { id }, { deletedAt: new Date() });
    });
  }

  async restore(id: string, userId: string): Promise<void> {
    await access(this.source.manager, id, userId, 'owner', { deletedToo: true });
    await this.source.manager.update(TripRow, { id }, { deletedAt: null });
  }

  /** Drop what was deleted too long ago to be brought back. */
  async purge(now = new Date()): Promise<void> {
    const before = new Date(now.getTime() - KEPT_DELETED_DAYS * DAY_MS);
    await this.source.manager.delete(TripRow, { deletedAt: LessThan(before) });
    await this.source.manager.delete(RemovedPartRow, { removedAt: LessThan(before) });
    await purgeChanges(this.source.manager, before);
  }

  /** One snapshot for a read that takes several queries. */
  private reading<T>(read: (manager: EntityManager) => Promise<T>): Promise<T> {
    return inTransaction(this.source, read);
  }
}

/** @returns the id of the new trip */
export async function addTrip(
  manager: EntityManager,
  userId: string,
  trip: Trip,
  archivedAt: Date | null = null,
): Promise<string> {
  const id = randomUUID();
  await manager.insert(TripRow, { id, version: 1, updatedAt: new Date(), archivedAt, ...headOf(trip) });
  await manager.insert(TripLeaderRow, { tripId: id, userId, role: 'owner' });
  await writeTripParts(manager, id, undefined, trip);
  return id;
}

function storedBytes(id: string, version: number, role: TripRole, trip: Buffer): Buffer {
  const head = JSON.stringify({ id, version, role });
  return Buffer.concat([Buffer.from(`${head.slice(0, -1)},"trip":`), trip, Buffer.from('}')]);
}

/** The version that a trip has, and that nobody else changes until the transaction ends. */
async function lockedVersion(manager: EntityManager, id: string): Promise<number> {
  const [head] = await manager.query<{ version: number }[]>(
    'SELECT version FROM trips WHERE id = ? FOR UPDATE',
    [id],
  );
  if (head === undefined) throw noTrip(id);
  return head.version;
}

/** @throws ApiError 409 when a change was made on another version than there is */
export function requireVersion(there: number, got: number): void {
  if (there === got) return;
  throw new ApiError(
    409,
    'stale',
    `This trip was changed elsewhere: expected version ${there}, got ${got}. Nothing was saved.`,
  );
}
