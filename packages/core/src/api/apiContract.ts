/** What server and web app say to each other, beyond the trip itself. */
import type { KeptMark } from '../sheet/marks.js';
import type { MemberSheet } from '../sheet/memberSheet.js';
import type { Trip } from '../trip/model.js';
import type { FieldError } from '../schema/fieldError.js';

/** What somebody may do in a trip: all, all but give it away or delete it, or look only. */
export const TRIP_ROLES = ['owner', 'full', 'read'] as const;
export type TripRole = (typeof TRIP_ROLES)[number];
export const INVITED_ROLES = ['full', 'read'] as const;
export type InvitedRole = (typeof INVITED_ROLES)[number];

/** The account that is signed in. */
export interface Account {
  readonly id: string;
  readonly email: string;
  readonly name: string;
  readonly demo: boolean;
}
/** Who is signed in, and what this server offers to whoever is not. */
export interface AccountState {
  readonly account: Account | null;
  readonly demoOffered: boolean;
  /** Whether it sends mail: a new account is made by a link that goes to its address, a forgotten password set anew. */
  readonly mail: boolean;
  /** Where members find the application; where the leader's browser finds it when absent. */
  readonly publicUrl?: string;
}

export const LEAST_PASSWORD_LENGTH = 10;
export const MOST_PASSWORD_LENGTH = 200;

/** A trip in the list of all trips. */
export interface TripSummary {
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly startDate: string;
  readonly days: number;
  readonly members: number;
  readonly role: TripRole;
  /** The owner's name, where that is somebody else. */
  readonly owner?: string;
  readonly archived: boolean;
  /** ISO time at which it was deleted; it can be brought back for 30 days. */
  readonly deletedAt?: string;
}

/** A trip as the server keeps it; `version` counts its writes. */
export interface StoredTrip {
  readonly id: string;
  readonly version: number;
  readonly role: TripRole;
  readonly trip: Trip;
}

/** Who leads a trip, and invitations that are still open. */
export interface TripLeaders {
  readonly leaders: readonly {
    readonly userId: string;
    readonly name: string;
    /** Absent for leaders who may only look. */
    readonly email?: string;
    readonly role: TripRole;
  }[];
  readonly invitations: readonly {
    readonly id: string;
    readonly role: InvitedRole;
    readonly expiresAt: string;
  }[];
}

/** What an invitation offers, for the page that its link opens. */
export interface InvitationOffer {
  readonly tripName: string;
  readonly owner: string;
  readonly role: InvitedRole;
}

/** What a forecast service answers, at its own elevation; see docs/forecast-service.md. */
export interface ForecastAnswer {
  readonly source: string;
  readonly elevationM: number;
  readonly days: readonly {
    readonly date: string;
    readonly dayC: number;
    readonly nightC: number;
    readonly rainChance: number;
    readonly windKmh: number;
  }[];
}

/** A bench scale; see docs/scale-service.md. */
export interface ScaleInfo {
  readonly name: string;
  readonly capacityKg: number;
  /** The smallest step it shows. */
  readonly divisionKg: number;
  /** Its pan can be loaded by a request: there is nobody to put things on it. */
  readonly simulated: boolean;
}

export const ERROR_CODES = [
  'invalid',
  'notSignedIn',
  'notFound',
  'stale',
  'tooLarge',
  'tooMany',
  'forbidden',
  'unavailable',
  'internal',
] as const;
export type ErrorCode = (typeof ERROR_CODES)[number];

/** The one shape of every error answer. */
export interface ErrorBody {
  readonly error: {
    readonly code: ErrorCode;
    readonly message: string;
    readonly errors: readonly FieldError[];
  };
}

/** A member's private link: when it was made and used; the link itself is kept nowhere. */
export interface SheetLink {
  readonly memberId: string;
  readonly createdAt: string;
  readonly expiresAt: string;
  /** First and last time that somebody looked; absent while nobody has. */
  readonly openedAt?: string;
  readonly seenAt?: string;
  /** When a leader last sent the sheet; absent where it shows the plan as it stands, since nobody has sent it yet. */
  readonly sentAt?: string;
}
/** What sheets would show if they were sent now, and do not show yet. */
export interface UnsentSheets {
  /** The trip's version that this is about. */
  readonly version: number;
  /** Members whose sheet would change; what changes for them in words, and nothing where it is what others do. */
  readonly members: readonly { readonly memberId: string; readonly changes: readonly string[] }[];
}
/** What a leader sees of the sheets. */
export interface SheetProgress {
  readonly links: readonly SheetLink[];
  /** All marks, by member. */
  readonly marks: Readonly<Record<string, readonly KeptMark[]>>;
}
/** One change of it, as it happens. */
export type TripNews =
  | { readonly kind: 'marks'; readonly memberId: string; readonly marks: readonly KeptMark[] }
  | { readonly kind: 'links' }
  /** A leader changed the trip: who, and what in words. */
  | { readonly kind: 'changed'; readonly version: number; readonly by: string; readonly what: string };
/** What a member's link opens. */
export interface OpenedSheet {
  /** The trip's version that it was made from. */
  readonly version: number;
  readonly expiresAt: string;
  readonly sheet: MemberSheet;
  readonly marks: readonly KeptMark[];
}

/** So many changes are told at a time. */
export const HISTORY_PAGE = 100;
/** One change of a trip. */
export interface TripChange {
  /** The version that it led to. */
  readonly version: number;
  /** ISO time. */
  readonly at: string;
  /** Whose account made it. */
  readonly by: string;
  /** In words, such as "Stove: weight". */
  readonly what: string;
  /** Whether the trip can be had as it was before it. */
  readonly canGoBack: boolean;
}

/** Something that was taken out of a trip and can be brought back for a while. */
export interface RemovedSummary {
  readonly id: string;
  /** In words, such as "Ilse, with 23 things". */
  readonly what: string;
  /** ISO time. */
  readonly at: string;
  /** Whose account took it out. */
  readonly by: string;
}
