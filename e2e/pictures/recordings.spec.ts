/** The tour in pictures, with the family's trip, and two short recordings as animated images. */
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, test, type Locator, type Page } from '@playwright/test';
import UPNG from 'upng-js';
import { DEMO } from '../graft';
import { SOFTWARE_3D } from '../quick';
import { atRest, importTrip, openStation, saved, shareOut, station } from '../support';

const FOLDER = fileURLToPath(new URL('../../docs/tour', import.meta.url));
const COLOURS = 64;
const MOST_BYTES = 3_000_000;

test.use({
  contextOptions: { reducedMotion: 'no-preference' },
  launchOptions: SOFTWARE_3D,
});

const family = (): Promise<string> =>
  importTrip(readFileSync(join(DEMO, '../parties/family-two-children.graft.json'), 'utf8'));

/** Pictures of one place of a page, one after another, as an animated image. */
class Recording {
  private readonly frames: ArrayBuffer[] = [];
  private readonly delays: number[] = [];
  private size = { width: 0, height: 0 };
  constructor(
    private readonly page: Page,
    private readonly box: { x: number; y: number; width: number; height: number },
  ) {}

  async take(delayMs: number): Promise<void> {
    const picture = UPNG.decode(new Uint8Array(await this.page.screenshot({ clip: this.box })).buffer);
    this.size = picture;
    this.frames.push(UPNG.toRGBA8(picture)[0]!);
    this.delays.push(delayMs);
  }

  write(name: string): number {
    const { width, height } = this.size;
    const bytes = Buffer.from(UPNG.encode(this.frames, width, height, COLOURS, this.delays));
    writeFileSync(join(FOLDER, name), bytes);
    return bytes.length;
  }
}
const boxOf = async (what: Locator) => {
  const { x, y, width, height } = (await what.boundingBox())!;
  return { x: Math.floor(x), y: Math.floor(y), width: Math.floor(width), height: Math.floor(height) };
};

test('the tour, and what moves', async ({ page }) => {
  mkdirSync(FOLDER, { recursive: true });
  const id = await family();
  const picture = async (name: string): Promise<void> => {
    await page.mouse.move(640, 4);
    await atRest(page);
    await page.screenshot({ path: join(FOLDER, `${name}.png`) });
  };
  await openStation(page, id, 'kit');
  await page.getByRole('button', { name: 'Paste a list' }).click();
  await page
    .getByRole('dialog')
    .getByRole('textbox')
    .fill(
      'Ada\nSleeping bag 1.1 kg\nInflatable mat\nRain jacket 320 g\n\nTent\nTent body 1.9 kg\nPoles\n8 pegs 15 g each',
    );
  await expect(
    page.getByRole('dialog').getByRole('table').or(page.getByRole('dialog').getByRole('grid')).first(),
  ).toBeVisible();
  await picture('list');
  await page.keyboard.press('Escape');

  await openStation(page, id, 'shares');
  await shareOut(page);
  await saved(page);
  await picture('share');
  const board = await boxOf(page.getByRole('group', { name: 'Load beams' }));
  const dragging = new Recording(page, { ...board, height: Math.min(board.height, 380) });
  const piece = await boxOf(page.locator('[data-member="ada"] .piece').first());
  const goal = await boxOf(page.locator('[data-member="jonne"]'));
  await page.mouse.move(piece.x + piece.width / 2, piece.y + 12);
  await dragging.take(900);
  await page.mouse.down();
  for (let i = 1; i <= 10; i += 1) {
    await page.mouse.move(
      piece.x + piece.width / 2 + 3 * i,
      piece.y + 12 + ((goal.y + 40 - piece.y) * i) / 10,
    );
    await page.waitForTimeout(60);
    await dragging.take(i === 10 ? 1400 : 110);
  }
  await page.mouse.up();
  await page.waitForTimeout(400);
  await dragging.take(1800);
  let bytes = dragging.write('drag.png');
  await page.getByRole('button', { name: 'Undo' }).click();

  await station(page, 'Packs').click();
  await page.getByRole('button', { name: 'Plan all packs', exact: true }).click();
  await expect(station(page, 'Packs')).toContainText(/of \d stowed/);
  await expect(page.getByRole('button', { name: 'Plan all packs', exact: true })).toBeVisible({
    timeout: 120_000,
  });
  await saved(page);
  await picture('stow');
  await page.getByRole('radiogroup', { name: 'How the pack is drawn' }).getByText('In the round').click();
  const round = page.getByRole('group', { name: /^The pack in the round/ });
  await expect(round.locator('canvas')).toBeVisible();
  const whole = await boxOf(round);
  const filling = new Recording(page, whole);
  const steps = page.getByLabel('Loading, step by step');
  const count = Number(await steps.getAttribute('max'));
  for (let step = 0; step <= count; step += 1) {
    await steps.fill(String(step));
    await page.waitForTimeout(140);
    if (step > 0) await filling.take(120);
    await page.waitForTimeout(900);
    await filling.take(step === count ? 2500 : 380);
  }
  bytes += filling.write('loading.png');
  expect(bytes).toBeLessThan(MOST_BYTES);

  await station(page, 'Sheets').click();
  await page.getByRole('button', { name: 'Make a link for everybody' }).click();
  const link = page.getByRole('dialog', { name: 'Links' }).getByRole('textbox', { name: 'Link for Ada' });
  const url = await link.inputValue();
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(url);
  await expect(page.getByRole('heading', { level: 1, name: 'Ada' })).toBeVisible();
  await page.getByRole('button', { name: 'Pack', exact: true }).click();
  await page.waitForTimeout(900);
  await page.screenshot({ path: join(FOLDER, 'sheet.png') });
});
