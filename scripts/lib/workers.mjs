/** Work shared out to two threads, one for each core of a usual machine. */
import { once } from 'node:events';
import { Worker } from 'node:worker_threads';

/**
 * @param file URL of the worker: it answers each task that is posted to it
 * @param workerData what every worker is given
 * @returns the answers, in the order in which they came, each with its task
 */
export async function sharedOut(file, workerData, tasks) {
  const next = [...tasks];
  const answers = [];
  await Promise.all(
    [0, 1].map(async () => {
      const worker = new Worker(file, { workerData });
      for (let task = next.shift(); task !== undefined; task = next.shift()) {
        worker.postMessage(task);
        const [answer] = await once(worker, 'message');
        answers.push({ task, answer });
      }
      await worker.terminate();
    }),
  );
  return answers;
}
