import { expect, test, type Page } from '../quick';
import axe from 'axe-core';
import { parseTripFile, serialiseTripFile } from '@graft/core/formats';
import { atRest, baseUrl, demoText, enter, importTrip, openStation } from '../support';

interface Violation {
  readonly id: string;
  readonly nodes: readonly { readonly target: readonly string[]; readonly failureSummary: string }[];
}

type Colours = 'light' | 'dark';
/** The lines above a station, and its large table, are judged once; then only what changes. */
type Part = 'all' | 'station' | 'beside the table';
/** Nothing is made of what passes: naming every element that does takes most of axe's time. */
const ONLY_VIOLATIONS = { resultTypes: ['violations'], preload: false };
const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/**
 * WCAG 2.2 A and AA by axe-core; what it cannot judge is looked at by people. Beam blocks are as wide as their mass:
 * the list "Find a piece" reaches each of them at full size (2.5.8, exception "equivalent").
 */
async function violations(page: Page, part: Part = 'all'): Promise<readonly string[]> {
  // Through the debugger's own channel: the page's content policy rightly refuses injected scripts.
  if (!(await page.evaluate('"axe" in window'))) await page.evaluate(axe.source);
  const light = await violationsIn(page, 'light', part, RULES);
  // Only colours differ in the dark.
  const dark = await violationsIn(page, 'dark', part, ['color-contrast', 'link-in-text-block']);
  await wear(page, 'light');
  return [...light, ...dark];
}

async function violationsIn(
  page: Page,
  colours: Colours,
  part: Part,
  runOnly: readonly string[],
): Promise<readonly string[]> {
  await wear(page, colours);
  await atRest(page);
  const context = {
    include: [part === 'all' ? 'html' : 'main'],
    exclude: part === 'beside the table' ? ['[role="grid"]'] : [],
  };
  const found = await page.evaluate<Violation[]>(
    `axe.run(${JSON.stringify(context)}, ${JSON.stringify({ runOnly, ...ONLY_VIOLATIONS })}).then((r) => r.violations)`,
  );
  return found.flatMap(({ id: rule, nodes }) =>
    nodes
      .filter((n) => !(rule === 'target-size' && n.target.some((t) => t.includes('data-piece'))))
      .map((n) => `${colours}: ${rule}: ${n.target.join(' ')} (${n.failureSummary})`),
  );
}

/** Wear light or dark colours, as the preference does and as a member's sheet takes them from the device. */
async function wear(page: Page, colours: Colours): Promise<void> {
  await page.emulateMedia({ colorScheme: colours });
  await page.evaluate((dark) => {
    const { classList, style } = document.documentElement;
    classList.toggle('dark', dark);
    style.colorScheme = dark ? 'dark' : 'light';
  }, colours === 'dark');
}

/** A trip on which something was noted of everything. */
const recorded = ((): string => {
  const trip = parseTripFile(demoText('hut-roof'));
  const [first] = trip.members;
  return serialiseTripFile({
    ...trip,
    weighIns: [{ memberId: first!.id, measuredKg: 18.4, waterL: 1, checked: ['even'] }],
    events: [{ id: 'e', day: 2, moment: 'morning', kind: 'hurt', memberId: first!.id, factor: 0.5 }],
    comfort: [{ id: 'c', memberId: first!.id, day: 2, comfort: 4, hurts: ['hips'] }],
    missed: [{ id: 'm', name: 'Spoon' }],
  });
})();

let id: string;
test.beforeAll(async () => {
  id = await importTrip(demoText('hut-roof'));
});

