import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { bin, ROOT, STAMP_DIR } from './paths.mjs';
import { step } from './run.mjs';

const SOURCES = ['packages/core', 'apps/server', 'apps/cli', 'apps/web'];
const COMPILED = ['packages/core', 'apps/server', 'apps/cli'];
const SKIPPED = new Set(['node_modules', 'dist', 'dist-types']);

function* files(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true }).sort((a, b) =>
    a.name < b.name ? -1 : 1,
  )) {
    if (SKIPPED.has(entry.name)) continue;
    const path = join(folder, entry.name);
    if (entry.isDirectory()) yield* files(path);
    else if (!entry.name.includes('.test.')) yield path;
  }
}

function sourceHash() {
  const hash = createHash('sha256').update(readFileSync(join(ROOT, 'package-lock.json')));
  hash.update(readFileSync(join(ROOT, 'tsconfig.base.json')));
  for (const source of SOURCES) {
    for (const path of files(join(ROOT, source)))
      hash.update(relative(ROOT, path)).update(readFileSync(path));
  }
  return hash.digest('hex');
}

/** Compile core, server and command line, and bundle the web app, when their sources changed. */
export async function ensureBuilt() {
  const stamp = join(STAMP_DIR, 'built');
  const hash = sourceHash();
  const outputs = [
    'packages/core/dist/schema/index.js',
    'apps/server/dist/main.js',
    'apps/cli/dist/plan.js',
    'apps/web/dist/index.html',
    'apps/web/dist/s/index.html',
  ];
  const complete = outputs.every((path) => existsSync(join(ROOT, path)));
  if (complete && existsSync(stamp) && readFileSync(stamp, 'utf8') === hash) return;
  await step('Compiling', bin('tsc'), ['-b', ...COMPILED]);
  const vite = (name, ...options) =>
    step(name, bin('vite'), ['build', '--logLevel', 'warn', ...options], { cwd: join(ROOT, 'apps/web') });
  await vite('Building the web app');
  await vite('Building members’ sheets', '--config', 'vite.sheet.config.ts', '--emptyOutDir');
  mkdirSync(STAMP_DIR, { recursive: true });
  writeFileSync(stamp, hash);
}
