/** The open trip: what is shown, what the server has acknowledged, and the history that undo walks. */
import { settleLarder } from '@graft/core/larder';
import { settleOwnThings } from '@graft/core/lists';
import type { FieldError } from '@graft/core/schema';
import { cellAt, decideClash, mergeTrips, sameContent, type Clash, type Trip } from '@graft/core/trip';
import type { SetAside } from '@graft/core/formats';

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
  /** Cells that somebody else changed too: theirs stands until it is decided. */
  readonly clashes: readonly Clash[];
  /** Changes that the trip as others left it cannot take. */
  readonly setAside: readonly SetAside[];
  /** What was sent and never answered: the server may have it or not. */
  readonly inDoubt: Trip | undefined;
  /** What was handed over to another leader, who goes on from there: in the same cells theirs counts. */
  readonly handed: Trip | undefined;
  /** What is here was put on what others changed, and the server has not taken it yet. */
  readonly isRebased: boolean;
  /** Opened from what this device keeps: what the server has now is read before anything is sent. */
  readonly isUnread: boolean;
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
  | { readonly type: 'handOver' }
  /** The trip is there no more, or not for whoever is here. */
  | { readonly type: 'gone'; readonly message: string }
  | { readonly type: 'refused'; readonly message: string; readonly errors: readonly FieldError[] }
  | { readonly type: 'dismiss' }
  /** What the server has now: others changed it. */
  | { readonly type: 'rebase'; readonly trip: Trip; readonly version: number }
  /** Of what was sent, what the trip can take. */
  | {
      readonly type: 'setAside';
      readonly sent: Trip;
      readonly trip: Trip;
      readonly setAside: readonly SetAside[];
    }
  | { readonly type: 'decide'; readonly clash: Clash; readonly side: 'mine' | 'theirs' }
  | { readonly type: 'dropAside'; readonly setAside: SetAside };

const HISTORY_LENGTH = 200;

export function openSession(trip: Trip, version: number): SessionState {
  return {
    trip,
    saved: trip,
    version,
    past: [],
    future: [],
    save: { kind: 'idle' },
    clashes: [],
    setAside: [],
    inDoubt: undefined,
    handed: undefined,
    isRebased: false,
    isUnread: false,
  };
}

export function isUnsaved(state: SessionState): boolean {
  return state.trip !== state.saved;
}

export function sessionReducer(state: SessionState, action: SessionAction): SessionState {
  switch (action.type) {
    case 'change':
      return withChange(state, action.label, action.change);
    case 'undo':
      return undone(state);
    case 'redo':
      return redone(state);
    case 'sending':
      return { ...state, save: { kind: 'sending', sent: action.sent } };
    case 'acknowledged': {
      const saved = sentBy(state) ?? state.saved;
      return {
        ...state,
        saved,
        version: action.version,
        save: { kind: 'idle' },
        inDoubt: undefined,
        isRebased: false,
      };
    }
    case 'unreachable':
      return {
        ...state,
        save: { kind: 'unreachable' },
        inDoubt: (state.isUnread ? undefined : sentBy(state)) ?? state.inDoubt,
      };
    case 'handOver':
      return { ...state, handed: state.trip };
    case 'gone':
      return { ...state, save: { kind: 'stale', message: action.message } };
    case 'rebase':
      return rebased(state, action.trip, action.version);
    case 'setAside': {
      // What was typed since it was sent stays.
      const { trip } = mergeTrips(action.sent, state.trip, action.trip);
      return {
        ...state,
        trip,
        setAside: [...state.setAside, ...action.setAside],
        save: { kind: 'idle' },
        isRebased: false,
      };
    }
    case 'decide':
      return decided(state, action.clash, action.side);
    case 'dropAside':
      return { ...state, setAside: state.setAside.filter((s) => s !== action.setAside) };
    case 'retry':
    case 'dismiss':
      return { ...state, save: { kind: 'idle' } };
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

function withChange(state: SessionState, label: string, change: (trip: Trip) => Trip): SessionState {
  // The larder's parcels and what is not listed follow every change that touches them, in the same step of history.
  const trip = settleLarder(state.trip, settleOwnThings(state.trip, change(state.trip)));
  if (trip === state.trip) return state;
  const past = [...state.past, { label, trip: state.trip }].slice(-HISTORY_LENGTH);
  return { ...state, trip, past, future: [] };
}

function undone(state: SessionState): SessionState {
  const step = state.past[state.past.length - 1];
  if (step === undefined) return state;
  return {
    ...state,
    trip: step.trip,
    past: state.past.slice(0, -1),
    future: [{ label: step.label, trip: state.trip }, ...state.future],
  };
}

function redone(state: SessionState): SessionState {
  const [step, ...future] = state.future;
  if (step === undefined) return state;
  return {
    ...state,
    trip: step.trip,
    past: [...state.past, { label: step.label, trip: state.trip }],
    future,
  };
}

function decided(state: SessionState, clash: Clash, side: 'mine' | 'theirs'): SessionState {
  const rest = { ...state, clashes: state.clashes.filter((c) => c !== clash) };
  if (side === 'theirs') return rest;
  return withChange(rest, 'theirs instead of mine', (trip) => decideClash(trip, clash, clash.mine));
}

/** What is on its way to the server. */
function sentBy({ save }: SessionState): Trip | undefined {
  return save.kind === 'sending' ? save.sent : undefined;
}

/** What is here, put on what the server has now; the way back too, so that undo takes back only what was done here. */
function rebased(state: SessionState, theirs: Trip, version: number): SessionState {
  const { inDoubt, handed, saved } = state;
  // What was sent and arrived, though its answer did not, is no change of somebody else's.
  const isMine = inDoubt !== undefined && sameContent(inDoubt, theirs);
  const base = isMine ? inDoubt : saved;
  const onTheirs = (step: Step): Step => ({ ...step, trip: mergeTrips(base, step.trip, theirs).trip });
  const merge = mergeTrips(base, state.trip, theirs);
  const holds = (of: Trip | undefined, { path }: Clash, value: unknown): boolean =>
    of !== undefined && sameContent(cellAt(of, path), value);
  // Nor is it where others changed other cells meanwhile.
  const own = merge.clashes.filter((c) => holds(inDoubt, c, c.theirs));
  const merged = own.reduce((trip, clash) => decideClash(trip, clash, clash.mine), merge.trip);
  const clashes = merge.clashes.filter((c) => !own.includes(c) && !holds(handed, c, c.mine));
  const isNew = (c: Clash): boolean => !clashes.some((other) => other.path.join('/') === c.path.join('/'));
  return {
    ...state,
    trip: sameContent(merged, theirs) ? theirs : settleLarder(theirs, settleOwnThings(theirs, merged)),
    saved: theirs,
    version,
    past: state.past.map(onTheirs),
    future: state.future.map(onTheirs),
    save: { kind: 'idle' },
    clashes: [...state.clashes.filter(isNew), ...clashes],
    // It may still arrive, from here or from the phone that took over, until what is here is acknowledged.
    inDoubt,
    isRebased: true,
    isUnread: false,
  };
}
