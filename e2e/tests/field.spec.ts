/** The leader's phone without a network: the trip opens, takes changes, and both sides end with one trip. */
import { expect, test } from '@playwright/test';
import { atTheDesk, keepOnDevice, keptTrips, network, restart } from '../field';
import {
  baseUrl,
  callApi,
  cell,
  demoText,
  enter,
  importTrip,
  saved,
  station,
  storedTrip,
  typeInCell,
} from '../support';

test.use({ serviceWorkers: 'allow' });

test('without a network the trip opens and takes changes; restarted twice, nothing is lost, and others’ changes meet them', async ({
  page: first,
  context,
}) => {
  const id = await importTrip(demoText('hut-roof'));
  await keepOnDevice(first, id);
  const url = `${baseUrl()}/trips/${id}/people`;
  await context.setOffline(true);
  let page = await restart(first, context, url);
  await expect(network(page)).toContainText('No answer from the server.');
  await expect(network(page)).toContainText('This is the trip as it was');
  await typeInCell(page, 'joss/name', 'Josua');
  await expect(page.getByRole('banner').getByRole('status')).toHaveText('Kept here');
  page = await restart(page, context, url);
  await expect(cell(page, 'joss/name')).toHaveText('Josua');
  await typeInCell(page, 'eddy/bodyMassKg', '84');
  await expect(network(page)).toContainText('2 changes are kept on this device');
  page = await restart(page, context, url);
  await expect(cell(page, 'eddy/bodyMassKg')).toHaveText(/84/);

  await atTheDesk(id, (trip) => ({ ...trip, name: 'Roof, second go' }));
  await context.setOffline(false);
  await saved(page);
  await expect(network(page)).toHaveCount(0);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Roof, second go');
  const { trip } = await storedTrip(id);
  expect(trip.name).toBe('Roof, second go');
  expect(trip.members.map((m) => [m.name, m.bodyMassKg])).toEqual([
    ['Josua', expect.any(Number)],
    ['Eddy', 84],
  ]);
});

test('changes of a trip that is not open go on their way from any page', async ({ page: first, context }) => {
  const id = await importTrip(demoText('hut-roof'));
  await keepOnDevice(first, id);
  await context.setOffline(true);
  let page = await restart(first, context, `${baseUrl()}/trips/${id}/people`);
  await typeInCell(page, 'joss/name', 'Josua');
  page = await restart(page, context, `${baseUrl()}/trips`);
  const line = page.getByRole('listitem').filter({ has: page.locator(`a[href="/trips/${id}"]`) });
  await expect(line).toContainText('changes wait to be sent');
  await context.setOffline(false);
  await expect.poll(async () => (await storedTrip(id)).trip.members[0]!.name).toBe('Josua');
  await expect(line).not.toContainText('wait to be sent');
});

test('signing out without a network takes everything off the device', async ({ page: first, context }) => {
  const id = await importTrip(demoText('hut-roof'));
  await keepOnDevice(first, id);
  await context.setOffline(true);
  const page = await restart(first, context, `${baseUrl()}/account`);
  await expect(
    page.getByRole('list', { name: 'Trips on this device' }).getByRole('listitem'),
  ).not.toHaveCount(0);
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Graft' })).toBeVisible();
  expect(await keptTrips(page)).toEqual([]);
  await page.goto(`${baseUrl()}/trips/${id}/people`);
  await expect(page.getByRole('navigation', { name: 'Stations' })).toHaveCount(0);
});

test('while it is walked the trip opens on today: who carries what, what waits; the lead passes on as a file', async ({
  page,
  browser,
}) => {
  const start = new Date(Date.now() - 86_400_000).toISOString().slice(0, 10);
  const id = await importTrip(
    demoText('corvane-census').replace(/"startDate": "[^"]+"/, `"startDate": "${start}"`),
  );
  await enter(page);
  await page.goto(`${baseUrl()}/trips/${id}`);
  await expect(page.getByRole('heading', { level: 2 })).toHaveText('Over the plateau rim to the dry camp');
  const carries = page.getByRole('region', { name: 'Who carries how much this morning' });
  await expect(carries.getByRole('listitem')).toHaveCount(8);
  await expect(page.getByRole('region', { name: 'Water ahead' })).toContainText('The camp is dry.');
  await expect(page.getByRole('region', { name: 'What that does to tomorrow’s loads' })).toContainText(
    'eaten',
  );

  // A member will not carry something: a number in the line, and from there who else could.
  await callApi(`/trips/${id}/sheets/wren/link`, { method: 'POST' });
  const token = await callApi(`/trips/${id}/sheets/wren/link`, { method: 'POST' });
  const { token: link } = (await token.json()) as { token: string };
  const piece = (await storedTrip(id)).trip.kits[0]!.pieces[0]!;
  await callApi(`/trips/${id}/edits`, {
    method: 'POST',
    body: JSON.stringify({
      version: (await storedTrip(id)).version,
      edits: [
        { kind: 'put', collection: 'share', item: { pieceId: piece.id, memberId: 'wren', locked: false } },
      ],
    }),
  });
  const told = await fetch(`${baseUrl()}/api/sheet/marks`, {
    method: 'POST',
    headers: { 'X-Graft-Request': '1', 'X-Graft-Sheet': link, 'Content-Type': 'application/json' },
    body: JSON.stringify({
      marks: [
        {
          id: '7b5c8a7e-0d6e-4a3b-9a37-0f3a55c4a0aa',
          kind: 'veto',
          thingId: piece.id,
          value: 'my back',
          at: new Date().toISOString(),
          replaces: [],
        },
      ],
    }),
  });
  expect(told.status).toBe(200);
  await expect(station(page, 'Sheets')).toContainText('1 for you');
  await page.getByRole('link', { name: '1 veto from members' }).click();
  await page.getByRole('radiogroup', { name: 'From and to members' }).getByText('For you').click();
  await page.getByRole('link', { name: 'Who else could carry it?' }).click();
  await expect(page.getByRole('region', { name: 'Chosen piece' })).toBeVisible();

  // The leader's phone dies: the trip goes on on another one, which has never seen it.
  await page.goto(`${baseUrl()}/trips/${id}/people`);
  await page.route('**/edits', (route) => route.abort());
  await typeInCell(page, 'wren/bodyMassKg', '63');
  await page.getByRole('button', { name: 'Hand over the lead' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('dialog').getByRole('button', { name: 'Pass on the file' }).click(),
  ]);
  const other = await (await browser.newContext({ locale: 'en-GB' })).newPage();
  await enter(other);
  await other.goto(`${baseUrl()}/trips`);
  const chooser = other.waitForEvent('filechooser');
  await other.getByRole('button', { name: 'Import a trip file' }).click();
  await (await chooser).setFiles(await file.path());
  await expect(other.getByRole('heading', { level: 1 })).toHaveText('Plover census on the Corvane Plateau');
  expect(new URL(other.url()).pathname).toContain(id);
  await expect
    .poll(async () => (await storedTrip(id)).trip.members.find((m) => m.id === 'wren')!.bodyMassKg)
    .toBe(63);
  await other.context().close();
});
