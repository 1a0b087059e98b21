import { useEffect, useReducer, useRef } from 'react';
import { parseTripFile } from '@graft/core/formats';
import { LEVEL_GIVE, type SolvedShare } from '@graft/core/share';
import { adoptStow, allPieces, type Assignment, type Stow, type Trip } from '@graft/core/trip';
import { runShare, runStows } from '../workers/engine';
import { SEED } from '../shares/seed';
import type { Run } from '../workers/run';

/** Between two pieces that change hands, ms. */
const PIECE_MS = 110;

/** What the first page shows: a demo trip on its way from a list to a fair share and a stowed pack. */
export interface Showing {
  readonly trip: Trip | undefined;
  /** How each piece goes from hand to hand: as listed at first. */
  readonly share: readonly Assignment[];
  /** What the planner came to. */
  readonly best: readonly Assignment[] | undefined;
  /** Why nothing is shown. */
  readonly failed?: string;
}
type Told =
  | { readonly type: 'failed'; readonly why: string }
  | { readonly type: 'read'; readonly trip: Trip }
  | { readonly type: 'shared'; readonly best: readonly Assignment[] }
  | { readonly type: 'stowed'; readonly stow: Stow }
  | { readonly type: 'handed' }
  | { readonly type: 'done' };

/** One after the other in the order of the list: nobody has looked at weights yet. */
export function dealtOut(trip: Trip): readonly Assignment[] {
  return allPieces(trip).map((piece, i) => ({
    pieceId: piece.id,
    memberId: trip.members[i % trip.members.length]!.id,
    locked: false,
  }));
}

export function told(s: Showing, what: Told): Showing {
  switch (what.type) {
    case 'failed':
      return { ...s, failed: what.why };
    case 'read':
      return { trip: what.trip, share: dealtOut(what.trip), best: undefined };
    case 'shared':
      return { ...s, best: what.best };
    case 'handed':
      return { ...s, share: oneNearer(s.share, s.best) };
    case 'done':
      return { ...s, share: s.best ?? s.share };
    case 'stowed':
      // Only what a member carries has a place in their pack.
      return s.trip === undefined
        ? s
        : { ...s, trip: adoptStow({ ...s.trip, share: s.best ?? s.share }, what.stow) };
  }
}

/** One piece more is with who carries it in the end. */
function oneNearer(
  share: readonly Assignment[],
  best: readonly Assignment[] | undefined,
): readonly Assignment[] {
  const byPiece = new Map(best?.map((a) => [a.pieceId, a]));
  const at = share.findIndex((a) => {
    const to = byPiece.get(a.pieceId);
    return to !== undefined && to.memberId !== a.memberId;
  });
  if (at < 0) return best ?? share;
  return share.map((a, i) => (i === at ? byPiece.get(a.pieceId)! : a));
}

/**
 * Reads a trip, shares it out and plans one pack, as the app does it: by its own engines, in workers.
 *
 * @param still what comes of it is shown at once, without the way to it
 */
export function useShowing(url: string, memberId: string, still: boolean): Showing {
  const [showing, tell] = useReducer(told, { trip: undefined, share: [], best: undefined });
  const begun = useRef(false);
  useEffect(() => {
    const runs: Run<unknown>[] = [];
    let gone = false;
    const show = async (): Promise<void> => {
      const trip = parseTripFile(await (await fetch(url)).text());
      if (gone) return;
      tell({ type: 'read', trip });
      const sharing = runShare({ ...trip, share: [] }, SEED, LEVEL_GIVE, () => {});
      runs.push(sharing);
      const solved = (await sharing.result) as SolvedShare | undefined;
      if (gone || solved?.kind !== 'solved') return;
      tell({ type: 'shared', best: solved.share });
      const shared = { ...trip, share: solved.share };
      const stowing = runStows(
        shared,
        [memberId],
        SEED,
        (stow) => tell({ type: 'stowed', stow }),
        () => {},
      );
      runs.push(stowing);
      await stowing.result;
    };
    if (!begun.current)
      show().catch((error: unknown) =>
        tell({ type: 'failed', why: error instanceof Error ? error.message : String(error) }),
      );
    begun.current = true;
    return () => {
      gone = true;
      for (const run of runs) run.stop();
    };
  }, [url, memberId]);
  const { share, best } = showing;
  const isDone = best === undefined || share === best;
  useEffect(() => {
    if (isDone) return undefined;
    const timer = setTimeout(() => tell({ type: still ? 'done' : 'handed' }), still ? 0 : PIECE_MS);
    return () => clearTimeout(timer);
  }, [isDone, still, share]);
  return showing;
}
