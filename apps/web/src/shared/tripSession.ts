/** The open trip: what is shown, what the server has acknowledged, and the history that undo walks. */
import { settleLarder } from '@graft/core/larder';
import { settleOwnThings } from '@graft/core/lists';
import type { FieldError } from '@graft/core/schema';
import type { Trip } from '@graft/core/trip';

interface Step {
  readonly label: string;
  readonly trip: Trip;
}
export interface SessionState {
  readonly trip: Trip;
  /** The trip as the server last confirmed it, and the version it gave it. */
  readonly saved: Trip;
  readonly version: number;
  readonly past: readonly Step[];
  readonly future: readonly Step[];
  readonly save: SaveState;
}
export type SaveState =
  | { readonly kind: 'idle' }
  | { readonly kind: 'sending'; readonly sent: Trip }
  | { readonly kind: 'unreachable' }
  | { readonly kind: 'stale'; readonly message: string }
  | { readonly kind: 'refused'; readonly message: string; readonly errors: readonly FieldError[] };

export type SessionAction =
  | { readonly type: 'change'; readonly label: string; readonly change: (trip: Trip) => Trip }
  | { readonly type: 'undo' }
  | { readonly type: 'redo' }
  | { readonly type: 'sending'; readonly sent: Trip }
  | { readonly type: 'acknowledged'; readonly version: number }
  | { readonly type: 'unreachable' }
  | { readonly type: 'retry' }
  | { readonly type: 'stale'; readonly message: string }
  | { readonly type: 'refused'; readonly message: string; readonly errors: readonly FieldError[] }
  | { readonly type: 'dismiss' };

const HISTORY_LENGTH = 200;

export function openSession(trip: Trip, version: number): SessionState {
  return { trip, saved: trip, version, past: [], future: [], save: { kind: 'idle' } };
}

export function isUnsaved(state: SessionState): boolean {
  return state.trip !== state.saved;
}

export function sessionReducer(state: SessionState, action: SessionAction): SessionState {
  switch (action.type) {
    case 'change': {
      // The larder's parcels and what is not listed follow every change that touches them, in the same step of history.
      const changed = settleOwnThings(state.trip, action.change(state.trip));
      const trip = settleLarder(state.trip, changed);
      if (trip === state.trip) return state;
      const past = [...state.past, { label: action.label, trip: state.trip }].slice(-HISTORY_LENGTH);
      return { ...state, trip, past, future: [] };
    }
    case 'undo': {
      const step = state.past[state.past.length - 1];
      if (step === undefined) return state;
      return {
        ...state,
        trip: step.trip,
        past: state.past.slice(0, -1),
        future: [{ label: step.label, trip: state.trip }, ...state.future],
      };
    }
    case 'redo': {
      const [step, ...future] = state.future;
      if (step === undefined) return state;
      return {
        ...state,
        trip: step.trip,
        past: [...state.past, { label: step.label, trip: state.trip }],
        future,
      };
    }
    case 'sending':
      return { ...state, save: { kind: 'sending', sent: action.sent } };
    case 'acknowledged': {
      const saved = state.save.kind === 'sending' ? state.save.sent : state.saved;
      return { ...state, saved, version: action.version, save: { kind: 'idle' } };
    }
    case 'unreachable':
      return { ...state, save: { kind: 'unreachable' } };
    case 'retry':
    case 'dismiss':
      return { ...state, save: { kind: 'idle' } };
    case 'stale':
      return { ...state, save: { kind: 'stale', message: action.message } };
    case 'refused':
      // What the server will not store is not kept on screen as if it were stored; history keeps the way back.
      return {
        ...state,
        trip: state.saved,
        past: [],
        future: [],
        save: { kind: 'refused', message: action.message, errors: action.errors },
      };
  }
}
