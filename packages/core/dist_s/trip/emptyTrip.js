import { DEFAULT_LARDER } from './larderModel.js';
import { DEFAULT_HOUSE_RULES } from './model.js';
/** A leg with nothing decided but its place in the trip. */
export function newLeg(id, name) {
    return {
        id,
        name,
        distanceKm: 0,
        climbM: 0,
        descentM: 0,
        ground: 'path',
        hours: 0,
        waterL: 1,
        campWaterL: 0,
        afterRain: false,
    };
}
/** A member of whom only the name is known: an average body, nothing tried, nothing set. */
export function newMember(id, name, packId) {
    return {
        id,
        name,
        bodyMassKg: 70,
        statureCm: 172,
        torsoCm: 48,
        ageBand: 'adult',
        experience: 'regular',
        conditions: [],
        carryTrials: [],
        limitHistory: [],
        packId,
    };
}
/** What a trip file of version 1 did not say, as it is taken to mean; also what a new trip starts with. */
export const NEW_IN_VERSION_2 = {
    style: 'camp',
    timeZone: 'UTC',
    limitPolicy: 'shareOfBodyWeight',
    foodStorage: 'none',
    longestDayH: 8,
    setOff: '08:00',
    waterLPerH: 0.5,
    waypoints: [],
    supplies: [],
    weather: [],
    roles: [],
};
/** What a trip file of version 2 did not say: no larder planned, nothing lent, nothing put aside. */
export const NEW_IN_VERSION_3 = {
    larder: DEFAULT_LARDER,
    meals: [],
    canisters: [],
    pickups: [],
    arrangements: [],
    dismissals: [],
};
/** What a trip file of version 3 did not say: fair by own limits, nothing handed over, nothing supposed. */
export const NEW_IN_VERSION_4 = {
    fairness: 'ownLimit',
    handovers: [],
    variants: [],
};
/** What a trip file of version 4 did not say: nobody has practised. */
export const NEW_IN_VERSION_5 = { practice: [] };
/** What a trip file of version 5 did not say: nothing recorded yet. */
export const NEW_IN_VERSION_6 = {
    weighIns: [],
    events: [],
    comfort: [],
    contacts: [],
    uses: [],
    missed: [],
    leftovers: [],
    chores: [],
};
/**
 * A trip with days and nothing else.
 *
 * @param days 1 or more
 */
export function emptyTrip(id, name, startDate, days) {
    return {
        id,
        name,
        ...NEW_IN_VERSION_2,
        ...NEW_IN_VERSION_3,
        ...NEW_IN_VERSION_4,
        ...NEW_IN_VERSION_5,
        ...NEW_IN_VERSION_6,
        startDate,
        packingSchool: 'middle',
        houseRules: DEFAULT_HOUSE_RULES,
        legs: Array.from({ length: days }, (_v, i) => newLeg(`day-${i + 1}`, `Day ${i + 1}`)),
        groups: [],
        packs: [],
        members: [],
        kits: [],
        personalThings: [],
        carrierRules: [],
        share: [],
        stows: [],
    };
}
//# sourceMappingURL=emptyTrip.js.map