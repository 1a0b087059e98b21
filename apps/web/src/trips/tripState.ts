/** Where a trip stands, in words, and the station at which it goes on. */
import type { TripSummary } from '@graft/core/api';
import type { TripGlance } from '@graft/core/sheet';
import { addDays, formatPercent } from '@graft/core/units';
import { counted } from '../shared/words';

export interface TripState {
  readonly words: string;
  /** What to do next, and where. */
  readonly next: string;
  readonly station: string;
}

/** @param today as an ISO date */
export function tripState(
  trip: Pick<TripSummary, 'startDate' | 'days'>,
  glance: TripGlance,
  today: string,
  hidden: boolean,
): TripState {
  const { next, unshared, packs, stowed, ratios, pieces } = glance;
  switch (next) {
    case 'begin':
      return { words: 'Nothing in it yet', next: 'Begin', station: 'start' };
    case 'people':
      return {
        words: `${counted(pieces, 'piece')}, nobody to carry them`,
        next: 'Add people',
        station: 'people',
      };
    case 'kit':
      return { words: 'Nothing listed yet', next: 'List the kit', station: 'kit' };
    case 'shares':
      return {
        words: `${unshared} of ${counted(pieces, 'piece')} unshared`,
        next: 'Share out',
        station: 'shares',
      };
    case 'packs':
    case 'none':
  }
  const [least, most] = [Math.min(...ratios), Math.max(...ratios)];
  const [from, to] = [formatPercent(least, 0), formatPercent(most, 0)];
  const range = from === to ? to : `${from.replace(/\s?%$/, '')}–${to}`;
  const shared = hidden ? 'shared' : `shared at ${range} of limits`;
  if (next === 'packs')
    return { words: `${shared}, ${stowed} of ${packs} stowed`, next: 'Plan the packs', station: 'packs' };
  const words = `${shared}, all stowed`;
  if (today < trip.startDate) return { words, next: 'Send the sheets', station: 'sheets' };
  const isOver = today > addDays(trip.startDate, trip.days - 1);
  return isOver
    ? { words, next: 'Look back', station: 'debrief' }
    : { words, next: 'On the trail', station: 'trail' };
}
