/** @jest-environment jest-fixed-jsdom */
import { act, screen, waitFor, within } from '@testing-library/react';
import { emptyTrip, type Trip } from '@graft/core/trip';
import { demoTrip } from '../testing/demo';
import { openTrip, type OpenTrip } from '../testing/openTrip';
import { PeopleStation } from './PeopleStation';

const hut = demoTrip('hut-roof');
const [first, second] = hut.members;
const open = (trip: Trip): OpenTrip => openTrip(trip, <PeopleStation />, { line: true });
const cell = (id: string): HTMLElement => document.querySelector<HTMLElement>(`[data-cell="${id}"]`)!;
const peopleStop = (): string => screen.getByRole('link', { name: /^People/ }).textContent;
afterEach(() => localStorage.clear());

test('members are added to an empty trip, each with a pack of their own', async () => {
  const { server, user } = open(emptyTrip('t', 'T', '2027-01-01', 2));
  await waitFor(() => expect(peopleStop()).toContain('nobody yet'));
  await user.click(screen.getAllByRole('button', { name: 'Add a member' })[0]!);
  await user.click(screen.getAllByRole('button', { name: 'Add a member' })[0]!);
  await waitFor(() => expect(server.trip.members).toHaveLength(2));
  expect(new Set(server.trip.members.map((m) => m.packId)).size).toBe(2);
  expect(server.trip.packs).toHaveLength(2);
  await waitFor(() => expect(peopleStop()).toContain('2, limits'));
});

test('a body weight in stones changes the limit; one out of range is refused with its reason', async () => {
  const { server, user } = open(hut);
  const id = `${first!.id}/bodyMassKg`;
  const limit = cell(`${first!.id}/limit`).textContent;
  await user.click(cell(id));
  await user.keyboard('{Control>}a{/Control}8 st{Enter}');
  await waitFor(() => expect(server.trip.members[0]!.bodyMassKg).toBeCloseTo(50.8, 1));
  await waitFor(() => expect(cell(`${first!.id}/limit`).textContent).not.toBe(limit));
  await user.click(cell(id));
  await user.keyboard('{Control>}a{/Control}900{Enter}');
  expect(within(cell(id)).getByRole('alert').textContent).toMatch(/Type a number from .* kg/);
});

test('hidden body weights are not given away by their editors either', async () => {
  localStorage.setItem('graft.preferences', JSON.stringify({ hideWeights: true }));
  const { server, user } = open(hut);
  const id = `${first!.id}/bodyMassKg`;
  expect(cell(id).textContent).toBe('···');
  await user.click(cell(id));
  expect(within(cell(id)).getByRole<HTMLInputElement>('textbox').value).toBe('');
  await user.keyboard('{Enter}');
  expect(server.trip.members[0]!.bodyMassKg).toBe(first!.bodyMassKg);
});

test('buddies are each other’s; nobody is their own', async () => {
  const alone = { ...hut, members: hut.members.map(({ buddyId: _buddy, ...m }) => m) };
  const { server, user } = open(alone);
  const id = `${first!.id}/buddyId`;
  expect(document.querySelectorAll('[role=columnheader], thead th').length).toBeLessThanOrEqual(9);
  await user.click(screen.getByRole('button', { name: 'All columns' }));
  await user.click(cell(id));
  await user.selectOptions(within(cell(id)).getByRole('combobox'), first!.id);
  expect(within(cell(id)).getByRole('alert').textContent).toBe('Choose another member');
  await user.selectOptions(within(cell(id)).getByRole('combobox'), second!.id);
  await waitFor(() => expect(server.trip.members[0]!.buddyId).toBe(second!.id));
  expect(server.trip.members[1]!.buddyId).toBe(first!.id);
});

test('who is removed takes their things, pack and share along; undo is one step', async () => {
  const { server, user } = open(hut);
  await user.click(screen.getByRole('button', { name: `Remove ${second!.name}` }));
  await user.click(await screen.findByRole('button', { name: 'Remove from the trip' }));
  await waitFor(() => expect(server.trip.members.map((m) => m.id)).not.toContain(second!.id));
  expect(server.trip.personalThings.some((t) => t.memberId === second!.id)).toBe(false);
  expect(server.trip.share.some((a) => a.memberId === second!.id)).toBe(false);
  expect(server.trip.packs.some((p) => p.id === second!.packId)).toBe(false);
});

test('one after another by keys alone: a name with its weight, Enter, the next; what stays unnamed is not kept', async () => {
  const { server, user } = open(emptyTrip('t', 'T', '2027-01-01', 2));
  await user.click(screen.getByRole('button', { name: 'Add a member' }));
  const field = await screen.findByRole<HTMLInputElement>('textbox', { name: 'Member 1, Name' });
  expect([field.selectionStart, field.selectionEnd]).toEqual([0, 'Member 1'.length]);
  await user.keyboard('Ilse 62{Enter}');
  expect(await screen.findByRole('textbox', { name: 'Member 2, Name' })).toBe(document.activeElement);
  await user.keyboard('{Control>}a{/Control}Tam{Tab}');
  await user.keyboard('80{Enter}');
  await screen.findByRole('textbox', { name: 'Member 3, Name' });
  await user.keyboard('{Enter}');
  await waitFor(() =>
    expect(server.trip.members.map((m) => [m.name, m.bodyMassKg, m.bodyEstimated])).toEqual([
      ['Ilse', 62, undefined],
      ['Tam', 80, undefined],
    ]),
  );
  expect(server.trip.packs).toHaveLength(2);
});

test('people are pasted, into the waiting name or onto the table', async () => {
  const { server, user } = open(emptyTrip('t', 'T', '2027-01-01', 2));
  await user.click(screen.getByRole('button', { name: 'Add a member' }));
  await screen.findByRole('textbox', { name: 'Member 1, Name' });
  await user.paste('Ilse 62\nTam 80\nNoor\n');
  await waitFor(() => expect(server.trip.members.map((m) => m.name)).toEqual(['Ilse', 'Tam', 'Noor']));
  act(() => cell(`${server.trip.members[2]!.id}/name`).focus());
  await user.paste('Name\tkg\nNoor\t55.5\nWren\t48');
  await waitFor(() => expect(server.trip.members.map((m) => m.bodyMassKg)).toEqual([62, 80, 55.5, 48]));
});

test('own things: a question, the usual in one click, then what somebody says', async () => {
  const { server, user } = open(emptyTrip('t', 'T', '2027-01-01', 3));
  await user.click(screen.getByRole('button', { name: 'Add a member' }));
  await screen.findByRole('textbox', { name: 'Member 1, Name' });
  await user.keyboard('Ilse 62{Enter}');
  await screen.findByRole('textbox', { name: 'Member 2, Name' });
  await user.keyboard('{Escape}');
  await waitFor(() => expect(server.trip.members).toHaveLength(1));
  const id = `${server.trip.members[0]!.id}/ownThingsKg`;
  expect(cell(id).textContent).toBe('?');
  await user.click(screen.getByRole('button', { name: /^Count own things of 1 member/ }));
  await waitFor(() => expect(cell(id).textContent).toMatch(/^≈ \d\.\d$/));
  await user.click(cell(id));
  await user.keyboard('{Control>}a{/Control}7.5{Enter}');
  await waitFor(() => expect(server.trip.members[0]!.ownThingsKg).toBe(7.5));
  expect(cell(id).textContent).toBe('7.5');
  const kg = server.trip.personalThings.reduce((sum, t) => sum + t.massKg, 0);
  expect(kg).toBeCloseTo(7.5, 6);
});
