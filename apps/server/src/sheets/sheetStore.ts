/** Members' sheets: private links to them, and what members tell from them. */
import { type DataSource } from 'typeorm';
import type { OpenedSheet, SheetProgress } from '@graft/core/api';
import type { KeptMark, MemberSheet, SheetMark } from '@graft/core/sheet';
import { newToken, tokenHash } from '../accounts/tokens.js';
import { SheetLinkRow, SheetMarkRow } from '../database/entities.js';
import { ApiError } from '../http/apiError.js';
import { MINUTE_MS } from '../time.js';
import { access, requireMember } from '../trips/access.js';
import type { TripStore } from '../trips/tripStore.js';
import { asMark, MARK_COLUMNS, type StoredMark } from './marks.js';
import { SentSheets } from './sentSheets.js';
import type { SheetNewsroom } from './sheetNewsroom.js';
import { endOf, endAfter, DAYS_AFTER_TRIP } from './linkEnd.js';

/** No party tells so much: a device that does is broken. */
const MOST_MARKS_OF_MEMBER = 5000;
/** A phone that was without a network for days tells as much at once; more is no person. */
const MOST_MARKS_A_MINUTE = 1000;
/** Looking again so soon is not written down. */
const SEEN_EVERY_MS = MINUTE_MS;

interface Holder {
  readonly tripId: string;
  readonly memberId: string;
}
export interface OpenLink extends Holder {
  readonly expiresAt: Date;
  /** Marks of this member that are kept. */
  readonly known: number;
  /** Of these, what came within the last minute. */
  readonly lately: number;
  readonly openedAt: Date | null;
  readonly seenAt: Date | null;
  /** The trip's version that was sent last; null before that. */
  readonly sentVersion: number | null;
}

export class SheetStore {
  /** What was sent of the sheets, and sending it. */
  readonly sent: SentSheets;

  constructor(
    private readonly source: DataSource,
    private readonly trips: TripStore,
    private readonly news: SheetNewsroom,
  ) {
    this.sent = new SentSheets(source, trips, news);
  }

  async progress(tripId: string, userId: string): Promise<SheetProgress> {
    const { manager } = this.source;
    await access(manager, tripId, userId, 'read');
    const expiresAt = (await endOf(manager, tripId)).toISOString();
    const links = await manager.find(SheetLinkRow, {
      select: { memberId: true, createdAt: true, openedAt: true, seenAt: true, sentAt: true },
      where: { tripId },
      order: { createdAt: 'ASC' },
    });
    const rows = await manager.query<(StoredMark & { readonly memberId: string })[]>(
      `SELECT member_id AS memberId, ${MARK_COLUMNS} FROM sheet_marks WHERE trip_id = ? ORDER BY received_at, id`,
      [tripId],
    );
    const marks = new Map<string, KeptMark[]>();
    for (const row of rows) {
      const own = marks.get(row.memberId);
      if (own === undefined) marks.set(row.memberId, [asMark(row)]);
      else own.push(asMark(row));
    }
    return {
      links: links.map(({ memberId, createdAt, openedAt, seenAt, sentAt }) => ({
        memberId,
        createdAt: createdAt.toISOString(),
        expiresAt,
        ...(openedAt === null ? {} : { openedAt: openedAt.toISOString() }),
        ...(seenAt === null ? {} : { seenAt: seenAt.toISOString() }),
        ...(sentAt === null ? {} : { sentAt: sentAt.toISOString() }),
      })),
      marks: Object.fromEntries(marks),
    };
  }

