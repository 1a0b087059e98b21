/**
 * The trip happens where there is no network: cut before day 1, back on day 5. The phone is off and on again in between,
 * and a co-leader goes on at the desk. Nothing is lost, and both see one trip.
 */
import { expect, test, type BrowserContext, type Page } from '@playwright/test';
import { serialiseTripFile } from '@graft/core/formats';
import { carrierOf, type Trip } from '@graft/core/trip';
import { keepOnDevice, network, restart } from '../field';
import { measure } from '../phone';
import { plannedCensus } from '../planned';
import { phone as memberPhone, newLink } from '../sheets';
import { baseUrl, cell, importTrip, openStation, saved, station, storedTrip, typeInCell } from '../support';

let census: string;
test.beforeAll(() => {
  census = serialiseTripFile({ ...plannedCensus(), sendsOnTheWay: true });
});
test.use({ serviceWorkers: 'allow', hasTouch: true, isMobile: true });

const setClock = (context: BrowserContext, iso: string) => context.clock.setFixedTime(iso);
const keptHere = (page: Page) => expect(page.getByRole('banner').getByRole('status')).toHaveText('Kept here');
const button = (page: Page, name: string | RegExp) =>
  page.getByRole('button', { name, exact: typeof name === 'string' });
const placed = ({ stows }: Trip, memberId: string): readonly string[] =>
  stows.find((s) => s.memberId === memberId)!.placements.map((p) => p.thingId);

for (const viewport of [
  { width: 390, height: 844 },
  { width: 360, height: 740 },
])
  test.describe(`${viewport.width} × ${viewport.height}`, () => {
    test.use({ viewport });
    test('day three: she turned her ankle, and there is no network', async ({
      page: first,
      context,
      browser,
    }) => {
      test.slow();
      const id = await importTrip(census);
      const link = await newLink(id, 'wren');
      await first.addInitScript(() => window.localStorage.setItem('graft-stow-effort', '0.05'));
      await context.addInitScript(() => window.localStorage.setItem('graft-stow-effort', '0.05'));
      // The evening before: opened once, then out of reach.
      await setClock(context, '2027-05-09T20:00:00Z');
      await keepOnDevice(first, id);
      await context.setOffline(true);

      // Day 3, the phone was off: the trip opens on today.
      await setClock(context, '2027-05-12T09:30:00Z');
      let page = await restart(first, context, `${baseUrl()}/trips/${id}`);
      await expect(network(page)).toContainText('No answer from the server.');
      await expect(page.getByRole('region', { name: 'Who carries how much this morning' })).toBeVisible();
      await expect(page.getByRole('radio', { name: 'Day 3' })).toBeChecked();
      expect((await measure(page)).sideways).toBe(0);
      await page.getByRole('link', { name: 'Something happened' }).tap();
      await button(page, 'Wren').tap();
      await button(page, 'is hurt').tap();
      await button(page, 'Who takes what?').tap();
      const list = page.getByRole('list', { name: 'Handovers', exact: true });
      await expect(list.getByRole('listitem').first()).toContainText('Wren gives');
      await button(page, 'Accept all').tap();
      await expect(page.getByText(/^Handed over\./)).toBeVisible();
      await keptHere(page);

      // Meanwhile at the desk.
      const desk = await (await browser.newContext({ locale: 'en-GB' })).newPage();
      await openStation(desk, id, 'people');
      await typeInCell(desk, 'noor/bodyMassKg', '66');
      await saved(desk);

      // Day 4, off and on again: something is broken.
      await setClock(context, '2027-05-13T10:00:00Z');
      page = await restart(page, context, `${baseUrl()}/trips/${id}`);
      await expect(station(page, 'Trail')).toContainText('1 event');
      await expect(page.getByRole('radio', { name: 'Day 4' })).toBeChecked();
      await page.getByRole('link', { name: 'Something happened' }).tap();
      await button(page, 'Oskar').tap();
      await button(page, 'cannot carry more than …').tap();
      await button(page, /\(60 %\)/).tap();
      await expect(page.getByRole('heading', { name: 'Oskar is tired' })).toBeVisible();
      await keptHere(page);

      // Off and on once more, then the network is back on day 5.
      page = await restart(page, context, `${baseUrl()}/trips/${id}/people`);
      await expect(station(page, 'Trail')).toContainText('2 events');
      await typeInCell(desk, 'tam/name', 'Tamsin');
      await saved(desk);
      await setClock(context, '2027-05-14T08:00:00Z');
      await context.setOffline(false);
      await expect(network(page)).toHaveCount(0);
      await saved(page);

      // Both see one trip, and nothing is lost.
      const { trip, version } = await storedTrip(id);
      expect(trip.events.map((e) => [e.kind, e.memberId, e.day])).toEqual([
        ['hurt', 'wren', 3],
        ['tired', 'oskar', 4],
      ]);
      expect(trip.members.find((m) => m.id === 'noor')!.bodyMassKg).toBe(66);
      expect(trip.members.find((m) => m.id === 'tam')!.name).toBe('Tamsin');
      expect(trip.handovers.length).toBeGreaterThan(0);
      // The engines ran on the phone: each piece lies in the pack of whoever took it.
      for (const { pieceId } of trip.handovers)
        expect(placed(trip, carrierOf(trip, pieceId, 3)!)).toContain(pieceId);
      await expect(cell(page, 'tam/name')).toHaveText('Tamsin');
      await expect(cell(page, 'noor/bodyMassKg')).toHaveText(/66/);
      await expect(station(desk, 'Trail')).toContainText('2 events');
      // Nothing was sent twice, and nothing waits.
      await page.reload();
      await saved(page);
      await expect(network(page)).toHaveCount(0);
      expect((await storedTrip(id)).version).toBe(version);
      // What happened went to Wren's sheet by itself.
      const wren = await memberPhone(browser, link);
      await expect(wren.getByText(/^Give .* to /).first()).toBeVisible();
      await wren.context().close();
      await desk.context().close();
    });
  });
