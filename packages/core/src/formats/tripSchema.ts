/**
 * The shape of a trip file, as one Yup schema for forms, API and import. Strict: nothing is coerced, and keys
 * nobody knows are errors, so that a misspelt field is noticed instead of dropped.
 */
import {
  array,
  boolean,
  lazy,
  mixed,
  number,
  object,
  string,
  type AnySchema as Schema,
  type Lazy,
} from 'yup';
import {
  AGE_BANDS,
  CARRIER_RULE_KINDS,
  EXPERIENCES,
  FLAGS,
  FOOD_STORAGES,
  GROUNDS,
  GROUP_KINDS,
  HOUSE_RULE_CHOICES,
  LIMIT_POLICY_IDS,
  NEEDED,
  PACKING_SCHOOL_IDS,
  PURPOSES,
  RELIANCES,
  ROLES,
  SHAPE_KINDS,
  SIDES,
  SUPPLY_STATES,
  TRIP_STYLES,
  WAYPOINT_KINDS,
  WEATHER_FIELDS,
  ZONE_KINDS,
} from '../trip/model.js';

export const TRIP_FILE_FORMAT = 'graft-trip';
export const TRIP_FILE_VERSION = 2;
const MAX_DAYS = 60;
const MAX_MEMBERS = 60;

const got = (value: unknown): string => (value === undefined ? 'nothing' : JSON.stringify(value));
const say =
  (expected: string) =>
  ({ originalValue }: { originalValue?: unknown }): string =>
    `expected ${expected}, got ${got(originalValue)}`;

/** Optional unless `required` is called on it; null is never allowed. */
function worded<S extends Schema>(schema: S, expected: string): S {
  return schema.strict().typeError(say(expected)).nonNullable(say(expected)).meta({ expected }) as S;
}
function required<S extends Schema>(schema: S): S {
  const expected = (schema.describe() as { meta?: { expected?: string } }).meta?.expected ?? 'a value';
  return schema.required(say(expected)) as S;
}

const ID_PATTERN = /^[a-z0-9][a-z0-9-]{0,63}$/;
const ID_WORDS = 'an id of lower-case letters, digits and hyphens, 1 to 64 long';
const id = () => worded(string().matches(ID_PATTERN, say(ID_WORDS)), ID_WORDS);
const requiredId = () => required(id());

function text(maxLength: number) {
  const words = `a text of 1 to ${maxLength} characters`;
  return worded(string().min(1, say(words)).max(maxLength, say(words)), words);
}
const requiredText = (maxLength: number) => required(text(maxLength));

function quantity(low: number, high: number, unit: string) {
  const words = `a number from ${low} to ${high}${unit === '' ? '' : ` ${unit}`}`;
  return worded(number().min(low, say(words)).max(high, say(words)), words);
}
const requiredQuantity = (low: number, high: number, unit: string) => required(quantity(low, high, unit));

function day() {
  const words = `a whole day number from 1 to ${MAX_DAYS}`;
  return worded(number().integer(say(words)).min(1, say(words)).max(MAX_DAYS, say(words)), words);
}
const requiredDay = () => required(day());

function oneOf(choices: readonly string[]) {
  const words = choices.length === 1 ? `"${choices[0]}"` : `one of ${choices.join(', ')}`;
  return worded(string().oneOf([...choices], say(words)), words);
}
const requiredOneOf = (choices: readonly string[]) => required(oneOf(choices));

const requiredFlag = () => required(worded(boolean(), 'true or false'));

function list(of: Schema, least: number, most: number) {
  const words = `a list of ${least} to ${most} entries`;
  return required(worded(array(of).min(least, say(words)).max(most, say(words)), words));
}

/** An optional object that knows all its fields. */
function record(fields: Record<string, Schema | Lazy<unknown>>) {
  return worded(object(fields), 'an object')
    .default(undefined)
    .noUnknown(
      ({ unknown }: { unknown?: string }) => `has a field that is not part of the format: ${unknown ?? ''}`,
    );
}
const requiredRecord = (fields: Record<string, Schema | Lazy<unknown>>) => required(record(fields));

