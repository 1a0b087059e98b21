/** @jest-environment jest-fixed-jsdom */
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { emptyTrip } from '@graft/core/trip';
import { openTrip } from '../testing/openTrip';
import { ChoiceEntry, TextEntry } from './FieldEntry';
import { InlineName } from './InlineName';
import { PlainDialog } from './PlainDialog';
import { RemoveButton } from './RemoveButton';
import { Tabs } from './Tabs';
import { useSame } from './useSame';

const trip = emptyTrip('t', 'T', '2027-01-01', 1);

describe('a value edited where it stands', () => {
  const taken: string[] = [];
  const take = (text: string): string | undefined => {
    if (text === 'bad') return 'expected something good, got "bad"';
    taken.push(text);
    return undefined;
  };
  beforeEach(() => taken.splice(0));
  test('is taken on Enter and on leaving, once; unchanged it is not', async () => {
    const { user } = openTrip(trip, <TextEntry label="Name" value="old" take={take} />);
    const field = screen.getByRole<HTMLInputElement>('textbox', { name: 'Name' });
    await user.clear(field);
    await user.type(field, 'new{Enter}');
    await user.tab();
    expect(taken).toEqual(['new']);
    await user.clear(field);
    await user.type(field, 'old');
    await user.tab();
    expect(taken).toEqual(['new']);
  });
  test('refused it stays with the reason, which the next key clears; Escape brings the old value back', async () => {
    const { user } = openTrip(trip, <TextEntry label="Name" value="old" take={take} />);
    const field = screen.getByRole<HTMLInputElement>('textbox', { name: 'Name' });
    await user.clear(field);
    await user.type(field, 'bad{Enter}');
    expect(screen.getByRole('alert').textContent).toBe('Type something good');
    expect([field.value, field.getAttribute('aria-invalid')]).toEqual(['bad', 'true']);
    await user.type(field, 'x');
    expect(screen.queryByRole('alert')).toBeNull();
    await user.keyboard('{Escape}');
    expect(field.value).toBe('old');
    expect(taken).toEqual([]);
  });
  test('for whoever may only look it is text', async () => {
    const choose = jest.fn();
    const { user } = openTrip(
      trip,
      <>
        <TextEntry label="Name" value="old" take={take} />
        <ChoiceEntry
          label="Kind"
          value="a"
          options={[
            ['a', 'A'],
            ['b', 'B'],
          ]}
          onChoose={choose}
        />
        <InlineName name="Kit" label="Kit name" check={() => undefined} onName={choose} />
        <RemoveButton name="Kit" onClick={choose} />
      </>,
      { role: 'read' },
    );
    await user.type(screen.getByRole('textbox', { name: 'Name' }), 'x{Enter}');
    await user.selectOptions(screen.getByRole('combobox', { name: 'Kind' }), 'b').catch(() => undefined);
    expect(screen.queryAllByRole('button')).toEqual([]);
    expect([taken, choose.mock.calls]).toEqual([[], []]);
  });
  test('a name: blanks at its ends are cut, a refused one stays', async () => {
    const named = jest.fn();
    const { user } = openTrip(
      trip,
      <InlineName
        name="Kit"
        label="Kit name"
        check={(name) => (name === '' ? 'expected a name' : undefined)}
        onName={named}
      />,
    );
    await user.click(screen.getByRole('button', { name: 'Kit' }));
    await user.clear(screen.getByRole('textbox', { name: 'Kit name' }));
    await user.keyboard('{Enter}');
    expect(screen.getByRole('alert').textContent).toBe('Type a name');
    await user.keyboard('  Big kit {Enter}');
    expect(named.mock.calls).toEqual([['Big kit']]);
    expect(screen.queryByRole('textbox')).toBeNull();
  });
});

test('a dialog costs nothing until it is opened, shows its children then, and closes on Escape', async () => {
  const closed = jest.fn();
  function Page() {
    const [open, setOpen] = useState(false);
    return (
      <>
        <button type="button" onClick={() => setOpen(true)}>
          Open
        </button>
        <PlainDialog
          title="Keys"
          open={open}
          onClose={() => {
            closed();
            setOpen(false);
          }}
        >
          All of them
        </PlainDialog>
      </>
    );
  }
  const { user } = openTrip(trip, <Page />);
  expect(document.querySelector('[data-scope="dialog"]')).toBeNull();
  await user.click(screen.getByRole('button', { name: 'Open' }));
  expect(await screen.findByRole('dialog', { name: 'Keys' })).toBeDefined();
  expect(screen.getByText('All of them')).toBeDefined();
  await user.keyboard('{Escape}');
  await waitFor(() => expect(closed).toHaveBeenCalledTimes(1));
});

test('tabs are one choice of several: one holds', async () => {
  const user = userEvent.setup();
  function Choice() {
    const [value, setValue] = useState<'a' | 'b'>('a');
    return (
      <Tabs
        label="Columns"
        tabs={[
          ['a', 'Mass'],
          ['b', 'Place'],
        ]}
        value={value}
        onChoose={setValue}
      />
    );
  }
  openTrip(trip, <Choice />);
  await user.click(screen.getByText('Place'));
  expect(screen.getByRole<HTMLInputElement>('radio', { name: 'Place' }).checked).toBe(true);
  expect(screen.getByRole<HTMLInputElement>('radio', { name: 'Mass' }).checked).toBe(false);
});

test('a value that holds the same stays the same, and changes with its content', () => {
  const seen: unknown[] = [];
  function Probe({ value }: { value: unknown }) {
    seen.push(useSame(value));
    return null;
  }
  const first = { list: [1, 2], name: 'x' };
  const { rerender } = render(<Probe value={first} />);
  rerender(<Probe value={{ list: [1, 2], name: 'x' }} />);
  expect(seen.at(-1)).toBe(first);
  const third = { list: [1, 3], name: 'x' };
  rerender(<Probe value={third} />);
  expect(seen.at(-1)).toBe(third);
});
