/** npm run password -- ADDRESS: a link by which somebody sets a new password, for whoever runs a Graft that sends no mail. */
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { ensureBuilt } from './lib/build.mjs';
import { runningDatabase } from './lib/database.mjs';
import { ensureNodePackages } from './lib/install.mjs';
import { readNote } from './lib/notes.mjs';
import { ROOT, STATE_DIR } from './lib/paths.mjs';
import { main, Refusal } from './lib/run.mjs';
import { serverProgram } from './lib/serverProcess.mjs';

const USAGE = 'npm run password -- ADDRESS\n\n  prints a link that works for an hour, once';
const HOUR_MS = 3_600_000;

await main(async () => {
  const [address, ...more] = process.argv.slice(2);
  if (address === undefined || more.length > 0 || address.startsWith('-')) throw new Refusal(USAGE, 2);
  await ensureNodePackages();
  const databaseUrl = process.env.GRAFT_DATABASE_URL ?? runningDatabase(join(STATE_DIR, 'database'));
  if (databaseUrl === undefined) throw new Refusal('Graft does not run here: npm start first, then again.');
  await ensureBuilt();
  const { plainEmail } = await import(serverProgram('accounts/email'));
  const { newToken, tokenHash } = await import(serverProgram('accounts/tokens'));
  const { createConnection } = createRequire(join(ROOT, 'apps/server/package.json'))('mysql2/promise');
  const connection = await createConnection({ uri: databaseUrl, timezone: 'Z' });
  try {
    const [users] = await connection.query('SELECT id FROM users WHERE email = ? AND demo = 0', [
      plainEmail(address),
    ]);
    if (users.length === 0) throw new Refusal(`There is no account with the address ${address}.`);
    const token = newToken();
    await connection.query('INSERT INTO mail_tokens (token_hash, user_id, expires_at) VALUES (?, ?, ?)', [
      tokenHash(token),
      users[0].id,
      new Date(Date.now() + HOUR_MS),
    ]);
    const url = process.env.GRAFT_PUBLIC_URL ?? readNote(join(STATE_DIR, 'run.json'))?.url ?? '';
    process.stdout.write(`${url}/reset#${token}\n`);
  } finally {
    await connection.end();
  }
  return 0;
});
