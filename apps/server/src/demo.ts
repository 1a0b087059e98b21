import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseTripFile, type Account } from '@graft/core';
import type { AccountStore } from './accounts/accountStore.js';
import type { TripStore } from './trips/tripStore.js';

/** Import every trip file of a folder for an account, by the same reading as a person's import. */
export async function importDemo(
  store: TripStore,
  userId: string,
  folder: string,
): Promise<readonly string[]> {
  const names: string[] = [];
  for (const file of readdirSync(folder)
    .filter((name) => name.endsWith('.graft.json'))
    .sort()) {
    const { trip } = await store.add(userId, parseTripFile(readFileSync(join(folder, file), 'utf8')));
    names.push(trip.name);
  }
  return names;
}

/** The demo account; where there is none (a new database, or it was deleted) it is made with its trips. */
export async function ensureDemo(
  accounts: AccountStore,
  trips: TripStore,
  folder: string,
): Promise<{ readonly account: Account; readonly imported: readonly string[] }> {
  const { account, isNew } = await accounts.demoAccount();
  return { account, imported: isNew ? await importDemo(trips, account.id, folder) : [] };
}
