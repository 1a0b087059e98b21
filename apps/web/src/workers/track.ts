/** Reading a track file in a worker of its own, so that the page stays live. */
import { proxy, wrap } from 'comlink';
import { raced, type Run } from './run';
import type { TrackAnswer, TrackAsk, TrackReader } from './track.worker';

/**
 * @param ask which of its pieces, on which track
 * @param onProgress how far it is, from 0 to 1
 * @returns what the file holds; nothing after `stop`
 */
export function readTrack(
  file: File,
  ask: TrackAsk,
  onProgress: (done: number) => void,
): Run<TrackAnswer | undefined> {
  const worker = new Worker(new URL('./track.worker.ts', import.meta.url), { type: 'module' });
  const over = { now: false };
  const heard = proxy((done: number) => {
    if (!over.now) onProgress(done);
  });
  const work = wrap<TrackReader>(worker).read(file, ask, heard);
  return raced<TrackAnswer | undefined>(worker, 'reading', work, () => undefined, over);
}
