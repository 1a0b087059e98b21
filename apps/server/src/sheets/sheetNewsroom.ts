/**
 * Tells leaders who have the sheets open what members tell, as it happens: server-sent events, one stream a page. A stream
 * lasts no longer than the right to it: that is asked again with each word and now and then between, and at once when
 * somebody was taken out or signed out.
 */
import type { Response } from 'express';
import { LRUCache } from 'lru-cache';
import type { TripNews } from '@graft/core/api';

/** A stream that says nothing for long is cut by what lies between. */
const KEEP_ALIVE_MS = 25_000;
/** The right to a stream is not asked anew for each of many words at once. */
const SURE_FOR_MS = 1000;

const MOST_TOLD = 20_000;

interface Reader {
  readonly res: Response;
  readonly may: () => Promise<boolean>;
  sureUntil: number;
  /** Words wait for each other, so that they arrive in their order. */
  last: Promise<void>;
}

export class SheetNewsroom {
  private readonly readers = new Map<string, Set<Reader>>();
  /** What was told of lately, so that it is not told again when it is found in the database. */
  private readonly told = new LRUCache<string, number>({ max: MOST_TOLD });

  publish(tripId: string, news: TripNews): void {
    const readers = this.readers.get(tripId);
    if (readers === undefined) return;
    if (news.kind === 'changed') this.told.set(tripId, Math.max(news.version, this.toldVersion(tripId)));
    if (news.kind === 'marks')
      for (const { id } of news.marks) this.told.set(`${tripId} ${news.memberId} ${id}`, 1);
    const text = `data: ${JSON.stringify(news)}\n\n`;
    for (const reader of readers) this.tell(reader, text);
  }

  /** Trips that somebody follows. */
  followed(): readonly string[] {
    return [...this.readers.keys()];
  }

  /** The last version of a trip whose change was told. */
  toldVersion(tripId: string): number {
    return this.told.get(tripId) ?? 0;
  }

  isTold(tripId: string, memberId: string, markId: string): boolean {
    return this.told.has(`${tripId} ${memberId} ${markId}`);
  }

  /**
   * Send a page the news of a trip until it goes away.
   *
   * @param may whether whoever asked may still read them
   */
  follow(tripId: string, res: Response, may: () => Promise<boolean>): void {
    res.set({ 'Content-Type': 'text/event-stream' });
    res.flushHeaders();
    const reader: Reader = { res, may, sureUntil: Date.now() + SURE_FOR_MS, last: Promise.resolve() };
    const readers = this.readers.get(tripId) ?? new Set();
    this.readers.set(tripId, readers.add(reader));
    const alive = setInterval(() => this.tell(reader, ':\n\n'), KEEP_ALIVE_MS);
    res.on('close', () => {
      clearInterval(alive);
      readers.delete(reader);
      if (readers.size === 0) this.readers.delete(tripId);
    });
  }

  /** Somebody lost a right: whose stream ends by that is found out now. */
  async askAgain(): Promise<void> {
    const all = [...this.readers.values()].flatMap((readers) => [...readers]);
    for (const reader of all) {
      reader.sureUntil = 0;
      this.tell(reader, ':\n\n');
    }
    await Promise.all(all.map((reader) => reader.last));
  }

  /** End every stream: the server stops. */
  close(): void {
    for (const readers of this.readers.values()) for (const { res } of readers) res.end();
  }

  private tell(reader: Reader, text: string): void {
    reader.last = reader.last.then(async () => {
      if (reader.res.writableEnded) return;
      if (Date.now() > reader.sureUntil) {
        // Whoever cannot be looked up is told nothing; the page asks for a stream anew.
        const may = await reader.may().catch(() => false);
        if (!may) {
          reader.res.end();
          return;
        }
        reader.sureUntil = Date.now() + SURE_FOR_MS;
      }
      reader.res.write(text);
    });
  }
}
