import { expect, test, type Page } from '../quick';
import {
  cell,
  baseUrl,
  demoText,
  importTrip,
  openStation,
  saved,
  shareOut,
  station,
  storedTrip,
  enter,
} from '../support';

const columns = (page: Page, name: string) =>
  page.getByRole('radiogroup', { name: 'Columns' }).getByText(name, { exact: true }).click();

test('an empty trip: from nothing to a planned pack', async ({ page }) => {
  await enter(page);
  await page.goto(baseUrl());
  await page.getByRole('button', { name: 'New trip' }).click();
  await page.getByRole('button', { name: 'Start the trip' }).click();
  await expect(page.getByText('Type a name')).toBeVisible();
  await page.getByLabel('Name').fill('Over the hill');
  await page.getByLabel('First day').fill('2027-07-01');
  await page.getByLabel('Days', { exact: true }).fill('2');
  await page.getByRole('button', { name: 'Start the trip' }).click();

  await page.getByRole('button', { name: 'To the trip’s days and way' }).click();
  await expect(page.getByText('Type each leg, or import a track')).toBeVisible();
  await station(page, 'People').click();
  await expect(page.getByText('Add each member with body weight and pack')).toBeVisible();
  await station(page, 'Shares').click();
  await expect(page.getByText('Add the members at People first')).toBeVisible();
  await station(page, 'Packs').click();
  await expect(page.getByText('Add the members and their packs at People first')).toBeVisible();
  await station(page, 'Kit').click();
  await expect(page.getByText('Add members at People first; then a list by template')).toBeVisible();
  await page.getByRole('button', { name: 'Add a kit', exact: true }).click();
  await page.getByRole('button', { name: 'Piece', exact: true }).click();

  await station(page, 'People').click();
  await page.getByRole('button', { name: 'Add a member', exact: true }).click();
  await page.getByRole('button', { name: 'Add a member', exact: true }).click();
  await cell(page, 'member-1/bodyMassKg').click();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('11 st 4');
  await page.keyboard.press('Enter');
  await expect(cell(page, 'member-1/bodyMassKg')).toHaveText('71.7');
  await expect(cell(page, 'member-1/limit')).toHaveText('14.3');

  await station(page, 'Shares').click();
  await shareOut(page);
  await station(page, 'Packs').click();
  await page.getByRole('button', { name: 'Plan all packs' }).click();
  await expect(station(page, 'Packs')).toContainText('2 of 2 stowed', { timeout: 180_000 });
  await saved(page);
  const id = /trips\/([^/]+)/.exec(page.url())![1]!;
  const { trip } = await storedTrip(id);
  expect(trip.share).toHaveLength(2);
  expect(trip.stows.flatMap((s) => s.placements)).toHaveLength(2);
});

test('a wrong entry stays in its cell with the reason; the arrows and Enter do the rest', async ({
  page,
}) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'people');
  const body = cell(page, 'joss/bodyMassKg');
  await cell(page, 'joss/name').focus();
  await page.keyboard.press('ArrowRight');
  await expect(body).toBeFocused();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('heavy');
  await page.keyboard.press('Enter');
  await expect(body.getByRole('alert')).toHaveText(
    'Type a weight such as 1.2 kg, 850 g, 2 lb 3 oz or 11 st 4',
  );
  await expect(body.getByRole('textbox')).toHaveValue('heavy');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('400');
  await page.keyboard.press('Enter');
  await expect(body.getByRole('alert')).toHaveText('Type a number from 10 to 250 kg');
  await page.keyboard.press('Escape');
  await expect(body).toHaveText('88.0');
  await expect(body).toBeFocused();
  await page.keyboard.type('9');
  await expect(body.getByRole('textbox')).toHaveValue('9');
  await page.keyboard.type('0');
  await page.keyboard.press('Tab');
  await expect(body).toHaveText('90.0');
  await expect(cell(page, 'joss/ownThingsKg')).toBeFocused();
  await saved(page);
  expect((await storedTrip(id)).trip.members[0]!.bodyMassKg).toBe(90);
});

