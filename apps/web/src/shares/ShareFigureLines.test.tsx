/** @jest-environment jest-fixed-jsdom */
import { act, screen } from '@testing-library/react';
import { tripBoundNow } from '@graft/core/share';
import { demoTrip } from '../testing/demo';
import { engineHere, solverHere } from '../testing/engineHere';
import { openTrip } from '../testing/openTrip';
import type { BoundAsker } from '../workers/bound';
import { SharesStation } from './SharesStation';

type Asked = Parameters<BoundAsker['ask']>;
let mockAsked: Asked[] = [];

jest.mock('../workers/engine', () => engineHere);
jest.mock('../workers/solver', () => solverHere);
jest.mock('../testing/boundHere', () => ({
  startBounds: (): BoundAsker => ({
    ask: (...asked) => void mockAsked.push(asked),
    close: () => undefined,
  }),
}));

const gap = (): string => screen.getByTestId('gap').textContent;
beforeEach(() => (mockAsked = []));

test('until the bound is worked out nothing is claimed; then its distance is told', () => {
  openTrip(demoTrip('hut-roof'), <SharesStation />);
  expect(gap()).toBe('…');
  expect(screen.queryByTestId('verdict')).toBeNull();
  const [trip, answer] = mockAsked.at(-1)!;
  act(() => answer(tripBoundNow(trip)));
  expect(gap()).toMatch(/^(nothing|[\d.]+ % at most)$/);
  expect(screen.getByTestId('verdict')).toBeDefined();
});

test('a bound that could not be worked out is said, with why', () => {
  openTrip(demoTrip('hut-roof'), <SharesStation />);
  act(() => mockAsked.at(-1)![2]('the worker ran out of memory'));
  expect(gap()).toBe('not known');
  expect(
    screen.getByText('how low a share can get could not be worked out: the worker ran out of memory'),
  ).toBeDefined();
});
