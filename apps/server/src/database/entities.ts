/**
 * The tables. A trip's parts are keyed by the trip and the id they have in the trip file, so that a trip comes out as
 * it went in. Lists keep their order in `position`.
 */
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import type { TripRole, InvitedRole } from '@graft/core/api';
import type { LibraryEntry } from '@graft/core/library';
import type { TakenAway } from '@graft/core/schema';
import type {
  MarkKind,
  MemberSheet,
  MessageChannel,
  MessageKind,
  MessageState,
  MarkValue,
} from '@graft/core/sheet';
import type { IncidentNote } from '@graft/core/trail';
import type {
  AgeBand,
  Arrangement,
  Assignment,
  CarryTrial,
  Companion,
  Holding,
  Maker,
  Condition,
  Consumption,
  Dish,
  Experience,
  FairnessSchoolId,
  Flag,
  FoodStorage,
  Ground,
  GroupKind,
  HouseRules,
  Insects,
  Larder,
  LimitChange,
  LimitPolicyId,
  MealKind,
  Needed,
  PackingSchoolId,
  Pickup,
  Place,
  PointCm,
  Purpose,
  Reliance,
  Role,
  Shape,
  Side,
  StoveKind,
  Supply,
  Track,
  TripStyle,
  Want,
  WaypointKind,
  Wear,
  WeatherField,
  WhatIf,
  ZoneKind,
  MainCompartment,
  LidStyle,
  Pack,
  Spot,
  BodyPlace,
  BuddyCheck,
  Departure,
  EventKind,
  EventMoment,
  ThingFate,
} from '@graft/core/trip';

const ID = { type: 'varchar', length: 64 } as const;
const WORD = { type: 'varchar', length: 32 } as const;
const NAME = { type: 'varchar', length: 200 } as const;
const NUMBER = { type: 'double' } as const;
const OPTIONAL_NUMBER = { type: 'double', nullable: true } as const;
const OPTIONAL_ID = { ...ID, nullable: true } as const;
const FLAG = { type: 'boolean' } as const;
const DATA = { type: 'simple-json' } as const;
const OPTIONAL_DATA = { type: 'simple-json', nullable: true } as const;
const OPTIONAL_DATE = { type: 'char', length: 10, nullable: true } as const;
const USER_ID = { type: 'char', length: 36 } as const;
const MOMENT = { type: 'datetime', precision: 3 } as const;
/** SHA-256 in hexadecimal: what is kept of a token. */
const HASH = { type: 'char', length: 64 } as const;

/** Simple JSON in a column that holds more than the 64 kB of a text. */
const BIG_DATA = {
  type: 'longtext',
  transformer: {
    to: (value: unknown): string | null =>
      value === null || value === undefined ? null : JSON.stringify(value),
    from: (text: string | null): unknown => (text === null ? null : JSON.parse(text)),
  },
} as const;

@Entity('users')
export class UserRow {
  @PrimaryColumn(USER_ID) id: string;
  /** Lower case; nobody else's. */
  @Index('ix_users_email', { unique: true })
  @Column({ type: 'varchar', length: 254 })
  email: string;
  @Column(NAME) name: string;
  /** Argon2id in its own text form; null for the demo account, which nobody signs in to by password. */
  @Column({ type: 'varchar', length: 200, nullable: true, name: 'password_hash' }) passwordHash:
    | string
    | null;
  @Column(FLAG) demo: boolean;
  @Column({ ...MOMENT, name: 'created_at' }) createdAt: Date;
}

@Entity('sessions')
export class SessionRow {
  @PrimaryColumn({ ...HASH, name: 'token_hash' }) tokenHash: string;
  @Index('ix_sessions_user')
  @Column({ ...USER_ID, name: 'user_id' })
  userId: string;
  @ManyToOne(() => UserRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'user_id', foreignKeyConstraintName: 'fk_sessions_user' })
  user: Relation<UserRow>;
  @Column({ ...MOMENT, name: 'created_at' }) createdAt: Date;
  @Column({ ...MOMENT, name: 'seen_at' }) seenAt: Date;
  @Column({ ...MOMENT, name: 'expires_at' }) expiresAt: Date;
}

