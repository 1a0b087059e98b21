import { expect, freshTest as test } from '../quick';
import { allPieces, thingsInPack } from '@graft/core/trip';
import {
  boxAtRest,
  baseUrl,
  demoText,
  importTrip,
  largestRatio,
  memberRow,
  openStation,
  percentOf,
  piece,
  saved,
  shareOut,
  station,
  storedTrip,
  enter,
} from '../support';

test.use({ contextOptions: { reducedMotion: 'no-preference' } });

test('by mouse: demo, share out, drag, undo, plan all, reload', async ({ page }) => {
  test.slow();
  // Other tests change copies of the same name meanwhile.
  const id = await importTrip(demoText('corvane-census'));
  await enter(page);
  await page.goto(baseUrl());
  await expect(page.getByRole('heading', { name: 'Graft' })).toBeVisible();
  await page
    .getByRole('link', { name: 'Plover census on the Corvane Plateau' })
    .and(page.locator(`[href*="${id}"]`))
    .click();
  await expect(page.getByText('63', { exact: false }).first()).toBeVisible();

  await shareOut(page);
  await expect(page.getByTestId('gap')).toHaveText(/^(nothing|0\.\d % at most)$/);
  await expect(page.getByText('Carried by nobody')).toBeVisible();
  const shared = (await storedTrip(id)).trip;
  expect(shared.share).toHaveLength(allPieces(shared).length);

  // Drag the heaviest tent body onto the lightest member; the figures rise before it is dropped.
  const from = shared.share.find((a) => a.pieceId === 'dunlin-body')!.memberId;
  const to = 'pia';
  const before = await percentOf(memberRow(page, to).locator('[data-figure="ratio"]'));
  const largestBefore = await percentOf(largestRatio(page));
  const start = await boxAtRest(piece(page, 'dunlin-body'));
  const goal = await boxAtRest(memberRow(page, to));
  await page.mouse.move(start.x + start.width / 2, start.y + start.height / 2);
  await page.mouse.down();
  await page.mouse.move(start.x + 30, start.y + 20, { steps: 4 });
  await page.mouse.move(goal.x + goal.width / 2, goal.y + goal.height / 2, { steps: 8 });
  await expect(page.getByText('Largest, if dropped here')).toBeVisible();
  expect(await percentOf(memberRow(page, to).locator('[data-figure="ratio"]'))).toBeGreaterThan(before);
  expect(await percentOf(largestRatio(page))).toBeGreaterThan(largestBefore);
  expect((await storedTrip(id)).trip.share.find((a) => a.pieceId === 'dunlin-body')!.memberId).toBe(from);
  await page.mouse.up();
  await expect(page.getByText('Largest, if dropped here')).toBeHidden();
  await saved(page);
  await expect(memberRow(page, to).locator('[data-piece="dunlin-body"]')).toBeVisible();
  expect((await storedTrip(id)).trip.share.find((a) => a.pieceId === 'dunlin-body')!.memberId).toBe(to);

  await page.getByRole('button', { name: /^Undo give Dunlin/ }).click();
  await expect(memberRow(page, from).locator('[data-piece="dunlin-body"]')).toBeVisible();
  await saved(page);
  expect((await storedTrip(id)).trip.share).toEqual(shared.share);
  await page.getByRole('button', { name: /^Redo give Dunlin/ }).click();
  await page.getByRole('button', { name: /^Undo give Dunlin/ }).click();

  await station(page, 'Packs').click();
  await page.getByRole('button', { name: 'Plan all packs', exact: true }).click();
  await expect(station(page, 'Packs')).toContainText('8 of 8 stowed', { timeout: 120_000 });
  await saved(page);
  const planned = (await storedTrip(id)).trip;
  for (const member of planned.members) {
    const stow = planned.stows.find((s) => s.memberId === member.id)!;
    expect(stow.placements.map((p) => p.thingId).sort()).toEqual(
      thingsInPack(planned, member.id, 1)
        .map((t) => t.id)
        .sort(),
    );
  }
  const figures = await page
    .getByRole('group', { name: 'Centre of gravity', includeHidden: true })
    .textContent();
  expect(figures).toContain('in the band');

  await page.reload();
  await expect(station(page, 'Packs')).toContainText('8 of 8 stowed');
  expect(
    await page.getByRole('group', { name: 'Centre of gravity', includeHidden: true }).textContent(),
  ).toBe(figures);
  await station(page, 'Shares').click();
  expect(await percentOf(largestRatio(page))).toBe(largestBefore);
});

