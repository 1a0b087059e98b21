/**
 * Checks a value against a Yup schema, by size before content. A list or text that is too long is refused without a
 * look at what it holds. No more errors are gathered than anybody reads. What a value costs hangs on its bytes alone.
 *
 * Yup judges each place by itself, where it is not plainly right. The walk over objects and lists is done here: Yup's
 * own looks at every entry of a list of any length, and keeps every error.
 */
import { ValidationError, type AnySchema, type Lazy } from 'yup';
import type { FieldError } from './fieldError.js';
import { isPlain, isRecord } from './plainPlace.js';
import { MOST_REPEATED } from '../units/repeated.js';

/** Most errors told of one input: whoever mends fifty has it read anew. */
export const MOST_ERRORS = 50;
/** For lists and texts whose schema names no size of its own. */
const LONGEST_LIST = 5000;
const LONGEST_TEXT = 20_000;

export type Checked = AnySchema | Lazy<unknown>;
/** What Yup's objects and lists are made of. */
interface Parts {
  readonly fields?: Readonly<Record<string, Checked>>;
  readonly innerType?: Checked;
}

export interface Examined {
  /** With their paths; `MOST_ERRORS` at most. */
  readonly errors: readonly FieldError[];
  /** Whether all of the value was looked at: it has the size that it may have, and few errors. */
  readonly whole: boolean;
}

/** What a schema finds in a value, with paths under `base`. */
export function examine(schema: Checked, value: unknown, base = ''): Examined {
  const found: Found = { errors: [], whole: true };
  check(schema, value, base, found);
  return found;
}

/** The errors a schema finds in a value, with paths under `base`; `MOST_ERRORS` at most. */
export function schemaErrors(schema: Checked, value: unknown, base = ''): readonly FieldError[] {
  return examine(schema, value, base).errors;
}

interface Found {
  readonly errors: FieldError[];
  whole: boolean;
}

function check(schema: Checked, value: unknown, path: string, found: Found): void {
  const here = schema.resolve({ value }) as AnySchema;
  const most = mostOf(here, value);
  if (most === undefined) {
    checkInside(here, value, path, found);
    add(found, placeErrors(here, value, path));
    return;
  }
  found.whole = false;
  // Of what is too long, as much as tells so.
  const text = value as string | readonly unknown[];
  const [long] = placeErrors(here, text.slice(0, Math.max(most + 1, MOST_REPEATED)), path);
  // How long it is says more than how it begins.
  const got = `got ${text.length} ${typeof text === 'string' ? 'characters' : 'entries'}`;
  const message =
    long?.message.replace(/, got [^]*$/, `, ${got}`) ?? `expected a length of at most ${most}, ${got}`;
  add(found, [{ path, message }]);
}

function add(found: Found, errors: readonly FieldError[]): void {
  found.errors.push(...errors.slice(0, MOST_ERRORS - found.errors.length));
  if (found.errors.length === MOST_ERRORS) found.whole = false;
}

/** The fields of an object and the entries of a list, until there are enough errors. */
function checkInside(schema: AnySchema, value: unknown, path: string, found: Found): void {
  const enough = (): boolean => found.errors.length >= MOST_ERRORS;
  const { fields, innerType } = schema as unknown as Parts;
  if (fields !== undefined && isRecord(value)) {
    for (const key of Object.keys(fields)) {
      if (enough()) return;
      check(fields[key]!, value[key], path === '' ? key : `${path}.${key}`, found);
    }
  } else if (innerType !== undefined && Array.isArray(value)) {
    for (let i = 0; i < value.length && !enough(); i += 1) check(innerType, value[i], `${path}[${i}]`, found);
  }
}

const PLACE_ALONE = { strict: true, abortEarly: false, recursive: false, disableStackTrace: true } as const;

/** What is wrong with a place itself, whatever is wrong inside it. */
function placeErrors(schema: AnySchema, value: unknown, path: string): readonly FieldError[] {
  if (isPlain(schema, value)) return [];
  try {
    schema.validateSync(withFewKeys(schema, value), { ...PLACE_ALONE, path } as never);
    return [];
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const inner = error.inner.length > 0 ? error.inner : [error];
    // A missing value fails several tests of one field; the reader needs it once.
    return [...new Set(inner.map((e) => e.message))].map((message) => ({ path, message }));
  }
}

/** Of an object with many more fields than its schema knows, as many as a message tells: names are long to compare. */
function withFewKeys(schema: AnySchema, value: unknown): unknown {
  const { fields } = schema as unknown as Parts;
  if (fields === undefined || !isRecord(value)) return value;
  const most = Object.keys(fields).length + MOST_ERRORS;
  const some: Record<string, unknown> = {};
  let count = 0;
  for (const key in value) {
    if (count === most) return some;
    some[key] = value[key];
    count += 1;
  }
  return value;
}

const declared = new WeakMap<AnySchema, number>();

/** How long a list or text may be; undefined where it is no longer than that, or neither. */
function mostOf(schema: AnySchema, value: unknown): number | undefined {
  const isText = typeof value === 'string' && schema.type === 'string';
  if (!isText && !(Array.isArray(value) && schema.type === 'array')) return undefined;
  let most = declared.get(schema);
  if (most === undefined) {
    most = declaredMost(schema) ?? (isText ? LONGEST_TEXT : LONGEST_LIST);
    declared.set(schema, most);
  }
  return value.length > most ? most : undefined;
}

function declaredMost(schema: AnySchema): number | undefined {
  for (const test of schema.tests) {
    const { name, params } =
      (test as { OPTIONS?: { name?: string; params?: { max?: unknown } } }).OPTIONS ?? {};
    if (name === 'max' && typeof params?.max === 'number') return params.max;
  }
  return undefined;
}
