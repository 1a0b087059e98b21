import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { array, number, object, string, ValidationError, type AnySchema } from 'yup';
import { sheetMarksSchema } from '../sheet/sheetMarkSchema.js';
import { MARK_KINDS } from '../sheet/marks.js';
import { COLLECTIONS } from '../trip/edits.js';
import { examine, MOST_ERRORS, schemaErrors } from './checkSchema.js';
import { InvalidInputError } from './fieldError.js';
import { readJson } from '../formats/readJson.js';
import { repeated } from '../units/repeated.js';
import { parseTripFile } from '../formats/tripFile.js';
import { ITEM_SCHEMAS, tripSchema } from './tripSchema.js';
import { runs } from '../testing/runs.js';

/** What Yup says of the whole value by itself. */
function byYup(schema: AnySchema, value: unknown): readonly string[] {
  try {
    schema.validateSync(value, { strict: true, abortEarly: false });
    return [];
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const inner = error.inner.length > 0 ? error.inner : [error];
    return [...new Set(inner.map((e) => `${e.path ?? ''}: ${e.message}`))].sort();
  }
}
const byUs = (schema: AnySchema, value: unknown): readonly string[] =>
  schemaErrors(schema, value)
    .map((e) => `${e.path}: ${e.message}`)
    .sort();

const ODD = fc.oneof(
  fc.constantFrom<unknown>(undefined, null, true, false, 0, -1, 7, 1.25, 1e9, NaN, '', 'x', 'Tent', [], {}),
  fc.constantFrom<unknown>(['x'], [null], { kind: 'pouch' }, { kind: 'stuff' }, 'constructor', new Date(0)),
  fc.constantFrom<unknown>('2027-05-10', '2027-02-30', ...MARK_KINDS),
);

describe('the walk agrees with Yup', () => {
  const trip = parseTripFile(
    readFileSync(join(__dirname, '../../../../data/demo/corvane-census.graft.json'), 'utf8'),
  );
  test.each(COLLECTIONS)('over odd entries of %s', (collection) => {
    const schema = ITEM_SCHEMAS[collection] as AnySchema;
    const items = (trip[collection] as readonly object[]).slice(0, 5);
    const bases = items.length > 0 ? items : [{}];
    const item = fc
      .tuple(
        fc.constantFrom(...bases),
        fc.constantFrom(...Object.keys((schema.describe() as unknown as { fields: object }).fields), 'more'),
        ODD,
      )
      .map(([base, key, value]) => ({ ...base, [key]: value }));
    fc.assert(
      fc.property(fc.oneof({ weight: 9, arbitrary: item }, { weight: 1, arbitrary: ODD }), (value) => {
        expect(byUs(schema, value)).toEqual(byYup(schema, value));
      }),
      { seed: 4, numRuns: runs(150) },
    );
  });

  test('over odd marks', () => {
    const good = {
      id: '0b6ff2f4-5a53-4a4c-9d4e-2f3b6d1c9a10',
      kind: 'packed',
      thingId: 'tent',
      value: true,
      at: '2027-05-10T07:30:00.000Z',
      replaces: [],
    };
    const keys = fc.constantFrom('id', 'kind', 'thingId', 'value', 'at', 'replaces', 'more');
    const mark = fc.dictionary(keys, ODD, { maxKeys: 2 }).map((change) => ({ ...good, ...change }));
    fc.assert(
      fc.property(fc.array(fc.oneof(mark, ODD), { maxLength: 2 }), (marks) => {
        const schema = sheetMarksSchema as AnySchema;
        expect(byUs(schema, { marks })).toEqual(byYup(schema, { marks }));
      }),
      { seed: 5, numRuns: runs(1000) },
    );
  });

  test('over a whole trip', () => {
    expect(schemaErrors(tripSchema, trip)).toEqual([]);
    const broken = { ...trip, legs: 'three', members: trip.members.map((m) => ({ ...m, bodyMassKg: '70' })) };
    expect(byUs(tripSchema, broken)).toEqual(byYup(tripSchema, broken));
  });
});

