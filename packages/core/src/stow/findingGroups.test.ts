import type { Finding } from './assessment.js';
import { findingGroups, stowState } from './findingGroups.js';

const finding = (ruleId: string, severity: Finding['severity'], message = ruleId): Finding => ({
  ruleId,
  severity,
  thingIds: [],
  message,
});
const FOUND = [
  finding('height', 'balance'),
  finding('outside', 'ground', 'axe'),
  finding('apart', 'safety'),
  finding('outside', 'ground', 'rope'),
];

test('findings of one rule are one line, the gravest first', () => {
  const groups = findingGroups(FOUND);
  expect(groups.map((g) => g.ruleId)).toEqual(['apart', 'height', 'outside']);
  expect(groups[2]!.findings.map((f) => f.message)).toEqual(['axe', 'rope']);
});

test('a pack is stowed when all is in and safe; what is left to look at is said with it', () => {
  const state = (placed: number, unplaced: number, findings: readonly Finding[]): string =>
    stowState({ placed: Array(placed).fill(0), unplaced: Array(unplaced).fill(0), findings });
  expect(state(0, 3, [])).toBe('not stowed');
  expect(state(2, 1, FOUND)).toBe('1 without place');
  expect(state(2, 0, FOUND)).toBe('1 to mend');
  expect(state(2, 0, [FOUND[0]!, FOUND[1]!, FOUND[3]!])).toBe('stowed, 2 to look at');
  expect(state(2, 0, [])).toBe('stowed');
});
