import { readFileSync } from 'node:fs';
import { expect, test } from '../quick';
import { packVolumeL } from '@graft/core/trip';
import { cell, typeInCell, demoText, importTrip, openStation, saved, storedTrip } from '../support';

test('conditions, health notes and the record of a limit; hidden together with the body weights', async ({
  page,
}) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'people');
  await cell(page, 'joss/limit').click();
  await page.getByRole('tab', { name: 'Conditions and health' }).click();
  await page.getByRole('button', { name: 'Add a condition' }).click();
  await typeInCell(page, '0/label', 'sprained wrist');
  await typeInCell(page, '0/factor', '75 %');
  await typeInCell(page, '0/toDay', '9');
  await expect(page.getByRole('alert')).toContainText('Type a day of the trip, 1 to 3');
  await page.keyboard.press('Escape');
  await page.getByLabel('Health notes, for the trip’s leaders only').fill('Allergic to wasps');
  await page.getByLabel('Health notes, for the trip’s leaders only').blur();
  await page.getByRole('button', { name: 'All columns' }).click();
  await typeInCell(page, 'joss/ownCapKg', '15');
  await saved(page);
  const joss = (await storedTrip(id)).trip.members[0]!;
  expect(joss.conditions).toEqual([{ label: 'sprained wrist', fromDay: 1, toDay: 3, factor: 0.75 }]);
  expect(joss.healthNotes).toBe('Allergic to wasps');
  expect(joss.limitHistory).toMatchObject([{ who: 'Demo leader', toKg: 15, why: 'own cap' }]);

  await page.getByRole('button', { name: 'Hide body weights' }).click();
  await expect(page.getByText('conditions and health notes are hidden with the body weights')).toBeVisible();
  await page.getByRole('tab', { name: 'Carry limit' }).click();
  await expect(page.locator('body')).not.toContainText(/wasps|sprained|88\.0/);
});

test('a pack of one’s own from volume and parts, in any unit; its zones mended in the table', async ({
  page,
}) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'people');
  await cell(page, 'joss/limit').click();
  await page.getByRole('tab', { name: 'Pack', exact: true }).click();
  await page.getByLabel('Whole volume').fill('huge');
  await page.getByRole('button', { name: 'Build' }).click();
  await expect(page.getByText('Type a volume such as')).toBeVisible();
  await page.getByLabel('Whole volume').fill('3400 cu in');
  await page.getByText('lid', { exact: true }).click();
  await page.getByRole('button', { name: 'Build' }).click();
  await saved(page);
  const { trip } = await storedTrip(id);
  const pack = trip.packs.find((p) => p.id === trip.members[0]!.packId)!;
  expect(packVolumeL(pack)).toBeCloseTo(55.7, 0);
  expect(pack.zones.some((z) => z.kind === 'lid')).toBe(false);
  await typeInCell(page, 'front/volumeL', '90');
  await expect(page.getByRole('alert')).toContainText('the box of its dimensions');
});

test('tents and pots against people; one place spare is a choice; roles by day', async ({ page }) => {
  const id = await importTrip(demoText('corvane-census'));
  await openStation(page, id, 'people');
  await page.getByRole('tab', { name: 'Tents and cook groups' }).click();
  const tents = page.getByRole('grid', { name: 'Tents' });
  await expect(tents).toContainText('2 in a tent for 3: 1 place over');
  await page.getByLabel('How many in a tent?').selectOption({ label: 'one place spare' });
  await expect(tents).toContainText('2 in a tent for 2, one place to stay spare: 1 place missing');
  await typeInCell(page, 'cook-ridge/size', '1 L');
  await expect(page.getByRole('grid', { name: 'Cook groups' })).toContainText(
    '0.5 L missing, or cook in 2 turns',
  );
  await page.getByRole('tab', { name: 'Roles' }).click();
  await page.getByLabel('Medic, day 3').selectOption({ label: 'Pia' });
  await page.getByLabel('Cook, Cook group North, day 1').selectOption({ label: 'Ilse' });
  await saved(page);
  const { trip } = await storedTrip(id);
  expect(trip.houseRules.tentSpace).toBe('oneSpare');
  expect(trip.groups.find((g) => g.id === 'cook-ridge')!.potL).toBe(1);
  const rolesOf = (day: number, memberId: string) =>
    trip.roles.filter((r) => r.day === day && r.memberId === memberId).map((r) => r.role);
  expect(rolesOf(3, 'pia')).toContain('medic');
  expect(rolesOf(1, 'ilse')).toContain('cook');
  expect(rolesOf(1, 'tam')).not.toContain('cook');
});

test('training and the trip’s dates are saved as a calendar', async ({ page }) => {
  const id = await importTrip(demoText('corvane-census'));
  await openStation(page, id, 'people');
  await cell(page, 'bryn/limit').click();
  await page.getByRole('tab', { name: 'Training' }).click();
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as iCalendar' }).click();
  const file = await waiting;
  expect(file.suggestedFilename()).toBe('corvane-census-bryn.ics');
  const text = readFileSync(await file.path(), 'utf8');
  expect(text).toMatch(/^BEGIN:VCALENDAR/);
  expect(text).toContain('Plover census on the Corvane Plateau');
  expect(text).not.toContain('73.6');
});

test('buddies are each other’s, and by keyboard the next member is chosen', async ({ page }) => {
  const id = await importTrip(demoText('corvane-census'));
  await openStation(page, id, 'people');
  await page.getByRole('button', { name: 'All columns' }).click();
  await cell(page, 'ilse/buddyId').click();
  await cell(page, 'ilse/buddyId').locator('select').selectOption({ label: 'Tam' });
  await expect(cell(page, 'tam/buddyId')).toHaveText('Ilse');
  await expect(cell(page, 'pia/buddyId')).toHaveText('—');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByTestId('chosen-member')).toHaveText('Tam');
});
