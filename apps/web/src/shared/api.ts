import type { ErrorBody, FieldError, StoredTrip, TripEdit, TripSummary } from '@graft/core';

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

async function call<T>(path: string, init?: RequestInit): Promise<T> {
  const response = await fetch(`/api${path}`, init);
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

const asJson = (method: string, body: unknown): RequestInit => ({
  method,
  headers: { 'Content-Type': 'application/json' },
  body: JSON.stringify(body),
});

export const api = {
  trips: () => call<{ trips: readonly TripSummary[] }>('/trips').then((r) => r.trips),
  trip: (id: string) => call<StoredTrip>(`/trips/${encodeURIComponent(id)}`),
  create: (trip: { name: string; startDate: string; days: number }) =>
    call<{ id: string }>('/trips', asJson('POST', trip)),
  importFile: (text: string) => call<{ id: string }>('/trips/import', { method: 'POST', body: text }),
  edit: (id: string, version: number, edits: readonly TripEdit[]) =>
    call<{ version: number }>(`/trips/${encodeURIComponent(id)}/edits`, asJson('POST', { version, edits })),
  remove: (id: string, version: number) =>
    call<void>(`/trips/${encodeURIComponent(id)}?version=${version}`, { method: 'DELETE' }),
  exportUrl: (id: string) => `/api/trips/${encodeURIComponent(id)}/export`,
};
