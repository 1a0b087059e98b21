import { expose } from 'comlink';
import {
  planReshare,
  planStow,
  shareMisfit,
  shareProblem,
  solveShare,
  type Misfit,
  type ReshareAim,
  type ReshareResult,
  type ShareProgress,
  type ShareResult,
  type Stow,
  type Trip,
} from '@graft/core';

const engine = {
  share(
    trip: Trip,
    seed: number,
    levelGive: number,
    onProgress: (progress: ShareProgress) => void,
  ): ShareResult {
    return solveShare(shareProblem(trip), {
      seed,
      levelGive,
      onProgress: (progress) => void onProgress(progress),
    });
  },
  reshare(trip: Trip, day: number, aim: ReshareAim, seed: number): ReshareResult {
    return planReshare(trip, day, aim, seed);
  },
  misfit(trip: Trip, seed: number, onProgress: (done: number) => void): Misfit | undefined {
    return shareMisfit(trip, seed, (done) => void onProgress(done));
  },
  stow(trip: Trip, memberId: string, seed: number): Stow {
    return planStow(trip, memberId, { seed }).stow;
  },
};

export type Engine = typeof engine;
expose(engine);
