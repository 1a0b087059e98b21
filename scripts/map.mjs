/**
 * Draws the core's floors from what its files really import: docs/floors.svg.
 * `node scripts/map.mjs --check` compares instead, for the tests.
 */
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { CORE_FLOORS } from '../dependency-cruiser.config.mjs';
import { ensureNodePackages } from './lib/install.mjs';
import { bin, ROOT } from './lib/paths.mjs';
import { main, Refusal, run } from './lib/run.mjs';

const FILE = join(ROOT, 'docs/floors.svg');
const SOURCE = 'packages/core/src/';
const [WIDTH, ROW, BOX, HIGH] = [860, 74, 118, 34];

/** Folders that each folder imports from, tests left out. */
async function folderArrows() {
  const { output } = await run(
    bin('depcruise'),
    ['--config', 'dependency-cruiser.config.mjs', '--output-type', 'json', 'packages/core/src'],
    { quiet: true },
  );
  const arrows = new Map(CORE_FLOORS.flat().map((folder) => [folder, new Set()]));
  const folderOf = (path) => (path.startsWith(SOURCE) ? path.slice(SOURCE.length).split('/')[0] : undefined);
  for (const { source, dependencies } of JSON.parse(output).modules) {
    const from = folderOf(source);
    if (!arrows.has(from) || source.endsWith('.test.ts')) continue;
    for (const { resolved } of dependencies) {
      const to = folderOf(resolved);
      if (to !== undefined && to !== from && arrows.has(to)) arrows.get(from).add(to);
    }
  }
  return arrows;
}

/** Where each folder stands: the top floor first, as one looks at a house. */
function places() {
  const floors = [...CORE_FLOORS].reverse();
  return new Map(
    floors.flatMap((floor, row) =>
      floor.map((folder, i) => [
        folder,
        { x: Math.round((WIDTH * (i + 1)) / (floor.length + 1)), y: 40 + row * ROW },
      ]),
    ),
  );
}

/** Whether one folder rests on another by way of a third: such an arrow would tell nothing new. */
function isImplied(arrows, from, to) {
  const seen = new Set();
  const reaches = (folder) =>
    folder === to ||
    (!seen.has(folder) && seen.add(folder) !== undefined && [...arrows.get(folder)].some(reaches));
  return [...arrows.get(from)].some((next) => next !== to && reaches(next));
}

function draw(arrows) {
  const at = places();
  const lines = [...arrows].flatMap(([from, tos]) =>
    [...tos].sort().flatMap((to) => {
      if (isImplied(arrows, from, to)) return [];
      const [a, b] = [at.get(from), at.get(to)];
      const [y1, y2] = [a.y + HIGH / 2, b.y - HIGH / 2];
      const bend = (y2 - y1) / 2;
      return [`<path d="M${a.x} ${y1}C${a.x} ${y1 + bend} ${b.x} ${y2 - bend} ${b.x} ${y2}"/>`];
    }),
  );
  const boxes = [...at].map(
    ([folder, { x, y }]) =>
      `<g><title>${folder} rests on: ${[...arrows.get(folder)].sort().join(', ') || 'nothing'}</title>` +
      `<rect x="${x - BOX / 2}" y="${y - HIGH / 2}" width="${BOX}" height="${HIGH}" rx="3"/>` +
      `<text x="${x}" y="${y + 5}">${folder}</text></g>`,
  );
  const height = 40 + CORE_FLOORS.length * ROW - ROW / 2;
  return `${[
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDTH} ${height}" width="${WIDTH}" role="img" font-family="sans-serif" font-size="14">`,
    `<title>The floors of packages/core: each folder and what it rests on, by way of others too</title>`,
    `<rect width="${WIDTH}" height="${height}" fill="#f3f1ea"/>`,
    `<g fill="none" stroke="#5d6f66" stroke-width="1.4">`,
    ...lines,
    `</g>`,
    `<g fill="#fdfcf8" stroke="#22372d">`,
    ...boxes.map((box) => box.replace('<text', '<text fill="#22372d" stroke="none" text-anchor="middle"')),
    `</g>`,
    `</svg>`,
  ].join('\n')}\n`;
}

await main(async () => {
  await ensureNodePackages();
  const svg = draw(await folderArrows());
  if (!process.argv.includes('--check')) writeFileSync(FILE, svg);
  else if (!existsSync(FILE) || readFileSync(FILE, 'utf8') !== svg)
    throw new Refusal('docs/floors.svg is not what the imports say: run "npm run map" and commit it.');
});