@Entity('trips')
export class TripRow {
  @PrimaryColumn({ type: 'char', length: 36 }) id: string;
  /** The id the trip has in its file. */
  @Column({ ...ID, name: 'file_id' }) fileId: string;
  @Column(NAME) name: string;
  @Column(WORD) style: TripStyle;
  @Column({ type: 'char', length: 10, name: 'start_date' }) startDate: string;
  @Column({ type: 'varchar', length: 64, name: 'time_zone' }) timeZone: string;
  @Column(OPTIONAL_DATA) place: Place | null;
  @Column({ type: 'text', nullable: true }) notes: string | null;
  @Column({ ...WORD, name: 'packing_school' }) packingSchool: PackingSchoolId;
  @Column({ ...DATA, name: 'house_rules' }) houseRules: HouseRules;
  @Column({ ...WORD, name: 'limit_policy' }) limitPolicy: LimitPolicyId;
  @Column(WORD) fairness: FairnessSchoolId;
  @Column({ ...WORD, name: 'food_storage' }) foodStorage: FoodStorage;
  @Column({ ...NUMBER, name: 'longest_day_h' }) longestDayH: number;
  @Column({ type: 'char', length: 5, name: 'set_off' }) setOff: string;
  @Column({ ...NUMBER, name: 'water_l_per_h' }) waterLPerH: number;
  @Column({ ...WORD, nullable: true }) insects: Insects | null;
  @Column({ type: 'boolean', nullable: true, name: 'by_air' }) byAir: boolean | null;
  @Column(DATA) larder: Larder;
  @Column({ type: 'int', nullable: true, name: 'leave_after_trips' }) leaveAfterTrips: number | null;
  @Column({ ...BIG_DATA, nullable: true }) departure: Departure | null;
  @Column({ ...OPTIONAL_DATE, name: 'debriefed_on' }) debriefedOn: string | null;
  @Column({ ...OPTIONAL_DATA, name: 'day_marks_km' }) dayMarksKm: readonly number[] | null;
  /** Counts writes; a write based on an older one is refused. */
  @Column({ type: 'int' }) version: number;
  @Column({ ...MOMENT, name: 'updated_at' }) updatedAt: Date;
  @Column({ ...MOMENT, nullable: true, name: 'archived_at' }) archivedAt: Date | null;
  /** Deleted trips can be brought back for a while. */
  @Column({ ...MOMENT, nullable: true, name: 'deleted_at' }) deletedAt: Date | null;
}

/** Who may open a trip, and what they may do there. */
@Entity('trip_leaders')
export class TripLeaderRow {
  @PrimaryColumn({ type: 'char', length: 36, name: 'trip_id' }) tripId: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_trip_leaders_trip' })
  trip: Relation<TripRow>;
  @Index('ix_trip_leaders_user')
  @PrimaryColumn({ ...USER_ID, name: 'user_id' })
  userId: string;
  @ManyToOne(() => UserRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'user_id', foreignKeyConstraintName: 'fk_trip_leaders_user' })
  user: Relation<UserRow>;
  @Column(WORD) role: TripRole;
}

/** An invitation to co-lead, by a link whose token is kept as a hash only. */
@Entity('invitations')
export class InvitationRow {
  @PrimaryColumn({ ...HASH, name: 'token_hash' }) tokenHash: string;
  @Index('ix_invitations_trip')
  @Column({ type: 'char', length: 36, name: 'trip_id' })
  tripId: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_invitations_trip' })
  trip: Relation<TripRow>;
  @Column(WORD) role: InvitedRole;
  @Column({ ...MOMENT, name: 'created_at' }) createdAt: Date;
  @Column({ ...MOMENT, name: 'expires_at' }) expiresAt: Date;
}

/** A member's private link to their sheet; its token is kept as a hash only. */
@Entity('sheet_links')
export class SheetLinkRow {
  @PrimaryColumn({ type: 'char', length: 36, name: 'trip_id' }) tripId: string;
  @PrimaryColumn({ ...ID, name: 'member_id' }) memberId: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_sheet_links_trip' })
  trip: Relation<TripRow>;
  @Index('ix_sheet_links_token', { unique: true })
  @Column({ ...HASH, name: 'token_hash' })
  tokenHash: string;
  @Column({ ...MOMENT, name: 'created_at' }) createdAt: Date;
  @Column({ ...MOMENT, name: 'opened_at', nullable: true }) openedAt: Date | null;
  @Column({ ...MOMENT, name: 'seen_at', nullable: true }) seenAt: Date | null;
  /** The sheet as the last message told of it. */
  @Column({ ...BIG_DATA, name: 'told_sheet', nullable: true }) toldSheet: MemberSheet | null;
}

