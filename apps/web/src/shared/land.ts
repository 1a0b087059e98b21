import type { Trip } from '@graft/core/trip';
import type { RunHandle } from './useRun';

/**
 * Take the result of a run into the trip, unless what it would replace was changed since it began: then it is put up for
 * decision.
 *
 * @param began the trip as it was when the run began, and `now` as it is
 * @param replaced the fields that the result takes the place of
 * @param text what is asked
 * @returns whether it was taken
 */
export function land(
  run: RunHandle,
  began: Trip,
  now: Trip,
  replaced: readonly (keyof Trip)[],
  take: () => void,
  text: string,
): boolean {
  const isUntouched = replaced.every((field) => now[field] === began[field]);
  if (isUntouched) take();
  else run.offer(text, take);
  return isUntouched;
}
