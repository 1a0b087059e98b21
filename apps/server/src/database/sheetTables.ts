/** Tables of what is kept beside a trip: sheets, messages, incidents, what was taken out. */
import {
  Column,
  Entity,
  Generated,
  Index,
  JoinColumn,
  ManyToOne,
  PrimaryColumn,
  type Relation,
} from 'typeorm';
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
import { TripRow } from './accountTables.js';
import { ID, WORD, NAME, OPTIONAL_ID, FLAG, DATA, MOMENT, HASH, BIG_DATA } from './columns.js';

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
  /** The sheet as a leader sent it last; null shows the plan as it stands, as links do that nobody has sent to. */
  @Column({ ...BIG_DATA, name: 'sent_sheet', nullable: true }) sentSheet: MemberSheet | null;
  /** The trip's version that it was made from. */
  @Column({ type: 'int', name: 'sent_version', nullable: true }) sentVersion: number | null;
  @Column({ ...MOMENT, name: 'sent_at', nullable: true }) sentAt: Date | null;
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
  /** Counts the marks of all trips as they come: other servers find by it what is new. */
  @Index('ix_sheet_marks_seq', { unique: true })
  @Column({ type: 'bigint', unsigned: true })
  @Generated('increment')
  seq: string;
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

/** One change of a trip: who, when, what in words, and the edits that take it back. */
@Entity('trip_changes')
export class TripChangeRow {
  @PrimaryColumn({ type: 'char', length: 36, name: 'trip_id' }) tripId: string;
  /** The trip's version that it led to. */
  @PrimaryColumn({ type: 'int' }) version: number;
  @ManyToOne(() => TripRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'trip_id', foreignKeyConstraintName: 'fk_trip_changes_trip' })
  trip: Relation<TripRow>;
  @Index('ix_trip_changes_made_at')
  @Column({ ...MOMENT, name: 'made_at' })
  madeAt: Date;
  @Column({ ...NAME, name: 'made_by' }) madeBy: string;
  @Column({ type: 'text' }) what: string;
  /** Compressed JSON; null once it is too old to be taken back. */
  @Column({ type: 'mediumblob', nullable: true }) back: Buffer | null;
}
