/**
 * A trip as table rows and back. Rows are compared before and after a change, so that a write touches only what
 * changed, and the same mapping serves import, edit and export.
 */
import { In, type EntityManager } from 'typeorm';
import {
  COLLECTION_KEYS,
  emptyTrip,
  sameContent,
  type Collection,
  TRIP_FIELDS,
  type Trip,
  type TripField,
} from '@graft/core/trip';
import type { TripRow } from '../database/entities.js';
import {
  ArrangementRow,
  AssignmentRow,
  CanisterRow,
  CarrierRuleRow,
  ChoreRow,
  ComfortRow,
  ContactRow,
  DismissalRow,
  GroupRow,
  HandoverRow,
  KitRow,
  LeftoverRow,
  LegRow,
  MealRow,
  MemberRow,
  MissedRow,
  PackRow,
  PickupRow,
  PlacementRow,
  PracticeRow,
  RoleTurnRow,
  StowRow,
  SupplyRow,
  ThingRow,
  ThingUseRow,
  TrackRow,
  TripEventRow,
  VariantRow,
  WaypointRow,
  WeatherRow,
  WeighInRow,
  ZoneRow,
} from '../database/entities.js';
import { putRows, removeRows, type Entity, type Row } from './rowWrites.js';

interface Table {
  readonly entity: Entity;
  /** The collection of the trip that its rows are as they are; undefined for those that are put together from several. */
  readonly collection?: Collection;
  readonly key: readonly string[];
  readonly rows: (trip: Trip) => readonly Row[];
}

const placed = (items: readonly object[]): readonly Row[] =>
  items.map((item, position) => ({ ...item, position }));
const without = (item: object, key: string): object =>
  Object.fromEntries(Object.entries(item).filter(([name]) => name !== key));

/** A collection whose items are rows as they are. */
const whole = (entity: Entity, collection: Collection): Table => ({
  entity,
  collection,
  key: [COLLECTION_KEYS[collection]],
  rows: (t) => placed(t[collection]),
});

/** In an order that satisfies foreign keys when inserting. */
const TABLES: readonly Table[] = [
  whole(LegRow, 'legs'),
  whole(WaypointRow, 'waypoints'),
  whole(SupplyRow, 'supplies'),
  whole(WeatherRow, 'weather'),
  whole(RoleTurnRow, 'roles'),
  whole(GroupRow, 'groups'),
  { entity: PackRow, key: ['id'], rows: (t) => placed(t.packs.map((pack) => without(pack, 'zones'))) },
  {
    entity: ZoneRow,

    key: ['packId', 'id'],
    rows: (t) => t.packs.flatMap((p) => placed(p.zones.map((z) => ({ ...z, packId: p.id })))),
  },
  whole(MemberRow, 'members'),
  { entity: KitRow, key: ['id'], rows: (t) => placed(t.kits.map((kit) => without(kit, 'pieces'))) },
  {
    entity: ThingRow,
    key: ['id'],
    rows: (t) => [
      ...t.kits.flatMap((kit) => placed(kit.pieces.map((p) => ({ ...p, kitId: kit.id })))),
      ...placed(t.personalThings),
    ],
  },
  whole(MealRow, 'meals'),
  whole(CanisterRow, 'canisters'),
  whole(PickupRow, 'pickups'),
  whole(ArrangementRow, 'arrangements'),
  whole(DismissalRow, 'dismissals'),
  whole(PracticeRow, 'practice'),
  whole(CarrierRuleRow, 'carrierRules'),
  whole(AssignmentRow, 'share'),
  whole(HandoverRow, 'handovers'),
  whole(VariantRow, 'variants'),
  { entity: StowRow, key: ['memberId'], rows: (t) => placed(t.stows.map((s) => ({ memberId: s.memberId }))) },
  {
    entity: PlacementRow,

    key: ['memberId', 'thingId'],
    rows: (t) => t.stows.flatMap((s) => placed(s.placements.map((p) => ({ ...p, memberId: s.memberId })))),
  },
  whole(WeighInRow, 'weighIns'),
  whole(TripEventRow, 'events'),
  whole(ComfortRow, 'comfort'),
  whole(ContactRow, 'contacts'),
  whole(ThingUseRow, 'uses'),
  whole(MissedRow, 'missed'),
  whole(LeftoverRow, 'leftovers'),
  whole(ChoreRow, 'chores'),
  {
    entity: TrackRow,

    key: ['position'],
    rows: ({ track }) => (track === undefined ? [] : [{ track, position: 0 }]),
  },
];

/** What of a trip the rows of each table are made from: found out by making those of an empty trip. */
const READ = new Map(
  TABLES.map((table) => {
    const read = new Set<keyof Trip>();
    const watched = new Proxy(emptyTrip('empty', 'Empty', '2027-01-01', 1), {
      get: (trip, field: keyof Trip) => {
        read.add(field);
        return trip[field];
      },
    });
    table.rows(watched);
    return [table, [...read]] as const;
  }),
);

/** Whether two states of a trip may have other rows in a table: what is the very same has the same rows. */
function mayDiffer(table: Table, before: Trip, after: Trip): boolean {
  return READ.get(table)!.some((field) => before[field] !== after[field]);
}

/** Rows a single INSERT carries, well under the server's packet limit. */
const CHUNK = 200;

/**
 * Write what differs between two states of a trip.
 *
 * @param before undefined for a trip that is not stored yet
 */
