import { ensureBuilt } from './lib/build.mjs';
import { ensureNodePackages } from './lib/install.mjs';
import { main } from './lib/run.mjs';

await main(async () => {
  await ensureNodePackages();
  await ensureBuilt();
});
