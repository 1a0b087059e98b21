import { type Leg, type Member, type Trip } from './model.js';
/** A leg with nothing decided but its place in the trip. */
export declare function newLeg(id: string, name: string): Leg;
/** A member of whom only the name is known: an average body, nothing tried, nothing set. */
export declare function newMember(id: string, name: string, packId: string): Member;
/** What a trip file of version 1 did not say, as it is taken to mean; also what a new trip starts with. */
export declare const NEW_IN_VERSION_2: {
    readonly style: 'camp';
    readonly timeZone: 'UTC';
    readonly limitPolicy: 'shareOfBodyWeight';
    readonly foodStorage: 'none';
    readonly longestDayH: 8;
    readonly setOff: '08:00';
    readonly waterLPerH: 0.5;
    readonly waypoints: readonly [];
    readonly supplies: readonly [];
    readonly weather: readonly [];
    readonly roles: readonly [];
};
/** What a trip file of version 2 did not say: no larder planned, nothing lent, nothing put aside. */
export declare const NEW_IN_VERSION_3: {
    readonly larder: import("./larderModel.js").Larder;
    readonly meals: readonly [];
    readonly canisters: readonly [];
    readonly pickups: readonly [];
    readonly arrangements: readonly [];
    readonly dismissals: readonly [];
};
/** What a trip file of version 3 did not say: fair by own limits, nothing handed over, nothing supposed. */
export declare const NEW_IN_VERSION_4: {
    readonly fairness: 'ownLimit';
    readonly handovers: readonly [];
    readonly variants: readonly [];
};
/** What a trip file of version 4 did not say: nobody has practised. */
export declare const NEW_IN_VERSION_5: {
    readonly practice: readonly [];
};
/** What a trip file of version 5 did not say: nothing recorded yet. */
export declare const NEW_IN_VERSION_6: {
    readonly weighIns: readonly [];
    readonly events: readonly [];
    readonly comfort: readonly [];
    readonly contacts: readonly [];
    readonly uses: readonly [];
    readonly missed: readonly [];
    readonly leftovers: readonly [];
    readonly chores: readonly [];
};
/**
 * A trip with days and nothing else.
 *
 * @param days 1 or more
 */
export declare function emptyTrip(id: string, name: string, startDate: string, days: number): Trip;