/** What was taken out of a trip, for a while; `sheets` are rows of members who went, as the database had them. */
@Entity('removed_parts')
export class RemovedPartRow {
  @PrimaryColumn({ type: 'char', length: 36, name: 'trip_id' }) tripId: string;
  @PrimaryColumn({ type: 'char', length: 36 }) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_removed_parts_trip' })
  trip: Relation<TripRow>;
  @Column({ ...MOMENT, name: 'removed_at' }) removedAt: Date;
  @Column({ ...NAME, name: 'removed_by' }) removedBy: string;
  @Column({ type: 'varchar', length: 400 }) what: string;
  @Column(BIG_DATA) taken: TakenAway;
  @Column(BIG_DATA) sheets: readonly KeptSheet[];
}

/** What a member who went had: their link, their address, what they told. */
export interface KeptSheet {
  readonly memberId: string;
  readonly rows: Readonly<Record<string, readonly Readonly<Record<string, unknown>>[]>>;
}

/** Where a member gets messages. */
@Entity('member_addresses')
export class MemberAddressRow {
  @PrimaryColumn({ type: 'char', length: 36, name: 'trip_id' }) tripId: string;
  @PrimaryColumn({ ...ID, name: 'member_id' }) memberId: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_member_addresses_trip' })
  trip: Relation<TripRow>;
  @Column(NAME) address: string;
}

/** That a message was sent, and what became of it; not what it says, which holds a key. */
@Entity('messages')
export class MessageRow {
  @PrimaryColumn({ type: 'char', length: 36, name: 'trip_id' }) tripId: string;
  @PrimaryColumn({ type: 'char', length: 36 }) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_messages_trip' })
  trip: Relation<TripRow>;
  @Column({ ...ID, name: 'member_id' }) memberId: string;
  @Column(WORD) kind: MessageKind;
  @Column(WORD) channel: MessageChannel;
  @Column(NAME) address: string;
  @Column({ ...MOMENT, name: 'sent_at' }) sentAt: Date;
  @Column(WORD) state: MessageState;
  @Column({ type: 'text', nullable: true }) reason: string | null;
  @Column({ ...NAME, name: 'service_id', nullable: true }) serviceId: string | null;
}

/** What a member told from the sheet, or a leader answered; never changed. */
@Entity('sheet_marks')
export class SheetMarkRow {
  @PrimaryColumn({ type: 'char', length: 36, name: 'trip_id' }) tripId: string;
  @PrimaryColumn({ ...ID, name: 'member_id' }) memberId: string;
  @PrimaryColumn({ type: 'char', length: 36 }) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_sheet_marks_trip' })
  trip: Relation<TripRow>;
  @Column(WORD) kind: MarkKind;
  @Column({ ...OPTIONAL_ID, name: 'thing_id' }) thingId: string | null;
  @Column(DATA) value: MarkValue;
  /** By the device's clock, ISO time. */
  @Column({ type: 'char', length: 24 }) at: string;
  @Column(DATA) replaces: readonly string[];
  @Column({ ...FLAG, name: 'by_leader' }) byLeader: boolean;
  @Column({ ...MOMENT, name: 'received_at' }) receivedAt: Date;
}

/** What every part of a trip has: the trip it belongs to, and its place in its list. */
abstract class TripPart {
  @PrimaryColumn({ type: 'char', length: 36, name: 'trip_id' }) tripId: string;
  @Column({ type: 'int' }) position: number;
}

/** Its one row stands at position 0: long, and seldom changed. */
@Entity('tracks')
export class TrackRow extends TripPart {
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_tracks_trip' })
  trip: Relation<TripRow>;
  @Column(BIG_DATA) track: Track;
}

@Entity('legs')
export class LegRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_legs_trip' })
  trip: Relation<TripRow>;
  @Column(NAME) name: string;
  @Column({ ...NUMBER, name: 'distance_km' }) distanceKm: number;
  @Column({ ...NUMBER, name: 'climb_m' }) climbM: number;
  @Column({ ...NUMBER, name: 'descent_m' }) descentM: number;
  @Column(WORD) ground: Ground;
  @Column(NUMBER) hours: number;
  @Column({ ...NUMBER, name: 'water_l' }) waterL: number;
  @Column({ ...NUMBER, name: 'camp_water_l' }) campWaterL: number;
  @Column({ ...FLAG, name: 'after_rain' }) afterRain: boolean;
  @Column({ ...OPTIONAL_NUMBER, name: 'camp_elevation_m' }) campElevationM: number | null;
  @Column({ type: 'text', nullable: true }) note: string | null;
}

