import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { EntityManager } from 'typeorm';
import type { Account } from '@graft/core/api';
import { parseTripFile } from '@graft/core/formats';
import type { AccountStore } from './accounts/accountStore.js';
import { addTrip } from './trips/tripStore.js';

/** Trips that are over, for what is learnt from them: they lie archived. */
const PAST = 'past';

/** Import every trip file of a folder for an account, by the same reading as a person's import; past ones lie archived. */
async function importDemo(
  manager: EntityManager,
  userId: string,
  folder: string,
): Promise<readonly string[]> {
  const names: string[] = [];
  for (const file of tripFiles(folder)) {
    const trip = parseTripFile(readFileSync(file, 'utf8'));
    await addTrip(manager, userId, trip);
    names.push(trip.name);
  }
  const past = join(folder, PAST);
  for (const file of existsSync(past) ? tripFiles(past) : [])
    await addTrip(manager, userId, parseTripFile(readFileSync(file, 'utf8')), new Date());
  return names;
}

function tripFiles(folder: string): readonly string[] {
  return readdirSync(folder)
    .filter((name) => name.endsWith('.graft.json'))
    .sort()
    .map((name) => join(folder, name));
}

/** A demo account for one visitor alone. */
export function demoCopy(accounts: AccountStore, folder: string): Promise<Account> {
  return accounts.demoCopy(async (manager, userId) => {
    await importDemo(manager, userId, folder);
  });
}

/**
 * The demo account that all share. Where there is none (a new database, or it was deleted) it is made with its trips. All of it is
 * made or nothing, so that a start that is cut off leaves no half of a demo.
 */
export async function ensureDemo(
  accounts: AccountStore,
  folder: string,
): Promise<{ readonly account: Account; readonly imported: readonly string[] }> {
  let imported: readonly string[] = [];
  const account = await accounts.demoAccount(async (manager, userId) => {
    imported = await importDemo(manager, userId, folder);
  });
  return { account, imported };
}
