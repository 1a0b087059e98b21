/**
 * npm run bench -- [share|stow|eye|track|edit|kit|api|sheets|trail|attack|serve|field] [--seed N] [--trips N] [--mip SECONDS] [--soak MINUTES]: how good and how quick Graft is, as ratios against a bound
 * or a reference that runs beside it, with the times of this machine where a number was promised. Never asserted.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { Agent } from 'node:http';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { ask, quantile, withDemoApp } from './lib/benchApp.mjs';
import { benchAttack } from './lib/benchAttack.mjs';
import { benchEye } from './lib/benchEye.mjs';
import { benchField } from './lib/benchField.mjs';
import { benchServe } from './lib/benchServe.mjs';
import { benchSheets } from './lib/benchSheets.mjs';
import { benchShare } from './lib/benchShare.mjs';
import { benchStow } from './lib/benchStow.mjs';
import { benchTrail } from './lib/benchTrail.mjs';
import { ensureBuilt } from './lib/build.mjs';
import { wholeCore } from './lib/core.mjs';
import { ensureNodePackages } from './lib/install.mjs';
import { ROOT } from './lib/paths.mjs';
import { main, Refusal } from './lib/run.mjs';

const BENCHES = [
  'share',
  'stow',
  'eye',
  'track',
  'edit',
  'kit',
  'api',
  'sheets',
  'trail',
  'attack',
  'serve',
  'field',
];
const timed = (work) => {
  const started = performance.now();
  return { result: work(), ms: performance.now() - started };
};
const row = (...cells) =>
  process.stdout.write(`${cells.map((c, i) => (i === 0 ? c.padEnd(18) : c.padStart(17))).join('')}\n`);
const percent = (ratio) => `${(100 * ratio).toFixed(2)} %`;

await main(async () => {
  const { positionals, values } = parseArgs({
    allowPositionals: true,
    options: {
      seed: { type: 'string', default: '1' },
      trips: { type: 'string', default: '10' },
      mip: { type: 'string', default: '60' },
      soak: { type: 'string', default: '0' },
    },
  });
  const seed = Number(values.seed);
  if (!Number.isInteger(seed) || seed < 0)
    throw new Refusal(`--seed: needs a whole number from 0, not "${values.seed}"`, 2);
  const odd = positionals.find((p) => !BENCHES.includes(p));
  if (odd !== undefined) throw new Refusal(`${odd} is no bench: take one of ${BENCHES.join(', ')}`, 2);
  await ensureNodePackages();
  await ensureBuilt();
  const core = await wholeCore();
  const folder = join(ROOT, 'data/demo');
  const trips = readdirSync(folder)
    .filter((file) => file.endsWith('.graft.json'))
    .map((file) => core.parseTripFile(readFileSync(join(folder, file), 'utf8')));
  const wants = (name) => positionals.length === 0 || positionals.includes(name);

  if (wants('share')) {
    process.stdout.write('\nshare: the demo, level above the bound; reference: heaviest piece first\n');
    row('trip', 'solver', 'reference', 'time, × reference');
    for (const trip of trips) {
      const problem = core.shareProblem(trip);
      const reference = timed(() => core.solveShare(problem, { seed, iterations: 0, proofNodes: 0 }));
      const solver = timed(() => core.solveShare(problem, { seed }));
      row(
        trip.id,
        percent(solver.result.gap),
        percent(reference.result.gap),
        (solver.ms / reference.ms).toFixed(0),
      );
    }
    await benchShare(core, seed, Number(values.trips), Number(values.mip));
  }
  if (wants('stow')) await benchStow(core, seed);
  // At a third of the moves: what a planner finds soon is what people see.
  if (wants('eye')) await benchEye(seed, 0.3);
  if (wants('track')) {
    const text = longGpx(50_000, seed);
    const parsed = timed(() => core.parseGpx(text));
    const [{ segments }] = parsed.result.lines;
    const track = timed(() => core.trackFromParts(parsed.result.name, segments));
    const scan = timed(() => text.split('<trkpt').length);
    process.stdout.write(
      `\ntrack: ${segments.flat().length} points, ${(text.length / 1e6).toFixed(1)} MB of GPX\n`,
    );
    row('', 'ms', '× splitting text');
    row('read', parsed.ms.toFixed(0), (parsed.ms / scan.ms).toFixed(0));
    row('smooth and thin', track.ms.toFixed(0), (track.ms / scan.ms).toFixed(0));
  }
  if (wants('edit')) {
    const trip = largeTrip(core);
    // Each on a trip of its own making, as after an edit, and as often as it takes to be warm; the median counts.
    const median = (work) => {
      const runs = Array.from({ length: 9 }, (_v, i) => {
        const edited = core.putMember(trip, { ...trip.members[0], name: `Edit ${i}` });
        return timed(() => work(edited));
      });
      return runs.sort((a, b) => a.ms - b.ms)[4];
    };
    const bound = median((t) => core.tripBound(t));
    const figures = median((t) => core.shareFigures(t, bound.result));
    const lengths = median((t) => core.dayLengths(t));
    const renamed = core.putMember(trip, { ...trip.members[0], name: 'Somebody else' });
    const diff = median(() => core.diffTrip(trip, renamed));
    const errors = median((t) => core.tripErrors(t));
    const touched = median((t) => core.editedTripErrors(t));
    process.stdout.write(
      `\nedit: what one edit of a trip of ${trip.members.length} members and ${trip.legs.length} legs computes\n`,
    );
    row('', 'ms', 'where');
    row('bound', bound.ms.toFixed(1), 'page');
    row('loads and ratios', figures.ms.toFixed(1), 'page');
    row('day lengths', lengths.ms.toFixed(1), 'page');
    row('what to send', diff.ms.toFixed(1), 'page');
    row('check the edit', touched.ms.toFixed(1), 'server');
    row('check whole trip', errors.ms.toFixed(1), 'import');
  }
  if (wants('kit')) {
    const rows = 5000;
    const text = [
      'Thing,List,Mass g,Packed,Marks,Best before',
      ...Array.from(
        { length: rows },
        (_v, i) =>
          `Thing ${i} jacket,${i % 2 === 0 ? 'Kit X' : ''},${(i % 900) + 1},${(i % 40) / 10},hard,2027-05-10`,
      ),
    ].join('\n');
    const split = timed(() => text.split('\n').map((line) => line.split(',')));
    const table = timed(() => core.readCsvTable(text));
    const mapping = core.guessMapping(table.result.headers);
    const options = core.guessOptions(table.result, mapping);
    const things = timed(() =>
      core.readThings(table.result, mapping, options, core.starterLibrary(), { days: 6, groups: [] }),
    );
    const trip = largeTrip(core);
    const checks = timed(() => core.kitChecks(trip, core.starterLibrary()));
    const landed = timed(() => core.landLarder(trip));
    process.stdout.write(
      `\nkit: a table of ${rows} rows; checks of ${trip.personalThings.length} personal things\n`,
    );
    row('', 'ms', '× splitting text');
    row('read the table', table.ms.toFixed(0), (table.ms / split.ms).toFixed(0));
    row('read its things', things.ms.toFixed(0), (things.ms / split.ms).toFixed(0));
    row('all kit checks', checks.ms.toFixed(0));
    row('land the larder', landed.ms.toFixed(0));
  }
  if (wants('api')) await benchApi();
  if (wants('sheets')) await benchSheets(core, seed);
  if (wants('serve')) {
    process.stdout.write('\nserve: many at once\n');
    await benchServe({ seconds: 20, minutes: Number(values.soak) });
  }
  if (wants('attack')) await benchAttack();
  if (wants('field')) await benchField();
  if (wants('trail')) await benchTrail(core, seed);
});

/** A GPX text of so many points on a wavy way, with the instrument's noise. */
function longGpx(points, seed) {
  let state = seed + 1;
  const random = () => (state = (state * 1664525 + 1013904223) % 2 ** 32) / 2 ** 32;
  const lines = Array.from({ length: points }, (_v, i) => {
    const lat = (57 + i * 5e-5 + (random() - 0.5) * 2e-5).toFixed(6);
    const ele = (400 + 300 * Math.sin(i / 900) + (random() - 0.5) * 6).toFixed(1);
    return `<trkpt lat="${lat}" lon="-17.000000"><ele>${ele}</ele><time>2027-05-10T08:00:00Z</time></trkpt>`;
  });
  return `<gpx version="1.1" xmlns="http://www.topografix.com/GPX/1/1"><trk><name>Long</name><trkseg>${lines.join('\n')}</trkseg></trk></gpx>`;
}

