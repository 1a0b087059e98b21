import { batched } from './batched.js';

const later = () => new Promise((resolve) => setTimeout(resolve, 5));

test('each gets its own answer; what comes while one is under way is asked together', async () => {
  const asked: number[][] = [];
  const double = batched(async (numbers: readonly number[]) => {
    asked.push([...numbers]);
    await later();
    return numbers.map((n) => 2 * n);
  }, 3);
  expect(await Promise.all([1, 2, 3, 4, 5].map(double))).toEqual([2, 4, 6, 8, 10]);
  expect(asked).toEqual([[1], [2, 3, 4], [5]]);
});

test('one that fails spoils no other', async () => {
  const half = batched(async (numbers: readonly number[]) => {
    await later();
    if (numbers.some((n) => n % 2 === 1)) throw new RangeError('odd');
    return numbers.map((n) => n / 2);
  }, 10);
  const answers = await Promise.allSettled([2, 3, 4].map(half));
  expect(answers).toEqual([
    { status: 'fulfilled', value: 1 },
    { status: 'rejected', reason: new RangeError('odd') },
    { status: 'fulfilled', value: 2 },
  ]);
  // And goes on.
  expect(await half(8)).toBe(4);
});
