/** The leader's phone: what the program weighs, how soon it opens, and what it does without a network, on a slow phone. */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { ask, quantile, withDemoApp } from './benchApp.mjs';
import { SLOW } from './benchSheets.mjs';
import { ensureChromium, findProgram } from './install.mjs';
import { ROOT } from './paths.mjs';

const DIST = join(ROOT, 'apps/web/dist');
const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true, locale: 'en-GB' };
const RUNS = 5;
const EDITS = 500;
const TRIPS = 20;
const STATIONS = ['brief', 'people', 'kit', 'larder', 'shares', 'packs', 'sheets', 'trail', 'debrief'];
const say = (text) => process.stdout.write(`${text}\n`);
const ms = (times) =>
  `${quantile(times, 0.5).toFixed(0)} ms median, ${Math.max(...times).toFixed(0)} at most`;

export async function benchField() {
  weights();
  await ensureChromium();
  await withDemoApp(async (url, headers) => {
    const [census] = JSON.parse((await ask(`${url}/api/trips`, { headers })).text).trips.filter((t) =>
      t.name.includes('census'),
    );
    const { chromium } = createRequire(join(ROOT, 'e2e/package.json'))('@playwright/test');
    const browser = await chromium.launch({
      executablePath: findProgram('chromium-headless-shell'),
      args: ['--no-sandbox', '--disable-gpu'],
    });
    try {
      await firstScreen(browser, url, headers);
      await withoutNetwork(browser, url, headers, census.id);
      await twentyTrips(browser, url, headers);
    } finally {
      await browser.close();
    }
  });
}

/** Script, gzipped: to the first screen, of a trip, and more for each station. */
function weights() {
  const manifest = JSON.parse(readFileSync(join(DIST, '.vite/manifest.json'), 'utf8'));
  const closure = (key, seen = new Set()) => {
    if (seen.has(key)) return seen;
    seen.add(key);
    for (const name of manifest[key].imports ?? []) closure(name, seen);
    return seen;
  };
  const kB = (keys) =>
    [...keys].reduce((sum, key) => sum + gzipSync(readFileSync(join(DIST, manifest[key].file))).length, 0) /
    1000;
  const without = (keys, known) => new Set([...keys].filter((key) => !known.has(key)));
  const find = (name) => Object.keys(manifest).find((key) => key.endsWith(`/${name}.tsx`));
  const file = (name) =>
    Object.keys(manifest).find((key) => manifest[key].file.startsWith(`assets/${name}-`));
  const first = new Set([...closure('index.html'), ...closure(file('program'))]);
  const shell = closure(file('shell'));
  const known = new Set([...first, ...shell]);
  say(
    `\nfield: script gzipped, kB: to the list of trips ${kB(first).toFixed(0)}, an open trip ${kB(without(shell, first)).toFixed(0)} more`,
  );
  const stations = STATIONS.map((path) => {
    // The trail comes with its first view.
    const key = path === 'trail' ? file('today') : find(`${path[0].toUpperCase()}${path.slice(1)}Station`);
    return `${path} ${kB(without(closure(key), known)).toFixed(0)}`;
  });
  say(`  each station more: ${stations.join(', ')}`);
}

async function slowPhone(browser, url, headers) {
  const context = await browser.newContext(PHONE);
  const [name, value] = headers.Cookie.split('=');
  await context.addCookies([{ name, value, url, httpOnly: true, sameSite: 'Strict' }]);
  const page = await context.newPage();
  const devTools = await context.newCDPSession(page);
  await devTools.send('Emulation.setCPUThrottlingRate', { rate: SLOW.cpu });
  await devTools.send('Network.enable');
  await devTools.send('Network.emulateNetworkConditions', {
    offline: false,
    latency: SLOW.latencyMs,
    downloadThroughput: SLOW.downBytes,
    uploadThroughput: SLOW.upBytes,
  });
  return { context, page };
}

/** From the address to something to read, with nothing kept and with the program kept. */
async function firstScreen(browser, url, headers) {
  const cold = [];
  const warm = [];
  for (let n = 0; n < RUNS; n += 1) {
    const { context, page } = await slowPhone(browser, url, headers);
    for (const times of [cold, warm]) {
      await page.goto(`${url}/trips`);
      await page.getByRole('list', { name: 'Trips' }).waitFor();
      times.push(
        await page.evaluate(() => performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? 0),
      );
      await page.evaluate(async () => void (await navigator.serviceWorker.ready));
    }
    await context.close();
  }
  say(
    `first screen on a phone with processor ÷ ${SLOW.cpu}, ${SLOW.latencyMs} ms there and back: cold ${ms(cold)}`,
  );
  say(`  warm ${ms(warm)}`);
}