@Entity('waypoints')
export class WaypointRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_waypoints_trip' })
  trip: Relation<TripRow>;
  @Column(NAME) name: string;
  @Column(WORD) kind: WaypointKind;
  @Column({ ...NUMBER, name: 'at_km' }) atKm: number;
  @Column(WORD) reliance: Reliance;
  @Column({ type: 'text', nullable: true }) note: string | null;
  @Column({ ...OPTIONAL_NUMBER, name: 'cache_l' }) cacheL: number | null;
}

@Entity('supplies')
export class SupplyRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_supplies_trip' })
  trip: Relation<TripRow>;
  @Column(NAME) name: string;
  @Column(WORD) state: Supply['state'];
  @Column({ type: 'text', nullable: true }) note: string | null;
}

@Entity('weather')
export class WeatherRow extends TripPart {
  /** ISO date. */
  @PrimaryColumn({ type: 'char', length: 10 }) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_weather_trip' })
  trip: Relation<TripRow>;
  @Column({ ...NUMBER, name: 'day_c' }) dayC: number;
  @Column({ ...NUMBER, name: 'night_c' }) nightC: number;
  @Column({ ...NUMBER, name: 'rain_chance' }) rainChance: number;
  @Column({ ...NUMBER, name: 'wind_kmh' }) windKmh: number;
  @Column({ ...DATA, name: 'by_leader' }) byLeader: readonly WeatherField[];
  @Column({ ...NAME, nullable: true }) source: string | null;
}

@Entity('role_turns')
export class RoleTurnRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_role_turns_trip' })
  trip: Relation<TripRow>;
  @Column({ type: 'int' }) day: number;
  @Column(WORD) role: Role;
  @Column({ ...ID, name: 'member_id' }) memberId: string;
}

@Entity('party_groups')
export class GroupRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_party_groups_trip' })
  trip: Relation<TripRow>;
  @Column(NAME) name: string;
  @Column(WORD) kind: GroupKind;
  @Column(OPTIONAL_NUMBER) sleeps: number | null;
  @Column({ ...OPTIONAL_NUMBER, name: 'pot_l' }) potL: number | null;
  @Column({ ...WORD, nullable: true }) stove: StoveKind | null;
}

@Entity('packs')
export class PackRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_packs_trip' })
  trip: Relation<TripRow>;
  @Column(NAME) name: string;
  @Column({ ...NUMBER, name: 'tare_kg' }) tareKg: number;
  @Column({ ...NUMBER, name: 'rated_load_kg' }) ratedLoadKg: number;
  @Column({ ...DATA, name: 'centre_of_gravity_cm' }) centreOfGravityCm: PointCm;
  @Column(OPTIONAL_DATA) main: MainCompartment | null;
  @Column({ ...WORD, nullable: true, name: 'lid_style' }) lidStyle: LidStyle | null;
  @Column({ ...FLAG, nullable: true }) frameless: boolean | null;
  @Column({ type: 'boolean', nullable: true }) shared: boolean | null;
  @Column(OPTIONAL_DATA) torso: Pack['torso'] | null;
}

@Entity('zones')
export class ZoneRow extends TripPart {
  @PrimaryColumn({ ...ID, name: 'pack_id' }) packId: string;
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => PackRow, { onDelete: 'CASCADE' })
  @JoinColumn([
    { name: 'trip_id', referencedColumnName: 'tripId', foreignKeyConstraintName: 'fk_zones_pack' },
    { name: 'pack_id', referencedColumnName: 'id', foreignKeyConstraintName: 'fk_zones_pack' },
  ])
  pack: Relation<PackRow>;
  @Column(NAME) name: string;
  @Column(WORD) kind: ZoneKind;
  @Column(WORD) side: Side;
  @Column(DATA) at: PointCm;
  @Column({ ...NUMBER, name: 'width_cm' }) widthCm: number;
  @Column({ ...NUMBER, name: 'depth_cm' }) depthCm: number;
  @Column({ ...NUMBER, name: 'height_cm' }) heightCm: number;
  @Column({ ...NUMBER, name: 'volume_l' }) volumeL: number;
  @Column({ ...OPTIONAL_NUMBER, name: 'max_load_kg' }) maxLoadKg: number | null;
  @Column({ ...FLAG, name: 'open_above' }) openAbove: boolean;
}

