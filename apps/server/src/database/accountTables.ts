/** Tables of people who sign in, of their trips and of their kit library. */
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import type { TripRole, InvitedRole } from '@graft/core/api';
import type { LibraryEntry } from '@graft/core/library';
import type {
  FairnessSchoolId,
  FoodStorage,
  HouseRules,
  Insects,
  Larder,
  LimitPolicyId,
  NotComing,
  PackingSchoolId,
  Place,
  TripStyle,
  Departure,
} from '@graft/core/trip';
import {
  ID,
  WORD,
  NAME,
  NUMBER,
  FLAG,
  DATA,
  OPTIONAL_DATA,
  OPTIONAL_DATE,
  USER_ID,
  MOMENT,
  HASH,
  BIG_DATA,
} from './columns.js';

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
  @Column({ ...BIG_DATA, name: 'not_coming', nullable: true }) notComing: readonly NotComing[] | null;
  @Column({ type: 'boolean', nullable: true, name: 'sends_on_the_way' }) sendsOnTheWay: boolean | null;
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

/** Tokens that go by mail: to finish a sign-up, to set a new password. Kept as a hash, used once. */
@Entity('mail_tokens')
export class MailTokenRow {
  @PrimaryColumn({ ...HASH, name: 'token_hash' }) tokenHash: string;
  /** Whose password it sets; null where there is no account yet. */
  @Index('ix_mail_tokens_user')
  @Column({ ...USER_ID, name: 'user_id', nullable: true })
  userId: string | null;
  @ManyToOne(() => UserRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'user_id', foreignKeyConstraintName: 'fk_mail_tokens_user' })
  user: Relation<UserRow>;
  /** The account to be, with its password as a hash. */
  @Column({ ...BIG_DATA, name: 'new_account', nullable: true }) newAccount: NewAccountRow | null;
  @Column({ ...MOMENT, name: 'expires_at' }) expiresAt: Date;
}

export interface NewAccountRow {
  readonly email: string;
  readonly name: string;
  readonly passwordHash: string;
}

/** A browser from which an account signed in before: guesses of others do not hold it up. */
@Entity('known_browsers')
export class KnownBrowserRow {
  @PrimaryColumn({ ...HASH, name: 'token_hash' }) tokenHash: string;
  @Index('ix_known_browsers_user')
  @Column({ ...USER_ID, name: 'user_id' })
  userId: string;
  @ManyToOne(() => UserRow, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'user_id', foreignKeyConstraintName: 'fk_known_browsers_user' })
  user: Relation<UserRow>;
  @Column({ ...MOMENT, name: 'expires_at' }) expiresAt: Date;
}

/** How often something was refused or asked for, by who did it. */
@Entity('attempts')
export class AttemptRow {
  /** A hash of what is counted and of who did it. */
  @PrimaryColumn({ ...HASH, name: 'counted' }) counted: string;
  @Column({ type: 'int' }) hits: number;
  @Index('ix_attempts_until')
  @Column(MOMENT)
  until: Date;
}
