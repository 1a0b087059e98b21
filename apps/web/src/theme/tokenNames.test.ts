import { system } from './system';
import { readNames, refsOf, shortened } from './tokenNames';

const refs = refsOf(system.tokens);

test('names of tokens say the same when they are shortened', () => {
  expect(Object.keys(refs.categories)).toContain('spacing');
  expect(refs.categories['spacing']!['-3.5']).toContain('calc(');
  expect(refs.palettes['pine']).toBeDefined();
  expect(readNames(JSON.parse(JSON.stringify(shortened(refs))))).toEqual(refs);
});

test('most of them follow from the name', () => {
  const { categories, palettes } = shortened(refs);
  const others = [...Object.values(categories), ...Object.values(palettes)].flatMap(([, rest]) =>
    Object.keys(rest),
  );
  // Negative spacings are worked out of the positive ones.
  expect(others.filter((name) => !/^-\d/.test(name) && name !== '-px')).toEqual([]);
});
