/** Things of which nobody has said or guessed what they weigh: they count as nothing, and the shares are wrong by that. */
import type { Trip } from '../trip/model.js';
import { allThings, isPersonal } from '../trip/queries.js';
import { inSentence } from '../units/format.js';
import { findingId, type KitFinding } from './finding.js';
import { isUnweighed } from './unknownThing.js';

const MOST_NAMED = 4;

export function unweighedFindings(trip: Trip): readonly KitFinding[] {
  const things = allThings(trip).filter(isUnweighed);
  if (things.length === 0) return [];
  const named = things.slice(0, MOST_NAMED).map((t, i) => (i === 0 ? t.name : inSentence(t.name)));
  const more = things.length - named.length;
  return [
    {
      id: findingId('unweighed'),
      kind: 'unweighed',
      weight: 'must',
      what: `Without a weight: ${named.join(', ')}${more > 0 ? ` and ${more} more` : ''}`,
      why: 'nobody has weighed or guessed them: they count as nothing in every load',
      memberIds: [...new Set(things.filter(isPersonal).map((t) => t.memberId))],
      thingIds: things.map((t) => t.id),
      cures: [],
    },
  ];
}
