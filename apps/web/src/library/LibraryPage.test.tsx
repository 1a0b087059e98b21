/** @jest-environment jest-fixed-jsdom */
import { act, render, screen, waitFor, within } from '@testing-library/react';
import userEvent, { type UserEvent } from '@testing-library/user-event';
import { starterLibrary, type KitEntry, type LibraryEntry } from '@graft/core/library';
import { emptyTrip } from '@graft/core/trip';
import { fakeServer, type FakeServer } from '../testing/fakeServer';
import { Providers } from '../testing/openTrip';
import { LibraryPage } from './LibraryPage';

async function open(set: string, find: string): Promise<{ server: FakeServer; user: UserEvent }> {
  const server = fakeServer(emptyTrip('t', 'T', '2027-01-01', 1), starterLibrary());
  render(
    <Providers>
      <LibraryPage />
    </Providers>,
  );
  const user = userEvent.setup();
  await screen.findByText(new RegExp(`${starterLibrary().length} entries`));
  await user.click(screen.getByRole('radio', { name: set }));
  await user.type(screen.getByRole('textbox', { name: 'Find by name' }), find);
  return { server, user };
}
const named = (server: FakeServer, name: string): LibraryEntry | undefined =>
  server.library.entries.find((e) => e.name === name);

test('a new kit begins with one piece; its facts follow what it is for', async () => {
  const { server, user } = await open('Kits', 'zzz');
  expect(screen.getByText('Nothing is named like “zzz”.')).toBeDefined();
  await user.click(screen.getByRole('button', { name: 'Kit' }));
  await waitFor(() => expect(named(server, 'New kit')).toMatchObject({ pieces: [{ name: 'New piece' }] }));
  await user.clear(screen.getByRole('textbox', { name: 'Find by name' }));
  await user.type(screen.getByRole('textbox', { name: 'Find by name' }), 'new kit');
  const choose = (label: string, option: string): Promise<void> =>
    user.selectOptions(screen.getByRole('combobox', { name: label }), option);
  await choose('New kit is for', 'a tent');
  await waitFor(() => expect(named(server, 'New kit')).toMatchObject({ groupKind: 'tent', sleeps: 2 }));
  await choose('New kit sleeps', '3');
  await choose('New kit is for', 'a cook group');
  await waitFor(() => expect(named(server, 'New kit')).toMatchObject({ groupKind: 'cook', potL: 2 }));
  expect(named(server, 'New kit')).not.toHaveProperty('sleeps');
  await choose('Stove of New kit', 'gas burner');
  await user.click(screen.getByRole('button', { name: '2 L' }));
  const pot = screen.getByRole('textbox', { name: 'Pot of New kit' });
  await user.clear(pot);
  await user.type(pot, 'big{Enter}');
  expect(screen.getByRole('alert').textContent).toMatch(/^Type a volume such as/);
  await user.clear(pot);
  await user.type(pot, '1.5 L{Enter}');
  await waitFor(() => expect(named(server, 'New kit')).toMatchObject({ potL: 1.5 }));
  expect((named(server, 'New kit') as KitEntry).stove).toBeDefined();
});

test('what is removed can be put back', async () => {
  const { server, user } = await open('Things', 'tripod');
  await user.click(screen.getByRole('button', { name: 'Remove Camera tripod' }));
  await waitFor(() => expect(named(server, 'Camera tripod')).toBeUndefined());
  expect(screen.getByText('Camera tripod removed.')).toBeDefined();
  await user.click(screen.getByRole('button', { name: 'Put back' }));
  await waitFor(() => expect(named(server, 'Camera tripod')).toBeDefined());
  expect(screen.queryByText('Camera tripod removed.')).toBeNull();
});

test('a thing’s record: trips with and without it; three without in a row are marked', async () => {
  const { server, user } = await open('Things', 'tripod');
  const row = within(screen.getByRole('grid', { name: 'Library things' })).getAllByRole('row')[1]!;
  act(() => within(row).getAllByRole('gridcell')[1]!.focus());
  for (const trip of ['Moor', 'Ridge', 'Coast']) {
    await user.type(screen.getByRole('textbox', { name: 'Trip' }), trip);
    await user.click(screen.getByRole('button', { name: 'Was not used' }));
  }
  await waitFor(() =>
    expect(named(server, 'Camera tripod')).toMatchObject({
      outings: [{ trip: 'Moor' }, { trip: 'Ridge' }, { trip: 'Coast', used: false }],
    }),
  );
  expect(row.textContent).toContain('3 of 3 ▲');
  await user.click(screen.getByRole('button', { name: 'Remove Ridge' }));
  await waitFor(() => expect(row.textContent).toContain('2 of 2'));
});
