/** What a club does with a Graft on the internet, in a browser, over TLS: from signing up by mail to a phone without a network. */
import { strict as assert } from 'node:assert';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { findProgram } from './install.mjs';
import { ROOT } from './paths.mjs';
import { say } from './run.mjs';

const { chromium, expect, devices } = createRequire(join(ROOT, 'e2e/package.json'))('@playwright/test');
const ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-background-networking',
  // The certificate is this test's own.
  '--ignore-certificate-errors',
];
const PASSWORD = 'stone ground, dark pine';
const HUT = readFileSync(join(ROOT, 'data/demo/hut-roof.graft.json'), 'utf8');

export async function clubTrip({ url, plainUrl, mail, users }) {
  await plainGoesToTls(plainUrl, url);
  await rowsOnly(users.rows);
  const browser = await chromium.launch({
    executablePath: findProgram('chromium-headless-shell'),
    args: ARGS,
  });
  try {
    const context = await browser.newContext({ baseURL: url, ignoreHTTPSErrors: true });
    const page = await context.newPage();
    await signUp(page, mail, url);
    await guessesAreTheirOwn(url, context);
    await sheetOnAPhone(browser, page, url, mail);
    await newPassword(await browser.newContext({ baseURL: url, ignoreHTTPSErrors: true }), mail, url);
  } finally {
    await browser.close();
  }
}

async function plainGoesToTls(plainUrl, url) {
  const answer = await fetch(`${plainUrl}/trips`, { redirect: 'manual' });
  assert.equal(answer.status, 301);
  assert.equal(answer.headers.get('location'), `${url}/trips`);
}

/** The server's database user reads and writes rows; tables are not its own. */
async function rowsOnly(rowsUrl) {
  const { createConnection } = createRequire(join(ROOT, 'apps/server/package.json'))('mysql2/promise');
  const connection = await createConnection({ uri: rowsUrl });
  await connection.query('SELECT COUNT(*) FROM trips');
  for (const sql of [
    'DROP TABLE trips',
    'ALTER TABLE trips ADD x int',
    'CREATE TABLE x (y int)',
    'SELECT * FROM mysql.user',
  ])
    await assert.rejects(connection.query(sql), /denied/);
  await connection.end();
}

const linkIn = (letter, url, way) => {
  const link = new RegExp(`${url}/${way}#[\\w-]{43}`).exec(letter)?.[0];
  assert.ok(link, `no link to /${way} in: ${letter}`);
  return link;
};

async function signUp(page, mail, url) {
  const first = await page.goto('/');
  const headers = first.headers();
  assert.match(headers['strict-transport-security'], /max-age=\d{8}/);
  assert.match(headers['content-security-policy'], /default-src 'self'/);
  await expect(page.getByRole('button', { name: /Try it/ })).toHaveCount(0);
  await page.getByRole('button', { name: /I am new here/ }).click();
  await page.getByLabel('Your name').fill('Ilse');
  await page.getByLabel('E-mail').fill('ilse@example.org');
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Create the account' }).click();
  await expect(page.getByText('Look into your mail')).toBeVisible();
  await page.goto(linkIn(await mail.letterTo('ilse@example.org'), url, 'confirm'));
  await page.getByRole('button', { name: 'Finish my account' }).click();
  await expect(page).toHaveURL(/\/trips$/);
  const cookie = (await page.context().cookies()).find((c) => c.name === 'graft_session');
  assert.deepEqual([cookie.secure, cookie.httpOnly, cookie.sameSite], [true, true, 'Strict']);
  say('Signed up by mail over TLS; the session cookie is for TLS alone.');
}

/** Whoever guesses is told apart by where they come from, not by what they say of it. */
async function guessesAreTheirOwn(url, context) {
  const guess = (n, from) =>
    context.request.get(`${url}/api/sheet`, {
      headers: { 'X-Graft-Sheet': `${n}`.padStart(43, 'A'), 'X-Forwarded-For': from },
    });
  for (let n = 0; n < 100; n += 1) assert.equal((await guess(n, `203.0.113.${n}`)).status(), 404);
  assert.equal((await guess(100, '203.0.113.200')).status(), 429);
}

async function sheetOnAPhone(browser, page, url, mail) {
  const own = { 'X-Graft-Request': '1', 'Content-Type': 'application/json' };
  const call = async (method, path, data) => {
    const answer = await page
      .context()
      .request.fetch(`${url}${path}`, { method, headers: { ...own, Origin: url }, data });
    assert.ok(answer.ok(), `${method} ${path}: ${answer.status()} ${await answer.text()}`);
    return answer.status() === 204 ? undefined : answer.json();
  };
  const { id } = await call('POST', '/api/trips/import', HUT);
  await call('PUT', `/api/trips/${id}/messages/addresses/eddy`, { address: 'eddy@example.org' });
  const sent = await call('POST', `/api/trips/${id}/messages`, { kind: 'link', memberIds: ['eddy'] });
  assert.deepEqual(sent.sent, ['eddy']);
  const letter = await mail.letterTo('eddy@example.org');
  assert.match(letter, /multipart\/alternative/);
  const link = linkIn(letter, url, 's/');

  await page.goto(`/trips/${id}/sheets`);
  const context = await browser.newContext({ ...devices['Pixel 7'], ignoreHTTPSErrors: true });
  const phone = await context.newPage();
  await phone.goto(link);
  const status = phone.locator('.sheet-bar').getByRole('status');
  await expect(status).toContainText('packed');
  await phone.evaluate(async () => void (await navigator.serviceWorker.ready));
  const tick = phone.getByRole('checkbox', { name: /^Step \d+: .*Sleeping bag/ });
  await tick.check();
  await expect(status).toContainText('Leader is up to date');
  // By the stream: nothing else tells this page.
  await expect(page.locator('tr[data-row="eddy"]')).toContainText('2 / 20');
  say('A link by mail opened on a phone; a tick came to the leader’s page by the stream.');

  await context.setOffline(true);
  await phone.reload();
  await expect(phone.getByRole('heading', { level: 1 })).toHaveText('Eddy');
  await phone.getByRole('checkbox', { name: 'I have Roofing nails from the leader' }).check();
  await expect(status).toContainText('No network');
  await context.setOffline(false);
  await expect(status).toContainText('Leader is up to date');
  say('Without a network the sheet opened, took a tick, and told it afterwards.');
}

async function newPassword(context, mail, url) {
  const page = await context.newPage();
  await page.goto('/');
  await page.getByRole('button', { name: 'I forgot my password' }).click();
  await page.getByLabel('E-mail').fill('ilse@example.org');
  await page.getByRole('button', { name: 'Send me a link' }).click();
  await expect(page.getByText('Look into your mail')).toBeVisible();
  await page.goto(linkIn(await mail.letterTo('ilse@example.org'), url, 'reset'));
  await page.getByLabel('New password').fill('quiet river under a tin moon');
  await page.getByRole('button', { name: 'Set the password' }).click();
  await expect(page).toHaveURL(/\/trips$/);
  say('A forgotten password was set anew by mail.');
}
