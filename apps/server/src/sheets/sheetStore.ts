/** Members' sheets: private links to them, and what members tell from them. */
import { LRUCache } from 'lru-cache';
import { type DataSource, type EntityManager } from 'typeorm';
import type { OpenedSheet, SheetProgress } from '@graft/core/api';
import {
  memberSheet,
  type KeptMark,
  type MarkValue,
  type MemberSheet,
  type SheetMark,
} from '@graft/core/sheet';
import { addDays } from '@graft/core/units';
import { newToken, tokenHash } from '../accounts/tokens.js';
import { SheetLinkRow, SheetMarkRow } from '../database/entities.js';
import { ApiError } from '../http/apiError.js';
import { DAY_MS } from '../time.js';
import { access, requireMember } from '../trips/access.js';
import type { TripStore } from '../trips/tripStore.js';
import { batched } from './batched.js';
import { MarkMemory } from './markMemory.js';
import type { SheetNewsroom } from './sheetNewsroom.js';

/** A link works so many days longer than its trip lasts: for what is told afterwards. */
const DAYS_AFTER_TRIP = 14;
/** No party tells so much: a device that does is broken. */
const MOST_MARKS_OF_MEMBER = 5000;
/** Looking again so soon is not written down. */
const SEEN_EVERY_MS = 60_000;
const MOST_SHEETS_KEPT = 400;

/** Most questions that go to the database as one. */
const MOST_AT_ONCE = 100;

interface Holder {
  readonly tripId: string;
  readonly memberId: string;
}
export interface OpenLink extends Holder {
  readonly expiresAt: Date;
  /** Of its token. */
  readonly hash: string;
  /** Marks of this member that are kept. */
  readonly known: number;
  readonly openedAt: Date | null;
  readonly seenAt: Date | null;
}
interface Told extends Holder {
  readonly marks: readonly SheetMark[];
  readonly byLeader: boolean;
}

export class SheetStore {
  /** Sheets by trip, version and member: a version never changes. */
  private readonly made = new LRUCache<string, MemberSheet>({ max: MOST_SHEETS_KEPT });
  private readonly told = new MarkMemory();

  constructor(
    private readonly source: DataSource,
    private readonly trips: TripStore,
    private readonly news: SheetNewsroom,
  ) {}

  private readonly linkOf = batched((tokens: readonly string[]) => this.links(tokens), MOST_AT_ONCE);
  private readonly write = batched((told: readonly Told[]) => this.insert(told), MOST_AT_ONCE);
  private readonly read = batched((of: readonly Holder[]) => this.select(of), MOST_AT_ONCE);

  async progress(tripId: string, userId: string): Promise<SheetProgress> {
    const { manager } = this.source;
    await access(manager, tripId, userId, 'read');
    const expiresAt = (await endOf(manager, tripId)).toISOString();
    const links = await manager.find(SheetLinkRow, {
      select: { memberId: true, createdAt: true, openedAt: true, seenAt: true },
      where: { tripId },
      order: { createdAt: 'ASC' },
    });
    const rows = await manager.find(SheetMarkRow, { where: { tripId }, order: ORDER });
    const marks = new Map<string, KeptMark[]>();
    for (const row of rows) {
      const own = marks.get(row.memberId);
      if (own === undefined) marks.set(row.memberId, [asMark(row)]);
      else own.push(asMark(row));
    }
    return {
      links: links.map(({ memberId, createdAt, openedAt, seenAt }) => ({
        memberId,
        createdAt: createdAt.toISOString(),
        expiresAt,
        ...(openedAt === null ? {} : { openedAt: openedAt.toISOString() }),
        ...(seenAt === null ? {} : { seenAt: seenAt.toISOString() }),
      })),
      marks: Object.fromEntries(marks),
    };
  }

  /**
   * Make a member's link; an earlier one of theirs ends with that.
   *
   * @returns the token of the link, which is not kept and cannot be shown again
   */
  async makeLink(tripId: string, userId: string, memberId: string): Promise<string> {
    const { manager } = this.source;
    await access(manager, tripId, userId, 'full');
    await requireMember(manager, tripId, memberId);
    const stored = await this.trips.whole(tripId);
    if (stored === undefined) throw goneLink();
    const end = endAfter(stored.trip.startDate, stored.trip.legs.length);
    if (end.getTime() <= Date.now())
      throw new ApiError(
        400,
        'invalid',
        `Links of this trip ended on ${end.toISOString().slice(0, 10)}, ${DAYS_AFTER_TRIP} days after it: its dates are in the past.`,
      );
    const token = newToken();
    await manager.upsert(
      SheetLinkRow,
      {
        tripId,
        memberId,
        tokenHash: tokenHash(token),
        createdAt: new Date(),
        openedAt: null,
        seenAt: null,
        // Whoever gets it by hand reads this now: later messages tell what is new since.
        toldSheet: memberSheet(stored.trip, memberId),
      },
      ['tripId', 'memberId'],
    );
    this.news.publish(tripId, { kind: 'links' });
    return token;
  }

