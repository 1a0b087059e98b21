/** Tables of things and food. */
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import type {
  Arrangement,
  Companion,
  Holding,
  Maker,
  Consumption,
  Dish,
  Flag,
  MealKind,
  Needed,
  Pickup,
  Purpose,
  Shape,
  Want,
  Wear,
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
  OPTIONAL_DATE,
  TripPart,
} from './columns.js';

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
