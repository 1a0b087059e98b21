/** What runs for long: started again when it ends by itself, and its log kept short. */
import { copyFileSync, existsSync, renameSync, statSync, truncateSync } from 'node:fs';
import { setTimeout as sleep } from 'node:timers/promises';
import { say } from './run.mjs';

/** The first time at once, then later and later. */
const FIRST_PAUSE_MS = 100;
const LONGEST_PAUSE_MS = 30_000;
/** Whatever ran for so long had started well. */
const STEADY_MS = 60_000;
const MOST_IN_A_ROW = 8;

/**
 * Start something and keep it running, from when it is watched: what does not even start is for the caller to tell.
 *
 * @param what as it is called where it is told that it ended
 * @param start starts it: `ended` says how it ended, `stop` ends it
 * @returns {Promise<{running: object, over: Promise<string>, watch: () => void, stop: () => Promise<void>}>} the first that was started; `over`
 *   when it ended too often to go on
 */
export async function keepUp(what, start, pauseMs = FIRST_PAUSE_MS) {
  let running = await start();
  const first = running;
  let isStopping = false;
  let restarting = Promise.resolve();
  let giveUp;
  const over = new Promise((resolve) => (giveUp = resolve));
  const again = async () => {
    try {
      running = await start();
    } catch (error) {
      // As if it had ended at once.
      running = { ended: Promise.resolve(error.message), stop: async () => {} };
    }
  };
  const watch = async () => {
    for (let inARow = 1; ; inARow += 1) {
      const since = Date.now();
      const how = await running.ended;
      if (isStopping) return;
      if (Date.now() - since > STEADY_MS) inARow = 1;
      if (inARow > MOST_IN_A_ROW) {
        giveUp(`${what}: ${how}, ${inARow} times in a row`);
        return;
      }
      say(`${what}: ${how}; starting it again.`);
      await sleep(Math.min(LONGEST_PAUSE_MS, pauseMs * 2 ** (inARow - 1)));
      if (isStopping) return;
      restarting = again();
      await restarting;
    }
  };
  return {
    running: first,
    over,
    watch: () => void watch(),
    stop: async () => {
      isStopping = true;
      await restarting;
      await running.stop();
    },
  };
}

const LOG_MOST_BYTES = 10_000_000;
const LOGS_KEPT = 3;

/** A log that has grown long begins anew; the last few are kept. Who writes it goes on: it is opened to append. */
export function rotateLog(file, mostBytes = LOG_MOST_BYTES) {
  if (!existsSync(file) || statSync(file).size <= mostBytes) return;
  for (let n = LOGS_KEPT - 1; n >= 1; n -= 1)
    if (existsSync(`${file}.${n}`)) renameSync(`${file}.${n}`, `${file}.${n + 1}`);
  copyFileSync(file, `${file}.1`);
  truncateSync(file);
}
