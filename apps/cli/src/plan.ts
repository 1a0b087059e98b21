/**
 * Plan shares and stows of a trip file from the command line: no server, no database.
 * Errors go to stderr; the exit code is 2 for bad input and 1 when the trip's rules contradict each other.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { parseTripFile, serialiseTripFile } from '@graft/core/formats';
import { planReport, type PlanReport } from '@graft/core/report';
import { InvalidInputError, needed } from '@graft/core/schema';
import { standsOn, standsOnLines, weighFirstWords } from '@graft/core/report';
import {
  fairnessSchool,
  formatMeasure,
  shareFigures,
  shareMisfit,
  shareProblem,
  solveShare,
  leftOverWords,
  worstWords,
} from '@graft/core/share';
import { LEAST_STOW_EFFORT } from '@graft/core/stow';
import { replaceShare, type Trip } from '@graft/core/trip';
import { formatMass, formatPercent, formatSignedCm } from '@graft/core/units';
import { planStows } from './planStows.js';

const USAGE = 'npm run plan -- FILE.graft.json [--out PLAN.json] [--seed N] [--effort PART]';
const HELP = `${USAGE}

Plans shares and stows of a trip file. Needs no server and no database.

  FILE           a trip file, or - to read it from standard input
  --out FILE     write the plan there and a summary to standard output;
                 without it, or for -, the plan goes to standard output
  --seed N       another seed may find another plan; the same gives the same, to the byte (default 1)
  --effort PART  the part of the usual work that goes into each pack, ${LEAST_STOW_EFFORT} to 1 (default 1)

Progress and times go to standard error. Exit code 0 for a plan, 1 when the trip's rules contradict
each other, 2 for bad input.
`;
/** The standard streams, as people name them. */
const STANDARD = '-';
const STDIN = 0;
const LARGEST_SEED = 2 ** 32 - 1;

class Refused extends Error {
  constructor(
    message: string,
    readonly exitCode: number,
  ) {
    super(needed(message));
  }
}

interface Options {
  readonly file: string;
  readonly out: string | undefined;
  readonly seed: number;
  readonly effort: number;
}

/** Undefined when help is asked for. */
function readOptions(): Options | undefined {
  let parsed;
  try {
    parsed = parseArgs({
      allowPositionals: true,
      options: {
        out: { type: 'string' },
        seed: { type: 'string' },
        effort: { type: 'string' },
        help: { type: 'boolean', short: 'h' },
      },
    });
  } catch (error) {
    throw new Refused(`${(error as Error).message}\n${USAGE}`, 2);
  }
  const { positionals, values } = parsed;
  if (values.help === true) return undefined;
  const seed = Number(values.seed ?? '1');
  if (!Number.isInteger(seed) || seed < 0 || seed > LARGEST_SEED) {
    throw new Refused(
      `--seed: expected a whole number from 0 to ${LARGEST_SEED}, got "${values.seed ?? ''}"`,
      2,
    );
  }
  const effort = Number(values.effort ?? '1');
  if (!(effort >= LEAST_STOW_EFFORT && effort <= 1)) {
    throw new Refused(
      `--effort: expected a number from ${LEAST_STOW_EFFORT} to 1, got "${values.effort ?? ''}"`,
      2,
    );
  }
  if (positionals.length !== 1) {
    throw new Refused(`FILE: expected one trip file, got ${positionals.length}\n${USAGE}`, 2);
  }
  return { file: positionals[0]!, out: values.out === STANDARD ? undefined : values.out, seed, effort };
}

function readTrip(file: string): ReturnType<typeof parseTripFile> {
  let text: string;
  try {
    text = readFileSync(file === STANDARD ? STDIN : file, 'utf8');
  } catch (error) {
    throw new Refused(`FILE: cannot read "${file}": ${(error as Error).message}`, 2);
  }
  try {
    return parseTripFile(text);
  } catch (error) {
    if (!(error instanceof InvalidInputError)) throw error;
    const name = file === STANDARD ? 'Standard input' : file;
    throw new Refused(
      `${name} is not a trip file Graft can read (${error.errors.length} errors):\n${error.message}`,
      2,
    );
  }
}

