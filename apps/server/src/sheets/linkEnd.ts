/** When members' links end. */

import { addDays } from '@graft/core/units';
import type { EntityManager } from 'typeorm';
import { DAY_MS } from '../time.js';

/** A link works so many days longer than its trip lasts: for what is told afterwards. */
export const DAYS_AFTER_TRIP = 14;

/** When links of a trip end: so many days after its last one, in any time zone. */
export function endAfter(startDate: string, days: number): Date {
  return new Date(Date.parse(`${addDays(startDate, days + DAYS_AFTER_TRIP)}T00:00:00Z`) + DAY_MS);
}

export async function endOf(manager: EntityManager, tripId: string): Promise<Date> {
  const [head] = await manager.query<{ startDate: string; days: string }[]>(
    `SELECT t.start_date AS startDate, (SELECT COUNT(*) FROM legs WHERE trip_id = t.id) AS days
     FROM trips t WHERE t.id = ?`,
    [tripId],
  );
  return endAfter(head!.startDate, Number(head!.days));
}
