/** @jest-environment jest-fixed-jsdom */
import { act, renderHook, waitFor } from '@testing-library/react';
import { InvalidInputError } from '@graft/core/schema';
import { useFileReading } from './useFileReading';

/** The test's browser does not read files: only what is asked of one. */
const file = (text: string, size = text.length): File =>
  ({
    name: 'a.csv',
    size,
    arrayBuffer: () => Promise.resolve(new TextEncoder().encode(text).buffer),
  }) as unknown as File;

function reading(take: (text: string, name: string) => string) {
  return renderHook(() => useFileReading(take)).result;
}

test('says what became of a file', async () => {
  const result = reading((text, name) => `${name}: ${text.length} signs`);
  act(() => result.current.read(file('Müsli')));
  await waitFor(() => expect(result.current.told).toBe('a.csv: 5 signs'));
  expect(result.current.errors).toEqual([]);
});

test('says why a file is refused, and forgets it with the next', async () => {
  const errors = [{ path: 'line 3', message: 'expected a name, got nothing' }];
  const result = reading((text) => {
    if (text === 'bad') throw new InvalidInputError(errors);
    return 'taken';
  });
  act(() => result.current.read(file('bad')));
  await waitFor(() => expect(result.current.errors).toEqual(errors));
  expect(result.current.told).toBe('');
  act(() => result.current.read(file('good')));
  await waitFor(() => expect(result.current.told).toBe('taken'));
  expect(result.current.errors).toEqual([]);
});

test('a file that is far too large is not read at all', async () => {
  const take = jest.fn(() => 'taken');
  const result = reading(take);
  act(() => result.current.read(file('x', 2_500_000)));
  await waitFor(() =>
    expect(result.current.errors).toEqual([{ path: 'a.csv', message: 'expected at most 2 MB, got 2.5 MB' }]),
  );
  expect(take).not.toHaveBeenCalled();
});