/** 60 members in tents of three, each with their things; 30 legs; shared out biggest first. */
function largeTrip(core) {
  const base = core.emptyTrip('large', 'Large trip', '2027-05-10', 30);
  const size = core.PACK_SIZES.find((s) => s.nominalL === 60);
  const thing = (id, massKg, more = {}) => ({
    id,
    name: id,
    massKg,
    massEstimated: false,
    volumeL: massKg * 3,
    shape: { kind: 'pouch' },
    flags: [],
    needed: 'camp',
    purpose: 'other',
    ...more,
  });
  const members = Array.from({ length: 60 }, (_v, i) => ({
    ...core.newMember(`m${i}`, `Member ${i}`, `pack-m${i}`),
    bodyMassKg: 50 + (i % 40),
  }));
  const trip = {
    ...base,
    legs: base.legs.map((leg) => ({ ...leg, distanceKm: 14, climbM: 400, descentM: 400, hours: 5 })),
    members,
    packs: members.map((m) => core.cataloguePack(m.packId, size)),
    kits: Array.from({ length: 20 }, (_v, k) => ({
      id: `kit-${k}`,
      name: `Kit ${k}`,
      pieces: Array.from({ length: 12 }, (_w, p) => thing(`piece-${k}-${p}`, 0.3 + 0.1 * p)),
    })),
    personalThings: members.flatMap((m) =>
      Array.from({ length: 15 }, (_v, t) => ({
        ...thing(`${m.id}-t${t}`, 0.3),
        memberId: m.id,
        worn: false,
      })),
    ),
  };
  return core.replaceShare(trip, core.solveShare(core.shareProblem(trip), { seed: 1, iterations: 0 }).share);
}

