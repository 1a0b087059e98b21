/** What is open at Shares: the day, the chosen and marked pieces, the one in hand, and how all of it is shown. */
import type { Order } from './boardRows';

/** One day for all, or for each member the day that is heaviest for them. */
export type DayChoice = number | 'heaviest';

export const VIEWS = { beams: 'Beams', table: 'Table' } as const;
export type View = keyof typeof VIEWS;
export const TABS = { share: 'Share', reshare: 'Re-share', whatIf: 'What if', record: 'Record' } as const;
export type Tab = keyof typeof TABS;

/** A piece that is dragged, or was picked up by key, and the member (or the tray) it would go to. */
interface InHand {
  readonly pieceId: string;
  readonly target: string | undefined;
  readonly byKey: boolean;
}

export interface BoardState {
  readonly day: DayChoice;
  readonly chosenId: string | undefined;
  /** Pieces that move together; the chosen one among them, once there are several. */
  readonly marked: ReadonlySet<string>;
  readonly inHand: InHand | undefined;
  readonly order: Order;
  readonly view: View;
  readonly tab: Tab;
  readonly hoveredMember: string | undefined;
}

export type BoardAction =
  | { readonly type: 'show'; readonly what: Partial<Pick<BoardState, 'day' | 'order' | 'view' | 'tab'>> }
  | { readonly type: 'hover'; readonly memberId: string | undefined }
  /** Choose a piece; with `add`, mark it beside those that are marked, or unmark it. */
  | { readonly type: 'choose'; readonly pieceId: string; readonly add: boolean }
  | { readonly type: 'pickUp'; readonly pieceId: string; readonly target?: string; readonly byKey: boolean }
  | { readonly type: 'holdOver'; readonly target: string | undefined }
  | { readonly type: 'unchoose' }
  | { readonly type: 'letGo' }
  | { readonly type: 'given' };

export const OPENED: BoardState = {
  day: 'heaviest',
  chosenId: undefined,
  marked: new Set(),
  inHand: undefined,
  order: 'listed',
  view: 'beams',
  tab: 'share',
  hoveredMember: undefined,
};

export function boardSession(state: BoardState, action: BoardAction): BoardState {
  switch (action.type) {
    case 'show':
      return { ...state, ...action.what };
    case 'hover':
      return { ...state, hoveredMember: action.memberId };
    case 'choose':
      return chosen(state, action.pieceId, action.add);
    case 'pickUp': {
      const { pieceId, target, byKey } = action;
      const before = state.marked.has(pieceId) ? state : chosen(state, pieceId, false);
      return { ...before, inHand: { pieceId, target, byKey } };
    }
    case 'holdOver':
      return state.inHand === undefined
        ? state
        : { ...state, inHand: { ...state.inHand, target: action.target } };
    case 'unchoose':
      return { ...state, chosenId: undefined, marked: new Set() };
    case 'letGo':
      return { ...state, inHand: undefined };
    case 'given':
      return { ...state, inHand: undefined, marked: new Set() };
  }
}

function chosen(state: BoardState, pieceId: string, add: boolean): BoardState {
  if (!add) return { ...state, chosenId: pieceId, marked: new Set() };
  const { marked, chosenId } = state;
  const next = new Set(marked.size === 0 && chosenId !== undefined ? [chosenId] : marked);
  if (!next.delete(pieceId)) next.add(pieceId);
  return { ...state, chosenId: pieceId, marked: next };
}
