/** What the trip routes accept, as Yup schemas. */
import { array, boolean, lazy, mixed, number, object, string, type AnySchema } from 'yup';
import {
  COLLECTIONS,
  FIELD_SCHEMAS,
  ITEM_SCHEMAS,
  isIsoDate,
  isTimeZone,
  OPTIONAL_TRIP_FIELDS,
  TRIP_FIELDS,
  TRIP_STYLES,
  type Collection,
  type TripField,
} from '@graft/core';
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

/** Each kind of edit, its item checked by the schema of its own collection. */
const edit = lazy((value: unknown) => {
  const raw = (typeof value === 'object' && value !== null ? value : {}) as Record<string, unknown>;
  const collection = COLLECTIONS.find((c): c is Collection => c === raw['collection']);
  const field = TRIP_FIELDS.find((f): f is TripField => f === raw['field']);
  switch (raw['kind']) {
    case 'set':
      return object({
        kind: string().required(),
        field: known('field', TRIP_FIELDS),
        // Null takes an optional field away.
        value:
          field === undefined || (raw['value'] === null && OPTIONAL_TRIP_FIELDS.some((f) => f === field))
            ? mixed().nullable()
            : (FIELD_SCHEMAS[field] as AnySchema),
      }).noUnknown();
    case 'put':
      return object({
        kind: string().required(),
        collection: known('collection', COLLECTIONS),
        item: collection === undefined ? mixed() : (ITEM_SCHEMAS[collection] as AnySchema),
      }).noUnknown();
    case 'remove':
      return object({
        kind: string().required(),
        collection: known('collection', COLLECTIONS),
        key,
      }).noUnknown();
    case 'order':
      return object({
        kind: string().required(),
        collection: known('collection', COLLECTIONS),
        keys: array(key).max(3000).required('expected a list of keys'),
      }).noUnknown();
    default:
      return object({ kind: known('kind', ['set', 'put', 'remove', 'order']) });
  }
});

export const editRequest = object({
  version,
  edits: array(edit)
    .strict()
    .min(1, 'expected at least 1 edit')
    .max(5000, 'expected at most 5000 edits')
    .required('expected a list of edits'),
})
  .strict()
  .noUnknown(noUnknown);

export const versionQuery = object({
  version: string()
    .matches(/^[1-9]\d{0,8}$/, 'expected the version the change is based on')
    .required('expected the version the change is based on'),
});
