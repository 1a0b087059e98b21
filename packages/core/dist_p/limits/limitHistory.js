/** The record of a member's carry limit: every change with its date, who made it and why. */
import { freshId } from '../trip/changes.js';
import { packOf } from '../trip/queries.js';
import { carryLimit } from './carryLimit.js';
/** The newest changes that are kept of a member. */
const MOST_ENTRIES = 100;
/** Limits closer than this are the same limit, kg. */
const SAME_KG = 0.05;
/**
 * Note down every limit that a change of the trip has moved. Conditions do not count: they come and go with their days.
 *
 * @param today ISO date of the entry
 * @param who name of the person who made the change
 * @param why the change in words
 */
export function recordLimitChanges(before, after, today, who, why) {
    const limitOf = (trip, id) => {
        const member = trip.members.find((m) => m.id === id);
        if (member === undefined)
            return undefined;
        return carryLimit({ ...member, conditions: [] }, packOf(trip, member), 1, trip.limitPolicy).limitKg;
    };
    let changed = false;
    const members = after.members.map((member) => {
        const fromKg = limitOf(before, member.id);
        const toKg = limitOf(after, member.id);
        if (fromKg === undefined || Math.abs(toKg - fromKg) < SAME_KG)
            return member;
        changed = true;
        const id = freshId(`limit-${today}`, member.limitHistory.map((h) => h.id));
        const limitHistory = [...member.limitHistory, { id, date: today, who, fromKg, toKg, why }];
        return { ...member, limitHistory: limitHistory.slice(-MOST_ENTRIES) };
    });
    return changed ? { ...after, members } : after;
}
//# sourceMappingURL=limitHistory.js.map