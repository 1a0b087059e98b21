/** Members' sheets: what they weigh, how soon they open on a slow phone, and many members who tick at once. */
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { ask, openConnection, quantile, withDemoApp } from './benchApp.mjs';
import { ensureChromium, findProgram } from './install.mjs';
import { ROOT } from './paths.mjs';

const TRIPS = 10;
const MEMBERS = 20;
const TICKS = 12;
/** Of these, told by all members in one and the same instant. */
const BURSTS = 4;
const PAUSE_MS = 1000;
/** Chrome's own profile of a slow phone: a quarter of this processor, 1.6 Mbit/s down, 562 ms there and back. */
export const SLOW = { cpu: 4, downBytes: (1.6e6 / 8) * 0.9, upBytes: (750e3 / 8) * 0.9, latencyMs: 562 };

export async function benchSheets(core, seed) {
  scriptSize();
  await ensureChromium();
  await withDemoApp(async (url, headers) => {
    const tokens = await manyLinks(core, url, headers);
    await opening(`${url}/s/#${tokens[0]}`);
    await ticking(url, headers, tokens, seed);
  });
}

function scriptSize() {
  const dist = join(ROOT, 'apps/web/dist');
  const page = readFileSync(join(dist, 's/index.html'), 'utf8');
  const scripts = [...page.matchAll(/\/(s\/assets\/[\w.-]+\.js)/g)].map(([, path]) => path);
  const sum = (of) => scripts.reduce((total, path) => total + of(readFileSync(join(dist, path))), 0) / 1000;
  process.stdout.write(
    `\nsheets: ${sum((f) => gzipSync(f).length).toFixed(1)} kB of script gzipped, ${sum((f) => f.length).toFixed(1)} kB as it is\n`,
  );
}

/** Links of all members of trips of twenty. */
async function manyLinks(core, url, headers) {
  const members = Array.from({ length: MEMBERS }, (_v, i) =>
    core.newMember(`m${i}`, `Member ${i}`, `pack-m${i}`),
  );
  const base = core.emptyTrip('sheets', 'Sheets', '2027-05-10', 3);
  const things = members.flatMap((m) =>
    Array.from({ length: TICKS }, (_v, t) => ({
      id: `${m.id}-t${t}`,
      name: `Thing ${t}`,
      massKg: 0.3,
      massEstimated: false,
      volumeL: 1,
      shape: { kind: 'pouch' },
      flags: [],
      needed: 'camp',
      purpose: 'other',
      memberId: m.id,
      worn: false,
    })),
  );
  const file = core.serialiseTripFile({
    ...base,
    members,
    packs: members.map((m) =>
      core.cataloguePack(
        m.packId,
        core.PACK_SIZES.find((s) => s.nominalL === 60),
      ),
    ),
    personalThings: things,
  });
  const tokens = [];
  for (let n = 0; n < TRIPS; n += 1) {
    const imported = await ask(`${url}/api/trips/import`, { headers, method: 'POST', body: file });
    const { id } = JSON.parse(imported.text);
    for (const member of members) {
      const made = await ask(`${url}/api/trips/${id}/sheets/${member.id}/link`, { headers, method: 'POST' });
      tokens.push(JSON.parse(made.text).token);
    }
  }
  return tokens;
}

/** From the address to the member's name on the page, once its parts are kept on the phone. */
async function opening(link) {
  const { chromium } = createRequire(join(ROOT, 'e2e/package.json'))('@playwright/test');
  const browser = await chromium.launch({
    executablePath: findProgram('chromium-headless-shell'),
    args: ['--no-sandbox', '--disable-gpu'],
  });
  try {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const page = await context.newPage();
    await page.goto(link);
    await page.waitForSelector('.sheet h1');
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    const phone = await context.newCDPSession(page);
    await phone.send('Emulation.setCPUThrottlingRate', { rate: SLOW.cpu });
    await phone.send('Network.enable');
    await phone.send('Network.emulateNetworkConditions', {
      offline: false,
      latency: SLOW.latencyMs,
      downloadThroughput: SLOW.downBytes,
      uploadThroughput: SLOW.upBytes,
    });
    await page.addInitScript(() => {
      new MutationObserver((_changes, observer) => {
        if (document.querySelector('.sheet h1') === null) return;
        window.shownAfterMs = performance.now();
        observer.disconnect();
      }).observe(document, { childList: true, subtree: true });
    });
    const times = [];
    for (let n = 0; n < 7; n += 1) {
      await page.reload();
      await page.waitForFunction(() => window.shownAfterMs !== undefined);
      times.push(await page.evaluate(() => window.shownAfterMs));
    }
    process.stdout.write(
      `opens from the phone’s store, processor ÷ ${SLOW.cpu}, ${SLOW.latencyMs} ms there and back: ${quantile(times, 0.5).toFixed(0)} ms median, ${Math.max(...times).toFixed(0)} at most\n`,
    );
  } finally {
    await browser.close();
  }
}

async function ticking(url, headers, tokens, seed) {
  let state = seed + 1;
  const random = () => (state = (state * 1664525 + 1013904223) % 2 ** 32) / 2 ** 32;
  const phones = await Promise.all(tokens.map(() => openConnection(url)));
  const told = new Set();
  const tick = (i, n) => {
    const mark = {
      id: randomUUID(),
      kind: 'packed',
      thingId: `t${n}`,
      value: true,
      at: new Date().toISOString(),
      replaces: [],
    };
    told.add(mark.id);
    return phones[i].written(
      'POST',
      '/api/sheet/marks',
      { 'X-Graft-Request': '1', 'X-Graft-Sheet': tokens[i], 'Content-Type': 'application/json' },
      JSON.stringify({ marks: [mark] }),
    );
  };
  const inOneInstant = (requests) => Promise.all(requests.map((bytes, i) => phones[i].timed(bytes)));
  const times = [];
  const started = performance.now();
  await Promise.all(
    tokens.map(async (_token, i) => {
      for (let n = 0; n < TICKS - BURSTS; n += 1) {
        // Once in every pause, so that nobody is done so early that the connection is closed.
        const wait = started + (n + random()) * PAUSE_MS - performance.now();
        await new Promise((resolve) => setTimeout(resolve, wait));
        times.push(await phones[i].timed(tick(i, n)));
      }
    }),
  );
  const atOnce = [];
  // What as many requests cost that do nothing.
  const idle = [];
  for (let n = TICKS - BURSTS; n < TICKS; n += 1) {
    await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
    atOnce.push(...(await inOneInstant(tokens.map((_token, i) => tick(i, n)))));
    idle.push(...(await inOneInstant(phones.map((phone) => phone.written('GET', '/api/health')))));
  }
  const { trips } = JSON.parse((await ask(`${url}/api/trips`, { headers })).text);
  let kept = 0;
  for (const { id } of trips) {
    const { marks } = JSON.parse((await ask(`${url}/api/trips/${id}/sheets`, { headers })).text);
    for (const mark of Object.values(marks).flat()) if (told.has(mark.id)) kept += 1;
  }
  const figures = (all) => [0.5, 0.95, 1].map((share) => `${quantile(all, share).toFixed(0)}`).join(', ');
  process.stdout.write(
    `${tokens.length} members of ${TRIPS} trips tick, ms median, 95 of 100, most: one a second each ${figures(times)}; all in one instant, ${BURSTS} times, ${figures(atOnce)}, where as many empty requests take ${figures(idle)}; ${told.size - kept} of ${told.size} ticks lost\n`,
  );
  for (const phone of phones) phone.close();
}