test('all trips', async ({ page }) => {
  await enter(page);
  await page.goto(`${baseUrl()}/trips`);
  await expect(page.getByRole('list', { name: 'Trips', exact: true })).toBeVisible();
  expect(await violations(page)).toEqual([]);
});
test('signing in', async ({ page }) => {
  await page.goto(baseUrl());
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  expect(await violations(page)).toEqual([]);
});
test('a member’s sheet on a phone, and the leader’s view of all', async ({ page }) => {
  await openStation(page, id, 'sheets');
  await page
    .getByRole('button', { name: 'New link for Eddy' })
    .or(page.getByRole('button', { name: 'Make a link for Eddy' }))
    .click();
  const url = await page.getByRole('textbox', { name: 'Link for Eddy' }).inputValue();
  expect(await violations(page)).toEqual([]);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  expect(await violations(page)).toEqual([]);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(url);
  await expect(page.getByRole('heading', { level: 1, name: 'Eddy' })).toBeVisible();
  expect(await violations(page)).toEqual([]);
});
test('every view of Trail and Debrief, and the papers', async ({ page }) => {
  const noted = await importTrip(recorded);
  await openStation(page, noted, 'trail?day=2');
  for (const [station, views] of [
    ['trail?day=2', 'Trail'],
    ['debrief', 'Debrief'],
  ] as const) {
    await openStation(page, noted, station);
    for (const choice of await page
      .getByRole('radiogroup', { name: views, exact: true })
      .locator('label')
      .all()) {
      await choice.click();
      expect(await violations(page, 'station')).toEqual([]);
    }
  }
  await openStation(page, noted, 'trail?view=days&day=2');
  for (const tab of ['Handovers', 'Evening', 'Comfort']) {
    await page.getByRole('radiogroup', { name: 'The day', exact: true }).getByText(tab).click();
    expect(await violations(page, 'beside the table')).toEqual([]);
  }
  await page.goto(`${baseUrl()}/trips/${noted}/trail/print?day=1`);
  await expect(page.getByRole('heading', { name: 'Safety sheet, day 1' })).toBeVisible();
  expect(await violations(page)).toEqual([]);
});
test('the account', async ({ page }) => {
  await enter(page);
  await page.goto(`${baseUrl()}/account`);
  await expect(page.getByRole('heading', { name: 'My data' })).toBeVisible();
  expect(await violations(page)).toEqual([]);
});
test('every panel of kit and larder, the kit library', async ({ page }) => {
  const census = await importTrip(demoText('corvane-census'));
  for (const [station, panels] of [
    ['kit', 'Beside the table'],
    ['larder', 'Food figures'],
  ] as const) {
    await openStation(page, census, station);
    const choices = await page.getByRole('radiogroup', { name: panels }).locator('label').all();
    for (const [i, choice] of choices.entries()) {
      await choice.click();
      expect(await violations(page, i === 0 ? 'all' : 'beside the table')).toEqual([]);
    }
  }
  await page.goto(`${baseUrl()}/library`);
  for (const set of ['Things', 'Kits', 'Dishes']) {
    await page.getByRole('radiogroup', { name: 'Library' }).getByText(set).click();
    await expect(page.getByText(/entries, yours alone/)).toBeVisible();
    expect(await violations(page)).toEqual([]);
  }
});
test('every panel of brief and people', async ({ page }) => {
  const census = await importTrip(demoText('corvane-census'));
  for (const station of ['brief', 'people']) {
    await openStation(page, census, station);
    if (station === 'people') await page.locator('[data-cell="bryn/limit"]').click();
    for (const [i, tab] of (await page.getByRole('tab').all()).entries()) {
      await tab.click();
      const found = await violations(page, i === 0 ? 'all' : 'beside the table');
      expect([await tab.innerText(), ...found]).toHaveLength(1);
    }
  }
});
for (const station of ['brief', 'people', 'kit', 'shares', 'packs']) {
  test(station, async ({ page }) => {
    await openStation(page, id, station);
    await expect(page.getByRole('main')).toContainText(/Joss|Claw hammer|Up to the hut/);
    if (station === 'shares') await page.locator('[data-piece="felt"]').click();
    expect(await violations(page)).toEqual([]);
  });
}
test('the first key leads past the head to the work', async ({ page }) => {
  await openStation(page, id, 'shares');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to the work' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('main')).toBeFocused();
});
test('on a phone the station that is open stands in the line', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  for (const station of ['brief', 'packs', 'debrief']) {
    await openStation(page, id, station);
    await expect(
      page.getByRole('navigation', { name: 'Stations' }).locator('[aria-current=page] [data-name]'),
    ).toBeInViewport({ ratio: 1 });
  }
});
