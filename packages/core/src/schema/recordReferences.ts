/** References of what was noted on the way and afterwards. */

import { dayErrors, eventErrors } from './fieldReferences.js';
import type { RawTrip, Entry } from './rawTrip.js';
import { idsOf } from './rawTrip.js';

/** Members, things, groups and days that records speak of. */
export function checkRecords(raw: RawTrip): void {
  const memberIds = idsOf(raw.members);
  const thingIds = idsOf(raw.things);
  for (const key of ['roles', 'practice', 'weighIns', 'events', 'comfort', 'contacts', 'missed'])
    raw.expectAll(raw.of(key), 'memberId', memberIds, 'member');
  for (const key of ['arrangements', 'events', 'uses'])
    raw.expectAll(raw.of(key), 'thingId', thingIds, 'thing');
  for (const key of ['roles', 'events', 'comfort'])
    for (const { item, path } of raw.of(key)) raw.take(dayErrors(item, 'day', path, raw.days));
  raw.unique(raw.of('weighIns'), 'memberId', 'member');
  raw.unique(raw.of('uses'), 'thingId', 'thing');
  raw.unique(raw.of('leftovers'), 'groupId', 'cook group');
  for (const { item, path } of raw.of('notComing')) {
    const { id } = (item['member'] ?? {}) as { id?: unknown };
    if (typeof id === 'string' && memberIds.has(id))
      raw.refuse(`${path}.member.id`, `expected somebody who is not among the members, got "${id}"`);
  }
  for (const { item, path } of raw.of('events')) raw.take(eventErrors(item, path));
  for (const entry of raw.of('leftovers')) expectCookGroup(raw, entry);
}

/** A group that cooks: tents do not. */
export function expectCookGroup(raw: RawTrip, { item, path }: Entry): void {
  const { groupId } = item;
  if (typeof groupId === 'string' && raw.groupKinds.get(groupId) !== 'cook')
    raw.refuse(`${path}.groupId`, `expected the id of a cook group of this trip, got "${groupId}"`);
}
