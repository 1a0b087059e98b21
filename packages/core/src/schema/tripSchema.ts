/**
 * The shape of a trip file, as one Yup schema for forms, API and import. Strict: nothing is coerced, and keys
 * nobody knows are errors, so that a misspelt field is noticed instead of dropped.
 */
import { array, boolean, mixed, number, string, type AnySchema as Schema } from 'yup';
import {
  date,
  day,
  dish,
  flag,
  id,
  list,
  MAX_DAYS,
  oneOf,
  quantity,
  record,
  required,
  requiredComfort,
  requiredDate,
  requiredDay,
  requiredFlag,
  requiredMoment,
  requiredId,
  requiredOneOf,
  requiredQuantity,
  requiredRecord,
  requiredText,
  say,
  size,
  splitWays,
  text,
  wholeNumber,
  LONGEST_NAME,
  LONGEST_TOGETHER,
  thingFields,
  worded,
} from './schemaParts.js';
import { MEAL_KINDS, PARCELS, PICKUP_KINDS, STOVE_KINDS, TREATMENTS, WINDS } from '../trip/larderModel.js';
import { BODY_PLACES, BUDDY_CHECKS, EVENT_KINDS, EVENT_MOMENTS, THING_FATES } from '../trip/recordModel.js';
import { COLLECTIONS, type Collection } from '../trip/edits.js';
import { MOST_TURNS } from '../trip/shapes.js';
import { THING_RANGES } from '../trip/thingRanges.js';
import {
  AGE_BANDS,
  ARRANGEMENT_KINDS,
  CARRIER_RULE_KINDS,
  EXPERIENCES,
  FAIRNESS_SCHOOL_IDS,
  FOOD_STORAGES,
  GROUNDS,
  GROUP_KINDS,
  HOUSE_RULE_CHOICES,
  INSECTS,
  LIMIT_POLICY_IDS,
  LID_STYLES,
  OPENINGS,
  PACKING_SCHOOL_IDS,
  RELIANCES,
  ROLES,
  SIDES,
  SUPPLY_STATES,
  TRIP_STYLES,
  WANTS,
  WAYPOINT_KINDS,
  WEATHER_FIELDS,
  WHAT_IF_KINDS,
  ZONE_KINDS,
} from '../trip/model.js';
import { TRIP_FILE_FORMAT, TRIP_FILE_VERSION } from './tripFileVersion.js';

const MAX_MEMBERS = 60;
const SOME_MEMBERS = `a list of 1 to ${MAX_MEMBERS} member ids`;
/** Walks on a member's record at most, days of trips among them. */
const MOST_TRIALS = 200;
/** Pieces of one kit at most. */
export const MOST_PIECES = 300;

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
const TURN_WORDS = `a whole number from 0 to ${MOST_TURNS - 1}`;
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

const houseRuleFields = (choice: (choices: readonly string[]) => Schema): Record<string, Schema> =>
  Object.fromEntries(Object.entries(HOUSE_RULE_CHOICES).map(([rule, choices]) => [rule, choice(choices)]));

/** What a pack on the scale may say. */
export const WEIGH_IN_RANGES = { measuredKg: [0.1, 80], waterL: [0, 20] } as const;

const dailyKg = () => list(requiredQuantity(0, 200, 'kg'), 1, MAX_DAYS);
const UNUSED_WORDS = 'a whole number of trips from 1 to 20';

