/** Two leaders at work on one trip, each in a browser of their own. */
import { expect, freshTest as test, LOOK } from '../quick';
import { baseUrl, cell, demoText, importTrip, openStation, saved, storedTrip, typeInCell } from '../support';

test('what one changes comes to the other, cells of both hold, the same cell is asked about', async ({
  page: ilse,
  browser,
}) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(ilse, id, 'people');
  const context = await browser.newContext({ ...LOOK, baseURL: baseUrl() });
  const noor = await context.newPage();
  await openStation(noor, id, 'people');
  await expect(cell(noor, 'joss/name')).toBeVisible();

  // Live: the page has nothing unsaved.
  await typeInCell(ilse, 'joss/name', 'Josua');
  await expect(cell(noor, 'joss/name')).toHaveText('Josua');
  await expect(noor.getByTestId('told')).toContainText('changed Josua: name.');

  // One goes offline and types on; both change cells of the same person, and one the very same.
  await context.setOffline(true);
  await typeInCell(noor, 'joss/bodyMassKg', '70');
  await typeInCell(noor, 'eddy/name', 'Edward');
  await typeInCell(ilse, 'eddy/name', 'Ed');
  await typeInCell(ilse, 'joss/bodyMassKg', '70');
  await saved(ilse);
  await typeInCell(noor, 'joss/name', 'Jo');
  await context.setOffline(false);

  const asked = noor.getByRole('region', { name: 'Changes that met' });
  await expect(asked).toContainText('Theirs: Ed. Yours: Edward.');
  await saved(noor);
  expect((await storedTrip(id)).trip.members[0]).toMatchObject({ name: 'Jo', bodyMassKg: 70 });
  await asked.getByRole('button', { name: 'Take mine' }).click();
  await expect(asked).toBeHidden();
  await expect(cell(ilse, 'eddy/name')).toHaveText('Edward');
  await expect(cell(ilse, 'joss/name')).toHaveText('Jo');
  await saved(noor);
  const { trip } = await storedTrip(id);
  expect(trip.members.map((m) => m.name)).toEqual(['Jo', 'Edward']);

  // Undo takes back what was done here, not what the other did.
  await typeInCell(ilse, 'eddy/bodyMassKg', '81');
  await saved(ilse);
  await expect(cell(noor, 'eddy/bodyMassKg')).toHaveText(/81/);
  await noor.getByRole('button', { name: /^Undo/ }).click();
  await saved(noor);
  const after = (await storedTrip(id)).trip;
  expect(after.members[1]).toMatchObject({ name: 'Ed', bodyMassKg: 81 });
  await context.close();
});

test('the history tells who changed what, and goes back to before it', async ({ page }) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'people');
  await typeInCell(page, 'joss/name', 'Josua');
  await saved(page);
  await typeInCell(page, 'eddy/name', 'Ed');
  await saved(page);
  const history = page.getByRole('button', { name: 'History' });
  await history.click();
  const dialog = page.getByRole('dialog', { name: 'History of this trip' });
  await expect(dialog.getByRole('listitem')).toHaveCount(2);
  await expect(dialog.getByRole('listitem').first()).toContainText('changed Ed: name');
  await dialog.getByRole('button', { name: /^Go back to before Josua: name/ }).click();
  await expect(dialog).toBeHidden();
  await expect(cell(page, 'joss/name')).toHaveText('Joss');
  await expect(cell(page, 'eddy/name')).toHaveText('Eddy');
  await saved(page);
  await page.getByRole('button', { name: /^Undo go back to before/ }).click();
  await expect(cell(page, 'eddy/name')).toHaveText('Ed');
  await saved(page);
  // Going back and taking that back are changes too.
  await history.click();
  await expect(dialog.getByRole('listitem')).toHaveCount(4);
});
