import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { decodeText, readCsvTable, tableOf, type CsvTable } from '../formats/csvTable.js';
import { csvTrip, readThings } from '../formats/readThings.js';
import { guessMapping, guessOptions } from '../formats/guessTable.js';
import { starterLibrary } from '../library/starterLibrary.js';
import { settleLists, unknownLists, type ListMeaning } from '../lists/takeLists.js';
import { takeRows } from '../lists/takeRows.js';
import { aMember, aTrip } from '../testing/smallTrip.js';
import { isWorkbook, readWorkbook } from './readWorkbook.js';

/** Written by LibreOffice out of the table in scripts/foreign.mjs. */
const file = (name: string): Uint8Array =>
  new Uint8Array(readFileSync(join(__dirname, `../testing/files/${name}`)));
const MEMBERS = ['Ilse', 'Bram'];
const trip = aTrip(
  MEMBERS.map((name) => aMember(name)),
  [],
);

/** A file's table, as a leader's choice of it is read. */
function tableIn(name: string): CsvTable {
  return name.endsWith('.csv')
    ? readCsvTable(decodeText(file(name)), { members: MEMBERS })
    : tableOf(readWorkbook(file(name))[0]!.rows, { members: MEMBERS });
}

test.each([
  ['owner.xlsx', '.'],
  ['owner.ods', '.'],
  ['owner-de-DE.csv', ','],
  ['owner-fr-FR.csv', ','],
  ['owner-de-CH.csv', '.'],
  ['owner-sv-SE.csv', ','],
  ['owner-en-US.csv', '.'],
])('%s: the column "Owner" puts things on their owners’ lists', (name, decimal) => {
  const table = tableIn(name);
  expect([table.headerLine, table.sums]).toEqual([3, [11]]);
  const mapping = guessMapping(table, MEMBERS);
  expect(mapping).toEqual(['name', 'list', 'count', 'mass', undefined]);
  const options = guessOptions(table, mapping);
  expect(options).toMatchObject({ massUnit: 'g', decimal, massOf: 'each' });
  const { rows, errors } = readThings(table, mapping, options, starterLibrary(), csvTrip(trip));
  expect(errors).toEqual([]);
  expect(unknownLists(trip, rows)).toEqual(['Tom']);
  const meanings = new Map<string, ListMeaning>([['Tom', { kind: 'newMember' }]]);
  const settled = settleLists(trip, rows, meanings);
  const { trip: after } = takeRows(settled.trip, settled.rows, { kind: 'group' });
  const nameOf = (id: string): string | undefined => after.members.find((m) => m.id === id)?.name;
  expect(after.personalThings.map((t) => [nameOf(t.memberId), t.name, t.massKg, t.massEstimated])).toEqual([
    ['Ilse', 'Sleeping bag', 1.05, false],
    ['Bram', 'Sleeping bag', 1.2505, false],
    ['Ilse', 'Rain jacket', 0.34, true],
    // Nobody knows what it weighs.
    ['Bram', 'Zither', 0, true],
    ['Tom', 'Socks', 0.08, false],
    ['Tom', 'Socks', 0.08, false],
    ['Tom', 'Socks', 0.08, false],
  ]);
  const [gas, tent] = after.kits.filter((k) => k.pieces.length > 0);
  expect(gas!.pieces.map((p) => [p.name, p.massKg])).toEqual([
    ['Gas 230', 0.38],
    ['Gas 230', 0.38],
  ]);
  // A tent goes in its pieces, which weigh what was written.
  expect([tent!.name, tent!.pieces.length]).toEqual(['Tent for 2', 4]);
  expect(tent!.pieces.reduce((sum, p) => sum + p.massKg, 0)).toBeCloseTo(2.45, 3);
});

test('an unknown name may be the group or somebody on the trip, too', () => {
  const row = { line: 1, count: 1, list: 'Everything', personal: { worn: false } };
  const thing = { ...aMember('x'), id: undefined } as never;
  const rows = [{ ...row, thing }];
  const as = (meaning: ListMeaning) =>
    settleLists(trip, rows, new Map([['everything', meaning]])).rows[0]!.list;
  expect(as({ kind: 'group' })).toBe('group');
  expect(as({ kind: 'member', memberId: 'Bram' })).toBe('Bram');
  expect(as({ kind: 'kit' })).toBe('Everything');
});

describe('files that are none', () => {
  const xlsx = file('owner.xlsx');
  test('texts are told from spreadsheets by their first bytes', () => {
    expect(isWorkbook(xlsx)).toBe(true);
    expect(isWorkbook(new TextEncoder().encode('name,mass\nTent,1'))).toBe(false);
    expect(isWorkbook(new Uint8Array())).toBe(false);
  });
  test('one that was cut, and one of other bytes, are refused in a sentence', () => {
    for (const bytes of [xlsx.slice(0, 2000), new Uint8Array([0x50, 0x4b, 3, 4, ...new Uint8Array(60)])])
      expect(() => readWorkbook(bytes)).toThrow(/expected a spreadsheet/);
  });
  test('one that unpacks to gigabytes is refused before it is unpacked', () => {
    const bomb = xlsx.slice();
    const view = new DataView(bomb.buffer);
    // The size that the first entry of its directory says.
    for (let at = 0; at < bomb.length - 4; at += 1)
      if (view.getUint32(at, true) === 0x02014b50) {
        view.setUint32(at + 24, 4_000_000_000, true);
        break;
      }
    expect(() => readWorkbook(bomb)).toThrow('expected a file of at most 200 MB unpacked, got 4000 MB');
  });
});
