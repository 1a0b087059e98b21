/** Trips in the database: each write is one transaction, checked against the version it was based on. */
import { randomUUID } from 'node:crypto';
import type { DataSource, EntityManager } from 'typeorm';
import {
  applyEdits,
  tripErrors,
  type StoredTrip,
  type Trip,
  type TripEdit,
  type TripSummary,
} from '@graft/core';
import { LegRow, MemberRow, TripRow } from '../database/entities.js';
import { ApiError } from '../http/apiError.js';
import { headOf, readTrip, writeTripParts } from './rows.js';

export class TripStore {
  constructor(private readonly source: DataSource) {}

  async count(): Promise<number> {
    return this.source.getRepository(TripRow).count();
  }

  async list(): Promise<readonly TripSummary[]> {
    return this.reading(async (manager) => {
      const heads = await manager.find(TripRow, { order: { startDate: 'ASC', name: 'ASC', id: 'ASC' } });
      const countOf = async (entity: typeof LegRow | typeof MemberRow): Promise<Map<string, number>> => {
        const rows = await manager
          .createQueryBuilder(entity, 'part')
          .select('part.trip_id', 'tripId')
          .addSelect('COUNT(*)', 'count')
          .groupBy('part.trip_id')
          .getRawMany<{ tripId: string; count: string }>();
        return new Map(rows.map((row) => [row.tripId, Number(row.count)]));
      };
      const days = await countOf(LegRow);
      const members = await countOf(MemberRow);
      return heads.map((head) => ({
        id: head.id,
        version: head.version,
        name: head.name,
        startDate: head.startDate,
        days: days.get(head.id) ?? 0,
        members: members.get(head.id) ?? 0,
      }));
    });
  }

  async get(id: string): Promise<StoredTrip> {
    return this.reading(async (manager) => {
      const head = await manager.findOneBy(TripRow, { id });
      if (head === null) throw notFound(id);
      return { id, version: head.version, trip: await readTrip(manager, head) };
    });
  }

  /** Store a new trip; it must already be free of errors. */
  async add(trip: Trip): Promise<StoredTrip> {
    const id = randomUUID();
    await this.source.transaction(async (manager) => {
      await manager.insert(TripRow, { id, version: 1, updatedAt: new Date(), ...headOf(trip) });
      await writeTripParts(manager, id, undefined, trip);
    });
    return { id, version: 1, trip };
  }

  /**
   * Play edits on a stored trip.
   *
   * @param version the version the edits were made on; another one in the database is refused as stale
   * @returns the new version; nothing is written when the edits change nothing
   */
  async edit(id: string, version: number, edits: readonly TripEdit[]): Promise<number> {
    return this.source.transaction(async (manager) => {
      const head = await lockedHead(manager, id, version);
      const before = await readTrip(manager, head);
      const after = applyEdits(before, edits);
      const errors = tripErrors(after);
      if (errors.length > 0) {
        throw new ApiError(
          400,
          'invalid',
          'The change would leave the trip broken; nothing was saved.',
          errors,
        );
      }
      await writeTripParts(manager, id, before, after);
      await manager.update(
        TripRow,
        { id, version },
        { ...headOf(after), version: version + 1, updatedAt: new Date() },
      );
      return version + 1;
    });
  }

  async remove(id: string, version: number): Promise<void> {
    await this.source.transaction(async (manager) => {
      await lockedHead(manager, id, version);
      await manager.delete(TripRow, { id });
    });
  }

  /** One snapshot for a read that takes several queries. */
  private reading<T>(read: (manager: EntityManager) => Promise<T>): Promise<T> {
    return this.source.transaction('REPEATABLE READ', read);
  }
}

async function lockedHead(manager: EntityManager, id: string, version: number): Promise<TripRow> {
  const head = await manager.findOne(TripRow, { where: { id }, lock: { mode: 'pessimistic_write' } });
  if (head === null) throw notFound(id);
  if (head.version !== version) {
    throw new ApiError(
      409,
      'stale',
      `This trip was changed elsewhere: expected version ${head.version}, got ${version}. Nothing was saved.`,
    );
  }
  return head;
}

function notFound(id: string): ApiError {
  return new ApiError(404, 'notFound', `There is no trip with the id "${id}".`);
}
