import { useEffect, useState } from 'react';
import { isOverloaded, raisedBound, shareGap, type ShareBound, type ShareFigures } from '@graft/core/share';
import type { Trip } from '@graft/core/trip';
import { useRun } from '../shared/useRun';
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
  const { start, drop } = useRun('Raising the bound');
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
    const timer = setTimeout(() => {
      void start(() => runLevelBound(trip, level)).then((outcome) => {
        if (outcome.kind === 'dropped') return;
        // Without an answer the bound stays what it is: true, if not the best.
        const found = outcome.kind === 'done' ? outcome.value : undefined;
        setAnswer({
          of: bound,
          bound: found === undefined ? bound : raisedBound(bound, found),
          failed: outcome.kind === 'failed' ? outcome.message : '',
        });
      });
    }, REST_MS);
    return () => {
      clearTimeout(timer);
      drop();
    };
  }, [wanted, trip, bound, level, start, drop]);
  const best = known?.bound ?? bound;
  return { bound: best, gap: shareGap(level, best.level), failed: known?.failed ?? '' };
}
