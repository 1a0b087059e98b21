/** The engines of the workers, run where they are asked: tests have no workers. */
import { standsOn, type StandsOn } from '@graft/core/report';
import {
  planReshare,
  shareFigures,
  shareMisfit,
  shareProblem,
  solveShare,
  type Misfit,
  type ReshareAim,
  type ReshareResult,
} from '@graft/core/share';
import {
  assess,
  cureOf,
  planStow,
  restow,
  rideAdvice,
  stowProblem,
  type Restow,
  type RideAdvice,
  type StowMove,
  type Symptom,
} from '@graft/core/stow';
import type { Placement, Stow, Trip } from '@graft/core/trip';
import type { Run } from '../workers/run';

/** Enough for trips of a test, whatever the engine would take. */
const ITERATIONS = 40_000;
const STOW_ITERATIONS = 3_000;

function here<T>(work: () => T): Run<T> {
  return { result: Promise.resolve().then(work), stop: () => undefined };
}

export const engineHere = {
  runShare: (
    trip: Trip,
    seed: number,
    levelGive: number,
    onProgress: (done: number, largestRatio: number) => void,
    otherGive?: number,
  ): Run<ReturnType<typeof solveShare>> =>
    here(() =>
      solveShare(shareProblem(trip), {
        seed,
        levelGive,
        ...(otherGive === undefined ? {} : { otherGive }),
        iterations: ITERATIONS,
        onProgress: ({ done, best }) => onProgress(done, best.score.largestRatio),
      }),
    ),
  runReshare: (trip: Trip, day: number, aim: ReshareAim, seed: number): Run<ReshareResult> =>
    here(() => planReshare(trip, day, aim, seed)),
  runMisfit: (trip: Trip, seed: number): Run<Misfit | undefined> => here(() => shareMisfit(trip, seed)),
  runStandsOn: (trip: Trip): Run<StandsOn | undefined> => here(() => standsOn(trip, shareFigures(trip))),
  runStows: (
    trip: Trip,
    memberIds: readonly string[],
    seed: number,
    onStow: (stow: Stow) => void,
    onProgress: (done: number) => void,
  ): Run<void> =>
    here(() => {
      memberIds.forEach((id) => onStow(planStow(trip, id, { seed, iterations: STOW_ITERATIONS }).stow));
      onProgress(1);
    }),
  runRestow: (trip: Trip, memberIds: readonly string[], day: number): Run<readonly Restow[] | undefined> =>
    here(() => memberIds.flatMap((id) => restow(trip, id, day) ?? [])),
  runCures: (
    trip: Trip,
    memberId: string,
    day: number,
    placements: readonly Placement[],
  ): Run<readonly (StowMove | undefined)[]> =>
    here(() => {
      const problem = stowProblem(trip, memberId, day);
      return assess(problem, placements).findings.map((f) => cureOf(problem, placements, f));
    }),
  runRide: (
    trip: Trip,
    memberId: string,
    day: number,
    placements: readonly Placement[],
    symptom: Symptom,
    about: string | undefined,
  ): Run<RideAdvice> =>
    here(() => {
      const problem = stowProblem(trip, memberId, day);
      return rideAdvice(problem, assess(problem, placements), placements, symptom, about);
    }),
};

/** No proofs in tests: what they would raise or lower is tested where they are computed. */
export const solverHere = {
  runFewest: (): Run<undefined> => here(() => undefined),
};
