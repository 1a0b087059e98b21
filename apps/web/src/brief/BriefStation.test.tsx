/** @jest-environment jest-fixed-jsdom */
import { screen, waitFor, within } from '@testing-library/react';
import { demoTrip } from '../testing/demo';
import { openTrip, type OpenTrip } from '../testing/openTrip';
import { BriefStation } from './BriefStation';

jest.mock('../workers/track', () => ({
  readTrack: () => Promise.reject(new Error('no track in this test')),
}));
const hut = demoTrip('hut-roof');
const leg = hut.legs[0]!;
const open = (): OpenTrip => openTrip(hut, <BriefStation />, { line: true });
const cell = (id: string): HTMLElement => document.querySelector<HTMLElement>(`[data-cell="${id}"]`)!;
const briefStop = (): string => screen.getByRole('link', { name: /^Trip/ }).textContent;

test('a day is as long as it is typed, in miles too; the line adds up the way', async () => {
  const { server, user } = open();
  await waitFor(() => expect(briefStop()).toMatch(new RegExp(`${hut.legs.length} days?, |too long`)));
  const id = `${leg.id}/distanceKm`;
  await user.click(cell(id));
  await user.keyboard('{Control>}a{/Control}5 mi{Enter}');
  await waitFor(() => expect(server.trip.legs[0]!.distanceKm).toBeCloseTo(8.05, 2));
  await user.click(cell(id));
  await user.keyboard('{Control>}a{/Control}far{Enter}');
  expect(within(cell(id)).getByRole('alert').textContent).toMatch(/^Type a distance such as/);
  expect(server.trip.legs[0]!.distanceKm).toBeCloseTo(8.05, 2);
});

test('days are added and taken away with all that hangs on them', async () => {
  const { server, user } = open();
  await user.click(screen.getByRole('button', { name: 'Add a day' }));
  await waitFor(() => expect(server.trip.legs).toHaveLength(hut.legs.length + 1));
  await user.click(screen.getByRole('button', { name: `Remove day ${hut.legs.length + 1}` }));
  await waitFor(() => expect(server.trip.legs).toHaveLength(hut.legs.length));
});

test('the trip’s own fields: a name, a first day, a style; nonsense is refused', async () => {
  const { server, user } = open();
  const name = screen.getByRole('textbox', { name: 'Name' });
  await user.clear(name);
  await user.type(name, 'Roof, at last{Enter}');
  await waitFor(() => expect(server.trip.name).toBe('Roof, at last'));
  await user.clear(name);
  await user.keyboard('{Enter}');
  expect((await screen.findByRole('alert')).textContent).toContain('a text of 1 to');
  expect(server.trip.name).toBe('Roof, at last');
  await user.keyboard('{Escape}');
  await user.selectOptions(screen.getByRole('combobox', { name: 'Food at night' }), 'container');
  await waitFor(() => expect(server.trip.foodStorage).toBe('container'));
});

test('of several events in a calendar the trip is chosen; cancelled ones are left out', async () => {
  const { server, user } = open();
  const event = (name: string, from: string, to: string, more = ''): string =>
    `BEGIN:VEVENT\r\nSUMMARY:${name}\r\nDTSTART;VALUE=DATE:${from}\r\nDTEND;VALUE=DATE:${to}\r\n${more}END:VEVENT\r\n`;
  const text = `BEGIN:VCALENDAR\r\nVERSION:2.0\r\n${event('Long one', '20280601', '20280606')}${event('The hut', '20280710', '20280713')}${event('Off', '20280801', '20280809', 'STATUS:CANCELLED\r\n')}END:VCALENDAR\r\n`;
  await user.upload(screen.getByLabelText('Calendar file'), new File([text], 'club.ics'));
  const events = within(await screen.findByRole('list', { name: 'Events' }));
  expect(events.getAllByRole('listitem').map((li) => li.textContent)).toEqual([
    expect.stringMatching(/^Long one.*5 days$/) as string,
    expect.stringMatching(/^The hut.*3 days$/) as string,
  ]);
  expect(screen.getByText('1 cancelled event left out.')).toBeDefined();
  expect(server.trip.startDate).toBe(hut.startDate);
  await user.click(events.getByRole('button', { name: /^The hut/ }));
  await waitFor(() => expect(server.trip.startDate).toBe('2028-07-10'));
  expect(screen.getByText(/“The hut”: 3 days from/)).toBeDefined();
});
