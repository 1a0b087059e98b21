import { LEAST_STOW_EFFORT } from '@graft/core/stow';

/** Where a browser keeps how much of the usual work planning a pack may take on this device. */
const KEY = 'graft-stow-effort';

/**
 * Part of the usual moves of a stow search, from 0.02 to 1: all of them, unless somebody has set less by hand for a slow
 * device. Tests of the interface need no more than a stow that is good enough to look at.
 */
export function stowEffort(): number {
  const kept = Number(window.localStorage.getItem(KEY) ?? 1);
  return Number.isFinite(kept) ? Math.min(1, Math.max(LEAST_STOW_EFFORT, kept)) : 1;
}
