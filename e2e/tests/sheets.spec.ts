import { expect, test, type Page } from '../quick';
import type { Trip } from '@graft/core/trip';
import {
  baseUrl,
  callApi,
  choose,
  demoText,
  importTrip,
  openStation,
  saved,
  station,
  storedTrip,
} from '../support';
import { pdfPages, squeezed } from '../pdf';
import { box, marksOf, newLink, phone, ready, status } from '../sheets';

test('links are made, two members tick on their phones, and the leader follows', async ({
  page,
  browser,
}) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'sheets');
  await expect(station(page, 'Sheets')).toContainText('no links yet');
  await page.getByRole('button', { name: 'Make a link for everybody' }).click();
  const dialog = page.getByRole('dialog', { name: 'Links' });
  await expect(dialog.getByRole('img', { name: /QR code/ })).toHaveCount(2);
  const url = (name: string) => dialog.getByRole('textbox', { name: `Link for ${name}` }).inputValue();
  const [joss, eddy] = [await phone(browser, await url('Joss')), await phone(browser, await url('Eddy'))];
  await page.keyboard.press('Escape');
  await expect(station(page, 'Sheets')).toContainText('2 of 2 opened');

  await expect(eddy.getByRole('heading', { level: 1 })).toHaveText('Eddy');
  await box(eddy, 'I have Roofing nails from the leader').check();
  await box(eddy, /^Step \d+: .*Sleeping bag/).check();
  await box(joss, 'I have Folding saw from the leader').check();
  await expect(status(eddy)).toContainText('2 of 20 things packed · Leader is up to date');
  const row = (member: string) => page.locator(`tr[data-row="${member}"]`);
  await expect(row('eddy')).toContainText('2 / 20');
  await expect(row('eddy')).toContainText('1 / 3');
  await expect(row('joss')).toContainText('0 / 26');

  // What is told comes to the leader, and goes into the plan.
  await eddy.getByRole('radio', { name: 'I weighed it' }).check();
  await eddy.getByRole('combobox', { name: 'What' }).selectOption('Roofing nails');
  const form = eddy.locator('form');
  await form.getByRole('textbox').fill('much');
  await form.getByRole('button', { name: 'Tell' }).click();
  await expect(form.getByRole('alert')).toContainText('type a weight such as 1.2 kg');
  await form.getByRole('textbox').fill('1250 g');
  await form.getByRole('button', { name: 'Tell' }).click();
  await eddy.getByRole('radio', { name: 'Something is wrong' }).check();
  await eddy.getByRole('combobox', { name: 'What' }).selectOption('Sealant tubes');
  await form.getByRole('textbox').fill('One leaks');
  await form.getByRole('button', { name: 'Tell' }).click();
  const told = page.getByRole('list', { name: 'Told by members' });
  await expect(told).toContainText('Eddy weighed Roofing nails: 1.3 kg planned 1.1 kg; +0.15 kg');
  await page.getByRole('button', { name: 'Take 1.3 kg into the plan' }).click();
  await saved(page);
  await expect(told).not.toContainText('weighed');
  const nails = (trip: Trip) => trip.kits.flatMap((k) => k.pieces).find((p) => p.id === 'nails');
  expect(nails((await storedTrip(id)).trip)).toMatchObject({ massKg: 1.25, massEstimated: false });
  await page.getByRole('textbox', { name: 'Answer to Eddy about Sealant tubes' }).fill('Leave it here');
  await page.getByRole('button', { name: 'Send' }).click();
  await eddy.reload();
  await expect(eddy.getByRole('list', { name: 'What you told' })).toContainText('Leader: Leave it here');
  await eddy.getByRole('button', { name: 'Settled' }).click();
  await expect(told).not.toContainText('One leaks');
});

test('without a network the sheet opens, takes ticks, and tells them when it is back', async ({
  browser,
}) => {
  const id = await importTrip(demoText('hut-roof'));
  const eddy = await phone(browser, await newLink(id, 'eddy'));
  await ready(eddy);
  await eddy.context().setOffline(true);
  await eddy.reload();
  await expect(eddy.getByRole('heading', { level: 1 })).toHaveText('Eddy');
  await box(eddy, /^Step \d+: .*Sleeping bag/).check();
  await expect(status(eddy)).toContainText('No network: 2 ticks to tell later');
  await eddy.reload();
  await expect(box(eddy, /^Step \d+: .*Sleeping bag/)).toBeChecked();
  expect(await marksOf(id, 'eddy')).toEqual([]);
  await eddy.context().setOffline(false);
  await expect(status(eddy)).toContainText('Leader is up to date');
  const marks = await marksOf(id, 'eddy');
  expect(marks.map((m) => m.kind === 'packed' && m.value && !m.byLeader && m.thingId).sort()).toEqual([
    'eddy-sleeping-bag',
    'eddy-spare-clothes',
  ]);
});

