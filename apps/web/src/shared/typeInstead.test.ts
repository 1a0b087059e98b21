import { parseQuantity } from '@graft/core/units';
import { typeInstead } from './typeInstead';

test.each([
  ['expected a number from 10 to 250 kg, got 5', 'Type a number from 10 to 250 kg'],
  ['expected a date such as "2027-05-10", got "soon"', 'Type a date such as 2027-05-10'],
  ['expected another member', 'Choose another member'],
  ['expected one of a, b; got "c"', 'Choose one of a, b'],
  ['Weight: expected 30 kg to 200 kg, got 5 kg', 'Weight: type 30 kg to 200 kg'],
  ['expected a name of at most 9 letters, got "a, got b"', 'Type a name of at most 9 letters'],
  [
    '"3,400" can be read two ways: write it without the comma',
    '"3,400" can be read two ways: write it without the comma',
  ],
])('%s', (message, said) => {
  expect(typeInstead(message)).toBe(said);
});

test('a quantity that is not one is answered with what it is and how it looks', () => {
  const parsed = parseQuantity('heavy', 'mass', 'kg');
  expect(parsed.ok ? '' : typeInstead(parsed.error)).toBe(
    'Type a weight such as 1.2 kg, 850 g, 2 lb 3 oz or 11 st 4',
  );
});
