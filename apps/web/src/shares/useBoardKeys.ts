import { useEffect, useEffectEvent, type KeyboardEvent, type RefObject } from 'react';
import { carrierOf, lockPiece } from '@graft/core/trip';
import { useTrip } from '../shared/tripContext';
import { TRAY } from './tray';
import type { ShareBoard } from './useShareBoard';

/**
 * Pieces by keyboard: m picks up, x marks, l locks, Delete takes away, arrows move the focus; with a piece in hand up and
 * down choose, Enter gives, Escape leaves.
 *
 * @returns what hears the keys of the board
 */
export function useBoardKeys(
  board: ShareBoard,
  element: RefObject<HTMLElement | null>,
): (event: KeyboardEvent) => void {
  const { walked, change } = useTrip();
  const { inHand, pieces, dispatch } = board;
  const focusPiece = (pieceId: string): void => {
    // After the change is drawn: the block sits in another row then, or in none where the day shown knows it not.
    requestAnimationFrame(() => {
      const block = element.current?.querySelector<HTMLElement>(`[data-piece="${CSS.escape(pieceId)}"]`);
      (block ?? element.current?.querySelector<HTMLElement>('[data-find]'))?.focus();
    });
  };
  // The keys of a piece in hand are heard wherever the focus is: its block may vanish on a row whose day knows it not.
  const onHandKey = useEffectEvent((event: globalThis.KeyboardEvent): void => {
    if (inHand === undefined || !holdKey(board, event.key)) return;
    event.preventDefault();
    focusPiece(inHand.pieceId);
  });
  const byKey = inHand?.byKey === true;
  useEffect(() => {
    if (!byKey) return;
    window.addEventListener('keydown', onHandKey);
    return () => window.removeEventListener('keydown', onHandKey);
  }, [byKey]);

  const act: Readonly<Record<string, (pieceId: string) => void>> = {
    m: (pieceId) =>
      dispatch({
        type: 'pickUp',
        pieceId,
        target: carrierOf(walked, pieceId, board.dayOf(pieceId)) ?? TRAY,
        byKey: true,
      }),
    x: (pieceId) => board.choose(pieceId, true),
    l: (pieceId) => {
      const assignment = walked.share.find((a) => a.pieceId === pieceId);
      if (assignment === undefined) return;
      change(`${assignment.locked ? 'unlock' : 'lock'} ${pieces.get(pieceId)!.name}`, (t) =>
        lockPiece(t, pieceId, !assignment.locked),
      );
    },
    delete: (pieceId) => {
      if (carrierOf(walked, pieceId, board.dayOf(pieceId)) !== undefined)
        board.give(pieces.get(pieceId)!, TRAY);
    },
  };
  return (event) => {
    const from = event.target as HTMLElement;
    const pieceId = from.closest<HTMLElement>('[data-piece]')?.dataset['piece'];
    if (pieceId === undefined || !pieces.has(pieceId) || inHand !== undefined) return;
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const does = event.key.startsWith('Arrow')
      ? () => moveFocus(element.current, from, event.key)
      : act[event.key.toLowerCase()];
    if (does === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    does(pieceId);
  };
}

/** A key while a piece is in hand; whether it meant anything. */
function holdKey({ inHand, held, rows, dispatch, give }: ShareBoard, key: string): boolean {
  const targets = [...rows.map((r) => r.figures.member.id), TRAY];
  switch (key) {
    case 'ArrowDown':
    case 'ArrowUp': {
      const at = targets.indexOf(inHand?.target ?? TRAY);
      const next = (at + (key === 'ArrowDown' ? 1 : targets.length - 1)) % targets.length;
      dispatch({ type: 'holdOver', target: targets[next] });
      return true;
    }
    case 'Enter':
    case ' ':
      if (held !== undefined && inHand?.target !== undefined) give(held, inHand.target);
      dispatch({ type: 'letGo' });
      return true;
    case 'Escape':
      dispatch({ type: 'letGo' });
      return true;
    default:
      return false;
  }
}

/** Move the focus among pieces: along a row, or to the piece nearest in the row above or below. */
function moveFocus(board: HTMLElement | null, from: HTMLElement, key: string): void {
  const all = [...(board?.querySelectorAll<HTMLElement>('[data-piece]') ?? [])];
  const here = from.closest<HTMLElement>('[data-piece]');
  if (here === null) return;
  if (key === 'ArrowLeft' || key === 'ArrowRight') {
    all[all.indexOf(here) + (key === 'ArrowRight' ? 1 : -1)]?.focus();
    return;
  }
  const box = here.getBoundingClientRect();
  const sign = key === 'ArrowDown' ? 1 : -1;
  const candidates = all
    .map((element) => ({ element, box: element.getBoundingClientRect() }))
    .filter((c) => sign * (c.box.top - box.top) > 8)
    .sort(
      (a, b) =>
        sign * (a.box.top - b.box.top) || Math.abs(a.box.left - box.left) - Math.abs(b.box.left - box.left),
    );
  candidates[0]?.element.focus();
}
