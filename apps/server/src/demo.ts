import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseTripFile } from '@graft/core';
import type { TripStore } from './trips/tripStore.js';

/** Import every trip file of a folder, by the same reading as a person's import. */
export async function importDemo(store: TripStore, folder: string): Promise<readonly string[]> {
  const names: string[] = [];
  for (const file of readdirSync(folder)
    .filter((name) => name.endsWith('.graft.json'))
    .sort()) {
    const { trip } = await store.add(parseTripFile(readFileSync(join(folder, file), 'utf8')));
    names.push(trip.name);
  }
  return names;
}
