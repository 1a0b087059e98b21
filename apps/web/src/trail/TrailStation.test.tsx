/** @jest-environment jest-fixed-jsdom */
import { screen, waitFor, within } from '@testing-library/react';
import { dayLoad } from '@graft/core/load';
import { planStow } from '@graft/core/stow';
import { adoptStow, type Trip } from '@graft/core/trip';
import { demoTrip } from '../testing/demo';
import { engineHere, solverHere } from '../testing/engineHere';
import { openTrip } from '../testing/openTrip';
import { TrailStation } from './TrailStation';

jest.mock('../workers/engine', () => engineHere);
jest.mock('../workers/solver', () => solverHere);

const HUT = demoTrip('hut-roof');
/** Both packs stowed, quickly. */
const STOWED = HUT.members.reduce<Trip>(
  (t, m) => adoptStow(t, planStow(t, m.id, { seed: 1, iterations: 4000 }).stow),
  HUT,
);
const open = async (view: string, trip = HUT, role: 'owner' | 'read' = 'owner') => {
  const opened = openTrip(trip, <TrailStation />, { line: true, role, at: `/?${view}` });
  // A view is loaded when it is opened.
  await waitFor(() =>
    expect(
      screen.queryByRole('radiogroup', { name: 'Trail' }) ?? screen.queryByText(/weighed before leaving/),
    ).not.toBeNull(),
  );
  return opened;
};
const rowOf = (table: string, name: string) =>
  within(screen.getByRole('grid', { name: table })).getByRole('row', { name: new RegExp(`^${name}`) });

describe('weigh-in', () => {
  test('a pack on the scale: its difference, what is likely behind it, the buddy’s check, and who says it is ready', async () => {
    const { server, user } = await open('view=weighIn');
    const [joss] = HUT.members;
    const load = dayLoad(HUT, joss!, 1);
    const field = screen.getByLabelText(`Pack of ${joss!.name} on the scale`);
    await user.type(field, `${(load.totalKg + 2).toFixed(1)}{Enter}`);
    await waitFor(() => expect(server.trip.weighIns).toHaveLength(1));
    expect(rowOf('Weigh-in', joss!.name).textContent).toMatch(/\+(1\.9|2\.0|2\.1) kg.*heavier than planned/);
    const panel = screen.getByRole('region', { name: `Weigh-in of ${joss!.name}` });
    expect(panel.textContent).toMatch(/Likely behind \+/);
    await user.click(within(panel).getByRole('checkbox', { name: /Zips and straps/ }));
    await user.click(within(panel).getByRole('button', { name: 'Ready, 9 unchecked' }));
    await waitFor(() =>
      expect(server.trip.weighIns[0]).toMatchObject({ checked: ['closed'], signedBy: 'Olga' }),
    );
    await user.click(screen.getByRole('button', { name: 'Sign the departure, 1 not ready' }));
    await waitFor(() => expect(server.trip.departure).toMatchObject({ by: 'Olga' }));
    expect(server.trip.departure!.loads[0]!.measuredKg).toBeCloseTo(load.totalKg + 2, 1);
    await user.click(screen.getByRole('button', { name: 'Remove the departure' }));
    await waitFor(() => expect(server.trip.departure).toBeUndefined());
  });
  test('a mass that no pack has is refused with what was expected, and stays in the field', async () => {
    const { server, user } = await open('view=weighIn');
    const field = screen.getByLabelText<HTMLInputElement>(`Pack of ${HUT.members[0]!.name} on the scale`);
    await user.type(field, '900{Enter}');
    expect(screen.getByRole('alert').textContent).toBe('Type 0.10 to 80.0 kg');
    expect(field.value).toBe('900');
    expect(server.trip.weighIns).toEqual([]);
  });
});

