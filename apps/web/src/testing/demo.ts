import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseTripFile } from '@graft/core/formats';
import type { Trip } from '@graft/core/trip';

/** A demo trip as it ships. */
export function demoTrip(id: string): Trip {
  return parseTripFile(readFileSync(join(__dirname, `../../../../data/demo/${id}.graft.json`), 'utf8'));
}
