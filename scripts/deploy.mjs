/**
 * npm run test:deploy: what deploy/ says, on this machine's loopback: Debian's nginx with a certificate of its own in front
 * of the server, a database user of least rights, a mail server; then what a club does with it, in a browser.
 */
import { strict as assert } from 'node:assert';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureBuilt } from './lib/build.mjs';
import { startDatabase } from './lib/database.mjs';
import { behindNginx, exposureOf, mailbox, serverOf, usersOf } from './lib/deployed.mjs';
import { ensureChromium, ensureNginx, ensureNodePackages } from './lib/install.mjs';
import { freePort } from './lib/processes.mjs';
import { main, say } from './lib/run.mjs';
import { clubTrip } from './lib/deployStory.mjs';

/** What the unit may expose of the machine at most, as systemd counts it, of 10. */
const MOST_EXPOSED = 3;

await main(async () => {
  for (const unit of ['graft.service', 'graft-tables.service']) {
    const exposed = exposureOf(unit);
    say(`deploy/${unit}: exposure ${exposed} of 10`);
    assert.ok(exposed <= MOST_EXPOSED, `${unit} is exposed by ${exposed}, at most ${MOST_EXPOSED}`);
  }
  await ensureNodePackages();
  await ensureNginx();
  await ensureChromium();
  await ensureBuilt();
  const folder = mkdtempSync(join(tmpdir(), 'graft-deploy-'));
  const stops = [() => rmSync(folder, { recursive: true, force: true })];
  try {
    const database = await startDatabase(join(folder, 'database'));
    stops.push(database.stop);
    const users = await usersOf({ url: database.url, socket: join(folder, 'database/m.sock') });
    const mail = await mailbox();
    stops.push(mail.stop);
    const [port, tlsPort, plainPort] = [await freePort(), await freePort(), await freePort()];
    const url = `https://localhost:${tlsPort}`;
    stops.push(await serverOf({ users, port, url, smtp: mail.url }));
    stops.push(await behindNginx(join(folder, 'nginx'), { port, tlsPort, plainPort }));
    await clubTrip({ url, plainUrl: `http://localhost:${plainPort}`, mail, users });
    say('What deploy/ says works: sign-up by mail, sign-in, a link on a phone, stream, without a network.');
  } finally {
    while (stops.length > 0) await stops.pop()();
  }
  return 0;
});
