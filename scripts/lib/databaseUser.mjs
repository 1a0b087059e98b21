/** Whom the private database runs as: never root, where that can be helped. */
import { readdirSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { findProgram } from './install.mjs';
import { Refusal, run, say } from './run.mjs';

/** A system account that owns the database's files and nothing else. */
const ACCOUNT = 'graft-db';
/** Stays root's: who may read it may open the database. */
const PASSWORD_FILE = 'password';

/**
 * @returns {Promise<{options: string[], take: (folder: string) => Promise<void>}>} options of the database program, and
 *   what makes its files the account's
 */
export async function databaseUser(folder) {
  if (process.getuid?.() !== 0) return { options: [], take: async () => {} };
  const closed = closedParent(folder);
  const name = closed === undefined ? await account() : undefined;
  if (name === undefined) {
    const why = closed === undefined ? 'there is no other account for it' : `${closed} lets nobody else in`;
    say(`The database runs as root: ${why}.`);
    return { options: ['--user=root'], take: async () => {} };
  }
  return { options: [`--user=${name}`], take: (all) => chown(name, all) };
}

async function account() {
  const has = async (name) => (await run('id', ['-u', name], { quiet: true })).code === 0;
  if (await has(ACCOUNT)) return ACCOUNT;
  const useradd = findProgram('useradd');
  if (useradd !== undefined) {
    const home = ['--no-create-home', '--home-dir', '/nonexistent', '--shell', '/usr/sbin/nologin'];
    await run(useradd, ['--system', '--user-group', ...home, ACCOUNT], { quiet: true });
  }
  for (const name of [ACCOUNT, 'nobody']) if (await has(name)) return name;
  return undefined;
}

/** A folder above that only its owner may pass. */
function closedParent(folder) {
  for (let above = dirname(folder); above !== dirname(above); above = dirname(above))
    if ((statSync(above).mode & 0o001) === 0) return above;
  return undefined;
}

async function chown(name, folder) {
  const files = readdirSync(folder).filter((file) => file !== PASSWORD_FILE);
  const own = await run('chown', [`${name}:`, folder], { quiet: true });
  const all = await run('chown', ['-R', `${name}:`, ...files.map((file) => join(folder, file))], {
    quiet: true,
  });
  if (own.code !== 0 || all.code !== 0)
    throw new Refusal(`The files of the database cannot be given to ${name}:\n${own.output}${all.output}`);
}
