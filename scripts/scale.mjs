/**
 * npm run scale: the simulated bench scale on its own, for other programs or another machine's Graft; docs/scale-service.md
 * has its protocol. `npm start` has it built in. Option after `--`: `--port N`.
 */
import { ensureBuilt } from './lib/build.mjs';
import { ensureNodePackages } from './lib/install.mjs';
import { join } from 'node:path';
import { ROOT } from './lib/paths.mjs';
import { main, Refusal, say } from './lib/run.mjs';

const DEFAULT_PORT = 4871;

await main(async () => {
  const [option, value, ...more] = process.argv.slice(2);
  const port = option === undefined ? DEFAULT_PORT : Number(value);
  if (
    (option !== undefined && option !== '--port') ||
    more.length > 0 ||
    !Number.isInteger(port) ||
    port < 1 ||
    port > 65535
  )
    throw new Refusal(
      `expected --port and a number from 1 to 65535, got "${process.argv.slice(2).join(' ')}"`,
    );
  await ensureNodePackages();
  await ensureBuilt();
  const { serveScale } = await import(join(ROOT, 'apps/server/dist/scale/serveScale.js'));
  await serveScale(port);
  say(`The simulated bench scale is at http://127.0.0.1:${port}/scale`);
  say(`Use it with GRAFT_SCALE_URL=http://127.0.0.1:${port}/scale npm start`);
});