@Entity('members')
export class MemberRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_members_trip' })
  trip: Relation<TripRow>;
  @Column(NAME) name: string;
  @Column({ ...NUMBER, name: 'body_mass_kg' }) bodyMassKg: number;
  @Column({ ...NUMBER, name: 'stature_cm' }) statureCm: number;
  @Column({ ...NUMBER, name: 'torso_cm' }) torsoCm: number;
  @Column({ ...WORD, name: 'age_band' }) ageBand: AgeBand;
  @Column(WORD) experience: Experience;
  @Column({ ...OPTIONAL_NUMBER, name: 'limit_share' }) limitShare: number | null;
  @Column({ ...OPTIONAL_NUMBER, name: 'own_cap_kg' }) ownCapKg: number | null;
  @Column(DATA) conditions: readonly Condition[];
  @Column({ ...ID, name: 'pack_id' }) packId: string;
  @Column({ ...OPTIONAL_ID, name: 'tent_group_id' }) tentGroupId: string | null;
  @Column({ ...OPTIONAL_ID, name: 'cook_group_id' }) cookGroupId: string | null;
  @Column({ ...WORD, nullable: true, name: 'packing_school' }) packingSchool: PackingSchoolId | null;
  @Column({ ...OPTIONAL_DATA, name: 'house_rules' }) houseRules: Partial<HouseRules> | null;
  @Column({ ...WORD, nullable: true, name: 'limit_policy' }) limitPolicy: LimitPolicyId | null;
  @Column({ ...BIG_DATA, name: 'carry_trials' }) carryTrials: readonly CarryTrial[];
  @Column({ ...OPTIONAL_NUMBER, name: 'comfort_floor' }) comfortFloor: number | null;
  @Column({ ...BIG_DATA, name: 'limit_history' }) limitHistory: readonly LimitChange[];
  @Column({ ...OPTIONAL_ID, name: 'buddy_id' }) buddyId: string | null;
  @Column({ type: 'text', nullable: true, name: 'health_notes' }) healthNotes: string | null;
  @Column({ ...OPTIONAL_NUMBER, name: 'snack_g_per_day' }) snackGPerDay: number | null;
  @Column({ ...OPTIONAL_NUMBER, name: 'age_years' }) ageYears: number | null;
  @Column({ ...OPTIONAL_NUMBER, name: 'trained_kg' }) trainedKg: number | null;
  @Column({ type: 'boolean', nullable: true, name: 'body_estimated' }) bodyEstimated: boolean | null;
  @Column({ ...OPTIONAL_NUMBER, name: 'own_things_kg' }) ownThingsKg: number | null;
  @Column({ type: 'boolean', nullable: true, name: 'own_things_estimated' }) ownThingsEstimated:
    | boolean
    | null;
  @Column({ ...OPTIONAL_NUMBER, name: 'portion' }) portion: number | null;
  @Column({ type: 'int', name: 'first_day', nullable: true }) firstDay: number | null;
  @Column({ ...NAME, nullable: true, name: 'joins_at' }) joinsAt: string | null;
  @Column({ type: 'int', name: 'last_day', nullable: true }) lastDay: number | null;
}

@Entity('kits')
export class KitRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_kits_trip' })
  trip: Relation<TripRow>;
  @Column(NAME) name: string;
  @Column({ type: 'int', nullable: true, name: 'split_ways' }) splitWays: number | null;
}

