/** Asking a service outside of the application: whatever goes wrong there is told as what the service did. */
import type { AnySchema } from 'yup';
import { schemaErrors } from '@graft/core/schema';
import { ApiError } from './apiError.js';

export interface OutsideService {
  /** A 502 that says what the service did. */
  readonly unavailable: (what: string) => ApiError;
  /** Ask, for so long at most; whatever the answer's status is. */
  readonly ask: (url: string, init?: RequestInit) => Promise<Response>;
  /** The answer's JSON, checked. */
  readonly read: <T>(url: string, schema: AnySchema, headers?: Record<string, string>) => Promise<T>;
}

/**
 * @param name of the service, in words
 * @param instead what can be done without it
 * @param timeoutMs how long an answer may take; a caller's own signal takes its place
 */
export function outsideService(name: string, instead: string, timeoutMs: number): OutsideService {
  const unavailable = (what: string): ApiError =>
    new ApiError(502, 'unavailable', `The ${name} ${what}. ${instead}`);
  const orUnavailable = async <T>(work: () => Promise<T>): Promise<T> => {
    try {
      return await work();
    } catch (error) {
      const timedOut = error instanceof DOMException && error.name === 'TimeoutError';
      throw unavailable(timedOut ? `did not answer within ${timeoutMs / 1000} s` : 'cannot be reached');
    }
  };
  const ask = (url: string, init?: RequestInit): Promise<Response> =>
    orUnavailable(() => fetch(url, { signal: AbortSignal.timeout(timeoutMs), ...init }));
  return {
    unavailable,
    ask,
    read: async <T>(url: string, schema: AnySchema, headers = {}): Promise<T> => {
      const answer = await ask(url, { headers });
      if (!answer.ok) throw unavailable(`answered with status ${answer.status}`);
      const body = await orUnavailable((): Promise<unknown> => answer.json());
      const [error] = schemaErrors(schema, body);
      if (error !== undefined)
        throw unavailable(`answered with something else (${error.path}: ${error.message})`);
      return body as T;
    },
  };
}
