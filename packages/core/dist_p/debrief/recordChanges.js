/** Changes of a trip's record, as pure functions from trip to trip. */
import { freshId } from '../trip/changes.js';
function put(list, item, isSame) {
    return list.some(isSame) ? list.map((x) => (isSame(x) ? item : x)) : [...list, item];
}
export function putWeighIn(trip, weighIn) {
    return { ...trip, weighIns: put(trip.weighIns, weighIn, (w) => w.memberId === weighIn.memberId) };
}
export function removeWeighIn(trip, memberId) {
    return { ...trip, weighIns: trip.weighIns.filter((w) => w.memberId !== memberId) };
}
/** Note an event; its id is made from its day and kind. */
export function addEvent(trip, event) {
    const id = freshId(`day-${event.day}-${event.kind}`, trip.events.map((e) => e.id));
    return { ...trip, events: [...trip.events, { ...event, id }] };
}
export function removeEvent(trip, id) {
    return { ...trip, events: trip.events.filter((e) => e.id !== id) };
}
/** How a member's day felt; one mark a member and day. */
export function putComfort(trip, mark) {
    const old = trip.comfort.find((c) => c.memberId === mark.memberId && c.day === mark.day);
    const id = old?.id ??
        freshId(`${mark.memberId.slice(0, 40)}-day-${mark.day}`, trip.comfort.map((c) => c.id));
    return { ...trip, comfort: put(trip.comfort, { ...mark, id }, (c) => c.id === id) };
}
export function removeComfort(trip, memberId, day) {
    return { ...trip, comfort: trip.comfort.filter((c) => c.memberId !== memberId || c.day !== day) };
}
export function putContact(trip, contact) {
    return { ...trip, contacts: put(trip.contacts, contact, (c) => c.id === contact.id) };
}
export function removeContact(trip, id) {
    return { ...trip, contacts: trip.contacts.filter((c) => c.id !== id) };
}
/** What became of things; undefined takes the word back. */
export function setFates(trip, thingIds, fate) {
    const ids = new Set(thingIds);
    const notes = new Map(trip.uses.map((u) => [u.thingId, u.note]));
    const others = trip.uses.filter((u) => !ids.has(u.thingId));
    if (fate === undefined)
        return { ...trip, uses: others };
    const said = thingIds.map((thingId) => {
        const note = notes.get(thingId);
        return { thingId, fate, ...(note === undefined ? {} : { note }) };
    });
    return { ...trip, uses: [...others, ...said] };
}
export function putMissed(trip, missed) {
    return { ...trip, missed: put(trip.missed, missed, (m) => m.id === missed.id) };
}
export function removeMissed(trip, id) {
    return { ...trip, missed: trip.missed.filter((m) => m.id !== id) };
}
export function putLeftover(trip, leftover) {
    return { ...trip, leftovers: put(trip.leftovers, leftover, (l) => l.groupId === leftover.groupId) };
}
//# sourceMappingURL=recordChanges.js.map