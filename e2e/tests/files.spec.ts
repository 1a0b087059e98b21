import { readFileSync } from 'node:fs';
import { expect, test } from '../quick';
import { parseTripFile } from '@graft/core/formats';
import { baseUrl, demoText, tripCount, enter } from '../support';

const upload = (name: string, text: string) => ({
  name,
  mimeType: 'application/json',
  buffer: Buffer.from(text),
});

test('a broken file: every error is listed, nothing is saved; mended, it opens', async ({ page }) => {
  const name = 'A hut whose file was broken';
  const whole = JSON.parse(demoText('hut-roof')) as { trip: { name: string } };
  whole.trip.name = name;
  const text = JSON.stringify(whole);
  const data = JSON.parse(text) as {
    trip: { members: Record<string, unknown>[]; share: Record<string, unknown>[]; startDate: string };
  };
  data.trip.startDate = 'soon';
  data.trip.members[0]!['bodyMassKg'] = 'heavy';
  data.trip.members[1]!['colour'] = 'red';
  data.trip.share[0]!['memberId'] = 'nobody';
  await enter(page);
  await page.goto(baseUrl());
  await page.getByLabel('Trip file').setInputFiles(upload('broken.graft.json', JSON.stringify(data)));
  const alert = page.getByRole('alert');
  await expect(alert).toContainText('broken.graft.json was not imported: 5 errors; nothing was saved.');
  await expect(alert).toContainText('trip.startDateneeds a date such as "2027-05-10", not "soon"');
  await expect(alert).toContainText(
    'trip.members[0].bodyMassKgneeds a number from 10 to 250 kg, not "heavy"',
  );
  await expect(alert).toContainText('trip.members[1]has a field that is not part of the format: colour');
  await expect(alert).toContainText(
    'trip.share[0].memberIdneeds the id of a member of this trip, not "nobody"',
  );
  // Taking the piece from its carrier also empties its place in that carrier's pack.
  await expect(alert).toContainText(
    /trip\.stows\[\d\]\.placements\[\d+\]\.thingIdneeds a thing in this member's pack/,
  );
  expect(await tripCount(name)).toBe(0);

  await page.getByLabel('Trip file').setInputFiles(upload('mended.graft.json', text));
  await expect(page.getByRole('heading', { name })).toBeVisible();
  expect(await tripCount(name)).toBe(1);

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export' }).click();
  const path = await (await download).path();
  expect(parseTripFile(readFileSync(path, 'utf8'))).toEqual(parseTripFile(text));
});

test('a file that is no JSON says where', async ({ page }) => {
  await enter(page);
  await page.goto(baseUrl());
  await page.getByLabel('Trip file').setInputFiles(upload('notes.json', '{"format": graft}'));
  await expect(page.getByRole('alert')).toContainText('needs JSON text');
});

test('a trip is copied to new dates, put aside, deleted, and brought back', async ({ page }) => {
  const more = async (trip: string, what: string): Promise<void> => {
    await page.getByRole('button', { name: `More for ${trip}`, exact: true }).click();
    await page.getByRole('menuitem', { name: what }).click();
  };
  await enter(page);
  await page.goto(baseUrl());
  await page.getByRole('button', { name: 'New trip' }).click();
  await page.getByLabel('Name').fill('Short lived');
  await page.getByLabel('Starts from').selectOption({ label: 'Winter' });
  await expect(page.getByLabel('Days', { exact: true })).toHaveValue('2');
  await page.getByRole('button', { name: 'Start the trip' }).click();
  await expect(page.getByRole('heading', { name: 'Short lived' })).toBeVisible();
  await page.getByRole('link', { name: 'Graft, all trips' }).click();

  await more('Short lived', 'Same party, new dates');
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill('Short lived again');
  await dialog.getByLabel('First day').fill('2028-02-05');
  await dialog.getByRole('button', { name: 'Make the copy' }).click();
  await expect(page.getByRole('heading', { name: 'Short lived again' })).toBeVisible();
  await expect(page.getByText('5 – 6 Feb 2028')).toBeVisible();
  await page.getByRole('link', { name: 'Graft, all trips' }).click();

  await more('Short lived again', 'Archive');
  await expect(page.getByRole('link', { name: 'Short lived again', exact: true })).toBeHidden();
  await page.getByRole('button', { name: /Show \d+ archived trip/ }).click();
  await more('Short lived again', 'Take back');
  await expect(
    page.getByRole('list', { name: 'Trips', exact: true }).getByText('Short lived again', { exact: true }),
  ).toBeVisible();

  await more('Short lived', 'Delete');
  await expect(page.getByRole('link', { name: 'Short lived', exact: true })).toBeHidden();
  await page.getByRole('button', { name: 'Bring it back' }).first().click();
  await expect(page.getByRole('link', { name: 'Short lived', exact: true })).toBeVisible();
});
