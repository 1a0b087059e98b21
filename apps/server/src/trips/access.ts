/** Who may do what in a trip. */
import type { EntityManager } from 'typeorm';
import { TRIP_ROLES, type TripRole } from '@graft/core/api';
import { ApiError } from '../http/apiError.js';

interface Access {
  /** Of the account. */
  readonly name: string;
  readonly role: TripRole;
  readonly version: number;
}

/**
 * What an account may do in a trip.
 *
 * @param least the role that is needed
 * @throws ApiError 404 for whoever does not lead the trip, as if it were not there; 403 for a leader with too small a role
 */
export async function access(
  manager: EntityManager,
  id: string,
  userId: string,
  least: TripRole,
  { deletedToo = false }: { readonly deletedToo?: boolean } = {},
): Promise<Access> {
  const [found] = await manager.query<
    { version: number; deletedAt: Date | null; role: TripRole; name: string }[]
  >(
    `SELECT t.version, t.deleted_at AS deletedAt, l.role, u.name
     FROM trips t JOIN trip_leaders l ON l.trip_id = t.id AND l.user_id = ? JOIN users u ON u.id = l.user_id
     WHERE t.id = ?`,
    [userId, id],
  );
  if (found === undefined || (found.deletedAt !== null && !deletedToo)) throw noTrip(id);
  if (TRIP_ROLES.indexOf(found.role) > TRIP_ROLES.indexOf(least)) {
    throw new ApiError(
      403,
      'forbidden',
      least === 'owner'
        ? 'Only the owner of this trip can do that.'
        : 'You may look at this trip, not change it. Its owner can give you more.',
    );
  }
  return { name: found.name, role: found.role, version: found.version };
}

/** @throws ApiError 404 for a member whom the trip does not have */
export async function requireMember(manager: EntityManager, tripId: string, memberId: string): Promise<void> {
  const [found] = await manager.query<object[]>('SELECT 1 FROM members WHERE trip_id = ? AND id = ?', [
    tripId,
    memberId,
  ]);
  if (found === undefined)
    throw new ApiError(404, 'notFound', `There is no member with the id "${memberId}" in this trip.`);
}

export function noTrip(id: string): ApiError {
  return new ApiError(404, 'notFound', `There is no trip with the id "${id}".`);
}
