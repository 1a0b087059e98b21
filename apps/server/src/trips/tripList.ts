/** The list of an account's trips. */
import type { EntityManager } from 'typeorm';
import type { TripRole, TripSummary } from '@graft/core/api';

/** Every trip that an account leads, its own and others', archived and recently deleted ones too. */
export async function listTrips(manager: EntityManager, userId: string): Promise<readonly TripSummary[]> {
  const heads = await manager.query<
    {
      id: string;
      version: number;
      name: string;
      startDate: string;
      archivedAt: Date | null;
      deletedAt: Date | null;
      role: TripRole;
      owner: string;
      days: string;
      members: string;
    }[]
  >(
    `SELECT t.id, t.version, t.name, t.start_date AS startDate, t.archived_at AS archivedAt,
              t.deleted_at AS deletedAt, mine.role, owner.name AS owner,
              (SELECT COUNT(*) FROM legs WHERE trip_id = t.id) AS days,
              (SELECT COUNT(*) FROM members WHERE trip_id = t.id) AS members
       FROM trip_leaders mine
       JOIN trips t ON t.id = mine.trip_id
       JOIN trip_leaders owning ON owning.trip_id = t.id AND owning.role = 'owner'
       JOIN users owner ON owner.id = owning.user_id
       WHERE mine.user_id = ?
       ORDER BY t.start_date, t.name, t.id`,
    [userId],
  );
  return heads
    .filter((head) => head.deletedAt === null || head.role === 'owner')
    .map(({ archivedAt, deletedAt, owner, ...head }) => ({
      ...head,
      days: Number(head.days),
      members: Number(head.members),
      archived: archivedAt !== null,
      ...(head.role === 'owner' ? {} : { owner }),
      ...(deletedAt === null ? {} : { deletedAt: deletedAt.toISOString() }),
    }));
}
