import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, test, type Browser, type Page } from '@playwright/test';
import { SOFTWARE_3D } from '../quick';
import {
  baseUrl,
  demoText,
  importTrip,
  memberRow,
  openStation,
  piece,
  saved,
  atRest,
  shareOut,
  station,
  enter,
} from '../support';

const FOLDER = fileURLToPath(new URL('../../docs/screenshots', import.meta.url));
const picture = async (page: Page, name: string): Promise<void> => {
  await page.mouse.move(640, 4);
  await atRest(page);
  await page.screenshot({ path: join(FOLDER, `${name}.png`) });
};

test.use({ launchOptions: SOFTWARE_3D });

test('every view', async ({ page, browser }) => {
  await page.goto(`${baseUrl()}/trips`);
  await expect(page.getByText('Shared out: the same part of each one’s own limit')).toBeVisible();
  await expect(page.getByText('Heavy things in their band')).toBeVisible();
  await picture(page, 'welcome');
  await enter(page);
  await page.goto(`${baseUrl()}/trips`);
  await expect(page.getByRole('list', { name: 'Trips', exact: true })).toBeVisible();
  await picture(page, 'trips');
  await page.getByRole('button', { name: 'New trip' }).click();
  await page.getByLabel('Name').fill('Over the Hollin moor');
  await page.getByLabel('First day').fill('2027-06-10');
  await page.getByLabel('Days', { exact: true }).fill('4');
  await page.getByRole('button', { name: 'Start the trip' }).click();
  await expect(page.getByRole('heading', { name: 'How would you like to begin?' })).toBeVisible();
  await picture(page, 'start');

  const id = await importTrip(demoText('corvane-census'));
  await openStation(page, id, 'shares');
  await shareOut(page);
  await page.getByLabel('Find a piece').selectOption('scope');
  await expect(page.getByText('Worth weighing first')).toBeVisible();
  await picture(page, 'shares');

  const start = (await piece(page, 'scope').boundingBox())!;
  const goal = (await memberRow(page, 'pia').boundingBox())!;
  await page.mouse.move(start.x + start.width / 2, start.y + 10);
  await page.mouse.down();
  await page.mouse.move(start.x, start.y + 30, { steps: 3 });
  await page.mouse.move(goal.x + 690, goal.y + goal.height / 2, { steps: 6 });
  await expect(page.getByText('Largest, if dropped here')).toBeVisible();
  await page.screenshot({ path: join(FOLDER, 'shares-while-dragging.png') });
  await page.keyboard.press('Escape');
  await page.mouse.up();
  await station(page, 'Trip').click();
  await expect(page.getByRole('grid', { name: 'Legs' })).toBeVisible();
  await page.getByRole('tab', { name: 'Weather' }).click();
  await picture(page, 'brief');
  await station(page, 'People').click();
  await expect(page.getByRole('grid', { name: 'Members' })).toBeVisible();
  await page.locator('[data-cell="bryn/limit"]').click();
  await picture(page, 'people');
  await station(page, 'Kit').click();
  await expect(page.getByRole('grid', { name: 'Kit' })).toBeVisible();
  await expect(page.getByText('Looking through the lists')).toHaveCount(0);
  await picture(page, 'kit');
  await station(page, 'Food').click();
  await expect(page.getByRole('table', { name: 'Meals of Cook group North' })).toBeVisible();
  await picture(page, 'larder');
  await page.goto(`${baseUrl()}/library`);
  await expect(page.getByText(/entries, yours alone/)).toBeVisible();
  await picture(page, 'library');
  await openStation(page, id, 'packs');
  await station(page, 'Packs').click();
  await page.getByRole('button', { name: 'Plan all packs', exact: true }).click();
  await expect(station(page, 'Packs')).toContainText('8 of 8 stowed', { timeout: 120_000 });
  await saved(page);
  await page.getByRole('navigation', { name: 'Packs' }).getByText('Oskar').click();
  await picture(page, 'packs');
  await page.getByRole('radiogroup', { name: 'How the pack is drawn' }).getByText('In the round').click();
  await expect(page.getByRole('group', { name: /^The pack in the round/ }).locator('canvas')).toBeVisible();
  await page.waitForTimeout(2000);
  await picture(page, 'packs-round');
  await page.getByRole('radiogroup', { name: 'How the pack is drawn' }).getByText('Two cuts').click();

  await station(page, 'Sheets').click();
  await page.getByRole('button', { name: 'Make a link for everybody' }).click();
  const links = page.getByRole('dialog', { name: 'Links' });
  await expect(links.getByRole('textbox')).toHaveCount(8);
  const link = (name: string): Promise<string> =>
    links.getByRole('textbox', { name: `Link for ${name}` }).inputValue();
  const [oskar, pia] = [await link('Oskar'), await link('Pia')];
  await page.keyboard.press('Escape');
  const phone = await (
    await browser.newContext({ viewport: { width: 390, height: 844 }, locale: 'en-GB' })
  ).newPage();
  const tick = async (url: string, count: number): Promise<void> => {
    await phone.goto('about:blank');
    await phone.goto(url);
    await expect(phone.locator('.sheet-bar')).toBeVisible();
    for (const part of ['#collect', '#pack']) {
      const boxes = phone.locator(`${part} input[type=checkbox]`);
      for (let i = 0; i < Math.min(count, await boxes.count()); i += 1) await boxes.nth(i).check();
    }
  };
  await tick(pia, 4);
  await phone.getByRole('radio', { name: 'Something is wrong' }).check();
  await phone.getByRole('textbox', { name: 'In your words' }).fill('Left hip belt buckle is cracked');
  await phone.locator('form').getByRole('button', { name: 'Tell' }).click();
  await expect(phone.locator('.sheet-bar')).toContainText('Leader is up to date');
  await tick(oskar, 9);
  await expect(phone.locator('.sheet-bar')).toContainText('Leader is up to date');
  await phone.getByRole('button', { name: 'Pack', exact: true }).click();
  // The page glides to the section.
  await phone.waitForFunction(
    () =>
      new Promise((done) => {
        const y = scrollY;
        setTimeout(() => done(y > 0 && scrollY === y), 100);
      }),
  );
  await phone.screenshot({ path: join(FOLDER, 'sheet-phone.png') });
  await phone.context().close();
  await expect(page.getByRole('list', { name: 'Told by members' })).toContainText('buckle');
  await picture(page, 'sheets');

  await station(page, 'Trail').click();
  const views = page.getByRole('radiogroup', { name: 'Trail', exact: true });
  await views.getByText('Weigh-in').click();
  for (const [name, off] of [
    ['Ilse', 0.2],
    ['Tam', -0.1],
    ['Oskar', 1.6],
    ['Noor', 0.1],
    ['Bryn', -0.9],
  ] as const) {
    const planned = await page
      .getByRole('row', { name: new RegExp(`^${name}`) })
      .getByRole('gridcell')
      .nth(3)
      .innerText();
    await page.getByLabel(`Pack of ${name} on the scale`).fill(String(Number(planned) + off));
    await page.keyboard.press('Enter');
  }
  await page.getByRole('button', { name: 'Oskar', exact: true }).click();
  await saved(page);
  await picture(page, 'weigh-in');
  await views.getByText('Days').click();
  await page.getByRole('radio', { name: 'Day 3' }).click();
  await page.getByRole('button', { name: 'Hurt', exact: true }).click();
  await page.getByRole('group', { name: 'Hurt' }).getByRole('button', { name: 'Wren' }).click();
  await expect(page.getByRole('region', { name: 'Proposed handovers' })).toContainText('no fewer will do', {
    timeout: 90_000,
  });
  await picture(page, 'trail');

  await saved(page);
  await onThePhone(browser, page);

  await station(page, 'Debrief').click();
  await page
    .getByRole('radiogroup', { name: 'Debrief', exact: true })
    .getByText('From earlier trips')
    .click();
  await expect(page.getByText(/suggestions from 3 debriefed trips/)).toBeVisible();
  await picture(page, 'debrief');
});

