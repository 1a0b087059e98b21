import { partName } from '../shared/partName';
import { nameInside } from './pieceNames';

test('the part of a kit is its name; what is no part keeps all of it', () => {
  expect(partName('Heron (2 people): tent body')).toBe('tent body');
  expect(partName('Rope, 30 m')).toBe('Rope, 30 m');
});

test('a block has the longest name that fits whole, over several lines in a high beam, or none', () => {
  const name = 'Heron: tent body';
  expect(nameInside(name, 200, 28, false)).toBe('tent body, Heron');
  expect(nameInside(name, 75, 28, false)).toBe('tent body, Heron');
  expect(nameInside(name, 75, 20, false)).toBe('tent body');
  expect(nameInside(name, 40, 28, false)).toBe('tent body');
  expect(nameInside(name, 40, 20, false)).toBeUndefined();
  expect(nameInside(name, 30, 40, false)).toBeUndefined();
  expect(nameInside('Pegs', 40, 20, false)).toBe('Pegs');
  expect(nameInside('Pegs', 40, 20, true)).toBeUndefined();
});
