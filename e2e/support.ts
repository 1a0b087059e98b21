import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, type Locator, type Page } from '@playwright/test';
import type { Trip } from '@graft/core/trip';
import { DEMO } from './graft';

export const baseUrl = (): string => process.env['GRAFT_E2E_URL']!;

export type DemoId = 'corvane-census' | 'hut-roof' | 'rock-mapping';
export const demoText = (id: DemoId): string => readFileSync(join(DEMO, `${id}.graft.json`), 'utf8');

/** The test leader's account; on the server with the demo trips, the demo account. */
const LEADER = { email: 'leader@example.org', name: 'Test leader', password: 'a place to pitch the tent' };
const OWN_PAGE = {
  'X-Graft-Request': '1',
  'Content-Type': 'application/json',
  // Between tests minutes pass: a connection that is kept may just be closed by the server when it is used again.
  Connection: 'close',
};
const cookies = new Map<string, string>();

/** The session cookie of the tests' leader on a server, signed in once. */
async function sessionCookie(base: string): Promise<string> {
  const known = cookies.get(base);
  if (known !== undefined) return known;
  const post = (path: string, body?: object) =>
    fetch(`${base}/api/account/${path}`, {
      method: 'POST',
      headers: OWN_PAGE,
      body: body === undefined ? null : JSON.stringify(body),
    });
  const { email, password } = LEADER;
  let answer = await post('demo');
  if (!answer.ok) answer = await post('sign-up', LEADER);
  if (!answer.ok) answer = await post('sign-in', { email, password });
  expect(answer.status).toBe(200);
  const cookie = /graft_session=[^;]+/.exec(answer.headers.getSetCookie()[0] ?? '')![0];
  cookies.set(base, cookie);
  return cookie;
}

/** A call of the API as the tests' leader. */
export async function callApi(path: string, init: RequestInit = {}, base = baseUrl()): Promise<Response> {
  const cookie = await sessionCookie(base);
  return fetch(`${base}/api${path}`, { ...init, headers: { ...OWN_PAGE, Cookie: cookie } });
}

/** Sign the browser in as the tests' leader. */
export async function enter(page: Page, base = baseUrl()): Promise<void> {
  const [name, value] = (await sessionCookie(base)).split('=') as [string, string];
  await page.context().addCookies([{ name, value, url: base, httpOnly: true, sameSite: 'Strict' }]);
}

/** A copy of a demo trip of its own for a test. */
export async function importTrip(text: string, base = baseUrl()): Promise<string> {
  const answer = await callApi('/trips/import', { method: 'POST', body: text }, base);
  expect(answer.status).toBe(201);
  return ((await answer.json()) as { id: string }).id;
}
export async function storedTrip(id: string, base = baseUrl()): Promise<{ version: number; trip: Trip }> {
  const answer = await callApi(`/trips/${id}`, {}, base);
  const body = (await answer.json()) as { version: number; trip: Trip };
  expect(answer.status, JSON.stringify(body).slice(0, 200)).toBe(200);
  return body;
}
/** How many trips of a name there are; other tests make trips at the same time. */
export async function tripCount(name: string): Promise<number> {
  const { trips } = (await (await callApi('/trips')).json()) as { trips: { name: string }[] };
  return trips.filter((trip) => trip.name === name).length;
}

export async function openStation(page: Page, id: string, station: string, base = baseUrl()): Promise<void> {
  await enter(page, base);
  await page.goto(`${base}/trips/${id}/${station}`);
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeVisible();
}
export const station = (page: Page, name: string): Locator =>
  page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: new RegExp(`^${name}\\b`) });
export const saved = (page: Page): Promise<void> =>
  expect(page.getByRole('banner').getByRole('status')).toHaveText('Saved');

export const percentOf = async (locator: Locator): Promise<number> =>
  Number(/([\d.]+) %/.exec(await locator.innerText())![1]);
/** A cell of a table, by row and column. */
export const cell = (page: Page, id: string): Locator => page.locator(`[data-cell="${id}"]`);

/** A cell's text replaced, as from the keyboard. */
export async function typeInCell(page: Page, id: string, text: string): Promise<void> {
  await cell(page, id).click();
  await page.keyboard.press('Control+a');
  await page.keyboard.type(text);
  await page.keyboard.press('Enter');
}

export const largestRatio = (page: Page): Locator => page.getByTestId('largest-ratio');
export const memberRow = (page: Page, memberId: string): Locator =>
  page.locator(`[data-member="${memberId}"]`);
export const piece = (page: Page, pieceId: string): Locator => page.locator(`[data-piece="${pieceId}"]`);

export async function shareOut(page: Page): Promise<void> {
  const button = page.getByRole('button', { name: 'Share out', exact: true });
  await button.click();
  // Progress stands in its place until the result is there.
  await expect(button).toBeVisible();
  await expect(page.getByTestId('gap')).toHaveText(/at most|nothing/);
  await saved(page);
}

/**
 * Waits until what is opened is there, and nothing fades or slides: half faded in, every text lacks contrast. A spinner
 * turns for ever and is let be.
 */
export async function atRest(page: Page): Promise<void> {
  // Tabs load what stands on them when they are opened.
  await page.evaluate(async () => {
    const files = (): number => performance.getEntriesByType('resource').length;
    for (let before = -1; before !== files();) {
      before = files();
      await new Promise((resolve) => setTimeout(resolve, 150));
    }
  });
  await page.waitForFunction(() =>
    document
      .getAnimations()
      .every((a) => a.playState !== 'running' || a.effect?.getComputedTiming().iterations === Infinity),
  );
}

/** Where something is once the page's type is there and it has stood still for a dozen frames. */
export async function boxAtRest(
  locator: Locator,
): Promise<{ x: number; y: number; width: number; height: number }> {
  return locator.evaluate(async (element) => {
    await document.fonts.ready;
    const frame = (): Promise<number> => new Promise((resolve) => requestAnimationFrame(resolve));
    let box = element.getBoundingClientRect();
    for (let still = 0; still < 12;) {
      await frame();
      const next = element.getBoundingClientRect();
      still = next.x === box.x && next.y === box.y && next.width === box.width ? still + 1 : 0;
      box = next;
    }
    return { x: box.x, y: box.y, width: box.width, height: box.height };
  });
}

/** One of a row of choices. */
export const choose = (page: Page, group: string, name: string | RegExp): Promise<void> =>
  page.getByRole('radiogroup', { name: group }).locator('label').filter({ hasText: name }).click();
