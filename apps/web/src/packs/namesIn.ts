import type { StowAssessment } from '@graft/core/stow';

/** Names of a stow's things by their ids; an id that is not there stands for itself. */
export function namesIn(stow: Pick<StowAssessment, 'placed'>): (id: string) => string {
  const names = new Map(stow.placed.map((p) => [p.thing.id, p.thing.name]));
  return (id) => names.get(id) ?? id;
}
