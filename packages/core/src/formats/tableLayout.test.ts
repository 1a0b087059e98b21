import { starterLibrary } from '../library/starterLibrary.js';
import { aMember, aTrip } from '../testing/smallTrip.js';
import { readCsvTable } from './csvTable.js';
import { csvTrip, readThings } from './readThings.js';
import { guessMapping, guessOptions } from './guessTable.js';

const MEMBERS = ['Ilse', 'Bram'];
const trip = aTrip(
  MEMBERS.map((name) => aMember(name)),
  [],
);
function read(text: string, headerLine?: number) {
  const table = readCsvTable(text, { members: MEMBERS, ...(headerLine === undefined ? {} : { headerLine }) });
  const mapping = guessMapping(table, MEMBERS);
  const options = guessOptions(table, mapping);
  return { table, mapping, options, ...readThings(table, mapping, options, starterLibrary(), csvTrip(trip)) };
}
const told = (text: string) => read(text).rows.map((r) => [r.list, r.thing.name, r.count, r.thing.massKg]);

test('headers below titles and empty rows are found, and can be moved', () => {
  const text = 'Our trip;;\n;;\nmade by Ilse;;\nThing;Who;Weight g\nTent;all;2100\n';
  expect(read(text).table).toMatchObject({ headers: ['Thing', 'Who', 'Weight g'], headerLine: 4 });
  expect(read(text, 1).table.headers).toEqual(['Our trip', '', '']);
});

test('a column is whose by what stands in it, whatever it is called', () => {
  expect(told('Stuff,Packer,Weight g\nHat,Bram,60\nTarp,shared,700\nMat,ilse,400\n')).toEqual([
    ['Bram', 'Hat', 1, 0.06],
    ['shared', 'Tarp', 1, 0.7],
    ['ilse', 'Mat', 1, 0.4],
  ]);
  // Words for everybody alone may be anything.
  expect(read('Thing,For\nHat,all\nTarp,all\n').mapping).toEqual(['name', undefined]);
});

test('heads between the rows say whose the rows after them are; a thing without a mass is none', () => {
  expect(told('Thing,Weight g\nGROUP,\nTarp,700\nIlse,\nHat,60\nSpoon,\n')).toEqual([
    ['GROUP', 'Tarp', 1, 0.7],
    ['Ilse', 'Hat', 1, 0.06],
    ['Ilse', 'Spoon', 1, 0.012],
  ]);
});

test('names of things and masses are told by what stands there, where the headers do not', () => {
  expect(read('A,B,C\nHat,x,60 g\nTarp,y,700 g\n').mapping).toEqual(['name', undefined, 'mass']);
});

test.each(['Total', 'TOTAL:', 'Summe', 'Gesamtgewicht', 'Subtotal kg', 'Totale'])(
  '"%s" is a sum, no thing',
  (word) => {
    const { table, rows } = read(`Thing,Weight g\nTent,2000\n${word},2000\n`);
    expect([rows.length, table.sums]).toEqual([1, [3]]);
  },
);
test('a thing that begins like a sum is one', () =>
  expect(read('Thing,Weight g\nTotal station,2000\n').rows).toHaveLength(1));

describe('several of a thing', () => {
  test('a mass of all of them, in its own column or by what such things weigh', () => {
    expect(told('Item,Qty,Total weight g\nMug,4,400\n')).toEqual([[undefined, 'Mug', 4, 0.1]]);
    expect(read('Item,Qty,Weight g\nSocks,6,480\nSpoon,6,72\n').options.massOf).toBe('all');
    expect(told('Item,Qty,Weight g\nSocks,6,480\nSpoon,6,72\n').map((r) => r[3])).toEqual([0.08, 0.012]);
  });
  test('a mass of each', () => {
    expect(told('Item,Qty,Weight g\nSocks,6,80\n')).toEqual([[undefined, 'Socks', 6, 0.08]]);
    expect(told('Item,Qty,Weight each g,Total weight g\nMug,4,100,400\n')[0]![3]).toBe(0.1);
  });
});

test.each([
  ['German', 'Gegenstand;Anzahl;Gewicht (g);Wer'],
  ['French', 'Objet;Quantité;Poids g;Qui'],
  ['Spanish', 'Artículo;Cantidad;Peso g;Quién'],
  ['Italian', 'Oggetto;Quantità;Peso g;Chi'],
  ['Dutch', 'Voorwerp;Aantal;Gewicht g;Wie'],
  ['Norwegian', 'Ting;Antall;Vekt g;Hvem'],
  ['Swedish', 'Namn;Antal;Vikt g;Vem'],
])('headers in %s', (_language, headers) =>
  expect(read(`${headers}\nTent;1;2000;x\n`).mapping).toEqual(['name', 'count', 'mass', 'list']),
);
