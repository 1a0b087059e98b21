/**
 * npm test: everything, from format to the real interface in a real browser, on throwaway databases.
 * Ends with a line "N passed, N failed". `npm test -- core server` runs only the parts named; with --deep properties are
 * tried on all their cases.
 */
import { chmodSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import jestConfig from '../jest.config.mjs';
import { ensureBuilt } from './lib/build.mjs';
import { startDatabase } from './lib/database.mjs';
import { ensureChromium, ensureMariaDb, ensureNodePackages } from './lib/install.mjs';
import { bin, ROOT } from './lib/paths.mjs';
import { main, Refusal, run, say } from './lib/run.mjs';

const CHECKS = {
  // The longest first: two of them run side by side. The linter reads all types once, for its rules and for their faults.
  lint: [bin('oxlint'), ['--type-aware', '--type-check', '--report-unused-disable-directives']],
  format: [bin('oxfmt'), ['--check', '.']],
  arrows: [bin('depcruise'), ['--config', 'dependency-cruiser.config.mjs', 'packages', 'apps', 'e2e']],
  unused: [bin('knip'), ['--no-progress']],
  kernel: [process.execPath, ['scripts/kernel.mjs', '--check']],
  map: [process.execPath, ['scripts/map.mjs', '--check']],
};
const JEST = ['core', 'cli', 'web', 'server'];
const PARTS = [...Object.keys(CHECKS), 'scripts', ...JEST, 'e2e'];

const isDeep = process.argv.includes('--deep');
const total = { passed: 0, failed: 0 };
const count = (passed, failed) => {
  total.passed += passed;
  total.failed += failed;
};

async function check(name) {
  const started = Date.now();
  const [command, args] = CHECKS[name];
  const { code, output } = await run(command, args, { quiet: true });
  const seconds = ((Date.now() - started) / 1000).toFixed(1);
  if (code === 0) say(`${name}: passed (${seconds} s)`);
  else process.stdout.write(`${output}\ngraft  ${name}: FAILED\n`);
  count(code === 0 ? 1 : 0, code === 0 ? 0 : 1);
}

/** Node's own runner, whose closing lines carry the counts. */
async function nodeTests() {
  const { code, output } = await run(
    process.execPath,
    ['--test', '--test-reporter=tap', 'scripts/lib/lib.test.mjs'],
    { quiet: true },
  );
  const number = (word) => Number(new RegExp(`^# ${word} (\\d+)$`, 'm').exec(output)?.[1] ?? 0);
  const failed = number('fail') + (code !== 0 && number('fail') === 0 ? 1 : 0);
  if (failed > 0) process.stdout.write(output);
  say(`scripts: ${number('pass')} passed`);
  count(number('pass'), failed);
}

/** A part of the run, and how long it took. */
async function timed(name, work) {
  const started = Date.now();
  await work();
  say(`${name}: ${((Date.now() - started) / 1000).toFixed(0)} s`);
}

/** Run tasks side by side, as many at once as there are cores. */
async function sideBySide(tasks) {
  const waiting = [...tasks];
  const lane = async () => {
    for (let task = waiting.shift(); task !== undefined; task = waiting.shift()) await task();
  };
  await Promise.all(Array.from({ length: availableParallelism() }, lane));
}

async function jest(projects, scratch, { databaseUrl, args, env } = {}) {
  const file = join(mkdtempSync(join(scratch, 'jest-')), 'report.json');
  const { code, output } = await run(
    bin('jest'),
    ['--selectProjects', ...projects, '--json', `--outputFile=${file}`, ...args],
    {
      quiet: env !== undefined,
      env: { GRAFT_TEST_DATABASE_URL: databaseUrl ?? '', GRAFT_TEST_DEEP: isDeep ? '1' : '0', ...env },
    },
  );
  const report = readReport(file);
  const suites = report?.numRuntimeErrorTestSuites ?? 0;
  const unsaid = report === undefined || (code !== 0 && report.success) ? 1 : 0;
  const failed = (report?.numFailedTests ?? 0) + suites + unsaid;
  if (failed > 0 && output !== undefined) process.stdout.write(output);
  count(report?.numPassedTests ?? 0, failed);
}

/** The core alone, in parts that stay in one process each, with what of it is covered and the files that are least. */
async function core(scratch) {
  const folder = mkdtempSync(join(scratch, 'coverage-'));
  const parts = Array.from({ length: CORE_PARTS }, (_, i) => async () => {
    const args = ['--runInBand', `--shard=${i + 1}/${CORE_PARTS}`];
    await jest(['core'], scratch, { args, env: { NODE_V8_COVERAGE: folder } });
    say(`core, part ${i + 1} of ${CORE_PARTS}: done`);
  });
  await sideBySide(parts);
  // Of packages that a fresh clone has only now.
  const { coverageOf, percentOf } = await import('./lib/coverage.mjs');
  const source = join(ROOT, 'packages/core/src');
  const files = readdirSync(source, { recursive: true })
    .filter((path) => path.endsWith('.ts') && !NOT_COVERED.test(path))
    .map((path) => join(source, path));
  const [[, options]] = Object.values(jestConfig.projects[0].transform);
  const covered = await coverageOf(folder, files, options);
  const least = covered
    .sort((a, b) => a.lines.pct - b.lines.pct)
    .slice(0, LEAST_COVERED)
    .map(({ file, lines }) => `${relative(source, file)} ${lines.pct} %`);
  const [lines, branches] = [percentOf(covered, 'lines'), percentOf(covered, 'branches')];
  say(`core is covered: ${lines} % of lines, ${branches} % of branches; least ${least.join(', ')}`);
}
const CORE_PARTS = 4;
const LEAST_COVERED = 5;
/** What tests stand on, the tests, faces, and a program in bytes. */
const NOT_COVERED = /^testing\/|\.test\.ts$|(^|\/)(index|columnKernelCode)\.ts$/;

async function endToEnd(scratch) {
  const file = join(scratch, 'playwright.json');
  const { code } = await run(bin('playwright'), ['test', '--config', 'playwright.config.ts'], {
    cwd: join(ROOT, 'e2e'),
    env: { PLAYWRIGHT_JSON_OUTPUT_NAME: file, GRAFT_E2E_SCRATCH: scratch },
  });
  const stats = readReport(file)?.stats;
  const failed = stats?.unexpected ?? 0;
  count(stats?.expected ?? 0, failed + (code !== 0 && failed === 0 ? 1 : 0));
}

function readReport(file) {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    // The runner died before it wrote its report: counted as a failure by the caller.
    return undefined;
  }
}

