/** @jest-environment jsdom */
import { screen, waitFor, within } from '@testing-library/react';
import { assessStow, planningDay, type Trip } from '@graft/core';
import { engineHere } from '../testing/engineHere';
import { demoTrip } from '../testing/demo';
import { openTrip, type OpenTrip } from '../testing/openTrip';
import { PacksStation } from './PacksStation';

jest.mock('../workers/engine', () => engineHere);
jest.setTimeout(60_000);

const hut = demoTrip('hut-roof');
const open = (trip: Trip): OpenTrip => openTrip(trip, <PacksStation />, { line: true });
const packs = (): HTMLElement[] =>
  within(screen.getByRole('navigation', { name: 'Packs' }))
    .getAllByRole('button')
    .filter((b) => b.hasAttribute('aria-current'));

test('all packs planned: everything has a place, and the line of stations says so', async () => {
  const { server, user } = open({ ...hut, stows: [] });
  expect(packs().map((p) => p.textContent)).toEqual(
    hut.members.map(() => expect.stringContaining('not stowed')),
  );
  await user.click(screen.getByRole('button', { name: 'Plan all packs' }));
  await waitFor(() => expect(server.trip.stows).toHaveLength(hut.members.length));
  for (const member of hut.members) {
    const stow = assessStow(server.trip, member.id, planningDay(server.trip, member.id));
    expect(stow.unplaced).toEqual([]);
    expect(stow.placed.length).toBeGreaterThan(0);
  }
  expect(await screen.findByText(`${hut.members.length} of ${hut.members.length} stowed`)).toBeDefined();
});

test('another pack is chosen, and a day of its masses', async () => {
  const { user } = open(hut);
  await user.click(packs()[1]!);
  expect(packs()[1]!.getAttribute('aria-current')).toBe('true');
  const days = within(screen.getByRole('radiogroup', { name: 'Day of the masses' })).getAllByRole('radio');
  expect(days).toHaveLength(hut.legs.length);
  await user.click(days.at(-1)!);
  expect(days.at(-1)!.getAttribute('aria-checked')).toBe('true');
});
