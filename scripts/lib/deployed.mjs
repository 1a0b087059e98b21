/** The parts of deploy/ as they stand there, with this machine's ports and passwords put in. */
import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { findProgram } from './install.mjs';
import { ROOT } from './paths.mjs';
import { Refusal } from './run.mjs';
import { serverProgram, startServer } from './serverProcess.mjs';

const ofServer = createRequire(join(ROOT, 'apps/server/package.json'));
const deployFile = (name) => readFileSync(join(ROOT, 'deploy', name), 'utf8');

/** How much of the machine a unit exposes, 0 to 10, as systemd counts it. */
export function exposureOf(unit) {
  const { stdout, stderr } = spawnSync(
    findProgram('systemd-analyze'),
    ['security', '--offline=yes', join(ROOT, 'deploy', unit)],
    { encoding: 'utf8' },
  );
  const found = /Overall exposure level for \S+: ([\d.]+)/.exec(stdout)?.[1];
  if (found === undefined) throw new Refusal(`systemd-analyze said nothing of ${unit}: ${stderr}`);
  return Number(found);
}

/** Database users as deploy/database.sql makes them, by the administrator of a private database. @returns their URLs */
export async function usersOf({ url: anyUrl, socket }) {
  const { createConnection } = ofServer('mysql2/promise');
  const { password } = new URL(anyUrl);
  const admin = await createConnection({
    socketPath: socket,
    user: 'root',
    password,
    multipleStatements: true,
  });
  const passwords = { OWNER_PASSWORD: 'owner-of-tables', PASSWORD: 'rows-only' };
  let sql = deployFile('database.sql').replaceAll('`graft`', '`graft_deployed`');
  // The private database's own user is called graft too.
  sql = sql.replaceAll("'graft'@", "'graft_rows'@");
  for (const [word, password] of Object.entries(passwords)) sql = sql.replace(`'${word}'`, `'${password}'`);
  await admin.query(sql);
  await admin.end();
  const url = (user, secret) => {
    const own = new URL(anyUrl);
    [own.username, own.password, own.pathname] = [user, secret, '/graft_deployed'];
    return own.href;
  };
  return {
    owner: url('graft_owner', passwords.OWNER_PASSWORD),
    rows: url('graft_rows', passwords.PASSWORD),
  };
}

/** A mail server that keeps what it is given. */
export async function mailbox() {
  const { SMTPServer } = ofServer('smtp-server');
  const letters = [];
  const smtp = new SMTPServer({
    authOptional: true,
    disabledCommands: ['STARTTLS', 'AUTH'],
    onData: (stream, session, done) => {
      let text = '';
      stream.on('data', (part) => (text += part));
      stream.on('end', () => {
        letters.push({ to: session.envelope.rcptTo.map((r) => r.address), text: text.replace(/=\r\n/g, '') });
        done();
      });
    },
  });
  const listening = smtp.listen(0, '127.0.0.1');
  await once(listening, 'listening');
  return {
    url: `smtp://127.0.0.1:${listening.address().port}`,
    letters,
    /** The next letter to somebody. */
    async letterTo(address) {
      for (let waited = 0; waited < 20_000; waited += 50) {
        const found = letters.findIndex((letter) => letter.to.includes(address));
        if (found >= 0) return letters.splice(found, 1)[0].text;
        await sleep(50);
      }
      throw new Refusal(`no letter came to ${address}`);
    },
    stop: () => new Promise((resolve) => smtp.close(resolve)),
  };
}

/** Settings as deploy/ has them, changed where this machine differs. */
function settings(name, own) {
  const env = {};
  for (const line of deployFile(name).split('\n')) {
    const [, key, value] = /^([A-Z_]+)=(.*)$/.exec(line) ?? [];
    if (key !== undefined) env[key] = value;
  }
  return { PATH: process.env.PATH, ...env, ...own };
}

/** Tables by their owner, then the server by the other user. @returns how to stop it */
export async function serverOf({ users, port, url, smtp }) {
  const tables = spawnSync(process.execPath, [serverProgram('tables')], {
    env: settings('owner.env', { GRAFT_DATABASE_URL: users.owner }),
    encoding: 'utf8',
  });
  if (tables.status !== 0) throw new Refusal(`The tables could not be brought up to date: ${tables.stderr}`);
  return startServer(
    settings('graft.env', {
      GRAFT_DATABASE_URL: users.rows,
      GRAFT_PORT: String(port),
      GRAFT_PUBLIC_URL: url,
      GRAFT_WEB_DIR: join(ROOT, 'apps/web/dist'),
      GRAFT_MESSAGES_URL: smtp,
      GRAFT_MAIL_FROM: 'Club walks <walks@example.org>',
    }),
  );
}

/** deploy/nginx.conf with a certificate that it made itself. @returns how to stop it */
export async function behindNginx(folder, { port, tlsPort, plainPort }) {
  mkdirSync(folder, { recursive: true });
  const [key, certificate] = [join(folder, 'key.pem'), join(folder, 'cert.pem')];
  const made = spawnSync(
    'openssl',
    [
      'req -x509 -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -days 1'.split(' '),
      ['-subj', '/CN=localhost', '-addext', 'subjectAltName=DNS:localhost', '-keyout', key],
      ['-out', certificate],
    ].flat(),
    { encoding: 'utf8' },
  );
  if (made.status !== 0) throw new Refusal(`openssl made no certificate: ${made.stderr}`);
  const site = deployFile('nginx.conf')
    .replace('127.0.0.1:4141', `127.0.0.1:${port}`)
    .replaceAll('graft.example.org', 'localhost')
    .replace('/etc/ssl/graft/fullchain.pem', certificate)
    .replace('/etc/ssl/graft/privkey.pem', key)
    .replace('listen 80;', `listen 127.0.0.1:${plainPort};`)
    .replace('listen 443 ssl http2;', `listen 127.0.0.1:${tlsPort} ssl http2;`)
    .replace(/ *listen \[::\].*\n/g, '')
    .replace('https://$host$request_uri', `https://$host:${tlsPort}$request_uri`);
  const file = join(folder, 'nginx.conf');
  const temp = ['client_body', 'proxy', 'fastcgi', 'uwsgi', 'scgi'];
  writeFileSync(
    file,
    // Its folder lets nobody else in.
    `${process.getuid?.() === 0 ? 'user root;\n' : ''}daemon off;
pid ${join(folder, 'nginx.pid')};
error_log ${join(folder, 'error.log')};
events {}
http {
include /etc/nginx/mime.types;
access_log off;
${temp.map((name) => `${name}_temp_path ${join(folder, name)};`).join('\n')}
${site}
}
`,
  );
  const child = spawn(findProgram('nginx'), ['-c', file, '-p', folder, '-e', join(folder, 'error.log')], {
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  const ended = once(child, 'exit');
  for (let waited = 0; ; waited += 50) {
    if (child.exitCode !== null || waited > 10_000) throw new Refusal('nginx did not start');
    const answer = await fetch(`http://localhost:${plainPort}/`, { redirect: 'manual' }).catch(
      () => undefined,
    );
    if (answer !== undefined) break;
    await sleep(50);
  }
  return async () => {
    child.kill('SIGTERM');
    await ended;
  };
}
