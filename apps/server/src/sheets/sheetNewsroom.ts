/** Tells leaders who have the sheets open what members tell, as it happens: server-sent events, one stream a page. */
import type { Response } from 'express';
import type { SheetNews } from '@graft/core';

/** A stream that says nothing for long is cut by what lies between. */
const KEEP_ALIVE_MS = 25_000;

export class SheetNewsroom {
  private readonly readers = new Map<string, Set<Response>>();

  publish(tripId: string, news: SheetNews): void {
    const readers = this.readers.get(tripId);
    if (readers === undefined) return;
    const text = `data: ${JSON.stringify(news)}\n\n`;
    for (const reader of readers) reader.write(text);
  }

  /** Send a page the news of a trip until it goes away. */
  follow(tripId: string, res: Response): void {
    res.set({ 'Content-Type': 'text/event-stream' });
    res.flushHeaders();
    const readers = this.readers.get(tripId) ?? new Set();
    this.readers.set(tripId, readers.add(res));
    const alive = setInterval(() => res.write(':\n\n'), KEEP_ALIVE_MS);
    res.on('close', () => {
      clearInterval(alive);
      readers.delete(res);
      if (readers.size === 0) this.readers.delete(tripId);
    });
  }

  /** End every stream: the server stops. */
  close(): void {
    for (const readers of this.readers.values()) for (const reader of readers) reader.end();
  }
}
