/** Handovers as a leader sees them: who gives what to whom, what it weighs, and what each carrier's load becomes. */
import { dayLoad, legOfDay } from '../load/memberLoad.js';
import { massOnDayKg, volumeOnDayL } from '../load/thingOnDay.js';
import { handOver } from '../trip/changes.js';
import { nameAlone, carrierOf, memberById, sharedThings } from '../trip/queries.js';
/**
 * The trip as it is once something has happened: from that day on a member can carry less, or walks with the party no
 * more (the day before is their last).
 *
 * @throws RangeError for a member who leaves before the second day: they are not on the trip
 */
export function afterEvent(trip, event) {
    if (event.kind === 'none')
        return trip;
    const change = (of) => ({
        ...trip,
        members: trip.members.map((m) => (m.id === event.memberId ? of(m) : m)),
    });
    if (event.kind === 'leaves') {
        if (event.day < 2)
            throw new RangeError(`expected day 2 or later, got ${event.day}`);
        return change((m) => ({ ...m, lastDay: event.day - 1 }));
    }
    const condition = {
        label: event.label,
        fromDay: event.day,
        toDay: trip.legs.length,
        factor: event.factor,
    };
    return change((m) => ({ ...m, conditions: [...m.conditions, condition] }));
}
/** Whether carriers of a problem sleep or cook together. */
export function nearIn(trip, problem) {
    const members = problem.carriers.map((c) => memberById(trip, c.memberId));
    return (a, b) => areNear(members[a], members[b]);
}
function areNear(a, b) {
    return ((a.tentGroupId !== undefined && a.tentGroupId === b.tentGroupId) ||
        (a.cookGroupId !== undefined && a.cookGroupId === b.cookGroupId));
}
/** "Lake: pot, stove": what the names have in common is said once. */
export function namesTogether(names) {
    const [first = ''] = names;
    const head = first.slice(0, first.indexOf(': ') + 2);
    return names.length > 1 && head.length > 1 && names.every((name) => name.startsWith(head))
        ? head + names.map((name) => name.slice(head.length)).join(', ')
        : names.join(', ');
}
/** Handovers in their order, those of one set together. */
export function handoverSets(handovers) {
    const sets = new Map();
    for (const h of handovers) {
        const key = `${h.setId} ${h.from?.id ?? ''}`;
        sets.set(key, [...(sets.get(key) ?? []), h]);
    }
    return [...sets].map(([id, those]) => ({ id, from: those[0].from, to: those[0].to, handovers: those }));
}
/** Moves as handovers: people who live together first, then pair by pair, heaviest first. */
export function proposedHandovers(trip, day, moves) {
    const pieces = new Map(sharedThings(trip).map((p) => [p.id, p]));
    const list = moves.map(({ pieceId, toMemberId, setId }) => {
        const fromId = carrierOf(trip, pieceId, day);
        const piece = pieces.get(pieceId);
        const to = memberById(trip, toMemberId);
        const there = Math.min(trip.legs.length, Math.max(day, piece.fromDay ?? day));
        const from = fromId === undefined ? undefined : memberById(trip, fromId);
        return {
            piece,
            name: nameAlone(trip, piece),
            from,
            to,
            massKg: massOnDayKg(piece, there, legOfDay(trip, there)),
            volumeL: volumeOnDayL(piece, there),
            day: there,
            setId,
            near: from !== undefined && areNear(from, to),
        };
    });
    const pair = (h) => `${h.from?.id ?? ''} ${h.to.id}`;
    return list.sort((a, b) => Number(b.near) - Number(a.near) ||
        (pair(a) < pair(b) ? -1 : pair(a) > pair(b) ? 1 : b.massKg - a.massKg));
}
/** The trip with some handovers made on a day, and why. */
export function withHandovers(trip, day, handovers, reason) {
    return handOver(trip, day, handovers.map((h) => ({ pieceId: h.piece.id, toMemberId: h.to.id })), reason);
}
/** A member's largest ratio to the own limit from a day on; 0 for somebody who has left. */
export function largestRatioFrom(trip, member, day) {
    return Math.max(...trip.legs.slice(day - 1).map((_leg, i) => dayLoad(trip, member, day + i).ratio));
}
//# sourceMappingURL=handovers.js.map