import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Ajv2020 } from 'ajv/dist/2020.js';
import fc from 'fast-check';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { NEW_IN_VERSION_4, NEW_IN_VERSION_5, NEW_IN_VERSION_6 } from '../trip/emptyTrip.js';
import { DEFAULT_LARDER } from '../trip/larderModel.js';
import { COLLECTIONS } from '../trip/edits.js';
import type { Trip } from '../trip/model.js';
import { InvalidInputError, type FieldError } from '../schema/fieldError.js';
import { parseTripFile, serialiseTripFile, tripErrors } from './tripFile.js';
import { fieldTables } from './fieldTable.js';
import { tripJsonSchema } from './tripJsonSchema.js';
import { runs } from '../testing/runs.js';

const ROOT = join(__dirname, '../../../..');
const DEMO = ['corvane-census', 'hut-roof', 'rock-mapping'];
const demoText = (id: string): string => readFileSync(join(ROOT, `data/demo/${id}.graft.json`), 'utf8');
type Json = Record<string, unknown>;
const demoData = (): {
  format: string;
  version: number;
  trip: Record<string, Json[]>;
} => JSON.parse(demoText('hut-roof')) as never;

function errorsOf(text: string): readonly FieldError[] {
  try {
    parseTripFile(text);
  } catch (error) {
    if (error instanceof InvalidInputError) return error.errors;
    throw error;
  }
  return [];
}
const ajv = new Ajv2020({ allErrors: true, strict: false, validateFormats: false });
const bySchema = ajv.compile(tripJsonSchema());

/** Until version 8 no house rule kept a cook set with one carrier, and each carried their own water. */
const asItCame = (trip: Trip): Trip => ({
  ...trip,
  houseRules: { ...trip.houseRules, cookSet: 'free', waterShare: 'each' },
});

