import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { newLeg } from '../trip/emptyTrip.js';
import type { Collection } from '../trip/edits.js';
import { schemaErrors } from './checkSchema.js';
import { tripErrors } from '../formats/tripFile.js';
import { tripJsonSchema } from '../formats/tripJsonSchema.js';
import { thingErrors } from './fieldReferences.js';
import { isIsoDate } from './schemaParts.js';
import { ITEM_SCHEMAS } from './tripSchema.js';

const GOOD: Readonly<Partial<Record<Collection, object>>> = {
  members: aMember('a'),
  legs: newLeg('leg', 'Leg'),
  kits: { id: 'kit', name: 'Kit', pieces: [aThing('p')] },
  personalThings: { ...aThing('t'), memberId: 'a', worn: false },
  share: { pieceId: 'p', memberId: 'a', locked: false },
  groups: { id: 'g', name: 'G', kind: 'tent' },
  packs: aTrip([aMember('a')], []).packs[0]!,
  carrierRules: { id: 'r', kind: 'same', pieceIds: ['p', 'q'], reason: 'because' },
  stows: { memberId: 'a', placements: [{ thingId: 't', zoneId: 'core', side: 'left', pinned: true }] },
};
const errorsOf = (collection: Collection, change: object): readonly string[] =>
  schemaErrors(ITEM_SCHEMAS[collection], { ...GOOD[collection], ...change }).map(
    (e) => `${e.path}: ${e.message}`,
  );

test.each(Object.keys(GOOD) as Collection[])('a good item of %s has no error', (collection) => {
  expect(errorsOf(collection, {})).toEqual([]);
});

describe('ranges hold at both ends', () => {
  test.each<[Collection, string, number, number, number]>([
    ['members', 'bodyMassKg', 10, 250, 0.1],
    ['members', 'torsoCm', 20, 70, 0.1],
    ['members', 'statureCm', 80, 230, 1],
    ['members', 'limitShare', 0.02, 0.5, 0.001],
    ['members', 'ownCapKg', 0.5, 60, 0.1],
    ['legs', 'distanceKm', 0, 100, 0.1],
    ['legs', 'hours', 0, 24, 0.1],
    ['legs', 'waterL', 0, 20, 0.1],
    ['personalThings', 'massKg', 0, 60, 0.1],
    ['personalThings', 'wetFactor', 1, 3, 0.1],
    ['packs', 'ratedLoadKg', 1, 80, 0.1],
  ])('%s.%s: %s to %s', (collection, field, low, high, step) => {
    expect(errorsOf(collection, { [field]: low })).toEqual([]);
    expect(errorsOf(collection, { [field]: high })).toEqual([]);
    for (const value of [low - step, high + step]) {
      expect(errorsOf(collection, { [field]: value })).toEqual([
        expect.stringMatching(
          new RegExp(`^${field}: expected a number from ${low} to ${high}.*, got ${value}$`),
        ),
      ]);
    }
    for (const value of ['1', null, true, Number.NaN])
      expect(errorsOf(collection, { [field]: value })).toHaveLength(1);
  });
});

