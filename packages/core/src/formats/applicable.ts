/** Of several edits those that a trip can take, one after another; the others with what is against them. */
import { withTidyStows } from '../trip/changes.js';
import { applyEdits, type TripEdit } from '../trip/edits.js';
import type { Trip } from '../trip/model.js';
import { tripErrors } from './tripFile.js';

export interface SetAside {
  readonly edit: TripEdit;
  readonly why: string;
}
export interface Applicable {
  readonly trip: Trip;
  readonly setAside: readonly SetAside[];
}

/**
 * An edit that only works with a later one is tried again after it.
 *
 * @param trip free of errors
 */
export function applicableEdits(trip: Trip, edits: readonly TripEdit[]): Applicable {
  let now = trip;
  let waiting: readonly SetAside[] = edits.map((edit) => ({ edit, why: '' }));
  for (let before = -1; waiting.length !== before;) {
    before = waiting.length;
    waiting = waiting.flatMap(({ edit }) => {
      // Where things are in packs follows who carries them.
      const next = withTidyStows(applyEdits(now, [edit]));
      const [error] = tripErrors(next);
      if (error !== undefined) return [{ edit, why: `${error.path}: ${error.message}` }];
      now = next;
      return [];
    });
  }
  return { trip: now, setAside: waiting };
}
