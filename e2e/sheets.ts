/** Members' sheets on phones, for tests. */
import { expect, type Browser, type Page } from '@playwright/test';
import type { SheetProgress } from '@graft/core/api';
import type { KeptMark } from '@graft/core/sheet';
import { baseUrl, callApi } from './support';

const PHONE = { viewport: { width: 390, height: 844 }, serviceWorkers: 'allow' } as const;

export async function newLink(trip: string, member: string): Promise<string> {
  const answer = await callApi(`/trips/${trip}/sheets/${member}/link`, { method: 'POST' });
  expect(answer.status).toBe(201);
  return `${baseUrl()}/s/#${((await answer.json()) as { token: string }).token}`;
}
const progress = async (trip: string): Promise<SheetProgress> =>
  (await (await callApi(`/trips/${trip}/sheets`)).json()) as SheetProgress;
export const marksOf = async (trip: string, member: string): Promise<readonly KeptMark[]> =>
  (await progress(trip)).marks[member] ?? [];

/** A phone of its own with a link open on it. */
export async function phone(browser: Browser, url: string): Promise<Page> {
  const page = await (await browser.newContext(PHONE)).newPage();
  await page.goto(url);
  await expect(status(page)).toContainText('packed');
  return page;
}
export const status = (page: Page) => page.locator('.sheet-bar').getByRole('status');
export const box = (page: Page, name: string | RegExp) => page.getByRole('checkbox', { name });
export const ready = (page: Page) => page.evaluate(async () => void (await navigator.serviceWorker.ready));