test('two devices that differ: both words are kept and shown, and the next tick settles it', async ({
  page,
  browser,
}) => {
  const id = await importTrip(demoText('hut-roof'));
  const url = await newLink(id, 'eddy');
  const [one, two] = [await phone(browser, url), await phone(browser, url)];
  const bag = /^Step \d+: .*Sleeping bag/;
  await box(one, bag).check();
  await expect(status(one)).toContainText('Leader is up to date');
  await two.reload();
  await expect(box(two, bag)).toBeChecked();
  for (const device of [one, two]) {
    await ready(device);
    await device.context().setOffline(true);
  }
  await box(one, bag).uncheck();
  await box(two, bag).uncheck();
  await box(two, bag).check();
  for (const device of [one, two]) {
    await device.context().setOffline(false);
    await expect(status(device)).toContainText('Leader is up to date');
  }
  await one.reload();
  await expect(one.getByText('told differently on another device')).toBeVisible();
  await openStation(page, id, 'sheets');
  const told = page.getByRole('list', { name: 'Told by members' });
  await expect(told).toContainText('two devices differ on Sleeping bag');
  await box(one, bag).uncheck();
  await expect(told).not.toContainText('differ');
  await expect(one.getByText('told differently on another device')).toHaveCount(0);
});

test('what the leader changes is told to whom it concerns, until they have seen it', async ({
  page,
  browser,
}) => {
  const id = await importTrip(demoText('hut-roof'));
  const [eddy, joss] = [
    await phone(browser, await newLink(id, 'eddy')),
    await phone(browser, await newLink(id, 'joss')),
  ];
  await expect(eddy.getByRole('heading', { name: 'Changed since you last looked' })).toHaveCount(0);
  await openStation(page, id, 'shares');
  await page.getByLabel('Find a piece').selectOption('sealant');
  await page
    .getByRole('button', { name: /^Give .* to Joss|^Joss/ })
    .first()
    .click();
  await saved(page);
  // While the leader tries things, the sheets stay as they were sent.
  await eddy.reload();
  await expect(eddy.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(eddy.locator('.sheet-news')).toHaveCount(0);
  await expect(eddy.locator('.sheet')).toContainText('Sealant tubes');
  await expect(station(page, 'Sheets')).toContainText('2 not sent');
  await station(page, 'Sheets').click();
  const sending = page.getByRole('region', { name: 'Sending the sheets' });
  await expect(sending).toContainText('Changed for 2 members since they were sent');
  await sending.getByText('What changes for whom').click();
  await expect(sending.getByRole('listitem').filter({ hasText: 'Joss' })).toContainText(
    'New for you: Sealant tubes',
  );
  await sending.getByRole('button', { name: 'Send' }).click();
  await expect(sending).toContainText('the sheets show the plan as it stands');
  await eddy.reload();
  await joss.reload();
  const news = (member: Page) => member.locator('.sheet-news');
  await expect(news(eddy)).toContainText('No longer yours: Sealant tubes');
  await expect(news(joss)).toContainText('New for you: Sealant tubes, 0.74 kg, from the leader');
  await eddy.reload();
  await news(eddy).getByRole('button', { name: 'I have seen it' }).click();
  await expect(news(eddy)).toHaveCount(0);
  await eddy.reload();
  await expect(eddy.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(news(eddy)).toHaveCount(0);
});

test('links and changes go out as messages, with what became of them', async ({ page, browser }) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'sheets');
  await page.getByText('Messages', { exact: true }).click();
  const panel = page.getByRole('region', { name: 'From and to members' });
  await expect(panel).toContainText('Through: Simulated outbox');
  const address = (name: string) => panel.getByRole('textbox', { name: `Address of ${name}` });
  await address('Eddy').fill('eddy at home');
  await expect(panel.getByRole('alert')).toContainText('Expected a mail address');
  await address('Eddy').fill('eddy@example.org');
  await address('Eddy').press('Enter');
  await address('Joss').fill('bounce@example.org');
  await address('Joss').press('Tab');
  await panel.getByRole('button', { name: 'Send 2 links' }).click();
  await expect(panel.getByRole('status')).toHaveText('Sent to Joss, Eddy.');
  const recipient = (name: string) => panel.getByRole('listitem').filter({ hasText: name });
  await expect(recipient('Eddy')).toContainText(/link .*: delivered/);
  await expect(recipient('Joss')).toContainText(/▲ link .*: failed, no such address/);

  // What Eddy finds in his mail.
  const outbox = await page.context().newPage();
  await outbox.goto(`${baseUrl()}/stand-ins/messages`);
  const mail = outbox.getByRole('article').filter({ hasText: 'eddy@example.org' }).first();
  await expect(mail).toContainText('Eddy, this is your sheet for Mending the hut roof at Tarn Elling');
  const eddy = await phone(browser, (await mail.getByRole('link').getAttribute('href'))!);
  await expect(eddy.getByRole('heading', { level: 1 })).toHaveText('Eddy');
  await expect(recipient('Eddy')).toContainText('opened');

  await panel.getByRole('button', { name: 'Send what changed' }).click();
  await expect(panel.getByRole('status')).toContainText('Nothing changed for Joss, Eddy');
  await station(page, 'Shares').click();
  await page.getByLabel('Find a piece').selectOption('sealant');
  await page
    .getByRole('button', { name: /^Give .* to Joss|^Joss/ })
    .first()
    .click();
  await saved(page);
  await station(page, 'Sheets').click();
  await page.getByText('Messages', { exact: true }).click();
  await panel.getByRole('button', { name: 'Send what changed' }).click();
  await expect(panel.getByRole('status')).toHaveText('Sent to Joss, Eddy.');
  await outbox.reload();
  await expect(outbox.getByRole('article').filter({ hasText: 'eddy@example.org' }).first()).toContainText(
    'No longer yours: Sealant tubes',
  );
});

