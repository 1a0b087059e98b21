/**
 * Building blocks of Graft's schemas: strict texts, quantities, lists and records whose errors say what was expected and
 * what was got. Shared by the trip file and the kit library.
 */
import { array, boolean, lazy, number, object, string, type AnySchema as Schema, type Lazy } from 'yup';
import { DISH_FORMS } from '../trip/larderModel.js';
import { THING_RANGES } from '../trip/thingRanges.js';
import { cut, repeated } from '../units/repeated.js';
import {
  COMPANIONS,
  FLAGS,
  HOLDER_TRAITS,
  MAKERS,
  MEANT_FOR,
  NEEDED,
  PURPOSES,
  SHAPE_KINDS,
  WEARS,
} from '../trip/model.js';

/** Days of a trip at most. */
export const MAX_DAYS = 60;

export const say =
  (expected: string) =>
  ({ originalValue }: { originalValue?: unknown }): string =>
    `expected ${expected}, got ${repeated(originalValue)}`;

/** Optional unless `required` is called on it; null is never allowed. */
export function worded<S extends Schema>(schema: S, expected: string): S {
  return schema.strict().typeError(say(expected)).nonNullable(say(expected)).meta({ expected }) as S;
}
export function required<S extends Schema>(schema: S): S {
  const expected = (schema.describe() as { meta?: { expected?: string } }).meta?.expected ?? 'a value';
  return schema.required(say(expected)) as S;
}

/** A random UUID as devices give them to marks and notes. */
export const UUID_PATTERN = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;
export const ID_PATTERN = /^[a-z0-9][a-z0-9-]{0,63}$/;
const ID_WORDS = 'an id of lower-case letters, digits and hyphens, 1 to 64 long';
export const id = () => worded(string().matches(ID_PATTERN, say(ID_WORDS)), ID_WORDS);
export const requiredId = () => required(id());

export function text(maxLength: number) {
  const words = `a text of 1 to ${maxLength} characters`;
  return worded(string().min(1, say(words)).max(maxLength, say(words)), words);
}
export const requiredText = (maxLength: number) => required(text(maxLength));

export function quantity(low: number, high: number, unit: string) {
  const words = `a number from ${low} to ${high}${unit === '' ? '' : ` ${unit}`}`;
  return worded(number().min(low, say(words)).max(high, say(words)), words);
}
export const requiredQuantity = (low: number, high: number, unit: string) =>
  required(quantity(low, high, unit));

/** How a load or a day felt. */
export const requiredComfort = () => requiredQuantity(1, 10, '(1 never again, 10 forgot I carried it)');

/** @param what such as "years" */
export function wholeNumber(low: number, high: number, what: string) {
  const words = `a whole number of ${what} from ${low} to ${high}`;
  return worded(number().integer(say(words)).min(low, say(words)).max(high, say(words)), words);
}

export function day() {
  const words = `a whole day number from 1 to ${MAX_DAYS}`;
  return worded(number().integer(say(words)).min(1, say(words)).max(MAX_DAYS, say(words)), words);
}
export const requiredDay = () => required(day());

export function oneOf(choices: readonly string[]) {
  const words = choices.length === 1 ? `"${choices[0]}"` : `one of ${choices.join(', ')}`;
  return worded(string().oneOf([...choices], say(words)), words);
}
export const requiredOneOf = (choices: readonly string[]) => required(oneOf(choices));

export const flag = () => worded(boolean(), 'true or false');
export const requiredFlag = () => required(flag());

export function list(of: Schema, least: number, most: number) {
  const words = `a list of ${least} to ${most} entries`;
  return required(worded(array(of).min(least, say(words)).max(most, say(words)), words));
}

/** An optional object that knows all its fields. */
export function record(fields: Record<string, Schema | Lazy<unknown>>) {
  return worded(object(fields), 'an object')
    .default(undefined)
    .noUnknown(
      ({ unknown }: { unknown?: string }) =>
        `has a field that is not part of the format: ${cut(unknown ?? '')}`,
    );
}
export const requiredRecord = (fields: Record<string, Schema | Lazy<unknown>>) => required(record(fields));

/** Dates that exist: 2027-02-30 is refused. */
export function isIsoDate(value: unknown): boolean {
  if (typeof value !== 'string' || !/^\d{4}-\d{2}-\d{2}$/.test(value)) return false;
  const time = Date.parse(`${value}T00:00:00Z`);
  return !Number.isNaN(time) && new Date(time).toISOString().startsWith(value);
}
const DATE_WORDS = 'a date such as "2027-05-10"';
export const date = () =>
  worded(
    string().test('iso-date', say(DATE_WORDS), (value) => value === undefined || isIsoDate(value)),
    DATE_WORDS,
  );
