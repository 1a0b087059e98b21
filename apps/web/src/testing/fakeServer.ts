/** The part of the server that an open trip speaks to, in memory: stores edits by version, keeps a library. */
import { http, HttpResponse, type HttpHandler } from 'msw';
import { setupServer } from 'msw/node';
import type { Account, SheetProgress, UnsentSheets } from '@graft/core/api';
import type { TripRecord } from '@graft/core/debrief';
import { editedTripErrors } from '@graft/core/formats';
import { applyLibraryEdits, type Library, type LibraryEdit, type LibraryEntry } from '@graft/core/library';
import type { FieldError } from '@graft/core/schema';
import type { EarlierTrip } from '@graft/core/share';
import type { PlacesBefore } from '@graft/core/stow';
import type { IncidentNote, KeptIncident } from '@graft/core/trail';
import { applyEdits, type Trip, type TripEdit } from '@graft/core/trip';

export interface FakeServer {
  trip: Trip;
  version: number;
  library: Library;
  /** From and to members from their sheets. */
  sheets: SheetProgress;
  /** What sheets do not show yet, and the versions that were sent. */
  unsent: UnsentSheets;
  readonly sent: number[];
  /** What the members carried before. */
  earlier: readonly EarlierTrip[];
  /** Where they kept their things before. */
  places: readonly PlacesBefore[];
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

const network = setupServer();
beforeAll(() => network.listen({ onUnhandledRequest: 'error' }));
afterAll(() => network.close());

/** A server with one trip; it takes the place of the one that was asked for before. */
export function fakeServer(trip: Trip, library: readonly LibraryEntry[] = []): FakeServer {
  const server: FakeServer = {
    trip,
    version: 1,
    library: { version: 1, entries: library },
    sheets: { links: [], marks: {} },
    unsent: { version: 1, members: [] },
    sent: [],
    earlier: [],
    places: [],
    records: [],
    incidents: [],
    refuse: undefined,
    down: false,
    calls: [],
  };
  const reached = http.all('*/api/*', ({ request }) => {
    server.calls.push(`${request.method} ${new URL(request.url).pathname.replace('/api', '')}`);
    // Where nothing is answered here, the handlers after this one are asked.
    return server.down ? HttpResponse.error() : undefined;
  });
  network.resetHandlers(reached, ...around(server), ...libraryOf(server), ...tripOf(server));
  return server;
}

/** What stands around a trip. */
function around(server: FakeServer): readonly HttpHandler[] {
  const outbox = { service: { name: 'Simulated outbox', simulated: true }, addresses: {}, messages: [] };
  return [
    http.get('*/api/health', () => HttpResponse.json({ ok: true })),
    http.post('*/api/account/sign-out', () =>
      HttpResponse.json({ account: null, demoOffered: false, mail: false }),
    ),
    http.get('*/api/account', () => HttpResponse.json({ account: OLGA, demoOffered: false, mail: false })),
    http.get('*/api/trips/:id/messages', () => HttpResponse.json(outbox)),
    http.get('*/api/trips/:id/sheets/unsent', () => HttpResponse.json(server.unsent)),
    http.post('*/api/trips/:id/sheets/send', async ({ request }) => {
      server.sent.push(((await request.json()) as { version: number }).version);
      server.unsent = { ...server.unsent, members: [] };
      return HttpResponse.json({ memberIds: [] });
    }),
    http.get('*/api/trips/:id/sheets', () => HttpResponse.json(server.sheets)),
    http.get('*/api/trips/:id/earlier', () => HttpResponse.json({ trips: server.earlier })),
    http.get('*/api/trips/:id/places', () => HttpResponse.json({ trips: server.places })),
    http.get('*/api/trips/:id/records', () => HttpResponse.json({ records: server.records })),
    http.get('*/api/trips/:id/incidents', () => HttpResponse.json({ incidents: server.incidents })),
    http.post('*/api/trips/:id/incidents', async ({ request }) => {
      const { id, note } = (await request.json()) as { id: string; note: IncidentNote };
      const kept = { ...note, id, writtenAt: '2027-08-21T11:30:00.000Z', writtenBy: OLGA.name };
      server.incidents = [...server.incidents, kept];
      return HttpResponse.json(kept, { status: 201 });
    }),
  ];
}

function libraryOf(server: FakeServer): readonly HttpHandler[] {
  return [
    http.get('*/api/library', () => HttpResponse.json(server.library)),
    http.post('*/api/library/edits', async ({ request }) => {
      const { edits } = (await request.json()) as { edits: readonly LibraryEdit[] };
      const { version, entries } = server.library;
      server.library = { version: version + 1, entries: applyLibraryEdits(entries, edits) };
      return HttpResponse.json({ version: server.library.version });
    }),
  ];
}

function tripOf(server: FakeServer): readonly HttpHandler[] {
  const refused = (
    status: number,
    message: string,
    errors: readonly FieldError[] = [],
  ): HttpResponse<object> => HttpResponse.json({ error: { message, errors } }, { status });
  return [
    http.get('*/api/trips/:id', () => {
      const { trip, version } = server;
      return HttpResponse.json({ id: trip.id, trip, version, role: 'owner' });
    }),
    http.post('*/api/trips/:id/edits', async ({ request }) => {
      const { refuse } = server;
      if (refuse !== undefined) {
        server.refuse = undefined;
        return refused(refuse.status, refuse.message);
      }
      const { version, edits } = (await request.json()) as { version: number; edits: readonly TripEdit[] };
      if (version !== server.version) return refused(409, 'Changed elsewhere.');
      const after = applyEdits(server.trip, edits);
      const errors = editedTripErrors(after);
      if (errors.length > 0) return refused(400, 'The change would leave the trip broken.', errors);
      server.trip = after;
      server.version += 1;
      return HttpResponse.json({ version: server.version });
    }),
  ];
}
