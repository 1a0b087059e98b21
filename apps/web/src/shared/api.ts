import type {
  AccountState,
  ErrorBody,
  InvitationOffer,
  InvitedRole,
  ScaleInfo,
  RemovedSummary,
  SheetProgress,
  StoredTrip,
  TripChange,
  TripLeaders,
  TripSummary,
  UnsentSheets,
} from '@graft/core/api';
import type { TripRecord } from '@graft/core/debrief';
import type { Library, LibraryEdit } from '@graft/core/library';
import type { FieldError, TakenAway } from '@graft/core/schema';
import type { EarlierTrip } from '@graft/core/share';
import type { PlacesBefore } from '@graft/core/stow';
import type { MessageKind, SendingAnswer, SheetMark, TripGlance, TripMessages } from '@graft/core/sheet';
import type { IncidentNote, KeptIncident } from '@graft/core/trail';
import type { DayWeather, Trip, TripEdit, TripStyle } from '@graft/core/trip';
import { wasNotReached, wasReached } from '../device/network';
import { OWN_PAGE, takeAsked } from './asked';

/** What the server refused, with every field error. */
export class ApiProblem extends Error {
  override readonly name = 'ApiProblem';
  constructor(
    readonly status: number,
    message: string,
    readonly errors: readonly FieldError[],
  ) {
    super(message);
  }
}

/** Told when an answer says that nobody is signed in any more. */
let onSignedOut: () => void = () => undefined;
export function whenSignedOut(listener: () => void): void {
  onSignedOut = listener;
}

/** A proxy whose server is away answers so. */
const NOBODY_THERE: ReadonlySet<number> = new Set([502, 503, 504]);

async function call<T>(path: string, init?: RequestInit): Promise<T> {
  const ahead = init?.method === undefined ? takeAsked(path) : undefined;
  const asked =
    ahead === undefined
      ? fetch(`/api${path}`, {
          ...init,
          headers: { ...OWN_PAGE, ...(init?.headers as Record<string, string> | undefined) },
        })
      : orAborted(ahead, init?.signal);
  asked.then(({ status }) => (NOBODY_THERE.has(status) ? wasNotReached() : wasReached()), wasNotReached);
  const response = await asked;
  if (response.status === 401) onSignedOut();
  if (response.status === 204) return undefined as T;
  const body: unknown = await response.json().catch(() => undefined);
  if (response.ok) return body as T;
  const error = (body as Partial<ErrorBody> | undefined)?.error;
  throw new ApiProblem(
    response.status,
    error?.message ?? `The server answered with status ${response.status}.`,
    error?.errors ?? [],
  );
}

/** An answer, waited for no longer than its asker has patience. */
const orAborted = (answer: Promise<Response>, signal: AbortSignal | null | undefined): Promise<Response> =>
  new Promise((resolve, reject) => {
    signal?.addEventListener('abort', () => reject(signal.reason as Error), { once: true });
    answer.then(resolve, reject);
  });

const asJson = (method: string, body: unknown): RequestInit => ({
  method,
  headers: { 'Content-Type': 'application/json' },
  body: JSON.stringify(body),
});

const trip = (id: string, rest = ''): string => `/trips/${encodeURIComponent(id)}${rest}`;