test('by keyboard alone: a tick, the way to a section, a report', async ({ browser }) => {
  const id = await importTrip(demoText('hut-roof'));
  const eddy = await phone(browser, await newLink(id, 'eddy'));
  await box(eddy, 'I have Roofing nails from the leader').focus();
  await eddy.keyboard.press('Space');
  await expect(box(eddy, 'I have Roofing nails from the leader')).toBeChecked();
  // A box of the loading steps marks its things in the pictures.
  await box(eddy, /^Step \d+: .*Sleeping bag/).focus();
  await expect(eddy.getByRole('img', { name: /^Side: marked: .*Sleeping bag/ })).toBeVisible();
  await eddy.getByRole('button', { name: 'Tell', exact: true }).last().focus();
  await eddy.keyboard.press('Enter');
  await expect(eddy.getByRole('heading', { name: 'Tell your leader' })).toBeFocused();
  await eddy.getByRole('radio', { name: 'Something is wrong' }).focus();
  await eddy.keyboard.press('Space');
  await eddy.getByRole('textbox', { name: 'In your words' }).focus();
  await eddy.keyboard.type('Sore heel');
  await eddy.keyboard.press('Enter');
  await expect(eddy.getByRole('list', { name: 'What you told' })).toContainText('“Sore heel”');
  await expect(status(eddy)).toContainText('Leader is up to date');
});

test('a link that is withdrawn is void, and what it showed is gone from the device', async ({
  page,
  browser,
}) => {
  const id = await importTrip(demoText('hut-roof'));
  const eddy = await phone(browser, await newLink(id, 'eddy'));
  await openStation(page, id, 'sheets');
  await page.getByRole('button', { name: 'Withdraw the link of Eddy' }).click();
  await expect(page.locator('tr[data-row="eddy"]')).toContainText('none');
  await eddy.reload();
  await expect(eddy.getByRole('heading', { name: 'This link is void' })).toBeVisible();
  expect(await eddy.evaluate(() => Object.keys(localStorage))).toEqual([]);
  await eddy.goto(`${baseUrl()}/s/`);
  await expect(eddy.getByRole('heading', { name: 'This is no whole link' })).toBeVisible();
});

