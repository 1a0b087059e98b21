/** @jest-environment jest-fixed-jsdom */
import { screen, waitFor, within } from '@testing-library/react';
import { dayLoad } from '@graft/core/load';
import { carriedWork, isOverloaded, shareFigures } from '@graft/core/share';
import { allPieces, carrierOf, handoverDays, type Trip } from '@graft/core/trip';
import { engineHere, solverHere } from '../testing/engineHere';
import { demoTrip } from '../testing/demo';
import { openTrip, type OpenTrip } from '../testing/openTrip';
import { SharesStation } from './SharesStation';

jest.mock('../workers/engine', () => engineHere);
jest.mock('../workers/solver', () => solverHere);

const hut = demoTrip('hut-roof');
const [first, second] = hut.members;
const openAt = async (trip: Trip, tab: string): Promise<OpenTrip> => {
  const opened = openTrip(trip, <SharesStation />);
  const tabs = screen.getByRole('radiogroup', { name: 'What the panel shows' });
  await opened.user.click(within(tabs).getByRole('radio', { name: tab }));
  return opened;
};
const choose = (name: string): HTMLElement => screen.getByRole('combobox', { name });

describe('Re-share', () => {
  const hurtFirst = async (): Promise<OpenTrip> => {
    const opened = await openAt(hut, 'Re-share');
    await opened.user.selectOptions(choose('Day from which it holds'), '2');
    await opened.user.selectOptions(choose('Whom it happened to'), first!.id);
    await opened.user.click(screen.getByRole('button', { name: 'Find the handovers' }));
    await screen.findByRole('region', { name: 'Proposed handovers' });
    return opened;
  };
  test('an injury: handovers with grams and litres, before and after, accepted as one change of that day', async () => {
    const { server, user } = await hurtFirst();
    const list = within(screen.getByRole('list', { name: 'Handovers' })).getAllByRole('listitem');
    expect(list.length).toBeGreaterThan(0);
    for (const item of list) expect(item.textContent).toMatch(/gives .*\d+\.\d+ kg, \d+\.\d L/);
    const effects = within(screen.getByRole('list', { name: /^Before and after/ }));
    expect(effects.getAllByRole('listitem')[0]!.getAttribute('aria-label')).toMatch(/% before, .*% after/);
    await user.click(screen.getByRole('button', { name: /^Accept all/ }));
    await waitFor(() => expect(server.trip.handovers).toHaveLength(list.length));
    expect(handoverDays(server.trip)).toEqual([1, 2]);
    const [hurt] = server.trip.members;
    expect(hurt!.conditions.map((c) => [c.label, c.fromDay])).toEqual([['hurt', 2]]);
    expect(dayLoad(server.trip, hurt!, 2).totalKg).toBeLessThan(dayLoad(hut, first!, 2).totalKg);
    expect(dayLoad(server.trip, hurt!, 1).totalKg).toBe(dayLoad(hut, first!, 1).totalKg);
    // A handover is taken back where it is noted.
    const [noted] = within(screen.getByRole('list', { name: 'Handovers noted' })).getAllByRole('button');
    await user.click(noted!);
    await waitFor(() => expect(server.trip.handovers).toHaveLength(list.length - 1));
  });
  test('only those left ticked change hands', async () => {
    const { server, user } = await hurtFirst();
    const boxes = within(screen.getByRole('list', { name: 'Handovers' })).getAllByRole('checkbox');
    await user.click(boxes[0]!);
    const some = boxes.length === 1 ? /^Note it/ : `Accept ${boxes.length - 1} of ${boxes.length}`;
    await user.click(screen.getByRole('button', { name: some }));
    await waitFor(() => expect(server.trip.members[0]!.conditions).toHaveLength(1));
    expect(server.trip.handovers).toHaveLength(boxes.length - 1);
  });
});

