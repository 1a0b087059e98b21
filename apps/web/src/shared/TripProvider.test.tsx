/** @jest-environment jest-fixed-jsdom */
import { act, screen, waitFor } from '@testing-library/react';
import { assignPiece, emptyTrip, removeMember, type Trip } from '@graft/core/trip';
import { OthersChanges } from '../app/OthersChanges';
import { NetworkStrip } from '../app/NetworkStrip';
import { SaveBanner } from '../app/SaveBanner';
import { TopBar } from '../app/TopBar';
import { demoTrip } from '../testing/demo';
import type { FakeServer } from '../testing/fakeServer';
import { openTrip } from '../testing/openTrip';
import { useTrip } from './tripContext';

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
    <NetworkStrip />
    <SaveBanner />
    <OthersChanges />
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
  expect(await screen.findByText(/No answer from the server/)).toBeDefined();
  // Nothing can be kept where these tests run.
  expect(status()).toBe('Not saved');
  server.down = false;
  await waitFor(() => expect(server.trip.name).toBe('Autumn camp!'), { timeout: 5000 });
  await waitFor(() => expect(screen.queryByText(/No answer from the server/)).toBeNull());
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

describe('somebody else changed the trip meanwhile', () => {
  const others = (server: FakeServer, change: Partial<Trip>): void =>
    act(() => {
      server.version += 1;
      server.trip = { ...server.trip, ...change };
    });

  test('another cell: both hold, without a click, and undo takes back only what was done here', async () => {
    const { server, user } = openTrip(trip, page);
    others(server, { notes: 'Bring a map.' });
    await user.click(grower());
    await waitFor(() => expect(server.trip).toMatchObject({ name: 'Autumn camp!', notes: 'Bring a map.' }));
    await waitFor(() => expect(status()).toBe('Saved'));
    expect(screen.queryByRole('alert')).toBeNull();
    expect(screen.queryByRole('region', { name: 'Changes that met' })).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Undo longer name' }));
    await waitFor(() => expect(server.trip).toMatchObject({ name: 'Autumn camp', notes: 'Bring a map.' }));
  });

  test.each([
    ['Take mine', 'Autumn camp!'],
    ['Keep theirs', 'Winter camp'],
  ])('the same cell: both values are shown; %s', async (button, name) => {
    const { server, user } = openTrip(trip, page);
    others(server, { name: 'Winter camp' });
    await user.click(grower());
    const asked = await screen.findByRole('region', { name: 'Changes that met' });
    expect(asked.textContent).toContain('Theirs: Winter camp. Yours: Autumn camp!.');
    // Until it is decided theirs stands.
    expect(server.trip.name).toBe('Winter camp');
    await user.click(screen.getByRole('button', { name: button }));
    await waitFor(() => expect(server.trip.name).toBe(name));
    expect(screen.queryByRole('region', { name: 'Changes that met' })).toBeNull();
  });

  test('nothing unsaved here: it comes in by itself, and who changed what is told', async () => {
    const streams: { onmessage?: (event: { data: string }) => void; close: () => void }[] = [];
    class Stream {
      close = (): void => undefined;
      constructor() {
        streams.push(this);
      }
    }
    Object.assign(globalThis, { EventSource: Stream });
    const { server } = openTrip(trip, page);
    others(server, { name: 'Autumn camp, later' });
    const news = { kind: 'changed', version: 2, by: 'Noor', what: 'name' };
    act(() => streams[0]!.onmessage!({ data: JSON.stringify(news) }));
    await waitFor(() => expect(grower().textContent).toBe('Autumn camp, later'));
    expect(screen.getByTestId('told').textContent).toBe('Noor changed name.');
    // One's own change comes back as news too, and is no reason to ask again.
    const asked = server.calls.length;
    act(() => streams[0]!.onmessage!({ data: JSON.stringify(news) }));
    expect(server.calls.length).toBe(asked);
    Reflect.deleteProperty(globalThis, 'EventSource');
  });

  test('a change here is kept when a member it gives something to is taken away there', async () => {
    const carried = { ...demoTrip('hut-roof'), name: 'Autumn camp' };
    const { pieceId } = carried.share.find((x) => !x.locked)!;
    const other = carried.members.find(
      (m) => m.id !== carried.share.find((x) => x.pieceId === pieceId)!.memberId,
    )!;
    function Giver() {
      const { change } = useTrip();
      return (
        <button type="button" onClick={() => change('give', (t) => assignPiece(t, pieceId, other.id))}>
          give
        </button>
      );
    }
    const { server, user } = openTrip(
      carried,
      <>
        {page}
        <Giver />
      </>,
    );
    others(server, removeMember(carried, other.id));
    await user.click(screen.getByRole('button', { name: 'give' }));
    const asked = await screen.findByRole('region', { name: 'Changes that met' });
    expect(asked.textContent).toContain('your change could not be kept');
    await waitFor(() => expect(status()).toBe('Saved'));
    await user.click(screen.getByRole('button', { name: 'Apply again' }));
    await waitFor(() => expect(asked.textContent).toContain('still'));
    others(server, carried);
    await user.click(grower());
    await waitFor(() => expect(status()).toBe('Saved'));
    await user.click(screen.getByRole('button', { name: 'Apply again' }));
    await waitFor(() =>
      expect(server.trip.share.find((x) => x.pieceId === pieceId)?.memberId).toBe(other.id),
    );
  });
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
  expect(screen.queryByRole('region', { name: 'Changes that met' })).toBeNull();
});

test('whoever may only look changes nothing, and is told', async () => {
  const { server, user } = openTrip(trip, page, { role: 'read' });
  expect(screen.getByText(/You may look at this trip/)).toBeDefined();
  await user.click(grower());
  expect(screen.getByText(/What you just tried was not done/)).toBeDefined();
  expect(grower().textContent).toBe('Autumn camp');
  expect(server.calls.filter((c) => c.startsWith('POST'))).toEqual([]);
});
