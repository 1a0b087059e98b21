import { truncateSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test, type Page } from '../quick';
import type { Trip } from '@graft/core/trip';
import { DEMO, newStateDir } from '../graft';
import {
  boxAtRest,
  cell,
  typeInCell,
  baseUrl,
  demoText,
  importTrip,
  openStation,
  saved,
  station,
  storedTrip,
} from '../support';

const GPX = join(DEMO, 'corvane-plateau.gpx');
const tripId = (page: Page): string => /trips\/([^/]+)/.exec(page.url())![1]!;

test('a new leader: account, trip, track, day marks, five members with trials, limits explained', async ({
  page,
}) => {
  // The trip is read through the page's own session: its leader is nobody the other tests know.
  const stored = async (): Promise<Trip> => {
    const answer = await page.request.get(`${baseUrl()}/api/trips/${tripId(page)}`);
    return ((await answer.json()) as { trip: Trip }).trip;
  };
  await page.goto(baseUrl());
  await page.getByRole('button', { name: 'I am new here: make an account' }).click();
  await page.getByLabel('Your name').fill('Hedda');
  await page.getByLabel('E-mail').fill('hedda.new@example.org');
  await page.getByLabel('Password').fill('short');
  await page.getByRole('button', { name: 'Create the account' }).click();
  await expect(page.getByText('Type at least 10 characters')).toBeVisible();
  await page.getByLabel('Password').fill('pitch before the rain');
  await page.getByRole('button', { name: 'Create the account' }).click();
  await expect(page.getByRole('heading', { name: 'A new trip' })).toBeVisible();

  await page.getByRole('button', { name: 'New trip' }).click();
  await page.getByLabel('Name').fill('Round of the plateau');
  await page.getByLabel('First day').fill('2027-05-10');
  await page.getByLabel('Days', { exact: true }).fill('5');
  await page.getByRole('button', { name: 'Start the trip' }).click();
  await page.getByRole('button', { name: 'To the trip’s days and way' }).click();

  // Import: the days are spread evenly, then dragged to where the camps are.
  await page.getByLabel('GPX file').setInputFiles(GPX);
  await expect(page.getByRole('status').filter({ hasText: 'corvane-plateau.gpx' })).toContainText('71.0 km');
  await saved(page);
  const even = await stored();
  expect(even.legs.map((l) => l.distanceKm)).toEqual([14.2, 14.2, 14.2, 14.2, 14.2]);
  expect(even.waypoints.length).toBeGreaterThan(10);

  const mark = page.getByRole('slider', { name: 'End of day 1' });
  const box = await boxAtRest(mark);
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x - 60, y, { steps: 6 });
  // Figures move before the mark is let go; nothing is stored yet.
  await expect(cell(page, 'day-1/distanceKm')).not.toHaveText('14.2');
  expect((await stored()).legs[0]!.distanceKm).toBe(14.2);
  await page.mouse.up();
  await saved(page);
  const dragged = await stored();
  expect(dragged.legs[0]!.distanceKm).toBeLessThan(12);
  expect(dragged.legs[0]!.distanceKm + dragged.legs[1]!.distanceKm).toBeCloseTo(28.4, 0);
  expect(dragged.legs[2]).toEqual(even.legs[2]);

  // The same by keyboard, and undo.
  await page.getByRole('slider', { name: 'End of day 2' }).focus();
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('ArrowRight');
  await saved(page);
  expect((await stored()).dayMarksKm![1]).toBeCloseTo(dragged.dayMarksKm![1]! + 1.1, 5);
  await page.getByRole('button', { name: 'Undo end of day 2' }).click();
  await page.getByRole('button', { name: 'Undo end of day 2' }).click();
  await saved(page);
  expect((await stored()).dayMarksKm).toEqual(dragged.dayMarksKm);

  // Place from the track, then the forecast for it.
  await page.getByText('Where that is').click();
  await page.getByRole('button', { name: 'From the track' }).click();
  await expect(page.getByText(/Day 1: sun up/)).toBeVisible();
  await page.getByRole('tab', { name: 'Weather' }).click();
  await saved(page);
  await page.getByRole('button', { name: 'Load the forecast' }).click();
  await expect(page.getByText('From: simulated forecast')).toBeVisible();
  await saved(page);
  expect((await stored()).weather).toHaveLength(5);

  await station(page, 'People').click();
  await page.getByRole('button', { name: 'Add a member', exact: true }).click();
  for (let i = 1; i <= 5; i += 1) {
    await expect(page.getByRole('textbox', { name: `Member ${i}, Name` })).toBeFocused();
    await page.keyboard.type(`Walker ${i}`);
    await page.keyboard.press('Tab');
    await page.keyboard.type(['62', '11 st 4', '162 lb', '84', '55'][i - 1]!);
    await page.keyboard.press('Enter');
  }
  await expect(page.getByRole('textbox', { name: 'Member 6, Name' })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(cell(page, 'member-3/bodyMassKg')).toHaveText('73.5');
  await page.getByRole('tab', { name: 'Carry trial' }).click();
  for (let i = 1; i <= 5; i += 1) {
    await cell(page, `member-${i}/limit`).click();
    await expect(page.getByTestId('chosen-member')).toHaveText(`Walker ${i}`);
    await page.getByRole('button', { name: 'Walk 1: no load' }).click();
    await page.getByRole('button', { name: /^Walk 2:/ }).click();
    await page.getByRole('button', { name: /^Walk 3:/ }).click();
    await typeInCell(page, 'walk-1/comfort', '9');
    await typeInCell(page, 'walk-2/comfort', '8');
    await typeInCell(page, 'walk-3/comfort', '5');
    await expect(page.getByText('kept the pace, paid in comfort')).toBeVisible();
  }
  await saved(page);

  // Limits: by trial now, explained on hover, and noted with date, name and reason.
  await page.getByRole('button', { name: 'All columns' }).click();
  await expect(cell(page, 'member-1/limitPolicy')).toHaveText('carry trial');
  await cell(page, 'member-1/limit').locator('span').first().hover();
  await expect(page.getByRole('tooltip')).toContainText(
    'carry trial of 3 walks: where comfort falls to 6 of 10',
  );
  await page.mouse.move(640, 10);
  await cell(page, 'member-1/limit').click();
  await page.getByRole('tab', { name: 'Carry limit' }).click();
  await expect(page.getByRole('grid', { name: 'Limit record' })).toContainText('Hedda');
  const trip = await stored();
  expect(trip.members.map((m) => m.carryTrials.length)).toEqual([3, 3, 3, 3, 3]);
  expect(trip.members.every((m) => m.limitHistory.length > 0)).toBe(true);
  await page.reload();
  await expect(cell(page, 'member-5/name')).toHaveText('Walker 5');
});

