/**
 * The tables. A trip's parts are keyed by the trip and the id they have in the trip file, so that a trip comes out as
 * it went in. Lists keep their order in `position`.
 */
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import type {
  AgeBand,
  Condition,
  Consumption,
  Experience,
  Flag,
  Ground,
  GroupKind,
  HouseRules,
  Needed,
  PackingSchoolId,
  PointCm,
  Purpose,
  Shape,
  Side,
  ZoneKind,
} from '@graft/core';

const ID = { type: 'varchar', length: 64 } as const;
const WORD = { type: 'varchar', length: 32 } as const;
const NAME = { type: 'varchar', length: 200 } as const;
const NUMBER = { type: 'double' } as const;
const OPTIONAL_NUMBER = { type: 'double', nullable: true } as const;
const OPTIONAL_ID = { ...ID, nullable: true } as const;
const FLAG = { type: 'boolean' } as const;
const DATA = { type: 'simple-json' } as const;
const OPTIONAL_DATA = { type: 'simple-json', nullable: true } as const;

@Entity('trips')
export class TripRow {
  @PrimaryColumn({ type: 'char', length: 36 }) id: string;
  /** The id the trip has in its file. */
  @Column({ ...ID, name: 'file_id' }) fileId: string;
  @Column(NAME) name: string;
  @Column({ type: 'char', length: 10, name: 'start_date' }) startDate: string;
  @Column({ type: 'text', nullable: true }) notes: string | null;
  @Column({ ...WORD, name: 'packing_school' }) packingSchool: PackingSchoolId;
  @Column({ ...DATA, name: 'house_rules' }) houseRules: HouseRules;
  /** Counts writes; a write based on an older one is refused. */
  @Column({ type: 'int' }) version: number;
  @Column({ type: 'datetime', precision: 3, name: 'updated_at' }) updatedAt: Date;
}

/** What every part of a trip has: the trip it belongs to, and its place in its list. */
abstract class TripPart {
  @PrimaryColumn({ type: 'char', length: 36, name: 'trip_id' }) tripId: string;
  @Column({ type: 'int' }) position: number;
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
  @Column({ type: 'text', nullable: true }) note: string | null;
}

@Entity('party_groups')
export class GroupRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_party_groups_trip' })
  trip: Relation<TripRow>;
  @Column(NAME) name: string;
  @Column(WORD) kind: GroupKind;
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
}

@Entity('kits')
export class KitRow extends TripPart {
  @PrimaryColumn(ID) id: string;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_kits_trip' })
  trip: Relation<TripRow>;
  @Column(NAME) name: string;
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
  @Column({ ...OPTIONAL_NUMBER, name: 'wet_factor' }) wetFactor: number | null;
  @Column({ ...OPTIONAL_NUMBER, name: 'water_capacity_l' }) waterCapacityL: number | null;
  @Column({ ...OPTIONAL_ID, name: 'only_group_id' }) onlyGroupId: string | null;
  @Column({ ...OPTIONAL_DATA, name: 'only_member_ids' }) onlyMemberIds: readonly string[] | null;
  @Column({ type: 'boolean', nullable: true }) worn: boolean | null;
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
  @Column(FLAG) pinned: boolean;
}

export const ENTITIES = [
  TripRow,
  LegRow,
  GroupRow,
  PackRow,
  ZoneRow,
  MemberRow,
  KitRow,
  ThingRow,
  CarrierRuleRow,
  AssignmentRow,
  StowRow,
  PlacementRow,
];
