/** @jest-environment jest-fixed-jsdom */
import { englishOf, whole } from './locale';

test('the reader’s own English, where they have one', () => {
  expect(englishOf(['de-DE', 'en-AU', 'en'])).toBe('en-AU');
  expect(englishOf(['EN-us'])).toBe('EN-us');
  expect(englishOf(['de-DE', 'fr'])).toBe('en-GB');
  expect(englishOf([])).toBe('en-GB');
});

test('thousands are told apart', () => {
  expect(whole(1689.4)).toBe('1,689');
  expect(whole(980)).toBe('980');
});
