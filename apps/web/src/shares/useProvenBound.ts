import { useEffect, useState } from 'react';
import { isOverloaded, raisedBound, shareGap, type ShareBound, type ShareFigures } from '@graft/core/share';
import type { Trip } from '@graft/core/trip';
import { runLevelBound } from '../workers/solver';

/** Before a bound is worth a linear program, the hand must have rested for this long. */
const REST_MS = 1200;
/** A share this near to the bound needs no better one. */
const NEAR_ENOUGH = 0.0005;

interface ProvenBound {
  readonly bound: ShareBound;
  /** The distance from it. */
  readonly gap: number;
  /** Why the bound could not be raised; empty where nothing failed. */
  readonly failed: string;
}

/** The best bound that is known for the shown share; raised by a linear program once there is rest. */
export function useProvenBound(trip: Trip, figures: ShareFigures): ProvenBound {
  const [answer, setAnswer] = useState<{ of: ShareBound; bound: ShareBound; failed: string } | undefined>();
  const { bound, level } = figures;
  const known = answer?.of === bound ? answer : undefined;
  const wanted =
    known === undefined &&
    figures.unshared.length === 0 &&
    figures.gap > NEAR_ENOUGH &&
    !figures.members.some(isOverloaded);
  useEffect(() => {
    if (!wanted) return;
    let over = false;
    let stop: () => void = () => undefined;
    const timer = setTimeout(() => {
      const run = runLevelBound(trip, level);
      stop = run.stop;
      run.result
        .then((found) => {
          // Without an answer the bound stays what it is: true, if not the best.
          if (!over)
            setAnswer({
              of: bound,
              bound: found === undefined ? bound : raisedBound(bound, found),
              failed: '',
            });
        })
        .catch((error: unknown) => {
          if (!over)
            setAnswer({ of: bound, bound, failed: error instanceof Error ? error.message : String(error) });
        });
    }, REST_MS);
    return () => {
      over = true;
      clearTimeout(timer);
      stop();
    };
  }, [wanted, trip, bound, level]);
  const best = known?.bound ?? bound;
  return { bound: best, gap: shareGap(level, best.level), failed: known?.failed ?? '' };
}
