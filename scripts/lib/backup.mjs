/**
 * Everything Graft keeps, in one file: what the database writes of itself, under a first line that says what it is. Taken
 * while Graft runs, as of one moment. Restored into an empty database only; what was there before is moved aside, whole.
 */
import { spawn } from 'node:child_process';
import {
  createReadStream,
  createWriteStream,
  existsSync,
  mkdirSync,
  mkdtempSync,
  openSync,
  readdirSync,
  readSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
  closeSync,
} from 'node:fs';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { runningDatabase, startDatabase } from './database.mjs';
import { ensureMariaDbTools, findProgram } from './install.mjs';
import { ROOT, STATE_DIR } from './paths.mjs';
import { isOurs } from './processes.mjs';
import { readNote } from './notes.mjs';
import { Refusal, run, say } from './run.mjs';

const FIRST = '-- graft backup ';
/** What the database's own program writes last: a file without it was cut off. */
const LAST = '-- Dump completed';
const FORMAT = 1;
const FOLDER = join(STATE_DIR, 'database');
const MIGRATIONS = join(ROOT, 'apps/server/src/database/migrations');

/** Write a backup; to standard output for "-". */
export async function backUp(file) {
  await ensureMariaDbTools();
  await withDatabase(async ({ options, name, ask }) => {
    const schema = await ask('SELECT COALESCE(MAX(timestamp), 0) FROM migrations');
    const head = `${FIRST}${JSON.stringify({ format: FORMAT, schema: Number(schema), takenAt: new Date().toISOString() })}\n`;
    const toStandard = file === '-';
    // Beside its place until it is whole.
    const fresh = `${file}.${process.pid}.new`;
    const out = toStandard ? process.stdout : createWriteStream(fresh, { mode: 0o600 });
    try {
      out.write(head);
      const args = [...options, '--single-transaction', '--quick', '--hex-blob', '--skip-lock-tables', name];
      const dump = spawn(findProgram('mariadb-dump'), args, { stdio: ['ignore', 'pipe', 'inherit'] });
      const ended = endOf(dump);
      await pipeline(dump.stdout, out, { end: !toStandard });
      if ((await ended) !== 0) throw new Refusal('The database could not be read; nothing was written.');
      if (!toStandard) renameSync(fresh, file);
    } catch (error) {
      if (!toStandard) rmSync(fresh, { force: true });
      if (error.code === undefined || error instanceof Refusal) throw error;
      throw new Refusal(`${file} cannot be written: ${error.message}`);
    }
  });
  if (file !== '-')
    say(
      `Backed up to ${file}, ${Math.ceil(statSync(file).size / 1000)} kB. It holds body weights and health notes: keep it safe.`,
    );
}

/** @param replace whether trips that are there may be moved aside */
export async function restore(file, replace) {
  const head = headOf(file);
  const newest = Math.max(...readdirSync(MIGRATIONS).map((name) => Number(/^\d+/.exec(name)?.[0] ?? 0)));
  if (head.format !== FORMAT || head.schema > newest)
    throw new Refusal(`${file} is of a newer Graft than this one: restore it with that, or a newer one.`);
  if (process.env.GRAFT_DATABASE_URL !== undefined)
    throw new Refusal(
      'GRAFT_DATABASE_URL is set: restore that database with its own tools, such as mariadb < FILE.',
    );
  const running = readNote(join(STATE_DIR, 'run.json'));
  if (running !== undefined && isOurs(running.pid, 'start.mjs'))
    throw new Refusal('Graft is running: stop it first.');
  await ensureMariaDbTools();
  const aside = await makeRoom(replace);
  try {
    await withDatabase(async ({ options, name }) => {
      const load = spawn(findProgram('mariadb'), [...options, name], {
        stdio: ['pipe', 'inherit', 'inherit'],
      });
      const ended = endOf(load);
      // Why it stopped to read is said by itself.
      await pipeline(createReadStream(file), load.stdin).catch(() => undefined);
      if ((await ended) !== 0) throw new Refusal('The backup could not be read into the database.');
    });
  } catch (error) {
    rmSync(FOLDER, { recursive: true, force: true });
    if (aside !== undefined) renameSync(aside, FOLDER);
    throw error;
  }
  say(`Restored what was backed up at ${head.takenAt}. npm start serves it.`);
  if (aside !== undefined) say(`What was there before is in ${aside}.`);
}

