import fc from 'fast-check';
import { starterLibrary } from '../library/starterLibrary.js';
import { takeRows, tooLong } from '../lists/takeRows.js';
import { parseQuantity } from '../units/parse.js';
import { parseList } from '../lists/pasteList.js';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { Thing, Trip } from '../trip/model.js';
import { decodeText, guardCell, readCsvTable, writeCsvTable } from './csvTable.js';
import { csvTrip, readThings, type ReadThings } from './readThings.js';
import { CSV_FIELDS } from './csvFields.js';
import { guessMapping, guessOptions } from './guessTable.js';
import { thingsCsv } from './thingsCsv.js';
import { tripErrors } from './tripFile.js';
import { runs } from '../testing/runs.js';

function read(
  text: string,
  trip = aTrip([aMember('ilse')], []),
): ReadThings & { readonly mapping: readonly (string | undefined)[]; readonly options: object } {
  const members = trip.members.map((m) => m.name);
  const table = readCsvTable(text, { members });
  const mapping = guessMapping(table, members);
  const options = guessOptions(table, mapping);
  return { ...readThings(table, mapping, options, starterLibrary(), csvTrip(trip)), mapping, options };
}
const masses = (text: string): unknown =>
  read(text).rows.map((r) => [r.thing.name, Number(r.thing.massKg.toFixed(4))]);

describe('files as other programs write them', () => {
  test('a spreadsheet in English: commas, quotes, a line break in a cell, CRLF', () => {
    const text =
      'Item,Qty,Weight (g),Notes\r\n"Tent, two people",1,1900,"pitch\r\nfirst"\r\n"Mug ""blue""",2,90,\r\n';
    expect(masses(text)).toEqual([
      ['Tent, two people', 1.9],
      ['Mug "blue"', 0.09],
    ]);
    expect(read(text).rows.map((r) => [r.line, r.count])).toEqual([
      [2, 1],
      [4, 2],
    ]);
  });
  test('a spreadsheet in German: semicolons, decimal commas, a byte-order mark, its own words', () => {
    const text = '\uFEFFGegenstand;Anzahl;Gewicht kg;Wer\r\nZelt;1;1,9;Ilse\r\nKocher;1;0,340;\r\n';
    expect(read(text).options).toEqual({ massUnit: 'kg', volumeUnit: 'l', decimal: ',', massOf: 'each' });
    expect(masses(text)).toEqual([
      ['Zelt', 1.9],
      ['Kocher', 0.34],
    ]);
    expect(read(text).rows[0]!.list).toBe('Ilse');
  });
  test('a French one in Windows-1252 bytes, with thin spaces in thousands', () => {
    const text = 'Nom;Poids g\r\nVêtements secs;1\u00a0250\r\nRéchaud;390,5\r\n';
    const bytes = Uint8Array.from(text, (c) => c.charCodeAt(0));
    expect(masses(decodeText(bytes))).toEqual([
      ['Vêtements secs', 1.25],
      ['Réchaud', 0.3905],
    ]);
  });
  test('tabs in UTF-16, as "Unicode text" is written', () => {
    const text = 'name\tmass\tunit\nPot\t1\tlb\nLid\t4\toz\n';
    const bytes = new Uint8Array(2 + text.length * 2);
    bytes.set([0xff, 0xfe]);
    [...text].forEach((c, i) => bytes.set([c.charCodeAt(0) & 255, c.charCodeAt(0) >> 8], 2 + i * 2));
    expect(masses(decodeText(bytes))).toEqual([
      ['Pot', 0.4536],
      ['Lid', 0.1134],
    ]);
  });
  test('a separator told in a first line, empty lines, cells short of a row', () => {
    expect(masses('sep=|\n\nname|mass|volume\nRope|1.9 kg|4\n\nCord|160 g\n')).toEqual([
      ['Rope', 1.9],
      ['Cord', 0.16],
    ]);
    expect(read('sep=|\n\nname|mass|volume\nRope|1.9 kg|4\n\nCord|160 g\n').rows.map((r) => r.line)).toEqual([
      4, 6,
    ]);
  });
  test('units in the cells win over the column’s; large bare numbers are grams', () => {
    expect(masses('weight,name\n2 lb 3 oz,Tent\n1.2kg,Pot\n640,Stove\n')).toEqual([
      ['Tent', 0.9922],
      ['Pot', 1.2],
      ['Stove', 0.64],
    ]);
  });
  test('any order of columns; headers that say nothing stay unmapped', () => {
    expect(read('Colour;Mass;Thing;URL\nred;0,5;Bag;x\n').mapping).toEqual([
      undefined,
      'mass',
      'name',
      undefined,
    ]);
  });
});