/** Reads of the demo through the running application, by 20 users at once, each asking again as soon as answered. */
async function benchApi() {
  const USERS = 20;
  const SECONDS = 8;
  await withDemoApp(async (url, headers) => {
    const { trips } = await (await fetch(`${url}/api/trips`, { headers })).json();
    const agent = new Agent({ keepAlive: true, maxSockets: USERS });
    process.stdout.write(
      `\napi: ${USERS} users at once for ${SECONDS} s each, no pause between requests, ms\n`,
    );
    row('read', 'median', '95 of 100', '99 of 100', 'a second');
    const paths = [
      ['health', '/api/health'],
      ['list of trips', '/api/trips'],
    ];
    for (const trip of trips) paths.push([trip.name.slice(0, 16), `/api/trips/${trip.id}`]);
    for (const [name, path] of paths) {
      const times = [];
      const until = performance.now() + SECONDS * 1000;
      const user = async () => {
        while (performance.now() < until) {
          const started = performance.now();
          const { status } = await ask(url + path, { headers, agent });
          if (status !== 200) throw new Error(`${path}: ${status}`);
          times.push(performance.now() - started);
        }
      };
      await Promise.all(Array.from({ length: USERS }, user));
      row(
        name,
        ...[0.5, 0.95, 0.99].map((share) => quantile(times, share).toFixed(1)),
        (times.length / SECONDS).toFixed(0),
      );
    }
  });
}
