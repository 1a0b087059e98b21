/** What is open at Packs: which day, tab and thing, what is in hand, a learner's own stow, how far the loading is shown. */
import type { Placement } from '@graft/core/trip';

export const TABS = {
  places: 'Places',
  steps: 'Steps',
  rules: 'To mend',
  days: 'Days',
} as const;
/** What is asked for now and then, one level down. */
export const MORE_TABS = { reach: 'Reach', ride: 'Ride', compare: 'Compare', practice: 'Practice' } as const;
/** The pack as two cuts, or in the round. */
export const VIEWS = { cuts: 'Two cuts', round: 'In the round' } as const;
export type View = keyof typeof VIEWS;
export type Tab = keyof typeof TABS | keyof typeof MORE_TABS;

/** A learner's own stow of a member's load, and the plan it is marked against. */
export interface Practice {
  readonly memberId: string;
  readonly placements: readonly Placement[];
  readonly best?: readonly Placement[];
}

export interface PackSessionState {
  /** The day whose weights count, from 1; the one the stow is planned for when undefined. */
  readonly day: number | undefined;
  readonly tab: Tab;
  readonly view: View;
  readonly chosenId: string | undefined;
  /** Where things would be if the one in hand were let go. */
  readonly preview: readonly Placement[] | undefined;
  readonly practice: Practice | undefined;
  /** How many loading steps of whose pack are shown; all when undefined. */
  readonly steps: { readonly of: string; readonly done: number } | undefined;
}

export type PackSessionAction =
  | { readonly type: 'day'; readonly day: number }
  | { readonly type: 'tab'; readonly tab: Tab }
  | { readonly type: 'view'; readonly view: View }
  | { readonly type: 'choose'; readonly thingId: string | undefined }
  | { readonly type: 'preview'; readonly placements: readonly Placement[] | undefined }
  | {
      readonly type: 'scrub';
      readonly of: string;
      readonly done: number;
      readonly thingId: string | undefined;
    }
  | { readonly type: 'practise'; readonly memberId: string }
  | { readonly type: 'practised'; readonly placements: readonly Placement[] }
  | { readonly type: 'best'; readonly placements: readonly Placement[] }
  | { readonly type: 'endPractice' }
  | { readonly type: 'otherMember' };

export const OPENED: PackSessionState = {
  day: undefined,
  tab: 'places',
  view: 'cuts',
  chosenId: undefined,
  preview: undefined,
  practice: undefined,
  steps: undefined,
};

export function packSession(state: PackSessionState, action: PackSessionAction): PackSessionState {
  const { practice } = state;
  switch (action.type) {
    case 'day':
      return { ...state, day: action.day };
    case 'tab':
      return { ...state, tab: action.tab };
    case 'view':
      return { ...state, view: action.view };
    case 'choose':
      return { ...state, chosenId: action.thingId };
    case 'preview':
      return { ...state, preview: action.placements };
    case 'scrub':
      return { ...state, steps: { of: action.of, done: action.done }, chosenId: action.thingId };
    case 'practise':
      return { ...state, tab: 'places', practice: { memberId: action.memberId, placements: [] } };
    case 'practised':
      return practice === undefined
        ? state
        : { ...state, practice: { ...practice, placements: action.placements } };
    case 'best':
      return practice === undefined
        ? state
        : { ...state, practice: { ...practice, best: action.placements } };
    case 'endPractice':
      return { ...state, practice: undefined };
    case 'otherMember':
      return { ...state, chosenId: undefined, preview: undefined };
  }
}
