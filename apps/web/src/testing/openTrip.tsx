/** A part of the page around an open trip, with all that it stands in, before a server in memory. */
import { ChakraProvider } from '@chakra-ui/react/styled-system';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import { configure } from '@testing-library/dom';
import userEvent, { type UserEvent } from '@testing-library/user-event';
import { Suspense, type ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import type { SheetProgress, TripRole } from '@graft/core/api';
import type { TripRecord } from '@graft/core/debrief';
import type { LibraryEntry } from '@graft/core/library';
import type { Trip } from '@graft/core/trip';
import { StationLine } from '../app/StationLine';
import { AccountProvider } from '../shared/AccountProvider';
import { PreferencesProvider } from '../shared/preferences';
import { TripProvider } from '../shared/TripProvider';
import { PlanFiguresProvider } from '../shared/planContext';
import { WhyProvider } from '../shared/Why';
import { openSession } from '../shared/tripSession';
import { system } from '../theme/system';
import { fakeServer, type FakeServer } from './fakeServer';

// A page of hundreds of parts on a slow machine; and a failure need not print all of them.
configure({
  asyncUtilTimeout: 30_000,
  getElementError: (message) => Object.assign(new Error(message ?? 'not found'), { name: 'NotFound' }),
});

export interface OpenTrip {
  readonly server: FakeServer;
  readonly user: UserEvent;
}

export function Providers({ at = '/', children }: { at?: string; children: ReactNode }) {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  return (
    <ChakraProvider value={system}>
      <QueryClientProvider client={queries}>
        <PreferencesProvider>
          <AccountProvider>
            <WhyProvider>
              <MemoryRouter initialEntries={[at]}>{children}</MemoryRouter>
            </WhyProvider>
          </AccountProvider>
        </PreferencesProvider>
      </QueryClientProvider>
    </ChakraProvider>
  );
}

export function openTrip(
  trip: Trip,
  part: ReactNode,
  {
    role = 'owner',
    library = [],
    line = false,
    sheets,
    at,
    records,
  }: {
    role?: TripRole;
    library?: readonly LibraryEntry[];
    /** With the line of stations over it. */
    line?: boolean;
    sheets?: SheetProgress;
    /** The page's address. */
    at?: string;
    records?: readonly TripRecord[];
  } = {},
): OpenTrip {
  sessionStorage.clear();
  const server = fakeServer(trip, library);
  if (sheets !== undefined) server.sheets = sheets;
  if (records !== undefined) server.records = records;
  render(
    <Providers {...(at === undefined ? {} : { at })}>
      <TripProvider
        opened={{ stored: { id: trip.id, trip, version: 1, role }, session: openSession(trip, 1) }}
      >
        <PlanFiguresProvider>
          {line && <StationLine />}
          <Suspense fallback={null}>{part}</Suspense>
        </PlanFiguresProvider>
      </TripProvider>
    </Providers>,
  );
  return { server, user: userEvent.setup() };
}
