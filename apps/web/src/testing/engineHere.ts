/** The engines of the workers, run where they are asked: tests have no workers. */
import {
  planReshare,
  planStow,
  shareMisfit,
  shareProblem,
  solveShare,
  type Misfit,
  type ReshareAim,
  type ReshareResult,
  type Stow,
  type Trip,
} from '@graft/core';
import type { Run } from '../workers/run';

/** Enough for trips of a test, whatever the engine would take. */
const ITERATIONS = 40_000;

function here<T>(work: () => T): Run<T> {
  return { result: Promise.resolve().then(work), stop: () => undefined };
}

export const engineHere = {
  runShare: (
    trip: Trip,
    seed: number,
    levelGive: number,
    onProgress: (done: number, largestRatio: number) => void,
  ): Run<ReturnType<typeof solveShare>> =>
    here(() =>
      solveShare(shareProblem(trip), {
        seed,
        levelGive,
        iterations: ITERATIONS,
        onProgress: ({ done, best }) => onProgress(done, best.score.largestRatio),
      }),
    ),
  runReshare: (trip: Trip, day: number, aim: ReshareAim, seed: number): Run<ReshareResult> =>
    here(() => planReshare(trip, day, aim, seed)),
  runMisfit: (trip: Trip, seed: number): Run<Misfit | undefined> => here(() => shareMisfit(trip, seed)),
  runStows: (
    trip: Trip,
    memberIds: readonly string[],
    seed: number,
    onStow: (stow: Stow) => void,
  ): Run<void> => here(() => memberIds.forEach((id) => onStow(planStow(trip, id, { seed }).stow))),
};

/** No proofs in tests: what they would raise or lower is tested where they are computed. */
export const solverHere = {
  runLevelBound: (): Run<undefined> => here(() => undefined),
  runFewest: (): Run<undefined> => here(() => undefined),
};
