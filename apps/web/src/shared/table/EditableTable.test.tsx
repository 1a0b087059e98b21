/** @jest-environment jest-fixed-jsdom */
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { useMemo, useState } from 'react';
import { emptyTrip } from '@graft/core/trip';
import { openTrip } from '../../testing/openTrip';
import type { Column, Ticks } from './column';
import { EditableTable } from './EditableTable';

interface Fruit {
  readonly id: string;
  readonly name: string;
  readonly grams: number;
  readonly kind: string;
}
const FRUITS: readonly Fruit[] = [
  { id: 'a', name: 'Pear', grams: 180, kind: 'soft' },
  { id: 'b', name: 'Fig', grams: 50, kind: 'soft' },
  { id: 'c', name: 'Nut', grams: 8, kind: 'hard' },
  { id: 'd', name: 'Stone', grams: 900, kind: 'hard' },
];
let together: number;
let said: string | undefined;

/** A small table that keeps its rows itself; stones cannot be edited, and nothing weighs over a kilogram. */
function Fruits() {
  const [rows, setRows] = useState(FRUITS);
  const [keys, onTick] = useState<ReadonlySet<string>>(new Set());
  const columns = useMemo((): readonly Column<Fruit>[] => {
    const put = (row: Fruit): void => setRows((all) => all.map((r) => (r.id === row.id ? row : r)));
    return [
      {
        id: 'name',
        header: 'Name',
        show: (row) => row.name,
        order: (row) => row.name,
        edit: { text: (row) => row.name, take: (row, name) => void put({ ...row, name }) },
      },
      {
        id: 'grams',
        header: 'Mass, g',
        numeric: true,
        show: (row) => row.grams,
        order: (row) => row.grams,
        edit: {
          when: (row) => row.name !== 'Stone',
          text: (row) => String(row.grams),
          take: (row, text) => {
            const grams = Number(text);
            if (!(grams <= 1000)) return `expected up to 1000 g, got "${text}"`;
            put({ ...row, grams });
            return undefined;
          },
        },
      },
      {
        id: 'kind',
        header: 'Kind',
        show: (row) => row.kind,
        edit: {
          text: (row) => row.kind,
          options: [
            ['soft', 'soft'],
            ['hard', 'hard'],
          ],
          take: (row, kind) => void put({ ...row, kind }),
        },
      },
    ];
  }, []);
  const ticks = useMemo(
    (): Ticks => ({
      keys,
      onTick,
      together: async (run) => {
        together += 1;
        await run();
      },
      onRefused: (message) => {
        said = message;
      },
    }),
    [keys],
  );
  return (
    <EditableTable
      label="Fruit"
      columns={columns}
      sections={[{ key: 'all', head: 'All fruit', rows }]}
      rowKey={(row) => row.id}
      rowName={(row) => row.name}
      ticks={ticks}
      foot={(column) => column.id === 'grams' && rows.reduce((sum, r) => sum + r.grams, 0)}
    />
  );
}

beforeEach(() => {
  together = 0;
  said = undefined;
});
const open = (role?: 'read'): ReturnType<typeof openTrip> =>
  openTrip(emptyTrip('t', 'T', '2027-01-01', 1), <Fruits />, role === undefined ? {} : { role });
const cell = (id: string): HTMLElement => document.querySelector<HTMLElement>(`[data-cell="${id}"]`)!;
const names = (): (string | null)[] =>
  [...document.querySelectorAll('[data-cell$="/name"]')].map((td) => td.textContent);
const focused = async (id: string): Promise<void> =>
  waitFor(() => expect(document.activeElement?.getAttribute('data-cell')).toBe(id));

test('a cell is edited in place; the foot adds up', async () => {
  const { user } = open();
  await user.click(cell('a/grams'));
  const field = screen.getByRole('textbox', { name: 'Pear, Mass, g' });
  await user.clear(field);
  await user.type(field, '200{Enter}');
  expect(cell('a/grams').textContent).toBe('200');
  await focused('b/grams');
  expect(screen.getByRole('grid').querySelector('tfoot')!.textContent).toBe('1158');
});

test('what is typed right after Tab or Enter is for the next cell, however slow the screen', () => {
  open();
  // No frame is ever drawn between the keys.
  const frame = jest.spyOn(window, 'requestAnimationFrame').mockReturnValue(0);
  act(() => cell('a/name').focus());
  const key = (name: string): void => void fireEvent.keyDown(document.activeElement!, { key: name });
  const type = (text: string): void => {
    key(text[0]!);
    fireEvent.change(document.activeElement!, { target: { value: text } });
  };
  type('Plum');
  key('Tab');
  type('70');
  key('Enter');
  type('60');
  key('Tab');
  expect([cell('a/name'), cell('a/grams'), cell('b/grams')].map((c) => c.textContent)).toEqual([
    'Plum',
    '70',
    '60',
  ]);
  expect(document.activeElement).toBe(cell('b/kind'));
  frame.mockRestore();
});