describe('trip files', () => {
  test('export and import lose nothing', () => {
    fc.assert(
      fc.property(arbitraryTrip(), (trip) => {
        expect(parseTripFile(serialiseTripFile(trip))).toEqual(trip);
      }),
      { seed: 1, numRuns: runs(80) },
    );
  });

  test.each(DEMO)('%s is a valid file, by Yup and by the JSON Schema', (id) => {
    const trip = parseTripFile(demoText(id));
    expect(serialiseTripFile(trip)).toBe(demoText(id));
    expect(bySchema(JSON.parse(demoText(id)))).toBe(true);
  });

  test('a file of version 1 is read as it was meant, and written as the newest version', () => {
    const old = readFileSync(join(__dirname, '../testing/files/hut-roof-version-1.graft.json'), 'utf8');
    const before = (JSON.parse(old) as { version: number; trip: Trip }).trip;
    const trip = parseTripFile(old);
    expect(trip).toMatchObject({
      ...before,
      houseRules: { ...before.houseRules, bags: 'dryBags', tentSpace: 'exact' },
      members: before.members.map((m) => ({ ...m, carryTrials: [], limitHistory: [] })),
    });
    expect(trip).toMatchObject({
      style: 'camp',
      timeZone: 'UTC',
      limitPolicy: 'shareOfBodyWeight',
      weather: [],
    });
    const written = JSON.parse(serialiseTripFile(trip)) as { version: number };
    expect(written.version).toBe(8);
    expect(bySchema(written)).toBe(true);
  });
  test('a file of version 2 keeps everything and has an empty larder', () => {
    const old = readFileSync(join(__dirname, '../testing/files/hut-roof-version-2.graft.json'), 'utf8');
    const { trip: before, version } = JSON.parse(old) as { version: number; trip: Trip };
    expect(version).toBe(2);
    const trip = parseTripFile(old);
    expect(trip).toEqual({
      ...asItCame(before),
      larder: DEFAULT_LARDER,
      meals: [],
      canisters: [],
      pickups: [],
      arrangements: [],
      dismissals: [],
      ...NEW_IN_VERSION_4,
      ...NEW_IN_VERSION_5,
      ...NEW_IN_VERSION_6,
    });
    expect(bySchema(JSON.parse(serialiseTripFile(trip)))).toBe(true);
  });
  test('a file of version 3 keeps everything; it is fair by own limits, with nothing handed over or supposed', () => {
    const old = readFileSync(join(__dirname, '../testing/files/hut-roof-version-3.graft.json'), 'utf8');
    const { trip: before, version } = JSON.parse(old) as { version: number; trip: Trip };
    expect(version).toBe(3);
    expect(parseTripFile(old)).toEqual({
      ...asItCame(before),
      fairness: 'ownLimit',
      handovers: [],
      variants: [],
      practice: [],
      ...NEW_IN_VERSION_6,
    });
  });
  test('a file of version 4 keeps everything; nobody has practised, and places are as rough as they were', () => {
    const { trip } = JSON.parse(demoText('hut-roof')) as { trip: Trip };
    const { practice: _new, ...old } = trip;
    const stows = trip.stows.map((s) => ({
      ...s,
      placements: s.placements.map(({ spot: _spot, ...p }) => p),
    }));
    const file = JSON.stringify({ format: 'graft-trip', version: 4, trip: { ...old, stows } });
    expect(parseTripFile(file)).toEqual({ ...trip, stows, practice: [] });
  });
  test('a file of version 5 keeps everything; nothing is recorded yet', () => {
    const old = readFileSync(join(__dirname, '../testing/files/hut-roof-version-5.graft.json'), 'utf8');
    const { trip: before, version } = JSON.parse(old) as { version: number; trip: Trip };
    expect(version).toBe(5);
    expect(parseTripFile(old)).toEqual(asItCame({ ...before, ...NEW_IN_VERSION_6 }));
  });
  test('a file of version 6 keeps everything; everybody carries their own', () => {
    const old = readFileSync(join(__dirname, '../testing/files/hut-roof-version-6.graft.json'), 'utf8');
    const { trip: before, version } = JSON.parse(old) as { version: number; trip: Trip };
    expect(version).toBe(6);
    expect(parseTripFile(old)).toEqual(asItCame(before));
  });
  test('a file of version 7 keeps everything; its cook sets go as they came, and nothing holds things yet', () => {
    const old = readFileSync(join(__dirname, '../testing/files/hut-roof-version-7.graft.json'), 'utf8');
    const { trip: before, version } = JSON.parse(old) as { version: number; trip: Trip };
    expect(version).toBe(7);
    expect(parseTripFile(old)).toEqual(asItCame(before));
  });
  test('an event that says too little, too much or points nowhere is named, and so is a record of strangers', () => {
    const trip = parseTripFile(demoText('hut-roof'));
    const event = { day: 1, moment: 'morning' };
    const odd: unknown = {
      ...trip,
      events: [
        { ...event, id: 'a', kind: 'hurt', memberId: 'joss' },
        { ...event, id: 'b', kind: 'wetFly', litres: 2 },
        { ...event, id: 'c', kind: 'left', thingId: 'ghost' },
        { ...event, id: 'd', kind: 'gone', memberId: 'nobody', day: 9 },
        // The meal may have been planned anew since: that says nothing wrong.
        { ...event, id: 'e', kind: 'notEaten', mealId: 'no-longer-planned' },
      ],
      comfort: [{ id: 'c', memberId: 'nobody', day: 1, comfort: 11, hurts: [] }],
      uses: [{ thingId: 'ghost', fate: 'used' }],
      weighIns: [{ memberId: 'joss', measuredKg: 0, waterL: 1, checked: ['hat'] }],
      leftovers: [{ groupId: 'no-group' }],
    };
    const file = JSON.stringify({ format: 'graft-trip', version: 6, trip: odd });
    expect(errorsOf(file).map((e) => `${e.path}: ${e.message}`)).toEqual(
      expect.arrayContaining([
        'trip.events[0].factor: expected a value for "hurt", got nothing',
        'trip.events[1].litres: expected nothing for "wetFly", got 2',
        'trip.events[2].thingId: expected the id of a thing of this trip, got "ghost"',
        'trip.events[3].memberId: expected the id of a member of this trip, got "nobody"',
        'trip.events[3].day: expected a day of the trip, 1 to 3, got 9',
        'trip.comfort[0].comfort: expected a number from 1 to 10 (1 never again, 10 forgot I carried it), got 11',
        'trip.comfort[0].memberId: expected the id of a member of this trip, got "nobody"',
        'trip.uses[0].thingId: expected the id of a thing of this trip, got "ghost"',
        'trip.weighIns[0].measuredKg: expected a number from 0.1 to 80 kg, got 0',
        'trip.leftovers[0].groupId: expected the id of a cook group of this trip, got "no-group"',
      ]),
    );
    expect(errorsOf(file).filter((e) => e.path.startsWith('trip.events[4]'))).toEqual([]);
  });
  test('a bottom zip without a bottom part, and a part as high as the pack, are named', () => {
    const trip = parseTripFile(demoText('hut-roof'));
    const main = {
      at: { x: 0, y: 1.5, z: -9 },
      heightCm: 60,
      bottomWidthCm: 27,
      topWidthCm: 30,
      bottomDepthCm: 24,
      topDepthCm: 24,
      divider: false,
      openings: ['top', 'bottom'],
    };
    const packs = [
      { ...trip.packs[0], main },
      { ...trip.packs[1], main: { ...main, bottomPartCm: 60 } },
    ];
    const file = JSON.stringify({ format: 'graft-trip', version: 6, trip: { ...trip, packs } });
    expect(errorsOf(file).map((e) => `${e.path}: ${e.message}`)).toEqual([
      'trip.packs[0].main.bottomPartCm: expected a height, as there is an opening at the bottom, got nothing',
      'trip.packs[1].main.bottomPartCm: expected less than 60 cm, the height of the main compartment, got 60',
    ]);
  });
  test('handovers and what-ifs that point nowhere or say too little are named', () => {
    const trip = parseTripFile(demoText('hut-roof'));
    const odd: unknown = {
      ...trip,
      members: [{ ...trip.members[0], lastDay: 9 }, ...trip.members.slice(1)],
      handovers: [{ id: 'h', pieceId: 'ghost', day: 9, toMemberId: 'nobody', reason: 'tired' }],
      variants: [
        {
          id: 'v',
          name: 'A hot day',
          changes: [
            { kind: 'hotDay', day: 9 },
            { kind: 'memberOut', memberId: 'nobody', limitKg: 5 },
          ],
          share: [],
        },
      ],
    };
    const file = JSON.stringify({ format: 'graft-trip', version: 6, trip: odd });
    expect(errorsOf(file).map((e) => `${e.path}: ${e.message}`)).toEqual([
      'trip.members[0].lastDay: expected a day of the trip, 1 to 3, got 9',
      'trip.handovers[0].pieceId: expected the id of a piece, or of a personal thing in a pack, of this trip, got "ghost"',
      'trip.handovers[0].toMemberId: expected the id of a member of this trip, got "nobody"',
      'trip.handovers[0].day: expected a day of the trip, 1 to 3, got 9',
      'trip.variants[0].changes[0].extraL: expected a value, as kind is "hotDay", got nothing',
      'trip.variants[0].changes[0].day: expected a day of the trip, 1 to 3, got 9',
      'trip.variants[0].changes[1].memberId: expected the id of a member of this trip, got "nobody"',
      'trip.variants[0].changes[1].limitKg: expected nothing, as kind is "memberOut"',
    ]);
  });
  test('a broken file of version 1 is refused with the paths of what is there', () => {
    const errors = errorsOf(
      JSON.stringify({ format: 'graft-trip', version: 1, trip: { name: 5, members: 'none' } }),
    );
    expect(errors.map((e) => e.path)).toEqual(
      expect.arrayContaining(['trip.name', 'trip.members', 'trip.legs']),
    );
    expect(errorsOf(JSON.stringify({ format: 'graft-trip', version: 1 })).map((e) => e.path)).toContain(
      'trip',
    );
  });

  test('the census is as rich as its description', () => {
    const trip = parseTripFile(demoText('corvane-census'));
    const pieces = trip.kits.flatMap((k) => k.pieces);
    expect([trip.members.length, trip.legs.length]).toEqual([8, 6]);
    expect(pieces.length).toBeGreaterThanOrEqual(55);
    expect(pieces.length).toBeLessThanOrEqual(70);
    for (const member of trip.members) {
      const own = trip.personalThings.filter((t) => t.memberId === member.id && t.madeBy === undefined);
      expect(own.length).toBeGreaterThanOrEqual(12);
      expect(own.length).toBeLessThanOrEqual(20);
    }
    expect(trip.members.map((m) => m.bodyMassKg).sort((a, b) => a - b)).toEqual(
      expect.arrayContaining([47, 98]),
    );
  });

  test('a report beside the trip is allowed and not read', () => {
    const trip = parseTripFile(demoText('hut-roof'));
    expect(parseTripFile(serialiseTripFile(trip, { largestRatio: 0.7 }))).toEqual(trip);
  });

  test('a byte order mark is no error', () => {
    expect(errorsOf(`\uFEFF${demoText('hut-roof')}`)).toEqual([]);
  });
});