test('hostile and odd track files are refused with a clear word, and nothing changes', async ({ page }) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'brief');
  const before = await storedTrip(id);
  const upload = (name: string, text: string) =>
    page
      .getByLabel('GPX file')
      .setInputFiles({ name, mimeType: 'application/gpx+xml', buffer: Buffer.from(text) });
  for (const [name, text, message] of [
    [
      'bomb.gpx',
      '<!DOCTYPE gpx [<!ENTITY a "b">]><gpx/>',
      'needs a GPX file without a document type declaration',
    ],
    ['page.gpx', '<html></html>', 'whose root element is <gpx>, not <html>'],
    ['half.gpx', '<gpx><trk>', 'needs well-formed XML'],
  ] as const) {
    await upload(name, text);
    await expect(page.getByRole('alert')).toContainText(message);
  }
  const huge = join(newStateDir('huge'), 'huge.gpx');
  writeFileSync(huge, '<gpx>');
  truncateSync(huge, 200_000_000);
  await page.getByLabel('GPX file').setInputFiles(huge);
  await expect(page.getByRole('alert')).toContainText('needs a GPX file of at most 40 MB, not 200 MB');
  expect(await storedTrip(id)).toEqual(before);
});

test('a day too long for the slowest is flagged, and its cure does what it says', async ({ page }) => {
  const id = await importTrip(demoText('rock-mapping'));
  await openStation(page, id, 'brief');
  await expect(station(page, 'Trip')).toContainText('1 day too long');
  const problem = page.getByRole('region', { name: 'Days that are too long' });
  await expect(problem).toContainText(
    'Day 3: 7.8 h of walking for the slowest, 0.3 h over the longest day of 7.5 h',
  );
  const cure = problem.getByRole('button').first();
  await expect(cure).toContainText('End day 3 0.5 km earlier');
  await cure.click();
  await expect(station(page, 'Trip')).toContainText('4 days');
  await saved(page);
  expect((await storedTrip(id)).trip.legs.map((l) => l.distanceKm)).toEqual([9, 8, 9.5, 11.5]);
});

