/** How many things are found in a small pocket without emptying it (common practice; the numbers are Graft's own). */
import type { ZoneKind } from '../trip/model.js';

export const HANDFUL: Readonly<Partial<Record<ZoneKind, number>>> = { lid: 7, hipBelt: 4, strap: 4 };

/** How many too many things a pocket of a kind holds. */
export function beyondHandful(kind: ZoneKind | undefined, count: number): number {
  const most = kind === undefined ? undefined : HANDFUL[kind];
  return most === undefined ? 0 : Math.max(0, count - most);
}