test('kit: masses, shapes and marks are edited, a volume beyond the shape is refused', async ({ page }) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'kit');
  await cell(page, 'felt/massKg').click();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('6 lb 8 oz');
  await page.keyboard.press('Enter');
  await expect(cell(page, 'felt/massKg')).toHaveText('2.9');
  await cell(page, 'felt/volumeL').click();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('20');
  await page.keyboard.press('Enter');
  await expect(cell(page, 'felt/volumeL').getByRole('alert')).toHaveText(
    'Type at most 7.7, the volume of its shape in L',
  );
  await page.keyboard.press('Escape');
  await columns(page, 'Place');
  await cell(page, 'felt/shape').click();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('roll 55 x 14');
  await page.keyboard.press('Enter');
  await cell(page, 'felt/flags').click();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('rides outside, wobbly');
  await page.keyboard.press('Enter');
  await expect(cell(page, 'felt/flags').getByRole('alert')).toContainText('Type marks among hard');
  await page.keyboard.press('Escape');
  await saved(page);
  const felt = (await storedTrip(id)).trip.kits.flatMap((k) => k.pieces).find((p) => p.id === 'felt')!;
  expect(felt.shape).toEqual({ kind: 'roll', lengthCm: 55, diameterCm: 14 });
  expect(felt.massKg).toBeCloseTo(6.5 * 0.45359237, 12);

  await columns(page, 'Days');
  // Days: what is used up and what joins on the way; a day the trip does not have is refused.
  await cell(page, 'coffee/use').click();
  await page.keyboard.type('1–9');
  await page.keyboard.press('Enter');
  await expect(cell(page, 'coffee/use').getByRole('alert')).toHaveText('Type a day of this trip, 1 to 3');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('1-3, 200 g left');
  await page.keyboard.press('Enter');
  await expect(cell(page, 'coffee/use')).toHaveText('1–3, 0.20 kg left');
  await cell(page, 'sealant/days').click();
  await page.keyboard.type('to 2');
  await page.keyboard.press('Enter');
  await saved(page);
  const pieces = (await storedTrip(id)).trip.kits.flatMap((k) => k.pieces);
  expect(pieces.find((p) => p.id === 'coffee')!.consumption).toEqual({
    fromDay: 1,
    toDay: 3,
    residueKg: 0.2,
  });
  expect(pieces.find((p) => p.id === 'sealant')).toMatchObject({ toDay: 2 });

  await page.getByLabel('Whose things').selectOption({ label: 'Personal things of Joss' });
  await expect(page.getByRole('grid', { name: 'Kit' })).toContainText('Sleeping bag');
  await page.getByRole('button', { name: 'Add a thing', exact: true }).click();
  await expect(page.getByRole('textbox', { name: 'New thing, Thing' })).toBeFocused();
});

test('masses in pounds, body weights hidden', async ({ page }) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'people');
  await page.getByRole('button', { name: /^Units: kg/ }).click();
  await expect(cell(page, 'joss/bodyMassKg')).toHaveText('194.0');
  await page.getByRole('button', { name: 'Hide body weights' }).click();
  await expect(cell(page, 'joss/bodyMassKg')).toHaveText('···');
  await page.reload();
  await expect(cell(page, 'joss/bodyMassKg')).toHaveText('···');
  await expect(page.getByText('194')).toHaveCount(0);
  // The editor does not give the weight away either, and leaving it changes nothing.
  await cell(page, 'joss/bodyMassKg').click();
  await expect(cell(page, 'joss/bodyMassKg').getByRole('textbox')).toHaveValue('');
  await page.keyboard.press('Enter');
  await expect(cell(page, 'joss/bodyMassKg')).toHaveText('···');
  expect((await storedTrip(id)).trip.members[0]!.bodyMassKg).toBe(88);
});
