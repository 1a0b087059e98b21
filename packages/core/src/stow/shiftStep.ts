/** Loading what goes in with one step earlier or later. */
import type { Placement } from '../trip/model.js';
import type { StowAssessment } from './assessment.js';
import type { LoadingStep } from './loadingSteps.js';

/**
 * The placements of a stow with the things of a step loaded before those of the step before it, or after those of the
 * next one, in the same compartment; undefined where there is none, and for what goes into pockets.
 */
export function shiftStep(
  stow: Pick<StowAssessment, 'placed'>,
  placements: readonly Placement[],
  steps: readonly LoadingStep[],
  step: LoadingStep,
  by: -1 | 1,
): readonly Placement[] | undefined {
  const compartmentOf = new Map(stow.placed.map((p) => [p.thing.id, p.compartmentId]));
  const compartment = (s: LoadingStep): string | undefined => compartmentOf.get(s.thingIds[0] ?? '');
  const here = compartment(step);
  if (here === undefined) return undefined;
  const beside = steps.filter((s) => compartment(s) === here);
  const at = beside.findIndex((s) => s.id === step.id);
  const other = beside[at + by];
  if (at < 0 || other === undefined) return undefined;
  [beside[at], beside[at + by]] = [other, step];
  const turn = beside.flatMap((s) => s.thingIds);
  const moved = new Set(turn);
  const byId = new Map(placements.map((p) => [p.thingId, p]));
  const inTurn = turn.map((id) => byId.get(id)!).values();
  return placements.map((p) => (moved.has(p.thingId) ? inTurn.next().value! : p));
}