test('by keyboard: share out, move a piece, undo, plan all, move a thing', async ({ page }) => {
  test.slow();
  const id = await importTrip(demoText('corvane-census'));
  await openStation(page, id, 'shares');
  await page.getByRole('button', { name: 'Share out' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('gap')).toHaveText(/at most|nothing/);
  await saved(page);
  const shared = (await storedTrip(id)).trip;
  const carrier = shared.share.find((a) => a.pieceId === 'heron-body')!.memberId;
  const other = carrier === 'pia' ? 'ilse' : 'pia';

  await piece(page, 'heron-body').focus();
  await page.keyboard.press('m');
  await expect(page.getByRole('status').filter({ hasText: 'in hand' })).toHaveCount(1);
  const order = shared.members.map((m) => m.id);
  const steps = order.indexOf(other) - order.indexOf(carrier);
  for (let i = 0; i < Math.abs(steps); i += 1) await page.keyboard.press(steps > 0 ? 'ArrowDown' : 'ArrowUp');
  await expect(page.getByText('Largest, if dropped here')).toBeVisible();
  expect((await storedTrip(id)).trip.share).toEqual(shared.share);
  await page.keyboard.press('Enter');
  await saved(page);
  expect((await storedTrip(id)).trip.share.find((a) => a.pieceId === 'heron-body')!.memberId).toBe(other);
  await expect(piece(page, 'heron-body')).toBeFocused();
  await page.keyboard.press('l');
  await expect(piece(page, 'heron-body')).toHaveAccessibleName(/locked/);
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await saved(page);
  expect((await storedTrip(id)).trip.share).toEqual(shared.share);
  await page.keyboard.press('Control+Shift+z');
  await page.keyboard.press('Control+z');

  // A piece can be left where it was, taken from everybody, and reached by arrows.
  await piece(page, 'heron-body').focus();
  await page.keyboard.press('m');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Escape');
  await expect(page.getByText('Largest, if dropped here')).toBeHidden();
  await page.keyboard.press('Delete');
  await expect(page.getByRole('list', { name: 'Carried by nobody' })).toContainText(
    'Heron (2 people): tent body',
  );
  await page.keyboard.press('Control+z');
  await piece(page, 'heron-fly').focus();
  await page.keyboard.press('ArrowRight');
  await expect(piece(page, 'heron-fly')).not.toBeFocused();
  await page.keyboard.press('ArrowLeft');
  await expect(piece(page, 'heron-fly')).toBeFocused();

  await station(page, 'Packs').focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Plan all packs', exact: true }).focus();
  await page.keyboard.press('Enter');
  await expect(station(page, 'Packs')).toContainText('8 of 8 stowed', { timeout: 120_000 });
  const place = page.getByRole('combobox', { name: 'Place of Rain jacket' });
  await place.focus();
  const height = page.getByRole('group', { name: 'Centre of gravity', includeHidden: true });
  const before = await height.textContent();
  await place.selectOption('bottom/centre');
  expect(await height.textContent()).not.toBe(before);
  await page.getByRole('radio', { name: 'Places' }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('list', { name: 'Findings' })).toContainText(
    /Rain jacket: \d+ things come out first, at most 1 should/,
  );
  await expect
    .poll(async () =>
      (await storedTrip(id)).trip.stows
        .find((s) => s.memberId === 'ilse')!
        .placements.find((p) => p.thingId === 'ilse-rain-jacket'),
    )
    .toMatchObject({ zoneId: 'bottom', pinned: true });
  await page.keyboard.press('Control+z');
  await expect.poll(() => height.textContent()).toBe(before);

  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Keys' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('pick the piece up');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
});

test('a thing is dragged to another zone', async ({ page }) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'packs');
  const thing = page.locator('[data-zone="top"] [data-thing]').first();
  const thingId = (await thing.getAttribute('data-thing'))!;
  const start = await boxAtRest(thing);
  await page.mouse.move(start.x + 30, start.y + 14);
  await page.mouse.down();
  await page.mouse.move(start.x + 40, start.y + 24, { steps: 3 });
  const goal = await boxAtRest(page.locator('[data-zone="lid"]'));
  await page.mouse.move(goal.x + 60, goal.y + 14, { steps: 8 });
  await page.mouse.up();
  await expect(page.locator(`[data-zone="lid"] [data-thing="${thingId}"]`)).toBeVisible();
  await saved(page);
  expect(
    (await storedTrip(id)).trip.stows
      .find((s) => s.memberId === 'joss')!
      .placements.find((p) => p.thingId === thingId),
  ).toMatchObject({
    zoneId: 'lid',
    pinned: true,
  });
});

test('a large class is shared out and can be stopped on the way', async ({ page }) => {
  const id = await importTrip(demoText('rock-mapping'));
  await openStation(page, id, 'shares');
  await expect(page.getByText('115', { exact: false }).first()).toBeVisible();
  await shareOut(page);
  await expect(page.getByTestId('gap')).toHaveText(/^(nothing|0\.\d % at most)$/);
  await station(page, 'Packs').click();
  await page.getByRole('button', { name: 'Plan all packs', exact: true }).click();
  const progress = page.getByRole('navigation', { name: 'Packs' }).getByRole('progressbar');
  // One of twenty-eight is ready at 3.6 %.
  await expect
    .poll(async () => Number(await progress.getAttribute('aria-valuenow')), { timeout: 180_000 })
    .toBeGreaterThan(8);
  await page.getByRole('button', { name: 'Stop' }).click();
  await saved(page);
  const { trip } = await storedTrip(id);
  expect(trip.stows.length).toBeGreaterThan(0);
  expect(trip.stows.length).toBeLessThan(28);
});
