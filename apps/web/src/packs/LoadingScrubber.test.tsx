/** @jest-environment jest-fixed-jsdom */
import { ChakraProvider } from '@chakra-ui/react/styled-system';
import { act, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { loadingSteps, planningDay, assessStow, stowProblem } from '@graft/core/stow';
import { demoTrip } from '../testing/demo';
import { system } from '../theme/system';
import { LoadingScrubber } from './LoadingScrubber';
import type { PackSession } from './usePackSession';

const hut = demoTrip('hut-roof');
const [first] = hut.members;
const day = planningDay(hut, first!.id);
const loading = loadingSteps(stowProblem(hut, first!.id, day), assessStow(hut, first!.id, day));

function Scrubbed() {
  const [done, scrub] = useState(loading.length);
  return <LoadingScrubber session={{ loading, done, scrub } as unknown as PackSession} />;
}
const open = (): void => {
  render(
    <ChakraProvider value={system}>
      <Scrubbed />
    </ChakraProvider>,
  );
};
const slider = (): HTMLInputElement => screen.getByRole('slider', { name: 'Loading, step by step' });
const reduced = (matches: boolean): void => {
  window.matchMedia = (media) =>
    ({
      media,
      matches: matches && media.includes('reduce'),
      addEventListener() {},
      removeEventListener() {},
    }) as unknown as MediaQueryList;
};
beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());
const after = (ms: number): void => act(() => jest.advanceTimersByTime(ms));

test('the play fills the pack from empty to full, a step at a time, and then is over', () => {
  reduced(false);
  open();
  fireEvent.click(screen.getByRole('button', { name: 'Play the loading' }));
  expect(slider().value).toBe('0');
  after(1200);
  expect(slider().value).toBe('1');
  for (let i = 1; i < loading.length; i += 1) after(1200);
  expect(slider().value).toBe(String(loading.length));
  expect(screen.getByRole('button', { name: 'Play the loading' })).toBeDefined();
});

test('it stops where it is asked to, and goes on from there; a hand on the slider stops it', () => {
  reduced(false);
  open();
  fireEvent.click(screen.getByRole('button', { name: 'Play the loading' }));
  after(1200);
  fireEvent.click(screen.getByRole('button', { name: 'Stop' }));
  after(5000);
  expect(slider().value).toBe('1');
  fireEvent.click(screen.getByRole('button', { name: 'Play the loading' }));
  after(1200);
  expect(slider().value).toBe('2');
  fireEvent.change(slider(), { target: { value: '5' } });
  after(5000);
  expect(slider().value).toBe('5');
});

test('who wants nothing to move by itself has the slider alone', () => {
  reduced(true);
  open();
  expect(screen.queryByRole('button')).toBeNull();
  expect(slider().max).toBe(String(loading.length));
});
