/** What the parts of a page know of the open trip, and do to it; apart from what holds it, which is much larger. */
import { createContext, useContext } from 'react';
import type { TripRole } from '@graft/core/api';
import type { SetAside } from '@graft/core/formats';
import type { Clash, Trip } from '@graft/core/trip';
import type { SaveState, SessionState } from './tripSession';

/** Whether nothing may be changed on this page: a trip that may only be looked at; pages outside of trips are one's own. */
export function useReadOnly(): boolean {
  return useContext(CommandsContext)?.readOnly ?? false;
}

/** What can be done to the trip: stays the same from change to change, so that what only acts is not drawn anew. */
export interface TripCommands {
  readonly id: string;
  readonly role: TripRole;
  /** Nothing can be changed here: every change is left undone, and counted as a refusal. */
  readonly readOnly: boolean;
  /** Change the trip; the label names the change in undo. */
  readonly change: (label: string, change: (trip: Trip) => Trip) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** The session as it is now: for what looks back at what was done. */
  readonly session: () => Pick<SessionState, 'trip' | 'past' | 'saved' | 'version'>;
}

export interface TripSession extends TripCommands {
  /** The plan: what changes are made to. */
  readonly trip: Trip;
  /** The plan with what has happened on the way: what loads, shares and stows are worked out from. */
  readonly walked: Trip;
  readonly undoLabel: string | undefined;
  readonly redoLabel: string | undefined;
}

/** How storing goes; apart from the trip, so that a save re-draws nothing of it. */
export interface Saving {
  readonly save: SaveState;
  readonly unsaved: boolean;
  /** The server's version that this page goes on from. */
  readonly version: number;
  /** ISO time at which the server had the trip so; absent once what it has now was read. */
  readonly keptAt: string | undefined;
  readonly refusals: number;
  readonly dismiss: () => void;
  /** Drop what is here and load what the server has. */
  readonly reload: () => void;
  /** What somebody else has just changed, in words. */
  readonly told: string;
  /** Cells that somebody else changed too. */
  readonly clashes: readonly Clash[];
  readonly decide: (clash: Clash, side: 'mine' | 'theirs') => void;
  /** Changes that the trip, as others left it, cannot take. */
  readonly setAside: readonly SetAside[];
  /** Another leader goes on from what is here: in the same cells theirs counts. */
  readonly handOver: () => void;
  readonly dropAside: (setAside: SetAside) => void;
}
export const SavingContext = createContext<Saving | undefined>(undefined);

export function useSaving(): Saving {
  const saving = useContext(SavingContext);
  if (saving === undefined) throw new Error('useSaving is used outside of a TripProvider');
  return saving;
}

/** Undefined outside of a trip. */
export const CommandsContext = createContext<TripCommands | undefined>(undefined);
export const TripContext = createContext<TripSession | undefined>(undefined);
export function useTrip(): TripSession {
  const session = useContext(TripContext);
  if (session === undefined) throw new Error('useTrip is used outside of a TripProvider');
  return session;
}

export function useTripCommands(): TripCommands {
  const commands = useContext(CommandsContext);
  if (commands === undefined) throw new Error('useTripCommands is used outside of a TripProvider');
  return commands;
}
