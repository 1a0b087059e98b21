/** Tables of what is planned before the shares: way, party, packs. */
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import type {
  AgeBand,
  CarryTrial,
  Condition,
  Experience,
  Ground,
  GroupKind,
  HouseRules,
  LimitChange,
  LimitPolicyId,
  PackingSchoolId,
  PointCm,
  Reliance,
  Role,
  Side,
  StoveKind,
  Supply,
  Track,
  WaypointKind,
  WeatherField,
  ZoneKind,
  MainCompartment,
  LidStyle,
  Pack,
} from '@graft/core/trip';
import { TripRow } from './accountTables.js';
import {
  ID,
  WORD,
  NAME,
  NUMBER,
  OPTIONAL_NUMBER,
  OPTIONAL_ID,
  FLAG,
  DATA,
  OPTIONAL_DATA,
  BIG_DATA,
  TripPart,
} from './columns.js';

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
  @Column({ type: 'boolean', nullable: true, name: 'medicines_for_all' }) medicinesForAll: boolean | null;
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