const assignment = () =>
  requiredRecord({ pieceId: requiredId(), memberId: requiredId(), locked: requiredFlag() });

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
    cacheL: quantity(0.1, 500, 'L'),
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
    stove: oneOf(STOVE_KINDS),
  }),
  packs: requiredRecord({
    id: requiredId(),
    name: requiredText(120),
    tareKg: requiredQuantity(0, 10, 'kg'),
    ratedLoadKg: requiredQuantity(1, 80, 'kg'),
    centreOfGravityCm: point(),
    main: record({
      at: point(),
      heightCm: size(),
      bottomWidthCm: size(),
      topWidthCm: size(),
      bottomDepthCm: size(),
      topDepthCm: size(),
      bottomPartCm: quantity(1, 120, 'cm'),
      divider: requiredFlag(),
      openings: list(requiredOneOf(OPENINGS), 1, OPENINGS.length),
    }),
    lidStyle: oneOf(LID_STYLES),
    frameless: worded(boolean(), 'true or false'),
    shared: flag(),
    torso: record({ leastCm: requiredQuantity(15, 80, 'cm'), mostCm: requiredQuantity(15, 80, 'cm') }),
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
      0,
      40,
    ),
  }),
  members: requiredRecord({
    id: requiredId(),
    name: requiredText(80),
    bodyMassKg: requiredQuantity(10, 250, 'kg'),
    bodyEstimated: flag(),
    statureCm: requiredQuantity(80, 230, 'cm'),
    torsoCm: requiredQuantity(20, 70, 'cm'),
    ageBand: requiredOneOf(AGE_BANDS),
    ageYears: wholeNumber(0, 110, 'years'),
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
    ownThingsKg: quantity(0, 60, 'kg'),
    ownThingsEstimated: flag(),
    trainedKg: quantity(0.5, 60, 'kg'),
    carryTrials: list(
      requiredRecord({
        id: requiredId(),
        date: requiredDate(),
        loadKg: requiredQuantity(0, 60, 'kg'),
        distanceKm: requiredQuantity(0.1, 60, 'km'),
        climbM: requiredQuantity(0, 3000, 'm'),
        minutes: requiredQuantity(1, 1440, 'minutes'),
        comfort: requiredComfort(),
        interrupted: requiredFlag(),
        fromTrip: text(120),
        note: text(500),
      }),
      0,
      MOST_TRIALS,
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
    medicinesForAll: flag(),
    snackGPerDay: quantity(0, 1500, 'g'),
    portion: quantity(0.2, 2.5, 'of a usual portion'),
    firstDay: day(),
    lastDay: day(),
    joinsAt: text(120),
  }),
  kits: requiredRecord({
    id: requiredId(),
    name: requiredText(120),
    pieces: list(
      requiredRecord({
        ...thingFields(),
        onlyGroupId: id(),
        onlyMemberIds: worded(
          array(requiredId()).min(1, say(SOME_MEMBERS)).max(MAX_MEMBERS, say(SOME_MEMBERS)),
          SOME_MEMBERS,
        ),
        together: text(LONGEST_TOGETHER),
        partOf: id(),
      }),
      0,
      MOST_PIECES,
    ),
    splitWays: splitWays(),
  }),
  personalThings: requiredRecord({
    ...thingFields(),
    memberId: requiredId(),
    want: oneOf(WANTS),
    worn: requiredFlag(),
    othersMayCarry: flag(),
  }),
  meals: requiredRecord({
    id: requiredId(),
    day: requiredDay(),
    kind: requiredOneOf(MEAL_KINDS),
    groupId: requiredId(),
    dish: dish(),
  }),
  canisters: requiredRecord({
    id: requiredId(),
    groupId: requiredId(),
    name: requiredText(120),
    netKg: requiredQuantity(0.01, 5, 'kg'),
    tareKg: requiredQuantity(0, 5, 'kg'),
    grossKg: quantity(0, 10, 'kg'),
  }),
  pickups: requiredRecord({
    id: requiredId(),
    day: requiredDay(),
    kind: requiredOneOf(PICKUP_KINDS),
    name: requiredText(120),
    fuel: requiredFlag(),
    takesWaste: requiredFlag(),
  }),
  arrangements: requiredRecord({
    id: requiredId(),
    kind: requiredOneOf(ARRANGEMENT_KINDS),
    thingId: id(),
    text: requiredText(300),
    who: requiredText(120),
    byDate: date(),
    done: requiredFlag(),
  }),
  dismissals: requiredRecord({ id: requiredText(200), reason: requiredText(300) }),
  practice: requiredRecord({
    id: requiredId(),
    learner: requiredText(80),
    memberId: requiredId(),
    date: requiredDate(),
    points: requiredQuantity(0, 100, 'points'),
    lost: list(requiredText(300), 0, 60),
  }),
  carrierRules: requiredRecord({
    id: requiredId(),
    kind: requiredOneOf(CARRIER_RULE_KINDS),
    pieceIds: list(requiredId(), 2, 100),
    reason: requiredText(200),
  }),
  share: assignment(),
  handovers: requiredRecord({
    id: requiredId(),
    pieceId: requiredId(),
    day: requiredDay(),
    toMemberId: id(),
    reason: requiredText(200),
  }),
  variants: requiredRecord({
    id: requiredId(),
    name: requiredText(80),
    changes: list(
      // Which of them a kind of what-if needs is checked with the references.
      requiredRecord({
        kind: requiredOneOf(WHAT_IF_KINDS),
        memberId: id(),
        day: day(),
        fromDay: day(),
        toDay: day(),
        extraL: quantity(0.1, 10, 'L'),
        limitKg: quantity(0.5, 60, 'kg'),
      }),
      1,
      20,
    ),
    share: list(assignment(), 0, 3000),
  }),
  stows: requiredRecord({
    memberId: requiredId(),
    placements: list(
      requiredRecord({
        thingId: requiredId(),
        zoneId: requiredId(),
        side: requiredOneOf(SIDES),
        spot: record({
          xCm: requiredQuantity(-200, 200, 'cm'),
          yCm: requiredQuantity(-200, 200, 'cm'),
          turn: required(
            worded(
              number()
                .integer(say(TURN_WORDS))
                .min(0, say(TURN_WORDS))
                .max(MOST_TURNS - 1, say(TURN_WORDS)),
              TURN_WORDS,
            ),
          ),
        }),
        pinned: requiredFlag(),
      }),
      0,
      400,
    ),
  }),
  weighIns: requiredRecord({
    memberId: requiredId(),
    measuredKg: requiredQuantity(...WEIGH_IN_RANGES.measuredKg, 'kg'),
    waterL: requiredQuantity(...WEIGH_IN_RANGES.waterL, 'L'),
    checked: list(requiredOneOf(BUDDY_CHECKS), 0, BUDDY_CHECKS.length),
    signedBy: text(120),
    note: text(500),
  }),
  events: requiredRecord({
    id: requiredId(),
    day: requiredDay(),
    moment: requiredOneOf(EVENT_MOMENTS),
    kind: requiredOneOf(EVENT_KINDS),
    memberId: id(),
    thingId: id(),
    mealId: id(),
    litres: quantity(0, 20, 'L'),
    massKg: quantity(0, 60, 'kg'),
    factor: quantity(0.05, 1, ''),
    name: text(LONGEST_NAME),
    note: text(500),
  }),
  comfort: requiredRecord({
    id: requiredId(),
    memberId: requiredId(),
    day: requiredDay(),
    comfort: requiredComfort(),
    hurts: list(requiredOneOf(BODY_PLACES), 0, BODY_PLACES.length),
    note: text(500),
  }),
  contacts: requiredRecord({
    id: requiredId(),
    memberId: id(),
    name: requiredText(120),
    relation: requiredText(120),
    phone: requiredText(60),
    note: text(500),
  }),
  uses: requiredRecord({ thingId: requiredId(), fate: requiredOneOf(THING_FATES), note: text(500) }),
  missed: requiredRecord({
    id: requiredId(),
    memberId: id(),
    name: requiredText(LONGEST_NAME),
    note: text(500),
  }),
  leftovers: requiredRecord({
    groupId: requiredId(),
    foodKg: quantity(0, 200, 'kg'),
    fuelKg: quantity(0, 20, 'kg'),
  }),
  chores: requiredRecord({ id: requiredText(200), doneOn: requiredDate() }),
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
  fairness: requiredOneOf(FAIRNESS_SCHOOL_IDS),
  foodStorage: requiredOneOf(FOOD_STORAGES),
  longestDayH: requiredQuantity(1, 24, 'h'),
  setOff: required(worded(string().matches(TIME_PATTERN, say(TIME_WORDS)), TIME_WORDS)),
  waterLPerH: requiredQuantity(0.1, 3, 'L/h'),
  insects: oneOf(INSECTS),
  byAir: worded(boolean(), 'true or false'),
  larder: requiredRecord({
    spareDay: requiredFlag(),
    parcels: requiredOneOf(PARCELS),
    snackGPerDay: requiredQuantity(0, 1500, 'g'),
    snackKcalPerG: requiredQuantity(0.5, 9, 'kcal/g'),
    snackCapKg: requiredQuantity(0, 10, 'kg'),
    hotDrinkL: requiredQuantity(0, 5, 'L'),
    startWaterC: requiredQuantity(0, 60, '°C'),
    snow: requiredFlag(),
    wind: requiredOneOf(WINDS),
    fuelReserve: requiredQuantity(0, 1, '(0.15 is 15 %)'),
    treatment: requiredOneOf(TREATMENTS),
    cookWaterPieces: requiredFlag(),
    cookWaterL: requiredQuantity(0, 10, 'L'),
  }),
  leaveAfterTrips: worded(
    number().integer(say(UNUSED_WORDS)).min(1, say(UNUSED_WORDS)).max(20, say(UNUSED_WORDS)),
    UNUSED_WORDS,
  ),
  departure: record({
    at: requiredMoment(),
    by: requiredText(120),
    share: list(
      requiredRecord({
        pieceId: requiredId(),
        name: requiredText(LONGEST_NAME),
        massKg: requiredQuantity(...THING_RANGES.massKg, 'kg'),
        memberId: requiredId(),
      }),
      0,
      3000,
    ),
    loads: list(
      requiredRecord({
        memberId: requiredId(),
        name: requiredText(80),
        plannedKg: dailyKg(),
        limitKg: dailyKg(),
        measuredKg: quantity(...WEIGH_IN_RANGES.measuredKg, 'kg'),
      }),
      0,
      MAX_MEMBERS,
    ),
  }),
  debriefedOn: date(),
  track: record({
    name: requiredText(120),
    distanceKm: series(0, 6000, 'km'),
    elevationM: optionalSeries(-500, 9000, 'm'),
    latitudeDeg: series(-90, 90, 'degrees'),
    longitudeDeg: series(-180, 180, 'degrees'),
    gapsBefore: worded(
      array(requiredQuantity(1, MAX_TRACK_POINTS - 1, '')).max(MAX_TRACK_POINTS, say(SERIES_WORDS)),
      'a list of points of the track',
    ),
  }),
  dayMarksKm: worded(
    array(requiredQuantity(0, 6000, 'km')).max(MAX_DAYS, say('a list of day marks')),
    'a list of day marks',
  ),
  notComing: list(
    requiredRecord({
      member: ITEM_SCHEMAS.members,
      place: requiredQuantity(0, MAX_MEMBERS, ''),
      pack: ITEM_SCHEMAS.packs.notRequired(),
      things: list(ITEM_SCHEMAS.personalThings, 0, 300),
      contacts: list(ITEM_SCHEMAS.contacts, 0, 20),
    }),
    0,
    MAX_MEMBERS,
  ).notRequired(),
  sendsOnTheWay: flag(),
};

