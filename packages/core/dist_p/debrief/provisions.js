/** Food, fuel and water that were taken and what of it came back, by cook group and person-day. */
import { canisterFuelKg, fuelPlan } from '../larder/fuelPlan.js';
import { cookGroups, eaters, isCarried, portions } from '../larder/mealPlan.js';
import { snackStretches } from '../larder/ownFood.js';
import { waterOnLegL } from '../load/waterShare.js';
import { asWalked, uneatenMeals } from '../trail/asWalked.js';
import { allThings, isPersonal, isWithParty } from '../trip/queries.js';
/** Days on which a group's members walked with the party. */
export function personDays(trip, groupId) {
    return eaters(trip, groupId).reduce((sum, m) => sum + trip.legs.filter((_leg, i) => isWithParty(m, i + 1)).length, 0);
}
/**
 * What is used up of things that were listed by hand, kg: a group's own pieces, its part by people of what is for all,
 * and what its members have themselves.
 */
function usedByHandKg(trip, groupId, purposes) {
    const people = eaters(trip, groupId);
    const part = trip.members.length === 0 ? 0 : people.length / trip.members.length;
    return allThings(trip)
        .filter((t) => t.madeBy === undefined && purposes.includes(t.purpose))
        .reduce((sum, thing) => {
        const kg = thing.massKg - (thing.consumption?.residueKg ?? 0);
        if (isPersonal(thing))
            return people.some((m) => m.id === thing.memberId) ? sum + kg : sum;
        if (thing.onlyGroupId === groupId)
            return sum + kg;
        return thing.onlyGroupId === undefined ? sum + kg * part : sum;
    }, 0);
}
/** Food of a group without packaging, kg: of the larder, and what was listed by hand. */
export function foodTakenKg(trip, groupId) {
    const people = eaters(trip, groupId);
    const mealsG = trip.meals
        .filter((m) => m.groupId === groupId && isCarried(m))
        .reduce((sum, m) => sum + m.dish.gPerServing * portions(trip, groupId), 0);
    const snacksKg = people.flatMap((m) => snackStretches(trip, m)).reduce((sum, s) => sum + s.massKg, 0);
    return mealsG / 1000 + snacksKg + usedByHandKg(trip, groupId, ['food', 'snack']);
}
export function provisions(trip) {
    const walked = asWalked(trip);
    const uneaten = uneatenMeals(trip).filter((u) => u.toDay === undefined);
    return cookGroups(trip)
        .filter((g) => eaters(trip, g.id).length > 0)
        .map((group) => {
        const left = trip.leftovers.find((l) => l.groupId === group.id);
        const foodKg = foodTakenKg(trip, group.id);
        const days = personDays(walked, group.id);
        const fuelKg = trip.canisters
            .filter((c) => c.groupId === group.id)
            .reduce((sum, c) => sum + canisterFuelKg(c), usedByHandKg(trip, group.id, ['fuel']));
        const burntKg = left?.fuelKg === undefined ? undefined : Math.max(0, fuelKg - left.fuelKg);
        const perDay = (kg) => (days === 0 ? 0 : (1000 * kg) / days);
        return {
            group,
            personDays: days,
            foodKg,
            notEatenKg: uneaten.filter((u) => u.meal.groupId === group.id).reduce((sum, u) => sum + u.massKg, 0),
            fuelKg,
            fuelNeedKg: fuelPlan(trip, group).needKg,
            ...(left?.foodKg === undefined
                ? {}
                : { foodLeftKg: left.foodKg, eatenGPerDay: perDay(Math.max(0, foodKg - left.foodKg)) }),
            ...(burntKg === undefined
                ? {}
                : { fuelLeftKg: left.fuelKg, burntKg, burntGPerDay: perDay(burntKg) }),
        };
    });
}
/** Water against the plan, day by day. */
export function waterTaken(trip) {
    return trip.legs.map((leg, i) => {
        const litres = trip.events.filter((e) => e.kind === 'water' && e.day === i + 1).at(-1)?.litres;
        return {
            day: i + 1,
            plannedL: waterOnLegL(leg),
            ...(litres === undefined ? {} : { takenL: litres }),
        };
    });
}
//# sourceMappingURL=provisions.js.map