/** Dates that exist: 2027-02-30 is refused. */
export function isIsoDate(value: unknown): boolean {
  if (typeof value !== 'string' || !/^\d{4}-\d{2}-\d{2}$/.test(value)) return false;
  const time = Date.parse(`${value}T00:00:00Z`);
  return !Number.isNaN(time) && new Date(time).toISOString().startsWith(value);
}
const DATE_WORDS = 'a date such as "2027-05-10"';
const requiredDate = () =>
  required(
    worded(
      string().test('iso-date', say(DATE_WORDS), (value) => value === undefined || isIsoDate(value)),
      DATE_WORDS,
    ),
  );

/** Time zones that this machine's calendar knows. */
export function isTimeZone(value: unknown): boolean {
  if (typeof value !== 'string' || value === '') return false;
  try {
    new Intl.DateTimeFormat('en', { timeZone: value });
    return true;
  } catch (error) {
    if (error instanceof RangeError) return false;
    throw error;
  }
}
const TIME_ZONE_WORDS = 'the name of a time zone such as "Europe/Dublin" or "UTC"';
const TIME_WORDS = 'a time of day such as "08:00"';
const TIME_PATTERN = /^([01]\d|2[0-3]):[0-5]\d$/;

/** Points of an imported track at most; a longer track is thinned when it is imported. */
export const MAX_TRACK_POINTS = 3000;
const SERIES_WORDS = `a list of 2 to ${MAX_TRACK_POINTS} entries`;
const optionalSeries = (low: number, high: number, unit: string) =>
  worded(
    array(requiredQuantity(low, high, unit))
      .min(2, say(SERIES_WORDS))
      .max(MAX_TRACK_POINTS, say(SERIES_WORDS)),
    SERIES_WORDS,
  );
const series = (low: number, high: number, unit: string) => required(optionalSeries(low, high, unit));

const point = () =>
  requiredRecord({
    x: requiredQuantity(-100, 100, 'cm'),
    y: requiredQuantity(-100, 100, 'cm'),
    z: requiredQuantity(-100, 150, 'cm'),
  });

const size = () => requiredQuantity(0.1, 300, 'cm');
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
  });

const thingFields = () => ({
  id: requiredId(),
  name: requiredText(120),
  massKg: requiredQuantity(0, 60, 'kg'),
  massEstimated: requiredFlag(),
  volumeL: requiredQuantity(0, 150, 'L'),
  shape: shape(),
  flags: list(requiredOneOf(FLAGS), 0, FLAGS.length),
  needed: requiredOneOf(NEEDED),
  purpose: requiredOneOf(PURPOSES),
  consumption: record({
    fromDay: requiredDay(),
    toDay: requiredDay(),
    residueKg: requiredQuantity(0, 60, 'kg'),
  }),
  fromDay: day(),
  toDay: day(),
  wetFactor: quantity(1, 3, ''),
  waterCapacityL: quantity(0.1, 30, 'L'),
});

const houseRuleFields = (choice: (choices: readonly string[]) => Schema): Record<string, Schema> =>
  Object.fromEntries(Object.entries(HOUSE_RULE_CHOICES).map(([rule, choices]) => [rule, choice(choices)]));

