/** @jest-environment jest-fixed-jsdom */
import { screen, waitFor, within } from '@testing-library/react';
import { starterLibrary } from '@graft/core/library';
import { type Trip } from '@graft/core/trip';
import { demoTrip } from '../testing/demo';
import { openTrip, type OpenTrip } from '../testing/openTrip';
import { LarderStation } from './LarderStation';

const demo = demoTrip('corvane-census');
const open = (trip: Trip = demo): OpenTrip =>
  openTrip(trip, <LarderStation />, { line: true, library: starterLibrary() });
const panel = (name: string): HTMLElement =>
  within(screen.getByRole('radiogroup', { name: 'Food figures' })).getByRole('radio', { name });

test('what of snacks is carried at most: a word is refused and said, a mass is taken', async () => {
  const { server, user } = open();
  const cap = screen.getByRole('textbox', { name: 'At most at once' });
  await user.clear(cap);
  await user.type(cap, 'plenty{Enter}');
  expect((await screen.findByRole('alert')).textContent).toMatch(/^Type a weight such as/);
  expect(server.trip.larder.snackCapKg).toBe(demo.larder.snackCapKg);
  await user.clear(cap);
  await user.type(cap, '0.5 kg{Enter}');
  await waitFor(() => expect(server.trip.larder.snackCapKg).toBe(0.5));
});

test('at night: what is there, against what holds it, and whose it is, night by night', async () => {
  const { user } = open();
  await user.click(panel('At night'));
  const table = await screen.findByRole('table', { name: 'Scented things by night' });
  const nights = within(table).getAllByRole('row');
  expect(nights).toHaveLength(demo.legs.length);
  const round = (): string =>
    screen.getByText('nobody yet, Food, Cook group North:').parentElement!.textContent;
  expect(round()).toContain('Food parcel 3');
  await user.selectOptions(screen.getByRole('combobox', { name: 'Night after day' }), '5');
  expect(round()).toContain('Food parcel 5');
  expect(round()).not.toContain('Food parcel 3');
});

test('water: by day, and how it is treated', async () => {
  const { server, user } = open();
  await user.click(panel('Water'));
  const days = within(await screen.findByRole('table', { name: 'Water by day' })).getAllByRole('row');
  expect(days).toHaveLength(demo.legs.length + 1);
  const treated = screen.getByRole<HTMLSelectElement>('combobox', { name: 'Water is treated by' });
  const other = [...treated.options].find((o) => !o.selected)!;
  await user.selectOptions(treated, other.value);
  await waitFor(() => expect(server.trip.larder.treatment).toBe(other.value));
});
