/** Reading a track file in a worker of its own, so that the page stays live. */
import { proxy, wrap } from 'comlink';
import { failure } from './failure';
import type { TrackAnswer, TrackReader } from './track.worker';

/** @param onProgress how far it is, from 0 to 1 */
export async function readTrack(file: File, onProgress: (done: number) => void): Promise<TrackAnswer> {
  const worker = new Worker(new URL('./track.worker.ts', import.meta.url), { type: 'module' });
  try {
    return await Promise.race([
      wrap<TrackReader>(worker).read(file, proxy(onProgress)),
      failure(worker, 'reading'),
    ]);
  } finally {
    worker.terminate();
  }
}
