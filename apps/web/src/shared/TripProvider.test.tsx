/** @jest-environment jest-fixed-jsdom */
import { act, screen, waitFor } from '@testing-library/react';
import { emptyTrip } from '@graft/core/trip';
import { SaveBanner } from '../app/SaveBanner';
import { TopBar } from '../app/TopBar';
import { openTrip } from '../testing/openTrip';
import { useTrip } from './TripProvider';

const trip = emptyTrip('t', 'Autumn camp', '2027-09-10', 2);

/** A name that every click makes longer. */
function Grower() {
  const { trip: now, change } = useTrip();
  return (
    <button type="button" onClick={() => change('longer name', (t) => ({ ...t, name: `${t.name}!` }))}>
      {now.name}
    </button>
  );
}
const page = (
  <>
    <TopBar />
    <SaveBanner />
    <Grower />
  </>
);
const grower = (): HTMLElement => screen.getByRole('button', { name: /^Autumn camp/ });
const status = (): string => screen.getAllByRole('status')[0]!.textContent;

test('a change shows at once, is sent, and can be undone and done again', async () => {
  const { server, user } = openTrip(trip, page);
  await user.click(grower());
  expect(grower().textContent).toBe('Autumn camp!');
  await waitFor(() => expect(server.trip.name).toBe('Autumn camp!'));
  await waitFor(() => expect(status()).toBe('Saved'));
  await user.click(screen.getByRole('button', { name: 'Undo longer name' }));
  await waitFor(() => expect(server.trip.name).toBe('Autumn camp'));
  await user.keyboard('{Control>}{Shift>}z{/Shift}{/Control}');
  await waitFor(() => expect(server.trip.name).toBe('Autumn camp!'));
  expect(server.version).toBe(4);
});

test('changes made while one is on its way go together in the next', async () => {
  const { server, user } = openTrip(trip, page);
  await user.tripleClick(grower());
  await waitFor(() => expect(server.trip.name).toBe('Autumn camp!!!'));
  expect(server.version).toBeLessThanOrEqual(4);
});

test('a server that does not answer is told, and asked again until it does', async () => {
  const { server, user } = openTrip(trip, page);
  server.down = true;
  await user.click(grower());
  expect(await screen.findByText(/the server does not answer/)).toBeDefined();
  expect(status()).toBe('Saving …');
  server.down = false;
  await waitFor(() => expect(server.trip.name).toBe('Autumn camp!'), { timeout: 5000 });
  await waitFor(() => expect(screen.queryByText(/the server does not answer/)).toBeNull());
});

test('what the server will not store is taken back with its reason', async () => {
  const { server, user } = openTrip(trip, page);
  server.refuse = { status: 422, message: 'The trip is not valid.' };
  await user.click(grower());
  expect(await screen.findByText(/has been taken back. The trip is not valid/)).toBeDefined();
  expect(grower().textContent).toBe('Autumn camp');
  expect(screen.getByRole<HTMLButtonElement>('button', { name: /^Undo/ }).disabled).toBe(true);
  await user.click(screen.getByRole('button', { name: 'Understood' }));
  expect(screen.queryByText(/has been taken back/)).toBeNull();
});

test('a trip changed elsewhere is not written over; its newer state can be loaded', async () => {
  const { server, user } = openTrip(trip, page);
  act(() => {
    server.version = 7;
    server.trip = { ...trip, name: 'Winter camp' };
  });
  await user.click(grower());
  expect(await screen.findByText(/Changed elsewhere/)).toBeDefined();
  expect(server.trip.name).toBe('Winter camp');
  expect(screen.getByRole('button', { name: 'Load the newer state' })).toBeDefined();
});

test('an answer that got lost after its write is noticed: nothing is written twice', async () => {
  const { server, user } = openTrip(trip, page);
  act(() => {
    server.version = 2;
    server.trip = { ...trip, name: 'Autumn camp!' };
  });
  await user.click(grower());
  await waitFor(() => expect(status()).toBe('Saved'));
  expect(server.version).toBe(2);
  expect(screen.queryByText(/Changed elsewhere/)).toBeNull();
});

test('whoever may only look changes nothing, and is told', async () => {
  const { server, user } = openTrip(trip, page, { role: 'read' });
  expect(screen.getByText(/You may look at this trip/)).toBeDefined();
  await user.click(grower());
  expect(screen.getByText(/What you just tried was not done/)).toBeDefined();
  expect(grower().textContent).toBe('Autumn camp');
  expect(server.calls.filter((c) => c.startsWith('POST'))).toEqual([]);
});
