import { expect, test, type Browser, type Page } from '@playwright/test';
import { baseUrl, demoText } from '../support';

const PASSWORD = 'rain on the flysheet';

async function signUp(page: Page, name: string): Promise<void> {
  await page.goto(baseUrl());
  await page.getByRole('button', { name: 'I am new here: make an account' }).click();
  await page.getByLabel('Your name').fill(name);
  await page.getByLabel('E-mail').fill(`${name.toLowerCase()}@example.org`);
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Create the account' }).click();
  await expect(page.getByRole('button', { name: 'New trip' })).toBeVisible();
}
/** A station of the trip that a page shows, wherever in it the page is. */
const stationUrl = (page: Page, station: string): string =>
  `${/^.*\/trips\/[^/]+/.exec(page.url())![0]}/${station}`;
const otherBrowser = async (browser: Browser): Promise<Page> =>
  (await browser.newContext({ locale: 'en-GB' })).newPage();

test('the demo opens with one click; signing out closes the door, and the address is kept', async ({
  page,
}) => {
  await page.goto(`${baseUrl()}/account`);
  await page.getByRole('button', { name: 'Try it, no account' }).click();
  await expect(page.getByRole('heading', { name: 'Demo leader' })).toBeVisible();
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await page.goto(`${baseUrl()}/trips`);
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
});

test('a wrong password is told; a session ended elsewhere asks to sign in again', async ({
  page,
  browser,
}) => {
  await signUp(page, 'Runa');
  const other = await otherBrowser(browser);
  await other.goto(baseUrl());
  await other.getByLabel('E-mail').fill('runa@example.org');
  await other.getByLabel('Password').fill('not the password');
  await other.getByRole('button', { name: 'Sign in' }).click();
  await expect(other.getByRole('alert').first()).toContainText('Address and password do not belong together');
  await other.getByLabel('Password').fill(PASSWORD);
  await other.getByRole('button', { name: 'Sign in' }).click();
  await expect(other.getByRole('button', { name: 'New trip' })).toBeVisible();
  await page.goto(`${baseUrl()}/account`);
  await page.getByRole('button', { name: 'Sign out everywhere' }).click();
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await other.goto(`${baseUrl()}/trips`);
  await expect(other.getByRole('heading', { name: 'Sign in' })).toBeVisible();
});

test('a session that ends while a trip is edited loses nothing', async ({ page }) => {
  await signUp(page, 'Tova');
  await page.getByLabel('Trip file').setInputFiles({
    name: 'hut.graft.json',
    mimeType: 'application/json',
    buffer: Buffer.from(demoText('hut-roof')),
  });
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeVisible();
  // What it reads once its stream is open would tell the page before anybody typed.
  const isOpen = page.waitForResponse((r) => r.url().endsWith('/sheets/events'));
  const hasRead = isOpen.then(() => page.waitForResponse((r) => r.url().endsWith('/sheets')));
  await page.goto(stationUrl(page, 'people'));
  const name = page.locator('[data-cell="joss/name"]');
  await expect(name).toBeVisible();
  await hasRead;
  // Ended elsewhere: this page does not know yet.
  const ended = await page.request.post(`${baseUrl()}/api/account/sign-out-everywhere`, {
    headers: { 'X-Graft-Request': '1' },
  });
  expect(ended.status()).toBe(200);
  await name.click();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Josua');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Your session has ended');
  await page.getByLabel('E-mail').fill('tova@example.org');
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(name).toHaveText('Josua');
  await expect(page.getByRole('banner').getByRole('status')).toHaveText('Saved');
  await page.reload();
  await expect(name).toHaveText('Josua');
});

