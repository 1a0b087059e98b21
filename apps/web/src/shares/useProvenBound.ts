import { useEffect, useState } from 'react';
import { raisedBound, shareGap, type ShareBound, type ShareFigures, type Trip } from '@graft/core';
import { runLevelBound } from '../workers/solver';

/** Before a bound is worth a linear program, the hand must have rested for this long. */
const REST_MS = 1200;
/** A share this near to the bound needs no better one. */
const NEAR_ENOUGH = 0.0005;

/** The best bound that is known for the shown share, and the distance from it; raised by a linear program once there is rest. */
export function useProvenBound(trip: Trip, figures: ShareFigures): { bound: ShareBound; gap: number } {
  const [raised, setRaised] = useState<{ of: ShareBound; bound: ShareBound } | undefined>();
  const known = raised !== undefined && raised.of === figures.bound ? raised.bound : figures.bound;
  const wanted =
    figures.unshared.length === 0 &&
    figures.gap > NEAR_ENOUGH &&
    raised?.of !== figures.bound &&
    figures.members.every((m) => m.loads.every((l) => l.totalKg <= l.limitKg));
  const { bound, level } = figures;
  useEffect(() => {
    if (!wanted) return;
    let stop: () => void = () => undefined;
    const timer = setTimeout(() => {
      const run = runLevelBound(trip, level);
      stop = run.stop;
      // A bound that cannot be raised stays what it is: true, if not the best.
      run.result
        .then((found) =>
          setRaised({ of: bound, bound: found === undefined ? bound : raisedBound(bound, found) }),
        )
        .catch(() => setRaised({ of: bound, bound }));
    }, REST_MS);
    return () => {
      clearTimeout(timer);
      stop();
    };
  }, [wanted, trip, bound, level]);
  return { bound: known, gap: shareGap(level, known.level) };
}
