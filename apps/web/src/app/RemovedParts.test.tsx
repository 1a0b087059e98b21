/** @jest-environment jest-fixed-jsdom */
import { screen, waitFor } from '@testing-library/react';
import { removeMember } from '@graft/core/trip';
import { demoTrip } from '../testing/demo';
import { openTrip } from '../testing/openTrip';
import { UnreachableLinks } from '../shared/UnreachableLinks';
import { useTrip } from '../shared/tripContext';
import { RemovedNotice } from './RemovedParts';

const hut = demoTrip('hut-roof');

function Page() {
  const { change, undo } = useTrip();
  return (
    <>
      <RemovedNotice since={hut} />
      <button onClick={() => change('remove Eddy', (t) => removeMember(t, 'eddy'))}>take out</button>
      <button onClick={undo}>undo</button>
    </>
  );
}

test('what is removed is said when it happens and comes back in one click', async () => {
  const { server, user } = openTrip(hut, <Page />);
  expect(screen.queryByText(/^Removed:/)).toBeNull();
  await user.click(screen.getByRole('button', { name: 'take out' }));
  expect((await screen.findByText(/kept for 30 days/)).textContent).toMatch(
    /^Removed: Eddy, with \d+ things\./,
  );
  await waitFor(() => expect(server.trip.members.map((m) => m.id)).toEqual(['joss']));
  await user.click(screen.getByRole('button', { name: 'Bring back' }));
  await waitFor(() => expect(server.trip.members).toEqual(hut.members));
  expect(new Set(server.trip.personalThings)).toEqual(new Set(hut.personalThings));
  expect(server.trip.stows.map((s) => s.memberId).sort()).toEqual(['eddy', 'joss']);
  expect(screen.queryByText(/kept for 30 days/)).toBeNull();
});

test('undone, it is said no more', async () => {
  const { user } = openTrip(hut, <Page />);
  await user.click(screen.getByRole('button', { name: 'take out' }));
  await screen.findByText(/kept for 30 days/);
  await user.click(screen.getByRole('button', { name: 'undo' }));
  await waitFor(() => expect(screen.queryByText(/kept for 30 days/)).toBeNull());
});

test('links that lead to this machine say so before they are made', async () => {
  openTrip(hut, <UnreachableLinks />);
  expect(window.location.origin).toBe('http://localhost');
  expect((await screen.findByRole('note')).textContent).toContain('No phone can open these links.');
});
