/**
 * What a request may cost the server: its processor and memory for bodies made to cost much, from anybody and from
 * somebody signed in. The bar: 50 ms of processor per 100 kB of body (50 ms for a smaller one), 20 times its memory.
 */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { Agent } from 'node:http';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { ask as askWith, withDemoApp } from './benchApp.mjs';
import { ROOT } from './paths.mjs';

/** A connection for each request: one that stood idle for long may be shut at the very moment it is used again. */
const ONCE = new Agent({ keepAlive: false });
const ask = (url, options) => askWith(url, { agent: ONCE, ...options });

const BAR_MS = 50;
const BAR_TIMES = 20;
/** What a run takes beside the body: buffers of the garbage collector's young generation. */
const FREE_MB = 48;
const ROUNDS = 5;

const row = (...cells) =>
  process.stdout.write(`${cells.map((c, i) => (i === 0 ? c.padEnd(46) : c.padStart(13))).join('')}\n`);

/** Nanoseconds of processor that a process and its threads have had, and kilobytes of memory. */
function usage(pid) {
  let ns = 0;
  for (const task of readdirSync(`/proc/${pid}/task`))
    ns += Number(readFileSync(`/proc/${pid}/task/${task}/schedstat`, 'utf8').split(' ')[0]);
  const status = readFileSync(`/proc/${pid}/status`, 'utf8');
  const kb = (name) => Number(new RegExp(`^${name}:\\s+(\\d+)`, 'm').exec(status)[1]);
  return { ns, kB: kb('VmRSS'), peakKB: kb('VmHWM') };
}

