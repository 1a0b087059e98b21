import fc from 'fast-check';
import { isSameName, nameKey } from './names.js';

test.each([
  ['Wren', ' wren ', true],
  ['Spare  socks', 'spare socks', true],
  ['Spare\tsocks', 'SPARE SOCKS', true],
  ['Spare socks', 'Sparesocks', false],
  ['Wren', 'Wrenn', false],
  ['', '   ', true],
])('%j and %j: %s', (a, b, same) => {
  expect(isSameName(a, b)).toBe(same);
  expect(isSameName(b, a)).toBe(same);
});

test('a key is its own key, and spaces around and between make no other', () => {
  const word = fc.stringMatching(/^[a-zA-Zäöüéß0-9-]{1,8}$/);
  const space = fc.stringMatching(/^[ \t]{1,3}$/);
  fc.assert(
    fc.property(fc.array(word, { minLength: 1, maxLength: 4 }), space, (words, gap) => {
      const key = nameKey(words.join(' '));
      expect(nameKey(key)).toBe(key);
      expect(nameKey(`${gap}${words.join(gap)}${gap}`)).toBe(key);
      expect(isSameName(words.join(gap), words.map((w) => w.toUpperCase()).join(' '))).toBe(
        !words.join('').includes('ß'),
      );
    }),
  );
});
