/** What the trip routes accept, as Yup schemas. */
import { array, boolean, lazy, mixed, number, object, string, type AnySchema } from 'yup';
import { FIELD_SCHEMAS, ITEM_SCHEMAS, isIsoDate, isTimeZone, type Checked } from '@graft/core/schema';
import { COLLECTIONS, OPTIONAL_TRIP_FIELDS, TRIP_FIELDS, TRIP_STYLES, type TripEdit } from '@graft/core/trip';
import { noUnknown } from '../http/checked.js';

const version = number()
  .strict()
  .typeError('expected a version number')
  .integer('expected a whole version number')
  .min(1, 'expected a version from 1')
  .required('expected the version the change is based on');

const name = string()
  .strict()
  .typeError('expected a name')
  .min(1, 'expected a name')
  .max(120, 'expected at most 120 characters')
  .required('expected a name');
const startDate = string()
  .strict()
  .typeError('expected a date such as "2027-05-10"')
  .required('expected a date such as "2027-05-10"')
  .test(
    'iso-date',
    'expected a date such as "2027-05-10"',
    (value) => value === undefined || isIsoDate(value),
  );

export const newTripRequest = object({
  name,
  startDate,
  days: number()
    .strict()
    .typeError('expected a whole number of days')
    .integer('expected a whole number of days')
    .min(1, 'expected at least 1 day')
    .max(60, 'expected at most 60 days')
    .required('expected a whole number of days'),
  style: string()
    .strict()
    .oneOf([...TRIP_STYLES], `expected one of ${TRIP_STYLES.join(', ')}`),
  timeZone: string()
    .strict()
    .test(
      'time-zone',
      'expected the name of a time zone such as "Europe/Dublin"',
      (value) => value === undefined || isTimeZone(value),
    ),
})
  .strict()
  .noUnknown(noUnknown);

export const duplicateRequest = object({ name, startDate }).strict().noUnknown(noUnknown);

export const archiveRequest = object({
  archived: boolean().strict().typeError('expected true or false').required('expected true or false'),
})
  .strict()
  .noUnknown(noUnknown);

const known = (name: string, choices: readonly string[]): AnySchema =>
  string()
    .strict()
    .oneOf([...choices], `expected one of ${choices.join(', ')}`)
    .required(`expected a ${name}: one of ${choices.join(', ')}`);
const key = string().strict().max(200, 'expected a key of at most 200 characters').required('expected a key');

/** Made once: making a schema takes longer than checking an edit by it. */
const edited = (kind: TripEdit['kind'], more: Record<string, Checked>): AnySchema =>
  object({ kind: string().strict().oneOf([kind]).required(), ...more }).noUnknown(noUnknown);
const collection = known('collection', COLLECTIONS);
const ofEach = <K extends string>(
  keys: readonly K[],
  schema: (key: K) => AnySchema,
): Map<unknown, AnySchema> => new Map(keys.map((key) => [key, schema(key)]));
const SET = ofEach(TRIP_FIELDS, (field) =>
  edited('set', { field: known('field', [field]), value: FIELD_SCHEMAS[field] as AnySchema }),
);
// Null takes an optional field away.
const UNSET = edited('set', { field: known('field', OPTIONAL_TRIP_FIELDS), value: mixed().nullable() });
const PUT = ofEach(COLLECTIONS, (name) =>
  edited('put', { collection: known('collection', [name]), item: ITEM_SCHEMAS[name] as AnySchema }),
);
const REMOVE = edited('remove', { collection, key });
const ORDER = edited('order', { collection, keys: array(key).max(3000).required('expected a list of keys') });
const NO_FIELD = edited('set', { field: known('field', TRIP_FIELDS), value: mixed().nullable() });
const NO_COLLECTION = edited('put', { collection, item: mixed() });
const NO_KIND = object({ kind: known('kind', ['set', 'put', 'remove', 'order']) });

/** Each kind of edit, its item checked by the schema of its own collection. */
const edit = lazy((value: unknown) => {
  const raw = (typeof value === 'object' && value !== null ? value : {}) as Record<string, unknown>;
  const isOptional = OPTIONAL_TRIP_FIELDS.some((f) => f === raw['field']);
  switch (raw['kind']) {
    case 'set':
      return raw['value'] === null && isOptional ? UNSET : (SET.get(raw['field']) ?? NO_FIELD);
    case 'put':
      return PUT.get(raw['collection']) ?? NO_COLLECTION;
    case 'remove':
      return REMOVE;
    case 'order':
      return ORDER;
    default:
      return NO_KIND;
  }
}).meta({ choices: [...SET.values(), UNSET, ...PUT.values(), REMOVE, ORDER] });

export const editRequest = object({
  version,
  edits: array(edit)
    .strict()
    .min(1, 'expected at least 1 edit')
    .max(5000, 'expected at most 5000 edits')
    // Each looks at its whole list.
    .test(
      'orders',
      `expected at most ${COLLECTIONS.length} orders`,
      (edits) =>
        (edits ?? []).filter((e) => (e as TripEdit | null)?.kind === 'order').length <= COLLECTIONS.length,
    )
    .required('expected a list of edits'),
})
  .strict()
  .noUnknown(noUnknown);

const VERSION = /^[1-9]\d{0,8}$/;
/** What a trip's version can be at most, as far as requests go. */
/** The version that a leader has seen of what they send. */
export const sendSheetsRequest = object({ version }).strict().noUnknown(noUnknown);

export const MOST_VERSIONS = 999_999_999;
export const versionQuery = object({
  version: string()
    .matches(VERSION, 'expected the version the change is based on')
    .required('expected the version the change is based on'),
});
export const belowQuery = object({
  below: string().strict().matches(VERSION, 'expected the version below which changes are wanted'),
})
  .strict()
  .noUnknown(noUnknown);
