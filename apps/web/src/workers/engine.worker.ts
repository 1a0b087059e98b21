import { expose } from 'comlink';
import {
  planStow,
  shareProblem,
  solveShare,
  type ShareProgress,
  type ShareResult,
  type Stow,
  type Trip,
} from '@graft/core';

const engine = {
  share(trip: Trip, seed: number, onProgress: (progress: ShareProgress) => void): ShareResult {
    return solveShare(shareProblem(trip), { seed, onProgress: (progress) => void onProgress(progress) });
  },
  stow(trip: Trip, memberId: string, seed: number): Stow {
    return planStow(trip, memberId, { seed }).stow;
  },
};

export type Engine = typeof engine;
expose(engine);
