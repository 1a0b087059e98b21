/** Trips by id and version: a version never changes its content, so an entry is never wrong, only old. */
import { LRUCache } from 'lru-cache';
import { COLLECTIONS, type Trip } from '@graft/core/trip';

/** So many entries of lists are kept, of all trips together: about 100 MB. */
const MOST_ENTRIES = 150_000;

interface Kept {
  readonly version: number;
  readonly trip: Trip;
  /** Its JSON, made when it is first asked for. */
  bytes: Buffer | undefined;
}

export class TripCache {
  private readonly trips: LRUCache<string, Kept>;

  constructor(mostEntries = MOST_ENTRIES) {
    this.trips = new LRUCache({ maxSize: mostEntries, sizeCalculation: ({ trip }) => entriesOf(trip) });
  }

  /** The trip itself, frozen: it is shared by all who ask, and changes are made on copies. */
  trip(id: string, version: number): Trip | undefined {
    return this.kept(id, version)?.trip;
  }

  /** The bytes of its JSON. */
  bytes(id: string, version: number): Buffer | undefined {
    const kept = this.kept(id, version);
    if (kept !== undefined) kept.bytes ??= Buffer.from(JSON.stringify(kept.trip));
    return kept?.bytes;
  }

  keep(id: string, version: number, trip: Trip): void {
    freeze(trip);
    this.trips.set(id, { version, trip, bytes: undefined });
  }

  private kept(id: string, version: number): Kept | undefined {
    const kept = this.trips.get(id);
    return kept?.version === version ? kept : undefined;
  }
}

function entriesOf(trip: Trip): number {
  const inKits = trip.kits.reduce((sum, kit) => sum + kit.pieces.length, 0);
  const placed = trip.stows.reduce((sum, stow) => sum + stow.placements.length, 0);
  return COLLECTIONS.reduce((sum, collection) => sum + trip[collection].length, 1 + inKits + placed);
}

/** What is frozen has been gone through: of a changed trip only what is new is. */
function freeze(value: unknown): void {
  if (typeof value !== 'object' || value === null || Object.isFrozen(value)) return;
  Object.freeze(value);
  for (const part of Object.values(value)) freeze(part);
}
