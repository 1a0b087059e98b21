import { assessStow, planningDay } from '@graft/core/stow';
import { expect, test, type Page } from '../quick';
import {
  boxAtRest,
  demoText,
  importTrip,
  openStation,
  saved,
  shareOut,
  station,
  storedTrip,
} from '../support';

/** They are folded away at first. */
const figures = (page: Page) => page.getByRole('group', { name: 'Centre of gravity', includeHidden: true });
const tab = async (page: Page, name: string): Promise<void> => {
  const choose = (group: string, called: string) =>
    page
      .getByRole('radiogroup', { name: group })
      .getByText(new RegExp(`^${called}`))
      .click();
  const isMore = ['Reach', 'Ride', 'Compare', 'Practice'].includes(name);
  await choose('What is shown of the stow', isMore ? 'More' : name);
  if (isMore) await choose('More of the stow', name);
};
const packs = (page: Page) => page.getByRole('navigation', { name: 'Packs' });

test('a pinned thing stays where it was put; planning one pack leaves the others alone', async ({ page }) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'packs');
  const before = (await storedTrip(id)).trip;
  await page.getByRole('combobox', { name: 'Place of Head torch' }).selectOption('front/centre');
  await page.getByRole('button', { name: 'Plan this pack' }).click();
  await expect(page.getByRole('button', { name: 'Plan this pack' })).toBeEnabled();
  await saved(page);
  const after = (await storedTrip(id)).trip;
  const stow = (trip: typeof after, member: string) => trip.stows.find((s) => s.memberId === member)!;
  expect(stow(after, 'joss').placements.find((p) => p.thingId === 'joss-head-torch')).toMatchObject({
    zoneId: 'front',
    pinned: true,
  });
  expect(stow(after, 'eddy')).toEqual(stow(before, 'eddy'));
  await page.getByRole('button', { name: 'Pin Head torch here' }).click();
  await expect(page.getByRole('button', { name: 'Pin Head torch here' })).toHaveAttribute(
    'aria-pressed',
    'false',
  );
});

test('another day weighs other things, and moves the centre of gravity', async ({ page }) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'packs');
  await packs(page).getByText('Eddy').click();
  const first = await figures(page).textContent();
  await page
    .getByRole('radiogroup', { name: 'Day of the weights' })
    .getByRole('radio', { name: /^3/ })
    .click();
  expect(await figures(page).textContent()).not.toBe(first);
  await expect(figures(page)).toContainText('on day 3, pack included');
  await expect(page.getByRole('group', { name: 'Things by zone' })).toContainText('used up');
});

test('what is dangerous is said with its reason, and undone in one step', async ({ page }) => {
  const id = await importTrip(demoText('corvane-census'));
  await openStation(page, id, 'packs');
  await expect(page.getByText('Nothing is stowed yet')).toBeVisible();
  await expect(page.getByRole('group', { name: 'Without a place' })).toContainText('Sleeping bag');
  await page.getByRole('button', { name: 'Plan this pack' }).click();
  await expect(figures(page)).toContainText('above the belt', { timeout: 180_000 });
  await expect(packs(page).getByRole('button').nth(1)).toContainText('stowed');
  await page.getByRole('combobox', { name: 'Place of Bottle, 1 L' }).selectOption('lid/centre');
  await tab(page, 'To mend');
  const findings = page.getByRole('list', { name: 'Findings' });
  await expect(findings).toContainText('Bottle, 1 L in Lid: what can leak does not ride above the rest');
  await expect(packs(page)).toContainText('to mend');
  await page.getByRole('button', { name: /^Undo put Bottle/ }).click();
  await expect(page.getByRole('main').getByText('Bottle, 1 L in Lid')).toBeHidden();
});

test('each drawing is cut anywhere; each says what it shows', async ({ page }) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'packs');
  const side = page.getByRole('img', { name: /^Side cut of the pack; centre of gravity \d+\.\d cm out/ });
  const back = page.getByRole('img', { name: /^Back view of the pack/ });
  await expect(side).toBeVisible();
  const near = await back.innerHTML();
  await page.getByRole('slider', { name: 'Back view, where it cuts' }).fill('18');
  expect(await back.innerHTML()).not.toBe(near);
  await expect(page.getByRole('slider', { name: 'Back view, where it cuts' })).toHaveAttribute(
    'aria-valuetext',
    '17 cm from the back panel',
  );
  const right = await side.innerHTML();
  await page.getByRole('slider', { name: 'Side cut, where it cuts' }).fill('-8');
  expect(await side.innerHTML()).not.toBe(right);
});

