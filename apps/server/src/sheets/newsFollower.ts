/**
 * What other servers of the same database do is told here too: while somebody listens, the database is asked now and
 * then what is new of the trips that they have open. Nothing is written for that: versions, links and marks say it.
 */
import type { DataSource } from 'typeorm';
import type { Logger } from 'pino';
import { asMark, MARK_COLUMNS, type StoredMark } from './marks.js';
import type { SheetNewsroom } from './sheetNewsroom.js';

const EVERY_MS = 300;
/** A mark may come to be seen so much later than one that was numbered after it. */
const LATE_MS = 5000;

/** What is known of a trip that somebody has open. */
interface Known {
  readonly version: number;
  readonly links: string | null;
  readonly leaders: string | null;
  /** Since when it is watched: whoever asked for that is about to follow it. */
  readonly since: number;
}

export class NewsFollower {
  private readonly known = new Map<string, Known>();
  /** Marks above the floor that were looked at, by number. */
  private readonly looked = new Set<number>();
  /** The highest number that there was when, of the last seconds: what the oldest of them says is the floor. */
  private readonly highest: { readonly at: number; readonly seq: number }[] = [];
  private floor: number | undefined;
  private timer: NodeJS.Timeout | undefined;
  private isAway = false;
  private isOver = false;

  constructor(
    private readonly source: DataSource,
    private readonly news: SheetNewsroom,
    private readonly logger: Pick<Logger, 'warn' | 'info'>,
    private readonly everyMs = EVERY_MS,
  ) {}

  /** From now on what is new of a trip is told to whoever follows it. */
  async watch(tripId: string): Promise<void> {
    // What is known of a trip that nobody has open may be old.
    if (!this.known.has(tripId) || !this.news.followed().includes(tripId)) {
      const [head] = await this.heads([tripId]);
      if (head !== undefined) this.known.set(tripId, head);
    }
    if (this.floor === undefined) {
      const seq = await this.highestSeq();
      this.floor ??= seq;
    }
    if (!this.isOver) this.timer ??= setTimeout(() => void this.look(), this.everyMs).unref();
  }

  close(): void {
    this.isOver = true;
    clearTimeout(this.timer);
  }

  private async look(): Promise<void> {
    const open = this.news.followed();
    const isOld = ({ since }: Known): boolean => Date.now() - since > LATE_MS;
    for (const [id, known] of this.known) if (!open.includes(id) && isOld(known)) this.known.delete(id);
    if (open.length === 0 && this.known.size === 0) {
      this.timer = undefined;
      this.floor = undefined;
      this.highest.length = 0;
      this.looked.clear();
      return;
    }
    try {
      if (open.length > 0) {
        await this.tellChanges(open);
        await this.tellMarks(open);
      }
      if (this.isAway) this.logger.info('following other servers again');
      this.isAway = false;
    } catch (error) {
      // Once is enough: the next look finds what this one missed.
      if (!this.isAway && !this.isOver) this.logger.warn({ err: error }, 'cannot follow other servers');
      this.isAway = true;
    }
    if (!this.isOver) this.timer = setTimeout(() => void this.look(), this.everyMs).unref();
  }

  private async heads(ids: readonly string[]): Promise<readonly (Known & { readonly id: string })[]> {
    const heads = await this.source.query<(Omit<Known, 'since'> & { readonly id: string })[]>(
      `SELECT t.id, t.version,
              (SELECT CONCAT_WS(' ', COUNT(*), MAX(created_at), MAX(seen_at), MAX(sent_at)) FROM sheet_links WHERE trip_id = t.id) AS links,
              (SELECT GROUP_CONCAT(user_id, role ORDER BY user_id) FROM trip_leaders WHERE trip_id = t.id) AS leaders
       FROM trips t WHERE t.deleted_at IS NULL AND t.id IN (${ids.map(() => '?').join(', ')})`,
      [...ids],
    );
    const since = Date.now();
    return heads.map((head) => ({ ...head, since }));
  }

  private async highestSeq(): Promise<number> {
    const [row] = await this.source.query<{ last: string | null }[]>(
      'SELECT MAX(seq) AS last FROM sheet_marks',
    );
    return Number(row!.last ?? 0);
  }

  private async tellChanges(open: readonly string[]): Promise<void> {
    const heads = new Map((await this.heads(open)).map((head) => [head.id, head]));
    let lost = false;
    for (const id of open) {
      const [before, now] = [this.known.get(id), heads.get(id)];
      if (now === undefined) lost ||= before !== undefined;
      if (now === undefined) continue;
      this.known.set(id, now);
      if (before === undefined) continue;
      lost ||= now.leaders !== before.leaders;
      if (now.links !== before.links) this.news.publish(id, { kind: 'links' });
      const told = Math.max(before.version, this.news.toldVersion(id));
      if (now.version <= told) continue;
      const changes = await this.source.query<{ version: number; by: string; what: string }[]>(
        `SELECT version, made_by AS \`by\`, what FROM trip_changes
         WHERE trip_id = ? AND version > ? ORDER BY version`,
        [id, told],
      );
      for (const change of changes) this.news.publish(id, { kind: 'changed', ...change });
    }
    if (lost) await this.news.askAgain();
  }

  private async tellMarks(open: readonly string[]): Promise<void> {
    this.highest.push({ at: Date.now(), seq: await this.highestSeq() });
    const rows = await this.source.query<
      (StoredMark & { readonly tripId: string; readonly memberId: string; readonly seq: string })[]
    >(
      `SELECT trip_id AS tripId, member_id AS memberId, seq, ${MARK_COLUMNS} FROM sheet_marks
       WHERE seq > ? AND trip_id IN (${open.map(() => '?').join(', ')}) ORDER BY seq`,
      [this.floor ?? 0, ...open],
    );
    for (const row of rows) {
      const seq = Number(row.seq);
      if (this.looked.has(seq)) continue;
      this.looked.add(seq);
      const mark = asMark(row);
      if (this.news.isTold(row.tripId, row.memberId, mark.id)) continue;
      this.news.publish(row.tripId, { kind: 'marks', memberId: row.memberId, marks: [mark] });
    }
    while (this.highest[0] !== undefined && Date.now() - this.highest[0].at > LATE_MS)
      this.floor = this.highest.shift()!.seq;
    for (const seq of this.looked) if (seq <= (this.floor ?? 0)) this.looked.delete(seq);
  }
}
