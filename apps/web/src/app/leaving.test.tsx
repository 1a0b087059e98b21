/** @jest-environment jest-fixed-jsdom */
/** Planning that is under way when the station is left: seen, stopped, and never over what was done since. */
import { screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { planStow } from '@graft/core/stow';
import { placeThing, type Stow, type Trip } from '@graft/core/trip';
import { RunStrip } from './RunStrip';
import { useTrip } from '../shared/tripContext';
import { demoTrip } from '../testing/demo';
import { openTrip } from '../testing/openTrip';
import { runStows } from '../workers/engine';
import { PacksStation } from '../packs/PacksStation';

jest.mock('../workers/engine', () => ({ runStows: jest.fn() }));

const hut = demoTrip('hut-roof');
const plans = hut.members.map((m) => planStow(hut, m.id, { seed: 3, iterations: 1500 }).stow);

/** An engine that waits for the test. */
function heldEngine() {
  const held = {
    end: (): void => undefined,
    fail: (_why: string): void => undefined,
    tell: (_n: number): void => undefined,
  };
  jest.mocked(runStows).mockImplementation((_trip, memberIds, _seed, onStow, onProgress) => {
    let over: () => void = () => undefined;
    const result = new Promise<void>((resolve, reject) => {
      over = resolve;
      held.fail = (why) => reject(new Error(why));
    });
    held.tell = onProgress;
    held.end = () => {
      for (const plan of plans) if (memberIds.includes(plan.memberId)) onStow(plan);
      over();
    };
    return { result, stop: () => over() };
  });
  return held;
}

/** Packs, which can be left; a thing of Eddy's can be moved from elsewhere. */
function Page() {
  const [here, setHere] = useState(true);
  const { trip, change } = useTrip();
  const first = trip.stows.find((s) => s.memberId === 'eddy')!.placements[0]!;
  return (
    <>
      <RunStrip />
      <button onClick={() => setHere(!here)}>{here ? 'leave' : 'come back'}</button>
      <button
        onClick={() =>
          change('pin', (t) => placeThing(t, 'eddy', { ...first, pinned: first.pinned !== true }))
        }
      >
        pin
      </button>
      {here ? <PacksStation /> : <p>elsewhere</p>}
    </>
  );
}
const stowOf = (trip: Trip, memberId: string): Stow | undefined =>
  trip.stows.find((s) => s.memberId === memberId);
const planOf = (memberId: string): Stow => plans.find((p) => p.memberId === memberId)!;

async function planAllAndLeave() {
  const held = heldEngine();
  const opened = openTrip(hut, <Page />);
  await opened.user.click(screen.getByRole('button', { name: 'Plan all packs' }));
  expect(screen.getAllByRole('progressbar', { name: 'Planning packs' })).toHaveLength(1);
  await opened.user.click(screen.getByRole('button', { name: 'leave' }));
  return { ...opened, held };
}

test('left, planning is shown elsewhere with its progress, and its result is taken in', async () => {
  const { held, server } = await planAllAndLeave();
  held.tell(0.25);
  await waitFor(() =>
    expect(screen.getByRole('progressbar', { name: 'Planning packs' }).getAttribute('aria-valuenow')).toBe(
      '25',
    ),
  );
  held.end();
  await waitFor(() => expect(stowOf(server.trip, 'eddy')).toEqual(planOf('eddy')));
  expect(stowOf(server.trip, 'joss')).toEqual(planOf('joss'));
  expect(screen.queryByText('Planning packs')).toBeNull();
});

test('stopped elsewhere, it ends and changes nothing that was not ready', async () => {
  const { user, server } = await planAllAndLeave();
  await user.click(screen.getByRole('button', { name: 'Stop' }));
  await waitFor(() => expect(screen.queryByText('Planning packs')).toBeNull());
  expect(server.trip.stows).toEqual(hut.stows);
});

test('back at the station, it is shown there and nowhere else', async () => {
  const { user } = await planAllAndLeave();
  await user.click(screen.getByRole('button', { name: 'come back' }));
  expect(screen.getAllByRole('progressbar', { name: 'Planning packs' })).toHaveLength(1);
  expect(screen.queryByRole('button', { name: 'Plan all packs' })).toBeNull();
});

test('a pack changed meanwhile keeps the change until somebody takes the plan', async () => {
  const { user, held, server } = await planAllAndLeave();
  await user.click(screen.getByRole('button', { name: 'pin' }));
  held.end();
  await waitFor(() => expect(stowOf(server.trip, 'joss')).toEqual(planOf('joss')));
  expect(stowOf(server.trip, 'eddy')).not.toEqual(planOf('eddy'));
  expect(screen.getByText(/1 planned pack was changed by hand meanwhile \(Eddy\)/)).toBeDefined();
  await user.click(screen.getByRole('button', { name: 'Take it' }));
  await waitFor(() => expect(stowOf(server.trip, 'eddy')).toEqual(planOf('eddy')));
  expect(screen.queryByRole('button', { name: 'Take it' })).toBeNull();
});

test('or until it is left as it is', async () => {
  const { user, held, server } = await planAllAndLeave();
  await user.click(screen.getByRole('button', { name: 'pin' }));
  held.end();
  await user.click(await screen.findByRole('button', { name: 'Leave it as it is' }));
  expect(screen.queryByText(/changed by hand meanwhile/)).toBeNull();
  expect(stowOf(server.trip, 'eddy')!.placements).toHaveLength(stowOf(hut, 'eddy')!.placements.length);
  expect(stowOf(server.trip, 'eddy')).not.toEqual(planOf('eddy'));
});

test('a failure elsewhere is told until it is dismissed', async () => {
  const { user, held } = await planAllAndLeave();
  held.fail('the worker ended');
  expect((await screen.findByRole('alert')).textContent).toContain('Planning packs ended: the worker ended');
  await user.click(screen.getByRole('button', { name: 'Dismiss' }));
  expect(screen.queryByRole('alert')).toBeNull();
});