export const requiredDate = () => required(date());

const MOMENT_WORDS = 'a local date and time such as "2027-05-10T07:45"';
const MOMENT_PATTERN = /^(\d{4}-\d{2}-\d{2})T([01]\d|2[0-3]):[0-5]\d$/;
/** A date and time by the clocks of the place. */
export const requiredMoment = () =>
  required(
    worded(
      string().test(
        'moment',
        say(MOMENT_WORDS),
        (value) => value === undefined || isIsoDate(MOMENT_PATTERN.exec(value)?.[1]),
      ),
      MOMENT_WORDS,
    ),
  );

export const size = () => requiredQuantity(0.1, 300, 'cm');
const box = (kind: string) =>
  requiredRecord({ kind: requiredOneOf([kind]), lengthCm: size(), widthCm: size(), heightCm: size() });
const round = (kind: string) =>
  requiredRecord({ kind: requiredOneOf([kind]), lengthCm: size(), diameterCm: size() });
/** The schema of each shape. */
export const SHAPE_SCHEMAS: Readonly<Record<(typeof SHAPE_KINDS)[number], Schema>> = {
  block: box('block'),
  flat: box('flat'),
  cylinder: round('cylinder'),
  roll: round('roll'),
  long: round('long'),
  pouch: requiredRecord({ kind: requiredOneOf(['pouch']) }),
  stuff: requiredRecord({ kind: requiredOneOf(['stuff']), looseVolumeL: requiredQuantity(0, 200, 'L') }),
};
const unknownShape = required(
  worded(object({ kind: requiredOneOf(SHAPE_KINDS) }), 'an object').default(undefined),
);

const shape = () =>
  lazy((value: unknown) => {
    const kind = typeof value === 'object' && value !== null ? (value as { kind?: unknown }).kind : undefined;
    const known = SHAPE_KINDS.find((k) => k === kind);
    return known === undefined ? unknownShape : SHAPE_SCHEMAS[known];
  }).meta({ choices: Object.values(SHAPE_SCHEMAS) });

/** Longest texts of a thing, characters. */
export const LONGEST_NAME = 120;
export const LONGEST_TOGETHER = 60;

export const thingFields = () => ({
  id: requiredId(),
  name: requiredText(LONGEST_NAME),
  massKg: requiredQuantity(...THING_RANGES.massKg, 'kg'),
  massEstimated: requiredFlag(),
  volumeL: requiredQuantity(...THING_RANGES.volumeL, 'L'),
  shape: shape(),
  flags: list(requiredOneOf(FLAGS), 0, FLAGS.length),
  needed: requiredOneOf(NEEDED),
  purpose: requiredOneOf(PURPOSES),
  consumption: record({
    fromDay: requiredDay(),
    toDay: requiredDay(),
    residueKg: requiredQuantity(...THING_RANGES.massKg, 'kg'),
  }),
  fromDay: day(),
  joinsAt: text(120),
  leavesAt: text(120),
  toDay: day(),
  wetFactor: quantity(...THING_RANGES.wetFactor, ''),
  waterCapacityL: quantity(...THING_RANGES.waterCapacityL, 'L'),
  foodCapacityL: quantity(...THING_RANGES.foodCapacityL, 'L'),
  measuredOn: date(),
  owner: text(LONGEST_NAME),
  wear: oneOf(WEARS),
  expiresOn: date(),
  needs: worded(array(requiredOneOf(COMPANIONS)), 'a list of what it needs'),
  holds: record({
    capacityL: requiredQuantity(...THING_RANGES.capacityL, 'L'),
    traits: list(requiredOneOf(HOLDER_TRAITS), 0, HOLDER_TRAITS.length),
    meantFor: requiredOneOf(MEANT_FOR),
    mark: text(LONGEST_TOGETHER),
  }),
  nestsIn: id(),
  ridesLoose: flag(),
  libraryId: id(),
  madeBy: oneOf(MAKERS),
});

export const dish = () =>
  requiredRecord({
    name: requiredText(120),
    form: requiredOneOf(DISH_FORMS),
    gPerServing: requiredQuantity(0, 2000, 'g'),
    kcalPerServing: requiredQuantity(0, 5000, 'kcal'),
    packagingG: requiredQuantity(0, 500, 'g'),
    volumeL: requiredQuantity(0, 5, 'L'),
    boilL: requiredQuantity(0, 5, 'L'),
    potL: requiredQuantity(0, 5, 'L'),
  });

/** Over how many carriers a kit goes at most. */
export const splitWays = () => wholeNumber(1, 20, 'carriers');
