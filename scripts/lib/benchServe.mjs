/**
 * Serving many: leaders who edit and members who tick, streams that stay open, odd requests, and memory over time, on the
 * running application. Numbers with a promise are told beside it; nothing is asserted.
 */
import { randomBytes } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { request } from 'node:http';
import { setTimeout as sleep } from 'node:timers/promises';
import { withDemoApp } from './benchApp.mjs';
import { call, leaderAt, lost, percentile, underLoad } from './load.mjs';

const LEADERS = 20;
const MEMBERS = 200;
/** Each leader changes a cell every two seconds, each member ticks every five. */
const PAUSE_MS = 2000;
const TICKS_PER_S = MEMBERS / 5;
const STREAMS = 500;
const ODD_REQUESTS = 24_000;

export async function benchServe({ seconds, minutes }) {
  await withDemoApp(async (url, _demo, pid) => {
    const leaders = [];
    for (let i = 0; i < LEADERS; i += 1) leaders.push(await leaderAt(url));
    const load = (forS, pauseMs = PAUSE_MS, ticksPerS = TICKS_PER_S) =>
      underLoad([url], leaders, {
        untilMs: Date.now() + forS * 1000,
        ticksPerS,
        pauseMs,
        devices: MEMBERS,
      });
    await load(10);
    say('20 leaders edit, 200 members tick', told(await load(seconds)), 'edit 60 ms, tick 100 ms');
    say('as fast as it goes', told(await load(10, 0, 1000)));

    const streams = await openStreams(url, leaders, STREAMS);
    say(`${STREAMS} streams open beside it`, told(await load(seconds)));
    const heard = streams.filter((stream) => stream.heard > 0).length;
    say('of these streams were told something', `${heard} of ${streams.length}`);
    for (const stream of streams) stream.close();

    const { statuses, worst } = await oddRequests(url, leaders[0], ODD_REQUESTS);
    const of500 = [...statuses].filter(([status]) => status >= 500 || status === 0);
    say(
      `${ODD_REQUESTS} odd requests`,
      `${[...statuses]
        .sort((a, b) => a[0] - b[0])
        .map(([status, n]) => `${status}: ${n}`)
        .join(', ')}; slowest ${Math.round(worst)} ms`,
      'none of 500',
    );
    if (of500.length > 0) say('', 'THERE WERE ANSWERS OF 500');

    const memory = [];
    for (let minute = 0; minute <= minutes; minute += 1) {
      if (minute > 0) await load(60);
      memory.push(memoryOf(pid));
    }
    if (minutes > 0)
      say(`memory over ${minutes} minutes of that load, MB`, memory.map(Math.round).join(' '), 'flat');
    process.kill(pid, 'SIGKILL');
    say('serves again after it was killed', `${await awayFor(url)} s`, '4 s');
    say('acknowledged and not there', String((await lost(url, leaders)).length), '0');
  });
}

function say(what, found, promised) {
  process.stdout.write(`${what}: ${found}${promised === undefined ? '' : `  (promised: ${promised})`}\n`);
}

function told({ edits, ticks, refused }) {
  const of = (list) =>
    `p50 ${percentile(list, 50).toFixed(0)}, p95 ${percentile(list, 95).toFixed(0)}, worst ${percentile(list, 100).toFixed(0)} ms`;
  return `${edits.length} edits ${of(edits)}; ${ticks.length} ticks ${of(ticks)}; ${refused} refused`;
}

/** How long nobody is served from now on, seconds. */
async function awayFor(url) {
  const started = performance.now();
  for (let isDown = false; ;) {
    const { status } = await call(url, '/api/ready');
    if (status !== 200) isDown = true;
    else if (isDown) return ((performance.now() - started) / 1000).toFixed(1);
    await sleep(20);
  }
}

/** Resident memory of a process, MB. */
function memoryOf(pid) {
  return Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1000;
}

