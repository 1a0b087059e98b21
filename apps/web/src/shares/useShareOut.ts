import { useState } from 'react';
import {
  LEVEL_GIVE,
  LEVEL_GIVE_FOR_DAYS,
  type ShareBound,
  type ShareFigures,
  type ShareResult,
} from '@graft/core/share';
import { lockPiece, replaceShare, type Trip } from '@graft/core/trip';
import { useTrip } from '../shared/TripProvider';
import { useRun, type RunHandle } from '../shared/useRun';
import { runShare } from '../workers/engine';
import { mapRun, type Run } from '../workers/run';
import { movedByHand, SHARE_OUT } from './movedByHand';
import { SEED } from './seed';
import { Refused } from '../shared/runs';
import { land } from '../shared/land';

/** What a new share aims at. */
export const GIVES = { peak: 'lowest peak', days: 'evener days' } as const;
export type Give = keyof typeof GIVES;

export interface ShareOut {
  readonly run: RunHandle;
  readonly give: Give;
  readonly setGive: (give: Give) => void;
  /** Pieces that were moved by hand, about which somebody is asked before they are moved again. */
  readonly asked: readonly string[] | undefined;
  readonly cancel: () => void;
  /** Share out, or ask first. */
  readonly begin: () => void;
  /** @param keep pieces that are locked first, so that they stay where somebody put them */
  readonly shareOut: (keep?: readonly string[]) => void;
  /** A level below which no share of these pieces and people is, as far as it was proven here. */
  readonly proof: { readonly of: ShareBound; readonly level: number } | undefined;
}

/** A new share of all that is not locked; goes on when the station is left. */
export function useShareOut(figures: ShareFigures, say: (ratio: number) => string): ShareOut {
  const { walked, change, session } = useTrip();
  const run = useRun('Sharing out', { outlives: true });
  const [asked, setAsked] = useState<readonly string[] | undefined>();
  const [give, setGive] = useState<Give>('peak');
  const [proof, setProof] = useState<ShareOut['proof']>();

  const shareOut = async (keep: readonly string[] = []): Promise<void> => {
    setAsked(undefined);
    const locked = (t: Trip): Trip => keep.reduce((next, id) => lockPiece(next, id, true), t);
    const levelGive = give === 'days' ? LEVEL_GIVE_FOR_DAYS : LEVEL_GIVE;
    const began = session().trip;
    const outcome = await run.start((tell) =>
      solvedOnly(
        runShare(locked(walked), SEED, levelGive, (done, largestRatio) =>
          tell(done, `Best so far ${say(largestRatio)}; Stop keeps it`),
        ),
      ),
    );
    if (outcome.kind !== 'done' || outcome.value === undefined) return;
    const result = outcome.value;
    const adopt = (): void => change(SHARE_OUT, (t) => replaceShare(locked(t), result.share));
    land(
      run,
      began,
      session().trip,
      ['share', 'handovers'],
      adopt,
      'Sharing out is done. The share was changed meanwhile: taking the new one replaces those changes.',
    );
    if (result.proven) setProof({ of: figures.bound, level: result.reachedLevel });
  };
  return {
    run,
    give,
    setGive,
    asked,
    cancel: () => setAsked(undefined),
    begin: () => {
      const moved = movedByHand(session());
      if (moved.length > 0) setAsked(moved);
      else void shareOut();
    },
    shareOut: (keep) => void shareOut(keep),
    proof,
  };
}

/** Rules that contradict each other are a failure of the run, told wherever it is shown. */
function solvedOnly(
  run: Run<ShareResult | undefined>,
): Run<Extract<ShareResult, { kind: 'solved' }> | undefined> {
  return mapRun(run, (result) => {
    if (result?.kind === 'contradiction')
      throw new Refused(
        'No share keeps these rules together:',
        result.reasons.map((message) => ({ path: '', message })),
      );
    return result;
  });
}