/** How many entries each list of a trip may have. */
export const LIST_SIZES = {
  legs: [1, MAX_DAYS],
  waypoints: [0, 300],
  supplies: [0, 60],
  weather: [0, 120],
  roles: [0, 600],
  groups: [0, 60],
  packs: [0, 100],
  members: [0, MAX_MEMBERS],
  kits: [0, 300],
  personalThings: [0, 3000],
  meals: [0, 2000],
  canisters: [0, 200],
  pickups: [0, 60],
  arrangements: [0, 500],
  dismissals: [0, 1000],
  practice: [0, 1000],
  carrierRules: [0, 200],
  share: [0, 3000],
  handovers: [0, 1000],
  variants: [0, 12],
  stows: [0, MAX_MEMBERS],
  weighIns: [0, MAX_MEMBERS],
  events: [0, 2000],
  comfort: [0, 4000],
  contacts: [0, 200],
  uses: [0, 6000],
  missed: [0, 500],
  leftovers: [0, 60],
  chores: [0, 2000],
} as const satisfies Readonly<Record<Collection, readonly [least: number, most: number]>>;

export const tripSchema = requiredRecord({
  ...FIELD_SCHEMAS,
  ...Object.fromEntries(
    COLLECTIONS.map((key) => [key, list(ITEM_SCHEMAS[key], LIST_SIZES[key][0], LIST_SIZES[key][1])]),
  ),
});

const VERSION_WORDS = `${TRIP_FILE_VERSION}`;
export const tripFileSchema = requiredRecord({
  format: requiredOneOf([TRIP_FILE_FORMAT]),
  version: required(worded(number().oneOf([TRIP_FILE_VERSION], say(VERSION_WORDS)), VERSION_WORDS)),
  trip: tripSchema,
  // What the command line computed; for readers, never read back.
  report: mixed(),
});
