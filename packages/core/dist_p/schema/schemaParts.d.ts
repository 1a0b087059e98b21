/**
 * Building blocks of Graft's schemas: strict texts, quantities, lists and records whose errors say what was expected and
 * what was got. Shared by the trip file and the kit library.
 */
import { type AnySchema as Schema, type Lazy } from 'yup';
import { SHAPE_KINDS } from '../trip/model.js';
/** Days of a trip at most. */
export declare const MAX_DAYS = 60;
export declare const say: (expected: string) => ({ originalValue }: {
    originalValue?: unknown;
}) => string;
/** Optional unless `required` is called on it; null is never allowed. */
export declare function worded<S extends Schema>(schema: S, expected: string): S;
export declare function required<S extends Schema>(schema: S): S;
/** A random UUID as devices give them to marks and notes. */
export declare const UUID_PATTERN: RegExp;
export declare const ID_PATTERN: RegExp;
export declare const id: () => import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
export declare const requiredId: () => import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
export declare function text(maxLength: number): import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
export declare const requiredText: (maxLength: number) => import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
export declare function quantity(low: number, high: number, unit: string): import("yup").NumberSchema<number | undefined, import("yup").AnyObject, undefined, "">;
export declare const requiredQuantity: (low: number, high: number, unit: string) => import("yup").NumberSchema<number | undefined, import("yup").AnyObject, undefined, "">;
/** How a load or a day felt. */
export declare const requiredComfort: () => import("yup").NumberSchema<number | undefined, import("yup").AnyObject, undefined, "">;
/** @param what such as "years" */
export declare function wholeNumber(low: number, high: number, what: string): import("yup").NumberSchema<number | undefined, import("yup").AnyObject, undefined, "">;
export declare function day(): import("yup").NumberSchema<number | undefined, import("yup").AnyObject, undefined, "">;
export declare const requiredDay: () => import("yup").NumberSchema<number | undefined, import("yup").AnyObject, undefined, "">;
export declare function oneOf(choices: readonly string[]): import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
export declare const requiredOneOf: (choices: readonly string[]) => import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
export declare const flag: () => import("yup").BooleanSchema<boolean | undefined, import("yup").AnyObject, undefined, "">;
export declare const requiredFlag: () => import("yup").BooleanSchema<boolean | undefined, import("yup").AnyObject, undefined, "">;
export declare function list(of: Schema, least: number, most: number): import("yup").ArraySchema<any[] | undefined, any, undefined, "">;
/** An optional object that knows all its fields. */
export declare function record(fields: Record<string, Schema | Lazy<unknown>>): import("yup").ObjectSchema<{
    [x: string]: unknown;
}, import("yup").AnyObject, undefined, "d">;
export declare const requiredRecord: (fields: Record<string, Schema | Lazy<unknown>>) => import("yup").ObjectSchema<{
    [x: string]: unknown;
}, import("yup").AnyObject, undefined, "d">;
/** Dates that exist: 2027-02-30 is refused. */
export declare function isIsoDate(value: unknown): boolean;
export declare const date: () => import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
export declare const requiredDate: () => import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
/** A date and time by the clocks of the place. */
export declare const requiredMoment: () => import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
export declare const size: () => import("yup").NumberSchema<number | undefined, import("yup").AnyObject, undefined, "">;
/** The schema of each shape. */
export declare const SHAPE_SCHEMAS: Readonly<Record<(typeof SHAPE_KINDS)[number], Schema>>;
/** Longest texts of a thing, characters. */
export declare const LONGEST_NAME = 120;
export declare const LONGEST_TOGETHER = 60;
export declare const thingFields: () => {
    id: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    name: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    massKg: import("yup").NumberSchema<number | undefined, import("yup").AnyObject, undefined, "">;
    massEstimated: import("yup").BooleanSchema<boolean | undefined, import("yup").AnyObject, undefined, "">;
    volumeL: import("yup").NumberSchema<number | undefined, import("yup").AnyObject, undefined, "">;
    shape: Lazy<any, import("yup").AnyObject, any>;
    flags: import("yup").ArraySchema<any[] | undefined, any, undefined, "">;
    needed: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    purpose: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    consumption: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    fromDay: import("yup").NumberSchema<number | undefined, import("yup").AnyObject, undefined, "">;
    joinsAt: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    leavesAt: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    toDay: import("yup").NumberSchema<number | undefined, import("yup").AnyObject, undefined, "">;
    wetFactor: import("yup").NumberSchema<number | undefined, import("yup").AnyObject, undefined, "">;
    waterCapacityL: import("yup").NumberSchema<number | undefined, import("yup").AnyObject, undefined, "">;
    foodCapacityL: import("yup").NumberSchema<number | undefined, import("yup").AnyObject, undefined, "">;
    measuredOn: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    owner: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    wear: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    expiresOn: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    needs: import("yup").ArraySchema<(string | undefined)[] | undefined, import("yup").AnyObject, undefined, "">;
    holds: import("yup").ObjectSchema<{
        [x: string]: unknown;
    }, import("yup").AnyObject, undefined, "d">;
    nestsIn: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    ridesLoose: import("yup").BooleanSchema<boolean | undefined, import("yup").AnyObject, undefined, "">;
    libraryId: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
    madeBy: import("yup").StringSchema<string | undefined, import("yup").AnyObject, undefined, "">;
};
export declare const dish: () => import("yup").ObjectSchema<{
    [x: string]: unknown;
}, import("yup").AnyObject, undefined, "d">;
/** Over how many carriers a kit goes at most. */
export declare const splitWays: () => import("yup").NumberSchema<number | undefined, import("yup").AnyObject, undefined, "">;