/** Group pieces (with a kit) and personal things (with a member): they share one space of ids. */
@Entity('things')
export class ThingRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_things_trip' })
  trip: Relation<TripRow>;
  @Column({ ...OPTIONAL_ID, name: 'kit_id' }) kitId: string | null;
  @Column({ ...OPTIONAL_ID, name: 'member_id' }) memberId: string | null;
  @Column(NAME) name: string;
  @Column({ ...NUMBER, name: 'mass_kg' }) massKg: number;
  @Column({ ...FLAG, name: 'mass_estimated' }) massEstimated: boolean;
  @Column({ ...NUMBER, name: 'volume_l' }) volumeL: number;
  @Column(DATA) shape: Shape;
  @Column(DATA) flags: readonly Flag[];
  @Column(WORD) needed: Needed;
  @Column(WORD) purpose: Purpose;
  @Column(OPTIONAL_DATA) consumption: Consumption | null;
  @Column({ type: 'int', nullable: true, name: 'from_day' }) fromDay: number | null;
  @Column({ type: 'int', nullable: true, name: 'to_day' }) toDay: number | null;
  @Column({ ...NAME, nullable: true, name: 'joins_at' }) joinsAt: string | null;
  @Column({ ...NAME, nullable: true, name: 'leaves_at' }) leavesAt: string | null;
  @Column({ ...OPTIONAL_NUMBER, name: 'wet_factor' }) wetFactor: number | null;
  @Column({ ...OPTIONAL_NUMBER, name: 'water_capacity_l' }) waterCapacityL: number | null;
  @Column({ ...OPTIONAL_ID, name: 'only_group_id' }) onlyGroupId: string | null;
  @Column({ ...OPTIONAL_DATA, name: 'only_member_ids' }) onlyMemberIds: readonly string[] | null;
  @Column({ type: 'boolean', nullable: true }) worn: boolean | null;
  @Column({ type: 'boolean', nullable: true, name: 'others_may_carry' }) othersMayCarry: boolean | null;
  @Column({ ...OPTIONAL_NUMBER, name: 'food_capacity_l' }) foodCapacityL: number | null;
  @Column({ ...OPTIONAL_DATE, name: 'measured_on' }) measuredOn: string | null;
  @Column({ ...NAME, nullable: true }) owner: string | null;
  @Column({ ...WORD, nullable: true }) wear: Wear | null;
  @Column({ ...OPTIONAL_DATE, name: 'expires_on' }) expiresOn: string | null;
  @Column(OPTIONAL_DATA) needs: readonly Companion[] | null;
  @Column(OPTIONAL_DATA) holds: Holding | null;
  @Column({ ...OPTIONAL_ID, name: 'nests_in' }) nestsIn: string | null;
  @Column({ type: 'boolean', nullable: true, name: 'rides_loose' }) ridesLoose: boolean | null;
  @Column({ ...OPTIONAL_ID, name: 'library_id' }) libraryId: string | null;
  @Column({ ...WORD, nullable: true, name: 'made_by' }) madeBy: Maker | null;
  @Column({ ...NAME, nullable: true }) together: string | null;
  @Column({ ...OPTIONAL_ID, name: 'part_of' }) partOf: string | null;
  @Column({ ...WORD, nullable: true }) want: Want | null;
}

@Entity('meals')
export class MealRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_meals_trip' })
  trip: Relation<TripRow>;
  @Column({ type: 'int' }) day: number;
  @Column(WORD) kind: MealKind;
  @Column({ ...ID, name: 'group_id' }) groupId: string;
  @Column(DATA) dish: Dish;
}

@Entity('canisters')
export class CanisterRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_canisters_trip' })
  trip: Relation<TripRow>;
  @Column({ ...ID, name: 'group_id' }) groupId: string;
  @Column(NAME) name: string;
  @Column({ ...NUMBER, name: 'net_kg' }) netKg: number;
  @Column({ ...NUMBER, name: 'tare_kg' }) tareKg: number;
  @Column({ ...OPTIONAL_NUMBER, name: 'gross_kg' }) grossKg: number | null;
}

@Entity('pickups')
export class PickupRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_pickups_trip' })
  trip: Relation<TripRow>;
  @Column({ type: 'int' }) day: number;
  @Column(WORD) kind: Pickup['kind'];
  @Column(NAME) name: string;
  @Column(FLAG) fuel: boolean;
  @Column({ ...FLAG, name: 'takes_waste' }) takesWaste: boolean;
}

/** Loans, things to buy, open questions. */
@Entity('arrangements')
export class ArrangementRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_arrangements_trip' })
  trip: Relation<TripRow>;
  @Column(WORD) kind: Arrangement['kind'];
  @Column({ ...OPTIONAL_ID, name: 'thing_id' }) thingId: string | null;
  @Column({ type: 'text' }) text: string;
  @Column(NAME) who: string;
  @Column({ ...OPTIONAL_DATE, name: 'by_date' }) byDate: string | null;
  @Column(FLAG) done: boolean;
}

/** Findings put aside, with the reason. */
@Entity('dismissals')
export class DismissalRow extends TripPart {
  @PrimaryColumn({ type: 'varchar', length: 200 }) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_dismissals_trip' })
  trip: Relation<TripRow>;
  @Column({ type: 'text' }) reason: string;
}

@Entity('practice')
export class PracticeRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_practice_trip' })
  trip: Relation<TripRow>;
  @Column(NAME) learner: string;
  @Column({ ...ID, name: 'member_id' }) memberId: string;
  @Column({ type: 'char', length: 10 }) date: string;
  @Column(NUMBER) points: number;
  @Column(DATA) lost: readonly string[];
}

