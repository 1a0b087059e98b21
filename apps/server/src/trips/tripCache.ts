/** Trips as the bytes of their JSON, by id and version: a version never changes its content, so an entry is never wrong, only old. */

/** About 20 MB of large trips. */
const MOST_TRIPS = 40;

export class TripCache {
  private readonly entries = new Map<string, { readonly version: number; readonly bytes: Buffer }>();

  get(id: string, version: number): Buffer | undefined {
    const entry = this.entries.get(id);
    if (entry === undefined || entry.version !== version) return undefined;
    // The one asked for last is the last to go.
    this.entries.delete(id);
    this.entries.set(id, entry);
    return entry.bytes;
  }

  put(id: string, version: number, bytes: Buffer): void {
    this.entries.delete(id);
    this.entries.set(id, { version, bytes });
    const [oldest] = this.entries.keys();
    if (this.entries.size > MOST_TRIPS && oldest !== undefined) this.entries.delete(oldest);
  }
}
