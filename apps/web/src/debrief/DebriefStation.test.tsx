/** @jest-environment jest-fixed-jsdom */
import { screen, waitFor, within } from '@testing-library/react';
import type { TripRecord } from '@graft/core/debrief';
import { starterLibrary } from '@graft/core/library';
import type { Trip } from '@graft/core/trip';
import { demoTrip } from '../testing/demo';
import { openTrip } from '../testing/openTrip';
import { DebriefStation } from './DebriefStation';

const HUT = demoTrip('hut-roof');
const open = (view: string, trip = HUT, more: Parameters<typeof openTrip>[2] = {}) =>
  openTrip(trip, <DebriefStation />, { line: true, at: `/?view=${view}`, ...more });

test('what became of things: one by one, the rest at once, and what was missed', async () => {
  const { server, user } = open('used');
  const whose = screen.getByRole('list', { name: 'Whose things' });
  await user.click(within(whose).getByRole('button', { name: /^Joss/ }));
  const table = screen.getByRole('table', { name: 'Things of Joss' });
  const [first] = HUT.personalThings.filter((t) => t.memberId === 'joss' && t.madeBy === undefined);
  const fate = within(table).getByRole('radiogroup', { name: `What became of ${first!.name}` });
  await user.click(within(fate).getByRole('radio', { name: 'not used' }));
  await user.click(screen.getByRole('button', { name: /^The other \d+ were used$/ }));
  await waitFor(() => {
    const own = HUT.personalThings.filter((t) => t.memberId === 'joss' && t.madeBy === undefined);
    expect(server.trip.uses).toHaveLength(own.length);
  });
  expect(server.trip.uses.filter((u) => u.fate === 'unused').map((u) => u.thingId)).toEqual([first!.id]);
  expect(within(whose).getByRole('button', { name: /^Joss/ }).textContent).toContain('all said');
  await user.type(screen.getByLabelText('Something that was missed'), 'Sewing kit');
  await user.selectOptions(screen.getByLabelText('Who missed it'), 'joss');
  await user.click(screen.getByRole('button', { name: 'Add' }));
  await waitFor(() =>
    expect(server.trip.missed).toEqual([{ id: 'sewing-kit', name: 'Sewing kit', memberId: 'joss' }]),
  );
});

test('food and fuel that were left, and what that means a person and day', async () => {
  const { server, user } = open('left');
  const [group] = HUT.groups.filter((g) => g.kind === 'cook');
  await user.type(screen.getByLabelText(`Food left of ${group!.name}`), '300 g{Enter}');
  await waitFor(() => expect(server.trip.leftovers).toEqual([{ groupId: group!.id, foodKg: 0.3 }]));
  expect(screen.getByRole('table', { name: 'Left over' }).textContent).toMatch(/\d{2,3} g/);
});

test('chores are ticked when they are done', async () => {
  const lent: Trip = {
    ...HUT,
    arrangements: [
      { id: 'l', kind: 'loan', thingId: 'hammer', text: 'the good hammer', who: 'Aunt', done: true },
    ],
  };
  const { server, user } = open('chores', lent);
  const table = screen.getByRole('table', { name: 'Give back' });
  await user.click(within(table).getByRole('checkbox'));
  await waitFor(() => expect(server.trip.chores.map((c) => c.id)).toEqual(['return/hammer']));
});

describe('from earlier trips', () => {
  const record = (year: number): TripRecord => ({
    id: `t${year}`,
    name: `Roof ${year}`,
    style: HUT.style,
    startDate: `${year}-08-20`,
    things: [{ name: 'Roofing felt, rolled', fate: 'unused' }],
    missed: year === 2026 ? [{ name: 'Sewing kit' }] : [],
    days: [],
  });
  const records = [record(2024), record(2025), record(2026)];

  test('each suggestion shows its evidence; taken it changes the trip, refused it is not said again', async () => {
    const { server, user } = open('learnt', HUT, { records, library: starterLibrary() });
    await screen.findByText(/^2 suggestions from 3 debriefed trips/);
    within(screen.getByRole('navigation', { name: 'Stations' })).getByText('2 suggestions');
    expect(screen.getByText(/Roof 2024.*not used/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Accept: Leave roofing felt, rolled' }));
    await waitFor(() =>
      expect(server.trip.kits.flatMap((k) => k.pieces).some((p) => p.name === 'Roofing felt, rolled')).toBe(
        false,
      ),
    );
    await user.click(screen.getByRole('button', { name: 'Not for this trip: Bring sewing kit' }));
    await screen.findByText(/^Nothing more to learn/);
    await waitFor(() =>
      expect(server.trip.dismissals.map((d) => d.id)).toEqual(['learnt/bring/ sewing kit']),
    );
  });
  test('how many trips it takes can be chosen', async () => {
    const { server, user } = open('learnt', HUT, { records });
    await screen.findByText(/^2 suggestions from/);
    await user.selectOptions(screen.getByLabelText('Trips without use after which a thing may stay'), '4');
    await screen.findByText(/^One suggestion from/);
    await waitFor(() => expect(server.trip.leaveAfterTrips).toBe(4));
  });
  test('without a debriefed trip it says what will stand here', async () => {
    open('learnt');
    await screen.findByText(/No earlier trip of yours is debriefed yet/);
  });
});

test('closing the debrief is what later trips learn from, and tells the kit library', async () => {
  const [entry] = starterLibrary().filter((e) => e.kind === 'thing');
  const taken: Trip = {
    ...HUT,
    personalThings: HUT.personalThings.map((t, i) => (i === 0 ? { ...t, libraryId: entry!.id } : t)),
    uses: [{ thingId: HUT.personalThings[0]!.id, fate: 'unused' }],
  };
  const { server, user } = open('walked', taken, { library: starterLibrary() });
  const button = await screen.findByRole('button', { name: 'Close the debrief' });
  await waitFor(() => expect(button).toHaveProperty('disabled', false));
  await user.click(button);
  await waitFor(() => expect(server.trip.debriefedOn).toMatch(/^\d{4}-\d{2}-\d{2}$/));
  await waitFor(() =>
    expect(server.library.entries.find((e) => e.id === entry!.id)).toMatchObject({
      outings: [{ trip: HUT.name, used: false }],
    }),
  );
  await user.click(screen.getByRole('button', { name: 'Open it again' }));
  await waitFor(() => expect(server.trip.debriefedOn).toBeUndefined());
});

test('planned and walked: a line a member with the loads of every day', () => {
  open('walked');
  const table = screen.getByRole('table', { name: 'Planned and walked' });
  expect(within(table).getAllByRole('row')).toHaveLength(HUT.members.length + 1);
  expect(within(table).getAllByRole('img')[0]!.getAttribute('aria-label')).toMatch(/day 1 planned/);
});
