/** npm run pictures: take docs/screenshots anew from the demo trips. */
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureBuilt } from './lib/build.mjs';
import { ensureChromium, ensureMariaDb, ensureNodePackages } from './lib/install.mjs';
import { bin, ROOT } from './lib/paths.mjs';
import { main, run } from './lib/run.mjs';

await main(async () => {
  await ensureNodePackages();
  await ensureMariaDb();
  await ensureChromium();
  await ensureBuilt();
  const scratch = mkdtempSync(join(tmpdir(), 'graft-pictures-'));
  // The database's own account has to pass.
  chmodSync(scratch, 0o711);
  try {
    const args = ['test', '--config', 'pictures.config.ts'];
    return (
      await run(bin('playwright'), args, { cwd: join(ROOT, 'e2e'), env: { GRAFT_E2E_SCRATCH: scratch } })
    ).code;
  } finally {
    rmSync(scratch, { recursive: true, force: true });
  }
});
