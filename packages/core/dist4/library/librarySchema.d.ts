import type { FieldError } from '../schema/fieldError.js';
/** Entries of a library at most. */
export declare const MOST_ENTRIES = 3000;
/** Trips that an entry remembers at most. */
export declare const MOST_OUTINGS = 200;
export declare const libraryEntrySchema: import("yup").Lazy<any, import("yup").AnyObject, any>;
/** Every error of an entry: its schema, and what contradicts itself in its things. */
export declare function libraryEntryErrors(value: unknown, base?: string): readonly FieldError[];
