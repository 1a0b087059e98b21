/** @jest-environment jsdom */
import { act, screen, waitFor, within } from '@testing-library/react';
import { allPieces, carrierOf, emptyTrip, shareFigures, type Trip } from '@graft/core';
import { engineHere } from '../testing/engineHere';
import { demoTrip } from '../testing/demo';
import { openTrip, type OpenTrip } from '../testing/openTrip';
import { SharesStation } from './SharesStation';

jest.mock('../workers/engine', () => engineHere);
jest.setTimeout(60_000);

const hut = demoTrip('hut-roof');
const bare: Trip = { ...hut, share: [], stows: [] };
const open = (trip: Trip): OpenTrip => openTrip(trip, <SharesStation />, { line: true });
const block = (id: string): HTMLElement => document.querySelector<HTMLElement>(`[data-piece="${id}"]`)!;
const gap = (): string => screen.getByTestId('gap').textContent;

test('an empty trip says what comes first', () => {
  open(emptyTrip('t', 'T', '2027-01-01', 2));
  expect(screen.getByText(/Add the members at People first/)).toBeDefined();
  expect(screen.getByRole('link', { name: /^Shares/ }).textContent).toContain('nothing to share');
});

test('shared out, every piece has a carrier within the bound’s reach; one undo takes it all back', async () => {
  const { server, user } = open(bare);
  expect(gap()).toBe('once all is shared');
  expect(
    within(screen.getByRole('list', { name: 'Carried by nobody' })).getAllByRole('listitem'),
  ).toHaveLength(allPieces(hut).length);
  await user.click(screen.getByRole('button', { name: 'Share out' }));
  await waitFor(() => expect(server.trip.share).toHaveLength(allPieces(hut).length));
  await waitFor(() => expect(gap()).toMatch(/^within \d/));
  expect(shareFigures(server.trip).unshared).toEqual([]);
  expect(screen.queryByRole('list', { name: 'Carried by nobody' })).toBeNull();
});

test('a piece is given, locked and kept when the rest is shared anew', async () => {
  const { server, user } = open(hut);
  const [piece] = allPieces(hut).filter((p) => p.onlyMemberIds === undefined && p.onlyGroupId === undefined);
  const other = hut.members.find((m) => m.id !== carrierOf(hut, piece!.id))!;
  await user.selectOptions(screen.getByRole('combobox', { name: 'Find a piece' }), piece!.id);
  await user.click(screen.getByRole('button', { name: `Give ${piece!.name} to ${other.name}` }));
  await waitFor(() => expect(carrierOf(server.trip, piece!.id)).toBe(other.id));
  await user.click(screen.getByRole('button', { name: 'Lock' }));
  await user.click(screen.getByRole('button', { name: 'Share out' }));
  await waitFor(() =>
    expect(server.trip.share).toContainEqual({ pieceId: piece!.id, memberId: other.id, locked: true }),
  );
});

test('by keyboard: a piece is picked up, its new carrier previewed, given; Escape leaves it', async () => {
  const { server, user } = open(hut);
  const { pieceId, memberId } = hut.share[0]!;
  act(() => block(pieceId).focus());
  await user.keyboard('m{ArrowDown}');
  const said = (): string =>
    screen.getAllByRole('status').find((s) => s.textContent.includes('in hand'))!.textContent;
  expect(said()).toMatch(/over .+: .*kg, .* %; largest ratio/);
  await user.keyboard('{Escape}');
  expect(carrierOf(server.trip, pieceId)).toBe(memberId);
  act(() => block(pieceId).focus());
  await user.keyboard('m{ArrowDown}{Enter}');
  await waitFor(() => expect(carrierOf(server.trip, pieceId)).not.toBe(memberId));
});

test('Delete takes a piece from its carrier: it lies with nobody and is counted on the line', async () => {
  const { server, user } = open(hut);
  const { pieceId } = hut.share[0]!;
  act(() => block(pieceId).focus());
  await user.keyboard('{Delete}');
  await waitFor(() => expect(carrierOf(server.trip, pieceId)).toBeUndefined());
  expect(await screen.findByText('1 unshared')).toBeDefined();
  expect(gap()).toBe('once all is shared');
});

test('the day of the beams is chosen; the steps tell the largest', async () => {
  const { user } = open(hut);
  const days = within(screen.getByRole('radiogroup', { name: 'Day shown in the beams' }));
  expect(days.getAllByRole('radio')).toHaveLength(hut.legs.length + 1);
  await user.click(days.getByRole('radio', { name: 'Day 1' }));
  expect(days.getByRole('radio', { name: 'Day 1' }).getAttribute('aria-checked')).toBe('true');
  expect(screen.getByRole('img', { name: /^Load ratios by day; largest/ })).toBeDefined();
});
