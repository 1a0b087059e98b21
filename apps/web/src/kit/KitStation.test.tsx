/** @jest-environment jest-fixed-jsdom */
import { screen, waitFor, within } from '@testing-library/react';
import { starterLibrary } from '@graft/core/library';
import { demoTrip } from '../testing/demo';
import { openTrip, type OpenTrip } from '../testing/openTrip';
import { csvReader } from '../workers/csvReader';
import { KitStation } from './KitStation';

jest.mock('../workers/csv', () => ({ startCsv: () => ({ ...csvReader(), close: () => undefined }) }));
// Several tests click through a page of hundreds of parts.

const demo = demoTrip('corvane-census');
const open = (role?: 'read'): OpenTrip =>
  openTrip(demo, <KitStation />, { library: starterLibrary(), ...(role === undefined ? {} : { role }) });
const finding = async (text: RegExp): Promise<HTMLElement> => {
  const findings = await screen.findByRole('group', { name: 'Findings' });
  const item = within(findings)
    .getAllByRole('listitem')
    .find((li) => text.test(li.textContent));
  if (item === undefined) throw new Error(`no finding says ${String(text)}: ${findings.textContent}`);
  return item;
};
const rowCount = (): string => document.querySelector('tfoot')!.textContent;

test('the checks come on their own; a cure is one click and its finding goes', async () => {
  const { server, user } = open();
  const stoves = await finding(/^4 stoves, 3 are enough/);
  const before = demo.personalThings.length;
  await user.click(within(stoves).getByRole('button', { name: /^Leave own gas burner of Callum/ }));
  await waitFor(() => expect(server.trip.personalThings).toHaveLength(before - 1));
  await waitFor(() => expect(screen.queryByText(/4 stoves/)).toBeNull());
});

test('a finding is put aside with a reason only, and taken up again', async () => {
  const { server, user } = open();
  const kits = await finding(/repair kits/);
  await user.click(within(kits).getByRole('button', { name: 'Dismiss' }));
  const reason = screen.getByRole('textbox', { name: /^Reason to dismiss/ });
  const put = within(kits).getByRole<HTMLButtonElement>('button', { name: 'Dismiss' });
  expect(put.disabled).toBe(true);
  await user.type(reason, 'we split on day 3');
  await user.click(put);
  await waitFor(() => expect(server.trip.dismissals.map((d) => d.reason)).toContain('we split on day 3'));
  expect(await screen.findByText(/“we split on day 3”/)).toBeDefined();
  await user.click(screen.getAllByRole('button', { name: 'Take up again' }).at(-1)!);
  await waitFor(() => expect(server.trip.dismissals).toEqual(demo.dismissals));
});

test('a member’s own list: what is provided, what is added, what a filter leaves', async () => {
  const { server, user } = open();
  const ilse = demo.members.find((m) => m.name === 'Ilse')!;
  const own = demo.personalThings.filter((t) => t.memberId === ilse.id).length;
  await user.selectOptions(screen.getByRole('combobox', { name: 'Whose things' }), ilse.id);
  expect(rowCount()).toContain(`${own} things`);
  expect(screen.getByRole('note', { name: "Ilse's list" }).textContent).toMatch(/Provided by the group:/);
  await user.click(screen.getByRole('button', { name: 'Add a thing' }));
  expect(rowCount()).toContain(`${own + 1} things`);
  await waitFor(() =>
    expect(server.trip.personalThings.at(-1)).toMatchObject({ memberId: ilse.id, name: 'New thing' }),
  );
  await user.type(screen.getByRole('textbox', { name: 'Filter things' }), 'new thing');
  await waitFor(() => expect(rowCount()).toContain('1 thing'));
});

test('a mass typed with ≈ stays an estimate and gives the total a range', async () => {
  const { server, user } = open();
  const torch = demo.personalThings.find((t) => /head torch/i.test(t.name))!;
  await user.selectOptions(screen.getByRole('combobox', { name: 'Whose things' }), torch.memberId);
  await user.type(screen.getByRole('textbox', { name: 'Filter things' }), 'head torch');
  const cell = document.querySelector<HTMLElement>(`[data-cell="${torch.id}/massKg"]`)!;
  await user.click(cell);
  await user.keyboard('{Control>}a{/Control}≈ 100 g{Enter}');
  expect(cell.textContent).toBe('≈ 0.10');
  expect(rowCount()).toContain('likely 0.08–0.12 kg');
  await waitFor(() =>
    expect(server.trip.personalThings.find((t) => t.id === torch.id)).toMatchObject({
      massKg: 0.1,
      massEstimated: true,
    }),
  );
});

test('CSV: a file without rows says what was expected', async () => {
  const { user } = open();
  await user.click(screen.getByRole('button', { name: 'CSV' }));
  await user.upload(await screen.findByLabelText('CSV file'), new File(['just a line'], 'x.csv'));
  expect((await screen.findByRole('alert')).textContent).toBe(
    'x.csv: expected a line of headers and rows under it, got 0 rows',
  );
});

