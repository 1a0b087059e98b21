import { useState } from 'react';
import {
  boundKey,
  LEVEL_GIVE,
  LEVEL_GIVE_FOR_DAYS,
  meanDaySpread,
  NO_BOUND,
  shareFigures,
  type ShareResult,
} from '@graft/core/share';
import { lockPiece, replaceShare, type Trip } from '@graft/core/trip';
import { useTrip } from '../shared/tripContext';
import { useRun, type RunHandle } from '../shared/useRun';
import { runShare } from '../workers/engine';
import { mapRun, type Run } from '../workers/run';
import { movedByHand, SHARE_OUT } from './movedByHand';
import { SEED } from './seed';
import { Refused } from '../shared/runs';
import { land } from '../shared/land';

/** What a new share aims at. */
export const GIVES = { peak: 'Lowest peak', days: 'Kinder days' } as const;
export type Give = keyof typeof GIVES;
const LEVEL_GIVES: Readonly<Record<Give, number>> = { peak: LEVEL_GIVE, days: LEVEL_GIVE_FOR_DAYS };

/** What came of one aim: the share, its largest load, and how far apart the loads of a day are in the mean. */
interface End {
  readonly share: Trip['share'];
  readonly largest: number;
  readonly spread: number;
}
type Ends = Readonly<Record<Give, End>>;

export interface ShareOut {
  readonly run: RunHandle;
  readonly give: Give;
  /** Aim at it; where both ends are worked out and the share is one of them, take the other. */
  readonly setGive: (give: Give) => void;
  /** Both ends of the last share, as long as the same is to be shared. */
  readonly ends: Ends | undefined;
  /** Pieces that were moved by hand, about which somebody is asked before they are moved again. */
  readonly asked: readonly string[] | undefined;
  readonly cancel: () => void;
  /** Share out, or ask first. */
  readonly begin: () => void;
  /** @param keep pieces that are locked first, so that they stay where somebody put them */
  readonly shareOut: (keep?: readonly string[]) => void;
  /** A level below which no share of what is to be shared now is, where that was proven here. */
  readonly provenLevel: number | undefined;
}

/** A new share of all that is not locked; goes on when the station is left. */
export function useShareOut(say: (ratio: number) => string): ShareOut {
  const { walked, change, session } = useTrip();
  const run = useRun('Sharing out', { outlives: true });
  const [asked, setAsked] = useState<readonly string[] | undefined>();
  const [give, setGive] = useState<Give>('peak');
  const [proof, setProof] = useState<{ readonly of: object; readonly level: number } | undefined>();
  const [known, setKnown] = useState<{ readonly of: object; readonly ends: Ends } | undefined>();
  const ends = known?.of === boundKey(walked) ? known.ends : undefined;

  const shareOut = async (keep: readonly string[] = []): Promise<void> => {
    setAsked(undefined);
    const locked = (t: Trip): Trip => keep.reduce((next, id) => lockPiece(next, id, true), t);
    const otherAim = give === 'peak' ? 'days' : 'peak';
    const began = session().trip;
    const outcome = await run.start((tell) =>
      solvedOnly(
        runShare(
          locked(walked),
          SEED,
          LEVEL_GIVES[give],
          (done, largestRatio) => tell(done, `Best so far ${say(largestRatio)}; Stop keeps it`),
          LEVEL_GIVES[otherAim],
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
    if (result.other !== undefined) {
      const endOf = (share: Trip['share']): End => {
        const shared = shareFigures(replaceShare(locked(walked), share), NO_BOUND);
        return { share, largest: shared.largestRatio, spread: meanDaySpread(shared) };
      };
      const both = { [give]: endOf(result.share), [otherAim]: endOf(result.other.share) };
      setKnown({ of: boundKey(locked(walked)), ends: both as unknown as Ends });
    }
    if (result.proven) setProof({ of: boundKey(locked(walked)), level: result.reachedLevel });
  };
  return {
    run,
    give,
    setGive: (aim) => {
      setGive(aim);
      if (ends !== undefined && aim !== give && isSame(session().trip.share, ends[give].share))
        change(`share: ${GIVES[aim].toLowerCase()}`, (t) => replaceShare(t, ends[aim].share));
    },
    ends,
    asked,
    cancel: () => setAsked(undefined),
    begin: () => {
      const moved = movedByHand(session());
      if (moved.length > 0) setAsked(moved);
      else void shareOut();
    },
    shareOut: (keep) => void shareOut(keep),
    provenLevel: proof?.of === boundKey(walked) ? proof.level : undefined,
  };
}

/** Whether everything is with the same carriers. */
function isSame(one: Trip['share'], other: Trip['share']): boolean {
  const carriers = new Map(one.map((a) => [a.pieceId, a.memberId]));
  return one.length === other.length && other.every((a) => carriers.get(a.pieceId) === a.memberId);
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
