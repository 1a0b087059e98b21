import { api } from './api';
import { askAhead, OWN_PAGE, takeAsked } from './asked';

const fetched = jest.fn<Promise<Response>, Parameters<typeof fetch>>();
beforeEach(() => {
  jest.useFakeTimers();
  fetched.mockReset();
  fetched.mockImplementation(async () => Response.json({ trips: [] }));
  globalThis.fetch = fetched;
});

test('an answer that was asked for ahead is taken by the first who asks, once', async () => {
  void askAhead('/trips');
  expect(fetched).toHaveBeenCalledWith('/api/trips', { headers: OWN_PAGE });
  expect(await api.trips()).toEqual([]);
  expect(fetched).toHaveBeenCalledTimes(1);
  await api.trips();
  expect(fetched).toHaveBeenCalledTimes(2);
});

test('one that nobody takes is forgotten', async () => {
  await askAhead('/trips');
  await jest.advanceTimersByTimeAsync(60_000);
  expect(takeAsked('/trips')).toBeUndefined();
});

test('what nobody answered is told to who takes it', async () => {
  fetched.mockRejectedValue(new TypeError('no network'));
  void askAhead('/trips').catch(() => undefined);
  await expect(api.trips()).rejects.toThrow('no network');
});

test('who has little patience does not wait longer for an answer that was asked for ahead', async () => {
  fetched.mockImplementation(() => new Promise(() => undefined));
  void askAhead('/trips/t1');
  await expect(api.trip('t1', 10)).rejects.toThrow(/timeout/i);
});

test('a change is never answered by what was asked for ahead', async () => {
  void askAhead('/trips/t1/edits');
  fetched.mockImplementation(async () => Response.json({ version: 2 }));
  await api.edit('t1', 1, []);
  expect(fetched).toHaveBeenCalledTimes(2);
});
