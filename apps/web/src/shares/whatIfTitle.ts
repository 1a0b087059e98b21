import { whatIfText } from '@graft/core/share';
import type { Trip, WhatIf } from '@graft/core/trip';

/** All that is supposed, in words. */
export function whatIfTitle(trip: Trip, changes: readonly WhatIf[]): string {
  return changes.map((c) => whatIfText(trip, c)).join('; ');
}