/** What changes hands on the way. */
@Entity('handovers')
export class HandoverRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_handovers_trip' })
  trip: Relation<TripRow>;
  @Column({ ...ID, name: 'piece_id' }) pieceId: string;
  @Column({ type: 'int' }) day: number;
  @Column({ ...ID, name: 'to_member_id', nullable: true }) toMemberId: string | null;
  @Column({ type: 'text' }) reason: string;
}

/** What-ifs with the shares planned for them. */
@Entity('variants')
export class VariantRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_variants_trip' })
  trip: Relation<TripRow>;
  @Column(NAME) name: string;
  @Column(BIG_DATA) changes: readonly WhatIf[];
  @Column(BIG_DATA) share: readonly Assignment[];
}

/** A leader's kit library: its version counts writes. */
@Entity('libraries')
export class LibraryRow {
  @PrimaryColumn({ ...USER_ID, name: 'user_id' }) userId: string;
  @ManyToOne(() => UserRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'user_id', foreignKeyConstraintName: 'fk_libraries_user' })
  user: Relation<UserRow>;
  @Column({ type: 'int' }) version: number;
}

/** An entry of a kit library: a thing, a kit of pieces, or a dish. */
@Entity('library_entries')
export class LibraryEntryRow {
  @PrimaryColumn({ ...USER_ID, name: 'user_id' }) userId: string;
  @ManyToOne(() => LibraryRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'user_id', foreignKeyConstraintName: 'fk_library_entries_library' })
  library: Relation<LibraryRow>;
  @PrimaryColumn(ID) id: string;
  @Column({ type: 'int' }) position: number;
  @Column(WORD) kind: LibraryEntry['kind'];
  @Column(NAME) name: string;
  /** The entry whole, in the form of the library's own schema. */
  @Column(BIG_DATA) data: LibraryEntry;
}

@Entity('carrier_rules')
export class CarrierRuleRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_carrier_rules_trip' })
  trip: Relation<TripRow>;
  @Column(WORD) kind: 'same' | 'different';
  @Column({ ...DATA, name: 'piece_ids' }) pieceIds: readonly string[];
  @Column(NAME) reason: string;
}

@Entity('assignments')
export class AssignmentRow extends TripPart {
  @PrimaryColumn({ ...ID, name: 'piece_id' }) pieceId: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_assignments_trip' })
  trip: Relation<TripRow>;
  @Column({ ...ID, name: 'member_id' }) memberId: string;
  @Column(FLAG) locked: boolean;
}

@Entity('stows')
export class StowRow extends TripPart {
  @PrimaryColumn({ ...ID, name: 'member_id' }) memberId: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_stows_trip' })
  trip: Relation<TripRow>;
}

@Entity('placements')
export class PlacementRow extends TripPart {
  @PrimaryColumn({ ...ID, name: 'member_id' }) memberId: string;
  @PrimaryColumn({ ...ID, name: 'thing_id' }) thingId: string;
  @ManyToOne(() => StowRow, { onDelete: 'CASCADE' })
  @JoinColumn([
    { name: 'trip_id', referencedColumnName: 'tripId', foreignKeyConstraintName: 'fk_placements_stow' },
    { name: 'member_id', referencedColumnName: 'memberId', foreignKeyConstraintName: 'fk_placements_stow' },
  ])
  stow: Relation<StowRow>;
  @Column({ ...ID, name: 'zone_id' }) zoneId: string;
  @Column(WORD) side: Side;
  @Column(OPTIONAL_DATA) spot: Spot | null;
  @Column(FLAG) pinned: boolean;
}

/** What was weighed before leaving. */
@Entity('weigh_ins')
export class WeighInRow extends TripPart {
  @PrimaryColumn({ ...ID, name: 'member_id' }) memberId: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_weigh_ins_trip' })
  trip: Relation<TripRow>;
  @Column({ ...NUMBER, name: 'measured_kg' }) measuredKg: number;
  @Column({ ...NUMBER, name: 'water_l' }) waterL: number;
  @Column(DATA) checked: readonly BuddyCheck[];
  @Column({ ...NAME, name: 'signed_by', nullable: true }) signedBy: string | null;
  @Column({ type: 'text', nullable: true }) note: string | null;
}

