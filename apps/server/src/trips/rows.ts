/**
 * A trip as table rows and back. Rows are compared before and after a change, so that a write touches only what
 * changed, and the same mapping serves import, edit and export.
 */
import type { EntityManager, EntityTarget, ObjectLiteral } from 'typeorm';
import {
  sameContent,
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
} from '@graft/core';
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

type Row = Readonly<Record<string, unknown>>;

interface Table {
  readonly entity: EntityTarget<ObjectLiteral>;
  readonly key: readonly string[];
  readonly rows: (trip: Trip) => readonly Row[];
}

/** A column holds null for what the model leaves out; every optional column must be written on each upsert. */
function filled(item: object, optional: readonly string[]): Row {
  return { ...Object.fromEntries(optional.map((key) => [key, null])), ...item };
}

const THING_OPTIONAL = [
  'consumption',
  'fromDay',
  'toDay',
  'wetFactor',
  'waterCapacityL',
  'onlyGroupId',
  'onlyMemberIds',
  'kitId',
  'memberId',
  'worn',
  'foodCapacityL',
  'measuredOn',
  'owner',
  'wear',
  'expiresOn',
  'needs',
  'nestsIn',
  'libraryId',
  'madeBy',
  'together',
  'want',
] as const;
const MEMBER_OPTIONAL = [
  'limitShare',
  'ownCapKg',
  'tentGroupId',
  'cookGroupId',
  'packingSchool',
  'houseRules',
  'limitPolicy',
  'comfortFloor',
  'buddyId',
  'healthNotes',
  'snackGPerDay',
  'lastDay',
] as const;

const placed = (items: readonly object[]): readonly Row[] =>
  items.map((item, position) => ({ ...item, position }));
const without = (item: object, key: string): object =>
  Object.fromEntries(Object.entries(item).filter(([name]) => name !== key));

