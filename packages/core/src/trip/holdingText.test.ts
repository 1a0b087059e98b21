import fc from 'fast-check';
import { formatHolding, parseHolding } from './holdingText.js';
import { HOLDER_TRAITS, MEANT_FOR, type Holding } from './model.js';

const read = (text: string): Holding | undefined | string => {
  const parsed = parseHolding(text);
  return parsed.ok ? parsed.holding : parsed.error;
};

test('as people write it: in any order, with decimal commas, semicolons, and a mark', () => {
  expect(read('')).toBeUndefined();
  expect(read('20 L')).toEqual({ capacityL: 20, traits: [], meantFor: 'anything' });
  expect(read('keeps dry; Sleep; 12,5 l; mark: red, left strap')).toEqual({
    capacityL: 12.5,
    traits: ['keepsDry'],
    meantFor: 'sleep',
    mark: 'red, left strap',
  });
  expect(read('9, food, rigid, keeps scent in')).toEqual({
    capacityL: 9,
    traits: ['keepsScent', 'rigid'],
    meantFor: 'food',
  });
});
test('what cannot be is refused with what was expected', () => {
  expect(read('keeps dry')).toBe('expected how much it holds, 0.1 to 150 L, got "keeps dry"');
  expect(read('900 L')).toBe('expected how much it holds, 0.1 to 150 L, got "900 L"');
  expect(read('10 L, keeps warm')).toMatch(/^expected litres, what it is meant for .* got "keeps warm"$/);
  expect(read('10 L, 12 L')).toMatch(/got "12 L"$/);
});
test('what is written is read back', () => {
  fc.assert(
    fc.property(
      fc.record({
        capacityL: fc.integer({ min: 1, max: 1500 }).map((n) => n / 10),
        traits: fc.subarray([...HOLDER_TRAITS]),
        meantFor: fc.constantFrom(...MEANT_FOR),
        mark: fc.constantFrom(undefined, 'red', 'mark: 2', '5 L, food'),
      }),
      ({ mark, ...rest }) => {
        const holding: Holding = mark === undefined ? rest : { ...rest, mark };
        expect(read(formatHolding(holding))).toEqual(holding);
      },
    ),
  );
});
