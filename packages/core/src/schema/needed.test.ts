import { needed } from './needed.js';

test.each([
  ['expected a number from 10 to 250 kg, got "heavy"', 'needs a number from 10 to 250 kg, not "heavy"'],
  [
    'Line 3: expected a name beside the weight, got "300 g"',
    'Line 3: needs a name beside the weight, not "300 g"',
  ],
  ['expected a list of 1 to 60 entries, got nothing', 'needs a list of 1 to 60 entries; there is none'],
  ['expected JSON text', 'needs JSON text'],
  [
    'a: expected one, got two\nb: expected three, got four',
    'a: needs one, not two\nb: needs three, not four',
  ],
  ['Something unexpected happened.', 'Something unexpected happened.'],
])('%s', (message, said) => expect(needed(message)).toBe(said));
