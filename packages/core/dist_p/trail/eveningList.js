/**
 * What is done in the evening for the next day: tomorrow's food moves up over what is eaten later, things are fetched or
 * left, people come (common practice, no source).
 */
import { fillingOf } from '../load/filling.js';
import { isCarriedOn } from '../load/thingOnDay.js';
import { placeOf } from '../stow/placeOf.js';
import { allThings, carriedPieces, carrierOf, isPersonal, isWithParty, nameAlone, ownInPack, } from '../trip/queries.js';
/** @param day the day whose evening it is, from 1; after the last one there is nothing to do */
export function eveningList(trip, day) {
    const next = day + 1;
    if (next > trip.legs.length)
        return { members: [], joins: [], leaves: [], comes: [] };
    // Water is filled where it is; it is no piece that somebody brings.
    const things = allThings(trip).filter((t) => !(isPersonal(t) && t.worn) && t.purpose !== 'water');
    const carrierName = (thing, on) => {
        const carrier = trip.members.find((m) => m.id === carrierOf(trip, thing.id, on));
        return carrier === undefined ? {} : { who: carrier.name };
    };
    const where = (at) => (at === undefined ? {} : { at });
    return {
        members: trip.members
            .filter((member) => isWithParty(member, day) && isWithParty(member, next))
            .map((member) => ({ member, movesUp: movesUp(trip, member, day) }))
            .filter(({ movesUp: those }) => those.length > 0),
        joins: things
            .filter((t) => t.fromDay === next)
            .map((t) => ({ id: t.id, name: nameAlone(trip, t), ...where(t.joinsAt), ...carrierName(t, next) })),
        leaves: things
            // What is eaten up leaves nothing to be given back.
            .filter((t) => t.toDay === day && (t.consumption === undefined || t.leavesAt !== undefined))
            .map((t) => ({ id: t.id, name: nameAlone(trip, t), ...where(t.leavesAt), ...carrierName(t, day) })),
        comes: trip.members
            .filter((m) => m.firstDay === next)
            .map((m) => ({ id: m.id, name: m.name, ...where(m.joinsAt) })),
    };
}
/** Food that is begun tomorrow and was there today. */
function movesUp(trip, member, day) {
    const mine = [...ownInPack(trip, member.id, day), ...carriedPieces(trip, member.id, day)];
    const { inside } = fillingOf(mine, day);
    // Their own is theirs: only what is another's says whose.
    const nameFor = (t) => isPersonal(t) && t.memberId === member.id ? t.name : nameAlone(trip, t);
    const holderOf = (t) => mine.find((other) => other.id === inside.get(t.id));
    return mine
        .filter((t) => (t.purpose === 'food' || t.purpose === 'snack') &&
        t.consumption?.fromDay === day + 1 &&
        isCarriedOn(t, day))
        .map((t) => ({
        id: t.id,
        name: nameFor(t),
        place: holderOf(t) === undefined ? placeOf(trip, member, t) : `in ${nameFor(holderOf(t))}`,
        onTheWay: t.needed === 'walking' || t.needed === 'hurry' || t.needed === 'stop',
    }));
}
//# sourceMappingURL=eveningList.js.map