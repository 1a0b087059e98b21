import type { LoadingStep, StowAssessment } from '@graft/core/stow';

/** Things that are in after some loading steps; what is inside of another goes in with it. */
export function loadedBy(
  stow: StowAssessment,
  loading: readonly LoadingStep[],
  done: number,
): ReadonlySet<string> {
  const stepOf = (thingId: string): number => loading.findIndex((step) => step.thingIds.includes(thingId));
  return new Set(stow.placed.filter((p) => stepOf(p.insideId ?? p.thing.id) < done).map((p) => p.thing.id));
}