await main(async () => {
  const wanted = process.argv.slice(2).filter((part) => part !== '--deep');
  const odd = wanted.find((part) => !PARTS.includes(part));
  if (odd !== undefined) throw new Refusal(`expected parts among ${PARTS.join(', ')}, got "${odd}"`, 2);
  const includes = (part) => wanted.length === 0 || wanted.includes(part);
  const started = Date.now();
  const ensurePrograms = async () => {
    if (includes('server') || includes('e2e')) await ensureMariaDb();
    if (includes('e2e')) await ensureChromium();
  };
  await timed('packages', () => Promise.all([ensureNodePackages(), ensurePrograms()]));
  await timed('build', ensureBuilt);
  const scratch = mkdtempSync(join(tmpdir(), 'graft-test-'));
  // The database's own account has to pass.
  chmodSync(scratch, 0o711);
  try {
    const checks = Object.keys(CHECKS).filter(includes);
    await sideBySide(checks.map((name) => () => check(name)));
    if (includes('scripts')) await nodeTests();
    if (includes('core')) await timed('core', () => core(scratch));
    const others = JEST.filter((name) => name !== 'core' && includes(name));
    if (others.length > 0) {
      const database = others.includes('server')
        ? await startDatabase(join(scratch, 'jest-database'))
        : undefined;
      try {
        // Each test file has a database of its own, so that all cores can work.
        const args = [`--maxWorkers=${availableParallelism()}`];
        await timed(others.join(', '), () => jest(others, scratch, { databaseUrl: database?.url, args }));
      } finally {
        await database?.stop();
      }
    }
    if (includes('e2e')) await timed('e2e', () => endToEnd(scratch));
  } finally {
    rmSync(scratch, { recursive: true, force: true });
  }
  say(`took ${((Date.now() - started) / 1000).toFixed(0)} s`);
  process.stdout.write(`${total.passed} passed, ${total.failed} failed\n`);
  return total.failed === 0 ? 0 : 1;
});
