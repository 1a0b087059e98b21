import type { FieldError } from '../schema/fieldError.js';
/** The longest that a member may write, characters. */
export declare const LONGEST_REPORT = 500;
/** Most marks that one request brings, and most that one mark takes the place of. */
export declare const MOST_MARKS = 500;
export declare const sheetMarksSchema: import("yup").ObjectSchema<{
    [x: string]: unknown;
}, import("yup").AnyObject, undefined, "d">;
/** Every error of what a device sends, with its path, such as `marks[0].id`; none when the marks may be kept. */
export declare function sheetMarkErrors(body: unknown): readonly FieldError[];
