import { withoutLimits } from './hiddenLimits';

test.each([
  ['Pip is 2.1 kg above the limit on day 2', 'Pip is ··· above the limit on day 2'],
  ['Pip carries at most 12.0 kg', 'Pip carries at most ···'],
  ['22 % of 62.0 kg body weight', '··· of ··· body weight'],
  ['81–84 % of limits', '··· of limits'],
  ['worst: Pip 102 → 88 % of the limit', 'worst: Pip ··· of the limit'],
  ['limit 14.2 lb on days 1 to 3', 'limit ··· on days 1 to 3'],
  ['up to 12.4 oz of the limit', 'up to ··· of the limit'],
  // What says nothing of a limit stays.
  ['12 % of what is filled, 3.4 kg', '12 % of what is filled, 3.4 kg'],
])('"%s" without what tells a limit', (text, expected) => {
  expect(withoutLimits(text)).toBe(expected);
});