/** What happened on the way. */
@Entity('trip_events')
export class TripEventRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_trip_events_trip' })
  trip: Relation<TripRow>;
  @Column({ type: 'int' }) day: number;
  @Column(WORD) moment: EventMoment;
  @Column(WORD) kind: EventKind;
  @Column({ ...OPTIONAL_ID, name: 'member_id' }) memberId: string | null;
  @Column({ ...OPTIONAL_ID, name: 'thing_id' }) thingId: string | null;
  @Column({ ...OPTIONAL_ID, name: 'meal_id' }) mealId: string | null;
  @Column(OPTIONAL_NUMBER) litres: number | null;
  @Column({ ...OPTIONAL_NUMBER, name: 'mass_kg' }) massKg: number | null;
  @Column(OPTIONAL_NUMBER) factor: number | null;
  @Column({ ...NAME, nullable: true }) name: string | null;
  @Column({ type: 'text', nullable: true }) note: string | null;
}

/** How days felt. */
@Entity('comfort_marks')
export class ComfortRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_comfort_marks_trip' })
  trip: Relation<TripRow>;
  @Column({ ...ID, name: 'member_id' }) memberId: string;
  @Column({ type: 'int' }) day: number;
  @Column(NUMBER) comfort: number;
  @Column(DATA) hurts: readonly BodyPlace[];
  @Column({ type: 'text', nullable: true }) note: string | null;
}

/** Whom to call. */
@Entity('contacts')
export class ContactRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_contacts_trip' })
  trip: Relation<TripRow>;
  @Column({ ...OPTIONAL_ID, name: 'member_id' }) memberId: string | null;
  @Column(NAME) name: string;
  @Column(NAME) relation: string;
  @Column(NAME) phone: string;
  @Column({ type: 'text', nullable: true }) note: string | null;
}

/** What became of things. */
@Entity('thing_uses')
export class ThingUseRow extends TripPart {
  @PrimaryColumn({ ...ID, name: 'thing_id' }) thingId: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_thing_uses_trip' })
  trip: Relation<TripRow>;
  @Column(WORD) fate: ThingFate;
  @Column({ type: 'text', nullable: true }) note: string | null;
}

/** What was wanted and not there. */
@Entity('missed_things')
export class MissedRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_missed_things_trip' })
  trip: Relation<TripRow>;
  @Column({ ...OPTIONAL_ID, name: 'member_id' }) memberId: string | null;
  @Column(NAME) name: string;
  @Column({ type: 'text', nullable: true }) note: string | null;
}

/** What cook groups brought back. */
@Entity('leftovers')
export class LeftoverRow extends TripPart {
  @PrimaryColumn({ ...ID, name: 'group_id' }) groupId: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_leftovers_trip' })
  trip: Relation<TripRow>;
  @Column({ ...OPTIONAL_NUMBER, name: 'food_kg' }) foodKg: number | null;
  @Column({ ...OPTIONAL_NUMBER, name: 'fuel_kg' }) fuelKg: number | null;
}

/** What has been done after the trip. */
@Entity('chores_done')
export class ChoreRow extends TripPart {
  @PrimaryColumn({ type: 'varchar', length: 200 }) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_chores_done_trip' })
  trip: Relation<TripRow>;
  @Column({ type: 'char', length: 10, name: 'done_on' }) doneOn: string;
}

/** A leaders' note of an incident: written once, never changed; a later one may correct it. */
@Entity('incidents')
export class IncidentRow {
  @PrimaryColumn({ type: 'char', length: 36, name: 'trip_id' }) tripId: string;
  @PrimaryColumn({ type: 'char', length: 36 }) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_incidents_trip' })
  trip: Relation<TripRow>;
  @Column({ ...MOMENT, name: 'written_at' }) writtenAt: Date;
  @Column({ ...NAME, name: 'written_by' }) writtenBy: string;
  @Column(BIG_DATA) data: IncidentNote;
}

export const ENTITIES = [
  RemovedPartRow,
  UserRow,
  SessionRow,
  TripRow,
  TripLeaderRow,
  InvitationRow,
  LegRow,
  WaypointRow,
  SupplyRow,
  WeatherRow,
  RoleTurnRow,
  GroupRow,
  PackRow,
  ZoneRow,
  MemberRow,
  KitRow,
  ThingRow,
  MealRow,
  CanisterRow,
  PickupRow,
  ArrangementRow,
  DismissalRow,
  PracticeRow,
  HandoverRow,
  VariantRow,
  CarrierRuleRow,
  AssignmentRow,
  StowRow,
  PlacementRow,
  WeighInRow,
  TripEventRow,
  ComfortRow,
  ContactRow,
  ThingUseRow,
  MissedRow,
  LeftoverRow,
  ChoreRow,
  TrackRow,
  IncidentRow,
  LibraryRow,
  LibraryEntryRow,
  SheetLinkRow,
  SheetMarkRow,
  MemberAddressRow,
  MessageRow,
];
