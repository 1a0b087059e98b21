import { SEVERITIES, type Finding } from './assessment.js';
import type { PlacedThing } from './assessment.js';
import { FIGURE_LIMITS, gradeOf, stowVerdict } from './verdict.js';

const placed = [{} as PlacedThing];
const finding = (ruleId: string, severity: Finding['severity'], message: string): Finding => ({
  ruleId,
  severity,
  thingIds: [],
  message,
});

test('a stow in a sentence: the gravest finding leads, and all are counted by rule', () => {
  expect(stowVerdict({ placed: [], findings: [] })).toBeUndefined();
  expect(stowVerdict({ placed, findings: [] })).toEqual({
    grade: 'good',
    text: 'Rides well. Nothing to mend.',
  });
  const swings = finding('outside', 'ground', 'foam mat swings outside on day 3');
  expect(stowVerdict({ placed, findings: [swings] })).toEqual({
    grade: 'good',
    text: 'Rides well. One thing to mend: foam mat swings outside on day 3',
  });
  const fuel = finding('apart', 'safety', 'fuel touches the filter');
  expect(stowVerdict({ placed, findings: [swings, swings, fuel] })).toEqual({
    grade: 'poor',
    text: 'Not safe to carry like this. Two things to mend, first: fuel touches the filter',
  });
  const many = Array.from({ length: 7 }, (_v, i) => finding(`r${i}`, 'access', `thing ${i}`));
  expect(stowVerdict({ placed, findings: many })!.text).toBe(
    'Rides, but not all is at hand. 7 things to mend, first: thing 0',
  );
});

test('no kind of finding is without a word, and a graver one is never graded better', () => {
  const grades = SEVERITIES.map((severity) => {
    const verdict = stowVerdict({ placed, findings: [finding('a', severity, 'it')] })!;
    return ['good', 'fair', 'poor'].indexOf(verdict.grade);
  });
  expect([...grades].sort((a, b) => b - a)).toEqual(grades);
});

test('a figure is good up to its limit, then fair, then poor', () => {
  for (const figure of Object.keys(FIGURE_LIMITS) as (keyof typeof FIGURE_LIMITS)[]) {
    const { good, fair } = FIGURE_LIMITS[figure];
    expect([good, (good + fair) / 2, fair + 0.01].map((v) => gradeOf(figure, v))).toEqual([
      'good',
      'fair',
      'poor',
    ]);
  }
});