/** One record schema per collection of a trip; the API validates a single edited item with the same one. */
export const ITEM_SCHEMAS = {
  legs: requiredRecord({
    id: requiredId(),
    name: requiredText(120),
    distanceKm: requiredQuantity(0, 100, 'km'),
    climbM: requiredQuantity(0, 6000, 'm'),
    descentM: requiredQuantity(0, 6000, 'm'),
    ground: requiredOneOf(GROUNDS),
    hours: requiredQuantity(0, 24, 'h'),
    waterL: requiredQuantity(0, 20, 'L'),
    campWaterL: requiredQuantity(0, 20, 'L'),
    afterRain: requiredFlag(),
    campElevationM: quantity(-500, 9000, 'm'),
    note: text(500),
  }),
  waypoints: requiredRecord({
    id: requiredId(),
    name: requiredText(120),
    kind: requiredOneOf(WAYPOINT_KINDS),
    atKm: requiredQuantity(0, 6000, 'km'),
    reliance: requiredOneOf(RELIANCES),
    note: text(500),
  }),
  supplies: requiredRecord({
    id: requiredId(),
    name: requiredText(120),
    state: requiredOneOf(SUPPLY_STATES),
    note: text(500),
  }),
  weather: requiredRecord({
    id: requiredDate(),
    dayC: requiredQuantity(-60, 60, '°C'),
    nightC: requiredQuantity(-60, 60, '°C'),
    rainChance: requiredQuantity(0, 1, '(0.3 is 30 %)'),
    windKmh: requiredQuantity(0, 300, 'km/h'),
    byLeader: list(requiredOneOf(WEATHER_FIELDS), 0, WEATHER_FIELDS.length),
    source: text(200),
  }),
  roles: requiredRecord({
    id: requiredId(),
    day: requiredDay(),
    role: requiredOneOf(ROLES),
    memberId: requiredId(),
  }),
  groups: requiredRecord({
    id: requiredId(),
    name: requiredText(120),
    kind: requiredOneOf(GROUP_KINDS),
    sleeps: quantity(1, 20, 'sleepers'),
    potL: quantity(0.1, 100, 'L'),
  }),
  packs: requiredRecord({
    id: requiredId(),
    name: requiredText(120),
    tareKg: requiredQuantity(0, 10, 'kg'),
    ratedLoadKg: requiredQuantity(1, 80, 'kg'),
    centreOfGravityCm: point(),
    zones: list(
      requiredRecord({
        id: requiredId(),
        name: requiredText(60),
        kind: requiredOneOf(ZONE_KINDS),
        side: requiredOneOf(SIDES),
        at: point(),
        widthCm: size(),
        depthCm: size(),
        heightCm: size(),
        volumeL: requiredQuantity(0.05, 150, 'L'),
        maxLoadKg: quantity(0.05, 80, 'kg'),
        openAbove: requiredFlag(),
      }),
      1,
      40,
    ),
  }),
  members: requiredRecord({
    id: requiredId(),
    name: requiredText(80),
    bodyMassKg: requiredQuantity(20, 250, 'kg'),
    statureCm: requiredQuantity(100, 230, 'cm'),
    torsoCm: requiredQuantity(30, 70, 'cm'),
    ageBand: requiredOneOf(AGE_BANDS),
    experience: requiredOneOf(EXPERIENCES),
    limitShare: quantity(0.02, 0.5, 'of body weight (0.2 is 20 %)'),
    ownCapKg: quantity(0.5, 60, 'kg'),
    conditions: list(
      requiredRecord({
        label: requiredText(120),
        fromDay: requiredDay(),
        toDay: requiredDay(),
        factor: requiredQuantity(0.05, 1, ''),
      }),
      0,
      20,
    ),
    packId: requiredId(),
    tentGroupId: id(),
    cookGroupId: id(),
    packingSchool: oneOf(PACKING_SCHOOL_IDS),
    houseRules: record(houseRuleFields(oneOf)),
    limitPolicy: oneOf(LIMIT_POLICY_IDS),
    carryTrials: list(
      requiredRecord({
        id: requiredId(),
        date: requiredDate(),
        loadKg: requiredQuantity(0, 60, 'kg'),
        distanceKm: requiredQuantity(0.1, 60, 'km'),
        climbM: requiredQuantity(0, 3000, 'm'),
        minutes: requiredQuantity(1, 1440, 'minutes'),
        comfort: requiredQuantity(1, 10, '(1 never again, 10 forgot I carried it)'),
        interrupted: requiredFlag(),
        note: text(500),
      }),
      0,
      60,
    ),
    comfortFloor: quantity(1, 10, '(a comfort mark)'),
    limitHistory: list(
      requiredRecord({
        id: requiredId(),
        date: requiredDate(),
        who: requiredText(120),
        fromKg: quantity(0, 100, 'kg'),
        toKg: requiredQuantity(0, 100, 'kg'),
        why: requiredText(300),
      }),
      0,
      200,
    ),
    buddyId: id(),
    healthNotes: text(2000),
  }),
  kits: requiredRecord({
    id: requiredId(),
    name: requiredText(120),
    pieces: list(
      requiredRecord({
        ...thingFields(),
        onlyGroupId: id(),
        onlyMemberIds: worded(
          array(requiredId()).min(1, say('a list of at least 1 member id')),
          'a list of at least 1 member id',
        ),
      }),
      0,
      300,
    ),
  }),
  personalThings: requiredRecord({ ...thingFields(), memberId: requiredId(), worn: requiredFlag() }),
  carrierRules: requiredRecord({
    id: requiredId(),
    kind: requiredOneOf(CARRIER_RULE_KINDS),
    pieceIds: list(requiredId(), 2, 100),
    reason: requiredText(200),
  }),
  share: requiredRecord({ pieceId: requiredId(), memberId: requiredId(), locked: requiredFlag() }),
  stows: requiredRecord({
    memberId: requiredId(),
    placements: list(
      requiredRecord({
        thingId: requiredId(),
        zoneId: requiredId(),
        side: requiredOneOf(SIDES),
        pinned: requiredFlag(),
      }),
      0,
      400,
    ),
  }),
} as const;