describe('What if', () => {
  test('a hot day is shared out beside the plan, compared with it, adopted and removed', async () => {
    const { server, user } = await openAt(hut, 'What if');
    expect(screen.getByText(/Choose what might happen/)).toBeDefined();
    await user.selectOptions(choose('Which day'), '2');
    await user.click(screen.getByRole('button', { name: 'Suppose it' }));
    await user.type(screen.getByRole('textbox', { name: 'Name of the what-if' }), 'Heat');
    await user.click(screen.getByRole('button', { name: 'Share out and keep' }));
    await waitFor(() => expect(server.trip.variants.map((v) => v.name)).toEqual(['Heat']));
    expect(server.trip.legs).toEqual(hut.legs);
    expect(server.trip.share).toEqual(hut.share);
    await user.click(screen.getByRole('checkbox', { name: 'Heat' }));
    await user.click(screen.getByRole('button', { name: 'Compare with the plan' }));
    const table = within(await screen.findByRole('table', { name: 'Comparison' }));
    expect(table.getAllByRole('columnheader').map((h) => h.textContent)).toEqual([
      '',
      `The plan${hut.legs.length} days`,
      'Heathot day 2: 1.0 L more water each',
    ]);
    expect(table.getByRole('row', { name: new RegExp(`^${first!.name}`) }).textContent).toMatch(/of limit/);
    await user.keyboard('{Escape}');
    await user.click(await screen.findByRole('button', { name: 'Adopt' }));
    await waitFor(() => expect(server.trip.legs[1]!.waterL).toBe(hut.legs[1]!.waterL + 1));
    expect(server.trip.variants).toEqual([]);
  });
  test('a limit that is adopted is written into the member’s record', async () => {
    const { server, user } = await openAt(hut, 'What if');
    await user.selectOptions(choose('What is supposed'), 'limit');
    await user.selectOptions(choose('Which member'), second!.id);
    await user.selectOptions(choose('Carries at most'), '9');
    await user.click(screen.getByRole('button', { name: 'Suppose it' }));
    await user.click(screen.getByRole('button', { name: 'Share out and keep' }));
    await user.click(await screen.findByRole('button', { name: 'Adopt' }));
    await waitFor(() => expect(server.trip.members[1]!.ownCapKg).toBe(9));
    expect(server.trip.members[1]!.limitHistory.at(-1)).toMatchObject({ toKg: 9 });
  });
});

test('Record: kilograms times kilometres of each member, as the core counts them', async () => {
  await openAt(hut, 'Record');
  const rows = within(screen.getByRole('table', { name: 'Carried by each member' })).getAllByRole('row');
  const work = carriedWork(hut);
  expect(rows).toHaveLength(1 + work.length);
  expect(rows[1]!.textContent).toContain(
    `${work[0]!.member.name}${work[0]!.totalKgKm.toFixed(0)}${work[0]!.groupKgKm.toFixed(0)}`,
  );
});

test('nothing fits: what binds is named, and a cure is done in one click', async () => {
  const weak: Trip = {
    ...hut,
    stows: [],
    members: hut.members.map((m) => ({ ...m, ownCapKg: 8.5, conditions: [], carryTrials: [] })),
  };
  expect(shareFigures(weak).members.some(isOverloaded)).toBe(true);
  const { server, user } = openTrip(weak, <SharesStation />);
  await user.click(screen.getByRole('button', { name: 'What would make it fit?' }));
  const binds = await screen.findByRole('list', { name: 'What binds' });
  expect(binds.textContent).toMatch(/kg/);
  const [cure] = within(screen.getByRole('list', { name: 'Cures' })).getAllByRole('button', {
    name: /^Do it/,
  });
  await user.click(cure!);
  await waitFor(() => expect(server.trip).not.toEqual(weak));
  const before = shareFigures(weak).members.reduce((sum, m) => sum + Math.max(0, m.heaviest.ratio - 1), 0);
  const after = shareFigures(server.trip).members.reduce(
    (sum, m) => sum + Math.max(0, m.heaviest.ratio - 1),
    0,
  );
  expect(after).toBeLessThan(before);
});

test('who has it: by a part of the name, over group and personal things', async () => {
  const { user } = openTrip(hut, <SharesStation />);
  const [piece] = allPieces(hut);
  await user.type(screen.getByRole('searchbox', { name: 'Who has it?' }), piece!.name.toUpperCase());
  const found = screen.getByRole('list', { name: 'Who has it' });
  const carrier = hut.members.find((m) => m.id === carrierOf(hut, piece!.id, 1))!;
  expect(found.textContent).toContain(`${piece!.name}: ${carrier.name}`);
  await user.clear(screen.getByRole('searchbox', { name: 'Who has it?' }));
  await user.type(screen.getByRole('searchbox', { name: 'Who has it?' }), 'no such thing');
  expect(screen.getByRole('list', { name: 'Who has it' }).textContent).toMatch(/^Nobody/);
});
