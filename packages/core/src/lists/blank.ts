import type { Trip } from '../trip/model.js';

/** A trip in which nobody has done anything yet. */
export function isBlank({ members, kits, personalThings }: Trip): boolean {
  return members.length + kits.length + personalThings.length === 0;
}