  async withdrawLink(tripId: string, userId: string, memberId: string): Promise<void> {
    const { manager } = this.source;
    await access(manager, tripId, userId, 'full');
    const { affected } = await manager.delete(SheetLinkRow, { tripId, memberId });
    if (affected !== 1) throw new ApiError(404, 'notFound', 'This member has no link.');
    this.news.publish(tripId, { kind: 'links' });
  }

  /** Make sure that somebody may follow what members tell. */
  async mayFollow(tripId: string, userId: string): Promise<void> {
    await access(this.source.manager, tripId, userId, 'read');
  }

  /** What a leader says to a member. */
  async answer(tripId: string, userId: string, memberId: string, marks: readonly SheetMark[]): Promise<void> {
    const { manager } = this.source;
    await access(manager, tripId, userId, 'full');
    await requireMember(manager, tripId, memberId);
    const known = await manager.countBy(SheetMarkRow, { tripId, memberId });
    await this.keep({ tripId, memberId, marks, byLeader: true }, known);
  }

  /** What a member's link opens. */
  async open(token: string): Promise<OpenedSheet> {
    const link = await this.link(token);
    const { tripId, memberId } = link;
    const stored = await this.trips.whole(tripId);
    if (stored === undefined) throw goneLink();
    const key = `${tripId} ${stored.version} ${memberId}`;
    let sheet = this.made.get(key);
    if (sheet === undefined) {
      sheet = memberSheet(stored.trip, memberId);
      this.made.set(key, sheet);
    }
    await this.noteSeen(link);
    return {
      version: stored.version,
      expiresAt: link.expiresAt.toISOString(),
      sheet,
      marks: await this.marksOf(link),
    };
  }

  /** Keep what a member tells; what is known already is not kept twice. @returns all marks of the member */
  async tell(link: OpenLink, marks: readonly SheetMark[]): Promise<readonly KeptMark[]> {
    const { tripId, memberId } = link;
    if (marks.some((m) => m.kind === 'answer'))
      throw new ApiError(400, 'invalid', 'Only a leader answers: a sheet tells of no answer.');
    const [before] = await Promise.all([
      this.marksOf(link),
      this.keep({ tripId, memberId, marks, byLeader: false }, link.known),
    ]);
    const ids = new Set(before.map((m) => m.id));
    const after = [...before];
    for (const mark of marks)
      if (!ids.has(mark.id)) {
        ids.add(mark.id);
        after.push({ ...mark, byLeader: false });
      }
    this.told.put(link.hash, after);
    return after;
  }

  /** What a member has told up to now. */
  private async marksOf({ tripId, memberId, hash, known }: OpenLink): Promise<readonly KeptMark[]> {
    const remembered = this.told.get(hash, known);
    if (remembered !== undefined) return remembered;
    const marks = await this.read({ tripId, memberId });
    this.told.put(hash, marks);
    return marks;
  }

  private async keep(told: Told, known: number): Promise<void> {
    const { tripId, memberId, marks, byLeader } = told;
    if (known + marks.length > MOST_MARKS_OF_MEMBER)
      throw new ApiError(
        400,
        'invalid',
        `Expected at most ${MOST_MARKS_OF_MEMBER} marks of one member, got ${known + marks.length}.`,
      );
    await this.write(told);
    this.news.publish(tripId, {
      kind: 'marks',
      memberId,
      marks: marks.map((mark) => ({ ...mark, byLeader })),
    });
  }

  /** Plain statements here and below: for a party that ticks all at once, mapping rows takes longer than reading them. */
  private async insert(all: readonly Told[]): Promise<readonly void[]> {
    const receivedAt = new Date();
    const rows = all.flatMap(({ tripId, memberId, marks, byLeader }) =>
      marks.map(({ id, kind, thingId, value, at, replaces }) => [
        tripId,
        memberId,
        id,
        kind,
        thingId ?? null,
        JSON.stringify(value),
        at,
        JSON.stringify(replaces),
        byLeader,
        receivedAt,
      ]),
    );
    // What is known already stays as it is.
    await this.source.manager.query(
      `INSERT IGNORE INTO sheet_marks
         (trip_id, member_id, id, kind, thing_id, value, at, replaces, by_leader, received_at)
       VALUES ${rows.map((row) => `(${row.map(() => '?').join(', ')})`).join(', ')}`,
      rows.flat(),
    );
    return all.map(() => undefined);
  }