async function withoutNetwork(browser, url, headers, id) {
  const context = await browser.newContext(PHONE);
  const [name, value] = headers.Cookie.split('=');
  await context.addCookies([{ name, value, url, httpOnly: true, sameSite: 'Strict' }]);
  let page = await context.newPage();
  const edit = await ask(`${url}/api/trips/${id}`, { headers });
  const people = JSON.parse(edit.text).trip.members.map((m) => m.name);
  await page.goto(`${url}/trips/${id}/shares`);
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  const shareOut = page.getByRole('button', { name: 'Share out', exact: true });
  await shareOut.click();
  await page.getByTestId('gap').waitFor({ timeout: 120_000 });
  await page.goto(`${url}/trips/${id}/packs`);
  await page.getByRole('button', { name: 'Plan all packs', exact: true }).click();
  await page.waitForTimeout(500);
  await page.getByRole('button', { name: 'Plan all packs', exact: true }).waitFor({ timeout: 300_000 });
  await page.waitForTimeout(3000);
  await context.setOffline(true);
  const throttle = async (rate = SLOW.cpu) => {
    const devTools = await context.newCDPSession(page);
    await devTools.send('Emulation.setCPUThrottlingRate', { rate });
  };

  const opened = [];
  for (let n = 0; n < RUNS; n += 1) {
    await page.close();
    page = await context.newPage();
    await throttle();
    const began = performance.now();
    await page.goto(`${url}/trips/${id}/trail?view=today&day=3`);
    // Looked for by its mark: to work out the roles of all that is on the page costs the phone more than drawing it.
    await page.locator('section[aria-label="Who carries how much this morning"]').waitFor();
    opened.push(performance.now() - began);
  }
  say(`without a network, processor ÷ ${SLOW.cpu}: a kept trip opens in ${ms(opened)}`);

  const reshared = [];
  const fitted = [];
  for (const who of people.slice(0, RUNS)) {
    await page.goto(`${url}/trips/${id}/trail?view=happened&day=3`);
    await page.getByRole('button', { name: who, exact: true }).tap();
    await page.getByRole('button', { name: 'is hurt', exact: true }).tap();
    let began = performance.now();
    await page.getByRole('button', { name: 'Who takes what?' }).tap();
    await page.getByRole('region', { name: 'Proposed handovers' }).waitFor({ timeout: 120_000 });
    reshared.push(performance.now() - began);
    const accept = page.getByRole('button', { name: /^Accept/ });
    if ((await accept.count()) === 0) continue;
    began = performance.now();
    await accept.tap();
    await page.getByText(/^Handed over\./).waitFor({ timeout: 120_000 });
    fitted.push(performance.now() - began);
  }
  say(`  re-share of the census: ${ms(reshared)}; changed packs stowed anew: ${ms(fitted)}`);
  await queued(context, page, url, headers, id, throttle);
  await context.close();
}

/** Many changes made without a network, and the time until the server has all of them. */
async function queued(context, page, url, headers, id, throttle) {
  await throttle(1);
  await page.goto(`${url}/trips/${id}/people`);
  const cell = page.locator('[data-cell$="/bodyMassKg"]').first();
  await cell.waitFor();
  for (let n = 0; n < EDITS; n += 1) {
    const at = page.locator('[data-cell$="/bodyMassKg"]').nth(n % 8);
    await at.click();
    await page.keyboard.press('Control+a');
    await page.keyboard.type(String(50 + (n % 40) + (n % 8) / 10));
    await page.keyboard.press('Enter');
  }
  await throttle();
  const before = JSON.parse((await ask(`${url}/api/trips/${id}`, { headers })).text).version;
  const began = performance.now();
  await context.setOffline(false);
  await page
    .getByRole('banner')
    .getByRole('status')
    .filter({ hasText: 'Saved' })
    .waitFor({ timeout: 60_000 });
  const took = performance.now() - began;
  const after = JSON.parse((await ask(`${url}/api/trips/${id}`, { headers })).text);
  say(
    `  ${EDITS} changes without a network, sent in ${took.toFixed(0)} ms, as ${after.version - before} change of the trip; the last one is there: ${after.trip.members[(EDITS - 1) % 8].bodyMassKg === 50 + ((EDITS - 1) % 40) + ((EDITS - 1) % 8) / 10}`,
  );
}

/** What trips of the census's size take on a device. */
async function twentyTrips(browser, url, headers) {
  const file = readFileSync(join(ROOT, 'data/demo/corvane-census.graft.json'), 'utf8');
  const context = await browser.newContext(PHONE);
  const [name, value] = headers.Cookie.split('=');
  await context.addCookies([{ name, value, url, httpOnly: true, sameSite: 'Strict' }]);
  const page = await context.newPage();
  const used = () =>
    page.evaluate(async () => (await navigator.storage.estimate()).usageDetails?.indexedDB ?? 0);
  await page.goto(`${url}/trips`);
  const empty = await used();
  for (let n = 0; n < TRIPS; n += 1) {
    const made = await ask(`${url}/api/trips/import`, { headers, method: 'POST', body: file });
    await page.goto(`${url}/trips/${JSON.parse(made.text).id}/shares`);
    await page.getByRole('group', { name: 'Load beams' }).waitFor();
    await page.waitForTimeout(2500);
  }
  say(`  ${TRIPS} trips of the census’s size on a device: ${(((await used()) - empty) / 1e6).toFixed(1)} MB`);
  await context.close();
}