describe('size before content', () => {
  /** Says when anybody looks into it. */
  const untouchable = (length: number): unknown[] =>
    new Proxy(
      Array.from({ length }, () => ({})),
      {
        get(target, key, receiver) {
          if (typeof key === 'string' && Number(key) > 80) throw new Error(`entry ${key} was looked at`);
          return Reflect.get(target, key, receiver) as unknown;
        },
      },
    );
  const small = array(object({ a: string().required() })).max(3, 'expected at most 3');

  test('of a list that is too long no entry is looked at but for what is repeated', () => {
    expect(examine(small, untouchable(100_000))).toEqual({
      errors: [{ path: '', message: 'expected at most 3' }],
      whole: false,
    });
  });

  test('a list or text whose schema names no length has one all the same', () => {
    const errors = schemaErrors(object({ list: array(number()), text: string() }), {
      list: Array(5001).fill(1),
      text: 'x'.repeat(20_001),
    });
    expect(errors).toEqual([
      { path: 'list', message: 'expected a length of at most 5000, got 5001 entries' },
      { path: 'text', message: 'expected a length of at most 20000, got 20001 characters' },
    ]);
  });

  test('no pattern is tried on a text that is too long', () => {
    const slow = string()
      .max(10, 'expected at most 10')
      .matches(/^(a+)+$/, 'expected letters');
    expect(schemaErrors(slow, `${'a'.repeat(5_000_000)}!`)).toEqual([
      { path: '', message: 'expected at most 10' },
    ]);
  });

  test('after fifty errors nothing more is looked at', () => {
    const many = array(object({ a: string().required('expected a') })).max(100_000);
    const { errors, whole } = examine(many, Array(90_000).fill({}));
    expect(errors).toHaveLength(MOST_ERRORS);
    expect(errors[49]).toEqual({ path: '[49].a', message: 'expected a' });
    expect(whole).toBe(false);
  });
});

describe('what a message repeats of a value', () => {
  test.each([
    [undefined, 'nothing'],
    [null, 'null'],
    [1.5, '1.5'],
    ['tent', '"tent"'],
    [[1, 'a', { b: [] }], '[1,"a",{"b":[]}]'],
  ])('%j is repeated whole', (value, text) => {
    expect(repeated(value)).toBe(text);
  });

  test('what is long is cut, and what is deep is no trouble', () => {
    expect(repeated('x'.repeat(8_000_000))).toBe(`"${'x'.repeat(79)}…`);
    let deep: unknown = 1;
    for (let i = 0; i < 200_000; i += 1) deep = [deep];
    expect(repeated(deep)).toBe(`${'['.repeat(80)}…`);
    expect(repeated(Array(1e6).fill(12))).toHaveLength(81);
  });
});

describe('JSON from outside', () => {
  const refusal = (text: string): string => {
    try {
      readJson(text);
      return 'read';
    } catch (error) {
      return error instanceof InvalidInputError ? error.message : String(error);
    }
  };

  test('is read as it is', () => {
    const text = '{"a":[1,{"b":"[[[[{{{{ \\\\" }],"c":"\\"[["}';
    expect(readJson(text)).toEqual(JSON.parse(text));
  });

  test('nested deeper than anything that Graft reads is refused before it is read', () => {
    expect(refusal(`${'['.repeat(40)}${']'.repeat(40)}`)).toBe('read');
    expect(refusal('['.repeat(41))).toBe(
      'expected lists and objects in one another at most 40 deep, got more',
    );
    expect(refusal('{"a":'.repeat(1_000_000))).toContain('at most 40 deep');
  });

  test('that is hardly anything but brackets is refused before it is read', () => {
    expect(refusal(`[${'{},'.repeat(50_000)}{}]`)).toBe(
      'expected an object or a list for every few characters at most, got more',
    );
  });

  test('that is none is told by its place, and repeats nothing', () => {
    expect(refusal('{"a": [1\n, 2 3]}')).toBe(
      "expected JSON text: Expected ',' or ']' after array element (line 2, column 5)",
    );
    const secret = `{"a":${' '.repeat(20)}\n\n secret, "b": ${' '.repeat(20)}}`;
    expect(refusal(secret)).toBe("expected JSON text: Unexpected token 's' (near line 3)");
    expect(refusal('')).toBe('expected JSON text: Unexpected end of JSON input at its end');
  });
});

test('a list that is too long is refused by its length, without what is in it', () => {
  const file = readJson(
    readFileSync(join(__dirname, '../../../../data/demo/hut-roof.graft.json'), 'utf8'),
  ) as {
    trip: { legs: object[]; kits: { pieces: object[] }[] };
  };
  const refusal = (change: (trip: (typeof file)['trip']) => void): string => {
    const bad = structuredClone(file);
    change(bad.trip);
    try {
      parseTripFile(JSON.stringify(bad));
      return '';
    } catch (error) {
      return (error as InvalidInputError).message;
    }
  };
  const days = refusal((t) => (t.legs = Array.from({ length: 900 }, () => ({ name: 'a secret place' }))));
  expect(days).toBe('trip.legs: expected a list of 1 to 60 entries, got 900 entries');
  const nobody = Array.from({ length: 5000 }, (_id, i) => `nobody-${i}`);
  expect(refusal((t) => Object.assign(t.kits[0]!.pieces[0]!, { onlyMemberIds: nobody }))).toMatch(
    /, got 5000 entries$/,
  );
  // Each piece has one that nobody is: as many errors as anybody reads.
  const many = refusal((t) => {
    t.kits[0]!.pieces = Array.from({ length: 400 }, (_p, i) => ({
      ...t.kits[0]!.pieces[0],
      id: `p${i}`,
      onlyMemberIds: ['nobody'],
    }));
  });
  expect(many.split('\n').length).toBeLessThanOrEqual(MOST_ERRORS);
});
