/** @jest-environment jest-fixed-jsdom */
import { act, screen, waitFor, within } from '@testing-library/react';
import { STARTER_LIBRARY } from '@graft/core/library';
import { allPieces, type Canister, type Trip } from '@graft/core/trip';
import { demoTrip } from '../testing/demo';
import { openTrip, type OpenTrip } from '../testing/openTrip';
import { LarderStation } from './LarderStation';

const demo = demoTrip('corvane-census');
const open = (trip: Trip = demo): OpenTrip =>
  openTrip(trip, <LarderStation />, { line: true, library: STARTER_LIBRARY });
const panel = (name: string): HTMLElement =>
  within(screen.getByRole('radiogroup', { name: 'Larder figures' })).getByRole('radio', { name });
const larderStop = (): string => screen.getByRole('link', { name: /^Larder/ }).textContent;

test('settings of the larder land in the kit: by the meal there are more parcels', async () => {
  const { server, user } = open();
  const parcels = (trip: Trip): number => allPieces(trip).filter((p) => p.id.startsWith('larder-')).length;
  await user.selectOptions(screen.getByRole('combobox', { name: 'Food is shared' }), 'by the meal');
  await waitFor(() => expect(server.trip.larder.parcels).toBe('meal'));
  expect(parcels(server.trip)).toBeGreaterThan(parcels(demo));
  const cap = screen.getByRole('textbox', { name: 'At most at once' });
  await user.clear(cap);
  await user.type(cap, 'plenty{Enter}');
  expect((await screen.findByRole('alert')).textContent).toContain('got "plenty"');
  expect(server.trip.larder.snackCapKg).toBe(demo.larder.snackCapKg);
  await user.clear(cap);
  await user.type(cap, '0.5 kg{Enter}');
  await waitFor(() => expect(server.trip.larder.snackCapKg).toBe(0.5));
});

test('hidden body weights hide the energy that gives them away', async () => {
  localStorage.setItem('graft.preferences', JSON.stringify({ hideWeights: true }));
  open();
  const energy = screen.getByRole('grid', { name: 'Energy by member' });
  expect(within(energy).queryByText('3380')).toBeNull();
  expect(within(energy).getAllByText('···').length).toBeGreaterThan(0);
  localStorage.clear();
  await waitFor(() => expect(larderStop()).toContain('a day each'));
});

test('a pick-up on the way: its day’s dinner joins there', async () => {
  const { server, user } = open();
  const before = demo.pickups.length;
  const day = screen.getByRole('textbox', { name: 'Day of the pick-up' });
  await user.clear(day);
  await user.type(day, '2');
  await user.type(screen.getByRole('textbox', { name: 'Name of the pick-up' }), 'Box at the ford');
  await user.click(screen.getByRole('button', { name: 'Add' }));
  await waitFor(() => expect(server.trip.pickups).toHaveLength(before + 1));
  expect(server.trip.pickups).toContainEqual(expect.objectContaining({ day: 2, name: 'Box at the ford' }));
  const joined = allPieces(server.trip).filter((p) => p.madeBy === 'larder' && p.fromDay === 2);
  expect(joined.length).toBeGreaterThan(0);
  await user.click(screen.getByRole('button', { name: 'Remove Box at the ford' }));
  await waitFor(() => expect(server.trip.pickups).toEqual(demo.pickups));
});

test('fuel: too little is told on the line of stations, too; the lightest canisters cure it', async () => {
  const { server, user } = open({ ...demo, canisters: demo.canisters.map((c) => ({ ...c, netKg: 0.01 })) });
  expect(larderStop()).toContain('▲');
  await user.click(panel('Fuel'));
  const [lightest] = screen.getAllByRole('button', { name: 'Take the lightest that hold it' });
  await user.click(lightest!);
  const tiny = (c: Canister): boolean => c.netKg === 0.01;
  await waitFor(() => expect(server.trip.canisters.every(tiny)).toBe(false));
  const canister = server.trip.canisters.find((c) => !tiny(c))!;
  const line = screen.getAllByText(canister.name, { selector: 'p' }).at(-1)!.parentElement!.parentElement!;
  const weighed = within(line).getByRole('textbox', { name: 'Weighed, if begun' });
  await user.type(weighed, '9 kg{Enter}');
  expect((await screen.findByRole('alert')).textContent).toMatch(/expected/);
  await user.clear(weighed);
  const grossG = Math.round((canister.tareKg + 0.05) * 1000);
  await user.type(weighed, `${grossG} g{Enter}`);
  await waitFor(() =>
    expect(server.trip.canisters.find((c) => c.id === canister.id)?.grossKg).toBeCloseTo(grossG / 1000, 6),
  );
  await user.click(within(line).getByRole('button', { name: /^Remove/ }));
  await waitFor(() => expect(server.trip.canisters.map((c) => c.id)).not.toContain(canister.id));
});

test('at night: what is there, against what holds it, and whose it is, night by night', async () => {
  const { user } = open();
  await user.click(panel('At night'));
  const nights = within(screen.getByRole('table', { name: 'Scented things by night' })).getAllByRole('row');
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
  const days = within(screen.getByRole('table', { name: 'Water by day' })).getAllByRole('row');
  expect(days).toHaveLength(demo.legs.length + 1);
  const treated = screen.getByRole<HTMLSelectElement>('combobox', { name: 'Water is treated by' });
  const other = [...treated.options].find((o) => !o.selected)!;
  await user.selectOptions(treated, other.value);
  await waitFor(() => expect(server.trip.larder.treatment).toBe(other.value));
});

test('a meal is chosen from the library by keyboard, and taken away', async () => {
  const { server, user } = open({ ...demo, meals: [] });
  await waitFor(() => expect(server.calls).toContain('GET /library'));
  const [north] = screen.getAllByRole('table', { name: /^Meals of/ });
  const [cell] = within(north!).getAllByRole('button', { name: /dinner/i });
  act(() => cell!.focus());
  await user.keyboard('{Enter}');
  const dishes = await screen.findByRole<HTMLSelectElement>('combobox', {
    name: /^Dish for dinner on day 1/,
  });
  const dish = [...dishes.options].find((o) => o.value !== '')!;
  await user.selectOptions(dishes, dish.value);
  await waitFor(() => expect(server.trip.meals).toHaveLength(1));
  expect(server.trip.meals[0]).toMatchObject({ day: 1, kind: 'dinner' });
});
