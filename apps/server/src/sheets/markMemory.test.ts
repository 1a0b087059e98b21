import type { KeptMark } from '@graft/core/sheet';
import { aMark } from '../testing/marks.js';
import { MarkMemory } from './markMemory.js';

const some = (count: number): readonly KeptMark[] =>
  Array.from({ length: count }, () => ({ ...aMark(), byLeader: false }));

test('remembers a member’s marks while the database has as many', () => {
  const memory = new MarkMemory();
  const marks = some(3);
  expect(memory.get('t-eddy', 0)).toBeUndefined();
  memory.put('t-eddy', marks);
  expect(memory.get('t-eddy', 3)).toBe(marks);
  expect(memory.get('t-eddy', 4)).toBeUndefined();
  expect(memory.get('t-eddy', 2)).toBeUndefined();
});

test('mixes up no two links', () => {
  const memory = new MarkMemory();
  memory.put('t-eddy', some(1));
  expect(memory.get('t-joss', 1)).toBeUndefined();
  expect(memory.get('u-eddy', 1)).toBeUndefined();
});

test('forgets whoever told nothing for longest', () => {
  const memory = new MarkMemory();
  for (let i = 0; i < 2000; i += 1) memory.put(`m${i}`, some(1));
  expect(memory.get('m0', 1)).toHaveLength(1);
  memory.put('one-more', some(1));
  expect(memory.get('m1', 1)).toBeUndefined();
  expect(memory.get('m0', 1)).toHaveLength(1);
});
