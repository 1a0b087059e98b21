/** What is shown in US customary units, and what is hidden with body weights: every station is read as a person would. */
import { expect, test, type Page } from '../quick';
import {
  baseUrl,
  demoText,
  enter,
  importTrip,
  openStation,
  saved,
  storedTrip,
  typeInCell,
  cell,
} from '../support';

/** Names of what can be bought, and both readings of a pack's size. */
const SAID_SO = /^Units: |^\+ |Any unit|\d L, [\d,]+ cu in/;
const STATIONS = ['brief', 'people', 'kit', 'larder', 'shares', 'packs', 'sheets', 'trail', 'debrief'];
/** A number and a metric unit, or a head that ends with one; hours, days, watts and newtons are the same everywhere. */
const METRIC =
  /(?:\d ?(?:km|kg|cm|mm|ml|L|°C|km\/h|kg·km)(?![\wµ])|\d g\b|\d m(?![\w/])|, (?:km|kg|cm|m|L|g|°C|km\/h|L each|kg·km)$)/m;

async function wear(page: Page, preferences: object): Promise<void> {
  await page.addInitScript(
    (kept) => localStorage.setItem('graft.preferences', kept),
    JSON.stringify(preferences),
  );
}

/** Everything that can be read on the page, with labels for screen readers and hidden titles; not what people named. */
async function readable(page: Page, names: readonly string[]): Promise<readonly string[]> {
  const texts = await page.evaluate(() => {
    const lines = document.body.innerText.split('\n');
    for (const at of ['aria-label', 'title', 'placeholder', 'aria-valuetext'])
      for (const e of document.querySelectorAll(`[${at}]`)) lines.push(e.getAttribute(at)!);
    for (const e of document.querySelectorAll('svg text, svg title')) lines.push(e.textContent);
    for (const e of document.querySelectorAll('input:not([type=range])'))
      lines.push((e as HTMLInputElement).value);
    return lines;
  });
  const longest = [...names].sort((a, b) => b.length - a.length);
  return texts.map((text) =>
    longest.reduce((rest, name) => rest.replaceAll(name, '').replaceAll(name.toLowerCase(), ''), text),
  );
}

/** Every name of a trip that holds a figure. */
function namesOf(value: unknown): readonly string[] {
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) =>
    typeof inner === 'string'
      ? /name|dish|note|text/i.test(key) && /\d/.test(inner)
        ? [inner]
        : []
      : namesOf(inner),
  );
}

/** Each station as it opens, then behind each of its tabs and panels. */
async function walkStations(page: Page, id: string, look: (where: string) => Promise<void>): Promise<void> {
  for (const name of STATIONS) {
    await openStation(page, id, name);
    await expect(page.getByRole('main')).toContainText(/\w{4}/);
    await look(name);
    const tabs = page.getByRole('main').getByRole('tab');
    for (let i = 0; i < (await tabs.count()); i += 1) {
      await tabs.nth(i).click();
      await look(`${name}, ${await tabs.nth(i).innerText()}`);
    }
    const panels = page.getByRole('main').getByRole('radiogroup').locator('label');
    for (let i = 0; i < Math.min(12, await panels.count()); i += 1) {
      if (!(await panels.nth(i).isVisible())) continue;
      await panels.nth(i).click();
      await look(`${name}, panel ${i + 1}`);
    }
  }
}

test('in US customary units no station, panel or paper shows a metric one', async ({ page }) => {
  test.slow();
  await enter(page);
  const id = await importTrip(demoText('corvane-census'));
  const names = namesOf((await storedTrip(id)).trip);
  await wear(page, { massUnit: 'lb' });
  const found: string[] = [];
  const look = async (where: string): Promise<void> => {
    for (const text of await readable(page, names))
      if (!SAID_SO.test(text) && METRIC.test(text)) found.push(`${where}: ${text.trim()}`);
  };
  await walkStations(page, id, look);
  for (const paper of ['sheets/print', 'sheets/print?party', 'trail/print?day=2']) {
    await page.goto(`${baseUrl()}/trips/${id}/${paper}`);
    await expect(page.getByRole('button', { name: 'Print' })).toBeVisible();
    await look(paper);
  }
  expect([...new Set(found)]).toEqual([]);
});

test('what is typed in US customary units is kept in SI, and an error speaks the same units', async ({
  page,
}) => {
  const id = await importTrip(demoText('hut-roof'));
  await wear(page, { massUnit: 'lb' });
  await openStation(page, id, 'brief');
  const { id: leg } = (await storedTrip(id)).trip.legs[0]!;
  await typeInCell(page, `${leg}/distanceKm`, '10');
  await expect(cell(page, `${leg}/distanceKm`)).toHaveText('10.0');
  await typeInCell(page, `${leg}/climbM`, '1,500');
  await typeInCell(page, `${leg}/descentM`, '300 m');
  await saved(page);
  const kept = (await storedTrip(id)).trip.legs[0]!;
  expect(kept.distanceKm).toBeCloseTo(16.09344, 6);
  expect(kept.climbM).toBeCloseTo(457.2, 6);
  expect(kept.descentM).toBe(300);
  await page.getByRole('tab', { name: 'Weather' }).click();
  await typeInCell(page, '2027-08-20/nightC', '14');
  await expect(cell(page, '2027-08-20/nightC')).toHaveText('14*');
  await saved(page);
  const { trip } = await storedTrip(id);
  expect(trip.weather.find((w) => w.id === '2027-08-20')!.nightC).toBe(-10);
});

test('while body weights are hidden, neither limits nor parts of them stand on a screen or on paper', async ({
  page,
}) => {
  test.slow();
  await enter(page);
  const id = await importTrip(demoText('corvane-census'));
  const { trip } = await storedTrip(id);
  await wear(page, { hideWeights: true });
  const bodies = trip.members.map((m) => m.bodyMassKg.toFixed(1));
  const found: string[] = [];
  const look = async (where: string): Promise<void> => {
    for (const text of await readable(page, namesOf(trip))) {
      const tells =
        /\d ?% of (?:your |the |own )?(?:limits?|body)|limits? (?:of |is |up to )?\d|\d (?:kg|%) (?:above|below|of) (?:the |your )?limit/i.test(
          text,
        );
      if (tells || bodies.some((kg) => text.includes(`${kg} kg`))) found.push(`${where}: ${text.trim()}`);
    }
  };
  await walkStations(page, id, look);
  for (const paper of ['sheets/print', 'sheets/print?party']) {
    await page.goto(`${baseUrl()}/trips/${id}/${paper}`);
    await expect(page.getByRole('button', { name: 'Print' })).toBeVisible();
    await look(paper);
  }
  expect([...new Set(found)]).toEqual([]);
  // The beams are drawn by the load itself: nothing on them tells the limit.
  await openStation(page, id, 'shares');
  await expect(page.getByRole('group', { name: 'Load beams' })).not.toContainText(/own limit|\d %/);
  await expect(page.getByRole('group', { name: 'Load beams' })).toContainText('within');
});
