/** npm run places: write docs/places.md, the table of where things go, from the rules. */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureNodePackages } from './lib/install.mjs';
import { bin, ROOT } from './lib/paths.mjs';
import { main, step } from './lib/run.mjs';

await main(async () => {
  await ensureNodePackages();
  await step('Compiling core', bin('tsc'), ['-b', 'packages/core']);
  const { placesText } = await import(join(ROOT, 'packages/core/dist/testing/placesTable.js'));
  const file = join(ROOT, 'docs/places.md');
  writeFileSync(file, placesText());
  await step('Formatting', bin('oxfmt'), [file]);
});
