/** Members' sheets as a leader sent them: what a phone shows while the leaders try things out. */
import { setImmediate as pause } from 'node:timers/promises';
import { LRUCache } from 'lru-cache';
import { In, IsNull, Not, type DataSource } from 'typeorm';
import type { UnsentSheets } from '@graft/core/api';
import { memberSheet, sheetsFollow, unsentChange, type MemberSheet } from '@graft/core/sheet';
import type { Trip } from '@graft/core/trip';
import { SheetLinkRow } from '../database/entities.js';
import { access, noTrip } from '../trips/access.js';
import { requireVersion, type TripStore } from '../trips/tripStore.js';
import type { SheetNewsroom } from './sheetNewsroom.js';

const MOST_SHEETS_KEPT = 400;

/** A trip as the database has it. */
export interface StoredState {
  readonly version: number;
  readonly trip: Trip;
}
/** Whose sheet, and which state of it was sent. */
type Sent = Pick<SheetLinkRow, 'memberId' | 'sentVersion'>;

export class SentSheets {
  /** By trip, version and member: a version never changes. */
  private readonly made = new LRUCache<string, MemberSheet>({ max: MOST_SHEETS_KEPT });

  constructor(
    private readonly source: DataSource,
    private readonly trips: TripStore,
    private readonly news: SheetNewsroom,
  ) {}

  /** A member's sheet as the plan stands. */
  now(tripId: string, { version, trip }: StoredState, memberId: string): MemberSheet {
    const key = keyOf(tripId, version, memberId);
    const known = this.made.get(key);
    if (known !== undefined) return known;
    const sheet = memberSheet(trip, memberId);
    this.made.set(key, sheet);
    return sheet;
  }

  /** What a member's link shows, and the version of the trip that it was made from. */
  async shown(
    tripId: string,
    link: Sent,
    stored: StoredState,
  ): Promise<{ readonly version: number; readonly sheet: MemberSheet }> {
    const { memberId, sentVersion } = link;
    if (sentVersion !== null && sentVersion !== stored.version) {
      if (!sheetsFollow(stored.trip)) {
        const sheet = (await this.sent(tripId, [link])).get(memberId);
        if (sheet !== undefined) return { version: sentVersion, sheet };
      } else {
        // What a phone has shown stays, should the leaders choose to send by hand again.
        await this.keep(tripId, stored, [memberId]);
      }
    }
    return { version: stored.version, sheet: this.now(tripId, stored, memberId) };
  }

  /** What would change for whom if the sheets were sent now. */
  async unsent(tripId: string, userId: string): Promise<UnsentSheets> {
    const { manager } = this.source;
    await access(manager, tripId, userId, 'read');
    const stored = await this.stored(tripId);
    const members: UnsentSheets['members'][number][] = [];
    if (sheetsFollow(stored.trip)) return { version: stored.version, members };
    const links = await manager.find(SheetLinkRow, {
      select: { memberId: true, sentVersion: true },
      where: { tripId, sentVersion: Not(IsNull()) },
      order: { memberId: 'ASC' },
    });
    const older = links.filter((l) => l.sentVersion !== stored.version);
    for (const [memberId, sent] of await this.sent(tripId, older)) {
      const changes = unsentChange(sent, this.now(tripId, stored, memberId));
      if (changes !== undefined) members.push({ memberId, changes });
      // A large party takes a while: others are not to wait for it.
      await pause();
    }
    return { version: stored.version, members };
  }

  /**
   * Send the plan as it stands to every member who has a link.
   *
   * @param version the trip's version that the leader has seen; another one in the database is refused as stale
   * @returns to whom
   */
  async send(tripId: string, userId: string, version: number): Promise<readonly string[]> {
    await access(this.source.manager, tripId, userId, 'full');
    const stored = await this.stored(tripId);
    requireVersion(stored.version, version);
    return this.sendAsStored(tripId, stored);
  }

  /** The same for the program itself, which has made sure who asks. */
  async sendAsStored(tripId: string, stored: StoredState): Promise<readonly string[]> {
    const { manager } = this.source;
    const there = new Set(stored.trip.members.map((m) => m.id));
    const links = await manager.find(SheetLinkRow, { select: { memberId: true }, where: { tripId } });
    const memberIds = links.map((l) => l.memberId).filter((id) => there.has(id));
    await this.keep(tripId, stored, memberIds);
    if (memberIds.length > 0) this.news.publish(tripId, { kind: 'links' });
    return memberIds;
  }

  /** Never over what was made from a newer plan: another leader may be sending it at the same moment. */
  private async keep(tripId: string, stored: StoredState, memberIds: readonly string[]): Promise<void> {
    for (const memberId of memberIds) {
      await this.source.manager.query(
        `UPDATE sheet_links SET sent_sheet = ?, sent_version = ?, sent_at = ?
         WHERE trip_id = ? AND member_id = ? AND (sent_version IS NULL OR sent_version <= ?)`,
        [
          JSON.stringify(this.now(tripId, stored, memberId)),
          stored.version,
          new Date(),
          tripId,
          memberId,
          stored.version,
        ],
      );
      await pause();
    }
  }

  /** Sheets as they were sent, by member, in the order of the links; what is not known is read at once. */
  private async sent(tripId: string, links: readonly Sent[]): Promise<ReadonlyMap<string, MemberSheet>> {
    const known = (link: Sent): MemberSheet | undefined =>
      this.made.get(keyOf(tripId, link.sentVersion!, link.memberId));
    const found = new Map(links.map((link) => [link.memberId, known(link)]));
    const unknown = links.filter((l) => found.get(l.memberId) === undefined).map((l) => l.memberId);
    const rows =
      unknown.length === 0
        ? []
        : await this.source.manager.find(SheetLinkRow, {
            select: { memberId: true, sentSheet: true, sentVersion: true },
            where: { tripId, memberId: In(unknown) },
          });
    for (const { memberId, sentSheet, sentVersion } of rows) {
      if (sentSheet === null) continue;
      this.made.set(keyOf(tripId, sentVersion!, memberId), sentSheet);
      found.set(memberId, sentSheet);
    }
    return new Map([...found].flatMap(([id, sheet]) => (sheet === undefined ? [] : [[id, sheet] as const])));
  }

  private async stored(tripId: string): Promise<StoredState> {
    const stored = await this.trips.whole(tripId);
    if (stored === undefined) throw noTrip(tripId);
    return stored;
  }
}

const keyOf = (tripId: string, version: number, memberId: string): string =>
  `${tripId} ${version} ${memberId}`;
