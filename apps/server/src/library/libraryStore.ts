/**
 * Kit libraries in the database, one an account. A library begins as a copy of the starter library when it is first
 * asked for; from then on it is the leader's own.
 */
import { In, type DataSource, type EntityManager } from 'typeorm';
import {
  applyLibraryEdits,
  MOST_ENTRIES,
  starterLibrary,
  type Library,
  type LibraryEdit,
  type LibraryEntry,
} from '@graft/core/library';
import { sameContent } from '@graft/core/trip';
import { LibraryEntryRow, LibraryRow } from '../database/entities.js';
import { inTransaction } from '../database/transaction.js';
import { ApiError } from '../http/apiError.js';
import { putRows } from '../trips/rowWrites.js';

/** Rows a single INSERT carries. */
const CHUNK = 100;

export class LibraryStore {
  constructor(private readonly source: DataSource) {}

  /** An account's library, made from the starter library when there is none yet. */
  async get(userId: string): Promise<Library> {
    return inTransaction(this.source, (manager) => ownLibrary(manager, userId));
  }

  /**
   * Play edits on a library; all of them or none.
   *
   * @param version the version they were made on; another one in the database is refused as stale
   */
  async edit(userId: string, version: number, edits: readonly LibraryEdit[]): Promise<number> {
    return inTransaction(this.source, async (manager) => {
      const before = await ownLibrary(manager, userId);
      if (before.version !== version) {
        throw new ApiError(
          409,
          'stale',
          `The kit library was changed elsewhere: expected version ${before.version}, got ${version}. Nothing was saved.`,
        );
      }
      const after = applyLibraryEdits(before.entries, edits);
      if (after.length > MOST_ENTRIES) {
        throw new ApiError(400, 'invalid', 'The library would have too many entries; nothing was saved.', [
          { path: 'edits', message: `expected at most ${MOST_ENTRIES} entries, got ${after.length}` },
        ]);
      }
      await writeEntries(manager, userId, before.entries, after);
      await manager.update(LibraryRow, { userId }, { version: version + 1 });
      return version + 1;
    });
  }
}

async function ownLibrary(manager: EntityManager, userId: string): Promise<Library> {
  // The row is locked, so that of two first visits at once only one fills it.
  await manager.query('INSERT IGNORE INTO libraries (user_id, version) VALUES (?, 0)', [userId]);
  const head = await manager.findOneOrFail(LibraryRow, {
    where: { userId },
    lock: { mode: 'pessimistic_write' },
  });
  if (head.version === 0) {
    await writeEntries(manager, userId, [], starterLibrary());
    await manager.update(LibraryRow, { userId }, { version: 1 });
    return { version: 1, entries: starterLibrary() };
  }
  const rows = await manager.find(LibraryEntryRow, { where: { userId }, order: { position: 'ASC' } });
  return { version: head.version, entries: rows.map((row) => row.data) };
}

async function writeEntries(
  manager: EntityManager,
  userId: string,
  before: readonly LibraryEntry[],
  after: readonly LibraryEntry[],
): Promise<void> {
  const now = new Set(after.map((e) => e.id));
  const gone = before.filter((e) => !now.has(e.id));
  if (gone.length > 0)
    await manager.delete(LibraryEntryRow, { userId, id: In(gone.map((entry) => entry.id)) });
  const old = new Map(before.map((entry, position) => [entry.id, { entry, position }]));
  const changed = after.flatMap((entry, position) => {
    const was = old.get(entry.id);
    if (was?.position === position && sameContent(was.entry, entry)) return [];
    return [{ userId, id: entry.id, position, kind: entry.kind, name: entry.name, data: entry }];
  });
  for (let i = 0; i < changed.length; i += CHUNK) {
    await putRows(manager, LibraryEntryRow, changed.slice(i, i + CHUNK));
  }
}