/** The same trip on the leader's phone, on its third day. */
async function onThePhone(browser: Browser, page: Page): Promise<void> {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    locale: 'en-GB',
    hasTouch: true,
    isMobile: true,
    storageState: await page.context().storageState(),
  });
  const phone = await context.newPage();
  const trip = new URL(page.url()).pathname.split('/').slice(0, 3).join('/');
  const at = (path: string): Promise<unknown> => phone.goto(new URL(`${trip}/${path}`, page.url()).href);
  await at('trail?view=today&day=3');
  await expect(phone.getByRole('region', { name: 'Who carries how much this morning' })).toBeVisible();
  await phone.waitForTimeout(1500);
  await phone.screenshot({ path: join(FOLDER, 'today-phone.png') });
  await at('trail?view=happened&day=4');
  await phone.getByRole('button', { name: 'Tam', exact: true }).tap();
  await phone.getByRole('button', { name: 'is tired', exact: true }).tap();
  await phone.getByRole('button', { name: 'Who takes what?' }).tap();
  await expect(phone.getByRole('region', { name: 'Proposed handovers' })).toContainText('no fewer will do', {
    timeout: 90_000,
  });
  await phone.waitForTimeout(500);
  await phone.screenshot({ path: join(FOLDER, 'happened-phone.png') });
  await context.close();
}