  private async select(all: readonly Holder[]): Promise<readonly (readonly KeptMark[])[]> {
    const rows = await this.source.manager.query<(Holder & StoredMark)[]>(
      `SELECT trip_id AS tripId, member_id AS memberId, id, kind, thing_id AS thingId, value, at, replaces,
              by_leader AS byLeader
       FROM sheet_marks
       WHERE (trip_id, member_id) IN (${all.map(() => '(?, ?)').join(', ')})
       ORDER BY received_at, id`,
      all.flatMap(({ tripId, memberId }) => [tripId, memberId]),
    );
    const byHolder = new Map<string, KeptMark[]>();
    for (const row of rows) {
      const key = `${row.tripId} ${row.memberId}`;
      const mark = asMark({
        ...row,
        value: JSON.parse(row.value) as MarkValue,
        replaces: JSON.parse(row.replaces) as string[],
        byLeader: Boolean(row.byLeader),
      });
      const own = byHolder.get(key);
      if (own === undefined) byHolder.set(key, [mark]);
      else own.push(mark);
    }
    return all.map(({ tripId, memberId }) => byHolder.get(`${tripId} ${memberId}`) ?? []);
  }

  private async noteSeen({ tripId, memberId, openedAt, seenAt }: OpenLink): Promise<void> {
    const now = new Date();
    if (now.getTime() - (seenAt?.getTime() ?? 0) < SEEN_EVERY_MS) return;
    await this.source.manager.update(
      SheetLinkRow,
      { tripId, memberId },
      { seenAt: now, openedAt: openedAt ?? now },
    );
    this.news.publish(tripId, { kind: 'links' });
  }

  /** @throws ApiError 404 for whatever is no link that works, whatever the reason */
  async link(token: string): Promise<OpenLink> {
    const found = await this.linkOf(token);
    if (found === undefined || found.expiresAt.getTime() <= Date.now()) throw goneLink();
    return found;
  }

  private async links(tokens: readonly string[]): Promise<readonly (OpenLink | undefined)[]> {
    const hashes = tokens.map(tokenHash);
    const rows = await this.source.manager.query<
      {
        hash: string;
        tripId: string;
        memberId: string;
        openedAt: Date | null;
        seenAt: Date | null;
        startDate: string;
        days: string;
        known: string;
      }[]
    >(
      `SELECT l.token_hash AS hash, l.trip_id AS tripId, l.member_id AS memberId, l.opened_at AS openedAt,
              l.seen_at AS seenAt, t.start_date AS startDate,
              (SELECT COUNT(*) FROM legs WHERE trip_id = t.id) AS days,
              (SELECT COUNT(*) FROM sheet_marks k WHERE k.trip_id = l.trip_id AND k.member_id = l.member_id) AS known
       FROM sheet_links l
       JOIN trips t ON t.id = l.trip_id AND t.deleted_at IS NULL
       JOIN members m ON m.trip_id = l.trip_id AND m.id = l.member_id
       WHERE l.token_hash IN (${hashes.map(() => '?').join(', ')})`,
      hashes,
    );
    const byHash = new Map(
      rows.map(({ startDate, days, known, ...link }) => [
        link.hash,
        { ...link, expiresAt: endAfter(startDate, Number(days)), known: Number(known) },
      ]),
    );
    return hashes.map((hash) => byHash.get(hash));
  }
}

/** A mark as the database has it. */
type StoredMark = Pick<SheetMarkRow, 'id' | 'kind' | 'thingId' | 'at'> & {
  readonly value: string;
  readonly replaces: string;
  readonly byLeader: number;
};

const ORDER = { receivedAt: 'ASC', id: 'ASC' } as const;

function asMark({
  id,
  kind,
  thingId,
  value,
  at,
  replaces,
  byLeader,
}: Omit<SheetMarkRow, 'tripId' | 'memberId' | 'trip' | 'receivedAt'>): KeptMark {
  return { id, kind, ...(thingId === null ? {} : { thingId }), value, at, replaces, byLeader };
}

/** When links of a trip end: so many days after its last one, in any time zone. */
function endAfter(startDate: string, days: number): Date {
  return new Date(Date.parse(`${addDays(startDate, days + DAYS_AFTER_TRIP)}T00:00:00Z`) + DAY_MS);
}

async function endOf(manager: EntityManager, tripId: string): Promise<Date> {
  const [head] = await manager.query<{ startDate: string; days: string }[]>(
    `SELECT t.start_date AS startDate, (SELECT COUNT(*) FROM legs WHERE trip_id = t.id) AS days
     FROM trips t WHERE t.id = ?`,
    [tripId],
  );
  return endAfter(head!.startDate, Number(head!.days));
}

function goneLink(): ApiError {
  return new ApiError(
    404,
    'notFound',
    'This link is void: withdrawn, replaced or too old. Ask your leader for a new one.',
  );
}