describe('errors name line, column and value; good rows can be taken without them', () => {
  test('every bad cell is told', () => {
    const { rows, errors } = read(
      'name,mass kg,marks,best before,shape\nGood,1,hard,2027-05-10,pouch\n,heavy,shiny,soon,ball\nAlso good,2,,,\n',
    );
    expect(rows.map((r) => r.thing.name)).toEqual(['Good', 'Also good']);
    expect(
      errors.map(
        (e) =>
          `${e.line} ${e.column}: ${e.message.replace(/expected (must|hard|"block).*?, got/, 'expected …, got')}`,
      ),
    ).toEqual([
      '3 name: expected a name, got nothing',
      '3 mass kg: expected a weight such as "1.2 kg", "850 g", "2 lb 3 oz" or "11 st 4", got "heavy"',
      '3 shape: expected …, got "ball"',
      '3 marks: expected …, got "shiny"',
      '3 best before: expected a date such as "2027-05-10" or "10.5.2027", got "soon"',
    ]);
  });
  test('a table without names, a row with too many cells, a quote that never ends', () => {
    expect(read('mass\n1\n').errors).toEqual([
      { line: 1, column: '', message: 'expected a column with the names of things' },
    ]);
    expect(read('name,mass\nTent,1,2\n').errors).toEqual([
      { line: 2, column: '', message: 'expected 2 cells, got 3' },
    ]);
    expect(read('name,mass\n"Tent,1\n').errors[0]!.message).toBe('expected a closing quote');
  });
  test.each([
    ['block 10 x 10 x 10', '5', '', '', 'Packed: expected at most 1, the volume of its shape in L, got 5'],
    ['stuff loose 3 L', '5', '', '', 'shape: expected at least the packed volume, 5 L, got 3'],
    ['', '200', '', '', 'Packed: expected 0 to 150 L, got "200"'],
    ['', '', '4', '', 'From day: expected a day of this trip, 1 to 3, got 4'],
    ['', '', '3', '2', 'To day: expected day 3 (fromDay) or later, got 2'],
  ])('a row that contradicts itself or the trip is told: %s %s %s %s', (shape, volume, from, to, error) => {
    const { rows, errors } = read(
      `name,shape,Packed,From day,To day\nBag,${shape},${volume},${from},${to}\nCup,,,,\n`,
      aTrip([aMember('ilse')], [], [], 3),
    );
    expect(errors.map((e) => `${e.column}: ${e.message}`)).toEqual([error]);
    expect(rows.map((r) => r.thing.name)).toEqual(['Cup']);
  });
  test('what is used up needs both its days, and leaves no more than there was', () => {
    const { errors } = read(
      'name,mass kg,Used up from day,Used up to day,"Left, kg"\nOats,1,1,,\nRice,1,,,0.1\nSalt,1,1,1,2\nTea,1,1,1,0\n',
    );
    expect(errors.map((e) => `${e.line} ${e.column}: ${e.message}`)).toEqual([
      '2 Used up to day: expected the last day it is used up on, got nothing',
      '3 Used up from day: expected the first day it is used up on, got nothing',
      '3 Used up to day: expected the last day it is used up on, got nothing',
      '4 Left, kg: expected at most 1, the mass in kg, got 2',
    ]);
  });
  test('a group that is not of this trip is told; texts have a length', () => {
    const trip: Trip = {
      ...aTrip([aMember('ilse')], []),
      groups: [{ id: 'heron', name: 'Tent Heron', kind: 'tent' }],
    };
    const { rows, errors } = read(
      `name,Only for,Owner\nFly,tent heron ,\nPole,Tent Crane,\nPeg,,${'x'.repeat(121)}\n`,
      trip,
    );
    expect(errors.map((e) => `${e.column}: ${e.message}`)).toEqual([
      'Only for: expected a tent or cook group of this trip, Tent Heron, got "Tent Crane"',
      'Owner: expected at most 120 characters, got 121',
    ]);
    const { trip: next } = takeRows(trip, rows, { kind: 'group' });
    expect(next.kits.flatMap((k) => k.pieces)).toEqual([expect.objectContaining({ onlyGroupId: 'heron' })]);
  });
  test('what a row does not say follows what it says', () => {
    const form = (row: string): unknown => {
      const { thing } = read(`name,shape,Packed\n${row}\n`).rows[0]!;
      return [thing.shape.kind, thing.volumeL];
    };
    // A box of a litre is packed as a litre; a sleeping bag said to be huge is let out as far.
    expect(form('Gadget,block 10 x 10 x 10,')).toEqual(['block', 1]);
    expect(form('Sleeping bag,,90')).toEqual(['stuff', 90]);
    expect(form('Gas stove,,9')).toEqual(['pouch', 9]);
  });
  test('property: whatever the cells hold, the rows said to be good make a trip without an error', () => {
    const cell = fc.oneof(
      fc.constantFrom(
        '',
        '1',
        '3',
        '0.5',
        '7',
        '61',
        '200',
        'hard',
        'yes',
        '-',
        '2027-05-10',
        'pouch',
        'Kit',
      ),
      fc.constantFrom('block 10 x 10 x 10', 'roll 30 x 10', 'stuff loose 2 L', 'camp', 'gas', 'sleeping bag'),
      fc.string({ maxLength: 8 }),
    );
    const headers = CSV_FIELDS.map((f) => f.header);
    fc.assert(
      fc.property(
        fc.array(fc.array(cell, { minLength: headers.length, maxLength: headers.length }), { maxLength: 12 }),
        (cells) => {
          const trip = aTrip([aMember('ilse')], [aThing('pot')], [], 3);
          // Most cells empty, or hardly a row would be good; every row has a name.
          const rows = cells.map((row, r) =>
            row.map((text, i) =>
              headers[i] === 'Thing' ? `sleeping bag ${r}` : (r + i) % 5 === 0 ? text : '',
            ),
          );
          const good = read(writeCsvTable(headers, rows), trip);
          const taken = takeRows(trip, good.rows, { kind: 'group' }).trip;
          expect(tripErrors(taken)).toEqual([]);
          const lines = new Set([...good.rows, ...good.errors].map((r) => r.line));
          expect(lines.size).toBe(rows.length);
        },
      ),
      { seed: 4, numRuns: runs(300) },
    );
  });
  test('an empty file has nothing to read', () => expect(read('').rows).toEqual([]));
});

