import { starterLibrary } from '../library/starterLibrary.js';
import { aMember, aTrip } from '../testing/smallTrip.js';
import { isCells, readCells } from './pastedTable.js';

const trip = aTrip([aMember('ilse', { name: 'Ilse' }), aMember('bram', { name: 'Bram' })], []);
const told = (text: string) =>
  readCells(text, starterLibrary(), trip).rows.map((r) => [r.list, r.count, r.thing.name, r.thing.massKg]);

test('cells are told from a list by their tabs', () => {
  expect(isCells('Tent\t2450\nStove\t220')).toBe(true);
  expect(isCells('Tent 2450 g\nStove')).toBe(false);
  expect(isCells('')).toBe(false);
});

test('with headers', () => {
  expect(told('Item\tWho\tWeight g\nTent\tall\t2450\nHat\tIlse\t60')).toEqual([
    ['all', 1, 'Tent', 2.45],
    ['Ilse', 1, 'Hat', 0.06],
  ]);
});

test('without them: names, masses, owners and counts by what stands there', () => {
  expect(told('Ilse\tSleeping bag\t1\t1050\nBram\tSocks\t3\t80\nBram\tHat\t1\t60')).toEqual([
    ['Ilse', 1, 'Sleeping bag', 1.05],
    ['Bram', 3, 'Socks', 0.08],
    ['Bram', 1, 'Hat', 0.06],
  ]);
  expect(told('Tent\t2,45 kg\nStove\t220 g')).toEqual([
    [undefined, 1, 'Tent', 2.45],
    [undefined, 1, 'Stove', 0.22],
  ]);
});

test('cells without a name in sight are told', () => {
  expect(readCells('1\t2\n3\t4', starterLibrary(), trip)).toEqual({
    rows: [],
    errors: [{ line: 1, message: 'expected a column with the names of things' }],
  });
});
