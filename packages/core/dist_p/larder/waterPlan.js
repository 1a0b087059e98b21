/**
 * Water against what carries it: litres of each member's driest stretch against their containers, of which two are wanted
 * (one leaks one day: common practice, no source); the group's cooking water against its bags; treatment.
 */
import { isCarriedOn } from '../load/thingOnDay.js';
import { waterCarriedL, waterNeedL } from '../load/waterShare.js';
import { carriedPieces, allPieces, allThings, isPersonal, ownThings } from '../trip/queries.js';
import { cookingWaterL } from './fuelPieces.js';
import { cookGroups, eaters } from './mealPlan.js';
/** Independent water carriers each member should have (common practice, no source). */
export const CARRIERS_EACH = 2;
const holds = (thing) => thing.waterCapacityL !== undefined;
/** The water that each member carries on the day when it is most, against the containers that they have then. */
export function waterByMember(trip) {
    return trip.members.map((member) => {
        const litres = trip.legs.map((_leg, i) => waterCarriedL(trip, member.id, i + 1));
        const needL = Math.max(0, ...litres);
        const day = litres.indexOf(needL) + 1;
        // A bottle in the hand carries too, and so does a bag of the group's.
        const containers = [...ownThings(trip, member.id), ...carriedPieces(trip, member.id, day)].filter(holds);
        return {
            member,
            day,
            needL,
            capacityL: containers.reduce((sum, t) => sum + t.waterCapacityL, 0),
            containers,
        };
    });
}
/** What the party has to carry on a day against all that it can carry it in, bags of the group included, litres. */
export function partyWater(trip, day) {
    const there = allThings(trip).filter((t) => holds(t) && isCarriedOn(t, day));
    return {
        needL: trip.members.reduce((sum, m) => sum + waterCarriedL(trip, m.id, day), 0),
        capacityL: there.reduce((sum, t) => sum + t.waterCapacityL, 0),
    };
}
/** Cooking water at dry camps against the group's bags; the party's bags count for each group by its share of people. */
export function campWater(trip) {
    if (!trip.larder.cookWaterPieces)
        return [];
    const bags = allPieces(trip).filter(holds);
    const groups = cookGroups(trip);
    const everybody = groups.reduce((sum, g) => sum + eaters(trip, g.id).length, 0);
    return trip.legs.flatMap((leg, i) => {
        if (leg.campWaterL <= 0)
            return [];
        return groups
            .filter((g) => eaters(trip, g.id).length > 0)
            .map((group) => {
            const share = eaters(trip, group.id).length / everybody;
            const capacityL = bags.reduce((sum, bag) => sum +
                (bag.onlyGroupId === group.id
                    ? bag.waterCapacityL
                    : bag.onlyGroupId === undefined
                        ? bag.waterCapacityL * share
                        : 0), 0);
            return { day: i + 1, groupId: group.id, needL: cookingWaterL(trip, group.id, i + 1), capacityL };
        });
    });
}
/** What treating water takes (Graft's own round numbers; the maker's instructions and the land manager's rules come first). */
export const TREATMENTS_FACTS = {
    none: { name: 'none', minutesPerL: 0, waitMinutes: 0, note: 'only where the water is known to be safe' },
    filter: { name: 'filter', minutesPerL: 1, waitMinutes: 0, note: 'keep it from freezing' },
    tablets: { name: 'tablets', minutesPerL: 0, waitMinutes: 30, note: 'one a litre; longer in cold water' },
    boil: { name: 'boiling', minutesPerL: 0, waitMinutes: 0, note: 'a rolling boil; the fuel is counted' },
};
/** What the party has to treat each day, and how long that takes with one device. */
export function treatmentByDay(trip) {
    const facts = TREATMENTS_FACTS[trip.larder.treatment];
    return trip.legs.map((_leg, i) => {
        const litres = trip.members.reduce((sum, m) => sum + waterNeedL(trip, m, i + 1), 0);
        return { day: i + 1, litres, minutes: litres === 0 ? 0 : litres * facts.minutesPerL + facts.waitMinutes };
    });
}
/** Whether water is treated with something that has to be carried for it. */
export function treatsByKit({ larder }) {
    return larder.treatment !== 'none' && larder.treatment !== 'boil';
}
/** Whether the party carries what its way of treating water needs. */
export function hasTreatment(trip) {
    if (!treatsByKit(trip))
        return true;
    return allThings(trip).some((t) => t.purpose === 'filter' && !(isPersonal(t) && t.worn));
}
//# sourceMappingURL=waterPlan.js.map