/** In an order that satisfies foreign keys when inserting. */
const TABLES: readonly Table[] = [
  {
    entity: LegRow,
    key: ['id'],
    rows: (t) => placed(t.legs.map((leg) => filled(leg, ['note', 'campElevationM']))),
  },
  { entity: WaypointRow, key: ['id'], rows: (t) => placed(t.waypoints.map((w) => filled(w, ['note']))) },
  { entity: SupplyRow, key: ['id'], rows: (t) => placed(t.supplies.map((w) => filled(w, ['note']))) },
  { entity: WeatherRow, key: ['id'], rows: (t) => placed(t.weather.map((w) => filled(w, ['source']))) },
  { entity: RoleTurnRow, key: ['id'], rows: (t) => placed(t.roles) },
  {
    entity: GroupRow,
    key: ['id'],
    rows: (t) => placed(t.groups.map((group) => filled(group, ['sleeps', 'potL', 'stove']))),
  },
  {
    entity: PackRow,
    key: ['id'],
    rows: (t) =>
      placed(t.packs.map((pack) => filled(without(pack, 'zones'), ['main', 'lidStyle', 'frameless']))),
  },
  {
    entity: ZoneRow,
    key: ['packId', 'id'],
    rows: (t) =>
      t.packs.flatMap((p) => placed(p.zones.map((z) => filled({ ...z, packId: p.id }, ['maxLoadKg'])))),
  },
  { entity: MemberRow, key: ['id'], rows: (t) => placed(t.members.map((m) => filled(m, MEMBER_OPTIONAL))) },
  {
    entity: KitRow,
    key: ['id'],
    rows: (t) => placed(t.kits.map((kit) => filled(without(kit, 'pieces'), ['splitWays']))),
  },
  {
    entity: ThingRow,
    key: ['id'],
    rows: (t) => [
      ...t.kits.flatMap((kit) =>
        placed(kit.pieces.map((p) => filled({ ...p, kitId: kit.id }, THING_OPTIONAL))),
      ),
      ...placed(t.personalThings.map((thing) => filled(thing, THING_OPTIONAL))),
    ],
  },
  { entity: MealRow, key: ['id'], rows: (t) => placed(t.meals) },
  { entity: CanisterRow, key: ['id'], rows: (t) => placed(t.canisters.map((c) => filled(c, ['grossKg']))) },
  { entity: PickupRow, key: ['id'], rows: (t) => placed(t.pickups) },
  {
    entity: ArrangementRow,
    key: ['id'],
    rows: (t) => placed(t.arrangements.map((a) => filled(a, ['thingId', 'byDate']))),
  },
  { entity: DismissalRow, key: ['id'], rows: (t) => placed(t.dismissals) },
  { entity: PracticeRow, key: ['id'], rows: (t) => placed(t.practice) },
  { entity: CarrierRuleRow, key: ['id'], rows: (t) => placed(t.carrierRules) },
  { entity: AssignmentRow, key: ['pieceId'], rows: (t) => placed(t.share) },
  {
    entity: HandoverRow,
    key: ['id'],
    rows: (t) => placed(t.handovers.map((h) => filled(h, ['toMemberId']))),
  },
  { entity: VariantRow, key: ['id'], rows: (t) => placed(t.variants) },
  { entity: StowRow, key: ['memberId'], rows: (t) => placed(t.stows.map((s) => ({ memberId: s.memberId }))) },
  {
    entity: PlacementRow,
    key: ['memberId', 'thingId'],
    rows: (t) =>
      t.stows.flatMap((s) =>
        placed(s.placements.map((p) => filled({ ...p, memberId: s.memberId }, ['spot']))),
      ),
  },
  {
    entity: WeighInRow,
    key: ['memberId'],
    rows: (t) => placed(t.weighIns.map((w) => filled(w, ['signedBy', 'note']))),
  },
  {
    entity: TripEventRow,
    key: ['id'],
    rows: (t) =>
      placed(
        t.events.map((e) =>
          filled(e, ['memberId', 'thingId', 'mealId', 'litres', 'massKg', 'factor', 'name', 'note']),
        ),
      ),
  },
  { entity: ComfortRow, key: ['id'], rows: (t) => placed(t.comfort.map((c) => filled(c, ['note']))) },
  {
    entity: ContactRow,
    key: ['id'],
    rows: (t) => placed(t.contacts.map((c) => filled(c, ['memberId', 'note']))),
  },
  { entity: ThingUseRow, key: ['thingId'], rows: (t) => placed(t.uses.map((u) => filled(u, ['note']))) },
  {
    entity: MissedRow,
    key: ['id'],
    rows: (t) => placed(t.missed.map((m) => filled(m, ['memberId', 'note']))),
  },
  {
    entity: LeftoverRow,
    key: ['groupId'],
    rows: (t) => placed(t.leftovers.map((l) => filled(l, ['foodKg', 'fuelKg']))),
  },
  { entity: ChoreRow, key: ['id'], rows: (t) => placed(t.chores) },
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
    for (const row of gone) {
      const key = Object.fromEntries(table.key.map((column) => [column, row[column]]));
      await manager.delete(table.entity, { tripId, ...key });
    }
  }
  for (const { table, changed } of changes) {
    for (let i = 0; i < changed.length; i += CHUNK) {
      const rows = changed.slice(i, i + CHUNK).map((row) => ({ ...row, tripId }));
      await manager.upsert(table.entity, rows, ['tripId', ...table.key]);
    }
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
    manager.find(entity as EntityTarget<T>, {
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
          zones: zones.filter((z) => z.packId === row.id).map((z) => plain(z, 'packId')),
        }) as Pack,
    ),
    members: members.map((row) => plain(row) as Member),
    kits: kits.map((row): Kit => ({
      ...(plain(row) as Omit<Kit, 'pieces'>),
      pieces: things
        .filter((t) => t.kitId === row.id)
        .map((t) => plain(t, 'kitId', 'memberId', 'worn', 'want') as Thing as Piece),
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
      placements: placements
        .filter((p) => p.memberId === row.memberId)
        .map((p) => plain(p, 'memberId')) as Stow['placements'],
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
