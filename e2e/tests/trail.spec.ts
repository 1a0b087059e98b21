import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '../quick';
import { serialiseTripFile } from '@graft/core/formats';
import { carrierOf, emptyTrip } from '@graft/core/trip';
import { callApi, demoText, importTrip, openStation, saved, station, storedTrip } from '../support';
import { pdfPages, squeezed } from '../pdf';
import { plannedCensus } from '../planned';
import { box, newLink, phone, status } from '../sheets';

let census: string;
test.beforeAll(() => {
  census = serialiseTripFile(plannedCensus());
});

const view = async (page: Page, name: string): Promise<void> => {
  await page
    .getByRole('radiogroup', { name: /^(Trail|Debrief)$/ })
    .getByText(name, { exact: true })
    .click();
};

// The last of the files, each of whose tests has trips of its own: shared out over both browsers.
test.describe.configure({ mode: 'parallel' });

test('the whole story: sheets, two members tick, weigh-in, an injury on day 3, handovers, safety read, debrief, the next trip', async ({
  page,
  browser,
}) => {
  test.slow();
  const id = await importTrip(census);
  // Sheets go out, and two members tick on their phones.
  const [wren, noor] = [
    await phone(browser, await newLink(id, 'wren')),
    await phone(browser, await newLink(id, 'noor')),
  ];
  for (const member of [wren, noor]) {
    await box(member, /^Step \d+: .*Sleeping bag/).check();
    await expect(status(member)).toContainText(/[1-9] of \d+ things packed/);
  }
  await box(wren, 'I know where these are').check();

  // What happens on the way is to reach the sheets by itself.
  await openStation(page, id, 'sheets');
  await page.getByText('From the departure on, what happens goes to the sheets by itself').click();
  await saved(page);

  // At the trailhead a pack is heavier than planned.
  await openStation(page, id, 'trail?view=weighIn');
  await expect(station(page, 'Trail')).toContainText('not left yet');
  const row = page.getByRole('row', { name: /^Wren/ });
  const planned = Number(await row.getByRole('gridcell').nth(3).innerText());
  await page.getByLabel('Pack of Wren on the scale').fill(String(planned + 1.6));
  await page.keyboard.press('Enter');
  await expect(row).toContainText('+1.6 kg');
  await expect(row).toContainText('heavier than planned');
  const panel = page.getByRole('region', { name: 'Weigh-in of Wren' });
  await expect(panel).toContainText('Likely behind +1.6 kg');
  await panel.getByRole('button', { name: 'All checked' }).click();
  await panel.getByRole('button', { name: 'Ready to go' }).click();
  await page.getByRole('button', { name: 'Sign the departure, 7 not ready' }).click();
  await expect(page.getByText(/^Signed by .*66 pieces/)).toBeVisible();
  await saved(page);

  // On day 3 Wren is hurt: two taps, and what must change hands is found.
  await view(page, 'Days');
  await page.getByRole('radio', { name: 'Day 3' }).click();
  await page.getByRole('button', { name: 'Hurt', exact: true }).click();
  await page.getByRole('group', { name: 'Hurt' }).getByRole('button', { name: 'Wren' }).click();
  const proposal = page.getByRole('region', { name: 'Proposed handovers' });
  await expect(proposal).toContainText(/\d handovers?/);
  await proposal.getByRole('button', { name: /^Accept/ }).click();
  await expect(page.getByText(/^Handed over\./)).toBeVisible();
  await saved(page);
  const { trip } = await storedTrip(id);
  expect(trip.events).toMatchObject([{ kind: 'hurt', memberId: 'wren', day: 3, factor: 0.5 }]);
  expect(trip.handovers.length).toBeGreaterThan(0);
  for (const { pieceId, reason } of trip.handovers) {
    expect(reason).toBe('Wren is hurt');
    const taker = carrierOf(trip, pieceId, 3)!;
    expect(trip.stows.find((s) => s.memberId === taker)!.placements.map((p) => p.thingId)).toContain(pieceId);
  }
  await expect(station(page, 'Trail')).toContainText('1 event');
  // Wren's sheet tells what to give, and not why.
  await wren.reload();
  await expect(wren.getByText(/^Give .* to /).first()).toBeVisible();
  await expect(wren.locator('body')).not.toContainText('hurt');
  // How the day felt.
  await page.getByLabel('Comfort of Wren').selectOption('4');
  await page.getByRole('checkbox', { name: 'ankles' }).check();
  await saved(page);
  // Noor tells of her day from her own sheet, and the leader takes it in.
  const felt = noor.getByLabel(/^How your pack felt on day/);
  await expect(felt).toHaveCount(0);
  await noor.clock.setFixedTime('2027-05-12T19:00:00Z');
  await noor.reload();
  await expect(felt).toHaveCount(3);
  await noor.getByLabel(/^How your pack felt on day 3/).selectOption('6');
  await noor.locator('.sheet-felt').nth(2).getByRole('checkbox', { name: 'hips' }).check();
  await expect(status(noor)).toContainText('Leader is up to date');
  await expect(page.getByText('Noor, day 3: 6')).toBeVisible();
  await page.getByRole('button', { name: 'Take them in' }).click();
  await expect(page.getByLabel('Comfort of Noor')).toHaveValue('6');
  await saved(page);
  expect((await storedTrip(id)).trip.comfort).toMatchObject([
    { memberId: 'wren', day: 3, comfort: 4, hurts: ['ankles'] },
    { memberId: 'noor', day: 3, comfort: 6, hurts: ['hips'] },
  ]);
  // It survives a reload.
  await page.reload();
  await expect(page.getByLabel('Comfort of Wren')).toHaveValue('4');

  // The safety kit: who has read where it is; and what happened, for the professionals.
  await view(page, 'Safety');
  await expect(page.getByText(/^Not yet read by/)).toContainText('Noor');
  await expect(page.getByText(/^Not yet read by/)).not.toContainText('Wren');
  await box(noor, 'I know where these are').check();
  await expect(status(noor)).toContainText('Leader is up to date');
  await page.reload();
  await expect(page.getByText(/^Not yet read by/)).not.toContainText('Noor');
  await page.getByLabel('Who', { exact: true }).fill('Wren');
  await page.getByLabel('What was seen, and what happened').fill('Turned the left ankle on wet rock.');
  await page.getByLabel('Pulse, a minute').fill('84');
  await page.getByRole('button', { name: 'Write into the log' }).click();
  await expect(page.getByText('pulse 84 a minute')).toBeVisible();
  await page.getByRole('link', { name: 'Print it for the professionals' }).click();
  await expect(page.getByRole('heading', { name: 'Incident log', level: 1 })).toBeVisible();
  await expect(page.getByText('Turned the left ankle on wet rock.')).toBeVisible();
  const [paper] = await pdfPages(await page.pdf({ format: 'A4' }));
  expect(paper).toContain(squeezed('Turned the left ankle on wet rock.'));
  expect(paper).not.toContain(squeezed('Hide body weights'));

  // The debrief.
  await openStation(page, id, 'debrief?view=used');
  await page
    .getByRole('list', { name: 'Whose things' })
    .getByRole('button', { name: /^Plover survey/ })
    .click();
  const flags = page.getByRole('radiogroup', { name: 'What became of Nest marker flags' });
  await flags.getByRole('radio', { name: 'not used' }).check();
  await page.getByRole('button', { name: /^The other \d+ were used$/ }).click();
  await page.getByLabel('Something that was missed').fill('Ankle brace');
  await page.keyboard.press('Enter');
  await view(page, 'Food, fuel, water');
  await page.getByLabel('Food left of Cook group North').fill('1.4 kg');
  await page.keyboard.press('Enter');
  await view(page, 'Planned and walked');
  const wrenRow = page.getByRole('table', { name: 'Planned and walked' }).getByRole('row', { name: /^Wren/ });
  await expect(wrenRow).toContainText(/0 taken, \d given/);
  await expect(wrenRow).toContainText('· · 4 · · ·');
  await page.getByRole('button', { name: 'Close the debrief' }).click();
  await expect(page.getByText(/^Closed on/)).toBeVisible();
  await saved(page);

  // A year later: what this one taught.
  const answer = await callApi(`/trips/${id}/duplicate`, {
    method: 'POST',
    body: JSON.stringify({ name: 'Census again', startDate: '2028-05-08' }),
  });
  const next = ((await answer.json()) as { id: string }).id;
  await openStation(page, next, 'debrief');
  await expect(page.getByText(/suggestions? from (one|\d+) debriefed trips?/)).toBeVisible();
  await expect(page.getByText('Bring ankle brace')).toBeVisible();
  await page.getByLabel('Trips without use after which a thing may stay').selectOption('1');
  await page.getByRole('button', { name: 'Accept: Leave nest marker flags' }).click();
  await page.getByRole('button', { name: 'Accept: Bring ankle brace' }).click();
  await saved(page);
  const taught = (await storedTrip(next)).trip;
  const names = taught.kits.flatMap((k) => k.pieces.map((p) => p.name));
  expect(names).toContain('Ankle brace');
  expect(names).not.toContain('Nest marker flags');
  expect(taught).toMatchObject({ events: [], comfort: [], uses: [] });
});