test('a kit goes to the library; ticked rows are removed and undone with one step', async () => {
  const { server, user } = open();
  await waitFor(() => expect(server.calls).toContain('GET /library'));
  const head = screen.getByText('Heron (2 people)', { selector: 'button' }).closest('td')!;
  await user.click(within(head).getByRole('button', { name: 'To library' }));
  expect(await screen.findByText('Heron (2 people) is in your library.')).toBeDefined();
  await waitFor(() => expect(server.library.entries.map((e) => e.name)).toContain('Heron (2 people)'));
  await user.selectOptions(within(head).getByRole('combobox', { name: /^Split/ }), '2 carriers');
  await waitFor(() => expect(server.trip.kits[0]!.splitWays).toBe(2));
});

test('whoever may only look sees findings and cannot cure them', async () => {
  open('read');
  const stoves = await finding(/4 stoves/);
  expect(within(stoves).getByRole<HTMLButtonElement>('button', { name: /^Leave/ }).disabled).toBe(true);
  expect(within(stoves).queryByRole('button', { name: 'Dismiss' })).toBeNull();
  for (const button of screen.getAllByRole<HTMLButtonElement>('button', { name: /^Remove / }))
    expect(button.disabled).toBe(true);
});

test('a list that is being pasted outlasts Escape; what was taken is gone from it, what could not be read stays', async () => {
  const { server, user } = open();
  await user.click(screen.getByRole('button', { name: 'Paste a list' }));
  const field = (): HTMLTextAreaElement => screen.getByRole('textbox', { name: 'List' });
  await user.type(await screen.findByRole('textbox', { name: 'List' }), 'zither 1.2 kg{Enter}2 kg 3 kg lute');
  await user.keyboard('{Escape}');
  await waitFor(() => expect(screen.queryByRole('textbox', { name: 'List' })).toBeNull());
  await user.click(screen.getByRole('button', { name: 'Paste a list' }));
  await waitFor(() => expect(field().value).toBe('zither 1.2 kg\n2 kg 3 kg lute'));
  await user.click(screen.getByRole('button', { name: /^Add 1 thing/ }));
  await waitFor(() => expect(JSON.stringify(server.trip)).toContain('Zither'));
  await user.click(screen.getByRole('button', { name: 'Paste a list' }));
  await waitFor(() => expect(field().value).toBe('2 kg 3 kg lute'));
});

test('cells copied from a spreadsheet are read; what nobody knows comes first, and its mass is asked for and taken', async () => {
  const { server, user } = open();
  await user.click(screen.getByRole('button', { name: 'Paste a list' }));
  await user.click(await screen.findByRole('textbox', { name: 'List' }));
  await user.paste('Thing\tWeight g\nRain jacket\t\nZither\t\nMug\t95');
  const preview = await screen.findByRole('table', { name: 'What is read' });
  const [, first, second] = within(preview).getAllByRole('row');
  const name = within(first!).getByRole<HTMLInputElement>('textbox', { name: 'Name of Zither' });
  expect(name.value).toBe('Zither');
  expect(first!.textContent).toMatch(/^▲ .*not known: what does it weigh\?$/);
  expect(second!.textContent).toMatch(/kgrain jacket$/);
  await user.type(within(first!).getByRole('textbox', { name: 'Weight of Zither' }), '1200 g{Enter}');
  expect(first!.textContent).not.toContain('▲');
  await user.click(screen.getByRole('button', { name: /^Add 3 things/ }));
  await waitFor(() => expect(JSON.stringify(server.trip)).toContain('Zither'));
  const pieces = server.trip.kits.flatMap((k) => k.pieces);
  expect(pieces.filter((p) => ['Rain jacket', 'Zither', 'Mug'].includes(p.name))).toMatchObject([
    { name: 'Rain jacket', massEstimated: true },
    { name: 'Zither', massKg: 1.2, massEstimated: false },
    { name: 'Mug', massKg: 0.095, massEstimated: false },
  ]);
});

test('350 in a column of kilograms is refused, and 350 g offered and taken', async () => {
  const { server, user } = open();
  const [piece] = demo.kits[0]!.pieces;
  const cell = document.querySelector<HTMLElement>(`[data-cell="${piece!.id}/massKg"]`)!;
  await user.dblClick(cell);
  const editor = within(cell).getByRole('textbox');
  await user.clear(editor);
  await user.type(editor, '350{Enter}');
  await user.click(within(cell).getByRole('button', { name: '350 g?' }));
  await waitFor(() =>
    expect(server.trip.kits[0]!.pieces[0]).toMatchObject({ massKg: 0.35, massEstimated: false }),
  );
});
