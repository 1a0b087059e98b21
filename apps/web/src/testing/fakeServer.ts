/** The part of the server that an open trip speaks to, in memory: stores edits by version, keeps a library. */
import type { Account, SheetProgress } from '@graft/core/api';
import type { TripRecord } from '@graft/core/debrief';
import { applyLibraryEdits, type Library, type LibraryEdit, type LibraryEntry } from '@graft/core/library';
import type { EarlierTrip } from '@graft/core/share';
import type { IncidentNote, KeptIncident } from '@graft/core/trail';
import { applyEdits, type Trip, type TripEdit } from '@graft/core/trip';

export interface FakeServer {
  trip: Trip;
  version: number;
  library: Library;
  /** From and to members from their sheets. */
  sheets: SheetProgress;
  /** What the members carried before. */
  earlier: readonly EarlierTrip[];
  /** What earlier trips teach, and the incident log. */
  records: readonly TripRecord[];
  incidents: KeptIncident[];
  /** Answers the next edits of the trip with this status and message instead of storing them. */
  refuse: { readonly status: number; readonly message: string } | undefined;
  /** While it cannot be reached nothing is answered. */
  down: boolean;
  /** Every call, as "POST /trips/t/edits". */
  readonly calls: string[];
}

const OLGA: Account = { id: 'olga', email: 'olga@example.org', name: 'Olga', demo: false };

export function fakeServer(trip: Trip, library: readonly LibraryEntry[] = []): FakeServer {
  const server: FakeServer = {
    trip,
    version: 1,
    library: { version: 1, entries: library },
    sheets: { links: [], marks: {} },
    earlier: [],
    records: [],
    incidents: [],
    refuse: undefined,
    down: false,
    calls: [],
  };
  const answer = (status: number, body: unknown): Response =>
    ({ status, ok: status < 400, json: () => Promise.resolve(body) }) as Response;
  globalThis.fetch = (input, init) => {
    const path = String(input).replace('/api', '');
    server.calls.push(`${init?.method ?? 'GET'} ${path}`);
    if (server.down) return Promise.reject(new TypeError('Failed to fetch'));
    const body = (): unknown => JSON.parse(String(init?.body));
    if (path.endsWith('/messages'))
      return Promise.resolve(
        answer(200, { service: { name: 'Simulated outbox', simulated: true }, addresses: {}, messages: [] }),
      );
    if (path.endsWith('/sheets')) return Promise.resolve(answer(200, server.sheets));
    if (path === '/account') return Promise.resolve(answer(200, { account: OLGA, demoOffered: false }));
    if (path.endsWith('/records')) return Promise.resolve(answer(200, { records: server.records }));
    if (path.endsWith('/incidents')) {
      if (init?.method !== 'POST') return Promise.resolve(answer(200, { incidents: server.incidents }));
      const { id, note } = body() as { id: string; note: IncidentNote };
      const kept = { ...note, id, writtenAt: '2027-08-21T11:30:00.000Z', writtenBy: OLGA.name };
      server.incidents = [...server.incidents, kept];
      return Promise.resolve(answer(201, kept));
    }
    if (path.endsWith('/earlier')) return Promise.resolve(answer(200, { trips: server.earlier }));
    if (path === '/library') return Promise.resolve(answer(200, server.library));
    if (path === '/library/edits') {
      const { edits } = body() as { edits: readonly LibraryEdit[] };
      const { version, entries } = server.library;
      server.library = { version: version + 1, entries: applyLibraryEdits(entries, edits) };
      return Promise.resolve(answer(200, { version: server.library.version }));
    }
    if (path.endsWith('/edits')) {
      if (server.refuse !== undefined) {
        const { status, message } = server.refuse;
        server.refuse = undefined;
        return Promise.resolve(answer(status, { error: { message, errors: [] } }));
      }
      const { version, edits } = body() as { version: number; edits: readonly TripEdit[] };
      if (version !== server.version)
        return Promise.resolve(answer(409, { error: { message: 'Changed elsewhere.', errors: [] } }));
      server.trip = applyEdits(server.trip, edits);
      server.version += 1;
      return Promise.resolve(answer(200, { version: server.version }));
    }
    if (path.startsWith('/trips/'))
      return Promise.resolve(
        answer(200, { id: server.trip.id, trip: server.trip, version: server.version, role: 'owner' }),
      );
    throw new Error(`the fake server does not know ${path}`);
  };
  return server;
}
