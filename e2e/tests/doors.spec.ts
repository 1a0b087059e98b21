import { expect, test, type Page } from '../quick';
import { baseUrl, enter, saved, storedTrip } from '../support';

/** What a leader does with hand and keys, counted: a click, a text that is typed or pasted, a key that ends it. */
class Leader {
  actions = 0;
  constructor(readonly page: Page) {}
  async click(name: string | RegExp, role: 'button' | 'link' = 'button'): Promise<void> {
    this.actions += 1;
    await this.page
      .getByRole(role, { name, exact: typeof name === 'string' })
      .first()
      .click();
  }
  async type(text: string, end = 'Enter'): Promise<void> {
    this.actions += 1;
    await this.page.keyboard.type(text);
    await this.page.keyboard.press(end);
  }
  async fill(label: string, text: string): Promise<void> {
    this.actions += 1;
    await this.page.getByLabel(label, { exact: true }).fill(text);
  }
}

async function newTrip(page: Page, name: string, days: string): Promise<Leader> {
  await enter(page);
  await page.goto(`${baseUrl()}/trips`);
  const leader = new Leader(page);
  await leader.click('New trip');
  await leader.fill('Name', name);
  await leader.fill('Days', days);
  await leader.click('Start the trip');
  await expect(page.getByRole('heading', { name: 'How would you like to begin?' })).toBeVisible();
  return leader;
}
const idOf = (page: Page): string => page.url().split('/')[4]!;

/** Of a share that can be trusted nothing is missing, and nobody carries more than a few percent above another. */
async function expectFair(page: Page): Promise<void> {
  await expect(page.getByRole('navigation', { name: 'Still missing' })).toHaveCount(0);
  await expect(page.getByTestId('gap')).toHaveText(/^(nothing|0\.\d % at most)$/, { timeout: 30_000 });
  await expect(page.getByRole('region', { name: 'Before you trust this' })).toContainText('guesses');
}

test('the empty door: five people, own things as one figure, kit pasted, to a fair share, stows and links', async ({
  page,
}) => {
  const leader = await newTrip(page, 'Five on the moor', '4');
  await leader.click('Add people');
  await expect(page.getByRole('textbox', { name: 'Member 1, Name' })).toBeFocused();
  for (const [i, person] of ['Ilse 62', 'Tam 80', 'Noor 55', 'Wren 48', 'Oskar 95'].entries()) {
    await leader.type(person);
    await expect(page.getByRole('textbox', { name: `Member ${i + 2}, Name` })).toBeFocused();
  }
  await leader.type('');
  await leader.click(/^Count own things of 5 members/);
  await leader.click('group kit', 'link');
  await leader.click('Paste a list');
  leader.actions += 1;
  await page
    .getByRole('textbox', { name: 'List' })
    .fill(
      '3p tent 3.1 kg\n2p tent 2.3 kg\nstove 350 g\n2 x gas canister 230\npot 2.5 l\nfirst aid kit 600 g\nwater filter\nmap',
    );
  await leader.click(/^Add \d+ things for/);
  await leader.click(/^People/, 'link');
  await leader.click('Put all into tents and kitchens');
  await leader.click('food', 'link');
  await leader.click('Suggest meals');
  await leader.click(/^Shares/, 'link');
  await leader.click('Share out');
  await expectFair(page);
  expect(leader.actions).toBeLessThanOrEqual(40);

  await leader.click(/^Packs/, 'link');
  await leader.click('Plan all packs');
  await expect(page.getByRole('link', { name: /Packs 5 of 5 stowed/ })).toBeVisible({ timeout: 150_000 });
  await leader.click(/^Sheets/, 'link');
  await leader.click('Make a link for everybody');
  await expect(page.getByRole('dialog')).toContainText('Oskar');
  expect(leader.actions).toBeLessThanOrEqual(50);
});

test('the template door: named, weighed, shared; the list door opens the list', async ({ page }) => {
  const leader = await newTrip(page, 'From a template', '3');
  await leader.fill('People', '3');
  await leader.click(/^Start with/);
  await expect(page.getByRole('grid', { name: 'Members' })).toBeVisible();
  await saved(page);
  const first = (await storedTrip(idOf(page))).trip;
  expect(first.members).toHaveLength(3);
  expect(first.meals.length).toBeGreaterThan(0);
  await expect(page.getByRole('navigation', { name: 'Still missing' })).toHaveText(/3 body weights$/);
  await page.locator(`[data-cell="${first.members[0]!.id}/name"]`).focus();
  await page.evaluate(() => {
    const data = new DataTransfer();
    data.setData('text/plain', 'Member 1\t61\nMember 2\t74\nMember 3\t88');
    document.activeElement!.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  });
  await leader.click(/^Shares/, 'link');
  await leader.click('Share out');
  await expectFair(page);

  await newTrip(page, 'From a list', '2');
  await page.getByRole('button', { name: 'Paste a list' }).click();
  await page
    .getByRole('textbox', { name: 'List' })
    .fill('Ilse:\nsleeping bag 1.1 kg\nGROUP\nrope 30 m 1.9 kg');
  await expect(page.getByText('Ilse').first()).toBeVisible();
});