test('dragged in the drawing, every figure moves before it is dropped; Escape takes nothing', async ({
  page,
}) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'packs');
  await packs(page).getByText('Eddy').click();
  const before = (await storedTrip(id)).trip;
  await expect(page.locator('[data-thing="eddy-sleeping-bag"]').first()).toBeVisible();
  const height = () => figures(page).textContent();
  const was = await height();
  const bag = page.locator('svg[aria-label^="Side cut"] [data-thing="eddy-sleeping-bag"]');
  const box = await boxAtRest(bag);
  // Its foot, where it is widest: further up it flows around other things.
  const [x, y] = [box.x + box.width / 2, box.y + box.height - 12];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y - 60, { steps: 4 });
  await page.mouse.move(x, y - 150, { steps: 6 });
  await expect(page.getByText('as it would be, if dropped here')).toBeVisible();
  expect(await height()).not.toBe(was);
  expect((await storedTrip(id)).trip).toEqual(before);
  // Left, it stays where it was; dragged again and dropped, it is there.
  await page.keyboard.press('Escape');
  await page.mouse.up();
  await expect.poll(height).toBe(was);
  expect((await storedTrip(id)).trip).toEqual(before);
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y - 60, { steps: 4 });
  await page.mouse.move(x, y - 150, { steps: 6 });
  await page.mouse.up();
  await saved(page);
  const eddy = (await storedTrip(id)).trip.stows.find((s) => s.memberId === 'eddy')!;
  expect(eddy.placements.find((p) => p.thingId === 'eddy-sleeping-bag')).toMatchObject({ pinned: true });
  await page.reload();
  await expect(page.getByRole('status', { name: 'How it rides' })).toBeVisible();
  await page.getByRole('button', { name: /^Plan this pack/ }).waitFor();
});

test('planned, spoiled, told, cured; loaded step by step; a sore neck; practised once', async ({ page }) => {
  test.slow();
  const id = await importTrip(demoText('corvane-census'));
  await openStation(page, id, 'shares');
  await shareOut(page);
  await station(page, 'Packs').click();
  await page.getByRole('button', { name: 'Plan all packs', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Stop' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Plan all packs', exact: true })).toBeVisible({
    timeout: 120_000,
  });
  await saved(page);
  const planned = (await storedTrip(id)).trip;
  expect(planned.stows).toHaveLength(8);
  for (const { id: member } of planned.members)
    expect(assessStow(planned, member, planningDay(planned, member)).unplaced).toEqual([]);
  // Somebody with a tent body puts it into the lid.
  const tent = planned.share.find((a) => /tent|body/.test(a.pieceId) && /body/.test(a.pieceId))!;
  await packs(page)
    .getByText(planned.members.find((m) => m.id === tent.memberId)!.name)
    .click();
  const place = page.getByRole('combobox', { name: /^Place of .*tent body$/ });
  await place.selectOption('lid/centre');
  await tab(page, 'To mend');
  const findings = page.getByRole('list', { name: 'Findings' });
  await expect(findings).toContainText('tent body in Lid: a heavy lid sways and makes the neck sore');
  await tab(page, 'Places');
  await page.getByRole('button', { name: /^Pin .*tent body here/ }).click();
  await tab(page, 'To mend');
  await findings
    .getByRole('listitem')
    .filter({ hasText: 'tent body in Lid: a heavy lid' })
    .getByRole('button', { name: /^Do it: move .*tent body/ })
    .click();
  await expect(page.getByText('tent body in Lid: a heavy lid')).toBeHidden();
  await tab(page, 'Steps');
  const slider = page.getByRole('slider', { name: 'Loading, step by step' });
  const drawn = () => page.locator('svg[aria-label^="Side cut"] [data-thing]').count();
  const all = await drawn();
  await slider.fill('6');
  expect(await drawn()).toBeLessThan(all);
  await slider.focus();
  await page.keyboard.press('End');
  expect(await drawn()).toBe(all);
  const order = async () =>
    (await storedTrip(id)).trip.stows.find((s) => s.memberId === tent.memberId)!.placements;
  const before = await order();
  await page
    .getByRole('button', { name: /^Load .* later$/ })
    .first()
    .click();
  await saved(page);
  expect((await order()).map((p) => p.thingId)).not.toEqual(before.map((p) => p.thingId));
  await tab(page, 'Ride');
  await page.getByRole('checkbox', { name: 'sore neck or shoulders' }).check();
  const advice = page.getByRole('region', { name: 'Advice: sore neck or shoulders' });
  await expect(advice).toContainText('Too much on top');
  const moves = advice.getByRole('button', { name: /^Do it/ });
  if ((await moves.count()) > 0) await moves.first().click();
  await tab(page, 'Practice');
  await page.getByRole('button', { name: 'Practise with this load' }).click();
  await expect(page.getByText(/^Practice: /)).toBeVisible();
  await page
    .getByRole('group', { name: 'Without a place' })
    .getByRole('combobox')
    .first()
    .selectOption('core/centre');
  await tab(page, 'Practice');
  await page.getByRole('textbox', { name: 'Learner' }).fill('The new one');
  await page.getByRole('button', { name: 'Mark it' }).click({ timeout: 180_000 });
  await expect(page.getByTestId('practice-points')).toContainText('of 100 points');
  await page.getByRole('button', { name: /^Keep this result/ }).click();
  await saved(page);
  const practised = (await storedTrip(id)).trip;
  expect(practised.practice.map((p) => p.learner)).toEqual(['The new one']);
  expect(practised.stows.find((s) => s.memberId === tent.memberId)!.placements).toEqual(await order());
  await page.reload();
  await tab(page, 'Practice');
  await expect(page.getByRole('table', { name: 'Results of practice' })).toBeVisible();
});

