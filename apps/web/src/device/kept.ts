/** What a device keeps, as it is written there: a change of it is a change of what older versions wrote. */
import type { StoredTrip, TripSummary } from '@graft/core/api';
import type { SetAside } from '@graft/core/formats';
import type { SheetMark } from '@graft/core/sheet';
import type { IncidentNote } from '@graft/core/trail';
import type { Clash, Trip, TripEdit } from '@graft/core/trip';

/** A trip as the server had it when it was read last. */
export interface KeptTrip {
  readonly id: string;
  readonly stored: StoredTrip;
  /** Format of the trip, as of a trip file. */
  readonly format: number;
}
/** What is known of a kept trip without reading it. */
export interface KeptTripInfo extends TripSummary {
  /** ISO time. */
  readonly readAt: string;
  /** ISO date from which on it is kept no longer. */
  readonly until: string;
  /** Kept without having been opened, and read anew whenever there is a network. */
  readonly pinned: boolean;
}
/** Something else that the server answered. */
export interface KeptAnswer {
  readonly key: string;
  /** The trip that it is about. */
  readonly tripId?: string;
  readonly value: unknown;
}

export interface KeptStep {
  readonly label: string;
  /** From the state after the step to the one before it; of redo, from before to after. */
  readonly edits: readonly TripEdit[];
}
export interface KeptSession {
  /** The trip's. */
  readonly id: string;
  /** Format of the trips in it, as of a trip file. */
  readonly format: number;
  readonly version: number;
  /** The trip with what is not saved; absent when everything is. */
  readonly unsaved?: Trip;
  /** What that was changed from, as the server had it at the version. */
  readonly base?: Trip;
  /** What was sent and never answered. */
  readonly inDoubt?: Trip;
  /** What was handed over to another leader. */
  readonly handed?: Trip;
  /** What waits to be decided: cells that others changed too, and what the trip could not take. */
  readonly clashes: readonly Clash[];
  readonly setAside: readonly SetAside[];
  readonly past: readonly KeptStep[];
  readonly future: readonly KeptStep[];
}

export type Told =
  /** To a member's sheet. */
  | {
      readonly kind: 'marks';
      readonly tripId: string;
      readonly memberId: string;
      readonly marks: readonly SheetMark[];
    }
  /** Into the incident log. */
  | {
      readonly kind: 'incident';
      readonly tripId: string;
      readonly noteId: string;
      readonly note: IncidentNote;
    };
export type Letter = Told & {
  /** Given by the device, in order. */
  readonly seq?: number;
  /** Why the server did not take it; it is not sent again by itself. */
  readonly refused?: string;
};

/** What a file says of itself by which the lead passes from phone to phone. */
export const HANDOVER_FORMAT = 'graft-handover';
/** Whether a text says that it is such a file; what is in it is looked at when it is taken. */
export const isHandover = (text: string): boolean => text.slice(0, 200).includes(`"${HANDOVER_FORMAT}"`);
