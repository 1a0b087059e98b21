/** @jest-environment jest-fixed-jsdom */
import { screen, waitFor, within } from '@testing-library/react';
import { carriedWork } from '@graft/core/share';
import { allPieces, carrierOf, type Trip } from '@graft/core/trip';
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
  // What stands on a tab is loaded when it is opened.
  const panel = screen.getByRole('complementary', { name: 'Share' });
  await waitFor(() => expect(panel.children.length).toBeGreaterThan(1));
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

test('Re-share: who cannot carry more than so many kilograms keeps that as their limit from the day on', async () => {
  const { server, user } = await openAt(hut, 'Re-share');
  await user.selectOptions(choose('Day from which it holds'), '2');
  await user.selectOptions(choose('Whom it happened to'), first!.id);
  await user.selectOptions(choose('What happened'), 'limited');
  const part = choose('Part of the own limit that is left');
  expect(within(part).getByRole('option', { name: /^\d+\.\d kg \(40 %\)$/ })).toBeDefined();
  await user.selectOptions(part, '0.4');
  await user.click(screen.getByRole('button', { name: 'Find the handovers' }));
  await screen.findByRole('region', { name: 'Proposed handovers' });
  await user.click(screen.getByRole('button', { name: /^Accept|^Note it/ }));
  await waitFor(() =>
    expect(server.trip.members[0]!.conditions).toMatchObject([{ factor: 0.4, label: 'carries less' }]),
  );
});

describe('What if', () => {
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
