/** Why nobody may carry something, and what would let somebody. */
import type { Trip } from '../trip/model.js';

/**
 * @param byRule indexes of the members whom rules and locks leave
 * @param here those of them who are with the party whenever it is carried
 * @param isLocked it is locked to those
 */
export function whyNobody(
  trip: Trip,
  byRule: readonly number[],
  here: readonly number[],
  isLocked: boolean,
): string {
  if (byRule.length === 0) return 'no member may carry it: let others carry it, at Kit';
  if (here.length > 0) return 'too big for the packs of all who may carry it';
  const names = byRule.map((i) => trip.members[i]!.name);
  const who = `${names.join(' or ')}, who ${names.length === 1 ? 'is' : 'are'} not with the party on all its days`;
  if (isLocked) return `locked to ${who}: unlock it`;
  return byRule.length < trip.members.length
    ? `only for ${who}: let others carry it, at Kit`
    : 'those who may carry it are not with the party on all its days';
}