export const api = {
  account: () => call<AccountState>('/account'),
  signUp: (who: { email: string; name: string; password: string }) =>
    call<AccountState>('/account/sign-up', asJson('POST', who)),
  confirm: (token: string) => call<AccountState>('/account/confirm', asJson('POST', { token })),
  forgotten: (email: string) => call<AccountState>('/account/forgotten', asJson('POST', { email })),
  resetPassword: (token: string, password: string) =>
    call<AccountState>('/account/reset', asJson('POST', { token, password })),
  signIn: (who: { email: string; password: string }) =>
    call<AccountState>('/account/sign-in', asJson('POST', who)),
  demo: () => call<AccountState>('/account/demo', { method: 'POST' }),
  signOut: () => call<AccountState>('/account/sign-out', { method: 'POST' }),
  signOutEverywhere: () => call<AccountState>('/account/sign-out-everywhere', { method: 'POST' }),
  changePassword: (passwords: { current: string; next: string }) =>
    call<void>('/account/password', asJson('POST', passwords)),
  deleteAccount: (who: { email: string; password: string }) =>
    call<AccountState>('/account/delete', asJson('POST', who)),
  accountExportUrl: '/api/account/export',

  trips: () => call<{ trips: readonly TripSummary[] }>('/trips').then((r) => r.trips),
  /** @param patienceMs how long to wait for an answer */
  trip: (id: string, patienceMs?: number) =>
    call<StoredTrip>(trip(id), patienceMs === undefined ? {} : { signal: AbortSignal.timeout(patienceMs) }),
  glance: (id: string) => call<TripGlance>(trip(id, '/glance')),
  create: (spec: { name: string; startDate: string; days: number; style: TripStyle; timeZone: string }) =>
    call<{ id: string }>('/trips', asJson('POST', spec)),
  duplicate: (id: string, spec: { name: string; startDate: string }) =>
    call<{ id: string }>(trip(id, '/duplicate'), asJson('POST', spec)),
  archive: (id: string, archived: boolean) => call<void>(trip(id, '/archive'), asJson('POST', { archived })),
  restore: (id: string) => call<void>(trip(id, '/restore'), { method: 'POST' }),
  importFile: (text: string) => call<{ id: string }>('/trips/import', { method: 'POST', body: text }),
  edit: (id: string, version: number, edits: readonly TripEdit[]) =>
    call<{ version: number }>(trip(id, '/edits'), asJson('POST', { version, edits })),
  remove: (id: string, version: number) => call<void>(trip(id, `?version=${version}`), { method: 'DELETE' }),
  places: (id: string) => call<{ trips: readonly PlacesBefore[] }>(trip(id, '/places')).then((r) => r.trips),
  earlier: (id: string) => call<{ trips: readonly EarlierTrip[] }>(trip(id, '/earlier')).then((r) => r.trips),
  forecast: (id: string) =>
    call<{ weather: readonly DayWeather[] }>(trip(id, '/forecast')).then((r) => r.weather),
  exportUrl: (id: string) => `/api${trip(id, '/export')}`,
  removed: (id: string) =>
    call<{ removed: readonly RemovedSummary[] }>(trip(id, '/removed')).then((r) => r.removed),
  history: (id: string, below?: number) =>
    call<{ changes: readonly TripChange[] }>(
      trip(id, `/history${below === undefined ? '' : `?below=${below}`}`),
    ).then((r) => r.changes),
  atVersion: (id: string, version: number) =>
    call<{ trip: Trip }>(trip(id, `/history/${version}`)).then((r) => r.trip),
  removedPart: (id: string, partId: string) =>
    call<{ taken: TakenAway }>(trip(id, `/removed/${encodeURIComponent(partId)}`)).then((r) => r.taken),

  library: () => call<Library>('/library'),
  editLibrary: (version: number, edits: readonly LibraryEdit[]) =>
    call<{ version: number }>('/library/edits', asJson('POST', { version, edits })),

  scale: () => call<ScaleInfo>('/scale'),
  tareScale: () => call<void>('/scale/tare', { method: 'POST' }),
  loadScale: (massKg: number) => call<void>('/scale/pan', asJson('POST', { massKg })),
  scaleReadingsUrl: '/api/scale/readings',

  sheets: (id: string) => call<SheetProgress>(trip(id, '/sheets')),
  sheetEventsUrl: (id: string) => `/api${trip(id, '/sheets/events')}`,
  unsentSheets: (id: string) => call<UnsentSheets>(trip(id, '/sheets/unsent')),
  sendSheets: (id: string, version: number) =>
    call<{ memberIds: readonly string[] }>(trip(id, '/sheets/send'), asJson('POST', { version })),
  makeSheetLink: (id: string, memberId: string) =>
    call<{ token: string }>(trip(id, `/sheets/${encodeURIComponent(memberId)}/link`), { method: 'POST' }),
  withdrawSheetLink: (id: string, memberId: string) =>
    call<void>(trip(id, `/sheets/${encodeURIComponent(memberId)}/link`), { method: 'DELETE' }),
  tellMember: (id: string, memberId: string, marks: readonly SheetMark[]) =>
    call<void>(trip(id, `/sheets/${encodeURIComponent(memberId)}/marks`), asJson('POST', { marks })),

  messages: (id: string) => call<TripMessages>(trip(id, '/messages')),
  /** @param anew links are made anew for those who have one */
  sendMessages: (id: string, kind: MessageKind, memberIds: readonly string[], anew = false) =>
    call<SendingAnswer>(trip(id, '/messages'), asJson('POST', { kind, memberIds, anew })),
  setAddress: (id: string, memberId: string, address: string) =>
    call<void>(trip(id, `/messages/addresses/${encodeURIComponent(memberId)}`), asJson('PUT', { address })),

  incidents: (id: string) =>
    call<{ incidents: readonly KeptIncident[] }>(trip(id, '/incidents')).then((r) => r.incidents),
  addIncident: (id: string, noteId: string, note: IncidentNote) =>
    call<KeptIncident>(trip(id, '/incidents'), asJson('POST', { id: noteId, note })),
  records: (id: string) =>
    call<{ records: readonly TripRecord[] }>(trip(id, '/records')).then((r) => r.records),

  leaders: (id: string) => call<TripLeaders>(trip(id, '/leaders')),
  invite: (id: string, role: InvitedRole) =>
    call<{ token: string }>(trip(id, '/invitations'), asJson('POST', { role })),
  revokeInvitation: (id: string, invitationId: string) =>
    call<void>(trip(id, `/invitations/${invitationId}`), { method: 'DELETE' }),
  setRole: (id: string, userId: string, role: InvitedRole) =>
    call<void>(trip(id, `/leaders/${userId}`), asJson('PUT', { role })),
  removeLeader: (id: string, userId: string) =>
    call<void>(trip(id, `/leaders/${userId}`), { method: 'DELETE' }),
  invitation: (token: string) => call<InvitationOffer>(`/invitations/${encodeURIComponent(token)}`),
  acceptInvitation: (token: string) =>
    call<{ tripId: string }>(`/invitations/${encodeURIComponent(token)}/accept`, { method: 'POST' }),
};
