/** What later trips learn from one that is over: small, plain, and without the plan's details. */
import { dayLoad } from '../load/memberLoad.js';
import { isSafetyKit } from '../trip/safetyKit.js';
import { asWalked } from '../trail/asWalked.js';
import { allThings, isPersonal, memberById } from '../trip/queries.js';
import { addDays } from '../units/isoDate.js';
import { provisions } from './provisions.js';
import { nameKey } from '../trip/names.js';
/**
 * The record of a trip.
 *
 * @param id the trip's id in whatever keeps it
 */
export function tripRecord(id, trip) {
    const walked = asWalked(trip);
    const fates = new Map(trip.uses.map((u) => [u.thingId, u.fate]));
    const groups = provisions(trip);
    const fed = groups.filter((g) => g.foodLeftKg !== undefined);
    const burnt = groups.filter((g) => g.burntKg !== undefined);
    const sum = (list, of) => list.reduce((total, item) => total + of(item), 0);
    return {
        id,
        name: trip.name,
        style: trip.style,
        startDate: trip.startDate,
        things: allThings(trip).flatMap((thing) => {
            const fate = fates.get(thing.id);
            return fate === undefined || thing.madeBy !== undefined ? [] : [recordedThing(trip, thing, fate)];
        }),
        missed: trip.missed.map((m) => ({
            name: m.name,
            ...(m.memberId === undefined ? {} : { memberName: memberById(trip, m.memberId).name }),
        })),
        days: trip.comfort.map((mark) => {
            const leg = trip.legs[mark.day - 1];
            const member = memberById(walked, mark.memberId);
            return {
                memberName: member.name,
                date: addDays(trip.startDate, mark.day - 1),
                day: mark.day,
                loadKg: dayLoad(walked, member, mark.day).totalKg,
                distanceKm: leg.distanceKm,
                climbM: leg.climbM,
                hours: leg.hours,
                comfort: mark.comfort,
                hurts: mark.hurts,
            };
        }),
        ...(fed.length === 0
            ? {}
            : {
                food: {
                    personDays: sum(fed, (g) => g.personDays),
                    eatenKg: sum(fed, (g) => Math.max(0, g.foodKg - g.foodLeftKg)),
                },
            }),
        ...(burnt.length === 0
            ? {}
            : {
                fuel: {
                    personDays: sum(burnt, (g) => g.personDays),
                    burntKg: sum(burnt, (g) => g.burntKg),
                    needKg: sum(burnt, (g) => g.fuelNeedKg),
                },
            }),
    };
}
function recordedThing(trip, thing, fate) {
    return {
        name: thing.name,
        ...(thing.libraryId === undefined ? {} : { libraryId: thing.libraryId }),
        ...(isPersonal(thing) ? { memberName: memberById(trip, thing.memberId).name } : {}),
        fate,
    };
}
/** A record without what it says of people who are not among these. */
export function recordFor(record, names) {
    const known = new Set(names.map(nameKey));
    const isKnown = (name) => name === undefined || known.has(nameKey(name));
    return {
        ...record,
        things: record.things.filter((t) => isKnown(t.memberName)),
        missed: record.missed.filter((m) => isKnown(m.memberName)),
        days: record.days.filter((d) => isKnown(d.memberName)),
    };
}
/** Whether a thing can ever be suggested to stay at home. */
export function mayStay(thing) {
    if (isSafetyKit(thing) || thing.madeBy !== undefined)
        return false;
    return !(isPersonal(thing) && thing.want === 'required');
}
//# sourceMappingURL=tripRecord.js.map