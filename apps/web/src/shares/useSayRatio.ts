import type { Trip } from '@graft/core/trip';
import { useLimits } from '../shared/useLimits';

/** A load by the trip's own measure, in words: "84 %", "21.3 kg". */
export type SayRatio = (ratio: number, rounding?: 'nearest' | 'down') => string;

export function useSayRatio(trip: Trip): SayRatio {
  const { measure } = useLimits();
  return (ratio, rounding = 'nearest') => measure(trip.fairness, ratio, 1, rounding);
}
