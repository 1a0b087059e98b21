/**
 * npm run foreign: files as other programs write them, for the tests that read them. LibreOffice (Debian's
 * libreoffice-calc, which must be there) makes them out of tables that are written here; all names are invented.
 */
import { mkdtempSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from './lib/paths.mjs';
import { main, step } from './lib/run.mjs';

/** A title and an empty line above the headers, a column "Owner" that says whose each thing is, a sum below. */
const OWNER = [
  ['Kit list for the Hollin weekend', '', '', '', ''],
  ['', '', '', '', ''],
  ['Item', 'Owner', 'Qty', 'Weight, g', 'Notes'],
  ['Sleeping bag', 'Ilse', '1', '1050', ''],
  ['Sleeping bag', 'Bram', '1', '1250.5', 'down'],
  ['Tent for 2', 'shared', '1', '2450', ''],
  ['Gas 230', 'all', '2', '380', ''],
  ['Rain jacket', 'Ilse', '1', '', ''],
  ['Zither', 'Bram', '1', '', ''],
  ['Socks', 'Tom', '3', '80', ''],
  ['Total', '', '', '5670.5', ''],
];
const csv = (rows) => rows.map((row) => row.map((c) => `"${c}"`).join(',')).join('\n');

await main(async () => {
  const folder = mkdtempSync(join(tmpdir(), 'foreign-'));
  try {
    writeFileSync(join(folder, 'owner.csv'), csv(OWNER));
    for (const kind of ['xlsx', 'ods']) {
      // Commas, quotes, UTF-8, from the first row; numbers are numbers though quoted.
      const input = '--infilter=CSV:44,34,76,1,,0,false,true';
      const args = ['--headless', input, '--convert-to', kind, '--outdir', folder, join(folder, 'owner.csv')];
      await step(`LibreOffice: owner.${kind}`, 'soffice', args);
      renameSync(join(folder, `owner.${kind}`), join(ROOT, `packages/core/src/testing/files/owner.${kind}`));
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
  return 0;
});
