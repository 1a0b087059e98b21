/** What each member has carried how far: kilogram-kilometres, the record that makes a long trip's fairness plain. */
import { loadsOverTrip } from '../load/memberLoad.js';
import { isSameName, nameKey } from '../trip/names.js';
/**
 * The record of a trip as planned, with its handovers. Loads are each day's heaviest, so the record is a little high
 * for all alike.
 */
export function carriedWork(trip) {
    const records = trip.members.map((member) => {
        const loads = loadsOverTrip(trip, member);
        let totalKgKm = 0;
        let groupKgKm = 0;
        const afterDay = loads.map((load, i) => {
            totalKgKm += load.totalKg * trip.legs[i].distanceKm;
            groupKgKm += load.groupKg * trip.legs[i].distanceKm;
            return totalKgKm;
        });
        return { member, totalKgKm, groupKgKm, afterDay };
    });
    const all = records.reduce((sum, r) => sum + r.groupKgKm, 0);
    return records.map((r) => ({ ...r, groupPart: all === 0 ? 0 : r.groupKgKm / all }));
}
/** What some people, known by their names, carried on another trip; undefined when none of them was there. */
export function carriedBefore(other, names) {
    const wanted = new Set(names.map(nameKey));
    const members = carriedWork(other)
        .filter((w) => wanted.has(nameKey(w.member.name)))
        .map(({ member, totalKgKm, groupKgKm }) => ({ name: member.name, totalKgKm, groupKgKm }));
    return members.length === 0 ? undefined : members;
}
/** A member's record over earlier trips. */
export function earlierWork(earlier, memberName) {
    const own = earlier.flatMap((t) => t.members.filter((m) => isSameName(m.name, memberName)));
    return {
        trips: own.length,
        totalKgKm: own.reduce((sum, m) => sum + m.totalKgKm, 0),
        groupKgKm: own.reduce((sum, m) => sum + m.groupKgKm, 0),
    };
}
//# sourceMappingURL=carriedWork.js.map