/** Tables of shares and packs, of the way and of the debrief. */
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import type {
  Assignment,
  Side,
  WhatIf,
  Spot,
  BodyPlace,
  BuddyCheck,
  EventKind,
  EventMoment,
  ThingFate,
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