describe('a bad file', () => {
  test('yields every error with its path', () => {
    const data = demoData();
    data.version = 9;
    Object.assign(data.trip, { startDate: '2027-02-30', packingSchool: 'sideways' });
    data.trip['members']![0]!['bodyMassKg'] = 'heavy';
    data.trip['members']![1]!['packId'] = 'no-such-pack';
    data.trip['members']![1]!['colour'] = 'red';
    delete data.trip['legs']![0]!['hours'];
    const [piece] = data.trip['kits']![0]!['pieces'] as Json[];
    piece!['massKg'] = -1;
    piece!['shape'] = { kind: 'blob' };
    data.trip['share']!.push({ pieceId: 'ghost', memberId: 'joss', locked: 'yes' });
    data.trip['personalThings']![0]!['id'] = data.trip['personalThings']![1]!['id'];
    expect(errorsOf(JSON.stringify(data)).map((e) => `${e.path}: ${e.message}`)).toEqual(
      expect.arrayContaining([
        'version: expected 8, got 9',
        'trip.startDate: expected a date such as "2027-05-10", got "2027-02-30"',
        'trip.packingSchool: expected one of high, middle, low, got "sideways"',
        'trip.members[0].bodyMassKg: expected a number from 10 to 250 kg, got "heavy"',
        'trip.members[1].packId: expected the id of a pack of this trip, got "no-such-pack"',
        'trip.members[1]: has a field that is not part of the format: colour',
        'trip.legs[0].hours: expected a number from 0 to 24 h, got nothing',
        'trip.kits[0].pieces[0].massKg: expected a number from 0 to 60 kg, got -1',
        'trip.kits[0].pieces[0].shape.kind: expected one of block, flat, cylinder, roll, long, pouch, stuff, got "blob"',
        'trip.share[11].pieceId: expected the id of a piece, or of a personal thing in a pack, of this trip, got "ghost"',
        'trip.share[11].locked: expected true or false, got "yes"',
        expect.stringMatching(
          /^trip\.personalThings\[1\]\.id: expected a thing id not used before, got "joss-mat", also at trip\.personalThings\[0\]$/,
        ) as string,
      ]),
    );
  });

  test.each([
    ['', [{ path: '', message: 'expected JSON text: Unexpected end of JSON input at its end' }]],
    ['[]', [{ path: '', message: 'expected an object, got []' }]],
    ['null', [{ path: '', message: 'expected an object, got null' }]],
  ])('%p', (text, errors) => expect(errorsOf(text)).toEqual(errors));

  test('a syntax error has its line and column', () => {
    expect(errorsOf('{\n  "format": "graft-trip",\n  "version": 1,,\n}')[0]!.message).toMatch(
      /\(line 3, column 16\)$/,
    );
  });

  test.each<[string, (trip: ReturnType<typeof demoData>['trip']) => void, string]>([
    [
      'days outside the trip',
      (t) => (t['members']![1]!['conditions'] = [{ label: 'x', fromDay: 2, toDay: 7, factor: 1 }]),
      'trip.members[1].conditions[0].toDay: expected a day of this trip, 1 to 3, got 7',
    ],
    [
      'spans that end before they start',
      (t) => Object.assign(t['personalThings']![0]!, { fromDay: 3, toDay: 2 }),
      'trip.personalThings[0].toDay: expected day 3 (fromDay) or later, got 2',
    ],
    [
      'more volume than the shape has',
      (t) =>
        Object.assign(t['personalThings']![0]!, {
          shape: { kind: 'block', lengthCm: 10, widthCm: 10, heightCm: 10 },
          volumeL: 2,
        }),
      'trip.personalThings[0].volumeL: expected at most 1, the volume of its shape in L, got 2',
    ],
    [
      'more left over than there was',
      (t) =>
        Object.assign(t['personalThings']![0]!, {
          massKg: 1,
          consumption: { fromDay: 1, toDay: 1, residueKg: 2 },
        }),
      'trip.personalThings[0].consumption.residueKg: expected at most 1, the mass in kg, got 2',
    ],
    [
      'one pack on two backs',
      (t) => (t['members']![1]!['packId'] = 'pack-joss'),
      'trip.members[1].packId: expected a pack nobody else wears, got "pack-joss", worn at trip.members[0]',
    ],
    [
      'a tent group as cook group',
      (t) => {
        t['groups']!.push({ id: 'tent-x', name: 'X', kind: 'tent' });
        t['members']![0]!['cookGroupId'] = 'tent-x';
      },
      'trip.members[0].cookGroupId: expected a cook group, got "tent-x", which is a tent group',
    ],
    [
      'a placement of another’s thing',
      (t) => ((t['stows']![0]!['placements'] as Json[])[0]!['thingId'] = 'eddy-mat'),
      'trip.stows[0].placements[0].thingId: expected a thing in this member\'s pack (shared or handed to them, or their own and not worn), got "eddy-mat"',
    ],
    [
      'a zone the pack does not have',
      (t) => ((t['stows']![0]!['placements'] as Json[])[0]!['zoneId'] = 'boot'),
      'trip.stows[0].placements[0].zoneId: expected the id of a zone of the member\'s pack of this trip, got "boot"',
    ],
    [
      'a zone larger than its box',
      (t) => ((t['packs']![0]!['zones'] as Json[])[0]!['volumeL'] = 99),
      'trip.packs[0].zones[0].volumeL: expected at most 11.88 L, the box of its dimensions, got 99',
    ],
  ])('%s', (_what, spoil, expected) => {
    const data = demoData();
    spoil(data.trip);
    expect(errorsOf(JSON.stringify(data)).map((e) => `${e.path}: ${e.message}`)).toContain(expected);
  });

  test('damage anywhere is refused, never a crash', () => {
    const paths: (readonly (string | number)[])[] = [];
    const walk = (value: unknown, path: readonly (string | number)[]): void => {
      if (path.length > 0) paths.push(path);
      if (typeof value === 'object' && value !== null) {
        for (const [key, inner] of Object.entries(value))
          walk(inner, [...path, Array.isArray(value) ? Number(key) : key]);
      }
    };
    walk(demoData().trip, []);
    fc.assert(
      fc.property(
        fc.nat(paths.length - 1),
        fc.constantFrom<unknown>(null, {}, 'odd value', -5, 1e9),
        (at, damage) => {
          const data = demoData();
          const path = paths[at]!;
          let owner = data.trip as Record<string | number, unknown>;
          for (const key of path.slice(0, -1)) owner = owner[key] as Record<string | number, unknown>;
          owner[path[path.length - 1]!] = damage;
          const errors = tripErrors(data.trip);
          // The JSON Schema never accepts less than the reader does.
          if (errors.length === 0) expect(bySchema(data)).toBe(true);
          if (!bySchema(data)) expect(errors.length).toBeGreaterThan(0);
        },
      ),
      { seed: 17, numRuns: runs(150) },
    );
  });
});

