/**
 * A trip as table rows and back. Rows are compared before and after a change, so that a write touches only what
 * changed, and the same mapping serves import, edit and export.
 */
import type { EntityManager } from 'typeorm';
import {
  COLLECTION_KEYS,
  sameContent,
  type Collection,
  TRIP_FIELDS,
  type Kit,
  type Member,
  type Pack,
  type PersonalThing,
  type Piece,
  type Stow,
  type Thing,
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
];

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
  const changes = TABLES.map((table) => {
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
function plain(row: object, ...dropped: readonly string[]): unknown {
  const hidden = new Set(['tripId', 'position', 'trip', 'pack', 'stow', ...dropped]);
  return Object.fromEntries(
    Object.entries(row).filter(([key, value]) => !hidden.has(key) && value !== null && value !== undefined),
  );
}

/** Read a stored trip whole. */
export async function readTrip(manager: EntityManager, head: TripRow): Promise<Trip> {
  const tripId = head.id;
  const all = <T extends { tripId: string; position: number }>(entity: new () => T): Promise<T[]> =>
    manager.find(entity, {
      where: { tripId } as never,
      order: { position: 'ASC' } as never,
    });
  const legs = await all(LegRow);
  const waypoints = await all(WaypointRow);
  const supplies = await all(SupplyRow);
  const weather = await all(WeatherRow);
  const roles = await all(RoleTurnRow);
  const groups = await all(GroupRow);
  const packs = await all(PackRow);
  const zones = await all(ZoneRow);
  const members = await all(MemberRow);
  const kits = await all(KitRow);
  const things = await all(ThingRow);
  const meals = await all(MealRow);
  const canisters = await all(CanisterRow);
  const pickups = await all(PickupRow);
  const arrangements = await all(ArrangementRow);
  const dismissals = await all(DismissalRow);
  const practice = await all(PracticeRow);
  const rules = await all(CarrierRuleRow);
  const assignments = await all(AssignmentRow);
  const handovers = await all(HandoverRow);
  const variants = await all(VariantRow);
  const stows = await all(StowRow);
  const placements = await all(PlacementRow);
  const weighIns = await all(WeighInRow);
  const events = await all(TripEventRow);
  const comfort = await all(ComfortRow);
  const contacts = await all(ContactRow);
  const uses = await all(ThingUseRow);
  const missed = await all(MissedRow);
  const leftovers = await all(LeftoverRow);
  const chores = await all(ChoreRow);
  const zonesOf = grouped(zones, (z) => z.packId);
  const piecesOf = grouped(things, (t) => t.kitId);
  const placementsOf = grouped(placements, (p) => p.memberId);
  return {
    id: head.fileId,
    ...fieldsOf(head),
    legs: legs.map((row) => plain(row)) as Trip['legs'],
    waypoints: waypoints.map((row) => plain(row)) as Trip['waypoints'],
    supplies: supplies.map((row) => plain(row)) as Trip['supplies'],
    weather: weather.map((row) => plain(row)) as Trip['weather'],
    roles: roles.map((row) => plain(row)) as Trip['roles'],
    groups: groups.map((row) => plain(row)) as Trip['groups'],
    packs: packs.map(
      (row) =>
        ({
          ...(plain(row) as Omit<Pack, 'zones'>),
          zones: (zonesOf.get(row.id) ?? []).map((z) => plain(z, 'packId')),
        }) as Pack,
    ),
    members: members.map((row) => plain(row) as Member),
    kits: kits.map((row): Kit => ({
      ...(plain(row) as Omit<Kit, 'pieces'>),
      pieces: (piecesOf.get(row.id) ?? []).map(
        (t) => plain(t, 'kitId', 'memberId', 'worn', 'want') as Thing as Piece,
      ),
    })),
    personalThings: things
      .filter((t) => t.memberId !== null)
      .map((t) => plain(t, 'kitId', 'together') as PersonalThing),
    meals: meals.map((row) => plain(row)) as Trip['meals'],
    canisters: canisters.map((row) => plain(row)) as Trip['canisters'],
    pickups: pickups.map((row) => plain(row)) as Trip['pickups'],
    arrangements: arrangements.map((row) => plain(row)) as Trip['arrangements'],
    dismissals: dismissals.map((row) => plain(row)) as Trip['dismissals'],
    practice: practice.map((row) => plain(row)) as Trip['practice'],
    carrierRules: rules.map((row) => plain(row)) as Trip['carrierRules'],
    share: assignments.map((row) => plain(row)) as Trip['share'],
    handovers: handovers.map((row) => plain(row)) as Trip['handovers'],
    variants: variants.map((row) => plain(row)) as Trip['variants'],
    stows: stows.map((row): Stow => ({
      memberId: row.memberId,
      placements: (placementsOf.get(row.memberId) ?? []).map((p) =>
        plain(p, 'memberId'),
      ) as Stow['placements'],
    })),
    weighIns: weighIns.map((row) => plain(row)) as Trip['weighIns'],
    events: events.map((row) => plain(row)) as Trip['events'],
    comfort: comfort.map((row) => plain(row)) as Trip['comfort'],
    contacts: contacts.map((row) => plain(row)) as Trip['contacts'],
    uses: uses.map((row) => plain(row)) as Trip['uses'],
    missed: missed.map((row) => plain(row)) as Trip['missed'],
    leftovers: leftovers.map((row) => plain(row)) as Trip['leftovers'],
    chores: chores.map((row) => plain(row)) as Trip['chores'],
  };
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

/** The trip's own columns. */
export function headOf(trip: Trip): Pick<TripRow, 'fileId' | TripField> {
  const fields = Object.fromEntries(TRIP_FIELDS.map((field) => [field, trip[field] ?? null]));
  return { fileId: trip.id, ...fields } as Pick<TripRow, 'fileId' | TripField>;
}

/** The single-valued fields of a stored trip, without those that hold nothing. */
function fieldsOf(head: TripRow): TripFields {
  return Object.fromEntries(
    TRIP_FIELDS.flatMap((field) => (head[field] === null ? [] : [[field, head[field]]])),
  ) as unknown as TripFields;
}
