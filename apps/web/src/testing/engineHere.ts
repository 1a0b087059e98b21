/** The engines of the planning worker, run where they are asked: tests have no workers. */
import { planStow, shareProblem, solveShare, type Stow, type Trip } from '@graft/core';
import type { Run } from '../workers/engine';

function runShare(
  trip: Trip,
  seed: number,
  onProgress: (done: number, largestRatio: number) => void,
): Run<ReturnType<typeof solveShare>> {
  const solve = (): ReturnType<typeof solveShare> =>
    solveShare(shareProblem(trip), {
      seed,
      onProgress: ({ done, best }) => onProgress(done, best.score.largestRatio),
    });
  return { result: Promise.resolve().then(solve), stop: () => undefined };
}

function runStows(
  trip: Trip,
  memberIds: readonly string[],
  seed: number,
  onStow: (stow: Stow) => void,
): Run<void> {
  const plan = (): void => memberIds.forEach((id) => onStow(planStow(trip, id, { seed }).stow));
  return { result: Promise.resolve().then(plan), stop: () => undefined };
}

export const engineHere = { runShare, runStows };
