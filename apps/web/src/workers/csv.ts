/** Reading tables of things in a worker of its own, so that the page stays live; the table stays there. */
import { wrap } from 'comlink';
import type { CsvMapping, CsvOptions, CsvTrip, ReadThings } from '@graft/core/formats';
import type { LibraryEntry } from '@graft/core/library';
import type { CsvChoice, CsvHead, CsvReader } from './csvReader';
import { failure } from './failure';

export interface CsvWorker {
  readonly open: (file: File, members: readonly string[]) => Promise<CsvHead>;
  /** The file that was opened last, looked at otherwise. */
  readonly choose: (choice: CsvChoice, members: readonly string[]) => Promise<CsvHead>;
  /** The table that was opened last, as things. */
  readonly read: (
    mapping: CsvMapping,
    options: CsvOptions,
    library: readonly LibraryEntry[],
    trip: CsvTrip,
  ) => Promise<ReadThings>;
  readonly close: () => void;
}

export function startCsv(): CsvWorker {
  const worker = new Worker(new URL('./csv.worker.ts', import.meta.url), { type: 'module' });
  const failed = failure(worker, 'reading');
  // Told to whoever asks next; one that fails before it is asked is no error of the page.
  failed.catch(() => undefined);
  const reader = wrap<CsvReader>(worker);
  return {
    open: (...asked) => Promise.race([reader.open(...asked), failed]),
    choose: (...asked) => Promise.race([reader.choose(...asked), failed]),
    read: (...asked) => Promise.race([reader.read(...asked), failed]),
    close: () => worker.terminate(),
  };
}
