/** What a share that can be trusted still needs, in the order of the work. */
import type { Trip } from '../trip/model.js';
import { allPieces, allThings } from '../trip/queries.js';
import { isUnweighed } from './unknownThing.js';
import { isOwnUnknown } from './ownFigure.js';

export interface StillMissing {
  readonly what: 'people' | 'bodies' | 'own' | 'kit' | 'masses' | 'food';
  /** The station where it is put in. */
  readonly at: 'people' | 'kit' | 'larder';
  /** Of how many; 0 where there is none at all yet. */
  readonly count: number;
}

/** Nothing is missing of a trip that has left: what it carries is in the packs. */
export function stillMissing(trip: Trip): readonly StillMissing[] {
  if (trip.departure !== undefined) return [];
  const { members } = trip;
  const missing: StillMissing[] = [];
  const add = (what: StillMissing['what'], at: StillMissing['at'], count: number): number =>
    missing.push({ what, at, count });
  if (members.length === 0) add('people', 'people', 0);
  const bodies = members.filter((m) => m.bodyEstimated === true).length;
  if (bodies > 0) add('bodies', 'people', bodies);
  const own = members.filter((m) => isOwnUnknown(trip, m)).length;
  if (own > 0) add('own', 'people', own);
  if (!allPieces(trip).some((p) => p.madeBy === undefined)) add('kit', 'kit', 0);
  const unweighed = allThings(trip).filter(isUnweighed).length;
  if (unweighed > 0) add('masses', 'kit', unweighed);
  if (!hasFood(trip)) add('food', 'larder', 0);
  return missing;
}

/** Food that is planned or listed; where one eats at a hut, or is back in the evening, nobody has to plan any. */
function hasFood(trip: Trip): boolean {
  if (trip.style === 'hut' || trip.legs.length === 1 || trip.meals.length > 0) return true;
  return (
    trip.supplies.some((s) => /food|meal|dinner|supper/i.test(s.name)) ||
    allThings(trip).some((t) => t.purpose === 'food')
  );
}
