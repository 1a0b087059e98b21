/** Trips as the bytes of their JSON, by id and version: a version never changes its content, so an entry is never wrong, only old. */
import { LRUCache } from 'lru-cache';
import type { Trip } from '@graft/core/trip';

/** About 20 MB of large trips. */
const MOST_TRIPS = 40;

export class TripCache {
  private readonly entries = new LRUCache<string, { readonly version: number; readonly bytes: Buffer }>({
    max: MOST_TRIPS,
  });

  get(id: string, version: number): Buffer | undefined {
    const entry = this.entries.get(id);
    return entry?.version === version ? entry.bytes : undefined;
  }

  put(id: string, version: number, bytes: Buffer): void {
    this.entries.set(id, { version, bytes });
  }

  /** The trip itself, each time another object: nobody's changes are anybody else's. */
  trip(id: string, version: number): Trip | undefined {
    const bytes = this.get(id, version);
    return bytes === undefined ? undefined : (JSON.parse(bytes.toString()) as Trip);
  }

  /** @returns the bytes that are kept of it */
  keep(id: string, version: number, trip: Trip): Buffer {
    const bytes = Buffer.from(JSON.stringify(trip));
    this.put(id, version, bytes);
    return bytes;
  }
}