async function openStreams(url, leaders, count) {
  const streams = [];
  for (let i = 0; i < count; i += 1) {
    const { id, headers } = leaders[i % leaders.length];
    streams.push(
      await new Promise((resolve, reject) => {
        const req = request(`${url}/api/trips/${id}/sheets/events`, { headers, agent: false }, (res) => {
          if (res.statusCode !== 200) reject(new Error(`a stream was answered with ${res.statusCode}`));
          const stream = { heard: 0, close: () => req.destroy() };
          res.on('data', () => (stream.heard += 1));
          res.on('error', () => undefined);
          resolve(stream);
        });
        req.on('error', reject);
        req.end();
      }),
    );
  }
  return streams;
}

/** Requests as nobody means them: every route with bodies, ids and headers that are none. */
async function oddRequests(url, leader, count) {
  const described = JSON.parse((await call(url, '/api/openapi.json')).text);
  const routes = Object.entries(described.paths).flatMap(([path, methods]) =>
    Object.keys(methods).map((method) => [method.toUpperCase(), path]),
  );
  // What would end the session or the trip under test, or stays open.
  const spared = /sign-out|\/delete$|events$|readings$|\/demo$|sign-up/;
  const wanted = routes.filter(([method, path]) => !spared.test(path) && method !== 'DELETE');
  const pick = (list) => list[Math.floor(Math.random() * list.length)];
  const ids = () =>
    pick([
      leader.id,
      '0',
      '../x',
      '%00',
      'é'.repeat(50),
      '"',
      "' OR 1=1 --",
      '-1',
      'null',
      randomBytes(8).toString('hex'),
    ]);
  const values = () =>
    pick([
      null,
      true,
      0,
      -1,
      1e308,
      '',
      'x',
      'x'.repeat(300),
      [],
      {},
      [[]],
      { a: { b: [null] } },
      '\u0000',
      '\u0001',
      '2027-02-30',
      [null, 1],
      NaN,
    ]);
  const bodies = () =>
    pick([
      '',
      '{',
      'null',
      '[]',
      '"x"',
      '{"__proto__":{"x":1}}',
      `${'['.repeat(60)}${']'.repeat(60)}`,
      JSON.stringify({
        version: values(),
        edits: [
          values(),
          {
            kind: pick(['set', 'put', 'remove', 'order']),
            field: pick(['name', 'track', 'notComing', 'x']),
            collection: pick(['members', 'legs', 'stows', 'x']),
            value: values(),
            item: values(),
            key: values(),
            keys: values(),
          },
        ],
      }),
      JSON.stringify({
        version: leader.version,
        edits: [
          {
            kind: 'put',
            collection: 'members',
            item: { ...leader.trip.members[0], [pick(Object.keys(leader.trip.members[0]))]: values() },
          },
        ],
      }),
      JSON.stringify({
        email: values(),
        password: values(),
        name: values(),
        token: values(),
        role: values(),
        kind: values(),
        memberIds: values(),
        marks: [values()],
        address: values(),
        massKg: values(),
      }),
    ]);
  const statuses = new Map();
  let worst = 0;
  let left = count;
  const asking = Array.from({ length: 16 }, async () => {
    while (left > 0) {
      left -= 1;
      const [method, route] = pick(wanted);
      const path = route.replace(/\{(\w+)\}/g, () => encodeURIComponent(ids()));
      const query = pick([
        '',
        '',
        `?version=${encodeURIComponent(JSON.stringify(values()) ?? '')}`,
        '?below=%',
        `?below=${Math.random()}`,
      ]);
      const started = performance.now();
      const answer = await call(url, `${path}${query}`, {
        method,
        headers: {
          ...pick([leader.headers, leader.headers, { Cookie: 'graft_session=x' }, {}]),
          ...pick([
            {},
            { 'X-Graft-Sheet': pick([leader.tokens[0], 'x']) },
            { 'Content-Encoding': 'gzip' },
            { Accept: '\u00e9' },
          ]),
        },
        ...(method === 'GET' ? {} : { body: bodies() }),
      });
      worst = Math.max(worst, performance.now() - started);
      statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1);
    }
  });
  await Promise.all(asking);
  // Some of them were good, and moved the trip on.
  const now = await call(url, `/api/trips/${leader.id}`, { headers: leader.headers });
  if (now.status === 200) leader.version = JSON.parse(now.text).version;
  await sleep(100);
  return { statuses, worst };
}