export async function writeTripParts(
  manager: EntityManager,
  tripId: string,
  before: Trip | undefined,
  after: Trip,
): Promise<void> {
  const differing = TABLES.filter((table) => before === undefined || mayDiffer(table, before, after));
  const changes = differing.map((table) => {
    const keyOf = (row: Row): string => JSON.stringify(table.key.map((column) => row[column]));
    const old = new Map((before === undefined ? [] : table.rows(before)).map((row) => [keyOf(row), row]));
    const now = new Map(table.rows(after).map((row) => [keyOf(row), row]));
    return {
      table,
      gone: [...old].filter(([key]) => !now.has(key)).map(([, row]) => row),
      changed: [...now].filter(([key, row]) => !sameContent(old.get(key), row)).map(([, row]) => row),
    };
  });
  for (const { table, gone } of [...changes].reverse()) {
    for (let i = 0; i < gone.length; i += CHUNK)
      await removeRows(manager, tripId, table, gone.slice(i, i + CHUNK));
  }
  for (const { table, changed } of changes) {
    for (let i = 0; i < changed.length; i += CHUNK)
      await putRows(
        manager,
        table.entity,
        changed.slice(i, i + CHUNK).map((row) => ({ ...row, tripId })),
      );
  }
}

/** The columns of a row that the trip model knows, without those that hold nothing. */
function plain(row: object, ...dropped: readonly string[]): Stored {
  const hidden = new Set(['tripId', 'position', 'trip', 'pack', 'stow', ...dropped]);
  return Object.fromEntries(
    Object.entries(row).filter(([key, value]) => !hidden.has(key) && value !== null && value !== undefined),
  );
}

/** A row as it is read. */
type Stored = Readonly<Record<string, unknown>>;

/** Read stored trips whole, in as many statements as there are tables, however many trips there are. */
export async function readTrips(
  manager: EntityManager,
  heads: readonly TripRow[],
): Promise<ReadonlyMap<string, Trip>> {
  if (heads.length === 0) return new Map();
  const stored = new Map<Entity, ReadonlyMap<unknown, readonly Stored[]>>();
  for (const { entity } of TABLES) {
    const where = { tripId: In(heads.map((head) => head.id)) };
    const rows: readonly Stored[] = await manager.find(entity, { where, order: { position: 'ASC' } });
    stored.set(
      entity,
      grouped(rows, (row) => row['tripId']),
    );
  }
  return new Map(
    heads.map((head) => [head.id, tripOf(head, (entity) => stored.get(entity)!.get(head.id) ?? [])] as const),
  );
}

/** Read a stored trip whole. */
export async function readTrip(manager: EntityManager, head: TripRow): Promise<Trip> {
  return (await readTrips(manager, [head])).get(head.id)!;
}

function tripOf(head: TripRow, all: (entity: Entity) => readonly Stored[]): Trip {
  const [track] = all(TrackRow);
  const zonesOf = grouped(all(ZoneRow), (z) => z['packId']);
  const thingsOf = grouped(all(ThingRow), (t) => t['kitId']);
  const placementsOf = grouped(all(PlacementRow), (p) => p['memberId']);
  const parts = {
    id: head.fileId,
    ...fieldsOf(head),
    ...(track === undefined ? {} : { track: track['track'] }),
    ...Object.fromEntries(
      TABLES.flatMap(({ entity, collection }) =>
        collection === undefined ? [] : [[collection, all(entity).map((row) => plain(row))]],
      ),
    ),
    packs: all(PackRow).map((row) => ({
      ...plain(row),
      zones: (zonesOf.get(row['id']) ?? []).map((z) => plain(z, 'packId')),
    })),
    kits: all(KitRow).map((row) => ({
      ...plain(row),
      pieces: (thingsOf.get(row['id']) ?? []).map((t) => plain(t, 'kitId', 'memberId', 'worn', 'want')),
    })),
    personalThings: all(ThingRow)
      .filter((t) => t['memberId'] !== null)
      .map((t) => plain(t, 'kitId', 'together')),
    stows: all(StowRow).map((row) => ({
      memberId: row['memberId'],
      placements: (placementsOf.get(row['memberId']) ?? []).map((p) => plain(p, 'memberId')),
    })),
  };
  // What was checked before it was written is a trip; a property of the tests says that it comes back as it went in.
  return parts as unknown as Trip;
}

function grouped<T, K>(rows: readonly T[], keyOf: (row: T) => K): ReadonlyMap<K, readonly T[]> {
  const groups = new Map<K, T[]>();
  for (const row of rows) {
    const group = groups.get(keyOf(row));
    if (group === undefined) groups.set(keyOf(row), [row]);
    else group.push(row);
  }
  return groups;
}

type TripFields = Pick<Trip, TripField>;

/** Fields that are columns of the trip's own row. */
type HeadField = Exclude<TripField, 'track'>;
const HEAD_FIELDS = TRIP_FIELDS.filter((field): field is HeadField => field !== 'track');

/** The trip's own columns. */
export function headOf(trip: Trip): Pick<TripRow, 'fileId' | HeadField> {
  const fields = Object.fromEntries(HEAD_FIELDS.map((field) => [field, trip[field] ?? null]));
  return { fileId: trip.id, ...fields } as Pick<TripRow, 'fileId' | HeadField>;
}

/** Those of them that a change touches. */
export function changedHead(before: Trip, after: Trip): Partial<TripRow> {
  return Object.fromEntries(
    HEAD_FIELDS.flatMap((field) =>
      sameContent(before[field], after[field]) ? [] : [[field, after[field] ?? null]],
    ),
  );
}

/** The single-valued fields of a stored trip, without those that hold nothing. */
function fieldsOf(head: TripRow): TripFields {
  return Object.fromEntries(
    HEAD_FIELDS.flatMap((field) => (head[field] === null ? [] : [[field, head[field]]])),
  ) as unknown as TripFields;
}