describe('days', () => {
  test('while handovers are fitted into the packs they can be stopped; then none is noted', async () => {
    let over: () => void = () => undefined;
    const result = new Promise<undefined>((resolve) => {
      over = () => resolve(undefined);
    });
    const fitting = jest.spyOn(engineHere, 'runRestow').mockReturnValue({ result, stop: () => over() });
    const { server, user } = await open('view=days&day=2', STOWED);
    await user.click(screen.getByRole('button', { name: 'Hurt' }));
    await user.click(
      within(screen.getByRole('group', { name: 'Hurt' })).getByRole('button', { name: 'Eddy' }),
    );
    await user.click(await screen.findByRole('button', { name: /^Accept/ }));
    expect(fitting).toHaveBeenCalled();
    const bar = await screen.findByRole('progressbar', { name: 'Fitting the handovers into the packs' });
    const stop = within(bar.closest<HTMLElement>('[data-run]')!).getByRole('button', { name: 'Stop' });
    await user.click(stop);
    await waitFor(() => expect(screen.queryByRole('progressbar')).toBeNull());
    // The proposal is still there to be accepted, and nothing of it was stored.
    screen.getByRole('region', { name: 'Proposed handovers' });
    expect(screen.queryByText(/^Handed over\./)).toBeNull();
    expect(server.trip.handovers).toEqual([]);
    expect(server.trip.stows).toEqual(STOWED.stows);
    fitting.mockRestore();
  });
  test('a meal, water, a thing, something bought; each can be taken back', async () => {
    const { server, user } = await open('view=days&day=1');
    const tap = async (what: string, which: RegExp): Promise<void> => {
      await user.click(screen.getByRole('button', { name: what }));
      await user.click(
        within(screen.getByRole('group', { name: what })).getByRole('button', { name: which }),
      );
    };
    await user.click(screen.getByText('after it'));
    await tap('Water taken', /^2\.5 L each$/);
    await tap('Left behind', /^Claw hammer/);
    await user.click(screen.getByRole('button', { name: 'Tents packed wet' }));
    await user.click(screen.getByRole('button', { name: 'Bought' }));
    const bought = screen.getByRole('group', { name: 'Bought' });
    await user.click(within(bought).getByRole('button', { name: 'Joss' }));
    expect(within(bought).getByRole('alert').textContent).toBe('Say what it is.');
    await user.type(within(bought).getByLabelText('What was bought'), 'Bread');
    await user.type(within(bought).getByLabelText('Its weight'), '500 g');
    await user.click(within(bought).getByRole('button', { name: 'Joss' }));
    await waitFor(() =>
      expect(server.trip.events.map((e) => [e.kind, e.moment, e.litres ?? e.thingId ?? e.massKg])).toEqual([
        ['water', 'evening', 2.5],
        ['left', 'evening', 'hammer'],
        ['wetFly', 'evening', undefined],
        ['bought', 'evening', 0.5],
      ]),
    );
    await user.click(screen.getByRole('button', { name: /^Remove Bread, 0\.50 kg/ }));
    await waitFor(() => expect(server.trip.events).toHaveLength(3));
  });
  test('how the day felt: a mark in the table, where it hurts beside it', async () => {
    const { server, user } = await open('view=days&day=2');
    await user.selectOptions(screen.getByLabelText('Comfort of Joss'), '5');
    await user.click(await screen.findByRole('checkbox', { name: 'shoulders' }));
    await waitFor(() =>
      expect(server.trip.comfort).toEqual([
        { id: 'joss-day-2', memberId: 'joss', day: 2, comfort: 5, hurts: ['shoulders'] },
      ]),
    );
    await user.selectOptions(screen.getByLabelText('Comfort of Joss'), '');
    await waitFor(() => expect(server.trip.comfort).toEqual([]));
  });
  test('whoever may only look sees what was noted and can note nothing', async () => {
    const noted: Trip = {
      ...HUT,
      events: [{ id: 'e', day: 1, moment: 'morning', kind: 'tired', memberId: 'joss', factor: 0.8 }],
    };
    await open('view=days&day=1', noted, 'read');
    const list = await screen.findByRole('list', { name: 'What was noted' });
    expect(list.textContent).toContain('Joss is tired');
    expect(screen.queryByRole('button', { name: 'Hurt' })).toBeNull();
  });
});

describe('water, side trip, safety', () => {
  test('litres left against the next source, and a note of what was taken', async () => {
    const { server, user } = await open('view=water&day=1');
    const left = screen.getByLabelText('Water left, L each');
    await user.clear(left);
    await user.type(left, '0.1{Enter}');
    expect(screen.getAllByRole('status').some((s) => s.textContent.includes('too little to'))).toBe(true);
    await user.click(screen.getByRole('button', { name: 'Note 0.1 L each for day 1' }));
    await waitFor(() => expect(server.trip.events[0]).toMatchObject({ kind: 'water', litres: 0.1, day: 1 }));
  });
  test('who goes, with what, and what the others lack', async () => {
    const { user } = await open('view=sideTrip&day=2');
    await user.click(screen.getByLabelText('Eddy'));
    const table = screen.getByRole('table', { name: 'Side trip' });
    expect(within(table).getAllByRole('row')).toHaveLength(2);
    expect(table.textContent).toContain('Eddy');
  });
  test('where the kit is, whom to call, and who has not read it', async () => {
    const { server, user } = await open('view=safety&day=1');
    expect(screen.getByRole('table', { name: 'Safety kit' }).textContent).toMatch(/first aid/i);
    expect(
      screen.getAllByRole('status').some((s) => s.textContent.startsWith('No member has said yet')),
    ).toBe(true);
    await user.click(screen.getByRole('button', { name: 'Add one for Joss' }));
    await waitFor(() => expect(server.trip.contacts.map((c) => c.memberId)).toEqual([undefined, 'joss']));
  });
  test('the incident log: what is missing is named; what is written stays, and can be corrected by another note', async () => {
    const { server, user } = await open('view=safety&day=2');
    await user.click(screen.getByRole('button', { name: 'Write into the log' }));
    const alert = await screen.findByRole('alert');
    expect(alert.textContent).toContain('seen');
    expect(server.incidents).toEqual([]);
    await user.type(screen.getByLabelText('Who'), 'Eddy');
    await user.type(screen.getByLabelText('What was seen, and what happened'), 'A cut on the hand.');
    await user.type(screen.getByLabelText('Pulse, a minute'), '80');
    await user.click(screen.getByRole('button', { name: 'Write into the log' }));
    await screen.findByText(/pulse 80 a minute/);
    expect(server.incidents[0]).toMatchObject({ memberId: 'eddy', at: '2027-08-21T12:00' });
    await user.click(screen.getByRole('button', { name: 'Correct it' }));
    await user.type(screen.getByLabelText('Who'), 'Eddy');
    await user.type(screen.getByLabelText('What was seen, and what happened'), 'The left hand.');
    await user.click(screen.getByRole('button', { name: 'Write into the log' }));
    await waitFor(() => expect(server.incidents[1]).toMatchObject({ corrects: server.incidents[0]!.id }));
  });
  test('whoever may only look is not even asked about incidents', async () => {
    const { server } = await open('view=safety&day=1', HUT, 'read');
    await screen.findByRole('table', { name: 'Safety kit' });
    expect(screen.queryByText('Incident log')).toBeNull();
    expect(server.calls.some((c) => c.includes('incidents'))).toBe(false);
  });
});

test('without members it says what comes first', async () => {
  await open('view=days', {
    ...HUT,
    members: [],
    share: [],
    stows: [],
    personalThings: [],
    packs: [],
    roles: [],
  });
  expect(screen.getByText(/Nobody is on this trip yet/)).toBeTruthy();
});
