/**
 * What an edit takes out of a trip is kept for a while. With a member go their link, their address and what they told:
 * they are put aside with them, so that they are never another's who gets the same id, and come back with them.
 */
import { randomUUID } from 'node:crypto';
import type { EntityManager } from 'typeorm';
import type { RemovedSummary } from '@graft/core/api';
import { isBack, MADE_BY_HAND, takenAway, type TakenAway } from '@graft/core/schema';
import { keyOf, sameContent, type Member, type Trip } from '@graft/core/trip';
import { RemovedPartRow, type KeptSheet } from '../database/entities.js';
import { ApiError } from '../http/apiError.js';

/** Tables that hold what is of a member beside the trip itself. */
const OF_MEMBERS = ['sheet_links', 'sheet_marks', 'member_addresses'] as const;
const MOMENTS = new Set(['created_at', 'opened_at', 'seen_at', 'sent_at', 'received_at']);
const MOST_LISTED = 200;

/** @param by whose account it is */
export async function keepRemoved(
  manager: EntityManager,
  tripId: string,
  by: string,
  before: Trip,
  after: Trip,
): Promise<void> {
  const there = new Set(after.members.map((m) => m.id));
  const gone = before.members.filter((m) => !there.has(m.id)).map((m) => m.id);
  const known = new Set(before.members.map((m) => m.id));
  const added = after.members.filter((m) => !known.has(m.id));
  const taken = takenAway(before, after);
  const sheets = await putAside(manager, tripId, gone);
  if (taken !== undefined)
    await manager.insert(RemovedPartRow, {
      tripId,
      id: randomUUID(),
      removedAt: new Date(),
      removedBy: by,
      what: taken.what.slice(0, 400),
      taken,
      sheets,
    } as never);
  // Whatever stands under the id of somebody new is of somebody who had it before.
  if (added.length > 0)
    await putAside(
      manager,
      tripId,
      added.map((m) => m.id),
    );
  const pieces = (trip: Trip): number => trip.kits.reduce((sum, kit) => sum + kit.pieces.length, 0);
  const grew = pieces(after) > pieces(before) || MADE_BY_HAND.some((c) => after[c].length > before[c].length);
  if (grew) await settle(manager, tripId, after, added);
}

/** What is there again needs no keeping; a member who is the very same gets back what was theirs. */
async function settle(
  manager: EntityManager,
  tripId: string,
  after: Trip,
  added: readonly Member[],
): Promise<void> {
  const rows = await manager.find(RemovedPartRow, { where: { tripId }, order: { removedAt: 'DESC' } });
  for (const row of rows) {
    for (const member of added) {
      const was = (row.taken.items.members ?? []).find((m) => keyOf('members', m) === member.id) as
        | Member
        | undefined;
      const sheet = row.sheets.find((s) => s.memberId === member.id);
      if (was?.name !== member.name || sheet === undefined || !isSame(was, member)) continue;
      for (const [table, kept] of Object.entries(sheet.rows)) await insert(manager, table, kept);
    }
    if (isBack(after, row.taken)) await manager.delete(RemovedPartRow, { tripId, id: row.id });
  }
}

/** The same person, whatever groups and buddies there still are. */
function isSame(was: Member, now: Member): boolean {
  const bare = ({ tentGroupId: _t, cookGroupId: _c, buddyId: _b, ...rest }: Member): object => rest;
  return sameContent(bare(was), bare(now));
}

async function putAside(
  manager: EntityManager,
  tripId: string,
  memberIds: readonly string[],
): Promise<readonly KeptSheet[]> {
  if (memberIds.length === 0) return [];
  const places = memberIds.map(() => '?').join(', ');
  const found = new Map<string, Record<string, Record<string, unknown>[]>>();
  for (const table of OF_MEMBERS) {
    const where = `FROM ${table} WHERE trip_id = ? AND member_id IN (${places})`;
    const rows = await manager.query<Record<string, unknown>[]>(`SELECT * ${where}`, [tripId, ...memberIds]);
    if (rows.length === 0) continue;
    for (const row of rows) {
      const own = found.get(row['member_id'] as string) ?? {};
      (own[table] ??= []).push(row);
      found.set(row['member_id'] as string, own);
    }
    await manager.query(`DELETE ${where}`, [tripId, ...memberIds]);
  }
  return [...found].map(([memberId, rows]) => ({ memberId, rows }));
}

async function insert(
  manager: EntityManager,
  table: string,
  rows: readonly Readonly<Record<string, unknown>>[],
): Promise<void> {
  if (!OF_MEMBERS.some((known) => known === table)) return;
  for (const row of rows) {
    const columns = Object.keys(row);
    await manager.query(
      `INSERT IGNORE INTO ${table} (${columns.map((c) => `\`${c}\``).join(', ')}) VALUES (${columns.map(() => '?').join(', ')})`,
      // Times went through JSON.
      columns.map((c) => (MOMENTS.has(c) && typeof row[c] === 'string' ? new Date(row[c]) : row[c])),
    );
  }
}

export async function listRemoved(
  manager: EntityManager,
  tripId: string,
): Promise<readonly RemovedSummary[]> {
  const rows = await manager.find(RemovedPartRow, {
    select: { tripId: true, id: true, what: true, removedAt: true, removedBy: true },
    where: { tripId },
    order: { removedAt: 'DESC' },
    take: MOST_LISTED,
  });
  return rows.map(({ id, what, removedAt, removedBy }) => ({
    id,
    what,
    at: removedAt.toISOString(),
    by: removedBy,
  }));
}

export async function readRemoved(manager: EntityManager, tripId: string, id: string): Promise<TakenAway> {
  const row = await manager.findOneBy(RemovedPartRow, { tripId, id });
  if (row === null) throw new ApiError(404, 'notFound', 'That is there again, or was removed too long ago.');
  return row.taken;
}