test('by keyboard: an event is noted, taken back by undo, and a day chosen', async ({ page }) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'trail?view=days&day=1');
  await page.getByRole('radio', { name: 'Day 2' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('grid', { name: 'Loads on day 2' })).toBeVisible();
  await page.getByRole('button', { name: 'Tired' }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Tab');
  await page.getByRole('group', { name: 'Tired' }).getByRole('button', { name: 'Eddy' }).focus();
  await page.keyboard.press('Enter');
  await saved(page);
  expect((await storedTrip(id)).trip.events).toHaveLength(1);
  await page.keyboard.press('Control+z');
  await saved(page);
  expect((await storedTrip(id)).trip.events).toEqual([]);
});

test('an empty trip says at each of the two stations what comes first', async ({ page }) => {
  const id = await importTrip(serialiseTripFile(emptyTrip('bare', 'Bare', '2027-05-10', 2)));
  for (const name of ['trail', 'debrief']) {
    await openStation(page, id, name);
    await expect(page.getByText(/Nobody is on this trip yet/)).toBeVisible();
  }
});

test('the share goes out as a table and comes back, and a broken one takes nothing', async ({ page }) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'shares');
  await page.getByRole('radiogroup', { name: 'How the shares are shown' }).getByText('Table').click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as CSV' }).click(),
  ]);
  const text = readFileSync(await file.path(), 'utf8');
  const before = (await storedTrip(id)).trip;
  const [first] = before.share;
  const other = before.members.find((m) => m.id !== first!.memberId)!;
  const carrier = before.members.find((m) => m.id === first!.memberId)!;
  const lines = text.split('\r\n');
  const at = lines.findIndex((l) => l.startsWith(`${first!.pieceId},`));
  const changed = lines.with(at, lines[at]!.replace(`,${carrier.name},`, `,${other.name},`)).join('\r\n');
  const upload = (content: string) =>
    page.getByLabel('Table of shares').setInputFiles({
      name: 'shares.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(content),
    });
  await upload(`${changed}ghost,Kit,Ghost,1,1,${other.name},no,\r\n`);
  await expect(page.getByRole('alert')).toContainText('needs the id of a piece of this trip, not "ghost"');
  expect((await storedTrip(id)).trip.share).toEqual(before.share);
  await upload(changed);
  await expect(page.getByText(/11 pieces and 0 handovers taken/)).toBeVisible();
  await saved(page);
  expect(carrierOf((await storedTrip(id)).trip, first!.pieceId, 1)).toBe(other.id);
});

