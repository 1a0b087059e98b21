import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseTripFile } from '@graft/core/formats';
import { allPieces, thingsInPack } from '@graft/core/trip';

const PROGRAM = join(__dirname, '../dist/plan.js');
const DEMO = join(__dirname, '../../../data/demo');
const folder = mkdtempSync(join(tmpdir(), 'graft-plan-'));
afterAll(() => rmSync(folder, { recursive: true }));
const plan = (...args: string[]) => spawnSync(process.execPath, [PROGRAM, ...args], { encoding: 'utf8' });

interface Report {
  readonly seed: number;
  readonly bound: number;
  readonly gap: number;
  readonly largestRatio: number;
  readonly members: readonly {
    readonly name: string;
    readonly bandCm: readonly [number, number];
    readonly heavyCm: number;
    readonly days: readonly { readonly ratio: number }[];
  }[];
}

test('plans a trip file: everything shared and stowed, and a report', () => {
  const out = join(folder, 'plan.json');
  const done = plan(join(DEMO, 'hut-roof.graft.json'), '--out', out, '--seed', '7', '--effort', '0.2');
  // No line that is written over where nobody watches; times are apart from the plan.
  expect(done.stderr).toMatch(/^Shared in \d+ ms, packed in \d+ ms, seed 7\.\n$/);
  expect(done.status).toBe(0);
  expect(done.stdout).toContain('Largest load');
  const text = readFileSync(out, 'utf8');
  const trip = parseTripFile(text);
  const { report } = JSON.parse(text) as { report: Report };
  expect(trip.share.map((a) => a.pieceId).sort()).toEqual(
    allPieces(trip)
      .map((p) => p.id)
      .sort(),
  );
  for (const stow of trip.stows)
    expect(stow.placements).toHaveLength(thingsInPack(trip, stow.memberId, 1).length);
  expect(trip.stows).toHaveLength(trip.members.length);
  expect(report.seed).toBe(7);
  expect(report.gap).toBeLessThan(0.01);
  expect(report.largestRatio).toBeGreaterThanOrEqual(report.bound - 1e-9);
  for (const { bandCm, heavyCm, days } of report.members) {
    // The days together may be worth a millimetre or two on the heaviest.
    expect(heavyCm).toBeGreaterThan(bandCm[0] - 0.2);
    expect(heavyCm).toBeLessThan(bandCm[1] + 0.2);
    expect(days).toHaveLength(trip.legs.length);
  }
}, 150_000);

test('without --out the plan goes to standard output, the same to the byte for the same seed; - reads what is piped', () => {
  const file = join(DEMO, 'hut-roof.graft.json');
  const first = plan(file, '--effort', '0.05');
  expect(parseTripFile(first.stdout).name).toBe('Mending the hut roof at Tarn Elling');
  const piped = spawnSync(process.execPath, [PROGRAM, '-', '--out', '-', '--effort', '0.05'], {
    encoding: 'utf8',
    input: readFileSync(file, 'utf8'),
  });
  expect(piped.stdout).toBe(first.stdout);
}, 150_000);

test('help is no error; a reader that has seen enough ends it quietly', () => {
  const help = plan('--help');
  expect([help.status, help.stderr]).toEqual([0, '']);
  expect(help.stdout).toContain('- to read it from standard input');
  const file = join(DEMO, 'hut-roof.graft.json');
  const shell = `"${process.execPath}" "${PROGRAM}" "${file}" --effort 0.05 | head -c 20; echo " ${'${PIPESTATUS[0]}'}"`;
  const cut = spawnSync('bash', ['-c', shell], { encoding: 'utf8' });
  expect(cut.stdout).toMatch(/^\{[\s\S]{19} 0\n$/);
  expect(cut.stderr).not.toMatch(/EPIPE/);
  const odd = spawnSync(process.execPath, [PROGRAM, '-'], { encoding: 'utf8', input: '{' });
  expect([odd.status, odd.stdout]).toEqual([2, '']);
  expect(odd.stderr).toContain('Standard input is not a trip file');
}, 150_000);

test('a party that carries too much is told the ways out, each with whom it helps', () => {
  const file = join(__dirname, '../../../data/parties/two-frameless.graft.json');
  const done = plan(file, '--out', join(folder, 'frameless.json'), '--effort', '0.02');
  expect(done.status).toBe(0);
  expect(done.stdout).toMatch(
    /Ways out, best first:\n- Carry 1\.0 L less water each on days 1, 2 \(everything fits then; worst: Kee \d+ → 99 %\)/,
  );
}, 150_000);

describe('bad input: errors on stderr, exit code 2, nothing written', () => {
  const bad = join(folder, 'bad.json');
  writeFileSync(bad, '{"format":"graft-trip","version":1,"trip":{"id":"X"}}');
  test.each([
    [['nowhere.json'], 'FILE: cannot read "nowhere.json"'],
    [[], 'FILE: needs one trip file, not 0'],
    [[bad, bad], 'FILE: needs one trip file, not 2'],
    [[bad], 'trip.id: needs an id of lower-case letters'],
    [[bad], 'trip.legs: needs a list of 1 to 60 entries; there is none'],
    [
      [join(DEMO, 'hut-roof.graft.json'), '--seed', 'x'],
      '--seed: needs a whole number from 0 to 4294967295, not "x"',
    ],
    [
      [join(DEMO, 'hut-roof.graft.json'), '--effort', '1.5'],
      '--effort: needs a number from 0.02 to 1, not "1.5"',
    ],
    [[join(DEMO, 'hut-roof.graft.json'), '--fast'], "Unknown option '--fast'"],
    [
      [join(DEMO, 'hut-roof.graft.json'), '--out', '/nowhere/plan.json', '--effort', '0.02'],
      '--out: cannot write "/nowhere/plan.json"',
    ],
  ])(
    '%p',
    (args, message) => {
      const done = plan(...args);
      expect(done.stderr).toContain(message);
      expect(done.status).toBe(2);
      expect(done.stdout).toBe('');
    },
    30_000,
  );
});

test('rules that contradict each other end with exit code 1 and their names', () => {
  const data = JSON.parse(readFileSync(join(DEMO, 'hut-roof.graft.json'), 'utf8')) as {
    trip: { carrierRules: object[]; share: object[]; stows: object[] };
  };
  data.trip.share = [];
  data.trip.stows = [];
  data.trip.carrierRules.push({
    id: 'three',
    kind: 'different',
    pieceIds: ['hammer', 'saw', 'snips'],
    reason: 'three hands',
  });
  const file = join(folder, 'contradiction.json');
  writeFileSync(file, JSON.stringify(data));
  const done = plan(file);
  expect(done.stderr).toBe(
    'No share exists:\n- "three hands" asks for 3 different carriers, 2 may carry these pieces\nWays out, best first:\n- Release the rule "three hands" (everything fits then)\n',
  );
  expect(done.status).toBe(1);
});
