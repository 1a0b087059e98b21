/** What smells of food at night: the list for the evening's round, and its volume against hard containers. */
import { isCarriedOn, massOnDayKg, volumeOnDayL } from '../load/thingOnDay.js';
import { allPieces, allThings, carrierOf } from '../trip/queries.js';
import { cookGroups, mealsOfBlock, portions, servingG } from './mealPlan.js';
/** Dense food takes about so much of a container, litres a person-day (common practice, no source). */
export const CONTAINER_L_PER_PERSON_DAY = { from: 1.6, to: 2 };
const SCENTED_PURPOSES = ['food', 'snack', 'hygiene'];
/** Whether a thing goes into the round: marked as scented, or food and soap by what it is for. */
export function isScented(thing) {
    return thing.flags.includes('scented') || SCENTED_PURPOSES.includes(thing.purpose);
}
/** Every scented thing of the party with who carries it on the day before a night. */
function scentedThings(trip, night) {
    return [
        ...allPieces(trip)
            .filter(isScented)
            .map((thing) => ({ thing, memberId: carrierOf(trip, thing.id, night) })),
        ...trip.personalThings
            .filter((t) => isScented(t) && !t.worn)
            .map((thing) => ({ thing, memberId: thing.memberId })),
    ];
}
/** The breakfasts that a night still holds, eaten before anybody carries them on: without their packaging, which stays. */
function breakfastsAfter(trip, night) {
    let [massKg, volumeL] = [0, 0];
    for (const group of cookGroups(trip)) {
        const people = portions(trip, group.id);
        for (const { kind, dish } of mealsOfBlock(trip, group.id, night)) {
            if (kind !== 'breakfast')
                continue;
            massKg += (people * dish.gPerServing) / 1000;
            volumeL += (people * dish.volumeL * dish.gPerServing) / servingG(dish);
        }
    }
    return { massKg, volumeL };
}
/** Night by night: what is left of the scented things after the day's dinner, against the containers carried. */
export function scentedNights(trip) {
    const containers = allThings(trip).filter((t) => t.foodCapacityL !== undefined);
    return trip.legs.slice(0, -1).map((_leg, i) => {
        // After dinner the next morning's load is what is left, with what leaves today still there and tomorrow's not yet.
        const [night, morning] = [i + 1, i + 2];
        const left = ({ fromDay: _from, toDay: _to, ...rest }) => rest;
        const things = scentedThings(trip, night).filter(({ thing }) => isCarriedOn(thing, night) && volumeOnDayL(left(thing), morning) > 0);
        const breakfast = breakfastsAfter(trip, night);
        const dry = { ...trip.legs[i], afterRain: false };
        return {
            night,
            things,
            massKg: things.reduce((sum, { thing }) => sum + massOnDayKg(left(thing), morning, dry), breakfast.massKg),
            volumeL: things.reduce((sum, { thing }) => sum + volumeOnDayL(left(thing), morning), breakfast.volumeL),
            capacityL: containers
                .filter((t) => isCarriedOn(t, night))
                .reduce((sum, t) => sum + t.foodCapacityL, 0),
        };
    });
}
//# sourceMappingURL=scented.js.map