test('the way goes out as GPX and the dates as a calendar, and both are read into another trip', async ({
  page,
}) => {
  const id = await importTrip(demoText('corvane-census'));
  await openStation(page, id, 'brief');
  const [gpx] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as GPX' }).click(),
  ]);
  const [own] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a calendar' }).click(),
  ]);
  const bare = await importTrip(serialiseTripFile(emptyTrip('bare', 'Bare', '2027-01-01', 6)));
  await openStation(page, bare, 'brief');
  await page.getByLabel('GPX file').setInputFiles(await gpx.path());
  await expect(
    page.getByText(/15 places on the way\. Its camps, or the ends of its tracks, end the days\./),
  ).toBeVisible();
  await saved(page);
  const [from, to] = [(await storedTrip(id)).trip, (await storedTrip(bare)).trip];
  expect(to.waypoints.map((w) => [w.name, w.kind, w.reliance])).toEqual(
    from.waypoints.map((w) => [w.name, w.kind, w.reliance]),
  );
  to.dayMarksKm!.forEach((km, i) => expect(Math.abs(km - from.dayMarksKm![i]!)).toBeLessThan(0.1));
  const ics = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:test',
    'BEGIN:VEVENT',
    'UID:a-trip@graft',
    'DTSTAMP:20270101T000000Z',
    'SUMMARY:On the moor',
    'DTSTART;VALUE=DATE:20270710',
    'DTEND;VALUE=DATE:20270718',
    'END:VEVENT',
    'END:VCALENDAR',
    '',
  ].join('\r\n');
  const calendar = (content: string) =>
    page.getByLabel('Calendar file').setInputFiles({
      name: 'trip.ics',
      mimeType: 'text/calendar',
      buffer: Buffer.from(content),
    });
  await calendar('not a calendar');
  await expect(page.getByRole('alert')).toContainText('needs an iCalendar file');
  await page.getByLabel('Calendar file').setInputFiles(await own.path());
  await expect(page.getByText(/“Plover census on the Corvane Plateau”: 6 days from/)).toBeVisible();
  await calendar(ics);
  await expect(page.getByText(/“On the moor”: 8 days from/)).toBeVisible();
  await saved(page);
  const dated = (await storedTrip(bare)).trip;
  expect([dated.startDate, dated.legs.length]).toEqual(['2027-07-10', 8]);
});

test('the safety sheet of a day on paper: numbers, places, and what smells', async ({ page }) => {
  const id = await importTrip(census);
  await openStation(page, id, 'trail?view=safety&day=2');
  await page.getByRole('link', { name: 'Print the safety sheet' }).click();
  await expect(page.getByRole('heading', { name: 'Safety sheet, day 2' })).toBeVisible();
  const text = (await pdfPages(await page.pdf({ format: 'A4' }))).join('');
  for (const part of ['+00 555 0100', 'Group first aid', 'Emergency beacon', 'Maren (sister)', 'Wash kit'])
    expect(text).toContain(squeezed(part));
});