test('a new piece has no place until it gets one; a larger pack empties the old stow', async ({ page }) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'kit');
  await page.getByLabel('Whose things').selectOption({ label: 'Personal things of Joss' });
  await page.getByRole('button', { name: 'Add a thing', exact: true }).click();
  await station(page, 'Packs').click();
  const without = page.getByRole('group', { name: 'Without a place' });
  await expect(without).toContainText('New thing');
  await expect(station(page, 'Packs')).toContainText('1 of 2 stowed');
  await without.getByRole('combobox').selectOption('outer/centre');
  await expect(without).toBeHidden();
  await expect(station(page, 'Packs')).toContainText('2 of 2 stowed');

  await station(page, 'People').click();
  await page.locator('[data-cell="joss/packId"]').click({ position: { x: 80, y: 10 } });
  await page.locator('[data-cell="joss/packId"] select').selectOption('80');
  await expect(page.locator('[data-cell="joss/packId"]')).toHaveText('80 L pack');
  await expect(station(page, 'Packs')).toContainText('1 of 2 stowed');
  await page.keyboard.press('Control+z');
  await expect(station(page, 'Packs')).toContainText('2 of 2 stowed');
  await saved(page);
});

test('a member who leaves: their pieces are carried by nobody, and undo brings all back', async ({
  page,
}) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'people');
  const before = (await storedTrip(id)).trip;
  await page.getByRole('button', { name: 'Remove Eddy' }).click();
  await page.getByRole('button', { name: 'Remove from the trip' }).click();
  await saved(page);
  const alone = (await storedTrip(id)).trip;
  expect(alone.members.map((m) => m.id)).toEqual(['joss']);
  expect(alone.personalThings.some((t) => t.memberId === 'eddy')).toBe(false);
  expect(alone.share.every((a) => a.memberId === 'joss')).toBe(true);
  await page.getByRole('button', { name: 'Undo remove Eddy' }).click();
  await saved(page);
  expect((await storedTrip(id)).trip).toEqual(before);

  await page.getByRole('tab', { name: 'Tents and cook groups' }).click();
  await page.getByLabel('New tent group').fill('Roof tent');
  await page.getByRole('button', { name: 'Add', exact: true }).first().click();
  await expect(page.getByRole('grid', { name: 'Tents' })).toContainText('Roof tent');
  await page.locator('[data-cell="joss/tentGroupId"]').click();
  await page.locator('[data-cell="joss/tentGroupId"] select').selectOption({ label: 'Roof tent' });
  await expect(page.getByRole('grid', { name: 'Tents' })).toContainText('Joss');
  await saved(page);
  expect((await storedTrip(id)).trip.members[0]!.tentGroupId).toBe('tent-roof-tent');
  await page.getByRole('button', { name: 'Remove Roof tent' }).click();
  await saved(page);
  expect((await storedTrip(id)).trip.members[0]).not.toHaveProperty('tentGroupId');
});
