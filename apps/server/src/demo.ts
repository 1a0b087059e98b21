import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseTripFile, type Account } from '@graft/core';
import type { AccountStore } from './accounts/accountStore.js';
import type { TripStore } from './trips/tripStore.js';

/** Trips that are over, for what is learnt from them: they lie archived. */
const PAST = 'past';

/** Import every trip file of a folder for an account, by the same reading as a person's import; past ones lie archived. */
export async function importDemo(
  store: TripStore,
  userId: string,
  folder: string,
): Promise<readonly string[]> {
  const names: string[] = [];
  for (const file of tripFiles(folder)) {
    const { trip } = await store.add(userId, parseTripFile(readFileSync(file, 'utf8')));
    names.push(trip.name);
  }
  const past = join(folder, PAST);
  for (const file of existsSync(past) ? tripFiles(past) : []) {
    const { id } = await store.add(userId, parseTripFile(readFileSync(file, 'utf8')));
    await store.archive(id, userId, true);
  }
  return names;
}

function tripFiles(folder: string): readonly string[] {
  return readdirSync(folder)
    .filter((name) => name.endsWith('.graft.json'))
    .sort()
    .map((name) => join(folder, name));
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
