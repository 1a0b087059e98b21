import { formatMeasure } from '@graft/core/share';
import type { Trip } from '@graft/core/trip';
import { usePreferences } from '../shared/preferences';

/** A load by the trip's own measure, in words: "84 %", "21.3 kg". */
export type SayRatio = (ratio: number, rounding?: 'nearest' | 'down') => string;

export function useSayRatio(trip: Trip): SayRatio {
  const { massUnit } = usePreferences();
  return (ratio, rounding = 'nearest') => formatMeasure(trip.fairness, ratio, massUnit, 1, rounding);
}