export async function benchAttack() {
  await withDemoApp(async (url, headers, pid) => {
    const read = (name) => readFileSync(join(ROOT, `data/demo/${name}.graft.json`), 'utf8');
    const file = JSON.parse(read('rock-mapping'));
    const made = await ask(`${url}/api/trips/import`, { headers, method: 'POST', body: read('hut-roof') });
    const { id } = JSON.parse(made.text);
    const link = await ask(`${url}/api/trips/${id}/sheets/eddy/link`, { headers, method: 'POST' });
    const sheet = { 'X-Graft-Request': '1', 'X-Graft-Sheet': JSON.parse(link.text).token };
    const nobody = { 'X-Graft-Request': '1' };
    const of =
      (who, path) =>
      (name, body, more = {}) => ({ name, path, headers: { ...who, ...more }, body });
    const anybody = of(nobody, '/api/sheet/marks');
    const marks = of(sheet, '/api/sheet/marks');
    const signIn = of(nobody, '/api/account/sign-in');
    const edits = of(headers, `/api/trips/${id}/edits`);
    const imported = of(headers, '/api/trips/import');
    const library = of(headers, '/api/library/edits');
    const trip = (change) => JSON.stringify({ ...file, trip: { ...file.trip, ...change } });
    const many = (count, item) =>
      Array.from({ length: count }, (_v, i) => (typeof item === 'function' ? item(i) : item));
    const put = (item) => ({ kind: 'put', collection: 'personalThings', item });
    const thing = JSON.parse(read('hut-roof')).trip.personalThings[0];
    /** Brought up to date before each request: edits that pass change it. */
    const editing = (list) => ({ edits: list });
    const deep = (depth) => '['.repeat(depth);
    const zeros = Buffer.alloc(100_000, '0');

    const attacks = [
      anybody('no token: 3.8 MB of marks', JSON.stringify({ marks: many(1_260_000, {}) })),
      anybody('void token: 150 kB of marks', JSON.stringify({ marks: many(50_000, {}) }), {
        'X-Graft-Sheet': 'x'.repeat(43),
      }),
      signIn('sign-in: 4 MB', JSON.stringify({ email: 'e'.repeat(4e6), password: 'x' })),
      signIn('sign-in: address of @ and dots', JSON.stringify({ email: '@.'.repeat(7900), password: 'x' })),
      signIn('sign-in: nested', deep(15_000)),
      marks('marks: 60 kB of {}', JSON.stringify({ marks: many(20_000, {}) })),
      marks(
        'marks: 500 that miss all',
        JSON.stringify({ marks: many(500, { kind: 'none', more: 'xxxxxxxx' }) }),
      ),
      marks(
        'marks: 500 with 50 replaced',
        JSON.stringify({ marks: many(32, { replaces: many(50, '0'.repeat(36)) }) }),
      ),
      marks('marks: nested', deep(63_000)),
      marks('marks: gzip of zeros', gzipSync(zeros), { 'Content-Encoding': 'gzip' }),
      edits('edits: gzip of zeros', gzipSync(Buffer.alloc(900_000, '0')), { 'Content-Encoding': 'gzip' }),
      edits('edits: brotli of {}', brotliCompressSync(`{"version":1,"edits":[${'{},'.repeat(300_000)}{}]}`), {
        'Content-Encoding': 'br',
      }),
      edits('edits: 3,400 of one thing', editing(many(3400, put(thing)))),
      edits('edits: 2,500 broken', editing(many(2500, put({ ...thing, massKg: 'x', flags: ['no'] })))),
      edits(
        'edits: 5,000 removed',
        editing(many(5000, (i) => ({ kind: 'remove', collection: 'kits', key: `k${i}` }))),
      ),
      edits(
        'edits: 5,000 orders',
        editing(many(5000, { kind: 'order', collection: 'personalThings', keys: [] })),
      ),
      edits(
        'edits: one order of 3,000 keys',
        editing([{ kind: 'order', collection: 'legs', keys: many(3000, (i) => `k${i}`) }]),
      ),
      edits('edits: 5,000 unknown kinds', editing(many(5000, { kind: 'x'.repeat(60) }))),
      edits(
        'edits: 4,000 of nobody',
        editing(
          many(4000, (i) => ({
            kind: 'put',
            collection: 'share',
            item: { pieceId: `p${i}`, memberId: 'no', locked: false },
          })),
        ),
      ),
      edits('edits: nested', deep(900_000)),
      edits(
        'edits: keys nobody knows',
        `{"version":1,"edits":[{"kind":"set"${many(60_000, (i) => `,"k${i}":1`).join('')}}]}`,
      ),
      library(
        'library: 3,000 broken',
        JSON.stringify({ version: 1, edits: many(3000, { kind: 'put', entry: { kind: 'none' } }) }),
      ),
      library('library: 1,000 new, or all of them gone', async () => {
        const { version, entries } = JSON.parse((await ask(`${url}/api/library`, { headers })).text);
        const isThere = entries.some((e) => e.id === 'new-0');
        const edit = (i) =>
          isThere
            ? { kind: 'remove', id: `new-${i}` }
            : { kind: 'put', entry: { ...entries[0], id: `new-${i}` } };
        return JSON.stringify({ version, edits: many(1000, edit) });
      }),
      of(headers, `/api/trips/${id}/messages`)(
        'messages: one member 200 times',
        JSON.stringify({ kind: 'link', memberIds: many(200, 'eddy') }),
      ),
      imported('import: the demo class', read('rock-mapping')),
      imported('import: legs: [{} × 20,000]', trip({ legs: many(20_000, {}) })),
      imported('import: legs: [{"a":1} × 20,000]', trip({ legs: many(20_000, { a: 1 }) })),
      imported(
        'import: 3,000 things alike',
        trip({ personalThings: many(3000, file.trip.personalThings[0]) }),
      ),
      imported('import: 7.9 MB of notes', trip({ notes: 'n'.repeat(7.4e6) })),
      imported(
        'import: 600,000 unknown fields',
        trip(Object.fromEntries(many(600_000, (i) => [`k${i}`, 1]))),
      ),
      imported('import: 8 MB of brackets', deep(7_900_000)),
      imported(
        'import: 8 MB of {}',
        `{"format":"graft-trip","trip":{"legs":[${'{},'.repeat(2_600_000)}{}]}}`,
      ),
      imported(
        'import: 8 MB of numbers',
        `{"format":"graft-trip","trip":{"track":[${'1,'.repeat(3_900_000)}1]}}`,
      ),
      imported(
        'import: 8 MB of short texts',
        `{"format":"graft-trip","trip":{"legs":[${'"ab",'.repeat(1_500_000)}""]}}`,
      ),
      imported(
        'import: 8 MB of lists',
        `{"format":"graft-trip","trip":{"legs":[${'[1,2],'.repeat(1_200_000)}[]]}}`,
      ),
      imported(
        'import: 300 kits of 300 pieces',
        trip({
          kits: many(300, (k) => ({
            id: `k${k}`,
            name: 'K',
            pieces: many(300, (p) => ({ id: `k${k}-${p}`, name: 'P' })),
          })),
        }),
      ),
    ];

    process.stdout.write(
      `\nattack: processor and memory of one request; the bar is ${BAR_MS} ms per 100 kB of body (inflated) and ${BAR_TIMES} times its size\n`,
    );
    row('', 'body, kB', 'status', 'answer, B', 'median ms', 'worst ms', '% of bar', 'memory, ×');
    const shares = [];
    for (const { body: made, ...rest } of attacks) {
      const runs = [];
      let attack;
      for (let n = 0; n < ROUNDS; n += 1) {
        const { version } = JSON.parse((await ask(`${url}/api/trips/${id}`, { headers })).text);
        const body =
          typeof made === 'function'
            ? await made()
            : typeof made === 'string' || Buffer.isBuffer(made)
              ? made
              : JSON.stringify({ version, ...made });
        attack = { ...rest, body };
        runs.push(await measured(url, pid, attack));
      }
      const bytes = inflatedBytes(attack);
      const times = runs.map((r) => r.ms).sort((a, b) => a - b);
      const [middle, worst] = [times[(times.length - 1) / 2], times.at(-1)];
      const share = middle / (BAR_MS * Math.max(1, bytes / 1e5));
      const memory = Math.max(0, Math.min(...runs.map((r) => r.grownMB)) - FREE_MB) / (bytes / 1e6);
      shares.push({ name: attack.name, share, memory });
      const [{ status, answered }] = runs;
      row(
        attack.name,
        (bytes / 1000).toFixed(1),
        String(status),
        String(answered),
        middle.toFixed(1),
        worst.toFixed(1),
        (100 * share).toFixed(0),
        memory.toFixed(1),
      );
    }
    const most = (key) => shares.reduce((a, b) => (b[key] > a[key] ? b : a));
    process.stdout.write(
      `worst: ${(100 * most('share').share).toFixed(0)} % of the bar for processor (${most('share').name}), ${most('memory').memory.toFixed(1)} times the body in memory (${most('memory').name})\n`,
    );
  });
}

function inflatedBytes({ name, body }) {
  if (name.includes('gzip of zeros')) return name.startsWith('marks') ? 100_000 : 900_000;
  if (name.includes('brotli')) return 900_000;
  return Buffer.byteLength(body);
}

/** One request: processor in ms, memory in MB above what was there before, and what was answered. */
async function measured(url, pid, { path, headers, body }) {
  await sleep(30);
  writeFileSync(`/proc/${pid}/clear_refs`, '5');
  const before = usage(pid);
  const answer = await ask(`${url}${path}`, { headers, method: 'POST', body });
  const after = usage(pid);
  return {
    ms: (after.ns - before.ns) / 1e6,
    grownMB: (after.peakKB - before.kB) / 1000,
    status: answer.status,
    answered: answer.text.length,
  };
}
