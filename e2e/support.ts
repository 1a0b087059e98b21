import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, type Locator, type Page } from '@playwright/test';
import type { Trip } from '@graft/core';
import { DEMO } from './graft';

export const baseUrl = (): string => process.env['GRAFT_E2E_URL']!;

export type DemoId = 'corvane-census' | 'hut-roof' | 'rock-mapping';
export const demoText = (id: DemoId): string => readFileSync(join(DEMO, `${id}.graft.json`), 'utf8');

/** A copy of a demo trip of its own for a test. */
export async function importTrip(text: string, base = baseUrl()): Promise<string> {
  const answer = await fetch(`${base}/api/trips/import`, { method: 'POST', body: text });
  expect(answer.status).toBe(201);
  return ((await answer.json()) as { id: string }).id;
}
export async function storedTrip(id: string, base = baseUrl()): Promise<{ version: number; trip: Trip }> {
  return (await fetch(`${base}/api/trips/${id}`)).json() as Promise<{ version: number; trip: Trip }>;
}
export async function tripCount(): Promise<number> {
  const { trips } = (await (await fetch(`${baseUrl()}/api/trips`)).json()) as { trips: object[] };
  return trips.length;
}

export async function openStation(page: Page, id: string, station: string, base = baseUrl()): Promise<void> {
  await page.goto(`${base}/trips/${id}/${station}`);
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeVisible();
}
export const station = (page: Page, name: string): Locator =>
  page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name });
export const saved = (page: Page): Promise<void> =>
  expect(page.getByRole('banner').getByRole('status')).toHaveText('Saved');

export const percentOf = async (locator: Locator): Promise<number> =>
  Number(/([\d.]+) %/.exec(await locator.innerText())![1]);
export const largestRatio = (page: Page): Locator => page.getByTestId('largest-ratio');
export const memberRow = (page: Page, memberId: string): Locator =>
  page.locator(`[data-member="${memberId}"]`);
export const piece = (page: Page, pieceId: string): Locator => page.locator(`[data-piece="${pieceId}"]`);

export async function shareOut(page: Page): Promise<void> {
  const button = page.getByRole('button', { name: 'Share out', exact: true });
  await button.click();
  // Progress stands in its place until the result is there.
  await expect(button).toBeVisible();
  await expect(page.getByTestId('gap')).toHaveText(/^within/);
  await saved(page);
}