/** The first line of a whole backup. */
function headOf(file) {
  const broken = (why) => new Refusal(`${file} ${why}; nothing was changed.`, 2);
  if (!existsSync(file)) throw broken('is not there');
  const size = statSync(file).size;
  const opened = openSync(file, 'r');
  try {
    const part = (from) => {
      const bytes = Buffer.alloc(Math.min(400, size));
      readSync(opened, bytes, 0, bytes.length, Math.max(0, from));
      return bytes.toString('utf8');
    };
    const [first = ''] = part(0).split('\n');
    if (!first.startsWith(FIRST)) throw broken('is no backup of Graft');
    if (!part(size - 400).includes(LAST)) throw broken('was cut off');
    return JSON.parse(first.slice(FIRST.length));
  } catch (error) {
    if (error instanceof Refusal) throw error;
    throw broken(`cannot be read (${error.message})`);
  } finally {
    closeSync(opened);
  }
}

/** @returns where the database that was there is now; undefined where there was none */
async function makeRoom(replace) {
  if (!existsSync(join(FOLDER, 'data'))) return undefined;
  const trips = await withDatabase(async ({ ask }) => {
    const isThere =
      "SELECT COUNT(*) FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name = 'trips'";
    return (await ask(isThere)) === '0' ? '0' : ask('SELECT COUNT(*) FROM trips');
  });
  if (Number(trips) > 0 && !replace)
    throw new Refusal(
      `There are ${trips} trips here. --replace moves them aside, whole, and restores the backup in their place.`,
    );
  const aside = `${FOLDER}.before-${new Date().toISOString().replaceAll(':', '')}`;
  renameSync(FOLDER, aside);
  return aside;
}

/** The code that a program ends with. */
function endOf(child) {
  return new Promise((resolve, reject) => {
    child.once('error', reject);
    child.once('close', resolve);
  });
}

/** Work with the database of this folder: the one that runs, or one that is started for it. */
async function withDatabase(work) {
  const known = process.env.GRAFT_DATABASE_URL ?? runningDatabase(FOLDER);
  const database = known === undefined ? await startDatabase(FOLDER) : undefined;
  const secret = mkdtempSync(join(ensured(STATE_DIR), 'client-'));
  try {
    return await work(clientOf(secret, known ?? database.url));
  } finally {
    rmSync(secret, { recursive: true, force: true });
    await database?.stop();
  }
}

function ensured(folder) {
  mkdirSync(folder, { recursive: true });
  return folder;
}

/** The password goes by a file that only its owner reads: a command line is seen by everybody on the machine. */
function clientOf(folder, url) {
  const { hostname, port, username, password, pathname } = new URL(url);
  const file = join(folder, 'client.cnf');
  const lines = [
    `host=${hostname}`,
    `port=${port || 3306}`,
    `user=${decodeURIComponent(username)}`,
    `password="${decodeURIComponent(password)}"`,
  ];
  writeFileSync(file, `[client]\n${lines.join('\n')}\n`, { mode: 0o600 });
  const options = [`--defaults-file=${file}`, '--default-character-set=utf8mb4'];
  const name = decodeURIComponent(pathname.slice(1));
  const ask = async (sql) => {
    const args = [...options, '-N', '-B', '-e', sql, name];
    const { code, output } = await run(findProgram('mariadb'), args, { quiet: true });
    if (code !== 0) throw new Refusal(`The database does not answer:\n${output}`);
    return output.trim();
  };
  return { options, name, ask };
}
