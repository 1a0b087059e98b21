/** Findings that the leader has put aside. */
import type { Trip } from '../trip/model.js';

/** Put a finding aside with a reason. */
export function dismissFinding(trip: Trip, id: string, reason: string): Trip {
  return { ...trip, dismissals: [...trip.dismissals.filter((d) => d.id !== id), { id, reason }] };
}

/** Take a finding up again. */
export function recallFinding(trip: Trip, id: string): Trip {
  return { ...trip, dismissals: trip.dismissals.filter((d) => d.id !== id) };
}
