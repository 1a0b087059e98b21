/**
 * Whether a value is plainly as a schema wants it, by the schema's own sizes, patterns and choices. Nearly all of an
 * input is. Yup takes twenty times as long to find nothing wrong, so it is asked only about the rest. What is not
 * plainly right may still be: Yup then decides. A property over odd values says that the two agree.
 */
import type { AnySchema } from 'yup';
/** What Yup takes for an object. */
export declare function isRecord(value: unknown): value is Readonly<Record<string, unknown>>;
/** Whether there is plainly nothing wrong with a place; what lies inside it is not looked at. */
export declare function isPlain(schema: AnySchema, value: unknown): boolean;
