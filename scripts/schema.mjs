/** npm run schema: write docs/trip-format.schema.json and docs/trip-fields.md from the schema that reads trip files. */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureNodePackages } from './lib/install.mjs';
import { bin, ROOT } from './lib/paths.mjs';
import { main, step } from './lib/run.mjs';

await main(async () => {
  await ensureNodePackages();
  await step('Compiling core', bin('tsc'), ['-b', 'packages/core']);
  const { tripJsonSchema } = await import(join(ROOT, 'packages/core/dist/formats/index.js'));
  const { fieldTables } = await import(join(ROOT, 'packages/core/dist/formats/fieldTable.js'));
  writeFileSync(join(ROOT, 'docs/trip-format.schema.json'), `${JSON.stringify(tripJsonSchema(), null, 2)}\n`);
  writeFileSync(join(ROOT, 'docs/trip-fields.md'), fieldTables());
});
