import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, test } from '../quick';
import { newLink } from '../sheets';
import { eachScreen, faultsOf, textsOf } from '../screens';
import { baseUrl, callApi, demoText, enter, importTrip, openStation, shareOut } from '../support';

/** Every text of every screen stands here after a run, to be read in a row. */
const RESULTS = fileURLToPath(new URL('../results', import.meta.url));
/** Words of whoever built it; what leaders say instead is in docs/words.md. */
const NOT_SAID =
  /\b(binds?|cures?|reach \d|own make-up|put aside|built by hand|px to the|larder|brief\b|mass\b|masses|assignment|misfit|null|undefined|NaN|expected .*, got|centroid)\b/i;

const emptyTrip = async (): Promise<string> => {
  const answer = await callApi('/trips', {
    method: 'POST',
    body: JSON.stringify({ name: 'Empty', startDate: '2027-06-01', days: 2, style: 'camp', timeZone: 'UTC' }),
  });
  return ((await answer.json()) as { id: string }).id;
};

test('all texts on all screens, in leaders’ words', async ({ page }) => {
  const census = await importTrip(demoText('corvane-census'));
  await openStation(page, census, 'shares');
  await shareOut(page);
  const lines: string[] = [];
  const said = new Set<string>();
  const look = (trip: string) => async (screen: string) => {
    lines.push('', `== ${trip}: ${screen}`);
    for (const text of await textsOf(page)) {
      if (said.has(text)) continue;
      said.add(text);
      lines.push(text);
    }
  };
  await eachScreen(page, await importTrip(demoText('hut-roof')), look('a small trip'));
  await eachScreen(page, census, look('a large trip'));
  await eachScreen(page, await emptyTrip(), look('an empty trip'));
  for (const path of ['/trips', '/account', '/library']) {
    await page.goto(`${baseUrl()}${path}`);
    await expect(page.getByRole('heading').first()).toBeVisible();
    await look('beside the trips')(path);
  }
  mkdirSync(RESULTS, { recursive: true });
  writeFileSync(join(RESULTS, 'texts.txt'), lines.join('\n'));
  expect(said.size).toBeGreaterThan(600);
  expect([...said].filter((text) => NOT_SAID.test(text))).toEqual([]);
});

for (const [width, height] of [
  [1280, 800],
  [1920, 1080],
  [390, 844],
] as const)
  test(`nothing is cut off and nothing lies over anything at ${width} × ${height}`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    const found: string[] = [];
    const look = (trip: string) => async (screen: string) => {
      for (const fault of await faultsOf(page)) found.push(`${trip}, ${screen}: ${fault}`);
    };
    await eachScreen(page, await importTrip(demoText('corvane-census')), look('census'));
    // The small party has stowed packs, and low numbers of everything.
    if (width === 1280) await eachScreen(page, await importTrip(demoText('hut-roof')), look('hut roof'));
    await eachScreen(page, await emptyTrip(), look('empty'));
    await enter(page);
    await page.goto(`${baseUrl()}/trips`);
    await expect(page.getByRole('list', { name: 'Trips', exact: true })).toBeVisible();
    await look('trips')('all');
    const small = await importTrip(demoText('hut-roof'));
    await page.goto(await newLink(small, 'eddy'));
    await expect(page.getByRole('heading', { level: 1, name: 'Eddy' })).toBeVisible();
    await look('sheet')('Eddy');
    await page.context().clearCookies();
    await page.goto(baseUrl());
    await expect(page.getByText('Shared out: the same part of each one’s own limit')).toBeVisible();
    await expect(page.getByText('Heavy things in their band')).toBeVisible();
    await look('the first page')('all');
    expect([...new Set(found)]).toEqual([]);
  });

for (const [trip, make, people] of [
  ['a large trip', () => importTrip(demoText('corvane-census')), '8, limits'],
  ['an empty trip', emptyTrip, 'nobody yet'],
] as const)
  test(`the stops of the line stay where they are when what they tell comes: ${trip}`, async ({ page }) => {
    await enter(page);
    const id = await make();
    const line = page.getByRole('navigation', { name: 'Stations' });
    const lefts = () =>
      line
        .getByRole('link')
        .evaluateAll((links) => links.map((link) => Math.round(link.getBoundingClientRect().left)));
    // What they tell comes in a file of its own: it is held back.
    let tell = (): void => undefined;
    const told = new Promise<void>((resolve) => (tell = resolve));
    await page.route('**/StationFigures-*.js', async (route) => {
      await told;
      await route.continue();
    });
    await page.goto(`${baseUrl()}/trips/${id}/kit`);
    await expect(line).toContainText('People…');
    const before = await lefts();
    tell();
    await expect(line).toContainText(people);
    expect(await lefts()).toEqual(before);
  });