/** The single-valued fields of a trip. */
export const FIELD_SCHEMAS = {
  id: requiredId(),
  name: requiredText(120),
  style: requiredOneOf(TRIP_STYLES),
  startDate: requiredDate(),
  timeZone: required(
    worded(
      string().test(
        'time-zone',
        say(TIME_ZONE_WORDS),
        (value) => value === undefined || (value.length <= 64 && isTimeZone(value)),
      ),
      TIME_ZONE_WORDS,
    ),
  ),
  place: record({
    name: requiredText(120),
    latitudeDeg: requiredQuantity(-90, 90, 'degrees'),
    longitudeDeg: requiredQuantity(-180, 180, 'degrees'),
    valleyElevationM: requiredQuantity(-500, 9000, 'm'),
  }),
  notes: text(4000),
  packingSchool: requiredOneOf(PACKING_SCHOOL_IDS),
  houseRules: requiredRecord(houseRuleFields(requiredOneOf)),
  limitPolicy: requiredOneOf(LIMIT_POLICY_IDS),
  foodStorage: requiredOneOf(FOOD_STORAGES),
  longestDayH: requiredQuantity(1, 24, 'h'),
  setOff: required(worded(string().matches(TIME_PATTERN, say(TIME_WORDS)), TIME_WORDS)),
  waterLPerH: requiredQuantity(0.1, 3, 'L/h'),
  track: record({
    name: requiredText(120),
    distanceKm: series(0, 6000, 'km'),
    elevationM: optionalSeries(-500, 9000, 'm'),
    latitudeDeg: series(-90, 90, 'degrees'),
    longitudeDeg: series(-180, 180, 'degrees'),
  }),
  dayMarksKm: worded(
    array(requiredQuantity(0, 6000, 'km')).max(MAX_DAYS, say('a list of day marks')),
    'a list of day marks',
  ),
};

export const tripSchema = requiredRecord({
  ...FIELD_SCHEMAS,
  legs: list(ITEM_SCHEMAS.legs, 1, MAX_DAYS),
  waypoints: list(ITEM_SCHEMAS.waypoints, 0, 300),
  supplies: list(ITEM_SCHEMAS.supplies, 0, 60),
  weather: list(ITEM_SCHEMAS.weather, 0, 120),
  roles: list(ITEM_SCHEMAS.roles, 0, 600),
  groups: list(ITEM_SCHEMAS.groups, 0, 60),
  packs: list(ITEM_SCHEMAS.packs, 0, 100),
  members: list(ITEM_SCHEMAS.members, 0, MAX_MEMBERS),
  kits: list(ITEM_SCHEMAS.kits, 0, 300),
  personalThings: list(ITEM_SCHEMAS.personalThings, 0, 3000),
  carrierRules: list(ITEM_SCHEMAS.carrierRules, 0, 200),
  share: list(ITEM_SCHEMAS.share, 0, 3000),
  stows: list(ITEM_SCHEMAS.stows, 0, MAX_MEMBERS),
});

const VERSION_WORDS = `${TRIP_FILE_VERSION}`;
export const tripFileSchema = requiredRecord({
  format: requiredOneOf([TRIP_FILE_FORMAT]),
  version: required(worded(number().oneOf([TRIP_FILE_VERSION], say(VERSION_WORDS)), VERSION_WORDS)),
  trip: tripSchema,
  // What the command line computed; for readers, never read back.
  report: mixed(),
});
