import { gzipSync } from 'node:zlib';
import { expect, SOFTWARE_3D, test, type Page } from '../quick';
import { demoText, importTrip, openStation } from '../support';

test.use({ launchOptions: SOFTWARE_3D });

const inTheRound = (page: Page) => page.getByRole('group', { name: /^The pack in the round/ });
const openRound = async (page: Page): Promise<void> => {
  await openStation(page, await importTrip(demoText('hut-roof')), 'packs');
  await page.getByRole('radiogroup', { name: 'How the pack is drawn' }).getByText('In the round').click();
  await expect(inTheRound(page).locator('canvas')).toBeVisible();
};

/** The picture once two in a row are the same. */
async function still(page: Page): Promise<Buffer> {
  let before: Buffer = Buffer.alloc(0);
  let now = await inTheRound(page).locator('canvas').screenshot();
  for (let i = 0; i < 40 && !now.equals(before); i += 1) {
    before = now;
    await page.waitForTimeout(150);
    now = await inTheRound(page).locator('canvas').screenshot();
  }
  return now;
}

/** How many colours a picture has: one that was never drawn has one. */
async function colours(page: Page, picture: Buffer): Promise<number> {
  return page.evaluate(async (data) => {
    const bytes = Uint8Array.from(atob(data), (sign) => sign.charCodeAt(0));
    const image = await createImageBitmap(new Blob([bytes], { type: 'image/png' }));
    const context = new OffscreenCanvas(image.width, image.height).getContext('2d')!;
    context.drawImage(image, 0, 0);
    const { data: rgba } = context.getImageData(0, 0, image.width, image.height);
    const found = new Set<number>();
    for (let i = 0; i < rgba.length; i += 4) found.add((rgba[i]! << 16) | (rgba[i + 1]! << 8) | rgba[i + 2]!);
    return found.size;
  }, picture.toString('base64'));
}

test('turned by keys and by hand, pulled apart, loaded: each is another picture; Home brings the first back', async ({
  page,
}) => {
  await openRound(page);
  const first = await still(page);
  expect(await colours(page, first)).toBeGreaterThan(50);
  await inTheRound(page).focus();
  await page.keyboard.press('ArrowLeft');
  const turned = await still(page);
  expect(turned.equals(first)).toBe(false);
  await page.keyboard.press('Home');
  expect((await still(page)).equals(first)).toBe(true);
  const box = (await inTheRound(page).boundingBox())!;
  await page.mouse.move(box.x + 20, box.y + 20);
  await page.mouse.down();
  await page.mouse.move(box.x + 140, box.y + 60, { steps: 4 });
  await page.mouse.up();
  expect((await still(page)).equals(first)).toBe(false);
  await inTheRound(page).focus();
  await page.keyboard.press('Home');
  await page.getByLabel('Pull apart').fill('80');
  const apart = await still(page);
  expect(apart.equals(first)).toBe(false);
  await page.getByLabel('Loading, step by step').fill('4');
  expect((await still(page)).equals(apart)).toBe(false);
});

test('what draws it is fetched when it is asked for, and is no more than 250 kB packed', async ({ page }) => {
  const sizes: number[] = [];
  page.on('response', (answer) => {
    if (/RoundView-.*\.js/.test(answer.url()))
      void answer.body().then((bytes) => sizes.push(gzipSync(bytes).length));
  });
  await openStation(page, await importTrip(demoText('hut-roof')), 'packs');
  await expect(page.getByRole('img', { name: /^Side cut of the pack/ })).toBeVisible();
  expect(sizes).toEqual([]);
  await page.getByText('In the round', { exact: true }).click();
  await expect(inTheRound(page).locator('canvas')).toBeVisible();
  await expect.poll(() => sizes.length).toBe(1);
  expect(sizes[0]).toBeLessThan(250_000);
  page.removeAllListeners('response');
});

test('a thing that moves moves in the picture', async ({ page }) => {
  await openRound(page);
  const before = await still(page);
  const place = page.getByLabel(/^Place of Sleeping bag|^Sleeping bag/).first();
  await place.selectOption({ index: 1 });
  await page.mouse.move(4, 4);
  expect((await still(page)).equals(before)).toBe(false);
});

test('things are named to who listens, and to who goes through them by keys', async ({ page }) => {
  await openRound(page);
  const names = inTheRound(page).getByRole('list', { name: 'Things in the pack' }).getByRole('button');
  expect(await names.count()).toBeGreaterThan(12);
  await expect(names.first()).toHaveAccessibleName(/, \d.*k?g, /);
  await names.first().focus();
  const shown = inTheRound(page).getByText(await names.first().innerText());
  await expect(shown.first()).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(names.first()).toHaveAttribute('aria-pressed', 'true');
});

test('without three dimensions the two cuts are there, and nothing speaks of more', async ({ browser }) => {
  const page = await browser.newPage();
  await page.addInitScript(() => {
    Reflect.deleteProperty(window, 'WebGL2RenderingContext');
  });
  await openStation(page, await importTrip(demoText('hut-roof')), 'packs');
  await expect(page.getByRole('img', { name: /^Side cut of the pack/ })).toBeVisible();
  await expect(page.getByText('In the round')).toHaveCount(0);
  await page.close();
});