test('on paper each member has one side of A4, which holds all that is theirs', async ({ page, browser }) => {
  const id = await importTrip(demoText('hut-roof'));
  const { trip } = await storedTrip(id);
  const carried = (member: string): readonly string[] => [
    ...trip.share
      .filter((a) => a.memberId === member)
      .map((a) => trip.kits.flatMap((k) => k.pieces).find((p) => p.id === a.pieceId)!.name),
    ...trip.personalThings.filter((t) => t.memberId === member).map((t) => t.name),
  ];
  await openStation(page, id, 'sheets');
  await page.getByRole('link', { name: 'Print all sheets' }).click();
  await expect(page.locator('.sheet')).toHaveCount(2);
  const pages = await pdfPages(await page.pdf({ preferCSSPageSize: true }));
  expect(pages).toHaveLength(2);
  trip.members.forEach((member, i) => {
    expect(pages[i]).toContain(member.name);
    for (const name of carried(member.id)) expect(pages[i]).toContain(squeezed(name));
  });
  // The member's own page prints the same.
  const eddy = await phone(browser, await newLink(id, 'eddy'));
  const own = await pdfPages(await eddy.pdf({ preferCSSPageSize: true }));
  expect(own).toHaveLength(1);
  for (const name of carried('eddy')) expect(own[0]).toContain(squeezed(name));
  // And the leader's: everybody with what they carry.
  await page.goto(`${baseUrl()}/trips/${id}/sheets/print?party`);
  await expect(page.getByRole('heading', { name: 'The whole party' })).toBeVisible();
  const party = await pdfPages(await page.pdf({ preferCSSPageSize: true }));
  expect(party).toHaveLength(1);
  for (const piece of trip.kits.flatMap((k) => k.pieces)) expect(party[0]).toContain(squeezed(piece.name));
});

test('a trip with nobody on it says what comes first', async ({ page }) => {
  const answer = await callApi('/trips', {
    method: 'POST',
    body: JSON.stringify({ name: 'Empty', startDate: '2027-06-01', days: 2, style: 'camp', timeZone: 'UTC' }),
  });
  const { id } = (await answer.json()) as { id: string };
  await openStation(page, id, 'sheets');
  await expect(page.getByText('Nobody is on this trip yet')).toBeVisible();
  await page.getByRole('main').getByRole('link', { name: 'Add people' }).click();
  await expect(page).toHaveURL(/\/people$/);
});

test('a member says of themselves, without a network; the leader takes it, one and then all', async ({
  page,
  browser,
}) => {
  const id = await importTrip(demoText('hut-roof'));
  const eddy = await phone(browser, await newLink(id, 'eddy'));
  await ready(eddy);
  await eddy.context().setOffline(true);
  const answer = eddy.getByRole('region', { name: 'About you, before the trip' });
  await answer.getByLabel('Body weight').fill('heavy');
  await answer.getByLabel('Stature').click();
  await expect(answer.getByRole('alert')).toContainText('Type a weight such as 1.2 kg');
  await answer.getByLabel('Body weight').fill('9 st 10');
  await answer.getByLabel('Stature').fill('5 ft 8');
  await answer.getByText('60 L', { exact: true }).click();
  await answer.getByText('or tick it, thing by thing').click();
  await answer.getByRole('checkbox', { name: 'Head torch' }).check();
  await answer.getByLabel('Weight of Head torch').fill('82');
  await answer.getByLabel('What you cannot eat').fill('nuts');
  await answer.getByRole('textbox', { name: 'Its name', exact: true }).fill('dome tent');
  await answer.getByRole('textbox', { name: 'Its name: weight' }).fill('2.1 kg');
  await answer.getByRole('button', { name: 'Add' }).last().click();
  await answer.getByRole('button', { name: 'That is all' }).click();
  await expect(status(eddy)).toContainText('No network');
  await eddy.reload();
  await expect(answer.getByLabel('Body weight')).toHaveValue('61.7 kg');
  await expect(answer.getByText('dome tent, sleeps 2, 2.1 kg')).toBeVisible();
  await eddy.context().setOffline(false);
  await expect(status(eddy)).toContainText('Leader is up to date');

  await openStation(page, id, 'sheets');
  await choose(page, 'From and to members', /^Answers/);
  const panel = page.getByRole('region', { name: 'Answers of Eddy' });
  await expect(panel).toContainText('Body weight 61.7 kg, was');
  await panel.getByRole('button', { name: /^Take of Eddy: Stature/ }).click();
  await expect(panel).not.toContainText('Stature');
  await panel.getByRole('button', { name: 'Take all' }).click();
  await expect(panel).toHaveCount(0);
  await saved(page);
  const { trip } = await storedTrip(id);
  const member = trip.members.find((m) => m.id === 'eddy')!;
  expect([member.bodyMassKg, member.statureCm]).toEqual([61.69, 173]);
  expect(member.healthNotes).toContain('Cannot eat: nuts');
  expect(trip.personalThings.find((t) => t.memberId === 'eddy' && t.name === 'Head torch')!.massKg).toBe(
    0.082,
  );
  expect(trip.kits.find((k) => k.name === 'Eddy’s dome tent')!.pieces.every((p) => p.owner === 'Eddy')).toBe(
    true,
  );
  // Joss has said nothing yet, and is named.
  await expect(page.getByText(/Joss \(no link\)/)).toBeVisible();
});
