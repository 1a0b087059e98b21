/**
 * Checks a value against a Yup schema, by size before content. A list or text that is too long is refused without a
 * look at what it holds. No more errors are gathered than anybody reads. What a value costs hangs on its bytes alone.
 *
 * Yup judges each place by itself, where it is not plainly right. The walk over objects and lists is done here: Yup's
 * own looks at every entry of a list of any length, and keeps every error.
 */
import { type AnySchema, type Lazy } from 'yup';
import type { FieldError } from './fieldError.js';
/** Most errors told of one input: whoever mends fifty has it read anew. */
export declare const MOST_ERRORS = 50;
export type Checked = AnySchema | Lazy<unknown>;
export interface Examined {
    /** With their paths; `MOST_ERRORS` at most. */
    readonly errors: readonly FieldError[];
    /** Whether all of the value was looked at: it has the size that it may have, and few errors. */
    readonly whole: boolean;
}
/** What a schema finds in a value, with paths under `base`. */
export declare function examine(schema: Checked, value: unknown, base?: string): Examined;
/** The errors a schema finds in a value, with paths under `base`; `MOST_ERRORS` at most. */
export declare function schemaErrors(schema: Checked, value: unknown, base?: string): readonly FieldError[];
