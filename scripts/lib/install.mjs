import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { delimiter, join } from 'node:path';
import { ROOT } from './paths.mjs';
import { Refusal, run, say, step } from './run.mjs';

const NODE_MAJOR = 20;

/** Node packages as the lockfile says, installed again only when it changed. */
export async function ensureNodePackages() {
  if (Number(process.versions.node.split('.')[0]) < NODE_MAJOR) {
    throw new Refusal(`Graft needs Node ${NODE_MAJOR} or newer; this is Node ${process.versions.node}.`);
  }
  const lock = createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex');
  const stamp = join(ROOT, 'node_modules', '.graft-lock');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  await step('Installing node packages (about a minute)', 'npm', [
    'ci',
    '--no-audit',
    '--no-fund',
    '--loglevel=error',
  ]);
  mkdirSync(join(ROOT, 'node_modules'), { recursive: true });
  writeFileSync(stamp, lock);
}

/** Debian keeps server programs in sbin, which a plain user's PATH may lack. */
export function findProgram(name) {
  if (name.startsWith('/')) return existsSync(name) ? name : undefined;
  const folders = [
    ...(process.env.PATH ?? '').split(delimiter),
    '/usr/sbin',
    '/usr/local/sbin',
    '/sbin',
    '/usr/bin',
  ];
  return folders.map((folder) => join(folder, name)).find((path) => existsSync(path));
}

/**
 * Programs from Debian packages, installed when missing: as root, or through sudo where it asks no password.
 * Otherwise one line says what to run.
 */
async function ensureDebianPrograms(programs, packages, what) {
  const complete = () => programs.every((program) => findProgram(program));
  if (complete()) return;
  const manual = `sudo apt-get update && sudo apt-get install -y --no-install-recommends ${packages.join(' ')}`;
  const apt = findProgram('apt-get');
  if (!apt)
    throw new Refusal(
      `${what} is missing and this is no Debian system: install it so that ${programs.join(' and ')} are on the PATH.`,
    );
  const isRoot = process.getuid?.() === 0;
  const sudo = isRoot ? undefined : findProgram('sudo');
  const canSudo = sudo !== undefined && (await run(sudo, ['-n', 'true'], { quiet: true })).code === 0;
  if (!isRoot && !canSudo) throw new Refusal(`${what} is missing. Run this, then try again:  ${manual}`);
  const asRoot = (args) => (isRoot ? [apt, args] : [sudo, ['-n', apt, ...args]]);
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  const install = ['install', '-y', '--no-install-recommends', ...packages];
  say(`${what} is missing: installing from Debian's packages: ${packages.join(', ')} …`);
  let result = await run(...asRoot(install), { quiet: true, env });
  if (result.code !== 0) {
    // A fresh machine has no package lists yet.
    await run(...asRoot(['update']), { quiet: true, env });
    result = await run(...asRoot(install), { quiet: true, env });
  }
  if (result.code !== 0 || !complete()) {
    process.stderr.write(result.output);
    throw new Refusal(`${what} could not be installed. Run this, then try again:  ${manual}`);
  }
  say(`${what}: installed`);
}

/** The server and what creates its database; not the package that starts a system-wide instance. */
export const ensureMariaDb = () =>
  ensureDebianPrograms(
    ['mariadbd', 'mariadb-install-db', 'my_print_defaults'],
    ['mariadb-server-core', 'mariadb-client-core'],
    'MariaDB',
  );
/** What reads and writes a whole database; only backups need it. */
export const ensureMariaDbTools = () =>
  ensureDebianPrograms(['mariadb', 'mariadb-dump'], ['mariadb-client'], 'What backs up MariaDB');
/** A cluster's library; its scripts lie in the package that starts a system-wide instance, and are taken out of it. */
export const GALERA = '/usr/lib/galera/libgalera_smm.so';
export async function ensureGalera(folder) {
  await ensureMariaDb();
  await ensureDebianPrograms([GALERA, 'rsync', 'lsof'], ['galera-4', 'rsync', 'lsof'], 'Galera');
  mkdirSync(folder, { recursive: true });
  const got = await run('apt-get', ['download', 'mariadb-server'], { quiet: true, cwd: folder });
  const file = readdirSync(folder).find((name) => name.endsWith('.deb'));
  if (got.code !== 0 || file === undefined)
    throw new Refusal(`mariadb-server could not be fetched: ${got.output}`);
  const out = await run('dpkg-deb', ['-x', join(folder, file), folder], { quiet: true });
  if (out.code !== 0) throw new Refusal(`${file} could not be opened: ${out.output}`);
  return join(folder, 'usr/bin');
}

/** For the test of deploy/ alone. */
export const ensureNginx = () => ensureDebianPrograms(['nginx'], ['nginx'], 'nginx');
export const ensureChromium = () =>
  ensureDebianPrograms(['chromium-headless-shell'], ['chromium-headless-shell'], 'Chromium');
