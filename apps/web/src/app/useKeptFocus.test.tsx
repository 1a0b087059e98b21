/** @jest-environment jest-fixed-jsdom */
import { render, screen, waitFor } from '@testing-library/react';
import { useRef, useState } from 'react';
import userEvent from '@testing-library/user-event';
import { useKeptFocus } from './useKeptFocus';

function Work() {
  const area = useRef<HTMLDivElement>(null);
  useKeptFocus(area);
  const [runs, setRuns] = useState(false);
  const [rows, setRows] = useState(['one', 'two', 'three']);
  return (
    <div ref={area}>
      <button type="button">Before</button>
      <div>
        {runs ? (
          <button onClick={() => setRuns(false)}>Stop</button>
        ) : (
          <button onClick={() => setRuns(true)}>Start</button>
        )}
      </div>
      <ul>
        {rows.map((row) => (
          <li key={row}>
            <button onClick={() => setRows(rows.filter((r) => r !== row))}>{`Remove ${row}`}</button>
          </li>
        ))}
      </ul>
    </div>
  );
}
const focused = (): string => document.activeElement?.textContent ?? '';

test('what takes the place of a button that goes has the focus', async () => {
  const user = userEvent.setup();
  render(<Work />);
  await user.click(screen.getByRole('button', { name: 'Start' }));
  await waitFor(() => expect(focused()).toBe('Stop'));
  await user.keyboard('{Enter}');
  await waitFor(() => expect(focused()).toBe('Start'));
});

test('after a row is removed the next has it, after the last the one before; then what is left', async () => {
  const user = userEvent.setup();
  render(<Work />);
  await user.click(screen.getByRole('button', { name: 'Remove two' }));
  await waitFor(() => expect(focused()).toBe('Remove three'));
  await user.keyboard('{Enter}');
  await waitFor(() => expect(focused()).toBe('Remove one'));
  await user.keyboard('{Enter}');
  await waitFor(() => expect(focused()).toBe('Before'));
});

test('who clicks on nothing has no focus, and gets none', async () => {
  const user = userEvent.setup();
  render(<Work />);
  await user.click(screen.getByRole('button', { name: 'Start' }));
  await waitFor(() => expect(focused()).toBe('Stop'));
  await user.click(document.body);
  expect(document.activeElement).toBe(document.body);
});