test('legs, places, weather and house rules are edited in place, with bad entries kept and told', async ({
  page,
}) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'brief');
  const [first, second] = (await storedTrip(id)).trip.legs.map((l) => l.id) as [string, string];
  await typeInCell(page, `${first}/distanceKm`, 'far');
  await expect(page.getByRole('alert')).toContainText('Type a distance such as 12.5 km or 8 mi');
  await page.keyboard.press('Escape');
  await typeInCell(page, `${first}/distanceKm`, '5 mi');
  await expect(cell(page, `${first}/distanceKm`)).toHaveText('8.0');
  await typeInCell(page, `${first}/hours`, '4 h 30');
  await expect(cell(page, `${first}/hours`)).toHaveText('4.5');

  await page.getByRole('button', { name: 'Add a day' }).click();
  await expect(station(page, 'Trip')).toContainText('4 days');
  await page.getByRole('button', { name: 'Remove day 4' }).click();

  await page.getByRole('tab', { name: 'Water and places' }).click();
  await page.getByRole('button', { name: 'Add a place' }).click();
  await typeInCell(page, 'place/atKm', '4');
  await cell(page, 'place/reliance').click();
  await cell(page, 'place/reliance').locator('select').selectOption('sure');
  await expect(page.getByText('Day 1: 2.3 h, km 4.0 to 8.0')).toBeVisible();
  // A cache gives no more than was laid there: for two half a litre each.
  await page.getByLabel('A cache at a place holds what you lay there, and no more').selectOption('Water');
  const cache = page.getByLabel('Cache at Water, km 4.0');
  await cache.fill('plenty');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Type a volume such as 1.5 L');
  await cache.fill('1 L');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^Day 1: 4\.5 h, km 0\.0 to 8\.0 .* 0\.5 L each from the cache/)).toBeVisible();

  await page.getByRole('tab', { name: 'Weather' }).click();
  await typeInCell(page, '2027-08-20/nightC', '−2');
  await expect(cell(page, '2027-08-20/nightC')).toHaveText('−2*');
  await typeInCell(page, '2027-08-20/rainChance', '130');
  await expect(page.getByRole('alert')).toContainText('Type a number from 0 to 1');
  await page.keyboard.press('Escape');

  // Power would give a hidden body weight away.
  await page.getByText('Walking time and effort of each member').click();
  const effort = page.getByRole('table', { name: 'Walking time and effort' });
  await expect(effort).toContainText(/\d\.\d · \d{3}/);
  await page.getByRole('button', { name: 'Hide body weights' }).click();
  await expect(effort).toContainText('· ···');
  await expect(effort).not.toContainText(/· \d{3}/);
  await page.getByRole('button', { name: 'Body weights hidden' }).click();

  await page.getByRole('tab', { name: 'House rules' }).click();
  await page.getByLabel('The lid?').selectOption({ label: 'leave it at home' });

  await page.getByRole('tab', { name: 'Trip', exact: true }).click();
  await page.getByLabel('Time zone').fill('Middle/Earth');
  await page.getByLabel('Time zone').press('Enter');
  await expect(page.getByText('Type the name of a time zone such as Europe/Dublin')).toBeVisible();
  await page.getByLabel('Time zone').fill('Europe/Oslo');
  await page.getByLabel('Time zone').press('Enter');
  await saved(page);

  const { trip } = await storedTrip(id);
  expect(trip.legs).toHaveLength(3);
  expect(trip.legs[0]).toMatchObject({ distanceKm: 8.04672, hours: 4.5 });
  expect(trip.waypoints).toEqual([
    { id: 'place', name: 'Water', kind: 'water', atKm: 4, reliance: 'sure', cacheL: 1 },
  ]);
  expect(trip.weather).toMatchObject([{ id: '2027-08-20', nightC: -2 }]);
  expect(trip.houseRules.lid).toBe('off');
  expect(trip.timeZone).toBe('Europe/Oslo');
  expect(trip.legs[1]!.id).toBe(second);
});
