import { fileURLToPath } from 'node:url';
import { join, resolve } from 'node:path';

/** The project's folder. */
export const ROOT = resolve(fileURLToPath(new URL('../..', import.meta.url)));
/** Everything Graft keeps on this machine: database, logs, stamps. Git ignores the default. */
export const STATE_DIR = resolve(process.env.GRAFT_STATE_DIR ?? join(ROOT, '.graft'));
/** Stamps of what is installed and built belong to the checkout, whatever database is used. */
export const STAMP_DIR = join(ROOT, '.graft');
export const bin = (name) => join(ROOT, 'node_modules', '.bin', name);
/** Where the person stands: file names are meant from there, not from the project's folder. */
export const CALLED_FROM = process.env.INIT_CWD ?? process.cwd();
