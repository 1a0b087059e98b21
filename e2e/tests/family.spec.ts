import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { DEMO } from '../graft';
import { expect, test, type Page } from '../quick';
import {
  cell,
  typeInCell,
  baseUrl,
  boxAtRest,
  enter,
  importTrip,
  memberRow,
  openStation,
  saved,
  shareOut,
  station,
  storedTrip,
} from '../support';

async function group(page: Page, kind: 'tent' | 'cook', name: string): Promise<void> {
  await page.getByLabel(`New ${kind} group`).fill(name);
  await page.getByLabel(`New ${kind} group`).press('Enter');
}

test('a family with children of 9 and 5: from an empty trip to green, by the screens alone', async ({
  page,
}) => {
  test.slow();
  await enter(page);
  await page.goto(baseUrl());
  await page.getByRole('button', { name: 'New trip' }).click();
  await page.getByLabel('Name').fill('Two nights at the tarn');
  await page.getByLabel('First day').fill('2027-07-01');
  await page.getByLabel('Days', { exact: true }).fill('3');
  await page.getByRole('button', { name: 'Start the trip' }).click();

  // Who comes.
  await station(page, 'People').click();
  const people = [
    ['Ada', '88', ''],
    ['Jonne', '98', ''],
    ['Wren', '30', '9'],
    ['Pip', '18', '5'],
  ] as const;
  await page.getByRole('button', { name: 'Add a member', exact: true }).click();
  await page.getByRole('button', { name: 'All columns' }).click();
  for (const [i, [name, kg, years]] of people.entries()) {
    // Enter in a new row adds the next.
    await typeInCell(page, `member-${i + 1}/name`, name);
    await typeInCell(page, `member-${i + 1}/bodyMassKg`, kg);
    if (years !== '') await typeInCell(page, `member-${i + 1}/age`, years);
  }
  await page.getByRole('button', { name: 'Remove Member 5' }).click();
  await page.getByRole('tab', { name: 'Pack', exact: true }).click();
  for (const [member, litres, weight] of [
    ['member-1', '80 L', '2.4 kg'],
    ['member-2', '85 L', '2.6 kg'],
    ['member-3', '20 L', '0.6 kg'],
  ] as const) {
    await cell(page, `${member}/limit`).click();
    await page.getByLabel('Whole volume').fill(litres);
    await page.getByLabel('Whole volume').press('Enter');
    await page.getByRole('button', { name: 'Build', exact: true }).click();
    await page.getByLabel('Empty weight').fill(weight);
    await page.getByLabel('Empty weight').press('Enter');
    await expect(cell(page, `${member}/packId`)).toContainText(litres);
  }
  await page.getByRole('tab', { name: 'Tents and cook groups' }).click();
  await group(page, 'tent', 'Tent');
  await group(page, 'cook', 'Kitchen');
  for (const i of [1, 2, 3, 4])
    for (const [key, name] of [
      ['tentGroupId', 'Tent'],
      ['cookGroupId', 'Kitchen'],
    ] as const) {
      await cell(page, `member-${i}/${key}`).click();
      await cell(page, `member-${i}/${key}`).locator('select').selectOption({ label: name });
    }

  // What they bring, and eat.
  await station(page, 'Kit').click();
  await page.getByRole('button', { name: 'By template', exact: true }).click();
  await page.getByRole('button', { name: /^Take \d+ lines/ }).click();
  await expect(page.getByRole('grid', { name: 'Kit' })).toBeVisible();
  await saved(page);

  // Who carries what: the children's bags go to their parents, the smallest walks without a pack.
  await station(page, 'Shares').click();
  await shareOut(page);
  await expect(memberRow(page, 'member-4')).toContainText('▲');
  await page.getByRole('button', { name: 'What would make it fit?' }).click();
  const cures = page.getByRole('list', { name: 'What would help' }).getByRole('listitem');
  await expect(cures.first()).toContainText(/worst: Pip \d+ → \d+ %/, { timeout: 120_000 });
  await page
    .getByRole('button', { name: /^Do it: Pip walks without a pack/ })
    .first()
    .click();
  await expect(page.getByText('▲')).toHaveCount(0);
  await saved(page);

  const { trip } = await storedTrip(/trips\/([^/]+)/.exec(page.url())![1]!);
  const own = (memberId: string, words: RegExp) =>
    trip.personalThings.find((t) => t.memberId === memberId && words.test(t.name))!;
  for (const child of ['member-3', 'member-4']) {
    const carrier = trip.share.find((a) => a.pieceId === own(child, /^sleeping bag/i).id)?.memberId;
    expect(['member-1', 'member-2']).toContain(carrier);
  }
  // On every station the child without a pack is at home.
  await station(page, 'Packs').click();
  await expect(page.getByText('Without a pack: Pip')).toBeVisible();
  await station(page, 'Sheets').click();
  await expect(page.getByText('Pip').first()).toBeVisible();
});

test('a thing is put into a bag and taken out of it, by choice and by the mouse', async ({ page }) => {
  // Tall enough that both ends of the drag are in view.
  await page.setViewportSize({ width: 1280, height: 2400 });
  const file = join(DEMO, '../parties/couple-seven-days.graft.json');
  const id = await importTrip(readFileSync(file, 'utf8'));
  await openStation(page, id, 'packs');
  await page.getByRole('button', { name: 'Plan this pack' }).click();
  await expect(station(page, 'Packs')).toContainText('1 of 2 stowed', { timeout: 120_000 });
  const bag = page.getByLabel('Place of Sleeping bag, three seasons');
  await expect(bag.locator('option:checked')).toHaveText('in Dry bag for the sleeping bag, 20 L');
  await bag.selectOption({ label: 'Bottom' });
  await saved(page);
  const thing = async () =>
    (await storedTrip(id)).trip.personalThings.find(
      (t) => /sleeping-bag-three/.test(t.id) && t.memberId === 'ilse',
    );
  expect(await thing()).toMatchObject({ ridesLoose: true });
  await expect(bag.locator('option:checked')).not.toHaveText(/^in /);

  // Dropped on the bag's own row it rides in it again. Both rows are on the screen, so that none scrolls away.
  await page.setViewportSize({ width: 1280, height: 2600 });
  const list = page.getByRole('group', { name: 'Things by zone' });
  const row = list.locator('[data-thing="ilse-dry-bag-for-the-sleeping-bag-20-l"]');
  const handle = list
    .locator('[data-thing="ilse-sleeping-bag-three-seasons"]')
    .getByText('Sleeping bag, three seasons', { exact: true })
    .first();
  await handle.scrollIntoViewIfNeeded();
  await row.scrollIntoViewIfNeeded();
  // The list comes to rest only when the stow has been looked at anew.
  const to = await boxAtRest(row);
  const from = await boxAtRest(handle);
  await page.mouse.move(from.x + 30, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x + 40, from.y + from.height / 2 + 8, { steps: 3 });
  await page.mouse.move(to.x + 60, to.y + 4, { steps: 8 });
  await expect(page.getByRole('complementary').getByText(/^Sleeping bag, three seasons, \d/)).toBeVisible();
  const there = await boxAtRest(row);
  await page.mouse.move(there.x + 60, there.y + 12, { steps: 4 });
  await page.mouse.up();
  await expect(bag.locator('option:checked')).toHaveText('in Dry bag for the sleeping bag, 20 L');
  await saved(page);
  expect(await thing()).toMatchObject({ nestsIn: 'ilse-dry-bag-for-the-sleeping-bag-20-l' });
});
