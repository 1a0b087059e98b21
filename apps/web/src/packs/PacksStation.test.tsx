/** @jest-environment jest-fixed-jsdom */
import { screen, waitFor, within } from '@testing-library/react';
import { assessStow, planningDay, stowProblem, exact } from '@graft/core/stow';
import { emptyTrip, type Trip } from '@graft/core/trip';
import { engineHere } from '../testing/engineHere';
import { demoTrip } from '../testing/demo';
import { openTrip, type OpenTrip } from '../testing/openTrip';
import { PacksStation } from './PacksStation';

jest.mock('../workers/engine', () => engineHere);

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

test('with nobody to carry, the way to People is one click', () => {
  openTrip(emptyTrip('t', 'Nobody yet', '2027-05-10', 2), <PacksStation />);
  expect(screen.getByText(/each pack is planned here/)).toBeDefined();
  expect(screen.getByRole('link', { name: 'People' }).getAttribute('href')).toMatch(/people$/);
  expect(screen.queryByRole('button', { name: 'Plan all packs' })).toBeNull();
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

const show = async (opened: OpenTrip, name: string): Promise<void> => {
  const tabs = screen.getByRole('radiogroup', { name: 'What is shown of the stow' });
  await opened.user.click(within(tabs).getByRole('radio', { name: new RegExp(`^${name}`) }));
};
const eddy = hut.members.find((m) => m.id === 'eddy')!;

test('put where it breaks a rule: told why, cured in one click', async () => {
  const opened = open(hut);
  const { server, user } = opened;
  await user.click(packs().find((b) => b.textContent.includes('Eddy'))!);
  const day = planningDay(hut, eddy.id);
  const bottle = assessStow(hut, eddy.id, day).placed.find(
    (p) => p.thing.purpose === 'waterContainer',
  )!.thing;
  await user.selectOptions(screen.getByRole('combobox', { name: `Place of ${bottle.name}` }), 'lid/centre');
  await waitFor(() =>
    expect(
      server.trip.stows.find((s) => s.memberId === eddy.id)!.placements.find((p) => p.thingId === bottle.id),
    ).toMatchObject({ zoneId: 'lid', pinned: true }),
  );
  // What the member put somewhere stays: unpinned, a move may cure it.
  await user.click(screen.getByRole('button', { name: `Pin ${bottle.name} here` }));
  await show(opened, 'Rules');
  const findings = screen.getByRole('list', { name: 'Findings' });
  expect(findings.textContent).toContain(`${bottle.name} in Lid: what can leak does not ride above the rest`);
  const item = within(findings)
    .getAllByRole('listitem')
    .find((li) => li.textContent.includes('what can leak'))!;
  await user.click(await within(item).findByRole('button', { name: `Do it: move ${bottle.name}` }));
  await waitFor(() => expect(screen.queryByText(/what can leak does not ride above/)).toBeNull());
  const moved = server.trip.stows.find((s) => s.memberId === eddy.id)!.placements;
  expect(moved.find((p) => p.thingId === bottle.id)!.zoneId).not.toBe('lid');
});

test('the loading goes step by step, and the order can be changed', async () => {
  const opened = open(hut);
  const { server, user } = opened;
  await show(opened, 'Steps');
  const steps = within(screen.getByRole('list', { name: 'Loading steps' })).getAllByRole('listitem');
  expect(steps[0]!.textContent).toMatch(/Loosen every strap/);
  expect(steps.at(-1)!.textContent).toMatch(/Load lifters/);
  expect(screen.getByRole('slider', { name: 'Loading, step by step' })).toHaveProperty(
    'value',
    String(steps.length),
  );
  await user.click(within(steps[2]!).getByRole('checkbox'));
  expect(screen.getByRole('slider', { name: 'Loading, step by step' })).toHaveProperty('value', '2');
  const [first] = hut.members;
  const before = exact(
    stowProblem(hut, first!.id, 1),
    hut.stows.find((s) => s.memberId === first!.id)!.placements,
  );
  const [later] = screen.getAllByRole('button', { name: /^Load .*(bottom|back|layer).* later$/ });
  await user.click(later!);
  await waitFor(() =>
    expect(
      server.trip.stows.find((s) => s.memberId === first!.id)!.placements.map((p) => p.thingId),
    ).not.toEqual(before.map((p) => p.thingId)),
  );
});

test('how it rides: a symptom has a likely cause, moves with their effect, and a strap', async () => {
  const opened = open(hut);
  await show(opened, 'Ride');
  await opened.user.click(screen.getByRole('checkbox', { name: 'numb hands, tingling arms' }));
  const numb = await screen.findByRole('region', { name: 'Advice: numb hands, tingling arms' });
  expect(numb.textContent).toMatch(/Stop and refit/);
  await opened.user.click(screen.getByRole('checkbox', { name: 'pulled backward' }));
  const pulled = await screen.findByRole('region', { name: 'Advice: pulled backward' });
  expect(pulled.textContent).toMatch(/cm out/);
});

test('practice: the learner’s stow is marked and kept; the trip’s own stow is not touched', async () => {
  const opened = open(hut);
  const { server, user } = opened;
  await show(opened, 'Practice');
  await user.click(screen.getByRole('button', { name: 'Practise with this load' }));
  await screen.findByText(/Practice: /);
  const floor = await screen.findByRole('group', { name: 'Without a place' });
  const [place] = within(floor).getAllByRole('combobox');
  await user.selectOptions(place!, 'core/centre');
  await show(opened, 'Practice');
  await user.type(screen.getByRole('textbox', { name: 'Learner' }), ' the new one');
  await waitFor(() =>
    expect(screen.getByRole('button', { name: 'Mark it' })).toHaveProperty('disabled', false),
  );
  await user.click(screen.getByRole('button', { name: 'Mark it' }));
  expect(screen.getByTestId('practice-points').textContent).toMatch(/of 100 points/);
  await user.click(screen.getByRole('button', { name: /^Keep this result/ }));
  await waitFor(() => expect(server.trip.practice).toHaveLength(1));
  expect(server.trip.practice[0]!.learner).toMatch(/the new one$/);
  expect(server.trip.stows).toEqual(hut.stows);
});