describe('formulas', () => {
  test.each(['=1+1', '+41', '-x', '@cmd', '\t=1', "'=1", "''+2"])(
    '%j cannot run, and comes back as it was',
    (text) => {
      expect(guardCell(text)).toMatch(/^'/);
      expect(readCsvTable(writeCsvTable(['name'], [[text]])).rows).toEqual([[text]]);
    },
  );
  test('ordinary words, numbers and apostrophes are left alone', () => {
    expect([guardCell('Tent'), guardCell("O'Neil"), guardCell("'tis")]).toEqual(['Tent', "O'Neil", "'tis"]);
    expect(writeCsvTable(['a'], [[-5]])).toContain('\r\n-5\r\n');
  });
});

describe('a round trip', () => {
  const content = (trip: Trip): unknown =>
    [
      ...trip.kits.flatMap((k) => k.pieces.map((p) => ({ ...p, list: k.name }))),
      ...trip.personalThings.map((t) => ({
        ...t,
        list: trip.members.find((m) => m.id === t.memberId)!.name,
      })),
    ].map(({ libraryId: _l, madeBy: _m, nestsIn: _n, ...t }) => {
      const {
        onlyMemberIds: _only,
        partOf: _whole,
        ...rest
      } = t as typeof t & { onlyMemberIds?: unknown; partOf?: unknown };
      return rest;
    });
  /** The same party with nothing on its lists. */
  const bare = (trip: Trip): Trip => ({
    ...trip,
    kits: [],
    personalThings: [],
    carrierRules: [],
    share: [],
    stows: [],
    arrangements: [],
  });

  test('property: what is written is read back to the last digit, names that look like formulas too', () => {
    fc.assert(
      fc.property(arbitraryTrip(), (random) => {
        // Lists are told by name: members and kits must be told apart by it; cells lose blanks at their ends.
        const trip: Trip = {
          ...random,
          members: random.members.map((m, i) => ({ ...m, name: `M${i}` })),
          kits: random.kits.map((k) => ({
            ...k,
            pieces: k.pieces.map((p) => ({ ...p, name: p.name.trim() })),
          })),
          personalThings: random.personalThings.map((t) => ({ ...t, name: t.name.trim() })),
        };
        const trimmed = <T extends Thing>(t: T): T => ({
          ...t,
          ...(t.owner === undefined ? {} : { owner: t.owner.trim() }),
          ...(t.joinsAt === undefined ? {} : { joinsAt: t.joinsAt.trim() }),
          ...(t.leavesAt === undefined ? {} : { leavesAt: t.leavesAt.trim() }),
        });
        const owners = (t: Trip): Trip => ({
          ...t,
          kits: t.kits.map((k) => ({ ...k, pieces: k.pieces.map(trimmed) })),
          personalThings: t.personalThings.map(trimmed),
        });
        const table = readCsvTable(thingsCsv(trip));
        const mapping = guessMapping(table);
        const { rows, errors } = readThings(
          table,
          mapping,
          guessOptions(table, mapping),
          starterLibrary(),
          csvTrip(trip),
        );
        expect(errors).toEqual([]);
        const taken = takeRows(bare(trip), rows, { kind: 'group' });
        expect(content(taken.trip)).toEqual(content(owners(trip)));
        expect(tripErrors(taken.trip)).toEqual([]);
      }),
      { seed: 11, numRuns: runs(60) },
    );
  });
  test('read again into the same trip it changes things instead of doubling them', () => {
    const trip = aTrip(
      [aMember('ilse')],
      [aThing('pot', { massKg: 0.5, nestsIn: 'bag' }), aThing('bag')],
      [{ ...aThing('torch'), memberId: 'ilse', worn: false }],
    );
    const table = readCsvTable(thingsCsv(trip).replace('0.5', '0.55'));
    const mapping = guessMapping(table);
    const { rows } = readThings(table, mapping, guessOptions(table, mapping), [], csvTrip(trip));
    const { trip: next, added, updated } = takeRows(trip, rows, { kind: 'group' });
    expect([added, updated]).toEqual([0, 3]);
    expect(next.kits[0]!.pieces[0]).toMatchObject({ massKg: 0.55, nestsIn: 'bag' });
    expect(next.personalThings).toEqual(trip.personalThings);
  });
});

test('lists go to the member or kit they name, a new kit, or the target', () => {
  const trip = aTrip([aMember('ilse', { name: 'Ilse' })], [aThing('pot')]);
  const { rows } = read(
    'list,name,mass kg,count\nILSE,Torch,0.1,1\nkit,Lid,0.1,1\nScience,Scope,1.7,2\n,Tarp,0.9,1\n',
  );
  const { trip: next } = takeRows(trip, rows, { kind: 'member', memberId: 'ilse' });
  expect(next.personalThings.map((t) => t.name)).toEqual(['Torch', 'Tarp']);
  expect(next.kits.map((k) => [k.name, k.pieces.map((p) => p.name)])).toEqual([
    ['Kit', ['pot', 'Lid']],
    ['Science', ['Scope', 'Scope']],
  ]);
  expect(tripErrors(next)).toEqual([]);
});

test('lists that would get longer than a trip holds are told before they are taken', () => {
  const trip = aTrip([aMember('ilse')], []);
  const { rows } = read('list,name,count\nKit,Peg,99\nKit,Peg,99\nKit,Peg,99\n');
  const taken = takeRows(trip, rows, { kind: 'group' }).trip;
  expect(tooLong(taken)).toBeUndefined();
  expect(tooLong(takeRows(taken, rows.slice(0, 1), { kind: 'group' }).trip)).toBe(
    'expected at most 300 pieces in one kit, got 396 in Kit: name their kits or members in a column for the list',
  );
  const [own] = takeRows(trip, rows.slice(0, 1), { kind: 'member', memberId: 'ilse' }).trip.kits[0]!.pieces;
  const many = (count: number): Trip => ({
    ...trip,
    personalThings: Array.from({ length: count }, () => ({ ...own!, memberId: 'ilse', worn: false })),
  });
  expect(tooLong(many(3000))).toBeUndefined();
  expect(tooLong(many(3001))).toBe('expected at most 3000 personal things on a trip, got 3001');
});

describe('a point that parts thousands', () => {
  const masses = (...lines: string[]) => {
    const table = readCsvTable(['Thing;Mass g;Packed l', ...lines].join('\n'));
    const mapping = guessMapping(table);
    const { rows, errors } = readThings(
      table,
      mapping,
      guessOptions(table, mapping),
      [],
      csvTrip(aTrip([], [])),
    );
    return { kg: rows.map((r) => r.thing.massKg), errors: errors.map((e) => e.message) };
  };
  test('"2.450" in a column of grams is two and a half kilograms', () => {
    expect(masses('Tent;2.450;5', 'Stove;90;1', 'Pot;1.050;2').kg).toEqual([2.45, 0.09, 1.05]);
  });
  test('with points that part decimals beside it, it is asked about and not guessed', () => {
    const { kg, errors } = masses('Tent;2.450;5', 'Stove;90.5;1');
    expect(kg).toEqual([0.0905]);
    expect(errors).toEqual(['"2.450" can be read two ways: write 2450 g or 2.45 g']);
  });
  test('the same in a list and in a field; kilograms have three places', () => {
    expect(parseQuantity('2.450 g', 'mass', 'kg')).toMatchObject({ ok: false });
    expect(parseQuantity('2.450', 'mass', 'g')).toMatchObject({ ok: false });
    expect(parseQuantity('2.450', 'mass', 'kg')).toEqual({ ok: true, value: 2.45 });
    expect(parseQuantity('2.45 g', 'mass', 'kg')).toEqual({ ok: true, value: 0.00245 });
    // What such a thing can weigh decides; where both can be, it is asked.
    expect(parseList('Tent 2.450 g').things).toMatchObject([{ massKg: 2.45 }]);
    expect(parseList('Laptop 9.500 g').errors).toHaveLength(1);
  });
});