describe('words', () => {
  test.each(['', 'Tent', 'tent body', '-tent', 'tent_1', 'x'.repeat(65)])('"%s" is no id', (id) => {
    expect(errorsOf('groups', { id })).toEqual([
      `id: expected an id of lower-case letters, digits and hyphens, 1 to 64 long, got ${JSON.stringify(id)}`,
    ]);
  });
  test('choices are named', () => {
    expect(errorsOf('groups', { kind: 'boat' })).toEqual(['kind: expected one of tent, cook, got "boat"']);
    expect(errorsOf('personalThings', { flags: ['hard', 'shiny'] })).toEqual([
      expect.stringMatching(/^flags\[1\]: expected one of hard, sharp, .*, got "shiny"$/),
    ]);
  });
  test('a missing field and a null one are told alike', () => {
    expect(errorsOf('groups', { name: undefined })).toEqual([
      'name: expected a text of 1 to 120 characters, got nothing',
    ]);
    expect(errorsOf('groups', { name: null })).toEqual([
      'name: expected a text of 1 to 120 characters, got null',
    ]);
  });
  test('lists have a least and a most', () => {
    expect(errorsOf('carrierRules', { pieceIds: ['p'] })).toEqual([
      'pieceIds: expected a list of 2 to 100 entries, got ["p"]',
    ]);
    expect(errorsOf('packs', { zones: 'many' })).toEqual([
      'zones: expected a list of 0 to 40 entries, got "many"',
    ]);
    // Whoever walks without a pack.
    expect(errorsOf('packs', { zones: [] })).toEqual([]);
    expect(errorsOf('stows', { placements: 'everywhere' })).toEqual([
      'placements: expected a list of 0 to 400 entries, got "everywhere"',
    ]);
  });
  test('a shape needs its own dimensions and no others', () => {
    expect(errorsOf('personalThings', { shape: { kind: 'roll', lengthCm: 50 } })).toEqual([
      'shape.diameterCm: expected a number from 0.1 to 300 cm, got nothing',
    ]);
    expect(errorsOf('personalThings', { shape: { kind: 'pouch', lengthCm: 50 } })).toEqual([
      'shape: has a field that is not part of the format: lengthCm',
    ]);
    expect(errorsOf('personalThings', { shape: 'round' })).toEqual([
      'shape: expected an object, got "round"',
    ]);
  });
});

test.each([
  ['2027-05-10', true],
  ['2028-02-29', true],
  ['2027-02-29', false],
  ['2027-13-01', false],
  ['10.05.2027', false],
  ['2027-5-1', false],
  [20270510, false],
])('%p is a date: %p', (value, expected) => expect(isIsoDate(value)).toBe(expected));

test('a thing that contradicts itself says so in a form too', () => {
  expect(thingErrors(aThing('t'), 3)).toEqual([]);
  const odd = aThing('t', { volumeL: 5, shape: { kind: 'stuff', looseVolumeL: 3 }, fromDay: 4 });
  expect(thingErrors(odd, 3).map((e) => e.message)).toEqual([
    'expected a day of this trip, 1 to 3, got 4',
    'expected at least the packed volume, 5 L, got 3',
  ]);
});

test('an empty trip needs at least a day', () => {
  const trip = aTrip([], []);
  expect(tripErrors(trip)).toEqual([]);
  expect(tripErrors({ ...trip, legs: [] })).toEqual([
    { path: 'legs', message: 'expected a list of 1 to 60 entries, got []' },
  ]);
});

describe('the JSON Schema', () => {
  const schema = tripJsonSchema() as {
    $id: string;
    $defs: Record<string, object>;
    properties: { trip: { properties: Record<string, { items: object }>; required: string[] } };
  };
  const trip = schema.properties.trip;
  test('requires what the reader requires', () => {
    expect(trip.required).toEqual(
      expect.arrayContaining(['id', 'name', 'startDate', 'houseRules', 'legs', 'members', 'share', 'stows']),
    );
    expect(trip.required).not.toContain('notes');
  });
  test('carries ranges, choices and patterns', () => {
    expect(schema.$id).toBe('urn:graft:trip-file:8');
    expect(trip.properties['members']!.items).toEqual({ $ref: '#/$defs/members' });
    const member = schema.$defs['members'] as {
      properties: Record<string, object>;
      required: string[];
      additionalProperties: boolean;
    };
    expect(member.properties['bodyMassKg']).toEqual({ type: 'number', minimum: 10, maximum: 250 });
    expect(member.properties['ageBand']).toEqual({ type: 'string', enum: ['under18', 'adult'] });
    expect(member.properties['id']).toEqual({ type: 'string', pattern: '^[a-z0-9][a-z0-9-]{0,63}$' });
    expect(member.required).not.toContain('ownCapKg');
    expect(member.additionalProperties).toBe(false);
  });
});