test('a wrong entry stays open with its reason; Escape leaves the cell as it was', async () => {
  const { user } = open();
  await user.click(cell('a/grams'));
  await user.keyboard('{Control>}a{/Control}5000{Enter}');
  expect(within(cell('a/grams')).getByRole('alert').textContent).toMatch(/^Type up to 1000 g/);
  expect(screen.getByRole('textbox').getAttribute('aria-invalid')).toBe('true');
  await user.keyboard('{Escape}');
  expect(cell('a/grams').textContent).toBe('180');
  await focused('a/grams');
});

test('arrows, F2, Tab and typing go through the cells; a choice is chosen', async () => {
  const { user } = open();
  act(() => cell('a/name').focus());
  await user.keyboard('{ArrowRight}');
  await focused('a/grams');
  await user.keyboard('{ArrowDown}');
  await focused('b/grams');
  await user.keyboard('{F2}');
  expect(screen.getByRole<HTMLInputElement>('textbox').value).toBe('50');
  await user.keyboard('{Tab}');
  await focused('b/kind');
  await user.keyboard('{Enter}');
  await user.selectOptions(screen.getByRole('combobox', { name: 'Fig, Kind' }), 'hard');
  expect(cell('b/kind').textContent).toBe('hard');
  await focused('b/kind');
  await user.keyboard('{ArrowLeft}{ArrowLeft}');
  await focused('b/name');
  await user.keyboard('D');
  await user.keyboard('ate{Enter}');
  expect(cell('b/name').textContent).toBe('Date');
});

test('a column sorts up, down, and back to its own order; heads stand aside', async () => {
  const { user } = open();
  const by = (name: RegExp): Promise<void> => user.click(screen.getByRole('button', { name }));
  await by(/^Name/);
  expect(names()).toEqual(['Fig', 'Nut', 'Pear', 'Stone']);
  expect(screen.queryByText('All fruit')).toBeNull();
  await by(/^Name/);
  expect(names()).toEqual(['Stone', 'Pear', 'Nut', 'Fig']);
  await by(/^Name/);
  expect(names()).toEqual(['Pear', 'Fig', 'Nut', 'Stone']);
  expect(screen.getByText('All fruit')).toBeDefined();
  // Numbers begin with the largest.
  await by(/^Mass/);
  expect(names()).toEqual(['Stone', 'Pear', 'Fig', 'Nut']);
  expect(screen.getByRole('columnheader', { name: /Mass/ }).getAttribute('aria-sort')).toBe('descending');
});

test('rows are ticked one by one, as a range and all; a fill takes what can be taken, as one change', async () => {
  const { user } = open();
  act(() => cell('a/grams').focus());
  await user.keyboard('{Control>}d{/Control}');
  expect(said).toMatch(/Tick the rows to fill first/);
  const ticked = (): string[] =>
    screen
      .getAllByRole<HTMLInputElement>('checkbox', { checked: true })
      .map((box) => box.getAttribute('aria-label')!);
  await user.keyboard(' ');
  expect(ticked()).toEqual(['Tick Pear']);
  await user.keyboard('{Shift>}');
  await user.click(screen.getByRole('checkbox', { name: 'Tick Stone' }));
  await user.keyboard('{/Shift}');
  expect(ticked()).toContain('Tick all rows');
  act(() => cell('a/grams').focus());
  await user.keyboard('{Control>}d{/Control}');
  await waitFor(() => expect(cell('b/grams').textContent).toBe('180'));
  expect([cell('c/grams').textContent, cell('d/grams').textContent]).toEqual(['180', '900']);
  expect(together).toBe(1);
  await waitFor(() =>
    expect(said).toBe('1 of 3 rows did not take it. Stone: this row is kept by its station'),
  );
  await user.click(screen.getByRole('checkbox', { name: 'Tick all rows' }));
  expect(screen.queryAllByRole('checkbox', { checked: true })).toEqual([]);
});

test('whoever may only look opens no editor', async () => {
  const { user } = open('read');
  await user.click(cell('a/grams'));
  await user.keyboard('{Enter}7');
  expect(screen.queryByRole('textbox')).toBeNull();
  expect(cell('a/grams').hasAttribute('data-editable')).toBe(false);
});