  /**
   * Make a member's link; an earlier one of theirs ends with that. It shows what was sent to them, or else the plan as
   * it stands.
   *
   * @returns the token of the link, which is not kept and cannot be shown again; and the sheet that it opens
   */
  async makeLink(
    tripId: string,
    userId: string,
    memberId: string,
  ): Promise<{ readonly token: string; readonly sheet: MemberSheet }> {
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
    const before = await manager.findOne(SheetLinkRow, {
      select: { tripId: true, memberId: true, sentVersion: true, sentAt: true },
      where: { tripId, memberId },
    });
    const sentVersion = before?.sentVersion ?? null;
    const { version, sheet } = await this.sent.shown(tripId, { memberId, sentVersion }, stored);
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
        toldSheet: sheet,
        sentSheet: sheet,
        sentVersion: version,
        sentAt: before?.sentAt ?? new Date(),
      },
      ['tripId', 'memberId'],
    );
    this.news.publish(tripId, { kind: 'links' });
    return { token, sheet };
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
    await this.keep({ tripId, memberId }, marks, true, known);
  }

  /** What a member's link opens. */
  async open(token: string): Promise<OpenedSheet> {
    const link = await this.link(token);
    const stored = await this.trips.whole(link.tripId);
    if (stored === undefined) throw goneLink();
    const shown = await this.sent.shown(link.tripId, link, stored);
    await this.noteSeen(link);
    return {
      ...shown,
      expiresAt: link.expiresAt.toISOString(),
      marks: await this.marksOf(link),
    };
  }

  /** Keep what a member tells; what is known already is not kept twice. @returns all marks of the member */
  async tell(link: OpenLink, marks: readonly SheetMark[]): Promise<readonly KeptMark[]> {
    if (marks.some((m) => m.kind === 'answer'))
      throw new ApiError(400, 'invalid', 'Only a leader answers: a sheet tells of no answer.');
    if (link.lately + marks.length > MOST_MARKS_A_MINUTE)
      throw new ApiError(429, 'tooMany', 'This link tells too much at once. Try again in a minute.');
    await this.keep(link, marks, false, link.known);
    return this.marksOf(link);
  }

  private async keep(
    { tripId, memberId }: Holder,
    marks: readonly SheetMark[],
    byLeader: boolean,
    known: number,
  ): Promise<void> {
    if (known + marks.length > MOST_MARKS_OF_MEMBER)
      throw new ApiError(
        400,
        'invalid',
        `Expected at most ${MOST_MARKS_OF_MEMBER} marks of one member, got ${known + marks.length}.`,
      );
    const receivedAt = new Date();
    const rows = marks.map(({ id, kind, thingId, value, at, replaces }) => [
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
    ]);
    // What is known already stays as it is. A plain statement: mapping rows takes longer than writing them.
    await this.source.manager.query(
      `INSERT IGNORE INTO sheet_marks
         (trip_id, member_id, id, kind, thing_id, value, at, replaces, by_leader, received_at)
       VALUES ${rows.map((row) => `(${row.map(() => '?').join(', ')})`).join(', ')}`,
      rows.flat(),
    );
    this.news.publish(tripId, {
      kind: 'marks',
      memberId,
      marks: marks.map((mark) => ({ ...mark, byLeader })),
    });
  }

  /** What a member has told up to now. */
  private async marksOf({ tripId, memberId }: Holder): Promise<readonly KeptMark[]> {
    const rows = await this.source.manager.query<StoredMark[]>(
      `SELECT ${MARK_COLUMNS}
       FROM sheet_marks WHERE trip_id = ? AND member_id = ? ORDER BY received_at, id`,
      [tripId, memberId],
    );
    return rows.map(asMark);
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
    const [found] = await this.source.manager.query<
      {
        tripId: string;
        memberId: string;
        openedAt: Date | null;
        seenAt: Date | null;
        sentVersion: number | null;
        startDate: string;
        days: string;
        counts: string;
      }[]
    >(
      `SELECT l.trip_id AS tripId, l.member_id AS memberId, l.opened_at AS openedAt, l.seen_at AS seenAt, l.sent_version AS sentVersion,
              t.start_date AS startDate, (SELECT COUNT(*) FROM legs WHERE trip_id = t.id) AS days,
              (SELECT CONCAT(COUNT(*), ' ', COALESCE(SUM(k.received_at > ?), 0)) FROM sheet_marks k
               WHERE k.trip_id = l.trip_id AND k.member_id = l.member_id) AS counts
       FROM sheet_links l
       JOIN trips t ON t.id = l.trip_id AND t.deleted_at IS NULL
       JOIN members m ON m.trip_id = l.trip_id AND m.id = l.member_id
       WHERE l.token_hash = ?`,
      [new Date(Date.now() - MINUTE_MS), tokenHash(token)],
    );
    if (found === undefined) throw goneLink();
    const { startDate, days, counts, ...link } = found;
    const expiresAt = endAfter(startDate, Number(days));
    if (expiresAt.getTime() <= Date.now()) throw goneLink();
    const [known, lately] = counts.split(' ').map(Number) as [number, number];
    return { ...link, expiresAt, known, lately };
  }
}

function goneLink(): ApiError {
  return new ApiError(
    404,
    'notFound',
    'This link is void: withdrawn, replaced or too old. Ask your leader for a new one.',
  );
}
