import { expose } from 'comlink';
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
  type ShareProgress,
  type ShareResult,
} from '@graft/core/share';
import {
  alternatives,
  assess,
  cureOf,
  planStow,
  restow,
  repack,
  rideAdvice,
  stowProblem,
  type RideAdvice,
  type StowMove,
  type Symptom,
} from '@graft/core/stow';
import type { Placement, Stow, Trip } from '@graft/core/trip';

/** Of so many other places it is told what they cost. */
const PLACES_TOLD = 3;

const engine = {
  share(
    trip: Trip,
    seed: number,
    levelGive: number,
    otherGive: number | undefined,
    onProgress: (progress: ShareProgress) => void,
  ): ShareResult {
    return solveShare(shareProblem(trip), {
      seed,
      levelGive,
      ...(otherGive === undefined ? {} : { otherGive }),
      onProgress: (progress) => void onProgress(progress),
    });
  },
  reshare(trip: Trip, day: number, aim: ReshareAim, seed: number): ReshareResult {
    return planReshare(trip, day, aim, seed);
  },
  standsOn(trip: Trip): StandsOn {
    return standsOn(trip, shareFigures(trip));
  },
  misfit(trip: Trip, seed: number, onProgress: (done: number) => void): Misfit | undefined {
    return shareMisfit(trip, seed, (done) => void onProgress(done));
  },
  stow(
    trip: Trip,
    memberId: string,
    seed: number,
    effort: number,
    onProgress: (done: number, best: Stow) => void,
  ): Stow {
    return planStow(trip, memberId, {
      seed,
      effort,
      onProgress: ({ done, best }) => void onProgress(done, best.stow),
    }).stow;
  },
  restow,
  /** The cheapest single move against each finding of a stow, in the order of the findings. */
  cures(
    trip: Trip,
    memberId: string,
    day: number,
    placements: readonly Placement[],
  ): readonly (StowMove | undefined)[] {
    const problem = stowProblem(trip, memberId, day);
    return assess(problem, placements).findings.map((f) => cureOf(problem, placements, f));
  },
  /** The next best places of a thing, the runner-up first. */
  alternatives(
    trip: Trip,
    memberId: string,
    day: number,
    placements: readonly Placement[],
    thingId: string,
  ): readonly StowMove[] {
    return alternatives(stowProblem(trip, memberId, day), placements, thingId, PLACES_TOLD);
  },
  /** The two moves that do most for a stow on a day. */
  repack(trip: Trip, memberId: string, day: number, placements: readonly Placement[]): readonly StowMove[] {
    return repack(stowProblem(trip, memberId, day), placements);
  },
  ride(
    trip: Trip,
    memberId: string,
    day: number,
    placements: readonly Placement[],
    symptom: Symptom,
    about: string | undefined,
  ): RideAdvice {
    const problem = stowProblem(trip, memberId, day);
    return rideAdvice(problem, assess(problem, placements), placements, symptom, about);
  },
};

export type Engine = typeof engine;
expose(engine);
