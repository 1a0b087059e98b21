/** npm run plan: plan a trip file without server or database. Its arguments are those of apps/cli. */
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { ensureNodePackages } from './lib/install.mjs';
import { bin, CALLED_FROM, ROOT } from './lib/paths.mjs';
import { main, run, step } from './lib/run.mjs';

await main(async () => {
  await ensureNodePackages();
  const program = join(ROOT, 'apps/cli/dist/plan.js');
  // The compiler itself knows what is stale; asking it takes about a second.
  const { code } = await run(bin('tsc'), ['-b', 'packages/core', 'apps/cli'], { quiet: true });
  if (code !== 0 || !existsSync(program))
    await step('Compiling', bin('tsc'), ['-b', '--force', 'packages/core', 'apps/cli']);
  return (await run(process.execPath, [program, ...process.argv.slice(2)], { cwd: CALLED_FROM, input: true }))
    .code;
});