test('docs/trip-format.schema.json is the schema the reader uses', () => {
  const written: unknown = JSON.parse(readFileSync(join(ROOT, 'docs/trip-format.schema.json'), 'utf8'));
  expect(written).toEqual(JSON.parse(JSON.stringify(tripJsonSchema())));
});

test('docs/trip-fields.md tells every field, choice and list of that schema', () => {
  const written = readFileSync(join(ROOT, 'docs/trip-fields.md'), 'utf8');
  expect(written).toBe(fieldTables());
  for (const list of COLLECTIONS) expect(written).toContain(`| \`${list}\` | must |`);
  for (const choice of ['survey', 'twoThirds', 'neverUpper', 'emergencyShelter'])
    expect(written).toContain(`\`${choice}\``);
});

test('the least trip of docs/trip-format.md is read, and less of it is not', () => {
  const text = readFileSync(join(ROOT, 'docs/trip-format.md'), 'utf8');
  const [, least = ''] = /## The least trip[\s\S]*?```json\n([\s\S]*?)```/.exec(text) ?? [];
  const file = JSON.parse(least) as { trip: Record<string, unknown> };
  expect(parseTripFile(least).name).toBe('A walk');
  for (const field of Object.keys(file.trip)) {
    const { [field]: _gone, ...rest } = file.trip;
    expect([field, tripErrors(rest).length > 0]).toEqual([field, true]);
  }
});