function summary(report: PlanReport, ways: readonly string[], facts: readonly string[]): string {
  const { verdict } = report;
  const rows = report.members.map((m) => {
    const worst = m.days.reduce((a, b) => (b.ratio > a.ratio ? b : a));
    const cg = m.centreOfGravityCm;
    return [
      m.name.padEnd(14),
      `${formatMass(worst.loadKg).padStart(8)} of ${formatMass(worst.limitKg)} on day ${worst.day}, ${formatPercent(worst.ratio)}`.padEnd(
        44,
      ),
      `centre of gravity ${formatSignedCm(cg.x)} aside, ${cg.y.toFixed(1)} cm out, ${cg.z.toFixed(1)} cm up; heavy things ${m.heavyCm === undefined ? 'none' : `${m.heavyCm.toFixed(1)} cm up, ${m.inBand ? 'in' : 'outside'} the band`}`,
      ...m.warnings.map((w) => `\n${' '.repeat(15)}! ${w}`),
    ].join(' ');
  });
  return [
    ...rows,
    `Largest load ${formatMeasure(report.fairness, report.largestRatio, 'kg', 2)} ${fairnessSchool(report.fairness).of} (${verdict.peak}); ${verdict.distance}.`,
    ...(verdict.spread === '' ? [] : [`${verdict.spread}.`]),
    ...facts,
    `Seed ${report.seed}.`,
    ...report.warnings.map((w) => `! ${w}`),
    ...ways,
    '',
  ].join('\n');
}

/** What the share stands on: what is missing or guessed, and what is worth weighing first. */
function factsOf(trip: Trip): readonly string[] {
  const figures = shareFigures(trip);
  const stands = standsOn(trip, figures);
  const first = weighFirstWords(stands);
  return [
    ...standsOnLines(trip, figures, stands).map(({ text, isGap }) => `${isGap ? '! ' : ''}${text}.`),
    ...(first.length === 0 ? [] : [`Worth weighing first: ${first.join('; ')}.`]),
  ];
}

/** How far it is, on a terminal only: one line that is written over. */
function progress(text: string): void {
  if (process.stderr.isTTY) process.stderr.write(`\r\u001b[K${text}`);
}

async function main(): Promise<void> {
  const options = readOptions();
  if (options === undefined) {
    process.stdout.write(HELP);
    return;
  }
  const { file, out, seed, effort } = options;
  const trip = readTrip(file);
  const started = performance.now();
  progress('Sharing …');
  const result = solveShare(shareProblem(trip), {
    seed,
    onProgress: ({ done }) => progress(`Sharing … ${formatPercent(done, 0)}`),
  });
  if (result.kind === 'contradiction') {
    const reasons = result.reasons.map((r) => `- ${r}`);
    throw new Refused(['No share exists:', ...reasons, ...waysOut(trip, seed)].join('\n'), 1);
  }
  const shared = performance.now();
  const planned = await planStows(replaceShare(trip, result.share), { seed, effort }, (done) =>
    progress(`Packing: ${done} of ${trip.members.length} done`),
  );
  progress('');
  const ms = (from: number, to: number): string => `${Math.round(to - from)} ms`;
  process.stderr.write(
    `Shared in ${ms(started, shared)}, packed in ${ms(shared, performance.now())}, seed ${seed}.\n`,
  );
  const report = planReport(planned, seed);
  const text = serialiseTripFile(planned, report);
  if (out === undefined) {
    process.stdout.write(text);
    return;
  }
  try {
    writeFileSync(out, text);
  } catch (error) {
    throw new Refused(`--out: cannot write "${out}": ${(error as Error).message}`, 2);
  }
  const isAbove = report.members.some((m) => m.days.some((d) => d.ratio > 1));
  process.stdout.write(summary(report, isAbove ? waysOut(trip, seed) : [], factsOf(planned)));
}

/** What would make it fit, best first, as each was tried out. */
function waysOut(trip: Trip, seed: number): readonly string[] {
  const misfit = shareMisfit(trip, seed);
  if (misfit === undefined) return [];
  const cures = misfit.cures.slice(0, MOST_WAYS).map((cure) => {
    const effect = [cure.fits ? 'everything fits then' : '', worstWords(cure)].filter((t) => t !== '');
    return `- ${cure.label}${effect.length === 0 ? '' : ` (${effect.join('; ')})`}`;
  });
  const left = leftOverWords(misfit, 'kg');
  return [...(cures.length === 0 ? [] : ['Ways out, best first:', ...cures]), ...(left === '' ? [] : [left])];
}
const MOST_WAYS = 4;

// Whoever reads may have seen enough: head, or a pager that was left.
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code !== 'EPIPE') throw error;
  process.exit(0);
});
try {
  await main();
} catch (error) {
  if (!(error instanceof Refused)) throw error;
  progress('');
  process.stderr.write(`${error.message}\n`);
  process.exitCode = error.exitCode;
}
