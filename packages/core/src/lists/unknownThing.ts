/** A thing of which nobody knows more than its name. */
import type { ThingFacts } from '../library/libraryModel.js';

/** A soft thing of which nothing is known but its name: it has no mass until somebody says one. */
export const UNKNOWN_FACTS: ThingFacts = {
  massKg: 0,
  massEstimated: true,
  volumeL: 0.5,
  shape: { kind: 'pouch' },
  flags: [],
  needed: 'camp',
  purpose: 'other',
};

/** Whether nobody has said or guessed what a thing weighs. */
export function isUnweighed({
  massKg,
  massEstimated,
}: Pick<ThingFacts, 'massKg' | 'massEstimated'>): boolean {
  return massKg === 0 && massEstimated;
}
