import type { Run } from '../workers/run';
import { Refused, RunStore } from './runs';

/** A run that ends when it is told to, with 'best' when stopped. */
function byHand<T>(best: T) {
  let end: (value: T) => void = () => undefined;
  let fail: (error: unknown) => void = () => undefined;
  const result = new Promise<T>((resolve, reject) => {
    end = resolve;
    fail = reject;
  });
  const run: Run<T> = { result, stop: () => end(best) };
  return { run, end: (value: T) => end(value), fail: (error: unknown) => fail(error) };
}

test('a run tells how far it is, and its result', async () => {
  const store = new RunStore();
  const work = byHand('best so far');
  let tell: (done: number, detail?: string) => void = () => undefined;
  const outcome = store.start('Sharing', (t) => {
    tell = t;
    return work.run;
  });
  tell(0.5, 'half');
  expect(store.snapshot().get('Sharing')).toMatchObject({ kind: 'running', done: 0.5, detail: 'half' });
  // Told again at once it is not drawn again: a worker tells a hundred times a second.
  const drawn = store.snapshot();
  tell(0.51);
  expect(store.snapshot()).toBe(drawn);
  work.end('all');
  expect(await outcome).toEqual({ kind: 'done', value: 'all' });
  expect(store.snapshot().size).toBe(0);
  // What comes behind the result is not heard.
  tell(0.9);
  expect(store.snapshot().size).toBe(0);
});

test('stopped, it leaves what it has; dropped, it leaves nothing', async () => {
  const store = new RunStore();
  const stopped = store.start('a', () => byHand('best so far').run);
  store.stop('a');
  expect(await stopped).toEqual({ kind: 'done', value: 'best so far' });
  const dropped = store.start('a', () => byHand('best so far').run);
  store.drop('a');
  expect(await dropped).toEqual({ kind: 'dropped' });
});

test('one begun in place of another is the only one that is heard', async () => {
  const store = new RunStore();
  const [first, second] = [byHand('1'), byHand('2')];
  const one = store.start('a', () => first.run);
  const two = store.start('a', () => second.run);
  first.fail(new Error('too late'));
  second.end('two');
  expect(await one).toEqual({ kind: 'dropped' });
  expect(await two).toEqual({ kind: 'done', value: 'two' });
});

test('a failure is kept with its reasons until the next start', async () => {
  const store = new RunStore();
  const work = byHand('');
  const outcome = store.start('a', () => work.run);
  const errors = [{ path: 'x', message: 'expected less' }];
  work.fail(new Refused('No.', errors));
  expect(await outcome).toEqual({ kind: 'failed', message: 'No.', errors });
  expect(store.snapshot().get('a')).toMatchObject({ kind: 'failed', message: 'No.', errors });
  expect(
    await store.start('b', () => {
      throw new Error('no worker');
    }),
  ).toEqual({ kind: 'failed', message: 'no worker', errors: [] });
  void store.start('a', () => byHand('').run);
  expect(store.snapshot().get('a')).toMatchObject({ kind: 'running' });
  store.dropAll();
  expect(store.snapshot().size).toBe(0);
});

test('it knows whether anything on the page shows a run, and tells when that changes', () => {
  const store = new RunStore();
  let heard = 0;
  store.subscribe(() => (heard += 1));
  const leave = store.watch('a');
  expect(store.isWatched('a')).toBe(true);
  leave();
  expect(store.isWatched('a')).toBe(false);
  expect(heard).toBe(2);
});
