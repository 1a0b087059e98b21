/** Who changed what in a trip, and the trip as it was: each change is kept with the edits that take it back. */
import { promisify } from 'node:util';
import { brotliCompress, brotliDecompress, constants } from 'node:zlib';
import { IsNull, LessThan, Not, type EntityManager } from 'typeorm';
import { HISTORY_PAGE, type TripChange } from '@graft/core/api';
import { applyEdits, diffTrip, type Trip, type TripEdit } from '@graft/core/trip';
import { TripChangeRow } from '../database/entities.js';
import { ApiError } from '../http/apiError.js';

const compress = promisify(brotliCompress);
const decompress = promisify(brotliDecompress);
/** Little work for most of the gain. */
const QUICKLY = { params: { [constants.BROTLI_PARAM_QUALITY]: 3 } };
/** Going back takes all changes since: so many bytes of them, compressed, are a second's work. */
const MOST_BYTES_BACK = 4_000_000;

export async function noteChange(
  manager: EntityManager,
  tripId: string,
  change: { readonly version: number; readonly by: string; readonly what: string },
  before: Trip,
  after: Trip,
): Promise<void> {
  const back = await compress(JSON.stringify(diffTrip(after, before)), QUICKLY);
  await manager.query(
    'INSERT INTO trip_changes (trip_id, version, made_at, made_by, what, back) VALUES (?, ?, ?, ?, ?, ?)',
    [tripId, change.version, new Date(), change.by, change.what, back],
  );
}

/**
 * A page of a trip's changes, newest first.
 *
 * @param below only changes to versions below that
 */
export async function listChanges(
  manager: EntityManager,
  tripId: string,
  current: number,
  below: number,
): Promise<readonly TripChange[]> {
  const rows = await manager.query<
    { version: number; madeAt: Date; madeBy: string; what: string; bytes: number | null }[]
  >(
    `SELECT version, made_at AS madeAt, made_by AS madeBy, what, LENGTH(back) AS bytes
     FROM trip_changes WHERE trip_id = ? AND version < ? ORDER BY version DESC LIMIT ?`,
    [tripId, below, HISTORY_PAGE],
  );
  let bytes = await bytesSince(manager, tripId, current, (rows[0]?.version ?? 0) + 1);
  return rows.map((row, i) => {
    const isNext = i === 0 || row.version === rows[i - 1]!.version - 1;
    bytes += row.bytes === null || !isNext ? Infinity : row.bytes;
    return {
      version: row.version,
      at: row.madeAt.toISOString(),
      by: row.madeBy,
      what: row.what,
      canGoBack: bytes <= MOST_BYTES_BACK,
    };
  });
}

/** How many bytes lead back from the current version to before another one; infinite where a step is missing. */
async function bytesSince(
  manager: EntityManager,
  tripId: string,
  current: number,
  from: number,
): Promise<number> {
  if (from > current) return 0;
  const [sum] = await manager.query<{ steps: string; bytes: string | null }[]>(
    `SELECT COUNT(back) AS steps, SUM(LENGTH(back)) AS bytes FROM trip_changes
     WHERE trip_id = ? AND version BETWEEN ? AND ?`,
    [tripId, from, current],
  );
  return Number(sum!.steps) === current - from + 1 ? Number(sum!.bytes) : Infinity;
}

/** The trip as it was at an earlier version. @throws ApiError 404 where that is no more, or never was */
export async function tripAt(
  manager: EntityManager,
  tripId: string,
  now: { readonly version: number; readonly trip: Trip },
  version: number,
): Promise<Trip> {
  const isThere =
    version < now.version && (await bytesSince(manager, tripId, now.version, version + 1)) <= MOST_BYTES_BACK;
  if (!isThere)
    throw new ApiError(
      404,
      'notFound',
      `This trip cannot go back to version ${version}: it is too long ago.`,
    );
  const rows = await manager.query<{ back: Buffer }[]>(
    'SELECT back FROM trip_changes WHERE trip_id = ? AND version BETWEEN ? AND ? ORDER BY version DESC',
    [tripId, version + 1, now.version],
  );
  let trip = now.trip;
  for (const { back } of rows)
    trip = applyEdits(trip, JSON.parse((await decompress(back)).toString()) as readonly TripEdit[]);
  return trip;
}

/** Who changed what stays with the trip; what it was before goes after a while, as what was removed does. */
export async function purgeChanges(manager: EntityManager, before: Date): Promise<void> {
  await manager.update(TripChangeRow, { madeAt: LessThan(before), back: Not(IsNull()) }, { back: null });
}
