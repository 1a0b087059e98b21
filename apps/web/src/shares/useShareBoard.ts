import { useMemo, useReducer } from 'react';
import type { MemberFigures, ShareFigures } from '@graft/core/share';
import { assignPiece, carrierOf, nameAlone, sharedThings, type Carried, type Trip } from '@graft/core/trip';
import { useRecentFigures, useShareFigures } from '../shared/usePlanFigures';
import { usePieceAskedFor } from '../shared/useAskedFor';
import { useTrip } from '../shared/tripContext';
import { boardRows, type BoardRow } from './boardRows';
import { boardSession, OPENED, type BoardAction, type BoardState } from './boardSession';
import { TRAY } from './tray';

/** Shares as they are open: what is shown, and what can be done with a piece. */
export interface ShareBoard extends BoardState {
  readonly dispatch: (action: BoardAction) => void;
  readonly pieces: ReadonlyMap<string, Carried>;
  /** The trip with the piece in hand already where it would go; figures and rows are of this one. */
  readonly shown: Trip;
  readonly figures: ShareFigures;
  readonly rows: readonly BoardRow[];
  readonly chosen: Carried | undefined;
  /** The piece in hand, all that moves with it, and whom it would go to. */
  readonly held: Carried | undefined;
  readonly heldIds: ReadonlySet<string>;
  readonly receiver: MemberFigures | undefined;
  readonly chosenIds: ReadonlySet<string>;
  /** The day on which a piece changes carrier: the day that is shown, or, where each row has its own, its carrier's. */
  readonly dayOf: (pieceId: string) => number;
  readonly choose: (pieceId: string, add?: boolean) => void;
  /** Give a piece, with all that is marked with it, to a member or to the tray. */
  readonly give: (piece: Carried, to: string) => void;
}

export function useShareBoard(): ShareBoard {
  const { walked, change } = useTrip();
  const asked = usePieceAskedFor();
  const [state, dispatch] = useReducer(boardSession, { ...OPENED, chosenId: asked });
  const { day, marked, inHand, chosenId } = state;
  const recent = useRecentFigures();
  const pieces = useMemo(() => new Map(sharedThings(walked).map((p) => [p.id, p])), [walked]);
  const dayOf = (pieceId: string): number => {
    if (day !== 'heaviest') return day;
    const row = recent.share.members.find((m) => carrierOf(walked, pieceId, m.heaviest.day) === m.member.id);
    return row?.heaviest.day ?? 1;
  };
  const withPiece = (pieceId: string): readonly string[] =>
    marked.has(pieceId) ? [...marked].filter((id) => pieces.has(id)) : [pieceId];
  const assignAll = (t: Trip, pieceId: string, to: string): Trip =>
    withPiece(pieceId).reduce((next, id) => assignPiece(next, id, memberOf(to), dayOf(id)), t);
  const target = inHand?.target;
  const shown = useMemo(
    () => (inHand === undefined || target === undefined ? walked : assignAll(walked, inHand.pieceId, target)),
    // What goes with the piece in hand is settled when it is picked up.
    // oxlint-disable-next-line react/exhaustive-deps
    [walked, inHand?.pieceId, target],
  );
  const figures = useShareFigures(shown);
  const give = (piece: Carried, to: string): void => {
    const name = walked.members.find((m) => m.id === memberOf(to))?.name;
    const count = withPiece(piece.id).length;
    const what = count === 1 ? nameAlone(walked, piece) : `${count} pieces`;
    change(
      name === undefined
        ? `take ${what} from ${count === 1 ? 'its carrier' : 'their carriers'}`
        : `give ${what} to ${name}`,
      (t) => assignAll(t, piece.id, to),
    );
    dispatch({ type: 'given' });
  };
  return {
    ...state,
    dispatch,
    pieces,
    shown,
    figures,
    rows: boardRows(shown, figures, recent.share, state.order),
    chosen: chosenId === undefined ? undefined : pieces.get(chosenId),
    held: inHand === undefined ? undefined : pieces.get(inHand.pieceId),
    heldIds: new Set(inHand === undefined ? [] : withPiece(inHand.pieceId)),
    receiver: figures.members.find((m) => m.member.id === target),
    chosenIds: new Set([...marked, ...(chosenId === undefined ? [] : [chosenId])]),
    dayOf,
    choose: (pieceId, add = false) => dispatch({ type: 'choose', pieceId, add }),
    give,
  };
}

function memberOf(target: string): string | undefined {
  return target === TRAY ? undefined : target;
}
