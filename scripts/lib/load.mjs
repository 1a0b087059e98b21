/** Leaders who edit and members who tick, by HTTP, against one server or several: what was acknowledged is remembered. */
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { Agent, request } from 'node:http';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { ROOT } from './paths.mjs';

const PASSWORD = 'stone ground, dark pine';
const TRIP = readFileSync(join(ROOT, 'data/demo/corvane-census.graft.json'), 'utf8');
const AGENT = new Agent({ keepAlive: true, maxSockets: 600 });

/** One request. @returns status, headers and text; status 0 when there was no answer */
export function call(url, path, { method = 'GET', headers = {}, body } = {}) {
  return new Promise((resolve) => {
    const req = request(
      `${url}${path}`,
      {
        method,
        agent: AGENT,
        headers: {
          'X-Graft-Request': '1',
          ...(body === undefined
            ? {}
            : { 'Content-Type': 'application/json', 'Content-Length': Buffer.byteLength(body) }),
          ...headers,
        },
      },
      (res) => {
        const parts = [];
        res.on('data', (part) => parts.push(part));
        res.on('error', () => resolve({ status: 0, headers: {}, text: '' }));
        res.on('end', () =>
          resolve({ status: res.statusCode, headers: res.headers, text: Buffer.concat(parts).toString() }),
        );
      },
    );
    req.on('error', () => resolve({ status: 0, headers: {}, text: '' }));
    req.setTimeout(15_000, () => req.destroy());
    req.end(body);
  });
}

/** A leader with a trip of eight and a link for each member. */
export async function leaderAt(url) {
  const email = `${randomUUID()}@example.org`;
  const signedUp = await call(url, '/api/account/sign-up', {
    method: 'POST',
    body: JSON.stringify({ email, name: 'Leader', password: PASSWORD }),
  });
  if (signedUp.status !== 200) throw new Error(`signing up: ${signedUp.status} ${signedUp.text}`);
  const headers = { Cookie: signedUp.headers['set-cookie'][0].split(';')[0] };
  const made = await call(url, '/api/trips/import', { method: 'POST', headers, body: TRIP });
  const { id } = JSON.parse(made.text);
  const { trip } = JSON.parse((await call(url, `/api/trips/${id}`, { headers })).text);
  const tokens = [];
  for (const { id: memberId } of trip.members) {
    const link = await call(url, `/api/trips/${id}/sheets/${memberId}/link`, { method: 'POST', headers });
    tokens.push(JSON.parse(link.text).token);
  }
  return { headers, id, trip, tokens, version: 1, acknowledged: 0, marks: new Map() };
}

/** Takes a server that answers: the last one that did first. */
class Servers {
  constructor(urls) {
    this.urls = urls;
    this.at = 0;
  }
  async call(path, options) {
    const url = this.urls[this.at % this.urls.length];
    const answer = await call(url, path, options);
    if (answer.status === 0 || answer.status === 503) this.at += 1;
    return answer;
  }
}

/** One cell, as a leader types it. */
function edit(leader, value) {
  const member = leader.trip.members[0];
  return JSON.stringify({
    version: leader.version,
    edits: [{ kind: 'put', collection: 'members', item: { ...member, bodyMassKg: 50 + (value % 400) / 10 } }],
  });
}

/**
 * Load until a moment.
 *
 * @param ticksPerS of all members together
 * @param devices that tick, all together; as many as there are members when left out
 * @param pauseMs between an answer and a leader's next edit
 * @returns what was acknowledged and how long each answer took, ms
 */
export async function underLoad(urls, leaders, { untilMs, ticksPerS, pauseMs, devices }) {
  const result = { edits: [], ticks: [], refused: 0, gaps: [], lastAt: Date.now() };
  const answered = (list, started) => {
    const now = Date.now();
    list.push(performance.now() - started);
    result.gaps.push(now - result.lastAt);
    result.lastAt = now;
  };
  const editing = leaders.map(async (leader, i) => {
    const servers = new Servers([...urls.slice(i % urls.length), ...urls.slice(0, i % urls.length)]);
    let value = 0;
    await sleep(Math.random() * pauseMs);
    while (Date.now() < untilMs) {
      value += 1;
      const started = performance.now();
      const answer = await servers.call(`/api/trips/${leader.id}/edits`, {
        method: 'POST',
        headers: leader.headers,
        body: edit(leader, value),
      });
      if (answer.status === 200) {
        leader.version = JSON.parse(answer.text).version;
        leader.acknowledged = leader.version;
        answered(result.edits, started);
      } else {
        result.refused += 1;
        // As the page does: what was not answered is looked up, and put on what there is.
        const now = await servers.call(`/api/trips/${leader.id}`, { headers: leader.headers });
        if (now.status === 200) leader.version = JSON.parse(now.text).version;
        else await sleep(100);
      }
      if (pauseMs > 0) await sleep(pauseMs * (0.5 + Math.random()));
    }
  });
  const holders = leaders.flatMap((leader) => leader.tokens.map((token) => ({ leader, token })));
  const members = Array.from({ length: devices ?? holders.length }, (_, i) => holders[i % holders.length]);
  const everyMs = (members.length * 1000) / ticksPerS;
  const ticking = members.map(async ({ leader, token }, i) => {
    const servers = new Servers([...urls.slice(i % urls.length), ...urls.slice(0, i % urls.length)]);
    await sleep(Math.random() * everyMs);
    while (Date.now() < untilMs) {
      const id = randomUUID();
      const body = JSON.stringify({
        marks: [
          { id, kind: 'packed', thingId: 'a-thing', value: true, at: new Date().toISOString(), replaces: [] },
        ],
      });
      // Told until it is taken: a mark is kept once, however often it comes.
      for (;;) {
        const started = performance.now();
        const answer = await servers.call('/api/sheet/marks', {
          method: 'POST',
          headers: { 'X-Graft-Sheet': token },
          body,
        });
        if (answer.status === 200) {
          leader.marks.set(id, token);
          answered(result.ticks, started);
          break;
        }
        result.refused += 1;
        if (Date.now() >= untilMs) break;
        await sleep(100);
      }
      await sleep(everyMs * (0.5 + Math.random()));
    }
  });
  await Promise.all([...editing, ...ticking]);
  result.gaps.push(Date.now() - result.lastAt);
  return result;
}

/** What was acknowledged and is not there: nothing, or something is wrong. */
export async function lost(url, leaders) {
  const missing = [];
  for (const leader of leaders) {
    const stored = JSON.parse((await call(url, `/api/trips/${leader.id}`, { headers: leader.headers })).text);
    if (stored.version < leader.acknowledged) missing.push(`${leader.id}: version ${leader.acknowledged}`);
    const { marks } = JSON.parse(
      (await call(url, `/api/trips/${leader.id}/sheets`, { headers: leader.headers })).text,
    );
    const there = new Set(Object.values(marks).flatMap((list) => list.map((mark) => mark.id)));
    for (const id of leader.marks.keys()) if (!there.has(id)) missing.push(`${leader.id}: mark ${id}`);
  }
  return missing;
}

/** The value below which so many of a hundred lie. */
export function percentile(values, share) {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor((share / 100) * sorted.length))] ?? NaN;
}
