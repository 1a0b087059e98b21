import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './paths.mjs';

const BUILT = join(ROOT, 'packages/core/dist');

/** All public faces of the compiled core as one object, for benches that use most of them. */
export async function wholeCore() {
  const faces = readdirSync(BUILT).filter((folder) => existsSync(join(BUILT, folder, 'index.js')));
  const modules = await Promise.all(faces.map((folder) => import(join(BUILT, folder, 'index.js'))));
  return Object.assign({}, ...modules);
}