test('a co-leader by link: looks only, then may change, then is taken out', async ({ page, browser }) => {
  await signUp(page, 'Olga');
  await page.getByLabel('Trip file').setInputFiles({
    name: 'hut.graft.json',
    mimeType: 'application/json',
    buffer: Buffer.from(demoText('hut-roof')),
  });
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeVisible();
  const tripUrl = stationUrl(page, 'people');
  await page.getByRole('button', { name: 'Who leads this trip' }).click();
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = await page.getByLabel('Invitation link').inputValue();
  expect(link).toMatch(/\/invitations\/[\w-]{43}$/);

  const friend = await otherBrowser(browser);
  await signUp(friend, 'Frida');
  await friend.goto(tripUrl);
  await expect(friend.getByText('This trip does not exist')).toBeVisible();
  await friend.goto(link);
  await expect(friend.getByText('Olga invites you to lead with them')).toBeVisible();
  await friend.getByRole('button', { name: 'Join the trip’s leaders' }).click();
  await expect(friend.getByText('You may look at this trip, not change it.')).toBeVisible();

  // Nothing she tries is done, and she is told.
  await friend.goto(tripUrl);
  await expect(friend.getByRole('button', { name: 'Remove Joss' })).toHaveCount(0);
  await friend.getByRole('button', { name: 'Add a member' }).click();
  await expect(friend.getByText('What you just tried was not done')).toBeVisible();
  await friend.locator('[data-cell="joss/name"]').click();
  await expect(friend.locator('[data-cell="joss/name"] input')).toHaveCount(0);
  // What would change the lists is out of reach; what only looks is not.
  await friend.goto(tripUrl.replace(/people$/, 'kit'));
  await expect(friend.getByRole('group', { name: 'Findings' }).getByRole('listitem').first()).toBeVisible();
  await expect(friend.getByRole('button', { name: /^Remove / }).and(friend.locator(':enabled'))).toHaveCount(
    0,
  );
  await expect(friend.getByRole('button', { name: 'Add a kit' })).toBeDisabled();
  await expect(friend.getByRole('button', { name: 'Dismiss' })).toHaveCount(0);
  await friend.getByRole('button', { name: 'CSV', exact: true }).click();
  await expect(friend.getByRole('button', { name: 'Save all things as CSV' })).toBeEnabled();
  // A stow is looked at from every side, and changed nowhere.
  await friend.goto(tripUrl.replace(/people$/, 'packs'));
  await expect(friend.getByRole('group', { name: 'Centre of gravity', includeHidden: true })).toContainText(
    'cm',
  );
  await expect(friend.getByRole('button', { name: 'Plan all packs' })).toBeDisabled();
  await expect(friend.getByRole('button', { name: 'Plan this pack' })).toBeDisabled();
  await expect(
    friend.getByRole('combobox', { name: /^Place of/ }).and(friend.locator(':enabled')),
  ).toHaveCount(0);
  await expect(friend.getByRole('button', { name: /^Pin / }).and(friend.locator(':enabled'))).toHaveCount(0);
  await friend.getByRole('slider', { name: 'Back view, where it cuts' }).fill('12');
  await friend.goto(link);
  await expect(friend.getByRole('alert')).toContainText('This invitation is void');

  await page.reload();
  await page.getByRole('button', { name: 'Who leads this trip' }).click();
  await page.getByLabel('What Frida may do').selectOption({ label: 'may change everything' });
  await friend.goto(tripUrl);
  await friend.getByRole('button', { name: 'Remove Joss' }).click();
  await friend.getByRole('button', { name: 'Remove from the trip' }).click();
  await expect(friend.getByRole('banner').getByRole('status')).toHaveText('Saved');
  await expect(friend.locator('[data-cell="joss/name"]')).toHaveCount(0);

  await page.getByRole('button', { name: 'Take out' }).click();
  await expect(page.getByText('frida@example.org')).toBeHidden();
  await friend.goto(tripUrl);
  await expect(friend.getByText('This trip does not exist')).toBeVisible();
});

test('all my data in one file, and the account deleted with its trips', async ({ page }) => {
  await signUp(page, 'Inga');
  await page.getByRole('button', { name: 'New trip' }).click();
  await page.getByLabel('Name').fill('Mine alone');
  await page.getByRole('button', { name: 'Start the trip' }).click();
  await expect(page.getByRole('heading', { name: 'Mine alone' })).toBeVisible();
  await page.getByRole('link', { name: 'Account of Inga' }).click();
  const waiting = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Export all my data' }).click();
  expect((await waiting).suggestedFilename()).toBe('graft-account.json');
  await page.getByLabel('Type inga@example.org to confirm').fill('inga@example.org');
  await page.locator('form').last().getByLabel('Password').fill('not the password');
  await page.getByRole('button', { name: 'Delete my account' }).click();
  await expect(page.getByRole('alert')).toContainText('do not belong together');
  await page.locator('form').last().getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Delete my account' }).click();
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await page.getByLabel('E-mail').fill('inga@example.org');
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert').first()).toContainText('do not belong together');
});
