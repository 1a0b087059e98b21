export declare const TRIP_FILE_FORMAT = "graft-trip";
export declare const TRIP_FILE_VERSION = 8;
/** Pieces of one kit at most. */
export declare const MOST_PIECES = 300;
/** Time zones that this machine's calendar knows. */
export declare function isTimeZone(value: unknown): boolean;
/** Points of an imported track at most; a longer track is thinned when it is imported. */
export declare const MAX_TRACK_POINTS = 3000;
/** What a pack on the scale may say. */
export declare const WEIGH_IN_RANGES: {
    readonly measuredKg: readonly [0.1, 80];
    readonly waterL: readonly [0, 20];
};
/** One record schema per collection of a trip; the API validates a single edited item with the same one. */
export declare const ITEM_SCHEMAS: {
    readonly legs: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly waypoints: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly supplies: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly weather: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly roles: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly groups: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly packs: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly members: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly kits: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly personalThings: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly meals: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly canisters: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly pickups: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly arrangements: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly dismissals: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly practice: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly carrierRules: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly share: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly handovers: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly variants: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly stows: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly weighIns: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly events: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly comfort: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly contacts: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly uses: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly missed: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly leftovers: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    readonly chores: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
};
/** The single-valued fields of a trip. */
export declare const FIELD_SCHEMAS: {
    id: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    name: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    style: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    startDate: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    timeZone: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    place: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    notes: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    packingSchool: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    houseRules: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    limitPolicy: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    fairness: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    foodStorage: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    longestDayH: import("yup").NumberSchema<number | undefined, import("yup").AnyObject, undefined, "">;
    setOff: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    waterLPerH: import("yup").NumberSchema<number | undefined, import("yup").AnyObject, undefined, "">;
    insects: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    byAir: import("yup").BooleanSchema<boolean | undefined, import("yup").AnyObject, undefined, "">;
    larder: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    leaveAfterTrips: import("yup").NumberSchema<number | undefined, import("yup").AnyObject, undefined, "">;
    departure: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    debriefedOn: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    track: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    dayMarksKm: import("yup").ArraySchema<(number | undefined)[] | undefined, import("yup").AnyObject, undefined, "">;
};
/** How many entries each list of a trip may have. */
export declare const LIST_SIZES: {
    readonly legs: readonly [1, 60];
    readonly waypoints: readonly [0, 300];
    readonly supplies: readonly [0, 60];
    readonly weather: readonly [0, 120];
    readonly roles: readonly [0, 600];
    readonly groups: readonly [0, 60];
    readonly packs: readonly [0, 100];
    readonly members: readonly [0, 60];
    readonly kits: readonly [0, 300];
    readonly personalThings: readonly [0, 3000];
    readonly meals: readonly [0, 2000];
    readonly canisters: readonly [0, 200];
    readonly pickups: readonly [0, 60];
    readonly arrangements: readonly [0, 500];
    readonly dismissals: readonly [0, 1000];
    readonly practice: readonly [0, 1000];
    readonly carrierRules: readonly [0, 200];
    readonly share: readonly [0, 3000];
    readonly handovers: readonly [0, 1000];
    readonly variants: readonly [0, 12];
    readonly stows: readonly [0, 60];
    readonly weighIns: readonly [0, 60];
    readonly events: readonly [0, 2000];
    readonly comfort: readonly [0, 4000];
    readonly contacts: readonly [0, 200];
    readonly uses: readonly [0, 6000];
    readonly missed: readonly [0, 500];
    readonly leftovers: readonly [0, 60];
    readonly chores: readonly [0, 2000];
};
export declare const tripSchema: import("yup").ObjectSchema<{
    [x: string]: unknown;
}, import("yup").AnyObject, undefined, "d">;
export declare const tripFileSchema: import("yup").ObjectSchema<{
    [x: string]: unknown;
}, import("yup").AnyObject, undefined, "d">;
